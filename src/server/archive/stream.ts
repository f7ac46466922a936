/** Pieces that are made one after another, as the body of an answer: none is made before it is asked for. */
export const streamOf = (pieces: AsyncGenerator<Uint8Array>): ReadableStream<Uint8Array> =>
  new ReadableStream<Uint8Array>({
    async pull(controller) {
      const next = await pieces.next()
      if (next.done) controller.close()
      else controller.enqueue(next.value)
    },
    async cancel() {
      await pieces.return(undefined)
    },
  })
