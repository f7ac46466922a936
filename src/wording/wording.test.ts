import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { IntlMessageFormat } from 'intl-messageformat'
import { describe, expect, it } from 'vitest'
import { plantBuilds } from '../core/knowledge/plants'
import { TASK_IDS, wireTasks } from '../core/knowledge/plants/tasks'
import type { Message } from '../core/message'
import { lookPlaces } from '../core/plant/acts/looks'
import { replaceableParts } from '../core/plant/acts/replace'
import type { Act } from '../core/plant/acts/types'
import { walk } from '../core/plant/advisor/walk'
import { wiringWalk } from '../core/plant/advisor/wiring'
import { sheetOf } from '../core/plant/describe'
import { drawMachine } from '../core/plant/draw'
import { evidenceOf } from '../core/plant/evidence'
import { planOf } from '../core/plant/input'
import { play } from '../core/plant/play'
import { machineOf } from '../core/plant/rounds.testing'
import { storyOf } from '../core/plant/story'
import { practice } from './en/practice'
import { practiceActs } from './en/practiceActs'
import { sayRound } from './practiceRound'
import { type Catalogue, say, sentence } from './say'

const sources = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) return sources(path)
    return /\.ts$/.test(entry.name) && !/\.(test|testing)\.ts$/.test(entry.name)
      ? [readFileSync(path, 'utf8')]
      : []
  })
const plant = sources('src/core/plant')

/** What a pattern puts in: the names in its braces. */
function namesIn(pattern: string): string[] {
  const names = new Set<string>()
  const collect = (
    nodes: readonly {
      type: number
      value?: unknown
      options?: Record<string, { value: readonly never[] }>
    }[],
  ) => {
    for (const node of nodes) {
      // 0 is text and 7 the figure itself; every other node has the name of what it puts in.
      if (node.type !== 0 && node.type !== 7 && typeof node.value === 'string') names.add(node.value)
      for (const option of Object.values(node.options ?? {})) collect(option.value)
    }
  }
  collect(new IntlMessageFormat(pattern, 'en').getAst() as never)
  return [...names].sort()
}

/** Letters outside the braces turned round: whatever stays readable was said beside the catalogue. */
const turned: Catalogue = Object.fromEntries(
  Object.entries(practice).map(([key, pattern]) => {
    let depth = 0
    const text = [...pattern].map((letter) => {
      if (letter === '{') depth++
      // Text stands outside all braces, and in the branches of a plural two deep.
      const outside = depth % 2 === 0
      if (letter === '}') depth--
      return outside && /[A-Za-z]/.test(letter) ? 'x' : letter
    })
    return [key, text.join('')]
  }),
)

describe('the sentences of the practice machines', () => {
  it('are each said somewhere, and what is said has a sentence', () => {
    const said = new Set(
      plant.flatMap((source) => [...source.matchAll(/'([a-z]+(?:\.[a-z-]+)?)'/g)].map(([, key]) => key)),
    )
    expect(Object.keys(practiceActs).filter((key) => !said.has(key))).toEqual([])
  })

  it('put in only what their key brings', () => {
    const table = readFileSync('src/core/plant/says.ts', 'utf8')
    for (const [key, pattern] of Object.entries(practiceActs)) {
      const line = new RegExp(`^  '?${key.replace('.', '\\.')}'?: (.*)$`, 'm').exec(table)?.[1] ?? ''
      const brought = [...line.matchAll(/(\w+):/g)].map(([, name]) => name)
      expect([key, namesIn(pattern).filter((name) => !brought.includes(name))]).toEqual([key, []])
    }
  })

  it('can each be read as the notation that they are written in', () => {
    const broken = Object.entries(practice).filter(([, pattern]) => {
      try {
        namesIn(pattern)
        return false
      } catch {
        return true
      }
    })
    expect(broken).toEqual([])
  })

  it('are no longer than twenty-five words', () => {
    const words = (text: string) => text.split(/[.!?:]\s/).map((part) => part.split(/\s+/).length)
    const long = Object.entries(practiceActs).filter(([, pattern]) =>
      words(pattern.replace(/\{[^}]*\}/g, 'it')).some((count) => count > 25),
    )
    expect(long.map(([key]) => key)).toEqual([])
  })
})

const builds = [
  ...plantBuilds.map((build) => [`${build.family}, ${build.kind}`, build] as const),
  ...wireTasks.map(({ id, build }) => [id, build] as const),
]

describe.each(builds)('%s', (_, build) => {
  it('has a name for each cover, point, terminal, wire, part and place', () => {
    const keys = [
      ...build.covers.map(({ id }) => `cover.${id}`),
      ...build.points.map(({ id }) => `point.${id}`),
      ...build.terminals.map(({ id }) => `probe.${id}`),
      ...build.wires.flatMap(({ id, colour }) => [`wire.${id.split('-')[0]}`, `colour.${colour}`]),
      ...replaceableParts(build).map(({ id }) => `part.${id}`),
      ...lookPlaces(build).map(({ id }) => `at.${id}`),
      build.place.key,
    ]
    expect(keys.filter((key) => practice[key] === undefined)).toEqual([])
  })

  it('says everything of a whole repair from one catalogue', () => {
    const drawn = machineOf(build, ['bearing-worn'])
    const { answers, acts, state } = walk(drawn, storyOf(drawn))
    // As the page has it, with its end: decided, and looked back on.
    const decided = play(drawn, [...acts, { act: 'decide', cause: 'bearing-worn' }])
    const page = sayRound(
      drawn,
      decided.state,
      [...acts, { act: 'decide', cause: 'bearing-worn' }],
      decided.answers,
      null,
      evidenceOf(drawn, decided.answers),
    )
    expect(page.review?.best.join(' ')).not.toMatch(/undefined|\[object|\{/)
    expect(state.over).toBeNull()
    const sheet = sheetOf(drawn)
    const all: Message[] = [
      ...answers.flatMap(({ text, against }) => [text, ...(against ? [against] : [])]),
      storyOf(drawn).text,
      ...[...sheet.covers, ...sheet.points, ...sheet.probes].map(({ says }) => says),
    ]
    for (const message of all) {
      expect(sentence(message, practice)).not.toMatch(/undefined|\[object|\{/)
      const other = say(message, turned).replace(/-?[\d.,]+ ?(V|Ω|kΩ|MΩ|µF|A|OL)?|OL|°C/g, '')
      expect(other.replace(/x/gi, '')).not.toMatch(/[a-z]{3}/)
    }
  })
})

describe.each(TASK_IDS)('what is to be wired: %s', (task) => {
  const drawn = drawMachine(planOf({ task, seed: '3' }))
  const said = (acts: Act[]) => {
    const { state, answers } = play(drawn, acts)
    return sayRound(drawn, state, acts, answers, null, evidenceOf(drawn, answers))
  }
  it('says its task, each landing by wire and terminal, and what is not right yet', () => {
    const met = said([{ act: 'decide', cause: 'none' }])
    expect(met.acts[0]?.text).toMatch(/^Not yet\. [A-Z]/)
    const done = said(wiringWalk(drawn))
    expect(done.acts.at(-1)?.text).toBe('Yes: it runs as it should.')
    for (const text of [met.story, ...(met.review?.best ?? []), ...done.acts.map((act) => act.text)])
      expect(text).not.toMatch(/undefined|\[object|\{/)
    expect(met.review?.best.join(' ')).toMatch(/Land the \w+ (and white )?(lead|wire|jumper)/)
  })
})

it('a number is said to the figure that its sentence asks for', () => {
  expect(say({ key: 'discharge.slow', params: { volts: 12.345 } }, practice)).toContain('12.3 V')
  expect(say({ key: 'wait', params: { minutes: 1 } }, practice)).toBe('One minute passes.')
})

it('a key without a sentence is an error and no empty line', () => {
  expect(() => say({ key: 'nothing.of.the.kind' }, practice)).toThrow('no sentence')
})
