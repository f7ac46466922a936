import { createHmac, randomBytes, scryptSync, timingSafeEqual } from 'node:crypto'
import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { CoreError } from '@/core/errors'

/** What the door of a data folder remembers: the passphrase as a hash, and the key that signs sessions. */
interface Door {
  salt: string
  hash: string
  key: string
}

const SHORTEST = 8
/** A session ends half a day after it was last used. */
export const SESSION_MS = 12 * 3600_000
/** So many wrong words in a row close the door for a minute. */
const MOST_WRONG = 5
const CLOSED_MS = 60_000

const fileOf = (folder: string) => join(folder, 'door.json')
/** Memory-hard, about a tenth of a second on a small machine: N 2^15, r 8, p 1 (RFC 7914). */
const hashed = (word: string, salt: string): Buffer =>
  scryptSync(word.normalize('NFKC'), salt, 32, { N: 32_768, r: 8, p: 1, maxmem: 64 * 1024 * 1024 })

function readDoor(folder: string): Door | null {
  try {
    const door = JSON.parse(readFileSync(fileOf(folder), 'utf8')) as Partial<Door>
    return door.salt && door.hash && door.key ? (door as Door) : null
  } catch {
    return null
  }
}

export const hasPassphrase = (folder: string): boolean =>
  existsSync(fileOf(folder)) && readDoor(folder) !== null

/**
 * Set the passphrase of the data folder; every session that stood ends, since the key that signed it goes.
 *
 * @throws CoreError `too-short`
 */
export function setPassphrase(folder: string, word: string): void {
  if (word.trim().length < SHORTEST)
    throw new CoreError(
      'too-short',
      `Take at least ${SHORTEST} characters: three or four words are easy to type.`,
    )
  const salt = randomBytes(16).toString('hex')
  const door: Door = {
    salt,
    hash: hashed(word, salt).toString('hex'),
    key: randomBytes(32).toString('hex'),
  }
  writeFileSync(`${fileOf(folder)}.new`, JSON.stringify(door), { mode: 0o600 })
  renameSync(`${fileOf(folder)}.new`, fileOf(folder))
}

/** Wrong words, counted for the whole door: a home network has one. */
interface Count {
  wrong: number
  closedUntil: number
}
const holder = globalThis as { restCogDoor?: Count }
const count = (): Count => {
  holder.restCogDoor ??= { wrong: 0, closedUntil: 0 }
  return holder.restCogDoor
}

/**
 * Is it the passphrase? Slow on purpose, and closed for a minute after five wrong ones.
 *
 * @throws CoreError `no-passphrase`, `closed-for-now`
 */
export function isPassphrase(folder: string, word: string, now: number): boolean {
  const door = readDoor(folder)
  if (!door) throw new CoreError('no-passphrase', 'No passphrase is set yet. Set one at the machine itself.')
  const state = count()
  if (now < state.closedUntil)
    throw new CoreError('closed-for-now', 'Five wrong words: wait a minute, then try again.')
  const right = timingSafeEqual(hashed(word, door.salt), Buffer.from(door.hash, 'hex'))
  if (right) {
    state.wrong = 0
    return true
  }
  if (++state.wrong >= MOST_WRONG) {
    state.wrong = 0
    state.closedUntil = now + CLOSED_MS
  }
  return false
}

const signed = (text: string, key: string) => createHmac('sha256', key).update(text).digest('hex')

/** A session as a cookie carries it: when it ends, a random part, and a signature. */
export function newSession(folder: string, now: number): string {
  const door = readDoor(folder)
  if (!door) throw new CoreError('no-passphrase', 'No passphrase is set yet. Set one at the machine itself.')
  const body = `${now + SESSION_MS}.${randomBytes(9).toString('hex')}`
  return `${body}.${signed(body, door.key)}`
}

/** When a session ends, in ms since 1970, or null where it is none of ours or has ended. */
export function sessionEnds(folder: string, cookie: string | undefined, now: number): number | null {
  const door = readDoor(folder)
  const [ends, random, signature] = (cookie ?? '').split('.')
  if (!door || !ends || !random || !signature) return null
  const wanted = Buffer.from(signed(`${ends}.${random}`, door.key))
  const given = Buffer.from(signature)
  if (wanted.length !== given.length || !timingSafeEqual(wanted, given)) return null
  return Number(ends) > now ? Number(ends) : null
}
