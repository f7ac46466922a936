'use client'

import dynamic from 'next/dynamic'
import { whenReached } from '../kit/whenReached'
import { CapacitorInstrument } from './CapacitorInstrument'
import { CombineInstrument } from './CombineInstrument'
import { DischargeInstrument } from './DischargeInstrument'
import { LeadMapInstrument } from './LeadMapInstrument'
import { type InstrumentId, instrumentNames } from './names'
import { SpeedInstrument } from './SpeedInstrument'
import { TemperatureInstrument } from './TemperatureInstrument'
import type { InstrumentProps, OpenJob } from './types'
import { useAddress } from './useAddress'
import { VoltageInstrument } from './VoltageInstrument'
import { WheelInstrument } from './WheelInstrument'

const MotorInstrument = dynamic(
  () => whenReached(() => import('./MotorInstrument').then((module) => module.MotorInstrument)),
  {
    ssr: false,
  },
)

const SoundInstrument = dynamic(
  () => whenReached(() => import('./SoundInstrument').then((module) => module.SoundInstrument)),
  { ssr: false },
)

const parts: Record<InstrumentId, (props: InstrumentProps) => React.ReactNode> = {
  capacitor: (props) => <CapacitorInstrument {...props} />,
  combine: (props) => <CombineInstrument {...props} />,
  discharge: (props) => <DischargeInstrument {...props} />,
  leads: (props) => <LeadMapInstrument {...props} />,
  temperature: (props) => <TemperatureInstrument {...props} />,
  voltage: (props) => <VoltageInstrument {...props} />,
  speed: (props) => <SpeedInstrument {...props} />,
  sound: (props) => <SoundInstrument {...props} />,
  wheel: (props) => <WheelInstrument {...props} />,
  motor: (props) => <MotorInstrument {...props} />,
}

/** Every calculation on its own, without a job; what is typed stands in the address. */
export function Instruments({ jobs }: { jobs: OpenJob[] }) {
  const address = useAddress()
  const chosen = instrumentNames.find((each) => each.id === address.get('i')) ?? instrumentNames[0]
  return (
    <div className="border-ink border-t mid:grid mid:grid-cols-[230px_minmax(0,1fr)]">
      <nav aria-label="Instruments" className="py-3 mid:pr-4">
        <ul className="flex flex-wrap gap-1 mid:block">
          {instrumentNames.map((each) => (
            <li key={each.id}>
              <button
                type="button"
                aria-current={each === chosen ? 'page' : undefined}
                className="block min-h-11 w-full border-transparent border-l-4 px-2 py-1.5 text-left leading-tight aria-[current=page]:border-l-[var(--copper-fill)] aria-[current=page]:font-bold hover:underline"
                onClick={() => address.set('i', each.id)}
              >
                {each.name}
                <span className="caption hidden font-normal mid:block">{each.about}</span>
              </button>
            </li>
          ))}
        </ul>
      </nav>
      <section
        aria-label={chosen.name}
        className="min-h-[560px] border-ink bg-surface px-4 py-5 mid:border-x mid:px-6"
        data-testid={`instrument-${chosen.id}`}
      >
        <h2 className="mb-3 text-xl">{chosen.name}</h2>
        {parts[chosen.id]({ address, jobs })}
      </section>
    </div>
  )
}
