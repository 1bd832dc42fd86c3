// How sure a table of nutrition is, what to know better first, and a laboratory's report that the label goes by.
import { making } from '@fair-tin/core/edit'
import { foundBakery, openSession, stays } from '@fair-tin/data'
import { sampleIngredient } from '../fixtures/sample'
import { expect, post, readText, test } from './bench'

test('a table says how likely it is found wrong and why, and goes by a report where that is chosen', async ({
  page,
  baseURL,
}) => {
  const { bakery, staff } = await foundBakery('Nutrition House', 'Orla Finch')
  const value = await openSession({ bakery, staff }, stays.password, 'a test')
  await page.context().addCookies([{ name: 'tin_session', value, url: baseURL!, httpOnly: true, sameSite: 'Lax' }])
  for (const name of ['harbour flour', 'quay oil']) {
    const id = name.replace(' ', '-')
    const edits = [{ deed: crypto.randomUUID(), ...making(sampleIngredient(id, { name })) }]
    expect((await post(page, `/api/v1/edits/ingredient/${id}`, { edits })).status()).toBe(200)
  }
  await readText(page, 'Quay bar\nMakes 4\n\n200 g harbour flour\n100 g quay oil')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Quay bar' })).toBeVisible()
  await page.goto(`${page.url().split('?')[0]!}?lid=nutrition`)
  const face = page.getByRole('tabpanel', { name: /Nutrition/ })
  await expect(face.getByText('Made up 10,000 times')).toBeVisible()
  // of a food that is half fat or more, say, a fifth is allowed; the oven’s loss, which nobody put down, moves it more
  const fat = face.getByRole('row', { name: /^Fat/ })
  await expect(fat).toContainText(/%|in no making/)
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
