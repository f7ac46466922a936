import type { WorkKind } from '../match/types'

/**
 * Minutes and money that each kind of work takes a careful person at home, tools at hand. Judgement of the trade: splices and
 * caps by the handful, a hacksaw and a file for a shaft, a clamp and some screws for a band; prices of counter goods.
 */
export const workFigures: Record<WorkKind, { minutes: number; money: number }> = {
  'buy-capacitor': { minutes: 10, money: 14 },
  'swap-capacitor': { minutes: 10, money: 0 },
  'cut-shaft': { minutes: 20, money: 0 },
  'bush-shaft': { minutes: 15, money: 5 },
  'cap-unused-leads': { minutes: 5, money: 1 },
  'extend-leads': { minutes: 20, money: 4 },
  'set-rotation': { minutes: 5, money: 0 },
  'trim-studs': { minutes: 15, money: 0 },
  'change-band': { minutes: 15, money: 14 },
  'adapt-connector': { minutes: 15, money: 4 },
  'transfer-parts': { minutes: 15, money: 0 },
  'turn-plate': { minutes: 10, money: 0 },
  'drill-holes': { minutes: 20, money: 0 },
  'jumper-sections': { minutes: 5, money: 2 },
  'wire-two-singles': { minutes: 15, money: 6 },
  'change-strap': { minutes: 5, money: 3 },
}
