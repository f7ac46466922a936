'use client'

import dynamic from 'next/dynamic'
import { askedFirst, askedMore } from '@/core/knowledge/asked'
import { stopGaps } from '@/core/knowledge/stopGaps'
import { signsBefore } from '@/core/knowledge/stopSigns'
import { tests } from '@/core/knowledge/tests'
import { familyLabel, type MotorKindId, type ObservationId, vocabulary } from '@/core/knowledge/vocabulary'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { SelectField, TextField } from '../../kit/TextField'
import { atHand } from '../../kit/whenReached'
import { FamilySection } from '../../pieces/FamilySection'
import { GoOn } from '../GoOn'
import { ObservationRow } from '../ObservationRow'
import { StopSigns } from '../StopSigns'
import { InYourWords } from './InYourWords'

const SoundsToCompare = dynamic(
  atHand(() => import('./SoundsToCompare').then((module) => module.SoundsToCompare)),
  { loading: () => null },
)

const PlatePhoto = dynamic(
  atHand(() => import('../../plate/PlatePhoto').then((module) => module.PlatePhoto)),
  { loading: () => null },
)

/** It comes behind the first page; its place is kept. */
const SoundBlock = dynamic(
  atHand(() => import('../../sound/SoundBlock').then((piece) => piece.SoundBlock)),
  { ssr: false, loading: () => <div className="min-h-64" /> },
)

/** Stage 1: what it is, what is heard, smelt and seen, from the outside. */
export function NoticeStage() {
  const { snapshot, act } = useJob()
  const { machine } = snapshot
  const fits = (id: ObservationId) => {
    const info = tests[id][0]!
    return (
      !(info.families && !info.families.includes(machine.family)) &&
      !info.notFamilies?.includes(machine.family)
    )
  }
  const kinds = Object.entries(vocabulary.motorKinds)
  const typical = vocabulary.families[machine.family].typicalMotorKinds as MotorKindId[]
  const sortedKinds = [
    ...kinds.filter(([id]) => typical.includes(id as MotorKindId)),
    ...kinds.filter(([id]) => !typical.includes(id as MotorKindId)),
  ]
  const edit = (field: string) => (value: string) => act({ kind: 'machine.edit', field, value })
  return (
    <>
      <Section title="The machine" aside={familyLabel(machine.family)}>
        <div className="grid gap-4 mid:grid-cols-[minmax(0,1fr)_170px]">
          <div className="grid content-start gap-3 mid:grid-cols-2">
            <TextField
              label="Its name in the house"
              value={machine.name}
              placeholder={familyLabel(machine.family)}
              onType={edit('name')}
            />
            <TextField
              label="Where it stands"
              value={machine.place}
              placeholder="upper bathroom"
              onType={edit('place')}
            />
            <SelectField
              label="Motor, if you know"
              value={machine.motorKind ?? ''}
              empty="not known"
              options={sortedKinds.map(([value, label]) => ({ value, label }))}
              onChoose={edit('motorKind')}
              className="mid:col-span-2"
            />
            <TextField
              label="Year it was fitted"
              value={machine.installedYear}
              placeholder="2014"
              onType={edit('installedYear')}
            />
            <TextField
              label="Maker and model"
              value={machine.modelNumber}
              placeholder="from the plate"
              onType={edit('modelNumber')}
            />
          </div>
          <FamilySection family={machine.family} className="hidden w-full mid:block" />
        </div>
        <div className="mt-4">
          <PlatePhoto kind="appliance" />
        </div>
        <InYourWords />
      </Section>
      <Section part="notice" title="What you notice" aside="tap what is true; skip the rest">
        {askedFirst
          .filter(([id]) => fits(id))
          .map(([id, question]) => (
            <ObservationRow key={id} observation={id} question={question} alone>
              {id === 'sound' ? <SoundsToCompare /> : null}
            </ObservationRow>
          ))}
        <details
          className="mt-2"
          open={askedMore.some(([id]) => snapshot.findings.some((finding) => finding.observation === id))}
        >
          <summary className="flex min-h-11 items-center font-semibold text-teal underline underline-offset-4">
            More, if you can tell
          </summary>
          {askedMore
            .filter(([id]) => fits(id))
            .map(([id, question]) => (
              <ObservationRow key={id} observation={id} question={question} />
            ))}
        </details>
      </Section>
      <Block name="The sound">
        <SoundBlock way="before" />
      </Block>
      <GoOn from="notice" />
      <StopSigns title="Stop before any work, if" rules={signsBefore(machine.family)} />
      <Section title="Meanwhile">
        <ul className="max-w-[70ch] list-disc pl-5">
          {stopGaps[machine.family].map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      </Section>
    </>
  )
}
