// The larder: facts are kept, refused in words, and move the claims that rest on them.
import { choose, expect, readText, test } from './bench'

test('from all unknown to proven, and the claim follows', async ({ page }) => {
  await readText(page, 'Carob buns\nMakes 4\n\n100 g carob powder\n100 g buckwheat flour\n')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Carob buns' })).toBeVisible()
  const bench = page.url()
  await expect(page.getByRole('columnheader').filter({ hasText: 'dairy' })).toContainText('unproven')

  await page.goto('/larder')
  await page.getByRole('link', { name: 'carob powder' }).click()
  await expect(page.getByText('26 unknown. Unknown is never free')).toBeVisible()
  await page.getByRole('button', { name: 'Add a document' }).click()
  await page.getByLabel('Reference').fill('CP-1')
  await page.getByLabel('Dated').fill('2026-01-10')
  await page.getByRole('button', { name: /^Put the unknown ones down as free/ }).click()
  await page.getByRole('button', { name: 'Add a price' }).click()
  await page.getByLabel('Grams, as bought').fill('500')
  await page.getByLabel('Price', { exact: true }).fill('6,50')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByText('carob powder is kept.')).toBeVisible()
  await expect(page.getByRole('row').filter({ hasText: 'carob powder' })).toContainText('13.00')

  await page.goto(bench)
  await expect(page.getByRole('columnheader').filter({ hasText: 'dairy' })).toContainText('holds')
  await expect(page.getByRole('row').filter({ hasText: 'carob powder' }).first()).toContainText('1.30')
})

test('a name that speaks of an allergen stands in conflict with “free”', async ({ page }) => {
  await page.goto('/larder/new')
  await page.getByLabel('Name', { exact: true }).fill('whey crisp')
  await expect(page.getByText('“whey” speaks of milk')).toBeVisible()
  await choose(page, 'Status for milk', 'contains')
  await expect(page.getByText('“whey” speaks of milk')).toBeHidden()
})

test('a pack’s list is read, and proposes what it names', async ({ page }) => {
  await page.goto('/larder/new')
  await page.getByLabel('Name', { exact: true }).fill('crunch topping')
  await choose(page, 'Made of', 'The list on its pack')
  await page
    .getByLabel('The ingredient list, as on the pack')
    .fill('Sugar, wheat flour (12 %), emulsifier: soya lecithin. May contain hazelnuts.')
  await expect(page.getByText('Read as 3 things: Sugar, wheat flour, soya lecithin.')).toBeVisible()
  await page.getByRole('button', { name: 'Put that down' }).click()
  await expect(page.getByLabel('Status for wheat')).toContainText('contains')
  await expect(page.getByLabel('Status for hazelnut')).toContainText('may contain')
  await expect(page.getByLabel('Status for milk')).toContainText('unknown')
})

test('what cannot be is refused at its field, and survives a reload', async ({ page }) => {
  await page.goto('/larder/salt')
  await page.getByLabel('At most, mg/kg').fill('few')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'The gluten figure in mg/kg is a number' })).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('At most, mg/kg')).toHaveValue('few')
  await page.getByRole('link', { name: 'Leave it as it was' }).click()
  await page.goto('/larder/salt')
  await expect(page.getByLabel('At most, mg/kg')).toHaveValue('')
})

test('taking out can be undone', async ({ page }) => {
  await page.goto('/larder/new')
  await page.getByLabel('Name', { exact: true }).fill('brief visit')
  await page.getByRole('button', { name: 'Keep the ingredient' }).click()
  await expect(page.getByText('brief visit is kept.')).toBeVisible()
  await page.getByRole('link', { name: 'brief visit' }).click()
  await page.getByRole('button', { name: 'Take it out of the larder' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'brief visit' })).toBeVisible()
})

test('finds by any name, and by what is not shown free', async ({ page }) => {
  await page.goto('/larder')
  await page.getByLabel('Find in the larder').fill('hob farm')
  await expect(page.getByRole('link', { name: 'eggs' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'teff flour' })).toBeHidden()
  await page.getByLabel('Find in the larder').fill('')
  await choose(page, 'Carries', 'Not shown free of wheat')
  await expect(page.getByRole('link', { name: 'release spray' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'buckwheat flour' })).toBeHidden()
})
