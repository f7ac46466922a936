import type { Scene, ScenePart, ScenePartId, Stroke } from '@/core/knowledge/where'

interface SceneDrawingProps {
  scene: Scene
  /** The part of the next act; ringed. */
  marked: ScenePartId | null
  /** A tap on a number chooses it. */
  onChoose?: (id: ScenePartId) => void
  /** Numbers without their labels, where the drawing is small and the list stands beside. */
  bare?: boolean
  className?: string
}

const tones: Record<Stroke['tone'], { stroke: string; width: number; dash?: string }> = {
  ink: { stroke: 'var(--ink)', width: 2 },
  soft: { stroke: 'var(--line)', width: 1.8 },
  copper: { stroke: 'var(--copper)', width: 2 },
  teal: { stroke: 'var(--teal)', width: 2 },
  mains: { stroke: 'var(--ink)', width: 3.4 },
  control: { stroke: 'var(--ink)', width: 1.5, dash: '3 4' },
  pipe: { stroke: 'var(--soft)', width: 2 },
}

/** The machine opened, from its data: parts numbered in the order in which they are met, the one of the next act ringed. */
export function SceneDrawing({ scene, marked, onChoose, bare = false, className }: SceneDrawingProps) {
  const at = scene.parts.find(({ id }) => id === marked)
  return (
    <svg
      viewBox="0 0 720 440"
      className={className}
      role="img"
      aria-label={`Where everything sits, drawn for ${scene.drawnFor}${at ? `. Marked: ${at.label}` : ''}`}
    >
      <g fill="none" strokeLinejoin="round">
        {scene.strokes.map((stroke, index) => {
          const { stroke: colour, width, dash } = tones[stroke.tone]
          return (
            <path
              key={`${index} ${stroke.tone}`}
              d={stroke.d}
              stroke={colour}
              strokeWidth={width}
              {...(dash ? { strokeDasharray: dash } : {})}
            />
          )
        })}
        {at ? <Ring part={at} /> : null}
      </g>
      {scene.parts.map((part, index) => (
        <PartNumber
          key={part.id}
          part={part}
          number={index + 1}
          marked={part.id === marked}
          bare={bare && part.id !== marked}
          {...(onChoose ? { onChoose } : {})}
        />
      ))}
    </svg>
  )
}

function Ring({ part: { ring, x, y } }: { part: ScenePart }) {
  const [cx, cy, r] = ring ?? [x, y, 24]
  return <circle cx={cx} cy={cy} r={r} stroke="var(--copper)" strokeWidth="3" strokeDasharray="7 5" />
}

interface PartNumberProps {
  part: ScenePart
  number: number
  marked: boolean
  bare: boolean
  onChoose?: (id: ScenePartId) => void
}

const places = {
  right: { dx: 18, dy: 5, anchor: 'start' },
  left: { dx: -18, dy: 5, anchor: 'end' },
  below: { dx: 0, dy: 28, anchor: 'middle' },
} as const

function PartNumber({ part, number, marked, bare, onChoose }: PartNumberProps) {
  const { dx, dy, anchor } = places[part.side ?? 'right']
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the list beside the drawing chooses the same by keys
    <g onClick={onChoose ? () => onChoose(part.id) : undefined} className={onChoose ? 'cursor-pointer' : ''}>
      <circle cx={part.x} cy={part.y} r="13" fill={marked ? 'var(--copper-fill)' : 'var(--ink)'} />
      <text
        x={part.x}
        y={part.y + 5}
        textAnchor="middle"
        className="num"
        fill={marked ? '#ffffff' : 'var(--surface)'}
        fontSize="14"
        fontWeight="700"
      >
        {number}
      </text>
      {bare ? null : (
        <text
          className="max-mid:hidden"
          x={part.x + dx}
          y={part.y + dy}
          textAnchor={anchor}
          fill="var(--ink)"
          stroke="var(--surface)"
          strokeWidth="4"
          paintOrder="stroke"
          fontSize="14"
          fontWeight="700"
        >
          {part.label}
        </text>
      )}
    </g>
  )
}
