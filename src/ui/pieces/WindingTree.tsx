import { formatOhm, significant } from '@/core/units'
import type { WindingResult } from '@/core/winding'
import { LeadDot } from './insulation'

const STEP = 78
const ROW = 74
const LEFT = 46
const TOP = 46

interface Placed {
  id: string
  leads: string[]
  x: number
  y: number
}

interface Drawn {
  from: Placed
  to: Placed
  ohm: number | null
}

const roleWords: Record<string, string> = {
  common: 'common',
  run: 'fast',
  start: 'start',
  tap: 'slow',
  line: 'phase',
  capacitor: 'capacitor',
}

/** The windings found so far, as coils from the common outwards, with ohms and roles. */
export function WindingTree({ result, corrected }: { result: WindingResult; corrected: boolean }) {
  const { nodes, segments, width, height } = layout(result, corrected)
  const speeds = result.speedsFastestFirst.length
  const label = segments
    .map(
      (segment) =>
        `${name(segment.from)} to ${name(segment.to)} ${segment.ohm === null ? 'open' : formatOhm(segment.ohm)}`,
    )
    .join('; ')
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="block w-full"
      style={{ maxWidth: width }}
      role="img"
      aria-label={`Windings found: ${label}`}
    >
      {segments.map((segment) => (
        <Coil key={`${segment.from.id}-${segment.to.id}`} segment={segment} />
      ))}
      {nodes.map((node) => (
        <g key={node.id}>
          {node.leads.length > 0 ? (
            <LeadDot name={node.leads[0]!} x={node.x} y={node.y} r={7} />
          ) : (
            <circle cx={node.x} cy={node.y} r="3.5" fill="var(--ink)" />
          )}
          {node.leads.map((lead, index) => (
            <text
              key={lead}
              x={node.x}
              y={node.y - 26 - index * 26}
              textAnchor="middle"
              fontSize="13"
              fontWeight="700"
              fill="var(--ink)"
            >
              {lead}
            </text>
          ))}
          {node.leads.map((lead, index) => (
            <text
              key={`${lead}-role`}
              x={node.x}
              y={node.y - 13 - index * 26}
              textAnchor="middle"
              fontSize="12"
              fill="var(--soft)"
            >
              {roleWord(result, lead, speeds)}
            </text>
          ))}
        </g>
      ))}
    </svg>
  )
}

function roleWord(result: WindingResult, lead: string, speeds: number): string {
  const role = result.roles[lead]
  if (!role) return ''
  const place = result.speedsFastestFirst.indexOf(lead)
  if (role === 'run' && speeds > 0 && place < 0) return 'neutral'
  if (role === 'common' && place === 0) return 'fast, joint'
  if ((role === 'run' || role === 'tap') && speeds > 2) {
    return place === 0 ? 'fast' : place === speeds - 1 ? 'slow' : 'middle'
  }
  if (role === 'run' && speeds < 2) return 'run'
  return roleWords[role] ?? role
}

const name = (node: Placed) => node.leads.join(' and ') || 'a joint inside'

function Coil({ segment: { from, to, ohm } }: { segment: Drawn }) {
  const start = { x: from.x, y: to.y }
  const lead = from.y === to.y ? '' : `M${from.x} ${from.y}V${to.y}`
  const [a, b] = [start.x + 10, to.x - 9]
  const turns = 6
  const turn = (b - a) / turns
  const coil = Array.from({ length: turns }, () => `a${turn / 2} ${turn / 2} 0 0 1 ${turn} 0`).join('')
  const middle = (a + b) / 2
  return (
    <g fill="none" stroke={ohm === null ? 'var(--stop)' : 'var(--copper-fill)'} strokeWidth="2">
      {lead ? <path d={lead} /> : null}
      {ohm === null ? (
        <path
          d={`M${start.x} ${to.y}H${middle - 7}M${middle + 7} ${to.y}H${to.x}m-${to.x - middle - 3} -7l-8 14`}
          strokeDasharray="5 4"
        />
      ) : (
        <path d={`M${start.x} ${to.y}H${a}${coil}H${to.x}`} />
      )}
      <text
        x={middle}
        y={to.y + 22}
        textAnchor="middle"
        className="num"
        fontSize="13"
        fill="var(--ink)"
        stroke="none"
      >
        {ohm === null ? 'open' : `${significant(ohm, 3)} Ω`}
      </text>
    </g>
  )
}

/** The common left, its taps on one line to the right, every other branch on a row of its own. */
function layout(
  result: WindingResult,
  corrected: boolean,
): { nodes: Placed[]; segments: Drawn[]; width: number; height: number } {
  const source = corrected && result.at20C ? result.at20C : result.tree.segments
  const root =
    result.tree.nodes.find((node) => node.leads.some((lead) => result.roles[lead] === 'common')) ??
    result.tree.nodes[0]!
  const placed = new Map<string, Placed>()
  const segments: Drawn[] = []
  let rows = 0
  const isSpeed = (id: string) =>
    result.tree.nodes
      .find((node) => node.id === id)!
      .leads.some((lead) => ['run', 'tap'].includes(result.roles[lead] ?? ''))
  const visit = (id: string, depth: number, row: number): Placed => {
    const node = result.tree.nodes.find((each) => each.id === id)!
    const here: Placed = { id, leads: node.leads, x: LEFT + depth * STEP, y: TOP + row * ROW }
    placed.set(id, here)
    const next = source
      .filter(
        (segment) =>
          (segment.from === id && !placed.has(segment.to)) ||
          (segment.to === id && !placed.has(segment.from)),
      )
      .map((segment) => ({ id: segment.from === id ? segment.to : segment.from, ohm: segment.ohm }))
      .sort((one, two) => Number(isSpeed(two.id)) - Number(isSpeed(one.id)))
    next.forEach((child, index) => {
      if (index > 0) rows++
      const to = visit(child.id, depth + 1, index === 0 ? row : rows)
      segments.push({ from: here, to, ohm: child.ohm })
    })
    return here
  }
  visit(root.id, 0, 0)
  const nodes = [...placed.values()]
  return {
    nodes,
    segments,
    width: Math.max(240, Math.max(...nodes.map((node) => node.x)) + 56),
    height: TOP + rows * ROW + 34,
  }
}
