import type { ReactNode } from 'react'
import { personZone } from '@/server/zone'
import { JobFrame } from '@/ui/job/JobFrame'
import { JobProvider } from '@/ui/job/JobProvider'
import { openedJob } from '../../openedJob'

export default async function FrameLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>
  children: ReactNode
}) {
  const zone = await personZone()
  return openedJob(params, (stored) => (
    <JobProvider
      key={stored.snapshot.job.id}
      initial={stored.snapshot}
      canUndo={stored.canUndo}
      canRedo={stored.canRedo}
      serverNow={Date.now()}
      zone={zone}
    >
      <JobFrame>{children}</JobFrame>
    </JobProvider>
  ))
}
