import { benchParts } from '../../refit/types'
import { type ActsOf, rule } from '../acts/actModule'
import { planned, rowChange, withSteps } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow } from '../acts/rowById'
import { id, oneOf } from '../acts/shapes'
import type { JobSnapshot, PartOutRow } from '../rows'
import { energyJobOf } from '../shared'
import { voidAll } from './voiding'

/** What was out of the machine before this job began, part by part; and that it went back. */
export const benchActs: ActsOf<`part.${string}` | 'bench.answered' | 'hands.out'> = {
  'part.out': {
    input: { id, part: oneOf(benchParts) },
    rule: rule('asserts', 'live-stop'),
    plan: (snapshot, act, { at }) => {
      if (snapshot.outParts.some((row) => row.id === act.id || (row.part === act.part && !row.backAt)))
        return planned('Noted already', [])
      // It was out before this job began: nobody can say so once hands were in the machine.
      if (snapshot.ledger.some((line) => line.doneAt && line.access === '' && line.action !== 'photo'))
        throw refusal('begun', act.part)
      if (snapshot.ledger.some((line) => line.frees === act.part && line.backDoneAt))
        throw refusal('set-back', act.part)
      const row: PartOutRow = {
        id: act.id,
        jobId: energyJobOf(snapshot.job),
        part: act.part,
        at,
        backAt: null,
      }
      return planned(
        `The ${act.part} was out before this job began`,
        [rowChange(snapshot, 'outParts', row.id, row), ...answered(snapshot)],
        [{ kind: 'part-out', subject: row.id, label: act.part, detail: 'out before this job began' }],
      )
    },
  },
  'part.back': {
    input: { id },
    rule: rule('reverts', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      const row = knownRow(snapshot, 'outParts', act.id)
      if (row.backAt) return planned('Noted already', [])
      return withSteps(
        planned(
          `The ${row.part} is back in the machine`,
          [rowChange(snapshot, 'outParts', row.id, { ...row, backAt: at })],
          [{ kind: 'part-back', subject: row.id, label: row.part }],
        ),
        voidAll(snapshot, at, `the ${row.part} went back into the machine`),
      )
    },
  },
  'hands.out': {
    input: {},
    rule: rule('plain', 'any-stop'),
    plan: (snapshot) =>
      planned('Hands and tools are out of the machine', [
        rowChange(snapshot, 'job', snapshot.job.id, { ...snapshot.job, handsIn: 0 }),
      ]),
  },
  'bench.answered': {
    input: {},
    rule: rule('plain', 'any-stop'),
    plan: (snapshot) => planned('No part was out before this job began', answered(snapshot)),
  },
}

const answered = (snapshot: JobSnapshot) =>
  snapshot.job.benchAsks
    ? [rowChange(snapshot, 'job', snapshot.job.id, { ...snapshot.job, benchAsks: 0 as const })]
    : []
