import { describe, expect, it } from 'vitest'
import { familyIds } from '../knowledge/vocabulary'
import { dataFieldError } from '../match/motorData'
import { validatedAct } from './acts/actInput'
import type { Act } from './acts/actTypes'
import { planAct } from './acts/plan'
import { energyOf } from './energy/energy'
import { capacitorMayBe } from './energy/place'
import { isolationActs, proofActs } from './energy/proofScript'
import { capacitorOf, derivedFindings, windingLeads, windingOf } from './evidence/derive'
import { legsOfJob, walkFindings, walkPoints } from './evidence/supplyWalk'
import { isId, newId } from './ids'
import { act, id, jobOn, NOW, onBench, refused } from './job.testing'
import { motorPlateFields, oldCapacitor, oldMotor } from './parts/oldPart'
import type { JobSnapshot } from './rows'
import { inverse, merged, withChanges } from './snapshot'

describe('acts and their changes', () => {
  it('are taken back by their inverse, whatever they touched', () => {
    const before = onBench('outdoor-unit-fan', 'psc')
    const acts: Act[] = [
      { kind: 'finding.set', id: id(), observation: 'sound', value: 'hum' },
      { kind: 'lead.add', id: id(), part: 'old', name: 'black' },
      { kind: 'field.set', id: id(), part: 'motor-old', field: 'hp', typed: '1/4' },
      { kind: 'ledger.add', id: id(), after: null, line: { part: 'cover', action: 'unclip' } },
    ]
    for (const each of acts) {
      const { changes } = planAct(before, each, NOW)
      expect(withChanges(withChanges(before, changes), inverse(changes))).toEqual(before)
    }
  })

  it('of one field become one change from the first before to the last after', () => {
    const set = (typed: string): Act => ({
      kind: 'field.set',
      id: 'f',
      part: 'motor-old',
      field: 'hp',
      typed,
    })
    const one = jobOn('ceiling-fan')
    const first = planAct(one, set('1'), NOW).changes
    const second = planAct(withChanges(one, first), set('1/4'), NOW).changes
    const [only, ...more] = merged(first, second)
    expect(more).toEqual([])
    expect(only).toMatchObject({ before: null, after: { typed: '1/4' } })
  })

  it('are refused on a closed job, but for what is written down afterwards', () => {
    const closed = act(jobOn('ceiling-fan'), { kind: 'job.close', result: 'not-mended' })
    expect(refused(closed, { kind: 'finding.set', id: id(), observation: 'sound', value: 'hum' })).toBe(
      'closed',
    )
    expect(act(closed, { kind: 'job.edit', field: 'lesson', value: 'blade screws' }).job.lesson).toBe(
      'blade screws',
    )
  })

  it('take a motor kind, a date, an action and an option only from those there are', () => {
    const job = jobOn('ceiling-fan')
    const edit = (field: string, value: string): Act => ({ kind: 'machine.edit', field, value })
    expect(refused(job, edit('motorKind', 'psc'))).toBeNull()
    expect(refused(job, edit('motorKind', 'steam'))).toBe('unknown-value')
    expect(refused(job, edit('nextLook', '2027-05-01'))).toBeNull()
    expect(refused(job, edit('nextLook', 'some day'))).toBe('not-a-date')
    const decision = {
      kind: 'decision.set',
      id: 'd',
      agreed: true,
      cause: 'capacitor-weak',
      reason: '',
      probability: 1,
    }
    expect(() =>
      validatedAct({ ...decision, action: 'replace-capacitor', option: 'capacitor' }),
    ).not.toThrow()
    expect(() => validatedAct({ ...decision, action: 'hope' })).toThrow(/action must be one of/)
    expect(() => validatedAct({ ...decision, action: 'clean', option: 'luck' })).toThrow(
      /option must be one of/,
    )
  })

  it('need a reason to strike, and at most ten leads', () => {
    const job = jobOn('ceiling-fan')
    expect(refused(job, { kind: 'point.strike', id: job.points[0]!.id, reason: ' ' })).toBe('no-reason')
    const ten = act(
      onBench('ceiling-fan'),
      ...Array.from(
        { length: 10 },
        (_, i): Act => ({ kind: 'lead.add', id: id(), part: 'old', name: `l${i}` }),
      ),
    )
    expect(refused(ten, { kind: 'lead.add', id: id(), part: 'old', name: 'l10' })).toBe('too-many-leads')
  })

  it('tell two leads of one colour apart by number, with what was read at the first', () => {
    const add = (name: string): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })
    const read = { kind: 'reading.set', id: id(), reading: 'resistance', part: 'old', typed: '14' } as const
    const two = act(onBench('ceiling-fan'), add('black'), add('brown'), { ...read, a: 'black', b: 'brown' })
    const three = act(two, add('Brown'), add('brown'))
    expect(three.leads.map(({ name }) => name)).toEqual(['black', 'brown 1', 'Brown 2', 'brown 3'])
    expect(three.readings.map(({ pointA, pointB }) => [pointA, pointB])).toEqual([['black', 'brown 1']])
  })

  it('ask no pairs of the ground lead', () => {
    const add = (name: string): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })
    const job = act(onBench('ceiling-fan'), add('black'), add('white'), add('green-yellow'), {
      kind: 'reading.set',
      id: id(),
      reading: 'resistance',
      part: 'old',
      a: 'black',
      b: 'white',
      typed: '30',
    })
    expect(windingLeads(job, 'old')).toEqual(['black', 'white'])
    expect(windingOf(job, 'old')).toMatchObject({ verdict: 'good', missing: [] })
  })

  it('renaming a lead takes its readings along, removing it takes them away', () => {
    const leads = act(
      onBench('ceiling-fan'),
      { kind: 'lead.add', id: 'a', part: 'old', name: 'grey' },
      { kind: 'lead.add', id: 'b', part: 'old', name: 'blue' },
      {
        kind: 'reading.set',
        id: id(),
        reading: 'resistance',
        part: 'old',
        a: 'grey',
        b: 'blue',
        typed: '31',
      },
    )
    const renamed = act(leads, { kind: 'lead.rename', id: 'a', name: 'white' })
    expect(renamed.readings[0]).toMatchObject({ pointA: 'white', pointB: 'blue' })
    expect(act(renamed, { kind: 'lead.remove', id: 'a' }).readings).toEqual([])
  })

  it('move a ledger line between two others', () => {
    const lines = act(
      onBench('ceiling-fan'),
      ...['a', 'b', 'c'].map((part): Act => ({ kind: 'ledger.add', id: part, after: null, line: { part } })),
    )
    expect(act(lines, { kind: 'ledger.move', id: 'c', before: 'b' }).ledger.map((line) => line.part)).toEqual(
      ['a', 'c', 'b'],
    )
    expect(
      act(lines, { kind: 'ledger.move', id: 'a', before: null }).ledger.map((line) => line.part),
    ).toEqual(['b', 'c', 'a'])
  })
})

describe('the energy state', () => {
  it.each(familyIds)('of a new job on %s is live, with everything still to do', (family) => {
    const energy = energyOf(jobOn(family), NOW)
    expect(energy).toMatchObject({ state: 'live', handsIn: false, openPoints: 0 })
    expect(energy.missing.length).toBeGreaterThanOrEqual(energy.allPoints)
  })

  it('waits for the electronics of a module, and has no capacitor to discharge there', () => {
    const ecm = jobOn('furnace-blower', 'ecm')
    expect(ecm.waits.map((wait) => wait.kind)).toContain('electronics')
    expect(capacitorMayBe(ecm)).toBe(false)
    expect(capacitorMayBe(jobOn('furnace-blower'))).toBe(true)
  })

  it('of a plugged machine is proved by the plug in sight', () => {
    const job = jobOn('hrv-fan', 'shaded-pole')
    const open = act(job, ...isolationActs(job), ...proofActs(job, id))
    expect(energyOf(open, NOW)).toMatchObject({ state: 'proven-dead', handsIn: true })
  })

  it('takes one volt of a battery circuit for live', () => {
    const job = jobOn('rv-furnace-blower')
    const proved = (volts: string) =>
      proofActs(job, id, [volts, volts, volts]).reduce(
        (all, each) => (refused(all, each) === null ? act(all, each) : all),
        act(job, ...isolationActs(job)),
      )
    expect(energyOf(proved('0.4'), NOW).state).toBe('proven-dead')
    expect(energyOf(proved('1.2'), NOW)).toMatchObject({ state: 'live', stop: { volts: 1.2 } })
  })
})

describe('what readings make', () => {
  it('a measured capacitor becomes a finding of its section', () => {
    const job = act(
      onBench('outdoor-unit-fan', 'psc', '35+5 µF ±6 % 440 V'),
      { kind: 'reading.set', id: id(), reading: 'capacitance', part: 'old', a: 'FAN', b: '', typed: '3,1' },
      { kind: 'reading.set', id: id(), reading: 'capacitance', part: 'old', a: 'HERM', b: '', typed: '35.2' },
    )
    expect(derivedFindings(job).map(({ observation, value }) => [observation, value])).toEqual([
      ['capacitor-fan-reading', 'low'],
      ['capacitor-other-reading', 'within'],
    ])
    expect(capacitorOf(job, 'old').check!.verdict).toBe('weak')
  })

  it('the phases of an electronic motor are its own observation', () => {
    const leads: Act[] = ['u', 'v', 'w'].map((name) => ({ kind: 'lead.add', id: id(), part: 'old', name }))
    const read = (a: string, b: string, typed: string): Act => ({
      kind: 'reading.set',
      id: id(),
      reading: 'resistance',
      part: 'old',
      a,
      b,
      typed,
    })
    const job = act(
      onBench('furnace-blower', 'ecm'),
      ...leads,
      read('u', 'v', '8.2'),
      read('u', 'w', '8.3'),
      read('v', 'w', '11.9'),
    )
    expect(derivedFindings(job)).toMatchObject([{ observation: 'phase-resistances', value: 'unequal' }])
  })

  it('what cannot be read or was struck counts for nothing', () => {
    const job = act(
      onBench('ceiling-fan', 'psc', 'no label left'),
      { kind: 'lead.add', id: id(), part: 'old', name: 'a' },
      { kind: 'lead.add', id: id(), part: 'old', name: 'b' },
      { kind: 'reading.set', id: 'r', reading: 'resistance', part: 'old', a: 'a', b: 'b', typed: 'abc' },
    )
    expect(capacitorOf(job, 'old').labelError).toMatch(/with its unit/)
    expect(windingOf(job, 'old')).toBeNull()
    const read = act(job, {
      kind: 'reading.set',
      id: 'r',
      reading: 'resistance',
      part: 'old',
      a: 'a',
      b: 'b',
      typed: '31',
    })
    expect(windingOf(read, 'old')!.verdict).toBe('good')
    expect(
      windingOf(act(read, { kind: 'reading.strike', id: 'r', reason: 'a wire was on' }), 'old'),
    ).toBeNull()
  })

  it('walks the chain that the family has', () => {
    expect(walkPoints('outdoor-unit-fan')).toHaveLength(5)
    expect(walkPoints('furnace-blower')).toEqual(['supply', 'call', 'motor'])
    expect(walkPoints('bath-exhaust-fan')).toEqual(['supply', 'motor'])
  })
})

describe('the legs of a supply, read live', () => {
  const live = (
    typed: Record<string, string>,
    legs = 'two',
    region: JobSnapshot['household']['region'] = 'north-america',
  ) =>
    Object.entries(typed).reduce(
      (job, [points, volts]) => {
        const [a = '', b = ''] = points.split(' ')
        return act(job, { kind: 'reading.set', id: id(), reading: 'supply', part: 'old', a, b, typed: volts })
      },
      act(inRegion(region), { kind: 'field.set', id: id(), part: 'plan', field: 'legs', typed: legs }),
    )
  const inRegion = (region: JobSnapshot['household']['region']): JobSnapshot => {
    const job = jobOn('outdoor-unit-fan', 'psc')
    return { ...job, household: { ...job.household, region } }
  }
  const found = (job: JobSnapshot) =>
    Object.fromEntries(walkFindings(job).map(({ observation, value }) => [observation, value]))

  it('one of two that is gone is no supply, whatever comes back through the load', () => {
    expect(found(live({ 'supply L2–ground': '0.4' }))).toEqual({ 'supply-voltage': 'none' })
    const weak = live({ supply: '131', 'supply L1–ground': '121', 'supply L2–ground': '0.4' })
    expect(found(weak)).toEqual({ 'supply-voltage': 'none' })
    expect(walkFindings(weak)[0]?.from).toBe('0.4 V at L2–ground')
  })

  it('one of three that is gone leaves a pair: the supply is low', () => {
    expect(found(live({ 'supply L3–ground': '0.2', 'supply L1–ground': '120' }, 'three'))).toEqual({
      'supply-voltage': 'low',
    })
  })

  it('a pole that does not close is what comes out of the contactor', () => {
    const job = live({ supply: '239', 'supply L2–ground': '120', 'output L2–ground': '1.2' })
    expect(found(job)).toEqual({ 'supply-voltage': 'normal', 'contactor-output': 'none' })
  })

  it('of two readings that cannot both be true neither is a finding', () => {
    const job = live({ supply: '239', 'supply L2–ground': '0' })
    expect(found(job)).toEqual({})
    expect(legsOfJob(job).conflict).toBe('supply')
  })

  it('a leg that shows its volts says nothing alone', () => {
    expect(found(live({ 'supply L2–ground': '120', 'output L2–ground': '119' }))).toEqual({})
  })

  it('between two of three phases in Europe stand 400 V, at a motor for 230', () => {
    expect(found(live({ supply: '402', motor: '231' }, 'three', 'europe'))).toEqual({
      'supply-voltage': 'normal',
      'motor-voltage': 'normal',
    })
    expect(found(live({ supply: '402' }, 'three'))).toEqual({ 'supply-voltage': 'high' })
  })
})

describe('the old part from its typed fields', () => {
  const typed = (entries: Record<string, string>) =>
    act(
      jobOn('outdoor-unit-fan', 'psc'),
      ...Object.entries(entries).map(
        ([field, text]): Act => ({ kind: 'field.set', id: id(), part: 'motor-old', field, typed: text }),
      ),
    )

  it('is read with the household’s units', () => {
    const old = oldMotor(
      typed({
        voltages: '208-230',
        rpm: '1075/825',
        hp: '1/4',
        shaftDiameterMm: '1/2',
        diameterMm: '142 mm',
        mount: 'stud',
        boltCircleMm: '4 3/16',
      }),
    )
    expect(old).toMatchObject({
      voltages: [208, 230],
      rpm: [1075, 825],
      hp: 0.25,
      shaft: { diameterMm: 12.7 },
      diameterMm: 142,
      mount: { type: 'stud' },
    })
    expect(old.mount!.boltCircleMm).toBeCloseTo(106.4, 1)
    expect(old).not.toHaveProperty('amps')
  })

  it('takes the fitted capacitor where the plate names none', () => {
    const job = act(typed({}), {
      kind: 'field.set',
      id: id(),
      part: 'capacitor-old',
      field: 'label',
      typed: '35+5 µF 440 V',
    })
    expect(oldMotor(job).capacitor).toEqual({ uF: 5, volts: 440 })
    expect(oldCapacitor(job)!.sections).toHaveLength(2)
    expect(oldCapacitor(jobOn('ceiling-fan'))).toBeNull()
  })

  it('says what is wrong with a field, and nothing about an empty one', () => {
    const field = (name: string) => motorPlateFields.find((each) => each.field === name)!
    expect(dataFieldError(field('hp'), 'lots')).toMatch(/Type a number/)
    expect(dataFieldError(field('rpm'), 'fast')).toMatch(/for example 1075/)
    expect(dataFieldError(field('amps'), '')).toBeNull()
  })
})

describe('ids', () => {
  it('has no twin among thousands made within the same millisecond', () => {
    const ids = Array.from({ length: 5000 }, () => newId(NOW, Math.random))
    expect(new Set(ids).size).toBe(ids.length)
    expect(ids.every(isId)).toBe(true)
  })

  it('sort by time and fit into addresses and file names', () => {
    const [one, two] = [newId(1_000_000, () => 0.9), newId(1_000_001, () => 0.1)]
    expect(one < two).toBe(true)
    expect([one, two].every(isId)).toBe(true)
    expect(isId('../etc')).toBe(false)
  })
})

describe('what is concluded from a job', () => {
  it('say nothing of a part of three while one of its sections is unread', () => {
    const read = (job: JobSnapshot, section: string, typedUf: string) =>
      act(job, {
        kind: 'reading.set',
        id: id(),
        reading: 'capacitance',
        part: 'old',
        a: section,
        b: '',
        typed: typedUf,
      })
    const bench = onBench('ceiling-fan', 'psc-multispeed', '4+5+6 µF 250 V')
    const one = read(bench, '1', '4')
    const two = read(one, '2', '5')
    expect(derivedFindings(two)).toEqual([])
    expect(derivedFindings(read(two, '3', '6'))).toMatchObject([
      { observation: 'capacitor-fan-reading', value: 'within' },
    ])
    // A bad one speaks at once.
    expect(derivedFindings(read(one, '2', '2.1'))).toMatchObject([
      { observation: 'capacitor-fan-reading', value: 'low' },
    ])
  })

  it('is worked out once for each state of it, and again after an act', () => {
    const job = jobOn('bath-exhaust-fan', 'psc')
    expect(derivedFindings(job)).toBe(derivedFindings(job))
    expect(windingOf(job, 'old')).toBe(windingOf(job, 'old'))
    const read = (typed: string, from: JobSnapshot) =>
      withChanges(
        from,
        planAct(from, { kind: 'field.set', id: id(), part: 'capacitor-old', field: 'label', typed }, NOW)
          .changes,
      )
    const labelled = read('4 µF ±5 % 250 V', job)
    expect(capacitorOf(job, 'old').label).toBeNull()
    expect(capacitorOf(labelled, 'old').label?.sections[0]?.uF).toBe(4)
    expect(capacitorOf(labelled, 'new').label).toBeNull()
  })
})
