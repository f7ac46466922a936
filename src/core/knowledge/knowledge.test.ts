import { describe, expect, it } from 'vitest'
import { pairsOfFeed } from '../isolation'
import { wayBack } from '../refit'
import { proofVerdict } from '../safety/proof'
import { partsOf, stepsOf } from './actionSteps'
import { actions } from './actions'
import { alongTheLine, isolationPlans, isValve } from './isolation'
import { isolationNotes } from './isolationNotes'
import { proveChecks } from './proofChecks'
import { shortCauses } from './shortCauses'
import { stopGaps } from './stopGaps'
import { stopNow } from './stopNow'
import { stopInfo, stopTriggers } from './stops'
import { capacitorTemplate, motorTemplates, type TemplateLine } from './templates'
import { tests } from './tests'
import { valueLabels } from './valueLabels'
import {
  causeIds,
  causeInfo,
  familyIds,
  observationIds,
  observationInfo,
  toolIds,
  vocabulary,
} from './vocabulary'
import { moreWays } from './ways'

describe('every family', () => {
  it.each(familyIds)('%s has a plan whose points the vocabulary knows, and a place to prove', (family) => {
    const plan = isolationPlans[family]
    for (const { point, act, held } of plan.points) {
      expect(vocabulary.isolationPoints).toHaveProperty(point)
      expect(act.length).toBeGreaterThan(3)
      expect(held.length).toBeGreaterThan(3)
    }
    expect(
      plan.points.some(({ point }) => ['plug', 'breaker', 'disconnect', 'battery'].includes(point)),
    ).toBe(true)
    expect(plan.provePlace.length).toBeGreaterThan(5)
  })

  it.each(familyIds)('%s has a way in whose way back loses nothing', (family) => {
    for (const template of [
      motorTemplates[family],
      capacitorTemplate(family, false),
      capacitorTemplate(family, true),
      ...moreWays(family),
    ]) {
      const steps = template.lines.map((line, index) => ({ id: `${index}`, ...line }))
      const back = wayBack({ steps, replaced: template.replaced })
      expect(back.problems).toEqual([])
      const invertible = steps.filter((step) => !['photo', 'mark', 'measure', 'bypass'].includes(step.action))
      expect(back.steps.map((step) => step.from).sort()).toEqual(invertible.map((step) => step.id).sort())
      expect(template.kit.length).toBeGreaterThan(1)
      expect(steps.some((step) => step.part === template.replaced)).toBe(true)
    }
  })

  it.each(familyIds.filter((family) => moreWays(family).length > 0))(
    '%s has ways of its builds with the covers that its proof counts on, each told apart',
    (family) => {
      const ways = moreWays(family)
      expect(new Set(ways.map(({ id }) => id)).size).toBe(ways.length)
      const proofCovers = (lines: TemplateLine[]) =>
        lines.filter((line) => line.access === 'before-proof').map(({ action, part }) => `${action} ${part}`)
      for (const way of ways) {
        expect(way.when.endsWith('.')).toBe(true)
        // A grille that is screwed and one that is sprung stand before the same place; all else is the same cover.
        if (family !== 'bath-exhaust-fan')
          expect(proofCovers(way.lines)).toEqual(proofCovers(motorTemplates[family].lines))
        expect(way.lines.filter(({ frees }) => frees === way.takesOut)).toHaveLength(1)
        // Nothing is worked on at the bench before it is there.
        const out = way.lines.findIndex(({ frees }) => frees === way.takesOut)
        expect(way.lines.findIndex(({ bench }) => bench) === -1 || out >= 0).toBe(true)
        expect(way.lines.slice(0, out).some(({ bench }) => bench)).toBe(false)
        // A cup holds one kind of fastener: two kinds in one are told apart by nobody.
        const kinds = new Map<string, string>()
        for (const { cup, fastener } of way.lines)
          if (cup && fastener) {
            expect([cup, kinds.get(cup) ?? fastener.split(',')[0]]).toEqual([cup, fastener.split(',')[0]])
            kinds.set(cup, fastener.split(',')[0] ?? '')
          }
      }
    },
  )

  it('the freezer fan takes about thirty acts, as it does', () => {
    const way = moreWays('refrigerator-evaporator-fan').find(({ id }) => id === 'freezer-side')
    expect(way?.lines.length).toBeGreaterThanOrEqual(28)
  })

  it.each(familyIds)(
    '%s is proved from a hand spin to the next day, each check with what to expect',
    (family) => {
      const checks = proveChecks[family]
      expect(checks[0]!.id).toBe('hand-spin')
      expect(checks.at(-1)!.id).toBe('next-day')
      expect(new Set(checks.map((check) => check.id)).size).toBe(checks.length)
      expect(stopGaps[family].length).toBeGreaterThan(0)
    },
  )

  it('that burns gas is leak-tested before power, and offers no heat without a flue', () => {
    for (const family of ['draft-inducer', 'rv-furnace-blower'] as const)
      expect(proveChecks[family].map((check) => check.id)).toContain('leak-test')
    for (const family of familyIds)
      for (const text of stopGaps[family])
        if (/oven|grill|gas burner/i.test(text)) expect(text).toMatch(/never/i)
  })
})

describe('the line', () => {
  it('runs from breaker to switch to thermostat, valves apart', () => {
    const plan = isolationPlans['furnace-blower'].points
    expect(alongTheLine(plan).map(({ point }) => point)).toEqual(['breaker', 'service-switch', 'thermostat'])
    expect(isValve('gas-cock')).toBe(true)
  })

  it('is proved between the conductors it has', () => {
    const place = {
      supply: 'mains',
      twoHot: false,
      switchedLive: false,
      earth: 'ground',
      positions: 1,
    } as const
    expect(pairsOfFeed({ ...place, twoHot: true }, 1)).toEqual(['L1–L2', 'L1–ground', 'L2–ground'])
    expect(pairsOfFeed(place, 1)).toEqual(['L–N', 'L–ground', 'N–ground'])
    expect(pairsOfFeed({ ...place, supply: 'battery' }, 1)).toHaveLength(3)
  })

  it.each([
    [4.9, 'mains', 'dead'],
    [5, 'mains', 'not-proven'],
    [30, 'mains', 'not-proven'],
    [30.1, 'mains', 'live'],
    [0.9, 'battery', 'dead'],
    [1, 'battery', 'live'],
  ] as const)('%d V on a %s circuit is %s', (volts, supply, verdict) => {
    expect(proofVerdict(volts, supply)).toBe(verdict)
  })
})

describe('words and tables', () => {
  it('name every value of every observation', () => {
    for (const id of observationIds)
      expect(Object.keys(valueLabels[id]).sort(), id).toEqual([...observationInfo(id).values].sort())
  })

  it('name every cause shortly, with an action that is described', () => {
    for (const cause of causeIds) {
      expect(shortCauses[cause].length, cause).toBeLessThan(34)
      expect(actions, cause).toHaveProperty(causeInfo(cause).action)
    }
  })

  it('give every live test its precaution, and every test a tool that exists', () => {
    for (const id of observationIds) {
      for (const test of tests[id]) {
        if (test.risk === 'live') expect(test.caution, id).toBeTruthy()
        if (test.handsIn) expect(test.risk, id).toBe('dead')
        for (const tool of test.tools) expect(toolIds).toContain(tool)
        expect(test.minutes).toBeGreaterThan(0)
      }
    }
  })

  it('stop only for hard rules, on values that exist, and say whom to call', () => {
    for (const stop of stopTriggers) {
      expect(vocabulary.stopRules[stop.rule].level).toBe('hard')
      for (const value of stop.values) expect(observationInfo(stop.observation).values).toContain(value)
      expect(stop.call.length).toBeGreaterThan(5)
    }
  })
})

describe('what a person is told to do', () => {
  const refrigerant = [
    ...stopNow.refrigerant,
    stopInfo.refrigerant.text,
    ...stopTriggers.filter(({ rule }) => rule === 'refrigerant').map(({ text }) => text),
    ...familyIds.flatMap((family) => isolationNotes[family].filter((note) => note.includes('nicked'))),
  ]

  it('is never a plug or a switch where gas that burns may be in the room', () => {
    for (const text of refrigerant)
      expect(text).not.toMatch(/plug out|pull the plug|unplug (?:it|the)|machine off,/i)
    expect(refrigerant.join(' ')).toMatch(/touch no plug and no switch/i)
    expect(stopNow['gas-smell'].join(' ')).toMatch(/no switch and no plug/i)
  })

  it('is never to reset a breaker before the load is parted and read dead', () => {
    const texts = [
      ...tests.breaker.map(({ how }) => how),
      stepsOf('restore-supply').steps,
      ...stopNow['breaker-retrips'],
    ]
    for (const text of texts.filter((each) => /\breset\b/.test(each)))
      expect(text).toMatch(/read it dead.*reset|reset nothing|not reset again/)
  })
})

describe('an action on a motor of this kind', () => {
  it('exchanges no leads where leads do not set the turn', () => {
    expect(stepsOf('set-rotation', 'psc').steps).toContain('reversing plug or leads')
    for (const kind of ['shaded-pole', 'ecm', 'bldc'] as const)
      expect(stepsOf('set-rotation', kind).steps).not.toMatch(/exchange/i)
  })

  it('asks for no capacitor where none belongs to it', () => {
    expect(partsOf('replace-motor', 'shaded-pole')).toEqual(['motor'])
    expect(partsOf('replace-motor', 'psc')).toEqual(['motor', 'run capacitor'])
    expect(partsOf('replace-motor', null)).toEqual(['motor', 'run capacitor'])
  })
})
