import { notFound } from 'next/navigation'
import { readJob } from '@/server/jobs'
import { personZone } from '@/server/zone'
import { Record } from '@/ui/record/Record'

export const metadata = { title: 'Record' }

export default async function RecordPage({ params }: { params: Promise<{ id: string }> }) {
  const stored = await readJob((await params).id).catch(() => null)
  if (!stored) notFound()
  return <Record snapshot={stored.snapshot} zone={await personZone()} now={Date.now()} />
}
