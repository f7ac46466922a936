import { NextResponse } from 'next/server'
import { CoreError, type ErrorShape, isCoreError } from '@/core/errors'
import type { By } from '@/core/job'
import { fileTrouble } from '@/data/trouble'
import { isAtTheMachine } from './door/hosts'

const STATUS: Record<string, number> = {
  'unknown-job': 404,
  'unknown-photo': 404,
  'unknown-recording': 404,
  'unknown-catalogue': 404,
  'unknown-part': 404,
  'unknown-archive': 404,
  'unknown-machine': 404,
  'unknown-round': 404,
  'unknown-row': 404,
  'unknown-event': 404,
  'unknown-guest': 404,
  'no-name': 400,
  'not-a-day': 400,
  'not-a-number': 400,
  'future-day': 400,
  'unknown-family': 400,
  'unknown-probe': 400,
  'bad-code': 422,
  'deleted-job': 404,
  'bad-archive': 422,
  'newer-archive': 422,
  'invalid-input': 400,
  'invalid-json': 400,
  'unknown-act': 400,
  'too-large': 413,
  'too-slow': 408,
  'too-many': 429,
  'disk-full': 507,
  'file-held': 503,
  'disk-failed': 503,
  'file-damaged': 503,
  'file-read-only': 503,
  'closed-for-now': 429,
  'wrong-word': 403,
  'wrong-code': 403,
  'foreign-origin': 403,
  'not-here': 403,
  'bad-folder': 422,
  'bad-backup': 422,
  'newer-backup': 422,
}

/** Run a route; whatever is refused answers as `{ error: { code, message, path } }`, never a stack. */
export async function answer(
  work: () => Promise<unknown>,
  /** What else a good answer carries, such as a cookie. */
  also: (answer: NextResponse) => void = () => {},
): Promise<NextResponse> {
  try {
    const done = NextResponse.json(await work())
    also(done)
    return done
  } catch (error) {
    const known = isCoreError(error) ? error : fileTrouble(error)
    if (known) return refuse(known.toShape(), STATUS[known.code] ?? 409)
    console.error(error)
    return refuse(
      { code: 'internal', message: 'This could not be stored. Nothing typed is lost; try again.', path: '' },
      500,
    )
  }
}

/** A file to keep elsewhere: its name without signs that file systems dislike (`otherwise` where none is left), or the refusal that every route gives. */
export async function fileAnswer(
  work: () => Promise<{
    name: string
    otherwise: string
    ending: string
    type: string
    body: string | Uint8Array<ArrayBuffer> | ReadableStream<Uint8Array>
  }>,
): Promise<Response> {
  const made: Awaited<ReturnType<typeof work>>[] = []
  const refused = await answer(async () => {
    made.push(await work())
    return {}
  })
  const [file] = made
  if (!file) return refused
  const name = file.name.replace(/[^\p{L}\p{N} -]+/gu, '').trim() || file.otherwise
  return new Response(file.body, {
    headers: {
      'content-type': typeof file.body === 'string' ? `${file.type}; charset=utf-8` : file.type,
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(`${name}.${file.ending}`)}`,
    },
  })
}

const refuse = (error: ErrorShape, status: number) => NextResponse.json({ error }, { status })

/** A batch of acts is a few kilobytes; the longest text of one is two. */
const LARGEST_JSON = 2_000_000

/**
 * The body of a request as an object, never more than two megabytes of it.
 *
 * @throws CoreError `invalid-json`, `too-large`
 */
export async function bodyOf(request: Request): Promise<Record<string, unknown>> {
  const bytes = await bytesOf(request, LARGEST_JSON, 'This request is longer than any act of a job.')
  try {
    const body: unknown = JSON.parse(bytes.toString('utf8'))
    if (typeof body === 'object' && body !== null && !Array.isArray(body))
      return body as Record<string, unknown>
  } catch {}
  throw new CoreError('invalid-json', 'The request is not a JSON object.')
}

/**
 * The bytes of a request, counted while they come: more than `most` is refused without being held.
 *
 * @throws CoreError `too-large`
 */
export async function bytesOf(request: Request, most: number, tooLarge: string): Promise<Buffer> {
  if (Number(request.headers.get('content-length') ?? 0) > most) throw new CoreError('too-large', tooLarge)
  const reader = request.body?.getReader()
  const pieces: Uint8Array[] = []
  let size = 0
  for (;;) {
    const next = await withinTime(reader)
    if (!next || next.done) return Buffer.concat(pieces)
    size += next.value.length
    if (size > most) {
      await reader?.cancel()
      throw new CoreError('too-large', tooLarge)
    }
    pieces.push(next.value)
  }
}

/** So long nothing at all may come of a request that was begun. */
const SILENT_MS = 20_000

type Reader = ReadableStreamDefaultReader<Uint8Array>

/** The next piece of a body; one that stays silent is given up, so that nobody holds a connection by saying nothing. */
async function withinTime(
  reader: Reader | undefined,
): Promise<ReadableStreamReadResult<Uint8Array> | undefined> {
  let clock: ReturnType<typeof setTimeout> | undefined
  const silent = new Promise<never>((_, reject) => {
    clock = setTimeout(
      () => reject(new CoreError('too-slow', 'The rest of this request did not come. Send it again.')),
      SILENT_MS,
    )
  })
  try {
    return await Promise.race([reader?.read(), silent])
  } catch (error) {
    await reader?.cancel().catch(() => {})
    throw error
  } finally {
    clearTimeout(clock)
  }
}

/** Who writes, as the page says: a name for the record and the window's own id. Never more than short texts. */
export function byOf(body: Record<string, unknown>): By {
  const short = (value: unknown) => (typeof value === 'string' ? value.trim().slice(0, 80) : '')
  return { who: short(body.who), window: short(body.window) }
}

/** Writes come from the application's own pages only. */
export function sameOrigin(request: Request): boolean {
  const origin = request.headers.get('origin')
  // A sandboxed frame sends the word "null", which is no address.
  return origin === null || (URL.canParse(origin) && new URL(origin).host === request.headers.get('host'))
}

/** @throws CoreError `not-here` where a folder of this machine would be named from elsewhere */
export function atTheMachine(request: Request): void {
  if (!isAtTheMachine(request.headers.get('host')))
    throw new CoreError(
      'not-here',
      'A folder of the machine is chosen at the machine itself: open its own address there.',
      'folder',
    )
}

/** @throws CoreError `foreign-origin` where a page of another address writes */
export function fromHere(request: Request): void {
  if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
}
