import AxeBuilder from '@axe-core/playwright'
import { expect, type Locator, type Page } from '@playwright/test'
import type { Act, JobSnapshot } from '../src/core/job'
import { chargePairs } from '../src/core/job/energy/chargePairs'
import { neededCharges, neededWaits } from '../src/core/job/energy/place'
import { answerActs, isolationActs, proofActs } from '../src/core/job/energy/proofScript'
import { deep } from '../src/sampling.testing'

/** Open a job of the demo household by the name of its machine. Its machines have a place; those that journeys add have none. */
export async function openDemoJob(page: Page, name: string, stage: string): Promise<void> {
  if (!demoJobs.has(name)) {
    // The bench shows its first page only, and other journeys lay jobs on it.
    const found = await page.request.get(`/api/jobs?q=${encodeURIComponent(name)}`)
    const { jobs } = (await found.json()) as { jobs: { id: string; title: string; status: string }[] }
    const own = jobs.filter(({ title }) => title.startsWith(`${name}, `))
    demoJobs.set(name, (own.find(({ status }) => status === 'open') ?? own[0])!.id)
  }
  await page.goto(`/jobs/${demoJobs.get(name)}/${stage}`)
  await ready(page)
}

/** Every worker has a copy of the same household: an address that was found once is found again. */
const demoJobs = new Map<string, string>()

/**
 * The page answers keys and buttons, and nothing of it stands twice: what comes over the wire stands hidden under an id of its own
 * until it is put in its place.
 */
export const ready = (page: Page) =>
  page.locator('html[data-ready]:not(:has([hidden][id^="S:"]))').waitFor({ state: 'attached' })

export async function startJob(page: Page, words: string): Promise<void> {
  await page.goto('/')
  await ready(page)
  await page.getByLabel('What has stopped?').fill(words)
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/\/jobs\/[^/]+\/notice/)
  await ready(page)
}

/** To another stage by its link, as people go there; where no link stands on the page, by its address. */
export const goStage = async (page: Page, stage: string): Promise<void> => {
  const address = stageAddress(page, stage)
  const link = page.locator(`nav a[href$="${new URL(address).pathname}"]:visible`).first()
  if ((await link.count()) === 0) return loadStage(page, stage)
  await link.click()
  await page.waitForURL(address)
  await ready(page)
}

/** A stage as its address opens it: drawn by the server. */
export const loadStage = async (page: Page, stage: string): Promise<void> => {
  await page.goto(stageAddress(page, stage))
  await ready(page)
}

const stageAddress = (page: Page, stage: string) => page.url().replace(/\/[^/?#]+$/, `/${stage}`)

/** A phone opens a stage on the next thing alone: here all of it, for this and the pages to come. */
export const allOfStages = (page: Page) => page.getByRole('button', { name: 'All of this stage' }).click()

/** A line to photograph that gets no photo, and why. */
export async function withoutPhoto(within: Page | Locator): Promise<void> {
  await within.getByRole('button', { name: 'No photo of it' }).click()
  await within.getByLabel('No photo of it, because').fill('the phone is flat')
}

/** The act that stands large is done, with what it asks for first: a figure, a word for a photo, the figure as it was. */
export async function doneNext(large: Locator): Promise<void> {
  if (await large.getByRole('button', { name: 'No photo of it' }).isVisible()) await withoutPhoto(large)
  const figure = large.getByLabel('What it measures')
  if (await figure.isVisible()) await figure.fill('9/16')
  const turn = large.getByRole('button', { name: 'clockwise', exact: true })
  if ((await turn.isVisible()) && (await turn.getAttribute('aria-pressed')) === 'false') await turn.click()
  for (const same of await large.getByRole('button', { name: 'as it was', exact: true }).all())
    await same.click()
  await large.getByRole('button', { name: 'Done, next' }).click()
}

/** Everything typed has reached the file. */
export const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveText('saved')

/** Open a point by its kind and say that it is held as the plan proposes. */
export async function openPoint(page: Page, point: string): Promise<void> {
  const line = page.getByTestId(`point-${point}`)
  await line.getByRole('checkbox').click()
  await line.getByRole('group').getByRole('button').first().click()
}

/** The proof in its order, where a wall switch stands before the place. */
export async function prove(page: Page, volts = '0.2'): Promise<void> {
  await page.getByRole('checkbox', { name: /known live source/ }).click()
  await page.getByRole('checkbox', { name: /set ON for the readings/ }).click()
  for (const pair of ['L–N', 'L–ground', 'N–ground']) await page.getByLabel(pair, { exact: true }).fill(volts)
  await page.keyboard.press('Tab')
  await page.getByRole('checkbox', { name: /off again, and held/ }).click()
  await page.getByRole('checkbox', { name: /tested again/ }).click()
}

/** A reading that counts when it is left. */
export async function discharge(page: Page, volts = '0.4'): Promise<void> {
  // Each pair that the label names is emptied and read by itself.
  for (const field of await page.getByTestId(/^charge-volts/).all()) {
    await field.fill(volts)
    await page.keyboard.press('Tab')
  }
}

/** The kind of the motor is known, so that no electronics have to run down: told as another window tells it. */
export async function knownKind(page: Page, value = 'psc'): Promise<void> {
  const { snapshot } = await jobOf(page)
  const kind: Act[] = snapshot.machine.motorKind ? [] : [{ kind: 'machine.edit', field: 'motorKind', value }]
  const acts = [...kind, ...answerActs(snapshot)]
  if (acts.length === 0) return
  await send(page, acts)
  await page.reload()
}

/** Open every point, prove it dead, discharge: the state line says so. */
export async function makeDead(page: Page): Promise<void> {
  await knownKind(page)
  for (const point of ['wall-switch', 'breaker']) await openPoint(page, point)
  await prove(page)
  await expect(page.getByTestId('state')).toContainText('PROVEN DEAD')
  await discharge(page)
}

/** Parts that were out before the job began; a capacitor among them is emptied and read. From and back to Measure. */
export async function partsOut(page: Page, ...parts: ('motor' | 'capacitor' | 'module')[]): Promise<void> {
  for (const part of parts) await page.getByRole('button', { name: `the ${part} was out` }).click()
  if (!parts.includes('capacitor')) return
  await goStage(page, 'make-dead')
  await discharge(page, '0.2')
  await saved(page)
  await goStage(page, 'measure')
}

/**
 * The job of this page made dead as a story tells it, without the clicks: for journeys that begin behind the proof. What
 * would take half an hour to cool or run down is said to be cold, or not there.
 */
export async function deadByStory(page: Page): Promise<void> {
  await send(page, [{ kind: 'field.set', id: storyId(), part: 'plan', field: 'cold', typed: 'cold' }])
  const { snapshot: before } = await jobOf(page)
  await send(page, [
    ...neededWaits(before).map(
      (wait): Act => ({ kind: 'wait.strike', id: wait.id, reason: 'no board in it' }),
    ),
    ...isolationActs(before),
    ...proofActs(before, storyId),
    ...neededCharges(before).map(
      ({ id }): Act => ({ kind: 'charge.read', id, typed: everyPair(before, id) }),
    ),
  ])
}

/** A job of the demo household, made dead now: what it was planted with has run out. */
export async function openDeadDemoJob(page: Page, name: string, stage: string): Promise<void> {
  await openDemoJob(page, name, stage)
  await deadByStory(page)
  await page.reload()
}

/** A low reading for each pair that the label on file names, or that it may have. */
function everyPair(job: JobSnapshot, id: string): string {
  const charge = job.charges.find((each) => each.id === id)
  return charge
    ? chargePairs(job, charge)
        .map(() => '0.3')
        .join(' / ')
    : ''
}

let told = 0
const storyId = () => `story-${Date.now().toString(36)}-${told++}`

/** The job of this page as the server has it. */
export async function jobOf(page: Page): Promise<{ snapshot: JobSnapshot }> {
  const jobId = /jobs\/([^/]+)/.exec(page.url())?.[1] ?? ''
  return (await page.request.get(`/api/jobs/${jobId}`)).json()
}

/** Acts on the job of this page, as another window does them, or did them so long ago; the page has heard of them then. */
export async function send(page: Page, acts: Act[], ageMs = 0): Promise<void> {
  const jobId = /jobs\/([^/]+)/.exec(page.url())?.[1] ?? ''
  const response = await page.request.post(`/api/jobs/${jobId}/acts`, {
    data: { acts: acts.map((act) => ({ id: storyId(), act, ageMs })), who: '', window: 'story' },
  })
  const { answers, rev } = (await response.json()) as {
    answers: { stored: boolean; error?: object }[]
    rev: number
  }
  expect(answers.filter(({ stored }) => !stored)).toEqual([])
  const frame = page.locator('[data-rev]')
  if ((await frame.count()) > 0)
    await expect.poll(async () => Number(await frame.getAttribute('data-rev'))).toBeGreaterThanOrEqual(rev)
}

/** Whatever is answered by a look in this part of the page, answered as it should be. */
export async function answerAll(page: Page, within = 'main'): Promise<void> {
  const checks = page.locator(within).locator('[data-testid^="check-"]')
  for (let place = 0; place < (await checks.count()); place++) {
    const good = checks.nth(place).getByRole('button', { name: 'as it should' })
    if ((await good.isEnabled()) && (await good.getAttribute('aria-pressed')) !== 'true') await good.click()
  }
}

const WCAG = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']

/**
 * No fault of accessibility on the page as it stands. Contrast and the size of targets are measured on every element and take
 * nine tenths of the time: in `npm test` on the pages that ask for everything, in `npm run deep` on all.
 */
export async function expectAccessible(
  page: Page,
  what: 'everything' | 'structure' | 'colours' = 'structure',
): Promise<void> {
  const measured = deep || what === 'everything'
  // One frame, and faults alone: passing the whole report about took longer than finding them.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({
      resultTypes: ['violations'],
      ...(what === 'colours'
        ? { runOnly: { type: 'rule', values: ['color-contrast', 'link-in-text-block'] } }
        : {
            runOnly: { type: 'tag', values: WCAG },
            rules: { 'color-contrast': { enabled: measured }, 'target-size': { enabled: measured } },
          }),
    })
    .analyze()
  expect(
    violations.map(
      (violation) => `${violation.id}: ${violation.nodes.map((node) => node.target.join(' ')).join(' | ')}`,
    ),
  ).toEqual([])
}
