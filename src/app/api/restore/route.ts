import { CoreError } from '@/core/errors'
import { dropBackup, openBackup, restoreHere, restoreInto } from '@/server/backup/restore'
import { answer, atTheMachine, bodyOf, fromHere } from '@/server/http'

const idOf = ({ id }: Record<string, unknown>): string => {
  if (typeof id !== 'string') throw new CoreError('invalid-input', 'Say which upload is meant.', 'id')
  return id
}

/** Open an upload as a backup, and say what restoring it would change. */
export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    return openBackup(idOf(await bodyOf(request)))
  })
}

/** Restore it: in the place of what is here, or into a folder of its own. */
export async function PUT(request: Request) {
  return answer(async () => {
    fromHere(request)
    const body = await bodyOf(request)
    const id = idOf(body)
    if (typeof body.folder !== 'string') return { folder: await restoreHere(id), here: true }
    atTheMachine(request)
    return { folder: await restoreInto(id, body.folder), here: false }
  })
}

/** Leave it: what was laid out goes. */
export async function DELETE(request: Request) {
  return answer(async () => {
    fromHere(request)
    await dropBackup(idOf(await bodyOf(request)))
    return {}
  })
}
