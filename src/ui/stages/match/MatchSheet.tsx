'use client'

import { useState } from 'react'
import { fieldText } from '@/core/job'
import type { MatchResult, RuleVerdict } from '@/core/match'
import { inHouseholdUnits } from '@/core/units/household'
import { useJob } from '../../job/JobProvider'
import { countLine, Overview } from './Overview'
import type { SheetPart } from './sheetPart'

interface MatchSheetProps {
  what: 'motor' | 'capacitor'
  results: MatchResult[]
  parts: Map<string, SheetPart>
}

const verdictWords = { 'drop-in': 'drops in', 'fits-with-work': 'fits with work', no: 'no' }
const marks: Record<RuleVerdict, string> = { ok: '✓', work: '⚒', no: '✕', unknown: '?' }
const words: Record<RuleVerdict, string> = { ok: 'fits', work: 'work', no: 'no', unknown: 'not known' }
const MOST = 4

/** One old part against up to four candidates: rules as rows, the work under each. */
export function MatchSheet({ what, results, parts }: MatchSheetProps) {
  const { snapshot, act, id } = useJob()
  const chosenId = fieldText(snapshot, 'choice', what)
  const [from, setFrom] = useState(0)
  const [all, setAll] = useState(false)
  const said = (text: string) => inHouseholdUnits(text, snapshot.household.inches === 1)
  const usable = results.filter((result) => result.verdict !== 'no')
  const list = all ? results : usable
  const start = Math.min(from, Math.max(0, list.length - 1))
  const shown = list.slice(start, start + MOST)
  const rules = [...new Set(shown.flatMap((result) => result.rules.map((rule) => rule.rule)))]
  const find = (result: MatchResult, rule: string) => result.rules.find((each) => each.rule === rule)
  const settled = rules.filter((rule) =>
    shown.every((result) => (find(result, rule)?.verdict ?? 'ok') === 'ok'),
  )
  const open = rules.filter((rule) => !settled.includes(rule))
  return (
    <div>
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
        <p data-testid="match-count">{countLine(results)}</p>
        <div className="flex items-center gap-2">
          <button
            type="button"
            className="btn min-h-9"
            disabled={start === 0}
            onClick={() => setFrom(Math.max(0, start - MOST))}
          >
            Better
          </button>
          <span className="num text-sm">
            {list.length === 0 ? '0' : `${start + 1}–${start + shown.length} of ${list.length}`}
          </span>
          <button
            type="button"
            className="btn min-h-9"
            disabled={start + MOST >= list.length}
            onClick={() => setFrom(start + MOST)}
          >
            Further
          </button>
          <label className="flex min-h-9 items-center gap-1.5 text-sm">
            <input
              type="checkbox"
              className="size-4 accent-[var(--teal)]"
              checked={all}
              onChange={(event) => setAll(event.target.checked)}
            />
            also those that cannot
          </label>
        </div>
      </div>
      <Overview results={results} parts={parts} />
      <div className="relative overflow-x-auto">
        <table className="w-full min-w-[640px] table-fixed text-left text-sm" data-testid="match-sheet">
          <caption className="sr-only">{`Old ${what} against candidates`}</caption>
          <thead>
            <tr className="align-bottom">
              <th scope="col" className="w-[118px] py-2 pr-2 font-normal">
                <span className="caption">rule, old</span>
              </th>
              {shown.map((result) => {
                const part = parts.get(result.id)!
                return (
                  <th
                    key={result.id}
                    scope="col"
                    className={`px-2 py-2 ${chosenId === result.id ? 'bg-teal-wash' : ''}`}
                  >
                    <span className="block font-bold text-base">{part.name}</span>
                    <span className="caption block font-normal">
                      {[part.maker, part.price === null ? '' : `about ${part.price}`]
                        .filter(Boolean)
                        .join(', ')}
                    </span>
                    <span
                      className={`mt-1 block ${result.verdict === 'no' ? 'text-stop' : result.verdict === 'drop-in' && result.open.length === 0 ? 'text-teal' : 'text-copper'}`}
                    >
                      {result.verdict !== 'no' && result.open.length > 0
                        ? `cannot be told yet: ${result.open.map((rule) => rule.replaceAll('-', ' ')).join(', ')}`
                        : verdictWords[result.verdict]}
                    </span>
                  </th>
                )
              })}
            </tr>
          </thead>
          <tbody>
            {open.map((rule) => (
              <tr key={rule} className="rule-top align-top">
                <th scope="row" className="py-1.5 pr-2 font-normal">
                  <b className="font-semibold">{rule.replaceAll('-', ' ')}</b>
                  <span className="num caption block">
                    {said(shown.map((result) => find(result, rule)?.old).find(Boolean) ?? '')}
                  </span>
                </th>
                {shown.map((result) => {
                  const found = find(result, rule)
                  return (
                    <td
                      key={result.id}
                      className={`px-2 py-1.5 ${chosenId === result.id ? 'bg-teal-wash' : ''}`}
                    >
                      {found ? (
                        <>
                          <span
                            className={`num ${found.verdict === 'no' ? 'text-stop' : found.verdict === 'work' ? 'text-copper' : ''}`}
                          >
                            <span aria-hidden="true">{marks[found.verdict]}</span>{' '}
                            <span className="sr-only">{words[found.verdict]}:</span> {said(found.new)}
                          </span>
                          {found.verdict === 'ok' ? null : (
                            <span className="caption block leading-snug">{said(found.text)}</span>
                          )}
                        </>
                      ) : (
                        '–'
                      )}
                    </td>
                  )
                })}
              </tr>
            ))}
            {settled.length > 0 ? (
              <tr className="rule-top">
                <td colSpan={shown.length + 1} className="caption py-1.5">
                  ✓ the same for all: {settled.map((rule) => rule.replaceAll('-', ' ')).join(', ')}
                </td>
              </tr>
            ) : null}
            {shown.length > 0 ? (
              <tr className="border-ink border-t-2 align-top">
                <th scope="row" className="py-2 pr-2">
                  Work
                </th>
                {shown.map((result) => (
                  <td key={result.id} className={`px-2 py-2 ${chosenId === result.id ? 'bg-teal-wash' : ''}`}>
                    {result.work.length === 0 ? (
                      <span className="caption">none</span>
                    ) : (
                      <ul className="list-disc pl-4">
                        {result.work.map((work) => (
                          <li key={work.text}>{said(work.text)}</li>
                        ))}
                      </ul>
                    )}
                    {result.with ? (
                      <p className="caption mt-1">
                        with {result.with.map((other) => parts.get(other)?.name ?? other).join(', ')}
                      </p>
                    ) : null}
                    <button
                      type="button"
                      className={`btn mt-2 w-full ${chosenId === result.id ? 'btn-main' : ''}`}
                      disabled={result.verdict === 'no'}
                      aria-pressed={chosenId === result.id}
                      onClick={() =>
                        act({
                          kind: 'field.set',
                          id: id(),
                          part: 'choice',
                          field: what,
                          typed: chosenId === result.id ? '' : result.id,
                        })
                      }
                    >
                      {chosenId === result.id ? 'Chosen' : 'Choose'}
                    </button>
                  </td>
                ))}
              </tr>
            ) : null}
          </tbody>
        </table>
      </div>
    </div>
  )
}
