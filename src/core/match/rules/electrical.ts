import { brushedKinds, capacitorKinds, electronicKinds, isOf, pscKinds } from '../../knowledge/motorKinds'
import { fromShaftEnd } from '../../rotation'
import { formatHp, significant } from '../../units/format'
import { comparePower, WATTS_PER_HP } from '../power'
import type { MotorMatchInput, MotorSpec, Outcome } from '../types'
import { ok, plain, remembered, unknown } from './outcome'

const hpText = remembered(formatHp)

export function kindRule(old: MotorSpec, candidate: MotorSpec, declared: boolean): Outcome {
  const [a, b] = [old.motorKind, candidate.motorKind]
  // Such motors are programmed for their machine: another number is another motor, whatever else is told of it.
  if (isOf(electronicKinds, a) || isOf(electronicKinds, b)) {
    const [x, y] = [a ?? '?', b ?? '?']
    if (declared) return ok(x, y, 'The same, or declared to replace it by number.')
    return (a && b && a !== b) || (old.partNumber && candidate.partNumber)
      ? { verdict: 'no', old: x, new: y, text: 'An electronic motor is replaced by part number only.' }
      : unknown(x, y, 'An electronic motor is replaced by part number only: read both numbers.')
  }
  if (!a || !b)
    return unknown(
      a ?? '?',
      b ?? '?',
      'Find out which kind of motor it is: count the leads, look for a capacitor or a module.',
    )
  if (a === b || (isOf(pscKinds, a) && isOf(pscKinds, b))) return ok(a, b, 'Same kind of motor.')
  if (declared) return ok(a, b, 'Another kind, declared to replace it by number.')
  if (isOf(brushedKinds, a) || isOf(brushedKinds, b))
    return {
      verdict: 'no',
      old: a,
      new: b,
      text: 'A battery motor and a mains motor never replace each other.',
    }
  return unknown(a, b, 'Another kind of motor: ask whether it suits this fan.')
}

/** 110/115/120 are one class and 220/230/240 another. */
function voltageClass(volts: number): number {
  if (volts >= 110 && volts <= 120) return 115
  if (volts >= 220 && volts <= 240) return 230
  return volts
}

/** Does a motor so marked run on the supply? [208, 230] is a range; other lists are single voltages. */
export function accepts(marked: number[], supply: number): boolean {
  if (
    marked.includes(208) &&
    marked.some((volts) => voltageClass(volts) === 230) &&
    supply >= 208 &&
    supply <= 240
  )
    return true
  return marked.some(
    (volts) => voltageClass(volts) === voltageClass(supply) || Math.abs(volts / supply - 1) <= 0.05 + 1e-9,
  )
}

/** Motors on a board have less than this; the mains have more. */
const LOW_VOLTS = 60

export function voltageRule(old: MotorSpec, candidate: MotorSpec, input: MotorMatchInput): Outcome {
  const supply = input.supplyVolts !== undefined ? [input.supplyVolts] : old.voltages
  const shown = supply ? `${supply.join('-')} V` : '?'
  if (!supply?.length)
    return unknown(
      '?',
      list(candidate.voltages, 'V'),
      'Read the supply at the unit, or the volts on the old plate.',
    )
  if (!candidate.voltages?.length) return unknown(shown, '?', 'Ask for the volts on the new plate.')
  const fits = supply.filter((volts) => accepts(candidate.voltages!, volts))
  const marked = list(candidate.voltages, 'V')
  if (fits.length === supply.length) return ok(shown, marked, 'The new range contains the supply.')
  if (input.boardMayFeed && Math.max(...candidate.voltages) < LOW_VOLTS)
    return unknown(
      '?',
      marked,
      'Read the volts on the old plate: a board may feed it so little, or the mains may.',
    )
  if (fits.length > 0)
    return unknown(shown, marked, `Measure the supply: the new motor takes ${fits.join(' or ')} V only.`)
  return { verdict: 'no', old: shown, new: marked, text: `Made for ${marked}, not for ${shown}.` }
}

export function frequencyRule(old: MotorSpec, candidate: MotorSpec, input: MotorMatchInput): Outcome | null {
  if (input.directCurrent) return null
  const [a, b] = [list(old.hz, 'Hz'), list(candidate.hz, 'Hz')]
  if (!old.hz?.length || !candidate.hz?.length) return unknown(a, b, 'Compare the Hz on both plates.')
  const shared = old.hz.filter((hz) => candidate.hz!.includes(hz))
  if (shared.length === old.hz.length) return ok(a, b, 'Marked for this frequency.')
  if (shared.length > 0) return unknown(a, b, `Fits at ${shared.join(' or ')} Hz only: check the supply.`)
  return { verdict: 'no', old: a, new: b, text: `Marked for ${b} only: another speed and current.` }
}

export const phaseRule = (old: MotorSpec, candidate: MotorSpec): Outcome =>
  plain(
    old.phase,
    candidate.phase,
    (v) => `${v}-phase`,
    (a, b) => a === b,
    'Read the phase on the plates.',
    'Same phase.',
    'Another number of phases.',
  )

export function powerRule(old: MotorSpec, candidate: MotorSpec): Outcome {
  // Watts of input are never turned into hp: compare like with like.
  const [a, b] = [old.hp ?? hpOf(old.outputWatts), candidate.hp ?? hpOf(candidate.outputWatts)]
  if (a !== undefined && b !== undefined) return power(a, b, hpText(a), hpText(b))
  if (old.inputWatts !== undefined && candidate.inputWatts !== undefined) {
    const [x, y] = [old.inputWatts, candidate.inputWatts]
    return power(x / WATTS_PER_HP, y / WATTS_PER_HP, `${x} W input`, `${y} W input`)
  }
  return unknown(
    a === undefined ? '?' : hpText(a),
    b === undefined ? '?' : hpText(b),
    'Compare the power: hp with hp, watts of output with output.',
  )
}

export const hpOf = (watts: number | undefined) => (watts === undefined ? undefined : watts / WATTS_PER_HP)

function power(a: number, b: number, old: string, fresh: string): Outcome {
  const verdict = comparePower(a, b)
  if (!verdict.ok) {
    const text =
      verdict.stepsUp < 0
        ? 'Too little power: it would overheat.'
        : 'More than two steps up: more current and heat for no more air.'
    return { verdict: 'no', old, new: fresh, text }
  }
  return {
    ...ok(
      old,
      fresh,
      verdict.stepsUp === 0 ? 'Equal power.' : 'A step up in power; it does not blow more air.',
    ),
    cost: verdict.stepsUp,
  }
}

export const SPEED_TOLERANCE = 0.05

const tooSlow = remembered((ratio) => `Too slow: ${significant(ratio * 100, 2)} % of the air.`)
const tooFast = remembered(
  (ratio) => `Too fast: it asks ${significant(ratio ** 3, 2)} times the power and overloads.`,
)

export function speedRule(old: MotorSpec, candidate: MotorSpec): Outcome {
  const [a, b] = [old.rpm?.[0], candidate.rpm?.[0]]
  if (a === undefined || b === undefined)
    return unknown(rpm(a), rpm(b), 'Find the rpm: on the plate, from the poles, or by tapping a beat.')
  if (Math.abs(b / a - 1) <= SPEED_TOLERANCE + 1e-9) return ok(rpm(a), rpm(b), 'Same speed class.')
  const text = b < a ? tooSlow(b / a) : tooFast(b / a)
  return { verdict: 'no', old: rpm(a), new: rpm(b), text }
}

const rpm = remembered((value) => `${value} rpm`)

export function speedCountRule(old: MotorSpec, candidate: MotorSpec, input: MotorMatchInput): Outcome {
  const needed = input.speedsUsed ?? old.speeds ?? old.rpm?.length
  const has = candidate.speeds ?? candidate.rpm?.length
  if (needed === undefined || has === undefined)
    return unknown(count(needed), count(has), 'Count the speeds that are used.')
  if (has < needed) return { verdict: 'no', old: count(needed), new: count(has), text: 'Too few speeds.' }
  if (has === needed) return ok(count(needed), count(has), 'Enough speeds.')
  const spare = has - needed
  const text = `Cap ${spare} unused speed ${spare === 1 ? 'lead' : 'leads, one by one, never joined'}, never grounded.`
  return {
    verdict: 'work',
    old: count(needed),
    new: count(has),
    text,
    work: [{ kind: 'cap-unused-leads', text }],
  }
}

const count = (value: number | undefined) =>
  value === undefined ? '?' : `${value} ${value === 1 ? 'speed' : 'speeds'}`

export function currentRule(old: MotorSpec, candidate: MotorSpec, input: MotorMatchInput): Outcome {
  const [a, b] = [amps(old.amps), amps(candidate.amps)]
  if (candidate.amps === undefined) return unknown(a, b, 'Ask for the full load amps.')
  if (input.controlAmps !== undefined) {
    if (candidate.amps > input.controlAmps)
      return {
        verdict: 'no',
        old: amps(input.controlAmps),
        new: b,
        text: `More than the ${amps(input.controlAmps)} that the control may switch.`,
      }
    return ok(a, b, 'Within the rating of the control.')
  }
  if (old.amps === undefined)
    return unknown(a, b, 'Read the amps on the old plate, or the rating of the relay.')
  if (candidate.amps > old.amps * 1.0001)
    return unknown(a, b, 'More current: check the rating of relay or contactor, wire and breaker.')
  return ok(a, b, 'No more current than the old one.')
}

const amps = remembered((value) => `${significant(value, 3)} A`)

/** As it is told: which way, and from which end that was seen. */
function showTurn(rotation: MotorSpec['rotation']): string {
  const turn = fromShaftEnd(rotation)
  const said = turn
    ? `${turn} from the shaft end`
    : rotation?.direction
      ? `${rotation.direction}, from an end that is not said`
      : '?'
  return `${said}${rotation?.reversible ? ', reversible' : ''}`
}

export function rotationRule(old: MotorSpec, candidate: MotorSpec): Outcome {
  const [a, b] = [fromShaftEnd(old.rotation), fromShaftEnd(candidate.rotation)]
  const [x, y] = [showTurn(old.rotation), showTurn(candidate.rotation)]
  if (!a)
    return unknown(
      x,
      y,
      candidate.rotation?.reversible
        ? 'Note which way the old one turns; the new one can be set.'
        : 'Note which way the old one turns, and from which end you look.',
    )
  if (!b)
    return unknown(
      x,
      y,
      candidate.rotation?.reversible
        ? 'It can be set either way: set it before the first start.'
        : 'Ask which way the new one turns.',
    )
  if (a === b) return ok(x, y, 'Turns the same way.')
  if (candidate.rotation?.reversible) {
    const text = `Set the rotation to ${a} seen from the shaft end (plug or leads, as its diagram says).`
    return { verdict: 'work', old: x, new: y, text, work: [{ kind: 'set-rotation', text }] }
  }
  return { verdict: 'no', old: x, new: y, text: 'Turns the other way and cannot be reversed.' }
}

export function capacitorRule(old: MotorSpec, candidate: MotorSpec): Outcome {
  const [a, b] = [capacitor(old.capacitor), capacitor(candidate.capacitor)]
  if (candidate.capacitor === undefined && candidate.motorKind && !isOf(capacitorKinds, candidate.motorKind))
    return ok(a, 'none', 'A motor of its kind needs none.')
  if (candidate.capacitor === undefined)
    return unknown(a, b, 'Ask which capacitor the new motor needs; its own figure rules.')
  if (candidate.capacitor === null) return ok(a, b, 'Needs no capacitor.')
  const need = candidate.capacitor
  if (old.capacitor === undefined)
    return unknown(a, b, `Read the fitted capacitor: the new motor needs ${b}.`)
  const same = old.capacitor !== null && Math.abs(old.capacitor.uF - need.uF) < 0.01 * need.uF
  const enough =
    old.capacitor !== null &&
    (need.volts === undefined || old.capacitor.volts === undefined || old.capacitor.volts >= need.volts)
  if (same && enough) return ok(a, b, 'The fitted one suits, if it reads good.')
  const text = `Buy a ${b} run capacitor.`
  return { verdict: 'work', old: a, new: b, text, work: [{ kind: 'buy-capacitor', text }] }
}

function capacitor(value: MotorSpec['capacitor']): string {
  if (value === undefined) return '?'
  if (value === null) return 'none'
  return `${significant(value.uF, 3)} µF${value.volts === undefined ? '' : ` ${value.volts} V`}`
}

const list = (values: number[] | undefined, unit: string) =>
  values?.length ? `${values.join('/')} ${unit}` : '?'
