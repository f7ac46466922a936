import { expect, test } from './fixtures'
import {
  deadByStory,
  goStage,
  jobOf,
  knownKind,
  openDeadDemoJob,
  openDemoJob,
  ready,
  saved,
  startJob,
} from './support'

test('a job is walked by its number keys, and N goes to the next act', async ({ page }) => {
  await openDemoJob(page, 'Gable fan', 'notice')
  await page.locator('body').press('3')
  await page.waitForURL(/measure/)
  // Tabs of one job are told apart by their stage.
  await expect(page).toHaveTitle('Measure · Gable fan · Rest Cog')
  await page.keyboard.press('2')
  await page.waitForURL(/make-dead/)
  await expect(page).toHaveTitle(/^Make dead · /)
  await page.keyboard.press('n')
  await page.waitForURL(/measure/)
  await page.keyboard.press('g')
  await page.keyboard.press('b')
  await page.waitForURL((url) => url.pathname === '/')
})

test('find and act opens by its key and leads to a stage', async ({ page }) => {
  await openDemoJob(page, 'Gable fan', 'notice')
  await page.keyboard.press('Control+k')
  await page.getByPlaceholder(/^A job, a machine, a stage/).fill('match')
  await page.keyboard.press('Enter')
  await page.waitForURL(/match/)
})

test('resistances are typed round the ring with Enter, o is over-range, and a paste fills the rest', async ({
  page,
}) => {
  await openDeadDemoJob(page, 'Cooling unit', 'measure')
  const chord = (pair: string) => page.locator('#winding-new').getByLabel(`${pair}, ohms`)
  await chord('purple to yellow').focus()
  await page.keyboard.press('Control+a')
  await page.keyboard.type('o')
  await page.keyboard.press('Enter')
  await expect(chord('purple to orange')).toBeFocused()
  await expect(page.getByTestId('winding-new-verdict')).toHaveAttribute('data-verdict', /inconsistent|open/)
  await chord('purple to yellow').focus()
  await page.evaluate(() => {
    const data = new DataTransfer()
    data.setData('text', '13.4\n21.7\n34.9')
    document.activeElement!.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    )
  })
  await expect(chord('yellow to orange')).toHaveValue('34.9')
  await expect(page.getByTestId('winding-new-verdict')).toHaveAttribute('data-verdict', 'good')
})

test('a ledger line is ticked with T and moved with the keyboard', async ({ page }) => {
  await openDemoJob(page, 'Ventilator', 'take-apart')
  await deadByStory(page)
  const ledger = page.getByTestId('ledger')
  await expect(page.getByText('6 of 14 done')).toBeVisible()
  await page.locator('body').press('t')
  await expect(page.getByText('7 of 14 done')).toBeVisible()
  await page.getByRole('button', { name: 'Move line 14: motor' }).focus()
  await page.keyboard.press('Space')
  await expect(page.getByRole('button', { name: 'Move line 14: motor' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await page.keyboard.press('ArrowUp')
  // Picking up announces the line over its own place first: wait for the place of another.
  await expect(page.locator('[id^="DndLiveRegion"]')).toContainText(
    /item (\S+) was moved over droppable area (?!\1\b)\S+/,
  )
  await page.keyboard.press('Space')
  await expect(ledger.getByRole('listitem').nth(12)).toContainText('lift off motor')
})

test('in a hurry, by keyboard alone: from the bench to a proved capacitor and a verdict', async ({
  page,
}) => {
  await page.goto('/')
  await ready(page)
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key)
  }
  await press('n')
  await expect(page.getByLabel('What has stopped?')).toBeFocused()
  await page.keyboard.type('ceiling fan hums')
  await press('Enter')
  await page.waitForURL(/notice/)
  await ready(page)
  await press('2')
  await page.waitForURL(/make-dead/)
  await ready(page)
  await expect(page.getByRole('heading', { name: 'Prove it dead' })).toBeVisible()
  // What is answered by a look at the machine and its plate is known already.
  await knownKind(page)
  // A row is ticked by one press, and the next takes none right behind it: it is pressed again until it is taken.
  const tick = async (rows: number) => {
    for (let row = 0; row < rows; row++) {
      await saved(page)
      const { rev } = (await jobOf(page)).snapshot.job
      await expect(async () => {
        await page.keyboard.press('t')
        expect((await jobOf(page)).snapshot.job.rev).toBeGreaterThan(rev)
      }).toPass({ intervals: [100] })
    }
  }
  // Both points and their holds, the tester and the switch with T, three readings with R and Enter, switch and tester with T.
  await tick(6)
  await press('r')
  await expect(page.getByLabel('L–N', { exact: true })).toBeFocused()
  for (const volts of ['0.2', '0.1', '0.1']) {
    await page.keyboard.type(volts)
    await press('Enter')
  }
  await page.keyboard.press('Escape')
  await tick(2)
  await expect(page.getByTestId('state')).toContainText('PROVEN DEAD')
  await page.getByTestId('charge-volts').focus()
  await page.keyboard.type('0.3')
  await press('Escape', '3')
  await page.waitForURL(/measure/)
  await ready(page)
  // N goes to the answers of the next test, arrows through them, Enter lands one; until it is decided.
  const card = page.getByTestId('next-test')
  for (let count = 0; count < 30; count++) {
    const before = await card.textContent()
    if (/^Decided|^No test is left/.test(before!)) break
    await press('n')
    if (page.url().includes('decide')) break
    if (before!.includes('Type the reading')) {
      await press('Escape')
      await card.getByTestId('results').getByRole('button').first().focus()
      await press('ArrowDown')
    }
    await press('Enter')
    await expect(card).not.toHaveText(before!)
  }
  await press('4')
  await page.waitForURL(/decide/)
  await ready(page)
  // N agrees with nothing by itself: it brings the verdict under the hand, and Enter says it.
  await press('n')
  await expect(page.getByRole('button', { name: 'Agree' })).toBeFocused()
  await expect(page.getByTestId('decision')).toHaveCount(0)
  await press('Enter')
  await expect(page.getByTestId('decision')).toBeVisible()
})

test('N finds the place of a reading before its leads have names, and a result that lands leaves the keyboard at what comes next', async ({
  page,
}) => {
  await startJob(page, 'attic fan dead, smells burnt')
  await deadByStory(page)
  await goStage(page, 'measure')
  const next = page.getByTestId('next-test')
  await expect(next).toContainText('winding resistances')
  await page.locator('body').press('n')
  await expect(page.locator('#winding-old').getByLabel('Add leads by colour')).toBeFocused()
  await page.keyboard.type('black white brown')
  await page.keyboard.press('Enter')
  await expect(page.locator('#winding-old').getByLabel('black to white, ohms')).toBeVisible()
  // A result by tap: the button goes, and the next test has the keyboard.
  await next.getByRole('button', { name: 'Leave it out' }).click()
  await expect(next).not.toContainText('winding resistances')
  await expect(next).toBeFocused()
})
