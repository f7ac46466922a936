import type { Machine } from './machine.testing'

/** What goes on in a machine that is told to run. Volts, torque and speed are shares of a sound machine’s. */
export interface Running {
  /** Volts along the way. */
  atCoil: number
  pulledIn: boolean
  behindContactor: number
  atMotor: number
  /** Current flows in a winding. */
  live: boolean
  /** It turns without help; with a push it would. */
  turns: boolean
  pushStarts: 'starts-and-runs' | 'starts-slowly' | 'does-nothing'
  speed: number
  /** Copper loss and loss of cooling, of what a sound one has at its speed. */
  heat: number
  /** Its protector opens after minutes. */
  opens: boolean
  backwards: boolean
  air: number
}

/** A protector opens at about this much heat: stalled windings make five times and more (R·I² at five times the current, for a while). */
const OPENS_AT = 1.9

const electronic = (machine: Machine): boolean => machine.kind === 'ecm' || machine.kind === 'bldc'

/** Volts from the supply to the motor, link by link. */
function volts(machine: Machine): Pick<Running, 'atCoil' | 'pulledIn' | 'behindContactor' | 'atMotor'> {
  const { build } = machine
  const fed = machine.breaker === 'on' ? machine.feed : 0
  // Outdoors the 24 V call comes from indoors; elsewhere the transformer hangs on the same supply.
  const controlFed = build.control === 'contactor' ? 1 : Math.min(1, fed)
  const atCoil = machine.called && machine.chainClosed ? machine.control * controlFed : 0
  const pulledIn = (machine.coilPulls && atCoil > 0.7) || machine.stuckOn
  if (build.control === 'switch') {
    const passed = machine.called ? fed * machine.wallSwitch : 0
    return { atCoil, pulledIn: false, behindContactor: 0, atMotor: passed * machine.joint }
  }
  const closed = build.control === 'contactor' ? pulledIn : atCoil > 0.7 || machine.stuckOn
  const behind = closed ? fed * machine.contacts : 0
  return {
    atCoil,
    pulledIn,
    behindContactor: build.control === 'contactor' ? behind : 0,
    atMotor: behind * machine.relay * machine.joint,
  }
}

/**
 * Starting torque of a full one: it goes with the square of the volts, with the turns that carry current, and in a motor of
 * two windings with the current of the auxiliary, so with its capacitance (Xc is most of that branch).
 */
function startingTorque(machine: Machine, atMotor: number): number {
  if (electronic(machine)) {
    const driven = machine.kind === 'ecm' ? machine.module && machine.inrush : machine.drive && machine.module
    return driven && machine.phases === 'equal' && atMotor > 0.7 ? 1.3 : 0
  }
  if (machine.main === 0) return 0
  const turned = atMotor ** 2 * machine.main
  if (machine.kind === 'shaded-pole') return 0.9 * turned
  if (machine.start === 0 || machine.crossed) return 0
  if (machine.capacitorShorted || machine.capacitor === null) return 0
  return turned * machine.start * Math.min(1.25, machine.capacitor)
}

/** Does a machine of one winding that carries current go on where it is pushed? */
function pushed(machine: Machine, atMotor: number): Running['pushStarts'] {
  if (electronic(machine) || machine.kind === 'shaded-pole' || machine.main === 0) return 'does-nothing'
  if (machine.friction > 0.9 || machine.held !== 'no' || atMotor < 0.6 || machine.main < 0.6)
    return 'does-nothing'
  return machine.friction + machine.dirt > 0.35 || atMotor < 0.85 ? 'starts-slowly' : 'starts-and-runs'
}

/** What happens from the call on: the first minutes, and what they come to. */
export function runOf(machine: Machine): Running {
  const way = volts(machine)
  const { atMotor } = way
  const capable = startingTorque(machine, atMotor)
  const grounded = machine.frameMegohm < 0.5
  const live =
    atMotor > 0.15 && !grounded && (electronic(machine) ? capable > 0 : machine.main > 0 || machine.start > 0)
  const asked =
    machine.build.stiction + machine.friction + (machine.held === 'no' ? 0 : 2) + machine.dirt * 0.5
  const turns = live && capable > asked
  // Slip grows with what is asked and falls with what is there; a fan’s load falls with the cube of its speed.
  const load = machine.build.wheel === 'axial' ? 1 : Math.max(0.4, machine.ventOpen)
  const weak = machine.capacitor === null ? 1 : Math.min(1, machine.capacitor)
  const brake = 0.55 * machine.friction + 0.35 * machine.dirt + (machine.rubs ? 0.08 : 0)
  const speed = turns
    ? Math.max(
        0.3,
        1 - 0.4 * (1 - weak) - 0.5 * (1 - Math.min(1, atMotor)) - brake - 0.5 * (1 - machine.main),
      )
    : 0
  const slipLoss = turns ? (1 - speed) * 3.2 : 5
  const cooling = turns ? 0.3 + 0.7 * speed * (machine.dirt > 0.5 ? 0.75 : 1) : 0.5
  const shorted = (1 - machine.main) * 3 + (1 - machine.start) * 1.5
  const above = Math.max(0, atMotor - 1.08) * 9
  const heat =
    live && !electronic(machine) ? (1 + slipLoss * load + shorted + above) / (1 + cooling) + 0.4 : 0.5
  const backwards = turns && machine.turnsBack
  const passed =
    machine.ventOpen *
    (machine.flapOpens ? 1 : 0.15) *
    (1 - 0.7 * machine.dirt) *
    (machine.wheel === 'broken' ? 0.5 : 1)
  return {
    ...way,
    live,
    turns,
    pushStarts: live ? pushed(machine, atMotor) : 'does-nothing',
    speed,
    heat,
    opens: heat > OPENS_AT,
    backwards,
    air: machine.slips ? 0.1 : speed * passed * (backwards ? 0.4 : 1),
  }
}
