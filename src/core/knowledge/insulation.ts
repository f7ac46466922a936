/** Insulation colours by their names and the trade's short forms. The name always stands beside: colour alone is never the message. */
const COLOURS: Record<string, string> = {
  black: '#1b1b1d',
  blk: '#1b1b1d',
  white: '#ffffff',
  wht: '#ffffff',
  red: '#b3202c',
  blue: '#2a5caa',
  blu: '#2a5caa',
  brown: '#6b3f22',
  brn: '#6b3f22',
  yellow: '#f0d000',
  yel: '#f0d000',
  orange: '#e07b1a',
  org: '#e07b1a',
  purple: '#6d3f93',
  violet: '#6d3f93',
  pur: '#6d3f93',
  green: '#2f7d3b',
  grn: '#2f7d3b',
  grey: '#8b9390',
  gray: '#8b9390',
  pink: '#e59ab0',
}

/**
 * The colour of a lead and of its stripe, by its name; null where the name tells none.
 *
 * @example coloursOf('brown-white') // { base: '#6b3f22', stripe: '#ffffff' }
 */
export function coloursOf(name: string): { base: string | null; stripe: string | null } {
  const words = name.toLowerCase().split(/[^a-z]+/)
  const found = words.flatMap((word) => {
    const colour = Object.hasOwn(COLOURS, word) ? COLOURS[word] : undefined
    return colour ? [colour] : []
  })
  return { base: found[0] ?? null, stripe: found[1] ?? null }
}
