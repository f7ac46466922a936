import {
  type CapacitorCheckInput,
  capacitanceUnderLoad,
  checkCapacitor,
  combineSections,
  discharge,
} from '../capacitor'
import {
  CapacitorCheckDto,
  CapacitorCombineDto,
  CapacitorDischargeDto,
  CapacitorLoadDto,
} from '../capacitor/input'
import { type DiagnoseInput, diagnose } from '../diagnose'
import { DiagnoseDto } from '../diagnose/input'
import { CoreError } from '../errors'
import { type JsonSchema, schemaOf, validated } from '../input'
import { type CapacitorMatchInput, type MotorMatchInput, matchCapacitors, matchMotors } from '../match'
import { MatchCapacitorDto, MatchMotorDto } from '../match/input'
import { wayBack } from '../refit'
import { RefitDto } from '../refit/input'
import { judgeWinding, type WindingInput } from '../winding'
import { WindingDto } from '../winding/input'
import { type Tool, tool } from './types'

type CapacitorInput =
  | (CapacitorCheckInput & { op: 'check' })
  | (Parameters<typeof capacitanceUnderLoad>[0] & { op: 'load' })
  | (Parameters<typeof discharge>[0] & { op: 'discharge' })
  | (Parameters<typeof combineSections>[0] & { op: 'combine' })

/** Every calculation that runs without the interface, by name. */
export const tools: Tool[] = [
  tool<CapacitorInput>({
    name: 'capacitor',
    about: 'Judge a capacitor against its label; load method, discharge, combining sections.',
    inputs: [
      {
        op: 'check',
        type: CapacitorCheckDto,
        example: {
          op: 'check',
          label: '30+3 µF ±6 % 440 V',
          readings: [
            { section: 'HERM', uF: 29.4 },
            { section: 'FAN', uF: 2.31 },
          ],
        },
      },
      { op: 'load', type: CapacitorLoadDto, example: { op: 'load', amps: 0.72, volts: 382, hz: 60 } },
      {
        op: 'discharge',
        type: CapacitorDischargeDto,
        example: { op: 'discharge', uF: 30, acVolts: 440, resistorOhm: 20000 },
      },
      {
        op: 'combine',
        type: CapacitorCombineDto,
        example: {
          op: 'combine',
          sections: [
            { terminal: 'a', uF: 2.5 },
            { terminal: 'b', uF: 5 },
            { terminal: 'c', uF: 10 },
          ],
          targets: [{ name: 'FAN', uF: 7.5, tolerancePercent: 6 }],
        },
      },
    ],
    run: (input) => {
      switch (input.op) {
        case 'check':
          return checkCapacitor(input)
        case 'load':
          return capacitanceUnderLoad(input)
        case 'discharge':
          return discharge(input)
        case 'combine':
          return combineSections(input)
      }
    },
  }),
  tool<WindingInput>({
    name: 'winding',
    about: 'Map a motor’s leads from its pair resistances: tree, roles, sum check, faults.',
    inputs: [
      {
        type: WindingDto,
        example: {
          leads: ['white', 'black', 'brown'],
          pairs: [
            { a: 'white', b: 'black', ohm: 18.2 },
            { a: 'white', b: 'brown', ohm: 41.1 },
            { a: 'black', b: 'brown', ohm: 59.2 },
          ],
          leadOffsetOhm: 0.2,
          windingCelsius: 19,
        },
      },
    ],
    run: (input) => judgeWinding(input),
  }),
  tool<DiagnoseInput>({
    name: 'diagnose',
    about: 'Suspects with probabilities, the next best tests, a decision where one is justified, stops.',
    inputs: [
      {
        type: DiagnoseDto,
        example: {
          family: 'dehumidifier-fan',
          motorKind: 'psc-multispeed',
          observations: { 'fan-state': 'slow', companion: 'yes', 'capacitor-fan-reading': 2.31 },
          plate: { volts: 115, fanUf: 3 },
        },
      },
    ],
    run: (input) => diagnose(input),
  }),
  tool<(MotorMatchInput & { op: 'motor' }) | (CapacitorMatchInput & { op: 'capacitor' })>({
    name: 'match',
    about: 'Compare an old motor or capacitor with candidates, rule by rule, with the work each asks.',
    inputs: [
      {
        op: 'motor',
        type: MatchMotorDto,
        example: {
          op: 'motor',
          old: { id: 'old', motorKind: 'psc', voltages: [115], hz: [60], hp: 0.1, rpm: [1550] },
          candidates: [{ id: 'new', motorKind: 'psc', voltages: [115], hz: [60], hp: 0.1, rpm: [1550] }],
        },
      },
      {
        op: 'capacitor',
        type: MatchCapacitorDto,
        example: {
          op: 'capacitor',
          old: {
            sections: [
              { section: 'HERM', uF: 30 },
              { section: 'FAN', uF: 3 },
            ],
            volts: 440,
            duty: 'run',
          },
          candidates: [
            {
              id: 'new',
              sections: [
                { section: 'HERM', uF: 30 },
                { section: 'FAN', uF: 3 },
              ],
              volts: 440,
              duty: 'run',
            },
          ],
        },
      },
    ],
    run: (input) => (input.op === 'motor' ? matchMotors(input) : matchCapacitors(input)),
  }),
  tool<Parameters<typeof wayBack>[0]>({
    name: 'refit',
    about: 'The way back from a ledger of acts: order, tally, transfers, renewals, what must be undone.',
    inputs: [
      {
        type: RefitDto,
        example: {
          steps: [
            { id: '1', action: 'unscrew', part: 'cover', count: 4, fastener: '1/4 hex', cup: 'A' },
            { id: '2', action: 'lift-off', part: 'motor' },
          ],
          replaced: 'motor',
        },
      },
    ],
    run: (input) => wayBack(input),
  }),
]

export const findTool = (name: string): Tool | undefined => tools.find((each) => each.name === name)

/**
 * Validate and run one input.
 * @throws CoreError
 */
export function runTool(chosen: Tool, input: unknown): object {
  const type = inputTypeOf(chosen, input)
  return chosen.run(validated(type, input) as never)
}

function inputTypeOf(chosen: Tool, input: unknown): new () => object {
  if (chosen.inputs.length === 1) return chosen.inputs[0]!.type
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    throw new CoreError('invalid-input', 'The input must be one JSON object in braces')
  const op = (input as { op?: unknown }).op
  const found = chosen.inputs.find((each) => each.op === op)
  if (!found)
    throw new CoreError(
      'invalid-input',
      `op must be one of: ${chosen.inputs.map((each) => each.op).join(', ')}`,
      'op',
    )
  return found.type
}

/** JSON Schema of a tool's input. */
export function toolSchema(chosen: Tool): JsonSchema {
  const schemas = chosen.inputs.map(({ type, example }) => ({ ...schemaOf(type), examples: [example] }))
  const body: JsonSchema = schemas.length === 1 ? schemas[0]! : { anyOf: schemas }
  return { $schema: 'https://json-schema.org/draft/2020-12/schema', title: `cog ${chosen.name}`, ...body }
}
