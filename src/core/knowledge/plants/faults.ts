import { between, weighted } from '../../plant/random'
import type { Traits } from '../../plant/traits'
import type { CauseId } from '../vocabulary'
import { hasStart, isInduction } from './motors'
import { capacitorOf, hasPart, partsOf } from './parts'
import type { PlantBuild, PlantPart } from './types'

export interface Made {
  traits: Traits
  /** How far from sound, in the figure's own unit: a share, Ω, or 1 where there is no more or less. */
  strength: number
}

export interface PlantFault {
  cause: CauseId
  fits: (build: PlantBuild) => boolean
  make: (build: PlantBuild, traits: Traits, random: () => number) => Made
}

const has =
  (part: PlantPart['part']) =>
  (build: PlantBuild): boolean =>
    hasPart(build, part)
const always = () => true
const fan = (build: PlantBuild) => build.motors.find(({ id }) => id === 'fan')
const induction = (build: PlantBuild) => isInduction(build.kind)
const twoWindings = (build: PlantBuild) => hasStart(build.kind)

const motor = (traits: Traits, id: string, change: Partial<Traits['motors'][string]>): Traits => {
  const own = traits.motors[id]
  return own ? { ...traits, motors: { ...traits.motors, [id]: { ...own, ...change } } } : traits
}
const capacitor = (traits: Traits, id: string, change: Partial<Traits['capacitors'][string]>): Traits => {
  const own = traits.capacitors[id]
  return own ? { ...traits, capacitors: { ...traits.capacitors, [id]: { ...own, ...change } } } : traits
}
const fanCapacitor = (build: PlantBuild) => capacitorOf(build, 'fan')
/** What a domed or burnt can is seen as; many weak ones look as new. */
const looks = (
  random: () => number,
  shares: readonly (readonly [Traits['capacitors'][string]['look'], number])[],
) => weighted(random, shares)
const ONSETS = {
  slow: [
    ['slower-over-months', 7],
    ['suddenly', 3],
  ],
  loud: [
    ['grew-louder-over-weeks', 7],
    ['suddenly', 3],
  ],
  storm: [
    ['suddenly', 2],
    ['after-a-storm-or-outage', 1],
  ],
} as const
const simple =
  (change: (traits: Traits, random: () => number, build: PlantBuild) => Traits): PlantFault['make'] =>
  (build, traits, random) => ({ traits: change(traits, random, build), strength: 1 })

/** Poles that a person works by hand, other than the points of the line. */
const ownSwitch = (build: PlantBuild) =>
  partsOf(build, 'pole').filter(({ of }) => of === 'wall-switch' || of === 'speed' || of === 'service-switch')
const callPoles = (build: PlantBuild) => partsOf(build, 'pole').filter(({ of }) => of === 'call')

/** Each cause as a change of what the machine is made of. Ranges are what is met on benches; where a figure has a source it stands beside it. */
export const plantFaults: PlantFault[] = [
  {
    cause: 'no-supply',
    fits: always,
    make: (build, traits, random) => {
      const breaker = build.points.some(({ id }) => id === 'breaker') && random() < 0.6
      if (breaker)
        return {
          traits: {
            ...traits,
            breaker: random() < 0.6 ? 'off' : 'tripped',
            onset: weighted(random, ONSETS.storm),
          },
          strength: 1,
        }
      // One leg is enough to stop it; a battery goes with its charger.
      const legs = traits.legs.map((share, i) => (i === 0 || build.supply.hz === 0 ? 0 : share))
      return { traits: { ...traits, legs, onset: weighted(random, ONSETS.storm) }, strength: 1 }
    },
  },
  {
    cause: 'low-supply',
    fits: always,
    make: (_, traits, random) => {
      // A fifth low at standstill, and lower under load through a joint in the feed.
      const share = between(random, 0.62, 0.84)
      return { traits: { ...traits, legs: traits.legs.map((leg) => leg * share) }, strength: share }
    },
  },
  {
    cause: 'supply-too-high',
    fits: (build) => build.supply.hz > 0,
    make: (_, traits, random) => {
      const share = between(random, 1.13, 1.35)
      return {
        traits: { ...traits, legs: traits.legs.map((leg) => leg * share), onset: 'suddenly' },
        strength: share,
      }
    },
  },
  {
    cause: 'no-control-call',
    fits: (build) => callPoles(build).length > 0,
    make: simple((traits) => ({ ...traits, callWire: false })),
  },
  {
    cause: 'control-power-dead',
    fits: has('transformer'),
    make: simple((traits, random) => ({
      ...traits,
      transformers: Object.fromEntries(
        Object.keys(traits.transformers).map((id) => [
          id,
          random() < 0.5 ? { alive: false, fuse: true } : { alive: true, fuse: false },
        ]),
      ),
      onset: weighted(random, ONSETS.storm),
    })),
  },
  {
    cause: 'safety-switch-open',
    fits: has('chain'),
    make: simple((traits) => ({ ...traits, chainClosed: false })),
  },
  {
    cause: 'contactor-coil-open',
    fits: has('coil'),
    make: simple((traits) => ({ ...traits, coil: 'open' })),
  },
  {
    cause: 'contactor-contacts-bad',
    fits: has('coil'),
    make: (build, traits, random) => {
      const ids = partsOf(build, 'contact').map(({ id }) => id)
      const id = ids[Math.floor(random() * ids.length)] ?? ''
      // Pitted points pass nothing, or some ohms that take a third of the volts at the running current.
      const ohm = random() < 0.7 ? null : between(random, 15, 60)
      return { traits: { ...traits, contacts: { ...traits.contacts, [id]: ohm } }, strength: ohm ?? 0 }
    },
  },
  {
    cause: 'control-stuck-on',
    fits: has('contact'),
    make: simple((traits, _, build) => ({
      ...traits,
      callWire: false,
      stuck: hasPart(build, 'coil')
        ? partsOf(build, 'contact').map(({ id }) => id)
        : [partsOf(build, 'contact')[0]?.id ?? ''],
    })),
  },
  {
    cause: 'control-board-relay',
    fits: (build) => hasPart(build, 'contact') && !hasPart(build, 'coil'),
    make: simple((traits, random) => ({
      ...traits,
      contacts: Object.fromEntries(Object.keys(traits.contacts).map((id) => [id, null])),
      onset: weighted(random, ONSETS.storm),
    })),
  },
  {
    cause: 'wall-switch-or-pull-chain',
    fits: (build) => ownSwitch(build).length > 0 && !hasPart(build, 'contact'),
    // The switch on the wall, or the keys and chains of the fan itself.
    make: simple((traits, random, build) => {
      const walls = ownSwitch(build).filter(({ of }) => of !== 'speed')
      const keys = ownSwitch(build).filter(({ of }) => of === 'speed')
      const bad = keys.length > 0 && (walls.length === 0 || random() < 0.5) ? keys : walls
      return { ...traits, poles: { ...traits.poles, ...Object.fromEntries(bad.map(({ id }) => [id, null])) } }
    }),
  },
  {
    cause: 'wiring-loose-or-burnt',
    fits: (build) => feedingWires(build).length > 0,
    make: (build, traits, random) => {
      const wires = feedingWires(build)
      const wire = wires[Math.floor(random() * wires.length)] ?? ''
      const ohm = random() < 0.7 ? null : between(random, 20, 80)
      return {
        traits: {
          ...traits,
          joint: { wire, ohm, flickers: ohm === null && random() < 0.35 },
          onset: 'suddenly',
        },
        strength: ohm ?? 0,
      }
    },
  },
  {
    cause: 'wired-wrong',
    fits: twoWindings,
    make: simple((traits, _, build) => ({
      ...traits,
      moved: swapped(build, 'run', 'start'),
      onset: 'after-a-repair',
      wiresChanged: true,
    })),
  },
  {
    cause: 'rotation-reversed',
    fits: (build) => twoWindings(build) && build.wheel.kind === 'axial' && build.motors.length === 1,
    make: simple((traits, _, build) => ({
      ...traits,
      moved: swapped(build, 'common', 'start'),
      onset: 'after-a-repair',
      wiresChanged: true,
    })),
  },
  {
    cause: 'capacitor-weak',
    fits: (build) => fanCapacitor(build) !== undefined,
    make: (build, traits, random) => {
      // 30 to 85 % of the label: what is left when the film has burnt away at its edges.
      const share = between(random, 0.3, 0.85)
      const id = fanCapacitor(build)?.id ?? ''
      const look = looks(random, [
        ['sound', 7],
        ['bulged-or-leaking', 2],
        ['rusty-terminals', 1],
      ])
      return {
        traits: { ...capacitor(traits, id, { share, look }), onset: weighted(random, ONSETS.slow) },
        strength: share,
      }
    },
  },
  {
    cause: 'capacitor-open',
    fits: (build) => fanCapacitor(build) !== undefined,
    make: (build, traits, random) => ({
      traits: capacitor(traits, fanCapacitor(build)?.id ?? '', {
        share: 0.001,
        look: looks(random, [
          ['sound', 5],
          ['bulged-or-leaking', 4],
          ['burnt', 1],
        ]),
      }),
      strength: 0,
    }),
  },
  {
    cause: 'capacitor-shorted',
    fits: (build) => fanCapacitor(build) !== undefined,
    make: (build, traits, random) => {
      const leakOhm = between(random, 0.3, 6)
      const id = fanCapacitor(build)?.id ?? ''
      return {
        traits: capacitor(traits, id, {
          leakOhm,
          look: looks(random, [
            ['sound', 5],
            ['bulged-or-leaking', 4],
            ['burnt', 1],
          ]),
        }),
        strength: leakOhm,
      }
    },
  },
  {
    cause: 'wrong-capacitor',
    fits: (build) => fanCapacitor(build) !== undefined,
    make: (build, traits, random) => {
      const own = fanCapacitor(build)
      const share = random() < 0.5 ? 0.5 : 1.6
      const uF = Math.round((own?.uF ?? 5) * share * 2) / 2
      return {
        traits: { ...traits, labelUf: { [own?.id ?? '']: uF }, onset: 'after-a-repair', wiresChanged: true },
        strength: share,
      }
    },
  },
  {
    cause: 'capacitor-other-section-failed',
    fits: (build) => capacitorOf(build, 'other') !== undefined,
    make: (_, traits, random) => {
      const share = random() < 0.5 ? 0.001 : between(random, 0.3, 0.8)
      return {
        traits: capacitor(traits, 'HERM', {
          share,
          look: looks(random, [
            ['sound', 7],
            ['bulged-or-leaking', 3],
          ]),
        }),
        strength: share,
      }
    },
  },
  {
    cause: 'winding-open',
    fits: (build) => induction(build) || build.kind === 'brushed-dc',
    make: simple((traits, random, build) =>
      twoWindings(build) && random() < 0.4
        ? motor(traits, 'fan', { auxOpen: true })
        : motor(traits, 'fan', { mainOpen: true }),
    ),
  },
  {
    cause: 'winding-shorted',
    fits: induction,
    make: (_, traits, random) => {
      // Some turns on each other: ohms a third low, which no reading tells without the plate's. Or most of the winding, burnt into one.
      const mainTurns = random() < 0.45 ? between(random, 0.004, 0.012) : between(random, 0.45, 0.75)
      return { traits: motor(traits, 'fan', { mainTurns }), strength: mainTurns }
    },
  },
  {
    cause: 'winding-grounded',
    fits: (build) => induction(build) && build.supply.hz > 0,
    make: (_, traits, random) => {
      // A bare turn on the iron: what opens a breaker. Damp varnish of some kΩ is only met by a meter, and brings nobody.
      const frameOhm = 10 ** between(random, -0.5, 0.6)
      return { traits: motor(traits, 'fan', { frameOhm }), strength: frameOhm }
    },
  },
  // A protector that stands open is what another fault does to a motor; it comes out of the heat and is offered by none.
  {
    cause: 'ecm-module-failed',
    fits: (build) => build.kind === 'ecm',
    make: simple((traits, random) => ({
      ...motor(traits, 'fan', { module: 'dead' }),
      onset: weighted(random, ONSETS.storm),
    })),
  },
  {
    cause: 'ecm-inrush-part-burnt',
    fits: (build) => build.kind === 'ecm',
    make: simple((traits, random) => ({
      ...motor(traits, 'fan', { module: 'inrush-open' }),
      onset: weighted(random, ONSETS.storm),
    })),
  },
  {
    cause: 'bldc-motor-failed',
    fits: (build) => build.kind === 'bldc',
    make: simple((traits, random) =>
      motor(traits, 'fan', {
        module: 'dead',
        phases: random() < 0.5 ? 'open' : random() < 0.5 ? 'unequal' : 'equal',
      }),
    ),
  },
  { cause: 'dc-drive-missing', fits: has('drive'), make: simple((traits) => ({ ...traits, drive: false })) },
  {
    cause: 'brushes-worn',
    fits: (build) => build.kind === 'brushed-dc',
    make: (_, traits, random) => {
      const brushes = random() < 0.6 ? 0 : between(random, 0.02, 0.15)
      return {
        traits: { ...motor(traits, 'fan', { brushes }), onset: weighted(random, ONSETS.slow) },
        strength: brushes,
      }
    },
  },
  {
    cause: 'bearing-seized',
    fits: always,
    make: simple((traits, random) => ({
      ...motor(traits, 'fan', { seized: true, rough: true }),
      onset: weighted(random, ONSETS.loud),
    })),
  },
  {
    cause: 'bearing-worn',
    fits: always,
    make: (_, traits, random) => {
      const friction = between(random, 0.05, 0.28)
      return {
        traits: { ...motor(traits, 'fan', { friction, rough: true }), onset: weighted(random, ONSETS.loud) },
        strength: friction,
      }
    },
  },
  {
    cause: 'wheel-rubbing',
    fits: always,
    make: simple((traits) => ({ ...traits, rubs: true, onset: 'suddenly' })),
  },
  {
    cause: 'wheel-loose',
    fits: always,
    make: simple((traits, random) => ({ ...traits, slips: true, cracked: random() < 0.2 })),
  },
  {
    cause: 'wheel-damaged',
    fits: always,
    make: simple((traits, random) => ({ ...traits, wheel: random() < 0.5 ? 'broken' : 'unbalanced' })),
  },
  {
    cause: 'dirt-or-paint-fouling',
    fits: always,
    make: (_, traits, random) => {
      const dirt = between(random, 0.45, 1)
      const painted = random() < 0.15
      return {
        traits: {
          ...traits,
          dirt,
          painted,
          onset: painted ? 'after-painting-or-building-work' : weighted(random, ONSETS.slow),
        },
        strength: dirt,
      }
    },
  },
  {
    cause: 'ice-or-debris',
    fits: always,
    make: simple((traits, _, build) => ({
      ...traits,
      held: build.wheel.frost ? 'ice' : 'debris',
      onset: 'suddenly',
    })),
  },
  {
    cause: 'mount-loose',
    fits: always,
    make: simple((traits, random) => ({
      ...traits,
      mountTight: false,
      onset: weighted(random, ONSETS.loud),
    })),
  },
  {
    cause: 'damper-stuck',
    fits: ({ wheel }) => wheel.damper === true,
    make: simple((traits) => ({ ...traits, damper: 0.08, onset: 'after-painting-or-building-work' })),
  },
  {
    cause: 'vent-blocked',
    fits: ({ wheel }) => wheel.vent === true,
    make: (_, traits, random) => {
      const vent = between(random, 0.08, 0.45)
      return { traits: { ...traits, vent, onset: weighted(random, ONSETS.slow) }, strength: vent }
    },
  },
  {
    cause: 'pressure-tube-or-drain',
    fits: has('air-switch'),
    make: simple((traits) => ({ ...traits, tubeClear: false })),
  },
  {
    cause: 'seal-or-housing-leaking',
    fits: ({ wheel }) => wheel.drain === true,
    make: simple((traits) => ({ ...traits, sealed: false })),
  },
  {
    cause: 'belt-worn',
    fits: ({ wheel }) => wheel.belt === true,
    make: simple((traits, random) => ({ ...traits, belt: random() < 0.5 ? 'broken' : 'slipping' })),
  },
  {
    cause: 'other-machine-fault',
    fits: (build) => build.motors.length > 1 || build.fuel !== undefined,
    make: simple((traits) => ({ ...traits, otherSound: false })),
  },
]

/** Wires that feed the fan's own motor: where a joint takes its volts. */
function feedingWires(build: PlantBuild): string[] {
  const leads = fan(build)?.leads.filter(({ role }) => !['ground', 'tap', 'return'].includes(role)) ?? []
  return leads.flatMap(({ id }) =>
    build.wires.filter(({ from, capped }) => from === id && !capped).map((wire) => wire.id),
  )
}

/** Two leads of the motor on each other's terminals. */
function swapped(
  build: PlantBuild,
  one: 'run' | 'common' | 'start',
  other: 'run' | 'common' | 'start',
): Traits['moved'] {
  const wireOf = (role: string) => {
    const lead = fan(build)?.leads.find((each) => each.role === role)?.id
    return build.wires.find(({ from }) => from === lead)
  }
  const [first, second] = [wireOf(one), wireOf(other)]
  if (!first || !second) return []
  return [
    { wire: first.id, end: 'to', at: second.to },
    { wire: second.id, end: 'to', at: first.to },
  ]
}
