'use client'

import { useState } from 'react'
import { landedWiringOf, wiringCheckOf } from '@/core/wiring/ofJob'
import { whatIfs } from '@/core/wiring/whatIf'
import { useJob } from '../../job/JobProvider'

/** What a fault of the wiring would do to this motor: seen, heard and measured, before anything is switched on. */
export function WhatIfs() {
  const { snapshot } = useJob()
  const [shown, setShown] = useState('')
  const [landed, check] = [landedWiringOf(snapshot), wiringCheckOf(snapshot)]
  if (!landed || !check?.ok) return null
  const all = whatIfs(landed, check)
  const one = all.find(({ id }) => id === shown)
  return (
    <div className="mt-4">
      <h3 className="mb-1 font-bold">What if</h3>
      <div className="flex flex-wrap gap-1.5">
        {all.map(({ id, label }) => (
          <button
            key={id}
            type="button"
            className="chip min-h-11"
            aria-pressed={id === shown}
            onClick={() => setShown(id === shown ? '' : id)}
          >
            {label}
          </button>
        ))}
      </div>
      {one ? (
        <p role="status" className="mt-2 border-copper border-l-4 pl-3 text-[0.95rem]" data-testid="what-if">
          <b>{`${one.label[0]?.toUpperCase()}${one.label.slice(1)}: `}</b>
          {one.text}
        </p>
      ) : null}
    </div>
  )
}
