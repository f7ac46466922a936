import { oncePerSnapshot } from '../job/oncePerSnapshot'
import { chosenCapacitor, chosenMotor, keptCapacitors } from '../job/parts/candidates'
import { capacitorMatchInputOf, motorMatchInputOf } from '../job/parts/motorMatch'
import { oldMotor } from '../job/parts/oldPart'
import type { JobSnapshot } from '../job/rows'
import { workFigures } from '../knowledge/workFigures'
import { matchCapacitors, matchMotors, type Work } from '../match'
import { SECOND_END } from '../match/rules/mechanical'
import { tenth } from '.'
import { mountingWork } from './mounting'
import { fitOfJob, type JobFit } from './ofJob'
import { type SecondEnd, secondEndOfJob } from './secondEnd'
import { type SketchFigures, sketchFigures } from './workSketch'

export interface JobWork extends Work {
  minutes: number
  money: number
  /** What its drawing carries. */
  figures: SketchFigures
}

const cutOff = (mm: number, what: string): Work => ({
  kind: 'cut-shaft',
  text: `Cut ${tenth(mm)} mm off the ${what} and deburr it.`,
})
const trimmed = (mm: number): Work => ({
  kind: 'trim-studs',
  text: `Trim the studs by ${tenth(mm)} mm, a nut run on first to mend the thread.`,
})
const isSecond = (work: Work) => work.text.includes(SECOND_END)

/** The cuts and the studs as the fit has them, in place of what the bare lengths say. */
export function withFit(work: Work[], fit: JobFit, second: SecondEnd | null): Work[] {
  const out = work.filter((each) => {
    if (each.kind === 'cut-shaft') return isSecond(each) ? !second?.shaft : !fit.shaft
    return each.kind !== 'trim-studs' || fit.studsOverMm === null
  })
  if (fit.shaft && fit.shaft.cutMm > 0) out.push(cutOff(fit.shaft.cutMm, 'shaft'))
  if (second?.shaft && second.shaft.cutMm > 0) out.push(cutOff(second.shaft.cutMm, SECOND_END))
  if ((fit.studsOverMm ?? 0) > 0) out.push(trimmed(fit.studsOverMm ?? 0))
  return out
}

/**
 * All the work that the chosen parts ask for, with its minutes: one list for Match, the fit, the shop card and the record.
 *
 * @example workOfJob(snapshot).map(({ kind, minutes }) => `${kind} ${minutes}`) // ['cut-shaft 20', 'turn-plate 10']
 */
export const workOfJob = oncePerSnapshot((snapshot: JobSnapshot): JobWork[] => {
  const [motor, capacitor] = [chosenMotor(snapshot), chosenCapacitor(snapshot)]
  const ofMotor = motor ? (matchMotors(motorMatchInputOf(snapshot, [motor])).results[0]?.work ?? []) : []
  // A single can serves with the others that were put beside it.
  const beside = keptCapacitors(snapshot).filter(({ id }) => id !== capacitor?.id)
  const input = capacitor ? capacitorMatchInputOf(snapshot, [capacitor, ...beside]) : null
  const judged = input ? matchCapacitors(input).results : []
  const ofCapacitor = judged.find(({ id }) => id === capacitor?.id)?.work ?? []
  const fit = fitOfJob(snapshot)
  const second = motor ? secondEndOfJob(snapshot) : null
  const all = [
    ...(motor ? [...withFit(ofMotor, fit, second), ...mountingWork(snapshot)] : []),
    ...ofCapacitor,
  ].filter((each, at, list) => list.findIndex(({ text }) => text === each.text) === at)
  const inches = snapshot.household.inches === 1
  return all.map((work) => ({
    ...work,
    ...workFigures[work.kind],
    figures: sketchFigures(work.kind, {
      old: oldMotor(snapshot),
      fresh: motor,
      capacitor,
      cutMm: isSecond(work) ? (second?.shaft?.cutMm ?? null) : (fit.shaft?.cutMm ?? null),
      studsOverMm: fit.studsOverMm,
      inches,
    }),
  }))
})
