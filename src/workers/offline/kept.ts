/** Tells the page that it was opened without the server, and since when what it shows is kept. */
export const KEPT_ATTRIBUTE = 'data-kept-since'
/** The same of what a page asks for. */
export const KEPT_HEADER = 'x-kept-since'

const ISO = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}\.\d{3}Z$/

/**
 * A kept page, marked in its first tag, so that before anything of it runs it is known not to be the present.
 *
 * @param since ISO 8601
 * @throws RangeError for a time that is none, or a text that is no page: it is not shown then
 * @example keptPage('<!DOCTYPE html><html lang="en"><body>', '2026-11-30T14:02:00.000Z') // '<!DOCTYPE html><html data-kept-since="2026-11-30T14:02:00.000Z" lang="en"><body>'
 */
export function keptPage(html: string, since: string): string {
  if (!ISO.test(since) || !/<html[\s>]/i.test(html)) throw new RangeError('no page that was kept')
  return html.replace(/<html(?=[\s>])/i, `<html ${KEPT_ATTRIBUTE}="${since}"`)
}

/** What is asked for, as far as it says whether it is kept. */
export interface Asked {
  path: string
  method: string
  /** A page is gone to. */
  navigates: boolean
}

export type KeptAs = 'page' | 'job' | 'photo' | 'built'

/**
 * Whether an answer is kept, and as what. Everything else goes to the server, and fails where it is away: signs of life, acts,
 * lists that are worked out, the door.
 *
 * @example keptAs({ path: '/jobs/a/notice', method: 'GET', navigates: true }) // 'page'
 * @example keptAs({ path: '/api/jobs/a/rev', method: 'GET', navigates: false }) // null
 */
export function keptAs({ path, method, navigates }: Asked): KeptAs | null {
  if (method !== 'GET') return null
  if (navigates) return path.startsWith('/door') || path.startsWith('/api/') ? null : 'page'
  if (/^\/api\/jobs\/[\w-]+$/.test(path)) return 'job'
  if (/^\/api\/photos\/[0-9a-f]{64}$/.test(path)) return 'photo'
  return path.startsWith('/_next/static/') || path === '/icon.svg' || path.startsWith('/icons/')
    ? 'built'
    : null
}

/** Said where a page was never opened before the server went away. */
export const neverOpened = `<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>Rest Cog</title><style>body{margin:0;font:18px/1.5 system-ui,sans-serif;background:#eef0ed;color:#16201c}main{max-width:34rem;margin:4rem auto;padding:0 1.25rem}a{color:#0b5a52}</style></head>
<body><main><h1>This page was not opened before</h1><p>The server cannot be reached, and of this page nothing is kept on this device. Pages that were open here before can be opened. Take every machine for live.</p>
<p><a href="/">The bench, as it was last</a></p></main></body></html>`
