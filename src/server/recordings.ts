import { CoreError } from '@/core/errors'
import { isId } from '@/core/job/ids'
import type { RecordingFormat } from '@/core/job/rows'
import { formatOf } from '@/core/sound/format'
import { transact } from '@/data/database'
import { hasJob } from '@/data/jobs'
import { findRecording, insertRecording } from '@/data/recordings'
import { store } from './store'

const TYPES: Record<RecordingFormat, string> = {
  wav: 'audio/wav',
  webm: 'audio/webm',
  ogg: 'audio/ogg',
  mp4: 'audio/mp4',
  mp3: 'audio/mpeg',
}

/**
 * Keep a recording itself, because somebody asked for it: under the id of the sound that it becomes.
 *
 * @returns its format, by its first bytes
 * @throws CoreError `invalid-input`, `unknown-job`, `not-a-sound`
 */
export async function keepRecording(jobId: string, id: string, bytes: Buffer): Promise<RecordingFormat> {
  if (!isId(id)) throw new CoreError('invalid-input', 'A recording is kept under the id of its sound.')
  const format = formatOf(bytes)
  if (!format)
    throw new CoreError(
      'not-a-sound',
      'This file is no recording that is kept. Choose a WAV, WebM, OGG, M4A or MP3 file.',
    )
  const { db } = await store()
  await transact(db, async (trx) => {
    if (!(await hasJob(trx, jobId))) throw new CoreError('unknown-job', 'There is no such job.')
    await insertRecording(trx, { id, jobId, format, bytes, at: new Date().toISOString() })
  })
  return format
}

/** @throws CoreError `unknown-recording` */
export async function readRecording(
  jobId: string,
  id: string,
): Promise<{ type: string; bytes: Uint8Array<ArrayBuffer> }> {
  const { db } = await store()
  const row = await findRecording(db, jobId, id)
  if (!row) throw new CoreError('unknown-recording', 'This recording is not kept here.')
  return { type: TYPES[row.format], bytes: new Uint8Array(row.bytes) }
}
