import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { NextRequest } from 'next/server'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { proxy } from './proxy'
import { SESSION_COOKIE } from './server/door/cookie'
import { endSession, newSession, setPassphrase } from './server/door/passphrase'

const HOST = 'harrow.local:4170'
const before = { ...process.env }
let folder: string
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'rest-cog-proxy-'))
  Object.assign(process.env, { RESTCOG_DATA: folder, RESTCOG_LAN: '1', RESTCOG_HOSTS: 'harrow.local' })
  setPassphrase(folder, 'three small words')
})
afterAll(() => {
  process.env = before
  rmSync(folder, { recursive: true })
})

const ask = (path: string, session?: string) =>
  proxy(
    new NextRequest(`http://${HOST}${path}`, {
      headers: { host: HOST, ...(session ? { cookie: `${SESSION_COOKIE}=${session}` } : {}) },
    }),
  )

describe('on the home network, without a session', () => {
  it.each([
    '/door',
    '/api/door',
    '/api/health',
    '/icon.svg',
    '/manifest.webmanifest',
    '/icons/192',
    '/sw.js',
    `/guest/${'0a'.repeat(16)}`,
    `/api/guest/${'0a'.repeat(16)}`,
  ])('%s is open', (path) => {
    expect(ask(path).headers.get('x-middleware-next')).toBe('1')
  })

  it.each([
    '/',
    '/household',
    '/door/x',
    '/icons/192/x',
    '/doors',
    '/jobs/x/notice',
    '/guest/x',
    `/guest/${'0a'.repeat(16)}/x`,
  ])('%s leads to the door', (path) => {
    const answer = ask(path)
    expect(answer.status).toBe(307)
    expect(new URL(answer.headers.get('location') ?? '').pathname).toBe('/door')
  })

  it.each([
    '/api/guest/x',
    `/api/guest/${'0a'.repeat(16)}/x`,
    '/api/health/x',
    '/api/door/x',
    '/api/jobs',
    '/api/backup',
    '/api/check',
  ])('%s is refused', (path) => {
    expect(ask(path).status).toBe(401)
  })

  it('no other name of this machine is answered', () => {
    const foreign = new NextRequest('http://elsewhere.example/', { headers: { host: 'elsewhere.example' } })
    expect(proxy(foreign).status).toBe(421)
  })
})

describe('with a session', () => {
  it('everything is open until it is left', () => {
    const session = newSession(folder, Date.now())
    expect(ask('/household', session).headers.get('x-middleware-next')).toBe('1')
    endSession(folder, session, Date.now())
    expect(ask('/household', session).status).toBe(307)
  })
})
