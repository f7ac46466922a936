import { CoreError } from '../errors'
import { clamp, meter, tester } from './acts/meter'
import { call, cover, held, point } from './acts/points'
import { not } from './acts/reach'
import { replace } from './acts/replace'
import { air, listen, look, push, smell, touch, turn } from './acts/senses'
import { run, wait } from './acts/time'
import type { Act, ActName, ActOf, Answer, Done, Here } from './acts/types'
import { discharge, wire } from './acts/wires'
import { advance } from './advance'
import { type Drawn, hereOf } from './draw'
import { says } from './says'
import type { PlantState } from './state'
import { notWired } from './wired'

/** What is wrong was named; where nothing is, that was said. */
const isRight = (cause: string, faults: Drawn['faults']): boolean =>
  faults.length === 0 ? cause === 'none' : faults.some((fault) => fault.cause === cause)

/** A motor that was to be wired: what the circuit makes of its landings. */
function wiredSaid(drawn: Drawn, state: PlantState): Answer['text'] {
  const [first] = notWired(drawn, state)
  return first ? says('decide.unwired', { first }) : says('decide.wired')
}

type Handlers = { [Name in ActName]: (here: Here, act: ActOf<Name>, drawn: Drawn) => Done }

/** Every act there is; nothing else can be done to a machine. */
const handlers: Handlers = {
  point,
  held,
  call,
  cover,
  wire,
  meter,
  clamp,
  tester,
  discharge,
  look,
  listen,
  smell,
  touch,
  turn,
  push,
  air,
  wait,
  run,
  replace,
  odds: (here, { of }) => {
    const shares = Object.values(of)
    if (shares.some((share) => !(share >= 0)) || shares.reduce((sum, share) => sum + share, 0) <= 0)
      return not(here, says('odds.bad'))
    return {
      state: { ...here.state, odds: [...here.state.odds, { act: here.nth, of }] },
      answer: { ok: true, minutes: 0, text: says('odds') },
    }
  },
  decide: (here, { cause }, drawn) => {
    const { faults } = drawn
    const right = isRight(cause, faults)
    const named = (id: string) => ({ key: `cause.${id}` })
    const was = faults[0]?.cause ?? 'none'
    return {
      state: { ...here.state, over: { decided: cause } },
      answer: {
        ok: true,
        minutes: 0,
        text:
          here.machine.level === 'wire'
            ? wiredSaid(drawn, here.state)
            : right
              ? says('decide.right', { cause: named(cause) })
              : says('decide.wrong', { cause: named(cause), was: named(was) }),
      },
    }
  },
}

export const ACT_NAMES = Object.keys(handlers) as ActName[]

export interface Played {
  state: PlantState
  answers: Answer[]
}

/** One act on a machine as it stands; what is over takes none any more. */
export function step(drawn: Drawn, state: PlantState, act: Act, nth: number): Done {
  const here = hereOf(drawn, state, nth)
  if (state.over) return not(here, says('over'))
  // One handler for each name: TypeScript does not follow the pair through the table.
  const handler = handlers[act.act] as ((here: Here, act: Act, drawn: Drawn) => Done) | undefined
  if (!handler)
    throw new CoreError(
      'unknown-act',
      `There is no act "${String(act.act)}". Acts: ${ACT_NAMES.join(', ')}.`,
      `acts[${nth}].act`,
    )
  const done = handler(here, act, drawn)
  return passing(here, act, done)
}

/** An act takes its usual minutes, and the machine goes on meanwhile; waiting and running have let theirs pass. */
function passing(here: Here, { act }: Act, { state, answer }: Done): Done {
  const minutes = state.minutes + answer.minutes
  const timed = act === 'wait' || act === 'run' || answer.minutes === 0 || state.over !== null
  const after = timed ? state : advance(here.machine, state, answer.minutes * 60)
  return { state: { ...after, minutes }, answer }
}

/** Play the acts in their order from the machine as it is met. @throws CoreError `unknown-act`, `unknown-probe` */
export function play(drawn: Drawn, acts: Act[]): Played {
  let state = drawn.start
  const answers: Answer[] = []
  acts.forEach((act, nth) => {
    const done = step(drawn, state, act, nth)
    state = done.state
    answers.push(done.answer)
  })
  return { state, answers }
}
