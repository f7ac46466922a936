import { kindOfPlateWord } from '../knowledge/plateKinds'
import { valuesIn } from './said'
import type { Scan } from './scan'
import type { PlateKind } from './types'

const motorly = new Set([
  'cw',
  'ccw',
  'cwse',
  'ccwse',
  'cwle',
  'ccwle',
  'reversible',
  'thermally-protected',
  'impedance',
  'enclosure',
  'ball',
  'sleeve',
])
const kinds = new Set<string>(Object.keys(kindOfPlateWord))
const fuels = new Set(['natural-gas', 'propane', 'oil', 'pellets'])

/** What kind of plate it is: what it says weighed for each kind. */
export function plateKindOf(scan: Scan): PlateKind {
  const values = valuesIn(scan).map(({ value }) => value)
  const count = (test: (value: string) => boolean) => values.filter(test).length
  const has = (field: string) => scan.figures.some((figure) => figure.field === field && figure.score > 1)
  const others = scan.figures.filter(({ field }) => field === 'other').length
  const tokens = scan.lines.flat().filter(({ kind }) => kind === 'word')
  const word = (pattern: RegExp) => tokens.some(({ text }) => pattern.test(text))
  const caption = (field: string) => tokens.some(({ meanings }) => meanings.caption === field)

  const capacitor =
    (has('capacitorUf') ? 2 : 0) +
    (has('percent') ? 1.2 : 0) +
    (word(
      /^(?:CAPACITOR|RUNCAP|CONDENSAT|CONDENSAD|KONDENSATOR|BETRIEBSKOND|ANLAUFKOND|MOTORKOND|MOTORBETRIEBSKOND|DAUERBETRIEBSK)/,
    )
      ? 1.2
      : 0) +
    (count((value) => value === 'run' || value === 'start' || value === 'dual' || value === 'herm') > 0
      ? 0.8
      : 0) -
    (has('rpm') || has('hp') ? 4 : 0) -
    (has('amps') ? 1.5 : 0)
  const motor =
    (has('rpm') ? 2.5 : 0) +
    (has('hp') ? 2 : 0) +
    (word(/^(?:[A-Z]*MOTOR|MOTEUR|MOTORE|MOT)$/) ? 1.5 : 0) +
    (count((value) => kinds.has(value)) > 0 ? 1.5 : 0) +
    1.2 *
      Math.min(
        2,
        count((value) => motorly.has(value)),
      ) +
    (caption('insulationClass') ? 1.2 : 0) +
    (caption('rotation') || caption('frame') ? 1 : 0) +
    (has('capacitorUf') ? 0.5 : 0) +
    (scan.figures.some(({ words }) => words.some(({ mark }) => mark === 'full-load')) && others === 0
      ? 0.8
      : 0)
  const appliance =
    1 +
    2 *
      Math.min(
        1,
        count((value) => value === 'appliance'),
      ) +
    2 *
      Math.min(
        1,
        count((value) => fuels.has(value)),
      ) +
    0.8 *
      Math.min(
        3,
        count((value) => value === 'part-of-machine' || value === 'lamp'),
      ) +
    0.8 * Math.min(3, others)
  if (capacitor >= 2 && capacitor >= motor && capacitor >= appliance) return 'capacitor'
  return motor >= appliance ? 'motor' : 'appliance'
}
