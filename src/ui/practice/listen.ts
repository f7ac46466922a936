import type { FanSound } from './types'

/** Seconds of sound for one listening. */
const SECONDS = 2.5

const isSound = (value: string): value is Exclude<FanSound, 'nothing'> => Object.hasOwn(PARTS, value)

/** What is heard of a machine, made of a few oscillators: the written word stands beside it. */
export async function playSound(value: string): Promise<void> {
  if (!isSound(value)) return
  const audio = new AudioContext()
  const out = audio.createGain()
  out.gain.value = 0.12
  out.connect(audio.destination)
  const end = audio.currentTime + SECONDS
  for (const part of PARTS[value]) part(audio, out, end)
  await new Promise((resolve) => setTimeout(resolve, SECONDS * 1000))
  await audio.close()
}

type Part = (audio: AudioContext, out: AudioNode, end: number) => void

const tone =
  (hz: number, gain: number, wobble = 0): Part =>
  (audio, out, end) => {
    const source = audio.createOscillator()
    const level = audio.createGain()
    source.frequency.value = hz
    level.gain.value = gain
    if (wobble > 0) {
      const slow = audio.createOscillator()
      const depth = audio.createGain()
      slow.frequency.value = 6
      depth.gain.value = wobble
      slow.connect(depth).connect(source.frequency)
      slow.start()
      slow.stop(end)
    }
    source.connect(level).connect(out)
    source.start()
    source.stop(end)
  }

/** Noise through a band, beaten in time where it has a beat. */
const noise =
  (hz: number, gain: number, beat = 0): Part =>
  (audio, out, end) => {
    const buffer = audio.createBuffer(1, audio.sampleRate, audio.sampleRate)
    const samples = buffer.getChannelData(0)
    for (let i = 0; i < samples.length; i++) samples[i] = Math.random() * 2 - 1
    const source = audio.createBufferSource()
    source.buffer = buffer
    source.loop = true
    const band = audio.createBiquadFilter()
    band.type = 'bandpass'
    band.frequency.value = hz
    const level = audio.createGain()
    level.gain.value = gain
    if (beat > 0)
      for (let at = audio.currentTime; at < end; at += 1 / beat) {
        level.gain.setValueAtTime(gain, at)
        level.gain.setValueAtTime(gain * 0.1, at + 0.4 / beat)
      }
    source.connect(band).connect(level).connect(out)
    source.start()
    source.stop(end)
  }

const PARTS: Record<Exclude<FanSound, 'nothing'>, Part[]> = {
  hum: [tone(120, 0.7), tone(240, 0.25), tone(360, 0.1)],
  squeal: [tone(2300, 0.35, 90), noise(400, 0.2)],
  grinding: [noise(1800, 1, 14), noise(500, 0.6, 14)],
  rattle: [noise(900, 1, 7), noise(300, 0.5)],
  clicking: [noise(2500, 1, 2)],
  roar: [noise(250, 1.5), noise(700, 0.8)],
}
