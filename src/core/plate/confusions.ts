/** Characters that are taken for each other, and what that costs; cheap ones look alike, dear ones are only near. */
const alike = ['O0QD', 'I1L|!', 'S5', 'B8', 'Z2', 'G6', 'U4'].map((group) => new Set(group))
const near = [
  'CGO',
  'EF',
  'UV',
  'MN',
  'HN',
  'TI',
  'RK',
  'PF',
  'VY',
  'A4',
  'E3',
  'D0',
  'PR',
  'B3',
  'T7',
  'Q9',
  'CE',
  'IJ',
  'WV',
  'HM',
  'XK',
].map((group) => new Set(group))

const ALIKE = 0.35
const NEAR = 0.8
export const OTHER = 1.5

const SIZE = 128
const table = Float32Array.from({ length: SIZE * SIZE }, (_, at) => {
  const [printed, meant] = [String.fromCharCode(Math.floor(at / SIZE)), String.fromCharCode(at % SIZE)]
  if (printed === meant) return 0
  const together = (groups: Set<string>[]) => groups.some((group) => group.has(printed) && group.has(meant))
  return together(alike) ? ALIKE : together(near) ? NEAR : OTHER
})

/** What it costs to read one character for another: 0 the same, 0.35 a look-alike, 0.8 a near one, 1.5 any other. */
export function confusion(printed: string, meant: string): number {
  const [a, b] = [printed.charCodeAt(0), meant.charCodeAt(0)]
  if (a === b) return 0
  return a < SIZE && b < SIZE ? table[a * SIZE + b]! : OTHER
}

/** Digits that a letter may stand for. */
const asDigit: Record<string, string> = {
  O: '0',
  Q: '0',
  D: '0',
  I: '1',
  L: '1',
  '|': '1',
  '!': '1',
  S: '5',
  B: '8',
  Z: '2',
  G: '6',
}

export const isDigit = (char: string): boolean => char >= '0' && char <= '9'
export const digitOf = (char: string): string | undefined => (isDigit(char) ? char : asDigit[char])
/** The figures of a misread number. */
export const digitsOf = (text: string): string => Array.from(text, (char) => digitOf(char) ?? char).join('')
