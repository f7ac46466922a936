'use client'

import { LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { type ECharts, init, use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import { useEffect, useRef } from 'react'

use([LineChart, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent, CanvasRenderer])

export interface Series {
  name: string
  points: [number, number][]
  dashed?: boolean
  strong?: boolean
  thin?: boolean
  dots?: boolean
}

interface ChartProps {
  label: string
  xName: string
  yName: string
  series: Series[]
  height?: number
  /** The x axis in equal steps of a factor, as pitch is heard. */
  logX?: boolean
  /** Places on the x axis that have a name. */
  marks?: readonly { x: number; name: string }[]
}

const NO_MARKS: readonly { x: number; name: string }[] = []

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
    const text = { color: colour('--ink'), fontFamily: 'Spline Sans Mono Variable, monospace', fontSize: 12 }
    const axis = (name: string) => ({
      type: 'value' as const,
      name,
      scale: true,
      nameTextStyle: text,
      axisLabel: text,
      axisLine: { show: true, lineStyle: { color: colour('--ink') } },
      splitLine: { lineStyle: { color: colour('--line') } },
    })
    chart.current?.setOption(
      {
        animation: false,
        grid: { left: 56, right: 24, top: 40, bottom: 34 },
        legend: { top: 0, right: 0, textStyle: text, icon: 'rect', itemHeight: 3, itemWidth: 22 },
        tooltip: { trigger: 'axis', textStyle: { fontFamily: text.fontFamily } },
        xAxis: logX ? { ...axis(xName), type: 'log', min: 'dataMin', max: 'dataMax' } : axis(xName),
        yAxis: axis(yName),
        series: series.map((each, index) => ({
          ...(index === 0 && marks.length > 0 ? { markLine: markLine(marks, colour('--ink'), text) } : {}),
          name: each.name,
          type: 'line',
          showSymbol: each.dots === true,
          symbolSize: 9,
          data: each.points,
          lineStyle: {
            color: each.strong ? colour('--copper-fill') : each.thin ? colour('--soft') : colour('--ink'),
            width: each.strong ? 3 : 1.6,
            type: each.dashed ? 'dashed' : 'solid',
          },
          itemStyle: {
            color: each.strong ? colour('--copper-fill') : each.thin ? colour('--soft') : colour('--ink'),
          },
        })),
      },
      true,
    )
  }, [series, xName, yName, logX, marks])
  return <div ref={box} role="img" aria-label={label} className="mt-4 w-full" style={{ height }} />
}

const markLine = (marks: readonly { x: number; name: string }[], colour: string, text: object) => ({
  symbol: 'none',
  silent: true,
  lineStyle: { color: colour, type: 'dotted' as const, width: 1.5 },
  label: { ...text, formatter: ({ name }: { name: string }) => name },
  data: marks.map(({ x, name }) => ({ xAxis: x, name })),
})
