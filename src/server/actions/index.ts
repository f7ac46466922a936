'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { type ErrorShape, isCoreError } from '@/core/errors'
import { validated } from '@/core/input'
import {
  isFamily,
  isObservation,
  isStopRule,
  type ObservationId,
  observationInfo,
} from '@/core/knowledge/vocabulary'
import { ownNameProblem, plainName } from '@/core/words/ownNames'
import { dropOwnName, findMachine, keepOwnName, updateHousehold } from '@/data/household'
import { HouseholdChange } from '../householdInput'
import { deleteJob, type NewJob, openJob } from '../jobs'
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

/** Open a job and go to it. Answers an error only. */
export async function openJobAction(form: NewJobForm): Promise<{ error: ErrorShape }> {
  let id: string
  try {
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

export async function deleteJobAction(id: string): Promise<void> {
  await deleteJob(id)
  revalidatePath('/')
  redirect('/')
}

/** Change settings of the household; answers an error or null. */
export async function saveHouseholdAction(change: Record<string, unknown>): Promise<ErrorShape | null> {
  try {
    const valid = validated(HouseholdChange, change)
    const { db } = await store()
    await updateHousehold(
      db,
      Object.fromEntries(Object.entries(valid).filter(([, value]) => value !== undefined)),
    )
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
  const words = plainName(String(form.words))
  const problem = ownNameProblem(words, String(form.family))
  if (problem || !isFamily(form.family)) return { code: 'own-name', message: problem ?? '', path: 'words' }
  const { db } = await store()
  const machine = form.machineId ? await findMachine(db, String(form.machineId)) : undefined
  await keepOwnName(db, {
    words,
    family: form.family,
    machineId: machine?.id ?? null,
    learnedAt: new Date().toISOString(),
  })
  revalidatePath('/')
  revalidatePath('/household')
  return null
}

export async function forgetNameAction(words: string): Promise<void> {
  const { db } = await store()
  await dropOwnName(db, String(words))
  revalidatePath('/')
  revalidatePath('/household')
}
