import type { FastenerLook } from '@/core/refit/fastenerLook'

/** A fastener as it lies in its cup, seen on its head, its shank long or short beside it; hollow where it has gone back. */
export function FastenerHead({ look, out }: { look: FastenerLook; out: boolean }) {
  const shank = look.length === 'long' ? 20 : look.length === 'short' ? 7 : 12
  return (
    <svg
      viewBox={`0 0 ${18 + shank} 16`}
      className="h-4"
      style={{ width: `${18 + shank}px` }}
      aria-hidden="true"
      fill={out ? 'none' : 'var(--surface)'}
      stroke={out ? 'var(--line)' : 'var(--ink)'}
      strokeWidth="1.5"
      strokeDasharray={out ? '2 2' : undefined}
    >
      {look.head === 'clip' ? null : <path d={`M15 8h${shank}`} strokeWidth="3" />}
      {heads[look.head]}
    </svg>
  )
}

const round = <circle cx="8" cy="8" r="6.5" />
const HEX = 'M8 1.2l5.9 3.4v6.8L8 14.8l-5.9 -3.4V4.6z'

const heads: Record<FastenerLook['head'], React.ReactNode> = {
  '': round,
  hex: <path d={HEX} />,
  nut: (
    <>
      <path d={HEX} />
      <circle cx="8" cy="8" r="3" />
    </>
  ),
  cross: (
    <>
      {round}
      <path d="M8 4v8M4 8h8" />
    </>
  ),
  slot: (
    <>
      {round}
      <path d="M3 8h10" />
    </>
  ),
  star: (
    <>
      {round}
      <path d="M8 4v8M4.5 6l7 4M4.5 10l7 -4" />
    </>
  ),
  square: (
    <>
      {round}
      <path d="M5.5 5.5h5v5h-5z" />
    </>
  ),
  socket: (
    <>
      {round}
      <path d="M8 4.5l3 1.8v3.4l-3 1.8 -3 -1.8V6.3z" />
    </>
  ),
  clip: <path d="M3 3v8a4 4 0 0 0 8 0V5" />,
}
