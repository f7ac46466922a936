'use client'

import type { LedgerRow } from '@/core/job'
import { figureWords, withUnit } from '@/core/job/ledger/figureWords'
import { changeOf } from '@/core/job/ledger/ledgerFigures'
import { lengthsOf } from '@/core/job/parts/oldPart'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { LinePhotos } from '../../photos/LinePhotos'
import { HowMeasured } from '../HowMeasured'

/** What was measured on the way in, beside what it measures now: as it was, or how far from it. */
export function FigureAgain({ line }: { line: LedgerRow }) {
  const { snapshot, act } = useJob()
  const { household } = snapshot
  const inches = household.inches === 1
  const again = line.backFigure ?? ''
  const set = (backFigure: string) => act({ kind: 'ledger.edit', id: line.id, change: { backFigure } })
  const was = withUnit(line.figure ?? '', inches)
  const change = changeOf(line, household)
  const said = again === AS_IT_WAS || again === NOT_MEASURED
  const hasPhoto = snapshot.photos.some(({ lineId }) => lineId === line.id)
  return (
    <div className="my-1 border-ink border-l-2 pl-3" data-testid={`again-${line.id}`}>
      <p className="leading-snug">
        <b className="num">{was}</b> {figureWords({ ...line, figure: '' }, household)}{' '}
        <span className="caption">as it was</span>
      </p>
      <HowMeasured line={line} />
      {hasPhoto ? <LinePhotos lineId={line.id} way="back" about={line.part} /> : null}
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <NumberField
          className="w-[130px]"
          label="Now"
          unit={inches ? 'in' : 'mm'}
          typed={said ? '' : again}
          quantity="mm"
          options={lengthsOf(snapshot)}
          placeholder={was}
          onType={set}
        />
        <button
          type="button"
          className="chip"
          aria-pressed={again === AS_IT_WAS}
          onClick={() => set(AS_IT_WAS)}
        >
          as it was
        </button>
        <button
          type="button"
          className="chip"
          aria-pressed={again === NOT_MEASURED}
          onClick={() => set(NOT_MEASURED)}
        >
          I cannot measure it now
        </button>
      </div>
      {change ? (
        <p role="status" className="mt-1 font-bold text-copper">
          {`${change} than it was: move it, or keep it so where the new part asks for it.`}
        </p>
      ) : null}
    </div>
  )
}

const AS_IT_WAS = 'as it was'
const NOT_MEASURED = 'not measured'
