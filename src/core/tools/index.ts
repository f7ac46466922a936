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
import { type CircuitInput, solveCircuit } from '../circuit'
import { CircuitDto } from '../circuit/input'
import { type DiagnoseInput, diagnose } from '../diagnose'
import { DiagnoseDto } from '../diagnose/input'
import { CoreError } from '../errors'
import { type BearingInput, centreWheel, findBearing, fitShaft, type ShaftFitInput, swapSpeed } from '../fit'
import { FitBearingDto, FitShaftDto, FitWheelDto, SwapSpeedDto } from '../fit/input'
import { type JsonSchema, schemaOf, validated } from '../input'
import {
  askForCapacitor,
  askForMotor,
  type CapacitorMatchInput,
  type MotorMatchInput,
  matchCapacitors,
  matchMotors,
} from '../match'
import { AskCapacitorDto, AskMotorDto, MatchCapacitorDto, MatchMotorDto } from '../match/input'
import { type MotorInput, runMotor } from '../motor'
import { MotorDto } from '../motor/input'
import { readPlate } from '../plate'
import { PlateDto } from '../plate/input'
import { refusedBypass, wayBack } from '../refit'
import { RefitDto } from '../refit/input'
import { type AxialInput, type CentrifugalInput, convertRotation, wheelRotation } from '../rotation'
import { AxialRotationDto, CentrifugalRotationDto, ConvertRotationDto } from '../rotation/input'
import { judgeWinding, type WindingInput } from '../winding'
import { WindingDto } from '../winding/input'
import { type WiringInput, wireMotor } from '../wiring'
import { WiringDto } from '../wiring/input'
import { LedgerDto, NoticeDto } from '../words/input'
import { type LedgerInput, readLine } from '../words/ledger'
import { type NoticeInput, readNotice } from '../words/notice'
import { ownTools } from './ownTools'
import { type Tool, tool } from './types'

type CapacitorInput =
  | (CapacitorCheckInput & { op: 'check' })
  | (Parameters<typeof capacitanceUnderLoad>[0] & { op: 'load' })
  | (Parameters<typeof discharge>[0] & { op: 'discharge' })
  | (Parameters<typeof combineSections>[0] & { op: 'combine' })

type MatchToolInput =
  | (MotorMatchInput & { op: 'motor' })
  | (CapacitorMatchInput & { op: 'capacitor' })
  | (Parameters<typeof askForMotor>[0] & { op: 'ask'; of: 'motor' })
  | (Parameters<typeof askForCapacitor>[0] & { op: 'ask'; of: 'capacitor' })

/** Every calculation that runs without the interface, by name. */
export const tools: Tool[] = [
  tool<Parameters<typeof readPlate>[0]>({
    name: 'plate',
    about: 'Read the text of a motor, capacitor or appliance plate, with confidence per field.',
    inputs: [
      {
        type: PlateDto,
        example: {
          text: 'MARROWBY\nMOD MB-C-1112  HP 1/6\nV 208-230 HZ 60 PH 1\nRPM 825 A 1.1\nCAP 5 MFD 370V',
        },
      },
    ],
    run: (input) => readPlate(input),
  }),
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
  tool<MatchToolInput>({
    name: 'match',
    about:
      'Compare an old motor or capacitor with candidates, rule by rule, with the work each asks; or say what to ask a seller for.',
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
      {
        op: 'ask',
        of: 'motor',
        type: AskMotorDto,
        example: {
          op: 'ask',
          of: 'motor',
          old: { id: 'old', motorKind: 'psc', voltages: [208, 230], hz: [60], hp: 0.25, rpm: [1075] },
        },
      },
      {
        op: 'ask',
        of: 'capacitor',
        type: AskCapacitorDto,
        example: {
          op: 'ask',
          of: 'capacitor',
          old: { sections: [{ section: 'single', uF: 7.5 }], volts: 370, duty: 'run' },
        },
      },
    ],
    run: (input) => {
      if (input.op === 'motor') return matchMotors(input)
      if (input.op === 'capacitor') return matchCapacitors(input)
      return input.of === 'motor' ? askForMotor(input) : askForCapacitor(input)
    },
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
    run: (input) => wayBack(input, refusedBypass),
  }),
  tool<NoticeInput>({
    name: 'notice',
    about: 'Plain words, as people type them, to the machine, what is noticed, dangers and what is denied.',
    inputs: [{ type: NoticeDto, example: { text: 'bathroom fan squeals, no burnt smell' } }],
    run: readNotice,
  }),
  tool<LedgerInput>({
    name: 'ledger',
    about: 'One spoken or typed line of taking apart to a ledger line.',
    inputs: [
      {
        type: LedgerDto,
        example: { text: 'white with blue stripe off COOL, four hex, cup B', terminals: ['COOL', 'HEAT'] },
      },
    ],
    run: readLine,
  }),
  tool<CircuitInput>({
    name: 'circuit',
    about: 'Solve an alternating-current circuit of sources, R, L, C, switches and motors.',
    inputs: [
      {
        type: CircuitDto,
        example: {
          hz: 60,
          reference: 'n',
          elements: [
            { id: 's', kind: 'source', nodes: ['a', 'n'], value: 120 },
            { id: 'r', kind: 'resistor', nodes: ['a', 'n'], value: 60 },
          ],
        },
      },
    ],
    run: (input) => solveCircuit(input),
  }),
  tool<MotorInput>({
    name: 'motor',
    about: 'Torque curve, starting and running point of a two-winding motor by the double revolving field.',
    inputs: [
      {
        type: MotorDto,
        example: {
          main: { r: 2.02, x: 2.79 },
          rotor: { r: 4.12, x: 2.12 },
          xm: 66.8,
          poles: 4,
          volts: 110,
          hz: 60,
          slip: 0.05,
          coreWatts: 24,
          frictionWatts: 13,
        },
      },
    ],
    run: (input) => runMotor(input),
  }),
  tool<
    | ({ op: 'shaft' } & ShaftFitInput)
    | ({ op: 'bearing' } & BearingInput)
    | ({ op: 'wheel' } & Parameters<typeof centreWheel>[0])
    | ({ op: 'swap-speed' } & Parameters<typeof swapSpeed>[0])
  >({
    name: 'fit',
    about: 'Shaft mark and cut, bearing by its sizes, wheel centring, fan laws on a change of speed.',
    inputs: [
      {
        op: 'shaft',
        type: FitShaftDto,
        example: {
          op: 'shaft',
          old: { mountToFaceMm: 12, faceToHubMm: 60 },
          new: { mountToFaceMm: 20, shaftLengthMm: 150 },
          hubGripMm: 28,
        },
      },
      {
        op: 'bearing',
        type: FitBearingDto,
        example: { op: 'bearing', boreMm: 8, outerMm: 22, widthMm: 7, shaftMm: 8.002 },
      },
      {
        op: 'wheel',
        type: FitWheelDto,
        example: { op: 'wheel', housingInsideMm: 200, wheelWidthMm: 180, hubOffsetMm: 4 },
      },
      {
        op: 'swap-speed',
        type: SwapSpeedDto,
        example: { op: 'swap-speed', oldRpm: 825, newRpm: 1075, hp: 0.25 },
      },
    ],
    run: (input) => {
      switch (input.op) {
        case 'shaft':
          return fitShaft(input)
        case 'bearing':
          return findBearing(input)
        case 'wheel':
          return centreWheel(input)
        case 'swap-speed':
          return swapSpeed(input)
      }
    },
  }),
  tool<Parameters<typeof convertRotation>[0] | AxialInput | CentrifugalInput>({
    name: 'rotation',
    about: 'Turn seen from the other end; the turn that a wheel needs.',
    inputs: [
      { type: ConvertRotationDto, example: { direction: 'CW', viewedFrom: 'lead-end', wanted: 'shaft-end' } },
      {
        op: 'axial',
        key: 'fan',
        type: AxialRotationDto,
        example: { fan: 'axial', bladeSlopesDownToward: 'clockwise', viewedFrom: 'discharge' },
      },
      {
        op: 'centrifugal',
        key: 'fan',
        type: CentrifugalRotationDto,
        example: { fan: 'centrifugal', curve: 'forward', cupsOpenToward: 'clockwise', viewedFrom: 'inlet' },
      },
    ],
    run: (input) => ('fan' in input ? wheelRotation(input) : convertRotation(input)),
  }),
  tool<WiringInput & { op: 'plan' | 'check' }>({
    name: 'wiring',
    about: 'Land each lead by its role, or judge a wiring, by solving the circuit it makes.',
    inputs: [
      {
        type: WiringDto,
        example: {
          op: 'plan',
          supply: { volts: 240, hz: 60, lines: ['L1', 'L2'] },
          control: { kind: 'contactor', poles: 2, loadTerminals: ['T1', 'T2'] },
          capacitor: { kind: 'dual', uF: 5, hermUf: 35, terminals: ['C', 'FAN', 'HERM'], commonTiedTo: 'T2' },
          motor: {
            leads: [
              { id: 'white', role: 'common' },
              { id: 'black', role: 'run' },
              { id: 'brown', role: 'start' },
              { id: 'brown-white', role: 'capacitor-return', twinOf: 'black' },
              { id: 'green', role: 'ground' },
            ],
            windings: { runOhm: 17.8, startOhm: 40.6 },
            needsUf: 5,
            volts: 230,
          },
        },
      },
    ],
    run: (input) => wireMotor(input),
  }),
  ...ownTools,
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
  const key = chosen.inputs.find((each) => each.key)?.key ?? 'op'
  const fields = input as Record<string, unknown>
  const named = chosen.inputs.filter((each) => each.op === fields[key])
  const found = named.find(({ of }) => of === undefined || of === fields.of)
  if (!found) {
    const wrong = named.length > 0 ? 'of' : key
    const names = named.length > 0 ? named.map(({ of }) => of) : chosen.inputs.map(({ op }) => op)
    throw new CoreError(
      'invalid-input',
      `${wrong} must be one of: ${[...new Set(names.filter(Boolean))].join(', ')}`,
      wrong,
    )
  }
  return found.type
}

/** JSON Schema of a tool's input. */
export function toolSchema(chosen: Tool): JsonSchema {
  const schemas = chosen.inputs.map(({ type, example }) => ({ ...schemaOf(type), examples: [example] }))
  const body: JsonSchema = schemas.length === 1 ? schemas[0]! : { anyOf: schemas }
  return { $schema: 'https://json-schema.org/draft/2020-12/schema', title: `cog ${chosen.name}`, ...body }
}
