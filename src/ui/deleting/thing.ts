import { asked } from '../data/asked'

/** Ask the server something of a job or a machine that is deleted or brought back. */
export const askThing = <Answer>(method: string, kind: 'job' | 'machine', id: string): Promise<Answer> =>
  method === 'GET'
    ? asked(`/api/deleted?kind=${kind}&id=${encodeURIComponent(id)}`)
    : asked('/api/deleted', method, { kind, id })
