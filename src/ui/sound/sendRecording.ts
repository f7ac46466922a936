import type { RecordingFormat } from '@/core/job/rows'
import { MOST_RECORDING_BYTES } from '@/core/sound/advice'
import { notify } from '../kit/notify'

export const recordingAddress = (jobId: string, id: string): string => `/api/jobs/${jobId}/recordings/${id}`

const NOT_KEPT = 'What it tells is kept, the recording itself is not:'

/**
 * Keep a recording itself with its job.
 *
 * @returns its format; null where it cannot be kept, which is said
 */
export async function sendRecording(jobId: string, id: string, file: Blob): Promise<RecordingFormat | null> {
  if (file.size > MOST_RECORDING_BYTES) {
    notify(`${NOT_KEPT} it is larger than 12 MB. A few seconds are enough.`)
    return null
  }
  try {
    const response = await fetch(recordingAddress(jobId, id), { method: 'POST', body: file })
    const { format, error } = (await response.json()) as {
      format?: RecordingFormat
      error?: { message: string }
    }
    if (error) notify(`${NOT_KEPT} ${error.message}`)
    return format ?? null
  } catch {
    notify(`${NOT_KEPT} the server cannot be reached.`)
    return null
  }
}
