import type { TestInfo } from '../types'
import type { ObservationId } from '../vocabulary'

export type TestTable = Partial<Record<ObservationId, TestInfo[]>>
