import { drawScene, type Noise, record } from '../src/core/sound/hear/recordings.testing'
import { expect, type Page, PHONE, test } from './fixtures'
import { ready, saved, startJob } from './support'
import { wav } from './wav'

const RATE = 16_000
/** A made-up recording of a fan of five blades at 1062 turns a minute, near a phone that is quiet. */
const recording = (noise: Noise, name: string) =>
  wav(
    name,
    record(drawScene(noise, 4, { rate: RATE, seconds: 4, lineHz: 60, rpm: 1062, blades: 5, beside: [] })),
    RATE,
  )
const told = (page: Page) => page.getByTestId('told')

test('a fan that hums and stands: one tap makes the question a finding', async ({ page }) => {
  await startJob(page, 'bathroom fan does not turn')
  await page.getByLabel('Choose a recording').setInputFiles(recording('hum', 'hums.wav'))
  await expect(told(page)).toContainText('a motor that hums and stands?')
  await expect(told(page)).toContainText('nothing beats that tells it')
  await told(page)
    .getByRole('button', { name: /^Yes, note “.*hum/ })
    .click()
  await expect(told(page).getByRole('button', { name: 'Noted' })).toBeVisible()
  await saved(page)
  await page.reload()
  await ready(page)
  await expect(page.getByText(/hum/).first()).toBeVisible()
})

test.describe('on a phone', () => {
  test.use(PHONE)

  test('the instrument on a phone: a rough bearing with its beats, a good fan with its speed, silence and a voice as nothing sure', async ({
    page,
  }) => {
    const { ballMm, balls, pitchMm } = drawScene('outer-race', 4).bearing
    await page.goto(`/instruments?i=sound&blades=5&plate=1075&balls=${balls}&ball=${ballMm}&pitch=${pitchMm}`)
    await ready(page)
    const choose = page.getByLabel('Choose a recording')
    await choose.setInputFiles(recording('outer-race', 'rough.wav'))
    await expect(told(page)).toContainText('where the balls meet the outer race')
    await expect(told(page)).toContainText(/10[4-7]\d rpm/)
    await choose.setInputFiles(recording('none', 'good.wav'))
    await expect(told(page)).toContainText('it sounds as a fan that runs as it should')
    await choose.setInputFiles(recording('silence', 'silent.wav'))
    await expect(told(page)).toContainText('does it make no sound at all?')
    await choose.setInputFiles(recording('voice', 'talk.wav'))
    await expect(told(page)).not.toContainText('Likely')
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
  })
})
