import { type FamilyId, vocabulary } from '../knowledge/vocabulary'
import type { DiagnoseInput, Findings } from './types'

interface Remark {
  when: (findings: Findings, input: DiagnoseInput) => boolean
  text: string
}

const withCompressor: FamilyId[] = [
  'outdoor-unit-fan',
  'refrigerator-condenser-fan',
  'refrigerator-evaporator-fan',
  'dehumidifier-fan',
]

/** What the trade says beside the probabilities, whatever they are. */
const remarks: Remark[] = [
  {
    when: ({ fouling }, { family }) => fouling === 'iced' && family === 'refrigerator-evaporator-fan',
    text: 'Frost froze the wheel: the fan is a symptom. Thaw it, then look at the defrost, or it freezes again.',
  },
  {
    when: ({ companion }, { family }) => companion === 'no' && withCompressor.includes(family),
    text: 'A compressor that ran without its fan may be off on its own overload: look again when it has cooled.',
  },
  {
    when: (findings) =>
      findings['capacitor-look'] === 'bulged-or-leaking' || findings['capacitor-look'] === 'burnt',
    text: 'Change such a capacitor first, and look at the fan again before buying a motor.',
  },
  {
    when: (findings) => findings['cold-retest'] === 'now-good',
    text: 'Good again when cold is not a repair: look for what overheated it.',
  },
]

export const remarksOn = (input: DiagnoseInput, findings: Findings): string[] =>
  remarks.filter((remark) => remark.when(findings, input)).map((remark) => remark.text)

/** A test that a decision waits for and that no tool at hand can make. */
export function missingTool(tools: string[], label: string): string {
  const names = tools.map((id) => vocabulary.tools[id as keyof typeof vocabulary.tools].toLowerCase())
  return `“${label}” wants a tool that is not at hand: ${names.join(' or ')}.`
}
