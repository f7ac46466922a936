import { archiveFile } from '@/server/archive'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return archiveFile((await params).id)
}
