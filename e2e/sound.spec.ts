import { makeSound } from '../src/core/sound'
import { expect, test } from './fixtures'
import { ready, saved, startJob } from './support'
import { wav } from './wav'

const RATE = 44_100

test('the sound before and after, from two files: what differs stands in sentences, on the page and in the record', async ({
  page,
}) => {
  await startJob(page, 'bathroom fan squeals')
  const air = makeSound('roar', RATE, { seconds: 3 })
  const squeal = makeSound('squeal', RATE, { seconds: 3 })
  const squeals = air.map((each, index) => each * 0.6 + (squeal[index] ?? 0) * 0.6)
  const choose = page.getByLabel('Choose a recording')
  await choose.setInputFiles({ name: 'note.wav', mimeType: 'audio/wav', buffer: Buffer.from('no sound') })
  await expect(page.getByRole('alert').filter({ hasText: 'no recording' })).toBeVisible()
  await choose.setInputFiles(wav('before.wav', squeals))
  await expect(page.locator('#sound')).toContainText('before.wav')
  await saved(page)
  await page.goto(page.url().replace(/\/[a-z-]+$/, '/prove'))
  await ready(page)
  await choose.setInputFiles(
    wav(
      'after.wav',
      air.map((each) => each * 0.3),
    ),
  )
  const difference = page.getByTestId('sound-difference')
  await expect(difference).toContainText(/\d+\.\d dB quieter than before\./)
  await expect(difference).toContainText(/Gone: .*2[2-4]\d\d Hz/)
  await saved(page)
  await page.goto(page.url().replace(/\/[a-z-]+$/, '/record'))
  await expect(page.getByTestId('heard')).toContainText('Gone: ')
})
