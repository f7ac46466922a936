import { expect, test } from './fixtures'
import { deadByStory, expectAccessible, goStage, ready, saved, send, startJob } from './support'

test('two machines on one breaker know of each other: neither gets power while hands are in the other', async ({
  page,
}) => {
  await startJob(page, 'the attic fan hums and does not start')
  await goStage(page, 'make-dead')
  await page.getByLabel('Which breaker feeds it').fill('breaker 14')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByTestId('circuit')).toContainText('Nothing else of this house')
  await saved(page)
  await deadByStory(page)
  await send(page, [
    { kind: 'ledger.add', id: 'attic-nut', after: null, line: { part: 'motor nut' } },
    { kind: 'ledger.tick', id: 'attic-nut', on: true },
  ])
  const attic = page.url()

  await startJob(page, 'the bath fan is noisy')
  await goStage(page, 'make-dead')
  // Another spelling of the same name is the same breaker.
  await page.getByLabel('Which breaker feeds it').fill(' Breaker 14')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByTestId('circuit')).toContainText('It also feeds Attic')
  const others = page.getByRole('region', { name: 'Somebody else works behind this' })
  await expect(others).toContainText(
    'Power here is power there. Hands are in there. 1 act of its way back is open',
  )
  await expectAccessible(page, 'everything')

  // Over there somebody says, when the nut is back, that hands are out.
  await page.goto(attic)
  await ready(page)
  await expect(page.getByTestId('state')).toContainText('PROVEN DEAD')
  await send(page, [{ kind: 'ledger.back', id: 'attic-nut', on: true }])
  await page.getByRole('button', { name: 'My hands and tools are out of the machine' }).click()
  await expect(others.getByRole('button')).toHaveCount(0)
  await saved(page)
})

test('two circuits have two breakers, and each is named', async ({ page }) => {
  await startJob(page, 'bathroom fan hums')
  await send(page, [{ kind: 'field.set', id: 'two-feeds', part: 'plan', field: 'feeds', typed: '2' }])
  await goStage(page, 'make-dead')
  await expect(page.getByTestId('point-breaker')).toHaveText([
    /^Breaker off(?!:)/,
    /^Breaker off: the one of circuit 2/,
  ])
  await expect(page.getByTestId('power-line')).toContainText('Breaker 2')
})
