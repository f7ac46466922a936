import { expect, type Page, PHONE, test } from './fixtures'
import { doing, lesson, offAndHeld, open, press, range, typed } from './practiceBench'
import { ready } from './support'

/** Pairs that the page asks for, read one after the other. */
async function proven(page: Page): Promise<void> {
  const power = page.getByTestId('power')
  const reads = power.getByRole('button', { name: /^Read/ })
  for (const label of await reads.evaluateAll((all) =>
    all.map((each) => each.getAttribute('aria-label') ?? ''),
  ))
    await doing(page, () => power.getByRole('button', { name: label, exact: true }).click())
  await expect(power).toHaveAttribute('data-power', 'proven')
}

async function land(page: Page, wire: string, on: string): Promise<void> {
  await page.getByRole('button', { name: `Land ${wire}`, exact: true }).click()
  await page.getByRole('combobox', { name: /^Land the/ }).selectOption({ label: on })
  await doing(page, () => page.getByRole('button', { name: 'Land it' }).click())
}

async function allOn(page: Page): Promise<void> {
  const power = page.getByTestId('power')
  for (let left = await power.getByRole('button', { name: 'Turn on' }).count(); left > 0; left--)
    await doing(page, () => power.getByRole('button', { name: 'Turn on' }).first().click())
}

test('the reversing plug: powered, seen to turn the wrong way, made dead, changed, powered again', async ({
  page,
}) => {
  await lesson(page, 'The reversing plug')
  await allOn(page)
  await press(page, 'Look at it')
  await expect(page.getByTestId('said')).toContainText('backwards')
  await offAndHeld(page)
  await press(page, 'Take off: lid of the disconnect box')
  await proven(page)
  await page.getByTestId('wires').locator('summary').click()
  await press(page, /^Take off pin 2 of the reversing plug/)
  await press(page, /^Take off pin 1 of the reversing plug/)
  await land(page, 'the orange wire of the reversing plug', 'pin 1 of the reversing plug')
  await land(page, 'the blue wire of the reversing plug', 'pin 2 of the reversing plug')
  await allOn(page)
  await expect(page.getByTestId('ending')).toContainText('The plug exchanges its two ends')
  await expect(page.getByTestId('tally')).toContainText('0 dangers')
  await expect(page.getByRole('button', { name: 'Print as a worked example' })).toBeVisible()
})

test.describe('on a phone', () => {
  test.use(PHONE)

  test('two capacitors for a dual one, on a phone: both ends of the jumper are landed, and what is wrong is told', async ({
    page,
  }) => {
    await open(page, 'OU-phone-psc-wire-t1-v1')
    const drawer = (name: string) =>
      page.getByRole('navigation', { name: 'Below the machine' }).getByRole('button', { name }).tap()
    await drawer('Look')
    await press(page, 'Take off: lid of the disconnect box')
    await press(page, 'Take off: cap of the compressor')
    await drawer('Power')
    await proven(page)
    await drawer('Wires')
    await page.getByTestId('wires').locator('summary').tap()
    await land(page, 'the brown lead of the motor', 'post 2 of the small capacitor')
    await land(page, 'the blue wire of the compressor', 'post 2 of the large capacitor')
    await land(page, 'the yellow wire that feeds the capacitor', 'post 1 of the small capacitor')
    await land(page, 'the yellow jumper of the capacitor', 'post 1 of the small capacitor')
    await land(page, 'the yellow jumper of the capacitor', 'post 1 of the large capacitor')
    await drawer('Power')
    await allOn(page)
    await drawer('Judge')
    await doing(page, () => page.getByRole('button', { name: 'Decide' }).click())
    await expect(page.getByTestId('ending')).toContainText('Yes: it runs as it should')
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
  })
})

test('another maker’s leads: read in ohms, and what is not right yet is named', async ({ page }) => {
  await page.goto('/practice')
  await ready(page)
  await page.getByLabel('What is in it').selectOption({ label: 'Wire it: another maker’s motor' })
  await page.getByRole('button', { name: 'Begin', exact: true }).first().click()
  await page.getByTestId('machine').waitFor()
  await range(page, 'ohms')
  await typed(page, 'lead-black lead-brown-white')
  await expect(page.getByTestId('display')).toContainText(/0\.\d+ Ω/)
  await doing(page, () => page.getByRole('button', { name: 'Decide' }).click())
  await expect(page.getByTestId('ending')).toContainText('Not wired yet')
  await expect(page.getByTestId('ending')).toContainText('Something hangs free')
  await expect(page.getByTestId('ending').getByText('The advisor’s walk')).toBeVisible()
  await page.goto('/practice')
  await expect(page.getByTestId('skills')).toContainText('Wires and landings')
})
