import { redirect } from 'next/navigation'
import { isCoreError } from '@/core/errors'
import { guestBy, guestRound } from '@/server/house/guests'
import { personZone } from '@/server/zone'
import { GuestRound } from '@/ui/house/GuestRound'

export const metadata = { title: 'For a guest', robots: { index: false } }

interface Props {
  params: Promise<{ secret: string }>
}

/** What somebody was given an address for: a record to read, or a round to tick. Nothing else of the household is in reach. */
export default async function GuestPage({ params }: Props) {
  const { secret } = await params
  const read = await opened(secret)
  if ('message' in read)
    return (
      <main id="work" className="mx-auto max-w-xl px-5 py-12">
        <h1 className="text-2xl">This address opens nothing</h1>
        <p className="mt-3">{read.message}</p>
      </main>
    )
  if (!read.round) redirect(`/api/guest/${secret}`)
  return <GuestRound secret={secret} {...read.round} zone={await personZone()} />
}

async function opened(secret: string) {
  try {
    const { may } = await guestBy(secret)
    return { round: may === 'tick-round' ? await guestRound(secret) : null }
  } catch (error) {
    if (isCoreError(error)) return { message: error.message }
    throw error
  }
}
