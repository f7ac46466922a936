import { describe, expect, it } from 'vitest'
import type { FamilyId } from '../knowledge/vocabulary'
import { readNotice } from '../words/notice'
import { run } from './run.testing'
import type { DiagnoseInput, Diagnosis } from './types'

interface Voice {
  what: string
  story: string
  family: FamilyId
  /** What was looked at and read afterwards. */
  read: DiagnoseInput['observations']
  kind?: DiagnoseInput['motorKind']
  action: string
}

/** Stories as other people tell them, and what they then found; the classes that were left open or decided wrongly before. */
const voices: Voice[] = [
  {
    what: 'contacts burnt in the contactor',
    story:
      'the big fan box outdoors sits there dead while it is forty degrees, i can hear a clunk when the thermostat calls',
    family: 'outdoor-unit-fan',
    kind: 'psc',
    read: { 'contactor-position': 'pulled-in', 'supply-voltage': 'normal', 'contactor-output': 'none' },
    action: 'replace-contactor',
  },
  {
    what: 'dust on the wheel',
    story: 'loo fan runs but there is hardly any air at the grille, got weaker and weaker since we moved in',
    family: 'bath-exhaust-fan',
    kind: 'shaded-pole',
    read: { damper: 'opens', 'vent-path': 'clear', fouling: 'dirty', 'free-spin': 'free' },
    action: 'clean',
  },
  {
    what: 'a nest in the flue',
    story: 'furnace wont light, the little exhaust motor runs first and then it shuts down again',
    family: 'draft-inducer',
    kind: 'shaded-pole',
    read: {
      'board-code': 'pressure-switch-open',
      'drain-and-tube': 'clear',
      seal: 'tight',
      'vent-path': 'blocked',
    },
    action: 'clear-vent',
  },
  {
    what: 'the season switch of a ceiling fan',
    story: 'ceiling fan pulls the air up since the cleaner was on the ladder, nobody opened it',
    family: 'ceiling-fan',
    kind: 'psc-multispeed',
    read: { direction: 'wrong', 'reversing-switch': 'other-way', 'wiring-changed': 'no' },
    action: 'set-rotation',
  },
  {
    what: 'the module and not the motor',
    story: 'furnace blower stone dead after the lightning the other night',
    family: 'furnace-blower',
    kind: 'ecm',
    read: {
      'control-voltage': 'present',
      'module-supply': 'present',
      'phase-resistances': 'equal',
      'free-spin': 'free',
      connections: 'sound',
    },
    action: 'replace-module',
  },
  {
    what: 'the motor and not the module',
    story: 'heat blower does nothing any more',
    family: 'furnace-blower',
    kind: 'ecm',
    read: { 'module-supply': 'present', 'phase-resistances': 'open', 'free-spin': 'free' },
    action: 'replace-motor',
  },
]

const diagnosed = ({ story, family, read, kind }: Voice): Diagnosis => {
  const { observations } = readNotice({ text: story, family })
  return run(family, { ...observations, ...read }, kind ? { motorKind: kind } : {})
}

describe('told by somebody else', () => {
  it.each(voices)('$what comes to its repair', (voice) => {
    const { decided, leading, trials, notes } = diagnosed(voice)
    // What is cheap and harmless is offered as a repair to try before it is certain.
    const offered = decided?.action ?? trials[0]?.action
    expect(offered ?? `undecided: ${leading.action} ${leading.probability} ${notes.join(' ')}`).toBe(
      voice.action,
    )
    expect(leading.action).toBe(voice.action)
  })
})
