import { CoreError } from '../errors'
import { capacitorTemplate, motorTemplates } from '../knowledge/templates'
import type { Act, Planned } from './actTypes'
import { requireHandsIn } from './gate'
import { emptyLine, plantedLedger } from './plant'
import { planned, put } from './put'
import type { JobSnapshot, LandingRow, LedgerRow } from './rows'
import { rowOf } from './snapshot'

const EDITABLE: (keyof LedgerRow)[] = [
  'action',
  'part',
  'count',
  'fastener',
  'cup',
  'terminal',
  'mark',
  'movesToNewPart',
  'renewMaterial',
  'cureHours',
  'switchKind',
  'temporary',
  'extra',
  'bench',
  'handsOff',
]

/** Acts on the ledger of the way in, and on its way back. */
export function planLedger(snapshot: JobSnapshot, act: Act, now: number, at: string): Planned | null {
  const jobId = snapshot.job.id
  switch (act.kind) {
    case 'ledger.plant': {
      const family = snapshot.machine.family
      const template =
        act.template === 'motor'
          ? motorTemplates[family]
          : capacitorTemplate(family, act.template === 'capacitor-dual')
      if (act.ids.length < template.lines.length)
        throw new CoreError('too-few-ids', 'Reload the page and plant the template again.')
      const from = lastPosition(snapshot) + 1
      const ids = [...act.ids]
      const rows = plantedLedger(jobId, template, from, () => ids.shift()!)
      return planned(
        `Template planted: ${rows.length} lines`,
        rows.map((row) => put(snapshot, 'ledger', row.id, row)),
      )
    }
    case 'ledger.add': {
      const position = act.after === null ? lastPosition(snapshot) + 1 : between(snapshot, act.after)
      const row = checked({ ...emptyLine(act.id, jobId, position), ...allowed(act.line) })
      return planned(`Ledger: ${row.part || 'a new line'}`, [put(snapshot, 'ledger', row.id, row)])
    }
    case 'ledger.edit': {
      const line = must(snapshot, act.id)
      const row = checked({ ...line, ...allowed(act.change) })
      return planned(
        `Ledger: ${row.part}`,
        [put(snapshot, 'ledger', row.id, row)],
        `ledger/${row.id}/${Object.keys(act.change).join()}`,
      )
    }
    case 'ledger.move': {
      const line = must(snapshot, act.id)
      const others = snapshot.ledger.filter((row) => row.id !== line.id)
      const at = act.before === null ? others.length : others.findIndex((row) => row.id === act.before)
      if (at < 0) throw new CoreError('unknown-row', 'This line is no longer there. Reload the page.')
      const [low, high] = [others[at - 1]?.position, others[at]?.position]
      const position = low === undefined ? (high ?? 1) - 1 : high === undefined ? low + 1 : (low + high) / 2
      return planned(`Ledger: ${line.part} moved`, [put(snapshot, 'ledger', line.id, { ...line, position })])
    }
    case 'ledger.remove': {
      const line = must(snapshot, act.id)
      return planned(`Ledger: ${line.part} removed`, [put(snapshot, 'ledger', line.id, null)])
    }
    case 'ledger.tick': {
      const line = must(snapshot, act.id)
      if (act.on && needsHands(line) && !snapshot.job.bench) requireHandsIn(snapshot, now, `"${line.part}"`)
      return planned(act.on ? `Done: ${line.part}` : `Not done: ${line.part}`, [
        put(snapshot, 'ledger', line.id, {
          ...line,
          doneAt: act.on ? at : null,
          ...(act.on ? {} : { backDoneAt: null }),
        }),
      ])
    }
    case 'ledger.back': {
      const line = must(snapshot, act.id)
      if (act.on && needsHands(line) && !snapshot.job.bench) requireHandsIn(snapshot, now, `"${line.part}"`)
      return planned(act.on ? `Back: ${line.part}` : `Not back: ${line.part}`, [
        put(snapshot, 'ledger', line.id, { ...line, backDoneAt: act.on ? at : null }),
      ])
    }
    case 'landing.done': {
      const landing = rowOf(snapshot, 'landings', act.id) as LandingRow | undefined
      if (!landing) throw new CoreError('unknown-row', 'This line is no longer there. Reload the page.')
      if (act.on && !snapshot.job.bench) requireHandsIn(snapshot, now, `"${landing.lead}"`)
      return planned(`${act.on ? 'Landed' : 'Not landed'}: ${landing.lead}`, [
        put(snapshot, 'landings', landing.id, { ...landing, doneAt: act.on ? at : null }),
      ])
    }
    default:
      return null
  }
}

/** Looking, photographing and what lies on the bench need no isolation. */
export const needsHands = (line: LedgerRow): boolean =>
  !line.bench && !line.handsOff && line.action !== 'photo'

function allowed(change: Partial<LedgerRow>): Partial<LedgerRow> {
  return Object.fromEntries(
    Object.entries(change).filter(([key]) => EDITABLE.includes(key as keyof LedgerRow)),
  )
}

function checked(row: LedgerRow): LedgerRow {
  if (row.action === 'bypass' && row.switchKind !== null && row.switchKind !== 'door') {
    throw new CoreError(
      'forbidden-bypass',
      `A ${row.switchKind} switch is never bypassed: it keeps flue gas, fire or water from doing harm.`,
    )
  }
  if (row.action === 'bypass' && row.switchKind === null) return { ...row, switchKind: 'door', temporary: 1 }
  return row
}

function between(snapshot: JobSnapshot, after: string): number {
  const index = snapshot.ledger.findIndex((row) => row.id === after)
  if (index < 0) return lastPosition(snapshot) + 1
  const [low, high] = [snapshot.ledger[index]!.position, snapshot.ledger[index + 1]?.position]
  return high === undefined ? low + 1 : (low + high) / 2
}

const lastPosition = (snapshot: JobSnapshot) => Math.max(-1, ...snapshot.ledger.map((row) => row.position))

function must(snapshot: JobSnapshot, id: string): LedgerRow {
  const row = rowOf(snapshot, 'ledger', id) as LedgerRow | undefined
  if (!row) throw new CoreError('unknown-row', 'This line is no longer there. Reload the page.')
  return row
}
