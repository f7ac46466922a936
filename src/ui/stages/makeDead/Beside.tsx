'use client'

import Link from 'next/link'
import { openWords } from '@/core/job/energy/circuit'
import { titleAndPlace } from '@/core/job/title'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'

/** Who else works behind what is switched off here: other jobs at this machine, and at machines of the same breaker. */
export function Beside() {
  const { snapshot, act } = useJob()
  const beside = (snapshot.beside ?? []).filter(({ closed }) => !closed)
  const circuit = snapshot.onCircuit ?? []
  if (beside.length + circuit.length === 0) return null
  return (
    <Section part="always" title="Somebody else works behind this">
      {beside.map(({ id, title, handsIn, open }) => (
        <p key={id} className="max-w-[72ch]">
          <Other id={id}>{title || 'A job without words'}</Other>
          {`, at this machine: it shares the points, the proof, the discharge and the waits. ${busy(handsIn, open)}`}
        </p>
      ))}
      {circuit.map(({ id, title, machine, handsIn, open }) => (
        <p key={id} className="max-w-[72ch]">
          <Other id={id}>{titleAndPlace(machine)}</Other>
          {`${title ? ` (${title})` : ''}: it hangs on the same breaker. Power here is power there. ${busy(handsIn, open)}`}
        </p>
      ))}
      {snapshot.job.handsIn === 1 ? (
        <button type="button" className="btn mt-2" onClick={() => act({ kind: 'hands.out' })}>
          My hands and tools are out of the machine
        </button>
      ) : null}
    </Section>
  )
}

const busy = (handsIn: boolean, open: number): string =>
  [handsIn ? 'Hands are in there.' : '', open > 0 ? `${openWords({ open })}.` : ''].join(' ')

function Other({ id, children }: { id: string; children: string }) {
  return (
    <Link className="text-teal underline" href={`/jobs/${id}/make-dead`} prefetch={false}>
      {children}
    </Link>
  )
}
