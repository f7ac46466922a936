'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { columnsOf, guessMapping, type PartKind, partOfLine } from '@/core/match/columns'
import type { CatalogueRow } from '@/server/parts'
import { Section } from '../kit/Section'
import { SelectField, TextField } from '../kit/TextField'
import { type ImportPlan, type ImportReport, importList, previewOf } from './importList'
import { Report } from './Report'

const PREVIEW = 12

/** A price list of a shop or a seller, as CSV: which column is what, a look at its first lines, then all of it. */
export function ImportForm({ known }: { known: CatalogueRow[] }) {
  const router = useRouter()
  const [file, setFile] = useState<File | null>(null)
  const [lines, setLines] = useState<string[][]>([])
  const [plan, setPlan] = useState<ImportPlan | null>(null)
  const [share, setShare] = useState<number | null>(null)
  const [report, setReport] = useState<ImportReport | null>(null)
  const [error, setError] = useState('')
  const running = useRef<AbortController | null>(null)
  const open = async (chosen: File) => {
    setReport(null)
    setError('')
    try {
      const rows = await previewOf(chosen, PREVIEW + 1)
      const [headers, ...rest] = rows
      if (!headers || rest.length === 0) throw new Error('empty')
      setFile(chosen)
      setLines(rest)
      setPlan(planFor(chosen.name.replace(/\.[^.]*$/, ''), headers, 'motor', known))
    } catch {
      setError(
        'This is no list of parts: it needs a line of captions and at least one part, parted by commas.',
      )
    }
  }
  const start = async () => {
    if (!file || !plan) return
    const abort = new AbortController()
    running.current = abort
    setShare(0)
    setError('')
    try {
      setReport(await importList(file, plan, abort.signal, setShare))
      setPlan(null)
      router.refresh()
    } catch (failure) {
      setError(failure instanceof Error ? failure.message : 'The list could not be read.')
    }
    setShare(null)
  }
  return (
    <Section title="Take in a list" aside="CSV: a line of captions, then a line for each part">
      <label className="btn inline-flex" htmlFor="list-file">
        Choose a file
      </label>
      <input
        id="list-file"
        type="file"
        accept=".csv,text/csv,text/plain"
        className="sr-only"
        onChange={(event) => {
          const chosen = event.target.files?.[0]
          if (chosen) void open(chosen)
          event.target.value = ''
        }}
      />
      {error ? (
        <p role="alert" className="mt-2 border-stop border-l-4 pl-2">
          {error}
        </p>
      ) : null}
      {plan ? (
        <>
          <PlanFields plan={plan} known={known} onChange={setPlan} />
          <MappingTable plan={plan} lines={lines} onChange={setPlan} />
          <div className="mt-3 flex flex-wrap items-center gap-3">
            {share === null ? (
              <button
                type="button"
                className="btn btn-main"
                disabled={!plan.mapping.includes('partNumber')}
                onClick={() => void start()}
              >
                Take it in
              </button>
            ) : (
              <>
                <progress
                  className="h-2 w-48 accent-[var(--teal)]"
                  value={share}
                  max={1}
                  aria-label="Taken in"
                />
                <span className="num text-sm">{`${Math.round(share * 100)} %`}</span>
                <button type="button" className="btn" onClick={() => running.current?.abort()}>
                  Stop
                </button>
              </>
            )}
            {plan.mapping.includes('partNumber') ? null : (
              <p className="text-sm">Say which column holds the part number.</p>
            )}
          </div>
        </>
      ) : null}
      {report ? <Report report={report} /> : null}
    </Section>
  )
}

/** A list with captions that were seen before is read as that one was. */
function planFor(name: string, headers: string[], kind: PartKind, known: CatalogueRow[]): ImportPlan {
  const fields = columnsOf(kind).map(({ field }) => field)
  const before = known.findLast(({ headers: theirs, mapping }) => {
    const used = (JSON.parse(mapping) as string[]).filter(Boolean)
    return theirs === JSON.stringify(headers) && used.every((field) => fields.includes(field))
  })
  return {
    name,
    kind,
    headers,
    mapping: before ? (JSON.parse(before.mapping) as string[]) : guessMapping(headers, kind),
    units: {
      lengths:
        before?.lengths === 'in' || headers.some((each) => /\bin(ch(es)?)?\b/i.test(each)) ? 'in' : 'mm',
    },
  }
}

function PlanFields({
  plan,
  known,
  onChange,
}: {
  plan: ImportPlan
  known: CatalogueRow[]
  onChange: (plan: ImportPlan) => void
}) {
  return (
    <div className="mt-3 grid gap-3 mid:grid-cols-3">
      <TextField
        label="What the list is called"
        value={plan.name}
        onType={(name) => onChange({ ...plan, name })}
      />
      <SelectField
        label="It lists"
        value={plan.kind}
        options={[
          { value: 'motor', label: 'motors' },
          { value: 'capacitor', label: 'capacitors' },
        ]}
        onChoose={(kind) =>
          onChange({ ...planFor(plan.name, plan.headers, kind as PartKind, known), name: plan.name })
        }
      />
      <SelectField
        label="Lengths without a unit are"
        value={plan.units.lengths}
        options={[
          { value: 'mm', label: 'millimetres' },
          { value: 'in', label: 'inches' },
        ]}
        onChoose={(lengths) => onChange({ ...plan, units: { lengths: lengths as 'mm' | 'in' } })}
      />
    </div>
  )
}

/** Each column with what its first lines hold and which figure it is. */
function MappingTable({
  plan,
  lines,
  onChange,
}: {
  plan: ImportPlan
  lines: string[][]
  onChange: (plan: ImportPlan) => void
}) {
  const fields = columnsOf(plan.kind)
  const read = lines.map((cells) => partOfLine(cells, plan.mapping, plan.kind, plan.units))
  const bad = read.filter((each) => 'error' in each).length
  return (
    <>
      <ul className="mt-3 border-ink border-t" data-testid="mapping">
        {plan.headers.map((header, column) => (
          <li
            key={column}
            className="grid items-center gap-x-4 border-line border-b py-1.5 mid:grid-cols-[200px_minmax(0,1fr)_240px]"
          >
            <b className="truncate">{header || `column ${column + 1}`}</b>
            <span className="num caption truncate">
              {lines
                .slice(0, 4)
                .map((cells) => cells[column] ?? '')
                .join(' · ')}
            </span>
            <SelectField
              label={`Column ${header || column + 1} is`}
              value={plan.mapping[column] ?? ''}
              empty="left out"
              options={fields.map(({ field, label }) => ({ value: field, label }))}
              onChoose={(field) =>
                onChange({
                  ...plan,
                  mapping: plan.mapping.map((each, index) =>
                    index === column ? field : each === field ? '' : each,
                  ),
                })
              }
            />
          </li>
        ))}
      </ul>
      <p className="mt-2 text-sm" role="status">
        {bad === 0
          ? `All of the first ${lines.length} lines can be read so.`
          : `${bad} of the first ${lines.length} lines cannot be read so: ${read.flatMap((each) => ('error' in each ? [each.error] : []))[0]}`}
      </p>
    </>
  )
}
