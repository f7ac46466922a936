import { deep } from '../src/sampling.testing'
import { expect, type Page, test } from './fixtures'
import { deadByStory, expectAccessible, goStage, saved, startJob } from './support'

test.use({ viewport: { width: 390, height: 844 } })

const stages = ['notice', 'make-dead', 'measure', 'decide', 'take-apart', 'match', 'refit', 'prove']
const TWO_SCREENS = 2 * 844

/** Places that are pressed and measure less than 44 px; links inside of a sentence are no targets by themselves. */
const tooSmall = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('button, a, input, select, summary, [role="checkbox"]')]
      .filter((each) => !each.closest('p, label') && !each.classList.contains('sr-only'))
      .flatMap((each) => {
        const { width, height } = each.getBoundingClientRect()
        return width > 1 && height > 1 && height < 43.5
          ? [`${each.tagName} “${each.textContent?.slice(0, 24)}” ${Math.round(height)} px`]
          : []
      }),
  )

for (const [name, dead] of [
  ['that nobody has isolated yet', false],
  ['that is proved dead', true],
] as const)
  test(`every stage of a machine ${name} opens on the next thing, within two screens, for a thumb`, async ({
    page,
  }) => {
    await startJob(page, 'furnace blower hums')
    if (dead) await deadByStory(page)
    // Once it is dead, what opens on other things: the rest is the same page.
    for (const stage of dead && !deep ? stages.filter((_, place) => place % 2 === 1) : stages) {
      await goStage(page, stage)
      await expect(page.getByRole('button', { name: 'All of this stage' })).toBeVisible()
      const [height, width] = await page.evaluate(() => [
        document.documentElement.scrollHeight,
        document.documentElement.scrollWidth,
      ])
      expect([stage, height <= TWO_SCREENS ? 'fits' : height]).toEqual([stage, 'fits'])
      expect([stage, width]).toEqual([stage, 390])
      expect([stage, await tooSmall(page)]).toEqual([stage, []])
    }
    await expectAccessible(page)
  })

test('one question after the other, and all of it one tap away, which the next page remembers', async ({
  page,
}) => {
  await startJob(page, 'ceiling fan slow')
  const should = page.getByTestId('observation-should-run-now')
  const smell = page.getByTestId('observation-smell')
  await expect(should).toBeVisible()
  await expect(smell).toBeHidden()
  await should.locator('[aria-pressed]').first().click()
  await expect(should).toBeHidden()
  await page.getByRole('button', { name: 'All of this stage' }).click()
  await expect(should).toBeVisible()
  await expect(smell).toBeVisible()
  await saved(page)
  await goStage(page, 'make-dead')
  await expect(page.getByRole('heading', { name: 'Prove it dead' })).toBeVisible()
  await page.getByRole('button', { name: 'The next thing alone' }).click()
  await expect(page.getByRole('heading', { name: 'Prove it dead' })).toBeHidden()
  // Signs to stop at are never left out.
  await expect(page.getByRole('button', { name: 'Stop here if you see one of these' })).toBeVisible()
})
