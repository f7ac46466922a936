import { coloursOf } from '@/core/knowledge/insulation'

export const colourNames = [
  'black',
  'white',
  'brown',
  'brown-white',
  'red',
  'blue',
  'yellow',
  'orange',
  'purple',
  'grey',
  'green',
]

/** A lead's end as a dot in its insulation colour, striped where striped. */
export function LeadDot({ name, x, y, r = 11 }: { name: string; x: number; y: number; r?: number }) {
  const { base, stripe } = coloursOf(name)
  return (
    <g>
      <circle cx={x} cy={y} r={r} fill={base ?? 'var(--surface)'} stroke="var(--ink)" strokeWidth="1.5" />
      {stripe ? (
        <path
          d={`M${x - r * 0.75} ${y + r * 0.5}L${x + r * 0.5} ${y - r * 0.75}`}
          stroke={stripe}
          strokeWidth={r * 0.45}
        />
      ) : null}
      {stripe ? <circle cx={x} cy={y} r={r} fill="none" stroke="var(--ink)" strokeWidth="1.5" /> : null}
      {base === null ? <path d={`M${x - 4} ${y}h8`} stroke="var(--ink)" strokeWidth="1.5" /> : null}
    </g>
  )
}

export function LeadSwatch({ name }: { name: string }) {
  return (
    <svg viewBox="0 0 24 24" className="size-5 shrink-0" aria-hidden="true">
      <LeadDot name={name} x={12} y={12} r={10} />
    </svg>
  )
}
