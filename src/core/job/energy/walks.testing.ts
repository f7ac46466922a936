import { isCoreError } from '../../errors'
import { readingCheck } from '../../knowledge/proofChecks'
import { type FamilyId, familyIds } from '../../knowledge/vocabulary'
import type { Act } from '../acts/actTypes'
import { actOf } from '../acts/anyAct.testing'
import { planAct } from '../acts/plan'
import { receive } from '../acts/receive'
import { planHistory } from '../acts/undo'
import { id, jobOn, NOW } from '../job.testing'
import { checksOf } from '../proving/power'
import type { CircuitJob, JobBeside, JobSnapshot, LedgerRow, RowChange } from '../rows'
import { sharedTables } from '../shared'
import { withChanges } from '../snapshot'
import { breakerClosed, closedWith, isSameCircuit } from './circuit'
import { stalePoints } from './daysLater'
import { energyOf } from './energy'
import { nextSafetyActs } from './nextSafety'
import { neededCharges, pairsOf } from './place'
import { answerActs } from './proofScript'
import { feedProof, standingProof } from './proofs'
import { Trace, type TraceEntry } from './trace.testing'

/**
 * Four windows at three jobs, one server between them: two jobs at one machine, and one at another machine of the same breaker.
 * Outages, duplicates, passing time, undo and redo, and a clock that somebody sets.
 */
interface Client {
  name: string
  job: JobName
  seen: JobSnapshot
  online: boolean
  queue: { id: string; act: Act; doneAt: number }[]
}

/** `k` was opened while `j` was open: its energy is that of `j`. `m` is at another machine. */
type JobName = 'j' | 'k' | 'm'

const jobNames: readonly JobName[] = ['j', 'k', 'm']
/** Jobs that share the energy of one machine. */
const machineOf: Record<JobName, readonly JobName[]> = { j: ['j', 'k'], k: ['j', 'k'], m: ['m'] }

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

const openActs = ({ ledger }: JobSnapshot): number =>
  ledger.filter((line) => line.doneAt && !line.backDoneAt && !line.struckAt && !isLook(line)).length

const isLook = ({ action }: LedgerRow): boolean => ['photo', 'mark', 'measure', 'note'].includes(action)

/** What a job tells another one at its machine, as the file would. */
const besideOf = (other: JobSnapshot): JobBeside => {
  const { job, findings, stops } = other
  const closed = job.status === 'closed'
  return {
    id: job.id,
    title: '',
    closed,
    handsIn: !closed && job.handsIn === 1,
    open: closed ? 0 : openActs(other),
    findings,
    stops,
  }
}

/** What a job tells one at another machine of its breaker. */
const onCircuitOf = (other: JobSnapshot): CircuitJob => ({
  id: other.job.id,
  title: '',
  machine: other.machine,
  phase: other.job.phase,
  handsIn: other.job.handsIn === 1,
  open: openActs(other),
  points: other.points,
})

const pick = <T>(random: () => number, list: readonly T[]): T => list[Math.floor(random() * list.length)] as T

class Walk {
  /** The server's clock, which may be set. */
  private now = NOW
  /** What has passed, as the windows count it. */
  private passed = 0
  private readonly jobs: Record<JobName, JobSnapshot>
  private readonly events: Record<JobName, StoredEvent[]> = { j: [], k: [], m: [] }
  private readonly traces: Record<JobName, Trace>
  /** Who said with a tick that hands are in, and has not said since that they are out. */
  private readonly handsIn = new Set<JobName>()
  private readonly stored = new Set<string>()
  private readonly clients: Client[]
  private readonly result: WalkResult = { acts: 0, refused: 0, by: {}, opened: 0, unjustified: [] }

  constructor(
    private readonly random: () => number,
    family: FamilyId,
  ) {
    const fed = (job: JobSnapshot): JobSnapshot => ({
      ...job,
      machine: { ...job.machine, circuit: 'breaker 3' },
    })
    const first = fed(jobOn(family, pick(random, ['psc', 'shaded-pole', 'ecm', null] as const)))
    const another = { job: 'm', machine: 'another' }
    this.jobs = {
      j: first,
      k: { ...first, job: { ...first.job, id: 'k', energyJob: 'j' } },
      m: fed(jobOn(pick(random, familyIds), pick(random, ['psc', 'shaded-pole'] as const), another)),
    }
    const shared = new Trace(first)
    this.traces = { j: shared, k: shared, m: new Trace(this.jobs.m) }
    this.tell()
    this.clients = (['j', 'j', 'k', 'm'] as const).map((job, place) => ({
      name: 'ABCD'.charAt(place),
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
    for (const names of [machineOf.j, machineOf.m]) {
      const name = names.find((each) => this.jobs[each].job.status === 'open')
      if (name) this.told(name, act)
    }
  }

  /** An act of the server's own. */
  private told(name: JobName, act: Act): void {
    const last = Math.max(0, ...this.jobs[name].log.map(({ at }) => Date.parse(at)))
    this.write(name, planAct(this.jobs[name], act, Math.max(this.now, last + 1)).changes)
    this.traces[name].take({ kind: 'act', act, at: this.now })
  }

  /** What an act or a step of history writes, and what the other machine of the breaker is told of it. */
  private change(name: JobName, changes: RowChange[]): void {
    const neighbours = (this.jobs[name].onCircuit ?? []).map(({ id }) => id as JobName)
    this.write(name, changes)
    if (!breakerClosed(changes)) return
    for (const other of neighbours)
      for (const act of closedWith(this.jobs[other], this.jobs[name])) this.told(other, act)
  }

  /** What one job of a machine writes of its energy, the other has too. */
  private write(name: JobName, changes: RowChange[]): void {
    const wasOpen = this.jobs[name].job.status === 'open'
    this.jobs[name] = withChanges(this.jobs[name], changes)
    const { job, fields } = this.jobs[name]
    // A job that was closed before stands as it stood at its end.
    const tells = wasOpen || job.status === 'open'
    for (const other of machineOf[name].filter((each) => each !== name)) {
      const there = this.jobs[other]
      this.jobs[other] = {
        ...there,
        ...Object.fromEntries(sharedTables.map((table) => [table, this.jobs[name][table]])),
        fields: [
          ...there.fields.filter(({ part }) => part !== 'plan'),
          ...fields.filter(({ part }) => part === 'plan'),
        ],
        machine: this.jobs[name].machine,
        job:
          tells && there.job.status === 'open'
            ? { ...there.job, phase: job.phase, period: job.period }
            : there.job,
      }
    }
    this.tell()
  }

  /** Each job as the file tells it of the others. */
  private tell(): void {
    const jobs = this.jobs
    const told = (name: JobName): JobSnapshot => {
      const apart = jobNames.filter((other) => !machineOf[name].includes(other))
      return {
        ...jobs[name],
        beside: machineOf[name].filter((other) => other !== name).map((other) => besideOf(jobs[other])),
        onCircuit: apart
          .filter(
            (other) =>
              jobs[other].job.status === 'open' &&
              isSameCircuit(jobs[name].machine.circuit, jobs[other].machine.circuit),
          )
          .map((other) => onCircuitOf(jobs[other])),
      }
    }
    const [j, k, m] = [told('j'), told('k'), told('m')]
    Object.assign(this.jobs, { j, k, m })
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
      const powered = this.traces[client.job].powerObjection(act) ?? this.circuitObjection(client.job, act)
      if (powered) this.result.unjustified.push(powered)
      for (const event of this.events[client.job]) if (event.state === 'undone') event.state = 'dropped'
      this.change(client.job, planned.changes)
      this.events[client.job].push({
        text: planned.text,
        changes: planned.changes,
        acts: [act],
        state: 'done',
      })
      if ('on' in act && act.on && /^(ledger|landing)/.test(act.kind)) this.handsIn.add(client.job)
      if (act.kind === 'hands.out') this.handsIn.delete(client.job)
      this.takes(client.job, { kind: 'act', act, at: this.now - Math.max(0, age) })
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
      this.takes(name, { kind: direction, acts: event.acts, at: this.now, after: this.jobs[name] })
    } catch (error) {
      if (!isCoreError(error)) throw error
    }
  }

  /** The trace of the machine is told; where its breaker came on by that, so are those of the other machines behind it. */
  private takes(name: JobName, entry: TraceEntry): void {
    const own = this.traces[name]
    const before = own.openBreakers
    own.take(entry)
    const after = own.openBreakers
    if (before.every((point) => after.includes(point))) return
    for (const { id } of this.jobs[name].onCircuit ?? []) this.traces[id as JobName].breakerOn()
  }

  private look(): void {
    // Nothing is done at a job that is closed.
    for (const name of jobNames) {
      const job = this.jobs[name]
      if (job.job.status !== 'open' || !energyOf(job, this.now).handsIn) continue
      this.result.opened++
      const objection = this.traces[name].objection(job, this.now)
      if (objection) this.result.unjustified.push(objection)
    }
  }

  /** Power that comes to one machine of the breaker while somebody works at the other, which nothing else parts. */
  private circuitObjection(name: JobName, act: Act): string | null {
    const powers = act.kind === 'job.phase' && (act.phase === 'live-test' || act.phase === 'in-service')
    if (!powers || this.jobs[name].job.phase === 'live-test') return null
    const busy = (this.jobs[name].onCircuit ?? []).find(({ id }) => {
      const other = id as JobName
      return (this.handsIn.has(other) || openActs(this.jobs[other]) > 0) && !this.traces[other].isParted
    })
    if (!busy) return null
    const off = this.traces[name].breakerOpen || this.traces[busy.id as JobName].breakerOpen
    return off ? 'power behind a breaker at which somebody works' : null
  }

  /** On the way to dead, mostly: the next tick, the next pair, the next charge. */
  private guided(job: JobSnapshot): Act[] {
    if (job.job.phase === 'live-test' && this.random() < 0.3) return [{ kind: 'job.phase', phase: 'work' }]
    if (this.random() < 0.5 && energyOf(job, this.now).handsIn)
      return this.random() < 0.4 ? this.powered(job) : this.worked(job)
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

  /** One act of work inside, or what is open of the way back. */
  private worked(job: JobSnapshot): Act[] {
    const open = job.ledger.filter((line) => line.doneAt && !line.backDoneAt && !line.struckAt)
    if (open.length > 0 && this.random() < 0.5)
      return [...open.map(({ id }): Act => ({ kind: 'ledger.back', id, on: true })), { kind: 'hands.out' }]
    const line = id()
    return [
      { kind: 'ledger.add', id: line, after: null, line: { part: 'motor nut' } },
      { kind: 'ledger.tick', id: line, on: true },
    ]
  }

  /** Power, as somebody asks for it who has gone through the checks that come before it. */
  private powered(job: JobSnapshot): Act[] {
    const dead = checksOf(job).filter((check) => check.dead)
    return [
      ...[readingCheck, ...dead].map(
        (check): Act => ({ kind: 'check.set', id: id(), checkId: check.id, result: 'pass', note: '' }),
      ),
      { kind: 'job.phase', phase: 'live-test', purpose: pick(this.random, ['reading', 'start'] as const) },
    ]
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
