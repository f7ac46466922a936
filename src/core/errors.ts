/** One shape of error from the core to the screen. The message is a sentence that says what to do. */
export interface ErrorShape {
  code: string
  message: string
  /** Where in the input, as `readings[0].uF`; empty for the whole input. */
  path: string
}

/** Thrown by core functions when the input cannot be worked with. Never carries a stack to the person. */
export class CoreError extends Error {
  readonly code: string
  readonly path: string

  constructor(code: string, message: string, path = '') {
    super(message)
    this.code = code
    this.path = path
  }

  toShape(): ErrorShape {
    return { code: this.code, message: this.message, path: this.path }
  }
}

/** `instanceof` fails across bundles, so the shape decides. */
export function isCoreError(error: unknown): error is CoreError {
  return error instanceof Error && typeof (error as CoreError).code === 'string' && 'path' in error
}
