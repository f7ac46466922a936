import { readingCheck } from '../knowledge/proofChecks'
import type { Act } from './acts/actTypes'
import { newHousehold, newJob, newMachine } from './acts/blank'
import { planAct } from './acts/plan'
import { dischargeActs } from './energy/dischargeScript'
import { neededWaits } from './energy/place'
import { isolationActs, proofActs } from './energy/proofScript'
import { plantedPlan } from './plant'
import { checksOf } from './proving/power'
import type { JobSnapshot, LedgerRow, MachineRow } from './rows'
import { withChanges } from './snapshot'

export const NOW = Date.parse('2026-03-02T10:00:00Z')
let count = 0
/** Ids that never repeat and sort by age. */
export const id = () => `id-${String(++count).padStart(9, '0')}`

export const household = {
  ...newHousehold('home', 'Harrow Reach'),
  tools: 'hand meter',
  catRated: 1,
} as const

/** A job just opened on a machine of this family, its plan planted. */
export function jobOn(
  family: MachineRow['family'],
  motorKind: MachineRow['motorKind'] = null,
  names = { job: 'j', machine: 'm' },
): JobSnapshot {
  const machine = {
    ...newMachine(names.machine, 'home', family, { motorKind }, '2026-03-02T09:00:00Z'),
    installedYear: '2012',
  }
  const plan = plantedPlan(names.job, machine, id)
  return {
    household,
    machine,
    ...plan,
    job: {
      ...newJob(names.job, names.machine, '', '2026-03-02T09:00:00Z'),
      touchedAt: '2026-03-02T09:00:00Z',
    },
    findings: [],
    declined: [],
    beliefs: [],
    stops: [],
    proofs: [],
    proofReadings: [],
    readings: [],
    leads: [],
    fields: [],
    decisions: [],
    ledger: [],
    landings: [],
    checks: [],
    outParts: [],
    dues: [],
    candidates: [],
    photos: [],
    runs: [],
    sounds: [],
    log: [],
  }
}

/** The acts done, one after another. */
export const act = (snapshot: JobSnapshot, ...acts: Act[]): JobSnapshot => actAt(NOW, snapshot, ...acts)

export const actAt = (now: number, snapshot: JobSnapshot, ...acts: Act[]): JobSnapshot =>
  acts.reduce((all, each) => withChanges(all, planAct(all, each, now).changes), snapshot)
/** What is typed into one field of a job. */
export const field = (part: string, name: string, text: string): Act => ({
  kind: 'field.set',
  id: id(),
  part,
  field: name,
  typed: text,
})

/** Fields of one part, typed one after another. */
export const typed = (job: JobSnapshot, part: string, fields: Record<string, string>): JobSnapshot =>
  Object.entries(fields).reduce((all, [name, text]) => act(all, field(part, name, text)), job)

/** Motor and capacitor were out before the job began, the capacitor with this label is empty at each of its pairs, whatever is warm or charged was waited for. */
export function onBench(
  family: MachineRow['family'],
  motorKind?: MachineRow['motorKind'],
  label = '',
): JobSnapshot {
  const job = act(
    jobOn(family, motorKind),
    { kind: 'field.set', id: id(), part: 'capacitor-old', field: 'label', typed: label },
    { kind: 'part.out', id: id(), part: 'motor' },
    { kind: 'part.out', id: id(), part: 'capacitor' },
  )
  return actAt(
    NOW - 3 * 3_600_000,
    job,
    ...dischargeActs(job),
    ...neededWaits(job).map((wait): Act => ({ kind: 'wait.start', id: wait.id })),
  )
}
export const bath = () => jobOn('bath-exhaust-fan', 'psc')

/** A line added at the end of the way in, ticked, and ticked on the way back. */
export const line = (lineId: string, more: Partial<LedgerRow>): Act => ({
  kind: 'ledger.add',
  id: lineId,
  after: null,
  line: more,
})
export const tick = (lineId: string, on = true): Act => ({ kind: 'ledger.tick', id: lineId, on })
/** What a line wants before it is ticked: a figure where it measures, a word why a photo was not taken, a turn. */
export const asked = (line: LedgerRow): Act[] => {
  const change =
    line.action === 'measure'
      ? { figure: '14 mm' }
      : line.action === 'photo'
        ? { without: 'no camera at hand' }
        : line.action === 'mark' && line.part.includes('turns')
          ? { mark: 'clockwise' }
          : null
  return change ? [{ kind: 'ledger.edit', id: line.id, change }] : []
}
export const back = (lineId: string, on = true): Act => ({ kind: 'ledger.back', id: lineId, on })

/** What insulation to the frame reads where it is whole: a reading by hands inside. */
export const frame = {
  kind: 'reading.set',
  id: 'frame',
  reading: 'to-frame',
  part: 'old',
  a: 'black',
  b: 'frame',
  typed: 'OL',
} as const satisfies Act

/** The code an act is refused with, or null where it is allowed. */
export const refused = (snapshot: JobSnapshot, what: Act, now = NOW): string | null => {
  try {
    planAct(snapshot, what, now)
  } catch (error) {
    return (error as { code: string }).code
  }
  return null
}

/** Every point open and held, proved dead, charges read, waits begun; the waits have run out by the end. */
export function madeDead(snapshot: JobSnapshot, now = NOW): JobSnapshot {
  const begun = now - 3 * 3_600_000
  const opened = actAt(
    begun,
    snapshot,
    ...isolationActs(snapshot),
    ...neededWaits(snapshot).map((wait): Act => ({ kind: 'wait.start', id: wait.id })),
  )
  return actAt(now, opened, ...proofActs(opened, id), ...dischargeActs(opened))
}

/** Everything that holds power back and is answered by a look, answered as it should be. */
export const answered = (job: JobSnapshot, now = NOW): JobSnapshot =>
  [readingCheck, ...checksOf(job).filter(({ dead }) => dead)].reduce(
    (all, { id: checkId }) =>
      actAt(now, all, { kind: 'check.set', id: id(), checkId, result: 'pass', note: '' }),
    job,
  )
