import type { CapSpec, MotorSpec, WorkKind } from '../match'
import { fromShaftEnd, type Turn } from '../rotation'
import { significant } from '../units'
import { lengthText } from '../units/household'

/** What the drawing of one kind of work carries; what nobody knows is not drawn as a figure. */
export interface SketchFigures {
  /** How long a piece is that goes or is added. */
  amount?: string
  /** The old part's size, and the new one's. */
  old?: string
  new?: string
  /** The turn to reach, seen from the shaft end. */
  turn?: Turn
}

interface SketchSource {
  old: MotorSpec
  fresh: MotorSpec | null
  capacitor: CapSpec | null
  cutMm: number | null
  studsOverMm: number | null
  inches: boolean
}

/**
 * The figures of a work's drawing, in the person's units.
 *
 * @example sketchFigures('cut-shaft', { old: { id: 'old' }, fresh: null, capacitor: null, cutMm: 45, studsOverMm: null, inches: false }) // { amount: '45 mm' }
 */
export function sketchFigures(kind: WorkKind, from: SketchSource): SketchFigures {
  const length = (mm: number | null | undefined) => (mm == null ? undefined : lengthText(mm, from.inches))
  const more = (one: number | undefined, two: number | undefined) =>
    one === undefined || two === undefined || two <= one ? undefined : length(two - one)
  const { old, fresh } = from
  const figures: Partial<Record<WorkKind, SketchFigures>> = {
    'cut-shaft': { amount: length(from.cutMm) ?? more(old.shaft?.lengthMm, fresh?.shaft?.lengthMm) },
    'bush-shaft': { old: length(old.shaft?.diameterMm), new: length(fresh?.shaft?.diameterMm) },
    'trim-studs': {
      amount: length(from.studsOverMm) ?? more(old.mount?.studLengthMm, fresh?.mount?.studLengthMm),
    },
    'extend-leads': { amount: more(fresh?.leadLengthMm, old.leadLengthMm) },
    'change-band': { old: length(old.diameterMm), new: length(fresh?.diameterMm) },
    'drill-holes': { old: length(old.mount?.boltCircleMm), new: length(fresh?.mount?.boltCircleMm) },
    'set-rotation': turnFigure(old),
    'adapt-connector': { old: old.connector, new: fresh?.connector },
    'buy-capacitor': capacitorFigure(fresh),
    'swap-capacitor': capacitorFigure(fresh),
    'change-strap': { new: length(from.capacitor?.diameterMm) },
  }
  return Object.fromEntries(Object.entries(figures[kind] ?? {}).filter(([, value]) => value !== undefined))
}

const turnFigure = ({ rotation }: MotorSpec): SketchFigures => {
  const turn = fromShaftEnd(rotation)
  return turn ? { turn } : {}
}

const capacitorFigure = (fresh: MotorSpec | null): SketchFigures =>
  fresh?.capacitor?.uF
    ? {
        new: `${significant(fresh.capacitor.uF, 4)} µF${fresh.capacitor.volts ? ` ${fresh.capacitor.volts} V` : ''}`,
      }
    : {}
