'use client'

import { cupsOf } from '@/core/job/ledger/cups'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { CupsDrawn } from '../CupsDrawn'
import { Leftover } from './Leftover'

/** What went into each cup and what has come out of it again. */
export function Cups() {
  const { snapshot } = useJob()
  if (cupsOf(snapshot).length === 0) return null
  return (
    <Section title="Cups" aside="what went in, and what has come out again">
      <CupsDrawn />
      <Leftover />
    </Section>
  )
}
