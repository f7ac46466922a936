import { readingsFile } from '@/server/takeaway'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return readingsFile((await params).id)
}
