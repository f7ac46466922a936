import { actionInfo } from './actions'
import { capacitorKinds, electronicKinds, fixedTurnKinds, isOf } from './motorKinds'
import type { ActionId, MotorKindId } from './vocabulary'

export interface ActionSteps {
  /** What it does to the machine or to somebody if done wrong. */
  risk: string
  steps: string
}

const forATrade: ActionSteps = {
  risk: 'Refrigerant, gas and supply are theirs by law in many places.',
  steps: 'Take the record along: what was measured, and when.',
}

/** How each action is done. Apart from the actions themselves, whose names and minutes every page of a job needs. */
const actionSteps: Record<string, ActionSteps> = {
  'restore-supply': {
    risk: 'A breaker held in against a fault heats the wires in the wall.',
    steps:
      'Part the load first and read it dead: frame, capacitor, windings. Then reset the breaker once with the load still parted. If it trips, leave it off and call an electrician.',
  },
  'correct-supply': {
    risk: 'A motor on low voltage overheats.',
    steps:
      'Look for a long or thin extension lead and a loose terminal; a low house supply is the utility’s or an electrician’s.',
  },
  'fix-control': {
    risk: 'A larger fuse burns the transformer.',
    steps: 'Follow the call from the control inwards until the voltage is lost.',
  },
  'find-safety-trip': {
    risk: 'A safety switch is never bridged; it holds the machine off for a reason.',
    steps: 'Find the open switch, then why it opened: blocked air, water, a door, a flame fault.',
  },
  'replace-contactor': {
    risk: 'One pole passes voltage with the call off.',
    steps: 'Note every wire and terminal, match coil volts, poles and amps.',
  },
  'replace-board': {
    risk: 'Static and a wrong plug kill a new board.',
    steps: 'Unique to the machine: order by the full model number.',
  },
  'replace-switch': {
    risk: 'A box may hold two circuits.',
    steps: 'Prove the box dead, match the switching pattern.',
  },
  'repair-wiring': {
    risk: 'A connection that was hot will be hot again if only pushed together.',
    steps: 'Cut back to clean copper, renew the terminal.',
  },
  'correct-wiring': {
    risk: 'A start winding straight across the line burns in seconds.',
    steps: 'Wire by the role of each lead, from the plate or the ohms.',
  },
  'set-rotation': {
    risk: 'Exchanging unequal windings burns the start winding.',
    steps: 'Exchange the reversing plug or leads as the motor’s own diagram says.',
  },
  'replace-capacitor': {
    risk: 'A charged capacitor bites; a lower voltage rating bursts.',
    steps: 'Same µF, same or higher volts. Then look at the fan again before buying a motor.',
  },
  'replace-motor': {
    risk: 'A wrong speed, turn or wiring overheats the new motor.',
    steps: 'Match plate and sizes, move the parts that belong over, wire by role.',
  },
  'cool-and-retest': {
    risk: 'Such a motor restarts without warning while the power is on.',
    steps: 'Power off, wait, read the open pair again; then find what overheated it.',
  },
  'replace-module': {
    risk: 'Stored charge; a jumper left in selects 120 V.',
    steps: 'By part number only; same orientation, drain side down.',
  },
  'repair-module': {
    risk: 'Stored charge; soldering on a mains board.',
    steps: 'Wait 10 minutes or the label’s time, measure the DC, then open. Or replace the module.',
  },
  'renew-brushes': {
    risk: 'A rough commutator eats new brushes.',
    steps: 'Clean the commutator, seat the brushes.',
  },
  'renew-bearing-or-motor': {
    risk: 'A cheap bearing loose on its shaft spoils the motor.',
    steps: 'A sleeve bearing may take oil for a while; a ball bearing is changed or the motor is.',
  },
  're-centre-wheel': {
    risk: 'Sharp edges.',
    steps: 'Equal gaps, set screw on the flat, turn by hand before and after.',
  },
  'tighten-hub': {
    risk: 'A hub tightened beside its flat loosens again.',
    steps: 'Set screw on the flat at the old depth.',
  },
  'replace-wheel': {
    risk: 'A wheel of another pitch overloads the motor.',
    steps: 'Diameter, width, bore, turn and pitch.',
  },
  clean: {
    risk: 'Water in the motor.',
    steps: 'Dry brush and vacuum; grease with a cloth, never a jet.',
  },
  'clear-blockage': {
    risk: 'It may start when freed: power off first. Ice is thawed, never chipped.',
    steps: 'Then ask where it came from: ice points to the defrost.',
  },
  'tighten-mount': {
    risk: 'Weight overhead.',
    steps: 'Renew a perished bushing.',
  },
  'free-damper': {
    risk: 'Sharp sheet metal.',
    steps: 'Clean the hinge; remove tape or paint.',
  },
  'clear-vent': {
    risk: 'Ladder.',
    steps: 'Start with the filter.',
  },
  'clear-tube': {
    risk: 'A tube on the wrong port hides a blocked flue.',
    steps: 'Blow through with the tube off the switch, refill the trap.',
  },
  'reseal-or-replace': {
    risk: 'Flue gas in the house.',
    steps: 'New gasket, sealant cured, CO alarm on the floor; else a licensed trade.',
  },
  'replace-belt': {
    risk: 'Fingers between belt and pulley.',
    steps: 'Same section and length, a finger of slack.',
  },
  'call-licensed-trade': forATrade,
}

/** What is done otherwise where the kind of the motor asks for it. */
const byKind: { action: string; kinds: MotorKindId[]; steps: ActionSteps }[] = [
  {
    action: 'set-rotation',
    kinds: fixedTurnKinds,
    steps: {
      risk: 'Its leads do not set the turn: exchanged, they change nothing.',
      steps:
        'Take the rotor out and put it back from the other side, or turn the stator end for end; mark both before. Look at the wheel first: one fitted the wrong way round blows the wrong way too.',
    },
  },
  {
    action: 'set-rotation',
    kinds: electronicKinds,
    steps: {
      risk: 'Its board or module sets the turn: exchanged leads destroy it.',
      steps:
        'Look for a turn plug or a switch of its own, and at the sheet of the machine; its leads stay as they are.',
    },
  },
]

/** @example stepsOf('restore-supply').risk // 'A breaker held in against a fault heats the wires in the wall.' */
export const stepsOf = (action: string, kind: MotorKindId | null = null): ActionSteps =>
  byKind.find((each) => each.action === action && isOf(each.kinds, kind))?.steps ??
  actionSteps[action] ??
  forATrade

/**
 * The parts that an action asks for on a motor of this kind: none gets a capacitor that it has no use for.
 *
 * @example partsOf('replace-motor', 'shaded-pole') // ['motor']
 */
export const partsOf = (action: ActionId, kind: MotorKindId | null): string[] =>
  actionInfo(action).parts.filter(
    (part) => part !== 'run capacitor' || kind === null || isOf(capacitorKinds, kind),
  )
