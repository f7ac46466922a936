import { NextResponse } from 'next/server'
import { answer } from '@/server/http'
import { readPhoto } from '@/server/photos'

export async function GET(_: Request, { params }: { params: Promise<{ hash: string }> }) {
  const { hash } = await params
  try {
    const bytes = await readPhoto(hash)
    return new NextResponse(new Uint8Array(bytes), {
      headers: { 'content-type': 'image/webp', 'cache-control': 'public, max-age=31536000, immutable' },
    })
  } catch (error) {
    return answer(() => Promise.reject(error))
  }
}
