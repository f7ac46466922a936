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
    goal: 'A three-speed motor hangs free. Land each lead by what it is, and run it.',
    idea: 'Roles come from the ohms and not from the colours; an unused speed lands nowhere else.',
  },
}
