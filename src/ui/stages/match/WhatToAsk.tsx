'use client'

import { useMemo } from 'react'
import { askedOf } from '@/core/fit/asked'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'

/** The window of each figure that any seller's part must lie in, with one sentence to read aloud. */
export function WhatToAsk({ part }: { part: 'motor' | 'capacitor' }) {
  const { snapshot } = useJob()
  const asked = useMemo(() => askedOf(snapshot, part), [snapshot, part])
  return (
    <Section
      part="beside"
      title="What to ask a seller for"
      aside="any maker's part within these figures serves"
    >
      {asked.say ? (
        <p className="max-w-[75ch] border-teal border-l-4 pl-3 font-semibold" data-testid="ask-say">
          {asked.say}
        </p>
      ) : (
        <p className="max-w-[75ch]">Nothing of the old part is known yet: type what its plate says, above.</p>
      )}
      <div className="mt-3 grid gap-x-8 gap-y-3 mid:grid-cols-2">
        <Lines title="Saves work" lines={asked.better} />
        <Lines title="Measure first" lines={asked.unknown} />
        <Lines title="Buy with it" lines={asked.buyToo} />
      </div>
    </Section>
  )
}

function Lines({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null
  return (
    <div>
      <h4 className="caption font-bold">{title}</h4>
      <ul className="list-disc pl-5 text-sm">
        {lines.map((line) => (
          <li key={line} className="py-0.5">
            {line}
          </li>
        ))}
      </ul>
    </div>
  )
}
