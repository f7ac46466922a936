'use client'

import { type ReactNode, useState } from 'react'
import type { LedgerRow } from '@/core/job'
import { useJob } from '../../job/JobProvider'
import { Chips } from '../../kit/Chips'

const CUPS = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H']

/** What is done to a line with one tap: into another cup, up and down, doubled, split, a line before or after it. */
export function LineTools({ line }: { line: LedgerRow }) {
  const { snapshot, act, id } = useJob()
  const [parting, setParting] = useState(false)
  const lines = snapshot.ledger.filter((each) => !each.struckAt)
  const at = lines.findIndex((each) => each.id === line.id)
  const used = [...new Set(lines.map(({ cup }) => cup).filter(Boolean))]
  const cups = [...new Set([...CUPS.slice(0, Math.max(4, used.length + 1)), ...used])].sort()
  const count = line.count ?? 1
  return (
    <div className="flex flex-wrap items-center gap-1.5 py-2 pl-12">
      <Chips
        label="Cup"
        labelled
        values={cups.map((cup) => ({ value: cup, label: cup }))}
        chosen={line.cup}
        onChoose={(cup) => act({ kind: 'ledger.edit', id: line.id, change: { cup: cup ?? '' } })}
      />
      <Tool
        disabled={at <= 0}
        onPress={() => act({ kind: 'ledger.move', id: line.id, before: lines[at - 1]?.id ?? null })}
      >
        Up
      </Tool>
      <Tool
        disabled={at >= lines.length - 1}
        onPress={() => act({ kind: 'ledger.move', id: line.id, before: lines[at + 2]?.id ?? null })}
      >
        Down
      </Tool>
      <Tool
        onPress={() =>
          act({
            kind: 'ledger.add',
            id: id(),
            after: null,
            before: line.id,
            line: { action: 'note', part: '' },
          })
        }
      >
        Line before
      </Tool>
      <Tool
        onPress={() =>
          act({ kind: 'ledger.add', id: id(), after: line.id, line: { action: 'note', part: '' } })
        }
      >
        Line after
      </Tool>
      <Tool
        onPress={() =>
          act({
            kind: 'ledger.add',
            id: id(),
            after: line.id,
            line: {
              action: line.action,
              part: line.part,
              count: line.count,
              fastener: line.fastener,
              cup: line.cup,
              terminal: line.terminal,
              mark: line.mark,
            },
          })
        }
      >
        Double it
      </Tool>
      <Tool disabled={count < 2 || line.doneAt !== null} onPress={() => setParting(!parting)}>
        Split
      </Tool>
      {parting && count > 1 ? (
        <fieldset className="flex flex-wrap items-center gap-1.5">
          <legend className="float-left mr-2 text-sm">{`Of ${count} split off`}</legend>
          {Array.from({ length: Math.min(count - 1, 9) }, (_, index) => index + 1).map((some) => (
            <button
              key={some}
              type="button"
              className="chip min-h-11 min-w-11"
              onClick={() => {
                act({ kind: 'ledger.split', id: line.id, fresh: id(), count: some })
                setParting(false)
              }}
            >
              {some}
            </button>
          ))}
        </fieldset>
      ) : null}
    </div>
  )
}

function Tool({
  disabled = false,
  onPress,
  children,
}: {
  disabled?: boolean
  onPress: () => unknown
  children: ReactNode
}) {
  return (
    <button type="button" className="chip min-h-11" disabled={disabled} onClick={() => onPress()}>
      {children}
    </button>
  )
}
