import { expect, type Page, test } from './fixtures'
import { answerAll, expectAccessible, goStage, makeDead, partsOut, ready, saved, startJob } from './support'

const card = (page: Page) => page.getByTestId('next-test')
const answer = (page: Page, observation: string, value: string) =>
  page.getByTestId(`observation-${observation}`).getByRole('button', { name: value, exact: true }).click()
const takeTest = async (page: Page, name: RegExp) => {
  await page.getByText('Another test instead').click()
  await card(page).getByRole('button', { name }).click()
}

test('plain words fill the findings, shown for correction, and sounds are there to compare', async ({
  page,
}) => {
  await page.goto('/')
  await ready(page)
  await page
    .getByLabel('What has stopped?')
    .fill('hums but does not spin, outside part of the AC, compressor runs')
  const understood = page.getByTestId('understood')
  await expect(understood).toContainText('Outdoor unit fan')
  const chips = understood.getByRole('combobox')
  await expect(chips).toHaveCount(3)
  expect(
    await chips.evaluateAll((all) =>
      all.map((chip) => (chip as HTMLSelectElement).selectedOptions[0]?.textContent),
    ),
  ).toEqual(['hums, does not turn', 'hum', 'runs'])
  await expect(understood.getByRole('listitem').nth(2)).toContainText('compressor runs')
  await understood.getByRole('button', { name: 'Not so: hums, does not turn' }).click()
  await expect(understood.getByRole('listitem')).toHaveCount(2)
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/notice/)
  await ready(page)
  const squeal = page.getByTestId('sounds').getByRole('button', { name: /squeal/ })
  await squeal.click()
  await expect(squeal).toHaveAttribute('aria-pressed', 'true')
  await expect(squeal).toHaveAttribute('aria-pressed', 'false')
  await expectAccessible(page)
})

test('a dead supply: the card asks, answers land, and the verdict names the supply and who may mend it', async ({
  page,
}) => {
  await startJob(page, 'ceiling fan dead, nothing happens')
  await answer(page, 'companion', 'does not run')
  await goStage(page, 'measure')
  await expect(card(page)).toContainText('Next: breaker')
  await card(page).getByTestId('results').getByRole('button', { name: 'off', exact: true }).click()
  await expect(page.getByTestId('evidence').getByRole('listitem').first()).toContainText(
    'No power reaches it',
  )
  await goStage(page, 'decide')
  await expect(page.getByTestId('verdict')).toContainText('No power reaches the unit')
  await expect(page.getByTestId('options')).toContainText('Hire somebody')
  await expectAccessible(page)
})

test('a hot protector: an open winding waits for the cold, and good again is not a repair', async ({
  page,
}) => {
  await startJob(page, 'bathroom fan starts then stops')
  await page.getByLabel('Motor, if you know').selectOption('shaded-pole')
  await goStage(page, 'measure')
  await partsOut(page, 'motor')
  await answer(page, 'case-heat', 'too hot to touch')
  await page.getByLabel('Add leads by colour').fill('black, white')
  await page.keyboard.press('Enter')
  await page.getByLabel('black to white, ohms').fill('o')
  await expect(page.getByTestId('winding-old-verdict')).toHaveAttribute('data-verdict', 'hot-retest')
  await expect(page.getByTestId('evidence').getByRole('listitem').first()).toContainText('Overheated')
  await goStage(page, 'decide')
  await expect(page.getByTestId('verdict')).not.toContainText('A winding is open')
  await goStage(page, 'measure')
  await answer(page, 'cold-retest', 'good again')
  await goStage(page, 'decide')
  await expect(page.locator('main')).toContainText('look for what overheated it')
})

test('a smell of gas takes the place of the work, and no work is taken until it is taken back', async ({
  page,
}) => {
  await startJob(page, 'I smell gas near the furnace')
  const stop = page.getByTestId('stop')
  await expect(stop).toContainText('Touch no switch')
  await expect(stop).toContainText('The gas utility or the fire service, from outside.')
  await expect(stop.getByRole('button', { name: /Go on/ })).toHaveCount(0)
  await expectAccessible(page)
  await goStage(page, 'measure')
  await expect(stop).toBeVisible()
  await stop.getByRole('button', { name: 'Read on, without working' }).click()
  await page.getByRole('button', { name: 'the motor was out' }).click()
  await expect(page.getByText('Smell of gas. Touch no switch').last()).toBeVisible()
  await page.getByRole('button', { name: 'Back to the stop' }).click()
  // One sentence lifts it: what was meant instead. Three letters do not.
  await stop.getByRole('button', { name: 'It was said by mistake' }).click()
  const meant = stop.getByLabel('Or in your own words')
  await meant.fill('aaa')
  await expect(stop.getByRole('button', { name: 'That was meant' })).toBeDisabled()
  await meant.fill('aaaaaaaa')
  await stop.getByRole('button', { name: 'That was meant' }).click()
  await expect(stop).toBeVisible()
  await meant.fill('it was the new paint')
  await stop.getByRole('button', { name: 'That was meant' }).click()
  await expect(stop).toHaveCount(0)
  await expect(page.getByTestId('gate')).toBeVisible()
})

test('a warning stops until it is overridden with a reason; a hard sign offers none', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await page.getByRole('button', { name: /It is rented or under warranty/ }).click()
  const stop = page.getByTestId('stop')
  await expect(stop).toContainText('The landlord, or the seller.')
  await stop.getByLabel('Why may the work go on?').fill('the landlord agreed in writing')
  await stop.getByRole('button', { name: 'Go on with this reason' }).click()
  await expect(page.getByText('went on, because the landlord agreed in writing')).toBeVisible()
  await goStage(page, 'make-dead')
  await page.getByRole('button', { name: /aluminium/ }).click()
  await expect(stop).toContainText('An electrician.')
  await expect(stop.getByRole('button', { name: 'Go on with this reason' })).toHaveCount(0)
  await saved(page)
  await page.reload()
  await expect(stop).toContainText('Aluminium house wiring')
  await stop.getByRole('button', { name: 'Hand the job over and close it' }).click()
  await expect(page.getByTestId('save-state')).toHaveText('closed')
  // It ends where a job ends, and leads to what is shown to whoever comes.
  await page.getByRole('link', { name: 'Open the record' }).click()
  await expect(page.locator('main')).toContainText('Handed to a licensed trade')
  await expect(page.getByTestId('safety-record')).toContainText(
    'Work goes on in spite of: Rented or under warranty (the landlord agreed in writing)',
  )
})

test('a live test while proved dead leads through power and back, or is declined and left out', async ({
  page,
}) => {
  await page.goto('/household')
  await ready(page)
  const rated = page.getByRole('checkbox', { name: /CAT III/ })
  if (!(await rated.isChecked())) await rated.click()
  await startJob(page, 'bathroom fan dead')
  await page.getByLabel('Motor, if you know').selectOption('psc')
  await goStage(page, 'make-dead')
  await makeDead(page)
  await goStage(page, 'measure')
  await takeTest(page, /Voltage at the motor leads/)
  const lead = page.getByTestId('live-lead')
  await expect(lead).toContainText('Probes clipped on while it is off')
  const on = lead.getByRole('button', { name: /Power on for this reading/ })
  await expect(on).toBeDisabled()
  for (const step of await lead.getByRole('checkbox').all()) await step.click()
  await expect(on).toBeDisabled()
  await answerAll(page, '[data-testid="live-lead"]')
  await on.click()
  await expect(page.getByTestId('state')).toContainText('LIVE TEST')
  await expect(page.getByTestId('live-now')).toContainText('Hands away')
  await expectAccessible(page)
  await answer(page, 'motor-voltage', 'normal')
  await page.getByRole('button', { name: /Power off again, and prove/ }).click()
  await page.waitForURL(/make-dead/)
  await expect(page.getByTestId('state')).toContainText('POWER MAY BE ON')
  await expect(page.getByRole('checkbox', { name: /tested again/ })).not.toBeChecked()

  // Declined: left out by name, the reasoning goes on, and it can be taken back in.
  await goStage(page, 'measure')
  await takeTest(page, /Voltage at the unit supply/)
  await card(page).getByRole('button', { name: 'I decline this test' }).click()
  await expect(page.getByTestId('left-out')).toContainText('supply (declined)')
  await expect(card(page)).toContainText('Next:')
  await page.getByRole('button', { name: 'Take back in: Supply' }).click()
  await expect(page.getByTestId('left-out')).toHaveCount(0)
})

test('a contradiction is told, with what would explain both, and taking one finding back resolves it', async ({
  page,
}) => {
  await startJob(page, 'outdoor unit hums, compressor runs')
  await page.getByLabel('Motor, if you know').selectOption('psc')
  await goStage(page, 'measure')
  await page.getByLabel('Its label, as printed').fill('30+5 µF ±6 % 440 V')
  await partsOut(page, 'motor', 'capacitor')
  await page.getByTestId('reading-old-FAN').fill('2.1')
  await answer(page, 'free-spin', 'seized')
  const evidence = page.getByTestId('evidence')
  await expect(evidence.getByTestId('conflict')).toContainText(
    'Either read it again, or there are two faults',
  )
  await evidence.getByRole('button', { name: 'Take back Turned by hand: seized' }).click()
  await expect(evidence.getByTestId('conflict')).toHaveCount(0)
  await expect(evidence.getByRole('listitem').first()).toContainText('Capacitor too weak')
})

test('a suspect is opened, weighed, struck with a reason and put back', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  const evidence = page.getByTestId('evidence')
  await evidence.getByRole('button', { name: /Bearing seized/ }).click()
  await expect(evidence).toContainText('Would prove it')
  await expect(evidence).toContainText('Turned by hand: seized')
  await expect(evidence).toContainText(/clearly for|strongly for|a little for/)
  await expectAccessible(page)
  await evidence.getByRole('button', { name: 'it is not' }).click()
  await evidence.getByLabel('How do you know?').fill('it spins freely')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('struck')).toContainText('by you: it spins freely')
  await saved(page)
  await page.reload()
  await page.getByRole('button', { name: 'Put back Bearing seized' }).click()
  await expect(evidence.getByRole('button', { name: /Bearing seized/ }).first()).toBeVisible()
  await page.locator('body').press('z')
  await expect(page.getByTestId('struck')).toBeVisible()
})

test('options are weighed with figures of one’s own, and the choice is kept with its reason', async ({
  page,
}) => {
  await startJob(page, 'attic fan hums')
  await page.getByLabel('Motor, if you know').selectOption('psc')
  await goStage(page, 'measure')
  await partsOut(page, 'motor', 'capacitor')
  await answer(page, 'free-spin', 'seized')
  await goStage(page, 'decide')
  const original = page.getByTestId('option-original')
  const before = await original.textContent()
  await original.getByLabel('Cost').fill('40')
  await original.getByLabel('Serves').fill('10')
  await expect(original).not.toHaveText(before!)
  await page.getByLabel(/Why the one you choose/).fill('neighbour has one spare')
  await original.getByRole('button', { name: /Choose: Original/ }).click()
  await expect(page.getByTestId('decision')).toContainText('original motor or assembly')
  await expect(page.getByTestId('decision')).toContainText('neighbour has one spare')
  await saved(page)
  await page.reload()
  await expect(original.getByLabel('Cost')).toHaveValue('40')
  await expect(original.getByRole('button', { name: /Chosen: Original/ })).toBeVisible()
})

test('several circuits into one housing are each proved', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await goStage(page, 'make-dead')
  await makeDead(page)
  await page
    .getByRole('group', { name: 'How many circuits feed this housing?' })
    .getByRole('button', { name: '2' })
    .click()
  await expect(page.getByTestId('state')).not.toContainText('PROVEN DEAD')
  await expect(page.getByTestId('point-breaker')).toHaveCount(2)
  await expect(page.getByLabel('L–N, feed 2')).toBeVisible()
  await expect(page.getByLabel('L of feed 1–L of feed 2')).toBeVisible()
})
