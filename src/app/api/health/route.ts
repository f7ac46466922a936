import { NextResponse } from 'next/server'
import { store } from '@/server/store'

export const dynamic = 'force-dynamic'

export async function GET() {
  await store()
  return NextResponse.json({ ok: true })
}
