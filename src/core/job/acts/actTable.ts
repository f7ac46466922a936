import { benchActs } from '../energy/benchActs'
import { phaseActs } from '../energy/phaseActs'
import { pointActs } from '../energy/pointActs'
import { proofStepActs } from '../energy/proofStepActs'
import { stopActs } from '../energy/stopActs'
import { storedActs } from '../energy/storedActs'
import { evidenceActs } from '../evidence/evidenceActs'
import { measureActs } from '../evidence/measureActs'
import { ledgerActs } from '../ledger/ledgerActs'
import { photoActs } from '../ledger/photoActs'
import { candidateActs } from '../parts/candidateActs'
import { runActs } from '../proving/runActs'
import { soundActs } from '../proving/soundActs'
import type { ActModule, ActsOf } from './actModule'
import type { Act } from './actTypes'
import { jobActs } from './jobActs'

/** Every act that there is, out of the rooms that have them; one that no room has does not compile. */
export const actTable: ActsOf<string> = {
  ...stopActs,
  ...pointActs,
  ...proofStepActs,
  ...storedActs,
  ...benchActs,
  ...phaseActs,
  ...evidenceActs,
  ...measureActs,
  ...candidateActs,
  ...photoActs,
  ...ledgerActs,
  ...runActs,
  ...soundActs,
  ...jobActs,
}

/** The module of one act. The compiler does not follow that a row of the table is that of the act whose kind names it. */
export const moduleOf = <A extends Act>(act: A): ActModule<A['kind']> =>
  actTable[act.kind as A['kind']] as unknown as ActModule<A['kind']>
