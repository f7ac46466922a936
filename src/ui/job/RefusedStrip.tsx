'use client'

import { useJob } from './JobProvider'
import { wordsOfAct } from './wordsOfAct'

/** Acts that were not stored, each with its reason: done again now, or dropped. Nothing of them is lost by itself. */
export function RefusedStrip() {
  const { refused, dropRefused, act, snapshot } = useJob()
  if (refused.length === 0) return null
  return (
    <section
      aria-label="Not stored"
      className="border-stop border-b-4 bg-surface px-5 py-3"
      data-testid="refused"
    >
      <h2 className="font-bold text-[1.05rem]">
        {refused.length === 1 ? 'One act was not stored' : `${refused.length} acts were not stored`}
      </h2>
      <ul>
        {refused.map((each) => (
          <li key={each.id} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-line border-b py-1">
            <span className="min-w-0 flex-1 basis-56 leading-snug">
              <b>{wordsOfAct(each.act, snapshot)}</b>{' '}
              <span className="caption block">{each.reason.message}</span>
            </span>
            <button
              type="button"
              className="btn"
              onClick={() => {
                if (act(each.act)) dropRefused(each.id)
              }}
            >
              Do it again now
            </button>
            <button type="button" className="btn btn-plain" onClick={() => dropRefused(each.id)}>
              Drop it
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
