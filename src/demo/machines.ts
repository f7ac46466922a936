import type { FamilyId, MotorKindId } from '@/core/knowledge/vocabulary'

export interface Machine {
  key: string
  name: string
  place: string
  family: FamilyId
  motorKind: MotorKindId
  modelNumber: string
  installedYear: string
  /** The breaker, as the panel of Harrow Reach calls it. */
  circuit?: string
  /** Days from now; negative: due. */
  lookInDays?: number
}

/** Harrow Reach: an old boathouse by a lake, two flats and a workshop. Everything here is made up. */
export const machines: Machine[] = [
  {
    key: 'gable',
    name: 'Gable fan',
    place: 'boathouse loft',
    family: 'attic-vent-fan',
    motorKind: 'psc',
    modelNumber: 'Marrowby GV-14',
    installedYear: '2011',
    circuit: '9, loft and bath',
  },
  {
    key: 'dehumidifier',
    name: 'Dehumidifier',
    place: 'boat store',
    family: 'dehumidifier-fan',
    motorKind: 'psc-multispeed',
    modelNumber: 'Ivenholm DH-70',
    installedYear: '2015',
  },
  {
    key: 'stove',
    name: 'Pellet stove',
    place: 'workshop',
    family: 'pellet-stove-exhaust-blower',
    motorKind: 'shaded-pole',
    modelNumber: 'Brantlow P8',
    installedYear: '2016',
  },
  {
    key: 'hrv',
    name: 'Ventilator',
    place: 'upper flat',
    family: 'hrv-fan',
    motorKind: 'psc',
    modelNumber: 'Ivenholm R-150',
    installedYear: '2013',
  },
  {
    key: 'hood',
    name: 'Range hood',
    place: 'lower flat',
    family: 'range-hood-fan',
    motorKind: 'psc-multispeed',
    modelNumber: 'Brantlow H-36',
    installedYear: '2012',
    circuit: '3, kitchens',
  },
  {
    key: 'greenhouse',
    name: 'Greenhouse fan',
    place: 'south wall',
    family: 'attic-vent-fan',
    motorKind: 'shaded-pole',
    modelNumber: 'Quillfen GX-12',
    installedYear: '2018',
  },
  {
    key: 'outdoor',
    name: 'Cooling unit',
    place: 'lake side',
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    modelNumber: 'Marrowby CU-24',
    installedYear: '2014',
    circuit: '14',
  },
  {
    key: 'bath',
    name: 'Bathroom fan',
    place: 'upper flat',
    family: 'bath-exhaust-fan',
    motorKind: 'psc',
    modelNumber: 'Tessock BX-80',
    installedYear: '2009',
    circuit: '9, loft and bath',
    lookInDays: -6,
  },
]
