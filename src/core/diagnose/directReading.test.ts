import { describe, expect, it } from 'vitest'
import type { ActionId, FamilyId, MotorKindId } from '../knowledge/vocabulary'
import { diagnose } from '.'
import { offered, textbookCases } from './simulate.testing'
import type { DiagnoseInput, Findings } from './types'

/** What was read at the thing itself, what it is a reading of, and the action that follows. */
const rows: [string, FamilyId, MotorKindId, Findings, ActionId, string][] = [
  [
    'contacts open though pulled in',
    'outdoor-unit-fan',
    'psc',
    {
      'fan-state': 'dead',
      'contactor-position': 'pulled-in',
      'control-voltage': 'present',
      'supply-voltage': 'normal',
      'contactor-output': 'none',
    },
    'replace-contactor',
    'contactor-contacts-bad',
  ],
  [
    'a coil that is open',
    'outdoor-unit-fan',
    'psc',
    {
      'fan-state': 'dead',
      'contactor-position': 'not-pulled-in',
      'control-voltage': 'present',
      'contactor-coil': 'open',
    },
    'replace-contactor',
    'contactor-coil-open',
  ],
  [
    'an open phase',
    'furnace-blower',
    'ecm',
    { 'fan-state': 'dead', 'phase-resistances': 'open' },
    'replace-motor',
    'winding-open',
  ],
  [
    'a winding open on a cold motor',
    'bath-exhaust-fan',
    'shaded-pole',
    { 'fan-state': 'dead', 'case-heat': 'cold', winding: 'open' },
    'replace-motor',
    'winding-open',
  ],
  [
    'a winding open on a cold motor with a capacitor',
    'furnace-blower',
    'psc-multispeed',
    { 'fan-state': 'dead', 'case-heat': 'cold', winding: 'open' },
    'replace-motor',
    'winding-open',
  ],
  [
    'still open when cold',
    'refrigerator-condenser-fan',
    'shaded-pole',
    { 'fan-state': 'dead', winding: 'open', 'cold-retest': 'still-open' },
    'replace-motor',
    'winding-open',
  ],
  [
    'a module powered, called and silent, with sound phases',
    'furnace-blower',
    'ecm',
    {
      'fan-state': 'dead',
      'module-supply': 'present',
      'motor-voltage': 'normal',
      'phase-resistances': 'equal',
    },
    'replace-module',
    'ecm-module-failed',
  ],
  [
    'a burnt part in the module',
    'furnace-blower',
    'ecm',
    { 'fan-state': 'dead', 'module-look': 'burnt-part' },
    'replace-module',
    'ecm-module-failed',
  ],
  [
    'a burnt connection',
    'furnace-blower',
    'psc',
    { 'fan-state': 'dead', connections: 'loose-or-burnt' },
    'repair-wiring',
    'wiring-loose-or-burnt',
  ],
  [
    'a safety switch open',
    'furnace-blower',
    'psc',
    { 'fan-state': 'dead', 'safety-switches': 'one-open' },
    'find-safety-trip',
    'safety-switch-open',
  ],
  [
    'a switch that does not close',
    'bath-exhaust-fan',
    'psc',
    { 'fan-state': 'dead', 'wall-switch': 'bad' },
    'replace-switch',
    'wall-switch-or-pull-chain',
  ],
  [
    'an open capacitor',
    'outdoor-unit-fan',
    'psc',
    { 'fan-state': 'hums', 'capacitor-fan-reading': 'open' },
    'replace-capacitor',
    'capacitor-open',
  ],
  [
    'a weak capacitor',
    'ceiling-fan',
    'psc-multispeed',
    { 'fan-state': 'slow', 'capacitor-fan-reading': 'low' },
    'replace-capacitor',
    'capacitor-weak',
  ],
  [
    'worn brushes',
    'rv-furnace-blower',
    'brushed-dc',
    { 'fan-state': 'dead', 'brush-length': 'worn-short' },
    'renew-brushes',
    'brushes-worn',
  ],
  [
    'a broken belt',
    'attic-vent-fan',
    'split-phase',
    { 'fan-state': 'runs-little-air', belt: 'broken' },
    'replace-belt',
    'belt-worn',
  ],
  [
    'a stuck flap',
    'bath-exhaust-fan',
    'psc',
    { 'fan-state': 'runs-little-air', damper: 'stuck' },
    'free-damper',
    'damper-stuck',
  ],
  [
    'a blocked drain or tube',
    'draft-inducer',
    'shaded-pole',
    { 'fan-state': 'runs-normally', 'drain-and-tube': 'blocked' },
    'clear-tube',
    'pressure-tube-or-drain',
  ],
  [
    'a draught at the seal',
    'draft-inducer',
    'shaded-pole',
    { 'fan-state': 'runs-noisy', seal: 'draught-felt' },
    'reseal-or-replace',
    'seal-or-housing-leaking',
  ],
  [
    'a winding to the frame',
    'bath-exhaust-fan',
    'shaded-pole',
    { 'fan-state': 'dead', 'to-frame': 'leaks' },
    'replace-motor',
    'winding-grounded',
  ],
  [
    'no supply',
    'bath-exhaust-fan',
    'psc',
    // Why it is out is looked at as well: one that tripped asks for the frame before it is put back.
    { 'fan-state': 'dead', 'supply-voltage': 'none', breaker: 'off' },
    'restore-supply',
    'no-supply',
  ],
  [
    'too much supply',
    'bath-exhaust-fan',
    'psc',
    { 'fan-state': 'runs-noisy', 'supply-voltage': 'high' },
    'call-licensed-trade',
    'supply-too-high',
  ],
  [
    'a seized shaft',
    'draft-inducer',
    'shaded-pole',
    { 'fan-state': 'hums', 'free-spin': 'seized', fouling: 'clean' },
    'replace-motor',
    'bearing-seized',
  ],
]

/** Tests made after the reading until it is decided, answered as the cause mostly looks. */
function testsAfter(input: DiagnoseInput, cause: string): { tests: number; action: string | null } {
  const hidden = textbookCases().find(
    (each) => each.family === input.family && each.motorKind === input.motorKind && each.cause === cause,
  )
  for (let tests = 0; tests < 40; tests++) {
    const state = diagnose(input)
    if (state.decided) return { tests, action: state.decided.action }
    const next = offered(state, input)
    if (!next || !('observation' in next) || !hidden) return { tests, action: null }
    const value = hidden.answer(next.observation)
    if (value === null) input.declined = [...(input.declined ?? []), next.observation]
    else input.observations = { ...input.observations, [next.observation]: value }
  }
  return { tests: 40, action: null }
}

describe('a reading at the very thing speaks last', () => {
  it.each(rows)(
    '%s (%s, %s): at most one more test stands before the decision',
    (_, family, motorKind, observations, action, cause) => {
      const { tests, action: decided } = testsAfter(
        { family, motorKind, observations: { ...observations } },
        cause,
      )
      expect(decided).toBe(action)
      expect(tests).toBeLessThanOrEqual(1)
    },
  )
})
