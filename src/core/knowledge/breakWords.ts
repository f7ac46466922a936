import { type IsolationPointId, vocabulary } from './vocabulary'

/**
 * What a point is called where it parts the machine from its supply (`open`, the break) and where it does not (`closed`). A gas
 * cock that parts is shut: the trade's word for the break would say the opposite of what was done.
 */
export const breakWords: Record<IsolationPointId, { closed: string; open: string }> = {
  plug: { closed: 'in its socket', open: 'out' },
  breaker: { closed: 'on', open: 'off' },
  fuse: { closed: 'in', open: 'out' },
  disconnect: { closed: 'in', open: 'pulled' },
  'service-switch': { closed: 'on', open: 'off' },
  'wall-switch': { closed: 'on', open: 'off' },
  thermostat: { closed: 'calling', open: 'off' },
  battery: { closed: 'connected', open: 'off' },
  'gas-cock': { closed: 'open', open: 'shut' },
  'cylinder-valve': { closed: 'open', open: 'shut' },
  'water-valve': { closed: 'open', open: 'shut' },
  'shore-power': { closed: 'in', open: 'out' },
}

/**
 * The words of a point that is known by its label alone, as older entries of a record name it.
 *
 * @example wordsOfLabel('Gas cock')?.open // 'shut'
 */
export function wordsOfLabel(label: string): { closed: string; open: string } | null {
  const known = Object.entries(vocabulary.isolationPoints).find(([, text]) => text === label)?.[0]
  return known && isPoint(known) ? breakWords[known] : null
}

/**
 * A point's name inside a sentence: its label says what is done with it as well.
 *
 * @example pointName('Thermostat or control set to off') // 'Thermostat or control'
 */
export const pointName = (label: string): string => label.replace(/ (?:out of its socket|set to off)$/, '')

const isPoint = (id: string): id is IsolationPointId => Object.hasOwn(breakWords, id)
