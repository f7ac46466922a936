import {
  behind,
  boardControl,
  boardTerminals,
  everywhere,
  feedWires,
  groundWire,
  lead,
  liveThrough,
  mains120,
  pscMotor,
  relay,
  runCapacitor,
  shadedMotor,
  switchScrews,
  threeLeads,
} from './common'
import type { PlantBuild, PlantMotor, PlantPart, PlantWire } from './types'

const house = [
  { id: 'breaker', opens: 'line' },
  { id: 'wall-switch', opens: 'line' },
] satisfies PlantBuild['points']

/** A pull chain or row of keys: one speed has the line. */
const keys = (...speeds: string[]): PlantPart[] =>
  speeds.map(
    (speed): PlantPart => ({
      part: 'pole',
      id: `key-${speed}`,
      of: 'speed',
      from: 'switch-line',
      to: `switch-${speed}`,
      speed,
    }),
  )

const unprotected = (motor: PlantMotor): PlantMotor => ({ ...motor, protector: null })

/** From the switch on the wall up to the ceiling, m. */
const CABLE_METRES = 8

/** The wire of the light runs in the same cable and is live while the fan's switch is off: it is what a free wire picks up. */
const lightFeed: PlantPart = { part: 'load', id: 'light-feed', from: 'feed-1', to: 'light-1', ohm: 0.05 }
const lightWire: PlantWire = {
  id: 'light-wire',
  from: 'light-1',
  to: 'light-2',
  colour: 'red',
  metres: CABLE_METRES,
  bundle: 'feed',
}

/** A fan in the ceiling of a bathroom: a small motor with shading rings, a flap, a duct to the roof. */
export const bathFan: PlantBuild = {
  family: 'bath-exhaust-fan',
  kind: 'shaded-pole',
  supply: mains120(15),
  points: house,
  covers: [{ id: 'switch-plate' }, { id: 'grille', wheel: true }, { id: 'junction-box', after: 'grille' }],
  terminals: [
    ...everywhere,
    ...switchScrews,
    ...behind('junction-box', 'line-1', 'line-2', 'light-1', 'light-2', 'fan-1', 'fan-2'),
    ...behind('grille', 'lead-black', 'lead-white', 'lead-green', 'fan-frame'),
  ],
  wires: [
    lightWire,
    ...feedWires('fan-1', 'fan-2', CABLE_METRES),
    lead('black', 'fan-1', { metres: 0.3 }),
    lead('white', 'fan-2', { metres: 0.3 }),
    groundWire,
  ],
  parts: [...liveThrough('breaker', 'wall-switch'), lightFeed],
  motors: [shadedMotor({ volts: 120, watts: 9, poles: 4, ratedRpm: 1450, spinSeconds: 2, behind: 'grille' })],
  wheel: { kind: 'centrifugal', blades: 30, damper: true, vent: true },
  plate: { modelNumber: 'LF 90', voltages: [120], hz: [60], phase: 1, amps: [0.7], rpm: [1420] },
  place: { key: 'place.bathroom' },
}

const bathFanPscCapacitor = runCapacitor({ uF: 3, volts: 250, percent: 5 })

/** The quieter kind: a split-capacitor motor of the same size. */
export const bathFanPsc: PlantBuild = {
  ...bathFan,
  kind: 'psc',
  terminals: [
    ...everywhere,
    ...switchScrews,
    ...behind('junction-box', 'line-1', 'line-2', 'light-1', 'light-2', 'fan-1', 'fan-2'),
    ...behind(
      'grille',
      'lead-black',
      'lead-white',
      'lead-brown',
      'capacitor-1',
      'capacitor-2',
      'lead-green',
      'fan-frame',
    ),
  ],
  wires: [
    lightWire,
    ...feedWires('fan-1', 'fan-2', CABLE_METRES),
    lead('black', 'fan-1', { metres: 0.3 }),
    lead('white', 'fan-2', { metres: 0.3 }),
    lead('brown', 'capacitor-1', { metres: 0.2, bundle: 'capacitor' }),
    { id: 'jumper', from: 'capacitor-2', to: 'fan-1', colour: 'black', metres: 0.2 },
    groundWire,
  ],
  parts: [...liveThrough('breaker', 'wall-switch'), lightFeed, bathFanPscCapacitor.part],
  motors: [
    pscMotor(
      { volts: 120, watts: 28, poles: 4, ratedRpm: 1630, spinSeconds: 2, turnsRatio: 1.35, behind: 'grille' },
      threeLeads,
    ),
  ],
  plate: {
    modelNumber: 'LF 110 Q',
    voltages: [120],
    hz: [60],
    phase: 1,
    amps: [0.37],
    rpm: [1650],
    ...bathFanPscCapacitor.plate,
  },
  capacitorLabel: bathFanPscCapacitor.label,
}

const rangeHoodCapacitor = runCapacitor({ uF: 6, volts: 250, percent: 5 })

/** A hood over a kitchen range, three keys. */
export const rangeHood: PlantBuild = {
  family: 'range-hood-fan',
  kind: 'psc-multispeed',
  supply: mains120(15),
  points: house,
  covers: [
    { id: 'switch-plate' },
    { id: 'grease-filter', wheel: true },
    { id: 'wiring-box', after: 'grease-filter' },
  ],
  terminals: [
    ...everywhere,
    ...switchScrews,
    ...behind(
      'wiring-box',
      'line-1',
      'line-2',
      'switch-line',
      'switch-high',
      'switch-medium',
      'switch-low',
      'fan-2',
    ),
    ...behind(
      'wiring-box',
      'lead-white',
      'lead-black',
      'lead-blue',
      'lead-red',
      'lead-brown',
      'capacitor-1',
      'capacitor-2',
    ),
    ...behind('grease-filter', 'lead-green', 'fan-frame'),
  ],
  wires: [
    ...feedWires('switch-line', 'fan-2', 0.3),
    lead('white', 'fan-2', { metres: 0.5 }),
    lead('black', 'switch-high', { metres: 0.5 }),
    lead('blue', 'switch-medium', { metres: 0.5 }),
    lead('red', 'switch-low', { metres: 0.5 }),
    lead('brown', 'capacitor-1', { metres: 0.2, bundle: 'capacitor' }),
    { id: 'jumper', from: 'capacitor-2', to: 'lead-black', colour: 'black', metres: 0.2 },
    groundWire,
  ],
  parts: [
    ...liveThrough('breaker', 'wall-switch'),
    ...keys('high', 'medium', 'low'),
    rangeHoodCapacitor.part,
  ],
  motors: [
    pscMotor(
      {
        volts: 120,
        watts: 75,
        poles: 4,
        ratedRpm: 1630,
        spinSeconds: 2.5,
        turnsRatio: 1.56,
        behind: 'wiring-box',
      },
      [
        { id: 'lead-white', role: 'common' },
        { id: 'lead-black', role: 'run' },
        { id: 'lead-blue', role: 'tap', tap: 1 },
        { id: 'lead-red', role: 'tap', tap: 2 },
        { id: 'lead-brown', role: 'start' },
      ],
      0.22,
    ),
  ],
  wheel: { kind: 'centrifugal', blades: 36, damper: true, vent: true },
  speeds: ['high', 'medium', 'low'],
  plate: {
    modelNumber: 'KH 75-3',
    voltages: [120],
    hz: [60],
    phase: 1,
    rpm: [1630],
    speeds: 3,
    amps: [0.95],
    ...rangeHoodCapacitor.plate,
  },
  capacitorLabel: rangeHoodCapacitor.label,
  place: { key: 'place.kitchen' },
}

const ceilingFanCapacitor = runCapacitor({ uF: 5, volts: 250, percent: 5 })

/** A fan under a ceiling with a pull chain: many poles, slow, its capacitor in the switch housing. */
export const ceilingFan: PlantBuild = {
  family: 'ceiling-fan',
  kind: 'psc-multispeed',
  supply: mains120(15),
  points: house,
  covers: [{ id: 'switch-plate' }, { id: 'canopy' }, { id: 'switch-housing' }],
  terminals: [
    ...everywhere,
    ...switchScrews,
    ...behind('canopy', 'line-1', 'line-2', 'lead-green', 'fan-frame'),
    ...behind(
      'switch-housing',
      'switch-line',
      'switch-high',
      'switch-low',
      'fan-2',
      'capacitor-1',
      'capacitor-2',
    ),
    ...behind('switch-housing', 'lead-white', 'lead-black', 'lead-blue', 'lead-brown'),
  ],
  wires: [
    ...feedWires('switch-line', 'fan-2', 0.6),
    lead('white', 'fan-2'),
    lead('black', 'switch-high'),
    lead('blue', 'switch-low'),
    lead('brown', 'capacitor-1', { bundle: 'capacitor' }),
    { id: 'jumper', from: 'capacitor-2', to: 'lead-black', colour: 'black', metres: 0.2 },
    groundWire,
  ],
  parts: [...liveThrough('breaker', 'wall-switch'), ...keys('high', 'low'), ceilingFanCapacitor.part],
  motors: [
    pscMotor(
      {
        volts: 120,
        watts: 48,
        poles: 16,
        ratedRpm: 405,
        spinSeconds: 6,
        // A wheel on two ball bearings that a breath turns.
        rest: 0.03,
        turnsRatio: 1.37,
        behind: 'switch-housing',
      },
      [
        { id: 'lead-white', role: 'common' },
        { id: 'lead-black', role: 'run' },
        { id: 'lead-blue', role: 'tap', tap: 1 },
        { id: 'lead-brown', role: 'start' },
      ],
      0.55,
    ),
  ],
  wheel: { kind: 'axial', blades: 5 },
  speeds: ['high', 'low'],
  plate: {
    modelNumber: 'CV 52',
    voltages: [120],
    hz: [60],
    phase: 1,
    rpm: [410],
    speeds: 2,
    amps: [0.63],
    ...ceilingFanCapacitor.plate,
  },
  capacitorLabel: ceilingFanCapacitor.label,
  place: { key: 'place.bedroom' },
}

const atticFanCapacitor = runCapacitor({ uF: 7.5, volts: 370, percent: 6 })

/** A fan in the roof with a thermostat of its own. */
export const atticFan: PlantBuild = {
  family: 'attic-vent-fan',
  kind: 'psc',
  supply: mains120(15),
  points: [...house, { id: 'thermostat', opens: 'call' }],
  covers: [{ id: 'switch-plate' }, { id: 'guard', wheel: true }, { id: 'thermostat-box' }],
  terminals: [
    ...everywhere,
    ...switchScrews,
    ...behind('thermostat-box', 'line-1', 'line-2', 'switch-line', 'switch-out', 'fan-2', 'call-1'),
    ...behind('thermostat-box', 'lead-black', 'lead-white', 'lead-brown', 'capacitor-1', 'capacitor-2'),
    ...behind('guard', 'lead-green', 'fan-frame'),
  ],
  wires: [
    ...feedWires('switch-line', 'fan-2', 0.4),
    lead('black', 'switch-out'),
    lead('white', 'fan-2'),
    lead('brown', 'capacitor-1', { bundle: 'capacitor' }),
    { id: 'jumper', from: 'capacitor-2', to: 'switch-out', colour: 'black', metres: 0.2 },
    groundWire,
  ],
  parts: [
    ...liveThrough('breaker', 'wall-switch'),
    { part: 'pole', id: 'own-thermostat', of: 'call', from: 'switch-line', to: 'switch-out' },
    atticFanCapacitor.part,
  ],
  // As many older ones: nothing in it opens when it stands and heats. That is what burns roofs.
  motors: [
    unprotected(
      pscMotor(
        {
          volts: 120,
          watts: 120,
          poles: 6,
          ratedRpm: 1090,
          spinSeconds: 3,
          turnsRatio: 1.77,
          behind: 'thermostat-box',
        },
        threeLeads,
      ),
    ),
  ],
  wheel: { kind: 'axial', blades: 4, vent: true, damper: true },
  plate: {
    modelNumber: 'AV 14',
    voltages: [115],
    hz: [60],
    phase: 1,
    rpm: [1075],
    amps: [1.5],
    ...atticFanCapacitor.plate,
    thermalProtection: 'none',
  },
  capacitorLabel: atticFanCapacitor.label,
  place: { key: 'place.attic' },
}

const heatRecoveryCapacitor = runCapacitor({ uF: 4, volts: 370, percent: 6 })

/** A ventilator that brings fresh air through a heat exchanger; its filters clog. */
export const heatRecovery: PlantBuild = {
  family: 'hrv-fan',
  kind: 'psc',
  supply: mains120(15),
  points: [
    { id: 'plug', opens: 'line' },
    { id: 'thermostat', opens: 'call' },
  ],
  covers: [
    { id: 'door', wheel: true },
    { id: 'terminal-cover', after: 'door' },
  ],
  terminals: [
    ...everywhere,
    ...boardTerminals('terminal-cover', 'board-fan'),
    ...behind('terminal-cover', 'lead-black', 'lead-white', 'lead-brown', 'capacitor-1', 'capacitor-2'),
    ...behind('door', 'lead-green', 'fan-frame'),
  ],
  wires: [
    ...feedWires('board-line', 'board-neutral', 0.3),
    lead('black', 'board-fan'),
    lead('white', 'board-neutral'),
    lead('brown', 'capacitor-1', { bundle: 'capacitor' }),
    { id: 'jumper', from: 'capacitor-2', to: 'board-fan', colour: 'black', metres: 0.2 },
    groundWire,
  ],
  parts: [
    ...liveThrough('plug'),
    ...boardControl(),
    relay('relay-fan', 'board-fan'),
    heatRecoveryCapacitor.part,
  ],
  motors: [
    pscMotor(
      {
        volts: 120,
        watts: 60,
        poles: 4,
        ratedRpm: 1630,
        spinSeconds: 3,
        turnsRatio: 1.71,
        behind: 'terminal-cover',
      },
      threeLeads,
    ),
  ],
  wheel: { kind: 'centrifugal', blades: 28, vent: true, damper: true },
  plate: {
    modelNumber: 'HV 60',
    voltages: [120],
    hz: [60],
    phase: 1,
    rpm: [1630],
    amps: [0.75],
    ...heatRecoveryCapacitor.plate,
  },
  capacitorLabel: heatRecoveryCapacitor.label,
  place: { key: 'place.cellar' },
}

const otherFanCapacitor = runCapacitor({ uF: 10, volts: 370, percent: 6 })

/** Any other fan: a box fan built into a workshop wall. */
export const otherFan: PlantBuild = {
  family: 'other-fan',
  kind: 'psc',
  supply: mains120(15),
  points: [
    { id: 'breaker', opens: 'line' },
    { id: 'service-switch', opens: 'line' },
  ],
  covers: [{ id: 'switch-plate' }, { id: 'guard', wheel: true }, { id: 'terminal-box' }],
  terminals: [
    ...everywhere,
    ...switchScrews,
    ...behind(
      'terminal-box',
      'line-1',
      'line-2',
      'fan-1',
      'fan-2',
      'lead-black',
      'lead-white',
      'lead-brown',
      'capacitor-1',
      'capacitor-2',
    ),
    ...behind('guard', 'lead-green', 'fan-frame'),
  ],
  wires: [
    ...feedWires('fan-1', 'fan-2', 0.5),
    lead('black', 'fan-1'),
    lead('white', 'fan-2'),
    lead('brown', 'capacitor-1', { bundle: 'capacitor' }),
    { id: 'jumper', from: 'capacitor-2', to: 'fan-1', colour: 'black', metres: 0.2 },
    groundWire,
  ],
  parts: [...liveThrough('breaker', 'service-switch'), otherFanCapacitor.part],
  motors: [
    pscMotor(
      {
        volts: 120,
        watts: 180,
        poles: 6,
        ratedRpm: 1090,
        spinSeconds: 3,
        turnsRatio: 1.88,
        behind: 'terminal-box',
      },
      threeLeads,
    ),
  ],
  wheel: { kind: 'axial', blades: 4, vent: true },
  plate: {
    modelNumber: 'WF 18',
    voltages: [115],
    hz: [60],
    phase: 1,
    rpm: [1075],
    amps: [2.25],
    ...otherFanCapacitor.plate,
  },
  capacitorLabel: otherFanCapacitor.label,
  place: { key: 'place.workshop' },
}
