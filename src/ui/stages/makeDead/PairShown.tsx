'use client'

import type { ReactNode } from 'react'
import type { Band, ShownPair } from '@/core/job/energy/proofShown'
import { readingUnsure } from '@/core/knowledge/proofHow'
import { useJob } from '../../job/JobProvider'
import type { Dial } from '../../pieces/proof/Meter'
import { ProofDrawing } from '../../pieces/proof/ProofDrawing'
import { WhereIs } from '../../where/WhereIs'
import { StopHere } from './StopHere'

const MEANS: Record<Band['verdict'], string> = {
  dead: 'this pair is dead',
  'not-proven': 'not proven: read it again on the low-impedance range (LoZ), or with a two-pole tester',
  live: 'hands away. Leave it open and keep people off. Another breaker or supply still feeds it.',
}

const span = ({ from, above, below }: Band): string => {
  if (from === 0) return `under ${below}`
  if (below !== null) return `${from} to ${below}`
  return above ? `over ${from}` : `${from} and more`
}

/** The positions of the person's own meter, as far as the household says what it has. */
export const dialsOf = (tools: string): Dial[] => {
  const has = tools.split(' ')
  return has.includes('meter-capacitance') ? ['V~', 'V=', 'Ω', 'µF'] : ['V~', 'V=', 'Ω']
}

interface PairShownProps {
  /** Null where another step comes now. */
  shown: ShownPair | null
  count: string
  /** The fields of all pairs: they stay where they are while one after another comes up. */
  children: ReactNode
}

/** How the pair that comes now is read: the act, the place, where the probes go, what a figure means. */
export function PairShown({ shown, count, children }: PairShownProps) {
  const { snapshot } = useJob()
  return (
    <div data-testid="pair-shown">
      {shown ? (
        <>
          <div className="flex flex-wrap items-center justify-between gap-x-3">
            <p className="caption">{count}</p>
            <WhereIs what="the place where dead is proved" part="proof-place" />
          </div>
          <h3 className="mt-0.5 font-bold text-[1.15rem] leading-snug">{shown.act}</h3>
          <p className="mt-1 max-w-[68ch] leading-snug">
            {shown.place.where} {shown.place.touch}
            {shown.position ? ` Switch in position ${shown.position}.` : ''}
          </p>
        </>
      ) : null}
      <div
        className={`mt-2 grid gap-x-5 gap-y-2 ${shown ? 'mid:grid-cols-[minmax(0,360px)_minmax(0,1fr)]' : ''}`}
      >
        {shown ? (
          <ProofDrawing
            shown={shown}
            has={dialsOf(snapshot.household.tools)}
            className="w-full max-w-[384px]"
          />
        ) : null}
        <div key="fields">
          {children}
          {shown ? <Meanings shown={shown} /> : null}
        </div>
      </div>
    </div>
  )
}

function Meanings({ shown }: { shown: ShownPair }) {
  return (
    <>
      <dl className="mt-3 grid grid-cols-[max-content_minmax(0,1fr)] gap-x-4 gap-y-1 leading-snug">
        {shown.bands.map((band) => (
          <div key={band.from} className={`contents ${band.verdict === 'live' ? 'text-stop' : ''}`}>
            <dt className="font-bold">{`${span(band)} V`}</dt>
            <dd>{MEANS[band.verdict]}</dd>
          </div>
        ))}
      </dl>
      <p className="caption mt-2">
        {`${shown.looks.join('. ')}. Colours are a habit: only the reading tells.`}
      </p>
      <StopHere label="not sure, or the tip cannot reach" lines={readingUnsure} />
    </>
  )
}
