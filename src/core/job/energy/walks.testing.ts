import { isCoreError } from '../../errors'
import { type FamilyId, familyIds } from '../../knowledge/vocabulary'
import type { Act } from '../acts/actTypes'
import { actOf } from '../acts/anyAct.testing'
import { planAct } from '../acts/plan'
import { receive } from '../acts/receive'
import { planHistory } from '../acts/undo'
import { id, jobOn, NOW } from '../job.testing'
import type { JobBeside, JobSnapshot, RowChange } from '../rows'
import { sharedTables } from '../shared'
import { withChanges } from '../snapshot'
import { stalePoints } from './daysLater'
import { energyOf } from './energy'
import { nextSafetyActs } from './nextSafety'
import { neededCharges, pairsOf } from './place'
import { answerActs } from './proofScript'
import { feedProof, standingProof } from './proofs'
import { Trace } from './trace.testing'

/**
 * Three windows at two jobs of one machine, one server between them: outages, duplicates, passing time, undo and redo, and a
 * clock that somebody sets.
 */
interface Client {
  name: string
  job: JobName
  seen: JobSnapshot
  online: boolean
  queue: { id: string; act: Act; doneAt: number }[]
}

/** The second was opened while the first was open: its energy is that of the first. */
type JobName = 'j' | 'k'

interface StoredEvent {
  text: string
  changes: RowChange[]
  acts: Act[]
  state: 'done' | 'undone' | 'dropped'
}

export interface WalkResult {
  acts: number
  refused: number
  /** How often each rule was the one that refused, by its code. */
  by: Record<string, number>
  /** States in which the core let hands in. */
  opened: number
  /** Of those, what the trace does not justify, in words. */
  unjustified: string[]
}

const MINUTE = 60_000

/** One walk of so many steps. `random` makes it the same every time. */
export function walk(steps: number, random: () => number, family?: FamilyId): WalkResult {
  return new Walk(random, family ?? pick(random, familyIds)).run(steps)
}

/** What a job tells another one at its machine, as the file would. */
const besideOf = ({ job, findings, stops, ledger }: JobSnapshot): JobBeside[] => {
  const closed = job.status === 'closed'
  const open = ledger.filter((line) => line.doneAt && !line.backDoneAt && !line.struckAt).length
  return [
    {
      id: job.id,
      title: '',
      closed,
      handsIn: !closed && job.handsIn === 1,
      open: closed ? 0 : open,
      findings,
      stops,
    },
  ]
}

const pick = <T>(random: () => number, list: readonly T[]): T => list[Math.floor(random() * list.length)] as T

class Walk {
  /** The server's clock, which may be set. */
  private now = NOW
  /** What has passed, as the windows count it. */
  private passed = 0
  private readonly jobs: Record<JobName, JobSnapshot>
  private readonly events: Record<JobName, StoredEvent[]> = { j: [], k: [] }
  private readonly trace: Trace
  private readonly stored = new Set<string>()
  private readonly clients: Client[]
  private readonly result: WalkResult = { acts: 0, refused: 0, by: {}, opened: 0, unjustified: [] }

  constructor(
    private readonly random: () => number,
    family: FamilyId,
  ) {
    const first = jobOn(family, pick(random, ['psc', 'shaded-pole', 'ecm', null] as const))
    this.jobs = { j: first, k: { ...first, job: { ...first.job, id: 'k', energyJob: 'j' } } }
    this.trace = new Trace(first)
    this.clients = (['j', 'j', 'k'] as const).map((job, place) => ({
      name: 'ABC'.charAt(place),
      job,
      seen: this.jobs[job],
      online: true,
      queue: [],
    }))
  }

  run(steps: number): WalkResult {
    for (let step = 0; step < steps; step++) {
      this.pass(Math.floor(this.random() * (this.random() < 0.08 ? 25 * MINUTE : 20_000)))
      // A night, or days until the part comes.
      if (this.random() < 0.004) this.pass((11 + Math.floor(this.random() * 60)) * 60 * MINUTE)
      if (this.random() < 0.004) this.setClock()
      const client = pick(this.random, this.clients)
      const dice = this.random()
      if (dice < 0.03) client.online = !client.online
      else if (dice < 0.07) this.step(client.job, pick(this.random, ['undo', 'redo'] as const))
      else this.do(client)
      if (client.online) this.deliver(client)
      this.look()
    }
    return this.result
  }

  private pass(ms: number): void {
    this.now += ms
    this.passed += ms
  }

  /** Somebody sets the server's clock, by minutes or by hours, ahead or back: every dead period ends. */
  private setClock(): void {
    this.now += Math.floor((this.random() - 0.5) * (this.random() < 0.5 ? 8 : 600) * MINUTE)
    const act: Act = { kind: 'proof.void', reason: 'the clock of the server was set' }
    const last = Math.max(0, ...this.jobs.j.log.map(({ at }) => Date.parse(at)))
    const name = (['j', 'k'] as const).find((each) => this.jobs[each].job.status === 'open')
    if (name) this.change(name, planAct(this.jobs[name], act, Math.max(this.now, last + 1)).changes)
    this.trace.take({ kind: 'act', act, at: this.now })
  }

  /** What one job of the machine writes of its energy, the other has too. */
  private change(name: JobName, changes: RowChange[]): void {
    const other = name === 'j' ? 'k' : 'j'
    this.jobs[name] = withChanges(this.jobs[name], changes)
    const { job, fields } = this.jobs[name]
    const there = this.jobs[other]
    this.jobs[other] = {
      ...there,
      ...Object.fromEntries(sharedTables.map((table) => [table, this.jobs[name][table]])),
      fields: [
        ...there.fields.filter(({ part }) => part !== 'plan'),
        ...fields.filter(({ part }) => part === 'plan'),
      ],
      machine: this.jobs[name].machine,
      job: there.job.status === 'open' ? { ...there.job, phase: job.phase, period: job.period } : there.job,
    }
    this.jobs.j = { ...this.jobs.j, beside: besideOf(this.jobs.k) }
    this.jobs.k = { ...this.jobs.k, beside: besideOf(this.jobs.j) }
  }

  /** An act as the window plans it from what it has seen; what its page refuses is not sent. */
  private do(client: Client): void {
    const guided = this.random() < 0.84
    for (const act of guided ? this.guided(client.seen) : [this.any(client.seen)]) {
      try {
        client.seen = withChanges(client.seen, planAct(client.seen, act, this.now).changes)
      } catch (error) {
        if (!isCoreError(error)) throw error
        // One time in ten the page is wrong and sends it all the same.
        if (this.random() > 0.1) continue
      }
      client.queue.push({ id: id(), act, doneAt: this.passed })
    }
  }

  private deliver(client: Client): void {
    for (const waiting of client.queue.splice(0)) {
      this.receive(client, waiting)
      if (this.random() < 0.1) this.receive(client, waiting)
    }
    client.seen = this.jobs[client.job]
  }

  private receive(client: Client, { id: actId, act, doneAt }: Client['queue'][number]): void {
    if (this.stored.has(actId)) return
    try {
      const age = this.random() < 0.02 ? -5000 : this.passed - doneAt
      const planned = receive(this.jobs[client.job], { id: actId, act, ageMs: age }, this.now, {
        who: '',
        window: client.name,
      })
      this.stored.add(actId)
      if (planned.changes.length === 0) return
      for (const event of this.events[client.job]) if (event.state === 'undone') event.state = 'dropped'
      this.change(client.job, planned.changes)
      this.events[client.job].push({
        text: planned.text,
        changes: planned.changes,
        acts: [act],
        state: 'done',
      })
      const powered = this.trace.powerObjection(act)
      if (powered) this.result.unjustified.push(powered)
      this.trace.take({ kind: 'act', act, at: this.now - Math.max(0, age) })
      this.result.acts++
      this.look()
    } catch (error) {
      if (!isCoreError(error)) throw error
      this.result.by[error.code] = (this.result.by[error.code] ?? 0) + 1
      this.result.refused++
    }
  }

  private step(name: JobName, direction: 'undo' | 'redo'): void {
    const events = this.events[name]
    const event =
      direction === 'undo'
        ? events.filter(({ state }) => state === 'done').at(-1)
        : events.find(({ state }) => state === 'undone')
    if (!event) return
    try {
      const planned = planHistory(this.jobs[name], event, direction, this.now)
      this.change(name, planned.changes)
      event.state = direction === 'undo' ? 'undone' : 'done'
      this.trace.take({ kind: direction, acts: event.acts, at: this.now, after: this.jobs[name] })
    } catch (error) {
      if (!isCoreError(error)) throw error
    }
  }

  private look(): void {
    // Nothing is done at a job that is closed.
    for (const job of Object.values(this.jobs).filter(({ job }) => job.status === 'open')) {
      if (!energyOf(job, this.now).handsIn) continue
      this.result.opened++
      const objection = this.trace.objection(job, this.now)
      if (objection) this.result.unjustified.push(objection)
    }
  }

  /** On the way to dead, mostly: the next tick, the next pair, the next charge. */
  private guided(job: JobSnapshot): Act[] {
    const answers = answerActs(job)
    if (answers.length > 0) return answers
    const old = stalePoints(job, this.now)
    if (old.length > 0 && this.random() < 0.8) return old.map(({ id }) => ({ kind: 'point.still', id }))
    const next = nextSafetyActs(job, id)
    if (next) return next
    for (let feed = 1; feed <= 3; feed++) {
      const proof = feedProof(job, feed)
      if (proof.row && proof.step === 'read')
        return [
          {
            kind: 'proof.read',
            id: id(),
            proofId: proof.row.id,
            pair: pick(this.random, proof.open.length > 0 ? proof.open : proof.pairs),
            position: 0,
            typed: pick(this.random, ['0.1', '0.2', '0', '4.9', '0.3', '12']),
            range: pick(this.random, ['ordinary', 'low-impedance'] as const),
          },
        ]
    }
    const charge = neededCharges(job).find((row) => row.volts === null || row.volts >= 5)
    if (charge)
      return [{ kind: 'charge.read', id: charge.id, typed: pick(this.random, ['0.3', '0.1', '48']) }]
    return [this.any(job)]
  }

  /**
   * One of all the acts that there are, on any row: lines with any words, flags and covers, charges and waits added, readings
   * said to be mistyped. What the trace does not follow is left out: another kind of motor, and other answers of the plan.
   */
  private drawn(job: JobSnapshot): Act | null {
    const { random } = this
    const number = (most: number) => Math.floor(random() * most)
    const act = actOf(job, {
      kind: number(200),
      row: number(30),
      pick: number(200),
      typed: pick(random, ['', '0.2', '-0,1', '12', '0/120', 'OL', '119', '35+5 uF 440 V']),
      reason: pick(random, ['', 'aaa', 'an electrician renewed it']),
      on: random() < 0.6,
      fresh: id(),
    })
    const kindOrPlan =
      (act.kind === 'machine.edit' && act.field === 'motorKind') ||
      (act.kind === 'field.set' && act.part === 'plan') ||
      // A charge or a wait that is not of the plan may be struck again; the trace counts those of the plan alone.
      act.kind === 'job.reopen'
    return kindOrPlan ? null : act
  }

  private any(job: JobSnapshot): Act {
    const { random } = this
    const drawn = random() < 0.4 ? this.drawn(job) : null
    if (drawn) return drawn
    const point = pick(random, job.points)
    const charge = job.charges.length > 0 ? pick(random, job.charges) : null
    const wait = job.waits.length > 0 ? pick(random, job.waits) : null
    const proof = standingProof(job) ?? job.proofs[0]
    const line = job.ledger.length > 0 ? pick(random, job.ledger) : null
    const pairs = pairsOf(job)
    const acts: (Act | null)[] = [
      { kind: 'point.open', id: point.id },
      { kind: 'point.close', id: point.id },
      { kind: 'point.held', id: point.id, held: pick(random, ['taped', '', 'in the pocket']) },
      { kind: 'point.strike', id: point.id, reason: 'not on this machine' },
      { kind: 'point.restore', id: point.id },
      { kind: 'point.still', id: point.id },
      { kind: 'point.add', id: id(), point: pick(random, ['fuse', 'breaker'] as const) },
      { kind: 'proof.start', id: id(), feed: 1 },
      proof
        ? {
            kind: 'proof.tester',
            id: proof.id,
            when: pick(random, ['before', 'after'] as const),
            on: random() < 0.7,
          }
        : null,
      proof ? { kind: 'proof.switch', id: proof.id, on: random() < 0.5 } : null,
      proof ? { kind: 'proof.failed', id: proof.id, what: 'a lamp lit' } : null,
      proof && pairs.length > 0
        ? {
            kind: 'proof.read',
            id: id(),
            proofId: proof.id,
            pair: pick(random, pairs),
            position: 0,
            typed: pick(random, ['0.2', '12', '119', '-3']),
          }
        : null,
      { kind: 'proof.void', reason: 'not sure' },
      charge ? { kind: 'charge.read', id: charge.id, typed: pick(random, ['0.2', '60', '']) } : null,
      charge ? { kind: 'charge.strike', id: charge.id, reason: 'it has none' } : null,
      charge ? { kind: 'charge.restore', id: charge.id } : null,
      wait ? { kind: 'wait.start', id: wait.id } : null,
      wait ? { kind: 'wait.strike', id: wait.id, reason: 'it has none' } : null,
      wait ? { kind: 'wait.restore', id: wait.id } : null,
      {
        kind: 'job.phase',
        phase: pick(random, ['work', 'live-test', 'closing-up', 'in-service'] as const),
        purpose: 'reading',
      },
      {
        kind: 'stop.raise',
        id: id(),
        rule: pick(random, ['burnt-supply', 'not-sure', 'electric-shock', 'arcing', 'gas-smell'] as const),
        note: '',
      },
      {
        kind: 'stop.lift',
        rule: pick(random, ['burnt-supply', 'not-sure', 'electric-shock', 'arcing', 'gas-smell'] as const),
        how: 'mended',
        reason: 'an electrician renewed it',
      },
      { kind: 'field.set', id: id(), part: 'plan', field: 'feeds', typed: pick(random, ['1', '2']) },
      { kind: 'ledger.add', id: id(), after: null, line: { part: 'cover', action: 'unclip' } },
      line ? { kind: 'ledger.tick', id: line.id, on: random() < 0.8 } : null,
      line ? { kind: 'ledger.back', id: line.id, on: random() < 0.8 } : null,
      {
        kind: 'reading.set',
        id: id(),
        reading: 'to-frame',
        part: 'old',
        a: 'black',
        b: 'frame',
        typed: 'OL',
      },
    ]
    return pick(random, acts) ?? { kind: 'job.edit', field: 'cost', value: String(this.now) }
  }
}
