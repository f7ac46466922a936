'use client'

import type { SaidRound } from '@/wording/practiceRound'
import { WindingTree } from '../pieces/WindingTree'
import { WindowStrip } from '../pieces/WindowStrip'

/** What was read, as a job shows it: each section in its window, the windings as coils. */
export function WasRead({ round }: { round: SaidRound }) {
  const { strips, winding } = round.view
  if (strips.length === 0 && !winding) return null
  return (
    <section aria-label="What was read" className="mt-4 border-ink border-t pt-3" data-testid="was-read">
      <h2 className="text-[1.05rem]">What was read</h2>
      {strips.map(({ id, nominal, low, high, reading, uncertainty }) => (
        <div key={id} className="mt-2">
          <p className="caption">
            {strips.length > 1 ? `${id}, ` : ''}
            {nominal} µF on the label
          </p>
          <WindowStrip
            label={id}
            nominal={nominal}
            low={low}
            high={high}
            reading={reading}
            uncertainty={uncertainty}
            unit="µF"
          />
        </div>
      ))}
      {winding ? <WindingTree result={winding} corrected={false} /> : null}
    </section>
  )
}
