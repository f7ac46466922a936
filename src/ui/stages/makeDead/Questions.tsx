'use client'

import { type PlanField, planAnswer, switchBefore } from '@/core/job'
import { isAnswered } from '@/core/job/energy/place'
import { isolationPlans } from '@/core/knowledge/isolation'
import { useJob } from '../../job/JobProvider'
import { Chips } from '../../kit/Chips'
import { SelectField } from '../../kit/TextField'

/** What the plan depends on, asked once: water, a second supply, the circuits that feed the housing. */
export function PlanQuestions() {
  const { snapshot } = useJob()
  const { asks, supply } = isolationPlans[snapshot.machine.family]
  return (
    <>
      {asks.includes('water') ? (
        <Question
          field="water"
          text="Is an ice maker or a dispenser connected to water?"
          why="Without water there is no valve to shut."
          values={[
            { value: 'yes', label: 'yes' },
            { value: 'no', label: 'no' },
          ]}
        />
      ) : null}
      {asks.includes('other-supply') || supply === 'mains' ? (
        <Question
          field="other-supply"
          text="Does anything else feed it: a battery, a solar panel, an uninterruptible supply, a foreign 24 V?"
          why="Then these points are not all of it."
          values={[
            { value: 'no', label: 'no' },
            { value: 'yes', label: 'yes' },
          ]}
        />
      ) : null}
      {asks.includes('legs') ? (
        <Question
          field="legs"
          text="How many live wires does its supply have?"
          why="Two is 240 V, from a breaker of double width; three is three phases."
          values={[
            { value: 'one', label: 'one, and neutral' },
            { value: 'two', label: 'two' },
            { value: 'three', label: 'three' },
          ]}
        />
      ) : null}
      {supply === 'battery' ? null : (
        <Question
          field="feeds"
          text="How many circuits feed this housing?"
          why="A light, a heater or electric heat may bring its own, each with its own breaker and proof."
          values={['1', '2', '3'].map((value) => ({ value, label: value }))}
        />
      )}
    </>
  )
}

interface QuestionProps {
  field: PlanField
  text: string
  why: string
  values: { value: string; label: string }[]
}

/** One question with its few answers; none is chosen before somebody chose it. */
export function Question({ field, text, why, values }: QuestionProps) {
  const { snapshot, act, id } = useJob()
  return (
    <div className="rule-top grid gap-x-5 gap-y-1 py-2 mid:grid-cols-[minmax(0,1fr)_auto]">
      <p className="leading-snug">
        <b>{text}</b> <span className="caption">{why}</span>
      </p>
      <Chips
        label={text}
        values={values}
        chosen={isAnswered(snapshot, field) ? planAnswer(snapshot, field) : null}
        onChoose={(value) => act({ kind: 'field.set', id: id(), part: 'plan', field, typed: value ?? '' })}
      />
    </div>
  )
}

/** What the person sees at the place where dead is proved: what to read against, further wires, the switch before it. */
export function PlaceQuestions() {
  const { snapshot, act, id } = useJob()
  const point = switchBefore(snapshot)
  const battery = isolationPlans[snapshot.machine.family].supply === 'battery'
  if (battery) return null
  const answer = (field: PlanField) => ({
    value: isAnswered(snapshot, field) ? planAnswer(snapshot, field) : '',
    ...(isAnswered(snapshot, field) ? {} : { empty: 'not said yet' }),
    onChoose: (typed: string) => act({ kind: 'field.set', id: id(), part: 'plan', field, typed }),
  })
  return (
    <div className="pb-3">
      <div className="grid gap-3 mid:grid-cols-3">
        <SelectField
          label="What can the second probe touch?"
          {...answer('earth')}
          options={[
            { value: 'ground', label: 'the ground wire, or metal that is grounded' },
            { value: 'earth-lead', label: 'a known earth, by a long lead' },
            { value: 'none', label: 'nothing' },
          ]}
        />
        <SelectField
          label="Which live wires come there?"
          value={planAnswer(snapshot, 'switched-live')}
          onChoose={answer('switched-live').onChoose}
          options={[
            { value: 'no', label: 'the usual ones' },
            { value: 'yes', label: 'a switched one as well' },
          ]}
        />
        {point ? (
          <SelectField
            label={`Can you see whether the ${point.label.toLowerCase()} is on?`}
            {...answer('switch')}
            options={[
              { value: 'seen', label: 'yes, I see it' },
              { value: 'unseen', label: 'no: two-way, pull chain or button' },
              { value: 'powered', label: 'no: it needs power (timer, sensor, smart)' },
            ]}
          />
        ) : null}
      </div>
      <p className="caption mt-1 max-w-[85ch]">
        A switch whose ON one cannot see is read in each position; a timer, a sensor or a smart switch is
        proved at its line terminals. A double-insulated fan, two squares on its plate, needs no ground to
        run: bring a known earth by a long lead for the readings.
      </p>
    </div>
  )
}
