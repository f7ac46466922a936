'use client'

import type { ReadingRow } from '@/core/job'
import { type Beside, besideOld } from '@/core/job/energy/besideOld'
import { useJob } from '../../job/JobProvider'
import { pointsOf, shownReading } from './readingWords'

const named = (pair: Beside) => pointsOf(pair) + (pair.kind === 'to-frame' ? ', insulation' : '')

/** The other part may have no such lead, so a gap is not called unread in print. */
function Shown({ row }: { row: ReadingRow | null }) {
  if (row) return shownReading(row)
  return (
    <>
      <span aria-hidden="true" className="text-soft">
        –
      </span>
      <span className="sr-only">no reading</span>
    </>
  )
}

/** Old and new at the same points; leads of another name stand on their own line. */
export function BesideOld() {
  const { snapshot } = useJob()
  const pairs = besideOld(snapshot.readings)
  if (pairs.length === 0) return null
  return (
    <table className="mt-3 mb-5 w-full max-w-md text-[0.95rem]" data-testid="beside-old">
      <caption className="caption pb-1 text-left">The new part beside the old</caption>
      <thead>
        <tr className="border-line border-b text-left">
          <th scope="col" className="py-1 font-normal">
            Points
          </th>
          <th scope="col" className="w-28 py-1 text-right font-normal">
            Old
          </th>
          <th scope="col" className="w-28 py-1 text-right font-normal">
            New
          </th>
        </tr>
      </thead>
      <tbody>
        {pairs.map((pair) => (
          <tr key={`${pair.kind} ${pair.pointA} ${pair.pointB}`} className="border-line border-b">
            <th scope="row" className="py-1 text-left font-normal">
              {named(pair)}
            </th>
            <td className="num py-1 text-right">
              <Shown row={pair.old} />
            </td>
            <td className="num py-1 text-right">
              <Shown row={pair.new} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
