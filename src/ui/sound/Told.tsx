'use client'

import type { RecordedSureness } from '@/core/knowledge/recordingsCounted'
import { valueLabel } from '@/core/knowledge/valueLabels'
import { type Heard, surenessOf } from '@/core/sound/hear'
import { significant } from '@/core/units'
import { saidSuggestions, sayingSure } from '@/wording/sayHeard'

interface ToldProps {
  heard: Heard
  /** What stands as heard in the job; left out where nothing can be noted. */
  noted?: string | null
  onNote?: (value: string, recorded: RecordedSureness) => void
}

/** What a recording may be, as questions with the figures behind them; nothing of it is a verdict. */
export function Told({ heard, noted = null, onNote }: ToldProps) {
  const asked = saidSuggestions(heard).flatMap((each) => {
    const sure = surenessOf(each)?.sure
    return sure ? [{ ...each, sure }] : []
  })
  return (
    <div className="mt-3 border-ink border-l-4 pl-3" data-testid="told" role="status">
      {asked.length === 0 ? (
        <p>It is not clear what this is. Record it nearer, for three to ten seconds, with nobody talking.</p>
      ) : null}
      <ul>
        {asked.map(({ value, confidence, text, sure }) => (
          <li key={value} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-line border-b py-1.5">
            <span className="min-w-0 flex-1 basis-64">
              {text}
              <span className="caption block">{sayingSure({ value, confidence })}</span>
            </span>
            {onNote && value !== 'none' ? (
              <button
                type="button"
                className="chip"
                aria-pressed={noted === value}
                onClick={() => {
                  // Heard by ear and told by the recording: what was heard stays as it is.
                  if (noted !== value) onNote(value, sure)
                }}
              >
                {noted === value ? 'Noted' : `Yes, note “${valueLabel('sound', value)}”`}
              </button>
            ) : null}
          </li>
        ))}
      </ul>
      <dl className="mt-2 grid max-w-2xl gap-x-4 mid:grid-cols-[auto_1fr]">
        {figures(heard).map(([name, figure]) => (
          <div key={name} className="contents">
            <dt className="caption">{name}</dt>
            <dd className="num pb-1">{figure}</dd>
          </div>
        ))}
      </dl>
      {heard.clipped ? <p>Too loud: it is cut off at the top. Go farther away and record it again.</p> : null}
      {heard.steady ? null : <p>The level changes while it is recorded. What is told of it is less sure.</p>}
    </div>
  )
}

function figures({ seconds, levelDb, rpm, hum, tones, envelope }: Heard): [string, string][] {
  const [tone] = tones
  const [beat] = envelope
  return [
    ['Length', `${significant(seconds)} s`],
    ['Level', `${Math.round(levelDb)} dB of full scale`],
    [
      'Speed',
      rpm
        ? `${Math.round(rpm.value)} rpm (${Math.round(rpm.low)} to ${Math.round(rpm.high)}), by the ${rpm.from === 'blades' ? 'blades’ beat' : 'beat of the turn'}`
        : 'nothing beats that tells it; count the blades first',
    ],
    [
      'Hum of the mains',
      hum.dominant ? 'more than half of what lies under 1 kHz' : `${Math.round(hum.db)} dB`,
    ],
    ...(tone ? [['Strongest tone', `${significant(tone.hz)} Hz`] satisfies [string, string]] : []),
    ...(beat
      ? [
          [
            'Strongest beat of the noise',
            `${significant(beat.hz)} Hz, ${beat.what.replace('-', ' ')}`,
          ] satisfies [string, string],
        ]
      : []),
  ]
}
