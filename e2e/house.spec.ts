import { expect, type Page, PHONE, test } from './fixtures'
import { expectAccessible, ready } from './support'

const done = (page: Page) => page.getByTestId('last-done')

/** A machine of this journey's own, from the text of its label. */
async function addMachine(page: Page, name: string, kind: string, label = ''): Promise<void> {
  await page.goto('/household')
  await ready(page)
  await page.getByRole('button', { name: 'Add a machine' }).click()
  if (label !== '') {
    await page.getByLabel('Or paste what is printed on it').fill(label)
    await page.getByRole('button', { name: 'Read it', exact: true }).click()
  }
  await page.getByLabel('What kind of machine').selectOption({ label: kind })
  await page.getByLabel('What you call it').fill(name)
  await page.getByLabel('Where it is', { exact: true }).fill('east wing')
  await page.getByRole('button', { name: 'Add this machine' }).click()
  await expect(done(page)).toContainText(`${name}, east wing was added.`)
}

const openMachine = async (page: Page, name: string) => {
  await page.getByRole('link', { name, exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name)
  await ready(page)
}

test('a machine is set up from its label and the panel, and what was done is undone', async ({ page }) => {
  await addMachine(
    page,
    'Stair fan',
    'Bathroom exhaust fan',
    'TESSOCK  MODEL BX-110  SERIAL TX 204411  120V 60HZ 0.4A',
  )
  await openMachine(page, 'Stair fan')
  await expect(page.locator('main')).toContainText('BX-110')
  await page.goto('/household/circuits')
  await ready(page)
  await page.getByRole('button', { name: 'Add a breaker' }).click()
  await page.getByLabel('Its number or name').fill('21')
  await page.getByLabel('Amps on its handle').fill('15')
  await page.getByRole('button', { name: 'Add it' }).click()
  const breaker = page.getByRole('listitem', { name: 'Breaker 21' })
  await expect(breaker).toContainText('15 A')
  await breaker.getByRole('button', { name: 'Something hangs on it' }).click()
  await page.getByLabel('What went dark with it').fill('stair light')
  await page.getByRole('button', { name: 'Note it' }).click()
  await expect(breaker).toContainText('stair light found by switching it off')
  const unknown = page.getByRole('region', { name: 'Breaker not known' }).getByRole('listitem')
  const own = unknown.filter({ hasText: 'Stair fan' })
  await own.getByLabel('Its breaker').selectOption('21')
  await own.getByRole('button', { name: 'Found by switching' }).click()
  await expect(breaker).toContainText('Stair fan')
  await expectAccessible(page)
  await breaker.getByRole('link', { name: 'Stair fan, east wing' }).click()
  await expect(page.locator('main')).toContainText(
    'Breaker 21, found by switching it off; on it also: stair light.',
  )
  // A job at it says the same where power is switched off.
  await page.getByRole('link', { name: 'Something is wrong with it' }).click()
  await page.getByLabel('What has stopped?').fill('hums')
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/\/notice/)
  await page.goto(page.url().replace('/notice', '/make-dead'))
  await expect(page.getByTestId('circuit')).toContainText('It also feeds stair light')
  await page.goto('/household/circuits')
  await ready(page)
  await breaker.getByRole('button', { name: 'Take stair light off this breaker' }).click()
  await expect(breaker).not.toContainText('stair light')
  await page.keyboard.press('z')
  await expect(breaker).toContainText('stair light')
  await expect(done(page)).toContainText('Undone: stair light was taken off its breaker.')
})

test('what an open job rests on is not changed behind its back, and a day that is none is told', async ({
  page,
}) => {
  await addMachine(page, 'Cellar fan', 'Bathroom exhaust fan')
  await openMachine(page, 'Cellar fan')
  const own = page.url()
  await page.getByRole('link', { name: 'Something is wrong with it' }).click()
  await page.getByLabel('What has stopped?').fill('hums')
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/\/notice/)
  // Not by the list of machines: its first page may be full of those of other journeys.
  await page.goto(own)
  await ready(page)
  await page.getByRole('button', { name: 'Change what is known' }).click()
  await page.getByLabel('Breaker, as written at the panel').fill('30')
  await page.getByRole('button', { name: 'Keep this', exact: true }).click()
  await expect(done(page).getByRole('alert')).toContainText('A job is open at Cellar fan')
  // What was typed is still there.
  await expect(page.getByLabel('Breaker, as written at the panel')).toHaveValue('30')
  await page.getByLabel('Breaker, as written at the panel').fill('')
  await page.getByLabel(/^Look at it again/).fill('31 May')
  await page.getByRole('button', { name: 'Keep this', exact: true }).click()
  await expect(done(page).getByRole('alert')).toContainText('type the day as 2026-05-31')
})

test('years of readings come in from a sheet, and say when the capacitor leaves its window', async ({
  page,
}) => {
  await addMachine(page, 'Barn fan', 'Attic or whole-house exhaust fan')
  await openMachine(page, 'Barn fan')
  await page.getByRole('button', { name: 'Note a part that is in it' }).click()
  await page.getByLabel('Its name or number').fill('Marrowby C10')
  await page.getByLabel('Its figures, as printed').fill('10 µF ±5 % 370 V')
  await page.getByLabel('In it since').fill('2021-03-01')
  await page.getByRole('button', { name: 'Keep this part' }).click()
  await expect(page.getByRole('region', { name: 'In it now' })).toContainText('Marrowby C10')
  const sheet = (lines: string[]) => ({
    name: 'years.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(lines.join('\n')),
  })
  const lines = [
    'Date,What,Value,Unit',
    '2022-04-01,capacitance,10.1,uF',
    '2023-04-01,capacitance,9.95,uF',
    '2024-04-01,capacitance,9.82,uF',
    '2025-04-01,capacitance,9.7,uF',
    '2025-04-31,capacitance,9.7,uF',
    '2025-04-01,colour,blue,',
  ]
  const bring = async () => {
    await page.getByRole('button', { name: 'Bring in a list (CSV)' }).click()
    await page.getByLabel('Choose the file').setInputFiles(sheet(lines))
  }
  await bring()
  const read = page.getByTestId('list-read')
  await expect(read).toContainText('4 readings were understood, 2 lines were not:')
  await expect(read).toContainText('Line 6')
  await expect(read).toContainText('Line 7: “colour” is no quantity that is kept.')
  await page.getByRole('button', { name: 'Keep these 4' }).click()
  await expect(page.getByTestId('drift')).toContainText('Loses 0.13 µF a year')
  await expect(page.getByTestId('drift')).toContainText('Out of its window about 2026')
  await bring()
  await page.getByRole('button', { name: 'Keep these 4' }).click()
  await expect(done(page)).toContainText('all of these are here already')
  await page.getByRole('button', { name: /^Strike 9.7 µF/ }).click()
  await expect(page.getByTestId('trend')).not.toContainText('9.7 µF')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('trend')).toContainText('9.7 µF')
})

test('how a machine is on a good day is kept without a job', async ({ page }) => {
  await addMachine(page, 'Porch fan', 'Ceiling fan')
  await openMachine(page, 'Porch fan')
  await page.getByRole('button', { name: 'Know it well' }).click()
  await page.getByLabel('Running current, with its unit').fill('much')
  await page.getByRole('button', { name: 'Keep it as its normal' }).click()
  await expect(done(page).getByRole('alert')).toContainText('is not a current')
  await page.getByLabel('Running current, with its unit').fill('0,42 A')
  await page.getByRole('button', { name: 'Keep it as its normal' }).click()
  await expect(page.getByTestId('normal')).toContainText('0.42 A')
})

test('two that are one become one, and a machine goes out of use', async ({ page }) => {
  await addMachine(page, 'Attic fan A', 'Attic or whole-house exhaust fan')
  await addMachine(
    page,
    'Attic fan B',
    'Attic or whole-house exhaust fan',
    'BRANTLOW MODEL AV-20 SERIAL 771120',
  )
  await openMachine(page, 'Attic fan B')
  await page.getByRole('button', { name: 'It is the same as another' }).click()
  await page.getByLabel('The other one, which stays').selectOption({ label: 'Attic fan A, east wing' })
  await page.getByRole('button', { name: 'Make the two one' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Attic fan A')
  await expect(page.locator('main')).toContainText('AV-20')
  await page.getByRole('button', { name: 'It is in use no more' }).click()
  await page.getByLabel('Why').fill('sold')
  await page.getByRole('button', { name: 'It is in use no more' }).last().click()
  await expect(page.locator('main')).toContainText('In use no more since')
  await page.goto('/household/round')
  await expect(page.locator('main')).not.toContainText('Attic fan A')
})

test('the label of a machine carries its page as a code', async ({ page, baseURL }) => {
  await page.goto('/machines/hr-bath/label')
  await expect(page.getByTestId('label')).toContainText('Bathroom fan')
  await expect(page.getByTestId('label')).toContainText('Breaker 9, loft and bath')
  await expect(page.getByTestId('label').locator('svg')).toBeVisible()
  await expect(page.locator('main')).toContainText(`${baseURL}/machines/hr-bath`)
})

test('the figures of the house are told, and go along as a sheet', async ({ page }) => {
  await page.goto('/household/figures')
  await expect(page.getByTestId('figures')).toContainText('spent')
  await expect(page.getByRole('region', { name: 'By machine' })).toContainText('Bathroom fan')
  await expectAccessible(page)
  const file = await page.request.get('/api/house/figures')
  expect((await file.text()).split('\r\n')[0]).toBe(
    'closed,machine,what was wrong,cause,result,spent,minutes,hiring,saved,job',
  )
})

test('a spare says what it serves, goes into a machine, and comes back by undo', async ({ page }) => {
  await page.goto('/shelf')
  await ready(page)
  const spare = page.getByTestId('own-shelf').getByRole('listitem').filter({ hasText: '5 µF, 440 V' }).first()
  await spare.getByRole('button', { name: 'What does it serve?' }).click()
  await expect(spare).toContainText(
    'Cooling unit, lake side (for one section alone: another has to make HERM',
  )
  await spare.getByRole('button', { name: 'It went into a machine' }).click()
  await spare.getByLabel('Which machine').selectOption({ label: 'Cooling unit, lake side' })
  await spare.getByRole('button', { name: 'Take one off' }).click()
  await expect(done(page)).toContainText('Cooling unit, lake side; one is left.')
  await expect(spare).toContainText('went into Cooling unit, lake side')
  await done(page).getByRole('button', { name: 'Undo' }).click()
  await expect(spare).not.toContainText('went into Cooling unit')
})

test('everything is searched by words, mistyped too, from the finder and on a page', async ({ page }) => {
  await page.goto('/')
  await ready(page)
  await page.keyboard.press('Control+k')
  await page.getByRole('dialog').getByRole('combobox').fill('DC-355')
  await page.getByRole('option', { name: 'Search everything for “DC-355”' }).click()
  await page.waitForURL(/\/search/)
  await expect(page.getByRole('region', { name: 'Parts' })).toContainText('Marrowby DC-355')
  await page.getByRole('searchbox').fill('ventilatr')
  await page.getByRole('button', { name: 'Search' }).click()
  await expect(page.getByRole('region', { name: 'Machines' })).toContainText('Ventilator')
  await expectAccessible(page)
  await page.getByRole('searchbox').fill('submarine')
  await page.getByRole('button', { name: 'Search' }).click()
  await expect(page.getByRole('status')).toContainText('Nothing has “submarine”')
})

test.describe('on a phone', () => {
  test.use(PHONE)

  test('a round is walked: done, left, found with a job, and nothing inside without one', async ({
    page,
  }) => {
    await addMachine(page, 'Shed fan', 'Bathroom exhaust fan')
    await page.goto('/household/round')
    await ready(page)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Begin the round' }).click()
    await expect(page.getByTestId('round')).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
    await expectAccessible(page)
    const place = page.getByRole('region', { name: 'east wing' })
    const of = (name: string) => place.getByRole('listitem', { name, exact: true }).last()
    await of('Let it run, and listen').getByRole('button', { name: 'Done' }).click()
    await expect(of('Let it run, and listen').getByRole('button', { name: 'Open again' })).toBeVisible()
    const wheel = of('Clean its wheel')
    await expect(wheel.getByRole('button', { name: 'Done', exact: true })).toHaveCount(0)
    await wheel.getByRole('button', { name: 'Leave it' }).click()
    const flap = of('Look at its flap and hood outside')
    await flap.getByRole('button', { name: 'Something found' }).click()
    await flap.getByRole('button', { name: /stuck/i }).click()
    await flap.getByLabel('In your words').fill('a nest, and it smells burnt')
    await flap.getByRole('button', { name: 'Open a job with it' }).click()
    await page.waitForURL(/\/jobs\/[^/]+\/notice/)
    // What was written of a danger stops the job as it does on the first page.
    await expect(page.locator('body')).toContainText('Stop')
    await page.goto('/household/round')
    await ready(page)
    await expect(of('Look at its flap and hood outside')).toContainText('something found')
    await page.getByRole('button', { name: /^End the round/ }).click()
    await expect(page.getByRole('region', { name: 'Rounds before' })).toContainText('1 with a finding')
    const calendar = await page.request.get('/api/house/calendar')
    expect(await calendar.text()).toContain('SUMMARY:Shed fan\\, east wing: Clean its wheel')
  })

  for (const path of [
    '/household/circuits',
    '/household/figures',
    '/household/guests',
    '/search',
    '/machines/hr-outdoor',
  ])
    test(`${path} is no wider than the hand`, async ({ page }) => {
      await page.goto(path)
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
      await expectAccessible(page)
    })
})
