import type { ObservationId } from './vocabulary'

/** Two findings that cannot both be true of one machine at one time, and the one that is looked at again. */
export interface CannotBoth {
  one: { observation: ObservationId; values: readonly string[] }
  other: { observation: ObservationId; values: readonly string[] }
  /** The weaker of the two: a look against a reading, a push of the hand against a fan that ran. It counts for nothing meanwhile. */
  doubt: ObservationId
  text: string
}

const anyReading = ['within', 'low', 'open', 'short', 'above'] as const

export const cannotBoth: CannotBoth[] = [
  {
    one: { observation: 'capacitor-look', values: ['none-fitted'] },
    other: { observation: 'capacitor-fan-reading', values: anyReading },
    doubt: 'capacitor-look',
    text: 'A capacitor was read, and it was said that none is fitted: both cannot be true. Look again, made dead, where the leads of the motor end.',
  },
  {
    one: { observation: 'capacitor-look', values: ['none-fitted'] },
    other: { observation: 'capacitor-other-reading', values: anyReading },
    doubt: 'capacitor-look',
    text: 'A second section was read, and it was said that no capacitor is fitted: both cannot be true. Look again, made dead, where the leads of the motor end.',
  },
  {
    one: { observation: 'free-spin', values: ['seized'] },
    other: { observation: 'nudge-start', values: ['starts-and-runs', 'starts-slowly'] },
    doubt: 'free-spin',
    text: 'A push starts it, and by hand it does not turn at all: both cannot be true. Make it dead and turn it by hand again; ice or debris may have held it that once.',
  },
  {
    one: { observation: 'free-spin', values: ['seized'] },
    other: { observation: 'coast-down', values: ['coasts-long', 'stops-quickly'] },
    doubt: 'free-spin',
    text: 'It was seen running out, and by hand it does not turn at all: both cannot be true. Make it dead and turn it by hand again.',
  },
  {
    one: { observation: 'free-spin', values: ['seized'] },
    other: {
      observation: 'fan-state',
      values: ['runs-normally', 'runs-noisy', 'runs-little-air', 'runs-backwards'],
    },
    doubt: 'free-spin',
    text: 'It runs, and by hand it does not turn at all: both cannot be true at one time. Make it dead and turn it by hand again.',
  },
  {
    one: { observation: 'direction', values: ['does-not-turn'] },
    other: { observation: 'fan-state', values: ['runs-normally'] },
    doubt: 'direction',
    text: 'It runs normally, and it does not turn: both cannot be true at one time. Say again what it does.',
  },
]
