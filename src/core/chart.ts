/** Facts of a drawing of lines over two axes; how it looks is a matter of who draws it: the page, or the paper. */
export interface ChartFacts {
  label: string
  xName: string
  yName: string
  /** The x axis in equal steps of a factor, as pitch is heard. */
  logX: boolean
  series: ChartSeries[]
  /** Places on the x axis that have a name. */
  marks: { x: number; name: string }[]
}

export interface ChartSeries {
  name: string
  points: [x: number, y: number][]
  strong?: boolean
  dashed?: boolean
  thin?: boolean
  dots?: boolean
  /** Each point is a line of its own from the axis up. */
  stems?: boolean
}
