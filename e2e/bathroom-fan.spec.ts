import { expect, test } from './fixtures'
import { answerAll, goStage, makeDead, saved, startJob, withoutPhoto } from './support'

test('a bathroom fan that hums, from plain words to a printed record', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Bathroom exhaust fan')

  // Notice: the words made findings, suspects stand at once.
  await expect(
    page.getByTestId('observation-fan-state').getByRole('button', { name: 'hums, does not turn' }),
  ).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByTestId('evidence')).toContainText('Bearing seized')
  await page.getByLabel('Where it stands').fill('upper landing')
  await page.getByLabel('Motor, if you know').selectOption('psc')

  // Measure is refused while nothing is isolated.
  await goStage(page, 'measure')
  await expect(page.getByTestId('gate')).toContainText('Hands stay out')
  await page.getByTestId('gate').getByRole('link', { name: 'Make dead' }).click()

  // Make dead.
  await page.waitForURL(/make-dead/)
  await expect(page.getByTestId('state')).toContainText('POWER MAY BE ON')
  await makeDead(page)
  await expect(page.getByTestId('state')).toContainText('holds till')
  await page.getByLabel('Capacitance on its label').fill('4')
  await page.getByLabel('Volts on its label').fill('250')
  await expect(page.getByTestId('discharge')).toContainText('354 V')
  await saved(page)

  // Measure: a capacitor of one's own and three resistances.
  await goStage(page, 'measure')
  await page.getByLabel('Its label, as printed').fill('4 µF ±5 % 250 V')
  await page.getByTestId('reading-old-single').fill('2.6')
  await expect(page.getByTestId('verdict-old-single')).toHaveText('35 % low: weak')
  await page.getByLabel('Add leads by colour').fill('black, white, brown')
  await page.keyboard.press('Enter')
  for (const [pair, ohm] of [
    ['black to white', '61.4'],
    ['black to brown', '88,2'],
    ['white to brown', '149.2'],
  ])
    await page.getByLabel(`${pair}, ohms`).fill(ohm!)
  await expect(page.getByTestId('winding-old-verdict')).toHaveAttribute('data-verdict', 'good')
  await expect(page.getByTestId('sum-check')).toContainText('closes')
  await page.getByTestId('observation-free-spin').getByRole('button', { name: 'free', exact: true }).click()
  await expect(page.getByTestId('evidence')).toContainText('Capacitor too weak')

  // Decide.
  await goStage(page, 'decide')
  await expect(page.getByTestId('verdict')).toHaveText('Run capacitor below its tolerance')
  await page.getByRole('button', { name: 'Agree', exact: true }).click()
  await expect(page.getByTestId('decision')).toContainText('Replace the capacitor')

  // Take apart.
  await page.getByRole('link', { name: 'Take it apart' }).click()
  await page.getByRole('button', { name: /To the capacitor/ }).click()
  await page.getByLabel('Add a line in one sentence').fill('2 hex 1/4 long, cup B')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('ledger')).toContainText('cup B')
  const ledger = page.getByTestId('ledger').getByRole('checkbox')
  const lines = await ledger.count()
  // The covers stand before the place where dead was proved: while they are said to be on, hands stay out of the rest.
  await expect(page.getByRole('checkbox', { name: 'disconnect first wire' })).toBeDisabled()
  for (const cover of ['unclip grille', 'lift off cover of the wiring box'])
    await page.getByRole('checkbox', { name: cover }).click()
  for (let index = 0; index < lines; index++) {
    if (await page.getByRole('button', { name: 'No photo of it' }).isVisible()) await withoutPhoto(page)
    if (!(await ledger.nth(index).isChecked())) await ledger.nth(index).click()
  }
  await expect(page.getByText(`${lines} of ${lines} done`)).toBeVisible()

  // Match: the stage that is done leads there, and the label typed in Measure is the old part.
  await page.getByTestId('go-on').getByRole('button', { name: 'Match' }).click()
  await page.waitForURL(/match/)
  await expect(
    page.getByRole('group', { name: 'Part' }).getByRole('button', { name: 'Capacitor' }),
  ).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByTestId('match-sheet')).toContainText('BL-K4/250')
  const chosen = await page
    .getByTestId('match-sheet')
    .getByRole('columnheader')
    .nth(1)
    .locator('span')
    .first()
    .textContent()
  await page.getByTestId('match-sheet').getByRole('button', { name: 'Choose' }).first().click()
  await expect(page.getByTestId('match-sheet').getByRole('button', { name: 'Chosen' })).toBeVisible()

  // Wire and refit: each lead by its role; the way back from the ledger.
  await page.getByTestId('go-on').getByRole('button', { name: 'Wire and refit' }).click()
  await page.waitForURL(/refit/)
  await page.getByRole('button', { name: 'Take these landings' }).click()
  await expect(page.getByLabel('brown goes to')).toHaveValue('capacitor 2')
  await expect(page.getByLabel('black goes to')).toHaveValue('neutral')
  await expect(page.getByLabel('jumper from capacitor 1 goes to')).toHaveValue('line')
  await expect(page.getByTestId('solved-wiring')).toHaveAttribute('data-ok', 'true')
  const landed = page.getByRole('checkbox', { name: /is landed$/ })
  for (let index = 0; index < (await landed.count()); index++) await landed.nth(index).click()
  const back = page.getByTestId('way-back').getByRole('checkbox')
  const count = await back.count()
  expect(count).toBeGreaterThan(3)
  for (let index = 0; index < count; index++) await back.nth(index).click()
  await saved(page)

  // Prove, close, print.
  await page.getByTestId('go-on').getByRole('button', { name: 'Prove' }).click()
  await page.waitForURL(/prove/)
  // What is seen as it runs is told once it has power, not before.
  await expect(
    page.getByTestId('check-first-start').getByRole('button', { name: 'as it should' }),
  ).toBeDisabled()
  for (const check of ['wiring', 'hand-spin', 'covers-on'])
    await page.getByTestId(`check-${check}`).getByRole('button', { name: 'as it should' }).click()
  await page.getByRole('button', { name: 'Power on for the test' }).click()
  await expect(page.getByTestId('state')).toContainText('LIVE TEST')
  // Nothing is chosen beforehand, and it closes as running only with what was seen of it.
  const close = page.getByRole('button', { name: 'Close the job' })
  await expect(close).toBeDisabled()
  await page.getByRole('button', { name: 'It runs', exact: true }).click()
  await close.click()
  await expect(page.getByText(/^Do this before you close it so: Say what you saw/)).toBeVisible()
  await answerAll(page)
  await page.getByLabel('To know next time').fill('Springs first, then the plug.')
  await close.click()
  await page.getByRole('link', { name: 'Open the record' }).click()
  await expect(page.getByRole('heading', { name: /upper landing/ })).toBeVisible()
  for (const text of [
    'Run capacitor below its tolerance',
    'Read L–N: 0.2 V AC.',
    'Circuit breaker is held: locked or taped, with a note.',
    chosen!,
    'Springs first, then the plug.',
    'It runs',
    'black (common)',
  ])
    await expect(page.locator('main')).toContainText(text)
})

test('the record prints on paper without the frame', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('region', { name: 'Done' }).getByRole('link').first().click()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  await expect(page.getByRole('link', { name: 'Bench' })).toBeHidden()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/Bathroom (exhaust )?fan/)
})
