import { expect, test } from './fixtures'
import { goStage, knownKind, makeDead, openDeadDemoJob, openPoint, ready, saved, startJob } from './support'

test('what is typed is there after the browser is killed in the middle', async ({ browser }) => {
  const first = await browser.newContext()
  const page = await first.newPage()
  await startJob(page, 'ceiling fan slow')
  await page.getByLabel('Where it stands').fill('long ro')
  await page.getByLabel('Where it stands').pressSequentially('om')
  await saved(page)
  const address = page.url()
  await first.close()
  const again = await browser.newPage()
  await again.goto(address)
  await expect(again.getByLabel('Where it stands')).toHaveValue('long room')
  await again.close()
})

test('letters typed before the rules of the acts have come stay in their field and are stored', async ({
  page,
}) => {
  await startJob(page, 'ceiling fan slow')
  await saved(page)
  const first = await (await page.request.get(page.url())).text()
  let arrive = () => {}
  const late = new Promise<void>((resolve) => {
    arrive = resolve
  })
  await page.route('**/_next/static/**/*.js', async (route) => {
    if (!first.includes(route.request().url().split('/').at(-1) ?? '')) await late
    await route.continue()
  })
  // A piece that is held keeps a page from being loaded in full; the person types as soon as it answers.
  await page.reload({ waitUntil: 'domcontentloaded' })
  const place = page.getByLabel('Where it stands')
  await place.pressSequentially('long room')
  await expect(place).toHaveValue('long room')
  arrive()
  await saved(page)
  await page.unrouteAll({ behavior: 'wait' })
  await page.reload()
  await expect(place).toHaveValue('long room')
})

test('an answer of the server that comes late takes no newer act off the screen', async ({ page }) => {
  await startJob(page, 'ceiling fan slow')
  await ready(page)
  await saved(page)
  const job = page.url().split('/').at(-2)
  let release = () => {}
  const late = new Promise<void>((resolve) => {
    release = resolve
  })
  const asked = page.waitForRequest((request) => request.url().endsWith(`/api/jobs/${job}`))
  // The page may drop what comes so late: then nobody waits for the answer any more.
  const answered: Promise<void>[] = []
  await page.route(`**/api/jobs/${job}`, async (route) => {
    const response = await route.fetch()
    await late
    answered.push(route.fulfill({ response }).catch(() => {}))
  })
  // Another window writes, and this one asks for what is stored now.
  const other = { kind: 'machine.edit', field: 'place', value: 'north porch' }
  await page.request.post(`/api/jobs/${job}/acts`, {
    data: { acts: [{ id: 'late-answer-1', act: other, ageMs: 0 }], who: 'Ana', window: 'another' },
  })
  await asked
  const hum = page.getByTestId('observation-sound').getByRole('button', { name: 'hum', exact: true })
  const stored = page.waitForResponse(`**/api/jobs/${job}/acts`)
  await hum.click()
  await stored
  release()
  await expect(page.getByLabel('Where it stands')).toHaveValue('north porch')
  await expect(hum).toHaveAttribute('aria-pressed', 'true')
  await page.unrouteAll({ behavior: 'wait' })
  await Promise.all(answered)
})

test('acts made while the server is away are kept and stored later', async ({ page }) => {
  await startJob(page, 'ceiling fan slow')
  await page.route('**/acts', (route) => route.abort())
  await page.getByLabel('Where it stands').fill('porch')
  await expect(page.getByTestId('save-state')).toHaveText('kept here, not stored yet')
  await page.unroute('**/acts')
  await page.reload()
  await saved(page)
  await expect(page.getByLabel('Where it stands')).toHaveValue('porch')
})

test('a danger that shows while there is no connection is told at once, with what to do', async ({
  page,
  context,
}) => {
  await startJob(page, 'furnace blower squeals')
  await page.locator('html[data-warm]').waitFor({ state: 'attached' })
  await context.setOffline(true)
  await page.getByTestId('observation-smell').getByRole('button', { name: 'gas', exact: true }).click()
  await expect(page.getByTestId('stop')).toContainText('Touch no switch')
  await context.setOffline(false)
  await saved(page)
})

test('undo takes the last act back and redo does it again', async ({ page }) => {
  await startJob(page, 'range hood noisy')
  const rattle = page.getByTestId('observation-sound').getByRole('button', { name: 'rattle', exact: true })
  await rattle.click()
  await expect(rattle).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(rattle).toHaveAttribute('aria-pressed', 'false')
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(rattle).toHaveAttribute('aria-pressed', 'true')
})

test('bad input gets a sentence that says what to do, and is kept', async ({ page }) => {
  await openDeadDemoJob(page, 'Dehumidifier', 'measure')
  await page.getByTestId('reading-old-FAN').fill('abc')
  await expect(page.getByText(/"abc" is not a capacitance. Type a number/)).toBeVisible()
  await page.getByTestId('reading-old-FAN').fill('-3')
  await expect(page.getByText(/cannot be negative/)).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(page.getByTestId('reading-old-FAN')).toHaveValue('-3')
  await page.getByTestId('reading-old-FAN').fill('2.28')
  await saved(page)
})

test('an unknown job and an unknown address explain themselves', async ({ page }) => {
  const response = await page.goto('/jobs/nothing-here/measure')
  expect(response!.status()).toBe(404)
  await expect(page.getByRole('heading', { name: 'There is no such job' })).toBeVisible()
  await page.goto('/nowhere')
  await expect(page.getByRole('heading', { name: 'Nothing lives at this address' })).toBeVisible()
  const api = await page.request.post('/api/jobs/nothing-here/acts', { data: { acts: [] } })
  expect(await api.json()).toMatchObject({ error: { code: 'unknown-job' } })
})

test('over 30 V at the proof stops, in words and before everything else', async ({ page }) => {
  await startJob(page, 'bathroom fan dead')
  await goStage(page, 'make-dead')
  await knownKind(page)
  for (const point of ['wall-switch', 'breaker']) await openPoint(page, point)
  await page.getByRole('checkbox', { name: /known live source/ }).click()
  await page.getByRole('checkbox', { name: /set ON for the readings/ }).click()
  await page.getByLabel('L–N', { exact: true }).fill('118')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('live-reading')).toContainText('Hands away')
  await expect(page.getByTestId('state')).toContainText('STOP')
  await expect(page.getByRole('checkbox', { name: /tested again/ })).toBeDisabled()
})

test('smell of gas stops at once and names who to call', async ({ page }) => {
  await startJob(page, 'furnace inducer, I smell gas')
  await expect(page.getByTestId('stop')).toContainText('call from outside')
})

test('hands stay out until it is proved, and the proof falls when a point is closed @deep', async ({
  page,
}) => {
  await startJob(page, 'bathroom fan hums')
  await goStage(page, 'measure')
  await expect(
    page.getByTestId('observation-free-spin').getByRole('button', { name: 'free', exact: true }),
  ).toBeDisabled()
  await goStage(page, 'make-dead')
  await makeDead(page)
  await goStage(page, 'measure')
  await expect(
    page.getByTestId('observation-free-spin').getByRole('button', { name: 'free', exact: true }),
  ).toBeEnabled()
  await page.getByTestId('break-breaker').click()
  await page.getByRole('button', { name: 'It is on again' }).click()
  await expect(page.getByTestId('state')).toContainText('ISOLATING')
  await expect(
    page.getByTestId('observation-free-spin').getByRole('button', { name: 'free', exact: true }),
  ).toBeDisabled()
})
