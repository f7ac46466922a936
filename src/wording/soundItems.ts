import type { HeardSound } from '../core/job/proving/sounds'
import type { RecordItem } from '../core/record/types'
import { changeLines, recordingLine } from './sayHeard'
import { beatsChart, type DrawnSound, spectrumChart } from './soundCharts'

/** What was recorded, said and drawn: each recording in a line, what differs, the spectra and the beats over each other. */
export function soundItems({
  before,
  after,
  change,
  marks,
}: Extract<RecordItem, { kind: 'sounds' }>): RecordItem[] {
  const sides = [
    ...(before ? [{ name: 'before' as const, ...before }] : []),
    ...(after ? [{ name: 'after' as const, ...after }] : []),
  ]
  const beats = beatsChart(sides.map(drawn))
  return [
    {
      kind: 'times',
      rows: sides.map(({ name, row, heard }) => ({ at: row.at, text: recordingLine(name, row.name, heard) })),
    },
    ...(change ? [{ kind: 'list', items: changeLines(change), numbered: false } satisfies RecordItem] : []),
    { kind: 'chart', chart: spectrumChart(sides.map(drawn), marks) },
    ...(beats ? [{ kind: 'chart', chart: beats } satisfies RecordItem] : []),
  ]
}

const drawn = ({ name, sound, heard }: HeardSound & { name: 'before' | 'after' }): DrawnSound => ({
  name,
  sound,
  heard,
})
