import { readRounds } from '@/server/house/pages'
import { personZone } from '@/server/zone'
import { HousePage } from '@/ui/house/HousePage'
import { PastRounds } from '@/ui/house/PastRounds'
import { RoundPlan } from '@/ui/house/RoundPlan'
import { RoundWalk } from '@/ui/house/RoundWalk'

export const metadata = { title: 'Round of the season' }

/** What is due of all machines, as one walk through the house. */
export default async function RoundPage() {
  const zone = await personZone()
  const { underWay, places, past } = await readRounds(zone)
  const month = new Intl.DateTimeFormat('en', { month: 'long', year: 'numeric' }).format(new Date())
  return (
    <HousePage
      title={underWay ? underWay.round.name : 'Round of the season'}
      lead="Sorted by place, so that one walk with one kit does it. What is done inside a machine goes through a job that makes it dead first."
    >
      {underWay ? (
        <RoundWalk walk={underWay} zone={zone} />
      ) : (
        <RoundPlan places={places} name={`Round of ${month}`} />
      )}
      <PastRounds past={past} zone={zone} />
    </HousePage>
  )
}
