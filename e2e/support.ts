import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'

/** Open a job of the demo household by the name of its machine. Its machines have a place; those that journeys add have none. */
export async function openDemoJob(page: Page, name: string, stage: string): Promise<void> {
  await page.goto('/')
  const link = page
    .getByTestId('job-list')
    .getByRole('link', { name: new RegExp(`${name}, `) })
    .first()
  const href = (await link.getAttribute('href'))!
  await page.goto(href.replace(/\/(notice|record)$/, `/${stage}`))
  await ready(page)
}

/** The page answers keys and buttons. */
export const ready = (page: Page) => page.locator('html[data-ready]').waitFor()

export async function startJob(page: Page, words: string): Promise<void> {
  await page.goto('/')
  await ready(page)
  await page.getByLabel('What has stopped?').fill(words)
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/\/jobs\/[^/]+\/notice/)
}

export const goStage = async (page: Page, stage: string): Promise<void> => {
  await page.goto(page.url().replace(/\/[^/]+$/, `/${stage}`))
  await ready(page)
}

/** Everything typed has reached the file. */
export const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveText('saved')

/** Open every point, prove it dead, discharge: the state line says so. */
export async function makeDead(page: Page): Promise<void> {
  for (const point of ['Wall switch off', 'Breaker off'])
    await page.getByRole('checkbox', { name: new RegExp(point) }).click()
  await page.getByRole('checkbox', { name: /known live source/ }).click()
  for (const pair of ['L–N', 'L–ground', 'N–ground']) await page.getByLabel(pair, { exact: true }).fill('0.2')
  await page.getByRole('checkbox', { name: /tested again/ }).click()
  await expect(page.getByTestId('state')).toContainText('PROVEN DEAD')
  await page.getByTestId('charge-volts').fill('0.4')
}

/** No serious fault of accessibility on the page as it stands. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze()
  expect(
    violations.map(
      (violation) => `${violation.id}: ${violation.nodes.map((node) => node.target.join(' ')).join(' | ')}`,
    ),
  ).toEqual([])
}
