import { recordHtmlFile } from '@/server/takeaway'
import { personZone } from '@/server/zone'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return recordHtmlFile((await params).id, await personZone())
}
