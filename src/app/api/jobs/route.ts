import { find } from '@/server/find'
import { answer } from '@/server/http'

export const dynamic = 'force-dynamic'

/** Jobs and machines by the words of `q`. */
export async function GET(request: Request) {
  return answer(() => find(new URL(request.url).searchParams.get('q') ?? ''))
}
