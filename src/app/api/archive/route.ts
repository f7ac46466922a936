import { archiveFile, beginIncoming } from '@/server/archive'
import { answer, fromHere } from '@/server/http'

/** The whole household as an archive. */
export async function GET() {
  return archiveFile()
}

/** Begin to send an archive; its pieces follow. */
export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    return { id: await beginIncoming() }
  })
}
