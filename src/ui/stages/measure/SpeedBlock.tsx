'use client'

import dynamic from 'next/dynamic'
import { fieldText } from '@/core/job'
import { SOUND_PART } from '@/core/job/fields'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'
import { atHand } from '../../kit/whenReached'

/** What a speed says comes once one is typed: a page without one loads none of it. */
const SpeedSays = dynamic(
  atHand(() => import('./SpeedSays').then((piece) => piece.SpeedSays)),
  { ssr: false },
)

/** How fast it turned while it ran: from a meter, from taps on its beat, or from a recording. */
export function SpeedBlock() {
  const { snapshot, act, id } = useJob()
  const typed = fieldText(snapshot, SOUND_PART, 'rpm')
  return (
    <Section
      id="speed"
      title="Speed"
      aside="while it runs; a recording under Notice tells it, or taps under Instruments"
    >
      <NumberField
        label="It turns, rpm"
        typed={typed}
        quantity="rpm"
        className="w-40"
        testId="running-speed"
        onType={(text) => act({ kind: 'field.set', id: id(), part: SOUND_PART, field: 'rpm', typed: text })}
      />
      {typed ? <SpeedSays /> : null}
    </Section>
  )
}
