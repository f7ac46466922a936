import { CoreError } from '../errors'

export interface CombineInput {
  sections: { terminal: string; uF: number }[]
  targets: { name: string; uF: number; tolerancePercent: number }[]
}

export interface CombinedTarget {
  name: string
  uF: number
  terminals: string[]
  /** Signed, in percent of the target. */
  errorPercent: number
  within: boolean
}

export interface Combination {
  feasible: boolean
  targets: CombinedTarget[]
  jumpers: [string, string][]
  unused: string[]
}

/** Assignments tried are (targets + 1) ^ sections; past this a household part is not meant. */
const MOST_ASSIGNMENTS = 4_200_000

/**
 * Share the sections of a multi-section capacitor (one common) among targets; sections of one target are jumpered in
 * parallel and add. Best: within all tolerances, then least worst error in percent, then least second worst and so on, then fewest
 * jumpers.
 *
 * @throws CoreError `too-many-sections`, `duplicate-terminal`
 * @example combineSections({ sections: [{ terminal: 'a', uF: 5 }, { terminal: 'b', uF: 2.5 }], targets: [{ name: 'fan', uF: 7.5, tolerancePercent: 6 }] }).jumpers // [['a', 'b']]
 */
export function combineSections({ sections, targets }: CombineInput): Combination {
  const ids = new Set(sections.map((section) => section.terminal))
  if (ids.size !== sections.length)
    throw new CoreError('duplicate-terminal', 'Two sections have the same terminal name.', 'sections')
  if ((targets.length + 1) ** sections.length > MOST_ASSIGNMENTS) {
    throw new CoreError(
      'too-many-sections',
      'That is more sections than a capacitor has. Leave out those that cannot serve.',
      'sections',
    )
  }
  const best = search(sections, targets)
  const answer = targets.map((target, index): CombinedTarget => {
    const used = best ? sections.filter((_, s) => best[s] === index + 1) : []
    const uF = used.reduce((sum, section) => sum + section.uF, 0)
    const errorPercent = (uF / target.uF - 1) * 100
    return {
      name: target.name,
      uF,
      terminals: used.map((section) => section.terminal),
      errorPercent,
      within: used.length > 0 && isWithin(errorPercent, target.tolerancePercent),
    }
  })
  const jumpers = answer.flatMap((target) =>
    target.terminals
      .slice(1)
      .map((terminal, index): [string, string] => [target.terminals[index]!, terminal]),
  )
  const taken = new Set(answer.flatMap((target) => target.terminals))
  return {
    feasible: answer.length > 0 && answer.every((target) => target.within),
    targets: answer,
    jumpers,
    unused: sections.map((section) => section.terminal).filter((terminal) => !taken.has(terminal)),
  }
}

const isWithin = (errorPercent: number, tolerance: number) => Math.abs(errorPercent) <= tolerance + 1e-9

/** Section index → target number (0: unused), or null where there are fewer sections than targets. */
function search(sections: CombineInput['sections'], targets: CombineInput['targets']): number[] | null {
  const sums = targets.map(() => 0)
  const counts = targets.map(() => 0)
  const choice = sections.map(() => 0)
  let best: (Rank & { choice: number[] }) | null = null

  const visit = (index: number): void => {
    if (index === sections.length) {
      if (counts.some((count) => count === 0)) return
      const errors = targets.map((target, t) => ((sums[t] ?? 0) / target.uF - 1) * 100)
      const rank: Rank = {
        within: targets.every(({ tolerancePercent }, t) => isWithin(errors[t] ?? 0, tolerancePercent)),
        errors: errors.map(Math.abs).sort((one, two) => two - one),
        jumpers: counts.reduce((sum, count) => sum + count - 1, 0),
      }
      if (best === null || isBetter(rank, best)) best = { ...rank, choice: [...choice] }
      return
    }
    // Too few sections left to give each target one: no use going on.
    if (counts.filter((count) => count === 0).length > sections.length - index) return
    for (let target = 0; target <= targets.length; target++) {
      choice[index] = target
      if (target > 0) {
        const before = sums[target - 1]!
        sums[target - 1] = before + sections[index]!.uF
        counts[target - 1]!++
        visit(index + 1)
        sums[target - 1] = before
        counts[target - 1]!--
      } else visit(index + 1)
    }
  }
  visit(0)
  return (best as { choice: number[] } | null)?.choice ?? null
}

interface Rank {
  within: boolean
  /** In percent of each target, the worst first. */
  errors: number[]
  jumpers: number
}

function isBetter(a: Rank, b: Rank): boolean {
  if (a.within !== b.within) return a.within
  for (const [index, error] of a.errors.entries()) {
    const other = b.errors[index] ?? 0
    if (Math.abs(error - other) > 1e-9) return error < other
  }
  return a.jumpers < b.jumpers
}
