import { describe, expect, it } from 'vitest'
import { act, id, onBench } from '../job/job.testing'
import type { FamilyId } from '../knowledge/vocabulary'
import { landingPlanOf, speedQuestions } from './ofJob'

const lead = (name: string) => ({ kind: 'lead.add', id: id(), part: 'old', name }) as const
const read = (a: string, b: string, typed: string) =>
  ({ kind: 'reading.set', id: id(), reading: 'resistance', part: 'old', a, b, typed }) as const
const say = (field: string, typed: string) =>
  ({ kind: 'field.set', id: id(), part: 'wiring', field, typed }) as const

/** White is the common, black, blue and red the speeds from fast to slow, brown the start. */
const tapped = (family: FamilyId) =>
  act(
    onBench(family, 'psc-multispeed'),
    ...['white', 'black', 'blue', 'red', 'brown'].map(lead),
    read('white', 'black', '8'),
    read('white', 'blue', '11'),
    read('white', 'red', '13'),
    read('white', 'brown', '20'),
    read('black', 'blue', '3'),
    read('black', 'red', '5'),
    read('black', 'brown', '28'),
    read('blue', 'red', '2'),
    read('blue', 'brown', '31'),
    read('red', 'brown', '33'),
  )
const landed = (job: ReturnType<typeof tapped>, name: string) =>
  landingPlanOf(job)?.landings.find((each) => each.lead === name)

describe('which speeds were in use', () => {
  it('is asked for each speed terminal of a board, and the answer lands there', () => {
    const job = tapped('furnace-blower')
    expect(speedQuestions(job).map(({ field }) => field)).toEqual(['speed-COOL', 'speed-HEAT'])
    const said = act(job, say('speed-COOL', 'blue'), say('speed-HEAT', 'red'))
    expect(landed(said, 'blue')?.terminal).toBe('COOL')
    expect(landed(said, 'red')?.terminal).toBe('HEAT')
    expect(landed(said, 'black')?.terminal ?? '').not.toMatch(/COOL|HEAT/)
  })

  it('is asked once where one switched line feeds the fan, and the others are capped', () => {
    const job = tapped('bath-exhaust-fan')
    expect(speedQuestions(job).map(({ field }) => field)).toEqual(['speed-used'])
    const said = act(job, say('speed-used', 'red'))
    expect(landed(said, 'red')).toMatchObject({ capped: false, terminal: 'line' })
    expect(landed(said, 'blue')).toMatchObject({ capped: true })
  })

  it('the same lead for two terminals is taken once, and a lead that is none is not taken', () => {
    const job = act(tapped('furnace-blower'), say('speed-COOL', 'blue'), say('speed-HEAT', 'blue'))
    const on = landingPlanOf(job)?.landings.filter(({ lead: name }) => name === 'blue')
    expect(on).toHaveLength(1)
    expect(speedQuestions(act(job, say('speed-COOL', 'green')))[0]?.answer).toBe('')
  })

  it('is not asked of a motor with one speed', () => {
    const job = act(
      onBench('bath-exhaust-fan', 'psc'),
      ...['black', 'white', 'brown'].map(lead),
      read('black', 'white', '20'),
      read('white', 'brown', '40'),
      read('black', 'brown', '60'),
    )
    expect(speedQuestions(job)).toEqual([])
  })
})
