import { terms } from '@/core/knowledge/terms'
import { TermText } from './TermText'

/** All words by the alphabet, as a page and, printed, as a booklet of two columns. */
export function Glossary() {
  const sorted = [...terms].sort((one, two) => one.name.localeCompare(two.name))
  return (
    <dl className="columns-1 gap-x-10 mid:columns-2 print:columns-2">
      {sorted.map((term) => (
        <div
          key={term.id}
          id={term.id}
          className="break-inside-avoid border-line border-b py-2.5 target:bg-teal-wash"
        >
          <dt className="font-bold">{term.name}</dt>
          <dd>
            <TermText term={term} />
          </dd>
        </div>
      ))}
    </dl>
  )
}
