import { type CircuitInput, type CircuitResult, solveCircuit } from '../circuit'
import { abs, add, complex } from '../circuit/complex'
import { fanOf, partsOf } from '../knowledge/plants/parts'
import { type Drawn, type Fault, hereOf } from './draw'
import { turnsByField } from './mechanics'
import { directVolts, prepareDirect } from './network/direct'
import { circuitOf } from './network/net'
import { settle, slipsOf } from './settle'
import type { PlantState } from './state'

/** What is really so, after the last act. */
export interface Truth {
  faults: Fault[]
  /** V and ° of every probe against ground; direct current of a charge or rail beside it where there is some. */
  nodes: Record<string, { volts: number; degrees: number; direct?: number }>
  motor: {
    rpm: number
    amps: number
    mainAmps: number
    auxAmps: number
    windingCelsius: number
    caseCelsius: number
    protector: 'open' | 'closed' | 'none'
  }
  capacitors: Record<string, { uF: number; volts: number }>
  /** As the `circuit` tool takes it: the same solution comes out of it. */
  circuit: CircuitInput
}

/** What a motor with brushes or a module takes, from its element. */
const takenBy = (elements: CircuitResult['elements'], id: string): number =>
  (elements[`${id}.emf`] ?? elements[`${id}.module`])?.amps ?? 0

export function truthOf(drawn: Drawn, state: PlantState): Truth {
  const { machine } = hereOf(drawn, state, 0)
  const settled = settle(machine, state)
  const circuit = circuitOf(settled.prepared.net, slipsOf(machine, settled.state))
  const solved = solveCircuit(circuit)
  const direct = directVolts(prepareDirect(settled.prepared.net), settled.state.charge)
  const fan = fanOf(machine.build)
  const now = settled.state.motors[fan.id]
  const [main, aux] = [settled.solved.main[fan.id] ?? complex(0), settled.solved.aux[fan.id] ?? complex(0)]
  const nodes = machine.build.terminals.map(({ id }) => {
    const phasor = solved.nodes[id] ?? { volts: 0, degrees: 0 }
    const charge = direct(id)
    return [
      id,
      Math.abs(charge) > 1e-6 && machine.build.supply.hz > 0 ? { ...phasor, direct: charge } : phasor,
    ] as const
  })
  return {
    faults: drawn.faults,
    nodes: Object.fromEntries(nodes),
    motor: {
      rpm: ((now?.omega ?? 0) * 30) / Math.PI,
      amps: turnsByField(fan) ? abs(add(main, aux)) : takenBy(solved.elements, fan.id),
      mainAmps: abs(main),
      auxAmps: abs(aux),
      windingCelsius: now?.windingCelsius ?? 0,
      caseCelsius: now?.caseCelsius ?? 0,
      protector: fan.protector ? (now?.protectorOpen ? 'open' : 'closed') : 'none',
    },
    capacitors: Object.fromEntries(
      settled.prepared.net.capacitors.flatMap(({ id, farad }) =>
        partsOf(machine.build, 'capacitor').some((part) => part.id === id)
          ? [[id, { uF: farad * 1e6, volts: settled.state.charge[id] ?? 0 }] as const]
          : [],
      ),
    ),
    circuit,
  }
}
