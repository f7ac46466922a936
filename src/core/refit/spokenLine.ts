import type { LineAction } from './types'

/** What a line says of one act of taking apart. */
export interface SpokenLine {
  /** `note`: its act is not understood yet. */
  action: LineAction
  part: string
  count: number | null
  fastener: string
  cup: string
  terminal: string
}
