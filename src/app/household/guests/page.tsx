import { headers } from 'next/headers'
import { isAtTheMachine } from '@/server/door/hosts'
import { readGuests } from '@/server/house/guests'
import { personZone } from '@/server/zone'
import { Guests } from '@/ui/house/Guests'
import { HousePage } from '@/ui/house/HousePage'

export const metadata = { title: 'Guests' }

/** Addresses for somebody who is no member of the household. */
export default async function GuestsPage() {
  const here = isAtTheMachine((await headers()).get('host'))
  return (
    <HousePage
      title="Guests"
      lead="An address shows one record with its photos, or lets somebody tick one round, and nothing else of the house. It ends by its day, or when you end it."
    >
      <Guests {...(await readGuests())} zone={await personZone()} here={here} />
    </HousePage>
  )
}
