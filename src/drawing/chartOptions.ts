import type { ChartFacts, ChartSeries } from '../core/chart'

/** How a drawing looks where it is drawn: on a page of some theme, or on paper. */
export interface ChartLook {
  ink: string
  soft: string
  line: string
  /** Of the series that is meant. */
  strong: string
  font: string
}

/** Lines over a plain grid, as ECharts takes them: one look for the page and for paper. */
export function chartOptions({ xName, yName, logX, series, marks }: ChartFacts, look: ChartLook) {
  const text = { color: look.ink, fontFamily: look.font, fontSize: 12 }
  const axis = (name: string) => ({
    type: 'value' as const,
    name,
    scale: true,
    nameTextStyle: text,
    axisLabel: text,
    axisLine: { show: true, lineStyle: { color: look.ink } },
    splitLine: { lineStyle: { color: look.line } },
  })
  const under = { nameLocation: 'middle' as const, nameGap: 28 }
  const stems = series.some((each) => each.stems)
  return {
    animation: false,
    grid: { left: 56, right: 24, top: 40, bottom: 48 },
    legend: { top: 0, right: 0, textStyle: text, icon: 'rect', itemHeight: 3, itemWidth: 22 },
    tooltip: { trigger: 'axis' as const, textStyle: { fontFamily: look.font } },
    xAxis: logX
      ? { ...axis(xName), ...under, type: 'log' as const, min: 'dataMin', max: 'dataMax' }
      : { ...axis(xName), ...under, ...(stems ? { min: 0 } : {}) },
    yAxis: { ...axis(yName), ...(stems ? { min: 0 } : {}) },
    series: series.map((each, index) =>
      seriesOf(each, look, index === 0 ? markLine(marks, look.ink, text) : {}),
    ),
  }
}

function seriesOf(each: ChartSeries, look: ChartLook, extra: object) {
  const color = each.strong ? look.strong : each.thin ? look.soft : look.ink
  return {
    ...extra,
    name: each.name,
    type: 'line' as const,
    showSymbol: each.dots === true,
    symbolSize: 9,
    data: each.stems ? each.points.flatMap(stem) : each.points,
    lineStyle: {
      color,
      width: each.strong ? 3 : 1.6,
      type: each.dashed ? ('dashed' as const) : ('solid' as const),
    },
    itemStyle: { color },
  }
}

/** From the axis to its height, and no line to the next one. */
const stem = ([x, y]: [number, number]): [number, number | '-'][] => [
  [x, 0],
  [x, y],
  [x, '-'],
]

const markLine = (marks: readonly { x: number; name: string }[], color: string, text: object) =>
  marks.length === 0
    ? {}
    : {
        markLine: {
          symbol: 'none',
          silent: true,
          lineStyle: { color, type: 'dotted' as const, width: 1.5 },
          // Along its line: two lines may lie closer than their names are long.
          label: {
            ...text,
            position: 'insideEndTop' as const,
            formatter: ({ name }: { name: string }) => name,
          },
          data: marks.map(({ x, name }) => ({ xAxis: x, name })),
        },
      }
