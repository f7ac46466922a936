import { titleAndPlace } from '@/core/job/title'
import { fileAnswer } from '../http'
import { readJob } from '../jobs'
import { dropIncoming, incomingPath } from './incoming'
import { archiveStream } from './make'
import { type ArchiveReport, takeArchive } from './take'

export { beginIncoming, dropIncoming, LARGEST_PIECE, takePiece } from './incoming'
export type { ArchiveReport } from './take'

/** An archive of one job, or of the household where none is named. */
export const archiveFile = (jobId?: string) =>
  fileAnswer(async () => ({
    name: jobId ? titleAndPlace((await readJob(jobId)).snapshot.machine) : 'Rest Cog household',
    otherwise: 'job',
    ending: 'zip',
    type: 'application/zip',
    body: await archiveStream(jobId ? [jobId] : undefined),
  }))

/** Bring in the file whose pieces have come; it is removed either way. */
export async function endIncoming(id: string): Promise<ArchiveReport> {
  const path = await incomingPath(id)
  try {
    return await takeArchive(path, '')
  } finally {
    await dropIncoming(id)
  }
}
