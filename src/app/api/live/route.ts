import { newsStream } from '@/server/live'

export const dynamic = 'force-dynamic'

export function GET(request: Request) {
  return new Response(newsStream(request.signal), {
    headers: {
      'content-type': 'text/event-stream',
      // No compression and no buffering: a beat that waits in a buffer is no sign of life.
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  })
}
