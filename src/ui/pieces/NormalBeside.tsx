'use client'

import { useEffect, useState } from 'react'
import { measuredText } from '@/core/house/quantities'
import type { MeasuredKind } from '@/core/house/rows'
import { useJob } from '../job/JobProvider'

/** Figures of a good day, as the server answers them. */
interface NormalFigure {
  what: MeasuredKind
  section: string
  value: number
  at: string
}

const kindOf: Partial<Record<string, MeasuredKind>> = {
  amps: 'currentA',
  volts: 'supplyV',
  celsius: 'airDifferenceC',
}

/** What this machine read on a good day, beside the field for the same quantity; nothing where nobody took it. */
export function NormalBeside({ quantity }: { quantity: string }) {
  const { snapshot, when, now } = useJob()
  const [normal, setNormal] = useState<NormalFigure[]>([])
  const { id } = snapshot.machine
  useEffect(() => {
    const abort = new AbortController()
    void fetch(`/api/machines/${id}/normal`, { signal: abort.signal })
      .then((response) => (response.ok ? response.json() : { normal: [] }))
      .then((answer: { normal: NormalFigure[] }) => setNormal(answer.normal))
      // Without the server the figure is judged by its window all the same.
      .catch(() => undefined)
    return () => abort.abort()
  }, [id])
  const own = normal.find(({ what }) => what === kindOf[quantity])
  if (!own) return null
  return (
    <p className="w-full text-sm" data-testid="normal-beside">
      {`On its good day, ${when(own.at, now)}: ${measuredText(own.what, own.value, snapshot.household.fahrenheit === 1)}.`}
    </p>
  )
}
