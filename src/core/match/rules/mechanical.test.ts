import { describe, expect, it } from 'vitest'
import { matchMotors } from '..'
import { type MotorCase, motorRows, oldMotor } from '../sheets.testing'

const shaft = (change: object) => ({ shaft: { ...oldMotor.shaft, ...change } })
const mount = (change: object) => ({ mount: { type: 'stud' as const, ...change } })
const band = { mount: { type: 'belly-band' as const } }
const ruler = { measuredWith: 'ruler' as const }

/** Both sides of one figure, nobody having measured the one or the other. */
const unmeasured = (old: MotorCase[0], fresh: MotorCase[1]): Record<string, MotorCase> => ({
  'nobody measured the old one': [old, {}],
  'nothing is told of the new one': [{}, fresh],
})

describe('the row of', () => {
  it('the diameter: a millimetre is nothing, thicker never goes in, thinner asks for a band only where one holds it', () => {
    expect(
      motorRows('diameter', {
        ...unmeasured({ diameterMm: undefined }, { diameterMm: undefined }),
        'a millimetre more': [{}, { diameterMm: 143 }],
        'more than that': [{}, { diameterMm: 143.1 }],
        'more than that, by a tape round the old one': [{}, { diameterMm: 145.2 }, ruler],
        'more than a tape is off by': [{}, { diameterMm: 145.3 }, ruler],
        'thinner on studs': [{}, { diameterMm: 127 }],
        'thinner in a band': [band, { diameterMm: 127 }],
        'thinner in a bracket': [{ mount: { type: 'bracket' } }, { diameterMm: 127 }],
        'a millimetre thinner in a band': [band, { diameterMm: 141 }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a millimetre more": "ok: 142 mm → 143 mm. Fits the bracket.",
        "a millimetre thinner in a band": "ok: 142 mm → 141 mm. Fits the bracket.",
        "more than a tape is off by": "no: 142 mm → 145.3 mm. Too thick for the bracket.",
        "more than that": "no: 142 mm → 143.1 mm. Too thick for the bracket.",
        "more than that, by a tape round the old one": "unknown: 142 mm → 145.2 mm. A ruler cannot tell these apart: measure the old one again with calipers.",
        "nobody measured the old one": "unknown: ? → 142 mm. Measure the diameter of the motor body.",
        "nothing is told of the new one": "unknown: 142 mm → ?. Measure the diameter of the motor body.",
        "thinner in a band": "work: 142 mm → 127 mm. Fit a band or adapter for 127 mm in place of 142 mm. [change-band]",
        "thinner in a bracket": "work: 142 mm → 127 mm. Fit a band or adapter for 127 mm in place of 142 mm. [change-band]",
        "thinner on studs": "ok: 142 mm → 127 mm. Fits the bracket.",
      }
    `)
  })

  it('the length: longer is measured in the machine', () => {
    expect(
      motorRows('length', {
        ...unmeasured({ bodyLengthMm: undefined }, { bodyLengthMm: undefined }),
        shorter: [{}, { bodyLengthMm: 90 }],
        'a millimetre more': [{}, { bodyLengthMm: 111 }],
        'more than that': [{}, { bodyLengthMm: 111.5 }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a millimetre more": "ok: 110 mm → 111 mm. No longer than the old one.",
        "more than that": "unknown: 110 mm → 111.5 mm. 1.5 mm longer: measure the clearance to housing and wheel.",
        "nobody measured the old one": "unknown: ? → 110 mm. Measure the length of the motor body.",
        "nothing is told of the new one": "unknown: 110 mm → ?. Measure the length of the motor body.",
        "shorter": "ok: 110 mm → 90 mm. No longer than the old one.",
      }
    `)
  })

  it('the shaft diameter: a tenth is nothing, thicker never goes into the hub, thinner is bushed', () => {
    expect(
      motorRows('shaft-diameter', {
        ...unmeasured(shaft({ diameterMm: undefined }), shaft({ diameterMm: undefined })),
        'the same': [{}, {}],
        'within a tenth': [{}, shaft({ diameterMm: 12.79 })],
        thicker: [{}, shaft({ diameterMm: 12.9 })],
        'thicker, by a ruler': [{}, shaft({ diameterMm: 14.2 }), ruler],
        'thicker than a ruler is off by': [{}, shaft({ diameterMm: 14.3 }), ruler],
        thinner: [{}, shaft({ diameterMm: 9.525 })],
      }),
    ).toMatchInlineSnapshot(`
      {
        "nobody measured the old one": "unknown: ? → 12.7 mm. Measure the shaft diameter with a caliper.",
        "nothing is told of the new one": "unknown: 12.7 mm → ?. Measure the shaft diameter with a caliper.",
        "the same": "ok: 12.7 mm → 12.7 mm. Same shaft.",
        "thicker": "no: 12.7 mm → 12.9 mm. The shaft does not go into the hub.",
        "thicker than a ruler is off by": "no: 12.7 mm → 14.3 mm. The shaft does not go into the hub.",
        "thicker, by a ruler": "unknown: 12.7 mm → 14.2 mm. A ruler cannot tell these apart: measure the old one again with calipers.",
        "thinner": "work: 12.7 mm → 9.53 mm. Bush the shaft from 9.53 mm up to 12.7 mm. [bush-shaft]",
        "within a tenth": "ok: 12.7 mm → 12.79 mm. Same shaft.",
      }
    `)
  })

  it('the shaft length: too short holds no hub, longer is cut, each end by itself', () => {
    const two = (lengthMm: number, secondLengthMm?: number) => shaft({ ends: 2, lengthMm, secondLengthMm })
    expect(
      motorRows('shaft-length', {
        ...unmeasured(shaft({ lengthMm: undefined }), shaft({ lengthMm: undefined })),
        'short by what nobody sees': [{}, shaft({ lengthMm: 119.75 })],
        short: [{}, shaft({ lengthMm: 119.5 })],
        'short by a ruler': [{}, shaft({ lengthMm: 118.5 }), ruler],
        'shorter than a ruler is off by': [{}, shaft({ lengthMm: 118 }), ruler],
        'two millimetres longer': [{}, shaft({ lengthMm: 122 })],
        'longer than that': [{}, shaft({ lengthMm: 122.5 })],
        'its second end as long': [two(120, 60), two(120, 59.75)],
        'its second end too short': [two(120, 60), two(120, 55)],
        'its second end longer': [two(120, 60), two(120, 80)],
        'both ends longer': [two(120, 60), two(150, 80)],
        'a second end of which nothing is told': [two(120, 60), two(120)],
        'a second end where nobody measured one': [two(120), two(120, 10)],
        'a second end where it has none: the row of the ends says so': [two(120, 60), {}],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a second end of which nothing is told": "unknown: 60 mm → ?. Ask how long its second shaft end is.",
        "a second end where it has none: the row of the ends says so": "ok: 120 mm → 120 mm. Long enough.",
        "a second end where nobody measured one": "ok: 120 mm → 120 mm. Long enough.",
        "both ends longer": "work: 120 mm → 150 mm. Cut 30 mm off the shaft and deburr it. Cut 20 mm off the second shaft end and deburr it. [cut-shaft, cut-shaft]",
        "its second end as long": "ok: 120 mm → 120 mm. Long enough.",
        "its second end longer": "work: 120 mm → 120 mm. Cut 20 mm off the second shaft end and deburr it. [cut-shaft]",
        "its second end too short": "no: 60 mm → 55 mm. The second shaft end is 5 mm too short.",
        "longer than that": "work: 120 mm → 122.5 mm. Cut 2.5 mm off the shaft and deburr it. [cut-shaft]",
        "nobody measured the old one": "unknown: ? → 120 mm. Measure the shaft from the mounting face to its end.",
        "nothing is told of the new one": "unknown: 120 mm → ?. Measure the shaft from the mounting face to its end.",
        "short": "no: 120 mm → 119.5 mm. 0.5 mm too short. The fit instrument tells whether the hub would still grip in full.",
        "short by a ruler": "unknown: 120 mm → 118.5 mm. A ruler cannot tell these apart: measure the old one again with calipers.",
        "short by what nobody sees": "ok: 120 mm → 119.75 mm. Long enough.",
        "shorter than a ruler is off by": "no: 120 mm → 118 mm. 2 mm too short. The fit instrument tells whether the hub would still grip in full.",
        "two millimetres longer": "ok: 120 mm → 122 mm. Long enough.",
      }
    `)
  })

  it('the shaft ends', () => {
    expect(
      motorRows('shaft-ends', {
        ...unmeasured(shaft({ ends: undefined }), shaft({ ends: undefined })),
        'one and one': [{}, {}],
        'two and one': [shaft({ ends: 2 }), {}],
        'one and two': [{}, shaft({ ends: 2 })],
        'two and two': [shaft({ ends: 2 }), shaft({ ends: 2 })],
      }),
    ).toMatchInlineSnapshot(`
      {
        "nobody measured the old one": "unknown: ? → 1 end. Count the shaft ends.",
        "nothing is told of the new one": "unknown: 1 end → ?. Count the shaft ends.",
        "one and one": "ok: 1 end → 1 end. Same shaft ends.",
        "one and two": "unknown: 1 end → 2 ends. A second shaft end stands out: measure the room behind the motor.",
        "two and one": "no: 2 ends → 1 end. The second shaft end is missing.",
        "two and two": "ok: 2 ends → 2 ends. Same shaft ends.",
      }
    `)
  })

  it('the mount: kind, bolt circle and studs', () => {
    expect(
      motorRows('mount', {
        'nobody looked': [{ mount: undefined }, {}],
        'nothing is told': [{}, { mount: {} }],
        'another kind': [{}, band],
        'a millimetre beside the circle': [{}, mount({ boltCircleMm: 107, studLengthMm: 30 })],
        'another circle': [{}, mount({ boltCircleMm: 108 })],
        'another circle, of a kind nobody saw': [{}, { mount: { boltCircleMm: 120 } }],
        'a circle nobody measured': [mount({}), mount({ boltCircleMm: 106 })],
        'a circle of which nothing is told': [{}, mount({})],
        'no circle at either': [mount({}), mount({})],
        'studs of which nothing is told': [{}, mount({ boltCircleMm: 106 })],
        'studs that nobody measured': [
          mount({ boltCircleMm: 106 }),
          mount({ boltCircleMm: 106, studLengthMm: 30 }),
        ],
        'studs two millimetres longer': [{}, mount({ boltCircleMm: 106, studLengthMm: 32 })],
        'longer studs': [{}, mount({ boltCircleMm: 106, studLengthMm: 45 })],
        'studs two millimetres shorter': [{}, mount({ boltCircleMm: 106, studLengthMm: 28 })],
        'shorter studs': [{}, mount({ boltCircleMm: 106, studLengthMm: 20 })],
        'a band that goes over to the new one': [band, band],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a band that goes over to the new one": "ok: belly-band → belly-band. Same mount.",
        "a circle nobody measured": "unknown: stud → stud on 106 mm. Measure the bolt circle, stud to stud.",
        "a circle of which nothing is told": "unknown: stud on 106 mm → stud. Measure the bolt circle, stud to stud.",
        "a millimetre beside the circle": "ok: stud on 106 mm → stud on 107 mm. Same mount.",
        "another circle": "no: stud on 106 mm → stud on 108 mm. Another bolt circle.",
        "another circle, of a kind nobody saw": "no: stud on 106 mm → ?. Another bolt circle.",
        "another kind": "no: stud on 106 mm → belly-band. Another kind of mount.",
        "longer studs": "work: stud on 106 mm → stud on 106 mm. Trim 15 mm off each stud. [trim-studs]",
        "no circle at either": "ok: stud → stud. Same mount.",
        "nobody looked": "unknown: ? → stud on 106 mm. Look how it is held: studs, band, lugs, base or bracket.",
        "nothing is told": "unknown: stud on 106 mm → ?. Look how it is held: studs, band, lugs, base or bracket.",
        "shorter studs": "unknown: stud on 106 mm → stud on 106 mm. Studs are 10 mm shorter: check that the nuts still hold.",
        "studs of which nothing is told": "ok: stud on 106 mm → stud on 106 mm. Same mount.",
        "studs that nobody measured": "ok: stud on 106 mm → stud on 106 mm. Same mount.",
        "studs two millimetres longer": "ok: stud on 106 mm → stud on 106 mm. Same mount.",
        "studs two millimetres shorter": "ok: stud on 106 mm → stud on 106 mm. Same mount.",
      }
    `)
  })

  it('the mount: what held the old one goes over, which is no work of a drop-in', () => {
    const [result] = matchMotors({
      old: { ...oldMotor, ...band },
      candidates: [{ ...oldMotor, ...band, id: 'new' }],
    }).results
    expect(result).toMatchObject({
      verdict: 'drop-in',
      work: [{ kind: 'transfer-parts', text: expect.stringContaining('the band and its arms') }],
    })
  })

  it('the enclosure: open stands dry, air-over in its air, shaft up outdoors only where marked', () => {
    const outdoors = { outdoors: true }
    expect(
      motorRows('enclosure', {
        'nobody looked': [{ enclosure: undefined }, { enclosure: 'enclosed' }],
        'nothing is told': [{}, { enclosure: undefined }],
        'open outdoors': [{}, { enclosure: 'open' }, outdoors],
        'open indoors for enclosed': [{ enclosure: 'enclosed' }, { enclosure: 'open' }, { outdoors: false }],
        'open for enclosed, nobody said where': [{ enclosure: 'enclosed' }, { enclosure: 'open' }],
        'enclosed for enclosed, nobody said where': [{ enclosure: 'enclosed' }, { enclosure: 'enclosed' }],
        'open for air-over, nobody said where': [{}, { enclosure: 'open' }],
        'open for air-over indoors': [{}, { enclosure: 'open' }, { outdoors: false }],
        'open for open': [{ enclosure: 'open' }, { enclosure: 'open' }],
        'air-over for air-over': [{}, {}],
        'air-over for open': [{ enclosure: 'open' }, {}],
        'shaft up outdoors': [{}, {}, { outdoors: true, position: 'shaft-up' }],
        'shaft up outdoors, marked for it': [
          {},
          { positions: ['shaft-up'] },
          { outdoors: true, position: 'shaft-up' },
        ],
        'shaft up indoors': [{}, {}, { outdoors: false, position: 'shaft-up' }],
        'shaft down outdoors': [{}, {}, { outdoors: true, position: 'shaft-down' }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "air-over for air-over": "ok: air-over → air-over. Suits the place.",
        "air-over for open": "unknown: open → air-over. Air-over: only inside its own fan’s air stream.",
        "enclosed for enclosed, nobody said where": "ok: enclosed → enclosed. Suits the place.",
        "nobody looked": "ok: ? → enclosed. Suits the place.",
        "nothing is told": "unknown: air-over → ?. Ask whether it is open, air-over or enclosed.",
        "open for air-over indoors": "ok: air-over → open. Suits the place.",
        "open for air-over, nobody said where": "unknown: air-over → open. The old one is air-over: an open motor stands dry and indoors only.",
        "open for enclosed, nobody said where": "unknown: enclosed → open. The old one is enclosed: an open motor stands dry and indoors only.",
        "open for open": "ok: open → open. Suits the place.",
        "open indoors for enclosed": "ok: enclosed → open. Suits the place.",
        "open outdoors": "no: air-over → open. An open motor stands indoors only.",
        "shaft down outdoors": "ok: air-over → air-over. Suits the place.",
        "shaft up indoors": "ok: air-over → air-over. Suits the place.",
        "shaft up outdoors": "unknown: air-over → air-over. Outdoors with the shaft up only where its plate names that position.",
        "shaft up outdoors, marked for it": "ok: air-over → air-over. Suits the place.",
      }
    `)
  })

  it('the bearings: balls go anywhere, sleeves where they are marked', () => {
    const sleeve = { bearing: 'sleeve' as const }
    expect(
      motorRows('bearing-position', {
        'nobody looked at the old ones': [{ bearing: undefined }, {}],
        'nothing is told': [{}, { bearing: undefined }],
        'sleeves of which no position is told': [{}, sleeve],
        'sleeves with an empty list': [{}, { ...sleeve, positions: [] }],
        'sleeves, nobody said how the shaft stands': [{}, { ...sleeve, positions: ['horizontal'] }],
        'sleeves marked for it': [
          {},
          { ...sleeve, positions: ['horizontal', 'shaft-down'] },
          { position: 'shaft-down' },
        ],
        'sleeves marked otherwise': [{}, { ...sleeve, positions: ['horizontal'] }, { position: 'shaft-up' }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "nobody looked at the old ones": "ok: ? → ball. Ball bearings take any position.",
        "nothing is told": "unknown: ball → ?. Ask for the bearing, ball or sleeve.",
        "sleeves marked for it": "ok: ball → sleeve horizontal shaft-down. Marked for this position.",
        "sleeves marked otherwise": "no: ball → sleeve horizontal. Sleeve bearings not marked for shaft-up.",
        "sleeves of which no position is told": "unknown: ball → sleeve. Sleeve bearings: ask which positions are marked.",
        "sleeves with an empty list": "unknown: ball → sleeve. Sleeve bearings: ask which positions are marked.",
        "sleeves, nobody said how the shaft stands": "unknown: ball → sleeve horizontal. Note how the shaft stands: up, down or level.",
      }
    `)
  })

  it('the heat: no lower class, no cooler place, and known where the old plate tells it', () => {
    const heat = (ambientCelsius?: number, insulationClass?: string) => ({ ambientCelsius, insulationClass })
    expect(
      motorRows('ambient', {
        same: [{}, {}],
        'a lower class': [{}, heat(60, 'A')],
        'a lower class of the oldest': [heat(60, 'A'), heat(60, 'Y')],
        'classes in their order': [heat(60, 'H'), heat(60, 'F')],
        'classes above': [heat(60, 'N'), heat(60, 'R')],
        'a middle one': [heat(60, 'E'), heat(60, 'A')],
        'a higher class': [{}, heat(60, 'F')],
        'a cooler place': [{}, heat(40, 'B')],
        'a hotter place': [{}, heat(65, 'B')],
        'a cooler place, classes not told': [heat(60), heat(40)],
        'a lower class, places not told': [heat(undefined, 'F'), heat(undefined, 'B')],
        'the same class alone': [heat(undefined, 'B'), heat(undefined, 'B')],
        'the same place alone': [heat(60), heat(60)],
        'the old plate tells nothing': [heat(), heat(60, 'B')],
        'the new plate tells nothing': [{}, heat()],
        'the new plate leaves the place out': [{}, heat(undefined, 'B')],
        'the new plate leaves the class out': [{}, heat(60)],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a cooler place": "no: 60 °C, class B → 40 °C, class B. Made for a cooler place.",
        "a cooler place, classes not told": "no: 60 °C → 40 °C. Made for a cooler place.",
        "a higher class": "ok: 60 °C, class B → 60 °C, class F. Stands as much heat.",
        "a hotter place": "ok: 60 °C, class B → 65 °C, class B. Stands as much heat.",
        "a lower class": "no: 60 °C, class B → 60 °C, class A. A lower insulation class.",
        "a lower class of the oldest": "no: 60 °C, class A → 60 °C, class Y. A lower insulation class.",
        "a lower class, places not told": "no: class F → class B. A lower insulation class.",
        "a middle one": "no: 60 °C, class E → 60 °C, class A. A lower insulation class.",
        "classes above": "ok: 60 °C, class N → 60 °C, class R. Stands as much heat.",
        "classes in their order": "no: 60 °C, class H → 60 °C, class F. A lower insulation class.",
        "same": "ok: 60 °C, class B → 60 °C, class B. Stands as much heat.",
        "the new plate leaves the class out": "unknown: 60 °C, class B → 60 °C. Compare ambient temperature and insulation class on the plates.",
        "the new plate leaves the place out": "unknown: 60 °C, class B → class B. Compare ambient temperature and insulation class on the plates.",
        "the new plate tells nothing": "unknown: 60 °C, class B → ?. Compare ambient temperature and insulation class on the plates.",
        "the old plate tells nothing": "unknown: ? → 60 °C, class B. Compare ambient temperature and insulation class on the plates.",
        "the same class alone": "ok: class B → class B. Stands as much heat.",
        "the same place alone": "ok: 60 °C → 60 °C. Stands as much heat.",
      }
    `)
  })

  it('the leads: shorter ones are spliced in a box', () => {
    expect(
      motorRows('lead-length', {
        ...unmeasured({ leadLengthMm: undefined }, { leadLengthMm: undefined }),
        'a millimetre shorter': [{}, { leadLengthMm: 899 }],
        shorter: [{}, { leadLengthMm: 600 }],
        longer: [{}, { leadLengthMm: 1200 }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a millimetre shorter": "ok: 900 mm → 899 mm. Long enough.",
        "longer": "ok: 900 mm → 1200 mm. Long enough.",
        "nobody measured the old one": "unknown: ? → 900 mm. Measure how long the leads must be.",
        "nothing is told of the new one": "unknown: 900 mm → ?. Measure how long the leads must be.",
        "shorter": "work: 900 mm → 600 mm. Extend the leads by 300 mm, spliced in a box or cabinet, never loose in the air stream. [extend-leads]",
      }
    `)
  })

  it('the plug stands there only where one of them has one', () => {
    expect(
      motorRows('connector', {
        'neither has one': [{}, {}],
        'nobody looked': [{}, { connector: 'six-way' }],
        'nothing is told': [{ connector: 'six-way' }, {}],
        same: [{ connector: 'six-way' }, { connector: 'six-way' }],
        other: [{ connector: 'six-way' }, { connector: 'bare ends' }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "neither has one": "no row",
        "nobody looked": "unknown: ? → six-way. Compare the plugs.",
        "nothing is told": "unknown: six-way → ?. Compare the plugs.",
        "other": "work: six-way → bare ends. Adapt the plug: bare ends to six-way. [adapt-connector]",
        "same": "ok: six-way → six-way. Same plug.",
      }
    `)
  })
})
