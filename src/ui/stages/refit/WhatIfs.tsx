'use client'

import { useState } from 'react'
import { landedWiringOf, wiringCheckOf } from '@/core/wiring/ofJob'
import { whatIfs } from '@/core/wiring/whatIf'
import { useJob } from '../../job/JobProvider'
import { Chips } from '../../kit/Chips'

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
      <Chips
        label="What if"
        values={all.map(({ id, label }) => ({ value: id, label }))}
        chosen={shown}
        onChoose={(id) => setShown(id ?? '')}
      />
      {one ? (
        <p role="status" className="mt-2 border-copper border-l-4 pl-3 text-[0.95rem]" data-testid="what-if">
          <b>{`${one.label[0]?.toUpperCase()}${one.label.slice(1)}: `}</b>
          {one.text}
        </p>
      ) : null}
    </div>
  )
}
