import { SAFE_VOLTS } from '../../capacitor/physics'
import { leastMinutes } from '../../isolation'
import { waitInfo } from '../../knowledge/isolation'
import { type ActsOf, rule, writes } from '../acts/actModule'
import type { ActOf } from '../acts/actTypes'
import { type Draft, planned, rowChange } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow, needReason } from '../acts/rowById'
import { id, number, oneOf, optional, text } from '../acts/shapes'
import { newCharge } from '../plant'
import type { ChargeRow, ChargeTerminals, JobSnapshot, RowChange, WaitRow } from '../rows'
import { chargeKinds, chargeTerminals } from '../rows'
import { energyJobOf } from '../shared'
import { isOut, partsOut } from './bench'
import { chargeLabel, chargePairs, chargeVolts, chargeWords, holdsRun } from './chargePairs'
import { energyOf } from './energy'
import { neededCharges } from './place'
import { lastChange } from './proofs'
import { unread } from './unread'

/** What is stored in a capacitor or a module, and what is hot: emptied, read, waited for. */
export const storedActs: ActsOf<`charge.${string}` | `wait.${string}`> = {
  'charge.add': {
    input: { id, holds: optional(oneOf(chargeKinds)) },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act) => {
      if (snapshot.charges.some((row) => row.id === act.id)) return planned('Added already', [])
      return planned('Another capacitor to discharge', [
        rowChange(snapshot, 'charges', act.id, {
          ...newCharge(act.id, energyJobOf(snapshot.job), snapshot.charges.length, act.holds),
          planned: 0,
        }),
      ])
    },
  },
  'charge.edit': {
    input: {
      id,
      field: oneOf(['capacitanceTyped', 'voltsTyped', 'resistorTyped', 'label']),
      value: text,
    },
    rule: writes(rule('plain', 'any-stop'), 'id', 'field'),
    plan: (snapshot, act, { at }) => editCharge(snapshot, act, at),
  },
  'charge.terminals': {
    input: { id, terminals: oneOf(['', ...chargeTerminals] as const) },
    rule: rule('plain', 'any-stop'),
    plan: sayTerminals,
  },
  'charge.read': {
    input: { id, typed: text },
    rule: rule((act) => (act.typed.trim() === '' ? 'reverts' : 'asserts'), 'live-stop'),
    plan: (snapshot, act, { now, at }) => planDischarge(snapshot, act, now, at),
  },
  'charge.strike': {
    input: { id, reason: text },
    rule: rule('asserts', 'live-stop'),
    plan: (snapshot, act, { at }) => strikeCharge(snapshot, act, at),
  },
  'wait.strike': {
    input: { id, reason: text },
    rule: rule('asserts', 'live-stop'),
    plan: (snapshot, act, { at }) => strikeWait(snapshot, act, at),
  },
  'charge.restore': {
    input: { id },
    rule: rule('plain', 'any-stop'),
    plan: restoreCharge,
  },
  'wait.restore': {
    input: { id },
    rule: rule('plain', 'any-stop'),
    plan: restoreWait,
  },
  'wait.add': {
    input: { id, wait: oneOf(['cool-down', 'electronics']) },
    rule: rule('plain', 'any-stop'),
    plan: addWait,
  },
  'wait.minutes': {
    input: { id, minutes: number(1, 600) },
    rule: writes(rule('asserts', 'live-stop'), 'id'),
    plan: setMinutes,
  },
  'wait.start': {
    input: { id },
    rule: rule('asserts', 'live-stop'),
    plan: (snapshot, act, { at }) => startWait(snapshot, act, at),
  },
}

function editCharge(snapshot: JobSnapshot, act: ActOf<'charge.edit'>, at: string): Draft {
  const charge = knownRow(snapshot, 'charges', act.id)
  const next = { ...charge, [act.field]: act.value }
  return planned(`${charge.label}: ${act.field}`, [
    rowChange(snapshot, 'charges', charge.id, next),
    ...labelOfJob(snapshot, charge, next, at),
  ])
}

/** A label that is read first where it is emptied is the label of the job too, until somebody types another there. */
function labelOfJob(snapshot: JobSnapshot, before: ChargeRow, after: ChargeRow, at: string): RowChange[] {
  const part = 'capacitor-old'
  const known = snapshot.fields.find((row) => row.part === part && row.field === 'label')
  const typed = labelText(after)
  const own = known === undefined || known.typed.trim() === '' || known.typed === labelText(before)
  if (!own || before.planned !== 1 || !holdsRun(before) || (known?.typed ?? '') === typed) return []
  const id = known?.id ?? `${before.id}-label-${snapshot.job.id}`
  return [
    rowChange(
      snapshot,
      'fields',
      id,
      typed === '' ? null : { id, jobId: snapshot.job.id, part, field: 'label', typed, at },
    ),
  ]
}

/** As a label prints it: “45/5 µF 440 V”. Nothing as long as no capacitance can be read. */
function labelText(charge: ChargeRow): string {
  if (!chargeLabel(charge)) return ''
  const uF = charge.capacitanceTyped.trim()
  const volts = charge.voltsTyped.trim()
  return [
    /[µμu]\s*f|mfd|\bmf\b/i.test(uF) ? uF : `${uF} µF`,
    volts && !/v/i.test(uF) ? `${volts.replace(/\s*v.*$/i, '')} V` : '',
  ]
    .filter(Boolean)
    .join(' ')
}

/** What was read before counts for what it was read on: the pairs that follow from this are asked anew. */
function sayTerminals(snapshot: JobSnapshot, act: ActOf<'charge.terminals'>): Draft {
  const charge = knownRow(snapshot, 'charges', act.id)
  return planned(
    `${charge.label}: ${act.terminals ? terminalWords[act.terminals] : 'its terminals are not counted yet'}`,
    [rowChange(snapshot, 'charges', charge.id, { ...charge, terminals: act.terminals || null })],
  )
}

const terminalWords: Record<ChargeTerminals, string> = {
  two: 'two terminals and no more',
  'none-seen': 'none is seen',
}

function strikeCharge(snapshot: JobSnapshot, act: ActOf<'charge.strike'>, at: string): Draft {
  const row = knownRow(snapshot, 'charges', act.id)
  const reason = needReason(act.reason)
  if (row.struckAt) return planned('Struck already', [])
  // What the machine may hold is not struck but read: across the motor’s own leads where nobody sees it.
  if (row.planned && neededCharges(snapshot).some(({ id }) => id === row.id)) throw refusal('read-instead')
  return planned(
    `Struck: ${row.label}`,
    [rowChange(snapshot, 'charges', row.id, { ...row, struckAt: at, strikeReason: reason })],
    [{ kind: 'struck', subject: row.id, label: row.label, detail: reason }],
  )
}

function strikeWait(snapshot: JobSnapshot, act: ActOf<'wait.strike'>, at: string): Draft {
  const row = knownRow(snapshot, 'waits', act.id)
  const reason = needReason(act.reason)
  if (row.struckAt) return planned('Struck already', [])
  return planned(
    `Struck: ${row.label}`,
    [rowChange(snapshot, 'waits', row.id, { ...row, struckAt: at, strikeReason: reason })],
    [{ kind: 'struck', subject: row.id, label: row.label, detail: reason }],
  )
}

function restoreCharge(snapshot: JobSnapshot, act: ActOf<'charge.restore'>): Draft {
  const row = knownRow(snapshot, 'charges', act.id)
  if (!row.struckAt) return planned('In the plan already', [])
  // What was read before it was struck may have been charged since.
  return planned(`Back in the plan: ${row.label}`, [
    rowChange(snapshot, 'charges', row.id, {
      ...row,
      struckAt: null,
      strikeReason: '',
      typed: '',
      volts: null,
      readAt: null,
      dischargedAt: null,
    }),
  ])
}

function restoreWait(snapshot: JobSnapshot, act: ActOf<'wait.restore'>): Draft {
  const row = knownRow(snapshot, 'waits', act.id)
  if (!row.struckAt) return planned('In the plan already', [])
  return planned(`Back in the plan: ${row.label}`, [
    rowChange(snapshot, 'waits', row.id, { ...row, struckAt: null, strikeReason: '', startedAt: null }),
  ])
}

function addWait(snapshot: JobSnapshot, act: ActOf<'wait.add'>): Draft {
  if (snapshot.waits.some((row) => row.id === act.id)) return planned('Added already', [])
  const row: WaitRow = {
    id: act.id,
    jobId: energyJobOf(snapshot.job),
    kind: act.wait,
    ...waitInfo[act.wait],
    position: Math.max(-1, ...snapshot.waits.map((wait) => wait.position)) + 1,
    startedAt: null,
    planned: 0,
    struckAt: null,
    strikeReason: '',
  }
  return planned(`Added: ${row.label}`, [rowChange(snapshot, 'waits', row.id, row)])
}

function setMinutes(snapshot: JobSnapshot, act: ActOf<'wait.minutes'>): Draft {
  const wait = knownRow(snapshot, 'waits', act.id)
  if (wait.startedAt && act.minutes < wait.minutes) throw refusal('running')
  const least = leastMinutes(snapshot.machine, wait.kind)
  if (act.minutes < least) throw refusal('too-short', wait.label, least)
  return planned(
    `${wait.label}: ${act.minutes} min`,
    [rowChange(snapshot, 'waits', wait.id, { ...wait, minutes: act.minutes })],
    wait.startedAt
      ? [{ kind: 'wait-started', subject: wait.id, label: wait.label, detail: `${act.minutes} min` }]
      : [],
  )
}

function startWait(snapshot: JobSnapshot, act: ActOf<'wait.start'>, at: string): Draft {
  const wait = knownRow(snapshot, 'waits', act.id)
  // Begun before the points were opened, it was begun for a part on the bench and is begun anew.
  if (wait.startedAt && Date.parse(wait.startedAt) >= lastChange(snapshot))
    return planned(`${wait.label}: wait begun`, [])
  requireOffToWait(snapshot, wait)
  return planned(
    `${wait.label}: wait begun`,
    [rowChange(snapshot, 'waits', wait.id, { ...wait, startedAt: at })],
    [{ kind: 'wait-started', subject: wait.id, label: wait.label, detail: `${wait.minutes} min` }],
  )
}

/** Nothing cools or runs down while power is on; a part on the bench has none. */
function requireOffToWait(snapshot: JobSnapshot, wait: WaitRow): void {
  if (partsOut(snapshot).length > 0) return
  const { openPoints, allPoints } = energyOf(snapshot, 0)
  if (snapshot.job.phase !== 'work' || allPoints === 0 || openPoints < allPoints)
    throw refusal('not-isolated/wait', wait.label)
}

/** Emptied through a resistor and read: with the mains proved dead, or on the bench where its part lies. */
function planDischarge(snapshot: JobSnapshot, act: ActOf<'charge.read'>, now: number, at: string): Draft {
  const charge = knownRow(snapshot, 'charges', act.id)
  if (act.typed.trim() === '')
    return planned(
      `${charge.label}: reading taken back`,
      [rowChange(snapshot, 'charges', charge.id, unread(charge))],
      charge.readAt
        ? [{ kind: 'voided', subject: charge.id, label: charge.label, detail: 'the reading was taken back' }]
        : [],
    )
  // Only a capacitor that is itself out of the machine may be touched without the proof.
  if (!isOut(snapshot, 'capacitor') && !energyOf(snapshot, now).coversBeforeDischarge)
    throw refusal('not-proven/capacitor')
  const read = chargeVolts(act.typed, chargePairs(snapshot, charge))
  if (!read) throw refusal('not-a-number/charge')
  const { volts } = read
  // A section that nobody has read yet is not known to be empty.
  if (volts === null)
    return planned(
      `${charge.label}: ${chargeWords(snapshot, charge, act.typed)}, and a section is unread`,
      [rowChange(snapshot, 'charges', charge.id, unread(charge, act.typed))],
      charge.readAt
        ? [{ kind: 'voided', subject: charge.id, label: charge.label, detail: 'a section is read anew' }]
        : [],
    )
  const empty = volts < SAFE_VOLTS
  const where = charge.terminals === 'none-seen' ? ', across the motor’s own leads' : ''
  return planned(
    `${charge.label}: ${chargeWords(snapshot, charge, act.typed)}`,
    [
      rowChange(snapshot, 'charges', charge.id, {
        ...charge,
        typed: act.typed,
        volts,
        readAt: at,
        dischargedAt: empty ? at : null,
      }),
    ],
    [
      {
        kind: empty ? 'discharged' : 'still-charged',
        subject: charge.id,
        label: charge.label,
        detail: `${chargeWords(snapshot, charge, act.typed)}${where}`,
      },
    ],
  )
}
