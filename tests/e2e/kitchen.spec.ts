// The kitchen: what it may add to the food moves every claim that asks about it.
import { choose, expect, test } from './bench'

test('what the kitchen shares is warned of on the label; what it keeps out is not', async ({ page }) => {
  await page.goto('/kitchen')
  await choose(page, 'How lupin is kept out', 'shared')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByText('The kitchen is kept.')).toBeVisible()
  await page.goto('/products/ginger-teff-loaf')
  await expect(page.locator('svg[data-label]')).toContainText('lupin')
  await page.goto('/kitchen')
  await choose(page, 'How lupin is kept out', 'not on site')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByText('The kitchen is kept.')).toBeVisible()
  await page.goto('/products/ginger-teff-loaf')
  await expect(page.locator('svg[data-label]')).not.toContainText('lupin')
})

test('a document without a date is refused, and what was typed stays', async ({ page }) => {
  await page.goto('/kitchen')
  await page.getByRole('button', { name: 'Add a document' }).click()
  await page.getByLabel('Reference').last().fill('lost paper')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'A document needs its date' })).toBeVisible()
  await expect(page.getByLabel('Reference').last()).toHaveValue('lost paper')
})
