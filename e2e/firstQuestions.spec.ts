import { expect, test } from './fixtures'
import { expectAccessible, ready } from './support'

test.use({ viewport: { width: 390, height: 844 } })

test('a household is asked three questions once, each with “not sure”, and keeps what was said', async ({
  page,
}) => {
  await page.goto('/household')
  await ready(page)
  await page.getByRole('button', { name: 'Ask the three first questions again' }).click()
  await expect(page.getByText('The three first questions stand on the bench.')).toBeVisible()
  await page.goto('/')
  await ready(page)
  const asked = page.getByRole('region', { name: 'Before the first repair' })
  // Nothing is chosen beforehand.
  await expect(asked.locator('[aria-pressed="true"]')).toHaveCount(0)
  await expectAccessible(page, 'everything')
  const meter = asked.getByTestId('first-meter')
  await meter.getByRole('button', { name: 'nothing' }).click()
  await expect(meter).toContainText('without one nothing inside is touched')
  await meter.getByRole('button', { name: 'not sure' }).click()
  await expect(meter).toContainText('a setting named µF')
  // What the demo household has, so that the journeys after this one find it as it was.
  await meter.getByRole('button', { name: 'one that reads µF as well' }).click()
  const mains = asked.getByTestId('first-mains')
  await mains.getByRole('button', { name: 'not sure' }).click()
  await expect(mains).toContainText('Until then 120 V is taken')
  await mains.getByRole('button', { name: /^120 V/ }).click()
  await expect(asked).toContainText('Lengths are in inches')
  await asked.getByRole('button', { name: /^yes: meter and leads/ }).click()
  await asked.getByRole('button', { name: 'That is it' }).click()
  await expect(asked).toHaveCount(0)
  await page.goto('/household')
  await ready(page)
  const tool = (name: string) => page.getByRole('button', { name, exact: true })
  await expect(tool('Multimeter with capacitance range')).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByLabel('Meter and leads are marked CAT III 600 V')).toBeChecked()
})
