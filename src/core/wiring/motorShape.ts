import type { WiringInput, WiringLead } from './types'

export interface Segment {
  from: string
  to: string
  r: number
  x: number
}

/** A winding's reactance at standstill, where the motor's data do not give it. */
export const X_PER_OHM = 1.5

/** What the motor is as a circuit, and which of its leads does what: from the measured tree where there is one, else from the roles. */
export interface MotorShape {
  /** The inner point of each lead: leads from one point share it. */
  pointOf: Map<string, string>
  /** The main winding and its taps as one chain, from the side of the line that every speed shares. */
  chain: string[]
  /** The parts of the main winding and of its taps. */
  main: Segment[]
  /** From the joint with the main winding to the start lead's point. */
  start: Segment | null
  /** The lead of the line's other side, which every speed shares. */
  neutral: WiringLead[]
  /** One lead a speed, the fastest first. */
  speeds: WiringLead[]
  starts: WiringLead[]
  /** Second leads from the point at which the near side of the capacitor belongs. */
  returns: WiringLead[]
  /** Second leads of points at which the capacitor has no business: each is capped. */
  spares: WiringLead[]
  /** Leads that hang beside the chain, as no healthy motor is wound: one of their readings is wrong, or the plate knows better. */
  beside: WiringLead[]
  /** The near side of the capacitor belongs to the neutral's end of the main winding, not to the speed in use. */
  capacitorOnNeutral: boolean
}

/** The leads of the windings: neither the frame's nor the reversing pair. */
export const windingLeads = ({ leads }: WiringInput['motor']): WiringLead[] =>
  leads.filter(({ role }) => role !== 'ground' && role !== 'reverse-a' && role !== 'reverse-b')

export const byRole = (input: WiringInput, role: WiringLead['role']): WiringLead[] =>
  input.motor.leads.filter((lead) => lead.role === role)
