'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { saveHouseholdAction } from '@/server/actions'
import type { CatalogueRow } from '@/server/parts'
import { asked } from '../data/asked'
import { notify } from '../kit/notify'
import { Section } from '../kit/Section'

/** The lists that matching looks through: each shown or not, renamed, written out, removed. */
export function Catalogues({ lists, demoParts }: { lists: CatalogueRow[]; demoParts: boolean }) {
  const router = useRouter()
  const change = (work: Promise<unknown>) =>
    void work.then(
      () => router.refresh(),
      (error: unknown) => notify(error instanceof Error ? error.message : 'This could not be changed.'),
    )
  return (
    <Section title="Lists of parts" aside="Match looks through those that are ticked">
      <ul className="border-ink border-t" data-testid="catalogues">
        {lists
          .filter(({ kind }) => kind === 'import')
          .map((list) => (
            <ListLine key={list.id} list={list} onChange={change} />
          ))}
        <li className="flex flex-wrap items-center gap-x-4 border-line border-b py-1.5">
          <label className="flex min-h-11 flex-1 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-[var(--teal)]"
              checked={demoParts}
              onChange={(event) => change(saveHouseholdAction({ demoParts: event.target.checked ? 1 : 0 }))}
            />
            <span>
              The made-up catalogue
              <span className="caption block">
                Invented makers and numbers, so that matching can be tried. Nothing of it can be bought.
              </span>
            </span>
          </label>
        </li>
      </ul>
    </Section>
  )
}

function ListLine({ list, onChange }: { list: CatalogueRow; onChange: (work: Promise<unknown>) => void }) {
  const [name, setName] = useState(list.name)
  const [sure, setSure] = useState(false)
  const patch = (body: object) => onChange(asked(`/api/catalogues/${list.id}`, 'PATCH', body))
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-line border-b py-1.5">
      <input
        type="checkbox"
        className="size-5 accent-[var(--teal)]"
        aria-label={`Look through ${list.name}`}
        checked={list.shown === 1}
        disabled={list.ready === 0}
        onChange={(event) => patch({ shown: event.target.checked })}
      />
      <input
        className="field min-w-[min(10rem,100%)] flex-1"
        aria-label="Name of the list"
        value={name}
        onChange={(event) => setName(event.target.value)}
        onBlur={() => (name.trim() && name !== list.name ? patch({ name }) : setName(list.name))}
      />
      <span className="num caption">
        {list.ready === 0 ? 'broken off' : `${list.parts.toLocaleString('en')} parts`}
      </span>
      <a className="btn" href={`/api/catalogues/${list.id}/csv`} download>
        Write out
      </a>
      {sure ? (
        <>
          <button
            type="button"
            className="btn btn-stop"
            onClick={() => onChange(asked(`/api/catalogues/${list.id}`, 'DELETE'))}
          >
            {`Remove ${list.parts.toLocaleString('en')} parts for good`}
          </button>
          <button type="button" className="btn" onClick={() => setSure(false)}>
            Keep it
          </button>
        </>
      ) : (
        <button type="button" className="btn btn-plain btn-stop" onClick={() => setSure(true)}>
          Remove
        </button>
      )}
    </li>
  )
}
