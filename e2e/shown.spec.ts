import { expect, PHONE, test } from './fixtures'
import { allOfStages, expectAccessible, goStage, openPoint, ready, send, startJob } from './support'

test.describe('somebody who has never opened a machine, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('is shown each question, each point and each reading alone, with what to do where they are not sure', async ({
    page,
  }) => {
    await startJob(page, 'bathroom fan hums')
    await send(page, [{ kind: 'machine.edit', field: 'motorKind', value: 'psc' }])
    await goStage(page, 'make-dead')
    // Where the next point is, drawn.
    await page.getByRole('button', { name: 'Where is it: Wall switch' }).click()
    await expect(page.getByTestId('where-drawn')).toContainText('the one that starts it')
    // Off and held the usual way is one tap; held otherwise, two.
    await page.getByTestId('point-wall-switch').getByRole('button', { name: 'off, and taped off' }).click()
    await openPoint(page, 'breaker')
    // The questions, two at a time; "not sure" leads on.
    const asked = page.getByRole('group', { name: /anything else feed it/ })
    await expect(page.getByRole('group', { name: /ground wire/ })).toBeHidden()
    await page.getByRole('button', { name: 'not sure' }).first().click()
    await expect(page.getByText('Most machines have none.')).toBeVisible()
    await asked.getByRole('button', { name: 'no', exact: true }).click()
    for (const [question, answer] of [
      [/How many circuits/, /^1/],
      [/ground wire/, /^yes/],
      [/second live wire/, /^no/],
      [/Can you see whether/, /^yes/],
    ] as const)
      await page.getByRole('group', { name: question }).getByRole('button', { name: answer }).click()
    // The meter is tried first, on a drawn socket.
    const socket = page.getByRole('img', { name: /one tip in each of the two holes of a socket/ })
    await expect(socket).toBeVisible()
    await expect(page.getByTestId('pair-shown').getByRole('img')).toHaveCount(0)
    await page.getByRole('checkbox', { name: /known live source/ }).click()
    await expect(socket).toHaveCount(0)
    await page.getByRole('checkbox', { name: /set ON for the readings/ }).click()
    for (const [pair, said] of [
      ['L–N', 'Red probe on the black wire, black probe on the white wire.'],
      ['L–ground', 'Red probe on the black wire, black probe on the bare copper wire.'],
      ['N–ground', 'Red probe on the white wire, black probe on the bare copper wire.'],
    ] as const) {
      await expect(page.getByRole('heading', { name: said })).toBeVisible()
      await expect(page.getByRole('img', { name: said })).toBeVisible()
      await expectAccessible(page, 'structure')
      await page.getByLabel(pair, { exact: true }).fill('0.2')
      await page.keyboard.press('Enter')
    }
    await page.getByRole('checkbox', { name: /off again, and held/ }).click()
    await page.getByRole('checkbox', { name: /tested again/ }).click()
    // What is emptied, and with what.
    await expect(page.getByTestId('charge-shown')).toContainText('Resistor lead on its two blades')
    await page.getByRole('button', { name: 'I have no resistor lead' }).click()
    await expect(page.getByTestId('charge-shown')).toContainText('let the meter empty it')
  })

  test('at the proof can stop, and has a card for whoever comes', async ({ page }) => {
    await startJob(page, 'bathroom fan hums')
    await goStage(page, 'make-dead')
    for (const point of ['wall-switch', 'breaker']) await openPoint(page, point)
    await send(page, [
      ...(['other-supply', 'feeds', 'earth', 'switched-live', 'switch'] as const).map((field, place) => ({
        kind: 'field.set' as const,
        id: `shown-${field}`,
        part: 'plan',
        field,
        typed: ['no', '1', 'ground', 'no', 'seen'][place] ?? '',
      })),
    ])
    await page.reload()
    await ready(page)
    await page.getByTestId('how-tester-before').waitFor()
    await page.getByRole('button', { name: 'not sure' }).first().click()
    await page.getByRole('button', { name: 'Stop here: somebody else does it' }).click()
    await expect(page.getByTestId('stop')).toBeVisible()
    await page.getByRole('link', { name: 'The card to show them' }).click()
    const card = page.getByTestId('call-card')
    await expect(card).toContainText('bathroom fan hums')
    await expect(card).toContainText('It was not proved dead.')
    await expectAccessible(page, 'structure')
  })
})

test.describe('who has it done, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('takes nothing apart, has the card, and closes the job', async ({ page }) => {
    await startJob(page, 'pellet stove exhaust blower squeals')
    await goStage(page, 'decide')
    await page.getByRole('button', { name: 'Have it done: hire somebody' }).click()
    await expect(page.getByTestId('decision')).toBeFocused()
    await expect(page.getByTestId('decision')).toContainText('You chose to have it done.')
    await expect(page.getByRole('link', { name: 'The card for whoever comes' })).toBeVisible()
    await goStage(page, 'take-apart')
    await expect(page.getByTestId('no-way-in')).toContainText('nothing has to be taken apart by you')
    await goStage(page, 'prove')
    await expect(page.getByRole('button', { name: 'Power on for the test' })).toBeHidden()
    await page.getByText('Handed to a trade', { exact: true }).click()
    await page.getByRole('button', { name: 'Close the job' }).click()
    await expect(page.getByRole('heading', { name: 'Closed' })).toBeVisible()
  })
})

test('where everything sits is drawn with the next act, and what the job asks of somebody', async ({
  page,
}) => {
  await startJob(page, 'the cooling unit outside hums and the fan stands still')
  await page.getByRole('link', { name: /Is this for me/ }).click()
  await page.waitForURL(/\/where$/)
  await ready(page)
  await expect(page.getByRole('img', { name: /Marked: thermostat/ })).toBeVisible()
  await page.getByRole('button', { name: 'It is off' }).click()
  await expect(page.getByRole('img', { name: /Marked: disconnect/ })).toBeVisible()
  await page.getByRole('button', { name: /^\d capacitor$/ }).click()
  await expect(page.getByRole('img', { name: /Marked: capacitor/ })).toBeVisible()
  const whether = page.getByTestId('for-me')
  await expect(whether).toContainText('240 V, until it is proved dead')
  await expect(whether).toContainText('a charge that stays after switching off')
  await expectAccessible(page, 'everything')
})

test.describe('a figure on a phone', () => {
  test.use(PHONE)

  test('has what it lacks in a bar above the keypad, which keeps the field', async ({ page }) => {
    await startJob(page, 'the dehumidifier hums')
    await goStage(page, 'make-dead')
    await allOfStages(page)
    await page.getByRole('button', { name: 'How long the lead stays on, from the label' }).tap()
    const field = page.getByLabel(/^Resistor lead/).first()
    await field.tap()
    const bar = page.getByRole('toolbar', { name: 'Signs for this figure' })
    await field.fill('4.7')
    await bar.getByRole('button', { name: 'k' }).tap()
    await expect(field).toHaveValue('4.7k')
    await expect(field).toBeFocused()
    await field.blur()
    await expect(bar).toHaveCount(0)
  })
})

test('a server that no longer answers is told on every page', async ({ page }) => {
  await page.goto('/household')
  await ready(page)
  // Frozen: it takes the question and says nothing.
  await page.route('**/api/health', () => {})
  await expect(page.getByText(/The server has not answered since/)).toBeVisible()
  await page.unroute('**/api/health')
  await expect(page.getByText(/The server has not answered since/)).toHaveCount(0)
})
