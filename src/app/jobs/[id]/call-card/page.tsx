import { notFound } from 'next/navigation'
import { readJob } from '@/server/jobs'
import { CallCardPaper } from '@/ui/record/CallCardPaper'

export const metadata = { title: 'Card for whoever comes' }

export default async function CallCardPage({ params }: { params: Promise<{ id: string }> }) {
  const stored = await readJob((await params).id).catch(() => null)
  if (!stored) notFound()
  return <CallCardPaper snapshot={stored.snapshot} now={Date.now()} />
}
