'use client'

import { useState } from 'react'
import { catalogueCapacitors } from '@/core/knowledge/catalogue/capacitors'
import { catalogueMotors } from '@/core/knowledge/catalogue/motors'
import { capacitorWords, motorWords } from '@/core/match/partWords'
import { Section } from '../kit/Section'
import { PartTable } from './PartTable'

/** The shipped, made-up catalogue, to look through. */
export function DemoParts() {
  const [text, setText] = useState('')
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const has = (row: string) => words.every((word) => row.toLowerCase().includes(word))
  const motors = catalogueMotors
    .map((motor) => ({ id: motor.id, cells: motorWords(motor) }))
    .filter(({ cells }) => has(cells.join(' ')))
  const capacitors = catalogueCapacitors
    .map((part) => ({ id: part.id, cells: capacitorWords(part) }))
    .filter(({ cells }) => has(cells.join(' ')))
  return (
    <Section title="The made-up catalogue" aside="invented makers and numbers: nothing of it can be bought">
      <label htmlFor="shelf-find" className="caption block">
        Find by number, maker, power, volts, speed, µF
      </label>
      <input
        id="shelf-find"
        className="field max-w-xl"
        value={text}
        placeholder="1/6 825"
        onChange={(event) => setText(event.target.value)}
      />
      <PartTable
        title={`Motors, ${motors.length}`}
        heads={['Number', 'Maker', 'Kind', 'Power', 'Volts', 'Speeds', 'Capacitor']}
        rows={motors}
      />
      <PartTable
        title={`Capacitors, ${capacitors.length}`}
        heads={['Number', 'Maker', 'µF', 'Volts', 'Duty']}
        rows={capacitors}
      />
    </Section>
  )
}
