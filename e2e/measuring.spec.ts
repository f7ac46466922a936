import { expect, type Page, test } from './fixtures'
import { expectAccessible, goStage, openDeadDemoJob, openDemoJob, partsOut, saved, startJob } from './support'

/** Five leads of a three-speed blower: common –16.4– black –5.8– blue –7.1– red, common –37.5– brown. */
const ohms: Record<string, string> = {
  'white to black': '16.6',
  'white to blue': '22.4',
  'white to red': '29.5',
  'white to brown': '37.7',
  'black to blue': '6.0',
  'black to red': '13.1',
  'black to brown': '54.1',
  'blue to red': '7.3',
  'blue to brown': '59.9',
  'red to brown': '67.0',
}

async function blowerOnTheBench(page: Page): Promise<void> {
  await startJob(page, 'furnace blower hums')
  await page.getByLabel('Motor, if you know').selectOption('psc-multispeed')
  await goStage(page, 'measure')
  await partsOut(page, 'motor', 'capacitor')
  await page.locator('#winding-old').getByLabel('Add leads by colour').fill('white, black, blue, red, brown')
  await page.keyboard.press('Enter')
}

test('ten resistances of a five-lead blower are typed in one go by keyboard and make the map', async ({
  page,
}) => {
  await blowerOnTheBench(page)
  await page.getByLabel('white to black, ohms').focus()
  for (const ohm of Object.values(ohms)) {
    await page.keyboard.type(ohm)
    await page.keyboard.press('Enter')
  }
  await expect(page.getByTestId('winding-old-verdict')).toHaveAttribute('data-verdict', 'good')
  const drawing = page.getByTestId('winding-old-result').getByRole('img')
  for (const segment of [/white to black 16\.4 Ω/, /black to blue 5\.8 Ω/, /white to brown 37\.5 Ω/])
    await expect(drawing).toHaveAttribute('aria-label', segment)
  await saved(page)
})

test('with the mouse: nine pairs are enough, and a misread one is struck and named @deep', async ({
  page,
}) => {
  await blowerOnTheBench(page)
  for (const [pair, ohm] of Object.entries(ohms).slice(0, 9)) {
    await page.getByLabel(`${pair}, ohms`).click()
    await page.keyboard.type(ohm)
  }
  await expect(page.getByTestId('winding-old-verdict')).toHaveAttribute('data-verdict', 'good')
  await page.getByLabel('black to brown, ohms').fill('45.1')
  await page.getByLabel('red to brown, ohms').fill('67.0')
  await expect(page.getByTestId('winding-old-result')).toContainText('black to brown reads 45.1 Ω')
  await page.getByLabel('black to brown, ohms').fill('54.1')
  await expect(page.getByTestId('winding-old-verdict')).toHaveAttribute('data-verdict', 'good')
})

test('on a phone the map is a list with the same fields @deep', async ({ page }) => {
  await blowerOnTheBench(page)
  await page.setViewportSize({ width: 390, height: 844 })
  for (const [pair, ohm] of Object.entries(ohms))
    await page.locator('#winding-old').getByLabel(pair, { exact: true }).fill(ohm)
  await expect(page.getByTestId('winding-old-verdict')).toHaveAttribute('data-verdict', 'good')
})

test('a plate is read from a photo, corrected and taken over', async ({ page, context }) => {
  const camera = await context.newPage()
  await camera.setViewportSize({ width: 900, height: 420 })
  await camera.setContent(
    '<body style="margin:0;background:#666"><div style="display:inline-block;margin:40px;padding:24px 34px;background:linear-gradient(100deg,#c9cbc8,#f2f2ef);transform:rotate(2deg);font:600 34px/1.5 sans-serif;white-space:pre">MARROWBY\nMODEL MB-C-1112   HP 1/6\nV 208-230   HZ 60   PH 1\nRPM 825   A 1.1\nCAP 5 MFD 370V</div></body>',
  )
  const photo = await camera.screenshot()
  await camera.locator('div').evaluate((plate) => {
    plate.textContent = 'RPM 900\nFRAME 48Y   BALL BRG'
  })
  const edge = await camera.screenshot()
  await camera.close()
  await openDemoJob(page, 'Gable fan', 'match')
  await page
    .getByTestId('plate-photo')
    .locator('input[type=file]')
    .setInputFiles({ name: 'plate.png', mimeType: 'image/png', buffer: photo })
  await page.getByRole('button', { name: 'Read this photo' }).click()
  const proposals = page.getByTestId('proposals')
  await expect(proposals).toBeVisible({ timeout: 60_000 })
  await expect(proposals.getByRole('textbox', { name: /^Volts/ })).toHaveValue('208-230')
  await expect(proposals.getByRole('textbox', { name: /^Speeds/ })).toHaveValue('825')
  await expect(proposals.getByRole('img', { name: 'where it stands on the plate' }).first()).toBeVisible()
  await expectAccessible(page)
  // A second photo adds what the first lacked, and puts nothing in its place.
  await page
    .getByLabel('Another photo of it')
    .setInputFiles({ name: 'edge.png', mimeType: 'image/png', buffer: edge })
  await page.getByRole('button', { name: 'Read this photo' }).click()
  await expect(proposals.getByRole('textbox', { name: /^Frame/ })).toHaveValue('48Y')
  // It says another speed: that is offered beside the first, and one tap takes it, or takes the first again.
  await expect(proposals.getByRole('textbox', { name: /^Speeds/ })).toHaveValue('825')
  await proposals.getByRole('button', { name: 'Speeds, rpm reads 900' }).click()
  await expect(proposals.getByRole('textbox', { name: /^Speeds/ })).toHaveValue('900')
  await proposals.getByRole('button', { name: 'Speeds, rpm reads 825' }).click()
  await expect(proposals.getByRole('textbox', { name: /^Speeds/ })).toHaveValue('825')
  // What decides about wiring counts once it has been looked at: the volts were corrected, the capacitor is ticked, Hz is left.
  await expect(page.getByTestId('to-look-at')).toContainText('Volts')
  await proposals
    .getByLabel(/^Volts/)
    .first()
    .fill('230')
  await proposals.getByRole('checkbox', { name: 'Capacitor, µF is printed so' }).click()
  await page.getByRole('button', { name: 'Take these' }).click()
  await expect(page.getByLabel('Volts', { exact: true })).toHaveValue('230')
  await expect(page.getByLabel('Speeds, fastest first, rpm')).toHaveValue('825')
  await expect(page.getByLabel('Hz', { exact: true })).toHaveValue('')
  await saved(page)
})

test('the plate kept of a demo machine is read from its picture @deep', async ({ page }) => {
  await openDemoJob(page, 'Range hood', 'match')
  await page.getByRole('button', { name: 'Read the plate on file' }).click()
  await page.getByRole('button', { name: 'Read this photo' }).click()
  const proposals = page.getByTestId('proposals')
  await expect(proposals).toBeVisible({ timeout: 60_000 })
  await expect(proposals.getByRole('textbox', { name: /^Speeds/ })).toHaveValue('1550/1350/1100')
  await expect(proposals.getByRole('textbox', { name: /^Capacitor, µF/ })).toHaveValue('6')
})

test('labels on their side in a wide picture are turned and framed by hand, and kept with the machine @deep', async ({
  page,
  context,
}) => {
  const camera = await context.newPage()
  await camera.setViewportSize({ width: 1400, height: 1000 })
  const label = (text: string) =>
    `<body style="margin:0;background:#555"><div style="position:absolute;left:1000px;top:520px;padding:20px 28px;background:#eee;color:#111;transform:translate(-50%,-50%) rotate(90deg);font:600 34px/1.5 sans-serif;white-space:pre">${text}</div></body>`
  await camera.setContent(label('MORWENNA\nRUN CAPACITOR\n5 µF ±6 %  370 VAC\n60 HZ'))
  const can = await camera.screenshot()
  await camera.setContent(label('HALVORSEN HOODS\nMODEL HH-60   S/N 4471-9\n120 V  60 HZ  2.4 A'))
  const hood = await camera.screenshot()
  await camera.close()

  await startJob(page, 'range hood hums and will not turn')
  const part = page.getByTestId('plate-photo')
  const file = (buffer: Buffer) => ({ name: 'label.png', mimeType: 'image/png', buffer })
  await part.locator('input[type=file]').setInputFiles(file(hood))
  const frame = page.getByTestId('photo-frame')
  await frame.getByRole('button', { name: 'Turn left' }).click()
  // The right half is drawn off by keys: after the turn the label lies in the upper part.
  const lower = frame.getByRole('button', { name: /^Lower edge/ })
  await lower.focus()
  for (let press = 0; press < 10; press++) await page.keyboard.press('Shift+ArrowUp')
  await expectAccessible(page)
  await frame.getByRole('button', { name: 'Read this photo' }).click()
  const proposals = page.getByTestId('proposals')
  await expect(proposals.getByRole('textbox', { name: /^Model/ })).toHaveValue('HH-60')
  // What a job does not keep of a machine is not asked about.
  await expect(proposals.getByRole('textbox', { name: /^Volts/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Take these' }).click()
  await expect(page.getByLabel('Maker and model')).toHaveValue(/^HALVORSEN ?HOODS HH-60$/)
  await saved(page)
  await page.reload()
  await expect(page.getByRole('button', { name: 'Read the label on file' })).toBeVisible()

  await goStage(page, 'measure')
  // The capacitor has no label on file yet.
  await expect(page.getByRole('button', { name: 'Read the label on file' })).toHaveCount(0)
  await expect(part).toBeVisible()
  await part.locator('input[type=file]').setInputFiles(file(can))
  await frame.getByRole('button', { name: 'Turn left' }).click()
  await frame.getByRole('button', { name: 'Read this photo' }).click()
  await expect(proposals.getByRole('textbox', { name: /^Capacitance/ })).toHaveValue('5')
  await proposals.getByRole('checkbox', { name: 'Capacitance, µF is printed so' }).click()
  await proposals.getByRole('checkbox', { name: 'Volts is printed so' }).click()
  await page.getByRole('button', { name: 'Take these' }).click()
  await expect(page.getByRole('button', { name: 'Read the label on file' })).toBeVisible()
  await saved(page)
  // Both photos stand in the record.
  await page.goto(page.url().replace(/measure.*/, 'record'))
  await expect(page.getByRole('img', { name: /The label of the capacitor/ })).toBeVisible()
  await expect(page.getByRole('img', { name: /The label of the machine/ })).toBeVisible()
})

test('reading a photo can be cancelled, and a file that is no picture says so', async ({ page }) => {
  await openDemoJob(page, 'Gable fan', 'match')
  const file = page.getByTestId('plate-photo').locator('input[type=file]')
  await file.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') })
  await expect(page.getByText(/not a picture that can be read/)).toBeVisible({ timeout: 60_000 })
})

test('the voltage walk tells where it is lost, in a job and on its own', async ({ page }) => {
  await page.goto('/instruments?i=voltage&plate=208-230&supply=241&output=3')
  await expect(page.getByTestId('walk-verdict')).toContainText('lost between the supply and the output')
  await startJob(page, 'outdoor unit, fan dead')
  await goStage(page, 'measure')
  const ladder = page.getByTestId('voltage-ladder')
  await ladder.getByLabel('Supply, volts').fill('239')
  await ladder.getByLabel('Output, volts').fill('2')
  await expect(page.getByTestId('walk-verdict')).toContainText('lost between')
  await expect(page.getByTestId('evidence')).toContainText('Contactor output')
  await saved(page)
})

test('instruments keep what is typed in their address and put it into a job', async ({ page }) => {
  await page.goto('/instruments?i=capacitor')
  await page.getByLabel('Label, as printed').fill('45+7.5 µF ±6 % 440 V')
  await page.getByLabel('FAN reads').fill('6.1')
  await expect(page.getByText('weak', { exact: true })).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('FAN reads')).toHaveValue('6.1')
  await page.getByLabel('Put into a job').selectOption({ label: 'Gable fan, boathouse loft' })
  await page.getByRole('button', { name: 'Put in' }).click()
  await expect(page.getByText(/Prove|not open|Make dead/).first()).toBeVisible()
  for (const id of [
    'combine&sections=2.5,5,10,20&targets=35,2.5',
    'discharge&uf=35&v=440',
    'leads&leads=a,b,c&r.0.1=10&r.0.2=20&r.1.2=30',
    'temperature',
    'speed&rpm=1075',
    'wheel',
    'motor&cap=2',
  ]) {
    await page.goto(`/instruments?i=${id}`)
    await expect(page.getByRole('heading', { level: 2 })).toBeVisible()
    await expectAccessible(page)
  }
  await expect(page.getByRole('cell', { name: 'Starting torque' })).toBeVisible()
})

test('a reading is struck with a reason and counts no more', async ({ page }) => {
  await openDeadDemoJob(page, 'Dehumidifier', 'measure')
  const row = page.getByTestId('readings').getByRole('listitem').filter({ hasText: 'HERM' })
  await row.getByRole('button', { name: 'strike' }).click()
  await row.getByLabel('Why does it not count?').fill('a wire was still on')
  await row.getByRole('button', { name: 'Strike it' }).click()
  await expect(row).toContainText('a wire was still on')
  await expect(page.getByTestId('verdict-old-HERM')).toHaveText('not read')
  await saved(page)
})

test('the readings of a machine over the years are a chart with its drift', async ({ page }) => {
  await page.goto('/')
  const href = await page
    .getByRole('region', { name: 'Done' })
    .getByRole('link', { name: /little air/ })
    .getAttribute('href')
  await page.goto(href!.replace('/record', '/measure'))
  await page.getByRole('button', { name: 'History of this machine' }).click()
  await expect(page.getByTestId('history')).toContainText('Loses')
})

test('a new part stands beside the readings of the old one', async ({ page }) => {
  await openDemoJob(page, 'Cooling unit', 'measure')
  const beside = page.getByTestId('beside-old')
  await expect(beside.getByRole('row', { name: /purple to yellow/ })).toContainText('13.4 Ω')
  await expect(beside.getByRole('columnheader')).toHaveText(['Points', 'Old', 'New'])
  await expectAccessible(page)
})

test('a fuse of one leg shows leg by leg, and a third leg is read where there is one', async ({ page }) => {
  await startJob(page, 'the fan of the outdoor unit is dead')
  await goStage(page, 'measure')
  await page.getByRole('button', { name: 'Read leg by leg' }).click()
  await page.getByLabel('Comes in, L1–ground, volts').fill('121')
  await page.getByLabel('Comes in, L2–ground, volts').fill('0.6')
  await page.keyboard.press('Tab')
  await expect(page.getByTestId('legs-verdict')).toContainText('Nothing comes in on L2')
  await expect(page.getByTestId('legs-verdict')).toContainText('The other leg is live')
  await saved(page)
  await page.reload()
  await expect(page.getByTestId('legs-verdict')).toContainText('Nothing comes in on L2')
  await expect(page.getByTestId('evidence')).toContainText('0.6 V at L2–ground')
  await goStage(page, 'make-dead')
  const legs = page.getByRole('group', { name: 'How many live wires does its supply have?' })
  await expect(page.getByLabel('L2–L3')).toHaveCount(0)
  await legs.getByRole('button', { name: 'three' }).click()
  await expect(page.getByLabel('L2–L3')).toBeVisible()
  await expect(page.getByLabel('L3–ground')).toBeVisible()
})
