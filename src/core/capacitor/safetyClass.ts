/** What a capacitor does when it fails, by the class on its label. */
export interface SafetyClass {
  /** As it is printed: P2, S3, 10,000 AFC. */
  printed: string
  /**
   * 0: nothing of its own; 1: it fails without fire or burst, open or shorted; 2: it parts its own wires and fails open
   * (IEC 60252-1: P0, P1, P2, since 2010 S0, S1, S2 and S3; 10,000 AFC after UL 810 parts its wires as well).
   */
  level: 0 | 1 | 2
}

const EUROPEAN = /(?<![\p{L}\d.])([PS])\s?([0-3])(?![\d.,]*\s?(?:µ|u|m)?F\b)(?![\p{L}\d])/u
const AMERICAN = /\b10[ ,.]?000\s*A\s?(?:F\s?C|I\s?C)?\b/i

/**
 * The class of safety protection in the text of a label; null where none is printed.
 *
 * @example classIn('35+3 µF ±5% 450V~ 50/60Hz C P2')?.level // 2
 */
export function classIn(text: string): SafetyClass | null {
  const [printed, letter, figure] = EUROPEAN.exec(text) ?? []
  // There is no P3.
  if (printed && figure && !(letter === 'P' && figure === '3'))
    return { printed: `${letter}${figure}`, level: figure === '0' ? 0 : figure === '1' ? 1 : 2 }
  return AMERICAN.test(text) ? { printed: '10,000 AFC', level: 2 } : null
}

/** How a new capacitor's class stands to the old one's. */
export type ClassRemark = 'less' | 'ask' | null

/**
 * Whether a new capacitor fails less safely than the old one.
 *
 * @returns `less` where its class is lower, `ask` where the old one parts itself and nothing is told of the new one
 * @example classRemark('3 µF 450 V P2', '3 µF 450 V P0') // 'less'
 */
export function classRemark(old: string, fresh: string): ClassRemark {
  const [was, is] = [classIn(old), classIn(fresh)]
  if (!was || was.level === 0) return null
  if (!is) return was.level === 2 ? 'ask' : null
  return is.level < was.level ? 'less' : null
}
