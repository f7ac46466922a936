import type { PlateKind } from '@/core/plate'
import {
  DOUBTFUL_CONFIDENCE,
  meanConfidence,
  type ProposedField,
  type RecognisedWord,
  readPlateWords,
  TURNS_TO_TRY,
  wordsOfBlocks,
} from '@/core/plate/words'

export interface Recognition {
  proposed: ProposedField[]
  text: string
  unread: string[]
  picture: Blob
  width: number
  height: number
}

export interface Progress {
  step: string
  share: number
}

/**
 * Read a plate from a photo: prepared and recognised in workers, with data that ships with the application.
 * @throws DOMException AbortError when cancelled; Error with a sentence where the file is no picture
 */
export async function recognisePlate(
  photo: Blob,
  kind: PlateKind | undefined,
  onProgress: (progress: Progress) => void,
  signal: AbortSignal,
): Promise<Recognition> {
  onProgress({ step: 'Loading the reader', share: 0.02 })
  const { createWorker, OEM, PSM } = await import('tesseract.js')
  let turn = 0
  const engine = await createWorker('eng', OEM.LSTM_ONLY, {
    workerPath: '/ocr/worker.min.js',
    corePath: '/ocr',
    langPath: '/ocr',
    workerBlobURL: false,
    cacheMethod: 'none',
    logger: ({ status, progress }) => {
      if (status === 'recognizing text')
        onProgress({
          step: turn === 0 ? 'Reading' : 'Reading it turned',
          share: 0.2 + 0.2 * turn + 0.2 * progress,
        })
    },
  })
  const stop = () => void engine.terminate()
  signal.addEventListener('abort', stop)
  try {
    await engine.setParameters({ tessedit_pageseg_mode: PSM.SINGLE_BLOCK, preserve_interword_spaces: '1' })
    let best: {
      words: RecognisedWord[]
      score: number
      picture: Blob
      width: number
      height: number
    } | null = null
    for (turn = 0; turn < TURNS_TO_TRY.length; turn++) {
      signal.throwIfAborted()
      onProgress({ step: 'Preparing the picture', share: 0.1 + 0.2 * turn })
      const prepared = await prepare(photo, TURNS_TO_TRY[turn]!)
      signal.throwIfAborted()
      const { data } = await engine.recognize(prepared.picture, {}, { text: true, blocks: true })
      const words = wordsOfBlocks(data.blocks)
      const score = meanConfidence(words)
      if (!best || score > best.score) best = { words, score, ...prepared }
      if (turn === 0 && score > DOUBTFUL_CONFIDENCE) break
    }
    const { result, proposed, text } = readPlateWords(best!.words, kind)
    return {
      proposed,
      text,
      unread: result.unread,
      picture: best!.picture,
      width: best!.width,
      height: best!.height,
    }
  } catch (error) {
    signal.throwIfAborted()
    throw error
  } finally {
    signal.removeEventListener('abort', stop)
    void engine.terminate()
  }
}

function prepare(
  photo: Blob,
  quarterTurns: number,
): Promise<{ picture: Blob; width: number; height: number }> {
  const worker = new Worker(new URL('../../workers/picture.worker.ts', import.meta.url), { type: 'module' })
  return new Promise((resolve, reject) => {
    worker.onmessage = (
      event: MessageEvent<{ picture: Blob; width: number; height: number; error?: string }>,
    ) => {
      worker.terminate()
      if (event.data.error) reject(new Error(event.data.error))
      else resolve(event.data)
    }
    worker.onerror = () => {
      worker.terminate()
      reject(new Error('The picture could not be prepared. Try a smaller one.'))
    }
    worker.postMessage({ photo, quarterTurns })
  })
}
