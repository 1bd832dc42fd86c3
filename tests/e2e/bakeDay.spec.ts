// Around the oven: tins made ready, the bowl shared out, a probe, a photograph; what was cleaned, and what a test that finds something
// does; who signed and who changed what.
import { unknownIngredient } from '@fair-tin/core/model'
import {
  addDelivery,
  addIngredient,
  addProduct,
  addRecipe,
  fingerprint,
  foundBakery,
  holdLot,
  openSession,
  stays,
  withBakery,
} from '@fair-tin/data'
import type { Page } from '@playwright/test'
import { choose, expect, readText, test } from './bench'

test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true })

async function house(page: Page, baseURL: string, name: string): Promise<void> {
  const { bakery, staff } = await foundBakery(name, 'Orla Finch')
  const value = await openSession({ bakery, staff }, stays.password, 'a test')
  await page.context().addCookies([{ name: 'tin_session', value, url: baseURL, httpOnly: true, sameSite: 'Lax' }])
}

test('tins are made ready one by one, the bowl is shared out, a probe is read and a photograph kept without where it was taken', async ({
  page,
  baseURL,
}) => {
  test.slow()
  await house(page, baseURL!, 'Oven House')
  await readText(
    page,
    'Quay loaf\nMakes 2\n\n400 g rice flour\n200 g sunflower oil\n\nMethod\nGrease and line two loaf tins.\nBake for 40 minutes at 180 °C until the core reads 96 °C.',
  )
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Quay loaf' })).toBeVisible()
  await page.goto('/bake')
  await choose(page, 'What is baked', 'Quay loaf')
  await page.getByLabel('Pieces').fill('2')
  await page.getByRole('button', { name: 'Begin it' }).click()
  const asked = page.getByRole('dialog')
  await asked.getByLabel('It may be baked all the same, because').fill('a trial for the counter')
  await asked.getByRole('button', { name: 'Begin it' }).click()
  await page.waitForURL(/\/bake\/[^/?]+$/)
  await page.getByRole('button', { name: 'Method', exact: true }).tap()
  const method = page.getByRole('region', { name: 'Method' })
  await expect(method.getByText('“Grease and line two loaf tins.”')).toBeVisible()
  await method.getByRole('button', { name: 'Tin 1 ready?' }).tap()
  await expect(method.getByRole('button', { name: 'Tin 1 is ready' })).toBeDisabled()
  await method.getByRole('button', { name: 'One more tin' }).tap()
  await expect(method.getByRole('button', { name: 'Tin 2 ready?' })).toBeEnabled()

  // 600 g over four
  await method.getByLabel('Tins, balls or layers').fill('4')
  await expect(method.getByText('Of 600 g as planned, not all of it weighed yet.')).toBeVisible()
  await expect(method.getByText('150 g', { exact: true })).toBeVisible()
  await method.getByLabel('Tins, balls or layers').fill('1.5')
  await expect(method.getByText('Count whole ones, at least one.')).toBeVisible()

  await method.getByRole('button', { name: 'Practice probe' }).tap()
  await expect(method.getByRole('img', { name: /^The middle over [2-9] minutes/ })).toBeVisible()
  await method.getByRole('button', { name: 'Take what it shows' }).tap()
  await expect(method.getByLabel('core temperature, °C')).toHaveValue(/^\d\d(\.\d)?$/)

  // a JPEG that says where it was taken
  const dot = Buffer.from(
    await page.evaluate(async () => {
      const canvas = document.createElement('canvas')
      canvas.width = 60
      canvas.height = 40
      canvas.getContext('2d')!.fillRect(0, 0, 60, 40)
      const blob = await new Promise<Blob | null>(done => canvas.toBlob(done, 'image/jpeg'))
      return [...new Uint8Array(await blob!.arrayBuffer())]
    }),
  )
  const where = Buffer.from('Exif\0\0 50.1N 5.2W')
  const spoken = Buffer.concat([
    dot.subarray(0, 2),
    Buffer.from([0xff, 0xe1, 0, where.length + 2]),
    where,
    dot.subarray(2),
  ])
  await method.getByLabel('What it shows').fill('the crumb')
  await method.locator('input[type=file]').setInputFiles({ name: 'crumb.jpg', mimeType: 'image/jpeg', buffer: spoken })
  await expect(method.getByLabel('What it shows')).toHaveValue('')
  await page.getByRole('button', { name: 'Record', exact: true }).tap()
  const picture = page.getByRole('img', { name: 'the crumb' })
  await expect(picture).toBeVisible()
  const kept = await page.request.get((await picture.getAttribute('src'))!)
  expect(kept.headers()['content-type']).toBe('image/jpeg')
  expect((await kept.body()).toString('latin1')).not.toContain('50.1N')
  await expect(page.getByText('tin 1 ready: as it should be. Grease and line two loaf tins.')).toBeVisible()

  // without network a photograph waits in the tablet, over a reload, and is put down once
  await page.waitForFunction(async () => (await navigator.serviceWorker?.ready) !== undefined)
  await page.reload()
  await page.context().setOffline(true)
  await page.getByRole('button', { name: 'Method', exact: true }).tap()
  await method.getByLabel('What it shows').fill('the crust')
  await method.locator('input[type=file]').setInputFiles({ name: 'crust.jpg', mimeType: 'image/jpeg', buffer: dot })
  await expect(method.getByText('In this tablet, on its way to the record.')).toBeVisible()
  await page.reload()
  await page.getByRole('button', { name: 'Method', exact: true }).tap()
  await expect(method.getByText('In this tablet, on its way to the record.')).toBeVisible()
  await page.context().setOffline(false)
  await expect(method.getByText('In this tablet, on its way to the record.')).toBeHidden({ timeout: 20_000 })
  await page.getByRole('button', { name: 'Record', exact: true }).tap()
  await expect(page.getByRole('img', { name: 'the crust' })).toHaveCount(1)

  // what is struck its owner may take out for good; what stands in the record stays
  await page.getByRole('button', { name: /^Strike: .*the crust/ }).tap()
  await page.getByLabel(/why/i).last().fill('out of focus')
  await page.getByRole('button', { name: 'Strike it' }).tap()
  await expect(page.getByText('Struck by', { exact: false })).toBeVisible()
  await expect(page.getByText(/\d+ on the way/)).toBeHidden()
  await page.goto(page.url().replace('/bake/', '/records/'))
  const struck = page.getByRole('listitem').filter({ hasText: 'out of focus' })
  await struck.getByRole('button', { name: 'Take out the crust' }).tap()
  await struck.getByRole('button', { name: 'Take it out for good' }).tap()
  await expect(struck.getByText('The picture was taken out.')).toBeVisible()
  await expect(page.getByRole('img', { name: 'the crumb' })).toBeVisible()
})

test('a test that finds something counts at once, till another finds nothing; signatures and the journal are among the records', async ({
  page,
  baseURL,
}) => {
  await house(page, baseURL!, 'Swab House')
  await page.goto('/bake')
  await page.getByRole('link', { name: 'Cleaning and tests' }).tap()
  await expect(page.getByText('Nothing is written down yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Tested', exact: true }).tap()
  await page
    .getByRole('textbox', { name: /^What; empty/ })
    .or(page.getByLabel(/^What; empty/))
    .first()
    .fill('mixer')
  await page.getByRole('button', { name: 'Found', exact: true }).tap()
  await expect(page.getByRole('alert').filter({ hasText: 'Of a test say for what' })).toBeVisible()
  await choose(page, 'Tested for', 'milk')
  await page.getByRole('button', { name: 'Found', exact: true }).tap()
  await expect(page.getByRole('listitem').filter({ hasText: 'Mixer tested for milk' })).toContainText('found')
  await page.goto('/')
  await expect(page.getByText('The last test of mixer').first()).toBeVisible()
  await page.getByRole('link', { name: 'Write down the next test' }).tap()
  await page.getByRole('button', { name: 'Nothing found' }).tap()
  await expect(page.getByRole('listitem').filter({ hasText: 'nothing found' })).toHaveCount(1)
  await page.goto('/')
  await expect(page.getByText('The last test of mixer')).toHaveCount(0)

  await page.goto('/records/signatures')
  await expect(page.getByText('Nothing was signed here yet.')).toBeVisible()
  await page.getByRole('link', { name: 'Journal' }).tap()
  await expect(page.getByRole('heading', { name: 'Journal' })).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'cleaning or test' })).toHaveCount(2)
  await expect(page.getByText('Orla Finch').first()).toBeVisible()
})

test('a part made for the shelf is a batch of its own, and its lots are found in whatever took of it', async ({
  page,
  baseURL,
}) => {
  test.slow()
  const { bakery, staff } = await foundBakery('Shelf House', 'Orla Finch')
  const value = await openSession({ bakery, staff }, stays.password, 'a test')
  await page.context().addCookies([{ name: 'tin_session', value, url: baseURL!, httpOnly: true, sameSite: 'Lax' }])
  const hands = { bakery, session: fingerprint(value).toString('hex'), seesPrices: true }
  await withBakery(hands, async sql => {
    await addIngredient(sql, unknownIngredient('rice-flour', 'rice flour'))
    await addDelivery(sql, 'lot-1', 'rice-flour', { lot: 'RF-7', received: '2026-11-01', grams: 5000 })
    const lines = [
      { id: '1', of: { ingredient: 'rice-flour' }, amount: { value: 100, unit: 'g' as const }, role: 'mix' as const },
    ]
    await addRecipe(sql, { id: 'base', version: 1, name: 'Quay base', lines, steps: [] })
    const uses = [{ id: '1', of: { recipe: 'base' }, amount: { value: 100, unit: 'g' as const }, role: 'mix' as const }]
    await addRecipe(sql, { id: 'bar', version: 1, name: 'Quay bar', lines: uses, steps: [], pieces: 4 })
    await addProduct(sql, {
      id: 'bar',
      name: 'Quay bar',
      recipe: 'bar',
      netWeight: 25,
      pieces: 1,
      claims: [],
      markets: [],
    })
  })
  await page.goto('/bake')
  await choose(page, 'What is baked', 'Quay base, a part for the shelf')
  await page.getByLabel('Grams').fill('300')
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.waitForURL(/\/bake\/[^/?]+$/)
  await expect(page.getByText('300 g').first()).toBeVisible()
  for (const digit of '300')
    await page.getByRole('group', { name: 'Grams' }).getByRole('button', { name: digit, exact: true }).tap()
  await page.getByRole('button', { name: 'Weighed, next' }).tap()
  await page.getByRole('button', { name: 'After', exact: true }).tap()
  await page.getByRole('button', { name: 'To the shelf' }).tap()
  await expect(page.getByRole('alert').filter({ hasText: 'Say what all of it weighs' })).toBeVisible()
  await page.getByLabel('All of it, g').fill('300')
  await page.getByRole('button', { name: 'To the shelf' }).tap()
  await expect(page.getByText('300 g on the shelf')).toBeVisible()
  await expect(page.getByText('on the way')).toHaveCount(0)

  // a bar takes of the shelf; its record names no lot of flour
  await page.goto('/bake')
  await choose(page, 'What is baked', 'Quay bar')
  await page.getByLabel('Pieces').fill('4')
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.waitForURL(/\/bake\/[^/?]+$/)
  await page
    .getByRole('button', { name: /from the shelf/i })
    .first()
    .tap()
  for (const digit of '100')
    await page.getByRole('group', { name: 'Grams' }).getByRole('button', { name: digit, exact: true }).tap()
  await page.getByRole('button', { name: 'Weighed, next' }).tap()
  await expect(page.getByText('on the way')).toHaveCount(0)
  await page.goto('/records/trace?code=rf-7')
  await expect(page.getByRole('heading', { name: /^Quay base, from the shelf since/ })).toBeVisible()
  await expect(page.getByRole('row').filter({ hasText: 'Quay base' })).toHaveCount(1)
  await expect(page.getByRole('row').filter({ hasText: 'Quay bar' })).toHaveCount(1)
  await withBakery(hands, sql => holdLot(sql, 'lot-1', true, 'called back by its mill'))
  await page.goto('/')
  await expect(
    page.getByText(/Lot RF-7 of rice flour is held, and .* may hold it by way of a part/).first(),
  ).toBeVisible()
})

test('how long it keeps is put down by each way of keeping, and the date is none that is longer than safe', async ({
  page,
  baseURL,
}) => {
  await house(page, baseURL!, 'Keeping House')
  await page.setViewportSize({ width: 1280, height: 800 })
  await readText(page, 'Quay pot\nMakes 4\n\n200 g water\n\nMethod\nStir. Keeps 3 days covered in the fridge.')
  await choose(page, 'Its date is', 'best before: for quality')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Quay pot' })).toBeVisible()
  await page.goto(`${page.url().split('?')[0]!}?lid=about`)
  const lid = page.getByRole('tabpanel', { name: /About/ })
  await lid.getByText('Keeping table').click()
  await lid.getByRole('button', { name: /^The recipe says in the fridge: good for 3 days/ }).click()
  await expect(lid.getByText('Say first how long it is safe kept so')).toBeVisible()
  await choose(page, 'Can it harm before it looks it, kept in the fridge', 'it is safe for …')
  // how long it is safe nobody proposes
  await expect(lid.getByLabel('Safe for, days')).toHaveValue('')
  await expect(lid.getByText('Say first how long it is safe kept so')).toBeVisible()
  await lid.getByLabel('Safe for, days').fill('2')
  await lid.getByLabel('On what that rests').fill('challenge test T-4')
  await lid.getByRole('button', { name: 'Print this: use by, 2 days' }).click()
  await expect(lid.getByLabel('Keeps, days')).toHaveValue('2')
  await expect(lid.getByLabel('Storage, as printed')).toHaveValue('Keep refrigerated, at 5 °C or below.')
  await lid.getByLabel('Keeps, days').fill('4')
  await lid.getByLabel('Keeps, days').blur()
  await page.goto(`${page.url().split('?')[0]!}?lid=label`)
  await expect(
    page.getByText('Kept in the fridge, it is safe for 2 days, and the date gives it 4 days.').first(),
  ).toBeVisible()
})
