import { join } from 'node:path'
import { chromium as engine, type Page } from '@playwright/test'
import { chromium } from '../e2e/chromium'

interface View {
  file: string
  /** Name of the machine whose job is shown, and its stage; or a path. */
  job?: [string, string]
  path?: string
  phone?: boolean
  before?: (page: Page) => Promise<void>
}

const settled = async (page: Page) => {
  const question = page.getByRole('button', { name: 'No, nothing' })
  if (await question.isVisible()) await question.click()
}

const views: View[] = [
  {
    file: 'bench',
    path: '/',
    before: async (page) => {
      await page.getByLabel('What has stopped?').fill('bathroom fan hums')
      // The verdicts of the list come behind it.
      await page.getByText('Is being worked out').first().waitFor({ state: 'detached' })
    },
  },
  { file: '1-notice', job: ['Gable fan', 'notice'] },
  { file: '2-make-dead', job: ['Gable fan', 'make-dead'] },
  {
    file: '3-measure',
    job: ['Dehumidifier', 'measure'],
    before: async (page) =>
      page.getByRole('button', { name: 'Read the label from a photo' }).first().waitFor(),
  },
  { file: 'where', job: ['Cooling unit', 'where'] },
  {
    file: '4-decide',
    job: ['Pellet stove', 'decide'],
    before: async (page) =>
      page.getByRole('heading', { name: 'Why' }).evaluate((heading) => heading.scrollIntoView()),
  },
  { file: '5-take-apart', job: ['Ventilator', 'take-apart'] },
  {
    file: '6-match',
    job: ['Range hood', 'match'],
    before: async (page) =>
      page
        .getByRole('heading', { name: 'Beside the old one' })
        .evaluate((heading) => heading.scrollIntoView()),
  },
  { file: '7-wire-and-refit', job: ['Cooling unit', 'refit'] },
  {
    file: '8-prove',
    job: ['Pellet stove', 'prove'],
    before: async (page) => page.locator('#watch').evaluate((part) => part.scrollIntoView()),
  },
  { file: 'stop', job: ['Greenhouse', 'notice'] },
  { file: 'record', job: ['Bathroom fan', 'record'] },
  { file: 'household', path: '/household' },
  { file: 'shelf', path: '/shelf' },
  {
    file: 'machine',
    path: '/machines/hr-outdoor',
    before: async (page) => page.getByTestId('drift').waitFor(),
  },
  {
    file: 'instruments',
    path: '/instruments?i=motor&cap=2',
    before: async (page) => page.locator('canvas').first().waitFor(),
  },
  {
    file: 'round',
    path: '/household/round',
    phone: true,
    before: async (page) => {
      await page.getByRole('button', { name: 'Begin the round' }).click()
      await page.getByRole('button', { name: 'Done', exact: true }).first().click()
      await page.getByText('1 of ').first().waitFor()
    },
  },
  {
    file: 'phone-proof',
    path: '/',
    phone: true,
    before: async (page) => {
      await page.getByLabel('What has stopped?').fill('bathroom fan hums')
      await page.getByRole('button', { name: 'Start the job' }).click()
      await page.waitForURL(/\/jobs\/[^/]+\/notice/)
      await page.goto(page.url().replace('/notice', '/make-dead'))
      await page.locator('html[data-ready]').waitFor()
      for (const point of ['wall-switch', 'breaker']) {
        const line = page.getByTestId(`point-${point}`)
        await line.getByRole('checkbox').click()
        await line.getByRole('group').getByRole('button').first().click()
      }
      for (const [question, answer] of [
        [/anything else feed/, /^no$/],
        [/How many circuits/, /^1$/],
        [/ground wire/, /^yes/],
        [/second live wire/, /^no/],
        [/Can you see whether/, /^yes/],
      ] as const)
        await page.getByRole('group', { name: question }).getByRole('button', { name: answer }).click()
      await page.getByRole('checkbox', { name: /known live source/ }).click()
      await page.getByRole('checkbox', { name: /set ON/ }).click()
      await page.getByTestId('pair-shown').evaluate((part) => part.scrollIntoView())
    },
  },
  {
    file: 'practice',
    path: '/practice',
    // A round with a code of its own: the same machine each time, opened, proved dead and read.
    before: async (page) => {
      await page.getByLabel('A code somebody gave you').fill('OU-77-psc-plain-v1')
      await page.getByRole('button', { name: 'Open' }).click()
      await page.getByTestId('machine').waitFor()
      const press = async (name: string) => {
        const before = await page.getByTestId('done').getByRole('listitem').count()
        await page.getByRole('button', { name, exact: true }).first().click()
        await page.getByTestId('done').getByRole('listitem').nth(before).waitFor()
      }
      await press('Listen')
      for (let left = 3; left > 0; left--) await press('Turn off')
      for (let left = 3; left > 0; left--) await press('Hold it off')
      await press('Take off: lid of the disconnect box')
      await press('Take off: service panel')
      for (const name of await page
        .getByTestId('proof')
        .getByRole('button')
        .evaluateAll((all) => all.map((each) => each.getAttribute('aria-label') ?? '')))
        await press(name)
      await page.getByTestId('wires').locator('summary').click()
      await press('Take off FAN of the capacitor: the brown lead of the motor')
      await page.getByRole('button', { name: 'microfarads' }).click()
      await page.locator('[data-probe="FAN"]').click()
      await page.locator('[data-probe="C"]').click()
      await page.getByTestId('display').getByText('µF').waitFor()
      await page.evaluate(() => window.scrollTo(0, 0))
    },
  },
]

const [address, folder] = process.argv.slice(2) as [string, string]
const browser = await engine.launch(chromium)
for (const view of views) {
  const page = await browser.newPage({
    viewport: view.phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    baseURL: address,
  })
  await page.goto(view.path ?? '/')
  if (view.job) {
    const [name, stage] = view.job
    const href = await page
      .getByTestId('job-list')
      .getByRole('link', { name: new RegExp(name) })
      .first()
      .getAttribute('href')
    await page.goto(href!.replace(/\/(notice|record)$/, `/${stage}`))
  }
  await page.locator('html[data-ready]').waitFor()
  await settled(page)
  await view.before?.(page)
  await page.evaluate(() => document.fonts.ready)
  await page.screenshot({ path: join(folder, `${view.file}.png`) })
  await page.close()
}
await browser.close()
