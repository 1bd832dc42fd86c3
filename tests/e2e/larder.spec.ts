// The larder: facts are kept, refused in words, and move the claims that rest on them.
import type { Page } from '@playwright/test'
import { choose, claimed, expect, loseFirstAnswer, readText, test, typeDay } from './bench'

test('from all unknown to proven, and the claim follows', async ({ page }) => {
  await readText(page, `Carob buns\n${claimed}\nMakes 4\n\n100 g carob powder\n100 g buckwheat flour\n`)
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Carob buns' })).toBeVisible()
  const bench = page.url()
  await expect(page.getByRole('columnheader').filter({ hasText: 'dairy' })).toContainText('unproven')

  await page.goto('/larder')
  await page.getByRole('link', { name: 'carob powder' }).click()
  await expect(page.getByText('26 unknown. Unknown is never free')).toBeVisible()
  await page.getByRole('button', { name: 'Add a document' }).click()
  await page.getByLabel('Reference').fill('CP-1')
  await typeDay(page, 'Dated', '2026-01-10')
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
  await expect(page.getByText('Read as 3 things.')).toBeVisible()
  await expect(page.getByLabel('Name of part 3')).toHaveValue('soya lecithin')
  await expect(page.getByText('“hazelnuts”', { exact: true })).toBeVisible()
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
  await expect(page.getByText('brief visit is out of the larder.')).toBeVisible()
  await page
    .getByRole('listitem')
    .filter({ hasText: 'brief visit is out of the larder.' })
    .getByRole('button', { name: 'Undo' })
    .click()
  await expect(page.getByRole('link', { name: 'brief visit' })).toBeVisible()
})

test('finds by any name, and by what is not shown free', async ({ page }) => {
  await page.goto('/larder')
  await page.getByLabel('Find in the larder').fill('hob farm egg')
  await expect(page.getByRole('link', { name: 'eggs' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'teff flour' })).toBeHidden()
  await page.getByLabel('Find in the larder').fill('')
  await choose(page, 'Carries', 'Not shown free of wheat')
  await expect(page.getByRole('link', { name: 'release spray' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'buckwheat flour' })).toBeHidden()
})

test('what changes is seen before it is saved, by product, and nothing is kept yet', async ({ page }) => {
  await page.goto('/larder/tapioca-starch')
  const foot = page.getByRole('region', { name: 'What changes if you keep this' })
  await expect(foot).toContainText('no product changes')
  await choose(page, 'Status for milk', 'may contain')
  // five of the demo's, and whatever other tests made of it
  await expect(foot).toContainText(/(?:[5-9]|\d\d) products change/)
  await expect(foot.getByRole('listitem').filter({ hasText: 'Ginger teff loaf' }).first()).toContainText(
    'dairy-free breaks',
  )
  await choose(page, 'Status for milk', 'free')
  await expect(foot).toContainText('no product changes')
  await page.getByLabel('Price', { exact: true }).last().fill('99.00')
  await expect(foot.getByRole('listitem').filter({ hasText: 'Ginger teff loaf' }).first()).toContainText(
    /a piece costs .* → /,
  )
  await page.getByRole('link', { name: 'Leave it as it was' }).click()
})

test('from the starter shelf: measures and typical nutrition, and every allergen still to be answered', async ({
  page,
}) => {
  await page.goto('/larder/new')
  await page.getByRole('button', { name: 'Start from the starter shelf' }).click()
  await page.getByPlaceholder('By any name it goes by').fill('almond meal')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('ground almonds')
  await expect(page.getByLabel('Grams in a US cup')).toHaveValue('104')
  await expect(page.getByLabel('Status for almond')).toContainText('contains')
  await expect(page.getByLabel('Status for milk')).toContainText('unknown')
  await expect(page.getByText('25 unknown. Unknown is never free')).toBeVisible()
  await page.evaluate(() => localStorage.clear())
})

test('one’s own cup is weighed, with its scatter; what is left after peeling gives the share; both are kept with their day', async ({
  page,
}) => {
  await page.goto('/larder/carrots')
  await page.getByText('Weigh it yourself').click()
  for (const [at, grams] of ['110', '112', '114'].entries()) await page.getByLabel(`Weighing ${at + 1}, g`).fill(grams)
  await expect(page.getByText('112.0 g, scattered by 2.0 g.')).toBeVisible()
  await page.getByRole('button', { name: 'Keep it, and use it' }).click()
  await expect(page.getByLabel('Grams in a US cup')).toHaveValue('112.0')
  await page.getByRole('combobox', { name: 'What you weigh' }).click()
  await page.getByRole('option', { name: 'What is left of what was bought' }).click()
  await page.getByLabel('As bought 1, g').fill('1000')
  await page.getByLabel('Ready to use 1, g').fill('1200')
  await expect(page.getByText('Were the two swapped?')).toBeVisible()
  await page.getByLabel('Ready to use 1, g').fill('830')
  await page.getByRole('button', { name: 'Keep it, and use it' }).click()
  await expect(page.getByLabel('Edible share, %')).toHaveValue('83.0')
  await expect(page.getByText('What is left of what was bought: 83.0 %, weighed once')).toBeVisible()
  await expect(page.getByText('A cup of it: 112.0 g, scattered by 2.0 g')).toBeVisible()
  await page.getByRole('link', { name: 'Leave it as it was' }).click()
})

test('nutrition is looked up in the open table, seen before it is taken, and doubted where it cannot be', async ({
  page,
}) => {
  await page.goto('/larder/rhubarb')
  await page.getByRole('button', { name: 'Look it up' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel(/^Find in the open food table/).fill('badam')
  await dialog.getByRole('button', { name: /^Almond/ }).click()
  await expect(dialog.getByText('Indian Food Composition Tables 2017, H001 Almond')).toBeVisible()
  await expect(dialog.getByRole('row').filter({ hasText: 'fat' }).first()).toContainText('58.41 to 58.57')
  await dialog.getByRole('button', { name: 'Take these values' }).click()
  await expect(page.getByLabel('fat (g)', { exact: true })).toHaveValue('58.49')
  await page.getByLabel('sugars (g)').fill('50')
  await expect(page.getByText('Sugars cannot be more than the carbohydrate')).toBeVisible()
  await page.getByRole('button', { name: 'Look it up' }).click()
  await dialog.locator('input[type=file]').setInputFiles({
    name: 'own.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Food;Fat;Carbohydrate;Salt\nRhubarb, raw;0,2;2,7;0,01\n'),
  })
  await dialog.getByRole('button', { name: /^Rhubarb, raw/ }).click()
  await expect(dialog.getByRole('row').filter({ hasText: 'sodium' })).toContainText('4')
  await expect(dialog.getByRole('row').filter({ hasText: 'protein' })).toContainText('not known')
  await dialog
    .locator('input[type=file]')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"half":') })
  await expect(dialog.getByRole('alert')).toContainText('This is no JSON')
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: 'Leave it as it was' }).click()
})

test('files are kept with a document: a PDF is, a renamed programme and 20 MB are not', async ({ page }) => {
  await page.goto('/larder/date-syrup')
  const input = page.getByLabel(/^Add a file to HS-1240/)
  await input.setInputFiles({ name: 'spec.pdf', mimeType: 'application/pdf', buffer: Buffer.from('MZ not a document') })
  await expect(page.getByRole('alert').filter({ hasText: 'spec.pdf is no PDF and no picture' })).toBeVisible()
  await input.setInputFiles({
    name: 'big.pdf',
    mimeType: 'application/pdf',
    buffer: Buffer.concat([Buffer.from('%PDF-1.7'), Buffer.alloc(20 * 1024 * 1024)]),
  })
  await expect(page.getByRole('alert').filter({ hasText: /big\.pdf .*10 MB/ })).toBeVisible()
  await input.setInputFiles({
    name: 'spec 7.pdf',
    mimeType: 'application/pdf',
    buffer: Buffer.from('%PDF-1.7 invented'),
  })
  const link = page.getByRole('link', { name: /^spec 7\.pdf/ })
  await expect(link).toBeVisible()
  const answer = await page.request.get((await link.getAttribute('href'))!)
  expect([answer.status(), answer.headers()['content-type'], answer.headers()['x-content-type-options']]).toEqual([
    200,
    'application/pdf',
    'nosniff',
  ])
  expect(answer.headers()['content-security-policy']).toContain('sandbox')
  // taken out again by the owner, after being asked
  await page.getByRole('button', { name: 'Take out spec 7.pdf' }).click()
  await page.getByRole('button', { name: 'Take it out for good' }).click()
  await expect(link).toHaveCount(0)
})

test('lots: what came, what is left, which to use first, and never more than there is', async ({ page }) => {
  await page.goto('/larder/light-cane-sugar')
  await expect(page.getByText('No lot is on file.')).toBeVisible()
  const add = async (lot: string, grams: string, useBy = '') => {
    await page.getByLabel('Lot code').fill(lot)
    await page.getByLabel('Grams', { exact: true }).fill(grams)
    await typeDay(page, 'Use by', useBy)
    await page.getByRole('button', { name: 'Add the lot' }).click()
  }
  await add('', '5000')
  await expect(page.getByRole('alert').filter({ hasText: 'A lot needs its code' })).toBeVisible()
  await add('A1', '5000', '2030-06-01')
  await expect(page.getByText('5.000 kg on hand')).toBeVisible()
  await add('B2', '2000', '2030-01-01')
  await expect(page.getByText('7.000 kg on hand')).toBeVisible()
  const first = page.getByRole('listitem').filter({ hasText: 'use first' })
  await expect(first).toContainText('B2')
  await first.getByRole('button', { name: 'Take or correct' }).click()
  await first.getByLabel('Grams').fill('2500')
  await first.getByLabel('Went into, or why').fill('Ginger teff loaf')
  await first.getByRole('button', { name: 'Take', exact: true }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'There is less left of that lot: 2000 g.' })).toBeVisible()
  await first.getByLabel('Grams').fill('2000')
  await first.getByRole('button', { name: 'Take', exact: true }).click()
  await expect(page.getByText('5.000 kg on hand')).toBeVisible()
})

test('Today says what ran out, what breaks and what is past its date, each with what to do', async ({ page }) => {
  await page.goto('/')
  const matters = page.getByRole('region', { name: 'Matters' })
  await expect(matters.getByRole('listitem').filter({ hasText: 'pure oats HFO/0925' })).toContainText(
    'Blackcurrant bun can claim nothing',
  )
  await expect(matters.getByRole('listitem').filter({ hasText: 'Lot HF-1120 of eggs' })).toContainText(
    'Do not bake with it.',
  )
  await expect(matters.getByRole('listitem').filter({ hasText: 'ground cinnamon' })).toContainText('runs out on')
  // one cause is one matter, whatever it reaches
  const spread = matters.getByRole('listitem').filter({ hasText: 'Plant butter: may contain milk.' })
  await expect(spread).toHaveCount(1)
  await expect(spread).toContainText('Damson & buckwheat slice')
  await matters.getByRole('link', { name: /^See ways to mend.*Damson/ }).click()
  await expect(page.getByRole('heading', { name: /Damson & buckwheat slice/ })).toBeVisible()
})

test('a larder of hundreds is filtered by allergen, proof, supplier and use without lag', async ({ page }) => {
  await page.goto('/larder')
  await page.getByLabel('Find in the larder').fill('almond meal')
  await expect(page.getByRole('link', { name: 'ground almonds' })).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /^1 of/ })).toBeVisible()
  await page.getByLabel('Find in the larder').fill('')
  await choose(page, 'Proof', 'Ran out')
  await expect(page.getByRole('link', { name: 'rolled oats' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'teff flour' })).toBeHidden()
  await choose(page, 'Used', 'Not used')
  await expect(page.getByRole('link', { name: 'rolled oats' })).toBeHidden()
  await expect(page.getByRole('link', { name: 'quinoa flour' })).toBeVisible()
})

test('where the larder gives no answer, nothing stands in for it', async ({ page, context }) => {
  await page.goto('/larder')
  await context.route('**/api/v1/larder**', route => route.abort())
  await choose(page, 'Carries', 'Not shown free of wheat')
  await expect(page.getByRole('alert').filter({ hasText: 'The server does not answer.' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'buckwheat flour' })).toBeHidden()
  await context.unroute('**/api/v1/larder**')
  await choose(page, 'Carries', 'Any allergen or none')
  await expect(page.getByRole('link', { name: 'buckwheat flour' })).toBeVisible()
})

test('a lot sent again after its answer was lost stands once', async ({ page }) => {
  await page.goto('/larder/baking-powder')
  await loseFirstAnswer(page, '**/api/v1/ingredients/*/lots')
  await page.getByLabel('Lot code').fill('ONCE-1')
  await page.getByLabel('Grams', { exact: true }).fill('750')
  await page.getByRole('button', { name: 'Add the lot' }).click()
  await expect(page.getByText('The server does not answer.')).toBeVisible()
  await page.getByRole('button', { name: 'Add the lot' }).click()
  await expect(page.getByText('Lot ONCE-1 is on the shelf.')).toBeVisible()
  await expect(page.getByText('ONCE-1', { exact: true })).toHaveCount(1)
  // entered by mistake: taken back by an entry of its own
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByText('It is taken back.')).toBeVisible()
  await expect(page.getByText('No lot is on file.')).toBeVisible()
})

test('two windows on one ingredient: other fields both stand, one field is a plain choice, and all can be taken back', async ({
  page,
  context,
}, { retry }) => {
  const name = `two-handed flour ${retry}`
  const notes = (on: Page) => on.getByRole('textbox', { name: 'Notes', exact: true })
  await page.goto('/larder/new')
  await page.getByLabel('Name', { exact: true }).fill(name)
  await page.getByRole('button', { name: 'Keep the ingredient' }).click()
  await page.getByRole('link', { name }).click()
  await expect(page.getByRole('heading', { name })).toBeVisible()
  const other = await context.newPage()
  await other.goto(page.url())
  await other.getByRole('textbox', { name: 'Supplier', exact: true }).fill('Stonecrop Mill')
  await notes(other).fill('soft')
  await other.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(other.getByText(`${name} is kept.`)).toBeVisible()

  await page.getByRole('textbox', { name: 'Supplier', exact: true }).fill('Harbour Stores')
  await notes(page).fill('hard')
  await page.getByLabel('Grams in a US cup').fill('120')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  const choice = page.getByRole('alert').filter({ hasText: 'Somebody changed the same' })
  await expect(choice).toContainText('The supplier: it is “Stonecrop Mill” now; you wanted “Harbour Stores”.')
  await expect(choice).toContainText('The notes: it is “soft” now; you wanted “hard”.')
  await choice
    .getByRole('paragraph')
    .filter({ hasText: 'The supplier' })
    .getByRole('button', { name: 'Put mine in' })
    .click()
  // one settled, the other still asks
  await expect(choice).not.toContainText('The supplier')
  await choice.getByRole('button', { name: 'Leave theirs' }).click()
  await expect(page.getByText(`${name} is kept.`)).toBeVisible()

  await page.getByRole('link', { name }).click()
  await expect(page.getByRole('textbox', { name: 'Supplier', exact: true })).toHaveValue('Harbour Stores')
  await expect(notes(page)).toHaveValue('soft')
  await expect(page.getByLabel('Grams in a US cup')).toHaveValue('120')
  await page.getByRole('button', { name: 'Take back: The supplier: “Stonecrop Mill” → “Harbour Stores”' }).click()
  await expect(page.getByRole('textbox', { name: 'Supplier', exact: true })).toHaveValue('Stonecrop Mill')
})

test('a sheet left open is laid over what others changed meanwhile', async ({ page, context }, { retry }) => {
  const name = `left-open flour ${retry}`
  await page.goto('/larder/new')
  await page.getByLabel('Name', { exact: true }).fill(name)
  await page.getByRole('button', { name: 'Keep the ingredient' }).click()
  await page.getByRole('link', { name }).click()
  await page.getByRole('textbox', { name: 'Notes', exact: true }).fill('typed and left')
  const other = await context.newPage()
  await other.goto(page.url())
  await other.evaluate(() => localStorage.clear())
  await other.reload()
  await other.getByRole('textbox', { name: 'Supplier', exact: true }).fill('Stonecrop Mill')
  // the two windows share one store: what was left open is put back as the first window kept it
  const left = await page.evaluate(() => JSON.stringify(localStorage))
  await other.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(other.getByText(`${name} is kept.`)).toBeVisible()
  expect(left).toContain('Stonecrop Mill')
  await page.getByRole('textbox', { name: 'Notes', exact: true }).fill('typed and left open')
  await page.reload()
  await expect(page.getByRole('textbox', { name: 'Notes', exact: true })).toHaveValue('typed and left open')
  await expect(page.getByRole('textbox', { name: 'Supplier', exact: true })).toHaveValue('Stonecrop Mill')
})

test('what is typed before the page is ready counts', async ({ page }) => {
  await page.route('**/_next/static/chunks/**', async route => {
    await new Promise(done => setTimeout(done, 1200))
    await route.continue()
  })
  await page.goto('/larder', { waitUntil: 'commit' })
  const find = page.getByLabel('Find in the larder')
  await find.pressSequentially('psyll', { delay: 40 })
  expect(await find.evaluate(field => Object.keys(field).some(key => key.startsWith('__react')))).toBe(false)
  await expect(page.getByRole('row').filter({ hasText: 'psyllium' })).toHaveCount(1)
  await expect(page.getByRole('row').filter({ hasText: 'buckwheat' })).toHaveCount(0)
  await expect(find).toHaveValue('psyll')
  // and what is typed afterwards goes on from there
  await find.pressSequentially('ium husk')
  await expect(find).toHaveValue('psyllium husk')
})
