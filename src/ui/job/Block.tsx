'use client'

import { Component, type ReactNode, Suspense } from 'react'
import type { JobSnapshot } from '@/core/job'
import { useJob } from './JobProvider'

interface BlockProps {
  /** What it shows, as the person would call it. */
  name: string
  children: ReactNode
}

/**
 * One block of a job page, which fails alone: what the rest shows, undo and the record stay in reach. The boundary of
 * suspense lets the server leave the block to the browser instead of failing the page. It is tried anew with every change.
 */
export function Block({ name, children }: BlockProps) {
  const { snapshot } = useJob()
  return (
    <Suspense fallback={null}>
      <Boundary name={name} of={snapshot}>
        {children}
      </Boundary>
    </Suspense>
  )
}

interface BoundaryState {
  of: JobSnapshot
  failed: boolean
}

class Boundary extends Component<BlockProps & { of: JobSnapshot }, BoundaryState> {
  override state: BoundaryState = { of: this.props.of, failed: false }

  static getDerivedStateFromError(): Partial<BoundaryState> {
    return { failed: true }
  }

  static getDerivedStateFromProps(
    { of }: { of: JobSnapshot },
    state: BoundaryState,
  ): Partial<BoundaryState> | null {
    return of === state.of ? null : { of, failed: false }
  }

  override render(): ReactNode {
    return this.state.failed ? <Failed name={this.props.name} /> : this.props.children
  }
}

function Failed({ name }: { name: string }) {
  return (
    <p role="status" className="my-3 border-stop border-l-4 pl-3" data-testid="failed-block">
      {`${name} cannot be shown as the job stands now. Nothing is lost: take the last act back, or look at the record.`}
    </p>
  )
}
