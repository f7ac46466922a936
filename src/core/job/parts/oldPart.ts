import { parseCapacitorLabel } from '../../capacitor'
import { classIn } from '../../capacitor/safetyClass'
import { turnOf } from '../../knowledge/measureKinds'
import type { CapSpec, MotorSpec } from '../../match'
import { type DataField, motorData, motorSpecFrom } from '../../match/motorData'
import type { ParseOptions } from '../../units'
import { fieldText } from '../fields'
import type { JobSnapshot } from '../rows'

/** The fields of an old motor's plate and its sizes, in the order they are read, and what its control may switch. */
export const motorPlateFields: DataField[] = [
  ...motorData,
  {
    field: 'controlAmps',
    label: 'Control may switch',
    placeholder: '5',
    kind: { quantity: 'amps' },
    group: 'plate',
    columns: [],
  },
]

/** How a length without a unit is meant in this household. */
export const lengthsOf = (snapshot: JobSnapshot): ParseOptions => ({
  defaultUnit: snapshot.household.inches ? 'in' : 'mm',
})

/**
 * What was marked on the way in of how the wheel turned, as the fields of a plate say it: whoever has the motor behind the wheel
 * looks at its shaft end. Nothing where no turn was marked, or two wheels turn against each other.
 */
function markedTurn({ ledger }: Pick<JobSnapshot, 'ledger'>): {
  rotation?: 'CW' | 'CCW'
  viewedFrom?: 'shaft-end'
} {
  const marked = new Set(
    ledger.flatMap((line) => {
      const turn = line.action === 'mark' && !line.struckAt ? turnOf(line.mark) : null
      return turn ? [turn] : []
    }),
  )
  const [turn] = marked
  return turn && marked.size === 1
    ? { rotation: turn === 'clockwise' ? 'CW' : 'CCW', viewedFrom: 'shaft-end' }
    : {}
}

/** What each field of the old motor's plate says: as it is typed, else, until its turn is typed, as that was marked on the way in. */
export function plateText(snapshot: JobSnapshot): (field: string) => string {
  const typed = (field: string) => fieldText(snapshot, 'motor-old', field)
  const marked: Record<string, string> = typed('rotation') ? {} : markedTurn(snapshot)
  return (field) => typed(field) || (marked[field] ?? '')
}

/** The old motor as far as its plate and sizes are typed, and as its turn was marked on the way in. */
export function oldMotor(snapshot: JobSnapshot): MotorSpec {
  const spec = motorSpecFrom('old', plateText(snapshot), lengthsOf(snapshot))
  const fitted = spec.capacitor ? null : fittedCapacitor(snapshot)
  return {
    ...spec,
    ...(snapshot.machine.motorKind ? { motorKind: snapshot.machine.motorKind } : {}),
    ...(fitted ? { capacitor: fitted } : {}),
  }
}

/** The fitted capacitor's fan section, from its label. */
function fittedCapacitor(snapshot: JobSnapshot): { uF: number; volts?: number } | null {
  const old = oldCapacitor(snapshot)
  const section = old?.sections.find((each) => each.section !== 'HERM')
  return section ? { uF: section.uF, ...(old!.volts ? { volts: old!.volts } : {}) } : null
}

/** The old capacitor as its label is typed, or null. */
export function oldCapacitor(
  snapshot: JobSnapshot,
): (Omit<CapSpec, 'id' | 'multi'> & { sections: NonNullable<CapSpec['sections']> }) | null {
  try {
    const text = fieldText(snapshot, 'capacitor-old', 'label')
    const [label, printed] = [parseCapacitorLabel(text), classIn(text)]
    return {
      sections: label.sections,
      duty: label.duty,
      ...(label.volts === null ? {} : { volts: label.volts }),
      ...(label.tolerancePercent === null ? {} : { tolerancePercent: label.tolerancePercent }),
      ...(printed ? { safetyClass: printed.printed } : {}),
    }
  } catch {
    return null
  }
}
