'use client'

import Link from 'next/link'
import type { ReactNode } from 'react'
import { activeReadings, nominalOf } from '@/core/job'
import { tests } from '@/core/knowledge/tests'
import { typedValue } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'
import { WindowStrip } from '../../pieces/WindowStrip'

/** A multimeter on volts: 1 % and 3 counts of 0.1 V. */
const voltUncertainty = (volts: number) => volts * 0.01 + 0.3

/** Live readings, with their precautions; greyed while the power is off. */
export function SupplyBlock({ children }: { children: ReactNode }) {
  const { snapshot, energy, act, id } = useJob()
  const powered = energy.state === 'live' || energy.state === 'live-test' || energy.state === 'in-service'
  const rated = snapshot.household.catRated === 1
  const nominal = nominalOf(snapshot)
  const typed = activeReadings(snapshot, 'supply', 'old')[0]?.typed ?? ''
  const volts = typedValue(typed, 'volts')
  return (
    <Section
      id="supply"
      title="Live, few and quick"
      aside={powered ? 'you may decline each of them' : 'the power is off'}
    >
      {powered ? (
        <p className="mb-2 max-w-[75ch] border-l-4 border-l-[var(--amber)] pl-2 text-sm">
          {tests['supply-voltage'][0]!.caution}
        </p>
      ) : (
        <p className="caption mb-2">
          Live readings are taken before isolating, or during a live test under Prove.
        </p>
      )}
      {powered && !rated ? (
        <p className="mb-2 text-sm">
          No live mains reading without a meter and leads marked CAT III 600 V.{' '}
          <Link href="/household#meter" className="text-teal underline">
            Say under Household that yours are
          </Link>
          .
        </p>
      ) : null}
      <div className="grid items-center gap-4 border-line border-b py-2 mid:grid-cols-[90px_minmax(0,1fr)_190px]">
        <p className="font-bold">
          Supply <span className="caption block font-normal">{`${nominal} V ±10 %`}</span>
        </p>
        <WindowStrip
          label="Supply"
          nominal={nominal}
          low={nominal * 0.9}
          high={nominal * 1.1}
          reading={volts}
          uncertainty={volts === null ? null : voltUncertainty(volts)}
          unit="V"
        />
        <NumberField
          label="Volts at the supply"
          hideLabel
          typed={typed}
          quantity="volts"
          disabled={!powered || !rated}
          onType={(text) =>
            act({
              kind: 'reading.set',
              id: id(),
              reading: 'supply',
              part: 'old',
              a: 'supply',
              b: '',
              typed: text,
            })
          }
        />
      </div>
      {children}
    </Section>
  )
}
