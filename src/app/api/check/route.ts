import { checkFolder } from '@/server/checkFolder'
import { answer } from '@/server/http'

export const dynamic = 'force-dynamic'

/** Look the data folder through; it changes nothing. */
export async function GET() {
  return answer(async () => ({ lines: await checkFolder() }))
}
