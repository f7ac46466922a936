import { expect, type Page } from './fixtures'
import { ready } from './support'

export async function open(page: Page, code: string, help = false): Promise<string> {
  const answer = await page.request.post('/api/practice', { data: { code, help } })
  const { round } = (await answer.json()) as { round: { id: string } }
  await page.goto(`/practice/${round.id}`)
  await page.getByTestId('machine').waitFor()
  return round.id
}

export async function lesson(page: Page, title: string): Promise<void> {
  await page.goto('/practice')
  await ready(page)
  await page.getByRole('button', { name: `Begin the lesson: ${title}` }).click()
  await page.getByTestId('machine').waitFor()
}

/** How many acts are in the list: an act has answered once it has grown. */
export const acts = (page: Page) => page.getByTestId('done').locator('li')
export async function doing(page: Page, what: () => Promise<void>): Promise<void> {
  const before = await acts(page).count()
  await what()
  await expect(acts(page)).toHaveCount(before + 1)
}
export const press = (page: Page, name: string | RegExp) =>
  doing(page, () =>
    page
      .getByRole('button', { name, exact: typeof name === 'string' })
      .first()
      .click(),
  )
export const typed = (page: Page, points: string) =>
  doing(page, async () => {
    await page.getByLabel('Or type the two terminals').fill(points)
    await page.keyboard.press('Enter')
  })
export const range = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click()

/** Off, and held, at every point that is on. */
export async function offAndHeld(page: Page): Promise<void> {
  const power = page.getByTestId('power')
  for (let left = await power.getByRole('button', { name: 'Turn off' }).count(); left > 0; left--)
    await doing(page, () => power.getByRole('button', { name: 'Turn off' }).first().click())
  for (let left = await power.getByRole('button', { name: 'Hold it off' }).count(); left > 0; left--)
    await doing(page, () => power.getByRole('button', { name: 'Hold it off' }).first().click())
}
