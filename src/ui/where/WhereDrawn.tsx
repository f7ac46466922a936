'use client'

import { type ScenePartId, scenePartOf, scenes } from '@/core/knowledge/where'
import { useJob } from '../job/JobProvider'
import { SceneDrawing } from '../pieces/where/SceneDrawing'

export interface WhereDrawnProps {
  /** A part of the drawing. */
  part?: ScenePartId
  /** A part of a way in, by its name in the template. */
  line?: string
}

/** The machine opened with one part ringed, and a sentence on how to find it. */
export default function WhereDrawn({ part, line }: WhereDrawnProps) {
  const { snapshot } = useJob()
  const { family } = snapshot.machine
  const scene = scenes[family]
  const id = part ?? (line === undefined ? null : scenePartOf(family, line))
  const shown = scene.parts.find((each) => each.id === id)
  return (
    <figure className="my-2 max-w-[560px]" data-testid="where-drawn">
      <SceneDrawing scene={scene} marked={shown?.id ?? null} bare className="w-full" />
      <figcaption className="leading-snug">
        {shown ? (
          <>
            <b>{shown.label}</b>: {shown.find}{' '}
          </>
        ) : (
          'This part is not in the drawing: look at your own photos. '
        )}
        <span className="caption">{`Drawn for ${scene.drawnFor}; yours may look different.`}</span>
      </figcaption>
    </figure>
  )
}
