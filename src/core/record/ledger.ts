import type { JobSnapshot, LedgerRow } from '../job'
import { actionWords, piecesOf } from '../job/ledger/actWords'
import { figureWords, withUnit } from '../job/ledger/figureWords'
import { changeOf } from '../job/ledger/ledgerFigures'
import { movesOver, refitOf } from '../job/ledger/refitOf'
import { capital } from '../units/capital'
import { list } from './items'
import type { RecordItem } from './types'

/** Each act of the way in with what it was held by, its mark, what moved over or was renewed, and whether it is back. */
export function wayInAndBack(snapshot: JobSnapshot): RecordItem[] {
  const done = snapshot.ledger.filter((line) => line.doneAt)
  const struck = snapshot.ledger.filter((line) => line.struckAt && !line.doneAt)
  const onTheWayBack = new Set(refitOf(snapshot).steps.flatMap(({ from }) => from ?? []))
  return [
    ...list(
      done.map((line) => lineText(line, onTheWayBack.has(line.id), snapshot)),
      true,
    ),
    ...list(struck.map((line) => `Not there: ${line.part} (${line.strikeReason}).`)),
  ]
}

/** What it measured on the way in, and what it measured on the way back. */
function measuredText(line: LedgerRow, household: JobSnapshot['household']): string {
  if (!line.figure) return ''
  const inches = household.inches === 1
  const change = changeOf(line, household)
  const again = line.backFigure
    ? `; on the way back ${withUnit(line.backFigure, inches)}${change ? ` (${change})` : ''}`
    : ''
  // The line itself says what was measured; from where to where stands behind the figure.
  const figure = line.mark ? figureWords(line, household) : withUnit(line.figure, inches)
  return `${figure}${again}`
}

function lineText(line: LedgerRow, onTheWayBack: boolean, snapshot: JobSnapshot): string {
  const pieces = piecesOf(line.count, line.fastener)
  const renewed = line.renewMaterial
    ? `renewed with ${line.renewMaterial}${line.cureHours === null ? '' : `, cures ${line.cureHours} h`}`
    : ''
  const back = line.backDoneAt ? 'back' : onTheWayBack ? 'not back yet' : ''
  return `${[
    capital(`${actionWords(line.action)} ${line.part}${line.terminal ? ` from ${line.terminal}` : ''}`),
    pieces,
    line.cup ? `cup ${line.cup}` : '',
    measuredText(line, snapshot.household),
    line.mark && !line.figure ? `mark “${line.mark}”` : '',
    line.without ? `none: ${line.without}` : '',
    movesOver(line, snapshot) ? 'goes onto the new part' : '',
    renewed,
    line.temporary ? (line.backDoneAt ? 'temporary, undone' : 'temporary, and stands') : '',
    line.doneCover === 'none' || line.backCover === 'none' ? 'done without a standing proof' : '',
    back,
  ]
    .filter(Boolean)
    .join(', ')}.`
}
