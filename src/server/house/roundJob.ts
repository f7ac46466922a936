import { CoreError } from '@/core/errors'
import { Text, validated } from '@/core/input'
import type { By } from '@/core/job'
import { isSeasonTask, seasonTask } from '@/core/knowledge/season'
import { isObservation, observationInfo } from '@/core/knowledge/vocabulary'
import { readNotice } from '@/core/words/notice'
import { loadHouse } from '@/data/house'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { openJob } from '../jobs'
import { store } from '../store'
import { actOnHouse } from '.'

/** A thing on a round for which a job is opened, with what was found, or to make its machine dead. */
class RoundJobInput {
  @Text({ max: 40 }) item!: string
  @Text({ max: 60, optional: true }) observation?: string
  @Text({ max: 60, optional: true }) value?: string
  @Text({ max: 1500, optional: true }) note?: string
}

/**
 * Open a job for a thing on a round. What was found is its first finding, and what was noted stands in its words; without a finding
 * the job only makes the machine dead, and the thing stays open until that job is closed.
 *
 * @throws CoreError `unknown-row`, and as a job is refused
 */
export async function openFromRound(plain: unknown, by: By): Promise<{ job: string }> {
  const { item, observation = '', value = '', note = '' } = validated(RoundJobInput, plain)
  const { db } = await store()
  const row = (await loadHouse(db)).items.find(({ id }) => id === item)
  if (!row || !isSeasonTask(row.task))
    throw new CoreError('unknown-row', 'This is no longer there. Load the page again.')
  const finding = seasonTask(row.task).finds.find(
    (each) => each.observation === observation && each.value === value,
  )
  const task = say({ key: `task.${row.task}` }, house)
  // What is written of a danger stops the job as it does on the first page; what is only guessed or denied is asked by its stop.
  const told = readNotice({ text: note })
  const known = finding && isObservation(observation) && observationInfo(observation).values.includes(value)
  const job = await openJob({
    symptom: [`Round of the season: ${task}.`, note.trim()].filter(Boolean).join(' '),
    machineId: row.machineId,
    findings: known ? [{ observation, value }] : [],
    stops: [...told.raised, ...told.asked].map((rule) => ({ rule, note: 'in the words of the round' })),
  })
  await actOnHouse({ kind: 'round.job', id: item, jobId: job }, by)
  if (known || note.trim() !== '')
    await actOnHouse({ kind: 'round.tick', id: item, state: known ? 'found' : 'open', note }, by)
  return { job }
}
