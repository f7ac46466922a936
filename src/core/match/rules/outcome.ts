import type { Outcome } from '../types'

export const ok = (old: string, fresh: string, text: string): Outcome => ({
  verdict: 'ok',
  old,
  new: fresh,
  text,
})
export const unknown = (old: string, fresh: string, text: string): Outcome => ({
  verdict: 'unknown',
  old,
  new: fresh,
  text,
})

/** A rule that only compares two values. */
export function plain<T>(
  old: T | undefined,
  fresh: T | undefined,
  show: (value: T) => string,
  fits: (old: T, fresh: T) => boolean,
  ask: string,
  fine: string,
  wrong: string,
): Outcome {
  const [a, b] = [old === undefined ? '?' : show(old), fresh === undefined ? '?' : show(fresh)]
  if (old === undefined || fresh === undefined) return unknown(a, b, ask)
  return fits(old, fresh) ? ok(a, b, fine) : { verdict: 'no', old: a, new: b, text: wrong }
}

export const millimetres = (value: number | undefined): string =>
  value === undefined ? '?' : `${Math.round(value * 100) / 100} mm`
