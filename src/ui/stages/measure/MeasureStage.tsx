'use client'

import dynamic from 'next/dynamic'
import { usableTest } from '@/core/diagnose'
import { diagnoseInputOf, reachOfPart, reachOfTest } from '@/core/job'
import { askedByHand, askedLive, askedOutside } from '@/core/knowledge/asked'
import { dualCapacitorFamilies } from '@/core/knowledge/familyTraits'
import { capacitorKinds } from '@/core/knowledge/motorKinds'
import { tests } from '@/core/knowledge/tests'
import type { ObservationId } from '@/core/knowledge/vocabulary'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { ObservationRow } from '../ObservationRow'
import { CapacitorBlock } from './CapacitorBlock'
import { GateLine } from './GateLine'
import { NewPart } from './NewPart'
import { NextTest } from './next/NextTest'
import { ReadingList } from './ReadingList'
import { SpeedBlock } from './SpeedBlock'
import { SupplyBlock } from './SupplyBlock'
import { WindingBlock } from './WindingBlock'

const BrushSizes = dynamic(() => import('./BrushSizes').then((module) => module.BrushSizes))

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
      <Block name="The next test">
        <NextTest />
      </Block>
      <GateLine />
      {noCapacitor && !dualFamily ? null : (
        <Block name="The capacitor">
          <CapacitorBlock part="old" locked={locked('capacitor')} />
        </Block>
      )}
      <Block name="The windings">
        <WindingBlock part="old" locked={locked('motor')} />
      </Block>
      <Section title="By hand and eye" aside={energy.handsIn ? 'power off' : 'power off and proved first'}>
        {askedByHand.filter(fits).map((id) => (
          <ObservationRow key={id} observation={id} locked={tests[id][0]!.handsIn === true && shut(id)}>
            {id === 'brush-length' ? <BrushSizes locked={shut(id)} /> : null}
          </ObservationRow>
        ))}
        {askedOutside.filter(fits).map((id) => (
          <ObservationRow key={id} observation={id} locked={id === 'nudge-start' && !powered} />
        ))}
      </Section>
      <SupplyBlock>
        {askedLive.filter(fits).map((id) => (
          <ObservationRow key={id} observation={id} locked={!powered} />
        ))}
      </SupplyBlock>
      <Block name="The speed">
        <SpeedBlock />
      </Block>
      {snapshot.fields.some((field) => field.part === 'choice') ? <NewPart /> : null}
      <Block name="The list of readings">
        <ReadingList />
      </Block>
    </>
  )
}
