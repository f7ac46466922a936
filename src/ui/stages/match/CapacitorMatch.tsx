'use client'

import { useMemo } from 'react'
import { capacitorOf, fieldText } from '@/core/job'
import { candidateCapacitor } from '@/core/job/parts/candidates'
import { capacitorMatchInputOf } from '@/core/job/parts/motorMatch'
import { oldCapacitor } from '@/core/job/parts/oldPart'
import { catalogueCapacitors } from '@/core/knowledge/catalogue/capacitors'
import { startCapacitorNote } from '@/core/knowledge/startCapacitor'
import { matchCapacitors } from '@/core/match'
import { capacitorSizes } from '@/core/match/columns'
import { significant, typedValue } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { DataInput } from '../../pieces/DataInput'
import { Candidates } from './Candidates'
import { MatchSheet } from './MatchSheet'
import { OrderBlock } from './OrderBlock'
import { StoredLine } from './StoredLine'
import { capacitorPart, notKept, type SheetPart } from './sheetPart'
import { useStored } from './useStored'
import { WhatToAsk } from './WhatToAsk'

const shipped = catalogueCapacitors.map((part) => capacitorPart(part, 'made-up catalogue'))

/** The old capacitor by its label, what the motor plate asks for, and the catalogue against both. */
export function CapacitorMatch() {
  const { snapshot, act, id } = useJob()
  const text = (part: string, field: string) => fieldText(snapshot, part, field)
  const { labelError } = capacitorOf(snapshot, 'old')
  const uF = typedValue(text('motor-old', 'capacitorUf'), 'uF')
  const old = useMemo(() => oldCapacitor(snapshot), [snapshot])
  const { household } = snapshot
  const stored = useStored('capacitor')
  const { parts, results } = useMemo(() => {
    const own = snapshot.candidates
      .filter((row) => row.part === 'capacitor')
      .flatMap((row) => {
        const spec = candidateCapacitor(snapshot, row)
        return spec ? [capacitorPart(spec, 'kept with this job', row.name ? { name: row.name } : {})] : []
      })
    const isOther = notKept(snapshot)
    const all = [...own, ...(household.demoParts ? shipped.filter(isOther) : [])]
    const input = capacitorMatchInputOf(
      snapshot,
      all.flatMap(({ capacitor }) => capacitor ?? []),
    )
    return {
      parts: new Map<string, SheetPart>([...all, ...stored.parts].map((part) => [part.id, part])),
      results: [
        ...(input ? matchCapacitors(input).results : []),
        ...(stored.progress?.best.map(({ result }) => result) ?? []).filter(isOther),
      ],
    }
  }, [snapshot, household.demoParts, stored.parts, stored.progress])
  const set = (part: string, field: string) => (typed: string) =>
    act({ kind: 'field.set', id: id(), part, field, typed })
  const differs = old && uF !== null && !old.sections.some((section) => Math.abs(section.uF / uF - 1) < 0.06)
  return (
    <>
      <Section part="old" title="The old capacitor" aside="the motor’s plate counts more than the old label">
        <div className="grid gap-3 mid:grid-cols-[2fr_1fr_1fr]">
          <TextField
            label="Its label, as printed"
            value={text('capacitor-old', 'label')}
            placeholder="35+5 µF ±6 % 440 V"
            mono
            error={labelError}
            onType={set('capacitor-old', 'label')}
          />
          <TextField
            label="The motor asks for, µF"
            value={text('motor-old', 'capacitorUf')}
            placeholder="from its plate"
            mono
            onType={set('motor-old', 'capacitorUf')}
          />
          <TextField
            label="at, V"
            value={text('motor-old', 'capacitorVolts')}
            placeholder="370"
            mono
            onType={set('motor-old', 'capacitorVolts')}
          />
          {capacitorSizes.map((field) => (
            <DataInput
              key={field.field}
              field={field}
              typed={text('capacitor-old', field.field)}
              inches={household.inches === 1}
              onType={set('capacitor-old', field.field)}
            />
          ))}
        </div>
        {differs ? (
          <p className="mt-2 border-copper border-l-4 pl-2 text-sm">{`The motor asks for ${significant(uF)} µF and the label says ${old.sections.map((section) => significant(section.uF)).join(' + ')} µF: an earlier repair may have fitted the wrong one. The plate counts.`}</p>
        ) : null}
      </Section>
      {old?.duty === 'start' ? (
        <p className="mt-3 max-w-[75ch] border-ink border-l-2 pl-3 text-[0.95rem]">{startCapacitorNote}</p>
      ) : null}
      <WhatToAsk part="capacitor" />
      <Candidates part="capacitor" results={results} />
      <Section
        part="beside"
        title="Beside the old one"
        aside="same µF, same or higher volts; shape only matters for strap and space"
      >
        <StoredLine stored={stored} />
        {old ? (
          <MatchSheet what="capacitor" results={results} parts={parts} />
        ) : (
          <p>Type the label of the old capacitor, or its µF and volts as text: “5 µF 370 V”.</p>
        )}
      </Section>
      <OrderBlock part="capacitor" />
    </>
  )
}
