/** One shape of error from the core to the screen. The message is a sentence that says what to do. */
export interface ErrorShape {
  code: string
  message: string
  /** Where in the input, as `readings[0].uF`; empty for the whole input. */
  path: string
  /** What the sentence was made of, where it comes from a table of sentences: a reader may word it anew. */
  worded?: Worded
}

/** A sentence of a table, by its key, with what was put into it. */
export interface Worded {
  key: string
  params: readonly (string | number)[]
}

/** Thrown by core functions when the input cannot be worked with. Never carries a stack to the person. */
export class CoreError extends Error {
  readonly code: string
  readonly path: string
  readonly worded: Worded | undefined

  constructor(code: string, message: string, path = '', worded?: Worded) {
    super(message)
    this.code = code
    this.path = path
    this.worded = worded
  }

  toShape(): ErrorShape {
    const { code, message, path, worded } = this
    return worded ? { code, message, path, worded } : { code, message, path }
  }
}

/** `instanceof` fails across bundles, so the shape decides. */
export function isCoreError(error: unknown): error is CoreError {
  // A file-system error has a code and a path too; only ours tells its shape.
  return error instanceof Error && typeof (error as CoreError).toShape === 'function'
}
