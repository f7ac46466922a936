'use client'

import { type MatchResult, overviewOf } from '@/core/match'
import type { SheetPart } from './sheetPart'

const named = (rule: string) => rule.replaceAll('-', ' ')
const list = (rules: string[]) => rules.map(named).join(', ')

/** How many serve, how many nobody can tell yet, how many cannot. */
export function countLine(results: MatchResult[]): string {
  if (results.length === 0)
    return 'No parts to compare yet: add what a seller offers above, or a catalogue under Shelf.'
  const { serve, untold, cannot } = overviewOf(results)
  return [
    `${serve === 0 ? 'None' : serve} of ${results.length} ${serve === 1 ? 'serves' : 'serve'} by what is known`,
    untold > 0 ? `${untold} might` : '',
    cannot > 0 ? `${cannot} cannot` : '',
  ]
    .filter(Boolean)
    .join(', ')
    .concat('.')
}

/** What to measure first; and where nothing serves, which rules stand against it and what nearly fits. */
export function Overview({ results, parts }: { results: MatchResult[]; parts: Map<string, SheetPart> }) {
  const { serve, untold, blockers, nearest, measureFirst } = overviewOf(results)
  const nothing = serve + untold === 0 && results.length > 0
  if (!nothing && !measureFirst) return null
  return (
    <div className="mb-3 border-ink border-l-2 pl-3 text-[0.95rem]" data-testid="match-overview">
      {measureFirst && untold > 0 ? (
        <p>
          <b>First: {named(measureFirst.rule)}.</b>{' '}
          {`${measureFirst.text} Nothing else tells so many of them apart.`}
        </p>
      ) : null}
      {nothing ? (
        <>
          <p>
            Nothing in the catalogue serves with these figures.{' '}
            {`Most are turned away by ${blockers
              .slice(0, 3)
              .map(({ rule, count }) => `${named(rule)} (${count})`)
              .join(', ')}. Read those figures on the plate again.`}
          </p>
          <p>
            {`Nearest: ${nearest
              .map(
                ({ id, rules }) =>
                  `${parts.get(id)?.name ?? 'a part without a name'}, but for ${list(rules)}`,
              )
              .join('; ')}.`}
          </p>
        </>
      ) : null}
    </div>
  )
}
