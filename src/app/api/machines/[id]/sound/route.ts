import { answer } from '@/server/http'
import { normalSound } from '@/server/sounds'

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const except = new URL(request.url).searchParams.get('except') ?? ''
  return answer(async () => ({ normal: await normalSound((await params).id, except) }))
}
