import type { FamilyId } from '../vocabulary'
import { anyFan, atticFan, bathFan, ceilingFan, rangeHood, ventilator } from './air'
import { dehumidifier, ductless, freezerFan, fridgeBack, outdoorUnit } from './cold'
import { caravanHeater, draftInducer, furnaceBlower, pelletStove } from './heating'
import type { Scene, ScenePartId } from './types'

export type { Scene, ScenePart, ScenePartId, Stroke } from './types'

/** Where everything sits: a drawing of each family opened, made for this product. */
export const scenes: Record<FamilyId, Scene> = {
  'bath-exhaust-fan': bathFan,
  'range-hood-fan': rangeHood,
  'ceiling-fan': ceilingFan,
  'attic-vent-fan': atticFan,
  'furnace-blower': furnaceBlower,
  'draft-inducer': draftInducer,
  'outdoor-unit-fan': outdoorUnit,
  'mini-split-indoor-fan': ductless,
  'refrigerator-evaporator-fan': freezerFan,
  'refrigerator-condenser-fan': fridgeBack,
  'rv-furnace-blower': caravanHeater,
  'pellet-stove-exhaust-blower': pelletStove,
  'hrv-fan': ventilator,
  'dehumidifier-fan': dehumidifier,
  'other-fan': anyFan,
}

/**
 * Where a part of a way in sits in the drawing; null where the drawing does not show it.
 *
 * @example scenePartOf('bath-exhaust-fan', 'grille') // 'cover'
 */
export const scenePartOf = (family: FamilyId, part: string): ScenePartId | null =>
  scenes[family].parts.find(({ lines }) => lines?.includes(part))?.id ?? null
