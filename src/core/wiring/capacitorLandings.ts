import { combineSections } from '../capacitor'
import type { CapSpec } from '../match'

/** A bundle of wires that hung on one terminal of the old capacitor, and where it goes on the new one. */
export interface CapacitorLanding {
  wires: string
  can: number
  terminal: string
  why: string
}

/** A wire to make on the new part itself. */
export interface CapacitorBridge {
  from: { can: number; terminal: string }
  to: { can: number; terminal: string }
  why: string
}

export interface CapacitorList {
  /** The cans in order, each with the terminals it shows and what each section holds, by its terminal. */
  cans: { id: string; terminals: string[]; uF: Record<string, number> }[]
  landings: CapacitorLanding[]
  bridges: CapacitorBridge[]
  /** Terminals that stay without a wire and are covered. */
  bare: { can: number; terminal: string }[]
  warnings: string[]
}

interface OldSection {
  section: string
  uF: number
}

const valued = (pairs: [string, number | undefined][]): Record<string, number> =>
  Object.fromEntries(pairs.flatMap(([terminal, uF]) => (uF === undefined ? [] : [[terminal, uF]])))
const near = (one: number, two: number) => Math.abs(one / two - 1) <= 0.06
const nameOf = (section: string) => (section === 'single' ? 'the first terminal' : section)
const hangs = (section: string) => (section === 'single' ? 'wires of one terminal' : `wires of ${section}`)

/**
 * Where the wires of an old capacitor go when only the capacitor is replaced: terminal by terminal for the same build, two
 * cans with a bridge between their commons, a part of several sections with its jumpers.
 *
 * @param old sections of the old label
 * @param parts the chosen part, or the two that together replace a dual
 * @returns null where the parts cannot make the old sections
 * @example capacitorLandings([{ section: 'HERM', uF: 35 }, { section: 'FAN', uF: 5 }], [{ id: 'a', sections: [{ section: 'single', uF: 35 }] }, { id: 'b', sections: [{ section: 'single', uF: 5 }] }])?.bridges.length // 1
 */
export function capacitorLandings(old: OldSection[], parts: CapSpec[]): CapacitorList | null {
  const [first] = parts
  if (!first || old.length === 0) return null
  if (first.multi) return ofMulti(old, first)
  return parts.length > 1 ? ofCans(old, parts) : ofOne(old, first)
}

/** The same build: every terminal by its name; a single capacitor has no direction. */
function ofOne(old: OldSection[], part: CapSpec): CapacitorList | null {
  const sections = part.sections ?? []
  if (!old.every(({ section, uF }) => sections.some((each) => each.section === section && near(each.uF, uF))))
    return null
  if (old.length === 1)
    return {
      cans: [{ id: part.id, terminals: ['1', '2'], uF: valued([['2', sections[0]?.uF]]) }],
      landings: [
        {
          wires: 'wires of one terminal',
          can: 0,
          terminal: '1',
          why: 'either way round: it has no polarity',
        },
        { wires: 'wires of the other terminal', can: 0, terminal: '2', why: 'they stay together' },
      ],
      bridges: [],
      bare: [],
      warnings: [],
    }
  return {
    cans: [
      {
        id: part.id,
        terminals: ['C', ...sections.map(({ section }) => section)],
        uF: valued(sections.map(({ section, uF }) => [section, uF])),
      },
    ],
    landings: [
      { wires: 'wires of C', can: 0, terminal: 'C', why: 'all that hung on the common stay on it' },
      ...old.map(({ section }) => ({
        wires: hangs(section),
        can: 0,
        terminal: section,
        why: `${section} to ${section}, read on the new label`,
      })),
    ],
    bridges: [],
    bare: [],
    warnings: [],
  }
}

/** One can for each section; what was one common is two terminals and the bridge between them. */
function ofCans(old: OldSection[], parts: CapSpec[]): CapacitorList | null {
  const left = parts.map((part, can) => ({ can, uF: part.sections?.[0]?.uF ?? 0 }))
  const landings: CapacitorLanding[] = []
  const used: number[] = []
  for (const { section, uF } of old) {
    const fitting = left.find((each) => !used.includes(each.can) && near(each.uF, uF))
    if (!fitting) return null
    used.push(fitting.can)
    landings.push({
      wires: hangs(section),
      can: fitting.can,
      terminal: '2',
      why: `the can of ${fitting.uF} µF is ${section} now`,
    })
  }
  const [home = 0, ...others] = used
  const all = used.length > 2 ? 'all cans' : 'both cans'
  return {
    cans: parts.map(({ id, sections }) => ({
      id,
      terminals: ['1', '2'],
      uF: valued([['2', sections?.[0]?.uF]]),
    })),
    landings: [{ wires: 'wires of C', can: home, terminal: '1', why: `the common of ${all}` }, ...landings],
    bridges: others.map((can) => ({
      from: { can: home, terminal: '1' },
      to: { can, terminal: '1' },
      why: `the old part had one common: without this bridge can ${can + 1} is dead`,
    })),
    bare: [],
    warnings: [
      `Strap ${all} so that none can touch another’s terminals, and cover ${others.length > 1 ? 'the bridges' : 'the bridge'}.`,
    ],
  }
}

/** Sections of a part of several, jumpered until each makes its target. */
function ofMulti(old: OldSection[], part: CapSpec): CapacitorList | null {
  const sections = part.multi ?? []
  const made = combineSections({
    sections,
    targets: old.map(({ section, uF }) => ({ name: section, uF, tolerancePercent: 6 })),
  })
  if (!made.feasible || !made.targets.every(({ within }) => within)) return null
  return {
    cans: [
      {
        id: part.id,
        terminals: ['C', ...sections.map(({ terminal }) => terminal)],
        uF: valued(sections.map(({ terminal, uF }) => [terminal, uF])),
      },
    ],
    landings: [
      {
        wires: old.length > 1 ? 'wires of C' : 'wires of the other terminal',
        can: 0,
        terminal: 'C',
        why: 'the common of all its sections',
      },
      ...made.targets.map(({ name, uF, terminals }) => ({
        wires: hangs(name),
        can: 0,
        terminal: terminals[0] ?? '',
        why:
          terminals.length > 1
            ? `${terminals.join(' and ')} together make ${uF} µF for ${nameOf(name)}`
            : `${terminals[0] ?? ''} holds the ${uF} µF of ${nameOf(name)}`,
      })),
    ],
    bridges: made.jumpers.map(([from, to]) => ({
      from: { can: 0, terminal: from },
      to: { can: 0, terminal: to },
      why: 'sections side by side add up',
    })),
    bare: made.unused.map((terminal) => ({ can: 0, terminal })),
    warnings:
      made.unused.length > 0 ? ['Cover each terminal that stays bare: it is live when the part is.'] : [],
  }
}
