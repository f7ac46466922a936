import type * as Ort from 'onnxruntime-web'
import type { Networks, Tensor } from '@/core/ocr'

/** The two networks from their files, the same in the browser's worker and in Node. */
export async function networksFrom(
  ort: typeof Ort,
  files: { find: Uint8Array; read: Uint8Array; keys: string },
): Promise<Networks> {
  const open = async (bytes: Uint8Array) => {
    const session = await ort.InferenceSession.create(bytes, { executionProviders: ['wasm'] })
    return async (input: Tensor): Promise<Tensor> => {
      const [inName, outName] = [session.inputNames[0] ?? '', session.outputNames[0] ?? '']
      const output = (await session.run({ [inName]: new ort.Tensor('float32', input.data, input.dims) }))[
        outName
      ]
      if (!(output?.data instanceof Float32Array)) throw new Error('The network gave no answer.')
      return { data: output.data, dims: [...output.dims] }
    }
  }
  return {
    find: await open(files.find),
    read: await open(files.read),
    keys: files.keys.replace(/\n$/, '').split('\n'),
  }
}
