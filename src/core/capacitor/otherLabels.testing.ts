/** Labels as makers of other countries print them, and as people copy them down; each with what it says. */
export interface OtherLabel {
  text: string
  /** By the names printed beside each; `min` and `max` of a start capacitor's range. */
  sections: { section: string; uF: number; min?: number; max?: number }[]
  volts: number | null
  dcVolts?: number
  tolerance: { minus: number; plus: number } | null
  duty?: 'run' | 'start'
}

const one = (uF: number) => [{ section: 'single', uF }]
const range = (min: number, max: number) => [{ section: 'single', uF: (min + max) / 2, min, max }]
const even = (percent: number) => ({ minus: percent, plus: percent })

export const otherLabels: OtherLabel[] = [
  { text: '4 µF 250 V~ 630 V DC', sections: one(4), volts: 250, dcVolts: 630, tolerance: null },
  { text: 'MKP 3,5µF 450VAC P2 3000V 25/85/21', sections: one(3.5), volts: 450, tolerance: null },
  { text: '8uF ±5% 400VDC', sections: one(8), volts: null, dcVolts: 400, tolerance: even(5) },
  {
    text: '440 V P2 3000V 40+7.5 MFD',
    sections: [
      { section: 'HERM', uF: 40 },
      { section: 'FAN', uF: 7.5 },
    ],
    volts: 440,
    tolerance: null,
  },
  { text: '161-193MFD110VAC60HZ', sections: range(161, 193), volts: 110, tolerance: null, duty: 'start' },
  { text: 'MFD 270-324 VAC 110/125', sections: range(270, 324), volts: 125, tolerance: null, duty: 'start' },
  { text: 'MFD 64-77 VAC 165 50/60 HZ', sections: range(64, 77), volts: 165, tolerance: null, duty: 'start' },
  { text: '12 µF J 450V', sections: one(12), volts: 450, tolerance: even(5) },
  { text: '6uFK 250VAC', sections: one(6), volts: 250, tolerance: even(10) },
  { text: '20 MFD M 330 V', sections: one(20), volts: 330, tolerance: even(20) },
  { text: '5uF +6-6% 370VAC', sections: one(5), volts: 370, tolerance: even(6) },
  { text: '2.2uF 400V~ 38x16x27 mm', sections: one(2.2), volts: 400, tolerance: null },
  { text: '3 µF 250 V 37×15.5×26mm', sections: one(3), volts: 250, tolerance: null },
  {
    text: 'C1:4uF C2:5uF C3:6uF 250V',
    sections: [
      { section: 'C1', uF: 4 },
      { section: 'C2', uF: 5 },
      { section: 'C3', uF: 6 },
    ],
    volts: 250,
    tolerance: null,
  },
  {
    text: 'C1:1.5uF C2:2.5uF 250VAC',
    sections: [
      { section: 'C1', uF: 1.5 },
      { section: 'C2', uF: 2.5 },
    ],
    volts: 250,
    tolerance: null,
  },
  {
    text: '4uF red 5uF yellow 6 uF purple 250V',
    sections: [
      { section: 'red', uF: 4 },
      { section: 'yellow', uF: 5 },
      { section: 'purple', uF: 6 },
    ],
    volts: 250,
    tolerance: null,
  },
  {
    text: 'grey 4.5, brown 6, purple 5 MFD 250 V',
    sections: [
      { section: 'grey', uF: 4.5 },
      { section: 'brown', uF: 6 },
      { section: 'purple', uF: 5 },
    ],
    volts: 250,
    tolerance: null,
  },
  {
    text: 'C-HERM 55µF C-FAN 5µF 440V',
    sections: [
      { section: 'HERM', uF: 55 },
      { section: 'FAN', uF: 5 },
    ],
    volts: 440,
    tolerance: null,
  },
  {
    text: '55/5 uf 370/440 v +-6%',
    sections: [
      { section: 'HERM', uF: 55 },
      { section: 'FAN', uF: 5 },
    ],
    volts: 440,
    tolerance: even(6),
  },
  {
    text: '45+7.5',
    sections: [
      { section: 'HERM', uF: 45 },
      { section: 'FAN', uF: 7.5 },
    ],
    volts: null,
    tolerance: null,
  },
  { text: '7.5 440', sections: [], volts: null, tolerance: null },
  { text: '10µF 400V 0,1µF', sections: one(10), volts: 400, tolerance: null },
  { text: '88-106 µF 250 V start', sections: range(88, 106), volts: 250, tolerance: null, duty: 'start' },
  {
    text: 'MF 25 +10/-5% 370 VAC 60Hz -40/70',
    sections: one(25),
    volts: 370,
    tolerance: { minus: 5, plus: 10 },
  },
  { text: '16µF 475V.AC 50Hz FPU HPFNT', sections: one(16), volts: 475, tolerance: null },
  { text: '14uF/450V', sections: one(14), volts: 450, tolerance: null },
  { text: '450V/14uF ±5%', sections: one(14), volts: 450, tolerance: even(5) },
  { text: 'cap says 1.8 microfarad 250 volt', sections: one(1.8), volts: 250, tolerance: null },
]

/** A second set, written after the reader and looked at once. */
export const laterLabels: OtherLabel[] = [
  {
    text: 'CAPACITY 35/5 MFD +/- 6% RATED 440 VAC 50/60 HZ',
    sections: [
      { section: 'HERM', uF: 35 },
      { section: 'FAN', uF: 5 },
    ],
    volts: 440,
    tolerance: even(6),
  },
  { text: '5 microfarad 370 volts AC', sections: one(5), volts: 370, tolerance: null },
  { text: 'Kondensator 3uF +-5% 400V/50Hz S0 -25/+70', sections: one(3), volts: 400, tolerance: even(5) },
  { text: '1.8µF M 475 V AC P0', sections: one(1.8), volts: 475, tolerance: even(20) },
  { text: 'CF 6 MFD 250VAC 50/60Hz 40/70/21 MKP-S', sections: one(6), volts: 250, tolerance: null },
  {
    text: 'C1=2µF / C2=3µF / 300V',
    sections: [
      { section: 'C1', uF: 2 },
      { section: 'C2', uF: 3 },
    ],
    volts: 300,
    tolerance: null,
  },
  { text: '243-292 uF 165V~', sections: range(243, 292), volts: 165, tolerance: null, duty: 'start' },
  {
    text: 'start cap 130-156mfd 220-250 vac 50/60hz',
    sections: range(130, 156),
    volts: 250,
    tolerance: null,
    duty: 'start',
  },
  { text: 'MFD: 80 VAC: 370', sections: one(80), volts: 370, tolerance: null },
  {
    text: 'blue 2.5uF white 3.5uF black 6uF 250 V.AC',
    sections: [
      { section: 'blue', uF: 2.5 },
      { section: 'white', uF: 3.5 },
      { section: 'black', uF: 6 },
    ],
    volts: 250,
    tolerance: null,
  },
  {
    text: '35+1.5uF',
    sections: [
      { section: 'HERM', uF: 35 },
      { section: 'FAN', uF: 1.5 },
    ],
    volts: null,
    tolerance: null,
  },
  {
    text: 'two values 60 and 5 mfd 440 v',
    sections: [
      { section: 'HERM', uF: 60 },
      { section: 'FAN', uF: 5 },
    ],
    volts: 440,
    tolerance: null,
  },
  {
    text: '400 VAC 25uF HERM 3uF FAN',
    sections: [
      { section: 'HERM', uF: 25 },
      { section: 'FAN', uF: 3 },
    ],
    volts: 400,
    tolerance: null,
  },
  { text: '10 uf k 250v', sections: one(10), volts: 250, tolerance: even(10) },
  { text: '0.47 uF X2 275V~', sections: one(0.47), volts: 275, tolerance: null },
]
