import Papa from 'papaparse'
import { answer } from '@/server/http'
import { exportRows } from '@/server/parts'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  let out: { name: string; rows: string[][] } | null = null
  const refused = await answer(async () => {
    out = await exportRows((await params).id)
    return {}
  })
  const done = out as { name: string; rows: string[][] } | null
  if (!done) return refused
  const name = done.name.replace(/[^\p{L}\p{N} -]+/gu, '').trim() || 'parts'
  return new Response(Papa.unparse(done.rows), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}.csv`,
    },
  })
}
