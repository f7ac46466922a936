import { practiceActs } from './practiceActs'
import { practiceNames } from './practiceNames'
import { practicePlans } from './practicePlans'

/** Everything that the practice bench says. */
export const practice: Readonly<Record<string, string>> = {
  ...practiceNames,
  ...practicePlans,
  ...practiceActs,
}
