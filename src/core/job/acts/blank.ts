import type { FamilyId } from '../../knowledge/vocabulary'
import type { HouseholdRow, JobRow, MachineRow } from '../rows'

/** A household with a common meter and North American mains; everything can be changed under Household. */
export function newHousehold(id: string, name: string): HouseholdRow {
  return {
    id,
    name,
    region: 'north-america',
    inches: 1,
    fahrenheit: 1,
    ohmAccuracyPercent: 1,
    ohmCounts: 3,
    ohmResolution: 0.1,
    leadOffsetOhm: 0.2,
    capAccuracyPercent: 2,
    capCounts: 5,
    capResolutionUf: 0.01,
    capMaxUf: null,
    school: 'label-limit',
    tools: 'hand meter meter-capacitance tester wooden-stick',
    catRated: 0,
    singleKeys: 1,
    theme: 'light',
    demoParts: 0,
    introduced: 0,
  }
}

/** A machine of which nothing but its family need be known. `at` is an ISO time. */
export function newMachine(
  id: string,
  householdId: string,
  family: FamilyId,
  known: Partial<Pick<MachineRow, 'name' | 'place' | 'motorKind'>>,
  at: string,
): MachineRow {
  return {
    id,
    householdId,
    name: known.name?.trim() || '',
    place: known.place?.trim() || '',
    family,
    manufacturer: '',
    modelNumber: '',
    serialNumber: '',
    installedYear: '',
    motorKind: known.motorKind ?? null,
    note: '',
    pictureHash: null,
    platePictureHash: null,
    capacitorPictureHash: null,
    appliancePictureHash: null,
    nextLook: null,
    circuit: null,
    createdAt: at,
  }
}

/** A job just opened. `at` is an ISO time. */
export function newJob(id: string, machineId: string, symptom: string, at: string): JobRow {
  return {
    id,
    machineId,
    symptom,
    status: 'open',
    phase: 'work',
    period: at,
    energyJob: null,
    handsIn: 0,
    benchAsks: 0,
    rev: 0,
    result: null,
    lesson: '',
    minutesSpent: '',
    cost: '',
    openedAt: at,
    touchedAt: at,
    closedAt: null,
  }
}
