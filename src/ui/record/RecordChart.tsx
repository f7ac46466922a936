'use client'

import dynamic from 'next/dynamic'
import type { ChartFacts } from '@/core/chart'

/** The place is kept while it comes: what stands under it does not move. */
const Chart = dynamic(() => import('../pieces/Chart').then((piece) => piece.Chart), {
  ssr: false,
  loading: () => <div className="mt-4 h-[300px]" />,
})

/** A drawing of the record, with what it shows under it. */
export function RecordChart({ chart }: { chart: ChartFacts }) {
  return (
    <figure className="avoid-break">
      <Chart {...chart} />
      <figcaption className="caption">{chart.label}</figcaption>
    </figure>
  )
}
