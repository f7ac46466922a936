import { describe, expect, it } from 'vitest'
import { causeInfo } from '../knowledge/vocabulary'
import { run, share, top } from './run.testing'

describe('rules of thumb', () => {
  it('hums and does not turn, free by hand, capacitor low → capacitor', () => {
    const result = run('outdoor-unit-fan', {
      'fan-state': 'hums',
      'free-spin': 'free',
      'capacitor-fan-reading': 'low',
    })
    expect(result.decided).toEqual({ cause: 'capacitor-weak', action: 'replace-capacitor' })
  })

  it('hums, free, capacitor within → start winding or wiring, no longer the capacitor', () => {
    const result = run(
      'bath-exhaust-fan',
      { 'fan-state': 'hums', 'free-spin': 'free', 'capacitor-fan-reading': 'within' },
      { motorKind: 'psc' },
    )
    expect(share(result, 'winding-open', 'winding-shorted', 'wired-wrong')).toBeGreaterThan(0.5)
    expect(share(result, 'capacitor-weak', 'capacitor-open', 'capacitor-shorted')).toBeLessThan(0.1)
  })

  it('hums, seized → bearing', () => {
    expect(top(run('bath-exhaust-fan', { 'fan-state': 'hums', 'free-spin': 'seized' }))).toBe(
      'bearing-seized',
    )
  })

  it('hums and starts with a nudge → capacitor', () => {
    const result = run('outdoor-unit-fan', { 'fan-state': 'hums', 'nudge-start': 'starts-and-runs' })
    expect(share(result, 'capacitor-weak', 'capacitor-open')).toBeGreaterThan(0.8)
  })

  it('dead silent without voltage at the motor → supply or control', () => {
    const result = run('furnace-blower', { 'fan-state': 'dead', sound: 'nothing', 'motor-voltage': 'none' })
    const groups = result.suspects.filter((s) =>
      ['supply', 'control', 'wiring'].includes(causeInfo(s.cause).group),
    )
    expect(groups.reduce((sum, s) => sum + s.probability, 0)).toBeGreaterThan(0.9)
  })

  it('dead silent with voltage at the motor → winding, protector or module', () => {
    const result = run('furnace-blower', { 'fan-state': 'dead', sound: 'nothing', 'motor-voltage': 'normal' })
    expect(
      share(
        result,
        'winding-open',
        'thermal-protector-open',
        'ecm-module-failed',
        'ecm-inrush-part-burnt',
        'winding-grounded',
      ),
    ).toBeGreaterThan(0.6)
  })

  it('call present, contactor not in → coil; in without output → contacts', () => {
    expect(
      top(
        run('outdoor-unit-fan', {
          'fan-state': 'dead',
          'control-voltage': 'present',
          'contactor-position': 'not-pulled-in',
        }),
      ),
    ).toBe('contactor-coil-open')
    expect(
      top(
        run('outdoor-unit-fan', {
          'fan-state': 'dead',
          'contactor-position': 'pulled-in',
          'contactor-output': 'none',
          'supply-voltage': 'normal',
        }),
      ),
    ).toBe('contactor-contacts-bad')
  })

  it('compressor runs and the fan does not → what the two share is fine', () => {
    const result = run('outdoor-unit-fan', { 'fan-state': 'dead', companion: 'yes' })
    expect(
      share(result, 'no-supply', 'no-control-call', 'control-power-dead', 'contactor-coil-open'),
    ).toBeLessThan(0.25)
  })

  it('slower over months, coasts long → capacitor; stops at once → bearing or dirt', () => {
    expect(
      share(
        run('ceiling-fan', { 'fan-state': 'slow', onset: 'slower-over-months', 'coast-down': 'coasts-long' }),
        'capacitor-weak',
        'speed-capacitor-failed',
      ),
    ).toBeGreaterThan(0.6)
    expect(
      share(
        run('bath-exhaust-fan', {
          'fan-state': 'slow',
          onset: 'slower-over-months',
          'coast-down': 'stops-quickly',
        }),
        'bearing-worn',
        'dirt-or-paint-fouling',
        'bearing-seized',
      ),
    ).toBeGreaterThan(0.8)
  })

  it('high right and the others wrong → speed section; all slow → start section', () => {
    expect(top(run('ceiling-fan', { speeds: 'only-high' }, { motorKind: 'psc-multispeed' }))).toBe(
      'speed-capacitor-failed',
    )
    expect(top(run('ceiling-fan', { speeds: 'all-slow' }, { motorKind: 'psc-multispeed' }))).toBe(
      'capacitor-weak',
    )
  })

  it('some speeds missing → switch or tap', () => {
    expect(
      share(
        run('ceiling-fan', { speeds: 'some-missing' }),
        'wall-switch-or-pull-chain',
        'winding-open',
        'speed-capacitor-failed',
        'control-board-relay',
      ),
    ).toBeGreaterThan(0.7)
  })

  it('a squeal that grew → dry bearing; a rattle → loose wheel, mount or debris', () => {
    expect(
      top(
        run('draft-inducer', { 'fan-state': 'runs-noisy', sound: 'squeal', onset: 'grew-louder-over-weeks' }),
      ),
    ).toBe('bearing-worn')
    expect(
      share(
        run('bath-exhaust-fan', { 'fan-state': 'runs-noisy', sound: 'rattle' }),
        'wheel-loose',
        'mount-loose',
        'ice-or-debris',
        'wheel-damaged',
        'wheel-rubbing',
      ),
    ).toBeGreaterThan(0.6)
  })

  it('air the wrong way after a repair → rotation; untouched → capacitor or motor', () => {
    expect(top(run('outdoor-unit-fan', { 'fan-state': 'runs-backwards', 'wiring-changed': 'yes' }))).toBe(
      'rotation-reversed',
    )
    expect(
      top(
        run('outdoor-unit-fan', { 'fan-state': 'runs-backwards', 'wiring-changed': 'no', onset: 'suddenly' }),
      ),
    ).toBe('capacitor-weak')
  })

  it('runs but little air → filter, duct, flap, wheel', () => {
    const result = run('bath-exhaust-fan', { 'fan-state': 'runs-little-air' })
    expect(
      share(
        result,
        'vent-blocked',
        'damper-stuck',
        'dirt-or-paint-fouling',
        'wheel-loose',
        'rotation-reversed',
      ),
    ).toBeGreaterThan(0.9)
  })

  it('inducer runs and nothing glows → pressure switch, tube, drain, vent', () => {
    const result = run('draft-inducer', { 'fan-state': 'runs-normally', companion: 'no' })
    expect(
      share(result, 'pressure-tube-or-drain', 'vent-blocked', 'safety-switch-open', 'other-machine-fault'),
    ).toBeGreaterThan(0.85)
  })

  it('silent after a storm with power at it → module', () => {
    const result = run(
      'furnace-blower',
      { 'fan-state': 'dead', onset: 'after-a-storm-or-outage', 'module-supply': 'present' },
      { motorKind: 'ecm' },
    )
    expect(share(result, 'ecm-module-failed', 'ecm-inrush-part-burnt')).toBeGreaterThan(0.7)
  })

  it('will not stop → contactor, relay or switch stuck', () => {
    expect(top(run('outdoor-unit-fan', { 'fan-state': 'wont-stop' }))).toBe('control-stuck-on')
  })

  it('the other section out of its window is the compressor’s trouble and the same purchase', () => {
    const result = run('outdoor-unit-fan', {
      'fan-state': 'runs-normally',
      companion: 'no',
      'capacitor-fan-reading': 'within',
      'capacitor-other-reading': 'low',
    })
    expect(result.decided?.action).toBe('replace-capacitor')
    expect(top(result)).toBe('capacitor-other-section-failed')
  })

  it('iced refrigerator wheel → blockage', () => {
    expect(top(run('refrigerator-evaporator-fan', { 'fan-state': 'dead', fouling: 'iced' }))).toBe(
      'ice-or-debris',
    )
  })

  it('a heat pump in defrost or a fridge with its door open may just pause', () => {
    const pause = run('outdoor-unit-fan', { 'fan-state': 'dead', 'should-run-now': 'normal-pause' })
    expect(pause.decided).toBeNull()
    expect(pause.notes.join(' ')).toMatch(/normal pause/)
  })

  it('a compressor that is off tells little: its own overload may hold it', () => {
    const without = run('outdoor-unit-fan', { 'fan-state': 'hums' }, { motorKind: 'psc' })
    const off = run('outdoor-unit-fan', { 'fan-state': 'hums', companion: 'no' }, { motorKind: 'psc' })
    const on = run('outdoor-unit-fan', { 'fan-state': 'hums', companion: 'yes' }, { motorKind: 'psc' })
    const own = ['capacitor-weak', 'capacitor-open', 'bearing-seized'] as const
    expect(share(off, ...own)).toBeGreaterThan(0.6 * share(without, ...own))
    expect(share(on, ...own)).toBeGreaterThan(share(off, ...own))
  })

  it('a belt that squeals under weak air slips; without air it broke', () => {
    const signs = { 'fan-state': 'runs-little-air', sound: 'squeal', 'air-flow': 'weak' } as const
    const result = run('attic-vent-fan', { ...signs, belt: 'slipping' }, { motorKind: 'split-phase' })
    expect(result.decided).toEqual({ cause: 'belt-worn', action: 'replace-belt' })
    expect(
      top(run('attic-vent-fan', { 'air-flow': 'none', belt: 'broken' }, { motorKind: 'split-phase' })),
    ).toBe('belt-worn')
  })

  it('a belt fan with a start switch that hums and goes with a push → start switch, start capacitor', () => {
    const result = run(
      'attic-vent-fan',
      { 'fan-state': 'hums', 'free-spin': 'free', 'nudge-start': 'starts-and-runs' },
      { motorKind: 'capacitor-start' },
    )
    expect(share(result, 'start-switch-stuck', 'start-capacitor-failed')).toBeGreaterThan(0.7)
  })

  it('a sum that does not close hardly speaks for shorted turns; a segment too low does', () => {
    const before = share(
      run('bath-exhaust-fan', { 'fan-state': 'hums' }, { motorKind: 'psc' }),
      'winding-shorted',
    )
    const broken = share(
      run('bath-exhaust-fan', { 'fan-state': 'hums', winding: 'inconsistent' }, { motorKind: 'psc' }),
      'winding-shorted',
    )
    const low = share(
      run('bath-exhaust-fan', { 'fan-state': 'hums', winding: 'shorted' }, { motorKind: 'psc' }),
      'winding-shorted',
    )
    expect(broken).toBeLessThan(3 * before)
    expect(low).toBeGreaterThan(10 * before)
  })

  it('output right, capacitor within, compressor runs, fan still → the motor or its wires', () => {
    const result = run(
      'outdoor-unit-fan',
      {
        'fan-state': 'dead',
        companion: 'yes',
        'contactor-position': 'pulled-in',
        'contactor-output': 'normal',
        'capacitor-fan-reading': 'within',
      },
      { motorKind: 'psc' },
    )
    const motor = result.suspects.filter(({ cause }) =>
      ['motor', 'mechanical', 'wiring'].includes(causeInfo(cause).group),
    )
    expect(motor.reduce((sum, { probability }) => sum + probability, 0)).toBeGreaterThan(0.85)
  })

  it('grinding → bearing', () => {
    expect(top(run('furnace-blower', { 'fan-state': 'runs-noisy', sound: 'grinding' }))).toBe('bearing-worn')
  })

  it('a roar with little air → blocked, or turned round', () => {
    expect(
      share(
        run('bath-exhaust-fan', { 'fan-state': 'runs-little-air', sound: 'roar' }),
        'vent-blocked',
        'damper-stuck',
        'rotation-reversed',
      ),
    ).toBeGreaterThan(0.6)
  })

  it('a smell of burning, then dead → module part or winding', () => {
    const burnt = { 'fan-state': 'dead', smell: 'burnt', sound: 'nothing' } as const
    expect(
      share(run('furnace-blower', burnt, { motorKind: 'ecm' }), 'ecm-module-failed', 'ecm-inrush-part-burnt'),
    ).toBeGreaterThan(0.4)
    const shaded = run('bath-exhaust-fan', burnt, { motorKind: 'shaded-pole' })
    const windings = ['winding-open', 'winding-shorted', 'winding-grounded'] as const
    expect(share(shaded, ...windings)).toBeGreaterThan(
      1.8 *
        share(
          run('bath-exhaust-fan', { 'fan-state': 'dead', sound: 'nothing' }, { motorKind: 'shaded-pole' }),
          ...windings,
        ),
    )
  })

  it('air the wrong way that nobody touched → capacitor or motor, and rewiring is not the answer', () => {
    const result = run('outdoor-unit-fan', {
      'fan-state': 'runs-backwards',
      'wiring-changed': 'no',
      onset: 'suddenly',
    })
    expect(share(result, 'rotation-reversed', 'wired-wrong')).toBeLessThan(0.3)
  })

  it('a breaker that trips at once → to frame or shorted; and the job stops', () => {
    const result = run(
      'furnace-blower',
      { breaker: 'trips-again-at-once', 'fan-state': 'dead' },
      { motorKind: 'psc' },
    )
    expect(result.stop.map(({ rule }) => rule)).toEqual(['breaker-retrips'])
    expect(
      share(
        result,
        'winding-grounded',
        'winding-shorted',
        'capacitor-shorted',
        'wired-wrong',
        'wiring-loose-or-burnt',
      ),
    ).toBeGreaterThan(0.6)
    expect(top(result)).toBe('winding-grounded')
  })

  it('inducer silent with power at it → the inducer', () => {
    const result = run(
      'draft-inducer',
      { 'fan-state': 'dead', sound: 'nothing', 'motor-voltage': 'normal', 'free-spin': 'free' },
      { motorKind: 'shaded-pole' },
    )
    expect(
      result.suspects
        .filter(({ cause }) => causeInfo(cause).group === 'motor')
        .reduce((sum, s) => sum + s.probability, 0),
    ).toBeGreaterThan(0.6)
  })

  it('flame, no blower → blower, its capacitor, board or module plug', () => {
    const result = run('furnace-blower', { 'fan-state': 'dead', companion: 'yes' })
    expect(share(result, 'no-supply', 'no-control-call', 'control-power-dead')).toBeLessThan(0.2)
    expect(
      share(
        result,
        'control-board-relay',
        'ecm-module-failed',
        'ecm-inrush-part-burnt',
        'winding-open',
        'thermal-protector-open',
        'capacitor-open',
        'wiring-loose-or-burnt',
      ),
    ).toBeGreaterThan(0.5)
  })

  it('after water → rust and seal; after painting → fouling', () => {
    const wet = (onset: string | undefined) =>
      share(
        run('draft-inducer', { 'fan-state': 'runs-noisy', ...(onset ? { onset } : {}) }),
        'seal-or-housing-leaking',
        'bearing-seized',
      )
    expect(wet('after-water')).toBeGreaterThan(wet(undefined))
    expect(
      top(
        run('ceiling-fan', {
          'fan-state': 'slow',
          onset: 'after-painting-or-building-work',
          fouling: 'painted-over',
        }),
      ),
    ).toBe('dirt-or-paint-fouling')
  })

  it('a bulged capacitor is changed first, whatever else is seen', () => {
    const result = run(
      'outdoor-unit-fan',
      { 'fan-state': 'hums', 'capacitor-look': 'bulged-or-leaking' },
      { motorKind: 'psc' },
    )
    expect(result.decided?.action).toBe('replace-capacitor')
  })

  it('a fridge fan under heavy frost: the frost is told, and points past the fan to the defrost', () => {
    const result = run('refrigerator-evaporator-fan', { 'fan-state': 'dead', fouling: 'iced' })
    expect(result.notes.join(' ')).toMatch(/defrost/)
  })

  it('an open winding that is good again when cold: what overheated it is named, and no motor is bought for it', () => {
    const result = run(
      'outdoor-unit-fan',
      {
        'fan-state': 'starts-then-stops',
        winding: 'open',
        'case-heat': 'too-hot-to-touch',
        'cold-retest': 'now-good',
        'capacitor-fan-reading': 'low',
      },
      { motorKind: 'psc' },
    )
    expect(result.decided?.action).toBe('replace-capacitor')
    expect(result.notes.join(' ')).toMatch(/overheated/)
  })

  it('no voltage behind a contactor that is pulled in → its contacts, once the supply is read', () => {
    const dead = { 'fan-state': 'dead', 'contactor-position': 'pulled-in' } as const
    const before = share(run('outdoor-unit-fan', dead), 'contactor-contacts-bad')
    const out = run('outdoor-unit-fan', { ...dead, 'contactor-output': 'none' })
    expect(share(out, 'contactor-contacts-bad')).toBeGreaterThan(before)
    const fed = run('outdoor-unit-fan', { ...dead, 'contactor-output': 'none', 'supply-voltage': 'normal' })
    expect(fed.decided).toEqual({ cause: 'contactor-contacts-bad', action: 'replace-contactor' })
  })

  it('backwards, the wrong direction and air the wrong way are one finding: it is not rewired where nobody touched it', () => {
    const told = {
      'fan-state': 'runs-backwards',
      'wiring-changed': 'no',
      'capacitor-fan-reading': 'within',
    } as const
    const once = run('outdoor-unit-fan', told, { motorKind: 'psc' })
    const thrice = run(
      'outdoor-unit-fan',
      { ...told, direction: 'wrong', 'air-flow': 'wrong-way' },
      { motorKind: 'psc' },
    )
    expect(thrice.decided).toBeNull()
    expect(share(thrice, 'rotation-reversed')).toBeLessThan(0.2)
    expect(share(thrice, 'rotation-reversed')).toBeCloseTo(share(once, 'rotation-reversed'), 1)
    const touched = run('outdoor-unit-fan', { ...told, 'wiring-changed': 'yes', onset: 'after-a-repair' })
    expect(top(touched)).toBe('rotation-reversed')
  })

  it('an open phase is read at the winding itself and speaks last', () => {
    const result = run(
      'furnace-blower',
      { 'fan-state': 'dead', 'module-supply': 'present', 'phase-resistances': 'open' },
      { motorKind: 'ecm' },
    )
    expect(result.decided).toEqual({ cause: 'winding-open', action: 'replace-motor' })
  })

  it.each([
    ['outdoor-unit-fan', { 'nudge-start': 'starts-and-runs', 'capacitor-fan-reading': 'within' }, /own lugs/],
    ['furnace-blower', { 'fan-state': 'dead', 'control-voltage': 'none' }, /float/],
    ['attic-vent-fan', { direction: 'wrong', 'wiring-changed': 'no' }, /rewiring will not help/],
    ['ceiling-fan', { 'air-flow': 'wrong-way' }, /reversing switch/],
  ] as const)('%s with %o is told what the trade looks at next', (family, findings, said) => {
    expect(run(family, findings).notes.join(' ')).toMatch(said)
    expect(run(family, { 'fan-state': 'dead' }).notes.join(' ')).not.toMatch(said)
  })
})
