import { expect, type Page } from '@playwright/test'
import { PHONE, test } from './fixtures'
import { allOfStages, deadByStory, jobOf, ready, saved, send, startJob } from './support'

test.use({ serviceWorkers: 'allow', ...PHONE })

/** The stages of the job and what was stored last are kept on this device. */
const kept = (page: Page, rev: number) =>
  expect
    .poll(() =>
      page.evaluate(async () => {
        const id = location.pathname.split('/')[2]
        const pages = await (await caches.open('rest-cog-pages')).keys()
        const job = await (await caches.open('rest-cog-jobs')).match(`/api/jobs/${id}`)
        const { snapshot } = job ? await job.json() : { snapshot: null }
        return [pages.filter(({ url }) => url.includes(`/jobs/${id}/`)).length, snapshot?.job.rev ?? -1]
      }),
    )
    .toEqual([8, rev])

test('a phone without a connection goes through Notice and notes a way in, reloaded twice, and loses nothing', async ({
  page,
  context,
}) => {
  await startJob(page, 'the bathroom fan hums')
  await page.getByRole('group', { name: 'What you smell' }).getByRole('button', { name: 'nothing' }).tap()
  await saved(page)
  const { snapshot } = await jobOf(page)
  await kept(page, snapshot.job.rev)
  await context.setOffline(true)
  await page.reload()
  await ready(page)
  const state = page.getByTestId('state')
  await expect(state).toContainText('NOT KNOWN')
  await expect(page.getByRole('group', { name: 'What you smell' })).toBeHidden()
  await page.getByRole('group', { name: 'Signs of danger' }).getByRole('button', { name: 'none' }).tap()
  await page.goto(page.url().replace('notice', 'take-apart'))
  await ready(page)
  await allOfStages(page)
  await page.getByLabel(/Earlier repairs, damage/).fill('one screw of the grille is missing')
  const line = page.getByPlaceholder('4 hex 1/4 long, cup B')
  await line.fill('unclip grille')
  await page.getByRole('button', { name: 'Add line' }).tap()
  await expect(page.getByTestId('ledger')).toContainText('grille')
  await page.reload()
  await ready(page)
  await expect(state).toContainText('NOT KNOWN')
  await expect(page.getByTestId('ledger')).toContainText('grille')
  await expect(page.getByLabel(/Earlier repairs, damage/)).toHaveValue('one screw of the grille is missing')
  await context.setOffline(false)
  await expect(state).not.toContainText('NOT KNOWN')
  await saved(page)
  const after = (await jobOf(page)).snapshot
  expect(after.ledger.map(({ part }) => part)).toEqual(['grille'])
  expect(after.findings.map(({ observation }) => observation)).toEqual(
    expect.arrayContaining(['smell', 'danger-signs']),
  )
  await expect(page.locator('html')).not.toHaveAttribute('data-kept-since')
})

test('what stood proven dead is not known on a page that was opened without the server', async ({
  page,
  context,
}) => {
  await startJob(page, 'the bathroom fan hums')
  const { snapshot } = await jobOf(page)
  await send(page, [{ kind: 'machine.edit', field: 'motorKind', value: 'shaded-pole' }])
  await page.reload()
  await ready(page)

  await deadByStory(page)
  const state = page.getByTestId('state')
  await expect(state).toContainText('PROVEN DEAD')
  const rev = (await jobOf(page)).snapshot.job.rev
  expect(rev).toBeGreaterThan(snapshot.job.rev)
  await kept(page, rev)
  await context.setOffline(true)
  await page.goto(page.url().replace('notice', 'measure'))
  await expect(state).not.toContainText('PROVEN DEAD')
  await ready(page)
  await expect(state).toContainText('NOT KNOWN')
  await expect(state).toHaveAttribute('data-state', 'not-known')
  await expect(page.getByText(/nothing new opens/).first()).toBeVisible()
  // A page that is nobody's: the harness would wait for it to answer.
  await page.evaluate(() => window.location.assign('/instruments?never=opened'))
  await expect(page.getByRole('heading', { name: 'This page was not opened before' })).toBeVisible()
  await context.setOffline(false)
  await page.goBack()
  await ready(page)
  await expect(state).toContainText('PROVEN DEAD')
})

test('what says how to install it is ours, and its pictures are there', async ({ page }) => {
  const manifest = await (await page.request.get('/manifest.webmanifest')).json()
  expect(manifest).toMatchObject({ name: 'Rest Cog', display: 'standalone', start_url: '/' })
  for (const { src, type } of manifest.icons) {
    const picture = await page.request.get(src)
    expect(picture.ok(), src).toBe(true)
    expect(picture.headers()['content-type']).toContain(type)
  }
  await page.goto('/')
  await expect(page.locator('link[rel=manifest]')).toHaveAttribute('href', '/manifest.webmanifest')
})

test('what is worked out beside the page still is, once the pages are kept: a worker gets its address whole', async ({
  page,
}) => {
  await page.goto('/practice')
  await ready(page)
  await page.evaluate(() => navigator.serviceWorker.ready)
  // From the second page on, every file comes through the keeper.
  await page.reload()
  await ready(page)
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true)
  await page.getByRole('button', { name: 'Begin the lesson: Turn and air' }).tap()
  await page.getByTestId('machine').waitFor()
  await page.reload()
  await page.getByTestId('machine').waitFor()
})
