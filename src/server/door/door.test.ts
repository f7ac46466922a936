import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { contentPolicy, guardHeaders } from './headers'
import { isOwnHost } from './hosts'
import { ownPath } from './ownPath'
import { isStartCode } from './pairing'
import {
  endSession,
  hasPassphrase,
  isPassphrase,
  KNOWN_MS,
  knownDevice,
  newDevice,
  newSession,
  SESSION_MS,
  sessionEnds,
  setPassphrase,
} from './passphrase'

let folder: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'rest-cog-door-'))
  // The wrong words of one test are not those of the next.
  ;(globalThis as { restCogDoor?: unknown }).restCogDoor = undefined
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

const NOW = Date.parse('2026-11-26T10:00:00Z')
const WORD = 'three small words'

describe('the name under which a page is asked for', () => {
  const hosts = ['127.0.0.1', 'localhost', '[::1]', 'harrow.local', '192.0.2.7']

  it.each([
    '127.0.0.1:4170',
    'localhost',
    '[::1]:4170',
    'HARROW.local:4170',
    'harrow.local.',
    '192.0.2.7:80',
  ])('%s is ours', (host) => expect(isOwnHost(host, hosts)).toBe(true))

  it.each([
    null,
    '',
    'evil.example',
    'evil.example:4170',
    '127.0.0.1.evil.example',
    'localhost@evil.example',
    'localhost:4170:1',
    'harrow.local/x',
    ' localhost',
  ])('%s is not', (host) => expect(isOwnHost(host, hosts)).toBe(false))

  it('no other name is, whatever it is', () => {
    fc.assert(
      fc.property(fc.domain(), (name) => isOwnHost(name, hosts) === hosts.includes(name.toLowerCase())),
    )
  })
})

describe('the headers of an answer', () => {
  it('let scripts run with this answer’s nonce only, and no frame around the page', () => {
    const policy = contentPolicy('abc')
    expect(policy).toContain("script-src 'self' 'nonce-abc'")
    expect(policy).not.toMatch(/script-src[^;]*unsafe-inline|unsafe-eval'(?<!wasm-unsafe-eval')/)
    expect(policy).toContain("frame-ancestors 'none'")
    expect(guardHeaders['x-content-type-options']).toBe('nosniff')
  })
})

describe('the passphrase', () => {
  it('is kept as a hash that only this account reads', () => {
    expect(hasPassphrase(folder)).toBe(false)
    setPassphrase(folder, WORD)
    const file = join(folder, 'door.json')
    expect(readFileSync(file, 'utf8')).not.toContain(WORD)
    expect(statSync(file).mode & 0o077).toBe(0)
    expect(hasPassphrase(folder)).toBe(true)
  })

  it('opens, whatever way an accent was typed', () => {
    setPassphrase(folder, 'caf\u00e9 au lait')
    expect(isPassphrase(folder, 'cafe\u0301 au lait', NOW)).toBe(true)
  })

  it('is at least eight characters', () => {
    expect(() => setPassphrase(folder, 'short')).toThrow(/at least 8/)
  })

  it.each([
    'password1',
    'P@ssw0rd!',
    '12345678',
    'qwertyuiop',
    'abcdefgh',
    'aaaaaaaaaa',
    '24.12.1987',
    'letmein2026',
    'welcomewelcome',
  ])('is none of those that anybody would try first: %s', (word) => {
    expect(() => setPassphrase(folder, word)).toThrow(/anybody would try|at least/)
    expect(hasPassphrase(folder)).toBe(false)
  })

  it.each(['gable fan whistles', 'correct-motor-plate', 'Wintergarten und Keller', 'x9-Tq!vbb3mw'])(
    'may be %s',
    (word) => {
      setPassphrase(folder, word)
      expect(hasPassphrase(folder)).toBe(true)
    },
  )

  it('five wrong words close the door for a minute to the address that they came from, and to nobody else', () => {
    setPassphrase(folder, WORD)
    const [here, there] = [{ address: '192.0.2.1' }, { address: '192.0.2.2' }]
    for (let i = 0; i < 5; i++) expect(isPassphrase(folder, `wrong ${i}`, NOW, here)).toBe(false)
    expect(() => isPassphrase(folder, WORD, NOW + 59_000, here)).toThrow(/wait a minute/)
    expect(isPassphrase(folder, WORD, NOW + 59_000, there)).toBe(true)
    expect(isPassphrase(folder, WORD, NOW + 61_000, here)).toBe(true)
  })

  it('many wrong words from everywhere close it to strangers; a device that was let in once may try', () => {
    setPassphrase(folder, WORD)
    const later = NOW + 10 * 60_000
    for (let i = 0; i < 40; i++) isPassphrase(folder, 'wrong', later, { address: `198.51.100.${i}` })
    expect(() => isPassphrase(folder, WORD, later, { address: '203.0.113.9' })).toThrow(/wait a minute/)
    const device = knownDevice(folder, newDevice(folder, later), later)
    expect(device).not.toBeNull()
    expect(isPassphrase(folder, WORD, later, { address: '203.0.113.9', device })).toBe(true)
  }, 60_000)

  it('is not told by the name of a device, which nobody can make up', () => {
    setPassphrase(folder, WORD)
    const cookie = newDevice(folder, NOW)
    expect(knownDevice(folder, cookie, NOW + KNOWN_MS)).toBeNull()
    expect(knownDevice(folder, newSession(folder, NOW), NOW)).toBeNull()
    expect(sessionEnds(folder, cookie, NOW), 'it opens nothing').toBeNull()
    fc.assert(fc.property(fc.string(), (text) => knownDevice(folder, text, NOW) === null))
  })
})

describe('where the door leads', () => {
  it.each([
    ['/', '/'],
    ['/jobs/1/notice?x=1', '/jobs/1/notice?x=1'],
  ])('%s is ours', (to, path) => expect(ownPath(to)).toBe(path))

  it.each([
    undefined,
    '',
    '//elsewhere.example',
    '/\\elsewhere.example',
    '/\t/elsewhere.example',
    '/\n/elsewhere.example',
    '/\t\\elsewhere.example',
    'https://elsewhere.example',
    'javascript:alert(1)',
    '/.//elsewhere.example',
  ])('%j is not', (to) => expect(ownPath(to)).toBe('/'))

  it('never off this application, whatever is given', () => {
    fc.assert(
      fc.property(
        fc.string().map((text) => `/${text}`),
        (to) => {
          expect(new URL(ownPath(to), 'http://own.invalid').origin).toBe('http://own.invalid')
        },
      ),
    )
  })
})

describe('a session', () => {
  beforeEach(() => setPassphrase(folder, WORD))

  it('stands for half a day, and not a moment longer', () => {
    const cookie = newSession(folder, NOW)
    expect(sessionEnds(folder, cookie, NOW + SESSION_MS - 1)).toBe(NOW + SESSION_MS)
    expect(sessionEnds(folder, cookie, NOW + SESSION_MS)).toBeNull()
  })

  it('that is left does not open again, whoever kept its token; another goes on', () => {
    const [left, other] = [newSession(folder, NOW), newSession(folder, NOW)]
    endSession(folder, left, NOW)
    expect(sessionEnds(folder, left, NOW)).toBeNull()
    expect(sessionEnds(folder, other, NOW)).not.toBeNull()
    endSession(folder, 'made.up.token', NOW)
    expect(isPassphrase(folder, WORD, NOW)).toBe(true)
  })

  it('ends with the passphrase it was opened by', () => {
    const cookie = newSession(folder, NOW)
    setPassphrase(folder, 'another few words')
    expect(sessionEnds(folder, cookie, NOW)).toBeNull()
  })

  it('cannot be made up or lengthened', () => {
    const [, random, signature] = newSession(folder, NOW).split('.')
    expect(sessionEnds(folder, `${NOW + 10 * SESSION_MS}.${random}.${signature}`, NOW)).toBeNull()
    fc.assert(fc.property(fc.string(), (text) => sessionEnds(folder, text, NOW) === null))
  })
})

describe('the code of a start', () => {
  it('opens only where there is one and it is the same', () => {
    expect(isStartCode('abc', 'abc')).toBe(true)
    for (const [given, code] of [
      ['abd', 'abc'],
      ['', ''],
      [undefined, 'abc'],
      ['abcd', 'abc'],
    ] as const)
      expect(isStartCode(given, code)).toBe(false)
  })
})
