import type { PlateKind } from '../../plate/types'
import type { MachineRow } from '../rows'

/** Columns of a machine that keep the photo of a label. */
type LabelColumn = 'platePictureHash' | 'capacitorPictureHash' | 'appliancePictureHash'

/** Where the photo of each kind of label is kept, and what it is called. */
export const labels: Record<PlateKind, { column: LabelColumn; caption: string }> = {
  motor: { column: 'platePictureHash', caption: 'The plate of the motor' },
  capacitor: { column: 'capacitorPictureHash', caption: 'The label of the capacitor' },
  appliance: { column: 'appliancePictureHash', caption: 'The label of the machine' },
}

/** Every column that keeps the photo of a label. */
export const labelColumns: LabelColumn[] = Object.values(labels).map(({ column }) => column)

/** The columns of a machine that name a picture: what keeps, sends and removes pictures looks here. */
export const pictureColumns = ['pictureHash', ...labelColumns] as const

/**
 * The photos of labels that are kept with a machine, its own first.
 *
 * @example labelPhotos({ platePictureHash: 'ab', capacitorPictureHash: null, appliancePictureHash: null }) // [{ hash: 'ab', caption: 'The plate of the motor' }]
 */
export function labelPhotos(machine: Pick<MachineRow, LabelColumn>): { hash: string; caption: string }[] {
  return [labels.appliance, labels.motor, labels.capacitor].flatMap(({ column, caption }) => {
    const hash = machine[column]
    return hash ? [{ hash, caption }] : []
  })
}
