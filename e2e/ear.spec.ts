import { drawScene, type Noise, record } from '../src/core/sound/hear/recordings.testing'
import { expect, type Page, PHONE, test } from './fixtures'
import { expectAccessible, ready, saved, startJob } from './support'
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

/** Go to another stage of the job that is open. */
const stage = async (page: Page, name: string) => {
  await page.goto(page.url().replace(/\/[a-z-]+$/, `/${name}`))
  await ready(page)
}

test('a bearing job: the beat of its race is gone afterwards, its speed is measured, and the record draws both', async ({
  page,
  request,
}) => {
  await startJob(page, 'bathroom fan grinds')
  await page.getByLabel('Blades of the wheel').fill('5')
  await page.keyboard.press('Tab')
  await saved(page)
  await page.getByLabel('Choose a recording').setInputFiles(recording('outer-race', 'before.wav'))
  await expect(told(page)).toContainText('grinding?')
  await expect(page.getByTestId('sound-charts').getByRole('img')).toHaveCount(2)
  await page.getByRole('button', { name: /^Take 10[4-7]\d rpm as the speed/ }).click()
  await saved(page)
  await stage(page, 'measure')
  await expect(page.getByTestId('speed-verdict')).toContainText('A field of 6 poles turns 1200 rpm')

  await stage(page, 'prove')
  await page.getByLabel('Choose a recording').setInputFiles(recording('none', 'after.wav'))
  await expect(page.getByTestId('sound-difference')).toContainText('Its noise beats no more')
  await saved(page)

  await stage(page, 'record')
  const heard = page.getByTestId('heard')
  await expect(heard).toContainText('Before: before.wav')
  await expect(heard).toContainText('Its noise beats no more')
  await expect(heard.getByRole('img', { name: 'Level of each band of the sound' })).toBeVisible()
  await expect(heard.getByRole('img', { name: 'How often the noise swells and fades' })).toBeVisible()
  await expect(page.getByText(/^10[4-7]\d rpm$/)).toBeVisible()
  // The same two in the files that are given to somebody.
  const id = new URL(page.url()).pathname.split('/')[2]
  const html = await (await request.get(`/api/jobs/${id}/html`)).text()
  expect(html.match(/<figure class="chart">/g)).toHaveLength(2)
  expect(html).toContain('<svg')
  const pdf = await request.get(`/api/jobs/${id}/pdf`)
  expect(pdf.status()).toBe(200)
})

/** A microphone that hears a tone of so much of full scale. */
const hears = (page: Page, height: number) =>
  page.addInitScript((gain) => {
    navigator.mediaDevices.getUserMedia = async () => {
      const audio = new AudioContext()
      const source = audio.createOscillator()
      const level = audio.createGain()
      const out = audio.createMediaStreamDestination()
      source.frequency.value = 120
      level.gain.value = gain
      source.connect(level).connect(out)
      source.start()
      return out.stream
    }
  }, height)

test('while it records it says how loud it is, and that there is enough; then it listens', async ({
  page,
}) => {
  await hears(page, 0.3)
  await page.goto('/instruments?i=sound')
  await ready(page)
  await page.getByRole('button', { name: 'Record it' }).click()
  const level = page.getByTestId('level')
  await expect(level).toContainText('at least three seconds')
  await expect(level.getByRole('button', { name: 'Enough' })).toBeDisabled()
  await expect(level).toContainText('Good. Three seconds are enough')
  await level.getByRole('button', { name: 'Enough' }).click()
  await expect(told(page)).toContainText('a motor that hums and stands?')
})

test('a file is dropped onto it', async ({ page }) => {
  await page.goto('/instruments?i=sound')
  await ready(page)
  const { buffer } = recording('hum', 'hums.wav')
  const dropped = await page.evaluateHandle(
    (bytes) => {
      const data = new DataTransfer()
      data.items.add(new File([new Uint8Array(bytes)], 'hums.wav', { type: 'audio/wav' }))
      return data
    },
    [...buffer],
  )
  await page.getByTestId('take-sound').dispatchEvent('drop', { dataTransfer: dropped })
  await expect(told(page)).toContainText('a motor that hums and stands?')
})

test('too quiet and too loud are said while there is time to move', async ({ page }) => {
  await hears(page, 0.0005)
  await page.goto('/instruments?i=sound')
  await ready(page)
  await page.getByRole('button', { name: 'Record it' }).click()
  await expect(page.getByTestId('level')).toContainText('Too quiet: hold it nearer')
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(page.getByRole('button', { name: 'Record it' })).toBeEnabled()
  await expect(told(page)).toHaveCount(0)
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

test('the recording itself is kept only where that is asked for, and is heard again after a reload', async ({
  page,
}) => {
  await startJob(page, 'bathroom fan grinds')
  await page.getByLabel('Choose a recording').setInputFiles(recording('outer-race', 'not-kept.wav'))
  await expect(told(page)).toBeVisible()
  await expect(page.locator('audio')).toHaveCount(0)
  await page.getByRole('checkbox', { name: /^Keep the recording itself too/ }).check()
  const file = recording('outer-race', 'kept.wav')
  await page.getByLabel('Choose a recording').setInputFiles(file)
  await expect(page.getByLabel('The recording before')).toBeVisible()
  await saved(page)
  await page.reload()
  await ready(page)
  const heard = page.getByLabel('The recording before')
  const address = await heard.getAttribute('src')
  expect(Buffer.compare(await (await page.request.get(address!)).body(), file.buffer)).toBe(0)
  // Chromium reads it whole: its length is that of what was recorded.
  await heard.evaluate((audio: HTMLAudioElement) => {
    audio.preload = 'auto'
    audio.load()
  })
  await expect.poll(() => heard.evaluate((audio: HTMLAudioElement) => Math.round(audio.duration))).toBe(4)
  await expectAccessible(page)
})
