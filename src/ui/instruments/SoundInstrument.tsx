'use client'

import { useState } from 'react'
import { type Heard, surenessOf } from '@/core/sound/hear'
import { SelectField } from '../kit/TextField'
import { TakeSound } from '../sound/TakeSound'
import { Told } from '../sound/Told'
import { Figure, figure, IntoJob } from './parts'
import type { InstrumentProps } from './types'

/** A recording of a fan on its own: how fast it turns, what it may be. */
export function SoundInstrument({ address, jobs }: InstrumentProps) {
  const [told, setTold] = useState<Heard | null>(null)
  const lineHz = address.get('hz') === '50' ? 50 : 60
  const [blades, rpm] = [figure(address, 'blades', 'count'), figure(address, 'plate', 'rpm')]
  const [balls, ball, pitch] = [
    figure(address, 'balls', 'count'),
    figure(address, 'ball', 'mm'),
    figure(address, 'pitch', 'mm'),
  ]
  const of = {
    lineHz,
    ...(blades && blades > 0 ? { blades: Math.round(blades) } : {}),
    ...(rpm && rpm > 0 ? { plateRpm: [rpm] } : {}),
    ...(balls && ball && pitch && pitch > ball
      ? { bearing: { balls: Math.round(balls), ballMm: ball, pitchMm: pitch } }
      : {}),
  }
  const [likeliest] = told?.suggests ?? []
  const recorded = likeliest && surenessOf(likeliest)?.sure
  return (
    <>
      <div className="grid max-w-2xl grid-cols-2 gap-3 mid:grid-cols-3">
        <SelectField
          label="Mains"
          value={String(lineHz)}
          options={[
            { value: '60', label: '60 Hz' },
            { value: '50', label: '50 Hz' },
          ]}
          onChoose={(value) => address.set('hz', value)}
        />
        <Figure
          address={address}
          name="blades"
          label="Blades of the wheel"
          quantity="count"
          placeholder="5"
        />
        <Figure address={address} name="plate" label="Speed on the plate" quantity="rpm" placeholder="1075" />
        <Figure
          address={address}
          name="balls"
          label="Balls of the bearing"
          quantity="count"
          placeholder="8"
        />
        <Figure address={address} name="ball" label="One ball" quantity="mm" placeholder="6.75" />
        <Figure
          address={address}
          name="pitch"
          label="Circle of the balls’ centres"
          quantity="mm"
          placeholder="28.5"
        />
      </div>
      <p className="caption mt-1">What is not known may be left out. Blades and plate make the speed sure.</p>
      <TakeSound
        of={of}
        onHeard={(_, { heard = null }) => setTold(heard)}
        kept="The recording stays with you: nothing of it is sent anywhere."
      />
      {told ? <Told heard={told} /> : null}
      {likeliest && recorded && likeliest.value !== 'none' ? (
        <IntoJob
          jobs={jobs}
          acts={(id) => [
            { kind: 'finding.set', id: id(), observation: 'sound', value: likeliest.value, recorded },
          ]}
        />
      ) : null}
    </>
  )
}
