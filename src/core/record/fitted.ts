import { otherFields, otherPartOf } from '../fit/otherAsked'
import type { JobSnapshot } from '../job'
import { fieldText } from '../job/fields'
import { chosenCapacitor, chosenMotor, partName } from '../job/parts/candidates'
import { chainOf } from '../job/parts/motorMatch'
import { orderOf } from '../job/parts/orders'
import { asksWhatWentIn, wentIn } from '../job/parts/wentIn'
import { judgedFigure } from '../job/proving/checkFigures'
import { checksOf } from '../job/proving/power'
import { judgedRuns } from '../job/proving/runs'
import { comparedSounds } from '../job/proving/sounds'
import { type OtherPart, otherParts } from '../knowledge/otherParts'
import { differenceText, eventSentence } from '../sequence'
import { dueEvents } from '../takeaway/calendar'
import { significant, typedValue } from '../units'
import { capital } from '../units/capital'
import { placeOf } from '../wiring/capacitorBack'
import { capacitorListOf } from '../wiring/capacitorOfJob'
import { roleOf } from '../wiring/strip'
import { list, pairs, text, times } from './items'
import type { RecordItem } from './types'

export function parts(snapshot: JobSnapshot): RecordItem[] {
  const [motor, capacitor] = [chosenMotor(snapshot), chosenCapacitor(snapshot)]
  const bought = (['motor', 'capacitor'] as const).flatMap((part): RecordItem[] => {
    const order = orderOf(snapshot, part)
    if (!order) return []
    const words = [
      `The ${part} was ordered on ${order.orderedOn}`,
      order.from ? `from ${order.from}` : '',
      order.price ? `for ${order.price}` : '',
      order.arrivedOn ? `and came on ${order.arrivedOn}` : '',
    ]
    return text(`${words.filter(Boolean).join(' ')}.`)
  })
  return [
    ...(motor ? text(`Motor: ${partName(snapshot, motor)}.`) : []),
    ...(capacitor ? text(`Capacitor: ${partName(snapshot, capacitor)}.`) : []),
    ...numbers(snapshot),
    ...capacitorWires(snapshot),
    ...otherPart(snapshot),
    ...unlisted(snapshot),
    ...bought,
    ...pairs(
      snapshot.landings.map(({ lead, role, capped, terminal, doneAt }) => [
        `${lead}${role ? ` (${roleOf(role).name.toLowerCase()})` : ''}`,
        `${capped ? 'capped, alone' : terminal || 'open'}${doneAt ? '' : ', not ticked'}`,
      ]),
    ),
  ]
}

/** The line of numbers from the old plate to the newest, with who says each step. */
function numbers(snapshot: JobSnapshot): RecordItem[] {
  const { partNumber, replaces = [] } = chosenMotor(snapshot) ?? {}
  const declared = partNumber
    ? replaces.map((from) => ({ from, to: partNumber, by: 'the list it is from' }))
    : []
  const steps = chainOf(snapshot, declared)
  const old = fieldText(snapshot, 'motor-old', 'partNumber').trim()
  return steps.length === 0
    ? []
    : text(`Numbers: ${[old, ...steps.map(({ to, by }) => `${to} (says ${by})`)].join(' → ')}.`)
}

/** Where each bundle of wires of the old capacitor went, and the wires that were made on the new one. */
function capacitorWires(snapshot: JobSnapshot): RecordItem[] {
  const list = capacitorListOf(snapshot)
  if (!list) return []
  return [
    ...pairs(list.landings.map(({ wires, can, terminal }) => [capital(wires), placeOf(list, can, terminal)])),
    ...list.bridges.flatMap(({ from, to }) =>
      text(
        `A wire of its own: ${placeOf(list, from.can, from.terminal)} to ${placeOf(list, to.can, to.terminal)}.`,
      ),
    ),
  ]
}

/** A contactor, a switch, a module: what the old one said, and what went in. */
function otherPart(snapshot: JobSnapshot): RecordItem[] {
  const id = otherPartOf(snapshot, snapshot.decisions[0]?.action)
  if (!id) return []
  const part: OtherPart = otherParts[id]
  const fresh = fieldText(snapshot, 'choice', 'other').trim().replace(/\.$/, '')
  const old = part.fields.flatMap(({ field, label }): [string, string][] => {
    const value = fieldText(snapshot, otherFields(id), field)
    return value ? [[`Old: ${label.toLowerCase()}`, value]] : []
  })
  return [...(fresh ? text(`${part.label}: ${fresh}.`) : []), ...pairs(old)]
}

/** What went in without being chosen from a list, as the person says it; that nobody said it is said as well. */
function unlisted(snapshot: JobSnapshot): RecordItem[] {
  if (!asksWhatWentIn(snapshot)) return []
  const said = wentIn(snapshot)
  if (said) return text(`Went in: ${said}.`)
  return snapshot.job.result === 'runs' || snapshot.job.result === 'runs-with-remarks'
    ? text('Nobody said which part went in.')
    : []
}

export function proof(snapshot: JobSnapshot): RecordItem[] {
  const known = checksOf(snapshot)
  const answer = { pass: 'as it should', fail: 'not so', skipped: 'left out' }
  return pairs(
    snapshot.checks.map(({ checkId, result, note }) => {
      const check = known.find(({ id }) => id === checkId)
      const read = (check && judgedFigure(snapshot, check)?.said) ?? ''
      return [check?.act ?? checkId, [answer[result], read, note].filter(Boolean).join(', ')]
    }),
  )
}

export function watched(snapshot: JobSnapshot, now: number): RecordItem[] {
  const judged = judgedRuns(snapshot, now)
  return (judged?.runs ?? []).flatMap(({ run, events, later }): RecordItem[] => [
    ...times([{ at: run.startedAt, text: `${judged?.sequence.title} is watched.` }]),
    ...list(
      // What one does oneself when one likes says nothing where it was not done.
      events
        .filter(({ timing, seen }) => timing !== 'own' || seen !== null)
        .map((each) => {
          const before = later.get(each.event.id)
          return `${each.event.what}. ${eventSentence(each)}${before === undefined ? '' : ` ${differenceText(before)}`}`
        }),
      true,
    ),
  ])
}

export function heard(snapshot: JobSnapshot): RecordItem[] {
  const sounds = comparedSounds(snapshot)
  return sounds.before || sounds.after ? [{ kind: 'sounds', ...sounds }] : []
}

export function toKnow(snapshot: JobSnapshot): RecordItem[] {
  const { job } = snapshot
  const minutes = typedValue(job.minutesSpent, 'minutes')
  const took = minutes === null ? job.minutesSpent : `${significant(minutes)} minutes`
  const figures = [took, job.cost ? `cost ${job.cost}` : ''].filter(Boolean).join(', ')
  return [
    ...text(job.lesson),
    ...text(figures && `It took ${figures}.`, 'quiet'),
    ...times(dueEvents(snapshot).map(({ at, what }) => ({ at, text: `Due: ${what}.` }))),
  ]
}
