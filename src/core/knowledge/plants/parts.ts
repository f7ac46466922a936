import type { PlantBuild, PlantMotor, PlantPart, PlantWire } from './types'

export type PlantPartOf<Kind extends PlantPart['part']> = Extract<PlantPart, { part: Kind }>

/** All parts of one kind, in the order of the build. */
export const partsOf = <Kind extends PlantPart['part']>(
  { parts }: Pick<PlantBuild, 'parts'>,
  kind: Kind,
): PlantPartOf<Kind>[] => parts.filter((part): part is PlantPartOf<Kind> => part.part === kind)

/** The first part of one kind; undefined where the machine has none. */
export const partOf = <Kind extends PlantPart['part']>(
  build: Pick<PlantBuild, 'parts'>,
  kind: Kind,
): PlantPartOf<Kind> | undefined => partsOf(build, kind)[0]

export const hasPart = ({ parts }: Pick<PlantBuild, 'parts'>, kind: PlantPart['part']): boolean =>
  parts.some(({ part }) => part === kind)

/** The motor of the fan: every machine that is practised on has one. */
export const fanOf = ({ family, motors }: Pick<PlantBuild, 'family' | 'motors'>): PlantMotor => {
  const fan = motors.find(({ id }) => id === 'fan')
  if (!fan) throw new Error(`the build of ${family} has no fan`)
  return fan
}

/** What it is asked to run at; one that has no choice runs at the one it has. */
export const speedsOf = ({ speeds }: Pick<PlantBuild, 'speeds'>): (string | null)[] =>
  speeds?.length ? speeds : [null]

/** The wires that end in the fan's motor and come off: all of its leads but the ground. */
export const motorWires = ({ motors, wires }: PlantBuild): PlantWire[] => {
  const leads = motors.find(({ id }) => id === 'fan')?.leads.filter(({ role }) => role !== 'ground') ?? []
  return wires.filter(({ from, fixed }) => fixed && leads.some(({ id }) => id === from))
}

/** These covers, what lies before each of them first. */
export function coversInOrder({ covers }: Pick<PlantBuild, 'covers'>, wanted: readonly string[]): string[] {
  const order = new Set<string>()
  const add = (id: string): void => {
    const cover = covers.find((each) => each.id === id)
    if (!cover) return
    if (cover.after) add(cover.after)
    order.add(id)
  }
  for (const id of wanted) add(id)
  return [...order]
}

/** The cover that hides a terminal; null where it lies open or is none of this machine's. */
export const coverOf = ({ terminals }: Pick<PlantBuild, 'terminals'>, terminal: string): string | null =>
  terminals.find(({ id }) => id === terminal)?.behind ?? null

/** The capacitor of the fan, or the section of a dual one that serves the compressor. */
export const capacitorOf = (
  build: Pick<PlantBuild, 'parts'>,
  section: 'fan' | 'other',
): PlantPartOf<'capacitor'> | undefined =>
  partsOf(build, 'capacitor').find(({ id }) => (id === 'HERM') === (section === 'other'))
