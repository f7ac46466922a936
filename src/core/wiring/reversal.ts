import { fixedTurnKinds, isOf } from '../knowledge/motorKinds'
import { byRole } from './motorShape'
import { shapeOf, windingsAlike } from './shape'
import type { WiringInput, WiringResult } from './types'

interface Reversal {
  reversal: WiringResult['reversal']
  /** Run and start lead change places. */
  exchange: boolean
  warnings: WiringResult['warnings']
}

/** How the turn is changed: the reversing pair, else the windings where they measure alike, else only the motor’s diagram. */
export function reversalOf(input: WiringInput): Reversal {
  const { rotationWanted, rotationNow } = input
  if (!rotationWanted || !rotationNow || rotationWanted === rotationNow)
    return { reversal: null, exchange: false, warnings: [] }
  if (isOf(fixedTurnKinds, input.motor.kind))
    return {
      reversal: {
        method: 'turn-stator',
        text: 'A shaded-pole motor turns the other way only when its rotor or its stator is turned end for end; no leads do it.',
      },
      exchange: false,
      warnings: [],
    }
  if (byRole(input, 'reverse-a').length > 0 && byRole(input, 'reverse-b').length > 0)
    return {
      reversal: {
        method: 'reversing-pair',
        text: 'Turn the reversing plug round, or exchange its two leads, as the motor’s diagram says.',
      },
      exchange: false,
      warnings: [],
    }
  const alike = windingsAlike(input)
  const { starts, speeds } = shapeOf(input)
  const canSwap = starts.length > 0 && speeds.length === 1
  if (alike === true && canSwap && input.capacitor.kind !== 'none')
    return {
      reversal: {
        method: 'exchange-windings',
        text: 'Run and start winding measure alike: exchange the run and the start lead.',
      },
      exchange: true,
      warnings: [],
    }
  const why =
    alike === null
      ? 'the windings were not measured'
      : canSwap
        ? 'run and start winding differ by more than 10 %'
        : 'its windings cannot be exchanged'
  return {
    reversal: {
      method: 'diagram',
      text: `Only as the motor’s own diagram shows: ${why}. Exchanged blindly the start winding burns.`,
    },
    exchange: false,
    warnings: [
      {
        code: 'unequal-windings-swap',
        text: `Run and start lead are not exchanged: ${why}. The motor’s own diagram, or a motor of the other turn.`,
      },
    ],
  }
}
