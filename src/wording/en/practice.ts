import { practiceActs } from './practiceActs'
import { practiceNames } from './practiceNames'

/** Everything that the practice bench says. */
export const practice: Readonly<Record<string, string>> = { ...practiceNames, ...practiceActs }
