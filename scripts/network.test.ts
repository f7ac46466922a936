import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { generate } from 'selfsigned'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { networkFlags } from './network.mjs'

let folder = ''
const at = (name: string) => join(folder, name)

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'rest-cog-certificate-'))
  const name = [{ name: 'commonName', value: 'rest-cog.home.arpa' }]
  const own = await generate(name)
  const other = await generate(name)
  const old = await generate(name, {
    notBeforeDate: new Date('2020-01-01'),
    notAfterDate: new Date('2021-01-01'),
  })
  for (const [file, text] of [
    ['own.pem', own.cert],
    ['own.key', own.private],
    ['other.key', other.private],
    ['old.pem', old.cert],
    ['old.key', old.private],
  ] as const)
    writeFileSync(at(file), text)
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

describe('the flags of the two commands', () => {
  it('serve on this machine alone where nothing is said', () => {
    expect(networkFlags([])).toEqual({ lan: false, https: null })
  })

  it('take the home network, plain or with a certificate of one’s own', () => {
    expect(networkFlags(['--lan', '--fresh'])).toEqual({ lan: true, https: null })
    const encrypted = networkFlags(['--https', at('own.pem'), at('own.key')])
    expect(encrypted.lan).toBe(true)
    expect(encrypted.https?.cert).toContain('BEGIN CERTIFICATE')
  })

  it('are refused where one is not known, so that nothing meant encrypted is served plainly', () => {
    expect(() => networkFlags(['--http', 'a.pem'])).toThrow('“--http” is not understood.')
    expect(() => networkFlags(['--lan', 'cert.pem'])).toThrow('“cert.pem” is not understood.')
  })

  it.each([
    [['--https'], 'Say both files'],
    [['--https', 'own.pem', '--lan'], 'Say both files'],
    [['--https', 'nowhere.pem', 'own.key'], 'cannot be read'],
    [['--https', 'own.key', 'own.pem'], 'There is no certificate'],
    [['--https', 'own.pem', 'own.pem'], 'There is no private key'],
    [['--https', 'own.pem', 'other.key'], 'does not belong to the certificate'],
    [['--https', 'old.pem', 'old.key'], 'ended on 2021-01-01'],
  ])('say of %j what is wrong with the certificate before anything is served', (args, sentence) => {
    const placed = args.map((each) => (each.startsWith('--') ? each : at(each)))
    expect(() => networkFlags(placed)).toThrow(sentence)
  })
})
