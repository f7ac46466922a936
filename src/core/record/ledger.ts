import type { JobSnapshot, LedgerRow } from '../job'
import { actionWords } from '../job/actWords'
import { refitOf } from '../job/refitOf'
import { list } from './items'
import type { RecordItem } from './types'

/** Each act of the way in with what it was held by, its mark, what moved over or was renewed, and whether it is back. */
export function wayInAndBack(snapshot: JobSnapshot): RecordItem[] {
  const done = snapshot.ledger.filter((line) => line.doneAt)
  const struck = snapshot.ledger.filter((line) => line.struckAt && !line.doneAt)
  const onTheWayBack = new Set(refitOf(snapshot).steps.flatMap(({ from }) => from ?? []))
  return [
    ...list(
      done.map((line) => lineText(line, onTheWayBack.has(line.id))),
      true,
    ),
    ...list(struck.map((line) => `Not there: ${line.part} (${line.strikeReason}).`)),
  ]
}

function lineText(line: LedgerRow, onTheWayBack: boolean): string {
  const pieces = line.fastener || line.count ? `${line.count ?? 1} × ${line.fastener || 'piece'}` : ''
  const renewed = line.renewMaterial
    ? `renewed with ${line.renewMaterial}${line.cureHours === null ? '' : `, cures ${line.cureHours} h`}`
    : ''
  const back = line.backDoneAt ? 'back' : onTheWayBack ? 'not back yet' : ''
  return `${[
    `${actionWords(line.action)} ${line.part}${line.terminal ? ` from ${line.terminal}` : ''}`,
    pieces,
    line.cup ? `cup ${line.cup}` : '',
    line.mark ? `mark “${line.mark}”` : '',
    line.movesToNewPart ? 'moves over to the new part' : '',
    renewed,
    line.temporary ? (line.backDoneAt ? 'temporary, undone' : 'temporary, and stands') : '',
    line.doneCover === 'none' || line.backCover === 'none' ? 'done without a standing proof' : '',
    back,
  ]
    .filter(Boolean)
    .join(', ')}.`
}
