import Link from 'next/link'

const places = [
  { href: '/household/round', name: 'Round of the season', what: 'what is due, sorted for one walk' },
  { href: '/household/circuits', name: 'Circuits', what: 'breaker by breaker, with what hangs on each' },
  { href: '/household/figures', name: 'Figures', what: 'spent, saved, hours, what failed how often' },
  { href: '/household/guests', name: 'Guests', what: 'a record to read, or a round to tick, until a day' },
  { href: '/search', name: 'Search', what: 'jobs, machines, parts, numbers, notes, terms' },
]

/** Where else the household leads. */
export function HousePlaces() {
  return (
    <ul className="grid gap-x-8 mid:grid-cols-2">
      {places.map(({ href, name, what }) => (
        <li key={href} className="border-line border-b">
          <Link href={href} className="flex min-h-11 flex-wrap items-center gap-x-3 py-1">
            <b className="font-semibold text-teal underline">{name}</b>
            <span className="caption">{what}</span>
          </Link>
        </li>
      ))}
    </ul>
  )
}
