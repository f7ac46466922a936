import { deep } from '../src/sampling.testing'
import { expect, type Page, test } from './fixtures'
import { deadByStory, goStage, ready, saved, startJob } from './support'

/** What the chips of the start form say now. */
const said = (page: Page) =>
  page
    .getByRole('list', { name: 'Understood' })
    .getByRole('combobox')
    .evaluateAll((chips) => chips.map((chip) => (chip as HTMLSelectElement).selectedOptions[0]?.textContent))

const stories: { text: string; kind: string; says: string; fact: [observation: string, value: string] }[] = [
  {
    text: 'teh bathrom fan just hums n wont turn, had it a year',
    kind: 'Bathroom exhaust fan',
    says: 'hums, does not turn',
    fact: ['fan-state', 'hums'],
  },
  {
    text: 'AC unit out side: fan stands still but compresor is runing, started after the storm',
    kind: 'Outdoor unit fan',
    says: 'after a storm or outage',
    fact: ['onset', 'after-a-storm-or-outage'],
  },
  {
    text: 'furnace blower squeels like a pig when it starts, no burnt smell',
    kind: 'Furnace or air-handler blower',
    says: 'squeal',
    fact: ['sound', 'squeal'],
  },
  {
    text: 'kitchen hood only works on high, the low and medium do nothing',
    kind: 'Range hood',
    says: 'only high is right',
    fact: ['speeds', 'only-high'],
  },
  {
    text: 'attic fan gets so hot you cant touch it and then stops by itself',
    kind: 'Attic',
    says: 'too hot to touch',
    fact: ['case-heat', 'too-hot-to-touch'],
  },
  {
    text: 'freezer fan is silent and the back wall is full of ice',
    kind: 'evaporator fan',
    says: 'iced',
    fact: ['fouling', 'iced'],
  },
  {
    text: 'pellet stove exhaust blower grinds and scrapes',
    kind: 'Pellet stove',
    says: 'grinding',
    fact: ['sound', 'grinding'],
  },
  {
    text: 'ceiling fan slow on all speeds since we moved in',
    kind: 'Ceiling fan',
    says: 'all are slow',
    fact: ['speeds', 'all-slow'],
  },
  {
    text: 'the inducer of my furnace turns if i push it, otherwise just buzzes',
    kind: 'inducer',
    says: 'starts and runs',
    fact: ['nudge-start', 'starts-and-runs'],
  },
  {
    text: 'caravan heater fan triped the fuse on saturday, new one holds',
    kind: 'furnace blower',
    says: 'had tripped, stays in',
    fact: ['breaker', 'tripped-once'],
  },
]

test('clumsy stories each end in the right job with what they said', async ({ page }) => {
  // How each is read stands in the core's own tests: here three of them walk through the page, and all ten in the long run.
  for (const { text, kind, says, fact } of deep ? stories : stories.slice(-3)) {
    await page.goto('/')
    await page.getByLabel('What has stopped?').fill(text)
    await expect(page.getByTestId('understood'), text).toContainText(new RegExp(kind, 'i'))
    expect(await said(page), text).toContain(says)
    await page.getByRole('button', { name: 'Start the job' }).click()
    await page.waitForURL(/\/jobs\/[^/]+\/notice/)
    await expect(page.getByLabel('In your words')).toHaveValue(text)
    const { snapshot } = await (await page.request.get(`/api/jobs/${page.url().split('/').at(-2)}`)).json()
    const [observation, value] = fact
    expect(snapshot.findings, text).toContainEqual(expect.objectContaining({ observation, value }))
  }
})

test('a finding is corrected, called something else, and a name that the house uses is learned and forgotten', async ({
  page,
}) => {
  await page.goto('/')
  await page.getByLabel('What has stopped?').fill('the snail squeals and is slow')
  await expect(page.getByTestId('marked').locator('mark')).toHaveText(['squeals', /slow/])
  const chips = page.getByRole('list', { name: 'Understood' })
  await chips.getByRole('combobox', { name: 'sound' }).selectOption({ label: 'grinding' })
  expect(await said(page)).toContain('grinding')
  await chips.getByRole('combobox').nth(1).selectOption({ label: 'something else' })
  await expect(page.getByText(/Kept as you wrote it, and not understood: .*slow/)).toBeVisible()
  await page
    .getByRole('group', { name: 'Kinds of fan' })
    .getByRole('button', { name: /inducer/i })
    .click()
  const learn = page.getByTestId('learn-name')
  await expect(learn.getByLabel('Do you call it so?')).toHaveValue('snail')
  await learn.getByRole('button', { name: 'Remember this name' }).click()
  await expect(learn).toContainText('From now on “snail” means')
  await page.reload()
  await page.getByLabel('What has stopped?').fill('snail hums')
  await expect(page.getByTestId('understood')).toContainText(/inducer/i)
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/notice/)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('snail')
  await page.goto('/household')
  await page.getByRole('button', { name: 'Forget “snail”' }).click()
  await expect(page.getByTestId('own-names')).toHaveCount(0)
})

test('where the words fit two machines, both are offered', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('What has stopped?').fill('furnace blower fine, inducer rattles')
  const understood = page.getByTestId('understood')
  await expect(understood).toContainText('Furnace draft inducer')
  await understood.getByRole('button', { name: 'it is the furnace or air-handler blower' }).click()
  await expect(understood.locator('b').first()).toHaveText('Furnace or air-handler blower')
})

test('the finder understands the same words and begins the job with them', async ({ page }) => {
  await page.goto('/shelf')
  await page.keyboard.press('Control+k')
  await page.getByPlaceholder(/what has stopped/).fill('furnace blower squeals')
  await page.getByRole('option', { name: 'Start a job: Furnace or air-handler blower, squeal' }).click()
  await expect(page.getByLabel('What has stopped?')).toHaveValue('furnace blower squeals')
  await expect(page.getByTestId('understood')).toContainText('Furnace or air-handler blower')
})

test('the finder takes a spoken line to the ledger of the job that is open', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await deadByStory(page)
  await page.keyboard.press('Control+k')
  await page.getByPlaceholder(/what has stopped/).fill('4 hex 1/4 long cup B')
  await page.getByRole('option', { name: /Write it down: unscrew/ }).click()
  await page.waitForURL(/take-apart/)
  await expect(page.getByLabel('Add a line in one sentence')).toHaveValue('4 hex 1/4 long cup B')
})

const lines: [spoken: string, kept: RegExp][] = [
  ['4 hex 1/4 long cup B', /unscrew/i],
  ['two philips screws off the grille, cup a', /unscrew/i],
  ['unplug the harness by the board', /unplug/i],
  ['pull the grey hose off the trap', /pull/i],
  ['undid the set screw on the hub', /loosen/i],
  ['blower wheel slides off', /slide/i],
  ['snipped the zip tie at the conduit', /cut/i],
  ['brown wire off HERM', /disconnect/i],
  ['photo of the plug', /photo/i],
  ['peel the gasket off the flange', /seal/i],
  ['pop the clip on the left', /unclip/i],
  ['drain the trap', /drain/i],
  ['band sits 38 mm from the end', /measure/i],
  ['lifted the motor out', /lift/i],
  ['loosen the belly band', /loosen/i],
  ['desolder the black lead', /unsolder/i],
  ['hold in the door switch', /bypass|door/i],
  ['take off 3 wing nuts cup C', /unscrew/i],
  ['arrow up on the housing', /mark/i],
  ['whatsit came away', /note/i],
]

test('spoken lines are shown as they will be kept, and stand in the ledger', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await deadByStory(page)
  await goStage(page, 'take-apart')
  await ready(page)
  const field = page.getByLabel('Add a line in one sentence')
  for (const [spoken, kept] of deep ? lines : lines.slice(-8)) {
    await field.fill(spoken)
    await expect(page.locator('#quick-reading'), spoken).toContainText(kept)
    await field.press('Enter')
    await expect(field, spoken).toHaveValue('')
  }
  await field.fill('jumper the limit switch')
  await field.press('Enter')
  await expect(field).toHaveValue('jumper the limit switch')
  await saved(page)
  await page.reload()
  for (const part of ['whatsit came away', 'belly band'])
    await expect(page.locator('main')).toContainText(part)
})
