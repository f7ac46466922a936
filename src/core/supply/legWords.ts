import { GONE_SHARE, type LegPlace, type LegsResult } from './legs'

const atPlace: Record<LegPlace, string> = {
  supply: 'where the supply comes in',
  output: 'behind the contacts',
}

/** What the readings of the legs say, in one sentence; null where nothing was read. */
export function legsText(found: LegsResult): string | null {
  const { legs, places, conflict, lives } = found
  if (legs.length === 0) return null
  if (conflict)
    return `A leg without volts to ground and the whole line between the legs, ${atPlace[conflict]}: one reading is wrong, or that wire is a neutral. Read both again; take it as live until they agree.`
  const gone = (place: LegPlace) =>
    legs.filter(({ at, state, pair }) => at === place && state === 'gone' && pair.endsWith('ground'))
  const cut = (place: LegPlace) => gone(place).map(({ pair }) => pair.replace('–ground', ''))
  if (places.supply === 'all-gone')
    return 'No leg has volts where the supply comes in: breaker, fuses, disconnect.'
  if (cut('supply').length > 0)
    return `Nothing comes in on ${cut('supply').join(' and ')}: its fuse, its part of the breaker, or its wire. The other leg is live.`
  if (places.supply === null && isSameLeg(found))
    return `Each leg has its volts to ground and nothing stands between them: ${lives.slice(0, 2).join(' and ')} come from the same side of the panel. This is for an electrician.`
  if (cut('output').length > 0)
    return `Nothing comes out on ${cut('output').join(' and ')} while the supply has it: the contacts of that pole do not close.`
  if (places.supply === 'uneven' || places.output === 'uneven')
    return 'One reading is far from the others: a leg that is cut can show volts that come back through the motor. Between the legs it tells.'
  return 'Each leg that was read has its volts. Behind the contacts only the reading between the legs clears them.'
}

function isSameLeg({ legs, between, lives, plateVolts }: LegsResult): boolean {
  const both = lives
    .slice(0, 2)
    .every((leg) =>
      legs.some(({ at, pair, state }) => at === 'supply' && pair === `${leg}–ground` && state === 'there'),
    )
  return both && between.supply != null && between.supply < Math.min(...plateVolts) * GONE_SHARE
}
