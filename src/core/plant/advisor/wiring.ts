import { speedsOf } from '../../knowledge/plants/parts'
import type { Act, Here } from '../acts/types'
import { type Drawn, hereOf } from '../draw'
import { play } from '../play'
import { dead, fed } from './procedures'

/** How a careful repairer wires it: proved dead, each lead where it belongs, the points on, run at each speed. */
export function wiringWalk(drawn: Drawn): Act[] {
  const { build } = drawn.machine
  const at = (acts: Act[]): Here => hereOf(drawn, play(drawn, acts).state, acts.length)
  const wrong = build.wires.flatMap((wire) =>
    (['from', 'to'] as const).flatMap((end) => {
      const now = drawn.start.wires[wire.id]?.[end]
      return wire.capped || now === wire[end] ? [] : [{ id: wire.id, end, now, at: wire[end] }]
    }),
  )
  const landed: Act[] = [
    ...dead(at([])),
    ...wrong.flatMap(({ id, end, now }): Act[] => (now ? [{ act: 'wire', id, end, to: 'off' }] : [])),
    ...wrong.map(({ id, end, at: to }): Act => ({ act: 'wire', id, end, to })),
  ]
  const on = [...landed, ...fed(at(landed), true)]
  return [
    ...on,
    ...speedsOf(build).flatMap((speed): Act[] => [
      ...(speed ? [{ act: 'call', on: true, speed } satisfies Act] : []),
      { act: 'run', seconds: 30 },
    ]),
    { act: 'decide', cause: 'none' },
  ]
}
