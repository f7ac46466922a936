import { describe, expect, it } from 'vitest'
import { noticeFromWords } from '.'

const found = (text: string) => {
  const { family, findings } = noticeFromWords(text)
  return { family, ...Object.fromEntries(findings.map((f) => [f.observation, f.value])) }
}

describe('plain words', () => {
  it.each([
    ['bathroom fan hums', { family: 'bath-exhaust-fan', 'fan-state': 'hums', sound: 'hum' }],
    [
      'The ceiling fan got slower over the last few months',
      { family: 'ceiling-fan', 'fan-state': 'slow', onset: 'slower-over-months' },
    ],
    [
      'furnace inducer squeals, grew over weeks',
      {
        family: 'draft-inducer',
        'fan-state': 'runs-noisy',
        sound: 'squeal',
        onset: 'grew-louder-over-weeks',
      },
    ],
    [
      'hums but does not spin, outside part of the AC, compressor runs',
      {
        family: 'outdoor-unit-fan',
        'fan-state': 'hums',
        sound: 'hum',
        direction: 'does-not-turn',
        companion: 'yes',
        'should-run-now': 'yes',
      },
    ],
    ['I smell gas near the furnace', { family: 'furnace-blower', smell: 'gas' }],
    [
      'freezer fan stopped, lots of ice',
      { family: 'refrigerator-evaporator-fan', 'fan-state': 'dead', fouling: 'iced' },
    ],
    ['the thing in the shed', { family: null }],
  ])('"%s"', (text, expected) => {
    expect(found(text)).toMatchObject(expected)
  })
})
