import { cSideUnknown } from './cSide'
import { byRole } from './motorShape'
import { plateLandsReversing } from './problems'
import { shapeOf, windingsAlike } from './shape'
import type { WiringInput, WiringResult } from './types'

/** What is right and still to be known before hands go in. */
export function warningsOf(input: WiringInput): WiringResult['warnings'] {
  const { control, capacitor, motor } = input
  const warnings: WiringResult['warnings'] = []
  if (control.kind === 'contactor' && control.poles === 1)
    warnings.push({
      code: 'one-leg-stays-live',
      text: 'The contactor breaks one leg: the other stays live at the motor until disconnect or breaker is off.',
    })
  if (cSideUnknown(input))
    warnings.push({
      code: 'c-side-unknown',
      text: 'Nobody has said on which load terminal C’s wire sits. A jumper to the other leg shorts the line: look, then say which, and add no wire before.',
    })
  const { returns, spares, capacitorOnNeutral } = shapeOf(input)
  if (returns.length + spares.length > 0) {
    if (capacitorOnNeutral)
      warnings.push({
        code: 'plate-decides',
        text: 'The taps lie on the joint’s side: the end with the capacitor’s return is the neutral side, and the joint’s own lead is the fastest speed.',
      })
    if (capacitor.kind !== 'single' || capacitor.commonTiedTo !== undefined)
      warnings.push({
        code: 'return-not-needed',
        text: 'The second lead of the same point is not needed here: cap it, and use its twin as the line lead.',
      })
    warnings.push({
      code: 'plate-decides',
      text: 'Two leads are one point by the ohms. A protector may lie between them: the plate says which one goes to the line.',
    })
  } else if (windingsAlike(input) === true)
    warnings.push({
      code: 'plate-decides',
      text: 'Run and start winding measure alike: only the plate tells which is which, and so the turn.',
    })
  if (plateLandsReversing(input) && [...byRole(input, 'reverse-a'), ...byRole(input, 'reverse-b')].length > 0)
    warnings.push({
      code: 'plate-decides',
      text: 'The reversing leads land as the plate draws them: look at it again, lead by lead.',
    })
  if (
    (capacitor.kind === 'dual' || capacitor.kind === 'single') &&
    motor.needsUf !== undefined &&
    (capacitor.uF === undefined || Math.abs(capacitor.uF - motor.needsUf) > 1e-9)
  )
    warnings.push({
      code: 'capacitor-new-with-motor',
      text: `The motor’s own figure rules: ${motor.needsUf} µF. Fit that capacitor with it.`,
    })
  return warnings
}
