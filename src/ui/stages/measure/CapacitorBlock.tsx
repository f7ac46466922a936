'use client'

import dynamic from 'next/dynamic'
import { type CapacitorVerdict, type Section as SectionName, toleranceOf, windowOf } from '@/core/capacitor'
import { activeReadings, capacitanceMeterOf, capacitorOf, fieldText, type Part } from '@/core/job'
import { significant } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { atHand } from '../../kit/whenReached'
import { WindowStrip } from '../../pieces/WindowStrip'

const words: Record<CapacitorVerdict, string> = {
  good: 'inside its window',
  borderline: 'borderline for this meter',
  weak: 'weak',
  high: 'high',
  open: 'open',
  shorted: 'over-range: shorted?',
  'failed-by-look': 'failed by its look',
}

/** The reader of labels comes behind the first page; its place is kept. */
const PlatePhoto = dynamic(
  atHand(() => import('../../plate/PlatePhoto').then((module) => module.PlatePhoto)),
  { ssr: false, loading: () => <div className="min-h-11" /> },
)

/** The label as text, a window strip for each section, the reading on it. */
export function CapacitorBlock({ part, locked }: { part: Part; locked: boolean }) {
  const { snapshot, act, id } = useJob()
  const { label, labelError, check } = capacitorOf(snapshot, part)
  const meter = capacitanceMeterOf(snapshot.household)
  const text = fieldText(snapshot, `capacitor-${part}`, 'label')
  const wide = snapshot.household.school === 'ten-percent'
  const tolerance = toleranceOf(label ?? {})
  return (
    <Section
      id={`capacitor-${part}`}
      part="capacitor"
      title={part === 'new' ? 'New capacitor' : 'Capacitor'}
      aside={`every wire off, discharged; meter ${meter.accuracyPercent} % + ${meter.accuracyCounts}`}
    >
      {part === 'old' ? <PlatePhoto kind="capacitor" /> : null}
      <TextField
        label="Its label, as printed"
        value={text}
        placeholder="35+5 µF ±6 % 440 V"
        mono
        error={labelError}
        hint={label ? null : 'One or two values in µF, then tolerance and volts if they are printed.'}
        onType={(typed) =>
          act({ kind: 'field.set', id: id(), part: `capacitor-${part}`, field: 'label', typed })
        }
      />
      {label?.sections.map((section) => {
        const reading = activeReadings(snapshot, 'capacitance', part).find(
          (row) => row.pointA === section.section,
        )
        const result = check?.sections.find((each) => each.section === section.section)
        const window = windowOf(section, tolerance, wide)
        const name = section.section === 'single' ? 'Capacitor' : section.section
        const printed =
          section.minUf !== undefined
            ? `${section.minUf}–${section.maxUf} µF`
            : `${significant(section.uF, 4)} µF ${tolerance.minus === tolerance.plus ? `±${tolerance.plus}` : `−${tolerance.minus}/+${tolerance.plus}`} %`
        return (
          <div
            key={section.section}
            className="grid items-center gap-x-4 gap-y-1 border-line border-b py-3 mid:grid-cols-[90px_minmax(0,1fr)_190px]"
            data-testid={`section-${section.section}`}
          >
            <div>
              <p className="font-bold">{name}</p>
              <p className="caption">{printed}</p>
            </div>
            <WindowStrip
              label={`${name}, ${printed}`}
              nominal={section.uF}
              low={window.low}
              high={window.high}
              reading={result?.readingUf ?? null}
              uncertainty={result?.uncertaintyUf ?? null}
              unit="µF"
            />
            <SectionReading
              part={part}
              section={section.section}
              typed={reading?.typed ?? ''}
              locked={locked}
              verdict={result?.verdict ?? null}
              deviation={result?.deviationPercent ?? null}
            />
          </div>
        )
      })}
      {check ? (
        <ul className="caption mt-2 max-w-[80ch] list-none" aria-label="Why">
          {check.reasons.map((reason) => (
            <li key={reason}>{reason}</li>
          ))}
        </ul>
      ) : null}
    </Section>
  )
}

interface SectionReadingProps {
  part: Part
  section: SectionName
  typed: string
  locked: boolean
  verdict: CapacitorVerdict | null
  deviation: number | null
}

function SectionReading({ part, section, typed, locked, verdict, deviation }: SectionReadingProps) {
  const { act, id } = useJob()
  const bad = verdict !== null && verdict !== 'good'
  const share =
    deviation !== null && (verdict === 'weak' || verdict === 'high')
      ? `${Math.abs(Math.round(deviation))} % ${deviation < 0 ? 'low' : 'high'}: `
      : ''
  return (
    <div className="text-right">
      <NumberField
        label={`${section === 'single' ? 'Capacitor' : section} reads`}
        hideLabel
        typed={typed}
        quantity="uF"
        options={{ over: true }}
        disabled={locked}
        className="[&_input]:text-right [&_input]:pr-9 [&_input]:text-xl [&_input]:font-bold"
        testId={`reading-${part}-${section}`}
        onType={(text) =>
          act({ kind: 'reading.set', id: id(), reading: 'capacitance', part, a: section, b: '', typed: text })
        }
      />
      <p
        className={`mt-1 text-sm font-bold ${verdict === null ? 'text-soft' : bad ? 'text-copper' : 'text-teal'}`}
        role="status"
        data-testid={`verdict-${part}-${section}`}
      >
        {verdict === null ? (locked ? 'not proved dead' : 'not read') : `${share}${words[verdict]}`}
      </p>
    </div>
  )
}
