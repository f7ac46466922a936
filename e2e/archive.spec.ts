import { readFile } from 'node:fs/promises'
import { expect, test } from './fixtures'
import { saved, startJob } from './support'

test('a job is taken along as PDF, HTML and archive; the archive comes in once, and a false one is refused', async ({
  page,
}) => {
  await startJob(page, 'bathroom fan hums')
  await page.getByLabel('Where it stands').fill('archive room')
  await saved(page)
  const record = page.url().replace(/\/[a-z-]+$/, '/record')
  await page.goto(record)
  const taken = async (name: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name }).click(),
    ])
    return readFile(await download.path())
  }
  expect((await taken('As a PDF')).subarray(0, 5).toString()).toBe('%PDF-')
  const html = (await taken('As one HTML file')).toString()
  expect(html).toContain('archive room')
  expect(html).not.toContain('<script')
  const archive = await taken('As an archive')
  await page.goto('/household/data')
  const file = (bytes: Buffer) => ({ name: 'archive.zip', mimeType: 'application/zip', buffer: bytes })
  await page.getByLabel('Bring an archive in').setInputFiles(file(archive))
  await expect(page.getByRole('status')).toContainText('0 jobs, 0 machines and 0 photos came in.')
  await expect(page.getByRole('status')).toContainText('Here already, and left as they are:')
  await page.getByLabel('Bring an archive in').setInputFiles(file(archive.subarray(0, 300)))
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing was brought in' })).toBeVisible()
})

test('the whole household goes along as one file', async ({ page }) => {
  await page.goto('/household/data')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Take an archive along' }).click(),
  ])
  const bytes = await readFile(await download.path())
  expect(bytes.subarray(0, 2).toString()).toBe('PK')
  expect(download.suggestedFilename()).toBe('Rest Cog household.zip')
})
