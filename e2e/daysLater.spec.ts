import type { Act } from '../src/core/job'
import { expect, test } from './fixtures'
import { deadByStory, expectAccessible, goStage, openDemoJob, saved, send, startJob } from './support'

test.describe('days later, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('what was said of the power is asked again in one list, with its day; nothing opens before', async ({
    page,
  }) => {
    // The hood of the demo household waits for its motor since three days.
    await openDemoJob(page, 'Range hood', 'take-apart')
    const days = page.getByTestId('days-later')
    await expect(days).toContainText('Asked again: this was said')
    await expect(days).toContainText('On the bench then: motor')
    await expect(page.getByTestId('state')).toContainText('look at it again')
    await expectAccessible(page)
    const still = days.getByRole('button', { name: /^Still off/ })
    for (let left = await still.count(); left > 0; left--) {
      await expect(still).toHaveCount(left)
      await still.first().click()
    }
    await expect(days).toBeHidden()
    // It counts from now, and is proved from the beginning.
    await expect(page.getByTestId('state')).toHaveAttribute('data-state', 'isolated')
    await saved(page)
    await page.reload()
    await expect(days).toBeHidden()
    await deadByStory(page)
    await expect(page.getByTestId('state')).toHaveAttribute('data-state', 'proven-dead')
  })
})

test('a way in that was kept is offered at another machine of the kind, line by line, and nothing of it is done', async ({
  page,
}) => {
  await startJob(page, 'ceiling fan wobbles')
  await deadByStory(page)
  await goStage(page, 'take-apart')
  const lines: [string, object][] = [
    ['crown', { action: 'unscrew', part: 'brass crown', count: 3, fastener: 'small phillips', cup: 'A' }],
    ['glass', { action: 'lift-off', part: 'glass shade' }],
  ]
  await send(
    page,
    lines.flatMap(([id, line]): Act[] => [
      { kind: 'ledger.add', id, after: null, line },
      { kind: 'ledger.tick', id, on: true },
    ]),
  )
  await page.reload()
  await page.getByLabel('Keep this way in for the next time, as').fill('brass one in the hall')
  await expect(page.getByTestId('keep-way')).toContainText('offered for every machine of this kind')
  await saved(page)
  await startJob(page, 'other ceiling fan hums')
  await deadByStory(page)
  await goStage(page, 'take-apart')
  const own = page.getByTestId('own-ways')
  await expect(own).toContainText('brass one in the hall')
  await own.getByRole('button', { name: 'Begin with: brass one in the hall' }).click()
  const ledger = page.getByTestId('ledger')
  await expect(ledger).toContainText('brass crown')
  await expect(ledger).toContainText('3 × small phillips')
  await expect(ledger.getByRole('checkbox', { name: 'unscrew brass crown' })).not.toBeChecked()
  await saved(page)
})
