import { levelOfStretch, MOST_SECONDS, type RecordingLevel } from '@/core/sound/advice'
import type { SoundAnalysis } from '@/core/sound/analyse'
import type { HeardOf } from '@/core/sound/hear'
import type { FromListener, ToListener } from '@/workers/sound.worker'

/**
 * What is heard in a file: decoded by the browser, analysed in a worker.
 *
 * @param of what is known of the machine, asked for once the file is decoded
 * @param onShare how much of the listening is done, 0 to 1
 * @throws Error with a sentence where the file is no sound, or too short or silent
 */
export async function heardIn(
  file: Blob,
  of: () => HeardOf,
  signal: AbortSignal,
  onShare: (share: number) => void,
): Promise<SoundAnalysis> {
  const { samples, rate } = await decoded(file)
  signal.throwIfAborted()
  const found = await analysed({ samples, rate, of: of() }, signal, onShare)
  if (!found)
    throw new Error('This recording is silent or shorter than a fifth of a second. Record a few seconds.')
  return found
}

async function decoded(file: Blob): Promise<{ samples: Float32Array; rate: number }> {
  const audio = new AudioContext()
  try {
    const buffer = await audio.decodeAudioData(await file.arrayBuffer())
    const samples = new Float32Array(buffer.length)
    for (let channel = 0; channel < buffer.numberOfChannels; channel++) {
      const own = buffer.getChannelData(channel)
      for (let i = 0; i < samples.length; i++)
        samples[i] = (samples[i] ?? 0) + (own[i] ?? 0) / buffer.numberOfChannels
    }
    return { samples, rate: buffer.sampleRate }
  } catch {
    throw new Error(
      'This file is no recording that the browser can read. Choose a WAV, M4A, MP3 or OGG file.',
    )
  } finally {
    void audio.close()
  }
}

function analysed(
  recording: ToListener,
  signal: AbortSignal,
  onShare: (share: number) => void,
): Promise<SoundAnalysis | null> {
  const worker = new Worker(new URL('../../workers/sound.worker.ts', import.meta.url), { type: 'module' })
  return new Promise<SoundAnalysis | null>((resolve, reject) => {
    signal.addEventListener('abort', () => reject(signal.reason))
    worker.onmessage = ({ data }: MessageEvent<FromListener>) =>
      'share' in data ? onShare(data.share) : resolve(data.found)
    worker.onerror = () => reject(new Error('The recording could not be listened to. Try again.'))
    worker.postMessage(recording, [recording.samples.buffer])
  }).finally(() => worker.terminate())
}

interface Recording {
  signal: AbortSignal
  /** Ends it before its time, with what is there. */
  enough: AbortSignal
  onLevel: (level: RecordingLevel) => void
}

/** So often the level is looked at. */
const LOOK_MS = 150

/**
 * Up to ten seconds from the microphone, without the browser's own smoothing of voices.
 *
 * @throws Error with a sentence where the microphone is not given
 */
export async function recorded({ signal, enough, onLevel }: Recording): Promise<Blob> {
  const stream = await navigator.mediaDevices
    .getUserMedia({ audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false } })
    .catch(() => {
      throw new Error('The microphone was not given to this page. Allow it in the browser, or choose a file.')
    })
  const level = levelOfStream(stream, onLevel)
  try {
    const recorder = new MediaRecorder(stream)
    const pieces: Blob[] = []
    recorder.ondataavailable = ({ data }) => pieces.push(data)
    const over = new Promise<void>((resolve) => {
      recorder.onstop = () => resolve()
    })
    recorder.start()
    const stop = () => {
      clearTimeout(end)
      if (recorder.state !== 'inactive') recorder.stop()
    }
    const end = setTimeout(stop, 1000 * MOST_SECONDS)
    for (const each of [signal, enough]) each.addEventListener('abort', stop)
    await over
    signal.throwIfAborted()
    return new Blob(pieces, { type: recorder.mimeType })
  } finally {
    level.end()
    for (const track of stream.getTracks()) track.stop()
  }
}

/** How loud it is, told while it runs. */
function levelOfStream(stream: MediaStream, onLevel: Recording['onLevel']): { end: () => void } {
  const audio = new AudioContext()
  const ear = audio.createAnalyser()
  ear.fftSize = 8192
  audio.createMediaStreamSource(stream).connect(ear)
  const samples = new Float32Array(ear.fftSize)
  const from = performance.now()
  const look = setInterval(() => {
    ear.getFloatTimeDomainData(samples)
    onLevel({ seconds: (performance.now() - from) / 1000, ...levelOfStretch(samples) })
  }, LOOK_MS)
  return {
    end: () => {
      clearInterval(look)
      void audio.close()
    },
  }
}
