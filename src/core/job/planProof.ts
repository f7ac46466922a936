import { CoreError } from '../errors'
import { readsDc } from '../isolation'
import { parseTyped } from '../units/parseTyped'
import type { Act, By } from './actTypes'
import { feedsOf, hasSupplyPoint, onlyPlug, pairsOf, standingPoints, switchBefore, switchRole } from './place'
import { allOpen, feedProof } from './proofs'
import { type Draft, planned, put, withSteps } from './put'
import { must } from './rowMust'
import type { JobSnapshot, ProofReadingRow, ProofRow } from './rows'
import { voidAll } from './voiding'

/** The proof as an ordered procedure: each step is refused until the one before it stands. */
export function planProof(snapshot: JobSnapshot, act: Act, at: string, by: By): Draft | null {
  switch (act.kind) {
    case 'proof.start': {
      if (snapshot.proofs.some((row) => row.id === act.id)) return planned('Proof begun already', [])
      const feed = act.feed ?? 1
      if (feed > feedsOf(snapshot.fields))
        throw new CoreError('unknown-feed', 'This housing has fewer circuits. Count them again.')
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
        null,
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
        planned(`Proof failed: ${what}`, [], null, [
          { kind: 'proof-failed', subject: proof.id, detail: what },
        ]),
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

type TesterAct = Extract<Act, { kind: 'proof.tester' }>

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
    throw new CoreError(
      'proof-order',
      'First the tester on a known live source, then every pair below the limit, then the tester again.',
    )
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
    null,
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
function planSwitch(snapshot: JobSnapshot, act: Extract<Act, { kind: 'proof.switch' }>, at: string): Draft {
  const proof = standing(snapshot, act.id)
  const point = switchBefore(snapshot)
  if (!point || switchRole(snapshot) !== 'set-on')
    throw new CoreError('no-switch', 'No switch stands before the proof place of this machine.')
  requireOff(snapshot)
  const { step, open, live } = feedProof(snapshot, proof.feed)
  if (act.on) {
    if (step === 'tester-before')
      throw new CoreError('proof-order', 'Test the tester on a known live source first.')
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
      null,
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
    null,
    [{ kind: 'switch-off', subject: proof.id, label: point.label }],
  )
}

function planRead(snapshot: JobSnapshot, act: Extract<Act, { kind: 'proof.read' }>, at: string): Draft {
  const proof = standing(snapshot, act.proofId)
  if (snapshot.proofReadings.some((row) => row.id === act.id)) return planned('Read already', [])
  const pairs = pairsOf(snapshot, proof.feed)
  if (!pairs.includes(act.pair))
    throw new CoreError('unknown-pair', 'This pair is not part of the proof any more. Reload the page.')
  requireOff(snapshot)
  const { step } = feedProof(snapshot, proof.feed)
  if (step === 'tester-before')
    throw new CoreError('proof-order', 'Test the tester on a known live source before the first reading.')
  if (step === 'switch-on')
    throw new CoreError(
      'proof-order',
      'Set the switch before this place on first, with the breaker off: a reading behind an open switch proves nothing.',
    )
  const typed = parseTyped(act.typed, 'volts')
  if (typed.kind !== 'value')
    throw new CoreError('not-a-number', 'Type what the meter shows, in volts: for example 0.2.')
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
    null,
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
  if (proof.voidedAt)
    throw new CoreError('void', `This proof is void, because ${proof.voidReason}. Begin a new one.`)
  return proof
}

/** @throws CoreError `not-isolated` while a point is closed, or power may be on for a test */
function requireOff(snapshot: JobSnapshot): void {
  if (snapshot.job.phase !== 'work')
    throw new CoreError('wrong-phase', 'Go back to work first: the power may be on for a test.')
  if (!hasSupplyPoint(snapshot))
    throw new CoreError(
      'no-supply-point',
      'Name the plug, breaker, fuse or disconnect that parts this machine from its supply.',
    )
  if (!allOpen(snapshot))
    throw new CoreError(
      'not-isolated',
      'Open every isolation point first; a reading behind a closed one proves nothing.',
    )
  const unheld = standingPoints(snapshot).find((point) => point.held.trim() === '')
  if (unheld) throw new CoreError('not-held', `Say first how it is held open: ${unheld.label}.`)
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
