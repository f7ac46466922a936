import type { ChartFacts } from '../chart'
import type { HeardSound } from '../job/proving/sounds'
import type { SoundChange } from '../sound/hear'
import type { MarkedLine } from '../sound/marks'

/** A piece of a record: what a page, a PDF and an HTML file show, each in its own way. */
export type RecordItem =
  | { kind: 'text'; text: string; weight?: 'bold' | 'quiet' }
  | { kind: 'pairs'; rows: [name: string, value: string][] }
  | { kind: 'list'; items: string[]; numbered: boolean }
  /** Each with an ISO time in UTC. */
  | { kind: 'times'; rows: { at: string; text: string }[] }
  /** What was recorded, as facts: they become `times`, a `list` and charts where they are said. */
  | {
      kind: 'sounds'
      before: HeardSound | null
      after: HeardSound | null
      change: SoundChange | null
      marks: MarkedLine[]
    }
  | { kind: 'chart'; chart: ChartFacts }
  | { kind: 'photos'; photos: { hash: string; caption: string; at: string; marks: string }[] }

export interface RecordSection {
  title: string
  /** Empty where the part cannot be worked out from what is stored. */
  items: RecordItem[]
  failed?: true
}

/** What a PDF is made of: a heading and sections. */
export interface PaperDocument {
  /** Small, over the title. */
  over: string
  title: string
  /** Under the title. */
  lines: string[]
  sections: RecordSection[]
  closing: string
}

/** Everything that was done in a job, for somebody who takes over, a landlord or an insurer. */
export interface JobRecord {
  household: string
  title: string
  symptom: string
  /** ISO times in UTC. */
  openedAt: string
  closedAt: string | null
  result: string
  sections: RecordSection[]
  /** What the record does not say. */
  closing: string
}
