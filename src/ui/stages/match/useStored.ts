'use client'

import { useEffect, useMemo, useState } from 'react'
import type { MatchProgress } from '@/server/partMatch'
import { useJob } from '../../job/JobProvider'
import { capacitorPart, motorPart, type SheetPart } from './sheetPart'

/** Typing goes on for a moment before a whole list is judged anew. */
const PAUSE_MS = 400

export interface Stored {
  progress: MatchProgress | null
  running: boolean
  failed: boolean
  cancel: () => void
  again: () => void
  parts: SheetPart[]
}

/** The person's own catalogues and shelf against the old part: judged by the server, shown as they come. */
export function useStored(what: 'motor' | 'capacitor'): Stored {
  const { snapshot, save } = useJob()
  const [progress, setProgress] = useState<MatchProgress | null>(null)
  const [running, setRunning] = useState(false)
  const [failed, setFailed] = useState(false)
  const [stop, setStop] = useState<AbortController | null>(null)
  const [round, setRound] = useState(0)
  // What the server judges by: the figures of the old part, once they are stored.
  const figures = JSON.stringify([
    snapshot.fields.filter(
      ({ part }) => part === 'motor-old' || part === 'capacitor-old' || part === 'chain',
    ),
    snapshot.machine.motorKind,
    snapshot.readings.length,
  ])
  const stored = save === 'saved'
  // biome-ignore lint/correctness/useExhaustiveDependencies: a change of the figures, or asking again, begins anew
  useEffect(() => {
    if (!stored) return
    const abort = new AbortController()
    const wait = setTimeout(() => {
      setStop(abort)
      setRunning(true)
      setFailed(false)
      read(`/api/jobs/${snapshot.job.id}/match?part=${what}`, abort.signal, setProgress)
        .catch(() => {
          if (!abort.signal.aborted) setFailed(true)
        })
        .finally(() => setRunning(false))
    }, PAUSE_MS)
    return () => {
      clearTimeout(wait)
      abort.abort()
    }
  }, [figures, stored, what, snapshot.job.id, round])
  const parts = useMemo(() => (progress?.best ?? []).map((each) => partOf(what, each)), [progress, what])
  return {
    progress,
    running,
    failed,
    cancel: () => stop?.abort(),
    again: () => setRound((before) => before + 1),
    parts,
  }
}

const partOf = (
  what: 'motor' | 'capacitor',
  { spec, catalogue, own }: MatchProgress['best'][number],
): SheetPart =>
  what === 'motor'
    ? motorPart(spec as Parameters<typeof motorPart>[0], catalogue, { own })
    : capacitorPart(spec as Parameters<typeof capacitorPart>[0], catalogue, { own })

/** A line of JSON for each stretch. */
async function read(
  address: string,
  signal: AbortSignal,
  onProgress: (progress: MatchProgress) => void,
): Promise<void> {
  const response = await fetch(address, { signal, cache: 'no-store' })
  if (!response.ok || !response.body) throw new Error('not judged')
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader()
  let left = ''
  for (;;) {
    const { value, done } = await reader.read()
    if (done) return
    const lines = (left + value).split('\n')
    left = lines.pop() ?? ''
    const last = lines.at(-1)
    if (last) onProgress(JSON.parse(last) as MatchProgress)
  }
}
