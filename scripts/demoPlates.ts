import { join } from 'node:path'
import { chromium as engine } from '@playwright/test'
import sharp from 'sharp'
import { chromium } from '../e2e/chromium'

/** Draws the plates of the demo household as photographs: metal, print, a little tilt and shade. Run by hand when a plate changes. */
const plates: Record<string, string> = {
  hood: 'BRANTLOW\nMODEL H-36   PSC MOTOR\nV 115   HZ 60   PH 1\nHP 1/12   AMPS 1.1\nRPM 1550/1350/1100\nCAP 6 MFD 250V   CL B',
  outdoor:
    'MARROWBY MOTOR CO\nMODEL CU-24F   HP 1/4\nVOLTS 208-230   HZ 60   PH 1\nRPM 825   AMPS 1.6\nCAP 5 MFD 370V\nROT CWLE   BALL BRG   TEAO',
  gable:
    'MARROWBY\nMODEL GV-14M   HP 1/10\nVOLTS 115   HZ 60   PH 1\nRPM 1075   AMPS 1.5\nCAP 5 MFD 370V\nTHERMALLY PROTECTED',
}

const browser = await engine.launch(chromium)
const page = await browser.newPage({ viewport: { width: 1000, height: 640 } })
for (const [index, [key, text]] of Object.entries(plates).entries()) {
  await page.setContent(
    `<body style="margin:0;background:#5d625f"><div style="display:inline-block;margin:60px;padding:30px 44px;border-radius:10px;background:linear-gradient(${100 + 20 * index}deg,#bfc3be,#efefec 45%,#c9ccc8);color:#1c211f;font:600 36px/1.5 sans-serif;white-space:pre;transform:rotate(${[1.5, -2, 3][index % 3]}deg)">${text}</div></body>`,
  )
  const png = await page.screenshot()
  await sharp(png)
    .jpeg({ quality: 82 })
    .toFile(join('src', 'demo', 'plates', `${key}.jpg`))
}
await browser.close()
