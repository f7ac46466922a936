import { readFileSync } from 'node:fs'
import { CoreError, type ErrorShape, isCoreError } from '../src/core/errors'
import { tools as coreTools, findTool, runTool, toolSchema } from '../src/core/tools'
import type { Tool } from '../src/core/tools/types'
import { platePhoto } from './platePhoto'
import { practiceTool } from './practiceTool'
import { soundTool } from './soundTool'

/** Beside those of the core: those that open files or say sentences. */
const besides = [platePhoto, practiceTool, soundTool]
const tools = [...coreTools, ...besides]

const USAGE = 'npm run -s cog -- <tool> [--in input.json] [--lines]   (or the input on stdin)'

/** Where the command reads and writes: the process of the person, or a test. */
export interface Streams {
  /** The whole standard input. */
  input: () => string
  /** The standard input line by line. */
  inputLines: () => AsyncIterable<string>
  out: (text: string) => void
  err: (text: string) => void
}

/**
 * One call of the command line.
 *
 * @returns the exit code: 0, or 2 for invalid input
 */
export async function cog(args: string[], streams: Streams): Promise<number> {
  const print = (text: string): number => {
    streams.out(`${text}\n`)
    return 0
  }
  const refuse = (error: ErrorShape): number => {
    streams.err(`${JSON.stringify({ error }, null, 2)}\n`)
    return 2
  }
  const name = args.find((arg) => !arg.startsWith('-') && arg !== valueAfter(args, '--in'))
  if (!name) {
    if (args.includes('--help')) return print(overview())
    return refuse({
      code: 'no-tool',
      message: `Name a tool: ${tools.map((tool) => tool.name).join(', ')}. ${USAGE}`,
      path: '',
    })
  }
  const tool = besides.find((each) => each.name === name) ?? findTool(name)
  if (!tool)
    return refuse({
      code: 'unknown-tool',
      message: `There is no tool "${name}". Tools: ${tools.map((each) => each.name).join(', ')}.`,
      path: '',
    })
  if (args.includes('--help')) return print(helpOf(tool))
  if (args.includes('--schema')) return print(JSON.stringify(toolSchema(tool), null, 2))

  const file = valueAfter(args, '--in')
  if (args.includes('--lines')) {
    try {
      await lines(tool, file ? readFileSync(file, 'utf8').split('\n') : streams.inputLines(), streams.out)
      return 0
    } catch (error) {
      return refuse(shapeOf(error))
    }
  }
  try {
    const text = file ? readFileSync(file, 'utf8') : streams.input()
    return print(JSON.stringify(await answer(tool, text), null, 2))
  } catch (error) {
    return refuse(shapeOf(error))
  }
}

/** One answer for each line of input; what is wrong with one line stands in its place. */
async function lines(
  tool: Tool,
  source: Iterable<string> | AsyncIterable<string>,
  write: (text: string) => void,
): Promise<void> {
  let out = ''
  for await (const line of source) {
    if (line.trim() === '') continue
    let result: object
    try {
      result = await answer(tool, line)
    } catch (error) {
      result = { error: shapeOf(error) }
    }
    out += `${JSON.stringify(result)}\n`
    if (out.length > 65_536) {
      write(out)
      out = ''
    }
  }
  write(out)
}

async function answer(tool: Tool, text: string): Promise<object> {
  let input: unknown
  try {
    input = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    throw new CoreError(
      'invalid-json',
      `This is not JSON: ${(error as Error).message}. See: npm run -s cog -- ${tool.name} --help`,
    )
  }
  return runTool(tool, input)
}

function shapeOf(error: unknown): ErrorShape {
  // Of a file first: what the system says of it has a code, a message and a path as well.
  const system = error as NodeJS.ErrnoException
  if (system?.code === 'ENOENT')
    return { code: 'no-such-file', message: `There is no file ${system.path}.`, path: '' }
  if (system?.code === 'EISDIR' || system?.code === 'EACCES')
    return { code: 'unreadable-file', message: 'This file cannot be read: name a file of JSON.', path: '' }
  if (isCoreError(error)) return { code: error.code, message: error.message, path: error.path }
  return {
    code: 'internal',
    message: `This input could not be worked out: ${(error as Error)?.message ?? 'no reason known'}`,
    path: '',
  }
}

function valueAfter(args: string[], flag: string): string | undefined {
  const at = args.indexOf(flag)
  return at < 0 ? undefined : args[at + 1]
}

function overview(): string {
  const width = Math.max(...tools.map((tool) => tool.name.length))
  return [
    USAGE,
    '',
    ...tools.map((tool) => `  ${tool.name.padEnd(width)}  ${tool.about}`),
    '',
    'cog <tool> --help    the input with an example',
    'cog <tool> --schema  JSON Schema of the input',
    'cog <tool> --lines   one JSON object per line, in and out',
  ].join('\n')
}

function helpOf(tool: Tool): string {
  const examples = tool.inputs.map(
    ({ op, example }) => `${op ? `op "${op}":\n` : ''}${JSON.stringify(example, null, 2)}`,
  )
  return [
    `${tool.name}: ${tool.about}`,
    '',
    USAGE.replace('<tool>', tool.name),
    '',
    'Input, for example:',
    ...examples,
  ].join('\n')
}
