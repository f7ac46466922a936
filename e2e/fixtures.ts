import { type ChildProcess, spawn } from 'node:child_process'
import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { test as base, expect, type Page, type Response } from '@playwright/test'
import { generate } from 'selfsigned'
import { serveEncrypted } from '../scripts/network.mjs'

export { expect, type Page } from '@playwright/test'

/** A made-up host name that Chromium maps to this machine: the home network's plain address, as a phone sees it. */
export const HOME_NAME = 'rest-cog.home.arpa'
export const START_CODE = 'code-of-this-start'

/** A port that nobody listens on. */
const freePort = () =>
  new Promise<number>((resolve, reject) => {
    const probe = createServer()
    probe.on('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0))
    })
  })

/** A copy of the planted household on a server of its own, gone when its use is over. */
export async function serving(
  use: (port: number, folder: string) => Promise<void>,
  env: Record<string, string> = {},
): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'rest-cog-journeys-'))
  const port = await freePort()
  let child: ChildProcess | null = null
  try {
    cpSync(process.env.REST_COG_PLANTED ?? '', folder, { recursive: true })
    // It ends when its standard input does, so also when this process is killed.
    child = spawn(process.execPath, ['scripts/serveJourneys.mjs', folder, String(port)], {
      stdio: ['pipe', 'pipe', 'inherit'],
      env: { ...process.env, ...env },
    })
    await answered(child)
    await use(port, folder)
  } finally {
    child?.stdin?.end()
    await gone(child)
    rmSync(folder, { recursive: true, force: true })
  }
}

const answered = (child: ChildProcess) =>
  new Promise<void>((resolve, reject) => {
    child.stdout?.once('data', () => resolve())
    child.once('exit', (code) => reject(new Error(`The server of the journeys ended with code ${code}.`)))
  })

/** The home network behind a certificate of its own, as `--https` serves it. */
async function encrypted(use: (port: number) => Promise<void>): Promise<void> {
  const { cert, private: key } = await generate([{ name: 'commonName', value: HOME_NAME }])
  const lan = { RESTCOG_LAN: '1', RESTCOG_HOSTS: HOME_NAME, RESTCOG_START_CODE: START_CODE }
  await serving(async (inside) => {
    const port = await freePort()
    const front = await serveEncrypted({ cert, key, port, inside, host: '127.0.0.1' })
    await use(port)
    front.closeAllConnections()
    front.close()
  }, lan)
}

const gone = (child: ChildProcess | null) =>
  new Promise<void>((resolve) => {
    if (!child || child.exitCode !== null) resolve()
    else child.once('exit', () => resolve())
  })

/** Each worker has a server, a port and a demo household of its own; a second server, as a home network sees it, where asked. */
export const test = base.extend<object, { ownPort: number; homePort: number; encryptedPort: number }>({
  ownPort: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads the names of what a fixture needs from here
    async ({}, use) => serving(use),
    { scope: 'worker', timeout: 90_000 },
  ],
  homePort: [
    // biome-ignore lint/correctness/noEmptyPattern: as above
    async ({}, use) =>
      serving(use, { RESTCOG_LAN: '1', RESTCOG_HOSTS: HOME_NAME, RESTCOG_START_CODE: START_CODE }),
    { scope: 'worker', timeout: 90_000 },
  ],
  encryptedPort: [
    // biome-ignore lint/correctness/noEmptyPattern: as above
    async ({}, use) => encrypted(use),
    { scope: 'worker', timeout: 90_000 },
  ],
  baseURL: async ({ ownPort }, use) => use(`http://127.0.0.1:${ownPort}`),
  // A person presses what answers: a page of ours that was opened or loaded again is waited for until it does.
  page: async ({ page }, use) => {
    const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)]
    page.goto = async (...how) => answers(page, await goto(...how))
    page.reload = async (...how) => answers(page, await reload(...how))
    // A page that is drawn twice, or a script that breaks off, is a fault of any journey.
    const faults: string[] = []
    page.on('pageerror', ({ message }) => faults.push(message))
    await use(page)
    expect(faults).toEqual([])
  },
})

async function answers(page: Page, response: Response | null): Promise<Response | null> {
  // The door is a form of the browser's own.
  if (
    response?.ok() &&
    !/\/(door|guest)\b/.test(page.url()) &&
    (await response.headerValue('content-type'))?.includes('text/html')
  )
    await page.locator('html[data-ready]').waitFor({ state: 'attached' })
  return response
}

/** A phone in the hand: narrow, and touched. */
export const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }
