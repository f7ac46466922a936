import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp from 'sharp'

const SIZES = ['192', '512']

/** Our own sign as a picture for a home screen. */
export async function GET(_: Request, { params }: { params: Promise<{ size: string }> }) {
  const { size } = await params
  if (!SIZES.includes(size)) return new Response(null, { status: 404 })
  const drawn = await readFile(join(process.cwd(), 'src', 'app', 'icon.svg'))
  const picture = await sharp(drawn, { density: 72 * 16 })
    .resize(Number(size), Number(size))
    .png()
    .toBuffer()
  return new Response(Uint8Array.from(picture), {
    headers: { 'content-type': 'image/png', 'cache-control': 'public, max-age=86400' },
  })
}
