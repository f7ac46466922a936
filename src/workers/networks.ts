import type * as Ort from 'onnxruntime-web'
import type { Networks } from '@/core/ocr'
import { networksFrom } from './sessions'

/** What ships with the application for reading pictures, from our own origin. */
const FOLDER = '/ocr'

/** The two networks in this worker: several threads where the page is isolated, one at a home network's plain address. */
export async function openNetworks(onLoaded: (share: number) => void): Promise<Networks> {
  const ort: typeof Ort = await import(/* turbopackIgnore: true */ `${FOLDER}/ort.wasm.bundle.min.mjs`)
  ort.env.logLevel = 'error'
  ort.env.wasm.numThreads = self.crossOriginIsolated ? Math.min(4, navigator.hardwareConcurrency) : 1
  ort.env.wasm.wasmPaths = { wasm: `${FOLDER}/ort-wasm-simd-threaded.wasm` }
  onLoaded(0.2)
  const [find, read, keys] = await Promise.all([
    bytesOf('ch_PP-OCRv4_det_infer.onnx'),
    bytesOf('ch_PP-OCRv4_rec_infer.onnx'),
    fetched('ppocr_keys_v1.txt').then((response) => response.text()),
  ])
  onLoaded(0.6)
  const networks = await networksFrom(ort, { find, read, keys })
  onLoaded(1)
  return networks
}

async function bytesOf(file: string): Promise<Uint8Array> {
  return new Uint8Array(await (await fetched(file)).arrayBuffer())
}

async function fetched(file: string): Promise<Response> {
  const response = await fetch(`${FOLDER}/${file}`)
  if (!response.ok)
    throw new Error(
      'The reader of pictures could not be loaded. Start the application again, or type the plate.',
    )
  return response
}
