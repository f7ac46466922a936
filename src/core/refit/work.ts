import type { BackStep, RefitWork } from './types'

const WHEEL = /\b(?:wheel|blade|impeller|propeller|fan)\b/i
/** Work on the shaft: done before the wheel sits on it. */
const ON_SHAFT = ['cut-shaft', 'set-mark', 'bush-shaft']

/**
 * The work of fitting as lines of its own: before the new part is set in and before anything moves over onto it; what is done
 * to the shaft also before its wheel.
 *
 * @param newPart id of the line that sets the new part in; null where nothing is replaced
 */
export function withWork(steps: BackStep[], work: RefitWork[], newPart: string | null): BackStep[] {
  if (work.length === 0) return steps
  const setIn = steps.findIndex(({ from, action }) => from === newPart || action === 'transfer')
  const wheel = steps.findIndex(({ part }) => WHEEL.test(part))
  const lines = work.map(({ kind, text, part }, index): BackStep & { onShaft: boolean } => ({
    from: `work-${index + 1}`,
    action: 'work',
    part: part ?? kind.replaceAll('-', ' '),
    text,
    checks: [],
    onShaft: ON_SHAFT.includes(kind),
  }))
  const before = Math.max(0, setIn)
  const shaftAt = wheel < 0 ? before : Math.min(before, wheel)
  const plain = ({ onShaft, ...step }: BackStep & { onShaft: boolean }): BackStep => step
  return [
    ...steps.slice(0, shaftAt),
    ...lines.filter(({ onShaft }) => onShaft).map(plain),
    ...steps.slice(shaftAt, before),
    ...lines.filter(({ onShaft }) => !onShaft).map(plain),
    ...steps.slice(before),
  ]
}

const ASSEMBLY =
  /\b(?:motor|assembly|blower|inducer|bracket|mount|housing|scroll|wheel|blade|impeller|propeller|fan)\b/i
const CLOSES = /\b(?:cover|panel|grille|door|lid|guard|capacitor|box|ground|earth|wire|lead|board)\b/i
const FIXES = ['screw', 'tighten', 'clip']
const SEATS = ['set-on', 'slide-in', 'transfer']
const TURNS = /\b(?:motor|assembly|wheel|blade|impeller|propeller|blower|inducer|fan)\b/i

/** The line that last fixes the motor or its assembly in the housing: there it is turned by hand. Null where nothing turns. */
export function lastFixing(steps: BackStep[]): BackStep | null {
  if (!steps.some(({ part }) => TURNS.test(part) && !CLOSES.test(part))) return null
  const own = ({ part }: BackStep) =>
    /\b(?:motor|assembly)\b/i.test(part)
      ? !/\b(?:capacitor|wire|lead|plug|ground|earth)\b/i.test(part)
      : ASSEMBLY.test(part) && !CLOSES.test(part)
  const fixed = steps.findLast((step) => FIXES.includes(step.action) && own(step))
  return fixed ?? steps.findLast((step) => SEATS.includes(step.action) && own(step)) ?? null
}
