'use client'

import { useEffect, useState } from 'react'
import { capacitorWords, motorWords } from '@/core/match/partWords'
import type { PartFound } from '@/server/parts'
import { Section } from '../kit/Section'
import { PartTable } from './PartTable'

/** Typing goes on for a moment before the lists are searched. */
const PAUSE_MS = 200

/** Words against everything that is kept: number, maker, power, volts, speed, µF. */
export function FindParts({ any }: { any: boolean }) {
  const [text, setText] = useState('')
  const [found, setFound] = useState<{ motor: PartFound[]; capacitor: PartFound[] } | null>(null)
  useEffect(() => {
    const abort = new AbortController()
    const wait = setTimeout(() => {
      const of = async (kind: string) => {
        const response = await fetch(`/api/parts?kind=${kind}&text=${encodeURIComponent(text)}`, {
          signal: abort.signal,
        })
        return ((await response.json()) as { parts?: PartFound[] }).parts ?? []
      }
      Promise.all([of('motor'), of('capacitor')]).then(
        ([motor, capacitor]) => setFound({ motor, capacitor }),
        () => {},
      )
    }, PAUSE_MS)
    return () => {
      clearTimeout(wait)
      abort.abort()
    }
  }, [text])
  if (!any) return null
  return (
    <Section title="Find a part" aside="in your own lists and on your shelf">
      <label htmlFor="parts-find" className="caption block">
        By number, maker, power, volts, speed, µF
      </label>
      <input
        id="parts-find"
        className="field max-w-xl"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {found ? (
        <>
          <PartTable
            title={`Motors, ${found.motor.length === 100 ? 'the first 100' : found.motor.length}`}
            heads={['Number', 'Maker', 'Kind', 'Power', 'Volts', 'Speeds', 'Capacitor', 'List']}
            rows={found.motor.map((part) => ({
              id: part.id,
              cells: [...(part.motor ? motorWords(part.motor) : []), part.catalogue],
            }))}
          />
          <PartTable
            title={`Capacitors, ${found.capacitor.length === 100 ? 'the first 100' : found.capacitor.length}`}
            heads={['Number', 'Maker', 'µF', 'Volts', 'Duty', 'List']}
            rows={found.capacitor.map((part) => ({
              id: part.id,
              cells: [...(part.capacitor ? capacitorWords(part.capacitor) : []), part.catalogue],
            }))}
          />
        </>
      ) : null}
    </Section>
  )
}
