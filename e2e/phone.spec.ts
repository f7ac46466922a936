import { expect, HOME_NAME, START_CODE, test } from './fixtures'
import { allOfStages, ready, saved } from './support'

const WORD = 'three small words'

/** The home network’s plain address: not a secure context, as a phone meets it. */
const phone = test.extend({
  baseURL: async ({ homePort }, use) => use(`http://${HOME_NAME}:${homePort}`),
})
phone.use({ viewport: { width: 390, height: 844 } })
phone.describe.configure({ mode: 'serial' })

phone('nothing of the household is shown before the door is open', async ({ page }) => {
  await page.goto('/')
  await expect(page).toHaveURL(/\/door/)
  await expect(page.getByText('No passphrase is set yet')).toBeVisible()
  await expect(page.getByText('Harrow Reach')).toHaveCount(0)
  const status = await page.evaluate(async () => (await fetch('/api/jobs/anything')).status)
  expect(status).toBe(401)
})

phone(
  'the scanned code sets the passphrase; the phone takes a reading, loses the connection, goes on, and all arrives',
  async ({ page, context, baseURL }) => {
    await page.goto(`/door?code=${START_CODE}`)
    expect(await page.evaluate(() => window.isSecureContext)).toBe(false)
    await page.getByLabel('New passphrase').fill(WORD)
    await page.getByRole('button', { name: 'Set it and go in' }).click()
    await page.waitForURL(`${baseURL}/`)
    // The code is neither in the address nor in the history.
    expect(page.url()).not.toContain('code=')
    await ready(page)
    await page.getByLabel('What has stopped?').fill('ceiling fan slow')
    await page.getByRole('button', { name: 'Start the job' }).click()
    await page.waitForURL(/\/jobs\/[^/]+\/notice/)
    await ready(page)
    await allOfStages(page)
    const sound = (name: string) =>
      page.getByTestId('observation-sound').getByRole('button', { name, exact: true })
    await sound('hum').click()
    await saved(page)
    await context.setOffline(true)
    const onset = page.getByTestId('observation-onset').getByRole('button', { name: 'slower over months' })
    await onset.click()
    await page.getByLabel('Where it stands').fill('upper porch')
    await expect(page.getByTestId('save-state')).toHaveText('kept here, not stored yet')
    await context.setOffline(false)
    await saved(page)
    await page.reload()
    await ready(page)
    await expect(sound('hum')).toHaveAttribute('aria-pressed', 'true')
    await expect(onset).toHaveAttribute('aria-pressed', 'true')
    await expect(page.getByLabel('Where it stands')).toHaveValue('upper porch')
  },
)

phone('another phone needs the passphrase, and a wrong one is told', async ({ page, baseURL }) => {
  await page.goto('/shelf')
  await page.getByLabel('Passphrase').fill('something else')
  await page.getByRole('button', { name: 'Go in' }).click()
  await expect(page.getByText('That is not the passphrase.')).toBeVisible()
  await page.getByLabel('Passphrase').fill(WORD)
  await page.getByRole('button', { name: 'Go in' }).click()
  await page.waitForURL(`${baseURL}/shelf`)
})

test('under any other name nothing answers, and a script from elsewhere does not run', async ({ page }) => {
  const foreign = await page.request.get('/', { headers: { host: 'elsewhere.example' } })
  expect(foreign.status()).toBe(421)
  const own = await page.request.get('/')
  expect(own.headers()['content-security-policy']).toMatch(/script-src 'self' 'nonce-/)
  expect(own.headers()['x-frame-options']).toBe('DENY')
  const resized = await page.request.get('/_next/image?url=%2Ficon.svg&w=64&q=75')
  expect(resized.status()).toBe(404)
})

phone(
  'a guest reads one record on another device, until it is ended, and nothing else',
  async ({ page, browser, baseURL }) => {
    await page.goto('/door')
    await page.getByLabel('Passphrase').fill(WORD)
    await page.getByRole('button', { name: 'Go in' }).click()
    await page.waitForURL(`${baseURL}/`)
    await page.goto('/household/guests')
    await ready(page)
    await page.getByLabel('For whom').fill('Neighbour Ole')
    await page
      .getByLabel('What it opens')
      .selectOption({ label: 'To read: Bathroom fan, upper flat: little air, mirror stays fogged' })
    await page.getByLabel('Until').fill('2020-01-01')
    await page.getByRole('button', { name: 'Make an address' }).click()
    await expect(page.locator('main').getByRole('alert')).toContainText('still to come')
    await page.getByLabel('Until').fill('2099-12-31')
    await page.getByRole('button', { name: 'Make an address' }).click()
    const address = (await page.getByTestId('guest-address').textContent()) ?? ''
    const context = await browser.newContext()
    const other = await context.newPage()
    await other.goto(address)
    await expect(other.getByRole('heading', { level: 1 })).toHaveText('Bathroom fan, upper flat')
    await expect(other.locator('body')).toContainText('Vacuum the wheel each spring.')
    await other.goto(`${baseURL}/household`)
    await expect(other).toHaveURL(/\/door/)
    await page.getByRole('button', { name: 'End the address of Neighbour Ole' }).click()
    await expect(page.getByTestId('guests')).toContainText('opens no more')
    await other.goto(address)
    await expect(other.getByRole('heading', { level: 1 })).toHaveText('This address opens nothing')
    await context.close()
  },
)
