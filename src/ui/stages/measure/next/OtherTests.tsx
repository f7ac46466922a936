'use client'

import { type NextTest, worthMaking } from '@/core/diagnose'
import { type ObservationId, observationInfo } from '@/core/knowledge/vocabulary'

const power = { none: 'as it is', dead: 'off', live: 'ON' }

/** The tests that rank behind the next one, for who would rather go another way. */
export function OtherTests({
  tests,
  onTake,
}: {
  tests: NextTest[]
  onTake: (observation: ObservationId) => void
}) {
  if (tests.length === 0) return null
  const telling = tests.filter(worthMaking)
  const silent = tests.filter((test) => !worthMaking(test))
  return (
    <details className="min-w-0 flex-1 basis-80">
      <summary className="flex min-h-9 items-center text-sm text-teal underline underline-offset-4">
        Another test instead
      </summary>
      <table className="w-full text-sm">
        <thead className="caption text-left">
          <tr>
            <th className="font-normal">Test</th>
            <th className="w-16 font-normal">Power</th>
            <th className="w-14 text-right font-normal">Min</th>
            <th className="w-16 text-right font-normal">Bits told</th>
          </tr>
        </thead>
        <tbody>
          {[...telling, ...silent].map((test) => (
            <tr
              key={test.observation}
              className={`border-line ${test === silent[0] && telling.length > 0 ? 'border-ink border-t-2' : 'border-t'}`}
            >
              <td>
                <button
                  type="button"
                  className="min-h-9 text-left text-teal underline"
                  onClick={() => onTake(test.observation)}
                >
                  {observationInfo(test.observation).label}
                </button>
              </td>
              <td>{test.needsPower ? 'ON' : power[test.risk]}</td>
              <td className="num text-right">{test.minutes}</td>
              <td className="num text-right">{test.expectedBits.toFixed(2)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {silent.length > 0 ? (
        <p className="caption mt-1">
          {telling.length > 0
            ? 'Below the heavy line: enough. Those tell next to nothing any more.'
            : 'Enough: these tell next to nothing any more.'}
        </p>
      ) : null}
    </details>
  )
}
