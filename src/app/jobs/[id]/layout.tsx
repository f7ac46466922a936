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
  return { title: job ? machineTitle(job.snapshot.machine) : 'No such job' }
}

export default function JobLayout({ children }: Props) {
  return children
}
