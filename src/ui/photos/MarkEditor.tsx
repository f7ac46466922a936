'use client'

import dynamic from 'next/dynamic'
import { type KeyboardEvent, useState } from 'react'
import type { LinePhotoRow } from '@/core/job'
import {
  type Mark,
  type MarkKind,
  MOST_MARKS,
  markKinds,
  marksOf,
  marksText,
  markWords,
  moved,
} from '@/core/marks'
import { useJob } from '../job/JobProvider'
import { TextField } from '../kit/TextField'
import { atHand } from '../kit/whenReached'
import { colourNames } from '../pieces/insulation'

const MarkCanvas = dynamic(
  atHand(() => import('./MarkCanvas').then((module) => module.MarkCanvas)),
  { ssr: false },
)

const names: Record<MarkKind, string> = {
  arrow: 'Arrow',
  circle: 'Circle',
  words: 'Words',
  wire: 'Wire colour',
}
const STEP = 0.02

/** Marks on a photo: drawn, moved, worded and taken away; each change is stored as it is made and can be taken back. */
export function MarkEditor({ photo }: { photo: LinePhotoRow }) {
  const { act } = useJob()
  const marks = marksOf(photo.marks)
  const [tool, setTool] = useState<MarkKind | null>(marks.length === 0 ? 'arrow' : null)
  const [chosen, setChosen] = useState<number | null>(null)
  const keep = (next: Mark[]) => act({ kind: 'photo.mark', id: photo.id, marks: marksText(next) })
  const change = (index: number, next: Mark) =>
    keep(marks.map((mark, each) => (each === index ? next : mark)))
  const draw = (kind: MarkKind, [x, y]: [number, number], [toX, toY]: [number, number]) => {
    const points = kind === 'arrow' || kind === 'circle'
    const tapped = Math.hypot(toX - x, toY - y) < 0.01
    // A tap alone makes a mark that can be seen and moved.
    const [endX, endY] = tapped && points ? [Math.min(1, x + 0.1), Math.min(1, y + 0.1)] : [toX, toY]
    const mark: Mark = {
      kind,
      x,
      y,
      toX: points ? endX : x,
      toY: points ? endY : y,
      text: kind === 'words' ? 'words' : kind === 'wire' ? 'brown' : '',
    }
    if (marks.length < MOST_MARKS && keep([...marks, mark])) {
      setChosen(marks.length)
      setTool(null)
    }
  }
  const current = chosen === null ? undefined : marks[chosen]
  const onKey = (event: KeyboardEvent) => {
    const step = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[
      event.key
    ]
    if (!step || chosen === null || !current) return
    event.preventDefault()
    change(chosen, moved(current, step[0] ?? 0, step[1] ?? 0))
  }
  return (
    <>
      <MarkCanvas
        address={`/api/photos/${photo.hash}`}
        marks={marks}
        chosen={chosen}
        tool={tool}
        onChoose={setChosen}
        onDraw={(from, to) => tool && draw(tool, from, to)}
        onMove={(index, byX, byY) => {
          const mark = marks[index]
          if (mark) change(index, moved(mark, byX, byY))
        }}
      />
      <fieldset className="flex flex-wrap gap-2">
        <legend className="float-left mr-2 content-center">Draw</legend>
        {markKinds.map((kind) => (
          <button
            key={kind}
            type="button"
            className="chip min-h-11"
            aria-pressed={tool === kind}
            disabled={marks.length >= MOST_MARKS}
            onClick={() => setTool(tool === kind ? null : kind)}
          >
            {names[kind]}
          </button>
        ))}
        {tool ? (
          <button type="button" className="btn" onClick={() => draw(tool, [0.45, 0.45], [0.55, 0.55])}>
            Put it in the middle
          </button>
        ) : null}
      </fieldset>
      <p className="caption">
        {tool
          ? 'Draw on the photo: press, pull, let go.'
          : 'Pull a mark to move it, or choose it below and use the arrow keys.'}
      </p>
      <ul className="flex flex-wrap gap-2" aria-label="Marks">
        {marks.map((mark, index) => (
          <li key={`${index}-${mark.kind}`}>
            <button
              type="button"
              className="chip min-h-11"
              aria-pressed={index === chosen}
              onClick={() => setChosen(index === chosen ? null : index)}
              onKeyDown={onKey}
            >
              {markWords(mark)}
            </button>
          </li>
        ))}
      </ul>
      {current && chosen !== null ? (
        <div className="flex flex-wrap items-end gap-3">
          {current.kind === 'wire' ? (
            <fieldset className="flex flex-wrap gap-1.5">
              <legend className="float-left mr-2 content-center">Colour</legend>
              {colourNames.map((name) => (
                <button
                  key={name}
                  type="button"
                  className="chip min-h-11"
                  aria-pressed={current.text === name}
                  onClick={() => change(chosen, { ...current, text: name })}
                >
                  {name}
                </button>
              ))}
            </fieldset>
          ) : (
            <TextField
              key={chosen}
              className="min-w-[min(12rem,100%)] flex-1"
              label="Words at the mark"
              value={current.text}
              onType={(text) => change(chosen, { ...current, text: text.slice(0, 40) })}
            />
          )}
          <button
            type="button"
            className="btn btn-plain btn-stop"
            onClick={() => {
              keep(marks.filter((_, index) => index !== chosen))
              setChosen(null)
            }}
          >
            Take this mark away
          </button>
        </div>
      ) : null}
    </>
  )
}
