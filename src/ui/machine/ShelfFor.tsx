import Link from 'next/link'
import type { Serving, WorthHaving } from '@/core/machine/spares'
import { capacitorWords, motorWords } from '@/core/match/partWords'
import { formatPercent, significant } from '@/core/units'
import type { MachinePageRows } from '@/server/machine'
import type { PartFound } from '@/server/parts'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'

/** What lies on the shelf for a machine, and what is worth having there, with its figures. */
export function ShelfFor({ spares, worth }: Pick<MachinePageRows, 'spares' | 'worth'>) {
  return (
    <>
      {spares.length === 0 ? <p>Nothing on the shelf is known to serve it.</p> : null}
      <ul>
        {spares.map(({ part, spare, serving }) => (
          <li key={part.id} className="border-line border-b py-2">
            <b className="font-semibold">{`${part.count} × ${partText(part)}`}</b>
            <span className="caption block">
              {[servingText(serving), spare?.place ?? ''].filter(Boolean).join(', ')}
            </span>
          </li>
        ))}
      </ul>
      {worth.map((each) => (
        <p key={each.what} className="mt-2">
          <b className="font-semibold">{`${say({ key: `fitted.${each.what}` }, house)}: `}</b>
          {worthText(each)}
        </p>
      ))}
      <p className="no-print mt-2">
        <Link href="/shelf" className="inline-flex min-h-11 items-center text-teal underline">
          Shelf
        </Link>
      </p>
    </>
  )
}

/** How a spare serves, in a few words. */
export const servingText = ({
  verdict,
  open,
  without,
}: Pick<Serving, 'verdict' | 'open' | 'without'>): string =>
  [
    without.length > 0
      ? `for one section alone: another has to make ${without.join(' and ')}`
      : verdict === 'drop-in'
        ? 'goes in as it is'
        : 'goes in with work',
    open > 0 ? `${open} to be looked at first` : '',
  ]
    .filter(Boolean)
    .join(', ')

const partText = (part: PartFound): string =>
  (part.motor ? motorWords(part.motor) : part.capacitor ? capacitorWords(part.capacitor) : [])
    .filter(Boolean)
    .join(', ')

const worthText = ({ years, chance, worth }: WorthHaving): string =>
  [
    `${formatPercent(chance)} that it fails within three years`,
    years === null
      ? ' (nobody noted its age; half its life is taken)'
      : ` (it is about ${significant(years, 2)} years old)`,
    worth === null
      ? '. Say what a day without this machine costs, and its worth on the shelf is worked out.'
      : `; three days without the machine make that worth about ${significant(worth, 2)} to have.`,
  ].join('')
