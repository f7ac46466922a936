import { closeSync, openSync, writeSync } from 'node:fs'
import { open } from 'node:fs/promises'
import { Unzip, UnzipInflate, UnzipPassThrough } from 'fflate'
import { CoreError } from '@/core/errors'

/** What an entry of an archive may be called, and how large it may become. */
export interface Allowed {
  name: RegExp
  most: number
  /** Where an entry goes that is too large for memory: it is written there piece by piece. */
  into?: string
}

export interface Entry {
  name: string
  /** Nothing where it was written into a file. */
  bytes: Buffer
}

const PIECE = 64 * 1024
const MOST_ENTRIES = 50_000

const refused = (what: string) =>
  new CoreError(
    'bad-archive',
    `This file is no archive of Rest Cog, or it was changed: ${what}. Nothing was brought in.`,
  )

/**
 * The entries of a zip file one after the other, inflated in small pieces and counted while they grow: memory holds one
 * entry at a time, and a file that unfolds into far more than it may is left at once.
 *
 * @throws CoreError `bad-archive` for a name that is not allowed, an entry that is too large, twice the same, or a damaged file
 */
export async function* entriesOf(path: string, allowed: Allowed[]): AsyncGenerator<Entry> {
  const ready: Entry[] = []
  const seen = new Set<string>()
  const running = new Set<string>()
  const failure: { error: CoreError | null } = { error: null }
  const fail = (what: string) => {
    failure.error ??= refused(what)
  }
  const unzip = new Unzip((file) => {
    const { name } = file
    const rule = allowed.find((each) => each.name.test(name))
    if (!rule) return fail(`it holds “${name.slice(0, 60)}”`)
    if (seen.has(name)) return fail(`it holds “${name}” twice`)
    if (seen.size >= MOST_ENTRIES) return fail('it holds far too many files')
    seen.add(name)
    running.add(name)
    const pieces: Uint8Array[] = []
    const target = rule.into === undefined ? null : openSync(rule.into, 'w')
    let size = 0
    file.ondata = (error, piece, final) => {
      if (error) return fail(`“${name}” is damaged`)
      size += piece.length
      if (size > rule.most) {
        pieces.length = 0
        file.terminate()
        return fail(`“${name}” is far too large`)
      }
      if (target === null) pieces.push(piece)
      else writeSync(target, piece)
      if (!final) return
      if (target !== null) closeSync(target)
      running.delete(name)
      ready.push({ name, bytes: Buffer.concat(pieces) })
    }
    file.start()
  })
  unzip.register(UnzipInflate)
  unzip.register(UnzipPassThrough)
  const file = await open(path, 'r')
  try {
    const buffer = Buffer.alloc(PIECE)
    for (let final = false; !final; ) {
      const { bytesRead } = await file.read(buffer, 0, PIECE)
      final = bytesRead < PIECE
      try {
        unzip.push(Uint8Array.from(buffer.subarray(0, bytesRead)), final)
      } catch {
        fail('it is damaged')
      }
      if (failure.error) throw failure.error
      yield* ready.splice(0)
    }
  } finally {
    await file.close()
  }
  if (running.size > 0 || seen.size === 0)
    throw refused(seen.size === 0 ? 'it is no zip file' : 'its end is missing')
}
