import { parseCapacitorLabel } from '../capacitor'
import { isCoreError } from '../errors'
import type { FittedRow, LifeRow } from '../house/rows'
import { capacitorMatchInputOf, motorMatchInputOf } from '../job/parts/motorMatch'
import { oldMotor } from '../job/parts/oldPart'
import type { JobSnapshot, MachineRow } from '../job/rows'
import { outdoorFamilies } from '../knowledge/familyTraits'
import { DAYS_TO_COME, lifetimes } from '../knowledge/lifetimes'
import { capacitorKinds, isOf } from '../knowledge/motorKinds'
import {
  type CapacitorMatchInput,
  type CapSpec,
  type MatchResult,
  type MotorSpec,
  matchCapacitors,
  matchMotors,
} from '../match'
import { sectionsOfLabel } from '../match/sectionsOfLabel'

/** Whether a spare serves a machine, by the rules that judge it in a job. */
export interface Serving {
  partId: string
  verdict: Exclude<MatchResult['verdict'], 'no'>
  /** Rules that nobody can answer yet: a size that was not measured. */
  open: number
  /** Sections that it does not make: others have to make them. Empty where it makes all. */
  without: string[]
}

/** What is known of the parts that a machine has. */
export interface PartsKnown {
  fitted: FittedRow[]
  /** Its newest job; null where it has none. */
  newest: JobSnapshot | null
}

/**
 * The spares that serve a machine, capacitors and motors. A motor is asked only of a machine whose old plate says a speed or a power:
 * against nothing everything fits.
 */
export function servingOf(
  spares: { capacitors: CapSpec[]; motors: MotorSpec[] },
  known: PartsKnown,
): Serving[] {
  const capacitor = capacitorInput(known, spares.capacitors)
  const { newest } = known
  const plate = newest && oldMotor(newest)
  const motors =
    newest && plate && (plate.rpm || plate.hp)
      ? matchMotors(motorMatchInputOf(newest, spares.motors)).results
      : []
  return [...(capacitor ? matchCapacitors(capacitor).results : []), ...motors].flatMap(
    ({ id, verdict, open, needs }) =>
      verdict === 'no'
        ? []
        : [{ partId: id, verdict, open: open.length, without: needs?.map(({ section }) => section) ?? [] }],
  )
}

/** By what is written down as fitted, else by the label in its newest job. */
function capacitorInput({ fitted, newest }: PartsKnown, candidates: CapSpec[]): CapacitorMatchInput | null {
  const part = fitted.find((row) => row.what === 'capacitor' && row.goneAt === null && row.figures !== '')
  if (!part) return newest && capacitorMatchInputOf(newest, candidates)
  try {
    const label = parseCapacitorLabel(part.figures)
    const { sections } = sectionsOfLabel(label)
    if (!sections) return null
    const { volts, duty, tolerancePercent } = label
    return {
      old: {
        sections,
        duty,
        ...(volts === null ? {} : { volts }),
        ...(tolerancePercent === null ? {} : { tolerancePercent }),
      },
      candidates,
    }
  } catch (error) {
    if (isCoreError(error)) return null
    throw error
  }
}

/** A part that may fail, and what having it costs not to have. */
export interface WorthHaving {
  what: 'capacitor' | 'belt' | 'contactor'
  /** Age in years; null where nobody knows when it went in. */
  years: number | null
  /** Chance of failing within three years. */
  chance: number
  /** That chance times the days until one comes times what a day costs; null where nobody said what a day costs. */
  worth: number | null
}

const WITHIN_YEARS = 3
/** Of a part whose age nobody knows: half its life is the fairest guess. */
const UNKNOWN_SHARE = 0.5

/**
 * Which small parts of a machine are worth having on the shelf, the chance with its figures. Motors are left out: they are dear, and
 * keep badly.
 */
export function worthHaving(
  machine: Pick<MachineRow, 'family' | 'motorKind' | 'installedYear'>,
  fitted: FittedRow[],
  life: LifeRow | null,
  today: string,
): WorthHaving[] {
  const has = (what: FittedRow['what']) => fitted.find((row) => row.what === what && row.goneAt === null)
  const kinds: WorthHaving['what'][] = [
    ...(isOf(capacitorKinds, machine.motorKind) || has('capacitor') ? (['capacitor'] as const) : []),
    ...(has('belt') ? (['belt'] as const) : []),
    ...(has('contactor') || outdoorFamilies.includes(machine.family) ? (['contactor'] as const) : []),
  ]
  return kinds.flatMap((what): WorthHaving[] => {
    const lifetime = lifetimes[what]
    if (!lifetime) return []
    const years = yearsSince(has(what)?.since || machine.installedYear, today)
    const age = years ?? lifetime.years * UNKNOWN_SHARE
    const left = (at: number) => Math.exp(-((at / lifetime.years) ** lifetime.shape))
    const chance = 1 - left(age + WITHIN_YEARS) / left(age)
    const day = life?.dayWithout ?? null
    return [{ what, years, chance, worth: day === null ? null : chance * DAYS_TO_COME * day }]
  })
}

/** From a day or a year to today; null where none is told. */
function yearsSince(told: string, today: string): number | null {
  const year = /^(\d{4})(?:-(\d{2})-(\d{2}))?$/.exec(told.trim())
  if (!year) return null
  const since = Date.UTC(Number(year[1]), year[2] ? Number(year[2]) - 1 : 6, Number(year[3] ?? 1))
  const years = (Date.parse(today) - since) / (365.25 * 86_400_000)
  return Number.isFinite(years) ? Math.max(0, years) : null
}
