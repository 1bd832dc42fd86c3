// How sure a table of nutrition is, what to know better first, and a laboratory's report that the label goes by; a table left out by how
// a product is sold; what packs weigh.
import { making } from '@fair-tin/core/edit'
import type { NutrientCode } from '@fair-tin/core/model'
import { foundBakery, openSession, stays } from '@fair-tin/data'
import type { Page } from '@playwright/test'
import { sampleIngredient } from '../fixtures/sample'
import { expect, post, readText, test } from './bench'

/** A bakery of its own with one product, whose larder is known but for what is said; its bench. */
async function quayBar(page: Page, baseURL: string, unknown: readonly NutrientCode[] = []): Promise<string> {
  const { bakery, staff } = await foundBakery('Nutrition House', 'Orla Finch')
  const value = await openSession({ bakery, staff }, stays.password, 'a test')
  await page.context().addCookies([{ name: 'tin_session', value, url: baseURL, httpOnly: true, sameSite: 'Lax' }])
  for (const name of ['harbour flour', 'quay oil']) {
    const id = name.replace(' ', '-')
    const thing = sampleIngredient(id, { name })
    for (const code of unknown) delete thing.nutrients[code]
    const edits = [{ deed: crypto.randomUUID(), ...making(thing) }]
    expect((await post(page, `/api/v1/edits/ingredient/${id}`, { edits })).status()).toBe(200)
  }
  await readText(page, 'Quay bar\nMakes 4\n\n200 g harbour flour\n100 g quay oil')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Quay bar' })).toBeVisible()
  return page.url().split('?')[0]!
}

test('a table says how likely it is found wrong and why, and goes by a report where that is chosen', async ({
  page,
  baseURL,
}) => {
  await page.goto(`${await quayBar(page, baseURL!)}?lid=nutrition`)
  const face = page.getByRole('tabpanel', { name: /Nutrition/ })
  await expect(face.getByText('Made up 10,000 times')).toBeVisible()
  // of a food that is half fat or more, say, a fifth is allowed; the oven’s loss, which nobody put down, moves it more
  const fat = face.getByRole('row', { name: /^Fat/ })
  await expect(face.getByText(/^found wrong: (?:none|.*%)$/).first()).toBeVisible()
  await face.getByRole('button', { name: 'Salt' }).click()
  await expect(face.getByRole('heading', { name: 'What to know better first: salt' })).toBeVisible()
  await expect(face.getByText('the loss in the oven')).toBeVisible()

  await face.getByText('Enter a report').click()
  await face.getByRole('button', { name: 'Keep the report' }).click()
  await expect(face.getByRole('alert')).toHaveText('Say of which day the report is.')
  await face.getByLabel('Laboratory').fill('Quayside Analysts')
  await face.getByLabel('Number of the report').fill('Q-1')
  await face.getByRole('spinbutton', { name: /day/ }).fill('14')
  await face.getByRole('spinbutton', { name: /month/ }).fill('9')
  await face.getByRole('spinbutton', { name: /year/ }).fill('2026')
  await face.getByLabel('fat, g').fill('a lot')
  await face.getByRole('button', { name: 'Keep the report' }).click()
  await expect(face.getByRole('alert')).toHaveText('fat: Give a number, or nothing.')
  await expect(face.getByLabel('Number of the report')).toHaveValue('Q-1')
  await face.getByLabel('fat, g').fill('31,5')
  await face.getByRole('button', { name: 'Keep the report' }).click()
  await expect(face.getByText('further apart than is allowed: is it the same food?')).toBeVisible()
  await face.getByRole('button', { name: 'Let the label go by it' }).click()
  await expect(face.getByText('the label goes by it')).toBeVisible()
  await expect(fat).toContainText('32')
  await expect(page.getByRole('status').filter({ hasText: /saved$/ })).toBeVisible()
  await page.reload()
  await expect(face.getByText('the label goes by it')).toBeVisible()
})

test('packed where it is sold, a label bears less, and says of each thing why; an exemption ends with a claim', async ({
  page,
  baseURL,
}) => {
  await page.goto(`${await quayBar(page, baseURL!, ['fat'])}?lid=label`)
  const label = page.getByRole('tabpanel', { name: /Label/ })
  const bears = label.getByRole('region', { name: 'What the label must bear' })
  await expect(label.getByText('The nutrition table cannot be given.')).toBeVisible()
  await bears.getByText(/there, .* missing/).click()
  await expect(bears.getByText('nutrition table: missing')).toBeVisible()
  await bears.getByRole('combobox', { name: 'Whether a nutrition table is printed' }).click()
  await page.getByRole('option', { name: /left out: made by hand/ }).click()
  await expect(label.getByText('The nutrition table cannot be given.')).toBeHidden()
  await expect(bears.getByText(/nutrition table: not asked\. Made by hand/)).toBeVisible()
  await page.getByRole('tab', { name: /About/ }).click()
  await page.getByRole('checkbox', { name: 'low fat' }).check()
  await page.getByRole('tab', { name: /Label/ }).click()
  await expect(label.getByText(/may not be left out beside a nutrition or health claim/)).toBeVisible()
  await page.getByRole('tab', { name: /About/ }).click()
  await page.getByRole('checkbox', { name: 'low fat' }).uncheck()
  await page.getByRole('tab', { name: /Label/ }).click()
  await bears.getByRole('combobox', { name: 'How it is sold' }).click()
  await page.getByRole('option', { name: 'packed where it is sold' }).click()
  await bears.getByText(/there, /).click()
  await expect(bears.getByText(/name and address of the business: not asked/)).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /saved$/ })).toBeVisible()
})

test('packs are weighed, held against the three rules, and say what could be declared', async ({ page, baseURL }) => {
  await page.goto(`${await quayBar(page, baseURL!)}?lid=about`)
  const about = page.getByRole('tabpanel', { name: /About/ })
  const weights = about.getByLabel('Net weights of packs, g, one after another')
  await weights.fill('75 74,5 a few')
  await about.getByRole('button', { name: 'Keep the weights' }).click()
  await expect(about.getByRole('alert')).toHaveText('“a” is no weight in grams.')
  await expect(weights).toHaveValue('75 74,5 a few')
  await weights.fill('76 75,5 77 76 75 76,5 77 76 75,5 76')
  await about.getByRole('button', { name: 'Keep the weights' }).click()
  await expect(about.getByText('10 packs: 76.1 g in the mean')).toBeVisible()
  await expect(about.getByText('The mean is not under the 75 g declared.')).toBeVisible()
  await expect(about.getByText('At most 75 g could be declared')).toBeVisible()
  await weights.fill('60')
  await about.getByRole('button', { name: 'Keep the weights' }).click()
  // of one pack only what none may be is judged; it does not hide behind the good ones
  await expect(about.getByText('At least one is short by twice the error')).toBeVisible()
  await expect(about.getByText('The mean is not under')).toBeHidden()
  await expect(about.getByText('At most 69 g could be declared')).toBeVisible()
  await expect(about.getByRole('img', { name: 'Mean weight of each weighing' })).toBeVisible()
})

test('a label says where it was made and what a kilogram costs, and asks after what it is mainly made of', async ({
  page,
  baseURL,
}) => {
  const bench = await quayBar(page, baseURL!)
  await page.goto(`${bench}?lid=about`)
  const about = page.getByRole('tabpanel', { name: /About/ })
  await about.getByLabel('Where it was made, as printed').fill('Made in the nut-free Westing Isles')
  await about.getByRole('checkbox', { name: /Print the price of a pack, and of a kilogram/ }).check()
  await expect(about.getByText('No price of a pack is in force yet')).toBeVisible()
  await page.getByRole('tab', { name: /Cost/ }).click()
  await page.getByLabel('Price of a pack').fill('2.40')
  await page.keyboard.press('Enter')
  await page.getByRole('tab', { name: /Label/ }).click()
  const label = page.getByRole('tabpanel', { name: /Label/ })
  await expect(label.getByText(/Where it is made: Your own words/)).toBeVisible()
  await page.getByRole('tab', { name: /About/ }).click()
  await about.getByLabel('Where it was made, as printed').fill('Made in the Westing Isles')
  await page.keyboard.press('Enter')
  await page.getByRole('tab', { name: /Label/ }).click()
  await expect(label.getByText(/Where it is made: Your own words/)).toBeHidden()
  await expect(label.getByText(/Does harbour flour, \d+ % of it, come from there too\?/)).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /saved$/ })).toBeVisible()
  await page.reload()
  await page.getByRole('tab', { name: /Label/ }).click()
  const drawn = label.locator('svg').first()
  await expect(drawn).toContainText('Made in the Westing Isles')
  await expect(drawn).toContainText(/£2\.40 \(£\d+\.\d\d per kg\)/)
})
