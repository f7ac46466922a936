import { isolationPlans } from '../../knowledge/isolation'
import { vocabulary } from '../../knowledge/vocabulary'
import type { Act } from '../acts/actTypes'
import type { JobSnapshot } from '../rows'
import { feedsOf, pairsOf } from './place'

/**
 * An independent statement of when hands may go in, told from the acts alone: what was accepted, in which order, at which
 * time. It shares nothing with the planner but the names of the pairs; it keeps its own small state and is stricter where
 * it does not know.
 */
export type TraceEntry =
  | { kind: 'act'; act: Act; at: number }
  /** The acts of an event taken back or done again. */
  | { kind: 'undo' | 'redo'; acts: Act[]; at: number; after: JobSnapshot }

interface Proof {
  feed: number
  before: number
  on: number
  off: number
  after: number
  afterAt: number
  beforeAt: number
  reads: { id: string; pair: string; volts: number; low: boolean; seq: number }[]
}

/** What parts a machine from its supply; a switch, a thermostat or a valve does not. */
const supplies = /^(plug|breaker|fuse|disconnect|battery|shore-power)$/

interface TracedPoint {
  point: string
  open: boolean
  held: boolean
  struck: boolean
  parts: boolean
  /** When it was said to be off, and what of that was taken back. */
  seen: number[]
  unseen: number[]
}

/** A point of the plan before anybody touched it. */
const shutPoint = (point: string): TracedPoint => ({
  point,
  open: false,
  held: false,
  struck: false,
  parts: supplies.test(point),
  seen: [],
  unseen: [],
})

/** A valve holds gas or water, and brings no power. */
const isValve = /^(gas-cock|cylinder-valve|water-valve)$/

const MINUTE = 60_000
const NEVER = -1

/** Acts that say nothing of energy: undone or not, they void nothing. */
const harmless =
  /^(run|finding|declined|belief|lead|photo|sound|candidate|hands|decision|check|back|landing\.set|reading|ledger|bench|job\.edit|machine|wait\.add|charge\.add)/

const isCanLabel = (act: Act): boolean =>
  act.kind === 'field.set' && act.part === 'capacitor-old' && act.field === 'label'

const movesCircuit = (act: Act): boolean => act.kind === 'machine.edit' && act.field === 'circuit'

/** What parts a machine from its supply whatever the breaker does that it shares with others. */
const partsAlone = /^(plug|disconnect|shore-power)$/

/** What is typed of a part tells nothing of what is off or empty, but for the plan and the label of the capacitor. */
const isHarmless = (act: Act): boolean =>
  (harmless.test(act.kind) && !movesCircuit(act)) ||
  (act.kind === 'field.set' && act.part !== 'plan' && !isCanLabel(act))

/** A breaker that trips again, a shock, smoke and sparks that are over: the machine is isolated, proved and read dead. */
const leavesDeadWork = new Set(['breaker-retrips', 'electric-shock', 'fire-or-smoke', 'arcing'])

export class Trace {
  private seq = 0
  private phase = 'work'
  private feeds = 1
  private readonly points = new Map<string, TracedPoint>()
  private proofs = new Map<string, Proof>()
  private readonly charges = new Map<string, { volts: number; pairs: number; seq: number }>()
  private readonly struck = new Set<string>()
  private readonly waits = new Map<string, { at: number; seq: number }>()
  private readonly stops = new Set<string>()
  /** Last act by which power may have come back, or after which everything is made anew. */
  private voidSeq = 0
  /** Cocks and cylinders. */
  private readonly valves = new Set<string>()
  /** Last reading that said live. */
  private liveSeq = 0
  /** Last change of any point. */
  private pointSeq = 0
  private activity: number[] = []
  /** A label of the capacitor was typed at some time, or its terminals counted. */
  private canTold: boolean

  constructor(private readonly first: JobSnapshot) {
    this.canTold = first.fields.some(
      ({ part, field, typed }) => part === 'capacitor-old' && field === 'label' && typed.trim() !== '',
    )
    for (const point of first.points) if (isValve.test(point.point)) this.valves.add(point.id)
    for (const point of first.points) this.points.set(point.id, shutPoint(point.point))
  }

  take(entry: TraceEntry): void {
    this.seq++
    if (entry.kind !== 'act') {
      // Whatever is taken back of what says anything about energy voids all of it.
      if (entry.acts.some((act) => !isHarmless(act))) this.void()
      for (const act of entry.acts) this.reverse(act, entry.kind, entry.at)
      // Phase and circuits after a step of history are what the rows say; what was proved before it counts no more anyway.
      this.phase = entry.after.job.phase
      this.feeds = feedsOf(entry.after.fields)
      return
    }
    this.apply(entry.act, entry.at)
  }

  private stopVolts(): number {
    return isolationPlans[this.first.machine.family].supply === 'battery' ? 1 : 30
  }

  private void(): void {
    this.voidSeq = this.seq
  }

  private touched(): void {
    this.pointSeq = this.seq
    this.void()
  }

  /** After a step of history only the worst is known of the points it touched. */
  private reverse(act: Act, direction: 'undo' | 'redo', at: number): void {
    if (act.kind === 'point.add') {
      if (direction === 'undo') this.points.delete(act.id)
      else this.points.set(act.id, shutPoint(act.point))
      this.pointSeq = this.seq
      return
    }
    if (act.kind.startsWith('point.') && 'id' in act) {
      const point = this.points.get(act.id)
      if (!point) return
      this.pointSeq = this.seq
      // Of what was seen and taken back nothing is known but what was seen before.
      if (act.kind === 'point.still') {
        const [from, to] = direction === 'undo' ? [point.seen, point.unseen] : [point.unseen, point.seen]
        to.push(...from.splice(-1))
      }
      if (act.kind === 'point.held') point.held = true
      if (act.kind === 'point.open') point.open = direction === 'redo'
      // Done again it is said again, and how it is held is asked anew.
      if (act.kind === 'point.open' && direction === 'redo') point.seen.push(at)
      if (act.kind === 'point.close') point.open = direction === 'undo'
      if (act.kind === 'point.strike') point.struck = direction === 'redo'
      if (act.kind === 'point.restore') point.struck = direction === 'undo'
    }
    if (act.kind === 'job.phase' && act.phase !== 'closing-up') this.closeAll()
    if (act.kind === 'stop.raise') {
      if (direction === 'undo') this.stops.delete(act.rule)
      else this.stops.add(act.rule)
    }
    if (act.kind === 'stop.lift' || act.kind === 'stop.override') {
      if (direction === 'undo') this.stops.add(act.rule)
      else this.stops.delete(act.rule)
    }
    if (act.kind === 'charge.strike' || act.kind === 'wait.strike') {
      if (direction === 'undo') this.struck.delete(act.id)
      else this.struck.add(act.id)
    }
    if (act.kind === 'charge.restore' || act.kind === 'wait.restore') {
      if (direction === 'undo') this.struck.add(act.id)
      else this.struck.delete(act.id)
    }
  }

  /** Power is given by the breaks; gas and water are opened by a hand of their own. */
  private closeAll(): void {
    for (const point of this.points.values()) if (!isValve.test(point.point)) point.open = point.held = false
    this.pointSeq = this.seq
  }

  private apply(act: Act, at: number): void {
    const proof = 'id' in act ? this.proofs.get(act.id) : undefined
    switch (act.kind) {
      case 'point.open':
        Object.assign(this.points.get(act.id) ?? {}, { open: true, held: false })
        this.points.get(act.id)?.seen.push(at)
        if (!this.valves.has(act.id)) this.pointSeq = this.seq
        break
      case 'point.still':
        this.points.get(act.id)?.seen.push(at)
        this.touched()
        break
      case 'point.held':
        Object.assign(this.points.get(act.id) ?? {}, { held: act.held.trim() !== '' })
        break
      case 'point.close':
        Object.assign(this.points.get(act.id) ?? {}, { open: false, held: false })
        // Gas or water that comes on brings no power.
        if (!this.valves.has(act.id)) this.touched()
        break
      case 'point.add':
        if (isValve.test(act.point)) this.valves.add(act.id)
        this.points.set(act.id, shutPoint(act.point))
        this.touched()
        break
      case 'point.strike':
        Object.assign(this.points.get(act.id) ?? {}, { struck: true })
        this.touched()
        break
      case 'point.restore':
        Object.assign(this.points.get(act.id) ?? {}, { open: false, held: false, struck: false })
        this.touched()
        break
      case 'proof.start':
        for (const [id, other] of this.proofs) if (other.feed === (act.feed ?? 1)) this.proofs.delete(id)
        this.proofs.set(act.id, {
          feed: act.feed ?? 1,
          before: NEVER,
          on: NEVER,
          off: NEVER,
          after: NEVER,
          afterAt: 0,
          beforeAt: 0,
          reads: [],
        })
        break
      case 'proof.tester':
        if (!proof) break
        if (!act.on) Object.assign(proof, { after: NEVER }, act.when === 'before' ? { before: NEVER } : {})
        else if (act.when === 'before')
          Object.assign(proof, { before: this.seq, beforeAt: at, on: NEVER, off: NEVER, after: NEVER })
        else Object.assign(proof, { after: this.seq, afterAt: at })
        break
      case 'proof.switch':
        if (proof)
          Object.assign(proof, act.on ? { on: this.seq, off: NEVER } : { off: this.seq }, { after: NEVER })
        break
      case 'proof.read': {
        const of = this.proofs.get(act.proofId)
        if (!of) break
        of.reads.push({
          id: act.id,
          pair: act.pair,
          volts: Math.abs(Number(act.typed.replace(',', '.'))),
          low: act.range === 'low-impedance',
          seq: this.seq,
        })
        of.after = NEVER
        // What was emptied and waited for before it read live is emptied and waited for anew.
        if (of.reads.at(-1)!.volts > this.stopVolts()) this.liveSeq = this.seq
        break
      }
      case 'proof.mistyped':
        // It says nothing of its pair any more, and the pair is read again.
        for (const each of this.proofs.values()) {
          const said = each.reads.find((read) => read.id === act.id)
          if (!said) continue
          const last = each.reads.filter(({ pair }) => pair === said.pair).at(-1) === said
          each.reads = each.reads.filter((read) => read !== said)
          if (last) each.after = NEVER
        }
        break
      case 'proof.failed':
      case 'proof.void':
        this.void()
        break
      case 'charge.terminals':
        if (act.terminals) this.canTold = true
        break
      case 'charge.edit':
        if (act.field === 'capacitanceTyped') this.canTold = true
        break
      case 'charge.read':
        if (act.typed.trim() === '') this.charges.delete(act.id)
        else {
          const read = act.typed
            .split('/')
            .map((part) => Math.abs(Number(part.replace(',', '.').trim() || Number.NaN)))
          this.charges.set(act.id, { volts: Math.max(...read), pairs: read.length, seq: this.seq })
        }
        this.activity.push(at)
        break
      case 'wait.start':
        if ((this.waits.get(act.id)?.seq ?? NEVER) < Math.max(this.voidSeq, this.pointSeq, this.liveSeq))
          this.waits.set(act.id, { at, seq: this.seq })
        break
      case 'charge.strike':
      case 'wait.strike':
        this.struck.add(act.id)
        break
      case 'charge.restore':
      case 'wait.restore':
        this.struck.delete(act.id)
        this.charges.delete(act.id)
        this.waits.delete(act.id)
        break
      case 'job.phase':
        if (act.phase === 'closing-up' || this.phase === 'closing-up') {
          this.phase = act.phase
          if (act.phase !== 'live-test') break
        }
        this.phase = act.phase
        this.closeAll()
        this.void()
        break
      case 'job.close':
        // Given up or handed over, the machine stays as it is: off.
        if (act.result === 'not-mended' || act.result === 'handed-over') break
        this.phase = '?'
        this.closeAll()
        this.void()
        break
      case 'job.reopen':
        this.phase = 'work'
        this.closeAll()
        this.void()
        break
      case 'stop.raise':
        this.stops.add(act.rule)
        if (vocabulary.stopRules[act.rule].level === 'hard') this.void()
        break
      case 'stop.lift':
      case 'stop.override':
        this.stops.delete(act.rule)
        break
      case 'field.set':
        if (isCanLabel(act)) this.canTold = true
        if (act.part === 'plan' && act.field === 'feeds') {
          const counted = Number(act.typed) || 1
          if (counted !== this.feeds) this.void()
          this.feeds = counted
        }
        break
      case 'part.back':
        this.void()
        break
      case 'machine.edit':
        if (movesCircuit(act)) this.void()
        break
      case 'ledger.tick':
      case 'ledger.back':
      case 'reading.set':
        this.activity.push(at)
        break
      default:
        break
    }
  }

  /** Another machine of its breaker was given power by it: what it knows of its own break is over. */
  breakerOn(): void {
    // A machine of which the breaker is no point is parted by its own plug, whatever the breaker does.
    if (!this.breakerOpen) return
    this.seq++
    for (const point of this.points.values())
      if (point.point === 'breaker' || point.point === 'fuse') point.open = point.held = false
    this.touched()
  }

  /** Whether the breaker that it shares was said to be off. */
  get breakerOpen(): boolean {
    return [...this.points.values()].some(
      ({ point, open, struck }) => open && !struck && (point === 'breaker' || point === 'fuse'),
    )
  }

  /** The breakers that were said to be off, those that were struck since among them: struck is not switched on. */
  get openBreakers(): string[] {
    return [...this.points].flatMap(([id, { point, open }]) =>
      open && (point === 'breaker' || point === 'fuse') ? [id] : [],
    )
  }

  /** Whether something else than that breaker parts it, and is held. */
  get isParted(): boolean {
    return [...this.points.values()].some(
      ({ point, open, held, struck }) => open && held && !struck && partsAlone.test(point),
    )
  }

  /** What is wrong with power that an act brings, by the trace: while any stop stands there is none. */
  powerObjection(act: Act): string | null {
    const powers = act.kind === 'job.phase' && (act.phase === 'live-test' || act.phase === 'in-service')
    return powers && this.stops.size > 0 ? `power in spite of ${[...this.stops].join()}` : null
  }

  /** What is wrong with hands inside at this instant by the trace; null where it justifies them. */
  objection(job: JobSnapshot, now: number): string | null {
    if (this.phase !== 'work') return `phase ${this.phase}`
    const stops = [...this.stops].filter((rule) => !leavesDeadWork.has(rule))
    if (stops.length > 0) return `stop ${stops.join()}`
    const points = [...this.points.values()].filter((point) => !point.struck)
    // Circuits that were counted bring points of their own, which the plan adds; those are looked at by their rows.
    const added = job.points.filter((row) => row.feed > 1 && !row.struckAt)
    if (!points.some((point) => point.parts)) return 'nothing parts the supply'
    if (!points.every((point) => point.open)) return 'a point is closed'
    if (!points.every((point) => point.held)) return 'a point is held by nobody'
    if (!added.every((row) => row.openedAt && row.held)) return 'a point of another circuit is closed'
    const floor = Math.max(this.voidSeq, this.pointSeq)
    const ends: number[] = []
    const begins: number[] = []
    for (let feed = 1; feed <= this.feeds; feed++) {
      const proof = [...this.proofs.values()].find((each) => each.feed === feed)
      const fault = proof ? this.proofFault(job, proof, floor) : 'no proof'
      if (!proof || fault) return `circuit ${feed}: ${fault}`
      ends.push(proof.afterAt)
      if (pairsOf(job, feed).length > 0) begins.push(proof.beforeAt)
    }
    if (Math.max(...ends) - Math.min(...begins, ...ends) > 30 * MINUTE) return 'not proved in one go'
    const begun = Math.min(...begins, ...ends)
    const known = points.filter(({ parts }) => parts).map(({ seen }) => seen.at(-1) ?? 0)
    if (known.some((at) => begun - at > 12 * 60 * MINUTE))
      return 'seen off more than half a day before the proof'
    if (now - Math.min(...ends) > 4 * 60 * MINUTE) return 'older than four hours'
    let alive = Math.max(...ends)
    for (const at of this.activity.filter((each) => each > alive).sort((one, two) => one - two)) {
      if (at - alive > 30 * MINUTE) break
      alive = at
    }
    if (now - alive > 30 * MINUTE) return 'half an hour without an act'
    return this.storedFault(now, Math.max(floor, this.liveSeq))
  }

  private proofFault(job: JobSnapshot, proof: Proof, floor: number): string | null {
    const plan = isolationPlans[this.first.machine.family]
    const limit = plan.supply === 'battery' ? 1 : 5
    const pairs = pairsOf(job, proof.feed)
    if (proof.after < floor) return 'proved before the last change'
    if (pairs.length === 0) return null
    if (proof.before < floor) return 'tester older than the last change'
    const standing = job.points.some((row) => row.point === plan.switchBefore && !row.struckAt)
    const setOn = standing && proof.feed === 1
    const from = setOn ? proof.on : proof.before
    if (setOn && proof.on < proof.before) return 'read behind an open switch'
    for (const pair of pairs) {
      const reads = proof.reads.filter((each) => each.pair === pair)
      const last = reads.at(-1)
      if (!last || last.seq < from || last.seq > proof.after) return `${pair} not read in its place`
      if (last.volts >= limit) return `${pair} reads ${last.volts} V`
      const doubted = limit === 5 && reads.some(({ volts }) => volts >= 5)
      if (doubted && !last.low) return `${pair} was doubtful`
    }
    const stop = limit === 5 ? 30 : limit
    // Induced volts are shown to be so by a range that loads the circuit, on the same pair; a battery has none.
    const live = proof.reads.filter(({ volts }) => volts > stop)
    const excused = (one: (typeof live)[number]) =>
      limit === 5 &&
      proof.reads.some((each) => each.pair === one.pair && each.seq > one.seq && each.low && each.volts < 5)
    if (live.some((one) => !excused(one))) return 'a reading said that it is live'
    const lastRead = Math.max(...proof.reads.map(({ seq }) => seq))
    if (setOn && (proof.off < lastRead || proof.off > proof.after)) return 'the switch was left on'
    return null
  }

  private mayShareItsCan({ holds, planned }: { holds: string | null; planned: number }): boolean {
    const shares = ['outdoor-unit-fan', 'dehumidifier-fan'].includes(this.first.machine.family)
    return shares && planned === 1 && (holds === null || holds === 'run') && !this.canTold
  }

  private storedFault(now: number, floor: number): string | null {
    for (const row of this.first.charges) {
      if (this.struck.has(row.id)) continue
      const read = this.charges.get(row.id)
      // NaN is what nobody could read: it is not below five.
      if (!read || read.seq < floor || !(read.volts < 5)) return 'a capacitor may hold charge'
      // A can of fan and compressor has three terminals until its label or somebody who counted says otherwise.
      if (this.mayShareItsCan(row) && read.pairs < 3) return 'a section of a dual capacitor is unread'
    }
    for (const row of this.first.waits) {
      if (this.struck.has(row.id)) continue
      const begun = this.waits.get(row.id)
      if (!begun || begun.seq < floor || now - begun.at < row.minutes * MINUTE)
        return 'a wait has not run out'
    }
    return null
  }
}
