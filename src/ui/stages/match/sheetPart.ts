import type { JobSnapshot } from '@/core/job'
import type { CapSpec, MotorSpec } from '@/core/match'
import { capacitorName, motorName } from '@/core/match/partWords'
import { formatHp } from '@/core/units'

/** A candidate as the sheet names it. */
export interface SheetPart {
  id: string
  name: string
  maker: string
  price: number | null
  /** It lies on the person's own shelf. */
  own: boolean
  /** Where it comes from: the made-up catalogue says so wherever it stands. */
  from: string
  motor?: MotorSpec
  capacitor?: CapSpec
}

/** A part of which neither number nor figure is known. */
const NAMELESS = 'no number'

/** What was kept with the job stands once, as it was kept: whether a part or its result is none of those. */
export const notKept = ({
  candidates,
}: Pick<JobSnapshot, 'candidates'>): ((part: { id: string }) => boolean) => {
  const refs = new Set(candidates.map(({ ref }) => ref))
  return ({ id }) => !refs.has(id)
}

export const motorPart = (motor: MotorSpec, from: string, more: Partial<SheetPart> = {}): SheetPart => ({
  id: motor.id,
  name: motorName(motor) || NAMELESS,
  maker: [motor.manufacturer, motor.hp ? formatHp(motor.hp) : ''].filter(Boolean).join(', '),
  price: motor.price ?? null,
  own: false,
  from,
  motor,
  ...more,
})

export const capacitorPart = (part: CapSpec, from: string, more: Partial<SheetPart> = {}): SheetPart => ({
  id: part.id,
  name: capacitorName(part) || NAMELESS,
  maker: part.manufacturer ?? '',
  price: part.price ?? null,
  own: false,
  from,
  capacitor: part,
  ...more,
})
