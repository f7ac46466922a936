import { parseTyped } from '../../units/parseTyped'
import { type ActsOf, handsIn, rule, types, writes } from '../acts/actModule'
import type { ActOf, By } from '../acts/actTypes'
import { type Draft, planned, rowChange } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { id, oldOrNew, oneOf, text, textOf } from '../acts/shapes'
import { isSetIn } from '../energy/bench'
import { energyOf } from '../energy/energy'
import { type Reach, reachOfPart } from '../energy/gate'
import { type FieldAct, planAnswerSet } from '../energy/planAnswers'
import { requireReach } from '../energy/requireReach'
import type { BenchPart, JobSnapshot, LeadRow, ReadingKind, ReadingRow, RowChange } from '../rows'
import { rowOf } from '../snapshot'

const quantityOf: Record<ReadingKind, 'uF' | 'ohm' | 'volts'> = {
  capacitance: 'uF',
  resistance: 'ohm',
  'to-frame': 'ohm',
  supply: 'volts',
}

/** Taking a reading away puts nobody's hands in; a new part lies on the bench until it is set in. */
function reachOfReading(snapshot: JobSnapshot, act: ActOf<'reading.set'>): Reach | null {
  if (act.typed.trim() === '') return null
  if (act.reading === 'supply') return { kind: 'free' }
  const part = act.reading === 'capacitance' ? 'capacitor' : 'motor'
  if (act.part === 'new' && !isSetIn(snapshot, part)) return { kind: 'free' }
  return reachOfPart(snapshot, part)
}

/** Readings, the leads they are taken between, and the fields of plates. */
export const measureActs: ActsOf<`reading.${string}` | `lead.${string}` | 'field.set'> = {
  'reading.set': {
    input: {
      id,
      reading: oneOf(['capacitance', 'resistance', 'to-frame', 'supply']),
      part: oldOrNew,
      a: textOf(60),
      b: textOf(60),
      typed: text,
    },
    rule: types(handsIn('live-stop', reachOfReading), 'reading', 'part', 'a', 'b'),
    plan: (snapshot, act, { now, at, by }) => setReading(snapshot, act, now, at, by),
  },
  'reading.strike': {
    input: { id, reason: text },
    rule: rule('plain', 'live-stop'),
    plan: (snapshot, act, { at }) => strikeReading(snapshot, act, at),
  },
  'lead.add': {
    input: { id, part: oldOrNew, name: text },
    rule: rule('plain', 'live-stop'),
    plan: addLead,
  },
  'lead.rename': {
    input: { id, name: text },
    rule: writes(rule('plain', 'live-stop'), 'id'),
    plan: renameLead,
  },
  'lead.remove': {
    input: { id },
    rule: rule('plain', 'live-stop'),
    plan: removeLead,
  },
  'field.set': {
    input: { id, part: textOf(40), field: textOf(60), typed: text },
    rule: types(
      // What a field of the plan says about the proof place is as much an assertion as a reading.
      rule((act) => (act.part === 'plan' ? 'asserts' : 'plain'), 'any-stop'),
      'part',
      'field',
    ),
    plan: (snapshot, act, { at }) =>
      act.part === 'plan' ? planAnswerSet(snapshot, act, at) : fieldSet(snapshot, act, at),
  },
}

function setReading(
  snapshot: JobSnapshot,
  act: ActOf<'reading.set'>,
  now: number,
  at: string,
  by: By,
): Draft {
  const jobId = snapshot.job.id

  const known = findReading(snapshot, act)
  const live = act.reading === 'supply'
  if (act.typed.trim() !== '' && by.cover === undefined) {
    if (live) requireLive(snapshot, now)
    // A new part is measured before it goes in: until then it has not been near the machine.
    else if (act.part === 'old' || isSetIn(snapshot, partRead(act.reading)))
      requireReach(snapshot, now, reachOfPart(snapshot, partRead(act.reading)), 'This reading')
  }
  const parsed = parseTyped(act.typed, quantityOf[act.reading], { over: act.reading !== 'supply' })
  const row: ReadingRow = {
    id: known?.id ?? act.id,
    jobId,
    kind: act.reading,
    part: act.part,
    pointA: act.a,
    pointB: act.b,
    typed: act.typed,
    value: parsed.kind === 'value' ? parsed.value : null,
    over: parsed.kind === 'over' ? 1 : 0,
    live: live ? 1 : 0,
    cover: live || act.part === 'new' ? '' : (by.cover ?? ''),
    at,
    struckAt: null,
    strikeReason: '',
  }
  const name = [act.a, act.b].filter(Boolean).join('–')
  return planned(
    `${name}: ${act.typed || 'taken back'}`,
    act.typed === ''
      ? known
        ? [rowChange(snapshot, 'readings', known.id, null)]
        : []
      : [rowChange(snapshot, 'readings', row.id, row)],
    act.typed !== '' && row.cover === 'none'
      ? [
          {
            kind: 'uncovered',
            subject: row.id,
            label: `${name} ${act.typed}`,
            detail: 'done without a standing proof',
          },
        ]
      : [],
  )
}

function strikeReading(snapshot: JobSnapshot, act: ActOf<'reading.strike'>, at: string): Draft {
  const row = rowOf(snapshot, 'readings', act.id) as ReadingRow | undefined
  if (!row) throw refusal('unknown-row/reading')
  if (act.reason.trim().length < 3) throw refusal('no-reason/reading')
  return planned(`Struck: ${row.pointA}–${row.pointB} ${row.typed}`, [
    rowChange(snapshot, 'readings', row.id, { ...row, struckAt: at, strikeReason: act.reason }),
  ])
}

function addLead(snapshot: JobSnapshot, act: ActOf<'lead.add'>): Draft {
  const jobId = snapshot.job.id

  const own = snapshot.leads.filter((lead) => lead.part === act.part)
  if (own.length >= 10) throw refusal('too-many-leads')
  const { name, first } = numbered(own, act.name.trim())
  checkName(own, name, null)
  const row: LeadRow = {
    id: act.id,
    jobId,
    part: act.part,
    name,
    position: Math.max(-1, ...own.map((lead) => lead.position)) + 1,
  }
  return planned(`Lead: ${name}`, [
    ...(first ? renamed(snapshot, first.lead, first.name) : []),
    rowChange(snapshot, 'leads', row.id, row),
  ])
}

function renameLead(snapshot: JobSnapshot, act: ActOf<'lead.rename'>): Draft {
  const lead = rowOf(snapshot, 'leads', act.id) as LeadRow | undefined
  if (!lead) throw refusal('unknown-row/lead')
  const name = act.name.trim()
  checkName(
    snapshot.leads.filter((each) => each.part === lead.part),
    name,
    lead.id,
  )
  return planned(`Lead ${lead.name} is ${name}`, renamed(snapshot, lead, name))
}

function removeLead(snapshot: JobSnapshot, act: ActOf<'lead.remove'>): Draft {
  const lead = rowOf(snapshot, 'leads', act.id) as LeadRow | undefined
  if (!lead) return planned('Lead removed', [])
  const readings = snapshot.readings.filter(
    (row) => row.part === lead.part && (row.pointA === lead.name || row.pointB === lead.name),
  )
  return planned(`Lead ${lead.name} removed`, [
    rowChange(snapshot, 'leads', lead.id, null),
    ...readings.map((row) => rowChange(snapshot, 'readings', row.id, null)),
  ])
}

const partRead = (reading: ReadingKind): BenchPart => (reading === 'capacitance' ? 'capacitor' : 'motor')

function fieldSet(snapshot: JobSnapshot, act: FieldAct, at: string): Draft {
  const known = snapshot.fields.find((row) => row.part === act.part && row.field === act.field)
  const id = known?.id ?? act.id
  const row = { id, jobId: snapshot.job.id, part: act.part, field: act.field, typed: act.typed, at }
  if (act.typed === '' && !known) return planned(`${act.part} ${act.field}: empty`, [])
  return planned(`${act.part} ${act.field}: ${act.typed || 'empty'}`, [
    rowChange(snapshot, 'fields', id, act.typed === '' ? null : row),
  ])
}

function findReading(
  snapshot: JobSnapshot,
  act: { reading: ReadingKind; part: string; a: string; b: string },
): ReadingRow | undefined {
  return snapshot.readings.find(
    (row) =>
      row.kind === act.reading &&
      row.part === act.part &&
      !row.struckAt &&
      ((row.pointA === act.a && row.pointB === act.b) || (row.pointA === act.b && row.pointB === act.a)),
  )
}

/**
 * Two leads of one colour are told apart by number: the second brown makes the first one brown 1 and is brown 2 itself. A
 * name that is typed with its number is taken as it is.
 */
function numbered(
  leads: LeadRow[],
  name: string,
): { name: string; first: { lead: LeadRow; name: string } | null } {
  const same = (other: string) => leads.find((lead) => lead.name.toLowerCase() === other.toLowerCase())
  const twin = same(name)
  if (!name || (!twin && !same(`${name} 1`))) return { name, first: null }
  let next = 2
  while (same(`${name} ${next}`)) next++
  return { name: `${name} ${next}`, first: twin ? { lead: twin, name: `${twin.name} 1` } : null }
}

/** A lead under another name, with its readings and the place where it lands. */
function renamed(snapshot: JobSnapshot, lead: LeadRow, name: string): RowChange[] {
  const point = (typed: string) => (typed === lead.name ? name : typed)
  return [
    rowChange(snapshot, 'leads', lead.id, { ...lead, name }),
    ...snapshot.readings
      .filter((row) => row.part === lead.part && (row.pointA === lead.name || row.pointB === lead.name))
      .map((row) =>
        rowChange(snapshot, 'readings', row.id, {
          ...row,
          pointA: point(row.pointA),
          pointB: point(row.pointB),
        }),
      ),
    ...snapshot.landings
      .filter((row) => row.lead === lead.name || row.terminal === lead.name)
      .map((row) =>
        rowChange(snapshot, 'landings', row.id, {
          ...row,
          lead: point(row.lead),
          terminal: point(row.terminal),
        }),
      ),
  ]
}

function checkName(leads: LeadRow[], name: string, self: string | null): void {
  if (!name) throw refusal('no-name')
  if (name.length > 40) throw refusal('too-long/name')
  if (leads.some((lead) => lead.id !== self && lead.name.toLowerCase() === name.toLowerCase())) {
    throw refusal('duplicate-lead', name)
  }
}

/** A live reading while everything is off would read nothing and say "no supply". */
function requireLive(snapshot: JobSnapshot, now: number): void {
  const { state } = energyOf(snapshot, now)
  if (state !== 'live' && state !== 'live-test' && state !== 'in-service') throw refusal('not-live')
  if (!snapshot.household.catRated) throw refusal('no-rated-meter')
}
