import {
  abs,
  add,
  arg,
  type Complex,
  complex,
  conj,
  div,
  mul,
  parallel,
  scale,
  solveComplex,
  sub,
} from '../circuit/complex'

export interface Impedance {
  r: number
  x: number
}

/** Two windings in quadrature; rotor and magnetising reactance referred to the main winding. Ω, and turns aux/main. */
export interface MotorData {
  main: Impedance
  aux?: Impedance & { turnsRatio: number }
  rotor: Impedance
  xm: number
}

/** Forward and backward field impedances at a slip: Z = ½·(jXm ∥ (R2/s + jX2)); for the backward field 2 − s. */
export function fieldImpedances(
  { rotor, xm }: MotorData,
  slip: number,
): { forward: Complex; backward: Complex } {
  const field = (s: number): Complex => {
    // At synchronous speed the rotor branch is open and only the magnetising reactance is left.
    if (Math.abs(s) < 1e-9) return complex(0, xm / 2)
    return scale(parallel(complex(0, xm), complex(rotor.r / s, rotor.x)), 0.5)
  }
  return { forward: field(slip), backward: field(2 - slip) }
}

/** Self and mutual impedances of the two windings: Vm = mm·Im + ma·Ia, Va = am·Im + aa·Ia. `aa` without the capacitor. */
export function windingImpedances(motor: MotorData, slip: number) {
  const { forward, backward } = fieldImpedances(motor, slip)
  const a = motor.aux?.turnsRatio ?? 1
  const sum = add(forward, backward)
  const cross = mul(complex(0, a), sub(forward, backward))
  return {
    forward,
    backward,
    mm: add(complex(motor.main.r, motor.main.x), sum),
    aa: motor.aux ? add(complex(motor.aux.r, motor.aux.x), scale(sum, a * a)) : null,
    ma: scale(cross, -1),
    am: cross,
  }
}

export interface Operating {
  main: Complex
  aux: Complex
  line: Complex
  /** Air-gap torque in N·m times synchronous speed in rad/s. */
  torqueWatts: number
}

/** Currents with main and auxiliary branch (through its capacitor) on the same voltage, at a slip. */
export function operatingPoint(
  motor: MotorData,
  volts: number,
  hz: number,
  capacitorUf: number | undefined,
  slip: number,
): Operating {
  const z = windingImpedances(motor, slip)
  const supply = complex(volts)
  let main: Complex
  let aux = complex(0)
  if (z.aa && capacitorUf !== undefined) {
    const series = complex(0, -1e6 / (2 * Math.PI * hz * capacitorUf))
    const solved = solveComplex(
      [
        [z.mm, z.ma],
        [z.am, add(z.aa, series)],
      ],
      [supply, supply],
    )
    ;[main, aux] = solved ? [solved[0]!, solved[1]!] : [div(supply, z.mm), complex(0)]
  } else main = div(supply, z.mm)
  return {
    main,
    aux,
    line: add(main, aux),
    torqueWatts: torqueWatts(motor, z.forward, z.backward, main, aux),
  }
}

/** (|Im|² + |a·Ia|²)(Rf − Rb) + 2a|Im||Ia|(Rf + Rb)·sin(∠Ia − ∠Im): torque times synchronous speed. */
export function torqueWatts(
  motor: MotorData,
  forward: Complex,
  backward: Complex,
  main: Complex,
  aux: Complex,
): number {
  const a = motor.aux?.turnsRatio ?? 1
  const [im, ia] = [abs(main), abs(aux)]
  const phase = im > 0 && ia > 0 ? arg(mul(aux, conj(main))) : 0
  return (
    (im ** 2 + (a * ia) ** 2) * (forward.re - backward.re) +
    2 * a * im * ia * (forward.re + backward.re) * Math.sin(phase)
  )
}
