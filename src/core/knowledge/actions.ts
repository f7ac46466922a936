import type { ActionId, CauseId, ToolId } from './vocabulary'

export interface ActionInfo {
  /** Completes "Then: …". */
  label: string
  minutes: number
  /** 1 anybody, 2 a careful first-timer, 3 used to a meter, 4 a trade or a practised repairer. */
  skill: 1 | 2 | 3 | 4
  tools: ToolId[]
  parts: string[]
  /** Cheap, harmless and telling: may be done as a test of itself. What shows that it helped. */
  trial?: string
}

/** Minutes are for a careful person at home, covers included. */
export const actions: Record<string, ActionInfo> = {
  'restore-supply': {
    label: 'restore the supply',
    minutes: 20,
    skill: 2,
    tools: ['meter'],
    parts: ['fuse'],
  },
  'correct-supply': {
    label: 'have the low supply corrected',
    minutes: 30,
    skill: 3,
    tools: ['meter'],
    parts: [],
  },
  'fix-control': {
    label: 'mend the call: thermostat, low-voltage wire, transformer or its fuse',
    minutes: 40,
    skill: 3,
    tools: ['meter'],
    parts: ['fuse', 'transformer', 'thermostat'],
  },
  'find-safety-trip': {
    label: 'find what trips the safety switch',
    minutes: 45,
    skill: 3,
    tools: ['meter'],
    parts: ['switch'],
  },
  'replace-contactor': {
    label: 'replace the contactor',
    minutes: 45,
    skill: 3,
    tools: ['meter', 'tester'],
    parts: ['contactor'],
  },
  'replace-board': {
    label: 'replace the control board',
    minutes: 60,
    skill: 3,
    tools: ['meter'],
    parts: ['board'],
  },
  'replace-switch': {
    label: 'replace the switch',
    minutes: 30,
    skill: 2,
    tools: ['meter', 'tester'],
    parts: ['switch'],
  },
  'repair-wiring': {
    label: 'repair the connection',
    minutes: 40,
    skill: 3,
    tools: ['meter'],
    parts: ['terminal', 'wire'],
  },
  'correct-wiring': {
    label: 'correct the wiring',
    minutes: 40,
    skill: 3,
    tools: ['meter'],
    parts: [],
  },
  'set-rotation': {
    label: 'set the rotation',
    minutes: 25,
    skill: 3,
    tools: ['meter'],
    parts: [],
  },
  'replace-capacitor': {
    label: 'replace the capacitor',
    minutes: 30,
    skill: 2,
    tools: ['meter', 'meter-capacitance'],
    parts: ['run capacitor'],
  },
  'replace-motor': {
    label: 'replace the motor',
    minutes: 150,
    skill: 3,
    tools: ['meter'],
    parts: ['motor', 'run capacitor'],
  },
  'cool-and-retest': {
    label: 'let it cool for an hour and read again',
    minutes: 60,
    skill: 1,
    tools: ['meter'],
    parts: [],
  },
  'replace-module': {
    label: 'replace the motor module',
    minutes: 60,
    skill: 3,
    tools: ['meter'],
    parts: ['motor module'],
  },
  'repair-module': {
    label: 'renew the burnt part in the module',
    minutes: 75,
    skill: 4,
    tools: ['meter'],
    parts: ['inrush limiter'],
  },
  'renew-brushes': {
    label: 'renew the brushes',
    minutes: 45,
    skill: 3,
    tools: ['hand'],
    parts: ['brushes'],
  },
  'renew-bearing-or-motor': {
    label: 'renew the bearing, or the motor',
    minutes: 120,
    skill: 3,
    tools: ['hand'],
    parts: ['bearing', 'motor'],
  },
  're-centre-wheel': {
    label: 'centre the wheel',
    minutes: 30,
    skill: 2,
    tools: ['hand'],
    parts: [],
    trial: 'It turns a full turn without touching.',
  },
  'tighten-hub': {
    label: 'tighten the hub',
    minutes: 25,
    skill: 2,
    tools: ['hand'],
    parts: ['set screw'],
    trial: 'The wheel no longer turns on its shaft, and the noise is gone.',
  },
  'replace-wheel': {
    label: 'replace the wheel',
    minutes: 50,
    skill: 2,
    tools: ['hand'],
    parts: ['wheel'],
  },
  clean: {
    label: 'clean wheel, motor and vents',
    minutes: 45,
    skill: 1,
    tools: ['hand'],
    parts: [],
    trial: 'It turns freely by hand and comes up to its speed.',
  },
  'clear-blockage': {
    label: 'clear what blocks the wheel',
    minutes: 25,
    skill: 1,
    tools: ['hand'],
    parts: [],
    trial: 'It turns a full turn by hand without touching, and runs.',
  },
  'tighten-mount': {
    label: 'tighten the mount',
    minutes: 20,
    skill: 1,
    tools: ['hand'],
    parts: ['bushing'],
    trial: 'The noise is gone.',
  },
  'free-damper': {
    label: 'free the flap',
    minutes: 20,
    skill: 1,
    tools: ['hand'],
    parts: [],
    trial: 'The flap opens with the fan and the air is strong again.',
  },
  'clear-vent': {
    label: 'clear filter, duct and hood',
    minutes: 40,
    skill: 1,
    tools: ['hand'],
    parts: ['filter'],
    trial: 'The air at the grille is strong again.',
  },
  'clear-tube': {
    label: 'clear the tube and the drain',
    minutes: 30,
    skill: 2,
    tools: ['hand'],
    parts: ['hose'],
    trial: 'The burner is let on, and the water runs off.',
  },
  'reseal-or-replace': {
    label: 'reseal or replace the inducer assembly',
    minutes: 120,
    skill: 4,
    tools: ['hand'],
    parts: ['gasket', 'sealant'],
  },
  'replace-belt': {
    label: 'replace the belt',
    minutes: 30,
    skill: 2,
    tools: ['hand'],
    parts: ['belt'],
  },
  'call-licensed-trade': {
    label: 'call a licensed trade',
    minutes: 0,
    skill: 1,
    tools: [],
    parts: [],
  },
}

export const actionInfo = (id: string): ActionInfo => actions[id] ?? actions['call-licensed-trade']!

/**
 * Other actions that mend a cause as well: a module replaced takes its inrush part with it, a motor replaced takes its
 * bearing, a bearing renewed frees one that seized. Where two causes stand together, the action that mends both is decided.
 */
export const alsoMendedBy: Partial<Record<CauseId, { action: ActionId; dearer: boolean }[]>> = {
  'ecm-inrush-part-burnt': [{ action: 'replace-module', dearer: true }],
  'bearing-worn': [{ action: 'replace-motor', dearer: true }],
  'bearing-seized': [{ action: 'renew-bearing-or-motor', dearer: false }],
  // Every lead landed anew by its role, with the turn of the plate: a turn that was set wrong is put right with it.
  'rotation-reversed': [{ action: 'correct-wiring', dearer: true }],
}
