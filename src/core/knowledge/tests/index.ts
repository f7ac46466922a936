import type { TestInfo } from '../types'
import type { ObservationId } from '../vocabulary'
import { handTests } from './byHand'
import { deadTests } from './dead'
import { liveTests } from './live'
import { outsideTests } from './outside'

/**
 * How each observation is made. Minutes are those of a person with a screwdriver who has not done it before;
 * tests of the same observation stand in order of preference.
 */
export const tests: Record<ObservationId, TestInfo[]> = {
  ...outsideTests,
  ...handTests,
  ...deadTests,
  ...liveTests,
}
