import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { cog } from './cogCommand'

/** The command in this process, with what it wrote. */
async function called(args: string[], input = '') {
  const written = { stdout: '', stderr: '' }
  const status = await cog(args, {
    input: () => input,
    async *inputLines() {
      yield* input.split('\n')
    },
    out: (text) => {
      written.stdout += text
    },
    err: (text) => {
      written.stderr += text
    },
  })
  return { status, ...written }
}

const turn = '{"direction":"CW","viewedFrom":"shaft-end","wanted":"lead-end"}'

describe('the command line', () => {
  it('answers one object with one object, and ends quietly where nobody reads on', () => {
    const script = join(import.meta.dirname, 'cog.mjs')
    const many = `yes '${turn}' | head -20000 | "${process.execPath}" "${script}" rotation --lines | head -1`
    const { stdout, stderr } = spawnSync('sh', ['-c', many], { encoding: 'utf8' })
    expect({ stdout, stderr }).toEqual({ stdout: '{"direction":"CCW"}\n', stderr: '' })
  })

  it('answers a line with a line, and a wrong one with what is wrong in its place', async () => {
    const { status, stdout } = await called(['rotation', '--lines'], `${turn}\n\nx\n${turn}`)
    const answers = stdout
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line))
    expect(status).toBe(0)
    expect(answers).toEqual([
      { direction: 'CCW' },
      { error: expect.objectContaining({ code: 'invalid-json' }) },
      { direction: 'CCW' },
    ])
  })

  it.each([
    [['rotation', '--in', 'nowhere.json'], 'no-such-file'],
    [['rotation', '--lines', '--in', 'nowhere.json'], 'no-such-file'],
    [['rotation', '--in', '/'], 'unreadable-file'],
    [['toString'], 'unknown-tool'],
    [[], 'no-tool'],
  ])('says what is wrong with %j in one object and without a stack', async (args, code) => {
    const { status, stdout, stderr } = await called(args)
    expect({ status, stdout }).toEqual({ status: 2, stdout: '' })
    expect(JSON.parse(stderr).error.code).toBe(code)
  })

  it('helps with an example, and tells the schema of the input', async () => {
    expect((await called(['--help'])).stdout).toContain('winding')
    expect((await called(['rotation', '--help'])).stdout).toContain('"viewedFrom"')
    expect(JSON.parse((await called(['rotation', '--schema'])).stdout)).toHaveProperty('$schema')
  })

  it('reads the plate of a photo, with its words and their places, turned upright', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'rest-cog-photo-'))
    try {
      const upsideDown = join(folder, 'gable.png')
      await sharp(join('src', 'demo', 'plates', 'gable.jpg'))
        .rotate(180)
        .png()
        .toFile(upsideDown)
      const { status, stdout } = await called(
        ['plate-photo'],
        JSON.stringify({ file: upsideDown, kind: 'motor' }),
      )
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
  })

  it.each([
    ['{"file":"nowhere.png"}', 'no-picture'],
    ['{"file":"package.json"}', 'no-picture'],
    ['{}', 'invalid-input'],
  ])('says of the photo %s what is wrong', async (input, code) => {
    const { status, stderr } = await called(['plate-photo'], input)
    expect([status, JSON.parse(stderr).error.code]).toEqual([2, code])
  })
})
