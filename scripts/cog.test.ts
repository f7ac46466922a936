import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
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
})
