import { chromium as engine } from '@playwright/test'
import sharp from 'sharp'
import { chromium } from '../e2e/chromium'
import { type CorpusPlate, makeCorpus } from '../src/core/plate/corpus.testing'

export interface RenderedPlate {
  plate: CorpusPlate
  png: Buffer
  /** What was done to it, in words. */
  harm: string
}

const metals = [
  { ground: 'linear-gradient(100deg,#d9dbd8,#f4f4f1 40%,#c4c7c4)', ink: '#1a1a1a' },
  { ground: 'linear-gradient(80deg,#b9bcb8,#e4e5e2)', ink: '#26302c' },
  { ground: '#20262a', ink: '#dfe4e0' },
  { ground: 'linear-gradient(120deg,#cfc7ae,#efe8d2)', ink: '#2b2418' },
]

/** Plates drawn on metal, photographed badly: turned, unevenly lit, grainy, of low contrast. */
export async function renderPlates(count: number): Promise<RenderedPlate[]> {
  const plates = makeCorpus(count * 4)
    .filter((plate) => !plate.damaged && plate.kind !== 'appliance')
    .slice(0, count)
  const browser = await engine.launch(chromium)
  const page = await browser.newPage({ viewport: { width: 900, height: 620 } })
  const rendered: RenderedPlate[] = []
  for (const [index, plate] of plates.entries()) {
    const metal = metals[index % metals.length]!
    const lines = plate.text
      .split('\n')
      .map(
        (line) => `<div style="white-space:pre">${line.replace(/&/g, '&amp;').replace(/</g, '&lt;')}</div>`,
      )
      .join('')
    await page.setContent(
      `<body style="margin:0;background:#777"><div style="display:inline-block;margin:50px;padding:26px 34px;background:${metal.ground};color:${metal.ink};border-radius:8px;font:600 34px/1.45 'DejaVu Sans','Liberation Sans',Arial,sans-serif">${lines}</div></body>`,
    )
    const clean = await page.locator('div').first().screenshot()
    rendered.push({ plate, ...(await harm(clean, index)) })
  }
  await browser.close()
  return rendered
}

async function harm(png: Buffer, index: number): Promise<{ png: Buffer; harm: string }> {
  const tilt = [0, 2, -3, 4.5, -1.5][index % 5]!
  const quarter = index % 7 === 3 ? 90 : index % 11 === 5 ? 180 : 0
  const { width, height } = await sharp(png).metadata()
  const shade = Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><defs><linearGradient id="g" x1="0" y1="0" x2="1" y2="${index % 2}"><stop offset="0" stop-color="#000" stop-opacity="${0.15 + 0.08 * (index % 4)}"/><stop offset="1" stop-color="#fff" stop-opacity=".12"/></linearGradient></defs><rect width="100%" height="100%" fill="url(#g)"/></svg>`,
  )
  const lit = await sharp(png)
    .composite([{ input: shade }])
    .linear(index % 3 === 1 ? 0.55 : 0.9, index % 3 === 1 ? 60 : 8)
    .png()
    .toBuffer()
  const turned = sharp(await sharp(lit).rotate(tilt, { background: '#777777' }).png().toBuffer()).rotate(
    quarter,
  )
  const { data, info } = await turned.blur(0.6).removeAlpha().raw().toBuffer({ resolveWithObject: true })
  let state = index * 7919 + 17
  for (let i = 0; i < data.length; i++) {
    state = (Math.imul(state, 1103515245) + 12345) & 0x7fffffff
    data[i] = Math.max(0, Math.min(255, data[i]! + ((state >> 16) % 25) - 12))
  }
  return {
    png: await sharp(data, { raw: { width: info.width, height: info.height, channels: 3 } })
      .png()
      .toBuffer(),
    harm: `${tilt}°, ${quarter}°`,
  }
}
