import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { cache } from 'react'
import { machineTitle } from '@/core/job/title'
import { readMachine } from '@/server/machine'
import { personZone } from '@/server/zone'
import { MachinePage } from '@/ui/machine/MachinePage'

interface Props {
  params: Promise<{ id: string }>
}

/** Asked for by the heading of the tab and by the page: read once. */
const machineOf = cache(readMachine)

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const found = await machineOf((await params).id)
  return { title: found ? machineTitle(found.machine) : 'Machine' }
}

export default async function Page({ params }: Props) {
  const found = await machineOf((await params).id)
  if (!found) notFound()
  return <MachinePage {...found} zone={await personZone()} />
}
