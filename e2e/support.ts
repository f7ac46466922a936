import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'
import type { Act, JobSnapshot } from '../src/core/job'
import { neededCharges, neededWaits } from '../src/core/job/place'
import { isolationActs, proofActs } from '../src/core/job/proofScript'
import { deep } from '../src/sampling.testing'

/** Open a job of the demo household by the name of its machine. Its machines have a place; those that journeys add have none. */
export async function openDemoJob(page: Page, name: string, stage: string): Promise<void> {
  if (!demoJobs.has(name)) {
    await page.goto('/')
    const link = page
      .getByTestId('job-list')
      .getByRole('link', { name: new RegExp(`${name}, `) })
      .first()
    demoJobs.set(name, (await link.getAttribute('href'))!)
  }
  await page.goto(demoJobs.get(name)!.replace(/\/(notice|record)$/, `/${stage}`))
  await ready(page)
}

/** Every worker has a copy of the same household: an address that was found once is found again. */
const demoJobs = new Map<string, string>()

/** The page answers keys and buttons. */
export const ready = (page: Page) => page.locator('html[data-ready]').waitFor()

export async function startJob(page: Page, words: string): Promise<void> {
  await page.goto('/')
  await ready(page)
  await page.getByLabel('What has stopped?').fill(words)
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.waitForURL(/\/jobs\/[^/]+\/notice/)
}

export const goStage = async (page: Page, stage: string): Promise<void> => {
  await page.goto(page.url().replace(/\/[^/]+$/, `/${stage}`))
  await ready(page)
}

/** A phone opens a stage on the next thing alone: here all of it, for this and the pages to come. */
export const allOfStages = (page: Page) => page.getByRole('button', { name: 'All of this stage' }).click()

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
  await page.getByTestId('charge-volts').fill(volts)
  await page.keyboard.press('Tab')
}

/** Open every point, prove it dead, discharge: the state line says so. */
export async function makeDead(page: Page): Promise<void> {
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
  const jobId = /jobs\/([^/]+)/.exec(page.url())?.[1] ?? ''
  const snapshot = async () =>
    ((await (await page.request.get(`/api/jobs/${jobId}`)).json()) as { snapshot: JobSnapshot }).snapshot
  let count = 0
  const id = () => `story-${Date.now().toString(36)}-${count++}`
  const send = async (acts: Act[]) => {
    const response = await page.request.post(`/api/jobs/${jobId}/acts`, {
      data: { acts: acts.map((act) => ({ id: id(), act, ageMs: 0 })), who: '', window: 'story' },
    })
    const { answers } = (await response.json()) as { answers: { stored: boolean; error?: object }[] }
    expect(answers.filter(({ stored }) => !stored)).toEqual([])
  }
  await send([{ kind: 'field.set', id: id(), part: 'plan', field: 'cold', typed: 'cold' }])
  const before = await snapshot()
  await send([
    ...neededWaits(before).map(
      (wait): Act => ({ kind: 'wait.strike', id: wait.id, reason: 'no board in it' }),
    ),
    ...isolationActs(before),
    ...proofActs(before, id),
    ...neededCharges(before).map((charge): Act => ({ kind: 'charge.read', id: charge.id, typed: '0.3' })),
  ])
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
