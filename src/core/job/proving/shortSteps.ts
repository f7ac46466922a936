/** Steps of the short isolation, each recorded: power off outside, wheel still, tape off, cover on. */
export const shortSteps = [
  'A switch, plug or disconnect outside the cabinet is off',
  'The wheel stands still',
  'The hand touched the tape only, and the tape is off',
  'The cover is on again',
] as const
