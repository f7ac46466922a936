'use client'

import { cupsOf } from '@/core/job/cups'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'

/** What went into each cup and what has come out of it again. */
export function Cups() {
  const { snapshot } = useJob()
  const cups = cupsOf(snapshot)
  if (cups.length === 0) return null
  return (
    <Section title="Cups" aside="what went in, and what has come out again">
      <table className="w-full max-w-xl text-left text-sm">
        <thead className="caption">
          <tr>
            <th className="font-normal">Cup</th>
            <th className="font-normal">Fastener</th>
            <th className="text-right font-normal">In</th>
            <th className="text-right font-normal">Out again</th>
          </tr>
        </thead>
        <tbody>
          {cups.map(({ cup, fastener, removed, out }) => (
            <tr key={`${cup}/${fastener}`} className="rule-top">
              <td className="py-1.5 font-bold">{cup || '–'}</td>
              <td className="py-1.5">{fastener || 'fastener'}</td>
              <td className="num py-1.5 text-right">{removed}</td>
              <td className={`num py-1.5 text-right ${out < removed ? 'text-copper' : ''}`}>{out}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Section>
  )
}
