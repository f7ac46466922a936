import { expect, test } from './fixtures'
import { saved, send, startJob } from './support'

test('a furnace is watched: what does not come leads back to the suspects, and the next watch is compared', async ({
  page,
}) => {
  await startJob(page, 'furnace no heat, blower runs never')
  await saved(page)
  const job = page.url().replace(/\/[a-z-]+$/, '')
  await page.goto(`${job}/prove`)
  const watch = page.locator('#watch')
  // Called six seconds ago, as another window tells it: nobody waits for a clock here.
  await send(page, [{ kind: 'run.start', id: 'watch-1' }], 6000)
  const inducer = page.getByTestId('event-inducer')
  // Five seconds without an inducer: it is overdue, and says what that means.
  await expect(inducer).toHaveAttribute('data-timing', 'overdue')
  await inducer.getByRole('button', { name: 'no call arrives at the board' }).click()
  await page.keyboard.press('t')
  await expect(inducer).toHaveAttribute('data-timing', 'late')
  await watch.getByRole('button', { name: 'Now: The igniter glows, or sparks' }).click()
  await expect(page.getByTestId('event-igniter')).toHaveAttribute('data-timing', 'early')
  await watch.getByRole('button', { name: 'End the watch' }).click()
  await expect(page.getByTestId('event-flame')).toHaveAttribute('data-timing', 'missing')
  await expect(inducer.getByRole('link', { name: 'Back to the suspects' })).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(inducer).toHaveAttribute('data-timing', 'late')
  await watch.getByRole('button', { name: 'Call again, and watch anew' }).click()
  await watch.getByRole('button', { name: 'Now: The inducer starts' }).click()
  await watch.getByRole('button', { name: 'End the watch' }).click()
  await expect(inducer).toContainText(/Before, it came \d+ s later\./)
  await saved(page)
  await page.goto(`${job}/measure`)
  await expect(page.getByText('Voltage at the control coil').first()).toBeVisible()
})
