import type { Metadata } from 'next'
import { plantBuilds } from '@/core/knowledge/plants'
import { wireTasks } from '@/core/knowledge/plants/tasks'
import { type FamilyId, familyLabel, vocabulary } from '@/core/knowledge/vocabulary'
import { readPractice } from '@/server/practice'
import { Bench } from '@/ui/practice/Bench'
import { taskWords } from '@/wording/en/lessons'

export const metadata: Metadata = { title: 'Practice' }

export default async function PracticePage() {
  const bench = await readPractice()
  const ids = [...new Set(plantBuilds.map(({ family }) => family))]
  return (
    <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 mid:px-5">
      <h1 className="text-2xl">Practice</h1>
      <p className="mb-2 max-w-[70ch]">
        Machines with a hidden fault, simulated by their physics. Open them, read them, find what is wrong.
        Nothing here is real, and nothing of it stands in your household.
      </p>
      <Bench bench={bench} families={ids.map(familyOf)} tasks={tasks} now={Date.now()} />
    </main>
  )
}

const tasks = wireTasks.map(({ id, family }) => ({ id, family, name: taskWords[id] }))

const familyOf = (id: FamilyId) => ({
  id,
  name: familyLabel(id),
  kinds: plantBuilds.flatMap(({ family, kind }) =>
    family === id ? [{ id: kind, name: vocabulary.motorKinds[kind] }] : [],
  ),
})
