'use client'

import { type LedgerRow, onlyPlug, proofPlaceText } from '@/core/job'
import { coversToCome } from '@/core/job/energy/coversOfJob'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { Tick } from '../../kit/Tick'
import { WhereIs } from '../../where/WhereIs'

/** Covers that stand before the proof place: they come off with all points open, and nothing behind them is touched. */
export function Covers() {
  const { snapshot, act, id, gate } = useJob()
  if (onlyPlug(snapshot)) return null
  const lines = snapshot.ledger.filter((line) => line.access === 'before-proof' && !line.struckAt)
  const toCome = coversToCome(snapshot)
  if (lines.length === 0 && toCome.length === 0) return null
  const problem = gate({ kind: 'cover', access: 'before-proof' })
  const names = [...new Set(toCome.map(({ part }) => part))].join(', ')
  const list = (off: boolean) =>
    toCome.every((cover) => {
      const { action, part, count, fastener, cup, mark, access } = cover
      const lineId = id()
      const line: Partial<LedgerRow> = {
        action,
        part,
        count: count ?? null,
        fastener: fastener ?? '',
        cup: cup ?? '',
        mark: mark ?? '',
        access: access ?? '',
      }
      return (
        act({ kind: 'ledger.add', id: lineId, after: null, line }) &&
        (!off || act({ kind: 'ledger.tick', id: lineId, on: true }))
      )
    })
  return (
    <Section part="covers" title="Covers before the proof" aside="cover off, touch nothing, prove">
      <p className="mb-1 max-w-[72ch] leading-snug">
        {`Dead is proved ${proofPlaceText(snapshot)}. With every point off and held, the covers in front of that place may come off. Nothing behind them is touched before it is proved.`}
      </p>
      <WhereIs what="the covers" part="cover" />
      <ul>
        {lines.map((line) => (
          <li key={line.id} className="flex items-center gap-1 border-line border-b">
            <Tick
              label={`${line.action.replaceAll('-', ' ')} ${line.part}`}
              on={line.doneAt !== null}
              disabled={problem !== null && line.doneAt === null}
              onChange={(on) => act({ kind: 'ledger.tick', id: line.id, on })}
            />
            <span>
              {line.action.replaceAll('-', ' ')} <b className="font-semibold">{line.part}</b>
            </span>
          </li>
        ))}
      </ul>
      {toCome.length > 0 ? (
        <div className="mt-2 flex flex-wrap gap-2">
          <button type="button" className="btn" disabled={problem !== null} onClick={() => list(true)}>
            {`${toCome.length > 1 ? 'They are off' : 'It is off'}: ${names}`}
          </button>
          <button type="button" className="btn btn-plain" onClick={() => list(false)}>
            List them, to tick each
          </button>
        </div>
      ) : null}
      {problem && lines.some((line) => !line.doneAt) ? (
        <p className="caption mt-1">{`First: ${problem}.`}</p>
      ) : null}
    </Section>
  )
}
