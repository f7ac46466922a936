import { actions } from '../knowledge/actions'
import { electronicKinds, isOf, moduleKinds } from '../knowledge/motorKinds'
import {
  BEARING_PRICE,
  bearingCauses,
  CAPACITOR_PRICE,
  cleaningActions,
  familyFigures,
  MODULE_SHARE,
  motorActions,
  type OptionKind,
  optionInfo,
  optionKinds,
  outsideActions,
  partPrice,
} from '../knowledge/options'
import { type ActionId, type CauseId, causeInfo } from '../knowledge/vocabulary'
import type { OptionEdit, OptionFigures, OptionsInput } from './types'

/** Options that mend in fewer cases than this are not worth a line. */
const LEAST_CHANCE = 0.05
const YEARS_LEFT_AT_LEAST = 3
/** Where the age is not known, half of the life is taken as spent. */
const LIFE_LEFT = 0.5
/** A trade’s part costs about twice the counter price, and an hour this much. */
const TRADE_PART = 2
const TRADE_HOUR = 95

type Figures = Omit<OptionFigures, 'costPerYear'>

/** The options of a case with their figures: the tables’, or the person’s own where typed. */
export function optionsFor(input: OptionsInput): { options: Figures[]; notes: string[] } {
  const lead = leadingAction(input)
  const licensed = licensedOnly(lead)
  const options = optionKinds
    .filter((kind) => isPossible(kind, input, licensed))
    .map((kind) => figuresOf(kind, input, lead))
    .filter(
      ({ kind, chance, edited }) =>
        kind === 'hired' || kind === 'new-machine' || chance >= LEAST_CHANCE || edited.length > 0,
    )
  const notes: string[] = []
  if (licensed) notes.push('What is likeliest here is the work of a licensed trade, by law in many places.')
  if (familyFigures[input.family].universal === null && mendedBy('original', input) >= LEAST_CHANCE)
    notes.push('Its motor is made for this machine: originals fit, universal ones seldom do.')
  return { options, notes }
}

/** The machine is not the household’s to open for this. */
export const licensedOnly = (action: ActionId): boolean => action === 'call-licensed-trade'

function leadingAction({ suspects }: OptionsInput): ActionId {
  const sums = new Map<ActionId, number>()
  for (const { cause, probability } of suspects) {
    const action = causeInfo(cause).action as ActionId
    sums.set(action, (sums.get(action) ?? 0) + probability)
  }
  return [...sums].reduce<[ActionId, number]>(
    (top, entry) => (entry[1] > top[1] ? entry : top),
    ['call-licensed-trade', 0],
  )[0]
}

function isPossible(kind: OptionKind, input: OptionsInput, licensed: boolean): boolean {
  if (licensed) return kind === 'hired' || kind === 'new-machine'
  const electronic = isOf(electronicKinds, input.motorKind)
  if (kind === 'universal-motor') return familyFigures[input.family].universal !== null && !electronic
  if (kind === 'module') return input.motorKind === undefined || isOf(moduleKinds, input.motorKind)
  return true
}

/** The part that fails oftenest among those that are neither motor, capacitor nor dirt. */
export function partAction({ suspects }: OptionsInput): ActionId | null {
  const sums = new Map<ActionId, number>()
  for (const { cause, probability } of suspects) {
    const action = causeInfo(cause).action as ActionId
    if (partPrice[action] !== undefined) sums.set(action, (sums.get(action) ?? 0) + probability)
  }
  const best = [...sums].sort((one, two) => two[1] - one[1])[0]
  return best?.[0] ?? null
}

/** Does the option mend this cause? */
export function mends(kind: OptionKind, cause: CauseId, part: ActionId | null): boolean {
  const action = causeInfo(cause).action as ActionId
  switch (kind) {
    case 'clean':
      return cleaningActions.includes(action)
    case 'capacitor':
      return action === 'replace-capacitor'
    case 'part-inside':
      return action === part
    case 'bearing':
      return bearingCauses.includes(cause)
    case 'module':
      return action === 'replace-module' || action === 'repair-module'
    case 'universal-motor':
    case 'original':
      // A new motor comes with its own capacitor.
      return motorActions.includes(action) || action === 'replace-capacitor'
    case 'hired':
      return true
    case 'new-machine':
      return !outsideActions.includes(action)
  }
}

/** How likely the fault is one that the option mends. */
function mendedBy(kind: OptionKind, input: OptionsInput): number {
  const part = partAction(input)
  return input.suspects
    .filter(({ cause }) => mends(kind, cause, part))
    .reduce((sum, { probability }) => sum + probability, 0)
}

function figuresOf(kind: OptionKind, input: OptionsInput, lead: ActionId): Figures {
  const info = optionInfo[kind]
  const part = partAction(input)
  const edit: OptionEdit = input.edits?.[kind] ?? {}
  const label =
    kind === 'part-inside' && part
      ? `${info.label}: ${actions[part]!.parts[0] ?? actions[part]!.label}`
      : info.label
  return {
    kind,
    label,
    text: info.text,
    cost: edit.cost ?? priceOf(kind, input, lead, part),
    hours: edit.hours ?? (kind === 'part-inside' && part ? actions[part]!.minutes / 60 : info.hours),
    skill: kind === 'part-inside' && part ? actions[part]!.skill : info.skill,
    chance:
      edit.chancePercent === undefined
        ? Math.min(1, mendedBy(kind, input)) * info.craft
        : edit.chancePercent / 100,
    years: edit.years ?? yearsOf(kind, input),
    edited: (Object.keys(edit) as (keyof OptionEdit)[]).filter((key) => edit[key] !== undefined),
  }
}

/** A repair serves no longer than the machine around it. */
function yearsOf(kind: OptionKind, { family, ageYears }: OptionsInput): number {
  const { machineYears } = familyFigures[family]
  if (kind === 'new-machine') return machineYears
  const left = Math.max(
    YEARS_LEFT_AT_LEAST,
    ageYears === undefined ? machineYears * LIFE_LEFT : machineYears - ageYears,
  )
  return Math.min(optionInfo[kind].years, left)
}

function priceOf(kind: OptionKind, { family }: OptionsInput, lead: ActionId, part: ActionId | null): number {
  const figures = familyFigures[family]
  switch (kind) {
    case 'clean':
      return 0
    case 'capacitor':
      return CAPACITOR_PRICE
    case 'part-inside':
      return part ? (partPrice[part] ?? 0) : 0
    case 'bearing':
      return BEARING_PRICE
    case 'module':
      return Math.round(figures.original * MODULE_SHARE)
    case 'universal-motor':
      return figures.universal ?? figures.original
    case 'original':
      return figures.original
    case 'hired':
      return Math.round(
        figures.callOut +
          TRADE_PART * partOfAction(lead, family) +
          TRADE_HOUR * Math.max(0, (actions[lead]?.minutes ?? 0) / 60 - 1),
      )
    case 'new-machine':
      return figures.newMachine
  }
}

function partOfAction(action: ActionId, family: OptionsInput['family']): number {
  if (action === 'replace-capacitor') return CAPACITOR_PRICE
  if (action === 'replace-module') return familyFigures[family].original * MODULE_SHARE
  if (motorActions.includes(action)) return familyFigures[family].original
  return partPrice[action] ?? 0
}

/** Actions that a cause names, by their ids. */
const isAction = (id: string): id is ActionId => Object.hasOwn(actions, id)

/** What a trade takes for an act at a machine of this family, by the same figures as the options of a job; null for an act that is none. */
export const hiredPrice = (family: OptionsInput['family'], action: string): number | null =>
  isAction(action) ? priceOf('hired', { family, suspects: [] }, action, null) : null
