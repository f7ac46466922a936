import type { By } from '../../job/acts/actTypes'
import type { HousePlan, HouseRows, MeasuredRow, NormalSoundRow } from '../rows'
import type { DueTask } from '../season'
import type * as inputs from './inputs'

/** What a person does to the household, by its kind, with what it carries. */
export interface HouseActs {
  'machine.add': inputs.MachineAdd
  'machine.change': inputs.MachineChange
  'machine.retire': inputs.MachineRetire
  'machine.return': inputs.OneId
  'machine.merge': inputs.MachineMerge
  'fitted.put': inputs.FittedPut
  'fitted.gone': inputs.FittedGone
  'fitted.remove': inputs.OneId
  'readings.add': inputs.ReadingsAdd
  'reading.strike': inputs.ReadingStrike
  'sound.keep': inputs.SoundKeep
  'breaker.put': inputs.BreakerPut
  'breaker.remove': inputs.OneId
  'load.put': inputs.LoadPut
  'load.remove': inputs.OneId
  'round.begin': inputs.RoundBegin
  'round.tick': inputs.RoundTick
  'round.job': inputs.RoundJob
  'round.end': inputs.OneId
  'spare.put': inputs.SparePut
  'spare.count': inputs.SpareCount
  'spare.use': inputs.SpareUse
  'guest.add': inputs.GuestAdd
  'guest.end': inputs.OneId
}
export type HouseActKind = keyof HouseActs

/** When an act is done, by whom, and what it is planned from beside the rows. */
export interface HouseDoing {
  now: number
  by: By
  /** A new id each time. */
  newId: () => string
  /** The household writes temperatures in °F. */
  fahrenheit: boolean
  /** What is due, so that a round knows why each thing is on it. */
  due: DueTask[]
  /** Readings and recordings of a machine that an act names. */
  measuredOf: (machineId: string) => { measured: MeasuredRow[]; sounds: NormalSoundRow[] }
}

export type PlanOf<Kind extends HouseActKind> = (
  rows: HouseRows,
  act: HouseActs[Kind],
  doing: HouseDoing,
) => HousePlan

/** The acts of one room: each of its kinds, or it does not compile. */
export type HouseRoom<Kinds extends HouseActKind> = { [Kind in Kinds]: PlanOf<Kind> }
