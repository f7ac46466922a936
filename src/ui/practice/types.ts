import type { Act } from '@/core/plant'
import type { SaidRound } from '@/wording/practiceRound'

export type Tool = 'meter' | 'tester' | 'lead' | 'hand' | 'clamp'
export type MeterRange = Extract<Act, { act: 'meter' }>['range']

export interface PanelProps {
  round: SaidRound
  busy: boolean
  act: (act: Act) => void
}
