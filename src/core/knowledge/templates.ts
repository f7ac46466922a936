import type { Access, BenchPart, RefitAction, SwitchKind } from '../refit/types'
import { replacedParts } from './replaced'
import type { FamilyId } from './vocabulary'

export interface TemplateLine {
  action: RefitAction
  part: string
  count?: number
  fastener?: string
  cup?: string
  terminal?: string
  mark?: string
  movesToNewPart?: boolean
  renew?: { material: string; cureHours?: number }
  switch?: SwitchKind
  temporary?: boolean
  /** A cover that stands before the proof place, or before the capacitor or module: it comes off, nothing behind it is touched. */
  access?: Exclude<Access, ''>
  /** The part that is out of the machine once this line is done. */
  frees?: BenchPart
  /** Done on the bench, at the part that the template takes out. */
  bench?: boolean
  /** Looking and photographing need no hands inside. */
  handsOff?: boolean
  caution?: string
}

export interface Template {
  replaced: string
  /** Which part lies on the bench then. */
  takesOut: BenchPart
  lines: TemplateLine[]
  kit: string[]
}

const photo = (part: string): TemplateLine => ({ action: 'photo', part, handsOff: true })
const wires = (terminal: string, part = 'motor lead'): TemplateLine => ({
  action: 'disconnect',
  part,
  terminal,
})

/** The way to the motor, typical for the family; the person drops, adds and reorders what their machine has. */
export const motorTemplates: Record<FamilyId, Template> = {
  'bath-exhaust-fan': {
    replaced: replacedParts['bath-exhaust-fan'],
    takesOut: 'motor',
    kit: ['screwdriver', '1/4 in nut driver', 'vacuum', 'dust mask', 'hex key for the wheel'],
    lines: [
      { action: 'unclip', part: 'grille', mark: 'springs in their slots', access: 'before-proof' },
      { action: 'lift-off', part: 'cover of the wiring box', access: 'before-proof' },
      photo('housing with plug and plate'),
      { action: 'unplug', part: 'motor plug' },
      {
        action: 'unscrew',
        part: 'motor plate',
        count: 2,
        fastener: '1/4 hex',
        cup: 'A',
        mark: 'notch side first',
      },
      { action: 'lift-off', part: 'motor plate with motor', frees: 'motor' },
      { action: 'mark', part: 'wheel depth on the shaft', bench: true },
      {
        action: 'slide-out',
        part: 'wheel',
        movesToNewPart: true,
        mark: 'flat or key, same depth',
        bench: true,
      },
      { action: 'unscrew', part: 'motor from its plate', count: 2, fastener: 'nut', cup: 'B', bench: true },
      { action: 'lift-off', part: 'motor', bench: true },
    ],
  },
  'range-hood-fan': {
    replaced: replacedParts['range-hood-fan'],
    takesOut: 'motor',
    kit: ['screwdriver', 'nut driver', 'degreaser', 'gloves'],
    lines: [
      { action: 'slide-out', part: 'grease filters', access: 'before-proof' },
      {
        action: 'unscrew',
        part: 'lamp panel',
        count: 4,
        fastener: 'screw',
        cup: 'A',
        access: 'before-proof',
      },
      {
        action: 'unscrew',
        part: 'cover of the wiring box',
        count: 2,
        fastener: 'screw',
        cup: 'A',
        access: 'before-proof',
      },
      photo('wiring box'),
      { action: 'unplug', part: 'motor plug' },
      { action: 'unscrew', part: 'blower housing', count: 4, fastener: 'screw', cup: 'B' },
      { action: 'lift-off', part: 'blower housing', frees: 'motor' },
      { action: 'mark', part: 'wheel depth and turn', bench: true },
      { action: 'slide-out', part: 'wheel', movesToNewPart: true, bench: true },
      { action: 'unscrew', part: 'motor nuts', count: 3, fastener: 'nut', cup: 'C', bench: true },
      { action: 'lift-off', part: 'motor', bench: true },
    ],
  },
  'ceiling-fan': {
    replaced: replacedParts['ceiling-fan'],
    takesOut: 'motor',
    kit: ['screwdriver', 'stable ladder', 'thin pin for push-in holes', 'second person'],
    lines: [
      photo('fan from below, with direction switch'),
      {
        action: 'unscrew',
        part: 'canopy',
        count: 2,
        fastener: 'canopy screw',
        cup: 'A',
        access: 'before-proof',
        caution:
          'Weight overhead: stand on a stable ladder, and let the canopy down without touching a wire.',
      },
      photo('wires in the canopy'),
      {
        action: 'unscrew',
        part: 'cover of the switch housing',
        count: 3,
        fastener: 'screw',
        cup: 'B',
        access: 'before-discharge',
      },
      photo('capacitor and pull chain'),
      {
        action: 'unscrew',
        part: 'blades',
        count: 10,
        fastener: 'blade screw',
        cup: 'C',
        mark: 'blades numbered',
      },
      {
        action: 'disconnect',
        part: 'ground wire',
        terminal: 'bracket',
        caution: 'The fan hangs on its hook, or a second person holds it, before its wires are parted.',
      },
      { action: 'disconnect', part: 'line wire', terminal: 'house black' },
      { action: 'disconnect', part: 'neutral wire', terminal: 'house white' },
      {
        action: 'lift-off',
        part: 'fan',
        frees: 'motor',
        caution: 'Weight overhead: a second person holds it.',
      },
    ],
  },
  'attic-vent-fan': {
    replaced: replacedParts['attic-vent-fan'],
    takesOut: 'motor',
    kit: ['nut driver', 'hex key', 'dust mask', 'board to kneel on'],
    lines: [
      photo('fan, thermostat box and wires'),
      {
        action: 'unscrew',
        part: 'thermostat box cover',
        count: 1,
        fastener: 'screw',
        cup: 'A',
        access: 'before-proof',
      },
      wires('thermostat load'),
      { action: 'disconnect', part: 'ground wire', terminal: 'box' },
      { action: 'unscrew', part: 'motor arms', count: 3, fastener: 'screw', cup: 'B' },
      { action: 'lift-off', part: 'motor with blade', frees: 'motor' },
      { action: 'measure', part: 'blade depth from the mounting plane', bench: true },
      {
        action: 'slide-out',
        part: 'blade',
        movesToNewPart: true,
        mark: 'pitch side and hub side',
        bench: true,
      },
      {
        action: 'unscrew',
        part: 'motor arms from the motor',
        count: 3,
        fastener: 'nut',
        cup: 'C',
        movesToNewPart: true,
        bench: true,
      },
      { action: 'lift-off', part: 'motor', bench: true },
    ],
  },
  'furnace-blower': {
    replaced: replacedParts['furnace-blower'],
    takesOut: 'motor',
    kit: ['1/4 and 5/16 in nut drivers', 'long hex key', 'level', 'ties', 'gloves'],
    lines: [
      { action: 'lift-off', part: 'upper and lower doors', access: 'before-proof' },
      {
        action: 'unscrew',
        part: 'cover of the junction box',
        count: 2,
        fastener: 'screw',
        cup: 'A',
        access: 'before-proof',
      },
      photo('board with every wire, and the blower compartment'),
      { action: 'drain', part: 'condensate trap' },
      { action: 'pull-hose', part: 'drain hose', mark: 'port and clamp' },
      wires('COOL', 'speed lead in use for cooling'),
      wires('HEAT', 'speed lead in use for heating'),
      wires('PARK', 'parked speed leads'),
      wires('neutral', 'common lead'),
      { action: 'disconnect', part: 'ground wire', terminal: 'cabinet' },
      { action: 'cut-tie', part: 'harness ties', count: 3, renew: { material: 'tie' } },
      { action: 'unscrew', part: 'blower rails', count: 2, fastener: '5/16 hex', cup: 'C' },
      {
        action: 'slide-out',
        part: 'blower assembly',
        frees: 'motor',
        caution: 'Heavy, sharp edges: gloves.',
      },
      { action: 'measure', part: 'bracket to shaft end', bench: true },
      { action: 'loosen', part: 'wheel set screw', mark: 'on the flat', bench: true },
      { action: 'unscrew', part: 'motor arms', count: 3, fastener: '5/16 hex', cup: 'B', bench: true },
      { action: 'lift-off', part: 'motor', bench: true },
      {
        action: 'loosen',
        part: 'band with arms',
        movesToNewPart: true,
        mark: 'distance band to shaft end',
        bench: true,
      },
    ],
  },
  'draft-inducer': {
    replaced: replacedParts['draft-inducer'],
    takesOut: 'motor',
    kit: ['long 1/4 in nut driver', 'scraper', 'gasket or high-temperature sealant', 'clamp', 'gloves'],
    lines: [
      { action: 'lift-off', part: 'front door', access: 'before-proof' },
      {
        action: 'unscrew',
        part: 'cover of the junction box',
        count: 2,
        fastener: 'screw',
        cup: 'C',
        access: 'before-proof',
      },
      photo('inducer with tubes, drain and harness'),
      { action: 'loosen', part: 'vent clamp' },
      { action: 'pull-hose', part: 'pressure tube', mark: 'port at the switch' },
      { action: 'pull-hose', part: 'drain hose', mark: 'clamped' },
      { action: 'unplug', part: 'inducer harness' },
      { action: 'disconnect', part: 'ground wire', terminal: 'burner box' },
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
      {
        action: 'unscrew',
        part: 'reducer',
        count: 3,
        fastener: 'screw',
        cup: 'B',
        movesToNewPart: true,
        bench: true,
      },
      { action: 'pull-hose', part: 'drain elbow', movesToNewPart: true, bench: true },
    ],
  },
  'outdoor-unit-fan': {
    replaced: replacedParts['outdoor-unit-fan'],
    takesOut: 'motor',
    kit: [
      '1/4 and 5/16 in nut drivers',
      'hex key',
      'penetrating oil',
      'emery cloth',
      'puller',
      'gloves',
      'ties',
    ],
    lines: [
      {
        action: 'unscrew',
        part: 'service panel',
        count: 3,
        fastener: '1/4 hex',
        cup: 'A',
        access: 'before-proof',
      },
      { action: 'lift-off', part: 'service panel', access: 'before-proof' },
      photo('contactor and capacitor with every wire'),
      wires('FAN', 'start lead'),
      wires('contactor load 2', 'run lead'),
      wires('contactor load 1', 'common lead'),
      { action: 'disconnect', part: 'motor ground', terminal: 'frame' },
      { action: 'cut-tie', part: 'lead ties', count: 2, renew: { material: 'tie' } },
      {
        action: 'slide-out',
        part: 'leads from their conduit',
        mark: 'its hole, and a loop clear of the blade',
      },
      {
        action: 'unscrew',
        part: 'top grille',
        count: 6,
        fastener: '1/4 hex',
        cup: 'B',
        caution: 'The fan hangs on it: do not pull the leads.',
      },
      {
        action: 'lift-off',
        part: 'top grille with fan',
        frees: 'motor',
        caution: 'Fins and sheet metal cut: gloves.',
      },
      { action: 'measure', part: 'blade depth from the mounting plane', bench: true },
      { action: 'loosen', part: 'blade set screws', count: 2, mark: 'on the flats', bench: true },
      {
        action: 'slide-out',
        part: 'blade',
        movesToNewPart: true,
        mark: 'hub side up or down',
        bench: true,
        caution: 'Never hammer the blade: oil, emery, puller.',
      },
      { action: 'unscrew', part: 'motor nuts', count: 4, fastener: 'nut', cup: 'C', bench: true },
      { action: 'lift-off', part: 'motor', bench: true },
    ],
  },
  'mini-split-indoor-fan': {
    replaced: replacedParts['mini-split-indoor-fan'],
    takesOut: 'motor',
    kit: ['long screwdriver', 'torch', 'cardboard against the fins', 'camera'],
    lines: [
      { action: 'unclip', part: 'front panel', access: 'before-proof' },
      { action: 'slide-out', part: 'filters', access: 'before-proof' },
      {
        action: 'unscrew',
        part: 'terminal cover',
        count: 1,
        fastener: 'screw',
        cup: 'A',
        access: 'before-proof',
      },
      {
        action: 'unscrew',
        part: 'casing',
        count: 3,
        fastener: 'screw',
        cup: 'B',
        access: 'before-discharge',
      },
      { action: 'unclip', part: 'casing clips', count: 4, access: 'before-discharge' },
      photo('board with every plug'),
      { action: 'unplug', part: 'display and sensor plugs', count: 3 },
      {
        action: 'unplug',
        part: 'fan plug',
        caution:
          'High DC: only with the power off and proved, the wait over, the DC read, and the wheel still.',
      },
      {
        action: 'unscrew',
        part: 'coil end bracket',
        count: 2,
        fastener: 'screw',
        cup: 'C',
        caution: 'Lift the coil a little; the pipes must not kink.',
      },
      { action: 'loosen', part: 'wheel screw in the gap', mark: 'gap position' },
      { action: 'slide-out', part: 'motor', frees: 'motor' },
    ],
  },
  'refrigerator-evaporator-fan': {
    replaced: replacedParts['refrigerator-evaporator-fan'],
    takesOut: 'motor',
    kit: ['1/4 in nut driver', 'thin plastic blade', 'towels', 'cool box for food'],
    lines: [
      { action: 'slide-out', part: 'shelves and drawers', count: 4 },
      { action: 'unclip', part: 'covers', count: 2, caution: 'Cold plastic is brittle: nothing forced.' },
      { action: 'unscrew', part: 'rear panel', count: 4, fastener: '1/4 hex', cup: 'A' },
      { action: 'lift-off', part: 'rear panel' },
      photo('fan, heater and plugs'),
      { action: 'unplug', part: 'fan plug' },
      { action: 'disconnect', part: 'ground wire', terminal: 'bracket' },
      { action: 'unscrew', part: 'fan bracket', count: 2, fastener: '1/4 hex', cup: 'B' },
      { action: 'lift-off', part: 'motor', frees: 'motor' },
      { action: 'slide-out', part: 'wheel', movesToNewPart: true, mark: 'pushed fully on', bench: true },
      { action: 'slide-out', part: 'rubber bushings', count: 2, movesToNewPart: true, bench: true },
    ],
  },
  'refrigerator-condenser-fan': {
    replaced: replacedParts['refrigerator-condenser-fan'],
    takesOut: 'motor',
    kit: ['1/4 in nut driver', 'vacuum', 'brush'],
    lines: [
      { action: 'unscrew', part: 'rear cover', count: 5, fastener: '1/4 hex', cup: 'A' },
      { action: 'lift-off', part: 'rear cover' },
      photo('fan and plug'),
      { action: 'unplug', part: 'fan plug' },
      { action: 'unscrew', part: 'fan bracket', count: 3, fastener: '1/4 hex', cup: 'B' },
      { action: 'lift-off', part: 'motor', frees: 'motor' },
      {
        action: 'slide-out',
        part: 'blade',
        movesToNewPart: true,
        mark: 'which side faces the motor',
        bench: true,
      },
    ],
  },
  'rv-furnace-blower': {
    replaced: replacedParts['rv-furnace-blower'],
    takesOut: 'motor',
    kit: ['long small hex key', 'screwdriver', 'gasket', 'bubble solution'],
    lines: [
      {
        action: 'unscrew',
        part: 'outside cover',
        count: 4,
        fastener: 'screw',
        cup: 'A',
        access: 'before-proof',
      },
      photo('heater with wires and sail switch'),
      { action: 'unplug', part: 'supply plug' },
      {
        action: 'disconnect',
        part: 'gas union',
        caution:
          'Open a union only where local law lets you, and only between the cock and the appliance’s valve; else it is for a licensed trade. It is leak-tested with bubble solution once gas is on, never with a flame.',
        renew: { material: 'thread sealant for gas' },
      },
      { action: 'slide-out', part: 'heater', frees: 'motor' },
      { action: 'mark', part: 'wheel positions and turn', bench: true },
      { action: 'loosen', part: 'combustion wheel set screw', bench: true },
      { action: 'slide-out', part: 'combustion wheel', movesToNewPart: true, bench: true },
      { action: 'loosen', part: 'room-air wheel set screw', bench: true },
      { action: 'slide-out', part: 'room-air wheel', movesToNewPart: true, bench: true },
      { action: 'break-seal', part: 'motor gasket', renew: { material: 'gasket' }, bench: true },
      { action: 'unscrew', part: 'motor clamp', count: 2, fastener: 'screw', cup: 'B', bench: true },
      { action: 'slide-out', part: 'motor', bench: true },
    ],
  },
  'pellet-stove-exhaust-blower': {
    replaced: replacedParts['pellet-stove-exhaust-blower'],
    takesOut: 'motor',
    kit: ['nut driver', 'ash vacuum', 'gasket', 'gloves'],
    lines: [
      { action: 'lift-off', part: 'side panel', access: 'before-discharge' },
      photo('blower with wires'),
      { action: 'unplug', part: 'blower plug' },
      { action: 'unscrew', part: 'blower flange', count: 6, fastener: 'nut', cup: 'A' },
      { action: 'break-seal', part: 'blower gasket', renew: { material: 'gasket' } },
      { action: 'lift-off', part: 'blower', frees: 'motor' },
    ],
  },
  'hrv-fan': {
    replaced: replacedParts['hrv-fan'],
    takesOut: 'motor',
    kit: ['screwdriver', 'vacuum', 'brush'],
    lines: [
      { action: 'unclip', part: 'door', access: 'before-discharge' },
      { action: 'slide-out', part: 'core and filters', access: 'before-discharge' },
      photo('terminal block and fan'),
      wires('fan 1', 'motor lead'),
      wires('fan 2', 'second motor lead'),
      { action: 'disconnect', part: 'ground wire', terminal: 'case' },
      { action: 'unscrew', part: 'fan plate', count: 4, fastener: 'screw', cup: 'A' },
      { action: 'lift-off', part: 'fan plate', frees: 'motor' },
      { action: 'slide-out', part: 'wheel', movesToNewPart: true, mark: 'depth', bench: true },
      {
        action: 'unscrew',
        part: 'motor',
        count: 3,
        fastener: 'nut',
        cup: 'B',
        mark: 'leads to which side',
        bench: true,
      },
      { action: 'lift-off', part: 'motor', bench: true },
    ],
  },
  'dehumidifier-fan': {
    replaced: replacedParts['dehumidifier-fan'],
    takesOut: 'motor',
    kit: ['screwdriver', 'nut driver', 'brush', 'ties'],
    lines: [
      { action: 'slide-out', part: 'bucket and filter', access: 'before-discharge' },
      {
        action: 'unscrew',
        part: 'rear cover',
        count: 6,
        fastener: 'screw',
        cup: 'A',
        access: 'before-discharge',
      },
      { action: 'lift-off', part: 'rear cover', access: 'before-discharge' },
      photo('capacitor, plugs and fan'),
      wires('FAN', 'start lead'),
      { action: 'unplug', part: 'fan plug' },
      { action: 'disconnect', part: 'ground wire', terminal: 'base' },
      { action: 'cut-tie', part: 'harness tie', renew: { material: 'tie' } },
      { action: 'unscrew', part: 'motor bracket', count: 4, fastener: 'screw', cup: 'B' },
      { action: 'lift-off', part: 'motor', frees: 'motor' },
      { action: 'slide-out', part: 'blade', movesToNewPart: true, mark: 'depth on the shaft', bench: true },
    ],
  },
  'other-fan': {
    replaced: replacedParts['other-fan'],
    takesOut: 'motor',
    kit: ['screwdriver', 'nut driver', 'camera'],
    lines: [
      { action: 'unscrew', part: 'cover', count: 4, fastener: 'screw', cup: 'A', access: 'before-proof' },
      photo('everything, from several sides'),
      wires('terminal 1'),
      wires('terminal 2'),
      { action: 'unscrew', part: 'motor mount', count: 4, fastener: 'nut', cup: 'B' },
      { action: 'lift-off', part: 'motor', frees: 'motor' },
      { action: 'slide-out', part: 'wheel', movesToNewPart: true, mark: 'depth and side', bench: true },
    ],
  },
}

/** Only the capacitor is changed: the way is much shorter. */
export function capacitorTemplate(family: FamilyId, dual: boolean): Template {
  const covers = motorTemplates[family].lines.filter((line) => line.access)
  return {
    replaced: 'capacitor',
    takesOut: 'capacitor',
    kit: ['screwdriver', 'insulated pliers', 'strap'],
    lines: [
      ...covers,
      photo('capacitor with every wire'),
      ...(dual
        ? [wires('HERM', 'compressor wire'), wires('FAN', 'fan wire'), wires('C', 'common wires')]
        : [wires('terminal 1', 'first wire'), wires('terminal 2', 'second wire')]),
      { action: 'loosen', part: 'capacitor strap' },
      { action: 'slide-out', part: 'capacitor', frees: 'capacitor' },
    ],
  }
}
