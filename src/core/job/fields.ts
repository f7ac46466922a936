import { type Quantity, typedValue } from '../units'
import type { JobSnapshot } from './rows'

/** A field's text as typed, or empty. */
export function fieldText(snapshot: JobSnapshot, part: string, field: string): string {
  return snapshot.fields.find((row) => row.part === part && row.field === field)?.typed ?? ''
}

/** Numbers of a list as printed: 208-230, 1075/950/825. */
export function typedList(text: string, quantity: Quantity): number[] {
  return text.split(/[/,; ]+|(?<=\d)-(?=\d)/).flatMap((part) => typedValue(part, quantity) ?? [])
}
