import { INVERSE } from './inverse'
import type { Figure, RefitStep } from './types'

const SEATS: RefitStep['action'][] = ['lift-off', 'slide-out', 'unclip']
const HELD: RefitStep['action'][] = ['loosen', 'unscrew']
const HOSE = /\b(?:hose|tube|tubing|pipe)\b/i

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []
const nameOf = (text: string): string => wordsOf(text).join(' ')

/**
 * Where each figure that was measured or marked on the way in is wanted again: the line by which its part is set back, or
 * fastened where it only was loosened.
 *
 * @returns index of a line of the way in to its figures, and the lines whose figure finds none
 */
export function figuresOf(steps: RefitStep[]): { at: Map<number, Figure[]>; lost: RefitStep[] } {
  const at = new Map<number, Figure[]>()
  const lost: RefitStep[] = []
  steps.forEach((step, index) => {
    if (step.action !== 'measure' && step.action !== 'mark') return
    const target = step.of === undefined ? nextSeat(steps, index) : lineOf(steps, index, step.of)
    if (target < 0) lost.push(step)
    else at.set(target, [...(at.get(target) ?? []), figureOf(step)])
  })
  return { at, lost }
}

const figureOf = ({ id, part, amount, mark }: RefitStep): Figure => ({
  from: id,
  part,
  ...(amount ? { value: amount.value, unit: amount.unit } : {}),
  ...(mark ? { mark } : {}),
})

const comesBack = (step: RefitStep | undefined): boolean =>
  step !== undefined && !step.extra && INVERSE[step.action] !== undefined

/** The line of a part that is named: where it came off, else where it was loosened; after the figure before one ahead of it. */
function lineOf(steps: RefitStep[], index: number, part: string): number {
  const own = (step: RefitStep) => comesBack(step) && nameOf(step.part) === nameOf(part)
  const isSeat = (step: RefitStep) =>
    own(step) && (SEATS.includes(step.action) || step.action === 'pull-hose')
  const isHeld = (step: RefitStep) => own(step) && HELD.includes(step.action)
  for (const test of [isSeat, isHeld, own]) {
    const after = steps.findIndex((step, other) => other > index && test(step))
    const found = after >= 0 ? after : steps.findLastIndex((step, other) => other < index && test(step))
    if (found >= 0) return found
  }
  return -1
}

/** Nobody said of what: the next part that comes off and shares its last word, else the next one; of a hose its own line. */
function nextSeat(steps: RefitStep[], index: number): number {
  const own = steps[index]
  const last = wordsOf(own?.part ?? '').at(-1)
  const shares = (step: RefitStep) => last !== undefined && wordsOf(step.part).at(-1) === last
  const after = (test: (step: RefitStep) => boolean) =>
    steps.findIndex((step, other) => other > index && comesBack(step) && test(step))
  if (HOSE.test(own?.part ?? '')) {
    const hose = after((step) => step.action === 'pull-hose' && shares(step))
    const any = hose >= 0 ? hose : after((step) => step.action === 'pull-hose')
    if (any >= 0) return any
  }
  const isSeat = (step: RefitStep) => SEATS.includes(step.action)
  const isHeld = (step: RefitStep) => HELD.includes(step.action)
  for (const test of [
    (step: RefitStep) => isSeat(step) && shares(step),
    (step: RefitStep) =>
      isHeld(step) && shares(step) && !steps.some((each, other) => other > index && isSeat(each)),
    isSeat,
    isHeld,
  ]) {
    const found = after(test)
    if (found >= 0) return found
  }
  return -1
}

/** A figure as it is checked: "14 mm from the face, as it was". */
export function figureText({ value, unit, mark, part }: Figure): string {
  const figure = value === undefined ? '' : `${value} ${unit}`
  const said = [figure, mark ?? (figure ? `at ${part}` : part)].filter(Boolean).join(' ')
  return `${said}, as it was`
}
