import { LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent, MarkLineComponent } from 'echarts/components'
import { init, use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import type { ChartFacts } from '@/core/chart'
import { chartOptions } from '@/drawing/chartOptions'

use([LineChart, GridComponent, LegendComponent, MarkLineComponent, SVGRenderer])

/** As on the page by day. */
const PAPER = { ink: '#16201C', soft: '#4A5751', line: '#BAC4BD', strong: '#B3541E' }

/**
 * A drawing as SVG, for paper: the same as on the page.
 *
 * @param font a family that the paper has
 * @returns markup of `width` by `height` pixels, which needs no script and no file
 */
export function chartSvg(facts: ChartFacts, font: string, width: number, height: number): string {
  const chart = init(null, null, { renderer: 'svg', ssr: true, width, height })
  try {
    const { tooltip: _, ...options } = chartOptions(facts, { ...PAPER, font })
    chart.setOption(options)
    return chart.renderToSVGString()
  } finally {
    chart.dispose()
  }
}
