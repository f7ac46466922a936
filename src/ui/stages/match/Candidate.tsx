'use client'

import { useState } from 'react'
import { classRemark } from '@/core/capacitor/safetyClass'
import { type CandidateRow, fieldText } from '@/core/job'
import { candidatePart } from '@/core/job/parts/candidates'
import { capacitorSizes } from '@/core/match/columns'
import { likeThis } from '@/core/match/likeThis'
import { type DataField, motorData, tradeData } from '@/core/match/motorData'
import { classSentence } from '@/wording/sayMatch'
import { useJob } from '../../job/JobProvider'
import { TextField } from '../../kit/TextField'
import { DataInput } from '../../pieces/DataInput'
import { PasteText } from '../../plate/PasteText'
import { PlatePhoto } from '../../plate/PlatePhoto'

interface CandidateProps {
  row: CandidateRow
  /** The verdict in a few words, as the sheet says it. */
  verdict: string
  startsOpen: boolean
}

/** One part beside the old one: its name, the few figures that decide, the rest folded. */
export function Candidate({ row, verdict, startsOpen }: CandidateProps) {
  const { snapshot, act } = useJob()
  const [open, setOpen] = useState(startsOpen)
  const chosen = fieldText(snapshot, 'choice', row.part) === row.id
  return (
    <li className="border-line border-b py-2" data-testid="candidate">
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          className="min-w-[min(10rem,100%)] flex-1"
          label="What it is, and where it was seen"
          value={row.name}
          placeholder="the one at the counter"
          onType={(name) => act({ kind: 'candidate.rename', id: row.id, name })}
        />
        <p className="min-w-32 flex-1 pb-2.5 leading-tight" role="status">
          {verdict}
          {chosen ? <b className="ml-2 text-teal">chosen</b> : null}
        </p>
        <button type="button" className="btn" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Fold' : 'Its figures'}
        </button>
        <button
          type="button"
          className="btn btn-plain btn-stop"
          onClick={() => act({ kind: 'candidate.remove', id: row.id })}
        >
          Take away
        </button>
      </div>
      {row.part === 'capacitor' ? (
        <ClassNote
          old={fieldText(snapshot, 'capacitor-old', 'label')}
          fresh={fieldText(snapshot, candidatePart(row.id), 'label')}
        />
      ) : null}
      {open ? (
        <div className="mt-2 pl-1">
          <PlatePhoto kind={row.part} target={{ part: candidatePart(row.id), candidate: true }} />
          <PasteText kind={row.part} target={{ part: candidatePart(row.id), candidate: true }} />
          {row.part === 'motor' ? <MotorFigures row={row} /> : <CapacitorFigures row={row} />}
        </div>
      ) : null}
    </li>
  )
}

const quick = motorData.filter((field) => field.quick)
const rest = [...motorData.filter((field) => !field.quick), ...tradeData]

function MotorFigures({ row }: { row: CandidateRow }) {
  return (
    <>
      <div className="mt-3 grid grid-cols-2 items-end gap-x-3 gap-y-2 mid:grid-cols-6">
        {quick.map((field) => (
          <Figure key={field.field} row={row} field={field} />
        ))}
      </div>
      <details className="mt-1">
        <summary className="flex min-h-11 items-center font-semibold text-teal underline underline-offset-4">
          All its figures
        </summary>
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 mid:grid-cols-4">
          {rest.map((field) => (
            <Figure key={field.field} row={row} field={field} />
          ))}
        </div>
      </details>
    </>
  )
}

function Figure({ row, field }: { row: CandidateRow; field: DataField }) {
  const { snapshot, act, id } = useJob()
  const part = candidatePart(row.id)
  return (
    <DataInput
      field={likeThis(field, snapshot.machine, snapshot.household)}
      inches={snapshot.household.inches === 1}
      typed={fieldText(snapshot, part, field.field)}
      onType={(typed) => act({ kind: 'field.set', id: id(), part, field: field.field, typed })}
    />
  )
}

function CapacitorFigures({ row }: { row: CandidateRow }) {
  const { snapshot, act, id } = useJob()
  const part = candidatePart(row.id)
  const text = (field: string) => fieldText(snapshot, part, field)
  const set = (field: string) => (typed: string) => act({ kind: 'field.set', id: id(), part, field, typed })
  return (
    <div className="mt-3 grid grid-cols-2 gap-x-3 gap-y-2 mid:grid-cols-5">
      <TextField
        className="col-span-2"
        label="Its label, as printed"
        value={text('label')}
        placeholder="5 µF ±6 % 370 V"
        mono
        onType={set('label')}
      />
      {capacitorSizes.map((field) => (
        <DataInput
          key={field.field}
          field={field}
          typed={text(field.field)}
          inches={snapshot.household.inches === 1}
          onType={set(field.field)}
        />
      ))}
    </div>
  )
}

/** One that fails less safely than the old one is told so where it is chosen. */
function ClassNote({ old, fresh }: { old: string; fresh: string }) {
  const remark = fresh.trim() === '' ? null : classRemark(old, fresh)
  if (!remark) return null
  return (
    <p className="mt-1 max-w-[70ch] border-stop border-l-4 pl-2" role="status">
      {classSentence(remark, old, fresh)}
    </p>
  )
}
