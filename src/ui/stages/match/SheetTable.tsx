'use client'

import { type MatchResult, type RuleVerdict, verdictWords, workCost } from '@/core/match'
import { inHouseholdUnits } from '@/core/units/household'
import { useJob } from '../../job/JobProvider'
import type { SheetPart } from './sheetPart'

interface SheetTableProps {
  what: 'motor' | 'capacitor'
  shown: MatchResult[]
  parts: Map<string, SheetPart>
  chosenId: string
  /** The job's own candidates. */
  kept: string[]
}

const marks: Record<RuleVerdict, string> = { ok: '✓', work: '⚒', no: '✕', unknown: '?' }
const words: Record<RuleVerdict, string> = { ok: 'fits', work: 'work', no: 'no', unknown: 'not known' }
const named = (rule: string) => rule.replaceAll('-', ' ')
const find = (result: MatchResult, rule: string) => result.rules.find((each) => each.rule === rule)

/** Rules as rows, candidates as columns; only the rows in which they differ or do not fit stand open. */
export function SheetTable({ what, shown, parts, chosenId, kept }: SheetTableProps) {
  const { snapshot } = useJob()
  const said = (text: string) => inHouseholdUnits(text, snapshot.household.inches === 1)
  const rules = [...new Set(shown.flatMap((result) => result.rules.map((rule) => rule.rule)))]
  const settled = rules.filter((rule) =>
    shown.every((result) => (find(result, rule)?.verdict ?? 'ok') === 'ok'),
  )
  const tint = (result: MatchResult) => (chosenId === result.id ? 'bg-teal-wash' : '')
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls sideways is reached by keys
    <section className="relative overflow-x-auto" aria-label="Match sheet" tabIndex={0}>
      <table className="w-full min-w-[640px] table-fixed text-left text-sm" data-testid="match-sheet">
        <caption className="sr-only">{`Old ${what} against candidates`}</caption>
        <thead>
          <tr className="align-bottom">
            <th scope="col" className="w-[118px] py-2 pr-2 font-normal">
              <span className="caption">rule, old</span>
            </th>
            {shown.map((result) => (
              <th key={result.id} scope="col" className={`px-2 py-2 ${tint(result)}`}>
                <Head result={result} part={parts.get(result.id)} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rules
            .filter((rule) => !settled.includes(rule))
            .map((rule) => (
              <tr key={rule} className="rule-top align-top">
                <th scope="row" className="py-1.5 pr-2 font-normal">
                  <b className="font-semibold">{named(rule)}</b>
                  <span className="num caption block">
                    {said(shown.map((result) => find(result, rule)?.old).find(Boolean) ?? '')}
                  </span>
                </th>
                {shown.map((result) => (
                  <td key={result.id} className={`px-2 py-1.5 ${tint(result)}`}>
                    <Cell result={result} rule={rule} said={said} />
                  </td>
                ))}
              </tr>
            ))}
          {settled.length > 0 ? (
            <tr className="rule-top">
              <td colSpan={shown.length + 1} className="caption py-1.5">
                ✓ the same for all: {settled.map(named).join(', ')}
              </td>
            </tr>
          ) : null}
          {shown.length > 0 ? (
            <tr className="border-ink border-t-2 align-top">
              <th scope="row" className="py-2 pr-2">
                Work
              </th>
              {shown.map((result) => (
                <td key={result.id} className={`px-2 py-2 ${tint(result)}`}>
                  <WorkList result={result} parts={parts} said={said} />
                  <Choose
                    what={what}
                    result={result}
                    part={parts.get(result.id)}
                    chosen={chosenId === result.id}
                    kept={kept.includes(result.id)}
                  />
                </td>
              ))}
            </tr>
          ) : null}
        </tbody>
      </table>
    </section>
  )
}

function Head({ result, part }: { result: MatchResult; part: SheetPart | undefined }) {
  const colour =
    result.verdict === 'no'
      ? 'text-stop'
      : result.verdict === 'drop-in' && result.open.length === 0
        ? 'text-teal'
        : 'text-copper'
  return (
    <>
      <span className="block break-words font-bold text-base">{part?.name ?? 'not named'}</span>
      <span className="caption block font-normal">
        {[part?.maker, part && part.price !== null ? `about ${part.price}` : ''].filter(Boolean).join(', ')}
      </span>
      <span className="caption block font-normal">{part?.own ? 'on your shelf' : part?.from}</span>
      <span className={`mt-1 block ${colour}`}>{verdictWords(result)}</span>
    </>
  )
}

function Cell({ result, rule, said }: { result: MatchResult; rule: string; said: (text: string) => string }) {
  const found = find(result, rule)
  if (!found) return '–'
  const colour = found.verdict === 'no' ? 'text-stop' : found.verdict === 'work' ? 'text-copper' : ''
  return (
    <>
      <span className={`num ${colour}`}>
        <span aria-hidden="true">{marks[found.verdict]}</span>{' '}
        <span className="sr-only">{words[found.verdict]}:</span> {said(found.new)}
      </span>
      {found.verdict === 'ok' ? null : <span className="caption block leading-snug">{said(found.text)}</span>}
    </>
  )
}

function WorkList({
  result,
  parts,
  said,
}: {
  result: MatchResult
  parts: Map<string, SheetPart>
  said: (text: string) => string
}) {
  const { minutes, money } = workCost(result.work)
  return (
    <>
      {result.work.length === 0 ? (
        <span className="caption">none</span>
      ) : (
        <>
          <ul className="list-disc pl-4">
            {result.work.map((work) => (
              <li key={work.text}>{said(work.text)}</li>
            ))}
          </ul>
          <p className="caption mt-1">{`about ${minutes} min${money > 0 ? ` and ${money} in parts` : ''}`}</p>
        </>
      )}
      {result.with ? (
        <p className="caption mt-1">
          with {result.with.map((other) => parts.get(other)?.name ?? 'a part without a name').join(', ')}
        </p>
      ) : null}
    </>
  )
}

function Choose({
  what,
  result,
  part,
  chosen,
  kept,
}: {
  what: 'motor' | 'capacitor'
  result: MatchResult
  part: SheetPart | undefined
  chosen: boolean
  kept: boolean
}) {
  const { act, id } = useJob()
  const choice = (typed: string) => act({ kind: 'field.set', id: id(), part: 'choice', field: what, typed })
  /** What is taken from a catalogue is kept with the job as it stands there now. */
  const keep = (): string | null => {
    const fresh = id()
    const done = act({
      kind: 'candidate.add',
      id: fresh,
      part: what,
      source: part?.own ? 'shelf' : 'catalogue',
      ref: result.id,
      name: [part?.maker.split(',')[0], part?.name].filter(Boolean).join(' '),
      ...(part?.motor ? { motor: part.motor } : {}),
      ...(part?.capacitor ? { capacitor: part.capacitor } : {}),
    })
    return done ? fresh : null
  }
  return (
    <div className="mt-2 grid gap-1.5">
      {result.open.length > 0 && result.verdict !== 'no' ? (
        <p className="caption">{`${result.open.length === 1 ? 'One thing is' : `${result.open.length} things are`} not known yet: settle ${result.open.length === 1 ? 'it' : 'them'} before you pay.`}</p>
      ) : null}
      <button
        type="button"
        className={`btn w-full ${chosen ? 'btn-main' : ''}`}
        disabled={result.verdict === 'no'}
        aria-pressed={chosen}
        onClick={() => {
          const one = kept || chosen ? result.id : keep()
          if (one) choice(chosen ? '' : one)
        }}
      >
        {chosen
          ? result.open.length > 0
            ? 'To be tried'
            : 'Chosen'
          : result.open.length > 0
            ? 'Choose to try'
            : 'Choose'}
      </button>
      {kept ? null : (
        <button type="button" className="btn w-full" onClick={keep}>
          Keep beside
        </button>
      )}
    </div>
  )
}
