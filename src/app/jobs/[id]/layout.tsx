import type { Metadata } from 'next'
import type { ReactNode } from 'react'
import { machineTitle } from '@/core/job/title'
import { readJob } from '@/server/jobs'

interface Props {
  params: Promise<{ id: string }>
  children: ReactNode
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const job = await readJob((await params).id).catch(() => null)
  if (!job) return { title: 'No such job' }
  const machine = machineTitle(job.snapshot.machine)
  // Tabs of one job are told apart by their stage.
  return { title: { default: machine, template: `%s · ${machine} · Rest Cog` } }
}

export default function JobLayout({ children }: Props) {
  return children
}
