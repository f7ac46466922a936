import { driveOf } from '../../knowledge/plants/motors'
import { capacitorOf, coverOf, fanOf, hasPart, partsOf } from '../../knowledge/plants/parts'
import type { PlantBuild, PlantPart } from '../../knowledge/plants/types'
import { says } from '../says'
import { COLD_MOTOR } from '../state'
import { soundTraits, type Traits } from '../traits'
import { switched } from './points'
import { againstProcedure, coverName, hurtBy, not, touched } from './reach'
import type { ActOf, Done, Here, ReplaceWith } from './types'

interface ReplaceablePart {
  id: string
  behind: string | null
  minutes: number
  /** Terminals that a hand meets. */
  touches: string[]
  renewed: (traits: Traits, sound: Traits, given: ReplaceWith, build: PlantBuild) => Traits
}

const pick =
  <K extends keyof Traits>(...keys: K[]) =>
  (traits: Traits, sound: Traits): Traits => ({
    ...traits,
    ...Object.fromEntries(keys.map((key) => [key, sound[key]])),
  })

/** Parts that can be put in new, cleaned or put right: what a round can be mended with. */
export function replaceableParts(build: PlantBuild): ReplaceablePart[] {
  const behind = (id: string) => coverOf(build, id)
  const fan = fanOf(build)
  const leads = fan.leads.filter(({ role }) => role !== 'ground').map(({ id }) => id)
  const capacitors = partsOf(build, 'capacitor')
  const [first] = capacitors
  const part = (
    id: string,
    behindCover: string | null,
    minutes: number,
    touches: string[],
    renewed: ReplaceablePart['renewed'],
  ): ReplaceablePart => ({ id, behind: behindCover, minutes, touches, renewed })
  const has = (kind: PlantPart['part']) => hasPart(build, kind)
  return [
    ...(first
      ? [
          part(
            'capacitor',
            behind(first.to),
            10,
            capacitors.flatMap(({ from, to }) => [from, to]),
            newCapacitor,
          ),
        ]
      : []),
    part('motor', fan.behind, 60, leads, newMotor),
    ...(has('coil')
      ? [
          part(
            'contactor',
            behind('coil-1'),
            25,
            ['contactor-in-1', 'contactor-in-2'],
            pick('coil', 'contacts', 'stuck'),
          ),
        ]
      : []),
    ...(has('contact') && !has('coil')
      ? [part('board', behind('board-line'), 30, ['board-line'], pick('contacts', 'stuck', 'drive'))]
      : []),
    ...(has('drive') && !has('contact') ? [part('board', fan.behind, 30, [], pick('drive'))] : []),
    ...(has('transformer')
      ? [
          part('control-fuse', null, 5, [], (traits, sound) => ({
            ...traits,
            transformers: sound.transformers,
          })),
        ]
      : []),
    ...(has('chain') ? [part('safety-switch', fan.behind, 15, [], pick('chainClosed'))] : []),
    ...(has('pole') ? [part('switch', null, 20, [], pick('poles'))] : []),
    part('connections', fan.behind, 15, leads, (traits) => ({ ...traits, joint: null })),
    part('wheel', fan.behind, 25, [], pick('wheel', 'rubs', 'slips', 'cracked')),
    part('cleaning', fan.behind, 25, [], pick('dirt', 'painted', 'held')),
    part('mount', fan.behind, 10, [], pick('mountTight')),
    ...(build.wheel.damper ? [part('damper', null, 15, [], pick('damper'))] : []),
    ...(build.wheel.vent ? [part('vent', null, 30, [], pick('vent'))] : []),
    ...(build.wheel.drain
      ? [
          part('drain', fan.behind, 20, [], pick('tubeClear')),
          part('seal', fan.behind, 45, [], pick('sealed')),
        ]
      : []),
    ...(build.wheel.belt ? [part('belt', fan.behind, 10, [], pick('belt'))] : []),
    ...(driveOf(fan) === 'brushes' ? [part('brushes', fan.behind, 20, leads, newBrushes)] : []),
    ...(driveOf(fan) === 'module'
      ? [
          part('module', fan.behind, 40, leads, (traits, sound) =>
            withMotor(traits, { ...(traits.motors.fan ?? sound.motors.fan), module: 'good' }),
          ),
        ]
      : []),
    part('call', null, 20, [], pick('callWire')),
    part('supply', null, 10, [], pick('legs', 'breaker')),
  ]
}

const withMotor = (traits: Traits, motor: Partial<Traits['motors'][string]>): Traits => {
  const own = traits.motors.fan
  return own ? { ...traits, motors: { ...traits.motors, fan: { ...own, ...motor } } } : traits
}

/** A new motor; one for other volts than the line gives has the impedances of its own plate. */
function newMotor(traits: Traits, sound: Traits, { volts }: ReplaceWith, build: PlantBuild): Traits {
  const impedance = volts ? (volts / fanOf(build).volts) ** 2 : 1
  return { ...withMotor(traits, { ...sound.motors.fan, impedance }), joint: traits.joint }
}

const newBrushes = (traits: Traits): Traits => withMotor(traits, { brushes: 1 })

function newCapacitor(traits: Traits, sound: Traits, { uF }: ReplaceWith, build: PlantBuild): Traits {
  const own = capacitorOf(build, 'fan')
  return { ...traits, capacitors: sound.capacitors, labelUf: uF && own ? { [own.id]: uF } : {} }
}

export function replace(here: Here, { part: id, with: given = {} }: ActOf<'replace'>): Done {
  const { machine, state } = here
  const part = replaceableParts(machine.build).find((each) => each.id === id)
  if (!part) return not(here, says('replace.none', { part: id }))
  const name = { key: `part.${id}` }
  if (part.behind && state.covers[part.behind] !== 'off')
    return not(here, says('replace.cover', { part: name, cover: coverName(part.behind) }))
  const met = touched(here, part.touches)
  if (met) return hurtBy(here, part.minutes, met)
  const against = part.behind ? againstProcedure(here, part.touches) : undefined
  const sound = soundTraits(machine.build, state.traits.supplyOhm)
  const after = switched(here, (was) => ({
    ...was,
    traits: part.renewed(was.traits, sound, given, machine.build),
    charge: id === 'capacitor' ? {} : was.charge,
    breakerTripped: id === 'supply' ? false : was.breakerTripped,
    motors: id === 'motor' && was.motors.fan ? { ...was.motors, fan: COLD_MOTOR } : was.motors,
  }))
  return {
    state: after,
    answer: {
      ok: true,
      minutes: part.minutes,
      text: says('replace.done', { part: name }),
      ...(against ? { against } : {}),
    },
  }
}
