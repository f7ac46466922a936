import { figuresOf, figureText } from './figures'
import { INVERSE } from './inverse'
import { type BackMove, withMoves } from './moved'
import { backOrder } from './order'
import { sealsOf } from './seals'
import type {
  BackAction,
  BackStep,
  Figure,
  LineAction,
  RefitResult,
  RefitStep,
  RefitWork,
  TallyLine,
} from './types'
import { lastFixing, withWork } from './work'

/** Acts that cannot be undone as they were; said before they are done. */
export const irreversible: Partial<Record<LineAction, string>> = {
  'cut-wire': 'A cut wire is spliced on the way back. Is there a plug or terminal instead?',
  unsolder: 'A soldered joint takes skill to make again. Photograph it first.',
  'break-seal': 'A broken seal is renewed. Have the gasket or sealant at hand.',
  'cut-tie': 'A cut tie is renewed.',
}

/** A loosened screw stays on its part and a seal on its joint: neither is moved over by itself. */
const moves = (step: RefitStep, index: number, newPart: number | null) =>
  Boolean(step.movesToNewPart) &&
  index !== newPart &&
  !step.extra &&
  INVERSE[step.action] !== undefined &&
  step.action !== 'loosen' &&
  step.action !== 'break-seal'

/**
 * The way back from a ledger of acts: each act inverted, in reverse, dependencies kept, each seal right before its part,
 * a part that moves over where the reverse has it. Counts each cup's fasteners, renewals and what must be undone.
 *
 * @example wayBack({ steps: [{ id: 'a', action: 'unplug', part: 'plug' }, { id: 'b', action: 'lift-off', part: 'motor' }] })
 *   .steps.map((step) => step.action) // ['set-on', 'plug']
 * @param input.steps acts in the order of the way in  @param input.replaced the part that is replaced
 * @param input.moves lines of the way back that the person has put elsewhere, in the order of the moves
 * @param refuse says why a step is a forbidden bypass; the lines of a job were looked at when they were written
 */
export function wayBack(
  input: { steps: RefitStep[]; replaced?: string; moves?: BackMove[]; work?: RefitWork[] },
  refuse: (step: RefitStep) => string | null = () => null,
): RefitResult {
  const { steps, replaced } = input
  const problems = lineProblems(steps, refuse)
  const newPart = newPartIndex(steps, replaced)
  const seals = sealsOf(steps)
  const figures = figuresOf(steps)
  const { order, circle } = backOrder(steps, seals)
  if (circle.length > 0)
    problems.push({
      code: 'cycle',
      text: `These steps wait for each other: ${circle.join(', ')}. Take one "after" away.`,
    })

  const back = order.flatMap((index) => {
    const step = steps[index]
    if (!step || step.extra) return []
    const line = inverted(step, index === newPart, moves(step, index, newPart))
    return line ? [withFigures(line, figures.at.get(index) ?? [])] : []
  })
  if (back.length === 0)
    problems.push({
      code: 'nothing-to-refit',
      text: 'Nothing in the ledger has a way back yet: add what was taken off.',
    })
  for (const step of figures.lost)
    problems.push({
      code: 'figure-without-line',
      text: `What was ${step.action === 'mark' ? 'marked' : 'measured'} (“${step.part}”) finds no line on the way back: say of which part it tells the place.`,
      from: step.id,
    })
  const renew = steps.flatMap((step) =>
    step.renew
      ? [{ material: step.renew.material, part: step.part, cureHours: step.renew.cureHours ?? 0 }]
      : [],
  )
  const result: RefitResult = {
    steps: withWork(back, input.work ?? [], newPart === null ? null : (steps[newPart]?.id ?? null)),
    tally: tallyOf(steps),
    transfers: steps.filter((step, index) => moves(step, index, newPart)).map((step) => step.part),
    renew,
    waitHours: Math.max(0, ...renew.map((item) => item.cureHours)),
    mustUndo: steps.filter((step) => step.temporary || step.action === 'bypass').map((step) => step.id),
    problems,
  }
  const moved = withMoves(
    result,
    steps,
    input.moves ?? [],
    seals,
    newPart === null ? null : (steps[newPart]?.id ?? null),
  )
  lastFixing(moved.steps)?.checks.push('turns free, equal gaps')
  return moved
}

/** The line with what was measured and marked of its part on the way in. */
const withFigures = (line: BackStep, figures: Figure[]): BackStep =>
  figures.length === 0
    ? line
    : {
        ...line,
        checks: [...line.checks, ...figures.map(figureText)],
        figures: figures.map(({ part, ...figure }) => figure),
      }

/** What is wrong with single lines: an unknown act or neighbour, a bypass that is refused, a fastener that stays off. */
function lineProblems(
  steps: RefitStep[],
  refuse: (step: RefitStep) => string | null,
): RefitResult['problems'] {
  const problems: RefitResult['problems'] = []
  const ids = new Set(steps.map((step) => step.id))
  for (const step of steps) {
    if (step.action === 'note')
      problems.push({
        code: 'unknown-act',
        text: `Nobody has said what was done in "${step.part}": choose its act, so that it has a way back.`,
      })
    for (const before of [...(step.after ?? []), ...(step.seals === undefined ? [] : [step.seals])]) {
      if (!ids.has(before))
        problems.push({
          code: 'unknown-step',
          text: `"${step.part}" names a step "${before}" that is not in the ledger.`,
        })
    }
    const refusal = refuse(step)
    if (refusal) problems.push({ code: 'forbidden-bypass', text: `${refusal} Undo it now.` })
    if (step.extra && (step.fastener || step.cup)) {
      problems.push({
        code: 'leftover',
        text: `${step.count ?? 1} ${step.fastener ?? 'fastener'} of "${step.part}" stays off${step.cup ? `, in cup ${step.cup}` : ''}. Find where it belongs.`,
      })
    }
  }
  return problems
}

/** Where the replaced part came out: the last such line, since it comes out last. */
function newPartIndex(steps: RefitStep[], replaced: string | undefined): number | null {
  if (!replaced) return null
  const wanted = replaced.trim().toLowerCase()
  const index = steps.findLastIndex(
    (step) =>
      (step.action === 'lift-off' || step.action === 'slide-out') &&
      step.part.trim().toLowerCase() === wanted,
  )
  return index < 0 ? null : index
}

function inverted(step: RefitStep, isNewPart: boolean, movesOver: boolean): BackStep | null {
  if (movesOver) {
    const held = fastenersOf(step)
    return {
      from: step.id,
      action: 'transfer',
      part: step.part,
      text: `Put ${step.part} onto the new part${held ? `, ${held}` : ''}.`,
      checks: [...(step.mark ? [`at its mark: ${step.mark}`] : []), ...checksOf(step, 'transfer')],
    }
  }
  const action = INVERSE[step.action]
  if (!action) return null
  return {
    from: step.id,
    action,
    part: step.part,
    text: textOf(step, action, isNewPart),
    checks: checksOf(step, action),
  }
}

/** A cap or a clip is itself what lies in the cup. */
const pieces = ({ action, count = 1, fastener }: RefitStep): string =>
  fastener === undefined && action === 'unclip' ? String(count) : `${count} × ${fastener ?? 'fastener'}`

const fastenersOf = (step: RefitStep) =>
  step.fastener || step.cup ? `${pieces(step)}${step.cup ? ` from cup ${step.cup}` : ''}` : ''

function textOf(step: RefitStep, action: BackAction, isNewPart: boolean): string {
  const part = isNewPart ? `the new ${step.part}` : step.part
  const held = fastenersOf(step)
  const place = step.terminal ? ` to ${step.terminal}` : ''
  const renewed = step.renew ? ` with new ${step.renew.material}` : ''
  const verb: Record<BackAction, string> = {
    screw: `Screw ${part} on`,
    tighten: `Tighten ${part}`,
    plug: /\bplugs?$/i.test(part) ? `Push ${part} in${place}` : `Plug ${part} in${place}`,
    connect: `Connect ${part}${place}`,
    'push-hose': `Push ${part} on ${(step.count ?? 1) > 1 ? 'their ports' : 'its port'}${place}`,
    clip: `Clip ${part} in`,
    'set-on': `Set ${part} on`,
    'slide-in': `Slide ${part} in`,
    // What it is renewed with stands behind it.
    tie: !step.renew
      ? `Tie ${part} with a new tie`
      : /\bties?$/i.test(part)
        ? `Renew ${part}`
        : `Tie ${part}`,
    splice: `Splice ${part}${place}`,
    solder: `Solder ${part}${place}`,
    seal: step.renew ? `Renew ${part}` : `Seal ${part}`,
    'close-drain': `Close the drain of ${part}`,
    transfer: '',
    work: '',
  }
  const mark = step.mark ? `: ${step.mark}` : ''
  return `${verb[action]}${renewed}${held ? `, ${held}` : ''}${mark}.`
}

function checksOf(step: RefitStep, action: BackAction): string[] {
  const checks: string[] = []
  const about = step.part.toLowerCase()
  if (action === 'plug') checks.push('latched')
  if (action === 'push-hose') checks.push('on its port and clamped')
  if (action === 'connect') checks.push(step.terminal ? `sits tight on ${step.terminal}` : 'sits tight')
  if (action === 'splice') checks.push('in a box or cabinet, out of the air stream')
  if (action === 'tie') checks.push('wires clear of the wheel')
  if (/ground|earth/.test(about) && (action === 'connect' || action === 'screw'))
    checks.push('ground on bare metal')
  if (/wheel|blade|impeller/.test(about) && ['set-on', 'slide-in', 'tighten', 'transfer'].includes(action)) {
    checks.push('set screw on the flat')
  }
  if (action === 'close-drain')
    checks.push(/trap|pan/.test(about) ? 'drain closed, trap refilled with water' : 'drain closed')
  if (step.renew?.cureHours) checks.push(`let it cure ${step.renew.cureHours} h before water or heat comes`)
  return checks
}

/** Fasteners per cup and kind; a loosened one stays in its place and is not counted unless it went into a cup. */
function tallyOf(steps: RefitStep[]): TallyLine[] {
  const lines = new Map<string, TallyLine>()
  for (const step of steps) {
    if (!step.cup && !step.fastener) continue
    if (step.action === 'loosen' && !step.cup) continue
    const key = `${step.cup ?? ''}\u0000${step.fastener ?? ''}`
    const line = lines.get(key) ?? {
      cup: step.cup ?? null,
      fastener: step.fastener ?? null,
      removed: 0,
      refitted: 0,
    }
    const count = step.count ?? 1
    lines.set(key, {
      ...line,
      removed: line.removed + count,
      refitted: line.refitted + (step.extra ? 0 : count),
    })
  }
  return [...lines.values()].sort((one, two) => (one.cup ?? '').localeCompare(two.cup ?? ''))
}
