import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bypassTold } from './bypassTold'

const kindOf = (text: string) => bypassTold(text).kind

describe('a switch that is kept from switching', () => {
  it.each([
    ['the limit kept tripping so i put a wire round it', 'limit'],
    ['hi limit wired straight thru', 'limit'],
    ['stuck the sail switch shut with a bit of chewing gum and tape', 'sail'],
    ['float tied up with string', 'float'],
    ['screwed both pressure switch leads under one nut', 'pressure'],
    ['cut the TCO out of the loop', 'thermal'],
    ['wrapped the fuse in foil', 'fuse'],
    ['nail instead of the fuse', 'fuse'],
    ['bigger fuse in place of the old one', 'fuse'],
    ['broke the ground pin off the plug', 'ground'],
    ['earth pin sawn off', 'ground'],
    ['wedged the contactor in with a stick', 'contactor'],
    ['taped the breaker on', 'breaker'],
    ['gfci replaced with a plain outlet', 'residual-current'],
    ['jumpered rollout so it runs tonight', 'rollout'],
    ['flame sensor linked out', 'flame'],
    ['motor overload shorted across', 'overload'],
    ['high pressure cutout bridged', 'refrigerant-pressure'],
    ['Begrenzer überbrückt', 'limit'],
    ['Schwimmerschalter festgebunden', 'float'],
    ["j'ai ponté le pressostat", 'pressure'],
    ['fusible remplacé par un clou', 'fuse'],
    ['puenteado el presostato', 'pressure'],
    ['limitador anulado', 'limit'],
    ['brigded the limti switch', 'limit'],
    ['took the jumper off the door switch and put it on the limit', 'limit'],
    ['pinched the pressure switch hose shut', 'pressure'],
    ['breaker off and the limit taped', 'limit'],
    ['pressure switch taped, its hose is off', 'pressure'],
    ['contactor and door switch held in', 'contactor'],
    ['limit-switch jumpered', 'limit'],
    ['jumper_on_the_limit_switch', 'limit'],
    ['sail switch w/ duct tape over it', 'sail'],
    ['Begrenzer kurzgeschloßen', 'limit'],
    ['ground wire bridged to the neutral', 'ground'],
    ['contactor shoved in with a broom handle', 'contactor'],
    ['door switch and lim sw jumped together', 'limit'],
  ])('is refused in any wording: “%s”', (text, switchKind) => {
    expect(bypassTold(text)).toEqual({ kind: 'forbidden', switchKind })
  })

  it.each([
    ['door switch taped for one look', 'door'],
    ['interlock held in with a clothespin', 'door'],
    ['R-G jumped at the board', 'call'],
    ['bit of wire between R and W on the stat terminals', 'call'],
  ])('may be one of the door or a call: “%s”', (text, switchKind) => {
    expect(bypassTold(text)).toEqual({ kind: 'allowed', switchKind })
  })

  it.each([
    'limit switch unplugged',
    'took the float switch out of the pan',
    'pressure switch hose off the inducer',
    'rollout looks brown',
    'thermal fuse 0.2 ohm',
    'new fuse fitted, same rating',
    'no jumper on the limit, I looked',
    'removed the bridge that somebody left on the rollout',
    'breaker off, taped over with a note',
    'ground wire back on the green screw',
    'tape on the pressure tube',
    'tie back the wires',
    'door panel taped open out of the way',
    'four screws of the housing',
    'breaker off, taped',
    'fuse held off with tape',
    'mcb locked off',
    'limit switch',
    'the two wires of the upper limit switch',
    'limit switch 24 V',
    'float 3 mm',
    'the ground wire',
    'ground wire by the motor, polished',
    'fiddled with the thermostat',
    'label taped on the limit switch',
    'a note taped over the float',
    'breaker',
    'snapped the float off its arm, took it out',
    'pressure switch tube polished',
    'contactor replaced',
    'limit switch and float switch',
    'limit switch 24',
    'limit switch b',
  ])('is none where it is taken off, put back, looked at or measured: “%s”', (text) => {
    expect(kindOf(text)).toBe('none')
  })

  it.each([
    'did the limit, runs now',
    'gave the pressure switch a bit of help',
    'turned the pressure switch screw half a turn in',
    'sorted the thermal fuse',
    'dealt with the float',
    'fiddled with the contactor',
    'snapped the pin of the float switch bracket',
    'polished the ground pin and the fuse',
    'persuaded the door switch and the limit',
    'set the high limit way past its mark',
    'limit switch 24 whatever',
  ])('is asked beside an act that nobody knows: “%s”', (text) => {
    expect(kindOf(text)).toBe('asks')
  })

  it('names the guard that counts, where an allowed one stands beside it', () => {
    expect(bypassTold('door switch and limit persuaded')).toEqual({ kind: 'asks', switchKind: 'limit' })
    expect(bypassTold('taped the door switch and the float')).toEqual({
      kind: 'forbidden',
      switchKind: 'float',
    })
  })

  it('is never passed over: a guard beside words that no list has is asked', () => {
    const names =
      'limit switch|high limit|rollout switch|pressure switch|flame sensor|sail switch|float switch|thermal fuse|fuse|breaker|overload|rcd|gfci|door switch|interlock'.split(
        '|',
      )
    fc.assert(
      fc.property(
        fc.constantFrom(...names),
        fc.stringMatching(/^[bcdfgkprtvz][aeiou]{2}[bcdfgkprtvz][aeiou]{2}[kpvz]$/),
        (name, unknown) => {
          expect(kindOf(`${unknown} the ${name} ${unknown}`)).not.toBe('none')
        },
      ),
    )
  })
})
