// Claims of the house by a list she makes, the ways to mend one that does not hold, and a matter of Today put off.
import { making } from '@fair-tin/core/edit'
import { foundBakery, openSession, stays } from '@fair-tin/data'
import type { Page } from '@playwright/test'
import { sampleIngredient } from '../fixtures/sample'
import { expect, post, readText, test } from './bench'

/** A bakery of its own, whose books no other test changes; its owner is signed in. */
async function ownBakery(page: Page, baseURL: string): Promise<void> {
  const { bakery, staff } = await foundBakery('Claims House', 'Orla Finch')
  const value = await openSession({ bakery, staff }, stays.password, 'a test')
  await page.context().addCookies([{ name: 'tin_session', value, url: baseURL, httpOnly: true, sameSite: 'Lax' }])
}
/** A thing of which all is known and proven. */
const known = async (page: Page, name: string) => {
  const id = name.replaceAll(' ', '-')
  const edits = [{ deed: crypto.randomUUID(), ...making(sampleIngredient(id, { name })) }]
  expect((await post(page, `/api/v1/edits/ingredient/${id}`, { edits })).status()).toBe(200)
}

test('a claim of the house is made, ticked, judged by its list, and mended by a way that was searched', async ({
  page,
  baseURL,
}) => {
  await ownBakery(page, baseURL!)
  for (const name of ['white flour', 'white bean flour', 'harbour oil']) await known(page, name)
  await readText(page, 'Harbour bar\nMakes 4\n\n200 g white flour\n100 g harbour oil')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Harbour bar' })).toBeVisible()
  const bench = page.url().split('?')[0]!

  await page.goto('/kitchen')
  await page.getByRole('link', { name: 'Claims of the house' }).click()
  await page.getByRole('button', { name: 'Make another claim' }).click()
  await page.getByLabel('As it is said').fill('no white flour')
  // nothing is kept that says nothing
  await page.getByRole('button', { name: 'Keep the claims' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Say what must not be in it' })).toBeVisible()
  await page.getByLabel('Words it may not hold').fill('white flour')
  // left open, it is there again
  await page.reload()
  await expect(page.getByLabel('As it is said')).toHaveValue('no white flour')
  await page.getByRole('button', { name: 'Keep the claims' }).click()
  await expect(page.getByText('The claims of the house are kept.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Words it may not hold')).toHaveValue('white flour')

  await page.goto(`${bench}?lid=about`)
  await page.getByRole('checkbox', { name: 'no white flour' }).check()
  await expect(page.getByRole('status').filter({ hasText: /saved$/ })).toBeVisible()
  await page.getByRole('tab', { name: /Proof/ }).click()
  const proof = page.getByRole('tabpanel', { name: /Proof/ })
  await expect(proof).toContainText('No white flour breaks')
  await expect(proof).toContainText('Not defined in law: a house rule (nothing of “white flour”).')
  await expect(proof).toContainText('“white flour” stands in “white flour”')

  await page.getByRole('button', { name: 'Look for ways to mend' }).click()
  const ways = page.getByRole('region', { name: 'Ways to mend no white flour' })
  await expect(ways).toContainText('Use white bean flour instead of white flour.')
  await ways.getByRole('button', { name: 'Try it here' }).click()
  await expect(proof).toContainText('No white flour holds')
})

test('a matter is put off to its day, listed meanwhile, and brought back', async ({ page, baseURL }) => {
  await ownBakery(page, baseURL!)
  await readText(page, 'Quay bar\nMakes 4\n\n200 g mystery powder')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Quay bar' })).toBeVisible()
  await page.goto('/')
  const matter = page
    .getByRole('region', { name: 'Matters' })
    .getByText('Nobody has answered for mystery powder.', { exact: true })
  await expect(matter).toBeVisible()
  await page.getByRole('button', { name: 'Put off: Nobody has answered for mystery powder.' }).click()
  await page.getByRole('menuitem', { name: /For a week/ }).click()
  await expect(matter).toBeHidden()
  await page.getByText('Put off: 1 matter').click()
  await expect(page.getByText('Put off by Orla Finch; there again on')).toBeVisible()
  const bad = await post(page, '/api/v1/put-off', { key: 'x', said: 'y', until: '2020-01-01' })
  expect([bad.status(), ((await bad.json()) as { problem: string }).problem]).toEqual([
    422,
    'Choose a day after today.',
  ])
  await page.getByRole('button', { name: /^Bring back/ }).click()
  await expect(page.getByText('Put off: 1 matter')).toBeHidden()
  await expect(page.getByRole('button', { name: 'Put off: Nobody has answered for mystery powder.' })).toBeVisible()
})

test('what the kitchen may bring in is decided with a reason, stands on the label, and before a signature till then', async ({
  page,
  baseURL,
}) => {
  await ownBakery(page, baseURL!)
  await known(page, 'moor flour')
  const edits = [
    {
      deed: crypto.randomUUID(),
      at: ['crossContact', 'almond'],
      was: null,
      to: { allergen: 'almond', control: 'cleaned' },
    },
  ]
  expect(await (await post(page, '/api/v1/edits/kitchen/kitchen', { edits })).json()).toMatchObject({ refused: [] })
  await readText(page, 'Moor bar\nMakes 4\n\n200 g moor flour')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Moor bar' })).toBeVisible()
  const bench = page.url().split('?')[0]!
  const asks = 'Does the label warn of almond?'
  await page.goto(`/labels/${bench.split('/').at(-1)}/uk`)
  await expect(page.getByText(asks)).toBeVisible()

  await page.goto(`${bench}?lid=proof`)
  const warnings = page.getByRole('region', { name: 'Warnings' })
  await expect(warnings).toContainText('almond is not decided')
  await warnings.getByText('Reckon with the reference dose').click()
  await warnings.getByLabel('its protein got in, mg/kg').fill('40')
  await warnings.getByLabel('eaten at once, g').fill('50')
  await expect(warnings.getByRole('status')).toContainText('At or over 20.0 mg/kg: a warning is advised.')
  await expect(warnings).toContainText('nothing about coeliac disease')
  // no decision without a reason
  await warnings.getByRole('button', { name: 'Warn of almond', exact: true }).click()
  await expect(warnings.getByRole('alert')).toContainText('Write down why')
  await warnings.getByLabel('Why, about almond').fill('The mixer had a nut bake in it on Friday.')
  await warnings.getByRole('button', { name: 'Warn of almond', exact: true }).click()
  await expect(warnings).toContainText('almond is warned of')
  await expect(warnings).toContainText('Decided: The mixer had a nut bake in it on Friday.')
  await expect(page.getByRole('status').filter({ hasText: /saved$/ })).toBeVisible()
  await page.getByRole('tab', { name: /Label/ }).click()
  await expect(page.locator('svg[data-label]')).toContainText(/May contain.*almond/i)
  await page.goto(`/labels/${bench.split('/').at(-1)}/uk`)
  await expect(page.getByText('Moor bar').first()).toBeVisible()
  await expect(page.getByText(asks)).toBeHidden()
})
