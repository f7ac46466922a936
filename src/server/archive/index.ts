import { CoreError } from '@/core/errors'
import { titleAndPlace } from '@/core/job/title'
import { loadSnapshot } from '@/data/jobs'
import { fileAnswer } from '../http'
import { store } from '../store'
import { dropIncoming, incomingPath } from './incoming'
import { archiveStream } from './make'
import { type ArchiveReport, type Taking, takeArchive } from './take'

export { beginIncoming, dropIncoming, LARGEST_PIECE, takePiece } from './incoming'
export type { ArchiveReport, Taking } from './take'

/** An archive of one job, or of the household where none is named. */
export const archiveFile = (jobId?: string) =>
  fileAnswer(async () => ({
    name: jobId ? await archiveName(jobId) : 'Rest Cog household',
    otherwise: 'job',
    ending: 'zip',
    type: 'application/zip',
    body: await archiveStream(jobId ? [jobId] : undefined),
  }))

/** A job that cannot be read is taken along all the same: its rows as they stand. */
async function archiveName(jobId: string): Promise<string> {
  const snapshot = await loadSnapshot((await store()).db, jobId)
  if (!snapshot)
    throw new CoreError('unknown-job', 'There is no such job. It may have been deleted; look on the bench.')
  return titleAndPlace(snapshot.machine)
}

/** Bring in the file whose pieces have come; it is removed either way. */
export async function endIncoming(id: string, taking?: Taking): Promise<ArchiveReport> {
  const path = await incomingPath(id)
  try {
    return await takeArchive(path, '', taking)
  } finally {
    await dropIncoming(id)
  }
}
