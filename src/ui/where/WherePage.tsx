'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { whereNow } from '@/core/job/whereNow'
import { breakWords } from '@/core/knowledge/breakWords'
import { type ScenePartId, scenes } from '@/core/knowledge/where'
import { useJob } from '../job/JobProvider'
import { Section } from '../kit/Section'
import { atHand } from '../kit/whenReached'
import { SceneDrawing } from '../pieces/where/SceneDrawing'
import { NextThere } from './NextThere'

// What it costs and needs brings options and ways in along: it comes behind the drawing.
const ForMePart = dynamic(
  atHand(() => import('./ForMePart').then((module) => module.ForMePart)),
  { ssr: false, loading: () => <div className="min-h-[420px]" /> },
)

/** Where everything sits, what comes next there, and whether it is for the one who reads it. */
export function WherePage() {
  const { snapshot, energy } = useJob()
  const scene = scenes[snapshot.machine.family]
  const now = whereNow(snapshot, energy)
  const [chosen, setChosen] = useState<ScenePartId | null>(null)
  const marked = chosen ?? now?.part ?? null
  return (
    <>
      <Section title="Where everything sits" aside={`drawn for ${scene.drawnFor}; yours may look different`}>
        <div className="grid gap-x-6 gap-y-3 wide:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
          <SceneDrawing scene={scene} marked={marked} onChoose={setChosen} className="w-full" />
          <ol className="min-w-0">
            {scene.parts.map((part, index) => (
              <li key={part.id} className="border-line border-b">
                <button
                  type="button"
                  className={`flex min-h-11 w-full items-center gap-2 text-left ${part.id === marked ? 'font-bold' : ''}`}
                  aria-expanded={part.id === marked}
                  onClick={() => setChosen(part.id)}
                >
                  <span
                    className={`num grid size-6 shrink-0 place-items-center rounded-full font-bold text-xs ${part.id === marked ? 'bg-[var(--copper-fill)] text-white' : 'bg-ink text-surface'}`}
                  >
                    {index + 1}
                  </span>
                  {part.label}
                  {part.id === now?.part ? <span className="caption ml-auto text-copper">next</span> : null}
                </button>
                {part.id === marked ? (
                  <p className="max-w-[60ch] pb-2 pl-8 leading-snug">
                    {part.find}
                    <Off part={part.id} />
                  </p>
                ) : null}
              </li>
            ))}
          </ol>
        </div>
      </Section>
      {now ? <NextThere now={now} /> : null}
      <ForMePart />
    </>
  )
}

/** Whether a point of the drawing is off already. */
function Off({ part }: { part: ScenePartId }) {
  const { snapshot, clockOrDay, now } = useJob()
  const point = snapshot.points.find((row) => row.point === part && !row.struckAt)
  if (!point?.openedAt) return null
  return (
    <b className="block">{`It is ${breakWords[point.point].open} since ${clockOrDay(point.openedAt, now)}.`}</b>
  )
}
