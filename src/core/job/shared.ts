import type { JobRow, ListTable } from './rows'

/** Lists that tell of the machine's energy: open jobs at one machine share them, as rows of the one that was opened first. */
export const sharedTables: ListTable[] = [
  'points',
  'proofs',
  'proofReadings',
  'charges',
  'waits',
  'outParts',
  'log',
]

/** The job whose rows tell of the energy: its own id, or that of the job at the same machine which was opened before it. */
export const energyJobOf = ({ id, energyJob }: Pick<JobRow, 'id' | 'energyJob'>): string => energyJob ?? id
