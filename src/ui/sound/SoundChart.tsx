'use client'

import { useMemo } from 'react'
import type { MarkedLine } from '@/core/sound/marks'
import { beatsChart, type DrawnSound, spectrumChart } from '@/wording/soundCharts'
import { Chart } from '../pieces/Chart'

/** The spectra over each other with the lines of hum, turn and blades, and under them the beats of the noise. */
export function SoundChart({ sounds, marks }: { sounds: DrawnSound[]; marks: MarkedLine[] }) {
  const spectrum = useMemo(() => spectrumChart(sounds, marks), [sounds, marks])
  const beats = useMemo(() => beatsChart(sounds), [sounds])
  return (
    <div data-testid="sound-charts">
      <Drawn chart={spectrum} />
      {beats ? <Drawn chart={beats} /> : null}
    </div>
  )
}

function Drawn({ chart }: { chart: ReturnType<typeof spectrumChart> }) {
  return (
    <figure>
      <Chart {...chart} height={240} />
      <figcaption className="caption">{chart.label}</figcaption>
    </figure>
  )
}
