'use client'

import Link from 'next/link'
import { useEffect, useState } from 'react'
import { onlyPlug, type PointRow } from '@/core/job'
import { isolationPlans } from '@/core/knowledge/isolation'
import { isolationNotes } from '@/core/knowledge/isolationNotes'
import { signsInside } from '@/core/knowledge/stopSigns'
import { type IsolationPointId, vocabulary } from '@/core/knowledge/vocabulary'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Rest } from '../../kit/Rest'
import { Section } from '../../kit/Section'
import { SelectField, TextField } from '../../kit/TextField'
import { sayWho, whoIsHere } from '../../kit/who'
import { GoOn } from '../GoOn'
import { StopSigns } from '../StopSigns'
import { Beside } from './Beside'
import { ChargeBlock } from './ChargeBlock'
import { CircuitLine, WhichBreaker } from './Circuit'
import { Covers } from './Covers'
import { NextTick } from './NextTick'
import { PointLine } from './PointLine'
import { ProofBlock } from './ProofBlock'
import { PlaceQuestions, PlanQuestions } from './Questions'
import { WaitBlock } from './WaitBlock'

/** Stage 2: every point opened and held, proved dead, discharged, waited. */
export function MakeDeadStage() {
  const { snapshot, energy, act, id } = useJob()
  const plan = isolationPlans[snapshot.machine.family]
  const points = snapshot.points.filter((point) => !point.struckAt)
  const next = points.find(({ openedAt }) => openedAt === null)
  return (
    <>
      <Beside />
      <Block name="The next tick">
        <NextTick />
      </Block>
      <Section
        part="points"
        title="Switch these off, one after another"
        aside={`${energy.openPoints} of ${energy.allPoints} ${energy.allPoints === 1 ? 'point is' : 'points are'} off. Tell everybody in the house.`}
      >
        <ul>
          {points.map((point) => (
            <PointLine
              key={point.id}
              point={point}
              what={pointAct(point, plan.points)}
              next={point.id === next?.id}
            />
          ))}
        </ul>
        <CircuitLine />
        <Rest>
          <Who />
          <WhichBreaker />
          <AddPoint onAdd={(point) => act({ kind: 'point.add', id: id(), point })} />
        </Rest>
        <Link
          prefetch={false}
          className="btn btn-plain -ml-2 text-sm"
          href={`/jobs/${snapshot.job.id}/where`}
        >
          Where everything sits, and is this for me?
        </Link>
        {isolationNotes[snapshot.machine.family].map((note) => (
          <p key={note} className="mt-1 max-w-[72ch] border-ink border-l-2 pl-3 text-[0.93rem]">
            {note}
          </p>
        ))}
      </Section>
      <Block name="The questions of the plan">
        {plan.supply === 'battery' ? null : (
          <Section
            part="questions"
            title="First: what feeds it"
            aside="“Not sure” says what helps; nothing is taken for answered."
          >
            <PlanQuestions />
            {onlyPlug(snapshot) ? null : <PlaceQuestions />}
          </Section>
        )}
      </Block>
      <StopSigns title="Stop here if you see one of these" rules={signsInside(snapshot.machine.family)} />
      <Block name="The covers">
        <Covers />
      </Block>
      <Block name="The proof">
        <ProofBlock />
      </Block>
      <Block name="The discharge">
        <ChargeBlock />
      </Block>
      <Block name="The waits">
        <WaitBlock />
      </Block>
      <GoOn from="make-dead" />
      {snapshot.job.phase !== 'work' ? (
        <Section part="always" title="The power may be on">
          <button
            type="button"
            className="btn btn-main"
            onClick={() => act({ kind: 'job.phase', phase: 'work' })}
          >
            The test is over: isolate again
          </button>
        </Section>
      ) : null}
      <StruckList />
      <p className="caption mt-2 max-w-[72ch]">
        Local codes and licensed trades come before this list. Where you are not sure, stop and ask one.
      </p>
    </>
  )
}

/** What was struck from the plan, each with its reason and the way back. */
function StruckList() {
  const { snapshot, act } = useJob()
  const struck = [...snapshot.points, ...snapshot.charges, ...snapshot.waits].filter((row) => row.struckAt)
  if (struck.length === 0) return null
  return (
    <Section title="Struck from the plan">
      <ul>
        {struck.map((row) => (
          <li key={row.id} className="flex items-center justify-between gap-3 border-line border-b py-1">
            <span>
              <s>{row.label}</s> <span className="caption">{row.strikeReason}</span>
            </span>
            <button
              type="button"
              className="btn btn-plain"
              onClick={() =>
                act({
                  kind:
                    'point' in row ? 'point.restore' : 'minutes' in row ? 'wait.restore' : 'charge.restore',
                  id: row.id,
                })
              }
            >
              Put back
            </button>
          </li>
        ))}
      </ul>
    </Section>
  )
}

/** The record says by whom: a name kept on this device. */
function Who() {
  const [name, setName] = useState('')
  useEffect(() => setName(whoIsHere()), [])
  return (
    <TextField
      className="max-w-xs pt-3"
      label="Who is working here, for the record"
      value={name}
      placeholder="your name"
      onType={(typed) => {
        setName(typed)
        sayWho(typed)
      }}
    />
  )
}

function AddPoint({ onAdd }: { onAdd: (point: IsolationPointId) => void }) {
  const [chosen, setChosen] = useState('')
  const options = Object.entries(vocabulary.isolationPoints).map(([value, label]) => ({ value, label }))
  return (
    <div className="flex max-w-md items-end gap-2 py-3">
      <SelectField
        className="flex-1"
        label="This machine also has"
        value={chosen}
        empty="choose a point"
        options={options}
        onChoose={setChosen}
      />
      <button
        type="button"
        className="btn"
        disabled={!chosen}
        onClick={() => {
          onAdd(chosen as IsolationPointId)
          setChosen('')
        }}
      >
        Add
      </button>
    </div>
  )
}

/** What is done at it, in the words of the plan; with its circuit where it is not the first. */
function pointAct(point: PointRow, planned: { point: string; act: string }[]): string {
  const act = planned.find((each) => each.point === point.point)?.act
  if (!act) return point.label
  return point.feed > 1 ? `${act}: the one of circuit ${point.feed}` : act
}
