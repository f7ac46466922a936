'use client'

import { useMemo } from 'react'
import { capacitorOf, fieldText } from '@/core/job'
import { oldCapacitor } from '@/core/job/oldPart'
import { catalogueCapacitors } from '@/core/knowledge/catalogue/capacitors'
import { matchCapacitors } from '@/core/match'
import { significant, typedValue } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { MatchSheet } from './MatchSheet'
import type { SheetPart } from './sheetPart'

const parts = new Map<string, SheetPart>(
  catalogueCapacitors.map((part) => [
    part.id,
    { id: part.id, name: part.partNumber!, maker: part.manufacturer ?? '', price: part.price ?? null },
  ]),
)

/** The old capacitor by its label, what the motor plate asks for, and the catalogue against both. */
export function CapacitorMatch() {
  const { snapshot, act, id } = useJob()
  const text = (part: string, field: string) => fieldText(snapshot, part, field)
  const { labelError } = capacitorOf(snapshot, 'old')
  const uF = typedValue(text('motor-old', 'capacitorUf'), 'uF')
  const volts = typedValue(text('motor-old', 'capacitorVolts'), 'volts')
  const old = useMemo(() => oldCapacitor(snapshot), [snapshot])
  const results = useMemo(
    () =>
      old
        ? matchCapacitors({
            old,
            candidates: catalogueCapacitors,
            ...(uF === null ? {} : { motorNeeds: { uF, ...(volts === null ? {} : { volts }) } }),
          }).results
        : [],
    [old, uF, volts],
  )
  const set = (part: string, field: string) => (typed: string) =>
    act({ kind: 'field.set', id: id(), part, field, typed })
  const differs = old && uF !== null && !old.sections.some((section) => Math.abs(section.uF / uF - 1) < 0.06)
  return (
    <>
      <Section title="The old capacitor" aside="the motor plate rules over the old label">
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
        </div>
        {differs ? (
          <p className="mt-2 border-copper border-l-4 pl-2 text-sm">{`The motor asks for ${significant(uF)} µF and the label says ${old.sections.map((section) => significant(section.uF)).join(' + ')} µF: an earlier repair may have fitted the wrong one. The plate counts.`}</p>
        ) : null}
      </Section>
      <Section
        title="Candidates"
        aside="same µF, same or higher volts; shape only matters for strap and space"
      >
        {old ? (
          <MatchSheet what="capacitor" results={results} parts={parts} />
        ) : (
          <p>Type the label of the old capacitor, or its µF and volts as text: “5 µF 370 V”.</p>
        )}
      </Section>
    </>
  )
}
