import { calendarFile } from '@/server/takeaway'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return calendarFile((await params).id)
}
