import type { Template, TemplateLine } from '../templates'

/** One build of a family, or one repair of it, with its own way in. */
export interface Way extends Template {
  /** Stands in stored jobs: never renamed. */
  id: string
  name: string
  /** How a person tells that it is theirs, in one sentence. */
  when: string
}

export const photo = (part: string, more: Partial<TemplateLine> = {}): TemplateLine => ({
  action: 'photo',
  part,
  handsOff: true,
  ...more,
})
/** Lines that are done on the bench, at what the way takes out. */
export const onBench = (lines: TemplateLine[]): TemplateLine[] =>
  lines.map((line) => ({ ...line, bench: true }))
/** Covers that come off before the proof, since they stand before the place where it is read. */
export const covers = (lines: TemplateLine[]): TemplateLine[] =>
  lines.map((line) => ({ ...line, access: 'before-proof' }))
