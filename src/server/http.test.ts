import { describe, expect, it, vi } from 'vitest'
import { CoreError } from '@/core/errors'
import { answer, bodyOf, bytesOf, sameOrigin } from './http'

const post = (headers: Record<string, string>, body = '{}') =>
  new Request('http://127.0.0.1:4180/api/jobs', { method: 'POST', headers, body })

describe('an answer', () => {
  it('is the result as JSON', async () => {
    const response = await answer(async () => ({ id: 'j' }))
    expect(response.status).toBe(200)
    expect(await response.json()).toEqual({ id: 'j' })
  })

  it.each([
    ['unknown-job', 404],
    ['invalid-input', 400],
    ['unknown-act', 400],
    ['not-proven', 409],
    ['stopped', 409],
  ])('refused as %s has status %i and the sentence to show', async (code, status) => {
    const response = await answer(async () => {
      throw new CoreError(code, 'Do this first.', 'acts[0]')
    })
    expect(response.status).toBe(status)
    expect(await response.json()).toEqual({ error: { code, message: 'Do this first.', path: 'acts[0]' } })
  })

  it('never shows a stack: what was not foreseen says that nothing is lost', async () => {
    const silenced = vi.spyOn(console, 'error').mockImplementation(() => {})
    const response = await answer(async () => {
      throw new TypeError('cannot read x of undefined')
    })
    expect(response.status).toBe(500)
    const { error } = (await response.json()) as { error: { message: string } }
    expect(error.message).toMatch(/Nothing typed is lost/)
    expect(JSON.stringify(error)).not.toMatch(/undefined|at /)
    expect(silenced).toHaveBeenCalled()
    silenced.mockRestore()
  })
})

describe('a request', () => {
  it.each(['not json', '"text"', '4', 'null'])('with the body %s is refused', async (body) => {
    await expect(bodyOf(post({}, body))).rejects.toMatchObject({ code: 'invalid-json' })
  })

  it('is taken from the application’s own pages and from the command line only', () => {
    const host = { host: '127.0.0.1:4180' }
    expect(sameOrigin(post(host))).toBe(true)
    expect(sameOrigin(post({ ...host, origin: 'http://127.0.0.1:4180' }))).toBe(true)
    expect(sameOrigin(post({ ...host, origin: 'http://127.0.0.1:9999' }))).toBe(false)
    expect(sameOrigin(post({ ...host, origin: 'https://elsewhere.example' }))).toBe(false)
    expect(sameOrigin(post({ ...host, origin: 'null' }))).toBe(false)
  })
})

describe('a body', () => {
  /** A body that would go on for ever, and how much of it was asked for. */
  function endless() {
    const seen = { pieces: 0, cancelled: false }
    const body = new ReadableStream<Uint8Array>({
      pull(controller) {
        seen.pieces++
        controller.enqueue(new Uint8Array(64_000))
      },
      cancel() {
        seen.cancelled = true
      },
    })
    const request = new Request('http://127.0.0.1/api/photos', {
      method: 'POST',
      body,
      duplex: 'half',
    } as RequestInit)
    return { request, seen }
  }

  it('is counted while it comes: too much of it is refused and no longer read', async () => {
    const { request, seen } = endless()
    await expect(bytesOf(request, 1_000_000, 'Too large.')).rejects.toMatchObject({ code: 'too-large' })
    expect(seen.pieces).toBeLessThan(20)
    expect(seen.cancelled).toBe(true)
  })

  it('that says how long it is, and is too long, is not read at all', async () => {
    const request = post({ 'content-length': '900000000' })
    await expect(bytesOf(request, 1_000_000, 'Too large.')).rejects.toMatchObject({ code: 'too-large' })
  })

  it('within the limit is whole', async () => {
    expect((await bytesOf(post({}, 'ruler'), 100, 'Too large.')).toString()).toBe('ruler')
  })
})

describe('a body that stays silent', () => {
  it('is given up, so that nobody holds a connection by saying nothing', async () => {
    vi.useFakeTimers()
    const given = { up: false }
    const body = new ReadableStream<Uint8Array>({
      cancel: () => {
        given.up = true
      },
    })
    const asked = new Request('http://127.0.0.1/', { method: 'POST', body, duplex: 'half' } as RequestInit)
    const answered = expect(bytesOf(asked, 100, 'too long')).rejects.toMatchObject({ code: 'too-slow' })
    await vi.advanceTimersByTimeAsync(20_000)
    await answered
    expect(given.up).toBe(true)
    vi.useRealTimers()
  })
})
