import { titleAndPlace } from '@/core/job/title'
import { listJobs, listMachines } from '@/data/household'
import { store } from './store'

/** Jobs and machines by name, for finding. */
export async function findables() {
  const { db } = await store()
  const [jobs, machines] = await Promise.all([listJobs(db), listMachines(db)])
  const titles = new Map(machines.map((machine) => [machine.id, titleAndPlace(machine)]))
  return {
    jobs: jobs.map((job) => ({
      id: job.id,
      title: titles.get(job.machineId) ?? '',
      symptom: job.symptom,
      status: job.status,
    })),
    machines: machines.map((machine) => ({ id: machine.id, title: titles.get(machine.id) ?? '' })),
  }
}
