import { coloursOf } from '@/core/knowledge/insulation'

/** A wire in its insulation, outlined so that white and black are seen on any ground; bare copper as copper. */
export function Wire({ d, colour }: { d: string; colour: string }) {
  const { base, stripe } = coloursOf(colour)
  const inside = colour === 'bare' ? 'var(--copper-fill)' : (base ?? 'var(--surface)')
  return (
    <g fill="none">
      <path d={d} stroke="currentColor" strokeWidth="9" />
      <path d={d} stroke={inside} strokeWidth="6.5" />
      {stripe ? <path d={d} stroke={stripe} strokeWidth="6.5" strokeDasharray="7 9" /> : null}
    </g>
  )
}
