'use client'

import { LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { type ECharts, init, use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import { useEffect, useRef } from 'react'
import type { ChartFacts } from '@/core/chart'
import { chartOptions } from '@/drawing/chartOptions'

use([LineChart, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent, CanvasRenderer])

interface ChartProps extends Omit<ChartFacts, 'logX' | 'marks'> {
  logX?: boolean
  marks?: ChartFacts['marks']
  height?: number
}

const NO_MARKS: ChartFacts['marks'] = []

/** Lines over a plain grid in ink and copper. What it shows stands in a table beside it. */
export function Chart({
  label,
  xName,
  yName,
  series,
  height = 300,
  logX = false,
  marks = NO_MARKS,
}: ChartProps) {
  const box = useRef<HTMLDivElement>(null)
  const chart = useRef<ECharts | null>(null)
  useEffect(() => {
    const made = init(box.current!)
    chart.current = made
    const watch = new ResizeObserver(() => made.resize())
    watch.observe(box.current!)
    return () => {
      watch.disconnect()
      made.dispose()
    }
  }, [])
  useEffect(() => {
    const style = getComputedStyle(document.documentElement)
    const colour = (name: string) => style.getPropertyValue(name).trim()
    const look = {
      ink: colour('--ink'),
      soft: colour('--soft'),
      line: colour('--line'),
      strong: colour('--copper-fill'),
      font: 'Spline Sans Mono Variable, monospace',
    }
    chart.current?.setOption(chartOptions({ label, xName, yName, series, logX, marks }, look), true)
  }, [label, series, xName, yName, logX, marks])
  return <div ref={box} role="img" aria-label={label} className="mt-4 w-full" style={{ height }} />
}
