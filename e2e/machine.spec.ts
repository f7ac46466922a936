import { expect, type Page, PHONE, test } from './fixtures'
import { expectAccessible, ready } from './support'

/** From the household, on whichever of its pages the fan stands: other journeys bring machines of their own. */
async function openBathFan(page: Page): Promise<void> {
  await page.goto('/household?machine=hr-bath')
  await ready(page)
  await page.locator('#hr-bath').getByRole('link', { name: 'Bathroom fan', exact: true }).click()
}

test('a machine has a page: what it took, what its capacitor did over the years, and each repair leads to its record', async ({
  page,
}) => {
  await openBathFan(page)
  await expect(page).toHaveURL(/\/machines\//)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bathroom fan')
  await expect(page.locator('main')).toContainText('Breaker 9, loft and bath, found by switching it off')
  const took = page.getByRole('region', { name: 'What happened' })
  // 65 and 50 minutes of the two repairs of the demo household, and 9 for the capacitor of one.
  await expect(took).toContainText('1.9 hours of work. 9 spent.')
  const repair = page.getByTestId('repair').filter({ hasText: 'mirror stays fogged' })
  await expect(repair).toContainText('Vacuum the wheel each spring.')
  await expect(page.getByTestId('trend')).toContainText('µF')
  await expectAccessible(page)
  await repair.getByRole('link').click()
  await expect(page.getByTestId('heard')).toBeVisible()
})

test('an address of no machine says so', async ({ page }) => {
  const answer = await page.goto('/machines/nobody')
  expect(answer?.status()).toBe(404)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing lives at this address')
})

test.describe('on a phone', () => {
  test.use(PHONE)

  test('nothing of a machine is wider than the hand', async ({ page }) => {
    await openBathFan(page)
    await expect(page.getByTestId('trend')).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
  })
})
