'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { firstQuestions } from '@/core/knowledge/firstQuestions'
import { saveHouseholdAction } from '@/server/actions'
import { Chips } from '../kit/Chips'

/** Three questions before the first repair, each with “not sure”; all of it is changed later under Household. */
export function FirstQuestions() {
  const [chosen, setChosen] = useState<Record<string, string>>({})
  const [problem, setProblem] = useState<string | null>(null)
  const router = useRouter()
  const save = async (change: Record<string, unknown>): Promise<boolean> => {
    const refused = await saveHouseholdAction(change).catch(() => ({
      message: 'The server cannot be reached, so this was not saved. Try again when it can.',
    }))
    setProblem(refused?.message ?? null)
    return !refused
  }
  const answer = async (id: string, value: string | null) => {
    const taken = firstQuestions.find((each) => each.id === id)?.answers.find((each) => each.value === value)
    if (taken && (await save(taken.sets))) setChosen((before) => ({ ...before, [id]: taken.value }))
  }
  const all = firstQuestions.every(({ id }) => chosen[id])
  return (
    <section aria-label="Before the first repair" className="rule-top mx-4 mt-7 pt-4 mid:mx-0">
      <h2 className="mb-1 text-lg">Before the first repair</h2>
      <p className="caption mb-3 max-w-[70ch]">
        Three questions, asked once. “Not sure” is an answer. All of it can be changed under Household.
      </p>
      {firstQuestions.map(({ id, ask, answers }) => {
        const taken = answers.find(({ value }) => value === chosen[id])
        return (
          <div key={id} className="border-line border-b py-3" data-testid={`first-${id}`}>
            <p className="mb-1.5 font-bold">{ask}</p>
            <Chips
              label={ask}
              values={answers}
              chosen={chosen[id] ?? null}
              onChoose={(value) => void answer(id, value)}
            />
            {taken ? <p className="caption mt-1.5 max-w-[70ch]">{taken.follows}</p> : null}
          </div>
        )
      })}
      {problem ? (
        <p className="mt-2 text-stop" role="alert">
          {problem}
        </p>
      ) : null}
      <button
        type="button"
        className={`btn mt-3 ${all ? 'btn-main' : ''}`}
        onClick={async () => {
          if (await save({ introduced: 1 })) router.refresh()
        }}
      >
        {all ? 'That is it' : 'Not now: I set it under Household'}
      </button>
    </section>
  )
}
