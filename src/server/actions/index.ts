'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { CoreError, type ErrorShape, isCoreError } from '@/core/errors'
import { validated } from '@/core/input'
import {
  isFamily,
  isObservation,
  isStopRule,
  type ObservationId,
  observationInfo,
} from '@/core/knowledge/vocabulary'
import { ownNameProblem, plainName } from '@/core/words/ownNames'
import { transact } from '@/data/database'
import { dropOwnName, findMachine, keepOwnName, updateHousehold } from '@/data/household'
import { HouseholdChange } from '../householdInput'
import { type NewJob, openJob } from '../jobs'
import { store } from '../store'

export interface NewJobForm {
  symptom: string
  family: string
  machineId?: string
  name?: string
  place?: string
  findings: { observation: string; value: string }[]
  /** Dangers that the words name; with what was meant where it was none. */
  stops?: { rule: string; note: string; meant?: string }[]
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** An action is an address like any other: what comes may be anything. @throws CoreError `invalid-input` */
function refuseMisshapen(form: unknown): void {
  const lists = isRecord(form) ? [form.findings ?? [], form.stops ?? []] : []
  if (!isRecord(form) || lists.some((list) => !Array.isArray(list) || !list.every(isRecord)))
    throw new CoreError('invalid-input', 'This is no form of a new job. Load the page again.')
}

/** Open a job and go to it. Answers an error only. */
export async function openJobAction(form: NewJobForm): Promise<{ error: ErrorShape }> {
  let id: string
  try {
    refuseMisshapen(form)
    if (!form.machineId && !isFamily(form.family))
      return { error: { code: 'no-family', message: 'Choose what kind of fan has stopped.', path: 'family' } }
    const findings = (form.findings ?? []).filter(
      (finding): finding is { observation: ObservationId; value: string } =>
        isObservation(finding.observation) &&
        observationInfo(finding.observation).values.includes(finding.value),
    )
    const input: NewJob = {
      symptom: String(form.symptom ?? '').slice(0, 2000),
      family: form.family,
      findings,
      stops: (form.stops ?? []).flatMap(({ rule, note, meant }) =>
        isStopRule(rule)
          ? [
              {
                rule,
                note: String(note).slice(0, 200),
                ...(meant ? { meant: String(meant).slice(0, 200) } : {}),
              },
            ]
          : [],
      ),
    }
    if (form.machineId) input.machineId = form.machineId
    if (form.name) input.name = form.name.slice(0, 200)
    if (form.place) input.place = form.place.slice(0, 200)
    id = await openJob(input)
  } catch (error) {
    if (isCoreError(error)) return { error: error.toShape() }
    throw error
  }
  redirect(`/jobs/${id}/notice`)
}

/** Change settings of the household; answers an error or null. */
export async function saveHouseholdAction(wanted: Record<string, unknown>): Promise<ErrorShape | null> {
  try {
    const valid = validated(HouseholdChange, wanted)
    const { db } = await store()
    const change = Object.fromEntries(Object.entries(valid).filter(([, value]) => value !== undefined))
    await transact(db, (trx) => updateHousehold(trx, change))
    revalidatePath('/', 'layout')
    return null
  } catch (error) {
    if (isCoreError(error)) return error.toShape()
    throw error
  }
}

/** Learn what the household calls a machine; answers an error or null. */
export async function learnNameAction(form: {
  words: string
  family: string
  machineId: string | null
}): Promise<ErrorShape | null> {
  if (!isRecord(form) || typeof form.words !== 'string')
    return { code: 'invalid-input', message: 'Say what you call it, and what it is.', path: 'words' }
  const words = plainName(form.words)
  const problem = ownNameProblem(words, String(form.family))
  if (problem || !isFamily(form.family)) return { code: 'own-name', message: problem ?? '', path: 'words' }
  const { db } = await store()
  const machine = form.machineId ? await findMachine(db, String(form.machineId)) : undefined
  const { family } = form
  const learned = { words, family, machineId: machine?.id ?? null, learnedAt: new Date().toISOString() }
  await transact(db, (trx) => keepOwnName(trx, learned))
  revalidatePath('/')
  revalidatePath('/household')
  return null
}

export async function forgetNameAction(words: string): Promise<void> {
  const { db } = await store()
  await transact(db, (trx) => dropOwnName(trx, String(words)))
  revalidatePath('/')
  revalidatePath('/household')
}
