import sharp from 'sharp'
import { expect, test } from './fixtures'
import { saved, startJob } from './support'

const picture = () =>
  sharp({ create: { width: 800, height: 600, channels: 3, background: '#5b6b62' } })
    .jpeg()
    .toBuffer()

test('marks on a photo, by thumb on a phone: drawn, worded, moved by keys, taken away, and there in the record', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await startJob(page, 'bathroom fan hums')
  await saved(page)
  await page.goto(page.url().replace(/\/[a-z-]+$/, '/take-apart'))
  await page
    .getByLabel('Take a photo of the machine as it was found')
    .setInputFiles({ name: 'as-found.jpg', mimeType: 'image/jpeg', buffer: await picture() })
  await page.getByRole('button', { name: /^Photo of the machine as it was found/ }).click()
  await page.getByRole('button', { name: 'Mark it' }).click()
  const canvas = page.locator('.konvajs-content')
  await expect(canvas).toBeVisible()
  const box = await canvas.boundingBox()
  if (!box) throw new Error('The canvas has no place.')
  await page.mouse.move(box.x + box.width * 0.2, box.y + box.height * 0.2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width * 0.6, box.y + box.height * 0.5, { steps: 4 })
  await page.mouse.up()
  const marks = page.getByRole('list', { name: 'Marks' })
  await expect(marks.getByRole('button', { name: 'an arrow' })).toBeVisible()
  await page.getByLabel('Words at the mark').fill('set screw')
  await expect(marks.getByRole('button', { name: 'an arrow, “set screw”' })).toBeVisible()
  await page.getByRole('button', { name: 'Wire colour' }).click()
  await page.getByRole('button', { name: 'Put it in the middle' }).click()
  await page.getByRole('button', { name: 'purple', exact: true }).click()
  const wire = marks.getByRole('button', { name: 'wire: purple' })
  await wire.focus()
  await page.keyboard.press('ArrowRight')
  await page.getByRole('button', { name: 'Circle' }).click()
  await page.getByRole('button', { name: 'Put it in the middle' }).click()
  await page.getByRole('button', { name: 'Take this mark away' }).click()
  await expect(marks.getByRole('button')).toHaveCount(2)
  await page.getByRole('button', { name: 'The marks are done' }).click()
  await expect(page.getByTestId('marks')).toBeVisible()
  await page.getByRole('button', { name: 'Close' }).click()
  await saved(page)
  await page.reload()
  await page.goto(page.url().replace(/\/[a-z-]+$/, '/record'))
  const drawn = page.getByTestId('photos').getByTestId('marks')
  await expect(drawn).toHaveAttribute('src', /set%20screw.*purple/)
})
