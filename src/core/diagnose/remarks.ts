import { compressorFamilies, defrostFamilies, reversingSwitchFamilies } from '../knowledge/familyTraits'
import { type MotorKindId, vocabulary } from '../knowledge/vocabulary'
import { turnsWrong } from '../knowledge/wrongTurn'
import { partsSeen } from './partsSeen'
import type { DiagnoseInput, Findings } from './types'

interface Remark {
  when: (findings: Findings, input: DiagnoseInput) => boolean
  text: string
}

/** What the trade says beside the probabilities, whatever they are. */
const remarks: Remark[] = [
  {
    when: ({ fouling }, { family }) => fouling === 'iced' && defrostFamilies.includes(family),
    text: 'Frost froze the wheel: the fan is a symptom. Thaw it, then look at the defrost, or it freezes again.',
  },
  {
    when: ({ companion }, { family }) => companion === 'no' && compressorFamilies.includes(family),
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
  {
    when: (findings) =>
      findings['nudge-start'] === 'starts-and-runs' &&
      findings['capacitor-fan-reading'] === 'within' &&
      (findings.winding ?? 'good') === 'good',
    text: 'A fan that starts on a push with a capacitor within its window: make it dead, read the capacitor again at its own lugs, then look at its wires and crimps, then at where start and run land.',
  },
  {
    when: (findings) => findings['control-voltage'] === 'none',
    text: 'No voltage at the coil: follow the call from the thermostat over the float and pressure switches of that chain to the control fuse. The float switch of a drain pan sits there.',
  },
  {
    when: (findings) => findings['wiring-changed'] === 'no' && turnsWrong(findings),
    text: 'It turns the wrong way and nobody has touched its wiring: a weak capacitor or a failing motor does that, and rewiring will not help.',
  },
  {
    when: (findings, { family }) => reversingSwitchFamilies.includes(family) && turnsWrong(findings),
    text: 'Look at the ceiling fan’s own reversing switch first.',
  },
]

export const remarksOn = (input: DiagnoseInput, findings: Findings): string[] => [
  ...remarks.filter((remark) => remark.when(findings, input)).map((remark) => remark.text),
  ...kindRemark(input, findings),
]

/** Where the plate does not say what motor it is and a part does, that is said: it moves the suspects. */
function kindRemark({ family, motorKind }: DiagnoseInput, findings: Findings): string[] {
  if (motorKind) return []
  const kinds = vocabulary.families[family].typicalMotorKinds as MotorKindId[]
  const telling = partsSeen(findings).filter(({ kinds: own, there }) => {
    const fitting = kinds.filter((kind) => own.includes(kind) === there).length
    return fitting > 0 && fitting < kinds.length
  })
  const names = [...new Set(telling.map(({ name, there }) => (there ? `with ${name}` : `without ${name}`)))]
  return names.length > 0 ? [`Taken as a motor ${names.join(', ')}, from what you found.`] : []
}

/** A test that a decision waits for and that no tool at hand can make. */
export function missingTool(tools: string[], label: string): string {
  const names = tools.map((id) => vocabulary.tools[id as keyof typeof vocabulary.tools].toLowerCase())
  return `“${label}” wants a tool that is not at hand: ${names.join(' or ')}.`
}
