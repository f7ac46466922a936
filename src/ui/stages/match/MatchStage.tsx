'use client'

import { type ReactNode, useState } from 'react'
import { fieldText } from '@/core/job'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { GoOn } from '../GoOn'
import { BearingMatch } from './BearingMatch'
import { CapacitorMatch } from './CapacitorMatch'
import { MotorMatch } from './MotorMatch'

type What = 'motor' | 'capacitor' | 'bearing'

const views: Record<What, () => ReactNode> = {
  motor: MotorMatch,
  capacitor: CapacitorMatch,
  bearing: BearingMatch,
}

/** Stage 6: the old part as far as it is known, candidates beside it, rule by rule. */
export function MatchStage() {
  const { snapshot, diagnosis } = useJob()
  const action = snapshot.decisions[0]?.action ?? diagnosis.decided?.action
  const option = snapshot.decisions[0]?.option
  const [what, setWhat] = useState<What>(
    option === 'bearing' ? 'bearing' : action === 'replace-capacitor' ? 'capacitor' : 'motor',
  )
  const View = views[what]
  const chosen = (part: What) => fieldText(snapshot, 'choice', part)
  const tab = (part: What, label: string) => (
    <button type="button" className="chip" aria-pressed={what === part} onClick={() => setWhat(part)}>
      {label}
      {chosen(part) ? ', chosen' : ''}
    </button>
  )
  return (
    <>
      <Section
        part="which"
        title="Which part?"
        aside="the same figures are used in Measure and in the wiring"
      >
        <fieldset className="flex gap-2">
          <legend className="sr-only">Part</legend>
          {tab('motor', 'Motor')}
          {tab('capacitor', 'Capacitor')}
          {tab('bearing', 'Bearing')}
        </fieldset>
      </Section>
      <Block name="The match">
        <View />
      </Block>
      <GoOn from="match" />
    </>
  )
}
