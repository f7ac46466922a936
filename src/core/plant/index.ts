export {
  type Act,
  type ActName,
  type Answer,
  isDangerous,
  type Reading,
  type Sense,
  tells,
} from './acts/types'
export { codeOf, isSeed, LEVELS, type Level, planOfCode, type RoundPlan } from './code'
export { type MachineSheet, sheetOf } from './describe'
export { type Drawn, drawMachine, fittingFaults } from './draw'
export { type Played, play, step } from './play'
export { judged, type Review, reviewOf } from './review'
export type { PlantState } from './state'
export { storyOf } from './story'
export { truthOf } from './truth'
