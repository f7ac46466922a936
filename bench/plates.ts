import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import sharp from 'sharp'
import { openNetworks } from '../scripts/networks'
import { readPicture } from '../src/core/ocr'
import { type PlateFields, readPlate } from '../src/core/plate'
import { makeCorpus, scoreFields } from '../src/core/plate/corpus.testing'
import { surenessOf } from '../src/core/plate/decisive'
import { readPlateWords } from '../src/core/plate/words'
import { renderPlates } from './renderPlates'

const percent = (share: number) => `${(share * 100).toFixed(1)} %`

interface Scored {
  right: number
  wrong: number
  total: number
  /** Every field told, with its confidence and whether it is right. */
  told: { confidence: number; right: boolean }[]
  /** Fields that were wrong or missed, and how often. */
  faults: Map<string, { wrong: number; missed: number }>
}

const none = (): Scored => ({ right: 0, wrong: 0, total: 0, told: [], faults: new Map() })

function fault(sum: Scored, field: string, kind: 'wrong' | 'missed'): void {
  const known = sum.faults.get(field) ?? { wrong: 0, missed: 0 }
  sum.faults.set(field, { ...known, [kind]: known[kind] + 1 })
}

/** How well plates are read, from text and from photos, and how far a confidence can be trusted. */
export async function benchPlates(): Promise<void> {
  for (const damaged of [false, true]) {
    const sum = none()
    for (const plate of makeCorpus().filter((each) => each.damaged === damaged))
      add(sum, scoreFields(plate.truth, readPlate({ text: plate.text, kind: plate.kind }).fields))
    say(`own plates, ${damaged ? 'damaged' : 'clean'} text`, sum)
  }
  const networks = await openNetworks()
  const own = none()
  let spent = 0
  for (const { plate, png } of await renderPlates(20)) {
    const started = performance.now()
    const { words } = await readPicture(await pixelsOf(png), networks)
    spent += performance.now() - started
    add(own, scoreFields(plate.truth, readPlateWords(words, plate.kind).result.fields))
  }
  say('own plates, 20 bad photos', own, `, ${Math.round(spent / 20)} ms each`)
  await benchFolder(networks)
}

/** Plates of another hand in a folder named by PLATES: texts.json, pictures/pictures.json and score.mjs. */
async function benchFolder(networks: Awaited<ReturnType<typeof openNetworks>>): Promise<void> {
  const folder = process.env.PLATES
  if (!folder || !existsSync(join(folder, 'texts.json'))) return
  const { scoreFields: score, same } = (await import(pathToFileURL(join(folder, 'score.mjs')).href)) as {
    scoreFields: (
      expect: Expected,
      fields: PlateFields,
      how: object,
    ) => Record<'right' | 'wrong' | 'missed' | 'invented', string[]> & { total: number }
    same: (name: string, got: unknown, want: unknown, damaged: boolean) => boolean
  }
  const judge = (sum: Scored, plate: Plate, fields: PlateFields, damaged: boolean) => {
    const { open = [], expect } = plate
    const all = score(expect, fields, { damaged, open })
    sum.right += all.right.length
    sum.wrong += all.wrong.length + all.invented.length
    sum.total += all.total
    for (const field of [...all.wrong, ...all.invented]) fault(sum, field, 'wrong')
    for (const field of all.missed) fault(sum, field, 'missed')
    for (const [name, field] of Object.entries(fields))
      if (field && !open.includes(name) && !(name === 'speeds' && field.value === 1))
        sum.told.push({
          confidence: field.confidence,
          right: name in expect && same(name, field.value, expect[name], damaged),
        })
  }
  const texts = read<Plate[] | { plates: Plate[] }>(join(folder, 'texts.json'))
  const plates = Array.isArray(texts) ? texts : texts.plates
  for (const damaged of [false, true]) {
    const sum = none()
    for (const plate of plates.filter((each) => Boolean(each.damaged) === damaged))
      judge(sum, plate, readPlate({ text: (plate.lines ?? []).join('\n') }).fields, damaged)
    say(`other plates, ${damaged ? 'damaged' : 'clean'} text`, sum)
  }
  const pictures = none()
  const listed = read<Plate[]>(join(folder, 'pictures', 'pictures.json'))
  let spent = 0
  for (const plate of listed) {
    const photo = await pixelsOf(readFileSync(join(folder, 'pictures', plate.file ?? '')))
    const started = performance.now()
    const { words } = await readPicture(photo, networks)
    spent += performance.now() - started
    judge(pictures, plate, trusted(words), true)
  }
  say('other plates, pictures', pictures, `, ${Math.round(spent / listed.length)} ms each`)
}

interface Plate {
  damaged?: boolean
  lines?: string[]
  file?: string
  expect: Expected
  open?: string[]
}
type Expected = Record<string, unknown>

/** The fields of a photo with the confidence that the screen shows. */
function trusted(words: Parameters<typeof readPlateWords>[0]): PlateFields {
  const { proposed } = readPlateWords(words)
  return Object.fromEntries(proposed.map(({ key, field, confidence }) => [key, { ...field, confidence }]))
}

const read = <T>(file: string): T => JSON.parse(readFileSync(file, 'utf8')) as T

async function pixelsOf(bytes: Buffer) {
  const { data, info } = await sharp(bytes)
    .rotate()
    .removeAlpha()
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true })
  return { width: info.width, height: info.height, data }
}

function add(sum: Scored, one: { right: number; wrong: number; total: number; faults: string[] }): void {
  sum.right += one.right
  sum.wrong += one.wrong
  sum.total += one.total
  for (const each of one.faults) {
    const field = each.split(/[ :]/)[0] ?? ''
    fault(sum, field, each.endsWith(' missed') ? 'missed' : 'wrong')
  }
}

function say(name: string, { right, wrong, total, told, faults }: Scored, more = ''): void {
  console.log(
    `plates, ${name}: ${percent(right / total)} right, ${percent(wrong / total)} wrong, ${percent((total - right - wrong) / total)} missed, ${total} fields${more}`,
  )
  const byField = [...faults].map(([field, { wrong: w, missed: m }]) => `${field} ${w}/${m}`)
  if (byField.length > 0) console.log(`  wrong/missed: ${byField.sort().join(', ')}`)
  for (const word of ['sure', 'likely', 'question'] as const) {
    const these = told.filter(({ confidence }) => surenessOf(confidence) === word)
    if (these.length > 0)
      console.log(
        `  called ${word}: ${these.length}, right ${percent(these.filter((each) => each.right).length / these.length)}`,
      )
  }
}
