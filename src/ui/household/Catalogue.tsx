'use client'

import { useState } from 'react'
import { catalogueCapacitors } from '@/core/knowledge/catalogue/capacitors'
import { catalogueMotors } from '@/core/knowledge/catalogue/motors'
import { vocabulary } from '@/core/knowledge/vocabulary'
import { formatHp, significant } from '@/core/units'

/** The shipped catalogue, to look through. */
export function Catalogue() {
  const [text, setText] = useState('')
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const has = (row: string) => words.every((word) => row.toLowerCase().includes(word))
  const motors = catalogueMotors
    .map((motor) => ({
      motor,
      row: [
        motor.partNumber,
        motor.manufacturer,
        vocabulary.motorKinds[motor.motorKind!].split(/[ ,(]/)[0],
        formatHp(motor.hp!),
        `${motor.voltages!.join('-')} V`,
        `${motor.rpm!.join('/')} rpm`,
        motor.capacitor ? `${motor.capacitor.uF} µF` : '',
      ],
    }))
    .filter(({ row }) => has(row.join(' ')))
  const capacitors = catalogueCapacitors
    .map((part) => ({
      part,
      row: [
        part.partNumber,
        part.manufacturer,
        `${(part.sections ?? part.multi ?? []).map((section) => significant(section.uF, 4)).join('+')} µF`,
        `${part.volts} V`,
        part.duty,
      ],
    }))
    .filter(({ row }) => has(row.join(' ')))
  return (
    <>
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
        rows={motors.map(({ motor, row }) => ({ id: motor.id, cells: row as string[] }))}
      />
      <PartTable
        title={`Capacitors, ${capacitors.length}`}
        heads={['Number', 'Maker', 'µF', 'Volts', 'Duty']}
        rows={capacitors.map(({ part, row }) => ({ id: part.id, cells: row as string[] }))}
      />
    </>
  )
}

function PartTable({
  title,
  heads,
  rows,
}: {
  title: string
  heads: string[]
  rows: { id: string; cells: string[] }[]
}) {
  return (
    <section aria-label={title} className="pt-6">
      <h2 className="mb-2 text-lg">{title}</h2>
      {rows.length === 0 ? <p>Nothing of that kind.</p> : null}
      <div className="relative overflow-x-auto">
        <table className="w-full min-w-[560px] text-left text-sm">
          <thead className="caption border-ink border-b">
            <tr>
              {heads.map((head) => (
                <th key={head} scope="col" className="py-1 pr-3 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.id} className="border-line border-b">
                {row.cells.map((cell, index) => (
                  <td key={heads[index]} className={`py-1.5 pr-3 ${index === 1 || index === 2 ? '' : 'num'}`}>
                    {cell || '–'}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
