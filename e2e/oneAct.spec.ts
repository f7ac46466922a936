import type { Act } from '../src/core/job'
import { expect, test } from './fixtures'
import {
  allOfStages,
  deadByStory,
  expectAccessible,
  goStage,
  openPoint,
  ready,
  saved,
  send,
  startJob,
  withoutPhoto,
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
    // On a phone it is the view to work in, and opens by itself once a way stands.
    await page.getByRole('button', { name: /^To the (fan|motor|blower)/ }).click()
    const one = page.getByTestId('one-act')
    await expect(one).toContainText('0 of ')
    await expectAccessible(page)
    const done = one.getByRole('button', { name: 'Done, next' })
    const size = await done.boundingBox()
    expect(size?.height).toBeGreaterThanOrEqual(70)
    for (const count of ['1 of ', '2 of ']) {
      await done.click()
      await expect(one).toContainText(count)
    }
    await withoutPhoto(one)
    await done.click()
    await expect(one).toContainText('3 of ')
    await one.getByRole('button', { name: 'Back to the list' }).click()
    await saved(page)
    // What is done has left the page of the next thing, and stands in the list.
    const ticked = page.getByTestId('ledger').getByRole('checkbox', { checked: true })
    await expect(ticked).toHaveCount(0)
    await allOfStages(page)
    await expect(ticked).toHaveCount(3)
    // Somebody who went back to the list finds the list again.
    await page.reload()
    await expect(ticked).toHaveCount(3)
    await expect(one).toBeHidden()
  })
})

test.describe('what was measured', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('has its field on the way in, and is asked again where its part goes back', async ({ page }) => {
    await startJob(page, 'bathroom fan rattles, the wheel wobbles')
    await deadByStory(page)
    await goStage(page, 'take-apart')
    const lines: [string, object][] = [
      ['grip', { action: 'measure', part: 'wheel depth' }],
      ['look', { action: 'photo', part: 'wheel on its shaft' }],
      ['wheel', { action: 'lift-off', part: 'wheel' }],
    ]
    await send(
      page,
      lines.map(([id, line]) => ({ kind: 'ledger.add', id, after: null, line }) as Act),
    )
    await page.reload()
    await page.getByRole('button', { name: 'One act at a time, large' }).click()
    const one = page.getByTestId('one-act')
    const done = one.getByRole('button', { name: 'Done, next' })
    await expect(one.getByRole('listitem')).toHaveText(['Photo wheel on its shaft', 'Lift off wheel'])
    await expect(done).toBeDisabled()
    await one.getByLabel('What it measures').fill('9/16')
    await one.getByLabel('From where to where').fill('hub face to shaft end')
    await done.click()
    // A photo line wants its photo, or a word.
    await expect(one).toContainText('1 of 3')
    await expect(one.getByText('Take the photo', { exact: true })).toBeVisible()
    await expect(done).toHaveCount(0)
    await withoutPhoto(one)
    await done.click()
    await done.click()
    await expect(one).toContainText('All of it is done')
    await one.getByRole('button', { name: /Not done after all: Lift off wheel/ }).click()
    await expect(one).toContainText('2 of 3')
    await done.click()
    await one.getByRole('button', { name: 'Back to the list' }).click()
    await saved(page)
    await goStage(page, 'refit')
    await page.getByRole('button', { name: 'One act at a time, large' }).click()
    await expect(one).toContainText('9/16 in hub face to shaft end')
    await expect(done).toBeDisabled()
    await one.getByLabel('Now').fill('1/4')
    await expect(one).toContainText('5/16 in less than it was')
    // The figure stands on the drawing of where the rule lies.
    await expect(one.getByTestId('drawn-depth')).toContainText('9/16 in')
    await expectAccessible(page)
    await done.click()
    await expect(one).toContainText('All of it is back')
    await saved(page)
    await one.getByRole('button', { name: 'Back to the list' }).click()
    await goStage(page, 'prove')
    // What does not stand as it stood is answered before power.
    await expect(page.getByTestId('check-figure-grip')).toContainText('5/16 in less than on the way in')
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
