/** Numbers as they stand on screen. The core never rounds what it answers; only these do. */

/** At most `digits` significant digits, without an exponent and without trailing zeros. */
export function significant(value: number, digits = 3): string {
  if (!Number.isFinite(value)) return '–'
  if (value === 0) return '0'
  const magnitude = Math.floor(Math.log10(Math.abs(value)))
  const decimals = Math.min(6, Math.max(0, digits - 1 - magnitude))
  const text = value.toFixed(decimals)
  return decimals > 0 ? text.replace(/\.?0+$/, '') : text
}

/** Resistance with the prefix a meter would show: 640 Ω, 4.7 kΩ, 12 MΩ. */
export function formatOhm(ohm: number | null): string {
  if (ohm === null) return 'OL'
  if (ohm >= 999_500) return `${significant(ohm / 1e6)} MΩ`
  if (ohm >= 9_995) return `${significant(ohm / 1e3)} kΩ`
  return `${significant(ohm, ohm >= 100 ? 4 : 3)} Ω`
}

export const formatUf = (uF: number) => `${significant(uF, uF >= 10 ? 3 : 3)} µF`

/** Probability as whole percent; a certainty is never claimed. */
export function formatPercent(probability: number): string {
  const percent = probability * 100
  if (percent > 99 && percent < 100) return '99 %'
  if (percent > 0 && percent < 1) return '<1 %'
  return `${Math.round(percent)} %`
}

export function formatSeconds(seconds: number): string {
  if (seconds < 10) return `${significant(seconds, 2)} s`
  if (seconds < 120) return `${Math.ceil(seconds)} s`
  return `${Math.ceil(seconds / 60)} min`
}

/** Standard fractional horsepower of a plate, else a decimal. */
export function formatHp(hp: number): string {
  for (const [top, bottom] of [
    [1, 2],
    [1, 3],
    [1, 4],
    [3, 4],
    [1, 5],
    [1, 6],
    [1, 8],
    [1, 10],
    [1, 12],
    [1, 15],
    [1, 20],
    [1, 25],
    [1, 30],
    [1, 35],
    [1, 40],
    [1, 50],
    [1, 60],
    [1, 70],
    [1, 75],
    [1, 80],
    [1, 100],
    [1, 125],
    [1, 150],
  ] as const) {
    if (Math.abs(hp - top / bottom) < 0.004 * Math.max(1, hp) && Math.abs(hp / (top / bottom) - 1) < 0.03)
      return `${top}/${bottom} hp`
  }
  return `${significant(hp, 3)} hp`
}
