import { expect, type Page, test } from './fixtures'
import { allOfStages, expectAccessible, goStage, ready, startJob } from './support'

/** Where a marked word stands on the screen, scrolled to. */
const placeOf = (page: Page, word: string) =>
  page.evaluate((wanted) => {
    const ranges = [...(CSS.highlights.get('term') ?? [])] as Range[]
    const range = ranges.find((each) => each.toString().toLowerCase() === wanted)
    range?.startContainer.parentElement?.scrollIntoView({ block: 'center' })
    const rect = range?.getBoundingClientRect()
    return rect ? { x: rect.left + rect.width / 2, y: rect.top + rect.height / 2 } : null
  }, word)

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('a word of the trade is explained by a tap, and all words of a page are a list', async ({ page }) => {
    await startJob(page, 'the bath fan hums')
    await goStage(page, 'make-dead')
    await allOfStages(page)
    await expect.poll(() => placeOf(page, 'resistor lead')).not.toBeNull()
    const place = await placeOf(page, 'resistor lead')
    await page.mouse.click(place?.x ?? 0, place?.y ?? 0)
    const card = page.getByRole('dialog', { name: 'resistor lead' })
    await expect(card).toContainText('Two clips with a resistor between them')
    await expect(card).toBeFocused()
    await page.keyboard.press('Escape')
    await expect(card).toHaveCount(0)
    await page.getByRole('button', { name: /^Words on this page/ }).click()
    const list = page.getByRole('dialog', { name: 'Words on this page' })
    await expect(list.getByText('circuit', { exact: true })).toBeVisible()
    await expectAccessible(page, 'everything')
    await list.getByRole('link', { name: /^All words/ }).click()
    await page.waitForURL('**/words')
    await expect(page.getByRole('heading', { name: 'Words', exact: true })).toBeVisible()
  })
})

test('the finder knows the words, and leads to each', async ({ page }) => {
  await page.goto('/')
  await ready(page)
  await page.keyboard.press('Control+k')
  await page.getByPlaceholder(/^A job, a machine/).fill('contactor')
  await page.getByRole('option', { name: /^contactor: A heavy switch/ }).click()
  await page.waitForURL('**/words#contactor')
  await expect(page.locator('#contactor')).toBeInViewport()
  await expectAccessible(page, 'everything')
})
