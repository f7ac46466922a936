'use client'

import { useEffect, useState } from 'react'
import { heardOf, toldBy } from '@/core/job/proving/sounds'
import { changeOf, type Heard } from '@/core/sound/hear'
import { changeLines } from '@/wording/sayHeard'
import { useJob } from '../job/JobProvider'

interface Normal {
  analysis: string
  at: string
}

/** The recording beside the last one of this machine that was made when an earlier job ended well; nothing where there is none. */
export function AgainstNormal({ heard }: { heard: Heard }) {
  const { snapshot, when, now } = useJob()
  const [normal, setNormal] = useState<Normal | null>(null)
  const { machine, job } = snapshot
  useEffect(() => {
    let gone = false
    void fetch(`/api/machines/${machine.id}/sound?except=${job.id}`)
      .then((response) => (response.ok ? response.json() : { normal: null }))
      .then((answer: { normal: Normal | null }) => !gone && setNormal(answer.normal))
      // Without the server the two recordings of this job are compared all the same.
      .catch(() => undefined)
    return () => {
      gone = true
    }
  }, [machine.id, job.id])
  if (!normal) return null
  const of = heardOf(snapshot)
  const was = toldBy(normal.analysis, of)?.heard
  if (!was) return null
  return (
    <div className="mt-3" data-testid="against-normal">
      <p className="font-semibold">{`Against its good day, heard ${when(normal.at, now)}`}</p>
      <ul className="list-disc pl-5">
        {changeLines(changeOf(was, heard, of.lineHz)).map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </div>
  )
}
