import type { ActionId, ObservationId } from './vocabulary'

/** A look or reading at the very thing an action is about, and the values of it that count; `any`: whatever it showed. */
export interface Witness {
  observation: ObservationId
  values: string[] | 'any'
}

const any = (...observations: ObservationId[]): Witness[] =>
  observations.map((observation) => ({ observation, values: 'any' }))

/**
 * What stands behind a decision: one of these was made, the most direct first. By elimination alone nothing is bought,
 * opened or rewired; a story told three ways is still one story.
 */
export const witnesses: Partial<Record<ActionId, Witness[]>> = {
  'restore-supply': any('supply-voltage', 'breaker'),
  'correct-supply': any('supply-voltage', 'contactor-output', 'motor-voltage'),
  'fix-control': any('control-voltage', 'contactor-position', 'board-code', 'motor-voltage', 'board-drive'),
  'find-safety-trip': any('safety-switches', 'board-code'),
  'replace-contactor': any(
    'contactor-output',
    'contactor-coil',
    'contactor-position',
    'wall-switch',
    'control-voltage',
  ),
  'replace-board': any('motor-voltage', 'board-drive'),
  'replace-switch': any('wall-switch', 'motor-voltage'),
  'repair-wiring': any('connections', 'motor-voltage'),
  'replace-capacitor': [
    ...any('capacitor-fan-reading', 'capacitor-other-reading', 'capacitor-label-match'),
    // A flat top proves nothing; a domed, burnt or cracked one does.
    { observation: 'capacitor-look', values: ['bulged-or-leaking', 'burnt', 'cracked'] },
    // Without a meter the push tells: it clears supply, call, board and the run winding.
    { observation: 'nudge-start', values: ['starts-and-runs', 'starts-slowly'] },
  ],
  'replace-motor': any(
    'winding',
    'to-frame',
    'phase-resistances',
    'free-spin',
    'board-drive',
    'motor-voltage',
  ),
  'replace-module': any('module-supply', 'phase-resistances', 'module-look'),
  'repair-module': any('module-look'),
  'renew-bearing-or-motor': any('free-spin', 'coast-down', 'sound'),
}
