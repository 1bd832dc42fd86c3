// A stock of labels by its millimetres, and a product's label many times on its sheets.
import { foundBakery, openSession, stays } from '@fair-tin/data'
import { expect, readText, test } from './bench'

test('a sheet of labels is written down in Kitchen, and a label printed on it from the one that is next', async ({
  page,
  baseURL,
}) => {
  const { bakery, staff } = await foundBakery('Sheet House', 'Orla Finch')
  const value = await openSession({ bakery, staff }, stays.password, 'a test')
  await page.context().addCookies([{ name: 'tin_session', value, url: baseURL!, httpOnly: true, sameSite: 'Lax' }])
  await page.goto('/kitchen')
  await page.getByRole('link', { name: 'Label stock' }).click()
  await page.getByRole('button', { name: 'Add a stock' }).click()
  await page.getByRole('button', { name: 'Keep the stock' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Give it a name.' })).toBeVisible()
  await page.getByLabel('What it is called').fill('Quay sheets')
  await page.getByLabel('Side by side').fill('3')
  await page.getByRole('button', { name: 'Keep the stock' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'stands out over the sheet' })).toBeVisible()
  await page.getByLabel('Side by side').fill('2')
  await expect(page.getByRole('img', { name: '8 labels on a sheet' })).toBeVisible()
  await page.getByRole('button', { name: 'Keep the stock' }).click()
  await expect(page.getByText('The label stock is kept.')).toBeVisible()

  await readText(page, 'Quay bar\nMakes 4\n\n200 g water')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Quay bar' })).toBeVisible()
  await page.goto(`${page.url().split('?')[0]!}?lid=label`)
  const label = page.getByRole('tabpanel', { name: /Label/ })
  await label.getByRole('combobox', { name: 'Label size' }).click()
  await page.getByRole('option', { name: /Quay sheets/ }).click()
  await label.getByLabel('Copies').fill('10')
  await label.getByLabel('From label').fill('7')
  await label.getByLabel('Marks to cut by').check()
  const address = (await label.getByRole('link', { name: 'Sheets as PDF' }).getAttribute('href'))!
  const answer = await page.request.get(address)
  expect(answer.headers()['content-type']).toBe('application/pdf')
  expect((await answer.body()).subarray(0, 5).toString()).toBe('%PDF-')
  for (const [wrong, said] of [
    ['copies=0', 'Print from 1 to 500'],
    ['start=none', 'Begin at a label'],
    ['size=gone', 'no such size'],
  ] as const) {
    const refused = await page.request.get(address.replace(new RegExp(`${wrong.split('=')[0]}=[^&]*`), wrong))
    expect(refused.status()).toBeGreaterThanOrEqual(400)
    expect(await refused.text()).toContain(said)
  }
})

test('an article number is checked and printed as bars, beside it a square code with lot and date', async ({
  page,
  baseURL,
}) => {
  const { bakery, staff } = await foundBakery('Number House', 'Orla Finch')
  const value = await openSession({ bakery, staff }, stays.password, 'a test')
  await page.context().addCookies([{ name: 'tin_session', value, url: baseURL!, httpOnly: true, sameSite: 'Lax' }])
  await readText(page, 'Quay bar\nMakes 4\n\n200 g water')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Quay bar' })).toBeVisible()
  await page.goto(`${page.url().split('?')[0]!}?lid=about`)
  const number = page.getByLabel('Article number (GTIN), printed as bars')
  await number.fill('6291041500214')
  await number.blur()
  await expect(page.getByText('Its last digit does not fit the others')).toBeVisible()
  // of twelve digits the last is worked out
  await number.fill('201234567890')
  await number.blur()
  await expect(number).toHaveValue('2012345678903')
  await expect(page.getByText('counts in your own shop')).toBeVisible()
  await page.getByRole('checkbox', { name: 'A square code too, with lot and date' }).check()
  await page.getByRole('tab', { name: /Label/ }).click()
  const label = page.getByRole('tabpanel', { name: /Label/ })
  await label.getByRole('combobox', { name: 'Label size' }).click()
  await page.getByRole('option', { name: '100 × 100' }).click()
  // bars and squares
  await expect.poll(() => label.locator('svg[data-label] rect[fill="#000"]').count()).toBeGreaterThan(100)
  await label.getByLabel('Lot').fill('two words')
  await expect(label.getByRole('alert')).toContainText('cannot stand in a code')
  const address = (await label.getByRole('link', { name: 'Label as PDF' }).getAttribute('href'))!
  const refused = await page.request.get(address)
  expect([refused.status(), await refused.text()]).toEqual([422, expect.stringContaining('cannot stand in a code')])
})
