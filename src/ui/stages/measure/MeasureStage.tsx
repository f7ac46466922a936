'use client'

import { usableTest } from '@/core/diagnose'
import { diagnoseInputOf, reachOfPart, reachOfTest } from '@/core/job'
import { capacitorKinds, dualCapacitorFamilies } from '@/core/knowledge/priors'
import { tests } from '@/core/knowledge/tests'
import type { ObservationId } from '@/core/knowledge/vocabulary'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { ObservationRow } from '../ObservationRow'
import { BesideOld } from './BesideOld'
import { CapacitorBlock } from './CapacitorBlock'
import { GateLine } from './GateLine'
import { NextTest } from './next/NextTest'
import { ReadingList } from './ReadingList'
import { SupplyBlock } from './SupplyBlock'
import { WindingBlock } from './WindingBlock'

/** Looked at or felt with the power off, in the order people reach them. */
const byHand: ObservationId[] = [
  'free-spin',
  'hub',
  'fouling',
  'mounting',
  'case-heat',
  'connections',
  'capacitor-look',
  'capacitor-label-match',
  'belt',
  'drain-and-tube',
  'safety-switches',
  'wall-switch',
  'contactor-coil',
  'module-look',
  'phase-resistances',
  'brush-length',
  'cold-retest',
]
/** Looked at from the outside, whatever the power. */
const outside: ObservationId[] = ['contactor-position', 'nudge-start', 'damper', 'vent-path']
const live: ObservationId[] = [
  'motor-voltage',
  'control-voltage',
  'contactor-output',
  'module-supply',
  'board-drive',
]

/** Stage 3: readings, in the order offered or the person's own. */
export function MeasureStage() {
  const { snapshot, energy, findings, gate } = useJob()
  const { machine } = snapshot
  const input = diagnoseInputOf(snapshot)
  const fits = (id: ObservationId) =>
    usableTest(id, { ...input, declined: [], tools: undefined as never }, findings) !== null ||
    findings[id] !== undefined
  const noCapacitor =
    (machine.motorKind !== null && !capacitorKinds.includes(machine.motorKind)) ||
    findings['capacitor-look'] === 'none-fitted'
  const dualFamily = dualCapacitorFamilies.includes(machine.family)
  const shut = (id: ObservationId) => gate(reachOfTest(snapshot, id)) !== null
  const locked = (part: 'motor' | 'capacitor') => gate(reachOfPart(snapshot, part)) !== null
  const powered = energy.state === 'live' || energy.state === 'live-test' || energy.state === 'in-service'
  return (
    <>
      <NextTest />
      <GateLine />
      {noCapacitor && !dualFamily ? null : <CapacitorBlock part="old" locked={locked('capacitor')} />}
      <WindingBlock part="old" locked={locked('motor')} />
      <Section title="By hand and eye" aside={energy.handsIn ? 'power off' : 'power off and proved first'}>
        {byHand.filter(fits).map((id) => (
          <ObservationRow key={id} observation={id} locked={tests[id][0]!.handsIn === true && shut(id)} />
        ))}
        {outside.filter(fits).map((id) => (
          <ObservationRow key={id} observation={id} locked={id === 'nudge-start' && !powered} />
        ))}
      </Section>
      <SupplyBlock>
        {live.filter(fits).map((id) => (
          <ObservationRow key={id} observation={id} locked={!powered} />
        ))}
      </SupplyBlock>
      {snapshot.fields.some((field) => field.part === 'choice') ? <NewPart /> : null}
      <ReadingList />
    </>
  )
}

/** A new part is measured before it goes in, with the same pieces. */
function NewPart() {
  return (
    <div className="mt-6 border-ink border-t-2 pt-2">
      <p className="font-bold">The new part, before it goes in</p>
      <CapacitorBlock part="new" locked={false} />
      <WindingBlock part="new" locked={false} />
      <BesideOld />
    </div>
  )
}
