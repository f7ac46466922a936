'use client'

import { cSideQuestion, speedQuestions } from '@/core/wiring/ofJob'
import { useJob } from '../../job/JobProvider'
import { SelectField } from '../../kit/TextField'

/** What the ohms do not tell and somebody has seen: which speeds were used, on which terminal the wire of C sits. */
export function WiringQuestions() {
  const { snapshot, act, id } = useJob()
  const side = cSideQuestion(snapshot)
  return (
    <>
      {speedQuestions(snapshot).map(({ field, label, leads: speeds, answer }) => (
        <div key={field} className="mt-3 max-w-xl">
          <SelectField
            label={`${label}, as you found it`}
            value={answer}
            empty="not known: the fastest first"
            options={speeds.map((lead, index) => ({
              value: lead,
              label: `${lead}${index === 0 ? ', the fastest' : index === speeds.length - 1 ? ', the slowest' : ''}`,
            }))}
            onChoose={(typed) => act({ kind: 'field.set', id: id(), part: 'wiring', field, typed })}
          />
        </div>
      ))}
      {side ? (
        <div className="mt-3 max-w-xl">
          <SelectField
            label="On which terminal does the wire of C sit, as you see it"
            value={side.answer}
            empty="look, then say which"
            options={side.terminals.map((terminal) => ({ value: terminal, label: terminal }))}
            onChoose={(typed) => act({ kind: 'field.set', id: id(), part: 'wiring', field: 'c-side', typed })}
          />
        </div>
      ) : null}
    </>
  )
}
