import { cSideUnknown } from './cSide'
import { byRole, tapsBeyondJoint, windingsAlike } from './motor'
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
  if (byRole(input, 'capacitor-return').length > 0) {
    if (tapsBeyondJoint(input))
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
  if (
    capacitor.kind !== 'none' &&
    motor.needsUf !== undefined &&
    (capacitor.uF === undefined || Math.abs(capacitor.uF - motor.needsUf) > 1e-9)
  )
    warnings.push({
      code: 'capacitor-new-with-motor',
      text: `The motor’s own figure rules: ${motor.needsUf} µF. Fit that capacitor with it.`,
    })
  return warnings
}
