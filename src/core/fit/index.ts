import { BEARINGS, type Bearing } from './bearings'

export interface ShaftFitInput {
  old: { mountToFaceMm: number; faceToHubMm: number }
  new: { mountToFaceMm: number; shaftLengthMm: number; flatLengthMm?: number }
  hubGripMm: number
  shaftEndClearanceMm?: number
}

/** So far may a shaft stand out beyond the hub: more than a finger's width is cut. */
export const STAND_OUT_MM = 15

/**
 * Blade depth kept when the motor changes: b′ = a + b − a′, all from the mounting plane, in mm.
 * @param side the face of the motor on which the shaft stands: the drive end, or the back of a motor with two
 * @returns where the hub's motor-side face sits on the new shaft, how much of the hub is held, what to cut
 * @example fitShaft({ old: { mountToFaceMm: 0, faceToHubMm: 52 }, new: { mountToFaceMm: 0, shaftLengthMm: 150 }, hubGripMm: 38 }).cutMm // 45
 */
export function fitShaft(input: ShaftFitInput, side: 'face' | 'back' = 'face') {
  const clearance = input.shaftEndClearanceMm ?? STAND_OUT_MM
  const markMm = input.old.mountToFaceMm + input.old.faceToHubMm - input.new.mountToFaceMm
  const gripMm = Math.max(0, Math.min(input.hubGripMm, input.new.shaftLengthMm - markMm))
  const cutMm = Math.max(0, input.new.shaftLengthMm - (markMm + input.hubGripMm) - clearance)
  const fits = markMm >= 0 && gripMm >= input.hubGripMm - 1e-9
  return { markMm, gripMm, fits, cutMm, text: shaftText(input, { markMm, gripMm, fits, cutMm }, side) }
}

/** Millimetres as a ruler shows them, to a tenth. */
export const tenth = (mm: number): number => Math.round(mm * 10) / 10

function shaftText(
  input: ShaftFitInput,
  { markMm, gripMm, fits, cutMm }: { markMm: number; gripMm: number; fits: boolean; cutMm: number },
  side: 'face' | 'back',
): string {
  if (markMm < 0)
    return `The hub would have to sit ${tenth(-markMm)} mm inside the new motor: this shaft cannot hold the blade at its old depth.`
  if (!fits)
    return `Mark ${tenth(markMm)} mm: only ${tenth(gripMm)} mm of the hub’s ${tenth(input.hubGripMm)} mm would be held. A longer shaft is needed.`
  const cut = cutMm > 0 ? ` Cut ${tenth(cutMm)} mm off the end and deburr it.` : ''
  return `Mark the shaft ${tenth(markMm)} mm from the motor's ${side}; the hub's motor side sits there.${cut}${flatText(input, markMm)}`
}

/** What stands against it where the flat begins further out than the hub: a set screw holds on a flat alone. */
function flatText({ new: shaft, hubGripMm }: ShaftFitInput, markMm: number): string {
  const short = shaft.flatLengthMm === undefined ? 0 : shaft.shaftLengthMm - shaft.flatLengthMm - markMm
  if (short < 1e-9) return ''
  return short >= hubGripMm
    ? ' The whole hub would sit beside the flat: file a flat where its set screw meets the shaft.'
    : ` The flat begins ${tenth(short)} mm further out than the hub: its set screw has to meet the flat, else file the flat longer.`
}

export interface BearingInput {
  boreMm?: number
  outerMm?: number
  widthMm?: number
  shaftMm?: number
  measuredBoreMm?: number
}

const SAME_MM = 0.05
const SLIDING_CLEARANCE_MM = 0.01
const SHOWN = 5

/** Bearing by its sizes, and how it sits on the shaft: press where the shaft is larger, sliding up to 10 µm clearance, else loose. */
export function findBearing(input: BearingInput) {
  const given: [keyof Bearing, number][] = []
  if (input.boreMm !== undefined) given.push(['boreMm', input.boreMm])
  if (input.outerMm !== undefined) given.push(['outerMm', input.outerMm])
  if (input.widthMm !== undefined) given.push(['widthMm', input.widthMm])
  const ranked = BEARINGS.map((bearing) => {
    const off = given.map(([key, size]) => Math.abs((bearing[key] as number) - size))
    return {
      bearing,
      miss: off.reduce((sum, each) => sum + each, 0),
      exact: given.length > 0 && off.every((each) => each <= SAME_MM),
    }
  }).sort((one, two) => one.miss - two.miss)
  const exact = ranked.filter((entry) => entry.exact)
  const shown = given.length === 0 ? [] : exact.length > 0 ? exact : ranked.slice(0, SHOWN)
  const designations = shown.map(({ bearing, exact: isExact }) => ({ ...bearing, exact: isExact }))
  const bore = input.measuredBoreMm ?? input.boreMm ?? designations[0]?.boreMm
  const fit = input.shaftMm === undefined || bore === undefined ? null : fitOf(input.shaftMm, bore)
  return { designations, fit, text: bearingText(designations, fit, input.shaftMm, bore) }
}

function fitOf(shaftMm: number, boreMm: number): 'press' | 'sliding' | 'loose' {
  const clearance = boreMm - shaftMm
  if (clearance < -1e-9) return 'press'
  return clearance <= SLIDING_CLEARANCE_MM + 1e-9 ? 'sliding' : 'loose'
}

function bearingText(
  found: { code: string; exact: boolean }[],
  fit: string | null,
  shaft: number | undefined,
  bore: number | undefined,
): string {
  const which =
    found.length === 0
      ? 'Measure bore, outer diameter and width.'
      : found[0]!.exact
        ? `By its sizes a ${found[0]!.code}.`
        : `No size fits exactly; nearest ${found[0]!.code}. Measure again.`
  if (fit === null) return which
  const microns = Math.round(Math.abs(bore! - shaft!) * 1000)
  const sits = {
    press: `Press fit, ${microns} µm tight.`,
    sliding: `Sliding fit, ${microns} µm clear.`,
    loose: `Loose by ${microns} µm: another bearing, or a retaining compound.`,
  }[fit as 'press']
  return `${which} ${sits}`
}

/** Gaps of a wheel in its housing, and how far to move it to centre it; positive away from the motor. mm. */
export function centreWheel(input: { housingInsideMm: number; wheelWidthMm: number; hubOffsetMm: number }) {
  const gapBackMm = input.hubOffsetMm
  const gapFrontMm = input.housingInsideMm - input.wheelWidthMm - input.hubOffsetMm
  return { gapFrontMm, gapBackMm, moveMm: (gapFrontMm - gapBackMm) / 2 }
}

/** Speed classes agree within this. */
const SAME_SPEED = 0.05

/**
 * Fan laws at the same fan: flow ∝ n, pressure ∝ n², power ∝ n³.
 *
 * @example swapSpeed({ oldRpm: 1075, newRpm: 1075, hp: 0.25 }).ok // true
 */
export function swapSpeed(input: { oldRpm: number; newRpm: number; hp: number }) {
  const ratio = input.newRpm / input.oldRpm
  return {
    flowRatio: ratio,
    pressureRatio: ratio ** 2,
    powerRatio: ratio ** 3,
    neededHp: input.hp * ratio ** 3,
    ok: Math.abs(ratio - 1) <= SAME_SPEED + 1e-9,
  }
}
