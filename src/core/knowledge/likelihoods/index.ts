import type { LikelihoodTable } from '../types'
import { mechanicalAndAir } from './mechanicalAir'
import { motorFaults } from './motor'
import { supplyAndControl } from './supplyControl'
import { wiringAndCapacitor } from './wiringCapacitor'

/** What each cause makes likely. An observation a cause does not name is left to the leak. */
export const likelihoods: LikelihoodTable = {
  ...supplyAndControl,
  ...wiringAndCapacitor,
  ...motorFaults,
  ...mechanicalAndAir,
}
