/** Stands for this application: where an address leads is judged as a browser reads it. */
const HERE = 'http://here.invalid'

/**
 * A path of this application, never another address: a browser leaves out tabs and line ends, and takes a backslash for a stroke.
 *
 * @example ownPath('/jobs/1/notice') // '/jobs/1/notice'
 * @example ownPath('/\t/elsewhere.example') // '/'
 */
export function ownPath(to: string | undefined): string {
  if (to === undefined || !to.startsWith('/') || !URL.canParse(to, HERE)) return '/'
  const { origin, pathname, search } = new URL(to, HERE)
  return origin === HERE && !pathname.startsWith('//') ? pathname + search : '/'
}
