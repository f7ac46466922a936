import { writeFileSync } from 'node:fs'
import { seeded } from '../src/core/random'
import { windowsOf } from '../src/core/words/guess/features'
import { learn, type Weights } from '../src/core/words/guess/learn'
import { type Example, learned, madeUp } from '../src/core/words/guess/trainingSet.testing'
import { read } from '../src/core/words/reader/read'

const FILE = 'src/core/words/guess/weights.json'
/** Sentences made up of each frame. */
const EACH = 40
/** A sentence that somebody wrote counts as so many that were made up. */
const WRITTEN = 6
/** A danger of which fewer sentences are known, as of one that is told by a name alone, is left to the rules. */
const FEWEST = 40
/** Weights nearer to zero say nothing. */
const LEAST = 0.4

interface Learning {
  example: Example
  weight: number
  /** Of a danger the window that names most of it; of what is harmless every window. */
  features: ReadonlySet<string>[]
}

/** Learn the weights of each danger from the sets and write them: the same every time. */
export function train(): void {
  const set: Learning[] = [
    ...madeUp(EACH, seeded(5)).map((example) => ({ example, weight: 1 })),
    ...learned.map((example) => ({ example, weight: WRITTEN })),
  ].map((each) => ({ ...each, features: windowsToLearn(each.example) }))
  const stops = [...new Set(set.flatMap(({ example }) => (example.stop ? [example.stop] : [])))].filter(
    (stop) => set.filter(({ example }) => example.stop === stop).length >= FEWEST,
  )
  const known = oftenEnough(set)
  const weightsOf = (
    isOne: (stop: Example['stop']) => boolean,
    use: (feature: string) => boolean,
  ): Weights => {
    const samples = set.flatMap(({ example, weight, features }) =>
      features.map((each) => ({
        features: new Set([...each].filter((feature) => known.has(feature) && use(feature))),
        is: isOne(example.stop),
        weight,
      })),
    )
    return pruned(learn(samples, { rounds: 6, shrink: 0.0005, random: seeded(9) }))
  }
  const weights = {
    any: weightsOf(
      (told) => told !== null,
      () => true,
    ),
    ...Object.fromEntries(
      stops.map((stop) => [
        stop,
        weightsOf(
          (told) => told === stop,
          (feature) => !feature.includes(' '),
        ),
      ]),
    ),
  }
  writeFileSync(FILE, `${JSON.stringify(weights)}\n`)
  console.log(`${FILE}: ${stops.length} dangers from ${set.length} sentences`)
}

/** What so few sentences have says nothing of others. */
const FEWEST_WITH = 3

function oftenEnough(set: readonly Learning[]): Set<string> {
  const counts = new Map<string, number>()
  for (const { features } of set.filter(({ weight }) => weight > 1))
    for (const feature of new Set(features.flatMap((each) => [...each])))
      counts.set(feature, (counts.get(feature) ?? 0) + 1)
  return new Set([...counts].flatMap(([feature, count]) => (count >= FEWEST_WITH ? [feature] : [])))
}

function windowsToLearn({ text, stop }: Example): Set<string>[] {
  const windows = windowsOf(read(text))
  return stop ? [windows.reduce((most, each) => (each.size > most.size ? each : most))] : windows
}

const pruned = (weights: Weights): Weights =>
  Object.fromEntries(
    Object.entries(weights)
      .filter(([feature, weight]) => feature === '' || Math.abs(weight) >= LEAST)
      .map(([feature, weight]) => [feature, Math.round(weight * 10) / 10]),
  )
