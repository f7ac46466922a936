import { expect, type Page, test } from './fixtures'
import { deadByStory, doneNext, expectAccessible, goStage, saved, startJob } from './support'

/** Plant a way by its name and take it apart, one large act after the other. */
async function apart(page: Page, name: RegExp) {
  await goStage(page, 'take-apart')
  await page.getByRole('button', { name }).click()
  // On a phone it opens by itself.
  if ((page.viewportSize()?.width ?? 0) > 640)
    await page.getByRole('button', { name: 'One act at a time, large' }).click()
  const large = page.getByTestId('one-act')
  const count = Number(/of (\d+)/.exec((await large.getByRole('heading').textContent()) ?? '')?.[1])
  for (let done = 0; done < count; done++) {
    await expect(large.getByRole('heading')).toHaveText(`${done} of ${count} done`)
    await doneNext(large)
  }
  await expect(large).toContainText('All of it is done.')
  await large.getByRole('button', { name: 'Back to the list' }).click()
  await saved(page)
  return count
}

test('a freezer fan of thirty acts, by one thumb: apart, and back one act at a time', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await startJob(page, 'freezer fan chirps, no cold air')
  await deadByStory(page)
  const count = await apart(page, /From the freezer side/)
  expect(count).toBeGreaterThanOrEqual(30)
  const cups = page.getByTestId('cups')
  await expect(cups).toContainText('4 of 4 × Phillips, long')
  await goStage(page, 'refit')
  const large = page.getByTestId('one-act')
  // The motor first, its own bits on it, and what hides it behind.
  await expect(large).toContainText(/motor/i)
  for (let back = 0; back < 4; back++) await doneNext(large)
  await expect(large.getByRole('heading')).toContainText('4 of')
  await large.getByRole('button', { name: 'Back to the list' }).click()
  await saved(page)
  await page.reload()
  await page.getByRole('button', { name: 'One act at a time, large' }).click()
  await expect(page.getByTestId('one-act').getByRole('heading')).toContainText('4 of')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
})

test('an inducer’s bearing is renewed at the bench; two screws left over are traced to their lines @deep', async ({
  page,
}) => {
  await startJob(page, 'furnace inducer squeals')
  await deadByStory(page)
  await goStage(page, 'take-apart')
  await expect(page.getByTestId('ways')).toContainText('Condensing furnace, with trap and drain hoses')
  await apart(page, /The bearing renewed at the bench/)
  await goStage(page, 'refit')
  const way = page.getByTestId('way-back')
  await expect(way.getByRole('listitem').first()).toContainText('bearing')
  // All goes back as it came off; at the end two screws lie there.
  await page.getByRole('button', { name: 'One act at a time, large' }).click()
  const large = page.getByTestId('one-act')
  const count = Number(/of (\d+)/.exec((await large.getByRole('heading').textContent()) ?? '')?.[1])
  for (let back = 0; back < count; back++) {
    await expect(large.getByRole('heading')).toHaveText(`${back} of ${count} back`)
    await doneNext(large)
  }
  await expect(large).toContainText('All of it is back.')
  await large.getByRole('button', { name: 'Back to the list' }).click()
  await page.getByRole('button', { name: 'A screw is left over' }).click()
  const left = page.getByTestId('leftover')
  await left.getByLabel('The driver that fits it').fill('1/4')
  await left.getByLabel('It is', { exact: true }).selectOption('long')
  await expect(left.getByRole('listitem').first()).toContainText('inducer: 4 1/4 hex long, cup A')
  await left.getByLabel('The driver that fits it').fill('')
  await left.getByLabel('It is', { exact: true }).selectOption('short')
  const housing = left.getByRole('listitem').filter({ hasText: 'halves of the housing' })
  await expect(housing).toContainText('take off again')
  await expect(left).toContainText('Nothing comes off again before the machine is proved dead anew.')
  await expectAccessible(page)
})

for (const [machine, way, back] of [
  [
    'camper furnace blower does not start',
    /Motor with both wheels, sail switch and seals/,
    ['room-air wheel', 'combustion wheel', 'sail switch', 'thread sealant for gas for gas union'],
  ],
  [
    'furnace blower hums',
    /Condensing furnace: trap, hoses and board in the way/,
    ['band with arms', 'condensate trap', 'thermostat wires', 'trap refilled with water'],
  ],
] as const)
  test(`${machine}: its own build is taken apart line by line, and its way back names all of it @deep`, async ({
    page,
  }) => {
    await startJob(page, machine)
    await deadByStory(page)
    await apart(page, way)
    await goStage(page, 'refit')
    for (const named of back) await expect(page.getByRole('main')).toContainText(named)
    await expect(page.getByTestId('cups')).toBeVisible()
  })
