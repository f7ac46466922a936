import {
  behind,
  boardControl,
  boardMotor,
  boardTerminals,
  bothLegsThrough,
  everywhere,
  feedWires,
  ground,
  groundWire,
  lead,
  liveThrough,
  mains120,
  mains240,
  relay,
  shadedMotor,
  threeLeads,
} from './common'
import { outdoorUnit } from './outdoorUnit'
import type { PlantBuild } from './types'

/** The indoor half of a ductless unit: its board makes 310 V of direct current for a brushless motor, and keeps it for a while. */
export const ductless: PlantBuild = {
  family: 'mini-split-indoor-fan',
  kind: 'bldc',
  supply: mains240(15),
  points: [
    { id: 'breaker', opens: 'line' },
    { id: 'disconnect', opens: 'line' },
    { id: 'thermostat', opens: 'call' },
  ],
  covers: [{ id: 'front' }, { id: 'electric-box', after: 'front', wheel: true }],
  terminals: [
    ...everywhere,
    ...behind('front', 'line-1', 'line-2'),
    ...behind(
      'electric-box',
      'board-line',
      'board-neutral',
      'call-1',
      'board-plus',
      'board-minus',
      'lead-red',
      'lead-black',
      'lead-green',
      'fan-frame',
    ),
    ...behind('electric-box', 'phase-u', 'phase-v', 'phase-w'),
  ],
  wires: [
    ...feedWires('board-line', 'board-neutral', 0.4),
    lead('red', 'board-plus', { metres: 0.4 }),
    lead('black', 'board-minus', { metres: 0.4 }),
    groundWire,
  ],
  parts: [
    ...bothLegsThrough,
    {
      part: 'transformer',
      id: 'board-supply',
      primary: ['board-line', 'board-neutral'],
      to: ['board-12', 'board-0'],
      volts: 12,
      ohm: 2,
    },
    { part: 'pole', id: 'remote', of: 'call', from: 'board-12', to: 'call-1' },
    { part: 'load', id: 'call-input', from: 'call-1', to: 'board-0', ohm: 2200 },
    { part: 'load', id: 'control-common', from: 'board-0', to: 'ground', ohm: 1e5 },
    {
      part: 'drive',
      id: 'drive',
      line: ['board-line', 'board-neutral'],
      to: ['board-plus', 'board-minus'],
      volts: 310,
      ohm: 15,
      busUf: 220,
      bleedOhm: 270_000,
      by: ['call-1', 'board-0'],
    },
  ],
  motors: [
    boardMotor({ volts: 310, watts: 30, poles: 8, ratedRpm: 1200, spinSeconds: 3, behind: 'electric-box' }),
  ],
  wheel: { kind: 'centrifugal', blades: 60, vent: true },
  plate: { modelNumber: 'WU 30', voltages: [310], phase: 1, motorKind: 'bldc' },
  place: { key: 'place.living-room' },
}

/** Behind the back panel of a freezer: a fan that the door switch stops, in the cold and the frost. */
export const freezerFan: PlantBuild = {
  family: 'refrigerator-evaporator-fan',
  kind: 'shaded-pole',
  supply: mains120(15),
  points: [
    { id: 'plug', opens: 'line' },
    { id: 'water-valve', opens: 'valve' },
  ],
  covers: [{ id: 'back-panel', wheel: true }],
  terminals: [
    ...everywhere,
    ...boardTerminals('back-panel', 'board-fan'),
    ...behind('back-panel', 'lead-black', 'lead-white', 'lead-green', 'fan-frame'),
  ],
  wires: [
    ...feedWires('board-line', 'board-neutral', 1.5),
    lead('black', 'board-fan'),
    lead('white', 'board-neutral'),
    groundWire,
  ],
  parts: [...liveThrough('plug'), ...boardControl({ chain: true }), relay('relay-fan', 'board-fan')],
  motors: [
    shadedMotor({ volts: 120, watts: 5, poles: 2, ratedRpm: 2900, spinSeconds: 1.5, behind: 'back-panel' }),
  ],
  wheel: { kind: 'axial', blades: 4, vent: true, frost: true },
  plate: { modelNumber: 'EF 5', voltages: [115], hz: [60], phase: 1, rpm: [2830], amps: [0.38] },
  place: { key: 'place.kitchen' },
}

/** Under a refrigerator beside its compressor: dust and hair. */
export const condenserFan: PlantBuild = {
  ...freezerFan,
  family: 'refrigerator-condenser-fan',
  points: [{ id: 'plug', opens: 'line' }],
  covers: [{ id: 'rear-cover', wheel: true }],
  terminals: freezerFan.terminals.map((terminal) =>
    terminal.behind ? { ...terminal, behind: 'rear-cover' } : terminal,
  ),
  parts: [...liveThrough('plug'), ...boardControl(), relay('relay-fan', 'board-fan')],
  wheel: { kind: 'axial', blades: 4, vent: true },
  motors: [
    shadedMotor({ volts: 120, watts: 6, poles: 4, ratedRpm: 1450, spinSeconds: 1.5, behind: 'rear-cover' }),
  ],
  plate: { modelNumber: 'KF 6', voltages: [115], hz: [60], phase: 1, rpm: [1420], amps: [0.46] },
  place: { key: 'place.kitchen' },
}

/** A dehumidifier in a cellar: fan and compressor on one dual capacitor, a humidistat, a bucket with a float. */
export const dehumidifier: PlantBuild = {
  ...outdoorUnit,
  family: 'dehumidifier-fan',
  supply: mains120(15),
  points: [
    { id: 'plug', opens: 'line' },
    { id: 'thermostat', opens: 'call' },
  ],
  covers: [
    { id: 'rear-shell', wheel: true },
    { id: 'compressor-cap', after: 'rear-shell' },
  ],
  terminals: [
    ...everywhere,
    ...behind(
      'rear-shell',
      'line-1',
      'line-2',
      'board-line',
      'board-neutral',
      'board-fan',
      'call-1',
      'call-2',
      'call-in',
      'C',
      'FAN',
      'HERM',
    ),
    ...behind('rear-shell', 'lead-black', 'lead-white', 'lead-brown', 'lead-green', 'fan-frame'),
    ...behind('compressor-cap', 'compressor-c', 'compressor-r', 'compressor-s', 'compressor-frame'),
  ],
  wires: [
    ...feedWires('board-line', 'board-neutral', 1.5),
    lead('black', 'board-fan'),
    lead('white', 'board-neutral'),
    lead('brown', 'FAN', { bundle: 'capacitor' }),
    groundWire,
    { id: 'feed-c', from: 'C', to: 'board-fan', colour: 'yellow', metres: 0.3 },
    {
      id: 'comp-common',
      from: 'compressor-c',
      to: 'board-neutral',
      colour: 'white',
      metres: 0.5,
      bundle: 'compressor',
    },
    {
      id: 'comp-run',
      from: 'compressor-r',
      to: 'board-fan',
      colour: 'red',
      metres: 0.5,
      bundle: 'compressor',
    },
    { id: 'comp-start', from: 'compressor-s', to: 'HERM', colour: 'blue', metres: 0.5, bundle: 'compressor' },
  ],
  parts: [
    ...liveThrough('plug'),
    ...boardControl({ chain: true }),
    relay('relay-run', 'board-fan'),
    { part: 'capacitor', id: 'FAN', from: 'C', to: 'FAN', uF: 4, volts: 370 },
    { part: 'capacitor', id: 'HERM', from: 'C', to: 'HERM', uF: 25, volts: 370 },
  ],
  motors: outdoorUnit.motors.map((motor) =>
    motor.id === 'fan'
      ? {
          ...motor,
          volts: 120,
          watts: 60,
          turnsRatio: 1.71,
          spinSeconds: 2.5,
          leads: [...threeLeads, ground],
          behind: 'rear-shell',
        }
      : { ...motor, volts: 120, watts: 380, turnsRatio: 1.72 },
  ),
  wheel: { kind: 'centrifugal', blades: 30, vent: true },
  plate: {
    modelNumber: 'DF 60',
    voltages: [115],
    hz: [60],
    phase: 1,
    rpm: [1075],
    amps: [0.75],
    capacitorUf: 4,
    capacitorVolts: 370,
  },
  capacitorLabel: '25+4 µF ±6 % 370 VAC 60 Hz',
  place: { key: 'place.cellar' },
}

/** The heater of a caravan: 12 V from a battery and a charger, brushes, gas from cylinders. */
export const caravanHeater: PlantBuild = {
  family: 'rv-furnace-blower',
  kind: 'brushed-dc',
  supply: {
    legs: [
      { id: 'battery-plus', volts: 12.7, degrees: 0 },
      { id: 'charger-plus', volts: 13.6, degrees: 0 },
    ],
    hz: 0,
    ohm: [0.03, 0.08],
    breakerAmps: 20,
    known: ['known-1', 'known-2'],
  },
  points: [
    { id: 'shore-power', opens: 'line' },
    { id: 'battery', opens: 'line' },
    { id: 'thermostat', opens: 'call' },
    { id: 'cylinder-valve', opens: 'valve' },
  ],
  covers: [
    { id: 'outer-grille' },
    { id: 'blower-housing', wheel: true, after: 'outer-grille' },
    { id: 'gas-joint', fuel: true, after: 'outer-grille' },
  ],
  terminals: [
    ...everywhere,
    ...behind(
      'outer-grille',
      'plus',
      'minus',
      'board-line',
      'board-neutral',
      'board-fan',
      'call-1',
      'call-in',
    ),
    ...behind('outer-grille', 'lead-red', 'lead-black', 'fan-frame'),
  ],
  wires: [
    { id: 'supply-1', from: 'plus', to: 'board-line', colour: 'red', metres: 1.5, bundle: 'feed' },
    { id: 'supply-2', from: 'minus', to: 'board-neutral', colour: 'black', metres: 1.5, bundle: 'feed' },
    lead('red', 'board-fan', { metres: 0.4 }),
    lead('black', 'board-neutral', { metres: 0.4 }),
  ],
  parts: [
    { part: 'pole', id: 'battery-1', of: 'battery', from: 'battery-plus', to: 'plus' },
    { part: 'pole', id: 'charger-1', of: 'shore-power', from: 'charger-plus', to: 'charger-out' },
    { part: 'load', id: 'charger-lead', from: 'charger-out', to: 'plus', ohm: 0.3 },
    { part: 'load', id: 'minus-lead', from: 'minus', to: 'ground', ohm: 0.02 },
    { part: 'pole', id: 'thermostat', of: 'call', from: 'board-line', to: 'call-1' },
    { part: 'chain', id: 'limit', from: 'call-1', to: 'call-in' },
    { part: 'load', id: 'relay-coil', from: 'call-in', to: 'board-neutral', ohm: 90 },
    {
      part: 'contact',
      id: 'relay-fan',
      from: 'board-line',
      to: 'board-fan',
      by: ['call-in', 'board-neutral'],
      pullVolts: 8,
      dropVolts: 4,
    },
  ],
  motors: [
    {
      id: 'fan',
      kind: 'brushed-dc',
      volts: 12,
      watts: 38,
      poles: 2,
      ratedRpm: 2900,
      turnsRatio: 1,
      load: 'fan',
      spinSeconds: 1.5,
      leads: [
        { id: 'lead-red', role: 'plus' },
        { id: 'lead-black', role: 'minus' },
      ],
      protector: { opens: 125, closes: 80 },
      classCelsius: 130,
      behind: 'outer-grille',
    },
  ],
  wheel: { kind: 'centrifugal', blades: 24, vent: true },
  plate: { modelNumber: 'CH 12', voltages: [12], amps: [3.8], rpm: [2950], motorKind: 'brushed-dc' },
  fuel: 'gas',
  place: { key: 'place.caravan' },
}
