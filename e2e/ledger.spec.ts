import { expect, test } from './fixtures'
import { allOfStages, deadByStory, expectAccessible, goStage, ready, saved, startJob } from './support'

/** A picture that a camera could have made. */
const photo = {
  name: 'board.png',
  mimeType: 'image/png',
  buffer: Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAgAAAAICAIAAABLbSncAAAAEUlEQVR4nGM4MS0KK2IYWhIAFs1uAVhLiaEAAAAASUVORK5CYII=',
    'base64',
  ),
}

test.use({ viewport: { width: 390, height: 844 } })

test('a phone and one thumb: lines as people speak, two cups, photos also without a connection, and the way back with them', async ({
  page,
  context,
}) => {
  test.slow()
  await startJob(page, 'furnace inducer squeals')
  await deadByStory(page)
  await goStage(page, 'take-apart')
  await allOfStages(page)
  const quick = page.getByLabel('Add a line in one sentence')
  const reading = page.getByTestId('quick-reading')
  await quick.fill('six quater inch hex out of the front pannel, cup B')
  await expect(reading).toContainText('unscrew')
  await expect(reading).toContainText('6 × 1/4 hex · cup B')
  await page.keyboard.press('Enter')
  await quick.fill('jumpered the pressure switch with a paper clip')
  await expect(reading).toContainText('never bridged or held')
  await expect(page.getByRole('button', { name: 'Add line' })).toBeDisabled()
  await quick.fill('there was soot round the collar')
  await expect(reading).toContainText('Kept as a note')
  await quick.fill('pulled the drain hose off the inducer')
  await page.getByRole('button', { name: 'at the end' }).click()
  await page.keyboard.press('Tab')
  await quick.focus()
  await page.keyboard.press('Enter')
  const lines = page.getByTestId('ledger').getByRole('listitem')
  await expect(lines).toHaveCount(2)

  // Two kinds of screw in the panel: two of them into a cup of their own.
  await lines.first().getByText('front pannel').click()
  await page.getByRole('button', { name: 'Split' }).click()
  await page.getByRole('group', { name: 'Of 6 split off' }).getByRole('button', { name: '2' }).click()
  await expect(lines).toHaveCount(3)
  await lines.nth(1).getByText('front pannel').click()
  await lines.nth(1).getByRole('group', { name: 'Cup' }).getByRole('button', { name: 'C' }).click()

  // A photo while the server is away is kept, and arrives later, also over a reload.
  await page.locator('html[data-warm]').waitFor({ state: 'attached' })
  await context.setOffline(true)
  await page
    .getByLabel('Take a photo of the machine as it was found')
    .setInputFiles({ ...photo, buffer: Buffer.from('no picture at all') })
  await expect(page.getByText('This file is not a picture that this browser can read.')).toBeVisible()
  await page.getByLabel('Take a photo of the machine as it was found').setInputFiles(photo)
  await expect(page.getByTestId('unsent-photo')).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByTestId('unsent-photo')).toHaveCount(0)
  await expect(page.getByRole('button', { name: /Photo of the machine as it was found/ })).toBeVisible()
  await page
    .getByLabel(/Take a photo of six quater inch|Take a photo of .*front pannel/)
    .first()
    .setInputFiles(photo)
  await saved(page)
  await page.reload()
  await ready(page)
  await expect(page.getByRole('button', { name: /^Photo of/ })).toHaveCount(2)

  for (const tick of await page
    .getByTestId('ledger')
    .getByRole('checkbox', { name: /front|hose/ })
    .all())
    await tick.click()
  await saved(page)
  await goStage(page, 'refit')
  await expect(page.getByTestId('cups').getByRole('listitem').filter({ hasText: /^C/ })).toContainText(
    '2 of 2 × 1/4 hex',
  )
  const back = page.getByTestId('way-back').getByRole('listitem')
  await expect(back).toHaveCount(3)
  await expect(back.first()).toContainText('Push')
  await back.first().getByText(/^1/).click()
  await back.first().getByRole('button', { name: 'One later' }).click()
  await expect(back.nth(1)).toContainText('moved here by you')
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(back.first()).toContainText('Push')
})

test('the kit is ticked before the first act, and what is missing stands on the card for the counter', async ({
  page,
}) => {
  await startJob(page, 'outside fan of the air conditioner hums')
  await goStage(page, 'take-apart')
  await allOfStages(page)
  await page.getByText('The kit list').click()
  await page.getByRole('button', { name: 'puller is missing' }).click()
  await expect(page.getByText('Instead: penetrating oil', { exact: false })).toBeVisible()
  await page.getByLabel('Earlier repairs, damage').fill('a second capacitor hangs beside the old one')
  await saved(page)
  await expectAccessible(page)
  await page.goto(page.url().replace('take-apart', 'shop-card'))
  await expect(page.getByRole('main')).toContainText('Puller.')
})

test('lines that are said one after another stay in that row', async ({ page }) => {
  await startJob(page, 'bathroom fan rattles')
  await goStage(page, 'take-apart')
  await allOfStages(page)
  const line = page.getByLabel('Add a line in one sentence')
  for (const said of ['lift off the grille', 'unplug the motor', '2 nuts cup A', 'lift off the motor']) {
    await line.fill(said)
    await line.press('Enter')
    await expect(line).toHaveValue('')
  }
  const said = page.getByTestId('ledger').getByRole('listitem')
  await expect(said).toHaveText([/grille/, /plug/, /cup A/, /lift off the motor|lift off motor/])
})
