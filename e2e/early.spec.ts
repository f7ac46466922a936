import { expect, type Page, test } from './fixtures'
import { jobOf, ready, saved, startJob } from './support'

/** Loads the page anew; its scripts stay away until the answer is called, as over a slow network. */
async function reloadHeldBack(page: Page): Promise<() => void> {
  let arrive = () => {}
  const late = new Promise<void>((resolve) => {
    arrive = resolve
  })
  await page.route('**/_next/static/**/*.js', async (route) => {
    await late
    await route.continue()
  })
  // A press that waits for long is dropped: what this machine takes to load is no part of the story.
  await page.clock.setFixedTime(new Date())
  // The new page has come: what is typed into the one that goes would go with it.
  const comes = page.waitForEvent('domcontentloaded')
  await page.evaluate(() => window.location.reload())
  await comes
  return () => arrive()
}

test('what is pressed and typed before the page answers is done when it does, in its order', async ({
  page,
}) => {
  await startJob(page, 'ceiling fan slow')
  await saved(page)
  const arrive = await reloadHeldBack(page)
  const hum = page.getByTestId('observation-sound').getByRole('button', { name: 'hum', exact: true })
  const place = page.getByLabel('Where it stands')
  await expect(page.locator('html[data-ready]')).toHaveCount(0)
  await hum.click()
  await expect(hum).toHaveAttribute('data-waits')
  await place.pressSequentially('long room')
  arrive()
  await ready(page)
  await saved(page)
  await expect(hum).toHaveAttribute('aria-pressed', 'true')
  await expect(hum).not.toHaveAttribute('data-waits')
  await expect(place).toHaveValue('long room')
  await page.unrouteAll({ behavior: 'wait' })
  await page.reload()
  await expect(hum).toHaveAttribute('aria-pressed', 'true')
  await expect(place).toHaveValue('long room')
})

test('a form sent before the page answers is sent when it does, and its words are not lost', async ({
  page,
}) => {
  await page.goto('/')
  const arrive = await reloadHeldBack(page)
  await page.getByLabel('What has stopped?').fill('the bath fan only hums')
  await page.getByLabel('What has stopped?').press('Enter')
  arrive()
  await page.waitForURL(/\/jobs\/[^/]+\/notice/)
  await page.unrouteAll({ behavior: 'wait' })
})

test('what was typed is said again though the page filled the field anew before it listened', async ({
  page,
}) => {
  await startJob(page, 'ceiling fan slow')
  await saved(page)
  const arrive = await reloadHeldBack(page)
  const place = page.getByLabel('Where it stands')
  const model = page.getByLabel('Maker and model')
  await place.pressSequentially('porch')
  await model.pressSequentially('CF-52')
  // As a framework does that takes a field over with the value it knows.
  for (const field of [place, model])
    await field.evaluate((element) => {
      if (element instanceof HTMLInputElement) element.value = ''
    })
  arrive()
  await ready(page)
  // The parts of a page wake one after another: “saved” stands there also before what was typed is said again.
  await expect(place).toHaveValue('porch')
  await expect(model).toHaveValue('CF-52')
  await saved(page)
  await page.unrouteAll({ behavior: 'wait' })
  await page.reload()
  await expect(place).toHaveValue('porch')
  await expect(model).toHaveValue('CF-52')
})

test('words that come at once, as dictated ones do, are kept though their part of the page still sleeps', async ({
  page,
}) => {
  await startJob(page, 'ceiling fan slow')
  await saved(page)
  // The moment the page says that it answers: its parts wake one after another, later.
  await page.addInitScript(() => {
    new MutationObserver((_, watch) => {
      const field = document.querySelector<HTMLInputElement>('input[placeholder="upper bathroom"]')
      // What still comes over the wire stands hidden: nobody types there.
      if (!field?.checkVisibility() || !document.documentElement?.hasAttribute('data-ready')) return
      watch.disconnect()
      queueMicrotask(() => {
        field.focus()
        // Entering it may draw it anew; words go to the field that has the focus.
        const entered = document.activeElement
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(entered, 'pantry')
        entered?.dispatchEvent(new Event('input', { bubbles: true }))
      })
    }).observe(document, { attributes: true, childList: true, subtree: true })
  })
  await page.reload()
  await ready(page)
  await expect(page.getByLabel('Where it stands')).toHaveValue('pantry')
  await expect.poll(async () => (await jobOf(page)).snapshot.machine.place).toBe('pantry')
})
