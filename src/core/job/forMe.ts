import { stepsOf } from '../knowledge/actionSteps'
import { hurts } from '../knowledge/hurts'
import { isFuelValve, isolationPlans } from '../knowledge/isolation'
import type { CauseId } from '../knowledge/vocabulary'
import { actionOfOption, causeOfOption, type OptionFigures } from '../options'
import { optionsInputOf, optionsOf } from '../options/ofJob'
import { capacitorMayBe, neededWaits } from './energy/place'
import { hasTester } from './energy/proofShown'
import { activeStops } from './energy/stops'
import { diagnosisOf } from './evidence/derive'
import { kitOf } from './ledger/kit'
import { nominalVolts } from './plant'
import type { JobSnapshot } from './rows'

/** What somebody wants to know before anything is opened. */
export interface ForMe {
  /** The likeliest causes, 0 to 1. */
  likely: { cause: CauseId; share: number }[]
  /** Own hours, making it dead included. */
  hours: { least: number; most: number } | null
  /** Tools that the way in asks for. */
  needs: string[]
  hurts: string[]
  /** Money: of the part, own figures where typed; of somebody hired. */
  costs: { least: number; most: number; hired: number | null } | null
  /** What a wrong step does. */
  ifWrong: string
  /** 1 anybody, 2 a careful first-timer, 3 used to a meter, 4 a trade or a practised repairer. */
  skill: 1 | 2 | 3 | 4
  /** Why somebody else should do it; empty where nothing says so. */
  handOver: HandOver[]
}

export type HandOver = 'stop' | 'licensed' | 'no-meter' | 'practised' | 'fuel'

/** Going round the points, proving dead, emptying: a careful person's time, an estimate of this project. Hours. */
const MAKE_DEAD = 0.5
/** Ways that mend in fewer cases than this say nothing of time and money. */
const LIKELY_ENOUGH = 0.15
const SHOWN = 3
const LEAST_SHARE = 0.08

/** Whether a job is for the one who reads it: what it may be, time, tools, dangers, money, and what speaks for somebody else. */
export function forMe(snapshot: JobSnapshot): ForMe {
  const { suspects } = diagnosisOf(snapshot)
  const { options } = optionsOf(snapshot)
  const own = options.filter(({ kind }) => kind !== 'hired' && kind !== 'new-machine')
  const likelyOwn = own.filter(({ chance }) => chance >= LIKELY_ENOUGH)
  const ways = likelyOwn.length > 0 ? likelyOwn : own
  const [lead] = [...ways].sort((one, two) => two.chance - one.chance)
  const hours = ways.map((way) => way.hours + MAKE_DEAD)
  const money = ways.map(({ cost }) => cost)
  return {
    likely: suspects
      .filter(({ probability }, place) => place < SHOWN && (place === 0 || probability >= LEAST_SHARE))
      .map(({ cause, probability }) => ({ cause, share: probability })),
    hours: hours.length > 0 ? { least: Math.min(...hours), most: Math.max(...hours) } : null,
    needs: kitOf(snapshot).flatMap(({ kind, name }) => (kind === 'used-up' ? [] : [name])),
    hurts: hurtsOf(snapshot),
    costs:
      money.length > 0
        ? {
            least: Math.min(...money),
            most: Math.max(...money),
            hired: options.find(({ kind }) => kind === 'hired')?.cost ?? null,
          }
        : null,
    ifWrong: lead ? riskOf(snapshot, lead) : '',
    skill: lead?.skill ?? 4,
    handOver: reasons(snapshot, lead ?? null),
  }
}

function riskOf(snapshot: JobSnapshot, way: OptionFigures): string {
  const cause = causeOfOption(way.kind, optionsInputOf(snapshot))
  return cause ? stepsOf(actionOfOption(way.kind, cause), snapshot.machine.motorKind).risk : ''
}

function hurtsOf(snapshot: JobSnapshot): string[] {
  const plan = isolationPlans[snapshot.machine.family]
  const { volts } = nominalVolts(snapshot.household, snapshot.machine)
  return [
    `${volts} V, until it is proved dead`,
    ...(capacitorMayBe(snapshot) ? ['a charge that stays after switching off'] : []),
    'a fan that starts by itself',
    ...(plan.points.some(({ point }) => isFuelValve(point)) ? ['gas'] : []),
    ...(neededWaits(snapshot).some(({ kind }) => kind === 'cool-down') ? ['hot metal'] : []),
    ...hurts[snapshot.machine.family],
  ]
}

function reasons(snapshot: JobSnapshot, lead: OptionFigures | null): HandOver[] {
  const { machine } = snapshot
  return [
    ...(activeStops(snapshot).length > 0 ? ['stop' as const] : []),
    ...(lead === null ? ['licensed' as const] : []),
    ...(hasTester(snapshot) ? [] : ['no-meter' as const]),
    ...(lead?.skill === 4 ? ['practised' as const] : []),
    ...(isolationPlans[machine.family].points.some(({ point }) => isFuelValve(point))
      ? ['fuel' as const]
      : []),
  ]
}
