/** HERM and FAN of a dual, `single`, or what is printed beside each of three and more: a colour, a terminal, else its place. */
export type Section = 'HERM' | 'FAN' | 'single' | (string & {})

export interface SectionLabel {
  section: Section
  uF: number
  /** Printed ends of a start capacitor's range, where it has one. */
  minUf?: number
  maxUf?: number
}

export interface CapacitorLabel {
  sections: SectionLabel[]
  tolerancePercent: { minus: number; plus: number } | null
  /** The highest printed volts AC. */
  volts: number | null
  /** A figure for direct voltage is none for alternating. */
  dcVolts?: number
  duty: 'run' | 'start'
}

export interface CapacitanceMeter {
  accuracyPercent: number
  accuracyCounts: number
  resolutionUf: number
  maxUf?: number
}

export const capacitorLooks = ['bulged', 'leaking', 'burnt', 'rusty-terminals', 'cracked'] as const
export type CapacitorLook = (typeof capacitorLooks)[number]

/** In order of badness; the overall verdict is the worst of its sections'. */
export const capacitorVerdicts = [
  'good',
  'borderline',
  'high',
  'weak',
  'shorted',
  'open',
  'failed-by-look',
] as const
export type CapacitorVerdict = (typeof capacitorVerdicts)[number]

export interface SectionCheck {
  section: Section
  nominalUf: number
  lowUf: number
  highUf: number
  readingUf: number | null
  deviationPercent: number | null
  uncertaintyUf: number | null
  verdict: CapacitorVerdict
}

export interface CapacitorCheck {
  sections: SectionCheck[]
  verdict: CapacitorVerdict
  reasons: string[]
}
