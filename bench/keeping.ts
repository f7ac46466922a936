import 'fake-indexeddb/auto'
import { type ChildProcess, spawn } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { type Act, newId } from '../src/core/job'
import { sameTyping } from '../src/core/job/acts/plan'
import { seeded } from '../src/core/random'
import type { KeptActs } from '../src/ui/job/kept'
import { openKeptActs } from '../src/ui/job/keptActs'
import { ActQueue } from '../src/ui/job/queue'

const WALKS = Number(process.env.WALKS ?? 100)
const ACTS = 300

/**
 * Two clients type into one job through the real queue, while the connection is lost, answers are lost, requests arrive
 * twice, pages close in the middle and the server is killed: every text and every line that was acknowledged has to be in
 * the file in the end, once.
 */
export async function benchKeeping(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'rest-cog-keeping-'))
  const server = new KilledServer(folder, await freePort())
  await server.start()
  stubBrowser(server)
  const random = seeded(20261126)
  const totals = { acts: 0, acknowledged: 0, missing: 0, doubled: 0, kills: 0, lost: 0, twice: 0, pages: 0 }
  const started = performance.now()
  for (let walk = 0; walk < WALKS; walk++) await walkOnce(server, random, totals)
  await server.kill()
  rmSync(folder, { recursive: true, force: true })
  const { acts, acknowledged, kills, lost, twice, pages, missing, doubled } = totals
  console.log(
    `keeping: ${WALKS} walks, ${acts} acts by two clients, ${kills} kills, ${lost} answers or requests lost, ${twice} sent twice, ${pages} pages closed: of ${acknowledged} acknowledged ${missing} missing, ${doubled} doubled (${((performance.now() - started) / 1000).toFixed(0)} s)`,
  )
  if (missing + doubled > 0) process.exitCode = 1
}

type Totals = Record<
  'acts' | 'acknowledged' | 'missing' | 'doubled' | 'kills' | 'lost' | 'twice' | 'pages',
  number
>

/** What one page has been told is stored, and what it typed last. */
interface Client {
  name: string
  window: string
  queue: ActQueue
  /** Which page this is: what a closed one had not sent, it sends no more. */
  pages: number
  recovered: Promise<unknown>
  texts: Map<string, string>
  lines: string[]
}

const FIELDS = ['hp', 'rpm', 'volts', 'amps', 'frame']

async function walkOnce(server: KilledServer, random: () => number, totals: Totals): Promise<void> {
  const jobId = await server.open()
  const clients = ['Ines', 'Tomas'].map((name): Client => {
    const window = newId(Date.now(), random)
    const queue = page(server, jobId, window, `${name} 0`)
    return { name, window, queue, pages: 0, recovered: queue.recover(), texts: new Map(), lines: [] }
  })
  const killAt = Math.floor(random() * ACTS)
  for (let step = 0; step < ACTS; step++) {
    const client = clients[step % 2]
    if (!client) continue
    totals.acts++
    client.queue.push(nextAct(client, step, random))
    if (step === killAt) {
      totals.kills++
      server.again()
    }
    if (random() < 0.01) {
      totals.pages++
      client.queue.close()
      server.closed.add(`${client.name} ${client.pages++}`)
      // A page takes a moment to come; two within one millisecond are none of a browser's.
      await new Promise((resolve) => setTimeout(resolve, 3))
      client.queue = page(server, jobId, client.window, `${client.name} ${client.pages}`)
      client.recovered = client.queue.recover()
    }
    if (random() < 0.3) await new Promise((resolve) => setImmediate(resolve))
    if (random() < 0.03) await settled(client.queue)
  }
  totals.lost += server.lost
  totals.twice += server.twice
  server.calm()
  await server.up()
  for (const { queue, recovered } of clients) {
    await recovered
    await settled(queue)
  }
  await compare(server, jobId, clients, totals)
  server.rough()
  for (const { queue } of clients) queue.close()
  server.closed.clear()
}

function nextAct(client: Client, step: number, random: () => number): Act {
  if (random() < 0.7) {
    const field = FIELDS[Math.floor(random() * FIELDS.length)] ?? 'hp'
    const typed = `${client.name} ${step}`
    client.texts.set(field, typed)
    // Each client types into the fields of a part of its own: who typed last is no question then.
    const part = client.name === 'Ines' ? 'motor-old' : 'motor-new'
    return { kind: 'field.set', id: newId(Date.now(), random), part, field, typed }
  }
  const id = newId(Date.now(), random)
  client.lines.push(id)
  return { kind: 'ledger.add', id, after: null, line: { part: `${client.name} ${step}` } }
}

async function compare(
  server: KilledServer,
  jobId: string,
  clients: Client[],
  totals: Totals,
): Promise<void> {
  const { snapshot } = await server.read(jobId)
  for (const { name, texts, lines } of clients) {
    const part = name === 'Ines' ? 'motor-old' : 'motor-new'
    for (const [field, typed] of texts) {
      totals.acknowledged++
      const rows = snapshot.fields.filter((row) => row.part === part && row.field === field)
      if (rows.length > 1) totals.doubled++
      if (rows[0]?.typed !== typed) totals.missing++
    }
    for (const id of lines) {
      totals.acknowledged++
      const count = snapshot.ledger.filter((row) => row.id === id).length
      if (count === 0) totals.missing++
      if (count > 1) totals.doubled++
    }
  }
}

/** A page of the job: its queue says saved only for what the server has acknowledged. */
const page = (server: KilledServer, jobId: string, window: string, name: string): ActQueue =>
  new ActQueue(
    jobId,
    window,
    {
      who: () => name,
      sameTyping,
      onState: () => {},
      onNoSession: () => {},
      onOther: () => {},
      onRefused: (refused) => console.error(`refused: ${refused[0]?.reason.message}`),
      onStored: () => {},
    },
    openKeptActs().then((kept) => mortal(kept, () => server.closed.has(name))),
  )

/** What a closed page had begun comes to nothing: it hears no answer. */
function mortal(kept: KeptActs, dead: () => boolean): KeptActs {
  const alive = async <T>(work: () => Promise<T>): Promise<T> => {
    if (dead()) return new Promise(() => {})
    const done = await work()
    return dead() ? new Promise(() => {}) : done
  }
  return {
    put: (rows) => alive(() => kept.put(rows)),
    remove: (ids) => alive(() => kept.remove(ids)),
    left: (jobId, windowId, now) => alive(() => kept.left(jobId, windowId, now)),
    isGone: (windowId, now) => alive(() => kept.isGone(windowId, now)),
    present: (windowId, now) => alive(() => kept.present(windowId, now)),
  }
}

async function settled(queue: ActQueue): Promise<void> {
  while (!queue.idle) {
    queue.wake()
    await new Promise((resolve) => setTimeout(resolve, 5))
  }
}

interface Read {
  snapshot: {
    fields: { part: string; field: string; typed: string }[]
    ledger: { id: string }[]
  }
}

/** A server that is killed, and a connection that loses and doubles. */
class KilledServer {
  lost = 0
  twice = 0
  readonly closed = new Set<string>()
  private child: ChildProcess | null = null
  private starting: Promise<void> = Promise.resolve()
  private fair = false
  private readonly random = seeded(7)

  constructor(
    private readonly folder: string,
    private readonly port: number,
  ) {}

  start(): Promise<void> {
    const child = spawn(
      process.execPath,
      ['--import', 'tsx', join(import.meta.dirname, 'keepingServer.ts')],
      {
        env: { ...process.env, RESTCOG_DATA: this.folder, PORT: String(this.port) },
        stdio: ['ignore', 'pipe', 'inherit'],
      },
    )
    this.child = child
    return once(child.stdout, 'data').then(() => undefined)
  }

  async kill(): Promise<void> {
    const child = this.child
    if (!child || child.exitCode !== null || child.signalCode !== null) return
    child.kill('SIGKILL')
    await once(child, 'exit')
  }

  /** Killed and started anew, while whoever sends finds nobody. */
  again(): void {
    this.starting = this.kill().then(() => this.start())
  }

  up(): Promise<void> {
    return this.starting
  }

  calm(): void {
    this.fair = true
  }

  rough(): void {
    this.fair = false
    this.lost = 0
    this.twice = 0
  }

  async open(): Promise<string> {
    return (await (await nodeFetch(`http://127.0.0.1:${this.port}/open`)).json()) as string
  }

  async read(jobId: string): Promise<Read> {
    return (await (await nodeFetch(`http://127.0.0.1:${this.port}/job/${jobId}`)).json()) as Read
  }

  /** The way of one request: lost before it arrives, doubled, or its answer lost. */
  async carry(path: string, init: RequestInit): Promise<Response> {
    const { who } = JSON.parse(String(init.body)) as { who: string }
    if (this.closed.has(who)) return new Promise(() => {})
    const answer = await this.tossed(() =>
      nodeFetch(`http://127.0.0.1:${this.port}${path}`, { ...init, keepalive: false }),
    ).catch((error: unknown) => (this.closed.has(who) ? new Promise<never>(() => {}) : Promise.reject(error)))
    return this.closed.has(who) ? new Promise(() => {}) : answer
  }

  private async tossed(go: () => Promise<Response>): Promise<Response> {
    if (this.fair) return go()
    const luck = this.random()
    if (luck < 0.06) {
      this.lost++
      throw new TypeError('The connection is lost.')
    }
    if (luck < 0.14) {
      this.twice++
      await go()
      return go()
    }
    const answer = await go()
    if (luck < 0.2) {
      this.lost++
      throw new TypeError('The answer is lost.')
    }
    return answer
  }
}

const nodeFetch = globalThis.fetch

function stubBrowser(server: KilledServer): void {
  const rows = new Map<string, string>()
  const storage = {
    getItem: (key: string) => rows.get(key) ?? null,
    setItem: (key: string, value: string) => rows.set(key, value),
    removeItem: (key: string) => rows.delete(key),
  }
  const asKeys = new Proxy(storage, {
    ownKeys: () => [...rows.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
  })
  Object.defineProperty(globalThis, 'localStorage', { value: asKeys, configurable: true })
  globalThis.fetch = (path, init) => server.carry(String(path), init ?? {})
}

async function freePort(): Promise<number> {
  const probe = createServer().listen(0, '127.0.0.1')
  await once(probe, 'listening')
  const address = probe.address()
  probe.close()
  return typeof address === 'object' && address ? address.port : 0
}
