import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, type Page, test } from './fixtures'
import { deadByStory, ready } from './support'

const vocabulary = JSON.parse(
  readFileSync(join(process.cwd(), 'src/core/knowledge/vocabulary.json'), 'utf8'),
) as { families: Record<string, { label: string }> }

/** More answers than any fan needs: the walk must end before. */
const MOST_ANSWERS = 30

/** What a person with no knowledge does: takes the likeliest answer, and leaves out what needs live meters. */
async function answerOnce(page: Page): Promise<boolean> {
  const card = page.getByTestId('next-test')
  const heading = await card.getByRole('heading').first().textContent()
  if (/^Decided|^No test is left|^Enough measured/.test(heading!)) return false
  if (/as its own test/.test(heading!)) await card.getByRole('button', { name: /It helped/ }).click()
  else {
    const result = card.getByTestId('results').getByRole('button').first()
    if (await result.isEnabled()) await result.click()
    else await card.getByRole('button', { name: 'I decline this test' }).click()
  }
  return true
}

/** One with wires and a wall switch, one with a plug: all fifteen are walked in the core's own tests. */
const walked = ['bath-exhaust-fan', 'refrigerator-evaporator-fan']

for (const { label } of walked.map((id) => vocabulary.families[id]!)) {
  test(`${label}: from the first symptom to a decision without knowledge${label === vocabulary.families[walked[0]!]!.label ? '' : ' @deep'}`, async ({
    page,
  }) => {
    await page.goto('/')
    await ready(page)
    await page.getByLabel('What has stopped?').fill('it will not run')
    // What it does is understood; what it is, is asked.
    await expect(page.getByRole('list', { name: 'Understood' }).getByRole('combobox').first()).toHaveValue(
      'dead',
    )
    await page
      .getByRole('group', { name: 'Kinds of fan' })
      .getByRole('button')
      .filter({ hasText: label })
      .click()
    await page.getByRole('button', { name: 'Start the job' }).click()
    await page.waitForURL(/notice/)
    await ready(page)
    await deadByStory(page)
    await page.goto(page.url().replace('notice', 'measure'))
    await ready(page)
    for (let count = 0; count < MOST_ANSWERS; count++) {
      const before = await page.getByTestId('next-test').textContent()
      if (!(await answerOnce(page))) break
      if (page.url().includes('/decide')) break
      await expect(page.getByTestId('next-test')).not.toHaveText(before!)
    }
    if (!page.url().includes('/decide'))
      await page
        .getByTestId('next-test')
        .getByRole('button', { name: /Decide/ })
        .click()
    await page.waitForURL(/decide/)
    await page.getByRole('button', { name: /^(Agree|Take it as the cause)/ }).click()
    await expect(page.getByTestId('decision')).toBeVisible()
    await expect(page.getByTestId('options').getByRole('listitem').first()).toBeVisible()
  })
}
