import { triggersOf } from '@/core/knowledge/stops'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { type ObservationId, observationInfo } from '@/core/knowledge/vocabulary'
import { factsTold } from '@/core/words/factsTold'
import type { NoticeReading } from '@/core/words/notice'

/** What the words were taken to mean, and the words themselves. */
export interface Finding {
  observation: ObservationId
  value: string
  words: string
}

/** What the person made of it: another value, or something else than anybody can tell here. */
export type Corrections = Partial<Record<ObservationId, string>>
export const ELSE = 'something-else'

export const findingsOf = (noticed: NoticeReading | null, corrected: Corrections): Finding[] =>
  factsTold(noticed)
    .map(({ observation, value }) => ({
      observation,
      value: corrected[observation] ?? value,
      words: noticed?.words[observation] ?? '',
    }))
    .filter(({ value }) => value !== ELSE)

/** Each finding with the words that it came from: another value, or "something else", by one choice; not so, by one tap. */
export function Understood({
  findings,
  onCorrect,
}: {
  findings: Finding[]
  onCorrect: (observation: ObservationId, value: string) => void
}) {
  return (
    <ul className="mt-1.5 flex flex-wrap gap-1.5" aria-label="Understood">
      {findings.map(({ observation, value, words }) => {
        const { values } = observationInfo(observation)
        const name = shortLabels[observation].toLowerCase()
        return (
          <li key={observation} className="flex max-w-full items-center border border-line pl-2">
            <span className="caption mr-1 shrink-0">{name}:</span>{' '}
            {values.includes(value) ? (
              <select
                aria-label={name}
                className="min-h-11 min-w-0 shrink bg-surface underline decoration-dotted underline-offset-4 [field-sizing:content]"
                value={value}
                onChange={(event) => onCorrect(observation, event.target.value)}
              >
                {values.map((each) => (
                  <option key={each} value={each}>
                    {valueLabel(observation, each)}
                  </option>
                ))}
                <option value={ELSE}>something else</option>
              </select>
            ) : (
              valueLabel(observation, value)
            )}
            {words ? <span className="caption ml-1 hidden mid:inline">{`“${words}”`}</span> : null}
            <button
              type="button"
              className="grid size-11 shrink-0 place-items-center text-soft"
              aria-label={`Not so: ${valueLabel(observation, value)}`}
              onClick={() => onCorrect(observation, ELSE)}
            >
              ×
            </button>
          </li>
        )
      })}
    </ul>
  )
}

/** What is denied, and what nobody understood: none of it is lost. */
export function AlsoSaid({ noticed, corrected }: { noticed: NoticeReading; corrected: Corrections }) {
  const otherwise = (Object.keys(corrected) as ObservationId[]).flatMap((observation) =>
    corrected[observation] === ELSE && noticed.words[observation] ? [noticed.words[observation]] : [],
  )
  // A danger that is denied is asked with the advice.
  const denied = noticed.denied.filter(
    ({ observation, value }) => triggersOf(observation, value).length === 0,
  )
  const kept = [...otherwise, ...noticed.rest].slice(0, 12)
  return (
    <div className="mt-2 text-sm" role="status">
      {denied.length > 0 ? (
        <p className="caption">
          {`You wrote that this is not so: ${denied.map(({ observation, value }) => `${shortLabels[observation].toLowerCase()}: ${valueLabel(observation, value)}`).join(', ')}.`}
        </p>
      ) : null}
      {kept.length > 0 ? (
        <p className="caption">{`Kept as you wrote it, and not understood: ${kept.join(' ')}.`}</p>
      ) : null}
    </div>
  )
}
