import { writeFileSync } from 'node:fs'
import { expect, type Page, test } from './fixtures'
import { expectAccessible, goStage, openDemoJob, partsOut, ready, saved, startJob } from './support'

test('a universal motor typed from its box replaces a hood blower: judged, kept, chosen, bought, due on the bench', async ({
  page,
}) => {
  await startJob(page, 'range hood fan only one speed works')
  await goStage(page, 'match')
  for (const [label, typed] of [
    ['Volts', '115'],
    ['Power, hp', '1/20'],
    ['Speeds, fastest first, rpm', '1550/1400/1200'],
  ] as const)
    await page.getByLabel(label, { exact: true }).fill(typed)
  await page.getByLabel('Turns', { exact: true }).selectOption({ label: 'clockwise' })
  await page.getByRole('button', { name: 'Type a motor that you could buy' }).click()
  const candidate = page.getByTestId('candidate')
  await candidate.getByLabel('What it is, and where it was seen').fill('the box at the counter')
  await candidate
    .getByLabel('Or paste a specification, or what is printed on it')
    .fill(
      'TESSOCK TS-77 PSC MOTOR 1/20 HP 115V 60HZ RPM 1550 AMPS 1.2 CAP 4MFD 370V REV\nSHAFT 5/16" dia x 2.25" L',
    )
  await candidate.getByRole('button', { name: 'Read it' }).click()
  await expect(candidate.getByLabel('Volts', { exact: true })).toHaveValue('115')
  await expect(candidate.getByRole('status').first()).toContainText('speed count')
  await expect(candidate.getByLabel('Shaft diameter, in', { exact: true })).toHaveValue('5/16 in')
  await candidate.getByText('All its figures').click()
  await candidate.getByLabel('Speeds, fastest first, rpm').fill('1550/1300/1100')
  const sheet = page.getByTestId('match-sheet')
  await expect(sheet).toContainText('the box at the counter')
  await expect(sheet).toContainText('kept with this job')
  await sheet.getByRole('button', { name: 'Choose to try', exact: true }).first().click()
  await expect(sheet.getByRole('button', { name: 'To be tried' })).toHaveCount(1)
  await page.getByLabel('From whom').fill('the counter in town')
  await page.getByLabel('What it cost').fill('61.40')
  await page.getByRole('button', { name: 'Ordered today' }).click()
  await saved(page)
  await page.reload()
  await expect(page.getByTestId('candidate').getByLabel('What it is')).toHaveValue('the box at the counter')
  await page.goto('/')
  await expect(page.getByTestId('job-list').first()).toContainText('waits for the motor')
})

test('a list of a shop is taken in by its columns, bad lines are told, and its parts are judged beside the old one', async ({
  page,
}, info) => {
  const file = info.outputPath('Counter in town.csv')
  const lines = ['Item,Maker,HP,Voltage,RPM,Rotation,Shaft dia. (in),Mounting,List price']
  for (let n = 0; n < 1200; n++)
    lines.push(
      [
        `LX-${n}`,
        'Ivenholm',
        n % 50 === 0 ? 'strong' : ['1/6', '1/4', '1/3'][n % 3],
        ['115', '208-230'][n % 2],
        ['1075', '825'][n % 2],
        'REV',
        '1/2',
        'studs',
        40 + (n % 90),
      ].join(','),
    )
  writeFileSync(file, lines.join('\n'))
  await page.goto('/shelf')
  await ready(page)
  await page.getByLabel('Choose a file').setInputFiles(file)
  const mapping = page.getByTestId('mapping')
  await expect(mapping.getByLabel('Column HP is')).toHaveValue('hp')
  await expect(mapping.getByLabel('Column Shaft dia. (in) is')).toHaveValue('shaftDiameterMm')
  await expect(page.getByLabel('Lengths without a unit are')).toHaveValue('in')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await expect(page.getByTestId('import-report')).toContainText(
    '1,176 parts were taken in. 24 lines were left out.',
  )
  await page.getByText('Which lines, and why').click()
  await expect(page.getByTestId('import-report')).toContainText('hp: "strong" is not a power')
  await page.getByLabel('By number, maker, power, volts, speed, µF', { exact: true }).fill('LX-77 iven')
  await expect(page.getByRole('region', { name: /^Motors/ }).first()).toContainText('LX-77')
  await expectAccessible(page)
  const madeUp = page.getByRole('checkbox', { name: /made-up catalogue/ })
  await madeUp.click()
  await expect(madeUp).not.toBeChecked()
  await openDemoJob(page, 'Cooling unit', 'match')
  await expect(page.getByTestId('stored-match')).toContainText('Of 1,176 in your own lists')
  await expect(page.getByTestId('match-sheet')).not.toContainText('made-up catalogue')
  await page.getByLabel('Find one by number or maker, and see why not').fill('LX-3 ')
  await expect(page.getByTestId('match-sheet')).toContainText('LX-3')
  await page.goto('/shelf')
  await ready(page)
  await madeUp.click()
  await expect(madeUp).toBeChecked()
  await page.getByTestId('catalogues').getByRole('button', { name: 'Remove' }).click()
  await page.getByRole('button', { name: /for good/ }).click()
  await expect(page.getByTestId('catalogues')).not.toContainText('Counter in town')
})

test('a shaft too long and studs too long are made to fit: the mark is told large, and one list says the work', async ({
  page,
}) => {
  await openDemoJob(page, 'Cooling unit', 'match')
  for (const [label, typed] of [
    ['Old: motor face to hub', '52 mm'],
    ['Hub takes of the shaft', '38 mm'],
    ['New shaft, length', '150 mm'],
    ['New shaft, flat', '60 mm'],
    ['New studs, length', '34 mm'],
    ['Studs may be', '16 mm'],
  ] as const)
    await page.getByRole('textbox', { name: label }).fill(typed)
  const mark = page.getByTestId('fit-mark')
  await expect(mark).toContainText('2 1/16 in')
  await expect(mark).toContainText('beside the flat')
  await expect(page.getByRole('img', { name: /^Mark the shaft/ })).toBeVisible()
  await expect(page.getByTestId('work-list')).toContainText(/Cut 1 3\/4 in off the shaft/)
  await expect(page.getByTestId('work-list')).toContainText('Trim the studs')
  await page.getByRole('link', { name: 'Card for the counter' }).click()
  await expect(page.getByRole('heading', { name: 'Must match' })).toBeVisible()
  await expect(page.getByRole('main')).toContainText('Shaft 1/2 in across, not thicker.')
  await expectAccessible(page)
})

/** A fan of one speed behind its switch, with a capacitor of its own, on the bench, its ohms read. */
async function wired(page: Page) {
  await startJob(page, 'gable attic fan hums')
  await page.getByLabel('Motor, if you know').selectOption({ value: 'psc' })
  await goStage(page, 'measure')
  await partsOut(page, 'motor', 'capacitor')
  await page.getByRole('textbox', { name: 'Label' }).first().fill('5 uF 370 V')
  const windings = page.locator('#winding-old')
  await windings.getByLabel('Add leads by colour').fill('black, white, brown')
  await page.keyboard.press('Enter')
  for (const [pair, ohm] of [
    ['black to white', '20'],
    ['black to brown', '40'],
    ['white to brown', '60'],
  ] as const)
    await page.getByLabel(`${pair}, ohms`).fill(ohm)
  await saved(page)
  await goStage(page, 'refit')
}

test('a wrong wiring is drawn by keys and by thumb, its consequence named, and put right', async ({
  page,
}) => {
  await wired(page)
  const strip = page.getByRole('group', { name: 'Landing strip' })
  await page.getByRole('button', { name: 'Take these landings' }).click()
  const solved = page.getByTestId('solved-wiring')
  await expect(solved).toHaveAttribute('data-ok', 'true')
  await page.getByRole('button', { name: 'the start lead is off' }).click()
  await expect(page.getByTestId('what-if')).toContainText('hums and does not turn')
  // By keys: the start lead straight onto the other side of the line.
  await strip.getByRole('button', { name: /^brown, start/ }).focus()
  await page.keyboard.press('Enter')
  await strip.getByRole('button', { name: 'Land brown on neutral' }).focus()
  await page.keyboard.press('Enter')
  await expect(solved).toHaveAttribute('data-ok', 'false')
  await expect(solved.getByRole('listitem').first()).toBeVisible()
  // By thumb: back where it belongs.
  await page.setViewportSize({ width: 390, height: 844 })
  await strip.getByRole('button', { name: /^brown, start/ }).click()
  await strip.getByRole('button', { name: 'Land brown on capacitor 2' }).click()
  await expect(solved).toHaveAttribute('data-ok', 'true')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  await page.setViewportSize({ width: 1280, height: 800 })
  // By mouse: dragged onto a wrong place, and taken back.
  await strip.getByRole('button', { name: /^black, common/ }).hover()
  await page.mouse.down()
  await strip.locator('[data-terminal="capacitor 1"]').hover()
  await page.mouse.up()
  await expect(solved).toHaveAttribute('data-ok', 'false')
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(solved).toHaveAttribute('data-ok', 'true')
  await page.getByRole('link', { name: 'Card for the cabinet door' }).click()
  await expect(page.getByRole('row', { name: /brown/ })).toContainText('capacitor 2')
})

test('a part on the shelf is offered first, and a number that the counter names joins the chain', async ({
  page,
}) => {
  await page.goto('/shelf')
  await ready(page)
  await page.getByRole('button', { name: 'A motor lies there' }).click()
  for (const [label, typed] of [
    ['Part number', 'SH-NEW-2'],
    ['Volts', '208-230'],
    ['Power, hp', '1/4'],
    ['Speeds, fastest first, rpm', '825'],
  ] as const)
    await page.getByLabel(label, { exact: true }).fill(typed)
  await page.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(page.getByTestId('own-shelf')).toContainText('SH-NEW-2')
  await openDemoJob(page, 'Cooling unit', 'match')
  await expect(page.getByTestId('match-sheet').getByRole('columnheader').nth(1)).toContainText(
    'on your shelf',
  )
  await page.getByLabel('Part number', { exact: true }).first().fill('OLD-7')
  await page.getByRole('button', { name: 'Somebody names a newer number' }).click()
  await page.getByLabel('is replaced by').first().fill('SH-NEW-2')
  await page.getByLabel('Who says so').first().fill('the counter in town')
  await expect(page.getByTestId('chain')).toContainText('says the counter in town')
  await page.goto('/shelf')
  await ready(page)
  const own = page.getByTestId('own-shelf').getByRole('listitem').filter({ hasText: 'SH-NEW-2' })
  await own.getByRole('button', { name: 'Remove' }).click()
  await expect(page.getByTestId('own-shelf')).not.toContainText('SH-NEW-2')
})

test('a contactor is asked for by its own figures, and the page for the counter says them', async ({
  page,
}) => {
  await startJob(page, 'outdoor unit fan dead, compressor silent')
  await goStage(page, 'match')
  await page.getByRole('button', { name: 'Another part' }).click()
  await page.getByLabel('Which part', { exact: true }).selectOption('contactor')
  await page.getByLabel('Volts of its coil').fill('24')
  await page.getByLabel('Poles that it breaks').fill('1')
  await expect(page.getByTestId('ask-say')).toContainText('Coil for 24 V, the same')
  await expect(page.getByRole('main')).toContainText('FLA is for motors')
  await page.getByLabel('What goes in: number and maker').fill('KC-30 by Ivenholm')
  await saved(page)
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Card for the counter' }).click()
  await expect(page.getByRole('heading', { name: 'Contactor, in place of this one' })).toBeVisible()
  await expect(page.getByRole('main')).toContainText('1 pole, or more.')
})

test('a capacitor that fails less safely than the old one is told so, also where its figures are folded', async ({
  page,
}) => {
  await startJob(page, 'the outside unit fan hums')
  await goStage(page, 'match')
  await page.getByRole('button', { name: 'Capacitor', exact: true }).click()
  await page.getByLabel('Its label, as printed').fill('35+3 µF ±5% 450V~ C P2')
  await page.keyboard.press('Tab')
  await expect(page.getByTestId('ask-say')).toContainText('class P2 on its label')
  await page.getByRole('button', { name: 'Type a capacitor that you could buy' }).click()
  const beside = page.getByTestId('candidate')
  await beside.getByLabel(/^Or paste a specification/).fill('CBB65A 35+3uF 450VAC ±5% P0, round 50 x 95 mm')
  await beside.getByRole('button', { name: 'Read it' }).click()
  await expect(beside).toContainText('Its label says P0, the old one says P2.')
  await expect(beside.getByLabel(/^Can height/)).toHaveValue('95 mm')
  await beside.getByRole('button', { name: 'Fold' }).click()
  await expect(beside).toContainText('it can burst and burn')
  await expect(beside.getByRole('status').first()).not.toContainText('drops in')
})
