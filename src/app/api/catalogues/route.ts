import { answer, bodyOf, fromHere } from '@/server/http'
import { beginCatalogue, readCatalogues } from '@/server/parts'

export async function GET() {
  return answer(async () => ({ catalogues: await readCatalogues() }))
}

export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    return { catalogue: await beginCatalogue(await bodyOf(request)) }
  })
}
