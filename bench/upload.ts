import { type ChildProcess, spawn } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { request } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const root = join(import.meta.dirname, '..')
const MEGABYTE = 1_000_000
const SIZE_MB = Number(process.env.UPLOAD_MB ?? 900)

/** Memory of the built server while somebody sends 900 MB as a photo, with and without saying how much it will be. */
export async function benchUpload(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'rest-cog-upload-'))
  const port = 39_000 + (process.pid % 900)
  const child = spawn(
    process.execPath,
    [join(root, 'node_modules/next/dist/bin/next'), 'start', '-H', '127.0.0.1', '-p', String(port)],
    { cwd: root, stdio: 'ignore', env: { ...process.env, NODE_ENV: 'production', RESTCOG_DATA: folder } },
  )
  try {
    await healthy(port)
    for (const told of [true, false]) {
      const before = peakMegabytes(child)
      const answer = await upload(port, told)
      console.log(
        `upload, ${SIZE_MB} MB ${told ? 'with its length' : 'in pieces'}: ${answer}, the server held ${before} MB at most before and ${peakMegabytes(child)} MB after`,
      )
    }
  } finally {
    child.kill('SIGTERM')
    await once(child, 'exit')
    rmSync(folder, { recursive: true, force: true })
  }
}

async function healthy(port: number): Promise<void> {
  for (let tries = 0; tries < 200; tries++) {
    const answer = await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => null)
    if (answer?.ok) return
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  throw new Error('The server does not answer.')
}

/** What the server answers; it may close the connection before everything is sent. */
function upload(port: number, told: boolean): Promise<string> {
  return new Promise((resolve) => {
    const headers = {
      'content-type': 'image/jpeg',
      ...(told ? { 'content-length': SIZE_MB * MEGABYTE } : {}),
    }
    const sent = { megabytes: 0 }
    const outgoing = request({ host: '127.0.0.1', port, path: '/api/photos', method: 'POST', headers })
    outgoing.on('response', (answer) => {
      answer.resume()
      resolve(`answered ${answer.statusCode} after ${sent.megabytes} MB`)
      outgoing.destroy()
    })
    outgoing.on('error', () => resolve(`closed after ${sent.megabytes} MB`))
    const piece = Buffer.alloc(MEGABYTE, 7)
    const go = () => {
      while (sent.megabytes < SIZE_MB && !outgoing.destroyed) {
        sent.megabytes++
        if (!outgoing.write(piece)) return void outgoing.once('drain', go)
      }
      outgoing.end()
    }
    go()
  })
}

/** The most memory that the server and what it started have held, in MB; from the kernel's own count. */
function peakMegabytes(child: ChildProcess): number {
  const parents = new Map<number, number>()
  for (const name of readdirSync('/proc').filter((each) => /^\d+$/.test(each))) {
    const parent = /^PPid:\s+(\d+)/m.exec(status(Number(name)))?.[1]
    if (parent) parents.set(Number(name), Number(parent))
  }
  const family = [child.pid ?? 0]
  for (const pid of family)
    family.push(...[...parents].filter(([, parent]) => parent === pid).map(([own]) => own))
  const kilobytes = family.map((pid) => Number(/^VmHWM:\s+(\d+)/m.exec(status(pid))?.[1] ?? 0))
  return Math.round(kilobytes.reduce((sum, each) => sum + each, 0) / 1000)
}

const status = (pid: number): string => {
  try {
    return readFileSync(`/proc/${pid}/status`, 'utf8')
  } catch {
    return ''
  }
}
