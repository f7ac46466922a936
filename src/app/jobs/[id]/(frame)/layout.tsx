import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { readJob } from '@/server/jobs'
import { personZone } from '@/server/zone'
import { JobFrame } from '@/ui/job/JobFrame'
import { JobProvider } from '@/ui/job/JobProvider'

export default async function FrameLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>
  children: ReactNode
}) {
  const stored = await readJob((await params).id).catch(() => null)
  if (!stored) notFound()
  return (
    <JobProvider
      key={stored.snapshot.job.id}
      initial={stored.snapshot}
      canUndo={stored.canUndo}
      canRedo={stored.canRedo}
      serverNow={Date.now()}
      zone={await personZone()}
    >
      <JobFrame>{children}</JobFrame>
    </JobProvider>
  )
}
