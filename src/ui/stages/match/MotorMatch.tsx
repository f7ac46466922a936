'use client'

import { useMemo } from 'react'
import { fieldText } from '@/core/job'
import { speedOfJob } from '@/core/job/evidence/speedOfJob'
import { candidateMotor } from '@/core/job/parts/candidates'
import { alternatingOnly, isDirectCurrent, motorMatchInputOf } from '@/core/job/parts/motorMatch'
import { motorPlateFields, plateText } from '@/core/job/parts/oldPart'
import { catalogueMotors } from '@/core/knowledge/catalogue/motors'
import { type MotorKindId, vocabulary } from '@/core/knowledge/vocabulary'
import { matchMotors } from '@/core/match'
import { likeThis } from '@/core/match/likeThis'
import { saySpeed } from '@/wording/saySpeed'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Rest } from '../../kit/Rest'
import { Section } from '../../kit/Section'
import { SelectField, TextField } from '../../kit/TextField'
import { DataInput } from '../../pieces/DataInput'
import { PlatePhoto } from '../../plate/PlatePhoto'
import { Reversing } from '../Reversing'
import { Candidates } from './Candidates'
import { Chain } from './Chain'
import { MadeToFit } from './MadeToFit'
import { MatchSheet } from './MatchSheet'
import { OrderBlock } from './OrderBlock'
import { SizeSheet } from './SizeSheet'
import { StoredLine } from './StoredLine'
import { motorPart, notKept, type SheetPart } from './sheetPart'
import { useStored } from './useStored'
import { WhatToAsk } from './WhatToAsk'

const shipped = catalogueMotors.map((motor) => motorPart(motor, 'made-up catalogue'))

/** The old motor's plate and sizes as fields, and the catalogue judged against them as one types. */
export function MotorMatch() {
  const { snapshot, act, id } = useJob()
  const direct = isDirectCurrent(snapshot)
  const plate = plateText(snapshot)
  const { household, machine } = snapshot
  const text = (part: string, field: string) => fieldText(snapshot, part, field)
  const heardSpeed = speedOfJob(snapshot)
  const stored = useStored('motor')
  const { parts, results } = useMemo(() => {
    const own = snapshot.candidates
      .filter((row) => row.part === 'motor')
      .map((row) =>
        motorPart(candidateMotor(snapshot, row), 'kept with this job', row.name ? { name: row.name } : {}),
      )
    const isOther = notKept(snapshot)
    const all = [...own, ...(household.demoParts ? shipped.filter(isOther) : [])]
    const motors = all.flatMap(({ motor }) => motor ?? [])
    return {
      parts: new Map<string, SheetPart>([...all, ...stored.parts].map((part) => [part.id, part])),
      results: [
        ...matchMotors(motorMatchInputOf(snapshot, motors)).results,
        ...(stored.progress?.best.map(({ result }) => result) ?? []).filter(isOther),
      ],
    }
  }, [snapshot, household.demoParts, stored.parts, stored.progress])
  const set = (field: string) => (typed: string) =>
    act({ kind: 'field.set', id: id(), part: 'motor-old', field, typed })
  return (
    <>
      <Section
        part="old"
        title="The old motor"
        aside={`from the plate and with a ruler; lengths in ${household.inches ? 'inches, or write mm' : 'mm'}. Leave what you cannot read.`}
      >
        <PlatePhoto kind="motor" />
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 mid:grid-cols-4">
          <SelectField
            label="Kind"
            value={machine.motorKind ?? ''}
            empty="not known"
            options={Object.entries(vocabulary.motorKinds).map(([value, label]) => ({ value, label }))}
            onChoose={(value) =>
              act({ kind: 'machine.edit', field: 'motorKind', value: value as MotorKindId })
            }
            className="col-span-2"
          />
          {motorPlateFields
            .filter(({ group, field }) => group === 'plate' && !(direct && alternatingOnly.includes(field)))
            .map((field) => (
              <Rest key={field.field} part={field.quick ? 'old' : undefined}>
                <DataInput
                  field={likeThis(field, machine, household)}
                  inches={household.inches === 1}
                  typed={plate(field.field)}
                  onType={set(field.field)}
                />
              </Rest>
            ))}
          <Rest>
            <SelectField
              label="Shaft stands"
              value={text('motor-old', 'position')}
              empty="not known"
              options={[
                { value: 'shaft-up', label: 'up' },
                { value: 'shaft-down', label: 'down' },
                { value: 'horizontal', label: 'level' },
              ]}
              onChoose={set('position')}
            />
          </Rest>
          <Rest>
            <SelectField
              label="Outdoors"
              value={text('motor-old', 'outdoors')}
              empty="not said"
              options={[
                { value: 'yes', label: 'yes' },
                { value: 'no', label: 'no' },
              ]}
              onChoose={set('outdoors')}
            />
          </Rest>
          <Rest>
            <SelectField
              label="Sizes taken with"
              value={text('motor-old', 'measuredWith')}
              empty="a ruler or tape"
              options={[{ value: 'calipers', label: 'calipers' }]}
              onChoose={set('measuredWith')}
            />
          </Rest>
          <Rest>
            <TextField
              label="Speeds in use"
              value={text('motor-old', 'speedsUsed')}
              placeholder="1"
              mono
              onType={set('speedsUsed')}
            />
          </Rest>
        </div>
        {heardSpeed && heardSpeed.plate.length === 0 ? (
          <p className="caption mt-2">{`It turned ${Math.round(heardSpeed.rpm)} rpm. ${saySpeed(heardSpeed)}`}</p>
        ) : null}
        <Chain parts={parts} />
        <Rest>
          <SizeSheet />
        </Rest>
      </Section>
      <Section title="It must turn the other way">
        <details open={text('turn', 'wanted') !== ''}>
          <summary className="flex min-h-11 items-center font-semibold text-teal underline underline-offset-4">
            How its turn is changed, and what else it can be
          </summary>
          <Reversing />
        </details>
      </Section>
      <WhatToAsk part="motor" />
      <Candidates part="motor" results={results} />
      <Section part="beside" title="Beside the old one" aside="the shop’s own figures decide">
        <StoredLine stored={stored} />
        <MatchSheet what="motor" results={results} parts={parts} />
      </Section>
      <Block name="What is made to fit">
        <MadeToFit />
      </Block>
      <OrderBlock part="motor" />
    </>
  )
}
