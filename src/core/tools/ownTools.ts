import { capacitorDrift, type DriftReading } from '../drift'
import { DriftDto } from '../drift/input'
import type { IsolationInput } from '../isolation'
import { IsolationDto } from '../isolation/input'
import { isolationPlan } from '../isolation/plan'
import { compareOptions, type OptionsInput } from '../options'
import { OptionsDto } from '../options/input'
import { type LegsInput, legWalk, voltageWalk, type WalkReading } from '../supply'
import { LegsDto, WalkDto } from '../supply/input'
import { legsText } from '../supply/legWords'
import { type Tool, tool } from './types'

/** Tools whose JSON is this project's own. */
export const ownTools: Tool[] = [
  tool<{ readings: DriftReading[]; window: { lowUf: number; highUf: number } }>({
    name: 'drift',
    about: 'When a capacitor leaves its window, from readings over the years, with an interval.',
    inputs: [
      {
        type: DriftDto,
        example: {
          readings: [
            { years: 0, uF: 5.1 },
            { years: 1, uF: 5.02 },
            { years: 2, uF: 4.9 },
          ],
          window: { lowUf: 4.7, highUf: 5.3 },
        },
      },
    ],
    run: ({ readings, window }) => ({ drift: capacitorDrift(readings, window) }),
  }),
  tool<{ readings: WalkReading[]; plateVolts: number[] }>({
    name: 'walk',
    about: 'Voltages along the chain from supply to motor: a verdict per point, and where it is lost.',
    inputs: [
      {
        type: WalkDto,
        example: {
          readings: [
            { point: 'supply', volts: 241 },
            { point: 'output', volts: 3 },
          ],
          plateVolts: [208, 230],
        },
      },
    ],
    run: ({ readings, plateVolts }) => voltageWalk(readings, plateVolts),
  }),
  tool<Omit<LegsInput, 'between'> & Partial<Pick<LegsInput, 'between'>>>({
    name: 'legs',
    about: 'Each leg of a two- or three-wire supply against ground, before and behind the contacts.',
    inputs: [
      {
        type: LegsDto,
        example: {
          lives: ['L1', 'L2'],
          readings: [
            { at: 'supply', pair: 'L1–ground', volts: 119 },
            { at: 'supply', pair: 'L2–ground', volts: 0.4 },
          ],
          plateVolts: [208, 230],
        },
      },
    ],
    run: (input) => {
      const found = legWalk({ between: {}, ...input })
      return { legs: found.legs, places: found.places, conflict: found.conflict, text: legsText(found) }
    },
  }),
  tool<IsolationInput>({
    name: 'isolation',
    about: 'The isolation plan of a machine: points, proof, stored charge, waits, and the way back on.',
    inputs: [
      { type: IsolationDto, example: { family: 'outdoor-unit-fan', motorKind: 'psc', region: 'europe' } },
    ],
    run: (input) => isolationPlan(input),
  }),
  tool<OptionsInput>({
    name: 'options',
    about: 'What can be done, side by side: cost, hours, chance, years, cost per year with its spread.',
    inputs: [
      {
        type: OptionsDto,
        example: {
          family: 'attic-vent-fan',
          motorKind: 'psc',
          ageYears: 9,
          suspects: [
            { cause: 'bearing-seized', probability: 0.8 },
            { cause: 'capacitor-weak', probability: 0.2 },
          ],
          hourValue: 10,
        },
      },
    ],
    run: (input) => compareOptions(input),
  }),
]
