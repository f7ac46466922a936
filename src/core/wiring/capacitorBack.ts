import { oldCapacitor } from '../job/parts/oldPart'
import type { JobSnapshot } from '../job/rows'
import type { BackStep } from '../refit/types'
import type { CapacitorList } from './capacitorLandings'
import { capacitorListOf, missingBeside } from './capacitorOfJob'

/**
 * The way back with the chosen capacitor's own terminals: where it is another build than the old one, a wire that hung on FAN goes
 * where the list of the new part says, and no line names a terminal that the new part does not have.
 *
 * @example withNewCapacitor(snapshot, back.steps)[0].text // 'Connect fan wire to can 2, BL-K5/440, terminal 2.'
 */
export function withNewCapacitor(snapshot: JobSnapshot, steps: BackStep[]): BackStep[] {
  const list = capacitorListOf(snapshot)
  const terminalOf = new Map(snapshot.ledger.map((row) => [row.id, row.terminal]))
  const missing = list ? null : missingBeside(snapshot)
  if (missing) {
    const terminals = ['C', ...(oldCapacitor(snapshot)?.sections.map(({ section }) => section) ?? [])]
    return steps.map((step) => {
      const old = terminalOf.get(step.from) ?? ''
      return step.action === 'connect' && terminals.includes(old)
        ? {
            ...step,
            text: `Connect ${step.part}: on the old part it hung on ${old}; where it goes now is open. ${missing}`,
          }
        : step
    })
  }
  if (!list) return steps
  return steps.map((step) => {
    const old = terminalOf.get(step.from) ?? ''
    const landing =
      step.action === 'connect' && old !== ''
        ? list.landings.find(({ wires }) => wires === `wires of ${old}`)
        : undefined
    if (!landing || (list.cans.length === 1 && landing.terminal === old)) return step
    const place = placeOf(list, landing.can, landing.terminal)
    const bridged = list.bridges.filter(
      ({ from }) => from.can === landing.can && from.terminal === landing.terminal,
    )
    return {
      ...step,
      text: `Connect ${step.part} to ${place}; on the old part it hung on ${old}.`,
      checks: [
        `sits tight on ${place}`,
        ...bridged.map(({ to }) => `the wire to ${placeOf(list, to.can, to.terminal)} is made`),
      ],
    }
  })
}

/** A terminal of the new capacitor, with its can where there are several. */
export const placeOf = (list: CapacitorList & { names: string[] }, can: number, terminal: string): string =>
  list.cans.length > 1
    ? `can ${can + 1}, ${list.names[can] ?? ''}, terminal ${terminal}`
    : `terminal ${terminal}`
