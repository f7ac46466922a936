import { isCoreError } from '../errors'
import { significant } from '../units'
import { checkWiring } from './check'
import type { LandedWiring } from './ofJob'
import type { Connection, WiringCheck } from './types'

/** One thing that may be wrong, and what it would do: worked out from the circuit, never from a list of stories. */
export interface WhatIf {
  id: string
  label: string
  /** What one would see, hear and measure. */
  text: string
  check: WiringCheck
}

interface Change {
  id: string
  label: string
  make: (landed: LandedWiring) => LandedWiring | null
}

const leadOf = ({ input }: LandedWiring, role: string): string | undefined =>
  input.motor.leads.find((lead) => lead.role === role)?.id

const landing = ({ connections }: LandedWiring, lead: string | undefined): Connection | undefined =>
  connections.find((each) => each.lead === lead)

const without = (landed: LandedWiring, lead: string | undefined): LandedWiring | null =>
  landing(landed, lead)
    ? { ...landed, connections: landed.connections.filter((each) => each.lead !== lead) }
    : null

function exchanged(
  landed: LandedWiring,
  one: string | undefined,
  other: string | undefined,
): LandedWiring | null {
  const [a, b] = [landing(landed, one), landing(landed, other)]
  if (!a || !b) return null
  return {
    ...landed,
    connections: landed.connections.map((each) =>
      each === a ? { ...a, to: b.to } : each === b ? { ...b, to: a.to } : each,
    ),
  }
}

/** µF that is taken where no label says any: checkWiring takes the same. */
const UNKNOWN_UF = 5

const changes: Change[] = [
  {
    id: 'capacitor-low',
    label: 'the capacitor is 20 % low',
    make: (landed) =>
      landed.input.capacitor.kind === 'none'
        ? null
        : {
            ...landed,
            input: {
              ...landed.input,
              capacitor: {
                ...landed.input.capacitor,
                uF: (landed.input.capacitor.uF ?? UNKNOWN_UF) * 0.8,
              },
            },
          },
  },
  {
    id: 'exchanged',
    label: 'run and start are exchanged',
    make: (landed) => exchanged(landed, leadOf(landed, 'run'), leadOf(landed, 'start')),
  },
  {
    id: 'common-run',
    label: 'common and run are exchanged',
    make: (landed) => exchanged(landed, leadOf(landed, 'common'), leadOf(landed, 'run')),
  },
  {
    id: 'neutral-open',
    label: 'the common’s wire is off',
    make: (landed) => without(landed, leadOf(landed, 'common')),
  },
  {
    id: 'start-open',
    label: 'the start lead is off',
    make: (landed) => without(landed, leadOf(landed, 'start')),
  },
  {
    id: 'wrong-tap',
    label: 'another speed sits on the live terminal',
    make: (landed) => {
      const tap = landed.input.motor.leads.find(
        ({ id, role }) => (role === 'tap' || role === 'run') && !landing(landed, id),
      )
      const used = landed.connections.find(({ lead }) =>
        landed.input.motor.leads.some(({ id, role }) => id === lead && (role === 'tap' || role === 'run')),
      )
      if (!tap || !used) return null
      return {
        ...landed,
        input: { ...landed.input, motor: { ...landed.input.motor, speedWanted: tap.id } },
        connections: landed.connections.map((each) => (each === used ? { lead: tap.id, to: used.to } : each)),
      }
    },
  },
]

/**
 * What faults of the wiring would do to this motor as it is landed, each solved as a circuit at standstill.
 *
 * @param base the wiring as it is landed now, solved
 */
export function whatIfs(landed: LandedWiring, base: WiringCheck): WhatIf[] {
  return changes.flatMap(({ id, label, make }) => {
    const changed = make(landed)
    if (!changed) return []
    try {
      const check = checkWiring(changed.input, changed.connections, changed.jumpers)
      return [{ id, label, text: wordsOf(id, base, check), check }]
    } catch (error) {
      if (!isCoreError(error)) throw error
      return []
    }
  })
}

/** More than this many times the current of the right wiring burns a winding before anybody smells it. */
const TOO_MUCH = 1.3

function wordsOf(id: string, base: WiringCheck, check: WiringCheck): string {
  if (check.problems.some(({ code }) => code === 'line-short'))
    return 'The breaker trips the moment it is switched on, or a wire burns.'
  const sees = seen(id, base, check)
  const times = base.startAmps && check.startAmps ? check.startAmps / base.startAmps : null
  const burns =
    times !== null && times > TOO_MUCH
      ? ` The start winding carries ${significant(times, 2)} times its current and burns within minutes.`
      : ''
  return `${sees}${burns} ${measured(base, check)}`.trim()
}

function seen(id: string, base: WiringCheck, check: WiringCheck): string {
  const dead = !check.runVolts || check.runVolts < 1
  if (dead) return 'Nothing is heard and nothing turns.'
  if (!check.starts) return 'It hums and does not turn; its case is hot within minutes.'
  if (check.direction === 'reversed' || (base.direction !== check.direction && check.direction !== 'none'))
    return 'It starts and turns the other way, with little air.'
  if (id === 'capacitor-low') return 'It starts slowly, runs warmer, and one day hums instead.'
  if (id === 'wrong-tap') return 'It runs at another speed than before.'
  return 'It starts and turns as before.'
}

/** What a meter would show at standstill beside what it shows now. */
function measured(base: WiringCheck, check: WiringCheck): string {
  const pair = (name: string, now: number | null, then: number | null) =>
    now === null || then === null || Math.abs(now - then) < 0.03 * Math.max(now, then)
      ? []
      : [`${name} ${significant(then, 3)} V instead of ${significant(now, 3)} V`]
  const told = [
    ...pair('the run winding', base.runVolts, check.runVolts),
    ...pair('the start winding', base.startVolts, check.startVolts),
    ...pair('the capacitor', base.capacitorVolts, check.capacitorVolts),
  ]
  return told.length > 0 ? `A meter would show at ${told.join(', at ')}.` : ''
}
