import { measureOf } from '../../knowledge/measureKinds'
import { typedValue } from '../../units'
import { lengthText } from '../../units/household'
import type { HouseholdRow, JobSnapshot, LedgerRow } from '../rows'
import { refitOf } from './refitOf'

/** Less than this a tape does not tell apart: a sixteenth of an inch. Millimetres. */
const AS_IT_WAS_MM = 1.6

/** Too short to be a reason. */
const LEAST_REASON = 3

/**
 * What a line still lacks before it can be ticked: a figure where it measures, a photo where it takes one, how a wheel turns where
 * that is marked, since nothing tells it once the wheel is out; or a word why there is none. Null where it lacks nothing.
 */
export function openOf(
  snapshot: Pick<JobSnapshot, 'photos'>,
  line: LedgerRow,
): 'figure-first' | 'photo-first' | 'turn-first' | null {
  if ((line.without ?? '').trim().length >= LEAST_REASON) return null
  if (line.action === 'measure') return line.figure || line.mark ? null : 'figure-first'
  const photographed = snapshot.photos.some(({ lineId }) => lineId === line.id)
  if (line.action === 'photo') return photographed ? null : 'photo-first'
  // Words of one's own, or a photo of the arrow, tell it as well.
  if (line.action === 'mark' && measureOf(line.part)?.kind === 'turn')
    return line.mark.trim() !== '' || photographed ? null : 'turn-first'
  return null
}

/** The measured lines whose figure is wanted where this line goes back, in the order in which they were taken. */
export const figuresAt = (snapshot: JobSnapshot, lineId: string): LedgerRow[] =>
  wantedAt(snapshot, lineId).filter(({ action, figure }) => action === 'measure' && figure)

/** The marks that are wanted where this line goes back: which way a wheel turned, a line across a joint. */
export const marksAt = (snapshot: JobSnapshot, lineId: string): LedgerRow[] =>
  wantedAt(snapshot, lineId).filter(({ action }) => action === 'mark')

function wantedAt(snapshot: JobSnapshot, lineId: string): LedgerRow[] {
  const step = refitOf(snapshot).steps.find(({ from }) => from === lineId)
  return (step?.figures ?? []).flatMap(({ from }) => snapshot.ledger.filter((row) => row.id === from))
}

/**
 * How far the figure of the way back lies from that of the way in; null where it is as it was, or where one of them is no length.
 *
 * @example figureChange('14 mm', '11', false) // '3 mm less'
 */
export function figureChange(was: string, now: string, inches: boolean): string | null {
  const [one, two] = [was, now].map((text) => typedValue(text, 'mm', { defaultUnit: inches ? 'in' : 'mm' }))
  if (one == null || two == null) return null
  const change = two - one
  return Math.abs(change) < AS_IT_WAS_MM
    ? null
    : `${lengthText(Math.abs(change), inches)} ${change < 0 ? 'less' : 'more'}`
}

/** How far a measured line lies from what it was; null where it was not measured again, or is as it was. */
export const changeOf = (
  { figure, backFigure }: Pick<LedgerRow, 'figure' | 'backFigure'>,
  { inches }: Pick<HouseholdRow, 'inches'>,
): string | null => (figure && backFigure ? figureChange(figure, backFigure, inches === 1) : null)

/** The measured figures of a job that do not stand as they stood. */
export const changedFigures = (snapshot: JobSnapshot): { line: LedgerRow; change: string }[] =>
  snapshot.ledger.flatMap((line) => {
    const change = changeOf(line, snapshot.household)
    return change ? [{ line, change }] : []
  })
