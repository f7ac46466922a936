import { backupName } from '@/core/backup/plan'
import { backupStream } from '@/server/backup/make'
import { backUpByPlan, changePlan, readPlan } from '@/server/backup/plan'
import { answer, atTheMachine, bodyOf, fileAnswer, fromHere } from '@/server/http'

/** The whole data folder as one file, to keep elsewhere. */
export async function GET() {
  return fileAnswer(async () => ({
    name: backupName(Date.now()).replace('.zip', ''),
    otherwise: 'rest-cog',
    ending: 'zip',
    type: 'application/zip',
    body: await backupStream(),
  }))
}

/** Lay a backup into the folder of the plan now. */
export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    const path = await backUpByPlan()
    return { path, plan: await readPlan() }
  })
}

/** Change the plan: its folder, how often, how many are kept. */
export async function PUT(request: Request) {
  return answer(async () => {
    fromHere(request)
    const change = await bodyOf(request)
    if ('folder' in change) atTheMachine(request)
    return { plan: await changePlan(change) }
  })
}
