import { readFileSync } from 'node:fs'
import { CoreError } from '../src/core/errors'
import { changeOf, type Heard, type HeardOf, hear, type SoundChange } from '../src/core/sound/hear'
import { SoundDto } from '../src/core/sound/hear/input'
import { type Tool, tool } from '../src/core/tools/types'
import { saidSuggestions, sayChange } from '../src/wording/sayHeard'
import { transform } from '../src/workers/transform'
import { givenPath } from './givenPath'
import { readWav } from './wav'

const LEAST_SECONDS = 1

function heardIn(file: string, of: HeardOf, path: string): Heard {
  const recording = readWav(bytesOf(file, path))
  if (recording.samples.length < LEAST_SECONDS * recording.rate)
    throw new CoreError(
      'too-short',
      'This recording is shorter than a second. Record three to ten seconds.',
      path,
    )
  return hear(recording, of, transform)
}

function bytesOf(file: string, path: string): Buffer {
  try {
    return readFileSync(givenPath(file))
  } catch {
    throw new CoreError(
      'no-sound',
      `The file ${file} cannot be read. Give its path from where the command runs.`,
      path,
    )
  }
}

/** `cog sound`: what a recording of a fan tells, and what differs from an earlier one. */
export const soundTool: Tool = tool({
  name: 'sound',
  about:
    'What a recording (WAV) of a fan tells: speed, hum, tones, bearing beats, what it may be; compared with one before.',
  inputs: [
    {
      type: SoundDto,
      example: {
        file: 'after.wav',
        lineHz: 60,
        blades: 4,
        plateRpm: [1075],
        bearing: { balls: 8, ballMm: 5.95, pitchMm: 25 },
        before: 'before.wav',
      },
    },
  ],
  run: ({ file, before, ...of }: SoundDto) => {
    if (of.lineHz !== 50 && of.lineHz !== 60)
      throw new CoreError('invalid-input', 'The mains have 50 or 60 Hz.', 'lineHz')
    const heard = heardIn(file, of, 'file')
    const change = before === undefined ? null : changeOf(heardIn(before, of, 'before'), heard, of.lineHz)
    return {
      ...heard,
      suggests: saidSuggestions(heard),
      ...(change ? { compare: compared(change) } : {}),
    }
  },
})

/** The part of a change that the contract names, and its sentences. */
const compared = (change: SoundChange) => ({
  levelDb: change.levelDb,
  gone: change.gone,
  newTones: change.newTones,
  text: sayChange(change),
})
