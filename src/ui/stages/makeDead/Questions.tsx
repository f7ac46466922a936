import { onlyPlug, type PlanField, planAnswer, switchBefore } from '@/core/job'
import { isAnswered, unansweredPlan } from '@/core/job/energy/place'
import { isolationPlans } from '@/core/knowledge/isolation'
import { planHowOf } from '@/core/knowledge/proofHow'
import { useJob } from '../../job/JobProvider'
import { Chips } from '../../kit/Chips'
import { useRowClass } from '../../kit/focus'
import { Unsure } from '../../kit/Unsure'

const YES_NO = [
  { value: 'no', label: 'no' },
  { value: 'yes', label: 'yes' },
]

/** What the plan depends on, asked once: water, a second supply, the circuits that feed the housing. */
export function PlanQuestions() {
  const { snapshot } = useJob()
  const { asks, supply } = isolationPlans[snapshot.machine.family]
  return (
    <>
      {asks.includes('water') ? <PlanQuestion field="water" values={[...YES_NO].reverse()} /> : null}
      {asks.includes('other-supply') || supply === 'mains' ? (
        <PlanQuestion field="other-supply" values={YES_NO} />
      ) : null}
      {asks.includes('legs') ? (
        <PlanQuestion
          field="legs"
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
          {...planHowOf(onlyPlug(snapshot) ? 'feeds-by-plug' : 'feeds', snapshot.household.region)}
          values={['1', '2', '3'].map((value) => ({ value, label: value }))}
        />
      )}
    </>
  )
}

interface PlanQuestionProps {
  field: Exclude<PlanField, 'cold'>
  values: { value: string; label: string }[]
}

function PlanQuestion({ field, values }: PlanQuestionProps) {
  const { snapshot } = useJob()
  return <Question field={field} {...planHowOf(field, snapshot.household.region)} values={values} />
}

interface QuestionProps {
  field: PlanField
  text: string
  why: string
  values: { value: string; label: string }[]
  /** What helps somebody who is not sure. */
  unsure?: string
}

/** One question with its few answers; none is chosen before somebody chose it. A phone leaves out what is answered. */
export function Question({ field, text, why, values, unsure }: QuestionProps) {
  const { snapshot, act, id } = useJob()
  const answered = isAnswered(snapshot, field)
  const needed = unansweredPlan(snapshot)
  // Two at a time on a phone, in their order.
  const shown = useRowClass()(field, !answered && (!needed.includes(field) || needed.indexOf(field) < 2))
  return (
    <div className={`rule-top flex flex-wrap items-start gap-x-5 gap-y-1 py-2 ${shown}`}>
      <p className="min-w-[18rem] flex-1 basis-[24rem] leading-snug">
        <b>{text}</b> <span className="caption">{why}</span>
      </p>
      <Chips
        label={text}
        values={values}
        chosen={answered ? planAnswer(snapshot, field) : null}
        onChoose={(value) => act({ kind: 'field.set', id: id(), part: 'plan', field, typed: value ?? '' })}
      />
      {unsure && !answered ? (
        <Unsure className="w-full">
          <p>{unsure}</p>
        </Unsure>
      ) : null}
    </div>
  )
}

/** What the person sees at the place where dead is proved: what to read against, further wires, the switch before it. */
export function PlaceQuestions() {
  const { snapshot } = useJob()
  const { asks, supply } = isolationPlans[snapshot.machine.family]
  if (supply === 'battery') return null
  return (
    <div className="pb-3">
      <PlanQuestion
        field="earth"
        values={[
          { value: 'ground', label: 'yes, or grounded metal' },
          { value: 'earth-lead', label: 'no: I bring a long lead from a known earth' },
          { value: 'none', label: 'no, and I have no such lead' },
        ]}
      />
      {asks.includes('switched-live') ? (
        <PlanQuestion
          field="switched-live"
          values={[
            { value: 'no', label: 'no, the usual wires' },
            { value: 'yes', label: 'yes, a second one' },
          ]}
        />
      ) : null}
      {switchBefore(snapshot) ? (
        <PlanQuestion
          field="switch"
          values={[
            { value: 'seen', label: 'yes, I see it' },
            { value: 'unseen', label: 'no: two-way, pull chain or button' },
            { value: 'powered', label: 'no: it needs power (timer, sensor, smart)' },
          ]}
        />
      ) : null}
      <p className="caption mt-1 hidden max-w-[85ch] mid:block">
        A double-insulated fan, two squares on its plate, needs no ground to run: bring a known earth by a
        long lead for the readings.
      </p>
    </div>
  )
}
