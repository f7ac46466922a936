'use client'

import type { Part } from '@/core/job'
import { formatOhm, significant } from '@/core/units'
import { type WindingResult, windingVerdictWords } from '@/core/winding'
import { WindingTree } from '../../pieces/WindingTree'

interface WindingSaysProps {
  part: Part
  result: WindingResult
  read: number
  all: number
}

/** What the readings say: the verdict, the tree, what is wrong, and what to read next. */
export function WindingSays({ part, result, read, all }: WindingSaysProps) {
  const next = result.missing[0] ?? null
  return (
    <>
      <p className="mb-2 font-bold" data-testid={`winding-${part}-verdict`} data-verdict={result.verdict}>
        {windingVerdictWords[result.verdict]}
      </p>
      {result.tree.segments.length > 0 ? <WindingTree result={result} corrected={false} /> : null}
      {result.faults.map((fault) => (
        <p key={fault.text} className="mt-1 border-stop border-l-4 pl-2 text-sm">
          {fault.text}
        </p>
      ))}
      {result.sumCheck ? (
        <p className="mt-1 text-sm" data-testid="sum-check">
          {`Sum check: ${formatOhm(result.sumCheck.largestOhm)} against ${formatOhm(result.sumCheck.sumOhm)}, ${result.sumCheck.pass ? 'closes' : 'does not close'} within ${significant(result.sumCheck.toleranceOhm, 2)} Ω.`}
        </p>
      ) : null}
      {result.notes.map((note) => (
        <p key={note} className="mt-1 text-sm">
          {note}
        </p>
      ))}
      <p className="caption mt-1">{`${read} of ${all} pairs read.${result.verdict === 'good' && read > 2 ? ` All agree within ${significant(Math.max(result.worstResidualOhm, 0.1), 2)} Ω.` : ''}${next ? ` Next: ${next[0]} to ${next[1]}.` : ''}`}</p>
    </>
  )
}
