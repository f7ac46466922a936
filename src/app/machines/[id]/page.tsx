import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { cache } from 'react'
import { machineTitle } from '@/core/job/title'
import { dayIn } from '@/core/units/days'
import { readMachine } from '@/server/machine'
import { personZone } from '@/server/zone'
import { MachinePage } from '@/ui/machine/MachinePage'

interface Props {
  params: Promise<{ id: string }>
}

/** Asked for by the heading of the tab and by the page: read once. */
const machineOf = cache(readMachine)

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const found = await machineOf((await params).id, await personZone())
  return { title: found ? machineTitle(found.machine) : 'Machine' }
}

export default async function Page({ params }: Props) {
  const zone = await personZone()
  const found = await machineOf((await params).id, zone)
  if (!found) notFound()
  const now = Date.now()
  return <MachinePage {...found} zone={zone} today={dayIn(now, zone)} now={now} />
}
