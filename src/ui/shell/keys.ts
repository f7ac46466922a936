/** Single-letter keys act only outside fields, and can be switched off under Household. */
let on = true

export const setKeysOn = (value: boolean): void => {
  on = value
}

/** Something that takes the keys is opening: until it is there, none of them does anything on the page. */
let held = false

export const holdKeys = (value: boolean): void => {
  held = value
}

export const keysOn = (): boolean => on && !held

export function inField(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  return (
    target !== null &&
    (target.matches('input, textarea, select, [contenteditable="true"]') ||
      target.closest('[role="dialog"]') !== null)
  )
}
