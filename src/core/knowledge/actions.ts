import type { ToolId } from './vocabulary'

export interface ActionInfo {
  /** Completes "Then: …". */
  label: string
  minutes: number
  /** 1 anybody, 2 a careful first-timer, 3 used to a meter, 4 a trade or a practised repairer. */
  skill: 1 | 2 | 3 | 4
  tools: ToolId[]
  parts: string[]
  risk: string
  steps: string
}

/** Minutes are for a careful person at home, covers included. */
export const actions: Record<string, ActionInfo> = {
  'restore-supply': { label: 'restore the supply', minutes: 20, skill: 2, tools: ['meter'], parts: ['fuse'], risk: 'A breaker held in against a fault heats the wires in the wall.', steps: 'Check the load first, reset the breaker once. If it trips again at once, stop and call an electrician.' },
  'correct-supply': { label: 'have the low supply corrected', minutes: 30, skill: 3, tools: ['meter'], parts: [], risk: 'A motor on low voltage overheats.', steps: 'Look for a long or thin extension lead and a loose terminal; a low house supply is the utility’s or an electrician’s.' },
  'fix-control': { label: 'mend the call: thermostat, low-voltage wire, transformer or its fuse', minutes: 40, skill: 3, tools: ['meter'], parts: ['fuse', 'transformer', 'thermostat'], risk: 'A larger fuse burns the transformer.', steps: 'Follow the call from the control inwards until the voltage is lost.' },
  'find-safety-trip': { label: 'find what trips the safety switch', minutes: 45, skill: 3, tools: ['meter'], parts: ['switch'], risk: 'A safety switch is never bridged; it holds the machine off for a reason.', steps: 'Find the open switch, then why it opened: blocked air, water, a door, a flame fault.' },
  'replace-contactor': { label: 'replace the contactor', minutes: 45, skill: 3, tools: ['meter', 'tester'], parts: ['contactor'], risk: 'One pole passes voltage with the call off.', steps: 'Note every wire and terminal, match coil volts, poles and amps.' },
  'replace-board': { label: 'replace the control board', minutes: 60, skill: 3, tools: ['meter'], parts: ['board'], risk: 'Static and a wrong plug kill a new board.', steps: 'Unique to the machine: order by the full model number.' },
  'replace-switch': { label: 'replace the switch', minutes: 30, skill: 2, tools: ['meter', 'tester'], parts: ['switch'], risk: 'A box may hold two circuits.', steps: 'Prove the box dead, match the switching pattern.' },
  'repair-wiring': { label: 'repair the connection', minutes: 40, skill: 3, tools: ['meter'], parts: ['terminal', 'wire'], risk: 'A connection that was hot will be hot again if only pushed together.', steps: 'Cut back to clean copper, renew the terminal.' },
  'correct-wiring': { label: 'correct the wiring', minutes: 40, skill: 3, tools: ['meter'], parts: [], risk: 'A start winding straight across the line burns in seconds.', steps: 'Wire by the role of each lead, from the plate or the ohms.' },
  'set-rotation': { label: 'set the rotation', minutes: 25, skill: 3, tools: ['meter'], parts: [], risk: 'Exchanging unequal windings burns the start winding.', steps: 'Exchange the reversing plug or leads as the motor’s own diagram says.' },
  'replace-capacitor': { label: 'replace the capacitor', minutes: 30, skill: 2, tools: ['meter', 'meter-capacitance'], parts: ['run capacitor'], risk: 'A charged capacitor bites; a lower voltage rating bursts.', steps: 'Same µF, same or higher volts. Then look at the fan again before buying a motor.' },
  'replace-motor': { label: 'replace the motor', minutes: 150, skill: 3, tools: ['meter'], parts: ['motor', 'run capacitor'], risk: 'A wrong speed, turn or wiring overheats the new motor.', steps: 'Match plate and sizes, move the parts that belong over, wire by role.' },
  'cool-and-retest': { label: 'let it cool for an hour and read again', minutes: 60, skill: 1, tools: ['meter'], parts: [], risk: 'Such a motor restarts without warning while the power is on.', steps: 'Power off, wait, read the open pair again; then find what overheated it.' },
  'replace-module': { label: 'replace the motor module', minutes: 60, skill: 3, tools: ['meter'], parts: ['motor module'], risk: 'Stored charge; a jumper left in selects 120 V.', steps: 'By part number only; same orientation, drain side down.' },
  'repair-module': { label: 'renew the burnt part in the module', minutes: 75, skill: 4, tools: ['meter'], parts: ['inrush limiter'], risk: 'Stored charge; soldering on a mains board.', steps: 'Wait 10 minutes or the label’s time, measure the DC, then open. Or replace the module.' },
  'renew-brushes': { label: 'renew the brushes', minutes: 45, skill: 3, tools: ['hand'], parts: ['brushes'], risk: 'A rough commutator eats new brushes.', steps: 'Clean the commutator, seat the brushes.' },
  'renew-bearing-or-motor': { label: 'renew the bearing, or the motor', minutes: 120, skill: 3, tools: ['hand'], parts: ['bearing', 'motor'], risk: 'A cheap bearing loose on its shaft spoils the motor.', steps: 'A sleeve bearing may take oil for a while; a ball bearing is changed or the motor is.' },
  're-centre-wheel': { label: 'centre the wheel', minutes: 30, skill: 2, tools: ['hand'], parts: [], risk: 'Sharp edges.', steps: 'Equal gaps, set screw on the flat, turn by hand before and after.' },
  'tighten-hub': { label: 'tighten the hub', minutes: 25, skill: 2, tools: ['hand'], parts: ['set screw'], risk: 'A hub tightened beside its flat loosens again.', steps: 'Set screw on the flat at the old depth.' },
  'replace-wheel': { label: 'replace the wheel', minutes: 50, skill: 2, tools: ['hand'], parts: ['wheel'], risk: 'A wheel of another pitch overloads the motor.', steps: 'Diameter, width, bore, turn and pitch.' },
  clean: { label: 'clean wheel, motor and vents', minutes: 45, skill: 1, tools: ['hand'], parts: [], risk: 'Water in the motor.', steps: 'Dry brush and vacuum; grease with a cloth, never a jet.' },
  'clear-blockage': { label: 'clear what blocks the wheel', minutes: 25, skill: 1, tools: ['hand'], parts: [], risk: 'It may start when freed: power off first. Ice is thawed, never chipped.', steps: 'Then ask where it came from: ice points to the defrost.' },
  'tighten-mount': { label: 'tighten the mount', minutes: 20, skill: 1, tools: ['hand'], parts: ['bushing'], risk: 'Weight overhead.', steps: 'Renew a perished bushing.' },
  'free-damper': { label: 'free the flap', minutes: 20, skill: 1, tools: ['hand'], parts: [], risk: 'Sharp sheet metal.', steps: 'Clean the hinge; remove tape or paint.' },
  'clear-vent': { label: 'clear filter, duct and hood', minutes: 40, skill: 1, tools: ['hand'], parts: ['filter'], risk: 'Ladder.', steps: 'Start with the filter.' },
  'clear-tube': { label: 'clear the tube and the drain', minutes: 30, skill: 2, tools: ['hand'], parts: ['hose'], risk: 'A tube on the wrong port hides a blocked flue.', steps: 'Blow through with the tube off the switch, refill the trap.' },
  'reseal-or-replace': { label: 'reseal or replace the inducer assembly', minutes: 120, skill: 4, tools: ['hand'], parts: ['gasket', 'sealant'], risk: 'Flue gas in the house.', steps: 'New gasket, sealant cured, CO alarm on the floor; else a licensed trade.' },
  'replace-belt': { label: 'replace the belt', minutes: 30, skill: 2, tools: ['hand'], parts: ['belt'], risk: 'Fingers between belt and pulley.', steps: 'Same section and length, a finger of slack.' },
  'call-licensed-trade': { label: 'call a licensed trade', minutes: 0, skill: 1, tools: [], parts: [], risk: 'Refrigerant, gas and supply are theirs by law in many places.', steps: 'Take the record along: what was measured, and when.' },
}

export const actionInfo = (id: string): ActionInfo => actions[id] ?? actions['call-licensed-trade']!
