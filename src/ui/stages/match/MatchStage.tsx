'use client'

import { type ReactNode, useState } from 'react'
import { otherPartOf } from '@/core/fit/otherAsked'
import { fieldText } from '@/core/job'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { GoOn } from '../GoOn'
import { BearingMatch } from './BearingMatch'
import { CapacitorMatch } from './CapacitorMatch'
import { MotorMatch } from './MotorMatch'
import { OtherMatch } from './OtherMatch'

type What = 'motor' | 'capacitor' | 'bearing' | 'other'

const views: Record<What, () => ReactNode> = {
  motor: MotorMatch,
  capacitor: CapacitorMatch,
  bearing: BearingMatch,
  other: OtherMatch,
}

/** The part that the decision asks for; a motor where it says none. */
const firstPart = (action: string | undefined, option: string | undefined, other: boolean): What => {
  if (option === 'bearing') return 'bearing'
  if (action === 'replace-capacitor') return 'capacitor'
  return other && action !== 'replace-motor' ? 'other' : 'motor'
}

/** Stage 6: the old part as far as it is known, candidates beside it, rule by rule. */
export function MatchStage() {
  const { snapshot, diagnosis } = useJob()
  const action = snapshot.decisions[0]?.action ?? diagnosis.decided?.action
  const option = snapshot.decisions[0]?.option
  const [what, setWhat] = useState<What>(firstPart(action, option, otherPartOf(snapshot, action) !== null))
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
        <fieldset className="flex flex-wrap gap-2">
          <legend className="sr-only">Part</legend>
          {tab('motor', 'Motor')}
          {tab('capacitor', 'Capacitor')}
          {tab('bearing', 'Bearing')}
          {tab('other', 'Another part')}
        </fieldset>
      </Section>
      <Block name="The match">
        <View />
      </Block>
      <GoOn from="match" />
    </>
  )
}
