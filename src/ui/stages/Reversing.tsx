'use client'

import { fieldText } from '@/core/job'
import { turnAdviceOf } from '@/core/wiring/ofJob'
import { useJob } from '../job/JobProvider'
import { SelectField } from '../kit/TextField'

const turns = [
  { value: 'CW', label: 'clockwise' },
  { value: 'CCW', label: 'counterclockwise' },
]

/** It turns the wrong way: which way it turns, which way it should, how that is changed or why not, and what else it can be. */
export function Reversing() {
  const { snapshot, act, id } = useJob()
  const advice = turnAdviceOf(snapshot)
  const [now, wanted] = [fieldText(snapshot, 'turn', 'now'), fieldText(snapshot, 'turn', 'wanted')]
  const set = (field: string) => (typed: string) =>
    act({ kind: 'field.set', id: id(), part: 'turn', field, typed })
  return (
    <div className="max-w-[75ch]" data-testid="reversing">
      <p className="font-semibold">Before any lead is moved, look at these:</p>
      <ul className="mt-1 list-disc pl-5">
        {advice.elsewhere.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
      <div className="mt-3 grid max-w-xl gap-3 mid:grid-cols-2">
        <SelectField
          label="It turns, seen from the shaft end"
          value={now}
          empty="not looked"
          options={turns}
          onChoose={set('now')}
        />
        <SelectField
          label="It must turn, seen from the shaft end"
          value={wanted}
          empty="not known"
          options={turns}
          onChoose={set('wanted')}
        />
      </div>
      <div aria-live="polite" className="mt-2">
        {now && now === wanted ? <p>It turns as it must: the leads stay as they are.</p> : null}
        {advice.method ? <p>{advice.method.text}</p> : null}
        {advice.refused.map((text) => (
          <p key={text} className="mt-1 border-stop border-l-4 pl-2">
            {text}
          </p>
        ))}
      </div>
    </div>
  )
}
