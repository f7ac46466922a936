/** One calculation as `cog` offers it. */
export interface Tool {
  name: string
  about: string
  /** The input class for this input: tools with an `op` have one per operation. */
  inputs: {
    op?: string /** The field that tells the inputs apart, where it is not `op`. */
    key?: string
    /** A second field `of`, where one operation has an input for each kind of part. */
    of?: string
    type: new () => object
    example: object
  }[]
  /** Works it out; a tool that opens files answers later. */
  run: (input: never) => object | Promise<object>
}

export function tool<I extends object>(
  definition: Omit<Tool, 'run'> & { run: (input: I) => object | Promise<object> },
): Tool {
  return definition as unknown as Tool
}
