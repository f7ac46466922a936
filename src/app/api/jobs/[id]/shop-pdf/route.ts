import { shopPdfFile } from '@/server/takeaway'
import { personZone } from '@/server/zone'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return shopPdfFile((await params).id, await personZone())
}
