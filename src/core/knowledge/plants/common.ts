import type { PlantBuild, PlantLead, PlantMotor, PlantPart, PlantTerminal, PlantWire } from './types'

const mains = (
  back: PlantBuild['supply']['legs'][number],
  ohm: [number, number],
  breakerAmps: number,
): PlantBuild['supply'] => ({
  legs: [{ id: 'leg-1', volts: 120, degrees: 0 }, back],
  hz: 60,
  ohm,
  breakerAmps,
  known: ['known-1', 'known-2'],
})

/** 120 V between one leg and the neutral, which is bonded to ground at the panel. */
export const mains120 = (breakerAmps: number) =>
  mains({ id: 'neutral', volts: 0, degrees: 0 }, [0.08, 0.3], breakerAmps)

/** 240 V between two legs. */
export const mains240 = (breakerAmps: number) =>
  mains({ id: 'leg-2', volts: 120, degrees: 180 }, [0.05, 0.2], breakerAmps)

/** Probes that every machine has. */
export const everywhere: PlantTerminal[] = [
  { id: 'known-1', behind: null },
  { id: 'known-2', behind: null },
  { id: 'ground', behind: null },
]

export const behind = (cover: string | null, ...ids: string[]): PlantTerminal[] =>
  ids.map((id) => ({ id, behind: cover }))

/** The two screws of a switch behind its plate. */
export const switchScrews = behind('switch-plate', 'switch-1', 'switch-2')

/** What a board with its own 24 V has: its line, what it switches, and the wires of the call. */
export const boardTerminals = (cover: string, ...switched: string[]): PlantTerminal[] =>
  behind(cover, 'line-1', 'line-2', 'board-line', 'board-neutral', ...switched, 'call-1', 'call-2', 'call-in')

/** Both legs of 240 V from the panel through its breaker and the disconnect beside the machine. */
export const bothLegsThrough: PlantPart[] = (['breaker', 'disconnect'] as const).flatMap((of, i) =>
  [1, 2].map(
    (leg): PlantPart => ({
      part: 'pole',
      id: `${of}-${leg}`,
      of,
      from: i === 0 ? `leg-${leg}` : `feed-${leg}`,
      to: i === 0 ? `feed-${leg}` : `line-${leg}`,
    }),
  ),
)

/** From the panel through its breaker and whatever switches follow in the live wire to `line-1`; the neutral straight to `line-2`. */
export function liveThrough(
  ...points: ('breaker' | 'wall-switch' | 'service-switch' | 'plug')[]
): PlantPart[] {
  const poles = points.flatMap((of, i): PlantPart[] => {
    const from = i === 0 ? 'leg-1' : `feed-${i}`
    const to = i === points.length - 1 ? 'line-1' : `feed-${i + 1}`
    if (of === 'breaker' || of === 'plug') return [{ part: 'pole', id: `${of}-1`, of, from, to }]
    // A switch has two screws of its own, and a wire before and behind it.
    return [
      { part: 'load', id: `${of}-in`, from, to: 'switch-1', ohm: 0.03 },
      { part: 'pole', id: `${of}-1`, of, from: 'switch-1', to: 'switch-2' },
      { part: 'load', id: `${of}-out`, from: 'switch-2', to, ohm: 0.03 },
    ]
  })
  // A plug opens both of its wires.
  const back: PlantPart =
    points.at(-1) === 'plug'
      ? { part: 'pole', id: 'plug-2', of: 'plug', from: 'neutral', to: 'line-2' }
      : { part: 'load', id: 'neutral-wire', from: 'neutral', to: 'line-2', ohm: 0.05 }
  return [...poles, back]
}

/** A board with its own 24 V: the call goes from its transformer through the thermostat and the chain back to its relays. */
export function boardControl({ chain = false }: { chain?: boolean } = {}): PlantPart[] {
  return [
    {
      part: 'transformer',
      id: 'transformer',
      primary: ['board-line', 'board-neutral'],
      to: ['control-r', 'call-2'],
      volts: 26.5,
      ohm: 1.4,
      fuseAmps: 3,
    },
    { part: 'pole', id: 'thermostat', of: 'call', from: 'control-r', to: 'call-1' },
    ...(chain
      ? [{ part: 'chain', id: 'limits', from: 'call-1', to: 'call-in' } satisfies PlantPart]
      : [{ part: 'load', id: 'call-wire', from: 'call-1', to: 'call-in', ohm: 0.05 } satisfies PlantPart]),
    { part: 'load', id: 'board-input', from: 'call-in', to: 'call-2', ohm: 900 },
    { part: 'load', id: 'control-common', from: 'call-2', to: 'ground', ohm: 1e5 },
  ]
}

export const relay = (
  id: string,
  to: string,
  { from = 'board-line', speed }: { from?: string; speed?: string } = {},
): PlantPart => ({
  part: 'contact',
  id,
  from,
  to,
  by: ['call-in', 'call-2'],
  pullVolts: 16,
  dropVolts: 9,
  ...(speed ? { speed } : {}),
})

/** A lead of the motor with its wire: the end in the motor comes off nowhere. */
export const lead = (colour: string, to: string, extra: Partial<PlantWire> = {}): PlantWire => ({
  id: `fan-${colour}`,
  from: `lead-${colour}`,
  to,
  colour,
  metres: 0.6,
  fixed: true,
  bundle: 'fan',
  ...extra,
})

export const feedWires = (lineTo: string, backTo: string, metres = 1): PlantWire[] => [
  { id: 'supply-1', from: 'line-1', to: lineTo, colour: 'black', metres, bundle: 'feed' },
  { id: 'supply-2', from: 'line-2', to: backTo, colour: 'white', metres, bundle: 'feed' },
]

export const ground: PlantLead = { id: 'lead-green', role: 'ground' }
export const groundWire: PlantWire = {
  id: 'fan-green',
  from: 'lead-green',
  to: 'ground',
  colour: 'green',
  metres: 0.6,
  fixed: true,
}

type Size = Pick<PlantMotor, 'volts' | 'watts' | 'poles' | 'ratedRpm' | 'spinSeconds' | 'behind' | 'rest'>

/** A motor with a start winding that its capacitor feeds all the time. */
export const pscMotor = (
  size: Size & { turnsRatio: number },
  leads: PlantLead[],
  tapShare?: number,
): PlantMotor => ({
  id: 'fan',
  kind: leads.some(({ role }) => role === 'tap') ? 'psc-multispeed' : 'psc',
  load: 'fan',
  leads: [...leads, ground],
  protector: { opens: 135, closes: 85 },
  classCelsius: 130,
  ...(tapShare === undefined ? {} : { tapShare }),
  ...size,
})

/** The small one with shading rings: two leads, and ohms that keep it from burning as it stands. */
export const shadedMotor = (size: Size): PlantMotor => ({
  id: 'fan',
  kind: 'shaded-pole',
  turnsRatio: 1,
  load: 'fan',
  leads: [{ id: 'lead-black', role: 'run' }, { id: 'lead-white', role: 'common' }, ground],
  protector: { opens: 140, closes: 90 },
  classCelsius: 130,
  ...size,
})

/** With its own module on the mains. */
export const moduleMotor = (size: Size, command: [string, string]): PlantMotor => ({
  id: 'fan',
  kind: 'ecm',
  turnsRatio: 1,
  load: 'fan',
  leads: [{ id: 'lead-black', role: 'line' }, { id: 'lead-white', role: 'neutral' }, ground],
  protector: null,
  classCelsius: 155,
  command,
  ...size,
})

/** Brushless, fed with direct current from a board. */
export const boardMotor = (size: Size): PlantMotor => ({
  id: 'fan',
  kind: 'bldc',
  turnsRatio: 1,
  load: 'fan',
  leads: [{ id: 'lead-red', role: 'plus' }, { id: 'lead-black', role: 'minus' }, ground],
  protector: null,
  classCelsius: 130,
  ...size,
})

/** Leads of a split-capacitor motor of one speed. */
export const threeLeads: PlantLead[] = [
  { id: 'lead-black', role: 'run' },
  { id: 'lead-white', role: 'common' },
  { id: 'lead-brown', role: 'start' },
]

/** A run capacitor of one section, and what it is told by: on itself and on the plate of its motor. */
export function runCapacitor({
  uF,
  volts,
  percent,
  hz = '60',
}: {
  uF: number
  volts: number
  percent: number
  hz?: string
}) {
  const part: PlantPart = { part: 'capacitor', id: 'run', from: 'capacitor-2', to: 'capacitor-1', uF, volts }
  return {
    part,
    plate: { capacitorUf: uF, capacitorVolts: volts },
    label: `${uF} µF ±${percent} % ${volts} VAC ${hz} Hz`,
  }
}
