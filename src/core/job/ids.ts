const ALPHABET = '0123456789abcdefghjkmnpqrstvwxyz'

/** So many letters that a whole template, planted within one millisecond, has no two ids alike. */
const CHANCE = 10

/** An id that sorts by time: nine characters of milliseconds, then chance. Safe in file names and addresses. */
export function newId(now: number, random: () => number): string {
  let time = ''
  for (let rest = Math.floor(now), i = 0; i < 9; i++) {
    time = ALPHABET[rest % 32] + time
    rest = Math.floor(rest / 32)
  }
  let chance = ''
  for (let i = 0; i < CHANCE; i++) chance += ALPHABET[Math.floor(random() * 32)]
  return time + chance
}

export const isId = (text: string): boolean => /^[0-9a-z-]{4,40}$/.test(text)
