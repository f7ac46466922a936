import type { ChartFacts } from '../core/chart'
import { bandHz, type SoundAnalysis } from '../core/sound/analyse'
import type { Heard } from '../core/sound/hear'
import type { MarkedLine } from '../core/sound/marks'
import { sound } from './en/sound'
import { say } from './say'

const said = (key: string): string => say({ key }, sound)

export interface DrawnSound {
  /** How it is called in the drawing. */
  name: 'before' | 'after' | 'now'
  sound: Pick<SoundAnalysis, 'bands'>
  heard: Heard
}

const nameOf = ({ name }: DrawnSound): string =>
  name === 'now' ? said('chart.now') : said(`side.${name}`).toLowerCase()

/** Spectra over each other, with the lines of hum, turn and blades. The first one is drawn strong. */
export const spectrumChart = (sounds: DrawnSound[], marks: MarkedLine[]): ChartFacts => ({
  label: said('chart.spectrum'),
  xName: said('chart.hz'),
  yName: said('chart.db'),
  logX: true,
  series: sounds.map((each, place) => ({
    name: nameOf(each),
    strong: place === 0,
    points: each.sound.bands.map((db, index): [number, number] => [Math.round(bandHz(index)), db]),
  })),
  marks: marks
    .filter(({ hz }) => hz >= bandHz(0))
    .map(({ hz, what }) => ({ x: hz, name: said(`mark.${what}`) })),
})

/** The lowest a beat is drawn, and the lowest of the strongest for which anything is: less is the air of a room. */
const LEAST = 0.02
const LEAST_STRONGEST = 0.1

/**
 * Beats of the noise as lines of their strength, the strong ones with their names; null where none of the recordings has any.
 * A race of a bearing stands out here where the spectrum shows nothing.
 */
export function beatsChart(sounds: DrawnSound[]): ChartFacts | null {
  const lines = sounds.map((each) => ({
    name: nameOf(each),
    beats: each.heard.envelope.filter(({ strength }) => strength > LEAST),
  }))
  const [strongest] = lines.flatMap(({ beats }) => beats).sort((one, two) => two.strength - one.strength)
  if (!strongest || strongest.strength < LEAST_STRONGEST) return null
  const told = lines
    .flatMap(({ beats }) => beats)
    .filter(({ what, strength }) => what !== 'other' && strength > strongest.strength / 4)
  return {
    label: said('chart.beats'),
    xName: said('chart.times'),
    yName: said('chart.strength'),
    logX: false,
    series: lines.map(({ name, beats }, place) => ({
      name,
      strong: place === 0,
      stems: true,
      points: beats.map(({ hz, strength }): [number, number] => [hz, strength]),
    })),
    marks: told
      .filter(({ what }, place) => told.findIndex((other) => other.what === what) === place)
      .map(({ hz, what }) => ({ x: hz, name: said(`beat.${what}`) })),
  }
}
