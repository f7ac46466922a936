import { notFound } from 'next/navigation'
import { readJob } from '@/server/jobs'
import { personZone } from '@/server/zone'
import { DoorCard } from '@/ui/record/DoorCard'

export const metadata = { title: 'Card for the door' }

export default async function DoorCardPage({ params }: { params: Promise<{ id: string }> }) {
  const stored = await readJob((await params).id).catch(() => null)
  if (!stored) notFound()
  return <DoorCard snapshot={stored.snapshot} zone={await personZone()} now={Date.now()} />
}
