import { parseCapacitorLabel } from '../src/core/capacitor'
import { diagnose } from '../src/core/diagnose'
import { isCoreError } from '../src/core/errors'
import { catalogueMotors } from '../src/core/knowledge/catalogue/motors'
import { matchMotors } from '../src/core/match'
import { readPlate } from '../src/core/plate'
import { parseTyped } from '../src/core/units'
import { judgeWinding } from '../src/core/winding'
import { readLine } from '../src/core/words/ledger'
import { readNotice } from '../src/core/words/notice'

/** What a hostile hand repeats: a reader that tries every way through it takes four times as long for twice the text, or for ever. */
const pieces = [
  '1',
  '1 ',
  '1/',
  'a ',
  'A',
  '/',
  '+',
  '±',
  ' ',
  '\n',
  '5+',
  '5uF ',
  '1 1/2 ',
  'M/N ',
  'not ',
  'and ',
]
const CHARACTERS = 10_000

const readers: Record<string, (text: string) => unknown> = {
  'label of a capacitor': (text) => parseCapacitorLabel(text),
  'plate of a motor': (text) => readPlate({ text, kind: 'motor' }),
  'line of the ledger': (text) => readLine({ text }),
  'typed number': (text) => parseTyped(text, 'ohm'),
  'what has stopped': (text) => readNotice({ text }),
}

/** How work grows with its input: the ratio of twice as much to once, 2 where each letter or part is looked at once. */
export function benchGrowth(): void {
  console.log('\nGrowth: time for twice the input against once (2 is linear)')
  for (const [name, read] of Object.entries(readers)) {
    const ratios = pieces.map((piece) => {
      const text = (many: number) => piece.repeat(Math.ceil(many / piece.length))
      return [
        piece,
        spent(() => quiet(read, text(2 * CHARACTERS))) / spent(() => quiet(read, text(CHARACTERS))),
      ] as const
    })
    const [piece, worst] = ratios.reduce((top, each) => (each[1] > top[1] ? each : top))
    console.log(`  ${name.padEnd(24)} worst ${worst.toFixed(1)} on ${JSON.stringify(piece)}`)
  }
  const parts = (many: number) =>
    Array.from({ length: many }, (_, index) => ({
      ...catalogueMotors[index % catalogueMotors.length],
      id: `m${index}`,
    }))
  const old = { id: 'old', motorKind: 'psc' as const, voltages: [208, 230], hp: 1 / 6, rpm: [825] }
  const [small, large] = [parts(25_000), parts(50_000)]
  const match = (candidates: typeof small) => spent(() => matchMotors({ old, candidates, limit: 20 }))
  console.log(`  ${'matching a list'.padEnd(24)} ${(match(large) / match(small)).toFixed(1)}`)
  const leads = (many: number) => Array.from({ length: many }, (_, index) => `l${index}`)
  const winding = (many: number) => {
    const names = leads(many)
    const pairs = names.flatMap((a, i) =>
      names.slice(i + 1).map((b, j) => ({ a, b, ohm: 5 * (j + 1) + (i === 0 ? 20 : 0) })),
    )
    return spent(() => judgeWinding({ leads: names, pairs }))
  }
  const steady = spent(() => diagnose({ family: 'furnace-blower', observations: { 'fan-state': 'hums' } }))
  console.log(`  ${'ten leads for five'.padEnd(24)} ${(winding(10) / winding(5)).toFixed(1)}`)
  console.log(
    `  ${'one diagnosis'.padEnd(24)} ${(steady / spent(() => judgeWinding({ leads: ['a', 'b'], pairs: [] }))).toFixed(0)} times one look at a winding`,
  )
}

function quiet(read: (text: string) => unknown, text: string): void {
  try {
    read(text)
  } catch (error) {
    if (!isCoreError(error)) throw error
  }
}

/** The best of five, in milliseconds: other work on the machine only adds. */
function spent(work: () => unknown): number {
  const times = Array.from({ length: 5 }, () => {
    const begun = performance.now()
    work()
    return performance.now() - begun
  })
  return Math.max(0.001, Math.min(...times))
}
