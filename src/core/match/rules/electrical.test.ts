import { describe, expect, it } from 'vitest'
import { motorRows } from '../sheets.testing'

describe('the row of', () => {
  it('the kind: electronic ones by number alone, brushes and mains never for each other', () => {
    const declared = { replaces: ['OD-1'] }
    expect(
      motorRows('kind', {
        'nobody looked': [{ motorKind: undefined }, {}],
        'nothing is told': [{}, { motorKind: undefined }],
        same: [{ motorKind: 'shaded-pole' }, { motorKind: 'shaded-pole' }],
        'two of one manner': [{}, { motorKind: 'psc-multispeed' }],
        'another manner': [{ motorKind: 'shaded-pole' }, {}],
        'another manner, declared': [{ motorKind: 'shaded-pole' }, declared],
        'brushes for mains': [{}, { motorKind: 'brushed-dc' }],
        'mains for brushes': [{ motorKind: 'brushed-dc' }, {}],
        'electronic for mains, numbers on both': [{}, { motorKind: 'ecm' }],
        'electronic, one number not read': [
          { motorKind: 'ecm', partNumber: undefined },
          { motorKind: 'ecm' },
        ],
        'electronic, the new number not told': [
          { motorKind: 'ecm' },
          { motorKind: 'ecm', partNumber: undefined },
        ],
        'electronic of another kind, no numbers': [
          { motorKind: 'ecm', partNumber: undefined },
          { motorKind: 'bldc', partNumber: undefined },
        ],
        'perhaps electronic, no numbers': [
          { motorKind: undefined, partNumber: undefined },
          { motorKind: 'ecm', partNumber: undefined },
        ],
        'electronic, the new kind not told, no numbers': [
          { motorKind: 'ecm', partNumber: undefined },
          { motorKind: undefined, partNumber: undefined },
        ],
        'electronic, declared': [{ motorKind: 'ecm' }, { motorKind: 'ecm', ...declared }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "another manner": "unknown: shaded-pole → psc. Another kind of motor: ask whether it suits this fan.",
        "another manner, declared": "ok: shaded-pole → psc. Another kind, declared to replace it by number.",
        "brushes for mains": "no: psc → brushed-dc. A battery motor and a mains motor never replace each other.",
        "electronic for mains, numbers on both": "no: psc → ecm. An electronic motor is replaced by part number only.",
        "electronic of another kind, no numbers": "no: ecm → bldc. An electronic motor is replaced by part number only.",
        "electronic, declared": "ok: ecm → ecm. The same, or declared to replace it by number.",
        "electronic, one number not read": "unknown: ecm → ecm. An electronic motor is replaced by part number only: read both numbers.",
        "electronic, the new kind not told, no numbers": "unknown: ecm → ?. An electronic motor is replaced by part number only: read both numbers.",
        "electronic, the new number not told": "unknown: ecm → ecm. An electronic motor is replaced by part number only: read both numbers.",
        "mains for brushes": "no: brushed-dc → psc. A battery motor and a mains motor never replace each other.",
        "nobody looked": "unknown: ? → psc. Find out which kind of motor it is: count the leads, look for a capacitor or a module.",
        "nothing is told": "unknown: psc → ?. Find out which kind of motor it is: count the leads, look for a capacitor or a module.",
        "perhaps electronic, no numbers": "unknown: ? → ecm. An electronic motor is replaced by part number only: read both numbers.",
        "same": "ok: shaded-pole → shaded-pole. Same kind of motor.",
        "two of one manner": "ok: psc → psc-multispeed. Same kind of motor.",
      }
    `)
  })

  it('the voltage: the supply rules, then the old plate; 208-230 is a range', () => {
    const volts = (...voltages: number[]) => ({ voltages })
    const supply = (supplyVolts: number) => ({ supplyVolts })
    expect(
      motorRows('voltage', {
        'nobody read the old plate': [{ voltages: undefined }, {}],
        'an empty old plate': [volts(), volts(230)],
        'nothing is told': [{}, { voltages: undefined }],
        'one class': [volts(115), volts(120)],
        'the lower edge of 115': [volts(110), volts(115)],
        'the upper class': [volts(240), volts(220)],
        'below its class': [volts(104), volts(110)],
        'within a twentieth': [volts(400), volts(380)],
        'a twentieth and more': [volts(400), volts(379)],
        'a range holds what lies between': [{}, {}, supply(215)],
        'a range begins at its lower figure': [{}, {}, supply(208)],
        'a range ends at 240': [{}, {}, supply(240)],
        'below a range': [{}, {}, supply(190)],
        'above a range': [{}, {}, supply(277)],
        '208 and 277 are two voltages': [{}, volts(208, 277), supply(230)],
        'one of two': [{}, volts(230)],
        'a board may feed it': [{}, volts(12), { supplyVolts: 120, boardMayFeed: true }],
        'a board may feed it, marked for more': [
          {},
          volts(12, 230),
          { supplyVolts: 120, boardMayFeed: true },
        ],
        'a board feeds nothing here': [{}, volts(12), supply(120)],
      }),
    ).toMatchInlineSnapshot(`
      {
        "208 and 277 are two voltages": "no: 230 V → 208/277 V. Made for 208/277 V, not for 230 V.",
        "a board feeds nothing here": "no: 120 V → 12 V. Made for 12 V, not for 120 V.",
        "a board may feed it": "unknown: ? → 12 V. Read the volts on the old plate: a board may feed it so little, or the mains may.",
        "a board may feed it, marked for more": "no: 120 V → 12/230 V. Made for 12/230 V, not for 120 V.",
        "a range begins at its lower figure": "ok: 208 V → 208/230 V. The new range contains the supply.",
        "a range ends at 240": "ok: 240 V → 208/230 V. The new range contains the supply.",
        "a range holds what lies between": "ok: 215 V → 208/230 V. The new range contains the supply.",
        "a twentieth and more": "no: 400 V → 379 V. Made for 379 V, not for 400 V.",
        "above a range": "no: 277 V → 208/230 V. Made for 208/230 V, not for 277 V.",
        "an empty old plate": "unknown: ? → 230 V. Read the supply at the unit, or the volts on the old plate.",
        "below a range": "no: 190 V → 208/230 V. Made for 208/230 V, not for 190 V.",
        "below its class": "no: 104 V → 110 V. Made for 110 V, not for 104 V.",
        "nobody read the old plate": "unknown: ? → 208/230 V. Read the supply at the unit, or the volts on the old plate.",
        "nothing is told": "unknown: 208-230 V → ?. Ask for the volts on the new plate.",
        "one class": "ok: 115 V → 120 V. The new range contains the supply.",
        "one of two": "unknown: 208-230 V → 230 V. Measure the supply: the new motor takes 230 V only.",
        "the lower edge of 115": "ok: 110 V → 115 V. The new range contains the supply.",
        "the upper class": "ok: 240 V → 220 V. The new range contains the supply.",
        "within a twentieth": "ok: 400 V → 380 V. The new range contains the supply.",
      }
    `)
  })

  it('the frequency, not asked of direct current', () => {
    const hz = (...list: number[]) => ({ hz: list })
    expect(
      motorRows('frequency', {
        'nobody read it': [{ hz: undefined }, {}],
        'nothing is told': [{}, hz()],
        same: [{}, {}],
        both: [{}, hz(50, 60)],
        'one of both': [hz(50, 60), hz(60)],
        other: [{}, hz(50)],
        'direct current': [{}, hz(50), { directCurrent: true }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "both": "ok: 60 Hz → 50/60 Hz. Marked for this frequency.",
        "direct current": "no row",
        "nobody read it": "unknown: ? → 60 Hz. Compare the Hz on both plates.",
        "nothing is told": "unknown: 60 Hz → ?. Compare the Hz on both plates.",
        "one of both": "unknown: 50/60 Hz → 60 Hz. Fits at 60 Hz only: check the supply.",
        "other": "no: 60 Hz → 50 Hz. Marked for 50 Hz only: another speed and current.",
        "same": "ok: 60 Hz → 60 Hz. Marked for this frequency.",
      }
    `)
  })

  it('the phase', () => {
    expect(
      motorRows('phase', {
        'nobody read it': [{ phase: undefined }, {}],
        'nothing is told': [{}, { phase: undefined }],
        same: [{}, {}],
        other: [{}, { phase: 3 }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "nobody read it": "unknown: ? → 1-phase. Read the phase on the plates.",
        "nothing is told": "unknown: 1-phase → ?. Read the phase on the plates.",
        "other": "no: 1-phase → 3-phase. Another number of phases.",
        "same": "ok: 1-phase → 1-phase. Same phase.",
      }
    `)
  })

  it('the power: like with like, two steps up at most', () => {
    const watts = (inputWatts?: number, hp?: number) => ({ inputWatts, hp })
    expect(
      motorRows('power', {
        equal: [{}, {}],
        'a step up': [{}, { hp: 1 / 5 }],
        'too much': [{}, { hp: 1 / 2 }],
        'too little': [{}, { hp: 1 / 8 }],
        'watts of output are hp': [{ hp: undefined, outputWatts: 124.3 }, {}],
        'watts of input with watts of input': [watts(100), watts(100)],
        'watts of input, less': [watts(100), watts(60)],
        'watts of input are no hp': [watts(100), {}],
        'watts of input at the new one alone': [watts(undefined), watts(100)],
        'nothing is told': [{}, watts()],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a step up": "ok: 1/6 hp → 1/5 hp. A step up in power; it does not blow more air.",
        "equal": "ok: 1/6 hp → 1/6 hp. Equal power.",
        "nothing is told": "unknown: 1/6 hp → ?. Compare the power: hp with hp, watts of output with output.",
        "too little": "no: 1/6 hp → 1/8 hp. Too little power: it would overheat.",
        "too much": "no: 1/6 hp → 1/2 hp. More than two steps up: more current and heat for no more air.",
        "watts of input are no hp": "unknown: ? → 1/6 hp. Compare the power: hp with hp, watts of output with output.",
        "watts of input at the new one alone": "unknown: ? → ?. Compare the power: hp with hp, watts of output with output.",
        "watts of input with watts of input": "ok: 100 W input → 100 W input. Equal power.",
        "watts of input, less": "no: 100 W input → 60 W input. Too little power: it would overheat.",
        "watts of output are hp": "ok: 1/6 hp → 1/6 hp. Equal power.",
      }
    `)
  })

  it('the speed: within a twentieth; how much slower or harder is said', () => {
    const rpm = (...list: number[]) => ({ rpm: list })
    expect(
      motorRows('speed', {
        'nobody read it': [{ rpm: undefined }, {}],
        'nothing is told': [{}, rpm()],
        'a twentieth slower': [rpm(1000), rpm(950)],
        'a twentieth faster': [rpm(1000), rpm(1050)],
        slower: [rpm(1000), rpm(800)],
        faster: [rpm(1000), rpm(1500)],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a twentieth faster": "ok: 1000 rpm → 1050 rpm. Same speed class.",
        "a twentieth slower": "ok: 1000 rpm → 950 rpm. Same speed class.",
        "faster": "no: 1000 rpm → 1500 rpm. Too fast: it asks 3.4 times the power and overloads.",
        "nobody read it": "unknown: ? → 825 rpm. Find the rpm: on the plate, from the poles, or by tapping a beat.",
        "nothing is told": "unknown: 825 rpm → ?. Find the rpm: on the plate, from the poles, or by tapping a beat.",
        "slower": "no: 1000 rpm → 800 rpm. Too slow: 80 % of the air.",
      }
    `)
  })

  it('the number of speeds: those that are used, the rest capped', () => {
    expect(
      motorRows('speed-count', {
        'nobody counted': [{ speeds: undefined, rpm: undefined }, {}],
        'nothing is told': [{}, { speeds: undefined, rpm: undefined }],
        'told by its rpm': [
          { speeds: undefined, rpm: [1075, 825] },
          { speeds: undefined, rpm: [1075, 825] },
        ],
        'one to spare': [{}, { speeds: 2 }],
        'two to spare': [{}, { speeds: 3 }],
        'too few': [{ speeds: 3 }, { speeds: 2 }],
        'as many as are used': [{ speeds: 3 }, { speeds: 2 }, { speedsUsed: 2 }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "as many as are used": "ok: 2 speeds → 2 speeds. Enough speeds.",
        "nobody counted": "unknown: ? → 1 speed. Count the speeds that are used.",
        "nothing is told": "unknown: 1 speed → ?. Count the speeds that are used.",
        "one to spare": "work: 1 speed → 2 speeds. Cap 1 unused speed lead, never grounded. [cap-unused-leads]",
        "told by its rpm": "ok: 2 speeds → 2 speeds. Enough speeds.",
        "too few": "no: 3 speeds → 2 speeds. Too few speeds.",
        "two to spare": "work: 1 speed → 3 speeds. Cap 2 unused speed leads, one by one, never joined, never grounded. [cap-unused-leads]",
      }
    `)
  })

  it('the current: the control first, then the old plate', () => {
    expect(
      motorRows('current', {
        'nobody read it': [{ amps: undefined }, {}],
        'nothing is told': [{}, { amps: undefined }],
        'as much': [{}, {}],
        'a little more': [{}, { amps: 1.11 }],
        'as much as the control takes': [{}, { amps: 2 }, { controlAmps: 2 }],
        'more than the control takes': [{}, { amps: 2.1 }, { controlAmps: 2 }],
        'the control is known, the old one is not': [{ amps: undefined }, {}, { controlAmps: 2 }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a little more": "unknown: 1.1 A → 1.11 A. More current: check the rating of relay or contactor, wire and breaker.",
        "as much": "ok: 1.1 A → 1.1 A. No more current than the old one.",
        "as much as the control takes": "ok: 1.1 A → 2 A. Within the rating of the control.",
        "more than the control takes": "no: 2 A → 2.1 A. More than the 2 A that the control may switch.",
        "nobody read it": "unknown: ? → 1.1 A. Read the amps on the old plate, or the rating of the relay.",
        "nothing is told": "unknown: 1.1 A → ?. Ask for the full load amps.",
        "the control is known, the old one is not": "ok: ? → 1.1 A. Within the rating of the control.",
      }
    `)
  })

  it('the rotation, seen from the shaft end', () => {
    const turns = (direction?: 'CW' | 'CCW', reversible?: boolean) => ({
      rotation: { direction, viewedFrom: 'shaft-end' as const, reversible },
    })
    expect(
      motorRows('rotation', {
        same: [{}, turns('CCW')],
        'nobody looked': [{ rotation: undefined }, turns('CW')],
        'nobody looked, it can be set': [{ rotation: undefined }, turns(undefined, true)],
        'nothing is told': [{}, { rotation: undefined }],
        'the end is not told': [{}, { rotation: { direction: 'CW' } }],
        'nobody looked, nothing is told': [{ rotation: undefined }, { rotation: undefined }],
        'it can be set either way': [{}, turns(undefined, true)],
        'the other way, to be set': [{}, turns('CW', true)],
        'the other way': [{}, turns('CW')],
      }),
    ).toMatchInlineSnapshot(`
      {
        "it can be set either way": "unknown: CCW from the shaft end → ?, reversible. It can be set either way: set it before the first start.",
        "nobody looked": "unknown: ? → CW from the shaft end. Note which way the old one turns, and from which end you look.",
        "nobody looked, it can be set": "unknown: ? → ?, reversible. Note which way the old one turns; the new one can be set.",
        "nobody looked, nothing is told": "unknown: ? → ?. Note which way the old one turns, and from which end you look.",
        "nothing is told": "unknown: CCW from the shaft end → ?. Ask which way the new one turns.",
        "same": "ok: CCW from the shaft end → CCW from the shaft end. Turns the same way.",
        "the end is not told": "unknown: CCW from the shaft end → CW, from an end that is not said. Ask which way the new one turns.",
        "the other way": "no: CCW from the shaft end → CW from the shaft end. Turns the other way and cannot be reversed.",
        "the other way, to be set": "work: CCW from the shaft end → CW from the shaft end, reversible. Set the rotation to CCW seen from the shaft end (plug or leads, as its diagram says). [set-rotation]",
      }
    `)
  })

  it('the capacitor: what the new motor asks for rules', () => {
    const cap = (uF: number, volts?: number) => ({ capacitor: { uF, volts } })
    expect(
      motorRows('capacitor', {
        same: [{}, cap(5, 370)],
        'nothing is told': [{}, { capacitor: undefined }],
        'a kind that has none': [{}, { motorKind: 'shaded-pole', capacitor: undefined }],
        'it needs none': [{}, { capacitor: null }],
        'nobody read the fitted one': [{ capacitor: undefined }, {}],
        'none is fitted': [{ capacitor: null }, cap(5, 370)],
        'another one': [{}, cap(7.5, 370)],
        'a hundredth beside': [cap(4.96, 440), {}],
        'more than a hundredth beside': [cap(4.94, 440), {}],
        'too few volts': [cap(5, 370), {}],
        'volts that nobody asks for': [cap(5, 370), cap(5)],
        'volts that nobody read': [cap(5), {}],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a hundredth beside": "ok: 4.96 µF 440 V → 5 µF 440 V. The fitted one suits, if it reads good.",
        "a kind that has none": "ok: 5 µF 440 V → none. A motor of its kind needs none.",
        "another one": "work: 5 µF 440 V → 7.5 µF 370 V. Buy a 7.5 µF 370 V run capacitor. [buy-capacitor]",
        "it needs none": "ok: 5 µF 440 V → none. Needs no capacitor.",
        "more than a hundredth beside": "work: 4.94 µF 440 V → 5 µF 440 V. Buy a 5 µF 440 V run capacitor. [buy-capacitor]",
        "nobody read the fitted one": "unknown: ? → 5 µF 440 V. Read the fitted capacitor: the new motor needs 5 µF 440 V.",
        "none is fitted": "work: none → 5 µF 370 V. Buy a 5 µF 370 V run capacitor. [buy-capacitor]",
        "nothing is told": "unknown: 5 µF 440 V → ?. Ask which capacitor the new motor needs; its own figure rules.",
        "same": "ok: 5 µF 440 V → 5 µF 370 V. The fitted one suits, if it reads good.",
        "too few volts": "work: 5 µF 370 V → 5 µF 440 V. Buy a 5 µF 440 V run capacitor. [buy-capacitor]",
        "volts that nobody asks for": "ok: 5 µF 370 V → 5 µF. The fitted one suits, if it reads good.",
        "volts that nobody read": "ok: 5 µF → 5 µF 440 V. The fitted one suits, if it reads good.",
      }
    `)
  })
})
