// The main job from end to end: paste, size, cost, check, declare, print.
import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { choose, claimed, expect, readText, test } from './bench'

const card = `Plum teff slice
${claimed}
Makes 12 slices in a 20 cm square tin

For the base
300 g house flour blend
200 g teff flour
120 ml rapeseed oil
100 ml rice drink

For the filling
400 g damsons, stoned
90 g light cane sugar

To finish
30 g pumpkin seeds
1 tbsp rapeseed oil, for the tin

Method
Heat the oven to 180 °C.
Bake for 30-35 minutes.`

const ledgerRow = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Ledger' }).getByRole('row').filter({ hasText: name }).first()
/** In drawing order and without spaces: a word half in bold is two texts on both. */
const screenWords = async (page: Page): Promise<string> =>
  (await page.locator('svg[data-label] text').allTextContents()).join('').replace(/\s/g, '')
const pdfWords = (file: string): string =>
  execFileSync('pdftotext', ['-raw', file, '-'], { encoding: 'utf8' }).replace(/\s/g, '')

test('a recipe from a card becomes a label one can print', async ({ page }, info) => {
  await readText(page, card)
  await expect(page.getByRole('status').filter({ hasText: '8 lines, all understood' })).toBeVisible()
  await page.getByLabel('Bake loss %').fill('10')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Plum teff slice', level: 1 })).toBeVisible()

  // the name speaks of plums, and damsons are in it: nothing is claimed until somebody says so
  const head = page.getByRole('region', { name: 'Ledger' }).getByRole('columnheader')
  await expect(head.filter({ hasText: 'gluten' })).toContainText('unproven')
  const asked = page.getByRole('region', { name: 'Written, and in no line' })
  await expect(asked).toContainText('The name speaks of “plum”, and no line holds it.')
  await asked.getByRole('button', { name: 'It is not in it' }).click()
  await asked.getByLabel('Why “plum” is not in it').fill('the damsons are meant')
  await page.keyboard.press('Enter')
  await expect(asked).toContainText('“plum” is not in it: the damsons are meant.')

  // size: the weights follow the pieces
  await expect(ledgerRow(page, 'teff flour')).toContainText('200 g')
  await page.getByLabel(/^Make/).fill('36')
  await expect(ledgerRow(page, 'teff flour')).toContainText('600 g')
  await expect(ledgerRow(page, 'damsons')).toContainText('1.200 kg')
  await page.getByRole('radio', { name: '×1' }).click()

  // cost: 200 g of teff flour at 28.90 for 5 kg
  await expect(ledgerRow(page, 'teff flour')).toContainText('1.16')
  await page.getByRole('tab', { name: /Cost/ }).click()
  await expect(page.getByRole('tabpanel')).toContainText('For 12 made')

  // check: all proven but the nuts, whose swabs ran out
  await expect(head.filter({ hasText: 'gluten' })).toContainText('holds')
  await expect(head.filter({ hasText: 'nut' })).toContainText('unproven')
  await page.getByRole('button', { name: /^mixer: nut-free unproven/ }).click()
  await expect(page.getByText(/almond swabs S-096 ran out/)).toBeVisible()
  await page.keyboard.press('Escape')

  // declare: choose claims, name, keeping
  await page.getByRole('tab', { name: /Label/ }).click()
  await page.getByRole('button', { name: /^Change name/ }).click()
  const sheet = page.getByRole('tabpanel', { name: /About/ })
  await sheet.getByLabel('nut-free', { exact: true }).uncheck()
  await sheet.getByLabel('vegan', { exact: true }).check()
  await sheet.getByLabel('damsons, stoned').check()
  await sheet.getByLabel('teff flour').check()
  await page.getByLabel('Name of the food, as the label must say it').fill('Slice with plums and teff')
  await page.getByLabel('A piece is called').fill('slice')
  await page.getByLabel('Keeps, days').fill('4')
  await page.getByLabel('Storage, as printed').fill('Keep in a cool, dry place.')
  await page.getByLabel('Storage, as printed').press('Enter')
  await expect(page.getByRole('status').filter({ hasText: /saved$/ })).toBeVisible()
  await page.getByRole('tab', { name: /Label/ }).click()
  await expect(page.getByText('Nothing stands between this label and a signature')).toBeVisible()

  // print: the PDF says what the screen says, at true size
  const onScreen = await screenWords(page)
  expect(onScreen).toContain('Ingredients:Damsons(')
  const address = (await page.getByRole('link', { name: 'Label as PDF' }).getAttribute('href'))!
  const file = info.outputPath('label.pdf')
  const answer = await page.request.get(address)
  expect(answer.headers()['content-type']).toBe('application/pdf')
  writeFileSync(file, await answer.body())
  expect(pdfWords(file)).toBe(onScreen)
})

test('every demo label: PDF and screen say the same, at 100 × 70 mm, in embedded fonts, in legal letters', async ({
  page,
}, info) => {
  for (const id of ['damson-slice', 'ginger-teff-loaf', 'blackcurrant-bun', 'rhubarb-tartlet']) {
    await page.goto(`/products/${id}`)
    const file = info.outputPath(`${id}.pdf`)
    writeFileSync(file, await (await page.request.get(`/products/${id}/label.pdf`)).body())
    expect(pdfWords(file).length).toBeGreaterThan(200)
    // an article number's bars, and the digits below them, come a moment after the rest
    await expect.poll(() => screenWords(page), { message: id }).toBe(pdfWords(file))
    const [, width, height] = /Page size:\s+([\d.]+) x ([\d.]+) pts/.exec(
      execFileSync('pdfinfo', [file], { encoding: 'utf8' }),
    )!
    expect(Number(width) / 72).toBeCloseTo(100 / 25.4, 2)
    expect(Number(height) / 72).toBeCloseTo(70 / 25.4, 2)
    for (const font of execFileSync('pdffonts', [file], { encoding: 'utf8' }).trim().split('\n').slice(2))
      expect(font).toMatch(/Archivo.* yes +(?:yes|no) +yes +\d/)
    // a word's box is as tall as the font's ascent and descent: Archivo has 0.878 + 0.210 of the em, and x-height 0.526
    const boxes = [
      ...execFileSync('pdftotext', ['-bbox', file, '-'], { encoding: 'utf8' }).matchAll(
        /yMin="([\d.]+)" xMax="[\d.]+" yMax="([\d.]+)"/g,
      ),
    ].map(box => Number(box[2]) - Number(box[1]))
    expect(((Math.min(...boxes) / 1.088) * 0.526 * 25.4) / 72).toBeGreaterThanOrEqual(1.19)
  }
})

test('food that is written and stands in no line is asked, where it is read and at the bench, and claims wait for it', async ({
  page,
}) => {
  await readText(
    page,
    'Brushed slice\nMakes 4\n\n200 g teff flour\n50 g plant butter\n\nMethod\nRub in the butter.\nBrush with milk and bake.',
  )
  // plant butter is no butter
  await expect(page.getByText('The method speaks of “butter”, and no line holds it.')).toBeVisible()
  const milk = page.getByText('The method speaks of “milk”, and no line holds it.')
  await expect(milk).toBeVisible()
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  const asked = page.getByRole('region', { name: 'Written, and in no line' })
  await expect(asked).toContainText('“milk”')
  await page.getByRole('tab', { name: 'Label' }).click()
  await expect(page.getByText(/^Brushed slice: the method speaks of “milk”/)).toBeVisible()
  // one is made a line, where the sentence would have it; the other is answered for, and can be asked again
  await asked.getByRole('button', { name: 'Make it a line, on top' }).click()
  await expect(page.getByRole('region', { name: 'Ledger' }).getByRole('row').filter({ hasText: 'milk' })).toBeVisible()
  await expect(asked).not.toContainText('“milk”')
  await asked.getByRole('button', { name: 'The plant butter is meant' }).click()
  await expect(asked).toContainText('“butter” is not in it: the plant butter is meant. Nell Arrowby')
  await expect(page.getByText(/^Brushed slice: the method speaks/)).toHaveCount(0)
  await expect(page.getByRole('status').filter({ hasText: /saved$/ })).toBeVisible()
  await page.reload()
  await expect(asked).toContainText('the plant butter is meant')
  await asked.getByRole('button', { name: 'Ask again' }).click()
  await expect(asked).toContainText('The method speaks of “butter”, and no line holds it.')
})

test('what is typed before the page is ready counts', async ({ page }) => {
  await page.route('**/_next/static/chunks/**', async route => {
    await new Promise(ready => setTimeout(ready, 600))
    await route.continue()
  })
  await page.goto('/recipes/new', { waitUntil: 'commit' })
  const box = page.getByLabel('The recipe as written')
  await box.fill(card)
  await page.waitForLoadState('networkidle')
  await expect(box).toHaveValue(card)
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByRole('status').filter({ hasText: '8 lines, all understood' })).toBeVisible()
  // on any sheet
  await page.goto('/larder/new', { waitUntil: 'commit' })
  const name = page.getByLabel('Name', { exact: true })
  await name.fill('early bird seeds')
  await page.waitForLoadState('networkidle')
  await expect(name).toHaveValue('early bird seeds')
  await page.reload()
  await expect(name).toHaveValue('early bird seeds')
})

test('the main job by keyboard alone: paste, keep, size, price, claims, market, label', async ({ page }) => {
  const press = async (role: 'button' | 'tab' | 'link', name: string | RegExp, key = 'Enter') => {
    await page.getByRole(role, { name }).first().focus()
    await page.keyboard.press(key)
  }
  const quiet = async () => {
    await page.keyboard.press('Escape')
    await page.getByRole('region', { name: 'Ledger' }).focus()
  }
  await page.goto('/recipes')
  await expect(page.getByRole('heading', { name: 'Recipes', exact: true })).toBeVisible()
  await page.keyboard.press('n')
  await page.getByLabel('The recipe as written').focus()
  await page.keyboard.insertText(card.replace('Plum teff slice', 'Keyboard slice'))
  await press('button', 'Read it')
  await press('button', 'Keep the recipe')
  await expect(page.getByRole('heading', { name: /Keyboard slice/, level: 1 })).toBeVisible()
  await quiet()
  await page.keyboard.press('b')
  await page.keyboard.type('24')
  await expect(ledgerRow(page, 'teff flour')).toContainText('400 g')
  await quiet()
  await page.keyboard.press('[')
  await expect(ledgerRow(page, 'teff flour')).toContainText('200 g')
  await press('button', /^Price of teff flour/)
  await page.getByLabel('It costs, £').focus()
  await page.keyboard.press('Control+a')
  await page.keyboard.type('57.80')
  await expect(ledgerRow(page, 'teff flour')).toContainText('2.31')
  await page.keyboard.press('Escape')
  await expect(ledgerRow(page, 'teff flour')).toContainText('1.16')
  await quiet()
  await page.keyboard.press('7')
  await page.getByLabel('sesame-free', { exact: true }).focus()
  await page.keyboard.press('Space')
  await expect(page.getByRole('columnheader').filter({ hasText: 'sesame' })).toContainText('holds')
  await quiet()
  await page.keyboard.press('3')
  await expect(page.getByRole('tabpanel', { name: /Proof/ })).toContainText('Sesame-free')
  await page.keyboard.press('1')
  await page.getByLabel('Selling in').focus()
  await page.keyboard.press('Enter')
  await page.keyboard.type('United States')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/United States rules/)).toBeVisible()
  await page.getByLabel('Selling in').focus()
  await page.keyboard.press('Enter')
  await page.keyboard.type('United Kingdom')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/United Kingdom rules/)).toBeVisible()
  const opened = page.waitForEvent('popup')
  await press('link', 'Label as PDF')
  expect((await opened).url()).toContain('/label.pdf')
})

test('each demo product shows the trouble it is there for', async ({ page }) => {
  await page.goto('/recipes')
  const product = (name: string) =>
    page.getByRole('region', { name: 'Products' }).getByRole('listitem').filter({ hasText: name })
  await expect(product('Ginger teff loaf')).toContainText('nothing stands before the label')
  await expect(product('Damson & buckwheat slice')).toContainText('gluten-free breaks')
  await expect(product('Blackcurrant bun')).toContainText('gluten-free unproven')
  await expect(product('Rhubarb custard tartlet')).toContainText('no added sugars breaks')
  await product('Damson & buckwheat slice').getByRole('link').click()
  await page.getByRole('button', { name: 'release spray: gluten-free breaks' }).click()
  const reason = page.getByRole('dialog')
  await expect(reason).toContainText('Damson & buckwheat slice → release spray')
  await expect(reason).toContainText('contains wheat')
  await page.keyboard.press('Escape')
  await expect(page.getByText('House flour blend').first()).toBeVisible()
  await page.goto('/products/rhubarb-tartlet')
  await expect(page.getByText(/The nutrition table cannot be given\. Rhubarb: no energy, fat/)).toBeVisible()
})

test('the market in view changes whose rules are shown', async ({ page }) => {
  await page.goto('/products/ginger-teff-loaf')
  await choose(page, 'Selling in', 'European Union')
  await expect(page.getByText(/European Union rules/)).toBeVisible()
  await expect(page.getByText('is not put down for sale in this market (European Union)')).toBeVisible()
  await choose(page, 'Selling in', 'United Kingdom')
  await expect(page.getByText(/United Kingdom rules/)).toBeVisible()
})

test('the same product under United States rules, at once, and what differs and why', async ({ page }, info) => {
  await page.goto('/products/ginger-teff-loaf')
  await expect(page.getByText(/United Kingdom rules/)).toBeVisible()
  // the switch needs no server: it is cut off, and the label turns all the same
  await page.route('**/*', route => (route.request().resourceType() === 'fetch' ? route.abort() : route.continue()))
  await choose(page, 'Selling in', 'United States')
  await expect(page.locator('svg[data-label]')).toContainText('Nutrition Facts')
  await expect(page.locator('svg[data-label]')).toContainText('Serving size')
  await page.unroute('**/*')
  await page.getByRole('button', { name: 'Beside another market' }).click()
  const beside = page.getByRole('dialog')
  await expect(beside.locator('svg[data-label]')).toHaveCount(2)
  await expect(beside.getByRole('listitem').filter({ hasText: 'Net quantity' })).toContainText('Net Wt 38.8 oz')
  await expect(beside.getByRole('listitem').filter({ hasText: 'Net quantity' })).toContainText('1.1 kg')
  await expect(beside.getByRole('listitem').filter({ hasText: 'Nutrition table' })).toContainText('21 CFR 101.9')
  await choose(page, 'Beside which market', 'every other market')
  await expect(beside.locator('svg[data-label]')).toHaveCount(5)
  await expect(beside.getByRole('columnheader')).toHaveText([
    '',
    /United States/,
    /United Kingdom/,
    /European/,
    /Canada/,
    /Australia/,
  ])
  await expect(beside.getByRole('row', { name: /^Nutrition table/ })).toContainText('B.01.40')
  await page.keyboard.press('Escape')
  const onScreen = await screenWords(page)
  const file = info.outputPath('us.pdf')
  const address = (await page.getByRole('link', { name: 'Label as PDF' }).getAttribute('href'))!
  writeFileSync(file, await (await page.request.get(address)).body())
  expect(pdfWords(file)).toBe(onScreen)
})

test('prints in the browser, without the frame', async ({ page }) => {
  await page.goto('/products/ginger-teff-loaf/print?baked=2026-12-01&lot=L9')
  await expect(page.locator('svg[data-label]')).toContainText('Best before 7 December 2026')
  const box = (await page.locator('svg[data-label]').boundingBox())!
  expect(box.width / 96).toBeCloseTo(100 / 25.4, 1)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('navigation')).toBeHidden()
  await expect(page.locator('svg[data-label]')).toBeVisible()
})
