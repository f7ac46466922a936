import { combineSections } from '../capacitor/combine'
import { classRemark } from '../capacitor/safetyClass'
import { significant } from '../units/format'
import { ok, plain, unknown } from './rules/outcome'
import {
  type MatchResult,
  type MatchVerdict,
  type Outcome,
  openRules,
  type RuleVerdict,
  type Work,
} from './types'

type Section = 'HERM' | 'FAN' | 'single' | (string & {})

export interface CapSpec {
  id: string
  manufacturer?: string
  partNumber?: string
  sections?: { section: Section; uF: number; minUf?: number; maxUf?: number }[]
  multi?: { terminal: string; uF: number }[]
  volts?: number
  duty?: 'run' | 'start'
  tolerancePercent?: { minus: number; plus: number }
  diameterMm?: number
  heightMm?: number
  shape?: 'round' | 'oval'
  tabs?: number | Record<string, number>
  temperatureCelsius?: { min?: number; max?: number }
  /** Class of safety protection as the label prints it: P2, S3, 10,000 AFC. */
  safetyClass?: string
  price?: number
}

export interface CapacitorMatchInput {
  old: Omit<CapSpec, 'id' | 'multi'> & { sections: { section: Section; uF: number }[] }
  motorNeeds?: { uF: number; volts?: number }
  candidates: CapSpec[]
  limit?: number
}

export interface Wanted {
  section: Section
  uF: number
}

/** Run capacitors are made to ±6 % where nothing is printed. */
const USUAL_PERCENT = 6

/** How far off, in percent, a capacitance may be that replaces this one. */
export const percentOf = ({ tolerancePercent }: CapacitorMatchInput['old']): number =>
  Math.max(tolerancePercent?.minus ?? USUAL_PERCENT, tolerancePercent?.plus ?? USUAL_PERCENT)
const COST: Record<RuleVerdict, number> = { ok: 0, work: 6, unknown: 3, no: 40 }
const CLASS_SCORE: Record<MatchVerdict, number> = { 'drop-in': 2000, 'fits-with-work': 1000, no: 0 }

/**
 * Compare an old capacitor, and what the motor asks for, with candidates. A dual is replaced by a dual, by two singles
 * (`with` names the partner), or by a multi-section part that makes all sections at once.
 */
export function matchCapacitors(input: CapacitorMatchInput): { results: MatchResult[] } {
  const wanted = wantedSections(input)
  const shelves = wanted.length > 1 ? shelvesOf(input, wanted) : new Map<Wanted, CapSpec[]>()
  const results = input.candidates.map((candidate) => judge(input, candidate, wanted, shelves))
  const price = new Map(
    input.candidates.map((candidate) => [candidate.id, candidate.price ?? Number.MAX_VALUE]),
  )
  results.sort((one, two) => two.score - one.score || price.get(one.id)! - price.get(two.id)!)
  return { results: input.limit === undefined ? results : results.slice(0, input.limit) }
}

/** The motor plate rules over the old label, for its own section. */
export function wantedSections({
  old,
  motorNeeds,
}: Pick<CapacitorMatchInput, 'old' | 'motorNeeds'>): Wanted[] {
  return old.sections.map(({ section, uF }) => ({
    section,
    uF:
      motorNeeds && (section === 'FAN' || (section === 'single' && old.sections.length === 1))
        ? motorNeeds.uF
        : uF,
  }))
}

function judge(
  input: CapacitorMatchInput,
  candidate: CapSpec,
  wanted: Wanted[],
  shelves: Map<Wanted, CapSpec[]>,
): MatchResult {
  const { old } = input
  const percent = percentOf(old)
  const made = sectionsOutcome(candidate, wanted, percent)
  const beside = partnersFor(candidate, made.rest ?? [], shelves)
  const fits = made.rest ? { ...made, sections: withPartners(made.sections, beside) } : made
  const outcomes: [string, Outcome][] = [
    ['capacitance', fits.capacitance],
    ['voltage', voltage(input, candidate)],
    ['duty', duty(old.duty ?? 'run', candidate)],
    ['sections', fits.sections],
    ['tolerance', tolerance(old, candidate, percent)],
    ['size', size(old, candidate)],
    ['tabs', tabs(old, candidate)],
    ['temperature', temperature(old, candidate)],
    ...(old.safetyClass === undefined ? [] : [safety(old.safetyClass, candidate)]),
  ]
  const verdicts = outcomes.map(([, outcome]) => outcome.verdict)
  const verdict: MatchVerdict = verdicts.includes('no')
    ? 'no'
    : verdicts.includes('work')
      ? 'fits-with-work'
      : 'drop-in'
  const cost = outcomes.reduce((sum, [, outcome]) => sum + COST[outcome.verdict] + (outcome.cost ?? 0), 0)
  const work = outcomes.flatMap(([, outcome]) => outcome.work ?? [])
  if (made.rest && beside.missing.length === 0)
    work.push({
      kind: 'wire-two-singles',
      text: `With ${beside.found.map(({ single, want }) => `${nameOf(single)} for ${want.section}`).join(' and ')}: join one terminal of each as C.`,
    })
  return {
    id: candidate.id,
    verdict,
    score: CLASS_SCORE[verdict] - cost + (beside.found.length > 0 && beside.missing.length === 0 ? 1 : 0),
    open: [
      ...openRules(outcomes.map(([rule, { verdict: told }]) => ({ rule, verdict: told }))),
      ...beside.found.flatMap(({ single }) => openOfPartner(input, single)),
    ],
    rules: outcomes.map(([rule, { verdict: v, old: a, new: b, text }]) => ({
      rule,
      verdict: v,
      old: a,
      new: b,
      text,
    })),
    work,
    ...(made.rest && beside.missing.length === 0
      ? { with: beside.found.map(({ single }) => single.id) }
      : {}),
    ...(beside.missing.length > 0 ? { needs: beside.missing } : {}),
  }
}

interface SectionsOutcome {
  capacitance: Outcome
  sections: Outcome
  /** The sections that other singles must make, where this one makes the first of several. */
  rest?: Wanted[]
}

function sectionsOutcome(candidate: CapSpec, wanted: Wanted[], percent: number): SectionsOutcome {
  const old = wanted.map((section) => uF(section.uF)).join(' + ')
  if (candidate.multi) return multiOutcome(candidate.multi, wanted, percent, old)
  const has = candidate.sections ?? []
  const fresh = has.map((section) => uF(section.uF)).join(' + ') || '?'
  if (has.length === 0)
    return {
      capacitance: unknown(old, '?', 'Ask for its µF.'),
      sections: unknown(count(wanted.length), '?', 'Ask for its sections.'),
    }
  const near = (a: number, b: number) => Math.abs(a / b - 1) * 100 <= percent + 1e-9
  const cost = (pairs: [number, number][]) =>
    pairs.reduce((sum, [a, b]) => sum + Math.abs(a / b - 1) * 100, 0)
  const no = (text: string): Outcome => ({ verdict: 'no', old, new: fresh, text })
  const [a, b] = [count(wanted.length), count(has.length)]

  if (wanted.length === has.length) {
    const pairs = paired(wanted, has)
    if (pairs.every(([want, got]) => near(got, want))) {
      return {
        capacitance: { ...ok(old, fresh, 'As the motor asks.'), cost: cost(pairs) },
        sections: ok(a, b, 'Same sections.'),
      }
    }
    return { capacitance: no('Another capacitance.'), sections: ok(a, b, 'Same sections.') }
  }
  if (has.length === 1) {
    const match = wanted.find((section) => near(has[0]!.uF, section.uF))
    if (!match)
      return {
        capacitance: no('Equals no section of the old one.'),
        sections: { ...ok(a, b, ''), verdict: 'no', text: 'Makes no section of the dual.' },
      }
    const rest = wanted.filter((section) => section !== match)
    const text = `Makes ${match.section} only; other singles make ${rest.map(({ section }) => section).join(' and ')}.`
    return {
      capacitance: { ...ok(old, fresh, `As ${match.section} asks.`), cost: cost([[has[0]!.uF, match.uF]]) },
      sections: { verdict: 'work', old: a, new: b, text },
      rest,
    }
  }
  const match = has.find((section) => near(section.uF, wanted[0]!.uF))
  if (wanted.length > 1 || !match)
    return {
      capacitance: no('Another capacitance.'),
      sections: { verdict: 'no', old: a, new: b, text: 'Other sections.' },
    }
  return {
    capacitance: {
      ...ok(old, fresh, `Its ${match.section} section is as the motor asks.`),
      cost: cost([[match.uF, wanted[0]!.uF]]),
    },
    sections: {
      verdict: 'work',
      old: a,
      new: b,
      text: `Use C and ${match.section}; leave the other terminal free and covered.`,
    },
  }
}

/** Sections by name, else larger with larger. */
function paired(wanted: Wanted[], has: Wanted[]): [number, number][] {
  const byName = wanted.map((want) => has.find((got) => got.section === want.section))
  if (byName.every((got) => got !== undefined))
    return wanted.map((want, index) => [want.uF, byName[index]!.uF])
  const order = (list: Wanted[]) => [...list].sort((x, y) => y.uF - x.uF)
  const got = order(has)
  return order(wanted).map((want, index) => [want.uF, got[index]!.uF])
}

function multiOutcome(
  multi: { terminal: string; uF: number }[],
  wanted: Wanted[],
  percent: number,
  old: string,
): SectionsOutcome {
  const made = combineSections({
    sections: multi,
    targets: wanted.map((want) => ({ name: want.section, uF: want.uF, tolerancePercent: percent })),
  })
  const fresh = made.targets.map((target) => uF(target.uF)).join(' + ')
  const shown = `${multi.length} sections`
  if (!made.feasible) {
    return {
      capacitance: { verdict: 'no', old, new: fresh, text: 'Cannot make all sections at once.' },
      sections: {
        verdict: 'no',
        old: count(wanted.length),
        new: shown,
        text: 'Cannot make all sections at once.',
      },
    }
  }
  const plan = made.targets.map((target) => `${target.name}: ${target.terminals.join(' + ')}`).join('; ')
  const worst = made.targets.reduce((sum, target) => sum + Math.abs(target.errorPercent), 0)
  const text = `Jumper ${plan}; leave ${made.unused.join(', ') || 'none'} free.`
  return {
    capacitance: { ...ok(old, fresh, 'Made from its sections.'), cost: worst },
    sections: {
      verdict: 'work',
      old: count(wanted.length),
      new: shown,
      text,
      work: [{ kind: 'jumper-sections', text }],
      cost: made.jumpers.length,
    },
  }
}

/** As a person calls it: an id says nothing to anybody. */
const nameOf = ({ manufacturer, partNumber, sections }: CapSpec): string =>
  [manufacturer, partNumber].filter(Boolean).join(' ') || `a can of ${uF(sections?.[0]?.uF ?? 0)}`

interface Partners {
  found: { want: Wanted; single: CapSpec }[]
  missing: Wanted[]
}

/** For each section of the old part the singles that make it: those of which most is known first, then the nearest, then the cheapest. */
const shelvesOf = (input: CapacitorMatchInput, wanted: Wanted[]): Map<Wanted, CapSpec[]> => {
  const percent = percentOf(input.old)
  return new Map(
    wanted.map((want) => [
      want,
      input.candidates
        .filter(({ sections }) => sections?.length === 1)
        .map((single) => ({
          single,
          off: Math.abs((single.sections?.[0]?.uF ?? 0) / want.uF - 1),
          open: openOfPartner(input, single).length,
        }))
        .filter(
          ({ single, off }) =>
            off * 100 <= percent + 1e-9 &&
            voltage(input, single).verdict !== 'no' &&
            duty(input.old.duty ?? 'run', single).verdict !== 'no',
        )
        .sort((x, y) => x.open - y.open || x.off - y.off || (x.single.price ?? 0) - (y.single.price ?? 0))
        .map(({ single }) => single),
    ]),
  )
}

/** For each section that is left the first single of its shelf; none is taken twice. */
function partnersFor(candidate: CapSpec, rest: Wanted[], shelves: Map<Wanted, CapSpec[]>): Partners {
  const taken = new Set([candidate.id])
  const partners: Partners = { found: [], missing: [] }
  for (const want of rest) {
    const single = shelves.get(want)?.find(({ id }) => !taken.has(id))
    if (single) {
      taken.add(single.id)
      partners.found.push({ want, single })
    } else partners.missing.push(want)
  }
  return partners
}

/** What is not known yet of a partner, as `id:rule`. */
const openOfPartner = (input: CapacitorMatchInput, single: CapSpec): string[] =>
  openRules([
    { rule: 'voltage', verdict: voltage(input, single).verdict },
    { rule: 'duty', verdict: duty(input.old.duty ?? 'run', single).verdict },
  ]).map((rule) => `${single.id}:${rule}`)

/** Work where every other section has its partner; else nobody can tell yet what goes beside it. */
const withPartners = (outcome: Outcome, { missing }: Partners): Outcome =>
  missing.length === 0
    ? outcome
    : {
        ...outcome,
        verdict: 'unknown',
        text: `${outcome.text} Missing: ${missing.map(({ section, uF: value }) => `${uF(value)} for ${section}`).join(', ')}.`,
      }

function voltage({ old, motorNeeds }: CapacitorMatchInput, candidate: CapSpec): Outcome {
  const needed = Math.max(old.volts ?? 0, motorNeeds?.volts ?? 0)
  const show = (volts: number | undefined) => (volts ? `${volts} V` : '?')
  if (!needed || candidate.volts === undefined)
    return unknown(show(needed), show(candidate.volts), 'Read the volts on the label.')
  if (candidate.volts < needed)
    return {
      verdict: 'no',
      old: show(needed),
      new: show(candidate.volts),
      text: 'Too few volts: it would burst.',
    }
  return ok(show(needed), show(candidate.volts), 'Enough volts.')
}

const duty = (old: string, candidate: CapSpec): Outcome =>
  plain(
    old,
    candidate.duty,
    String,
    (a, b) => a === b,
    'Is it a run or a start capacitor?',
    'Same duty.',
    'A start capacitor bursts in continuous duty; a run capacitor starts nothing.',
  )

function tolerance(old: CapacitorMatchInput['old'], candidate: CapSpec, percent: number): Outcome {
  const show = (value: { minus: number; plus: number } | undefined) =>
    value ? (value.minus === value.plus ? `±${value.plus} %` : `−${value.minus}/+${value.plus} %`) : '?'
  if (!candidate.tolerancePercent)
    return unknown(show(old.tolerancePercent), '?', 'Read the tolerance on the label.')
  const limit = old.tolerancePercent ?? { minus: percent, plus: percent }
  const { minus, plus } = candidate.tolerancePercent
  if (minus <= limit.minus && plus <= limit.plus)
    return ok(show(limit), show(candidate.tolerancePercent), 'As close.')
  return unknown(
    show(limit),
    show(candidate.tolerancePercent),
    'A wider tolerance: measure it before it goes in.',
  )
}

function size(old: CapacitorMatchInput['old'], candidate: CapSpec): Outcome {
  const show = (spec: { diameterMm?: number; heightMm?: number; shape?: string }) =>
    spec.diameterMm
      ? `${spec.diameterMm} mm × ${spec.heightMm === undefined ? '?' : `${spec.heightMm} mm`}${spec.shape ? ` ${spec.shape}` : ''}`
      : '?'
  if (old.diameterMm === undefined || candidate.diameterMm === undefined)
    return unknown(show(old), show(candidate), 'Measure the case and the space.')
  const larger =
    candidate.diameterMm > old.diameterMm + 1 ||
    (candidate.heightMm ?? 0) > (old.heightMm ?? Number.MAX_VALUE) + 1
  if (!larger)
    return ok(
      show(old),
      show(candidate),
      old.shape && candidate.shape && old.shape !== candidate.shape
        ? 'Another shape: another strap.'
        : 'Fits the strap.',
    )
  const text = 'A larger case: measure the space and fit a proper strap.'
  return {
    verdict: 'work',
    old: show(old),
    new: show(candidate),
    text,
    work: [{ kind: 'change-strap', text }] satisfies Work[],
  }
}

function tabs(old: CapacitorMatchInput['old'], candidate: CapSpec): Outcome {
  const total = (value: CapSpec['tabs']) =>
    value === undefined
      ? undefined
      : typeof value === 'number'
        ? value
        : Object.values(value).reduce((sum, each) => sum + each, 0)
  const [a, b] = [total(old.tabs), total(candidate.tabs)]
  const show = (value: number | undefined) => (value === undefined ? '?' : `${value} tabs`)
  if (a === undefined || b === undefined) return unknown(show(a), show(b), 'Count the tabs that are used.')
  if (b >= a) return ok(show(a), show(b), 'Enough tabs.')
  const text = `${a - b} ${a - b === 1 ? 'tab' : 'tabs'} too few: use a piggyback tab.`
  return { verdict: 'work', old: show(a), new: show(b), text, work: [{ kind: 'adapt-connector', text }] }
}

function temperature(old: CapacitorMatchInput['old'], candidate: CapSpec): Outcome {
  const show = (value: CapSpec['temperatureCelsius']) =>
    value?.max === undefined ? '?' : `${value.min ?? '?'} to ${value.max} °C`
  const [a, b] = [old.temperatureCelsius, candidate.temperatureCelsius]
  const colder = a?.min !== undefined && b?.min !== undefined && b.min > a.min
  const hotter = a?.max !== undefined && b?.max !== undefined && b.max < a.max
  if (colder || hotter)
    return { verdict: 'no', old: show(a), new: show(b), text: 'A lower temperature class.' }
  if (a?.max === undefined || b?.max === undefined)
    return unknown(show(a), show(b), 'Read the temperature class.')
  return ok(show(a), show(b), 'Same class or better.')
}

/** One that fails less safely than the old one replaces it nowhere; most labels print nothing of it, and then nothing is asked. */
function safety(old: string, { safetyClass }: CapSpec): [string, Outcome] {
  const remark = classRemark(old, safetyClass ?? '')
  const [a, b] = [old, safetyClass ?? '?']
  const outcome: Outcome =
    remark === 'less'
      ? { verdict: 'no', old: a, new: b, text: 'It fails less safely than the old one.' }
      : remark === 'ask'
        ? unknown(a, b, 'Ask for its class: the old one parts its own wires when it fails.')
        : ok(
            a,
            b,
            safetyClass
              ? 'It fails as safely as the old one.'
              : 'Nothing is told of it; the old one does not part itself either.',
          )
  return ['safety-class', outcome]
}

const uF = (value: number) => `${significant(value, 4)} µF`
const count = (sections: number) =>
  sections === 1 ? 'single' : sections === 2 ? 'dual' : `${sections} sections`
