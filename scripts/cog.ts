import { readFileSync } from 'node:fs'
import { createInterface } from 'node:readline'
import { type ErrorShape, isCoreError } from '../src/core/errors'
import { tools as coreTools, findTool, runTool, toolSchema } from '../src/core/tools'
import type { Tool } from '../src/core/tools/types'
import { platePhoto } from './platePhoto'

const tools = [...coreTools, platePhoto]

const USAGE = 'npm run -s cog -- <tool> [--in input.json] [--lines]   (or the input on stdin)'

/** @returns the exit code: 0, or 2 for invalid input */
async function main(args: string[]): Promise<number> {
  const name = args.find((arg) => !arg.startsWith('-') && arg !== valueAfter(args, '--in'))
  if (!name) {
    if (args.includes('--help')) return print(overview())
    return refuse({
      code: 'no-tool',
      message: `Name a tool: ${tools.map((tool) => tool.name).join(', ')}. ${USAGE}`,
      path: '',
    })
  }
  const tool = name === platePhoto.name ? platePhoto : findTool(name)
  if (!tool)
    return refuse({
      code: 'unknown-tool',
      message: `There is no tool "${name}". Tools: ${tools.map((each) => each.name).join(', ')}.`,
      path: '',
    })
  if (args.includes('--help')) return print(helpOf(tool))
  if (args.includes('--schema')) return print(JSON.stringify(toolSchema(tool), null, 2))

  const file = valueAfter(args, '--in')
  if (args.includes('--lines')) return lines(tool, file)
  try {
    const text = readFileSync(file ?? 0, 'utf8')
    return print(JSON.stringify(await answer(tool, text), null, 2))
  } catch (error) {
    return refuse(shapeOf(error))
  }
}

async function lines(tool: Tool, file: string | undefined): Promise<number> {
  let source: Iterable<string> | AsyncIterable<string>
  try {
    source = file
      ? readFileSync(file, 'utf8').split('\n')
      : createInterface({ input: process.stdin, crlfDelay: Number.POSITIVE_INFINITY })
  } catch (error) {
    return refuse(shapeOf(error))
  }
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
      process.stdout.write(out)
      out = ''
    }
  }
  process.stdout.write(out)
  return 0
}

async function answer(tool: Tool, text: string): Promise<object> {
  let input: unknown
  try {
    input = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    throw Object.assign(
      new Error(`This is not JSON: ${(error as Error).message}. See: npm run -s cog -- ${tool.name} --help`),
      { code: 'invalid-json', path: '' },
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

function print(text: string): number {
  process.stdout.write(`${text}\n`)
  return 0
}

function refuse(error: ErrorShape): number {
  process.stderr.write(`${JSON.stringify({ error }, null, 2)}\n`)
  return 2
}

// Whoever reads the answers may have seen enough, as `head` has.
for (const stream of [process.stdout, process.stderr])
  stream.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EPIPE') throw error
    process.exit(0)
  })

process.exitCode = await main(process.argv.slice(2))
