'use client'

import { useState } from 'react'
import type { MatchResult } from '@/core/match'
import { verdictWords } from '@/core/match'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { Candidate } from './Candidate'

interface CandidatesProps {
  part: 'motor' | 'capacitor'
  /** Verdicts of the parts that can be judged by now. */
  results: MatchResult[]
}

/** Parts that somebody holds in the hand or reads on a seller's page: typed, judged at once, kept, compared. */
export function Candidates({ part, results }: CandidatesProps) {
  const { snapshot, act, id } = useJob()
  const [newest, setNewest] = useState('')
  const rows = snapshot.candidates.filter((row) => row.part === part)
  const add = () => {
    const fresh = id()
    if (act({ kind: 'candidate.add', id: fresh, part, source: 'typed', ref: '', name: '' })) setNewest(fresh)
  }
  return (
    <Section
      part="beside"
      title="In the hand, or on a seller’s page"
      aside="its own plate or box decides, judged as you type"
    >
      {rows.length > 0 ? (
        <ul data-testid="candidates">
          {rows.map((row) => {
            const result = results.find((each) => each.id === row.id)
            return (
              <Candidate
                key={row.id}
                row={row}
                startsOpen={row.id === newest}
                verdict={result ? verdictWords(result) : 'nothing of it is known yet'}
              />
            )
          })}
        </ul>
      ) : null}
      <button type="button" className="btn mt-2" onClick={add}>
        {`Type a ${part} that you could buy`}
      </button>
    </Section>
  )
}
