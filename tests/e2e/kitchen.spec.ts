// The kitchen: what it may add to the food moves every claim that asks about it. All that changes the one kitchen stands here:
// two tests at once would each find it changed by somebody.
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

test('money under Kitchen: a rate of tax, a running cost; what cannot be is said and nothing typed is lost', async ({
  page,
}) => {
  await page.goto('/kitchen')
  await page.getByRole('button', { name: 'Add a running cost' }).click()
  await page.getByLabel('name', { exact: true }).last().fill('van')
  await page.getByLabel('a month, GBP').last().fill('90')
  await page.getByLabel('shared over').last().fill('0')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Running cost “van”' })).toBeVisible()
  await expect(page.getByLabel('a month, GBP').last()).toHaveValue('90')
  await page.getByLabel('shared over').last().fill('90')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByText('The kitchen is kept.')).toBeVisible()
  await page.goto('/products/ginger-teff-loaf?lid=cost')
  const running = page
    .getByRole('tabpanel')
    .locator('li > details')
    .filter({ hasText: /^▸running costs/ })
  await running.locator('summary').click()
  await expect(running).toContainText('van')
})

test('scales, tins, mixers and ovens are kept, and what cannot be is said at its row', async ({ page }) => {
  await page.goto('/kitchen')
  await page.getByRole('button', { name: 'Add a tin' }).click()
  const tins = page.getByRole('region', { name: 'Tins' })
  await tins.getByLabel('side, cm').last().fill('18')
  await tins.getByLabel('deep, cm').last().fill('0')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(tins.getByText('A tin without width or depth holds nothing.')).toBeVisible()
  await tins.getByLabel('deep, cm').last().fill('4')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByText('The kitchen is kept.')).toBeVisible()
  await page.goto('/products/damson-slice')
  await page.getByRole('button', { name: 'Size by …' }).click()
  await choose(page, 'Tin 1', '18 cm square')
  await expect(page.getByText('in 2 × 18 cm square')).toBeVisible()
})

test('two windows: an oven here, an allergen there; both stand, what is typed outlives a reload, each can be taken back', async ({
  page,
  context,
}) => {
  await page.goto('/kitchen')
  const ovens = page.getByRole('region', { name: 'Ovens' })
  await page.getByRole('button', { name: 'Add an oven' }).click()
  await ovens.getByLabel('name', { exact: true }).last().fill('Porch oven')
  await ovens.getByLabel('tins at once').last().fill('3')
  const other = await context.newPage()
  await other.goto('/kitchen')
  // the two windows share what is typed; this one leaves the oven to the other
  await other.evaluate(() => localStorage.clear())
  await other.reload()
  await choose(other, 'How mustard is kept out', 'shared')
  await other.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(other.getByText('The kitchen is kept.')).toBeVisible()

  await ovens.getByLabel('tins at once').last().fill('4')
  await page.reload()
  await expect(ovens.getByLabel('name', { exact: true }).last()).toHaveValue('Porch oven')
  await expect(page.getByLabel('How mustard is kept out')).toContainText('shared')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByText('The kitchen is kept.')).toBeVisible()
  await page.reload()
  await expect(ovens.getByLabel('tins at once').last()).toHaveValue('4')
  await page.getByRole('button', { name: 'Take back: The oven Porch oven: nothing → “Porch oven”' }).click()
  await expect(ovens.getByText('Porch oven')).toHaveCount(0)
  await page
    .getByRole('button', { name: /Take back: How it is kept out: mustard/ })
    .first()
    .click()
  await expect(page.getByLabel('How mustard is kept out')).not.toContainText('shared')
})

test('what is changed and not kept says so, also after a reload, and can be left as it was', async ({ page }) => {
  await page.goto('/kitchen')
  const state = page.getByRole('status').filter({ hasText: 'not kept yet' })
  await expect(state).toHaveCount(0)
  await choose(page, 'How celery is kept out', 'shared')
  await expect(state).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('How celery is kept out')).toContainText('shared')
  await expect(state).toBeVisible()
  await page.getByRole('button', { name: 'Leave it as it was' }).click()
  await expect(page.getByLabel('How celery is kept out')).not.toContainText('shared')
  await expect(state).toHaveCount(0)
  await page.reload()
  await expect(page.getByLabel('How celery is kept out')).not.toContainText('shared')
})
