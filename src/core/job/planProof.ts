import { readsDc } from '../isolation'
import { parseTyped } from '../units/parseTyped'
import type { Act, ActOf, By } from './actTypes'
import { feedsOf, hasSupplyPoint, onlyPlug, pairsOf, standingPoints, switchBefore, switchRole } from './place'
import { allOpen, feedProof } from './proofs'
import { type Draft, planned, put, withSteps } from './put'
import { refusal } from './refusals'
import { must } from './rowMust'
import type { JobSnapshot, ProofReadingRow, ProofRow } from './rows'
import { voidAll } from './voiding'

/** The proof as an ordered procedure: each step is refused until the one before it stands. */
export function planProof(snapshot: JobSnapshot, act: Act, at: string, by: By): Draft | null {
  switch (act.kind) {
    case 'proof.start': {
      if (snapshot.proofs.some((row) => row.id === act.id)) return planned('Proof begun already', [])
      const feed = act.feed ?? 1
      if (feed > feedsOf(snapshot.fields)) throw refusal('unknown-feed')
      requireOff(snapshot)
      // The proof that it takes the place of is void; charges and waits stand, since no power came back.
      const earlier = snapshot.proofs.filter((proof) => proof.feed === feed && !proof.voidedAt)
      return planned(
        'Proof begun',
        [
          ...earlier.map((proof) =>
            put(snapshot, 'proofs', proof.id, {
              ...proof,
              voidedAt: at,
              voidReason: 'a new proof was begun',
            }),
          ),
          put(snapshot, 'proofs', act.id, newProof(act.id, snapshot.job.id, feed, at, by)),
        ],
        [{ kind: 'proof-begun', subject: act.id, label: `circuit ${feed}` }],
      )
    }
    case 'proof.tester':
      return planTester(snapshot, act, at)
    case 'proof.switch':
      return planSwitch(snapshot, act, at)
    case 'proof.read':
      return planRead(snapshot, act, at)
    case 'proof.failed': {
      const proof = must(snapshot, 'proofs', act.id)
      const what = act.what.trim() || 'something started or lit'
      const voided = voidAll(snapshot, at, `the proof failed: ${what}`)
      return withSteps(
        planned(`Proof failed: ${what}`, [], [{ kind: 'proof-failed', subject: proof.id, detail: what }]),
        voided,
      )
    }
    case 'proof.void':
      return withSteps(
        planned('Proof void', []),
        voidAll(snapshot, at, act.reason.trim() || 'not sure any more'),
      )
    default:
      return null
  }
}

type TesterAct = ActOf<'proof.tester'>

function planTester(snapshot: JobSnapshot, act: TesterAct, at: string): Draft {
  const proof = standing(snapshot, act.id)
  const field = act.when === 'before' ? 'testerBeforeAt' : 'testerAfterAt'
  if (!act.on) {
    // A check taken back takes what came after it along.
    const row = { ...proof, testerAfterAt: null, ...(act.when === 'before' ? { testerBeforeAt: null } : {}) }
    return planned('Tester check taken back', [put(snapshot, 'proofs', proof.id, row)])
  }
  requireOff(snapshot)
  const { step } = feedProof(snapshot, proof.feed)
  if (act.when === 'after' && step !== 'tester-after' && step !== 'done')
    throw refusal('proof-order/tester-after')
  if (proof[field] && (act.when === 'after' ? step === 'done' : step !== 'tester-before'))
    return planned('Tester tested already', [])
  const plug = onlyPlug(snapshot)
  return planned(
    plug ? 'The plug is out, in sight and tied back' : `Tester tested ${act.when}`,
    [
      put(snapshot, 'proofs', proof.id, {
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
  const point = switchBefore(snapshot)
  if (!point || switchRole(snapshot) !== 'set-on') throw refusal('no-switch')
  requireOff(snapshot)
  const { step, open, live } = feedProof(snapshot, proof.feed)
  if (act.on) {
    if (step === 'tester-before') throw refusal('proof-order/tester-first')
    return planned(
      `${point.label} set on for the readings`,
      [
        put(snapshot, 'proofs', proof.id, {
          ...proof,
          switchOnAt: at,
          switchOffAt: null,
          testerAfterAt: null,
        }),
      ],
      [{ kind: 'switch-on', subject: proof.id, label: point.label }],
    )
  }
  // Off again is always taken; it counts as a step only after the readings.
  const complete = open.length === 0 && live === null
  return planned(
    `${point.label} off and held again`,
    [
      put(snapshot, 'proofs', proof.id, {
        ...proof,
        ...(complete ? { switchOffAt: at } : { switchOnAt: null, switchOffAt: null }),
        testerAfterAt: null,
      }),
    ],
    [{ kind: 'switch-off', subject: proof.id, label: point.label }],
  )
}

function planRead(snapshot: JobSnapshot, act: ActOf<'proof.read'>, at: string): Draft {
  const proof = standing(snapshot, act.proofId)
  if (snapshot.proofReadings.some((row) => row.id === act.id)) return planned('Read already', [])
  const pairs = pairsOf(snapshot, proof.feed)
  if (!pairs.includes(act.pair)) throw refusal('unknown-pair')
  requireOff(snapshot)
  const { step } = feedProof(snapshot, proof.feed)
  if (step === 'tester-before') throw refusal('proof-order/tester-reading')
  if (step === 'switch-on') throw refusal('proof-order/switch-first')
  const typed = parseTyped(act.typed, 'volts')
  if (typed.kind !== 'value') throw refusal('not-a-number/supply')
  const known = snapshot.proofReadings.find(
    (row) => row.proofId === proof.id && row.pair === act.pair && !row.replacedAt,
  )
  const range = act.range ?? 'ordinary'
  const row: ProofReadingRow = {
    id: act.id,
    jobId: snapshot.job.id,
    proofId: proof.id,
    pair: act.pair,
    position: act.position,
    typed: act.typed,
    // A minus sign on a DC range only says which probe is where.
    volts: Math.abs(typed.value),
    range,
    current: readsDc(act.pair) ? 'dc' : 'ac',
    at,
    replacedAt: null,
  }
  return planned(
    `Proof ${act.pair}: ${act.typed} V`,
    [
      ...(known ? [put(snapshot, 'proofReadings', known.id, { ...known, replacedAt: at })] : []),
      put(snapshot, 'proofReadings', row.id, row),
      // A reading after the tester was tested again is a new proof's reading.
      ...(proof.testerAfterAt || proof.switchOffAt
        ? [
            put(snapshot, 'proofs', proof.id, {
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
        detail: `${act.typed} V ${row.current.toUpperCase()}${range === 'low-impedance' ? ', low-impedance range' : ''}`,
      },
    ],
  )
}

function standing(snapshot: JobSnapshot, id: string): ProofRow {
  const proof = must(snapshot, 'proofs', id)
  if (proof.voidedAt) throw refusal('void', proof.voidReason)
  return proof
}

/** @throws CoreError `not-isolated` while a point is closed, or power may be on for a test */
function requireOff(snapshot: JobSnapshot): void {
  if (snapshot.job.phase !== 'work') throw refusal('wrong-phase/test')
  if (!hasSupplyPoint(snapshot)) throw refusal('no-supply-point')
  if (!allOpen(snapshot)) throw refusal('not-isolated/proof')
  const unheld = standingPoints(snapshot).find((point) => point.held.trim() === '')
  if (unheld) throw refusal('not-held', unheld.label)
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
