import type { FamilyId, ObservationId } from './vocabulary'

/** One event of a start, with when it is due and what it means where it is late or does not come. */
export interface SequenceEvent {
  id: string
  /** What one sees or hears. */
  what: string
  /** The event that it is counted from; the first ones from the call. */
  from: string
  /** Seconds after `from`: not sooner than the first, not later than the second. */
  window: readonly [earliest: number, latest: number]
  /** What one does oneself, when one likes: it has no window and is never late. */
  own?: true
  /** It may pass unheard: without it the next ones are counted on. */
  quiet?: true
  /** Events that cannot come without it: once one of them was seen it came, whether or not anybody tapped it. */
  shownBy?: readonly string[]
  /** In one sentence, what it says where it is late or missing. */
  means: string
  /** What that may be, as a finding. */
  findings: readonly { label: string; observation: ObservationId; value: string }[]
}

/** A start (or a defrost) as it goes on its own, from the moment it is called for. */
export interface Sequence {
  title: string
  /** How one calls for it. */
  call: string
  events: readonly SequenceEvent[]
}

const CALL = 'call'

const event = (
  id: string,
  what: string,
  from: string,
  window: readonly [number, number],
  means: string,
  findings: SequenceEvent['findings'],
  more: Pick<SequenceEvent, 'own' | 'quiet' | 'shownBy'> = {},
): SequenceEvent => ({ id, what, from, window, means, findings, ...more })

const dead = (label: string): SequenceEvent['findings'][number] => ({
  label,
  observation: 'fan-state',
  value: 'dead',
})
const open: SequenceEvent['findings'][number] = {
  label: 'a safety switch stays open',
  observation: 'safety-switches',
  value: 'one-open',
}

/**
 * A gas furnace with induced draft. The windows are those of the measurements' sheet: inducer 0–5 s, pressure switch within
 * 15 s, igniter after 20–60 s, flame within 7 s of the valve, blower 30–90 s after the flame. How long a hot igniter warms
 * (15–45 s) and how long inducer and blower run on (5–60 s, 60–210 s) are the trade's usual settings of boards.
 */
const furnace: Sequence = {
  title: 'A call for heat',
  call: 'Set the thermostat well above the room, and begin at that moment.',
  events: [
    event(
      'inducer',
      'The inducer starts',
      CALL,
      [0, 5],
      'The call does not reach the inducer, or it cannot turn.',
      [
        { label: 'no call arrives at the board', observation: 'control-voltage', value: 'none' },
        { label: 'the inducer hums and stands', observation: 'sound', value: 'hum' },
        open,
      ],
      { shownBy: ['pressure', 'igniter', 'flame'] },
    ),
    event(
      'pressure',
      'The pressure switch clicks shut',
      'inducer',
      [0, 15],
      'The draft does not come up: vent, drain, tube, or an inducer that is too slow.',
      [
        { label: 'drain or tube is blocked', observation: 'drain-and-tube', value: 'blocked' },
        { label: 'the vent is blocked', observation: 'vent-path', value: 'blocked' },
        {
          label: 'the board blinks for an open pressure switch',
          observation: 'board-code',
          value: 'pressure-switch-open',
        },
      ],
      { quiet: true, shownBy: ['igniter', 'flame'] },
    ),
    event(
      'igniter',
      'The igniter glows, or sparks',
      'pressure',
      [20, 60],
      'The board waits for a switch of the chain, or the igniter is broken.',
      [
        open,
        { label: 'the board blinks for an open limit', observation: 'board-code', value: 'limit-open' },
        { label: 'the board blinks for something else', observation: 'board-code', value: 'other' },
      ],
      { shownBy: ['flame'] },
    ),
    event(
      'flame',
      'The burners light',
      'igniter',
      [15, 52],
      'Gas does not come, or the flame is not sensed. Smell first: with a smell of gas leave the house.',
      [{ label: 'the board blinks for a lost flame', observation: 'board-code', value: 'flame-lost' }],
      { shownBy: ['flame-out'] },
    ),
    event(
      'blower',
      'The blower starts',
      'flame',
      [30, 90],
      'The blower is not called or cannot turn; without air the limit will open.',
      [
        dead('the blower stays silent'),
        { label: 'the blower hums and stands', observation: 'fan-state', value: 'hums' },
        { label: 'the board blinks for the blower', observation: 'board-code', value: 'blower-fault' },
      ],
    ),
    event('end', 'You end the call', 'blower', [0, 0], '', [], { own: true }),
    event(
      'flame-out',
      'The burners go out',
      'end',
      [0, 5],
      'The gas valve does not close. Shut the cock, and call a licensed trade.',
      [],
    ),
    event('inducer-off', 'The inducer stops', 'end', [5, 60], 'The board goes on calling for draft.', [
      { label: 'the pressure switch is stuck shut', observation: 'safety-switches', value: 'stuck-closed' },
    ]),
    event(
      'blower-off',
      'The blower stops',
      'end',
      [60, 210],
      'Its relay may stick, or a limit keeps it running.',
      [{ label: 'it does not stop', observation: 'fan-state', value: 'wont-stop' }],
    ),
  ],
}

/** A caravan furnace: blower at once or after a delay relay, purge of 15–30 s, three tries for a flame: usual of its boards. */
const caravan: Sequence = {
  title: 'A call for heat',
  call: 'Set the thermostat well above the cabin, and begin at that moment.',
  events: [
    event(
      'blower',
      'The blower starts',
      CALL,
      [0, 30],
      'No supply, no call, or a motor that cannot turn.',
      [
        dead('it stays silent'),
        { label: 'it turns slowly', observation: 'fan-state', value: 'slow' },
        { label: 'no call arrives', observation: 'control-voltage', value: 'none' },
      ],
      { shownBy: ['spark', 'flame'] },
    ),
    event(
      'spark',
      'It clicks and sparks',
      'blower',
      [15, 30],
      'The sail switch does not close: too little air, or low volts at the motor.',
      [
        open,
        { label: 'the air is weak', observation: 'air-flow', value: 'weak' },
        { label: 'the supply is low', observation: 'supply-voltage', value: 'low' },
      ],
      { shownBy: ['flame'] },
    ),
    event(
      'flame',
      'The burner lights',
      'spark',
      [0, 10],
      'Gas does not come, or the flame is not sensed. With a smell of gas shut the cylinder and go out.',
      [{ label: 'the board gives up', observation: 'board-code', value: 'flame-lost' }],
      { shownBy: ['flame-out'] },
    ),
    event('end', 'You end the call', 'flame', [0, 0], '', [], { own: true }),
    event(
      'flame-out',
      'The burner goes out',
      'end',
      [0, 5],
      'The gas valve does not close. Shut the cylinder, and call a licensed trade.',
      [],
    ),
    event(
      'blower-off',
      'The blower stops',
      'end',
      [30, 180],
      'Its relay may stick, or the fan switch is hot.',
      [{ label: 'it does not stop', observation: 'fan-state', value: 'wont-stop' }],
    ),
  ],
}

/** A pellet stove from cold: exhaust first, first pellets and a flame within minutes: usual settings of their controls. */
const pellets: Sequence = {
  title: 'A start from cold',
  call: 'Press start with the pot empty and clean, and begin at that moment.',
  events: [
    event(
      'exhaust',
      'The exhaust blower starts',
      CALL,
      [0, 10],
      'The control does not call it, or it cannot turn.',
      [
        dead('it stays silent'),
        { label: 'it hums and stands', observation: 'fan-state', value: 'hums' },
        { label: 'no voltage arrives at it', observation: 'motor-voltage', value: 'none' },
      ],
      { shownBy: ['pellets', 'flame'] },
    ),
    event(
      'pellets',
      'The first pellets fall',
      'exhaust',
      [5, 180],
      'The vacuum switch has not closed: door, hopper lid, tube, or weak draft.',
      [
        open,
        { label: 'the tube is blocked', observation: 'drain-and-tube', value: 'blocked' },
        { label: 'the vent is blocked', observation: 'vent-path', value: 'blocked' },
      ],
      { shownBy: ['flame'] },
    ),
    event(
      'flame',
      'A flame stands in the pot',
      'pellets',
      [60, 600],
      'The igniter is broken, or too much air or too little comes through the pot.',
      [{ label: 'the air is weak', observation: 'air-flow', value: 'weak' }],
    ),
    event(
      'room',
      'The room blower starts',
      'flame',
      [30, 480],
      'Its heat switch stays open, or it cannot turn.',
      [{ label: 'the room blower does not run', observation: 'companion', value: 'no' }],
      { quiet: true },
    ),
    event('end', 'You end the fire', 'flame', [0, 0], '', [], { own: true }),
    event(
      'exhaust-off',
      'The exhaust blower stops',
      'end',
      [300, 2700],
      'The stove stays hot, or the control goes on calling.',
      [{ label: 'it does not stop', observation: 'fan-state', value: 'wont-stop' }],
    ),
  ],
}

/** A heat pump that defrosts its outdoor coil: the fan stands, the valve turns over, at most 10 to 15 minutes. */
const outdoorDefrost: Sequence = {
  title: 'A defrost',
  call: 'Begin when the unit goes into defrost: the outdoor fan stops while the compressor runs.',
  events: [
    event(
      'valve',
      'The reversing valve turns over with a rush',
      CALL,
      [0, 20],
      'The board stopped the fan without a defrost.',
      [
        { label: 'no voltage at the fan motor', observation: 'motor-voltage', value: 'none' },
        { label: 'the contactor is out', observation: 'contactor-position', value: 'not-pulled-in' },
      ],
      { quiet: true, shownBy: ['melt'] },
    ),
    event(
      'melt',
      'Steam rises, or water runs off the coil',
      CALL,
      [30, 300],
      'The coil does not warm: this is for a licensed trade.',
      [{ label: 'ice stands at the wheel', observation: 'fouling', value: 'iced' }],
    ),
    event(
      'fan',
      'The outdoor fan starts again',
      CALL,
      [60, 900],
      'The board’s fan relay stays open, or the motor cannot start.',
      [
        { label: 'it hums and stands', observation: 'fan-state', value: 'hums' },
        dead('it stays silent'),
        { label: 'no voltage at the fan motor', observation: 'motor-voltage', value: 'none' },
      ],
    ),
  ],
}

/** A freezer's defrost: fan and compressor stand, the heater works 8–30 minutes, then a wait for the water, then cold, then air. */
const freezerDefrost: Sequence = {
  title: 'A defrost',
  call: 'Turn the timer on, or start it as the sheet behind the grille says; begin when the compressor stops.',
  events: [
    event(
      'fan-off',
      'The evaporator fan stands',
      CALL,
      [0, 10],
      'The fan runs on through the defrost: its timer contact sticks.',
      [{ label: 'it does not stop', observation: 'fan-state', value: 'wont-stop' }],
      { shownBy: ['fan'] },
    ),
    event(
      'water',
      'Water drips into the pan',
      CALL,
      [180, 1500],
      'The heater does not warm, or the drain is frozen.',
      [
        { label: 'the drain is blocked', observation: 'drain-and-tube', value: 'blocked' },
        { label: 'ice stands at the wheel', observation: 'fouling', value: 'iced' },
      ],
    ),
    event(
      'compressor',
      'The compressor starts again',
      CALL,
      [480, 2400],
      'The timer or board does not come out of the defrost.',
      [{ label: 'the compressor does not run', observation: 'companion', value: 'no' }],
    ),
    event(
      'fan',
      'The evaporator fan starts again',
      'compressor',
      [0, 600],
      'The fan waits for cold at its switch; longer, the switch or the fan has failed.',
      [
        dead('it stays silent'),
        { label: 'no voltage at the fan motor', observation: 'motor-voltage', value: 'none' },
      ],
    ),
  ],
}

/** The sequences that are watched, by family; the others start at once and have nothing to watch. */
const sequences: Partial<Record<FamilyId, Sequence>> = {
  'furnace-blower': furnace,
  'draft-inducer': furnace,
  'rv-furnace-blower': caravan,
  'pellet-stove-exhaust-blower': pellets,
  'outdoor-unit-fan': outdoorDefrost,
  'refrigerator-evaporator-fan': freezerDefrost,
}

/**
 * The sequence of a family; null where it starts at once.
 *
 * @example sequenceOf('furnace-blower')?.events[0]?.what // 'The inducer starts'
 */
export const sequenceOf = (family: FamilyId): Sequence | null => sequences[family] ?? null
