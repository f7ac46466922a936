import { useState } from 'react'

/**
 * What is typed stands in the field until the value behind it moves: what stores it may arrive later than the first letters,
 * and a field that was set back meanwhile would lose them. Where the value refuses (false), the field shows the value again.
 */
export function useTyped(
  value: string,
  onType: (typed: string) => unknown,
): [shown: string, type: (typed: string) => void] {
  const [held, setHeld] = useState<{ over: string; typed: string } | null>(null)
  const stands = held !== null && held.over === value
  // Forgotten for good, so that an act taken back does not bring it up again.
  if (held && !stands) setHeld(null)
  return [
    stands ? held.typed : value,
    (typed) => {
      const taken = onType(typed)
      setHeld(taken === false ? null : { over: value, typed })
    },
  ]
}
