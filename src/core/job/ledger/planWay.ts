import { capacitorTemplate, motorTemplates } from '../../knowledge/templates'
import { moreWays, wayOf } from '../../knowledge/ways'
import type { ActOf } from '../acts/actTypes'
import { type Draft, planned, rowChange } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { hasCover } from '../energy/coversOfJob'
import { emptyLine, plantedLedger } from '../plant'
import type { JobSnapshot, LedgerRow, RowChange } from '../rows'
import { allowed, checked, lastPosition } from './lineRules'
import { isTemporary } from './temporary'

/** Lines of a whole way at once: of a template of the family, or of one that somebody went before and kept. */
export function plantWay(snapshot: JobSnapshot, act: ActOf<'ledger.plant'>, at: string): Draft {
  const family = snapshot.machine.family
  const way = act.template === 'motor' ? (act.way ?? '') : ''
  const template =
    act.template === 'motor'
      ? wayOf(family, way)
      : capacitorTemplate(family, act.template === 'capacitor-dual')
  if (!template) throw refusal('unknown-way/plant', way)
  if (act.ids.length < template.lines.length + (way === '' ? 0 : WAY_FIELDS))
    throw refusal('too-few-ids/template')
  // Planted twice, the lines that are there keep their ticks.
  if (snapshot.ledger.some((row) => act.ids.includes(row.id))) return planned('Template planted already', [])
  const ids = [...act.ids]
  const lines = template.lines.filter((line) => !line.access || !hasCover(snapshot, line))
  const rows = plantedLedger(
    snapshot.job.id,
    { ...template, lines },
    lastPosition(snapshot) + 1,
    () => ids.shift() ?? '',
  )
  const stale = act.instead ? untouched(snapshot) : []
  return planned(`Template planted: ${rows.length} lines`, [
    ...stale.map((line) => rowChange(snapshot, 'ledger', line.id, null)),
    ...rows.map((row) => rowChange(snapshot, 'ledger', row.id, row)),
    ...wayFields(
      snapshot,
      { id: way, replaced: way === '' ? '' : template.replaced },
      at,
      () => ids.shift() ?? '',
    ),
  ])
}

/** Lines of a template that stand as it planted them: not ticked, without a photo, a figure or a word of somebody's own. */
function untouched(snapshot: JobSnapshot): LedgerRow[] {
  const { family } = snapshot.machine
  const planted = [
    motorTemplates[family],
    ...moreWays(family),
    capacitorTemplate(family, false),
    capacitorTemplate(family, true),
  ].flatMap(({ lines }) => lines)
  return snapshot.ledger.filter(
    (line) =>
      !line.doneAt &&
      !line.struckAt &&
      line.access === '' &&
      !line.figure &&
      !line.without &&
      !snapshot.photos.some(({ lineId }) => lineId === line.id) &&
      planted.some(
        ({ action, part, mark = '' }) => action === line.action && part === line.part && mark === line.mark,
      ),
  )
}

/** What the way back and the kit have to know of the way that was taken; the usual one leaves nothing behind. */
const WAY_FIELDS = 2
function wayFields(
  snapshot: JobSnapshot,
  typedOf: { id?: string; replaced: string },
  at: string,
  id: () => string,
): RowChange[] {
  return Object.entries(typedOf).flatMap(([field, typed]) => {
    const known = snapshot.fields.find((row) => row.part === 'way' && row.field === field)
    const own = known?.id ?? id()
    if (typed === '') return known ? [rowChange(snapshot, 'fields', own, null)] : []
    return [
      rowChange(snapshot, 'fields', own, { id: own, jobId: snapshot.job.id, part: 'way', field, typed, at }),
    ]
  })
}

/**
 * A way that was kept at another job: each line judged as if it had been typed here. Covers that the ledger has already are not
 * told twice, and nothing comes as done.
 */
export function plantOwnWay(snapshot: JobSnapshot, act: ActOf<'ledger.own'>, at: string): Draft {
  const [fieldId = '', ...ids] = act.ids
  if (ids.length < act.lines.length || fieldId === '') throw refusal('too-few-ids/template')
  if (snapshot.ledger.some((row) => ids.includes(row.id))) return planned('Way planted already', [])
  const from = lastPosition(snapshot) + 1
  const rows = act.lines
    .map(({ line }, index) => {
      const { caution, asks } = line
      const row: LedgerRow = {
        ...emptyLine(ids[index] ?? '', snapshot.job.id, from + index),
        ...allowed(line),
        ...(typeof caution === 'string' ? { caution } : {}),
        ...(typeof asks === 'string' ? { asks } : {}),
      }
      return checked(snapshot, row)
    })
    .filter((row) => row.access === '' || !hasCover(snapshot, row))
  if (rows.some(isTemporary)) throw refusal('unknown-value/line')
  const stale = act.instead ? untouched(snapshot) : []
  return planned(`Own way planted: ${rows.length} lines`, [
    ...stale.map((line) => rowChange(snapshot, 'ledger', line.id, null)),
    ...rows.map((row) => rowChange(snapshot, 'ledger', row.id, row)),
    ...wayFields(snapshot, { replaced: act.replaced }, at, () => fieldId),
  ])
}
