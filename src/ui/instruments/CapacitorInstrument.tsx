'use client'

import {
  capacitanceUnderLoad,
  checkCapacitor,
  parseCapacitorLabel,
  toleranceOf,
  windowOf,
} from '@/core/capacitor'
import { isCoreError } from '@/core/errors'
import { parseTyped, significant, typedValue } from '@/core/units'
import { NumberField } from '../kit/NumberField'
import { TextField } from '../kit/TextField'
import { WindowStrip } from '../pieces/WindowStrip'
import { Figure, figure, IntoJob, Result } from './parts'
import type { InstrumentProps } from './types'

function labelOf(text: string) {
  try {
    return { label: text.trim() ? parseCapacitorLabel(text) : null, error: null }
  } catch (error) {
    return { label: null, error: isCoreError(error) ? error.message : 'This label cannot be read.' }
  }
}

/** A label and what the meter shows: the window, the verdict, and why. Also under load. */
export function CapacitorInstrument({ address, jobs }: InstrumentProps) {
  const text = address.get('label')
  const { label, error } = labelOf(text)
  const readings = (label?.sections ?? []).flatMap((section) => {
    const typed = parseTyped(address.get(section.section), 'uF', { over: true })
    if (typed.kind !== 'value' && typed.kind !== 'over') return []
    return [{ section: section.section, uF: typed.kind === 'over' ? null : typed.value }]
  })
  const check = label && readings.length > 0 ? checkCapacitor({ label, readings }) : null
  const tolerance = toleranceOf(label ?? {})
  const [amps, volts, hz] = [
    figure(address, 'amps', 'amps'),
    figure(address, 'across', 'volts'),
    figure(address, 'hz', 'hz') ?? 60,
  ]
  return (
    <>
      <TextField
        label="Label, as printed"
        value={text}
        mono
        placeholder="35+5 µF ±6 % 440 V"
        error={error}
        onType={(value) => address.set('label', value)}
      />
      {label?.sections.map((section) => {
        const window = windowOf(section, tolerance)
        const result = check?.sections.find((each) => each.section === section.section)
        return (
          <div
            key={section.section}
            className="grid items-center gap-x-4 border-line border-b py-3 mid:grid-cols-[90px_minmax(0,1fr)_170px]"
          >
            <p className="font-bold">
              {section.section === 'single' ? 'Capacitor' : section.section}
              <span className="num caption block font-normal">{significant(section.uF, 4)} µF</span>
            </p>
            <WindowStrip
              label={section.section}
              nominal={section.uF}
              low={window.low}
              high={window.high}
              reading={result?.readingUf ?? null}
              uncertainty={result?.uncertaintyUf ?? null}
              unit="µF"
            />
            <div>
              <NumberField
                label={`${section.section} reads`}
                hideLabel
                typed={address.get(section.section)}
                quantity="uF"
                options={{ over: true }}
                onType={(typed) => address.set(section.section, typed)}
              />
              <p
                className={`mt-1 text-right font-bold text-sm ${result?.verdict === 'good' ? 'text-teal' : 'text-copper'}`}
                role="status"
              >
                {result ? result.verdict : ''}
              </p>
            </div>
          </div>
        )
      })}
      {check?.reasons.map((reason) => (
        <p key={reason} className="caption mt-1">
          {reason}
        </p>
      ))}
      <h3 className="mt-6 mb-2">Under load</h3>
      <p className="caption mb-2 max-w-[70ch]">
        For people trained to measure live: current in the capacitor lead, volts across the capacitor, while
        it works.
      </p>
      <div className="grid max-w-2xl grid-cols-3 gap-3">
        <Figure address={address} name="amps" label="Current" quantity="amps" placeholder="0.72" />
        <Figure address={address} name="across" label="Volts across it" quantity="volts" placeholder="382" />
        <Figure address={address} name="hz" label="Frequency" quantity="hz" placeholder="60" />
      </div>
      {amps && volts ? (
        <Result value={significant(capacitanceUnderLoad({ amps, volts, hz }).uF)} unit="µF">
          C = I / (2πfV)
        </Result>
      ) : null}
      {label ? (
        <IntoJob
          jobs={jobs}
          acts={(id) => [
            { kind: 'field.set', id: id(), part: 'capacitor-old', field: 'label', typed: text },
            ...label.sections.flatMap((section) =>
              typedValue(address.get(section.section), 'uF') === null
                ? []
                : [
                    {
                      kind: 'reading.set' as const,
                      id: id(),
                      reading: 'capacitance' as const,
                      part: 'old' as const,
                      a: section.section,
                      b: '',
                      typed: address.get(section.section),
                    },
                  ],
            ),
          ]}
        />
      ) : null}
    </>
  )
}
