import type { BackAction, RefitStep } from './types'

/** How each act of taking apart is undone; acts that are not named leave nothing to put back. */
export const INVERSE: Partial<Record<RefitStep['action'], BackAction>> = {
  unscrew: 'screw',
  loosen: 'tighten',
  unplug: 'plug',
  disconnect: 'connect',
  'pull-hose': 'push-hose',
  unclip: 'clip',
  'lift-off': 'set-on',
  'slide-out': 'slide-in',
  'cut-tie': 'tie',
  'cut-wire': 'splice',
  unsolder: 'solder',
  'break-seal': 'seal',
  drain: 'close-drain',
}

/** Does a line have one of its own on the way back? */
export const hasWayBack = (action: RefitStep['action'], extra: boolean): boolean =>
  !extra && INVERSE[action] !== undefined
