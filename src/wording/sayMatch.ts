import { type ClassRemark, classIn } from '../core/capacitor/safetyClass'
import { match } from './en/match'
import { say } from './say'

/** What is said of a capacitor that fails less safely than the old one, or of which nobody said how. */
export function classSentence(remark: NonNullable<ClassRemark>, old: string, fresh: string): string {
  const [was, is] = [classIn(old), classIn(fresh)]
  return say(
    {
      key: `class.${remark}`,
      params: { old: was?.printed ?? '', fresh: is?.printed ?? '', level: String(is?.level ?? '') },
    },
    match,
  )
}
