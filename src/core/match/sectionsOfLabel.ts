import type { CapacitorLabel } from '../capacitor'
import { significant } from '../units'
import type { CapSpec } from './capacitor'

/** The most that a machine asks for of one can: three speeds of a ceiling fan. */
const MOST_ASKED = 3

/**
 * What a label’s sections are to a match: a part with more of them than any machine asks for makes others by joining its
 * terminals, which carry their µF printed beside them.
 *
 * @example sectionsOfLabel({ sections: [2.5, 2.5, 5, 10].map((uF) => ({ section: 'x', uF })) }).multi?.map(({ terminal }) => terminal) // ['2.5', '2.5 (2)', '5', '10']
 */
export function sectionsOfLabel({
  sections,
}: Pick<CapacitorLabel, 'sections'>): Pick<CapSpec, 'sections' | 'multi'> {
  if (sections.length <= MOST_ASKED) return { sections }
  const names = sections.map(({ uF }) => significant(uF, 4))
  return {
    multi: sections.map(({ uF }, index) => {
      const name = names[index] ?? ''
      const before = names.slice(0, index).filter((each) => each === name).length
      return { terminal: before === 0 ? name : `${name} (${before + 1})`, uF }
    }),
  }
}
