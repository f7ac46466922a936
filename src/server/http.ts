import { NextResponse } from 'next/server'
import { type ErrorShape, isCoreError } from '@/core/errors'
import type { By } from '@/core/job'

const STATUS: Record<string, number> = {
  'unknown-job': 404,
  'unknown-photo': 404,
  'invalid-input': 400,
  'invalid-json': 400,
  'unknown-act': 400,
}

/** Run a route; whatever is refused answers as `{ error: { code, message, path } }`, never a stack. */
export async function answer(work: () => Promise<unknown>): Promise<NextResponse> {
  try {
    return NextResponse.json(await work())
  } catch (error) {
    if (isCoreError(error)) return refuse(error.toShape(), STATUS[error.code] ?? 409)
    console.error(error)
    return refuse(
      { code: 'internal', message: 'This could not be stored. Nothing typed is lost; try again.', path: '' },
      500,
    )
  }
}

const refuse = (error: ErrorShape, status: number) => NextResponse.json({ error }, { status })

/** @throws CoreError-shaped `invalid-json` */
export async function bodyOf(request: Request): Promise<Record<string, unknown>> {
  try {
    const body: unknown = await request.json()
    if (typeof body === 'object' && body !== null) return body as Record<string, unknown>
  } catch {}
  const { CoreError } = await import('@/core/errors')
  throw new CoreError('invalid-json', 'The request is not a JSON object.')
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
