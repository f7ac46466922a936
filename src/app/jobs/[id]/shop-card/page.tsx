import { notFound } from 'next/navigation'
import { readJob } from '@/server/jobs'
import { ShopCard } from '@/ui/record/ShopCard'

export const metadata = { title: 'Card for the counter' }

export default async function ShopCardPage({ params }: { params: Promise<{ id: string }> }) {
  const stored = await readJob((await params).id).catch(() => null)
  if (!stored) notFound()
  return <ShopCard snapshot={stored.snapshot} />
}
