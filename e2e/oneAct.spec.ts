import { expect, test } from './fixtures'
import {
  allOfStages,
  deadByStory,
  expectAccessible,
  goStage,
  openPoint,
  ready,
  saved,
  startJob,
} from './support'

test.describe('one thumb', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('the way in, one act at a time in large letters: done, next, and back to the list', async ({
    page,
  }) => {
    await startJob(page, 'bathroom fan seized')
    await ready(page)
    await deadByStory(page)
    await goStage(page, 'take-apart')
    await page.getByRole('button', { name: /^To the (fan|motor|blower)/ }).click()
    await page.getByRole('button', { name: 'One act at a time, large' }).click()
    const one = page.getByTestId('one-act')
    await expect(one).toContainText('0 of ')
    await expectAccessible(page)
    const done = one.getByRole('button', { name: 'Done, next' })
    const size = await done.boundingBox()
    expect(size?.height).toBeGreaterThanOrEqual(70)
    for (const count of ['1 of ', '2 of ', '3 of ']) {
      await done.click()
      await expect(one).toContainText(count)
    }
    await one.getByRole('button', { name: 'Back to the list' }).click()
    await saved(page)
    // What is done has left the page of the next thing, and stands in the list.
    const ticked = page.getByTestId('ledger').getByRole('checkbox', { checked: true })
    await expect(ticked).toHaveCount(0)
    await allOfStages(page)
    await expect(ticked).toHaveCount(3)
  })
})

test('a wait that runs out is told by the title of the tab', async ({ page }) => {
  await page.clock.install()
  await startJob(page, 'bathroom fan hums and is hot')
  await goStage(page, 'make-dead')
  for (const point of ['wall-switch', 'breaker']) await openPoint(page, point)
  await page.getByRole('button', { name: /let the motor cool/i }).click()
  await page.getByRole('button', { name: 'Start 30 min' }).click()
  await page.clock.runFor(2000)
  await expect(page).toHaveTitle(/^29:5\d /)
  await page.clock.fastForward('31:00')
  await expect(page).toHaveTitle(/^Over: /)
})
