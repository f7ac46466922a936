import { isAudible, makeSound } from '@/core/sound'
import { Player } from '../sound/play'

let player: Player | null = null

/** What is heard of a practice machine: the written word stands beside it. */
export function playSound(value: string): void {
  if (!isAudible(value)) return
  player ??= new Player()
  player.play((rate) => makeSound(value, rate))
}
