import { createServer } from 'node:http'
import { POST } from '../src/app/api/jobs/[id]/acts/route'
import { openJob, readJob } from '../src/server/jobs'

/**
 * The route of the acts behind a plain server, so that it starts in a second and can be killed often. `RESTCOG_DATA` names
 * the folder, `PORT` the port; says `ready` once it listens.
 */
const server = createServer(async (incoming, outgoing) => {
  const pieces: Buffer[] = []
  for await (const piece of incoming) pieces.push(piece as Buffer)
  const [, kind = '', id = ''] = (incoming.url ?? '').split('/')
  const say = (status: number, body: unknown) =>
    outgoing.writeHead(status, { 'content-type': 'application/json' }).end(JSON.stringify(body))
  if (kind === 'open')
    return say(200, await openJob({ symptom: '', family: 'bath-exhaust-fan', name: 'Bath', findings: [] }))
  if (kind === 'job') return say(200, await readJob(id))
  const request = new Request(`http://localhost${incoming.url}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', host: 'localhost' },
    body: Buffer.concat(pieces),
  })
  const answer = await POST(request, {
    params: Promise.resolve({ id: (incoming.url ?? '').split('/')[3] ?? '' }),
  })
  say(answer.status, await answer.json())
})
server.listen(Number(process.env.PORT), '127.0.0.1', () => console.log('ready'))
