import { rmSync, writeFileSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { expect, type Page } from '@playwright/test'
import LibsqlDatabase from 'libsql'
import { test as base, serving } from './fixtures'
import { deadByStory, expectAccessible, jobOf, openDemoJob, ready, saved, startJob } from './support'

/** A household of its own: these journeys lose, damage and restore it. */
const test = base.extend<object, { own: { port: number; folder: string } }>({
  own: [
    // biome-ignore lint/correctness/noEmptyPattern: a fixture that needs no other says so
    async ({}, use) => serving((port, folder) => use({ port, folder })),
    { scope: 'worker' },
  ],
  baseURL: async ({ own }, use) => use(`http://127.0.0.1:${own.port}`),
})

test.describe.configure({ mode: 'serial' })

const data = async (page: Page) => {
  await page.goto('/household/data')
  await ready(page)
}
const titles = async (page: Page): Promise<string[]> => {
  await page.goto('/household')
  return page.getByRole('region', { name: 'Machines' }).locator('p.font-bold').allTextContents()
}

test('a household is backed up, lost, and restored as it was', async ({ page, own }) => {
  const before = await titles(page)
  await data(page)
  await expect(page.getByText(own.folder, { exact: true })).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Back up now, as a download' }).click(),
  ])
  expect(download.suggestedFilename()).toMatch(/^rest-cog-\d{4}-\d{2}-\d{2}-\d{4}\.zip$/)
  const backup = await readFile(await download.path())
  await page.goto('/household')
  await ready(page)
  const hood = page
    .getByRole('region', { name: 'Machines' })
    .getByRole('listitem')
    .filter({ hasText: 'Range hood' })
  await hood.getByRole('button', { name: 'Delete this machine' }).click()
  await expect(page.getByRole('dialog')).toContainText('Along with it go')
  await page.getByRole('button', { name: 'Delete it' }).click()
  await expect(hood).toHaveCount(0)
  await data(page)
  await page.getByRole('button', { name: 'Delete for good now' }).click()
  await page.getByRole('button', { name: 'Yes, for good' }).click()
  await expect(page.getByText('Nothing was deleted within the last day.')).toBeVisible()
  expect(await titles(page)).toEqual(before.filter((title) => title !== 'Range hood'))
  await startJob(page, 'the ceiling fan wobbles')
  await data(page)
  await page
    .getByLabel('Choose a backup')
    .setInputFiles({ name: 'b.zip', mimeType: 'application/zip', buffer: backup })
  const preview = page.getByTestId('restore-preview')
  await expect(preview).toContainText(`${before.length} machines`)
  await expect(preview).toContainText('1 job. They go: they are not in the backup.')
  await expect(preview).toContainText('made dead anew before hands go in')
  await expectAccessible(page, 'everything')
  // A window that stands open at a machine that is proven dead meanwhile.
  const other = await page.context().newPage()
  await openDemoJob(other, 'Ventilator', 'measure')
  await deadByStory(other)
  await expect(other.getByTestId('state')).toContainText('PROVEN DEAD')
  await page.getByRole('button', { name: 'Restore it here' }).click()
  await expect(
    page.getByRole('status').filter({ hasText: 'Restored. What was here before lies in' }),
  ).toBeVisible()
  await expect(page.getByText(/^Laid aside: before-restore-/)).toBeVisible()
  await expect(other.getByTestId('state')).not.toContainText('PROVEN DEAD')
  await other.close()
  expect(await titles(page)).toEqual(before)
  await page.goto('/')
  await expect(page.getByTestId('job-list').first()).not.toContainText('Proven dead')
})

test('a backup that is none is refused, and nothing is changed', async ({ page }) => {
  await data(page)
  await page
    .getByLabel('Choose a backup')
    .setInputFiles({ name: 'letters.zip', mimeType: 'application/zip', buffer: Buffer.from('dear diary') })
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing was' })).toBeVisible()
  await expect(page.getByTestId('restore-preview')).toHaveCount(0)
})

test('backups go into a folder by themselves; one that is not there is refused with what to do', async ({
  page,
  own,
}) => {
  await data(page)
  const folder = page.getByLabel('Folder on this machine, best on another disk')
  await folder.fill('/no/such/folder')
  await page.getByRole('button', { name: 'Use this folder' }).click()
  await expect(
    page.getByRole('alert').filter({ hasText: 'There is no folder /no/such/folder' }),
  ).toBeVisible()
  await folder.fill(join(own.folder, 'photos'))
  await page.getByRole('button', { name: 'Use this folder' }).click()
  await page.getByLabel('How often').selectOption('every day')
  await page.getByRole('button', { name: 'Back up there now' }).click()
  await expect(
    page.getByRole('status').filter({ hasText: /The backup lies in .*rest-cog-.*\.zip/ }),
  ).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('How often')).toHaveValue('day')
})

test('a job is deleted with what goes along told, and brought back', async ({ page }) => {
  await startJob(page, 'the bathroom fan rattles in the delete room')
  await page.getByLabel('Where it stands').fill('delete room')
  await saved(page)
  const address = page.url()
  await page.goto(address.replace('notice', 'record'))
  await ready(page)
  await page.getByRole('button', { name: 'Delete this job' }).click()
  await expect(page.getByRole('dialog')).toContainText('For a day it can be brought back')
  await page.getByRole('button', { name: 'Delete it' }).click()
  await page.waitForURL(/\/$/)
  await expect(page.getByTestId('job-list').first()).not.toContainText('delete room')
  await page.goto(address)
  await expect(page.getByRole('heading', { name: 'This job was deleted' })).toBeVisible()
  await data(page)
  const deleted = page
    .getByRole('region', { name: 'Deleted' })
    .getByRole('listitem')
    .filter({ hasText: 'delete room' })
  await deleted.getByRole('button', { name: 'Bring it back' }).click()
  await expect(deleted).toHaveCount(0)
  await page.goto(address)
  await expect(page.getByLabel('Where it stands')).toHaveValue('delete room')
})

test('a damaged row, a missing and a damaged photo take nothing else away, and it is said what to do', async ({
  page,
  own,
}) => {
  await startJob(page, 'the bathroom fan howls')
  const { snapshot } = await jobOf(page)
  const { job } = snapshot
  await page.goto('/household')
  const before = await titles(page)
  const file = new LibsqlDatabase(join(own.folder, 'rest-cog.db'))
  const [photo] = file
    .prepare('select "platePictureHash" as hash from machine where "platePictureHash" is not null limit 1')
    .all() as { hash: string }[]
  file.exec(`update job set "openedAt" = 'x' where id = '${job.id}'`)
  file.close()
  writeFileSync(join(own.folder, 'photos', `${photo?.hash}.webp`), 'no picture')
  await page.goto('/')
  const row = page.getByTestId('job-list').getByRole('listitem').filter({ hasText: 'howls' })
  await expect(row).toContainText('A stored value cannot be read')
  expect(await titles(page)).toEqual(before)
  await data(page)
  await page.getByRole('button', { name: 'Check the data folder' }).click()
  const lines = page.getByTestId('check-lines')
  await expect(lines).toContainText('openedAt of job')
  await expect(lines).toContainText('1 photo is damaged.')
  rmSync(join(own.folder, 'photos', `${photo?.hash}.webp`))
  await page.getByRole('button', { name: 'Check the data folder' }).click()
  await expect(lines).toContainText('1 photo that a line names is missing.')
  await lines.getByRole('link', { name: 'Open it' }).click()
  const trouble = page.getByTestId('damaged-job')
  await expect(trouble).toContainText('holds “x”')
  await expectAccessible(page, 'everything')
  const [archive] = await Promise.all([
    page.waitForEvent('download'),
    trouble.getByRole('link', { name: 'As an archive' }).click(),
  ])
  expect((await readFile(await archive.path())).subarray(0, 2).toString()).toBe('PK')
  await trouble.getByRole('button', { name: 'Delete this job' }).click()
  await page.getByRole('button', { name: 'Delete it' }).click()
  await page.waitForURL(/\/$/)
  await expect(page.getByTestId('job-list').first()).not.toContainText('howls')
})
