import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KEPT_ATTRIBUTE, keptAs, keptPage } from './kept'

const SINCE = '2026-11-30T14:02:00.000Z'

describe('a page that is shown without the server', () => {
  it('says so in its first tag, and is else the page that it was', () => {
    const page = '<!DOCTYPE html><html lang="en" data-theme="dark"><body><p>PROVEN DEAD</p></body></html>'
    const kept = keptPage(page, SINCE)
    expect(kept).toContain(`<html ${KEPT_ATTRIBUTE}="${SINCE}" lang="en" data-theme="dark">`)
    expect(kept.replace(` ${KEPT_ATTRIBUTE}="${SINCE}"`, '')).toBe(page)
  })

  it.each([
    ['', SINCE],
    ['{"json": true}', SINCE],
    ['<htmlx>', SINCE],
    ['<html><body>', ''],
    ['<html><body>', '"><script>'],
  ])('is not shown where it cannot be marked: %j, %j', (html, since) => {
    expect(() => keptPage(html, since)).toThrow(RangeError)
  })
})

describe('what is kept on a device', () => {
  it.each([
    ['/', true, 'page'],
    ['/jobs/1m8qa/take-apart', true, 'page'],
    ['/household/data', true, 'page'],
    ['/api/jobs/1m8qa', false, 'job'],
    [`/api/photos/${'a'.repeat(64)}`, false, 'photo'],
    ['/_next/static/chunks/x.js', false, 'built'],
  ] as const)('%s', (path, navigates, as) => {
    expect(keptAs({ path, method: 'GET', navigates })).toBe(as)
    for (const method of ['POST', 'PUT', 'DELETE']) expect(keptAs({ path, method, navigates })).toBeNull()
  })

  it.each([
    '/api/jobs/1m8qa/rev',
    '/api/jobs/1m8qa/acts',
    '/api/jobs/1m8qa/history',
    '/api/live',
    '/api/health',
    '/api/jobs',
    '/api/backup',
    '/api/archive',
    '/jobs/1m8qa/notice',
  ])('never %s', (path) => expect(keptAs({ path, method: 'GET', navigates: false })).toBeNull())

  it('never the door, nor a download', () => {
    for (const path of ['/door', '/door/x', '/api/backup', '/api/jobs/x/pdf'])
      expect(keptAs({ path, method: 'GET', navigates: true })).toBeNull()
  })

  it('of what the server is asked for nothing but a job as a whole and a photo by its name', () => {
    fc.assert(
      fc.property(fc.webPath(), (path) => {
        const as = keptAs({ path: `/api${path}`, method: 'GET', navigates: false })
        expect(as === null || as === 'job' || as === 'photo').toBe(true)
      }),
    )
  })
})
