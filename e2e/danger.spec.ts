import type { Page } from '@playwright/test'
import { stopNow } from '../src/core/knowledge/stopNow'
import { stopSigns } from '../src/core/knowledge/stopSigns'
import type { StopRuleId } from '../src/core/knowledge/vocabulary'
import { expect, PHONE, test } from './fixtures'
import { deadByStory, expectAccessible, ready, saved, send, startJob } from './support'

test.use({ viewport: { width: 390, height: 844 } })

/** Ten dangers as a shaken person types them on a phone. */
const shaken: [words: string, rule: StopRuleId][] = [
  ['omg the fan just zaped me i touchd the casing', 'electric-shock'],
  ['SMOKE COMING OUT OF THE BATHROM FAN', 'fire-or-smoke'],
  ['blue sparks in the switch box when it starts!!', 'arcing'],
  ['i smel gas by the furnace', 'gas-smell'],
  ['co alarm goin off what do i do', 'co-or-soot'],
  ['breaker is off but fan still runs??', 'proof-failed'],
  ['water driping from the bathroom fan', 'water-on-electrics'],
  ['the plug is melted', 'burnt-supply'],
  ['breaker trips evry time i turn it on', 'breaker-retrips'],
  ['stuck the knife thru the copper pipe in the freezer', 'refrigerant'],
]

const advice = (page: Page) => page.getByTestId('danger-now')

test('ten dangers, typed by a shaken person, each show what to do within the first screen', async ({
  page,
}) => {
  await page.goto('/')
  await ready(page)
  for (const [words, rule] of shaken) {
    await page.getByLabel('What has stopped?').fill(words)
    const first = advice(page).getByText(stopNow[rule][0] ?? '', { exact: true })
    await expect(first, words).toBeVisible()
    const box = await first.boundingBox()
    expect((box?.y ?? 9999) + (box?.height ?? 0), words).toBeLessThan(844)
    // Before any question of what kind of fan it is.
    await expect(page.getByText('What kind of fan is it?')).toHaveCount(0)
  }
})

test('words that may tell a danger are asked about, and stop nobody who says no', async ({ page }) => {
  await page.goto('/')
  await ready(page)
  const words = page.getByLabel('What has stopped?')
  await words.fill('the kitchen hood rattles and my nan got walloped off the rim')
  await expect(advice(page)).toContainText('Do your words tell of this: a shock or a tingle')
  await page.getByRole('button', { name: /^Yes, or not sure/ }).click()
  await expect(advice(page)).toContainText(stopNow['electric-shock'][0] ?? '')
  await page.reload()
  await ready(page)
  await words.fill('the kitchen hood rattles and my nan got walloped off the rim')
  await page.getByRole('button', { name: 'No, there is none of it' }).click()
  await expect(advice(page)).toHaveCount(0)
})

test('what was no danger is put right by one tap, and the record has both', async ({ page }) => {
  await page.goto('/')
  await ready(page)
  await page.getByLabel('What has stopped?').fill('bathroom fan hums, smells of gas')
  await expect(advice(page)).toContainText('Touch no switch and no plug')
  await expectAccessible(page)
  await page.getByRole('button', { name: /^Not that/ }).click()
  await page.getByRole('button', { name: 'It smells burnt, not of gas' }).click()
  await expect(advice(page)).toHaveCount(0)
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/\/jobs\/[^/]+\/notice/)
  await ready(page)
  await expect(page.getByTestId('stop')).toHaveCount(0)
  await page.goto(page.url().replace(/\/notice$/, '/record'))
  await expect(page.locator('main')).toContainText('said by mistake, meant: It smells burnt, not of gas')
})

test.describe('at a desk', () => {
  test.use({ viewport: { width: 1280, height: 800 } })

  test('words whose stop was lifted as a mistake stop nobody again; words that are changed are asked about', async ({
    page,
  }) => {
    await page.goto('/')
    await ready(page)
    await page.getByLabel('What has stopped?').fill('bathroom fan dead, the plug is melted')
    await expect(advice(page)).toBeVisible()
    await page.getByRole('button', { name: 'Start the job' }).click()
    await page.waitForURL(/\/jobs\/[^/]+\/notice/)
    await ready(page)
    const stop = page.getByTestId('stop')
    await stop.getByRole('button', { name: 'It was said by mistake' }).click()
    await stop.getByRole('button', { name: /^It is not the socket/ }).click()
    await expect(stop).toHaveCount(0)
    const story = page.getByLabel('In your words')
    await expect(story).toHaveValue(/melted/)
    await expect(advice(page)).toHaveCount(0)
    await story.focus()
    await page.getByLabel('Where it stands').focus()
    await saved(page)
    await expect(stop).toHaveCount(0)
    await story.fill('bathroom fan dead, the plug is melted and the socket is black')
    await expect(advice(page)).toBeVisible()
    await expect(stop).toHaveCount(0)
  })
})

test('a danger that is denied is asked; unanswered, the job stops for it', async ({ page }) => {
  await page.goto('/')
  await ready(page)
  await page.getByLabel('What has stopped?').fill('furnace inducer rattles, no smell of gas')
  await expect(advice(page)).toContainText('You wrote that there is none of this: smell of gas')
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/\/jobs\/[^/]+\/notice/)
  await expect(page.getByTestId('stop')).toContainText('Smell of gas')
})

test.describe('after a shock', () => {
  test.use({ viewport: { width: 1280, height: 800 } })

  test('all that needs power stops; the leak is found dead, and only then the stop is lifted', async ({
    page,
  }) => {
    await startJob(page, 'bathroom fan hums, it gave me a tingle off the grille')
    const stop = page.getByTestId('stop')
    await expect(stop).toContainText('Touch nobody who is still in contact')
    const lift = async () => {
      await stop.getByRole('button', { name: 'It was put right' }).click()
      await stop
        .getByLabel('Who put it right, and what was done?')
        .fill('an electrician renewed the motor on Tuesday')
      await stop.getByRole('button', { name: 'It stands no longer' }).click()
    }
    await lift()
    await expect(page.getByText(/Power stays barred until dead readings clear it/)).toBeVisible()
    await page.getByRole('link', { name: 'Isolate it, and read it dead' }).click()
    await page.waitForURL(/make-dead/)
    await expect(page.getByText('Nothing live goes on. The parted load may be read dead.')).toBeVisible()
    // Another window's acts: isolating, the proof and the discharge go on during the stop.
    await deadByStory(page)
    await expect(page.getByTestId('state')).toContainText(/shock/i)
    await send(page, [
      { kind: 'finding.set', id: 'f1', observation: 'to-frame', value: 'clear' },
      { kind: 'finding.set', id: 'f2', observation: 'connections', value: 'sound' },
    ])
    await page.reload()
    await ready(page)
    await lift()
    await expect(stop).toHaveCount(0)
  })
})

test('danger is one tap away on every page, and stops the job that is open', async ({ page }) => {
  await page.goto('/instruments')
  await ready(page)
  await page.getByRole('button', { name: 'Danger' }).click()
  await expectAccessible(page)
  await page.getByRole('button', { name: stopSigns['gas-smell'] }).click()
  await expect(page.getByTestId('danger-advice')).toContainText('Everybody out')
  await page.getByRole('link', { name: 'Begin a job with it' }).click()
  await expect(advice(page)).toContainText('Smell of gas')
  await page.getByLabel('What has stopped?').fill('furnace blower')
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/\/jobs\/[^/]+\/notice/)
  await ready(page)
  await expect(page.getByTestId('stop')).toContainText('Smell of gas')
  await page.getByRole('button', { name: 'Danger' }).click()
  await page.getByRole('button', { name: stopSigns.arcing }).click()
  await expect(page.getByTestId('danger-advice')).toContainText('The job is stopped with it')
  await page.getByRole('button', { name: 'Close' }).click()
  await expect(page.getByTestId('stop')).toContainText('Sparks or arcing')
  await saved(page)
})

test('what is added to the story later, and what is noted in the ledger, is heard as a danger too', async ({
  page,
}) => {
  await page.goto('/')
  await ready(page)
  await page.getByLabel('What has stopped?').fill('ceiling fan slow')
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/\/jobs\/[^/]+\/notice/)
  await ready(page)
  await page.getByRole('button', { name: 'All of this stage' }).click()
  await page.getByLabel('In your words').fill('ceiling fan slow, and it squeals')
  await page.getByTestId('words-offered').getByRole('button', { name: 'sound: squeal' }).click()
  await expect(
    page.getByTestId('observation-sound').getByRole('button', { name: 'squeal', exact: true }),
  ).toHaveAttribute('aria-pressed', 'true')
  await page.getByTestId('observation-onset').getByRole('button', { name: 'say it in words' }).click()
  await page.getByLabel('The answer in your words').fill('since the storm')
  await page.keyboard.press('Enter')
  await expect(
    page.getByTestId('observation-onset').getByRole('button', { name: /after a storm/ }),
  ).toHaveAttribute('aria-pressed', 'true')
  await page.getByLabel('In your words').fill('ceiling fan slow, and it squeals, today blue sparks came out')
  await expect(advice(page)).toContainText('Hands and faces away')
  await page.getByLabel('Its name in the house').focus()
  await expect(page.getByTestId('stop')).toContainText('Sparks or arcing')
})

test.describe('on a phone', () => {
  test.use(PHONE)

  test('a sign of danger stands alone: no likely fault is told beside it until somebody reads on', async ({
    page,
  }) => {
    await startJob(page, 'furnace inducer whines')
    const suspects = page.getByTestId('evidence-bar')
    await expect(suspects).toBeVisible()
    await page.getByRole('button', { name: 'All of this stage' }).click()
    await page
      .getByRole('group', { name: 'Signs of danger' })
      .getByRole('button', { name: 'CO alarm' })
      .click()
    await expect(page.getByTestId('stop')).toContainText('Everybody out into fresh air')
    await expect(suspects).toHaveCount(0)
    await page.getByRole('button', { name: 'Read on, without working' }).click()
    await expect(suspects).toBeVisible()
  })
})
