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
import { updateHousehold } from '@/data/household'
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
  /** Dangers that the words name and do not deny. */
  stops?: string[]
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
      stops: (form.stops ?? []).filter(isStopRule),
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
