import { answer } from '@/server/http'
import { type MatchProgress, matchStored } from '@/server/partMatch'

/** The stored catalogues against the old part of a job, a line of JSON for each stretch. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const part = new URL(request.url).searchParams.get('part') === 'capacitor' ? 'capacitor' : 'motor'
  const matching = matchStored((await params).id, part, request.signal)
  let first: IteratorResult<MatchProgress> | null = null
  const refused = await answer(async () => {
    first = await matching.next()
    return {}
  })
  const begun = first as IteratorResult<MatchProgress> | null
  if (!begun) return refused
  const encoder = new TextEncoder()
  const line = (progress: MatchProgress) => encoder.encode(`${JSON.stringify(progress)}\n`)
  return new Response(
    new ReadableStream({
      start(controller) {
        if (!begun.done) controller.enqueue(line(begun.value))
      },
      async pull(controller) {
        const next = await matching.next()
        if (next.done) controller.close()
        else controller.enqueue(line(next.value))
      },
      async cancel() {
        await matching.return(undefined)
      },
    }),
    { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } },
  )
}
