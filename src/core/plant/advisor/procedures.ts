import { driveOf } from '../../knowledge/plants/motors'
import {
  capacitorOf,
  coverOf,
  coversInOrder,
  fanOf,
  hasPart,
  motorWires,
  partOf,
  partsOf,
} from '../../knowledge/plants/parts'
import type { IsolationPointId, ObservationId } from '../../knowledge/vocabulary'
import { controlPair, feedOf } from '../acts/finding'
import { lookPlaces } from '../acts/looks'
import { isProven, pairsOf } from '../acts/reach'
import type { Act, Here } from '../acts/types'
import { linesOf } from '../machine'
import { ROOM_CELSIUS } from '../state'
import { movedTo } from '../traits'

/**
 * How a careful repairer makes each observation on this machine as it stands: the acts in their order, made dead and proved
 * where a hand goes in, put back and fed where it has to run. Null where the machine has nothing of the kind.
 */
export function actsFor(here: Here, observation: ObservationId): Act[] | null {
  return procedures[observation]?.(here) ?? null
}

type Procedure = (here: Here) => Act[] | null

/** On what was found on, wires where they were found, called. `all`: after a repair, every point. */
export function fed(here: Here, all = false): Act[] {
  const { machine, state } = here
  const found = (id: IsolationPointId) => id !== 'breaker' || machine.traits.breaker === 'on'
  const wires = landed(here)
  return [
    // A wire is landed by hand: proved dead once more where anything was switched since.
    ...(wires.length > 0 && !isProven(here) ? dead(here) : []),
    ...wires,
    ...machine.build.points.flatMap(({ id }): Act[] =>
      state.points[id] === 'off' && (all || found(id)) ? [{ act: 'point', id, to: 'on' }] : [],
    ),
    ...(state.called ? [] : [{ act: 'call', on: true } satisfies Act]),
  ]
}

function landed({ machine, state }: Here): Act[] {
  return machine.build.wires.flatMap(({ id, to, capped }): Act[] => {
    const found = movedTo(machine.traits, id, 'to') ?? to
    return state.wires[id]?.to === null && !capped ? [{ act: 'wire', id, end: 'to', to: found }] : []
  })
}

/** Every point off and held. */
export function off({ machine, state }: Here): Act[] {
  return machine.build.points.flatMap(({ id }): Act[] => [
    ...(state.points[id] === 'off' ? [] : [{ act: 'point', id, to: 'off' } satisfies Act]),
    ...(state.held.includes(id) ? [] : [{ act: 'held', id } satisfies Act]),
  ])
}

/** Off, held, the meter tried, each pair read, the meter tried again, each capacitor discharged and read. */
export function dead(here: Here): Act[] {
  const { machine } = here
  const inside = coversFor(here, inReach(here))
  if (isProven(here)) return inside
  const [one, two] = machine.build.supply.known
  const range = mainsRange(here)
  const known: Act = { act: 'meter', range, red: one, black: two }
  return [
    ...off(here),
    ...coversFor(here, [...linesOf(machine.build), ...inReach(here)]),
    known,
    ...pairsOf(machine).map(
      ([red, black]): Act => ({
        act: 'meter',
        range: machine.build.supply.hz === 0 ? range : 'low-z',
        red,
        black,
      }),
    ),
    known,
    ...partsOf(machine.build, 'capacitor').flatMap(({ from, to }): Act[] => [
      { act: 'meter', range: 'volts-dc', red: from, black: to },
      { act: 'discharge', a: from, b: to, ohm: 20_000 },
      { act: 'meter', range: 'volts-dc', red: from, black: to },
    ]),
  ]
}

/** Where a hand goes in for the fan: its leads and the capacitors. */
const inReach = ({ machine: { build } }: Here): string[] => [
  ...fanOf(build).leads.map(({ id }) => id),
  ...partsOf(build, 'capacitor').flatMap(({ from, to }) => [from, to]),
]

/** Covers off, what lies before them first. */
const covers = ({ machine, state }: Here, wanted: string[]): Act[] =>
  coversInOrder(machine.build, wanted).flatMap((id): Act[] =>
    state.covers[id] === 'off' ? [] : [{ act: 'cover', id, to: 'off' }],
  )

const coversFor = (here: Here, probes: string[]): Act[] =>
  covers(
    here,
    probes.flatMap((probe) => coverOf(here.machine.build, probe) ?? []),
  )

/** Covers come off with the machine off; then it is fed and read. */
const liveMeter = (here: Here, red: string, black: string, range: 'volts-ac' | 'volts-dc'): Act[] => {
  const needed = coversFor(here, [red, black])
  return [
    ...(needed.length > 0 ? [...off(here), ...needed, ...onAgain(here)] : []),
    ...fed(here),
    { act: 'run', seconds: 20 },
    { act: 'meter', range, red, black },
  ]
}

const onAgain = ({ machine, state }: Here): Act[] =>
  machine.build.points.flatMap(({ id }): Act[] =>
    state.points[id] === 'on' ? [{ act: 'point', id, to: 'on' }] : [],
  )

const mainsRange = ({ machine }: Here) => (machine.build.supply.hz === 0 ? 'volts-dc' : 'volts-ac')

const lookOff =
  (at: string): Procedure =>
  (here) => {
    const place = lookPlaces(here.machine.build).find(({ id }) => id === at)
    if (!place) return null
    return [...(place.behind ? [...off(here), ...covers(here, [place.behind])] : []), { act: 'look', at }]
  }

const lookLive =
  (at: string): Procedure =>
  (here) => {
    const place = lookPlaces(here.machine.build).find(({ id }) => id === at)
    if (!place) return null
    const needed = place.behind ? covers(here, [place.behind]) : []
    return [
      ...(needed.length > 0 ? [...off(here), ...needed, ...onAgain(here)] : []),
      ...fed(here),
      { act: 'run', seconds: 30 },
      { act: 'look', at },
    ]
  }

const wiresOff = (here: Here): Act[] =>
  motorWires(here.machine.build).flatMap(({ id }): Act[] =>
    here.state.wires[id]?.to === null ? [] : [{ act: 'wire', id, end: 'to', to: 'off' }],
  )

const windings: Procedure = (here) => {
  const leads = motorWires(here.machine.build).map(({ from }) => from)
  if (leads.length < 2 || driveOf(fanOf(here.machine.build)) === 'module') return null
  const pairs = leads.flatMap((a, i) =>
    leads.slice(i + 1).map((b): Act => ({ act: 'meter', range: 'ohm', red: a, black: b })),
  )
  return [...dead(here), ...wiresOff(here), ...pairs]
}

const capacitor =
  (section: 'fan' | 'other'): Procedure =>
  (here) => {
    const part = capacitorOf(here.machine.build, section)
    if (!part) return null
    const at = part.to
    const off = here.machine.build.wires.flatMap(({ id }): Act[] => {
      const now = here.state.wires[id]
      if (now?.to === at) return [{ act: 'wire', id, end: 'to', to: 'off' }]
      return now?.from === at ? [{ act: 'wire', id, end: 'from', to: 'off' }] : []
    })
    return [...dead(here), ...off, { act: 'meter', range: 'microfarad', red: part.from, black: part.to }]
  }

const pairOhm = (here: Here, a: string, b: string): Act[] => [
  ...dead(here),
  { act: 'meter', range: 'ohm', red: a, black: b },
]

const procedures: Partial<Record<ObservationId, Procedure>> = {
  'fan-state': (here) => [...fed(here), { act: 'run', seconds: 30 }, { act: 'look' }],
  direction: (here) => [...fed(here), { act: 'run', seconds: 30 }, { act: 'look' }],
  sound: (here) => [...fed(here), { act: 'run', seconds: 20 }, { act: 'listen' }],
  smell: () => [{ act: 'smell' }],
  'case-heat': (here) => [
    ...off(here),
    ...covers(here, [fanOf(here.machine.build).behind ?? '']),
    { act: 'touch', at: 'motor' },
  ],
  'free-spin': (here) => [...off(here), { act: 'wait', minutes: 1 }, { act: 'turn' }],
  'coast-down': (here) => [...off(here), { act: 'wait', minutes: 1 }, { act: 'turn' }],
  'nudge-start': (here) => [...fed(here), { act: 'run', seconds: 5 }, { act: 'push' }],
  speeds: (here) =>
    here.machine.build.speeds
      ? [
          ...fed(here),
          ...here.machine.build.speeds.flatMap((speed): Act[] => [
            { act: 'call', on: true, speed },
            { act: 'run', seconds: 25 },
          ]),
        ]
      : null,
  companion: lookLive('companion'),
  // One that has tripped is set once: it holds, or it trips again at once.
  breaker: ({ state }) => [
    { act: 'look', at: 'breaker' },
    ...(state.breakerTripped ? [{ act: 'point', id: 'breaker', to: 'on' } satisfies Act] : []),
  ],
  'supply-voltage': (here) => liveMeter(here, ...linesOf(here.machine.build), mainsRange(here)),
  'control-voltage': (here) => {
    if (hasPart(here.machine.build, 'drive')) return lookLive('remote')(here)
    const pair = controlPair(here.machine.build)
    return pair ? liveMeter(here, ...pair, mainsRange(here)) : null
  },
  'contactor-position': lookLive('contactor'),
  'contactor-output': (here) =>
    hasPart(here.machine.build, 'coil')
      ? liveMeter(here, 'contactor-out-1', 'contactor-out-2', 'volts-ac')
      : null,
  'motor-voltage': (here) => {
    if (['module', 'rail'].includes(driveOf(fanOf(here.machine.build)))) return null
    return liveMeter(here, ...feedOf(here), mainsRange(here))
  },
  'module-supply': (here) => {
    if (driveOf(fanOf(here.machine.build)) !== 'module') return null
    return liveMeter(here, ...feedOf(here), 'volts-ac')
  },
  'board-drive': (here) => {
    const drive = partOf(here.machine.build, 'drive')
    const { command } = fanOf(here.machine.build)
    if (command) return liveMeter(here, ...command, 'volts-ac')
    return drive ? liveMeter(here, ...drive.to, 'volts-dc') : null
  },
  'safety-switches': (here) => {
    const chain = partOf(here.machine.build, 'chain')
    return chain ? pairOhm(here, chain.from, chain.to) : null
  },
  'wall-switch': (here) => {
    const poles = partsOf(here.machine.build, 'pole')
    const wall = poles.find(({ of }) => of === 'wall-switch' || of === 'service-switch')
    const key = poles.find(({ of, speed }) => of === 'speed' && speed === here.state.speed)
    if (!wall && !key) return null
    // Read closed, with the breaker off: the switch goes on for the reading alone.
    const of = wall?.of === 'service-switch' ? 'service-switch' : 'wall-switch'
    return [
      ...dead(here),
      ...(key ? [{ act: 'meter', range: 'ohm', red: key.from, black: key.to } satisfies Act] : []),
      ...(wall
        ? ([
            ...coversFor(here, [wall.from, wall.to]),
            { act: 'point', id: of, to: 'on' },
            { act: 'meter', range: 'ohm', red: wall.from, black: wall.to },
            { act: 'point', id: of, to: 'off' },
            { act: 'held', id: of },
          ] satisfies Act[])
        : []),
    ]
  },
  'contactor-coil': (here) => {
    const coil = partOf(here.machine.build, 'coil')
    return coil ? pairOhm(here, coil.from, coil.to) : null
  },
  'capacitor-look': lookOff('capacitor'),
  'capacitor-label-match': lookOff('label'),
  'capacitor-fan-reading': capacitor('fan'),
  'capacitor-other-reading': capacitor('other'),
  winding: windings,
  'to-frame': (here) => {
    const [first] = motorWires(here.machine.build)
    return first
      ? [
          ...dead(here),
          ...wiresOff(here),
          { act: 'meter', range: 'ohm', red: first.from, black: 'fan-frame' },
        ]
      : null
  },
  'cold-retest': (here) => {
    const acts = windings(here)
    return acts && (here.state.motors.fan?.windingCelsius ?? ROOM_CELSIUS) > ROOM_CELSIUS + 10
      ? [...off(here), { act: 'wait', minutes: 60 }, ...acts]
      : acts
  },
  'module-look': lookOff('module'),
  'phase-resistances': (here) =>
    here.machine.build.terminals.some(({ id }) => id === 'phase-u')
      ? [
          ...dead(here),
          ...(['uv', 'vw', 'wu'] as const).map(
            (pair): Act => ({
              act: 'meter',
              range: 'ohm',
              red: `phase-${pair[0]}`,
              black: `phase-${pair[1]}`,
            }),
          ),
        ]
      : null,
  'brush-length': lookOff('brushes'),
  hub: (here) => [...off(here), { act: 'wait', minutes: 1 }, { act: 'touch', at: 'hub' }],
  mounting: (here) => [...off(here), { act: 'wait', minutes: 1 }, { act: 'touch', at: 'mount' }],
  fouling: lookOff('wheel'),
  'air-flow': (here) => [...fed(here), { act: 'run', seconds: 30 }, { act: 'air' }],
  damper: lookOff('damper'),
  'vent-path': lookOff('vent'),
  'drain-and-tube': lookOff('drain'),
  seal: lookOff('seal'),
  belt: lookOff('belt'),
  'board-code': lookLive('board'),
  connections: (here) => [...dead(here), { act: 'look', at: 'connections' }],
  'wiring-changed': (here) => [
    ...off(here),
    ...covers(here, [fanOf(here.machine.build).behind ?? '']),
    { act: 'look', at: 'connections' },
  ],
}
