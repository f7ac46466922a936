import { join } from 'node:path'
import sharp from 'sharp'
import { createWorker, OEM, PSM } from 'tesseract.js'
import { preparePlate, toGrey } from '../src/core/image'
import { readPlate } from '../src/core/plate'
import { makeCorpus, scoreFields } from '../src/core/plate/corpus.testing'
import {
  DOUBTFUL_CONFIDENCE,
  meanConfidence,
  type RecognisedWord,
  readPlateWords,
  TURNS_TO_TRY,
  wordsOfBlocks,
} from '../src/core/plate/words'
import { renderPlates } from './renderPlates'

const percent = (share: number) => `${(share * 100).toFixed(1)} %`

/** How well plates are read: from text clean and damaged, and from bad photos. The peer is the same text read by plain recognition without preparation. */
export async function benchPlates(): Promise<void> {
  for (const damaged of [false, true]) {
    const scores = makeCorpus()
      .filter((plate) => plate.damaged === damaged)
      .map((plate) => scoreFields(plate.truth, readPlate({ text: plate.text, kind: plate.kind }).fields))
    const [right, wrong, total] = ['right', 'wrong', 'total'].map((key) =>
      scores.reduce((sum, each) => sum + each[key as 'right'], 0),
    ) as [number, number, number]
    console.log(
      `plates, ${damaged ? 'damaged' : 'clean'} text: ${percent(right / total)} right, ${percent(wrong / total)} wrong, ${total} fields`,
    )
  }
  const rendered = await renderPlates(20)
  const folder = join(process.cwd(), 'public', 'ocr')
  const engine = await createWorker('eng', OEM.LSTM_ONLY, {
    langPath: folder,
    cacheMethod: 'none',
    gzip: true,
  })
  await engine.setParameters({ tessedit_pageseg_mode: PSM.SINGLE_BLOCK, preserve_interword_spaces: '1' })
  for (const prepared of [true, false]) {
    let [right, wrong, total] = [0, 0, 0]
    const started = Date.now()
    for (const { plate, png, harm } of rendered) {
      const words = await recognise(engine, png, prepared)
      const score = scoreFields(plate.truth, readPlateWords(words, plate.kind).result.fields)
      right += score.right
      wrong += score.wrong
      total += score.total
      if (process.env.VERBOSE && prepared)
        console.log(harm, score.faults.join('; '), '\n', words.map((word) => word.text).join(' '))
    }
    console.log(
      `plates, 20 bad photos, ${prepared ? 'prepared' : 'as they are'}: ${percent(right / total)} right, ${percent(wrong / total)} wrong, ${total} fields, ${Math.round((Date.now() - started) / 20)} ms each`,
    )
  }
  await engine.terminate()
}

async function recognise(
  engine: Awaited<ReturnType<typeof createWorker>>,
  png: Buffer,
  prepared: boolean,
): Promise<RecognisedWord[]> {
  let best: { words: RecognisedWord[]; score: number } = { words: [], score: -1 }
  for (const turn of prepared ? TURNS_TO_TRY : ([0] as const)) {
    const words = wordsOfBlocks(
      (await engine.recognize(prepared ? await prepare(png, turn) : png, {}, { text: true, blocks: true }))
        .data.blocks,
    )
    const score = meanConfidence(words)
    if (score > best.score) best = { words, score }
    if (turn === 0 && score > DOUBTFUL_CONFIDENCE) break
  }
  return best.words
}

async function prepare(png: Buffer, quarterTurns: number): Promise<Buffer> {
  const { data, info } = await sharp(png).ensureAlpha().raw().toBuffer({ resolveWithObject: true })
  const { picture } = preparePlate(toGrey(new Uint8ClampedArray(data), info.width, info.height), quarterTurns)
  return sharp(Buffer.from(picture.data), {
    raw: { width: picture.width, height: picture.height, channels: 1 },
  })
    .png()
    .toBuffer()
}
