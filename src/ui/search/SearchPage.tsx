import Link from 'next/link'
import { termsFor } from '@/core/terms/termsFor'
import type { Found } from '@/server/find'
import { instrumentNames } from '../instruments/names'

/** What was found, in groups; every line leads somewhere. */
export function SearchPage({ query, found }: { query: string; found: Found | null }) {
  const groups = found ? groupsOf(query, found) : []
  const count = groups.reduce((sum, { rows, more = 0 }) => sum + rows.length + more, 0)
  return (
    <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 [overflow-wrap:anywhere] mid:px-5">
      <h1 className="text-2xl">Search</h1>
      <search>
        <form action="/search" className="mt-3 flex flex-wrap items-end gap-2">
          <label className="min-w-[min(20rem,100%)] flex-1">
            <span className="caption block">
              A machine, a job, a number on a plate, a word of a note, a term
            </span>
            <input className="field" name="q" defaultValue={query} autoComplete="off" type="search" />
          </label>
          <button type="submit" className="btn btn-main">
            Search
          </button>
        </form>
      </search>
      {found ? (
        <p role="status" className="mt-3">
          {count === 0
            ? `Nothing has “${query}”. Try fewer letters, or one word alone.`
            : `${count} found for “${query}”.`}
        </p>
      ) : null}
      {groups.map((group) => (
        <Group key={group.title} {...group} />
      ))}
    </main>
  )
}

function groupsOf(query: string, { machines, jobs, more, parts, notes }: Found): GroupProps[] {
  const words = query.trim().toLowerCase()
  const instruments = instrumentNames.filter(({ name, about }) =>
    `${name} ${about}`.toLowerCase().includes(words),
  )
  return [
    {
      title: 'Machines',
      rows: machines.map(({ id, title, told }) => ({ id, href: `/machines/${id}`, title, note: told })),
      more: more.machines,
    },
    {
      title: 'Jobs',
      rows: jobs.map(({ id, title, symptom, status }) => ({
        id,
        href: `/jobs/${id}/${status === 'closed' ? 'record' : 'notice'}`,
        title: `${title}: ${symptom || 'a job'}`,
        note: status,
      })),
      more: more.jobs,
    },
    { title: 'Parts', rows: parts.map(({ where, ...part }) => ({ ...part, note: where })) },
    {
      title: 'Written down',
      rows: notes.map(({ id, href, title, text }) => ({ id, href, title: text, note: title })),
    },
    {
      title: 'Words',
      rows: termsFor(query).map(({ id, name, says }) => ({
        id,
        href: `/words#${id}`,
        title: name,
        note: says,
      })),
    },
    {
      title: 'Instruments',
      rows: instruments.map(({ id, name, about }) => ({
        id,
        href: `/instruments?i=${id}`,
        title: name,
        note: about,
      })),
    },
  ]
}

interface GroupProps {
  title: string
  rows: { id: string; href: string; title: string; note: string }[]
  more?: number
}

function Group({ title, rows, more = 0 }: GroupProps) {
  if (rows.length === 0) return null
  return (
    <section aria-label={title} className="pt-5">
      <h2 className="border-ink border-b text-lg">{title}</h2>
      <ul>
        {rows.map(({ id, href, title: text, note }) => (
          <li key={id} className="border-line border-b">
            <Link href={href} className="flex min-h-11 flex-wrap items-center gap-x-4 py-1">
              <span className="text-teal underline">{text}</span>
              <span className="caption">{note}</span>
            </Link>
          </li>
        ))}
      </ul>
      {more > 0 ? (
        <p className="caption pt-1">
          {more} more {more === 1 ? 'has' : 'have'} these words. Another word narrows it: its place, its
          maker, what it did.
        </p>
      ) : null}
    </section>
  )
}
