import type { TemplateLine } from './templateTypes'

/** Runs of lines that the usual way and the other ways of a family have in common, and what makes such lines. */

export const photo = (part: string, more: Partial<TemplateLine> = {}): TemplateLine => ({
  action: 'photo',
  part,
  handsOff: true,
  ...more,
})
export const wires = (terminal: string, part = 'motor lead'): TemplateLine => ({
  action: 'disconnect',
  part,
  terminal,
})
/** Lines that are done on the bench, at what the way takes out. */
export const onBench = (lines: TemplateLine[]): TemplateLine[] =>
  lines.map((line) => ({ ...line, bench: true }))
/** Covers that come off before the proof, since they stand before the place where it is read. */
export const covers = (lines: TemplateLine[]): TemplateLine[] =>
  lines.map((line) => ({ ...line, access: 'before-proof' }))

/** Opening a fuel line, as safety’s sheet lets it: by whom, between what, and how it is proved again. */
export const gasUnionCaution =
  'Open a union only where local law lets you, and only between the cock and the appliance’s valve; else it is for a licensed trade. It is leak-tested with bubble solution once gas is on, never with a flame.'
/** A flare or ground union seals metal on metal; only tapered threads take a sealant, one made for gas. */
export const gasUnionMark =
  'its faces clean and dry, turned by hand first, then with two wrenches, one holding'

/** A wheel or blade off its shaft: how deep it sat and which way it turns first, then what holds it, then the wheel. */
export const wheelOff = (
  part: string,
  {
    measured = `${part} depth on the shaft`,
    screws = 1,
    asks,
    caution,
  }: { measured?: string; screws?: number; asks?: string; caution?: string } = {},
): TemplateLine[] =>
  onBench([
    { action: 'measure', part: measured, of: part },
    { action: 'mark', part: `which way the ${part} turns`, of: part },
    {
      action: 'loosen',
      part: `${part} set screw${screws > 1 ? 's' : ' or clip'}`,
      ...(screws > 1 ? { count: screws } : {}),
      mark: screws > 1 ? 'on the flats' : 'on the flat',
    },
    {
      action: 'slide-out',
      part,
      movesToNewPart: true,
      ...(asks ? { asks } : {}),
      ...(caution ? { caution } : {}),
    },
  ])

/** A motor out of its plate, held by its nuts. */
export const nutsOff = (count: number, cup: string): TemplateLine[] =>
  onBench([
    { action: 'unscrew', part: 'motor nuts', count, fastener: 'nut', cup },
    { action: 'lift-off', part: 'motor', asks: 'to which side its leads come out' },
  ])

export const blowerKit = ['1/4 and 5/16 in nut drivers', 'long hex key', 'level', 'ties', 'gloves']

export const blowerDoors = covers([
  { action: 'lift-off', part: 'upper and lower doors' },
  { action: 'unscrew', part: 'cover of the junction box', count: 2, fastener: 'screw', cup: 'A' },
])

/** The leads of a blower’s motor at the board. */
export const blowerWires: TemplateLine[] = [
  wires('COOL', 'speed lead in use for cooling'),
  wires('HEAT', 'speed lead in use for heating'),
  wires('PARK', 'parked speed leads'),
  wires('neutral', 'common lead'),
]

/** The motor out of its arms, with the blower on the bench. */
export const armsOff = (cup: string, motor: Partial<TemplateLine> = {}): TemplateLine[] =>
  onBench([
    { action: 'measure', part: 'hub to shaft tip', of: 'motor' },
    { action: 'measure', part: 'gap between wheel and housing, motor side', of: 'motor' },
    { action: 'measure', part: 'gap between wheel and housing, far side', of: 'motor' },
    { action: 'mark', part: 'which way the wheel turns', of: 'motor' },
    { action: 'loosen', part: 'wheel set screw', mark: 'on the flat' },
    { action: 'unscrew', part: 'motor arms', count: 3, fastener: '5/16 hex', cup },
    { action: 'lift-off', part: 'motor', ...motor },
    { action: 'measure', part: 'band to shaft end', of: 'band with arms' },
    { action: 'loosen', part: 'band screw' },
    { action: 'slide-out', part: 'band with arms', movesToNewPart: true, asks: 'which way round' },
  ])

export const inducerDoors = covers([
  { action: 'lift-off', part: 'front door' },
  { action: 'unscrew', part: 'cover of the junction box', count: 2, fastener: 'screw', cup: 'C' },
])

/** The inducer off its furnace, its seal broken. */
export const inducerOut: TemplateLine[] = [
  {
    action: 'unscrew',
    part: 'inducer',
    count: 4,
    fastener: '1/4 hex long',
    cup: 'A',
    caution: 'Keep the old screws: the new ones may be too long.',
  },
  {
    action: 'break-seal',
    part: 'inducer gasket',
    renew: { material: 'gasket or high-temperature sealant', cureHours: 24 },
  },
  { action: 'lift-off', part: 'inducer assembly', frees: 'motor' },
]

/** What of an inducer goes over to the new one. */
export const inducerMovesOver = onBench([
  { action: 'unscrew', part: 'reducer', count: 3, fastener: 'screw', cup: 'B', movesToNewPart: true },
  { action: 'pull-hose', part: 'drain elbow', movesToNewPart: true },
])

/** What of a refrigerator’s fan goes over to the new motor. */
export const wheel = onBench([
  { action: 'slide-out', part: 'wheel', movesToNewPart: true, mark: 'pushed fully on' },
])
export const bushings = onBench([
  { action: 'slide-out', part: 'rubber bushings', count: 2, movesToNewPart: true },
])
export const wheelAndBushings = [...wheel, ...bushings]
