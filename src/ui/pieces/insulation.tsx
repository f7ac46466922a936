/** Insulation colours by their names. The name always stands beside: colour alone is never the message. */
const COLOURS: Record<string, string> = {
  black: '#1b1b1d',
  blk: '#1b1b1d',
  white: '#ffffff',
  wht: '#ffffff',
  red: '#b3202c',
  blue: '#2a5caa',
  blu: '#2a5caa',
  brown: '#6b3f22',
  brn: '#6b3f22',
  yellow: '#f0d000',
  yel: '#f0d000',
  orange: '#e07b1a',
  org: '#e07b1a',
  purple: '#6d3f93',
  violet: '#6d3f93',
  pur: '#6d3f93',
  green: '#2f7d3b',
  grn: '#2f7d3b',
  grey: '#8b9390',
  gray: '#8b9390',
  pink: '#e59ab0',
}

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

export function coloursOf(name: string): { base: string | null; stripe: string | null } {
  const words = name.toLowerCase().split(/[^a-z]+/)
  const found = words.flatMap((word) => (COLOURS[word] ? [COLOURS[word]] : []))
  return { base: found[0] ?? null, stripe: found[1] ?? null }
}

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
