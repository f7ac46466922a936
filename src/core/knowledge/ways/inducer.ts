import { inducerDoors, inducerMovesOver, inducerOut, onBench, photo } from '../runs'
import type { TemplateLine } from '../templateTypes'
import type { Way } from './types'

const outOfCondensing: TemplateLine[] = [
  ...inducerDoors,
  photo('inducer with tubes, drain and harness'),
  {
    action: 'drain',
    part: 'condensate trap',
    caution: 'The water is acid and stains: a bucket, and gloves.',
  },
  { action: 'loosen', part: 'vent clamps', count: 2 },
  { action: 'measure', part: 'depth of the vent pipe in its socket', of: 'vent pipe' },
  { action: 'slide-out', part: 'vent pipe' },
  { action: 'pull-hose', part: 'pressure tubes', count: 2, asks: 'which port at which switch' },
  { action: 'pull-hose', part: 'inducer drain hose', mark: 'clamped' },
  { action: 'pull-hose', part: 'vent drain hose', mark: 'loop downwards' },
  { action: 'unclip', part: 'condensate trap' },
  { action: 'lift-off', part: 'condensate trap' },
  { action: 'unplug', part: 'inducer harness' },
  { action: 'unplug', part: 'pressure switch plugs', count: 2, asks: 'which colour sits on which label' },
  { action: 'disconnect', part: 'ground wire', terminal: 'burner box' },
  ...inducerOut,
]

export const condensingInducer: Way = {
  id: 'condensing',
  name: 'Condensing furnace, with trap and drain hoses',
  when: 'The vent is plastic pipe and water runs out of the furnace while it heats.',
  replaced: 'inducer assembly',
  takesOut: 'motor',
  kit: [
    'long 1/4 in nut driver',
    'scraper',
    'gasket or high-temperature sealant',
    'clamp',
    'bucket and rag',
    'gloves',
  ],
  lines: [
    ...outOfCondensing,
    ...inducerMovesOver,
    ...onBench([
      {
        action: 'unscrew',
        part: 'pressure switch bracket',
        count: 2,
        fastener: 'screw',
        cup: 'D',
        movesToNewPart: true,
      },
    ]),
  ],
}

/** The bearing itself renewed at the bench: two half housings, the stator’s leads, the rotor out. */
export const inducerBearing: Way = {
  id: 'bearing',
  name: 'The bearing renewed at the bench',
  when: 'The motor’s windings are good, it squeals or rubs, and you have a puller and patience.',
  replaced: 'bearing',
  takesOut: 'motor',
  kit: [
    'long 1/4 in nut driver',
    'small puller',
    'punch and padding',
    'soldering iron',
    'solder',
    'scraper',
    'gasket or high-temperature sealant',
    'retaining compound',
    'gloves',
  ],
  lines: [
    ...outOfCondensing,
    ...onBench([
      photo('the assembly from all sides', { handsOff: false }),
      {
        action: 'mark',
        part: 'both halves of the housing, a line across their joint',
        of: 'upper half of the housing',
      },
      { action: 'unclip', part: 'plastic cover of the motor', count: 4 },
      { action: 'unscrew', part: 'circuit board', count: 2, fastener: 'screw', cup: 'D' },
      {
        action: 'unsolder',
        part: 'stator leads',
        count: 3,
        asks: 'which pad each had',
        caution: 'Photograph the joints first: they are made again in the same places.',
      },
      { action: 'lift-off', part: 'circuit board' },
      {
        action: 'slide-out',
        part: 'push-on ring of the cooling fan',
        caution: 'It grips once: have a new one where it has lost its spring.',
      },
      { action: 'slide-out', part: 'cooling fan', asks: 'which side faces the motor' },
      {
        action: 'unscrew',
        part: 'halves of the housing',
        count: 6,
        fastener: 'short screw',
        cup: 'E',
        caution: 'The mounting screws are longer: another cup.',
      },
      {
        action: 'break-seal',
        part: 'seal of the housing',
        renew: { material: 'high-temperature sealant', cureHours: 24 },
      },
      { action: 'lift-off', part: 'upper half of the housing' },
      { action: 'measure', part: 'impeller depth on the shaft', of: 'impeller' },
      { action: 'mark', part: 'which way the impeller turns', of: 'impeller' },
      { action: 'loosen', part: 'impeller', mark: 'on the flat' },
      { action: 'slide-out', part: 'impeller' },
      {
        action: 'unscrew',
        part: 'bearing bracket',
        count: 2,
        fastener: 'long screw through the stator',
        cup: 'F',
        caution: 'Never lean a tool on the winding.',
      },
      { action: 'lift-off', part: 'bearing bracket' },
      { action: 'slide-out', part: 'rotor with its shaft' },
      { action: 'slide-out', part: 'slinger ring', asks: 'which side faces the bearing' },
      { action: 'slide-out', part: 'spacer washer', mark: 'before the bearing' },
      { action: 'measure', part: 'bearing depth on the shaft', of: 'bearing' },
      {
        action: 'break-seal',
        part: 'retaining compound of the bearing',
        renew: { material: 'retaining compound', cureHours: 24 },
        caution:
          'The new bearing is loose on its shaft or in its seat without it. Where it sits tight, dry, strike this line.',
      },
      {
        action: 'slide-out',
        part: 'bearing',
        mark: 'pressed on square by its inner ring to its depth; it turns without a catch',
        caution:
          'With a puller, or the shaft end driven out with a punch over padding. A sealed one keeps water out.',
      },
    ]),
  ],
}
