import type { RefitStep } from './types'

const SEATS: RefitStep['action'][] = ['lift-off', 'slide-out', 'unclip']

/**
 * Which line each joint seal belongs to: the one whose part lies on the gasket or bead. A new gasket goes on right before
 * that part is set on, wherever the old one came off. Tape and outside beads belong to no line and keep the plain reverse.
 *
 * @returns index of the seal's line to the index of its part's line
 * @example sealsOf([{ id: 'g', action: 'break-seal', part: 'cover gasket' }, { id: 'c', action: 'lift-off', part: 'cover' }])
 *   // new Map([[0, 1]])
 */
export function sealsOf(steps: RefitStep[]): Map<number, number> {
  const at = new Map(steps.map((step, index) => [step.id, index]))
  const found = new Map<number, number>()
  steps.forEach((step, index) => {
    if (step.action !== 'break-seal' || step.sealAt === 'outside') return
    const named = step.seals === undefined ? undefined : at.get(step.seals)
    const seat = named !== undefined && isSeat(steps[named]) ? named : seatOf(steps, index, step.part)
    if (seat >= 0) found.set(index, seat)
  })
  return found
}

const isSeat = (step: RefitStep | undefined) =>
  step !== undefined && !step.extra && SEATS.includes(step.action)

function seatOf(steps: RefitStep[], index: number, seal: string): number {
  const earlier = steps.findLastIndex(
    (step, other) => other < index && isSeat(step) && standsIn(step.part, seal),
  )
  return earlier >= 0 ? earlier : steps.findIndex((step, other) => other > index && isSeat(step))
}

/** Whether the part's name stands as whole words in the seal's: "cover" in "cover gasket", not "cover" in "recovered". */
function standsIn(part: string, seal: string): boolean {
  const words = (text: string) =>
    ` ${
      text
        .toLowerCase()
        .match(/[\p{L}\p{N}]+/gu)
        ?.join(' ') ?? ''
    } `
  return words(part).trim() !== '' && words(seal).includes(words(part))
}
