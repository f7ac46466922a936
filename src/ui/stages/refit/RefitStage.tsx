'use client'

import { refitOf } from '@/core/job/ledger/refitOf'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { PhotoSender } from '../../photos/PhotoSender'
import { GoOn } from '../GoOn'
import { GateLine } from '../measure/GateLine'
import { CapacitorWires } from './CapacitorWires'
import { Cups } from './Cups'
import { Cures } from './Cures'
import { Landings } from './Landings'
import { WayBack } from './WayBack'

/** Stage 7: where each lead lands, and the way back from the ledger. */
export function RefitStage() {
  return (
    <PhotoSender>
      <GateLine />
      <Block name="The capacitor’s wires">
        <CapacitorWires />
      </Block>
      <Block name="The landings">
        <Landings />
      </Block>
      <Block name="The way back">
        <WayBack />
      </Block>
      <Block name="The waits">
        <Cures />
      </Block>
      <Block name="The cups">
        <Cups />
        <Renewals />
      </Block>
      <GoOn from="refit" />
    </PhotoSender>
  )
}

/** What is used up on the way back. */
function Renewals() {
  const { snapshot } = useJob()
  const { renew } = refitOf(snapshot)
  if (renew.length === 0) return null
  return (
    <Section title="Renew">
      <ul className="list-disc pl-5">
        {renew.map((item) => (
          <li
            key={`${item.part}/${item.material}`}
          >{`${item.material} for ${item.part}${item.cureHours > 0 ? `, cures ${item.cureHours} h` : ''}`}</li>
        ))}
      </ul>
    </Section>
  )
}
