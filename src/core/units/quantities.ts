/** The quantities a person types, each stored in one base unit (the unit in the column's or field's name). */
export type Quantity =
  | 'uF'
  | 'ohm'
  | 'volts'
  | 'amps'
  | 'hz'
  | 'rpm'
  | 'hp'
  | 'watts'
  | 'mm'
  | 'celsius'
  | 'minutes'
  | 'percent'
  | 'count'
  | 'years'
  | 'hours'
  | 'money'

interface QuantityInfo {
  symbol: string
  /** What the thing is called in an error sentence. */
  noun: string
  example: string
  /** Unit as typed (lower case unless listed in `cased`) → factor to the base unit. */
  units: Record<string, number>
  /** Units whose case matters: M (mega) against m (milli). */
  cased?: Record<string, number>
  negative?: boolean
  /** "1,500" is fifteen hundred here; elsewhere a comma is a decimal sign. */
  thousandsComma?: boolean
  /** What may stand before the figure and says nothing of it. */
  before?: RegExp
  whole?: boolean
}

const INCH = 25.4

export const quantities: Record<Quantity, QuantityInfo> = {
  uF: {
    symbol: 'µF',
    noun: 'capacitance',
    example: '7.5',
    // The trade writes MFD, MF and mF for microfarad; nobody in it means millifarad.
    units: { µf: 1, μf: 1, uf: 1, mfd: 1, mf: 1, µ: 1, μ: 1, u: 1, nf: 1e-3, n: 1e-3, pf: 1e-6 },
  },
  ohm: {
    symbol: 'Ω',
    noun: 'resistance',
    example: '4.7k',
    units: { ohm: 1, ohms: 1, ω: 1, r: 1, k: 1e3, kω: 1e3, kohm: 1e3 },
    cased: { M: 1e6, MΩ: 1e6, Mohm: 1e6, 'MΩ ': 1e6, m: 1e-3, mΩ: 1e-3, mohm: 1e-3 },
  },
  volts: {
    symbol: 'V',
    noun: 'voltage',
    example: '118',
    units: { v: 1, vac: 1, vdc: 1, 'v~': 1, volt: 1, volts: 1, kv: 1e3 },
    cased: { mV: 1e-3 },
  },
  amps: {
    symbol: 'A',
    noun: 'current',
    example: '1.2',
    units: { a: 1, amp: 1, amps: 1, ma: 1e-3 },
  },
  hz: { symbol: 'Hz', noun: 'frequency', example: '60', units: { hz: 1, cyc: 1, cycles: 1 } },
  rpm: {
    symbol: 'rpm',
    noun: 'speed',
    example: '1075',
    units: { rpm: 1, 'r/min': 1, '/min': 1, 'min-1': 1 },
    thousandsComma: true,
  },
  hp: { symbol: 'hp', noun: 'power', example: '1/4', units: { hp: 1, w: 1 / 745.7, kw: 1000 / 745.7 } },
  watts: {
    symbol: 'W',
    noun: 'power',
    example: '65',
    units: { w: 1, watt: 1, watts: 1, kw: 1e3, hp: 745.7 },
    thousandsComma: true,
  },
  mm: {
    symbol: 'mm',
    noun: 'length',
    example: '12.7 or 1/2 in',
    units: { mm: 1, cm: 10, m: 1000, in: INCH, inch: INCH, inches: INCH, '"': INCH, '″': INCH, ft: 304.8 },
  },
  celsius: {
    symbol: '°C',
    noun: 'temperature',
    example: '20',
    units: { c: 1, '°c': 1, f: 5 / 9, '°f': 5 / 9, k: 1, '°': 1 },
    negative: true,
  },
  minutes: {
    symbol: 'min',
    noun: 'time',
    example: '10',
    units: {
      min: 1,
      mins: 1,
      minute: 1,
      minutes: 1,
      m: 1,
      h: 60,
      hr: 60,
      hrs: 60,
      hour: 60,
      hours: 60,
      s: 1 / 60,
    },
  },
  percent: { symbol: '%', noun: 'percentage', example: '6', units: { '%': 1 } },
  count: { symbol: '', noun: 'number', example: '4', units: { x: 1 }, whole: true },
  hours: {
    symbol: 'h',
    noun: 'time',
    example: '1.5',
    units: { h: 1, hr: 1, hrs: 1, hour: 1, hours: 1, min: 1 / 60, mins: 1 / 60, minutes: 1 / 60, m: 1 / 60 },
  },
  // In whatever currency the household counts: a sign typed with it is left out.
  money: {
    symbol: '',
    noun: 'price',
    example: '45',
    units: { '': 1, $: 1, '€': 1, '£': 1 },
    before: /^[$€£]\s*(?=[\d.,])/,
    thousandsComma: true,
  },
  years: { symbol: 'years', noun: 'age', example: '12', units: { y: 1, yr: 1, yrs: 1, year: 1, years: 1 } },
}
