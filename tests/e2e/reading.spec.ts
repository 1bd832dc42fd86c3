// What is read is decided by her: heat, time, tin, headings, keeping, claims and every word for food, before it is kept.
import { choose, expect, readText, test } from './bench'

const card = `Pumpkin seed bars (gluten free, nut free)
Makes 12 | Prep 20 min | Bake 25 min | 160C fan

For the base
200 g brown rice flour
100 g caster sugar
120 g sunflower oil

For the top
80 g pumpkin seeds, some kept for scattering

1. Grease the tin and line it.
2. Stir it all together, press it in and brush with milk.
3. Bake until golden.
Keeps 5 days in an airtight tin.`

test('a card is put right on the reading page, and kept as decided', async ({ page }) => {
  await readText(page, card)
  const field = (label: string) => page.getByLabel(label, { exact: true })
  await expect(field('Oven')).toHaveValue('160 °C, fan')
  await expect(field('Minutes')).toHaveValue('25 min')
  await expect(field('keeps, days')).toHaveValue('5')
  await expect(page.getByLabel('gluten-free')).toBeChecked()
  await expect(page.getByLabel('dairy-free')).not.toBeChecked()

  // what cannot be read is refused where it stands, and nothing typed is lost
  await field('Oven').fill('quite hot')
  await field('Tin').fill('9 inch')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByText('“quite hot” is no heat I can read')).toBeVisible()
  await expect(page.getByText('“9 inch” is no tin I can read')).toBeVisible()
  await field('Oven').fill('170 fan')
  await field('Tin').fill('9 inch square')

  // written in no line: one is answered, one is made a line, each in its role
  const open = page.getByLabel('Written, and in no line')
  await expect(open).toContainText('“milk”')
  await open.getByRole('button', { name: 'The sunflower oil is meant' }).click()
  await expect(open).toContainText('“grease” is not in it: the sunflower oil is meant. Nell')
  await open.getByRole('button', { name: 'It is not in it' }).click()
  await open.getByLabel('Why “milk” is not in it').fill('oat drink is used')
  await open.getByRole('button', { name: 'Keep the answer' }).click()
  await expect(open).not.toContainText('is settled')

  await page.getByLabel('Amount of 80 g pumpkin seeds, some kept for scattering').last().fill('10 g')

  // the base becomes a part of its own
  await page.getByRole('button', { name: 'Make it a part' }).first().click()
  await expect(page.getByText('1 part comes with it')).toBeVisible()
  await expect(page.getByLabel('Amount of base')).toHaveValue('1 making')

  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByText('Say which date it is')).toBeVisible()
  await choose(page, 'Its date is', 'best before: for quality')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await page.waitForURL(/\/products\//)
  await page.getByRole('tab', { name: /^About/ }).click()
  await expect(page.getByLabel('Keeps, days')).toHaveValue('5')
  await expect(page.getByLabel('It follows the recipe')).toBeChecked()
  const before = Number(await page.getByLabel('Net weight of a pack, g').inputValue())
  await page.getByLabel('One making gives, pieces').fill('6')
  await page.getByLabel('One making gives, pieces').press('Enter')
  await expect
    .poll(async () => Number(await page.getByLabel('Net weight of a pack, g').inputValue()))
    .toBeGreaterThanOrEqual(before * 2 - 1)
  // what she writes is fixed
  await page.getByLabel('Net weight of a pack, g').fill('90')
  await page.getByLabel('Net weight of a pack, g').press('Enter')
  await expect(page.getByLabel('It follows the recipe')).not.toBeChecked()
  await page.getByRole('tab', { name: /^Method/ }).click()
  await expect(page.getByText('170 °C').first()).toBeVisible()
})
