'use client'

import Link from 'next/link'
import { useJob } from './JobProvider'
import { type StageId, stageStates, stages } from './stages'

/** The eight stages as a vertical track, with what is done and open in each. Keys 1 to 8. */
export function Route({ at, here: shown }: { at: StageId; here: boolean }) {
  const { snapshot, energy, diagnosis } = useJob()
  const states = stageStates(snapshot, energy, diagnosis.decided !== null)
  return (
    <nav aria-label="Stages">
      <ol className="relative">
        {stages.map((stage, index) => {
          const { done, note } = states[stage.id]
          // A page beside the stages is none of them.
          const here = shown && stage.id === at
          const square = here
            ? 'border-[var(--copper-fill)] bg-[var(--copper-fill)] text-white'
            : done
              ? 'border-ink bg-ink text-surface'
              : 'border-ink bg-surface text-ink'
          return (
            <li key={stage.id} className="relative">
              {index < stages.length - 1 ? (
                <span
                  className="absolute top-8 bottom-0 left-[9px] w-px translate-y-1 bg-ink"
                  aria-hidden="true"
                />
              ) : null}
              <Link
                prefetch={false}
                href={`/jobs/${snapshot.job.id}/${stage.id}`}
                aria-current={here ? 'step' : undefined}
                className="relative flex min-h-[50px] items-start gap-2 py-1.5 hover:underline"
              >
                <span
                  className={`grid size-5 shrink-0 place-items-center border font-bold text-xs ${square}`}
                >
                  {index + 1}
                </span>
                <span className="leading-tight">
                  <span
                    className={`block ${here ? 'font-bold' : done ? 'font-semibold' : 'font-semibold text-soft'}`}
                  >
                    {stage.name}
                  </span>
                  <span className="caption block min-h-4">
                    {note}
                    {done && !here ? <span className="sr-only">, done</span> : null}
                  </span>
                </span>
              </Link>
            </li>
          )
        })}
      </ol>
    </nav>
  )
}

/** On a phone: the stage at hand, its neighbours, and eight marks. */
export function RouteBar({ at }: { at: StageId }) {
  const { snapshot, energy, diagnosis } = useJob()
  const states = stageStates(snapshot, energy, diagnosis.decided !== null)
  const index = stages.findIndex((stage) => stage.id === at)
  const link = (to: number, label: string, mark: string) =>
    stages[to] ? (
      <Link
        prefetch={false}
        href={`/jobs/${snapshot.job.id}/${stages[to].id}`}
        aria-label={`${label}: ${stages[to].name}`}
        className="grid size-14 place-items-center text-2xl"
      >
        {mark}
      </Link>
    ) : (
      <span className="size-14" />
    )
  return (
    <nav aria-label="Stages" className="flex items-center justify-between border-ink border-t bg-surface">
      {link(index - 1, 'Back', '‹')}
      <div className="text-center">
        <p className="font-bold leading-tight">{`${index + 1} ${stages[index]!.name}`}</p>
        <p className="mt-1 flex gap-1" aria-hidden="true">
          {stages.map((stage, each) => (
            <span
              key={stage.id}
              className={`h-1.5 w-4 ${each === index ? 'bg-[var(--copper-fill)]' : states[stage.id].done ? 'bg-ink' : 'bg-line'}`}
            />
          ))}
        </p>
      </div>
      {link(index + 1, 'On', '›')}
    </nav>
  )
}
