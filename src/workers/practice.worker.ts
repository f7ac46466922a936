import { CoreError, type ErrorShape, isCoreError } from '@/core/errors'
import {
  type Act,
  type Answer,
  type Drawn,
  drawMachine,
  type PlantState,
  planOfCode,
  step,
} from '@/core/plant'
import { beginEvidence, type Evidence, withAnswer } from '@/core/plant/evidence'
import { type SaidRound, sayRound } from '@/wording/practiceRound'

export type ToMachine =
  | { kind: 'open'; code: string; lesson: string | null; acts: Act[] }
  | { kind: 'act'; act: Act }

export type FromMachine =
  | { kind: 'progress'; done: number; of: number }
  | { kind: 'round'; round: SaidRound; milliseconds: number }
  | { kind: 'refused'; error: ErrorShape }

interface Running {
  drawn: Drawn
  lesson: string | null
  state: PlantState
  acts: Act[]
  answers: Answer[]
  evidence: Evidence
}

let running: Running | null = null
const post = (message: FromMachine) => self.postMessage(message)

/** One machine, simulated off the page's thread: opened by its code with the acts so far, then act by act. */
self.onmessage = ({ data }: MessageEvent<ToMachine>) => {
  const started = performance.now()
  try {
    running = data.kind === 'open' ? opened(data) : acted(data.act)
    const { drawn, state, acts, answers, lesson, evidence } = running
    post({
      kind: 'round',
      round: sayRound(drawn, state, acts, answers, lesson, evidence),
      milliseconds: performance.now() - started,
    })
  } catch (error) {
    const known = isCoreError(error)
      ? error
      : new CoreError('internal', 'This act could not be worked out. Nothing was changed.')
    post({ kind: 'refused', error: known.toShape() })
  }
}

function opened({ code, lesson, acts }: Extract<ToMachine, { kind: 'open' }>): Running {
  const drawn = drawMachine(planOfCode(code))
  let now: Running = {
    drawn,
    lesson,
    state: drawn.start,
    acts: [],
    answers: [],
    evidence: beginEvidence(drawn),
  }
  acts.forEach((act, i) => {
    now = after(now, act)
    if (i % 10 === 9) post({ kind: 'progress', done: i + 1, of: acts.length })
  })
  return now
}

function acted(act: Act): Running {
  if (!running) throw new CoreError('not-open', 'This round is not open yet. Load the page again.')
  return after(running, act)
}

function after(now: Running, act: Act): Running {
  const { state, answer } = step(now.drawn, now.state, act, now.acts.length)
  const evidence = withAnswer(now.drawn, now.evidence, answer)
  return { ...now, state, acts: [...now.acts, act], answers: [...now.answers, answer], evidence }
}
