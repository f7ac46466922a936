import { expect, HOME_NAME, START_CODE, test } from './fixtures'
import { ready, saved } from './support'

const encrypted = test.extend({
  baseURL: async ({ encryptedPort }, use) => use(`https://${HOME_NAME}:${encryptedPort}`),
})
encrypted.use({ ignoreHTTPSErrors: true })

encrypted(
  'behind a certificate of one’s own the page may all that it may at home, and two windows hear each other',
  async ({ page, context, baseURL }) => {
    await page.goto(`/door?code=${START_CODE}`)
    await page.getByLabel('New passphrase').fill('three small words')
    await page.getByRole('button', { name: 'Set it and go in' }).click()
    await page.waitForURL(`${baseURL}/`)
    await ready(page)
    expect(await page.evaluate(() => window.isSecureContext)).toBe(true)
    const session = (await context.cookies()).find((each) => each.httpOnly)
    expect(session?.secure).toBe(true)

    await page.getByLabel('What has stopped?').fill('ceiling fan slow')
    await page.getByRole('button', { name: 'Start the job' }).click()
    await page.waitForURL(/\/jobs\/[^/]+\/notice/)
    await ready(page)
    const other = await context.newPage()
    await other.goto(page.url())
    await ready(other)
    await page.getByTestId('observation-sound').getByRole('button', { name: 'hum', exact: true }).click()
    await saved(page)
    // It comes by the stream through the encrypted port, unasked.
    await expect(
      other.getByTestId('observation-sound').getByRole('button', { name: 'hum', exact: true }),
    ).toHaveAttribute('aria-pressed', 'true')
  },
)
