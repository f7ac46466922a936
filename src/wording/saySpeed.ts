import type { SpeedOfJob } from '../core/job/evidence/speedOfJob'
import { sound } from './en/sound'
import { say } from './say'

/** What a running speed says beside its plate. */
export function saySpeed({ verdict, plate, poles, synchronous }: SpeedOfJob): string {
  if (poles === null || synchronous === null) return say({ key: 'speed.no-field' }, sound)
  return say(
    { key: `speed.${verdict}`, params: { plate: plate.map(Math.round).join(', '), poles, synchronous } },
    sound,
  )
}
