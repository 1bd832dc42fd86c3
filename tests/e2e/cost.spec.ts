// What it costs and what to charge: on the bench, under Kitchen, in Today, for the shops, and by what earns.
import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { choose, expect, readText, test } from './bench'

const lid = (page: Page) => page.getByRole('tabpanel')
const saved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: /Recipe draft \d+, saved/ })).toBeVisible()
async function freshCost(page: Page, name: string): Promise<void> {
  await readText(page, `${name}\nMakes 10\n\n1 kg sorghum flour\n200 g caster sugar\n\nMix well.\nBake for 30 minutes.`)
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await saved(page)
  await page.getByRole('tab', { name: 'Cost' }).click()
}
const part = (page: Page, name: string) =>
  lid(page)
    .locator('li > details')
    .filter({ hasText: new RegExp(`^▸${name}`) })

test('the cost opens into where it came from, and what nobody set is named, never nothing', async ({ page }) => {
  await freshCost(page, 'Costed buns')
  await expect(lid(page)).toContainText('at least')
  await lid(page)
    .getByText(/^Without what it is packed in/)
    .click()
  await expect(lid(page)).toContainText('the work of making Costed buns')
  await expect(part(page, 'ingredients')).toContainText('£3.60')
  await part(page, 'ingredients').locator('summary').click()
  await expect(part(page, 'ingredients').getByRole('row').filter({ hasText: 'sorghum flour' })).toContainText('£3.38')
  // work, typed: every key moves the labour
  await lid(page).getByLabel('minutes').first().fill('20')
  await expect(part(page, 'labour')).toContainText('£')
  await expect(lid(page)).not.toContainText('the work of making Costed buns')
  await lid(page).getByLabel('minutes').first().fill('-4')
  await expect(lid(page).getByRole('alert')).toContainText('how many minutes')
  await lid(page).getByLabel('minutes').first().fill('60')
  await page.keyboard.press('Enter')
  await part(page, 'labour').locator('summary').click()
  await expect(part(page, 'labour').getByRole('row').filter({ hasText: 'Mix well.' })).toContainText('£14.50')
  await lid(page).getByRole('button', { name: 'It is not packed' }).click()
  await saved(page)
  await page.reload()
  await page.getByRole('tab', { name: 'Cost' }).click()
  await part(page, 'labour').locator('summary').click()
  await expect(part(page, 'labour').getByRole('row').filter({ hasText: 'Mix well.' })).toContainText('£14.50')
})

test('packing and losses are carried by what is sold; all of it lost is said', async ({ page }) => {
  await freshCost(page, 'Packed buns')
  await lid(page).getByRole('button', { name: 'Add a packing' }).click()
  await lid(page).getByLabel('one costs, £').fill('0.20')
  await page.keyboard.press('Enter')
  // ten packs of one at 20p
  await expect(part(page, 'packing')).toContainText('£2.00')
  await lid(page).getByLabel('not sold, %').fill('50')
  await page.keyboard.press('Enter')
  await expect(lid(page)).toContainText('For 10 made, 5 sold')
  await lid(page).getByLabel('not sold, %').fill('100')
  await expect(lid(page)).toContainText('not known')
  await expect(page.locator('body')).not.toContainText('NaN')
  await expect(page.locator('body')).not.toContainText('Infinity')
  await page.keyboard.press('Enter')
  await lid(page).getByLabel('not sold, %').fill('101')
  await expect(lid(page).getByRole('alert')).toContainText('No more than all of it')
  await page.keyboard.press('Escape')
  await saved(page)
})

test('a price from margin, on a price point, with what it leaves; under the floor it is said', async ({ page }) => {
  await freshCost(page, 'Priced buns')
  await lid(page).getByRole('button', { name: 'It is not packed' }).click()
  await choose(page, 'Priced by', 'margin, of the net price')
  // each is saved before the next is written
  await saved(page)
  await lid(page).getByLabel('share, %').fill('50')
  await page.keyboard.press('Enter')
  await expect(lid(page)).toContainText('needs which rate of tax it takes')
  await choose(page, 'Tax here', 'standard, 20 %')
  const take = lid(page).getByRole('button', { name: /^Take .* for a pack/ })
  await expect(take).toBeVisible()
  await expect(take).toContainText(/£\d+\.\d5$/)
  await take.click()
  await expect(lid(page).getByLabel('Price of a pack')).not.toHaveValue('')
  await saved(page)
  await lid(page).getByLabel('never under a margin of, %').fill('90')
  await page.keyboard.press('Enter')
  await saved(page)
  await expect(page.getByText('you wanted')).toHaveCount(0)
  await expect(lid(page)).toContainText('under your floor')
  await lid(page).getByLabel('Price of a pack').fill('lots')
  await expect(lid(page).getByRole('alert')).toContainText('Write a price as a number')
  await expect(lid(page).getByLabel('Price of a pack')).toHaveValue('lots')
  await page.keyboard.press('Escape')
  await saved(page)
  await page.goto('/')
  const matter = page.getByRole('listitem').filter({ hasText: 'A pack of Priced buns' })
  await expect(matter).toContainText('under your floor of 90 %')
  await expect(matter).toContainText('would keep the floor')
  await matter.getByRole('link', { name: 'Look at the price' }).click()
  await expect(page.getByRole('tab', { name: 'Cost' })).toHaveAttribute('aria-selected', 'true')
})

test('what if: a price moved, the batch doubled, what moves it most, the free-from premium, over six weeks', async ({
  page,
}) => {
  await page.goto('/products/damson-slice?lid=cost')
  await expect(lid(page)).toContainText('Make twice as much')
  await choose(page, 'What if the price of', 'plant butter')
  await lid(page).getByRole('slider').fill('3')
  await expect(lid(page)).toContainText('goes to 300 % of today’s')
  await expect(lid(page)).toContainText(/A slice would cost £\d\.\d\d, \+£0\.\d\d/)
  await expect(
    lid(page)
      .getByRole('table', { name: /What a tenth more/ })
      .getByRole('row')
      .first(),
  ).toContainText('damsons')
  await expect(lid(page)).toContainText('plant butter instead of butter')
  await expect(lid(page)).toContainText('The batch has paid for itself after')
  await lid(page)
    .getByText(/on which prices moved it/)
    .click()
  await expect(
    lid(page)
      .getByRole('table', { name: /What a slice cost/ })
      .getByRole('row')
      .nth(1),
  ).toContainText('%')
})

test('what to buy for the ordered days: whole packs after stock, by supplier, as CSV', async ({ page }) => {
  await page.goto('/orders')
  await page.getByRole('link', { name: 'What to buy' }).click()
  const list = page.getByRole('region', { name: 'Shopping list' })
  await expect(list.getByRole('table').first()).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: 'in whole packs' })).toContainText('£')
  const coming = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as CSV' }).click()
  const text = await readFile(await (await coming).path(), 'utf8')
  expect(text).toContain('Supplier,Article,What')
  expect(text.split('\r\n').length).toBeGreaterThan(4)
  for (const box of await page.getByRole('group', { name: 'For the days' }).getByRole('checkbox').all())
    await box.uncheck()
  await expect(page.getByText('Nothing has to be bought for these days.')).toBeVisible()
})

test('what earns: by the hour of work and oven, and what is not known is a question mark', async ({ page }) => {
  await page.goto('/recipes')
  await page.getByRole('link', { name: 'What earns' }).click()
  const table = page.getByRole('region', { name: 'Products by what they earn' })
  await expect(table.getByRole('row').filter({ hasText: 'Blackcurrant bun' })).toContainText(
    'without what a pack is sold for',
  )
  await expect(table.getByRole('row').filter({ hasText: 'Blackcurrant bun' })).toContainText('?')
  await table.getByRole('button', { name: 'Packs ordered' }).click()
  await expect(table.getByRole('columnheader', { name: 'Packs ordered' })).toHaveAttribute('aria-sort', 'descending')
  await expect(page.getByRole('img', { name: /Margin by packs ordered/ })).toBeVisible()
})
