import { titleAndPlace } from '../../job/title'
import { storedAnalysis } from '../../sound/analyse'
import { measuredValue, takenAt } from '../quantities'
import { houseRefusal } from '../refusals'
import type { FittedKind, FittedRow, MeasuredRow } from '../rows'
import { change, dayOrNone, known, latestDay, nameOf, pastDay, planned } from './changes'
import { machineOf } from './machineActs'
import type { HouseRoom } from './types'

/** What is in a machine, and what was read and heard of it on days without a repair. */
export const measuredActs: HouseRoom<
  'fitted.put' | 'fitted.gone' | 'fitted.remove' | 'readings.add' | 'reading.strike' | 'sound.keep'
> = {
  'fitted.put': (rows, act, { now, newId }) => {
    const machine = machineOf(rows, act.machineId)
    const before = act.id ? known(rows.fitted, act.id) : null
    const after: FittedRow = {
      id: before?.id ?? newId(),
      machineId: machine.id,
      // The input class takes these kinds alone.
      what: act.what as FittedKind,
      name: nameOf(act.name),
      figures: (act.figures ?? before?.figures ?? '').trim(),
      since: pastDay(act.since ?? before?.since, 'In since', latestDay(now)),
      boughtFrom: (act.boughtFrom ?? before?.boughtFrom ?? '').trim(),
      warrantyUntil: dayOrNone(act.warrantyUntil ?? before?.warrantyUntil, 'Under warranty until'),
      goneAt: before?.goneAt ?? null,
    }
    return planned(
      before ? 'fitted.changed' : 'fitted.added',
      { name: after.name, title: titleAndPlace(machine) },
      change('fitted', before, after),
    )
  },

  'fitted.gone': (rows, act, { now }) => {
    const before = known(rows.fitted, act.id)
    const goneAt = pastDay(act.at, 'Out since', latestDay(now)) || new Date(now).toISOString().slice(0, 10)
    if (goneAt < before.since) throw houseRefusal('before-since')
    return planned('fitted.gone', { name: before.name }, change('fitted', before, { ...before, goneAt }))
  },

  'fitted.remove': (rows, act) => {
    const before = known(rows.fitted, act.id)
    return planned('fitted.removed', { name: before.name }, change('fitted', before, null))
  },

  'readings.add': (rows, act, { now, newId, fahrenheit, measuredOf }) => {
    const machine = machineOf(rows, act.machineId)
    const here = new Set(measuredOf(machine.id).measured.map(sameAs))
    const fresh = act.readings.map(
      ({ what, section, typed, at, note }): MeasuredRow => ({
        id: newId(),
        machineId: machine.id,
        // The input class takes these kinds alone.
        what: what as MeasuredRow['what'],
        section: (section ?? '').trim(),
        value: measuredValue(what as MeasuredRow['what'], typed, fahrenheit),
        typed: typed.trim(),
        at: takenAt(at, now),
        normal: act.normal ?? 0,
        source: act.source ?? 'typed',
        note: (note ?? '').trim(),
        struckAt: null,
      }),
    )
    // A list that is brought in twice brings nothing the second time.
    const missing = act.source === 'list' ? fresh.filter((row) => !here.has(sameAs(row))) : fresh
    return planned(
      act.normal ? 'readings.normal' : 'readings.added',
      { count: missing.length, title: titleAndPlace(machine) },
      ...missing.map((row) => change('measured', null, row)),
    )
  },

  'reading.strike': (rows, act, { now, measuredOf }) => {
    const machine = machineOf(rows, act.machineId)
    const before = known(measuredOf(machine.id).measured, act.id)
    const after = { ...before, struckAt: new Date(now).toISOString() }
    return planned(
      'reading.struck',
      { typed: before.typed, title: titleAndPlace(machine) },
      change('measured', before, after),
    )
  },

  'sound.keep': (rows, act, { now, newId }) => {
    const machine = machineOf(rows, act.machineId)
    if (!storedAnalysis(act.analysis)) throw houseRefusal('unknown-row')
    const { machineId, analysis } = act
    const row = { id: newId(), machineId, name: nameOf(act.name), analysis, at: new Date(now).toISOString() }
    return planned('sound.kept', { title: titleAndPlace(machine) }, change('normal_sound', null, row))
  },
}

const sameAs = ({ what, section, value, at }: MeasuredRow): string => [what, section, value, at].join('|')
