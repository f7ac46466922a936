import { lessonOf } from '../core/knowledge/plants/lessons'
import type { Message } from '../core/message'
import { wireNamed } from '../core/plant/acts/reach'
import { type Act, type Answer, isDangerous } from '../core/plant/acts/types'
import { sheetOf } from '../core/plant/describe'
import type { Drawn } from '../core/plant/draw'
import type { Evidence } from '../core/plant/evidence'
import { goalMet } from '../core/plant/lesson'
import { reviewOf } from '../core/plant/review'
import type { PlantState } from '../core/plant/state'
import { type RoundView, viewOf } from '../core/plant/view'
import { practice } from './en/practice'
import { say, sentence } from './say'

interface Named {
  id: string
  name: string
}

/** One act and what it answered, as a line to read. */
export interface SaidAct {
  act: Act
  text: string
  against: string | null
  ok: boolean
  minutes: number
  display: string | null
  /** What was heard, to be played. */
  sound: string | null
  bits: number
  danger: boolean
}

export interface SaidReview {
  right: boolean
  causes: Named[]
  minutes: number
  tests: number
  open: (Named & { probability: number })[]
  oddsBits: number | null
  best: string[]
  bestTests: number
  bestMinutes: number
}

/** A round with every word said: what the page shows and nothing that it would have to look up. */
export interface SaidRound {
  view: Omit<RoundView, 'wires'>
  code: string
  family: string
  level: string
  story: string
  plate: string[]
  capacitorLabel: string | null
  names: {
    probes: Record<string, string>
    points: Record<string, string>
    covers: Record<string, string>
    looks: Record<string, string>
    parts: Record<string, string>
    causes: Record<string, string>
  }
  wires: (Omit<RoundView['wires'][number], 'says'> & { name: string })[]
  acts: SaidAct[]
  lessonDone: boolean
  review: SaidReview | null
}

const said = (message: Message): string => say(message, practice)
const named = (prefix: string, ids: readonly string[]): Record<string, string> =>
  Object.fromEntries(ids.map((id) => [id, said({ key: `${prefix}.${id}` })]))

export function sayRound(
  drawn: Drawn,
  state: PlantState,
  acts: Act[],
  answers: Answer[],
  lesson: string | null,
  evidence: Evidence,
): SaidRound {
  const view = viewOf(drawn, state, acts, answers, evidence)
  const sheet = sheetOf(drawn)
  const asked = lesson ? lessonOf(lesson) : undefined
  const { wires, ...rest } = view
  return {
    view: rest,
    code: drawn.code,
    family: sheet.family,
    level: drawn.plan.level,
    story: said(sheet.story.text),
    plate: plateLines(sheet.plate),
    capacitorLabel: sheet.capacitorLabel ?? null,
    names: {
      probes: named(
        'probe',
        sheet.probes.map(({ id }) => id),
      ),
      points: named(
        'point',
        view.points.map(({ id }) => id),
      ),
      covers: named(
        'cover',
        view.covers.map(({ id }) => id),
      ),
      looks: named('at', [
        ...view.looks.map(({ id }) => id),
        'machine',
        'motor',
        'hub',
        'mount',
        'compressor',
      ]),
      parts: named(
        'part',
        view.parts.map(({ id }) => id),
      ),
      causes: named('cause', ['none', ...view.causes, ...view.suspects.map(({ cause }) => cause)]),
    },
    wires: wires.map(({ says, ...wire }) => ({ ...wire, name: said(says) })),
    acts: answers.flatMap((answer, i) => {
      const act = acts[i]
      return act ? [saidAct(act, answer, view.bits[i] ?? 0)] : []
    }),
    lessonDone: asked ? goalMet(asked, drawn, acts, answers, state) : false,
    review: view.over && 'decided' in view.over ? saidReview(drawn, answers, state) : null,
  }
}

const saidAct = (act: Act, answer: Answer, bits: number): SaidAct => ({
  act,
  text: sentence(answer.text, practice),
  against: answer.against ? sentence(answer.against, practice) : null,
  ok: answer.ok,
  minutes: answer.minutes,
  display: answer.reading?.display ?? null,
  sound: act.act === 'listen' && typeof answer.sense?.sound === 'string' ? answer.sense.sound : null,
  bits,
  danger: isDangerous(answer),
})

function saidReview(drawn: Drawn, answers: Answer[], state: PlantState): SaidReview {
  const review = reviewOf(drawn, answers, state)
  const causes = review.causes.length > 0 ? review.causes : ['none']
  return {
    right: review.right,
    causes: causes.map((id) => ({ id, name: said({ key: `cause.${id}` }) })),
    minutes: review.minutes,
    tests: review.tests,
    open: review.open.map(({ cause, probability }) => ({
      id: cause,
      name: said({ key: `cause.${cause}` }),
      probability,
    })),
    oddsBits: review.oddsBits ?? null,
    best: review.best.map((act) => saidPlan(act, drawn)),
    bestTests: review.bestTests,
    bestMinutes: review.bestMinutes,
  }
}

/** An act as something to do, for the walk of the advisor. */
function saidPlan(act: Act, { machine }: Drawn): string {
  const name = (prefix: string, id: string) => said({ key: `${prefix}.${id}` })
  const params = (): Message['params'] => {
    switch (act.act) {
      case 'point':
      case 'held':
        return { what: name('point', act.id), to: 'to' in act ? act.to : 'off' }
      case 'cover':
        return { what: name('cover', act.id), to: act.to }
      case 'meter':
        return {
          what: { key: `range.${act.range}` },
          red: name('probe', act.red),
          black: name('probe', act.black),
        }
      case 'wire': {
        const colour = machine.build.wires.find(({ id }) => id === act.id)?.colour ?? 'black'
        const wire = say(wireNamed(act.id, colour), practice)
        return act.to === 'off' ? { wire } : { wire, what: name('probe', act.to) }
      }
      case 'discharge':
        return { red: name('probe', act.a), black: name('probe', act.b) }
      case 'look':
      case 'touch':
        return { what: name('at', act.at ?? 'machine') }
      case 'wait':
        return { minutes: act.minutes }
      case 'run':
        return { seconds: act.seconds }
      case 'replace':
        return { what: name('part', act.part) }
      case 'call':
        return {
          to: act.on ? 'on' : 'off',
          speed: act.speed ? say({ key: `at-speed.${act.speed}` }, practice) : '',
        }
      default:
        return {}
    }
  }
  const key = act.act === 'wire' && act.to === 'off' ? 'wire-off' : act.act
  return sentence({ key: `plan.${key}`, params: params() ?? {} }, practice)
}

/** The plate as its lines would be printed. */
function plateLines(plate: Record<string, unknown>): string[] {
  const list = (value: unknown): string => (Array.isArray(value) ? value.join('/') : String(value))
  return Object.entries(plate).flatMap(([field, value]) => {
    const key = `plate.${field}`
    return practice[key] === undefined ? [] : [said({ key, params: { value: list(value) } })]
  })
}
