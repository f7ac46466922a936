import type { Act, JobSnapshot } from '@/core/job'

/** What an act was about, in the person's own words where it holds some. */
export function wordsOfAct(act: Act, snapshot: JobSnapshot): string {
  const label = 'id' in act ? labelOf(snapshot, act.id) : ''
  const typed = 'typed' in act ? act.typed : 'value' in act ? act.value : ''
  const name = names[act.kind] ?? act.kind.replaceAll('.', ' ').replaceAll('-', ' ')
  const subject =
    'pair' in act
      ? act.pair
      : act.kind === 'reading.set'
        ? [act.a, act.b].filter(Boolean).join('–')
        : act.kind === 'field.set'
          ? act.field
          : label
  return [name, subject, typed ? `“${typed}”` : ''].filter(Boolean).join(' ')
}

const names: Partial<Record<Act['kind'], string>> = {
  'point.open': 'Opened:',
  'point.held': 'Held open:',
  'point.still': 'Seen again, still off:',
  'point.strike': 'Struck from the plan:',
  'proof.start': 'Proof begun',
  'proof.tester': 'Tester tested',
  'proof.switch': 'Switch before the proof place',
  'proof.read': 'Proof reading',
  'charge.read': 'Discharged and read:',
  'wait.start': 'Wait begun:',
  'ledger.tick': 'Done:',
  'ledger.back': 'Put back:',
  'ledger.add': 'New line',
  'ledger.edit': 'Changed line:',
  'landing.done': 'Landed:',
  'reading.set': 'Reading',
  'field.set': 'Field',
  'hands.out': 'Hands are out',
  'proof.mistyped': 'A reading was mistyped',
  'finding.set': 'Finding',
  'check.set': 'Check',
  'job.phase': 'Power',
  'part.out': 'Out before this job began',
}

function labelOf(snapshot: JobSnapshot, id: string): string {
  const named = [...snapshot.points, ...snapshot.charges, ...snapshot.waits].find((row) => row.id === id)
  if (named) return named.label
  return (
    snapshot.ledger.find((row) => row.id === id)?.part ??
    snapshot.landings.find((row) => row.id === id)?.lead ??
    ''
  )
}
