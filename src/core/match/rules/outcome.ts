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

/** A formatter that remembers: a catalogue repeats the same few figures a hundred thousand times. */
export function remembered(format: (value: number) => string): (value: number | undefined) => string {
  const known = new Map<number, string>()
  return (value) => {
    if (value === undefined) return '?'
    let text = known.get(value)
    if (text === undefined) {
      text = format(value)
      if (known.size < 10_000) known.set(value, text)
    }
    return text
  }
}

export const millimetres = remembered((value) => `${Math.round(value * 100) / 100} mm`)
