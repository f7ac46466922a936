import { readsDc } from '../../isolation'
import { isolationPlans } from '../../knowledge/isolation'
import { pairVerdict } from '../../safety/proof'
import { type ActsOf, rule } from '../acts/actModule'
import type { ActOf, By } from '../acts/actTypes'
import { type Draft, planned, rowChange, withSteps } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow } from '../acts/rowById'
import { flag, id, number, oneOf, optional, text, textOf } from '../acts/shapes'
import type { JobSnapshot, ProofReadingRow, ProofRow } from '../rows'
import { energyJobOf } from '../shared'
import { titleAndPlace } from '../title'
import { runsOnCircuit } from './circuit'
import { stalePoints } from './daysLater'
import { asVolts, handsVolts } from './handsVolts'
import {
  feedsOf,
  hasSupplyPoint,
  onlyPlug,
  pairsOf,
  standingPoints,
  switchesBefore,
  switchRole,
  unansweredPlan,
} from './place'
import { planQuestions } from './planQuestions'
import { allOpen, coversOn, feedProof, ONE_GO_MS, stillLive } from './proofs'
import { voidAll, voidAround } from './voiding'

/** The proof as an ordered procedure: each step is refused until the one before it stands. */
export const proofStepActs: ActsOf<`proof.${string}`> = {
  'proof.start': {
    input: { id, feed: optional(number(1, 4)) },
    rule: rule('asserts', 'live-stop'),
    plan: (snapshot, act, { at, by }) => {
      if (snapshot.proofs.some((row) => row.id === act.id)) return planned('Proof begun already', [])
      const feed = act.feed ?? 1
      if (feed > feedsOf(snapshot.fields)) throw refusal('unknown-feed')
      requireOff(snapshot, at)
      const [unanswered] = unansweredPlan(snapshot)
      if (unanswered) throw refusal('unanswered', planQuestions[unanswered])
      const running = runsOnCircuit(snapshot)
      if (running) throw refusal('circuit-on', titleAndPlace(running.machine))
      const live = stillLive(snapshot)
      if (live) throw refusal('still-live', live.pair, live.typed)
      // The proof that it takes the place of is void; charges and waits stand, since no power came back.
      const earlier = snapshot.proofs.filter((proof) => proof.feed === feed && !proof.voidedAt)
      return planned(
        'Proof begun',
        [
          ...earlier.map((proof) =>
            rowChange(snapshot, 'proofs', proof.id, {
              ...proof,
              voidedAt: at,
              voidReason: 'a new proof was begun',
            }),
          ),
          rowChange(snapshot, 'proofs', act.id, newProof(act.id, energyJobOf(snapshot.job), feed, at, by)),
        ],
        [{ kind: 'proof-begun', subject: act.id, label: `circuit ${feed}` }],
      )
    },
  },
  'proof.tester': {
    input: { id, when: oneOf(['before', 'after']), on: flag },
    rule: rule('asserts', 'live-stop'),
    plan: (snapshot, act, { at }) => planTester(snapshot, act, at),
  },
  'proof.switch': {
    input: { id, on: flag },
    rule: rule('asserts', 'live-stop'),
    plan: (snapshot, act, { at }) => planSwitch(snapshot, act, at),
  },
  'proof.read': {
    input: {
      id,
      proofId: id,
      pair: textOf(60),
      position: number(0),
      typed: text,
      range: optional(oneOf(['ordinary', 'low-impedance'])),
    },
    rule: rule('asserts', 'live-stop'),
    plan: (snapshot, act, { at }) => planRead(snapshot, act, at),
  },
  'proof.mistyped': {
    input: { id, showed: text },
    rule: rule('asserts', 'live-stop'),
    plan: mistyped,
  },
  'proof.failed': {
    input: { id, what: text },
    rule: rule('reverts', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      const proof = knownRow(snapshot, 'proofs', act.id)
      const what = act.what.trim() || 'something started or lit'
      const voided = voidAll(snapshot, at, `the proof failed: ${what}`)
      return withSteps(
        planned(`Proof failed: ${what}`, [], [{ kind: 'proof-failed', subject: proof.id, detail: what }]),
        voided,
      )
    },
  },
  'proof.void': {
    input: { reason: text },
    rule: rule('reverts', 'any-stop'),
    plan: (snapshot, act, { at }) =>
      withSteps(planned('Proof void', []), voidAll(snapshot, at, act.reason.trim() || 'not sure any more')),
  },
}

type TesterAct = ActOf<'proof.tester'>

function planTester(snapshot: JobSnapshot, act: TesterAct, at: string): Draft {
  const proof = standing(snapshot, act.id)
  const field = act.when === 'before' ? 'testerBeforeAt' : 'testerAfterAt'
  if (!act.on) {
    // A check taken back takes what came after it along.
    const row = { ...proof, testerAfterAt: null, ...(act.when === 'before' ? { testerBeforeAt: null } : {}) }
    return planned('Tester check taken back', [rowChange(snapshot, 'proofs', proof.id, row)])
  }
  requireOff(snapshot, at)
  const { step } = feedProof(snapshot, proof.feed)
  if (act.when === 'after' && step !== 'tester-after' && step !== 'done')
    throw refusal('proof-order/tester-after')
  if (act.when === 'after' && Date.parse(at) - begunAt(snapshot) > ONE_GO_MS) throw refusal('too-slow')
  if (proof[field] && (act.when === 'after' ? step === 'done' : step !== 'tester-before'))
    return planned('Tester tested already', [])
  const plug = onlyPlug(snapshot)
  return planned(
    plug ? 'The plug is out, in sight and tied back' : `Tester tested ${act.when}`,
    [
      rowChange(snapshot, 'proofs', proof.id, {
        ...proof,
        [field]: at,
        ...(act.when === 'before' ? { switchOnAt: null, switchOffAt: null, testerAfterAt: null } : {}),
      }),
    ],
    [
      {
        kind: act.when === 'before' ? 'tester-before' : 'tester-after',
        subject: proof.id,
        label: `circuit ${proof.feed}`,
        detail: plug ? 'plug in sight' : '',
      },
    ],
  )
}

/** Setting a switch ON for the readings closes no point; afterwards it is off and held again. */
function planSwitch(snapshot: JobSnapshot, act: ActOf<'proof.switch'>, at: string): Draft {
  const proof = standing(snapshot, act.id)
  const points = switchesBefore(snapshot, proof.feed)
  if (points.length === 0 || switchRole(snapshot, proof.feed) !== 'set-on') throw refusal('no-switch')
  const names = points.map(({ label }) => label).join(' and ')
  requireOff(snapshot, at)
  const { step, open, live } = feedProof(snapshot, proof.feed)
  if (act.on) {
    if (step === 'tester-before') throw refusal('proof-order/tester-first')
    return planned(
      `${names} set on for the readings`,
      [
        rowChange(snapshot, 'proofs', proof.id, {
          ...proof,
          switchOnAt: at,
          switchOffAt: null,
          testerAfterAt: null,
        }),
      ],
      [{ kind: 'switch-on', subject: proof.id, label: names }],
    )
  }
  // Off again is always taken; it counts as a step only after the readings.
  const complete = open.length === 0 && live === null
  return planned(
    `${names} off and held again`,
    [
      rowChange(snapshot, 'proofs', proof.id, {
        ...proof,
        ...(complete ? { switchOffAt: at } : { switchOnAt: null, switchOffAt: null }),
        testerAfterAt: null,
      }),
    ],
    [{ kind: 'switch-off', subject: proof.id, label: names }],
  )
}

function planRead(snapshot: JobSnapshot, act: ActOf<'proof.read'>, at: string): Draft {
  const proof = standing(snapshot, act.proofId)
  if (snapshot.proofReadings.some((row) => row.id === act.id)) return planned('Read already', [])
  const pairs = pairsOf(snapshot, proof.feed)
  if (!pairs.includes(act.pair)) throw refusal('unknown-pair')
  requireOff(snapshot, at)
  const { step } = feedProof(snapshot, proof.feed)
  if (step === 'tester-before') throw refusal('proof-order/tester-reading')
  if (step === 'switch-on') throw refusal('proof-order/switch-first')
  const [cover] = coversOn(snapshot)
  if (cover) throw refusal('cover-on', cover.part)
  const read = handsVolts(act.typed)
  if (!read) throw refusal('not-a-number/supply')
  const known = snapshot.proofReadings.find(
    (row) => row.proofId === proof.id && row.pair === act.pair && !row.replacedAt,
  )
  const range = act.range ?? 'ordinary'
  const row: ProofReadingRow = {
    id: act.id,
    jobId: energyJobOf(snapshot.job),
    proofId: proof.id,
    pair: act.pair,
    position: act.position,
    typed: act.typed,
    // Over-range has no number, and is live.
    volts: read.volts,
    range,
    current: readsDc(act.pair) ? 'dc' : 'ac',
    at,
    replacedAt: null,
    mistyped: null,
  }
  const draft = planned(
    `Proof ${act.pair}: ${asVolts(act.typed)}`,
    [
      ...(known ? [rowChange(snapshot, 'proofReadings', known.id, { ...known, replacedAt: at })] : []),
      rowChange(snapshot, 'proofReadings', row.id, row),
      // A reading after the tester was tested again is a new proof's reading.
      ...(proof.testerAfterAt || proof.switchOffAt
        ? [
            rowChange(snapshot, 'proofs', proof.id, {
              ...proof,
              testerAfterAt: null,
              ...(proof.switchOffAt ? { switchOnAt: null, switchOffAt: null } : {}),
            }),
          ]
        : []),
    ],
    [
      {
        kind: 'read',
        subject: proof.id,
        label: act.pair,
        detail: `${asVolts(act.typed)} ${row.current.toUpperCase()}${range === 'low-impedance' ? ', low-impedance range' : ''}`,
      },
    ],
  )
  const { supply } = isolationPlans[snapshot.machine.family]
  if (pairVerdict(row.pair, row.volts, supply) !== 'live') return draft
  return withSteps(draft, voidAround(snapshot, proof.id, at, `${row.pair} read ${asVolts(act.typed)}`))
}

/** The reading stays in the record with what it showed; the pair is read again. */
function mistyped(snapshot: JobSnapshot, act: ActOf<'proof.mistyped'>): Draft {
  const reading = knownRow(snapshot, 'proofReadings', act.id)
  standing(snapshot, reading.proofId)
  const showed = handsVolts(act.showed)
  if (!showed) throw refusal('not-a-number/supply')
  if (reading.mistyped !== null) return planned('Said already', [])
  // Typed wrong and live all the same is live: what lifts the stop is a figure that lifts it.
  const { supply } = isolationPlans[snapshot.machine.family]
  if (pairVerdict(reading.pair, showed.volts, supply) !== 'dead')
    throw refusal('mistyped-live', act.showed, reading.pair)
  return planned(
    `Proof ${reading.pair}: mistyped, it showed ${asVolts(act.showed)}`,
    [rowChange(snapshot, 'proofReadings', reading.id, { ...reading, mistyped: act.showed.trim() })],
    [
      {
        kind: 'read',
        subject: reading.proofId,
        label: reading.pair,
        detail: `mistyped as ${asVolts(reading.typed)}, it showed ${asVolts(act.showed)}, and is read again`,
      },
    ],
  )
}

/** When the tester of the standing proofs was first checked, in milliseconds; now where none was. */
const begunAt = (snapshot: JobSnapshot): number =>
  Math.min(
    ...snapshot.proofs.flatMap(({ voidedAt, testerBeforeAt }) =>
      voidedAt || !testerBeforeAt ? [] : [Date.parse(testerBeforeAt)],
    ),
    Number.MAX_SAFE_INTEGER,
  )

function standing(snapshot: JobSnapshot, id: string): ProofRow {
  const proof = knownRow(snapshot, 'proofs', id)
  if (proof.voidedAt) throw refusal('void', proof.voidReason)
  return proof
}

/** @throws CoreError `not-isolated` while a point is closed, or power may be on for a test */
function requireOff(snapshot: JobSnapshot, at: string): void {
  if (snapshot.job.phase !== 'work') throw refusal('wrong-phase/test')
  if (!hasSupplyPoint(snapshot)) throw refusal('no-supply-point')
  if (!allOpen(snapshot)) throw refusal('not-isolated/proof')
  const unheld = standingPoints(snapshot).find((point) => point.held.trim() === '')
  if (unheld) throw refusal('not-held', unheld.label)
  const [old] = stalePoints(snapshot, Date.parse(at))
  if (old) throw refusal('seen-again', old.label)
}

const newProof = (id: string, jobId: string, feed: number, at: string, by: By): ProofRow => ({
  id,
  jobId,
  feed,
  by: by.who,
  startedAt: at,
  switchOnAt: null,
  switchOffAt: null,
  testerBeforeAt: null,
  testerAfterAt: null,
  voidedAt: null,
  voidReason: '',
})
