'use client'

import { type CupLine, cupsOf } from '@/core/job/ledger/cups'
import { lookOf } from '@/core/refit/fastenerLook'
import { useJob } from '../job/JobProvider'
import { FastenerHead } from '../pieces/FastenerHead'

/** More than a cup shows one by one. */
const SHOWN = 12

/** Lettered cups with what lies in them, each fastener by its look; what has gone back is hollow. */
export function CupsDrawn({ only }: { only?: string }) {
  const { snapshot } = useJob()
  const cups = cupsOf(snapshot).filter(({ cup }) => only === undefined || (only !== '' && cup === only))
  if (cups.length === 0) return null
  return (
    <ul className="mb-3 flex flex-wrap gap-3" aria-label="Cups" data-testid="cups">
      {cups.map((cup) => (
        <Cup key={`${cup.cup}/${cup.fastener}`} cup={cup} />
      ))}
    </ul>
  )
}

function Cup({ cup: { cup, fastener, removed, out } }: { cup: CupLine }) {
  const left = Math.max(0, removed - out)
  const said = `${left} of ${removed}${fastener ? ` × ${fastener}` : ''}`
  return (
    <li className="w-[7rem] mid:w-40">
      <div
        className="flex min-h-12 flex-wrap content-end items-end gap-x-1 gap-y-0.5 rounded-b-[16px] border border-ink border-t-0 px-2 pt-1 pb-2"
        aria-hidden="true"
      >
        {Array.from({ length: Math.min(SHOWN, removed) }, (_, index) => (
          <FastenerHead key={index} look={lookOf(fastener)} out={index >= left} />
        ))}
        {removed > SHOWN ? <span className="caption">{`and ${removed - SHOWN} more`}</span> : null}
      </div>
      <p className="mt-0.5 text-sm leading-snug">
        <b>{cup || 'no cup'}</b>
        <span className="caption ml-2">{left === removed ? said : `${said} still in it`}</span>
      </p>
    </li>
  )
}
