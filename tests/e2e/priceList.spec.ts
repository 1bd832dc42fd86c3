// A supplier's price list: columns named once, looked through first, taken whole, and the same again changes nothing.
import ExcelJS from 'exceljs'
import { choose, expect, test } from './bench'

const upload = (name: string, buffer: Buffer) => ({ name, mimeType: 'application/octet-stream', buffer })
const look = (page: import('@playwright/test').Page) => page.getByRole('button', { name: 'Look it through' }).click()

test('from CSV with semicolons and decimal commas, then again as XLSX', async ({ page }) => {
  await page.goto('/larder/prices')
  await choose(page, 'Supplier', 'Spindrift Flavours')
  const csv = [
    '\ufeffBezeichnung;Art. no.;Inhalt;Preis',
    'Ground cinnamon;SF-42;500 g;8,45',
    'Cocoa powder;SF-60;2 kg;24,90',
    'Moon sugar;SF-99;1 kg;3,00',
    'Mixed spice;SF-45;a jar;8,00',
    '=HYPERLINK("http://x");;1 kg;1,00',
  ].join('\r\n')
  await page.locator('input[type=file]').setInputFiles(upload('prices.csv', Buffer.from(csv)))
  await expect(page.getByText('prices.csv: 6 rows.')).toBeVisible()
  await choose(page, 'Article number', 'B: Art. no.')
  await look(page)
  await expect(page.getByRole('heading', { name: '2 new prices' })).toBeVisible()
  await expect(page.getByText('row 4 Not in the larder under Spindrift Flavours')).toBeVisible()
  await expect(page.getByText('row 5 “a jar” is no pack size')).toBeVisible()
  await expect(page.getByText('row 6 The name begins like a formula')).toBeVisible()
  await page.getByRole('button', { name: 'Take them all' }).click()
  await expect(page.getByText('2 new prices from Spindrift Flavours.')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Larder' })).toBeVisible()
  await expect(page.getByRole('row').filter({ hasText: 'ground cinnamon' })).toContainText('16.90')

  const book = new ExcelJS.Workbook()
  const sheet = book.addWorksheet('List')
  sheet.addRow(['Bezeichnung', 'Art. no.', 'Inhalt', 'Preis'])
  sheet.addRow(['Ground cinnamon', 'SF-42', '500 g', 8.45])
  sheet.addRow(['Cocoa powder', 'SF-60', '2 kg', { formula: 'D2*3', result: 26.5 }])
  await page.goto('/larder/prices')
  await choose(page, 'Supplier', 'Spindrift Flavours')
  await page
    .locator('input[type=file]')
    .setInputFiles(upload('prices.xlsx', Buffer.from(await book.xlsx.writeBuffer())))
  await expect(page.getByText('As you said the last time for this supplier.')).toBeVisible()
  await look(page)
  await expect(page.getByRole('heading', { name: '1 new price', exact: true })).toBeVisible()
  await expect(page.getByText('1 rows say what the larder has already')).toBeVisible()
})

test('fifty thousand rows: progress, and nothing hangs; a file that is no table is said to be none', async ({
  page,
}) => {
  test.slow()
  await page.goto('/larder/prices')
  await choose(page, 'Supplier', 'Orchard Row')
  await page
    .locator('input[type=file]')
    .setInputFiles(upload('list.csv', Buffer.from('MZ\u0000\u0001\u0002 programme')))
  await expect(page.getByRole('alert').filter({ hasText: 'list.csv is no table' })).toBeVisible()
  const rows = Array.from(
    { length: 50_000 },
    (_, at) => `${at % 5 === 0 ? 'Apples' : `Thing ${at}`},${(at % 40) + 1} kg,${(at % 90) + 1}.50`,
  )
  await page
    .locator('input[type=file]')
    .setInputFiles(upload('long.csv', Buffer.from(['Name,Pack,Price', ...rows].join('\n'))))
  await expect(page.getByText('long.csv: 50,001 rows.')).toBeVisible()
  await look(page)
  await expect(page.getByRole('heading', { name: /rows that cannot be taken/ })).toBeVisible({ timeout: 40_000 })
  await expect(page.getByText(/Thing 1\b/).first()).toBeVisible()
  await expect(page.getByRole('heading', { name: '8 new prices' })).toBeVisible()
})
