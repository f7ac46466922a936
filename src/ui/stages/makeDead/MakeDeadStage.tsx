'use client'

import { useState } from 'react'
import { feedsOf, onlyPlug, type PointRow, standingProof } from '@/core/job'
import { isolationPlans } from '@/core/knowledge/isolation'
import { type IsolationPointId, vocabulary } from '@/core/knowledge/vocabulary'
import { useJob } from '../../job/JobProvider'
import { Chips } from '../../kit/Chips'
import { Section } from '../../kit/Section'
import { SelectField, TextField } from '../../kit/TextField'
import { Tick } from '../../kit/Tick'
import { clock } from '../../kit/time'
import { breakLabel } from '../../pieces/powerLineModel'
import { GoOn } from '../GoOn'
import { StopSigns } from '../StopSigns'
import { ChargeBlock } from './ChargeBlock'
import { NextTick } from './NextTick'
import { ProofBlock } from './ProofBlock'
import { Strike } from './Strike'
import { WaitBlock } from './WaitBlock'

/** Stage 2: every point opened and held, proved dead, discharged, waited. */
export function MakeDeadStage() {
  const { snapshot, energy, act, id } = useJob()
  const plan = isolationPlans[snapshot.machine.family]
  const points = snapshot.points.filter((point) => !point.struckAt)
  const struck = [...snapshot.points, ...snapshot.charges, ...snapshot.waits].filter((row) => row.struckAt)
  const plugProof = onlyPlug(snapshot)
  return (
    <>
      <NextTick plug={plugProof} />
      <Section
        title="Go round the points"
        aside={`${energy.openPoints} of ${energy.allPoints} open. Tell everybody in the house.`}
      >
        <ul>
          {points.map((point) => (
            <PointLine
              key={point.id}
              point={point}
              act1={plan.points.find((planned) => planned.point === point.point)?.act ?? point.label}
            />
          ))}
        </ul>
        <AddPoint onAdd={(point) => act({ kind: 'point.add', id: id(), point })} />
        {plan.notes.map((note) => (
          <p key={note} className="mt-1 max-w-[72ch] border-ink border-l-2 pl-3 text-[0.93rem]">
            {note}
          </p>
        ))}
      </Section>
      <StopSigns
        title="Stop here if you see one of these"
        rules={[
          'aluminium-or-no-ground',
          'burnt-supply',
          'water-on-electrics',
          'asbestos-suspect',
          'sealed-high-voltage',
          'not-sure',
        ]}
      />
      <Feeds />
      <ProofBlock plug={plugProof} proof={standingProof(snapshot)} place={plan.provePlace} />
      <ChargeBlock />
      <WaitBlock />
      <GoOn from="make-dead" />
      {snapshot.job.phase !== 'work' ? (
        <Section title="The power may be on">
          <button
            type="button"
            className="btn btn-main"
            onClick={() => act({ kind: 'job.phase', phase: 'work' })}
          >
            The test is over: isolate again
          </button>
        </Section>
      ) : null}
      {struck.length > 0 ? (
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
                        'point' in row
                          ? 'point.restore'
                          : 'minutes' in row
                            ? 'wait.restore'
                            : 'charge.restore',
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
      ) : null}
      <p className="caption mt-2 max-w-[72ch]">
        Local codes and licensed trades come before this list. Where you are not sure, stop and ask one.
      </p>
    </>
  )
}

/** A light, a heater or a second switch may bring a circuit of its own into the same housing: each is proved. */
function Feeds() {
  const { snapshot, act, id } = useJob()
  if (onlyPlug(snapshot)) return null
  const feeds = feedsOf(snapshot.fields)
  return (
    <div className="rule-top grid gap-x-5 gap-y-1 py-3 mid:grid-cols-[minmax(0,1fr)_auto]">
      <p className="leading-snug">
        <b>How many circuits feed this housing?</b>{' '}
        <span className="caption">
          A light, a heater or a second switch may bring its own; electric heat has two or more.
        </span>
      </p>
      <Chips
        label="Circuits that feed this housing"
        values={['1', '2', '3'].map((value) => ({ value, label: value }))}
        chosen={String(feeds)}
        onChoose={(value) =>
          act({ kind: 'field.set', id: id(), part: 'plan', field: 'feeds', typed: value ?? '' })
        }
      />
    </div>
  )
}

function PointLine({ point, act1 }: { point: PointRow; act1: string }) {
  const { act, snapshot } = useJob()
  const open = point.openedAt !== null
  return (
    <li className="grid grid-cols-[44px_minmax(0,1fr)] items-center gap-x-2 border-line border-b py-1 mid:grid-cols-[44px_minmax(0,1fr)_240px_92px]">
      <Tick
        label={`${act1}${open ? `, ${breakLabel[point.point].open} ${clock(point.openedAt)}` : ''}`}
        on={open}
        disabled={snapshot.job.phase !== 'work'}
        onChange={(on) =>
          act(on ? { kind: 'point.open', id: point.id } : { kind: 'point.close', id: point.id })
        }
      />
      <span className="leading-tight">
        <span className="block font-semibold">{act1}</span>
        <span className="num caption">
          {open ? `${breakLabel[point.point].open} ${clock(point.openedAt)}` : breakLabel[point.point].closed}
        </span>
      </span>
      <TextField
        className="col-start-2 mid:col-start-auto"
        label={`How ${point.label} is held open`}
        hideLabel
        value={point.held}
        placeholder="how it is held open"
        onType={(held) => act({ kind: 'point.held', id: point.id, held })}
      />
      <span className="col-start-2 mid:col-start-auto">
        <Strike
          what={point.label}
          onStrike={(reason) => act({ kind: 'point.strike', id: point.id, reason })}
        />
      </span>
    </li>
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
