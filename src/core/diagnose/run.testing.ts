import type { CauseId } from '../knowledge/vocabulary'
import { type DiagnoseInput, type Diagnosis, diagnose } from '.'

export const run = (
  family: DiagnoseInput['family'],
  observations: DiagnoseInput['observations'],
  more: Partial<DiagnoseInput> = {},
): Diagnosis => diagnose({ family, observations, ...more })

export const top = (result: Diagnosis): CauseId => result.suspects[0]!.cause

/** What these causes have together. */
export const share = (result: Diagnosis, ...causes: CauseId[]): number =>
  result.suspects.filter((s) => causes.includes(s.cause)).reduce((sum, s) => sum + s.probability, 0)
