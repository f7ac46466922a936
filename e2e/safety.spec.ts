import { deep } from '../src/sampling.testing'
import { expect, type Page, test } from './fixtures'
import {
  allOfStages,
  answerAll,
  deadByStory,
  discharge,
  expectAccessible,
  goStage,
  jobOf,
  knownKind,
  makeDead,
  openPoint,
  ready,
  saved,
  send,
  startJob,
} from './support'

const state = (page: Page) => page.getByTestId('state')
const free = (page: Page) =>
  page.getByTestId('observation-free-spin').getByRole('button', { name: 'free', exact: true })
const closeBreaker = async (page: Page) => {
  await page.getByTestId('break-breaker').click()
  await page.getByRole('button', { name: 'It is on again' }).click()
}

test('what one window closes, the others show at once, and none of them lets hands in', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await deadByStory(page)
  const address = page.url().replace('notice', 'measure')
  const others = await Promise.all(Array.from({ length: deep ? 7 : 3 }, () => page.context().newPage()))
  for (const other of others) {
    await other.goto(address)
    await ready(other)
    await expect(state(other)).toContainText('PROVEN DEAD')
    await expect(free(other)).toBeEnabled()
  }
  await page.goto(address)
  await ready(page)
  await closeBreaker(page)
  for (const other of others) {
    await expect(state(other)).toContainText('ISOLATING')
    await expect(free(other)).toBeDisabled()
  }
})

test('another browser learns of it as well, by a stream of its own', async ({ page, browser }) => {
  await startJob(page, 'bathroom fan hums')
  await deadByStory(page)
  const tablet = await (await browser.newContext()).newPage()
  await tablet.goto(page.url().replace('notice', 'measure'))
  await ready(tablet)
  await expect(state(tablet)).toContainText('PROVEN DEAD')
  await page.reload()
  await ready(page)
  await closeBreaker(page)
  await expect(state(tablet)).toContainText('ISOLATING')
  await tablet.context().close()
})

test('a page that cannot reach the server says so beside the state and opens nothing new', async ({
  page,
}) => {
  // Chromium's “offline” lets a stream go on that stands already, and its beats say that the server is there: here is none.
  await page.route('**/api/live', (route) => route.abort())
  await startJob(page, 'bathroom fan hums')
  await goStage(page, 'make-dead')
  for (const point of ['wall-switch', 'breaker']) await openPoint(page, point)
  await saved(page)
  await page.context().setOffline(true)
  await page.evaluate(() => window.dispatchEvent(new Event('focus')))
  await expect(page.getByTestId('confirmed')).toContainText('The server is away')
  await page.getByRole('button', { name: /List them, to tick each/ }).click()
  await expect(page.getByRole('checkbox', { name: 'unclip grille' })).toBeDisabled()
  await expect(page.getByRole('checkbox', { name: /known live source/ })).toBeDisabled()
  await page.context().setOffline(false)
  await page.evaluate(() => window.dispatchEvent(new Event('focus')))
  await expect(page.getByTestId('confirmed')).toContainText('confirmed')
  await saved(page)
  await expect(page.getByRole('checkbox', { name: 'unclip grille' })).toBeEnabled()
})

test('points that lay unsent in a closed browser are shown and done anew, not stored', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await goStage(page, 'make-dead')
  const jobId = /jobs\/([^/]+)/.exec(page.url())?.[1] ?? ''
  await page.evaluate(async (job) => {
    const { snapshot } = await (await fetch(`/api/jobs/${job}`)).json()
    const done = { wall: Date.now() - 20 * 60_000, page: 1, pageId: 'closed' }
    const left = snapshot.points.map((point: { id: string }, place: number) => ({
      id: `left-open-${place}`,
      act: { kind: 'point.open', id: point.id },
      done,
    }))
    left.push({ id: 'left-text', act: { kind: 'job.edit', field: 'cost', value: '12' }, done })
    localStorage.setItem(`rest-cog/queue/${job}/closed-window`, JSON.stringify(left))
  }, jobId)
  await page.reload()
  const strip = page.getByTestId('refused')
  await expect(strip.getByRole('listitem')).toHaveCount(2)
  await expect(strip).toContainText('more than three minutes ago')
  await expect(state(page)).toContainText('POWER MAY BE ON')
  await expectAccessible(page)
  await strip.getByRole('button', { name: 'Do it again now' }).first().click()
  await strip.getByRole('button', { name: 'Drop it' }).click()
  await expect(strip).toHaveCount(0)
  await expect(state(page)).toContainText('ISOLATING')
  await saved(page)
  await goStage(page, 'prove')
  // What was innocent in the same batch was stored.
  await expect(page.getByLabel('What it cost')).toHaveValue('12')
})

test('a live test that is taken back leaves nothing proved and nothing discharged', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await goStage(page, 'make-dead')
  await makeDead(page)
  await saved(page)
  await goStage(page, 'prove')
  for (const check of ['hand-spin', 'covers-on'])
    await page.getByTestId(`check-${check}`).getByRole('button', { name: 'as it should' }).click()
  await page.getByRole('button', { name: 'Power on for the test' }).click()
  await expect(state(page)).toContainText('LIVE TEST')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(state(page)).toContainText('POWER MAY BE ON')
  await goStage(page, 'make-dead')
  await expect(page.getByTestId('charge-volts')).toHaveValue('')
  await makeDead(page)
  await expect(state(page)).toContainText('holds till')
})

test('a reading of 48 V is never 4 V on its way, and what was read stays in the record', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await goStage(page, 'make-dead')
  await makeDead(page)
  await expect(state(page)).toContainText('holds till')
  await page.getByTestId('charge-volts').fill('4')
  await page.getByTestId('charge-volts').pressSequentially('8')
  await expect(state(page)).toContainText('holds till')
  await page.keyboard.press('Tab')
  await expect(state(page)).toContainText('discharge it and read below')
  await saved(page)
  await goStage(page, 'record')
  await expect(page.getByTestId('safety-record')).toContainText('still reads 48 V DC')
  await expect(page.getByTestId('safety-record')).toContainText('is discharged and reads 0.4 V DC')
})

test('a figure typed over one that said live lifts nothing, until the first is said to be wrong; one as live does not', async ({
  page,
}) => {
  await startJob(page, 'bathroom fan hums')
  await goStage(page, 'make-dead')
  await knownKind(page)
  for (const point of ['wall-switch', 'breaker']) await openPoint(page, point)
  await page.getByRole('checkbox', { name: /known live source/ }).click()
  await page.getByRole('checkbox', { name: /set ON for the readings/ }).click()
  const pair = page.getByLabel('L–N', { exact: true })
  await pair.fill('OL')
  await pair.press('Tab')
  await expect(page.getByTestId('live-reading')).toContainText('over-range at L–N')
  await pair.fill('0,3 V')
  await pair.press('Tab')
  await expect(page.getByText('It showed over-range before.')).toBeVisible()
  await expect(state(page)).toContainText('STOP')
  const showed = page.getByLabel('The dial stood wrong; on volts it shows')
  await showed.fill('118')
  await page.getByRole('button', { name: 'Read it again' }).click()
  await expect(page.getByText('118 V at L–N is not dead either')).toBeVisible()
  await expect(state(page)).toContainText('STOP')
  await showed.fill('0,3')
  await page.getByRole('button', { name: 'Read it again' }).click()
  await expect(page.getByTestId('live-reading')).toHaveCount(0)
  for (const other of ['L–ground', 'N–ground']) await page.getByLabel(other, { exact: true }).fill('0.2')
  await page.keyboard.press('Tab')
  await page.getByRole('checkbox', { name: /off again, and held/ }).click()
  await page.getByRole('checkbox', { name: /tested again/ }).click()
  await expect(state(page)).toContainText('PROVEN DEAD')
})

test('a forbidden bypass is refused in any wording; a taped door switch stands until its short isolation', async ({
  page,
}) => {
  await startJob(page, 'furnace blower hums')
  await page.getByLabel('Motor, if you know').selectOption('shaded-pole')
  await deadByStory(page)
  await goStage(page, 'take-apart')
  const add = async (sentence: string) => {
    await page.getByLabel('Add a line in one sentence').fill(sentence)
    await page.keyboard.press('Enter')
  }
  await add('jumper the limit')
  await expect(page.getByText(/A limit switch is never bridged or held/).last()).toBeVisible()
  await add('pressure switch jumper')
  await expect(page.getByText(/A pressure switch is never bridged or held/).last()).toBeVisible()
  await expect(page.getByTestId('ledger').getByRole('listitem')).toHaveCount(0)
  await page.getByLabel('Add a line in one sentence').fill('')
  await add('tape the door switch')
  const line = page.getByTestId('ledger').getByRole('listitem')
  await expect(line).toContainText('bypass')
  await line.getByRole('checkbox').first().click()
  await line
    .getByRole('button', { name: /bypass/ })
    .first()
    .click()
  await expect(line.getByRole('button', { name: 'Remove line' })).toHaveCount(0)
  await goStage(page, 'prove')
  for (const check of ['hand-spin', 'covers-on'])
    await page.getByTestId(`check-${check}`).getByRole('button', { name: 'as it should' }).click()
  await page.getByRole('button', { name: 'Power on for the test' }).click()
  await expect(state(page)).toContainText('LIVE TEST')
  await page.getByRole('button', { name: 'It runs', exact: true }).click()
  await page.getByRole('button', { name: 'Close the job' }).click()
  await expect(page.getByText(/is still held, bridged or temporary/).first()).toBeVisible()
  await page
    .getByLabel(/outside the cabinet is off/)
    .first()
    .fill('the plug behind the furnace')
  for (const step of ['outside the cabinet is off', 'wheel stands still', 'tape only', 'cover is on again'])
    await page.getByRole('checkbox', { name: new RegExp(step) }).click()
  await answerAll(page)
  await page.getByRole('button', { name: 'Close the job' }).click()
  await page.getByRole('link', { name: 'Open the record' }).click()
  await expect(page.getByTestId('safety-record')).toContainText('Short isolation for')
  await expect(page.getByTestId('safety-record')).toContainText('the plug behind the furnace')
})

test('two readings that cannot both be true are told, and the machine counts as live', async ({ page }) => {
  await page.goto('/household')
  await ready(page)
  const rated = page.getByRole('checkbox', { name: /CAT III/ })
  if (!(await rated.isChecked())) await rated.click()
  await startJob(page, 'bathroom fan dead')
  await goStage(page, 'measure')
  await page
    .getByRole('spinbutton')
    .or(page.getByLabel(/supply, volts|Supply/))
    .first()
    .waitFor()
  const supply = page.locator('#supply input[data-number]')
  await supply.nth(0).fill('0')
  await supply.nth(1).fill('121')
  await expect(page.getByTestId('contradicted')).toContainText('cannot both be true')
  await expect(page.getByTestId('evidence')).not.toContainText('No power reaches it9')
  await expect(state(page)).toContainText('cannot both be true')
  await supply.nth(0).fill('119')
  await expect(page.getByTestId('contradicted')).toHaveCount(0)
})

test('two circuits and a battery are proved on a phone, each by its own steps', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await startJob(page, 'bathroom fan hums')
  await send(page, [{ kind: 'machine.edit', field: 'motorKind', value: 'psc' }])
  await goStage(page, 'make-dead')
  await allOfStages(page)
  await page.getByLabel('This machine also has').selectOption('battery')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page
    .getByRole('group', { name: /How many circuits/ })
    .getByRole('button', { name: '2' })
    .click()
  await page
    .getByRole('group', { name: /anything else feed it/ })
    .getByRole('button', { name: 'no' })
    .click()
  await page
    .getByRole('group', { name: /Is there a ground wire/ })
    .getByRole('button', { name: /^yes/ })
    .click()
  await page
    .getByRole('group', { name: /Does a second live wire/ })
    .getByRole('button', { name: /^no/ })
    .click()
  await page
    .getByRole('group', { name: /Can you see whether/ })
    .getByRole('button', { name: /^yes/ })
    .click()
  const points = page.locator('[data-testid^="point-"]')
  await expect(points).toHaveCount(4)
  for (let place = 0; place < 4; place++) {
    await points.nth(place).getByRole('checkbox').click()
    await points.nth(place).getByRole('group').getByRole('button').first().click()
  }
  for (const feed of [1, 2]) {
    const steps = page.getByTestId(`proof-${feed}`)
    await steps.getByRole('checkbox', { name: /known live source/ }).click()
    await steps.getByRole('checkbox', { name: /set ON for the readings/ }).click()
    for (const field of await steps.getByRole('textbox').all()) {
      await field.fill('-0,2')
      await field.press('Tab')
    }
    await steps.getByRole('checkbox', { name: /off again, and held/ }).click()
    await expect(page.getByTestId('state')).not.toContainText('PROVEN DEAD')
    await steps.getByRole('checkbox', { name: /tested again/ }).click()
  }
  await expect(page.getByTestId('proof-1').getByLabel('other supply, DC')).toHaveValue('-0,2')
  await expect(page.getByTestId('state')).toContainText('PROVEN DEAD')
  await discharge(page)
  await expect(page.getByTestId('state')).toContainText('holds till')
})

test('a device whose clock is wrong shows what every other shows', async ({ page, browser }) => {
  await startJob(page, 'bathroom fan hums')
  await deadByStory(page)
  await page.reload()
  await expect(state(page)).toContainText('PROVEN DEAD')
  const shown = (await state(page).textContent())?.replace(/confirmed.*/s, '')
  for (const minutes of [20, -60, 24 * 60]) {
    const other = await browser.newContext()
    const device = await other.newPage()
    await device.clock.install({ time: Date.now() + minutes * 60_000 })
    await device.goto(page.url())
    await ready(device)
    // The page counts on by itself for a while: it follows the server's time and not its own.
    await device.clock.runFor(40_000)
    // The time that was skipped passed without an answer: it is asked, and hears one.
    await expect
      .poll(async () => (await state(device).textContent())?.replace(/confirmed.*/s, ''))
      .toBe(shown)
    await other.close()
  }
})

test('the letters typed right behind Ctrl K reach the finder, or nothing', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await goStage(page, 'make-dead')
  await page.keyboard.press('Control+k')
  await page.keyboard.type('thermostat')
  await page.keyboard.down('t')
  for (let held = 0; held < 5; held++) await page.keyboard.down('t')
  await page.keyboard.up('t')
  await expect(page.getByPlaceholder(/^A job, a machine, a stage/)).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByPlaceholder(/^A job, a machine, a stage/)).toBeHidden()
  expect((await jobOf(page)).snapshot.points.every(({ openedAt }) => openedAt === null)).toBe(true)
  // A key that is held ticks one row, and none behind it.
  for (let held = 0; held < 6; held++) await page.keyboard.down('t')
  await page.keyboard.up('t')
  await saved(page)
  const { points } = (await jobOf(page)).snapshot
  expect(points.filter(({ openedAt }) => openedAt !== null)).toHaveLength(1)
})
