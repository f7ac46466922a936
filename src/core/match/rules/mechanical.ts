import type { MotorMatchInput, MotorSpec, Outcome, Work } from '../types'
import { millimetres as mm, ok, plain, remembered, unknown } from './outcome'

/** What a tape measure cannot tell apart. */
export const SAME_MM = 1
export const SAME_SHAFT_MM = 0.1
export const SHAFT_LENGTH_SLACK_MM = 0.25
/** What a ruler held against a round body is off by, either way. */
export const RULER_MM = 1.5
/** What a tape round or a ruler across a round body is off by: an eighth of an inch, as 5 1/2 for the usual 5 5/8 or 5.6. */
export const RULER_BODY_MM = 3.2
/** A shaft may stand out this much more without being cut. */
export const SHAFT_LONGER_MM = 2

/** Turned away by less than a ruler's rounding: not told before calipers have been held to it. */
function byRuler(a: number, b: number, input: MotorMatchInput, off = RULER_MM): Outcome | null {
  return input.measuredWith === 'ruler' && Math.abs(a - b) <= off
    ? unknown(mm(a), mm(b), 'A ruler cannot tell these apart: measure the old one again with calipers.')
    : null
}

export function diameterRule(old: MotorSpec, candidate: MotorSpec, input: MotorMatchInput): Outcome {
  const [a, b] = [old.diameterMm, candidate.diameterMm]
  if (a === undefined || b === undefined)
    return unknown(mm(a), mm(b), 'Measure the diameter of the motor body.')
  if (b > a + SAME_MM)
    return (
      byRuler(a, b, input, RULER_BODY_MM) ?? {
        verdict: 'no',
        old: mm(a),
        new: mm(b),
        text: 'Too thick for the bracket.',
      }
    )
  if (b >= a - SAME_MM || !held(old)) return ok(mm(a), mm(b), 'Fits the bracket.')
  const text = `Fit a band or adapter for ${mm(b)} in place of ${mm(a)}.`
  return { verdict: 'work', old: mm(a), new: mm(b), text, work: [{ kind: 'change-band', text }] }
}

export const held = (old: MotorSpec) => old.mount?.type === 'belly-band' || old.mount?.type === 'bracket'

export function lengthRule(old: MotorSpec, candidate: MotorSpec): Outcome {
  const [a, b] = [old.bodyLengthMm, candidate.bodyLengthMm]
  if (a === undefined || b === undefined)
    return unknown(mm(a), mm(b), 'Measure the length of the motor body.')
  if (b > a + SAME_MM)
    return unknown(mm(a), mm(b), `${mm(b - a)} longer: measure the clearance to housing and wheel.`)
  return ok(mm(a), mm(b), 'No longer than the old one.')
}

export function shaftDiameterRule(old: MotorSpec, candidate: MotorSpec, input: MotorMatchInput): Outcome {
  const [a, b] = [old.shaft?.diameterMm, candidate.shaft?.diameterMm]
  if (a === undefined || b === undefined)
    return unknown(mm(a), mm(b), 'Measure the shaft diameter with a caliper.')
  if (Math.abs(a - b) <= SAME_SHAFT_MM) return ok(mm(a), mm(b), 'Same shaft.')
  if (b > a)
    return (
      byRuler(a, b, input) ?? {
        verdict: 'no',
        old: mm(a),
        new: mm(b),
        text: 'The shaft does not go into the hub.',
      }
    )
  const text = `Bush the shaft from ${mm(b)} up to ${mm(a)}.`
  return { verdict: 'work', old: mm(a), new: mm(b), text, work: [{ kind: 'bush-shaft', text }] }
}

export function shaftLengthRule(old: MotorSpec, candidate: MotorSpec, input: MotorMatchInput): Outcome {
  const [a, b] = [old.shaft?.lengthMm, candidate.shaft?.lengthMm]
  const [c, d] = [old.shaft?.secondLengthMm, candidate.shaft?.secondLengthMm]
  if (c !== undefined && d !== undefined && d < c - SHAFT_LENGTH_SLACK_MM)
    return {
      verdict: 'no',
      old: mm(c),
      new: mm(d),
      text: `The second shaft end is ${mm(c - d)} too short.`,
    }
  if (a === undefined || b === undefined)
    return unknown(mm(a), mm(b), 'Measure the shaft from the mounting face to its end.')
  if (c !== undefined && d === undefined && candidate.shaft?.ends !== 1)
    return unknown(mm(c), mm(d), 'Ask how long its second shaft end is.')
  if (b < a - SHAFT_LENGTH_SLACK_MM) {
    const short = byRuler(a, b, input)
    if (short) return short
    return {
      verdict: 'no',
      old: mm(a),
      new: mm(b),
      text: `${mm(a - b)} too short. The fit instrument tells whether the hub would still grip in full.`,
    }
  }
  const work: Work[] = []
  cut(work, 'shaft', a, b)
  if (c !== undefined && d !== undefined) cut(work, SECOND_END, c, d)
  if (work.length === 0) return ok(mm(a), mm(b), 'Long enough.')
  return { verdict: 'work', old: mm(a), new: mm(b), text: work.map((item) => item.text).join(' '), work }
}

/** How a work text names the other end of a shaft; the fit finds its own cut by it. */
export const SECOND_END = 'second shaft end'

function cut(work: Work[], what: string, old: number, fresh: number): void {
  if (fresh - old > SHAFT_LONGER_MM)
    work.push({ kind: 'cut-shaft', text: `Cut ${mm(fresh - old)} off the ${what} and deburr it.` })
}

const showEnds = remembered((ends) => `${ends} ${ends === 1 ? 'end' : 'ends'}`)

export function shaftEndsRule(old: MotorSpec, candidate: MotorSpec): Outcome {
  const [a, b] = [old.shaft?.ends, candidate.shaft?.ends]
  if (a === undefined || b === undefined) return unknown(showEnds(a), showEnds(b), 'Count the shaft ends.')
  if (b < a)
    return { verdict: 'no', old: showEnds(a), new: showEnds(b), text: 'The second shaft end is missing.' }
  if (b > a)
    return unknown(
      showEnds(a),
      showEnds(b),
      'A second shaft end stands out: measure the room behind the motor.',
    )
  return ok(showEnds(a), showEnds(b), 'Same shaft ends.')
}

function showMount(mount: MotorSpec['mount']): string {
  if (!mount?.type) return '?'
  return mount.boltCircleMm ? `${mount.type} on ${mm(mount.boltCircleMm)}` : mount.type
}

export function mountRule(old: MotorSpec, candidate: MotorSpec): Outcome {
  const [a, b] = [old.mount, candidate.mount]
  const [x, y] = [showMount(a), showMount(b)]
  const circles =
    a?.boltCircleMm !== undefined && b?.boltCircleMm !== undefined
      ? Math.abs(a.boltCircleMm - b.boltCircleMm)
      : 0
  if (circles > SAME_MM) return { verdict: 'no', old: x, new: y, text: 'Another bolt circle.' }
  if (!a?.type || !b?.type) return unknown(x, y, 'Look how it is held: studs, band, lugs, base or bracket.')
  if (a.type !== b.type) return { verdict: 'no', old: x, new: y, text: 'Another kind of mount.' }
  if ((a.boltCircleMm === undefined) !== (b.boltCircleMm === undefined))
    return unknown(x, y, 'Measure the bolt circle, stud to stud.')
  const work: Work[] = []
  if (a.studLengthMm !== undefined && b.studLengthMm !== undefined) {
    const longer = b.studLengthMm - a.studLengthMm
    if (longer > SHAFT_LONGER_MM) work.push({ kind: 'trim-studs', text: `Trim ${mm(longer)} off each stud.` })
    if (longer < -SHAFT_LONGER_MM)
      return unknown(x, y, `Studs are ${mm(-longer)} shorter: check that the nuts still hold.`)
  }
  if (work.length > 0) return { verdict: 'work', old: x, new: y, text: work[0]!.text, work }
  const outcome = ok(x, y, 'Same mount.')
  // Moving the holder over is done with every such motor; it makes no drop-in less of one.
  return held(old)
    ? {
        ...outcome,
        work: [
          {
            kind: 'transfer-parts',
            text: 'Move the band and its arms over to the new motor at the old place.',
          },
        ],
      }
    : outcome
}

export function enclosureRule(old: MotorSpec, candidate: MotorSpec, input: MotorMatchInput): Outcome {
  const [a, b] = [old.enclosure ?? '?', candidate.enclosure ?? '?']
  if (!candidate.enclosure) return unknown(a, b, 'Ask whether it is open, air-over or enclosed.')
  if (input.outdoors && candidate.enclosure === 'open')
    return { verdict: 'no', old: a, new: b, text: 'An open motor stands indoors only.' }
  if (input.outdoors && input.position === 'shaft-up' && !candidate.positions?.includes('shaft-up')) {
    return unknown(a, b, 'Outdoors with the shaft up only where its plate names that position.')
  }
  if (candidate.enclosure === 'air-over' && old.enclosure !== 'air-over')
    return unknown(a, b, 'Air-over: only inside its own fan’s air stream.')
  // Both of them stand outdoors as often as in; where nothing is told of the place, nobody can say that it is dry.
  const closed = old.enclosure === 'enclosed' || old.enclosure === 'air-over'
  if (candidate.enclosure === 'open' && closed && input.outdoors === undefined)
    return unknown(a, b, `The old one is ${old.enclosure}: an open motor stands dry and indoors only.`)
  return ok(a, b, 'Suits the place.')
}

export function bearingRule(old: MotorSpec, candidate: MotorSpec, input: MotorMatchInput): Outcome {
  const [a, b] = [
    old.bearing ?? '?',
    candidate.bearing ? [candidate.bearing, ...(candidate.positions ?? [])].join(' ') : '?',
  ]
  if (!candidate.bearing) return unknown(a, b, 'Ask for the bearing, ball or sleeve.')
  if (candidate.bearing === 'ball') return ok(a, b, 'Ball bearings take any position.')
  if (!candidate.positions?.length) return unknown(a, b, 'Sleeve bearings: ask which positions are marked.')
  if (!input.position) return unknown(a, b, 'Note how the shaft stands: up, down or level.')
  if (candidate.positions.includes(input.position)) return ok(a, b, 'Marked for this position.')
  return { verdict: 'no', old: a, new: b, text: `Sleeve bearings not marked for ${input.position}.` }
}

/** Classes of insulation, the coolest first. */
export const CLASSES = ['Y', 'A', 'E', 'B', 'F', 'H', 'N', 'R']

function showHeat({ ambientCelsius, insulationClass }: MotorSpec): string {
  if (ambientCelsius === undefined) return insulationClass ? `class ${insulationClass}` : '?'
  return insulationClass ? `${ambientCelsius} °C, class ${insulationClass}` : `${ambientCelsius} °C`
}

export function ambientRule(old: MotorSpec, candidate: MotorSpec): Outcome {
  const [x, y] = [showHeat(old), showHeat(candidate)]
  if (
    old.insulationClass &&
    candidate.insulationClass &&
    CLASSES.indexOf(candidate.insulationClass) < CLASSES.indexOf(old.insulationClass)
  ) {
    return { verdict: 'no', old: x, new: y, text: 'A lower insulation class.' }
  }
  if (
    old.ambientCelsius !== undefined &&
    candidate.ambientCelsius !== undefined &&
    candidate.ambientCelsius < old.ambientCelsius
  ) {
    return { verdict: 'no', old: x, new: y, text: 'Made for a cooler place.' }
  }
  const told = old.ambientCelsius !== undefined || old.insulationClass !== undefined
  const answered =
    (old.ambientCelsius === undefined || candidate.ambientCelsius !== undefined) &&
    (old.insulationClass === undefined || candidate.insulationClass !== undefined)
  if (!told || !answered)
    return unknown(x, y, 'Compare ambient temperature and insulation class on the plates.')
  return ok(x, y, 'Stands as much heat.')
}

export function leadLengthRule(old: MotorSpec, candidate: MotorSpec): Outcome {
  const [a, b] = [old.leadLengthMm, candidate.leadLengthMm]
  if (a === undefined || b === undefined) return unknown(mm(a), mm(b), 'Measure how long the leads must be.')
  if (b >= a - SAME_MM) return ok(mm(a), mm(b), 'Long enough.')
  const text = `Extend the leads by ${mm(a - b)}, spliced in a box or cabinet, never loose in the air stream.`
  return { verdict: 'work', old: mm(a), new: mm(b), text, work: [{ kind: 'extend-leads', text }] }
}

export function connectorRule(old: MotorSpec, candidate: MotorSpec): Outcome | null {
  if (old.connector === undefined && candidate.connector === undefined) return null
  const outcome = plain(
    old.connector,
    candidate.connector,
    String,
    (a, b) => a === b,
    'Compare the plugs.',
    'Same plug.',
    '',
  )
  if (outcome.verdict !== 'no') return outcome
  const text = `Adapt the plug: ${candidate.connector} to ${old.connector}.`
  return { ...outcome, verdict: 'work', text, work: [{ kind: 'adapt-connector', text }] }
}
