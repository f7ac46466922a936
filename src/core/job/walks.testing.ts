import { isCoreError } from '../errors'
import { type FamilyId, familyIds } from '../knowledge/vocabulary'
import type { Act } from './actTypes'
import { actOf } from './anyAct.testing'
import { energyOf } from './energy'
import { id, jobOn, NOW } from './job.testing'
import { nextSafetyActs } from './nextSafety'
import { neededCharges, pairsOf } from './place'
import { planAct } from './plan'
import { answerActs } from './proofScript'
import { feedProof, standingProof } from './proofs'
import { receive } from './receive'
import type { JobSnapshot, RowChange } from './rows'
import { withChanges } from './snapshot'
import { Trace } from './trace.testing'
import { planHistory } from './undo'

/** Two windows at one job, one server between them: outages, duplicates, passing time, undo and redo. */
interface Client {
  name: string
  seen: JobSnapshot
  online: boolean
  queue: { id: string; act: Act; doneAt: number }[]
}

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

const pick = <T>(random: () => number, list: readonly T[]): T => list[Math.floor(random() * list.length)] as T

class Walk {
  private now = NOW
  private job: JobSnapshot
  private readonly events: StoredEvent[] = []
  private readonly trace: Trace
  private readonly stored = new Set<string>()
  private readonly clients: Client[]
  private readonly result: WalkResult = { acts: 0, refused: 0, by: {}, opened: 0, unjustified: [] }

  constructor(
    private readonly random: () => number,
    family: FamilyId,
  ) {
    this.job = jobOn(family, pick(random, ['psc', 'shaded-pole', 'ecm', null] as const))
    this.trace = new Trace(this.job)
    this.clients = ['A', 'B'].map((name) => ({ name, seen: this.job, online: true, queue: [] }))
  }

  run(steps: number): WalkResult {
    for (let step = 0; step < steps; step++) {
      this.now += Math.floor(this.random() * (this.random() < 0.08 ? 25 * MINUTE : 20_000))
      const client = pick(this.random, this.clients)
      const dice = this.random()
      if (dice < 0.03) client.online = !client.online
      else if (dice < 0.07) this.step(pick(this.random, ['undo', 'redo'] as const))
      else this.do(client)
      if (client.online) this.deliver(client)
      this.look()
    }
    return this.result
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
      client.queue.push({ id: id(), act, doneAt: this.now })
    }
  }

  private deliver(client: Client): void {
    for (const waiting of client.queue.splice(0)) {
      this.receive(client, waiting)
      if (this.random() < 0.1) this.receive(client, waiting)
    }
    client.seen = this.job
  }

  private receive(client: Client, { id: actId, act, doneAt }: Client['queue'][number]): void {
    if (this.stored.has(actId)) return
    try {
      const age = this.random() < 0.02 ? -5000 : this.now - doneAt
      const planned = receive(this.job, { id: actId, act, ageMs: age }, this.now, {
        who: '',
        window: client.name,
      })
      this.stored.add(actId)
      if (planned.changes.length === 0) return
      for (const event of this.events) if (event.state === 'undone') event.state = 'dropped'
      this.job = withChanges(this.job, planned.changes)
      this.events.push({ text: planned.text, changes: planned.changes, acts: [act], state: 'done' })
      this.trace.take({ kind: 'act', act, at: this.now - Math.max(0, age) })
      this.result.acts++
      this.look()
    } catch (error) {
      if (!isCoreError(error)) throw error
      this.result.by[error.code] = (this.result.by[error.code] ?? 0) + 1
      this.result.refused++
    }
  }

  private step(direction: 'undo' | 'redo'): void {
    const event =
      direction === 'undo'
        ? this.events.filter(({ state }) => state === 'done').at(-1)
        : this.events.find(({ state }) => state === 'undone')
    if (!event) return
    try {
      const planned = planHistory(this.job, event, direction, this.now)
      this.job = withChanges(this.job, planned.changes)
      event.state = direction === 'undo' ? 'undone' : 'done'
      this.trace.take({ kind: direction, acts: event.acts, at: this.now, after: this.job })
    } catch (error) {
      if (!isCoreError(error)) throw error
    }
  }

  private look(): void {
    // Nothing is done at a job that is closed.
    if (this.job.job.status === 'closed') return
    if (!energyOf(this.job, this.now).handsIn) return
    this.result.opened++
    const objection = this.trace.objection(this.job, this.now)
    if (objection) this.result.unjustified.push(objection)
  }

  /** On the way to dead, mostly: the next tick, the next pair, the next charge. */
  private guided(job: JobSnapshot): Act[] {
    const answers = answerActs(job)
    if (answers.length > 0) return answers
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
      { kind: 'stop.raise', id: id(), rule: pick(random, ['burnt-supply', 'not-sure'] as const), note: '' },
      {
        kind: 'stop.lift',
        rule: pick(random, ['burnt-supply', 'not-sure'] as const),
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
