import { findables } from '@/server/find'
import { answer } from '@/server/http'

export const dynamic = 'force-dynamic'

export async function GET() {
  return answer(findables)
}
