import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { isCoreError } from '@/core/errors'
import { readJob, type Stored } from '@/server/jobs'
import { damageOf } from '@/server/readable'
import { store } from '@/server/store'
import { JobTrouble } from '@/ui/deleting/JobTrouble'

/** A job's page: what is stored of it, or the page that says why it is not shown. An address that leads nowhere is not found. */
export async function openedJob(
  params: Promise<{ id: string }>,
  show: (stored: Stored) => ReactNode | Promise<ReactNode>,
): Promise<ReactNode> {
  const { id } = await params
  let stored: Stored
  try {
    stored = await readJob(id)
  } catch (error) {
    if (!isCoreError(error)) throw error
    if (error.code === 'unknown-job') notFound()
    return (
      <JobTrouble id={id} bad={error.code === 'damaged-job' ? await damageOf((await store()).db, id) : []} />
    )
  }
  return show(stored)
}
