import type { MotorSpec } from '../../match/types'

/**
 * A made-up catalogue of invented makers. Figures hang together: amps come from power, voltage and the efficiency and
 * power factor usual for the kind and size; sizes from the frame; capacitors from the power.
 */

const WATTS_PER_HP = 745.7
const INCH = 25.4

/** Small motors waste most of what they take; larger ones less. Efficiency times power factor. */
function usefulShare(kind: MotorSpec['motorKind'], hp: number): number {
  if (kind === 'shaded-pole') return hp < 1 / 30 ? 0.12 : 0.2
  if (kind === 'psc' || kind === 'psc-multispeed') return hp < 1 / 20 ? 0.36 : hp < 1 / 6 ? 0.5 : 0.6
  if (kind === 'bldc' || kind === 'ecm') return 0.6
  return 0.5
}

const amps = (kind: MotorSpec['motorKind'], hp: number, volts: number) =>
  Math.round(((hp * WATTS_PER_HP) / usefulShare(kind, hp) / volts) * 100) / 100

interface Line {
  maker: string
  prefix: string
  kind: MotorSpec['motorKind']
  volts: number[]
  hz?: number[]
  base: Partial<MotorSpec>
}

let serial = 0
function motor(line: Line, hp: number, rpm: number[], more: Partial<MotorSpec> = {}): MotorSpec {
  serial += 1
  const volts = line.volts.at(-1)!
  const partNumber = `${line.prefix}-${String(1000 + serial * 7)}`
  return {
    id: partNumber.toLowerCase(),
    manufacturer: line.maker,
    partNumber,
    motorKind: line.kind,
    voltages: line.volts,
    hz: line.hz ?? [60],
    phase: 1,
    hp,
    rpm,
    speeds: rpm.length,
    amps: amps(line.kind, hp, volts),
    price: Math.round(38 + 190 * Math.sqrt(hp) + rpm.length * 6),
    ...line.base,
    ...more,
  }
}

/** Capacitor that suits the power of a split-capacitor fan motor of the usual winding. */
const runCapacitor = (hp: number): { uF: number; volts: number } => ({
  uF: hp <= 1 / 8 ? 3 : hp <= 1 / 6 ? 5 : hp <= 1 / 4 ? 5 : hp <= 1 / 3 ? 7.5 : 10,
  volts: 370,
})

const frame48 = { diameterMm: 142, mount: { type: 'stud' as const, boltCircleMm: 106, studLengthMm: 32 } }

function outdoor(
  maker: string,
  prefix: string,
  lengthOfShaft: number,
  reversible: boolean,
  hz: number[],
): MotorSpec[] {
  const line: Line = {
    maker,
    prefix,
    kind: 'psc',
    volts: [208, 230],
    hz,
    base: {
      ...frame48,
      enclosure: 'air-over',
      bearing: 'ball',
      positions: ['shaft-up', 'shaft-down', 'horizontal'],
      ambientCelsius: 60,
      insulationClass: 'B',
      rotation: { direction: 'CW', viewedFrom: 'lead-end', reversible },
    },
  }
  return [1 / 8, 1 / 6, 1 / 5, 1 / 4, 1 / 3, 1 / 2].flatMap((hp) =>
    [825, 1075].map((rpm) =>
      motor(line, hp, [rpm], {
        capacitor: runCapacitor(hp),
        bodyLengthMm: Math.round(92 + hp * 120),
        leadLengthMm: reversible ? 1500 : 900,
        shaft: { diameterMm: 12.7, lengthMm: lengthOfShaft, flats: reversible ? 2 : 1, ends: 1 },
      }),
    ),
  )
}

function blowers(maker: string, prefix: string, volts: number[]): MotorSpec[] {
  const line: Line = {
    maker,
    prefix,
    kind: 'psc-multispeed',
    volts,
    base: {
      diameterMm: 142,
      mount: { type: 'belly-band' },
      enclosure: 'open',
      bearing: 'sleeve',
      positions: ['horizontal'],
      ambientCelsius: 40,
      insulationClass: 'B',
      rotation: { direction: 'CCW', viewedFrom: 'lead-end', reversible: true },
      leadLengthMm: 760,
    },
  }
  return [1 / 5, 1 / 4, 1 / 3, 1 / 2, 3 / 4].map((hp) =>
    motor(line, hp, hp < 1 / 3 ? [1075, 950, 825] : [1075, 985, 900, 800], {
      capacitor: { uF: hp < 1 / 3 ? 5 : hp < 1 / 2 ? 7.5 : 10, volts: 370 },
      bodyLengthMm: Math.round(95 + hp * 110),
      shaft: { diameterMm: 12.7, lengthMm: 130, flats: 1, ends: 1 },
    }),
  )
}

const small = (
  maker: string,
  prefix: string,
  kind: MotorSpec['motorKind'],
  volts: number[],
  base: Partial<MotorSpec>,
): Line => ({
  maker,
  prefix,
  kind,
  volts,
  base: {
    phase: 1,
    bearing: 'sleeve',
    positions: ['horizontal', 'shaft-down'],
    ambientCelsius: 40,
    insulationClass: 'B',
    enclosure: 'open',
    ...base,
  },
})

function bath(): MotorSpec[] {
  const shape = {
    diameterMm: 82,
    bodyLengthMm: 58,
    mount: { type: 'lug' as const, boltCircleMm: 70 },
    leadLengthMm: 180,
    connector: '2-pin flat',
    rotation: { direction: 'CW' as const, viewedFrom: 'shaft-end' as const, reversible: false },
  }
  const shaded = small('Quillfen', 'QF-B', 'shaded-pole', [115], { ...shape, capacitor: null })
  const split = small('Tessock', 'TS-B', 'psc', [115], shape)
  const shaft = { diameterMm: 6.35, lengthMm: 38, flats: 1, ends: 1 }
  return [
    motor(shaded, 1 / 100, [1550], { shaft, outputWatts: 7.5, inputWatts: 62 }),
    motor(shaded, 1 / 70, [1550], { shaft }),
    motor(shaded, 1 / 70, [3000], { shaft: { ...shaft, lengthMm: 52 } }),
    motor(shaded, 1 / 50, [1550], { shaft: { ...shaft, lengthMm: 45 } }),
    motor(split, 1 / 50, [1075], { shaft, capacitor: { uF: 3, volts: 250 } }),
    motor(split, 1 / 40, [1075], { shaft, capacitor: { uF: 4, volts: 250 } }),
    motor(split, 1 / 30, [1550], { shaft: { ...shaft, lengthMm: 48 }, capacitor: { uF: 4, volts: 250 } }),
    motor(split, 1 / 30, [1550, 1100], { shaft, capacitor: { uF: 5, volts: 250 } }),
  ]
}

function hoodsAndHrv(): MotorSpec[] {
  const hood = small('Brantlow', 'BL-H', 'psc-multispeed', [115], {
    diameterMm: 90,
    bodyLengthMm: 80,
    mount: { type: 'bracket' },
    bearing: 'ball',
    leadLengthMm: 300,
    connector: '6-pin',
    rotation: { direction: 'CCW', viewedFrom: 'shaft-end', reversible: false },
  })
  const hrv = small('Ivenholm', 'IV-R', 'psc', [115, 230], {
    diameterMm: 112,
    bodyLengthMm: 86,
    mount: { type: 'stud', boltCircleMm: 90, studLengthMm: 18 },
    enclosure: 'enclosed',
    bearing: 'ball',
    leadLengthMm: 450,
    rotation: { direction: 'CW', viewedFrom: 'shaft-end', reversible: false },
  })
  const shaft = { diameterMm: 8, lengthMm: 40, flats: 1, ends: 1 }
  return [
    motor(hood, 1 / 20, [1550, 1350, 1100], { shaft, capacitor: { uF: 5, volts: 250 } }),
    motor(hood, 1 / 12, [1550, 1350, 1100], { shaft, capacitor: { uF: 6, volts: 250 } }),
    motor(hood, 1 / 8, [1625, 1400, 1150], {
      shaft: { ...shaft, ends: 2, secondLengthMm: 40 },
      capacitor: { uF: 8, volts: 250 },
    }),
    motor(hrv, 1 / 25, [1550], { shaft, capacitor: { uF: 4, volts: 400 }, hz: [50, 60] }),
    motor(hrv, 1 / 15, [1550], { shaft, capacitor: { uF: 6, volts: 400 }, hz: [50, 60] }),
    motor(hrv, 1 / 15, [2700], { shaft, capacitor: { uF: 4, volts: 400 }, hz: [50, 60] }),
  ]
}

function attic(): MotorSpec[] {
  const psc = small('Marrowby', 'MB-A', 'psc', [115], {
    diameterMm: 128,
    bodyLengthMm: 96,
    mount: { type: 'stud', boltCircleMm: 95, studLengthMm: 25 },
    bearing: 'ball',
    ambientCelsius: 65,
    leadLengthMm: 610,
    rotation: { direction: 'CW', viewedFrom: 'shaft-end', reversible: true },
  })
  const split = small('Marrowby', 'MB-S', 'split-phase', [115], {
    diameterMm: 165,
    bodyLengthMm: 190,
    mount: { type: 'base' },
    bearing: 'ball',
    ambientCelsius: 40,
    leadLengthMm: 300,
    rotation: { direction: 'CCW', viewedFrom: 'shaft-end', reversible: true },
    capacitor: null,
  })
  const shaft = { diameterMm: 9.5, lengthMm: 60, flats: 1, ends: 1 }
  return [
    motor(psc, 1 / 15, [1075], { shaft, capacitor: { uF: 4, volts: 370 } }),
    motor(psc, 1 / 10, [1075], { shaft, capacitor: { uF: 5, volts: 370 } }),
    motor(psc, 1 / 10, [1550], { shaft, capacitor: { uF: 5, volts: 370 } }),
    motor(psc, 1 / 8, [1075], {
      shaft: { ...shaft, diameterMm: 12.7, lengthMm: 70 },
      capacitor: { uF: 5, volts: 370 },
    }),
    motor(split, 1 / 4, [1725], { shaft: { diameterMm: 12.7, lengthMm: 57, flats: 1, ends: 1 } }),
    motor(split, 1 / 3, [1725], { shaft: { diameterMm: 12.7, lengthMm: 57, flats: 1, ends: 1 } }),
  ]
}

function uniques(): MotorSpec[] {
  const inducer = small('Tessock', 'TS-N', 'psc', [115], {
    unique: true,
    mount: { type: 'bracket' },
    bearing: 'ball',
    ambientCelsius: 60,
    enclosure: 'open',
    connector: '3-pin',
    rotation: { direction: 'CCW', viewedFrom: 'shaft-end', reversible: false },
  })
  const shaded = { ...inducer, kind: 'shaded-pole' as const, prefix: 'TS-M' }
  const evaporator = small('Quillfen', 'QF-E', 'bldc', [12], {
    unique: true,
    hz: [],
    mount: { type: 'bracket' },
    connector: '4-pin',
    bearing: 'sleeve',
  })
  const pellet = small('Brantlow', 'BL-P', 'shaded-pole', [115], {
    mount: { type: 'bracket' },
    ambientCelsius: 75,
    insulationClass: 'H',
    bearing: 'ball',
    capacitor: null,
    leadLengthMm: 300,
    rotation: { direction: 'CW', viewedFrom: 'shaft-end', reversible: false },
  })
  return [
    motor(inducer, 1 / 35, [3000], { replaces: ['TS-N-0480'], capacitor: { uF: 3, volts: 370 } }),
    motor(inducer, 1 / 25, [3200], {
      replaces: ['TS-N-0512', 'TS-N-0498'],
      capacitor: { uF: 4, volts: 370 },
    }),
    motor(shaded, 1 / 30, [3000], { replaces: ['TS-M-0311'], capacitor: null }),
    motor(shaded, 1 / 25, [2800], { capacitor: null }),
    motor(evaporator, 1 / 250, [2500], { replaces: ['QF-E-210'] }),
    motor(evaporator, 1 / 200, [2800], {}),
    motor(pellet, 1 / 30, [3000], { shaft: { diameterMm: 8, lengthMm: 36, flats: 1, ends: 1 } }),
    motor(pellet, 1 / 25, [3000], { shaft: { diameterMm: 8, lengthMm: 36, flats: 1, ends: 1 } }),
  ]
}

function dehumidifiers(): MotorSpec[] {
  const line = small('Ivenholm', 'IV-D', 'psc-multispeed', [115], {
    diameterMm: 100,
    bodyLengthMm: 84,
    mount: { type: 'stud', boltCircleMm: 80, studLengthMm: 20 },
    enclosure: 'enclosed',
    bearing: 'ball',
    leadLengthMm: 420,
    rotation: { direction: 'CW', viewedFrom: 'shaft-end', reversible: false },
  })
  const shaft = { diameterMm: 8, lengthMm: 46, flats: 1, ends: 1 }
  return [
    motor(line, 1 / 30, [1550, 1300, 1050], { shaft, capacitor: { uF: 3, volts: 370 }, connector: '5-pin' }),
    motor(line, 1 / 20, [1550, 1300, 1050], { shaft, capacitor: { uF: 3, volts: 370 }, connector: '5-pin' }),
    motor(line, 1 / 20, [1550, 1250], {
      shaft: { ...shaft, lengthMm: 60 },
      capacitor: { uF: 4, volts: 370 },
    }),
  ]
}

function electronic(): MotorSpec[] {
  const ecm = small('Ivenholm', 'IV-E', 'ecm', [115, 230], {
    diameterMm: 142,
    bodyLengthMm: 170,
    unique: true,
    mount: { type: 'belly-band' },
    bearing: 'ball',
    connector: '16-pin and 5-pin',
    rotation: { direction: 'CCW', viewedFrom: 'lead-end', reversible: false },
    capacitor: null,
  })
  const heater = small('Quillfen', 'QF-C', 'brushed-dc', [12], {
    hz: [],
    diameterMm: 76,
    bodyLengthMm: 110,
    mount: { type: 'bracket' },
    bearing: 'ball',
    capacitor: null,
    rotation: { direction: 'CW', viewedFrom: 'shaft-end', reversible: false },
  })
  const shaft = { diameterMm: 12.7, lengthMm: 130, flats: 1, ends: 1 }
  return [
    motor(ecm, 1 / 3, [1100], { shaft, replaces: ['IV-E-0200'] }),
    motor(ecm, 1 / 2, [1200], { shaft }),
    motor(ecm, 3 / 4, [1250], { shaft }),
    motor(heater, 1 / 20, [3400], {
      shaft: { diameterMm: 6.35, lengthMm: 2 * INCH, flats: 1, ends: 2, secondLengthMm: 44 },
    }),
    motor(heater, 1 / 15, [3600], {
      shaft: { diameterMm: 6.35, lengthMm: 2 * INCH, flats: 1, ends: 2, secondLengthMm: 44 },
    }),
  ]
}

export const catalogueMotors: MotorSpec[] = [
  ...outdoor('Quillfen', 'QF-U', 150, true, [60]),
  ...outdoor('Marrowby', 'MB-C', 110, false, [50, 60]),
  ...blowers('Marrowby', 'MB-F', [115]),
  ...blowers('Brantlow', 'BL-F', [208, 230]),
  ...bath(),
  ...hoodsAndHrv(),
  ...attic(),
  ...uniques(),
  ...dehumidifiers(),
  ...electronic(),
]
