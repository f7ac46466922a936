import { bypassOf } from '../../refit/bypass'
import { type ActsOf, handsIn, rule, writes } from '../acts/actModule'
import type { ActOf, By } from '../acts/actTypes'
import { type Draft, planned, rowChange } from '../acts/changes'
import type { LogEntry } from '../acts/log'
import { refusal } from '../acts/refusals'
import { knownRow, needReason } from '../acts/rowById'
import {
  flag,
  id,
  line,
  nullableId,
  number,
  oneOf,
  optional,
  ownLines,
  text,
  textOf,
  texts,
} from '../acts/shapes'
import { inside, type Reach, reachOfLine } from '../energy/gate'
import { isPresent, periodAt, periodOf } from '../energy/period'
import { requireReach } from '../energy/requireReach'
import { emptyLine } from '../plant'
import { carriesFuel } from '../proving/power'
import type { JobSnapshot, LedgerRow } from '../rows'
import { rowOf } from '../snapshot'
import { figureWords } from './figureWords'
import { figuresAt, openOf } from './ledgerFigures'
import { allowed, BINDING, checked, lastPosition } from './lineRules'
import { plantOwnWay, plantWay } from './planWay'
import { cannotBeBack } from './refitOf'
import { isTemporary } from './temporary'

/** Unticking puts nobody's hands in. */
function reachOfTick(snapshot: JobSnapshot, act: ActOf<'ledger.tick' | 'ledger.back'>): Reach | null {
  if (!act.on) return null
  const line = rowOf(snapshot, 'ledger', act.id)
  return line ? reachOfLine(snapshot, line) : inside
}

/** Acts on the ledger of the way in, and on its way back. */
export const ledgerActs: ActsOf<`ledger.${string}` | 'back.move' | 'landing.done'> = {
  'ledger.plant': {
    input: {
      ids: texts(200),
      template: oneOf(['motor', 'capacitor', 'capacitor-dual']),
      way: optional(textOf(40)),
      instead: optional(flag),
    },
    rule: rule('plain', 'live-stop'),
    plan: (snapshot, act, { at }) => plantWay(snapshot, act, at),
  },
  'ledger.own': {
    input: {
      ids: texts(200),
      replaced: textOf(200),
      lines: ownLines,
      instead: optional(flag),
    },
    rule: rule('plain', 'live-stop'),
    plan: (snapshot, act, { at }) => plantOwnWay(snapshot, act, at),
  },
  'ledger.add': {
    input: { id, after: nullableId, before: optional(textOf(40)), line },
    rule: rule('plain', 'live-stop'),
    plan: addLine,
  },
  'ledger.split': {
    input: { id, fresh: id, count: number(1, 10_000) },
    rule: rule('plain', 'live-stop'),
    plan: splitLine,
  },
  'ledger.edit': {
    input: { id, change: line },
    rule: writes(rule('plain', 'live-stop'), 'id', 'change'),
    plan: editLine,
  },
  'ledger.move': {
    input: { id, before: nullableId },
    rule: rule('plain', 'live-stop'),
    plan: moveLine,
  },
  'back.move': {
    input: { id, after: nullableId },
    rule: rule('plain', 'live-stop'),
    plan: (snapshot, act, { at }) => moveBack(snapshot, act, at),
  },
  'ledger.remove': {
    input: { id },
    rule: rule('plain', 'live-stop'),
    plan: removeLine,
  },
  'ledger.strike': {
    input: { id, reason: text },
    rule: rule('plain', 'live-stop'),
    plan: (snapshot, act, { at }) => strikeLine(snapshot, act, at),
  },
  'ledger.restore': {
    input: { id },
    rule: rule('plain', 'live-stop'),
    plan: restoreLine,
  },
  'ledger.tick': {
    input: { id, on: flag },
    rule: handsIn('live-stop', reachOfTick),
    plan: (snapshot, act, { now, at, by }) => tick(snapshot, act, now, at, by),
  },
  'ledger.back': {
    input: { id, on: flag },
    rule: handsIn('live-stop', reachOfTick),
    plan: (snapshot, act, { now, at, by }) => back(snapshot, act, now, at, by),
  },
  'landing.done': {
    input: { id, on: flag },
    rule: handsIn('never', (_, act) => (act.on ? inside : null)),
    plan: (snapshot, act, { now, at, by }) => landed(snapshot, act, now, at, by),
  },
}

function addLine(snapshot: JobSnapshot, act: ActOf<'ledger.add'>): Draft {
  if (snapshot.ledger.some((row) => row.id === act.id)) return planned('Added already', [])
  const position =
    act.before !== undefined
      ? beforeLine(snapshot, act.before)
      : act.after === null
        ? lastPosition(snapshot) + 1
        : between(snapshot, act.after)
  const row = checked(snapshot, { ...emptyLine(act.id, snapshot.job.id, position), ...allowed(act.line) })
  return planned(`Ledger: ${row.part || 'a new line'}`, [rowChange(snapshot, 'ledger', row.id, row)])
}

function splitLine(snapshot: JobSnapshot, act: ActOf<'ledger.split'>): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  if (snapshot.ledger.some((row) => row.id === act.fresh)) return planned('Split already', [])
  const count = line.count ?? 1
  if (line.doneAt) throw refusal('done/split')
  if (!Number.isInteger(act.count) || act.count < 1 || act.count >= count)
    throw refusal('not-splittable', count)
  return planned(`Ledger: ${line.part} split`, [
    rowChange(snapshot, 'ledger', line.id, { ...line, count: count - act.count }),
    rowChange(snapshot, 'ledger', act.fresh, {
      ...line,
      id: act.fresh,
      count: act.count,
      frees: '',
      position: between(snapshot, line.id),
    }),
  ])
}

function editLine(snapshot: JobSnapshot, act: ActOf<'ledger.edit'>): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  const row = checked(snapshot, { ...line, ...allowed(act.change) })
  if (line.doneAt && isTemporary(line) && BINDING.some((key) => row[key] !== line[key]))
    throw refusal('stands/change')
  if (line.doneAt && BINDING.some((key) => row[key] !== line[key] && key !== 'switchKind' && key !== 'extra'))
    throw refusal('done/change')
  return planned(`Ledger: ${row.part}`, [rowChange(snapshot, 'ledger', row.id, row)])
}

function moveLine(snapshot: JobSnapshot, act: ActOf<'ledger.move'>): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  if (line.frees !== '' && line.doneAt) throw refusal('done/frees', line.frees)
  const others = snapshot.ledger.filter((row) => row.id !== line.id)
  const at = act.before === null ? others.length : others.findIndex((row) => row.id === act.before)
  if (at < 0) throw refusal('unknown-row/line')
  const [low, high] = [others[at - 1]?.position, others[at]?.position]
  const position = low === undefined ? (high ?? 1) - 1 : high === undefined ? low + 1 : (low + high) / 2
  return planned(`Ledger: ${line.part} moved`, [
    rowChange(snapshot, 'ledger', line.id, { ...line, position }),
  ])
}

function moveBack(snapshot: JobSnapshot, act: ActOf<'back.move'>, at: string): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  if (act.after) knownRow(snapshot, 'ledger', act.after)
  if (act.after === act.id) return planned(`Way back: ${line.part}`, [])
  return planned(`Way back: ${line.part} moved`, [
    rowChange(snapshot, 'ledger', line.id, {
      ...line,
      backAfter: act.after,
      backMovedAt: act.after === null ? null : at,
    }),
  ])
}

function removeLine(snapshot: JobSnapshot, act: ActOf<'ledger.remove'>): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  if (line.doneAt || isTemporary(line))
    throw refusal(line.doneAt ? 'not-removable/done' : 'not-removable/temporary')
  return planned(`Ledger: ${line.part} removed`, [rowChange(snapshot, 'ledger', line.id, null)])
}

function strikeLine(snapshot: JobSnapshot, act: ActOf<'ledger.strike'>, at: string): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  const reason = needReason(act.reason, 'line')
  if (line.doneAt && !line.backDoneAt) throw refusal('stands/strike')
  if (line.doneAt && carriesFuel(snapshot, line)) throw refusal('carries-fuel')
  return planned(
    `Struck: ${line.part}`,
    [rowChange(snapshot, 'ledger', line.id, { ...line, struckAt: at, strikeReason: reason })],
    isTemporary(line) ? [{ kind: 'struck', subject: line.id, label: line.part, detail: reason }] : [],
  )
}

function restoreLine(snapshot: JobSnapshot, act: ActOf<'ledger.restore'>): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  return planned(`Back in the ledger: ${line.part}`, [
    rowChange(snapshot, 'ledger', line.id, { ...line, struckAt: null, strikeReason: '' }),
  ])
}

function landed(snapshot: JobSnapshot, act: ActOf<'landing.done'>, now: number, at: string, by: By): Draft {
  const landing = knownRow(snapshot, 'landings', act.id)
  if (act.on && by.cover === undefined) requireReach(snapshot, now, inside, `“${landing.lead}”`)
  return planned(
    `${act.on ? 'Landed' : 'Not landed'}: ${landing.lead}`,
    [
      rowChange(snapshot, 'landings', landing.id, {
        ...landing,
        doneAt: act.on ? at : null,
        doneCover: act.on ? (by.cover ?? '') : '',
        period: act.on ? periodOfAct(snapshot, now, by) : null,
      }),
    ],
    uncovered(by, landing.id, `landed ${landing.lead}`),
  )
}

function tick(snapshot: JobSnapshot, act: ActOf<'ledger.tick'>, now: number, at: string, by: By): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  if (!act.on) {
    if (!line.doneAt) return planned(`Not done: ${line.part}`, [])
    if (isTemporary(line)) throw refusal('stands/tick', line.part)
    return planned(`Not done: ${line.part}`, [
      rowChange(snapshot, 'ledger', line.id, {
        ...line,
        doneAt: null,
        backDoneAt: null,
        doneCover: '',
        backCover: '',
        donePeriod: null,
      }),
    ])
  }
  if (line.doneAt) return planned(`Done: ${line.part}`, [])
  if (line.struckAt) throw refusal('struck/line')
  if (by.cover === undefined) requireReach(snapshot, now, reachOfLine(snapshot, line), `“${line.part}”`)
  const open = openOf(snapshot, line)
  if (open) throw refusal(open, line.part)
  const bypass = isTemporary(line) || bypassOf(line).kind === 'unnamed'
  return planned(
    `Done: ${line.part}`,
    [
      rowChange(snapshot, 'ledger', line.id, {
        ...line,
        doneAt: at,
        backDoneAt: null,
        doneCover: by.cover ?? '',
        donePeriod: periodOfAct(snapshot, now, by),
        backCover: '',
        backPeriod: null,
        shortStep: 0,
        shortBy: '',
      }),
    ],
    [
      ...(bypass
        ? [{ kind: 'bypass-set' as const, subject: line.id, label: line.part, detail: line.switchKind ?? '' }]
        : []),
      ...(line.frees
        ? [{ kind: 'part-out' as const, subject: line.id, label: line.frees, detail: line.part }]
        : []),
      ...uncovered(by, line.id, line.part),
    ],
  )
}

function back(snapshot: JobSnapshot, act: ActOf<'ledger.back'>, now: number, at: string, by: By): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  if (act.on && line.backDoneAt) return planned(`Back: ${line.part}`, [])
  if (act.on && !line.doneAt) throw refusal('not-done', line.part)
  if (act.on && by.cover === undefined)
    requireReach(snapshot, now, reachOfLine(snapshot, line), `“${line.part}”`)
  const impossible = act.on ? cannotBeBack(snapshot, line.id) : null
  if (impossible) throw refusal('order', impossible)
  const [again] = act.on ? figuresAt(snapshot, line.id).filter(({ backFigure }) => !backFigure) : []
  if (again) throw refusal('figure-again', figureWords(again, snapshot.household))
  const draft = planned(
    act.on ? `Back: ${line.part}` : `Not back: ${line.part}`,
    [
      rowChange(snapshot, 'ledger', line.id, {
        ...line,
        backDoneAt: act.on ? at : null,
        backCover: act.on ? (by.cover ?? '') : '',
        ...backPeriod(snapshot, line, act.on, now, by),
        ...(act.on ? {} : { shortStep: 0, shortBy: '' }),
      }),
    ],
    [
      ...(isTemporary(line)
        ? [
            {
              kind: act.on ? ('bypass-undone' as const) : ('bypass-set' as const),
              subject: line.id,
              label: line.part,
              detail: line.switchKind ?? '',
            },
          ]
        : []),
      ...(line.frees
        ? [
            {
              kind: act.on ? ('part-back' as const) : ('part-out' as const),
              subject: line.id,
              label: line.frees,
              detail: line.part,
            },
          ]
        : []),
      ...(act.on ? uncovered(by, line.id, line.part) : []),
    ],
  )
  return draft
}

/** The dead period that covers an act of hands; null where none stood. */
const periodOfAct = (snapshot: JobSnapshot, now: number, by: By): string | null =>
  by.cover === 'none' ? null : by.cover === 'late' ? periodAt(snapshot, now) : periodOf(snapshot)

/**
 * In which period a line went back. Taken away in the same period it lies on the bench again; after power it does not: the
 * older period stays beside the line until it is taken out anew.
 */
function backPeriod(
  snapshot: JobSnapshot,
  line: LedgerRow,
  on: boolean,
  now: number,
  by: By,
): Pick<LedgerRow, 'backPeriod'> {
  if (on) return { backPeriod: periodOfAct(snapshot, now, by) ?? periodOf(snapshot) }
  return { backPeriod: isPresent(snapshot, line.backPeriod) ? null : line.backPeriod }
}

const uncovered = (by: By, subject: string, label: string): LogEntry[] =>
  by.cover === 'none' ? [{ kind: 'uncovered', subject, label, detail: 'done without a standing proof' }] : []

function between(snapshot: JobSnapshot, after: string): number {
  const index = snapshot.ledger.findIndex((row) => row.id === after)
  const [low, high] = [snapshot.ledger[index]?.position, snapshot.ledger[index + 1]?.position]
  if (low === undefined) return lastPosition(snapshot) + 1
  return high === undefined ? low + 1 : (low + high) / 2
}

/** The place right before a line; the end where that line is gone. */
function beforeLine(snapshot: JobSnapshot, before: string): number {
  const index = snapshot.ledger.findIndex((row) => row.id === before)
  const [low, high] = [snapshot.ledger[index - 1]?.position, snapshot.ledger[index]?.position]
  if (high === undefined) return lastPosition(snapshot) + 1
  return low === undefined ? high - 1 : (low + high) / 2
}
