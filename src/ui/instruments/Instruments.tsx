'use client'

import dynamic from 'next/dynamic'
import { whenReached } from '../kit/whenReached'
import { CapacitorInstrument } from './CapacitorInstrument'
import { CombineInstrument } from './CombineInstrument'
import { DischargeInstrument } from './DischargeInstrument'
import { LeadMapInstrument } from './LeadMapInstrument'
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

const instruments: {
  id: string
  name: string
  about: string
  part: (props: InstrumentProps) => React.ReactNode
}[] = [
  {
    id: 'capacitor',
    name: 'Capacitor window',
    about: 'label against reading',
    part: (props) => <CapacitorInstrument {...props} />,
  },
  {
    id: 'combine',
    name: 'Combine sections',
    about: 'jumpers of a multi-section part',
    part: (props) => <CombineInstrument {...props} />,
  },
  {
    id: 'discharge',
    name: 'Discharge',
    about: 'how long, how many watts',
    part: (props) => <DischargeInstrument {...props} />,
  },
  {
    id: 'leads',
    name: 'Lead map',
    about: 'which lead is which',
    part: (props) => <LeadMapInstrument {...props} />,
  },
  {
    id: 'temperature',
    name: 'Winding temperature',
    about: 'to 20 °C, and how hot it ran',
    part: (props) => <TemperatureInstrument {...props} />,
  },
  {
    id: 'voltage',
    name: 'Voltage walk',
    about: 'where it is lost',
    part: (props) => <VoltageInstrument {...props} />,
  },
  {
    id: 'speed',
    name: 'Speed and poles',
    about: 'plate, beat, fan laws',
    part: (props) => <SpeedInstrument {...props} />,
  },
  {
    id: 'sound',
    name: 'Listen',
    about: 'speed, bearing, what it may be',
    part: (props) => <SoundInstrument {...props} />,
  },
  {
    id: 'wheel',
    name: 'Shaft, wheel, bearing',
    about: 'mark, centre, size, turn',
    part: (props) => <WheelInstrument {...props} />,
  },
  {
    id: 'motor',
    name: 'Motor, what if',
    about: 'another capacitor or voltage',
    part: (props) => <MotorInstrument {...props} />,
  },
]

/** Every calculation on its own, without a job; what is typed stands in the address. */
export function Instruments({ jobs }: { jobs: OpenJob[] }) {
  const address = useAddress()
  const chosen = instruments.find((each) => each.id === address.get('i')) ?? instruments[0]!
  return (
    <div className="border-ink border-t mid:grid mid:grid-cols-[230px_minmax(0,1fr)]">
      <nav aria-label="Instruments" className="py-3 mid:pr-4">
        <ul className="flex flex-wrap gap-1 mid:block">
          {instruments.map((each) => (
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
        {chosen.part({ address, jobs })}
      </section>
    </div>
  )
}
