import type { TaskId } from '../../core/knowledge/plants/tasks'
import type { CauseGroup } from '../../core/knowledge/vocabulary'

/** What each lesson asks for, and the one idea that it leaves. */
export const lessonWords: Record<string, { title: string; goal: string; idea: string }> = {
  'prove-dead': {
    title: 'Prove it dead',
    goal: 'Turn off and hold what feeds it, then prove the wiring box of the fan dead: meter on a live source, each pair, meter on the live source again.',
    idea: 'A reading of nothing counts only between two readings that show the meter works.',
  },
  'ghost-volts': {
    title: 'Ghost volts',
    goal: 'The fan’s wires hang free. With the breaker on and the wall switch off, read incoming wire 1 to bare metal: first as it is, then on the range that loads the circuit.',
    idea: 'A free wire beside a live one picks up volts that carry nothing. A load of some thousand ohms takes them away; a live wire stays.',
  },
  'charge-and-bleed': {
    title: 'Charge and bleed',
    goal: 'Make it dead and proved. Then read the FAN section of the capacitor, let it down through the resistor, and read it again.',
    idea: 'A sound motor empties its capacitor at once through its windings. Where a wire has let go, the charge stays.',
  },
  'rule-of-sums': {
    title: 'The rule of sums',
    goal: 'Prove it dead, then read all three pairs of the motor’s leads in ohms.',
    idea: 'Two of the readings add up to the third: that third pair has both windings in a row, and the lead it leaves out is the common one.',
  },
  'four-leads': {
    title: 'Three leads and their landings',
    goal: 'A motor was just hung in. Land its leads so that it runs as it should, then power it.',
    idea: 'The start lead goes to the capacitor, and the capacitor’s other side to where the run lead sits.',
  },
  'dual-capacitor': {
    title: 'One can, two capacitors',
    goal: 'The fan runs and yet something is wrong. Find it.',
    idea: 'The fan tells of its own section alone. The other one is the compressor’s.',
  },
  'read-the-capacitor': {
    title: 'Read the capacitor',
    goal: 'It hums. Find why with as few acts as you can.',
    idea: 'Wires off, discharged, read against its label: one reading weighs more than all the sounds.',
  },
  'follow-the-voltage': {
    title: 'Follow the voltage',
    goal: 'Nothing turns. Follow the volts from the supply towards the motor and find where they end.',
    idea: 'The fault lies between the last point that has the volts and the first that has not.',
  },
  'hot-protector': {
    title: 'What the protector hides',
    goal: 'It does not turn, and it is hot. Find what made it so.',
    idea: 'An open protector looks like an open winding. What heated it is the fault; the protector only told of it.',
  },
  'turn-and-air': {
    title: 'Turn and air',
    goal: 'It runs and hardly any air comes. Find why without opening the wiring box.',
    idea: 'Turning at its full speed, the motor has said that it is sound. The way of the air is what is left.',
  },
  'module-or-motor': {
    title: 'Module or board',
    goal: 'A motor with electronics stands still. Find whether the board asks it to run.',
    idea: 'Line at the module and a command at its plug, and nothing turns: then it is the module.',
  },
  'gas-first': {
    title: 'The cock comes first',
    goal: 'Open the joint of the flue as the procedure has it.',
    idea: 'A joint of gas or flue is opened with the cock shut, or not at all.',
  },
  'start-sequence': {
    title: 'The start sequence',
    goal: 'The inducer runs and the burner never lights. Find why.',
    idea: 'Each step of a start waits for a sign from the one before. Look for the sign that does not come.',
  },
  'by-role': {
    title: 'Wire it by role',
    goal: 'A three-speed motor hangs free. Land each lead by what it is, and run it at each of its speeds.',
    idea: 'Roles come from the ohms and not from the colours; an unused speed lands nowhere else.',
  },
  'other-leads': {
    title: 'Another maker’s leads',
    goal: 'A new fan motor hangs in, and its colours are not those of the old one: purple, black, brown, brown and white. Find by ohms what each of them is, land them, and run it.',
    idea: 'Colours are a maker’s habit. The lead that the largest pair leaves out is the common one, whatever its colour; brown and white comes back from the run winding and is parked where the machine has a capacitor wire of its own.',
  },
  'two-singles': {
    title: 'Two capacitors for one',
    goal: 'The dual capacitor was not to be had. A small one for the fan and a large one for the compressor stand in its place: land both starts, the feed, and the jumper between them.',
    idea: 'C of a dual one is two posts joined. With two cans the jumper joins them, and each start goes to its own.',
  },
  'reversing-plug': {
    title: 'The reversing plug',
    goal: 'A motor that can turn either way is landed. Power it and see which way it turns; if it is the wrong way, make it dead and change its plug.',
    idea: 'Whichever way the start winding lies in the circuit sets the turn. The plug exchanges its two ends; the leads stay where they are.',
  },
  'four-speeds': {
    title: 'Four speeds on three places',
    goal: 'The new blower motor has four speeds, the board three places. High gets the fastest, medium the second slowest, low the slowest; the one left over gets a cap. Run it at each.',
    idea: 'The more ohms to the common, the slower. A speed lead that is left over is live when the others are: it gets a cap of its own.',
  },
}

/** What was put in and is to be wired. */
export const taskWords: Record<TaskId, string> = {
  'other-leads': 'another maker’s motor',
  'two-singles': 'two capacitors for a dual one',
  'turn-plug': 'a motor that turns either way',
  'four-speeds': 'four speeds on three places',
}

/** Groups of causes, as parts of a machine. */
export const skillWords: Record<CauseGroup | 'nothing-wrong', string> = {
  supply: 'Supply',
  control: 'Call, switches and contacts',
  wiring: 'Wires and landings',
  capacitor: 'Capacitor',
  motor: 'Windings and electronics',
  mechanical: 'Wheel, bearings, belt',
  air: 'The way of the air',
  other: 'The other half of the machine',
  'nothing-wrong': 'Nothing wrong',
}
