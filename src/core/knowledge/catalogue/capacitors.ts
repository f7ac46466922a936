import type { CapSpec } from '../../match/capacitor'

/** A made-up catalogue. Case sizes grow with µF and volts; the larger makers' cans take the higher temperature class. */
const six = { minus: 6, plus: 6 }

const single = (uF: number, volts: number): CapSpec => ({
  id: `bl-k${String(uF).replace('.', 'p')}-${volts}`,
  manufacturer: 'Brantlow',
  partNumber: `BL-K${uF}/${volts}`,
  sections: [{ section: 'single', uF }],
  volts,
  duty: 'run',
  tolerancePercent: six,
  diameterMm: uF <= 15 ? 38 : 45,
  heightMm: Math.round(52 + uF * 0.9 + (volts - 250) * 0.06),
  shape: uF <= 12.5 ? 'oval' : 'round',
  tabs: 4,
  temperatureCelsius: { min: -40, max: 70 },
  price: Math.round(6 + uF * 0.22 + (volts > 400 ? 2 : 0)),
})

const dual = (herm: number, fan: number, volts: number): CapSpec => ({
  id: `ts-d${herm}-${String(fan).replace('.', 'p')}-${volts}`,
  manufacturer: 'Tessock',
  partNumber: `TS-D${herm}+${fan}/${volts}`,
  sections: [
    { section: 'HERM', uF: herm },
    { section: 'FAN', uF: fan },
  ],
  volts,
  duty: 'run',
  tolerancePercent: six,
  diameterMm: herm <= 35 ? 50 : 63,
  heightMm: Math.round(70 + herm * 0.8),
  shape: 'round',
  tabs: { C: 4, HERM: 3, FAN: 2 },
  temperatureCelsius: { min: -40, max: 70 },
  price: Math.round(11 + herm * 0.25),
})

const start = (low: number, high: number, volts: number): CapSpec => ({
  id: `mb-s${low}-${high}`,
  manufacturer: 'Marrowby',
  partNumber: `MB-S${low}-${high}/${volts}`,
  sections: [{ section: 'single', uF: (low + high) / 2, minUf: low, maxUf: high }],
  volts,
  duty: 'start',
  diameterMm: 46,
  heightMm: 86,
  shape: 'round',
  tabs: 2,
  temperatureCelsius: { min: -40, max: 65 },
  price: 14,
})

const multi = (id: string, values: number[], price: number): CapSpec => ({
  id: `iv-${id}`,
  manufacturer: 'Ivenholm',
  partNumber: `IV-${id.toUpperCase()}`,
  multi: values.map((uF, index) => ({ terminal: String.fromCharCode(97 + index), uF })),
  volts: 440,
  duty: 'run',
  tolerancePercent: six,
  diameterMm: 63,
  heightMm: 118,
  shape: 'round',
  tabs: values.length * 2 + 3,
  temperatureCelsius: { min: -40, max: 70 },
  price,
})

export const catalogueCapacitors: CapSpec[] = [
  ...[2, 2.5, 3, 4, 5, 6, 7.5, 10, 12.5, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80].map((uF) =>
    single(uF, 440),
  ),
  ...[2, 3, 4, 5, 6, 7.5, 10, 15].map((uF) => single(uF, 370)),
  ...[2, 3, 4, 5, 6, 8].map((uF) => single(uF, 250)),
  ...(
    [
      [20, 5],
      [25, 3],
      [25, 5],
      [30, 3],
      [30, 5],
      [35, 3],
      [35, 5],
      [40, 5],
      [45, 5],
      [45, 7.5],
      [50, 5],
      [55, 5],
      [60, 5],
      [70, 7.5],
      [80, 7.5],
    ] as const
  ).map(([herm, fan]) => dual(herm, fan, 440)),
  dual(35, 5, 370),
  dual(45, 5, 370),
  start(88, 108, 330),
  start(130, 156, 250),
  start(189, 227, 330),
  multi('m7', [2.5, 5, 5, 10, 20, 25], 42),
  multi('m5', [1.5, 2.5, 4, 7.5, 10], 31),
]
