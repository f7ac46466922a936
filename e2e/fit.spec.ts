import { expect, type Page, test } from './fixtures'
import { deadByStory, expectAccessible, goStage, partsOut, saved, startJob } from './support'

const fill = async (page: Page, fields: Record<string, string>) => {
  for (const [label, typed] of Object.entries(fields))
    await page.getByRole('textbox', { name: label }).first().fill(typed)
}

test('a caravan heater’s motor with two wheels: both turns from their own ends, the second mark, the plate that faces the other way', async ({
  page,
}) => {
  await startJob(page, 'camper furnace blower does not start')
  await goStage(page, 'match')
  await fill(page, {
    'Body length': '90 mm',
    'Second shaft end': '45 mm',
    'Shaft length': '40 mm',
  })
  await page.getByLabel('Volts', { exact: true }).first().fill('12')
  await page.getByLabel('Turns', { exact: true }).first().selectOption({ label: 'clockwise' })
  await page.getByLabel('seen from', { exact: true }).first().selectOption({ label: 'the lead end' })
  await page.getByRole('button', { name: 'Type a motor that you could buy' }).click()
  const candidate = page.getByTestId('candidate')
  await candidate.getByLabel('What it is, and where it was seen').fill('spare of the dealer')
  await candidate.getByLabel('Volts', { exact: true }).fill('12')
  await candidate.getByText('All its figures').click()
  await candidate.getByLabel('Turns', { exact: true }).selectOption({ label: 'clockwise' })
  await candidate.getByLabel('seen from', { exact: true }).selectOption({ label: 'the shaft end' })
  await candidate.getByRole('textbox', { name: 'Body length' }).fill('82 mm')
  await candidate.getByRole('textbox', { name: 'Second shaft end' }).fill('70 mm')
  const choose = page
    .getByTestId('match-sheet')
    .getByRole('button', { name: 'Choose to try', exact: true })
    .first()
  // The same words seen from the other end are the other turn: such a motor cannot be chosen.
  await expect(candidate.getByRole('status').first()).toContainText('rotation')
  await expect(choose).toBeDisabled()
  await candidate.getByLabel('seen from', { exact: true }).selectOption({ label: 'the lead end' })
  await choose.click()
  const second = page.getByTestId('second-end')
  await second.getByLabel('On the first end').fill('combustion wheel')
  await second.getByLabel('On the second end').fill('room-air wheel')
  await expect(second).toContainText(
    'the combustion wheel turns counterclockwise and the room-air wheel clockwise',
  )
  await fill(page, { 'Old: motor’s back to second hub': '12 mm', 'Second hub takes of the shaft': '20 mm' })
  await expect(page.getByTestId('second-mark')).toContainText('0.79 in')
  await page.getByLabel('Its mounting plate faces').selectOption({ label: 'the other way' })
  const work = page.getByTestId('work-list')
  await expect(work).toContainText('second shaft end')
  await expect(work).toContainText('Turn the mounting plate round')
  await expect(work.getByRole('img').first()).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(second.getByLabel('On the first end')).toHaveValue('combustion wheel')
  await expectAccessible(page)
})

test('an inducer’s bearing is named by its sizes, also on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await startJob(page, 'furnace inducer squeals')
  await goStage(page, 'match')
  await page.getByRole('button', { name: 'Bearing', exact: true }).click()
  await fill(page, { Bore: '8 mm' })
  await expect(page.getByTestId('bearing-found')).toContainText('near')
  await fill(page, { Outside: '22 mm', Width: '7 mm' })
  await expect(page.getByTestId('bearing-found')).toContainText('By its sizes a 608.')
  await fill(page, { 'Shaft where it sits': '7.95 mm' })
  await expect(page.getByTestId('bearing-found')).toContainText('Loose by 50 µm')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
})

test('an inducer superseded twice: the counter names one number, the list the next, and both stand in one line', async ({
  page,
}) => {
  await startJob(page, 'furnace inducer hums')
  await goStage(page, 'match')
  await page.getByLabel('Part number', { exact: true }).first().fill('QF-IND-11')
  await page.getByRole('button', { name: 'Somebody names a newer number' }).click()
  await page.getByLabel('is replaced by').first().fill('TS-N-0498')
  await page.getByLabel('Who says so').first().fill('the counter in town')
  const chain = page.getByTestId('chain').getByRole('listitem')
  await expect(chain).toHaveCount(3)
  await expect(chain.nth(1)).toContainText('says the counter in town')
  await expect(chain.nth(2)).toContainText('says made-up catalogue')
  const newest = (await chain.nth(2).locator('b').textContent()) ?? ''
  await expect(page.getByTestId('match-sheet').getByRole('columnheader').nth(1)).toContainText(newest)
})

/** An outdoor unit with its dual capacitor out, emptied, read and matched. */
async function dualOut(page: Page) {
  await startJob(page, 'outdoor ac unit fan hums and starts with a push')
  await goStage(page, 'measure')
  await partsOut(page, 'capacitor')
  await page.getByRole('textbox', { name: 'Label' }).first().fill('35+5 uF 440 V')
  await saved(page)
  await goStage(page, 'match')
  await page.getByRole('button', { name: 'Capacitor', exact: true }).click()
}

async function chooseCapacitor(page: Page, number: string) {
  await page.getByLabel('Find one by number or maker, and see why not').fill(number)
  const sheet = page.getByTestId('match-sheet')
  await expect(sheet).toContainText(number)
  await sheet.getByRole('button', { name: 'Choose', exact: true }).first().click()
  await saved(page)
  await goStage(page, 'refit')
}

test('a dual capacitor by a part of several sections: its jumpers are drawn by their microfarads @deep', async ({
  page,
}) => {
  await dualOut(page)
  await chooseCapacitor(page, 'IV-M7')
  const wires = page.getByTestId('capacitor-wires')
  await expect(wires).toContainText('together make 35 µF for HERM')
  await expect(wires.getByRole('img')).toContainText('25 µF')
  await expect(wires).toContainText('a wire to make')
  await expect(wires).toContainText('Bare:')
})

test('a dual capacitor by two singles: two cans, the bridge between their commons', async ({ page }) => {
  await dualOut(page)
  await deadByStory(page)
  await chooseCapacitor(page, 'BL-K35/440')
  const wires = page.getByTestId('capacitor-wires')
  await expect(wires.getByRole('img')).toContainText('can 2')
  await expect(wires).toContainText('without this bridge can 2 is dead')
})
