import { describe, expect, it } from 'vitest'
import { readNotice } from './notice'

/** Short sentences as they are typed on a phone, with all that they tell: nothing of a part that nobody named. */
const told: [string, Record<string, string>][] = [
  ['it does not move', { 'fan-state': 'dead', 'air-flow': 'none' }],
  ['nothing moves', { 'fan-state': 'dead', 'air-flow': 'none' }],
  ['hums and the blades do not move', { 'fan-state': 'hums', sound: 'hum', 'air-flow': 'none' }],
  ['the fan stays off whatever i do', { 'fan-state': 'dead' }],
  ['it stays on whatever i do', { 'fan-state': 'wont-stop' }],
  ['cant turn it off', { 'fan-state': 'wont-stop' }],
  ['it used to hum now nothing', { 'fan-state': 'dead' }],
  ['it hummed before now it is dead', { 'fan-state': 'dead' }],
  ['does not move when i poke it', { 'nudge-start': 'does-nothing', 'air-flow': 'none' }],
  ['wont move even when i push it', { 'nudge-start': 'does-nothing', 'air-flow': 'none' }],
  ['does not start unless i push it', { 'nudge-start': 'starts-and-runs' }],
  ['it will not go until i poke it', { 'nudge-start': 'starts-and-runs' }],
  ['works fine after i bang on it', { 'fan-state': 'intermittent' }],
  ['smell like rotten eggs near the furnace', { smell: 'gas' }],
  ['the fan does not stay on', {}],
  ['breaker wont stay in', { breaker: 'trips-again-at-once' }],
  [
    'my ceiling fan only goes on high, slow and medium it just sits there humming',
    { 'fan-state': 'hums', sound: 'hum', speeds: 'only-high' },
  ],
  ['medium and slow hum only', { 'fan-state': 'hums', sound: 'hum', speeds: 'some-missing' }],
  ['fan on slow doesnt turn, medium and fast are fine', { speeds: 'some-missing' }],
  ['works on fast not on slow or medium', { speeds: 'some-missing' }],
  ['runs slow on every speed', { speeds: 'all-slow' }],
  ['it turns slow and noisy', { 'fan-state': 'slow' }],
  ['fan runs on slow but not fast', {}],
  ['goes on battery not on mains', {}],
  ['pull chain: first click runs, second and third hum', { 'fan-state': 'hums', sound: 'hum' }],
  ['contactor does not pull in', { 'contactor-position': 'not-pulled-in' }],
]

describe('a short sentence tells', () => {
  it.each(told)('%s', (text, observations) => expect(readNotice({ text }).observations).toEqual(observations))

  it('of a breaker that does not stay on, and not of a fan that does not', () => {
    expect(readNotice({ text: 'breaker does not stay on' }).raised).toEqual(['breaker-retrips'])
    expect(readNotice({ text: 'the fan does not stay on' }).raised).toEqual([])
  })

  it('with words that said the same less exactly: they are no words that nothing understood', () => {
    expect(readNotice({ text: 'the fan in the bathroom only hums and does not turn' }).rest).toEqual([])
  })
})
