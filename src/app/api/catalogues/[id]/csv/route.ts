import { csvOf } from '@/server/csv'
import { fileAnswer } from '@/server/http'
import { exportRows } from '@/server/parts'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return fileAnswer(async () => {
    const { name, rows } = await exportRows((await params).id)
    return { name, otherwise: 'parts', ending: 'csv', type: 'text/csv', body: csvOf(rows) }
  })
}
