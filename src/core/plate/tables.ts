/** Captions that may head a column, as they are printed. */
const HEADS =
  /^(?:MODEL(?: NO\.?)?|MOD\.?|TYPE|TYP|M\/N|P\/N|S\/N|SER(?:IAL)?(?: NO\.?)?|PART(?: NO\.?)?|H\.?P\.?|VOLTS?|V|VAC|HZ|CYC(?:LES)?|PH(?:ASE)?|R\.?P\.?M\.?|AMPS?|A|F\.?L\.?A\.?|W(?:ATTS)?|KW|FR(?:AME)?|INS(?:\.|UL)?(?: CL(?:ASS)?\.?)?|CL(?:ASS)?|AMB(?:\.|IENT)?|DUTY|ENCL?\.?|S\.?F\.?|CAP(?:\.|ACITOR)?|MFD|UF|ROT(?:\.|ATION)?|SPEEDS?|BRG\.?)$/

interface Cell {
  text: string
  start: number
}

/**
 * A row of captions with a row of values below is read as captions each followed by its value: the lines are blanked and
 * added again as "caption value" lines, with the place of every character in the source.
 */
export function unrollTables(source: string): { work: string; places: number[] } {
  const places: number[] = []
  let offset = 0
  const chars = Array.from({ length: source.length }, (_, i) => source[i]!)
  let added = ''
  const addedPlaces: number[] = []
  const lines = source.split('\n').map((text) => {
    const start = offset
    offset += text.length + 1
    return { text, start }
  })
  for (let i = 0; i + 1 < lines.length; i++) {
    const heads = cellsOf(lines[i]!)
    if (
      heads.length < 2 ||
      !heads.every((cell) => HEADS.test(cell.text.toUpperCase().replace(/[µμ]/g, 'U').replace(/[:.]$/, '')))
    )
      continue
    const values = cellsOf(lines[i + 1]!)
    const paired = pair(heads, values)
    if (!paired) continue
    for (const [head, value] of paired) {
      added += '\n'
      addedPlaces.push(-1)
      for (const cell of [head, value]) {
        for (let k = 0; k < cell.text.length; k++) {
          added += source[cell.start + k]
          addedPlaces.push(cell.start + k)
          chars[cell.start + k] = ' '
        }
        added += ' '
        addedPlaces.push(-1)
      }
    }
    i++
  }
  for (let i = 0; i < source.length; i++) places.push(i)
  return { work: chars.join('') + added, places: [...places, ...addedPlaces] }
}

/** Cells stand apart by two spaces, a tab or a bar; a line of single words by one space. */
function cellsOf({ text, start }: { text: string; start: number }): Cell[] {
  const wide = [...text.matchAll(/[^\s|]+(?: [^\s|]+)*/g)].map((match) => ({
    text: match[0],
    start: start + match.index,
  }))
  if (wide.length > 1) return wide
  return [...text.matchAll(/[^\s|]+/g)].map((match) => ({ text: match[0], start: start + match.index }))
}

function pair(heads: Cell[], values: Cell[]): [Cell, Cell][] | null {
  if (values.length === 0 || !values.some((cell) => /\d/.test(cell.text))) return null
  if (heads.length === values.length) return heads.map((head, i) => [head, values[i]!])
  return null
}
