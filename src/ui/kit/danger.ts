import type { StopRuleId } from '@/core/knowledge/vocabulary'

/** What a page does about a danger that was tapped: a job stops. */
type Raise = (rule: StopRuleId) => void

let raise: Raise | null = null

/** The page of a job takes dangers while it is open. Answers what ends that. */
export function onDanger(takes: Raise): () => void {
  raise = takes
  return () => {
    if (raise === takes) raise = null
  }
}

/** Answers whether a job was there to stop. */
export function tellDanger(rule: StopRuleId): boolean {
  raise?.(rule)
  return raise !== null
}
