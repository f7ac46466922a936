import { checkWiring } from './check'
import { cSideUnknown } from './cSide'
import { byRole } from './motorShape'
import { reversalOf } from './reversal'
import { ownStartSwitch, shapeOf, speedLeads, usedLead } from './shape'
import type { Connection, WiringInput, WiringLead, WiringResult } from './types'
import { warningsOf } from './warnings'

type Landing = Connection & { why: string }

/** A compressor hangs on the same capacitor, and nobody has said on which leg its C sits. */
const LOOK_FOR_C = 'the load terminal on which C’s wire already sits: look, then say which'

/** Where each lead lands by what it is, what is capped, and what the circuit says of it. */
export function planWiring(input: WiringInput): WiringResult {
  const { reversal, exchange, warnings } = reversalOf(input)
  const { neutral, capacitorOnNeutral } = shapeOf(input)
  const connections: Landing[] = []
  const cappedLeads: WiringResult['cappedLeads'] = []
  const alsoConnect: WiringResult['alsoConnect'] = []
  const used = usedLead(input)
  const land = (lead: WiringLead, to: string, why: string) => connections.push({ lead: lead.id, to, why })

  const { runTo, commonTo, tie } = lineTerminals(input)
  if (tie) alsoConnect.push(tie)
  for (const lead of neutral)
    land(
      lead,
      commonTo,
      capacitorOnNeutral && cSideUnknown(input)
        ? LOOK_FOR_C
        : capacitorOnNeutral
          ? 'the taps lie beyond the joint: this end is the other side of the line'
          : 'the joint of run and start winding: one side of the line',
    )
  landSpeeds(input, used, runTo, land, cappedLeads, exchange)
  landStart(input, used, { runTo, commonTo }, land, alsoConnect, cappedLeads, exchange)
  for (const lead of byRole(input, 'ground')) land(lead, 'ground', 'the frame, always')
  landReversing(input, land)
  return {
    connections,
    cappedLeads,
    removed: removedBy(input, connections),
    alsoConnect,
    reversal,
    warnings: [...warnings, ...warningsOf(input)],
    check: checkWiring(input, connections, alsoConnect),
  }
}

/** The load terminal of the line side that carries C and the speed lead, and the other one for the common. */
function lineTerminals(input: WiringInput): {
  runTo: string
  commonTo: string
  tie: { from: string; to: string; why: string } | null
} {
  const { capacitor, control } = input
  const [first, second] = control.loadTerminals
  const fromControl = control.kind === 'board' || control.kind === 'switch'
  const { capacitorOnNeutral } = shapeOf(input)
  // The side that shares its terminal with C is the speed's, or the neutral's where the capacitor belongs to that end.
  const cSide = capacitor.commonTiedTo ?? (fromControl !== capacitorOnNeutral ? first : second)
  const withC = control.kind === 'board' ? (capacitorOnNeutral ? second : first) : cSide
  const other = withC === first ? second : first
  const [runTo, commonTo] = capacitorOnNeutral ? [other, withC] : [withC, other]
  const [c] = capacitor.terminals
  // A jumper to the wrong leg shorts the line: C is tied only where no compressor hangs on it.
  const tie =
    capacitor.kind === 'dual' && capacitor.commonTiedTo === undefined && !cSideUnknown(input) && c
      ? {
          from: c,
          to: withC,
          why: 'the side of the capacitor that both windings share, fed with the run lead',
        }
      : null
  return { runTo, commonTo, tie }
}

function landSpeeds(
  input: WiringInput,
  used: WiringLead,
  runTo: string,
  land: (lead: WiringLead, to: string, why: string) => void,
  capped: WiringResult['cappedLeads'],
  exchange: boolean,
): void {
  const terminals = input.control.speedTerminals ?? []
  const parks = [...(input.control.parkTerminals ?? [])]
  const leads = speedLeads(input)
  const free = new Set(leads.map((lead) => lead.id))
  if (terminals.length > 0) {
    const named = new Map(
      terminals.flatMap(({ terminal, lead }) => (lead ? [[terminal, lead] as const] : [])),
    )
    for (const lead of named.values()) free.delete(lead)
    // The speed that is wanted takes the first terminal nobody named.
    const order = [...(free.has(used.id) ? [used.id] : []), ...[...free].filter((id) => id !== used.id)]
    for (const { terminal } of terminals) {
      const id = named.get(terminal) ?? order.shift()
      const lead = leads.find((each) => each.id === id)
      if (!lead) continue
      free.delete(lead.id)
      land(
        lead,
        terminal,
        lead.id === used.id ? 'the speed that is wanted' : 'its speed, live when this terminal is',
      )
    }
  } else if (!exchange) {
    free.delete(used.id)
    land(
      used,
      runTo,
      cSideUnknown(input) && !shapeOf(input).capacitorOnNeutral
        ? LOOK_FOR_C
        : used.role === 'run'
          ? 'the far end of the run winding'
          : 'the speed that is wanted',
    )
  } else free.delete(used.id)
  for (const lead of leads) {
    if (!free.has(lead.id)) continue
    const park = parks.shift()
    if (park) land(lead, park, 'not in use: parked, alone')
    else capped.push({ lead: lead.id, why: 'not in use: capped by itself, never joined, never grounded' })
  }
}

function landStart(
  input: WiringInput,
  used: WiringLead,
  { runTo, commonTo }: { runTo: string; commonTo: string },
  land: (lead: WiringLead, to: string, why: string) => void,
  also: WiringResult['alsoConnect'],
  capped: WiringResult['cappedLeads'],
  exchange: boolean,
): void {
  const { capacitor } = input
  const { returns, spares, starts, capacitorOnNeutral } = shapeOf(input)
  // A return has the second terminal of a capacitor that nothing sits on yet; else the start lead has it.
  const ownReturn = capacitor.kind === 'single' && capacitor.commonTiedTo === undefined && returns.length > 0
  const [one, two] = capacitor.terminals
  const [lineSide, startSide] = ownReturn ? [two, one] : [one, two]
  for (const lead of starts) {
    if (exchange) {
      land(lead, runTo, 'exchanged with the run lead to turn the other way')
      land(used, startSide!, 'exchanged with the start lead to turn the other way')
    } else if (capacitor.kind === 'dual' || capacitor.kind === 'single')
      land(
        lead,
        startSide!,
        capacitor.kind === 'dual' ? 'the fan’s own section' : 'the far side of the capacitor',
      )
    else if (ownStartSwitch(input)) land(lead, runTo, 'its own switch takes it off the line once it runs')
    else capped.push({ lead: lead.id, why: 'it needs a run capacitor in series, and none is here' })
  }
  let closed = capacitor.kind !== 'single' || capacitor.commonTiedTo !== undefined
  for (const lead of spares)
    capped.push({
      lead: lead.id,
      why: `the same point as ${lead.twinOf ?? 'its twin'}, where the capacitor has no business: capped by itself`,
    })
  for (const lead of returns) {
    if (closed) {
      capped.push({
        lead: lead.id,
        why: `the same point as ${lead.twinOf ?? 'the run lead'}: capped by itself`,
      })
      continue
    }
    land(
      lead,
      lineSide!,
      `the same point as ${lead.twinOf ?? 'the run lead'}: the near side of the capacitor`,
    )
    closed = true
  }
  // Without a lead of its own the near side of the capacitor is fed from the terminal of the lead that shares its point.
  if (!closed && starts.length > 0)
    also.push({
      from: lineSide!,
      to: capacitorOnNeutral ? commonTo : runTo,
      why: 'the near side of the capacitor, fed with the run lead',
    })
}

function landReversing(input: WiringInput, land: (lead: WiringLead, to: string, why: string) => void): void {
  const [a] = byRole(input, 'reverse-a')
  const [b] = byRole(input, 'reverse-b')
  if (a && b) {
    land(a, b.id, 'the reversing pair, joined as the motor’s diagram says')
    land(b, a.id, 'the reversing pair, joined as the motor’s diagram says')
  }
}

/** Old landings that no longer hold: the old lead comes off where the new wiring does not put the same one. */
function removedBy(input: WiringInput, connections: Connection[]): WiringResult['removed'] {
  return (input.oldLandings ?? [])
    .filter(({ lead, terminal }) => !connections.some((each) => each.lead === lead && each.to === terminal))
    .map(({ lead, terminal }) => ({ lead, from: terminal }))
}
