import { motorTemplates, type Template } from '../templates'
import type { FamilyId } from '../vocabulary'
import { screwedGrille } from './bath'
import { caravanRebuild, caravanWhole } from './caravan'
import { freezerSide, freshFoodSide } from './cold'
import { condensingBlower, electronicWhole, moduleAlone } from './furnace'
import { chassisOpened, coilLifted } from './indoor'
import { condensingInducer, inducerBearing } from './inducer'
import type { Way } from './types'

export type { Way } from './types'

/** Builds and repairs of a family beside its usual way. Where nothing stands the usual way serves. */
const more: Partial<Record<FamilyId, Way[]>> = {
  'bath-exhaust-fan': [screwedGrille],
  'furnace-blower': [condensingBlower, electronicWhole, moduleAlone],
  'draft-inducer': [condensingInducer, inducerBearing],
  'mini-split-indoor-fan': [coilLifted, chassisOpened],
  'refrigerator-evaporator-fan': [freezerSide, freshFoodSide],
  'rv-furnace-blower': [caravanWhole, caravanRebuild],
}

/**
 * The ways of a family beside its usual one.
 *
 * @example moreWays('draft-inducer').map(({ id }) => id) // ['condensing', 'bearing']
 */
export const moreWays = (family: FamilyId): Way[] => more[family] ?? []

/** A way by its id; the usual one where it is empty; null where the family has no such way. */
export const wayOf = (family: FamilyId, id: string): Template | null =>
  id === '' ? motorTemplates[family] : (moreWays(family).find((way) => way.id === id) ?? null)
