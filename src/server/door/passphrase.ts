import { createHmac, randomBytes, scryptSync, timingSafeEqual } from 'node:crypto'
import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { CoreError } from '@/core/errors'
import { isCommonWord } from './common'

/** What the door of a data folder remembers: the passphrase as a hash, and the key that signs sessions. */
interface Door {
  salt: string
  hash: string
  key: string
  /** Sessions that were left before their end: their random parts, and when they end by themselves. */
  left?: { random: string; ends: number }[]
}

const SHORTEST = 8
/** A session ends half a day after it was last used. */
export const SESSION_MS = 12 * 3600_000
/** A device that was let in once is known for half a year: it may try where strangers have shut the door. */
export const KNOWN_MS = 183 * 24 * 3600_000
/** So many wrong words in a row close the door for a minute, to an address; so many in all, to every unknown device. */
const MOST_WRONG = { address: 5, all: 40 }
const CLOSED_MS = 60_000
/** Addresses whose wrong words are remembered. */
const MOST_ADDRESSES = 1000

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
  if (isCommonWord(word))
    throw new CoreError(
      'too-common',
      'This is one of the first that anybody would try. Take three or four words that do not belong together.',
    )
  const salt = randomBytes(16).toString('hex')
  const door: Door = {
    salt,
    hash: hashed(word, salt).toString('hex'),
    key: randomBytes(32).toString('hex'),
  }
  writeDoor(folder, door)
}

function writeDoor(folder: string, door: Door): void {
  writeFileSync(`${fileOf(folder)}.new`, JSON.stringify(door), { mode: 0o600 })
  renameSync(`${fileOf(folder)}.new`, fileOf(folder))
}

/** Wrong words, counted for each address and for all together. */
interface Count {
  wrong: number
  closedUntil: number
}
const holder = globalThis as { restCogDoor?: Map<string, Count> }
const ALL = 'all'
function countOf(who: string): Count {
  holder.restCogDoor ??= new Map()
  const counts = holder.restCogDoor
  const known = counts.get(who) ?? { wrong: 0, closedUntil: 0 }
  const [oldest] = [...counts.keys()].filter((each) => each !== ALL)
  if (!counts.has(who) && counts.size >= MOST_ADDRESSES && oldest !== undefined) counts.delete(oldest)
  counts.set(who, known)
  return known
}

/**
 * Is it the passphrase? Slow on purpose. Five wrong ones close the door for a minute to the address that they came from; many
 * from everywhere close it to devices that were never let in.
 *
 * @param from the address that asks, or the name of a device that is known
 * @throws CoreError `no-passphrase`, `closed-for-now`
 */
export function isPassphrase(
  folder: string,
  word: string,
  now: number,
  from: { address: string; device?: string | null } = { address: '' },
): boolean {
  const door = readDoor(folder)
  if (!door) throw new CoreError('no-passphrase', 'No passphrase is set yet. Set one at the machine itself.')
  const own = countOf(from.device ? `device ${from.device}` : `address ${from.address}`)
  const all = countOf(ALL)
  if (now < own.closedUntil || (!from.device && now < all.closedUntil))
    throw new CoreError('closed-for-now', 'Too many wrong words: wait a minute, then try again.')
  const right = timingSafeEqual(hashed(word, door.salt), Buffer.from(door.hash, 'hex'))
  if (right) {
    own.wrong = 0
    return true
  }
  for (const [count, most] of [
    [own, MOST_WRONG.address],
    [all, MOST_WRONG.all],
  ] as const) {
    if (++count.wrong < most) continue
    count.wrong = 0
    count.closedUntil = now + CLOSED_MS
  }
  return false
}

/** The name of a device that was let in, as its own cookie carries it; null where it was not, or too long ago. */
export function knownDevice(folder: string, cookie: string | undefined, now: number): string | null {
  const door = readDoor(folder)
  const [until, random, signature] = (cookie ?? '').split('.')
  if (!door || !until || !random || !signature) return null
  return isSigned(`known.${until}.${random}`, signature, door.key) && Number(until) > now ? random : null
}

/** A device is let in: what it carries from now on to be known by. */
export function newDevice(folder: string, now: number): string {
  const body = `${now + KNOWN_MS}.${randomBytes(9).toString('hex')}`
  return `${body}.${signed(`known.${body}`, doorOf(folder).key)}`
}

function doorOf(folder: string): Door {
  const door = readDoor(folder)
  if (!door) throw new CoreError('no-passphrase', 'No passphrase is set yet. Set one at the machine itself.')
  return door
}

const signed = (text: string, key: string) => createHmac('sha256', key).update(text).digest('hex')

function isSigned(text: string, signature: string, key: string): boolean {
  const [wanted, given] = [Buffer.from(signed(text, key)), Buffer.from(signature)]
  return wanted.length === given.length && timingSafeEqual(wanted, given)
}

/** A session as a cookie carries it: when it ends, a random part, and a signature. */
export function newSession(folder: string, now: number): string {
  const body = `${now + SESSION_MS}.${randomBytes(9).toString('hex')}`
  return `${body}.${signed(body, doorOf(folder).key)}`
}

/** When a session ends, in ms since 1970, or null where it is none of ours, has ended or was left. */
export function sessionEnds(folder: string, cookie: string | undefined, now: number): number | null {
  const door = readDoor(folder)
  const [ends, random, signature] = (cookie ?? '').split('.')
  if (!door || !ends || !random || !signature) return null
  if (!isSigned(`${ends}.${random}`, signature, door.key)) return null
  if (door.left?.some((each) => each.random === random)) return null
  return Number(ends) > now ? Number(ends) : null
}

/** A session is left: whoever kept its token does not get in with it any more. */
export function endSession(folder: string, cookie: string | undefined, now: number): void {
  const ends = sessionEnds(folder, cookie, now)
  const [, random = ''] = (cookie ?? '').split('.')
  if (ends === null) return
  const door = doorOf(folder)
  writeDoor(folder, {
    ...door,
    left: [...(door.left ?? []).filter((each) => each.ends > now), { random, ends }],
  })
}
