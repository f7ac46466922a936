import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'

const script = join(import.meta.dirname, 'cog.mjs')
const cog = (args: string[], input = '') =>
  spawnSync(process.execPath, [script, ...args], { encoding: 'utf8', input })

const turn = '{"direction":"CW","viewedFrom":"shaft-end","wanted":"lead-end"}'

describe('the command line', () => {
  it('answers one object with one object', () => {
    const { status, stdout, stderr } = cog(['rotation'], turn)
    expect({ status, stderr, answer: JSON.parse(stdout) }).toEqual({
      status: 0,
      stderr: '',
      answer: { direction: 'CCW' },
    })
  })

  it.each([
    [['rotation', '--in', 'nowhere.json'], 'no-such-file'],
    [['rotation', '--lines', '--in', 'nowhere.json'], 'no-such-file'],
    [['rotation', '--in', '/'], 'unreadable-file'],
    [['toString'], 'unknown-tool'],
  ])('says what is wrong with %j in one object and without a stack', (args, code) => {
    const { status, stdout, stderr } = cog(args)
    expect({ status, stdout }).toEqual({ status: 2, stdout: '' })
    expect(JSON.parse(stderr).error.code).toBe(code)
  })

  it('ends quietly where nobody reads on', () => {
    const many = `yes '${turn}' | head -20000 | "${process.execPath}" "${script}" rotation --lines | head -1`
    const { stdout, stderr } = spawnSync('sh', ['-c', many], { encoding: 'utf8' })
    expect({ stdout, stderr }).toEqual({ stdout: '{"direction":"CCW"}\n', stderr: '' })
  })

  it('reads the plate of a photo, with its words and their places, turned upright', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'rest-cog-photo-'))
    try {
      const upsideDown = join(folder, 'gable.png')
      await sharp(join('src', 'demo', 'plates', 'gable.jpg'))
        .rotate(180)
        .png()
        .toFile(upsideDown)
      const { status, stdout } = cog(['plate-photo'], JSON.stringify({ file: upsideDown, kind: 'motor' }))
      const read = JSON.parse(stdout)
      expect(status).toBe(0)
      expect(read.turnedDegrees).toBe(180)
      expect(read.fields.rpm.value).toEqual([1075])
      expect(read.fields.capacitorUf.value).toBe(5)
      expect(read.text).toContain('1075')
      expect(read.words[0].box).toHaveLength(4)
    } finally {
      rmSync(folder, { recursive: true })
    }
  }, 60_000)

  it.each([
    ['{"file":"nowhere.png"}', 'no-picture'],
    ['{"file":"package.json"}', 'no-picture'],
    ['{}', 'invalid-input'],
  ])('says of the photo %s what is wrong', (input, code) => {
    const { status, stderr } = cog(['plate-photo'], input)
    expect([status, JSON.parse(stderr).error.code]).toEqual([2, code])
  })
})
