import { BringBack } from '../deleting/BringBack'
import { LocalTime } from '../record/LocalTime'

interface DeletedProps {
  rows: { kind: 'job' | 'machine'; id: string; title: string; at: string; until: string }[]
  zone: string
}

/** What was deleted within the last day: brought back, or let go for good. */
export function Deleted({ rows, zone }: DeletedProps) {
  if (rows.length === 0) return <p>Nothing was deleted within the last day.</p>
  return (
    <ul className="max-w-3xl border-ink border-t">
      {rows.map(({ kind, id, title, until }) => (
        <li key={`${kind}/${id}`} className="border-line border-b py-3">
          <p className="font-semibold">{`${kind === 'job' ? 'A job' : 'The machine, with its jobs'}: ${title}`}</p>
          <p className="caption mb-2">
            goes for good <LocalTime at={until} zone={zone} />
          </p>
          <BringBack kind={kind} id={id} forGood />
        </li>
      ))}
    </ul>
  )
}
