'use client'

import { significant } from '@/core/units'
import { seeFirst, wiringCheckOf } from '@/core/wiring/ofJob'
import { useJob } from '../../job/JobProvider'

const turns = {
  'as-built': 'turns as it is built',
  reversed: 'turns the other way',
  none: 'does not turn',
}

/** The circuit that the landings make, solved at standstill: the volts over each winding, or what is wrong and what it does. */
export function SolvedWiring() {
  const { snapshot } = useJob()
  const check = wiringCheckOf(snapshot)
  if (!check) return null
  const open = seeFirst(snapshot)
  if (open)
    return (
      <p className="mt-3 border-copper border-l-4 pl-3 font-bold" role="status" data-testid="solved-open">
        {open}
      </p>
    )
  const volts = (value: number | null) => (value === null ? '–' : `${significant(value, 3)} V`)
  return (
    <div
      className={`mt-3 border-l-4 pl-3 ${check.ok ? 'border-ink' : 'border-stop'}`}
      data-testid="solved-wiring"
      data-ok={check.ok}
    >
      <p className="font-bold">
        {check.ok
          ? `By the circuit it starts and ${turns[check.direction]}.`
          : 'Wired like this it would not run as it should.'}
      </p>
      <p className="num text-[0.95rem]">
        {`run winding ${volts(check.runVolts)}`}
        {check.startVolts === null ? '' : `, start winding ${volts(check.startVolts)}`}
        {check.capacitorVolts === null ? '' : `, capacitor ${volts(check.capacitorVolts)} at standstill`}
      </p>
      <ul>
        {check.problems.map((problem) => (
          <li key={`${problem.code}${problem.text}`} className="font-semibold text-stop">
            {problem.text}
          </li>
        ))}
      </ul>
      <p className="caption">
        Worked out from the ohms as they were read. The plate’s own diagram comes first.
      </p>
    </div>
  )
}
