'use client'

import { useMemo } from 'react'
import type { ComparedSounds } from '@/core/job/proving/sounds'
import { bandHz } from '@/core/sound/analyse'
import { Chart, type Series } from '../pieces/Chart'

/** The spectra before and after over each other, with the lines of hum, turn and blades. */
export function SoundChart({ sounds: { before, after, marks } }: { sounds: ComparedSounds }) {
  const series = useMemo(() => {
    const line = (name: string, bands: number[] | undefined, strong: boolean): Series[] =>
      bands
        ? [
            {
              name,
              strong,
              points: bands.map((db, index): [number, number] => [Math.round(bandHz(index)), db]),
            },
          ]
        : []
    return [...line('before', before?.sound.bands, true), ...line('after', after?.sound.bands, false)]
  }, [before, after])
  const named = useMemo(
    () => marks.filter(({ hz }) => hz >= bandHz(0)).map(({ hz, name }) => ({ x: hz, name })),
    [marks],
  )
  return (
    <Chart
      label="Level of each band of the sound, before and after; the sentences beside it say what differs."
      xName="Hz"
      yName="dB"
      series={series}
      marks={named}
      logX
    />
  )
}
