import { expect, PHONE, test } from './fixtures'
import { allOfStages, expectAccessible, goStage, jobOf, saved, send, startJob } from './support'

test.describe('a machine that is handed over, on a phone', () => {
  test.use(PHONE)

  test('is left to somebody before anything is opened, and closes so without its end being asked', async ({
    page,
  }) => {
    await startJob(page, 'furnace inducer squeals')
    await page.getByRole('link', { name: /^Is this for me/ }).click()
    await page.waitForURL(/where/)
    await page.getByRole('button', { name: 'Have it done: hire somebody' }).click()
    const handed = page.getByTestId('no-hands')
    // Nothing was switched off: it says so, and how.
    await expect(handed).toContainText('Switch it off and leave it so.')
    await expectAccessible(page)
    await handed.getByRole('link', { name: 'How to switch it off' }).click()
    await page.waitForURL(/make-dead/)
    await allOfStages(page)
    for (const point of await page.getByTestId(/^point-/).all()) await point.getByRole('checkbox').click()
    await saved(page)
    await goStage(page, 'decide')
    await expect(handed).toContainText('Leave it switched off.')
    await handed.getByRole('link', { name: 'The card for whoever comes' }).click()
    await page.waitForURL(/call-card/)
    await expect(page.getByRole('main')).toContainText('Please find the fault')
    await page.goBack()
    await handed.getByRole('link', { name: 'Close the job' }).click()
    await page.waitForURL(/prove/)
    await expect(page.getByRole('button', { name: 'Handed to a trade' })).toHaveAttribute(
      'aria-pressed',
      'true',
    )
    await page.getByRole('button', { name: 'Close the job' }).click()
    await expect(page.getByRole('link', { name: 'Open the record' })).toBeVisible()
    expect((await jobOf(page)).snapshot.job).toMatchObject({ status: 'closed', result: 'handed-over' })
  })

  test('with a sign of danger names no switch', async ({ page }) => {
    await startJob(page, 'furnace inducer squeals')
    await goStage(page, 'decide')
    await page.getByRole('button', { name: 'Have it done: hire somebody' }).click()
    await expect(page.getByTestId('no-hands')).toContainText('Switch it off')
    await send(page, [{ kind: 'finding.set', id: 'gas', observation: 'smell', value: 'gas' }])
    await page.getByRole('button', { name: 'Read on, without working' }).click()
    await expect(page.getByTestId('no-hands')).toContainText('What the sign of danger asks for comes first.')
    await expect(page.getByRole('link', { name: 'How to switch it off' })).toHaveCount(0)
  })
})
