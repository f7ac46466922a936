/**
 * What people take for a passphrase first, as lists of leaked words agree: stems that stay weak whatever stands before or behind
 * them. Letters and figures that are exchanged for each other are one.
 */
const STEMS =
  'password passwort passw0rd letmein welcome admin administrator qwerty qwertz azerty asdf zxcv iloveyou sunshine princess football baseball dragon monkey shadow master superman batman trustno1 whatever starwars computer internet abc abcd michael jordan charlie secret changeme default guest login hello freedom access flower cheese summer winter spring autumn household restcog rest-cog'.split(
    ' ',
  )

const plainly = (word: string): string =>
  word
    .toLowerCase()
    .replaceAll('0', 'o')
    .replaceAll('1', 'i')
    .replaceAll('3', 'e')
    .replaceAll('4', 'a')
    .replaceAll('5', 's')
    .replaceAll('@', 'a')
    .replaceAll('$', 's')
    .replace(/[^a-z]/g, '')

const stems = STEMS.map(plainly)

/**
 * Is it one of the first that anybody would try: a common word with figures or signs around it, a row of the keyboard or of the
 * alphabet, the same few signs over and over, a date?
 *
 * @example isCommonWord('P@ssw0rd!') // true
 * @example isCommonWord('gable fan whistles') // false
 */
export function isCommonWord(word: string): boolean {
  const typed = word.toLowerCase().replace(/\s+/g, '')
  if (new Set(typed).size < 4 || /^[\d./-]+$/.test(typed) || isRow(typed)) return true
  const letters = plainly(word)
  return stems.some(
    (stem) =>
      letters === stem ||
      letters === stem + stem ||
      (letters.replace(stem, '').length < 3 && letters.includes(stem)),
  )
}

const ROWS = [
  'abcdefghijklmnopqrstuvwxyz',
  '01234567890123456789',
  'qwertyuiopasdfghjklzxcvbnm',
  '1q2w3e4r5t6y7u8i9o0p',
  '1qaz2wsx3edc4rfv5tgb',
]

const isRow = (typed: string): boolean =>
  ROWS.some((row) => row.includes(typed) || [...row].reverse().join('').includes(typed))
