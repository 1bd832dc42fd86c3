// Bad input: it is said what is wrong, where, and what to do; what was typed stays.
import { leave } from '@fair-tin/data'
import { claimed, expect, readText, signIn, test } from './bench'

test('an empty paste', async ({ page }) => {
  await readText(page, '   \n  ')
  await expect(page.getByRole('alert').filter({ hasText: 'nothing to read yet' })).toBeVisible()
})

test('a novel pasted by mistake stays where it is', async ({ page }) => {
  const novel = Array.from(
    { length: 250 },
    (_, at) =>
      `It was the ${at + 1}st evening of the harvest, and nobody in the harbour had slept, for the wind would not let them.`,
  ).join('\n')
  await readText(page, novel)
  await expect(page.getByRole('alert').filter({ hasText: 'No ingredient line was found' })).toBeVisible()
  await expect(page.getByLabel('The recipe as written')).toHaveValue(novel)
  await page.getByLabel('The recipe as written').fill('word '.repeat(25_000))
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'more than a recipe' })).toBeVisible()
})

test('400 lines are read, kept and opened', async ({ page }) => {
  const lines = Array.from({ length: 400 }, (_, at) => `${at + 1} g ${at % 2 ? 'buckwheat flour' : 'teff flour'}`)
  await readText(page, ['Endless loaf', 'Makes 10', '', ...lines].join('\n'))
  await expect(page.getByRole('status').filter({ hasText: '400 lines, all understood' })).toBeVisible()
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Endless loaf' })).toBeVisible({ timeout: 20_000 })
  await expect(page.getByText('80.200 kg').first()).toBeVisible()
})

test('emoji, right-to-left text and markup are kept as text and run nothing', async ({ page }) => {
  await readText(page, 'Buns 🙂\n\n200 g buckwheat flour\n<img src=x onerror="window.ran=1"> 2 eggs\n50 g שמן זית\n')
  await expect(page.getByLabel(/^Ingredient of .*שמן זית/)).toBeVisible()
  expect(await page.evaluate(() => (window as unknown as { ran?: number }).ran)).toBeUndefined()
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Buns 🙂' })).toBeVisible()
  await expect(page.getByText('The label’s font has no “🙂”')).toBeVisible()
})

test('amounts that cannot be are refused, on their line, and stay as typed', async ({ page }) => {
  await readText(page, 'Odd buns\n\n-5 g fine sea salt\n1e9 g buckwheat flour\n')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByText('An amount cannot be less than nothing.').first()).toBeVisible()
  await expect(page.getByText('more than a kitchen can hold').first()).toBeVisible()
  await expect(page.getByLabel('Amount of -5 g fine sea salt')).toHaveValue('−5 g')
  await page.getByLabel('Amount of -5 g fine sea salt').fill('lots')
  await expect(page.getByText('“lots” is not an amount I can read').first()).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Amount of -5 g fine sea salt')).toHaveValue('lots')
})

test('a change that is refused waits for nobody: it is set aside, put right or put away, and the rest goes through', async ({
  page,
}) => {
  await readText(page, 'Aside buns\nMakes 4\n\n200 g buckwheat flour')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page).toHaveURL(/\/products\/aside-buns/)
  const saved = page.getByRole('status').filter({ hasText: /Recipe draft \d+, saved/ })
  await expect(saved).toBeVisible()
  // what another version of the application, or a hand, might send: a claim nobody knows, and a weight below nothing
  let spoil = true
  await page.route('**/api/v1/edits/**', async route => {
    if (!spoil) return route.continue()
    spoil = false
    const { edits } = route.request().postDataJSON() as { edits: Record<string, unknown>[] }
    const bad = [
      { kind: 'tick', list: 'claims', item: 'chocolateFree', to: true },
      ...edits.map(edit => (edit.field === 'netWeight' ? { ...edit, to: -5 } : edit)),
    ]
    await route.continue({ postData: JSON.stringify({ edits: bad }) })
  })
  await page.keyboard.press('7')
  await page.getByLabel('Net weight of a pack, g').fill('240')
  await page.keyboard.press('Enter')
  const alert = page.getByRole('alert').filter({ hasText: 'was not changed' })
  await expect(alert).toContainText('There is no claim “chocolateFree”.')
  await expect(alert).toContainText('Say what one pack weighs, in grams.')
  // it stays after a reload, and later changes go through beside it
  await page.reload()
  await expect(alert).toContainText('chocolateFree')
  await page.getByRole('button', { name: /^Amount of buckwheat flour:/ }).click()
  await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill('210 g')
  await page.keyboard.press('Enter')
  await expect(saved).toContainText('2 not taken')
  await page.getByLabel('The net weight of a pack, as you wanted it').fill('250')
  await page.getByRole('button', { name: 'Put it right' }).click()
  await page.getByRole('button', { name: 'Put it away' }).click()
  await expect(alert).toBeHidden()
  await expect(saved).not.toContainText('not taken')
  await page.reload()
  await expect(page.getByRole('button', { name: /^Amount of buckwheat flour:/ })).toContainText('210 g')
  await page.keyboard.press('7')
  await expect(page.getByLabel('Net weight of a pack, g')).toHaveValue('250')
})

test('text no database can hold is made holdable, said, and stops nothing', async ({ page }) => {
  await readText(page, 'Nul buns\nMakes 4\n\n200 g buckwheat flour')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page).toHaveURL(/\/products\/nul-buns/)
  await page.keyboard.press('4')
  const notes = page.getByLabel(/Notes/)
  await notes.evaluate(element => {
    const area = element as HTMLTextAreaElement
    const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!
    set.call(area, 'Half \ud83c a cake, \u0000 and all')
    area.dispatchEvent(new Event('input', { bubbles: true }))
  })
  await expect(page.getByText('A character that cannot be kept was taken out.')).toBeVisible()
  await notes.blur()
  await expect(page.getByRole('status').filter({ hasText: /Recipe draft \d+, saved/ })).toBeVisible()
  await page.reload()
  await page.keyboard.press('4')
  await expect(notes).toHaveValue('Half \ufffd a cake,  and all')
  for (const at of ['/products/%00', '/larder/a%00b', '/parts/%00x'])
    expect((await page.request.get(at)).status(), at).toBeLessThan(500)
})

test('a part cannot hold itself, straight or through another', async ({ page }) => {
  // parts of its own: what others count must not move
  const edits: string[] = []
  for (const name of ['Loop blend', 'Loop pastry']) {
    await readText(page, `${name}\n\n100 g buckwheat flour`)
    await page.getByLabel('I sell it, in packs of').uncheck()
    await page.getByRole('button', { name: 'Keep the recipe' }).click()
    await expect(page).toHaveURL(/\/parts\/loop-/)
    edits.push(page.url().replace('/parts/', '/recipes/'))
  }
  await page.goto(edits[0]!)
  await page.getByLabel('Add a line').fill('100 g loop pastry')
  await page.getByRole('button', { name: 'Add the line' }).click()
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page).toHaveURL(/\/parts\/loop-blend/)
  await page.goto(edits[1]!)
  await page.getByLabel('Add a line').fill('50 g loop blend')
  await page.getByRole('button', { name: 'Add the line' }).click()
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(
    page.getByRole('alert').filter({ hasText: /contains itself: Loop pastry → Loop blend → Loop pastry/ }),
  ).toBeVisible()
  await expect(page.getByLabel('Amount of 50 g loop blend')).toHaveValue('50 g')
  await page.goto(edits[0]!)
  await page.getByRole('button', { name: 'Remove 100 g loop pastry' }).click()
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page).toHaveURL(/\/parts\/loop-blend/)
})

test('an ingredient without price, weight or facts is said to be so, and counts as nothing known', async ({ page }) => {
  await readText(page, `Mesquite buns\n${claimed}\nMakes 4\n\n1 cup mesquite flour\n100 g buckwheat flour\n`)
  await expect(page.getByText('Not in the larder yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  const row = page.getByRole('row').filter({ hasText: 'mesquite flour' }).first()
  await expect(row).toContainText('no weight')
  await expect(row).toContainText('?')
  await expect(page.getByText('mesquite flour: no weight per cup for mesquite flour.')).toBeVisible()
  await expect(page.getByText(/at least £0.06/)).toBeVisible()
  await expect(page.getByRole('columnheader').filter({ hasText: 'gluten' })).toContainText('unproven')
  await expect(page.locator('body')).not.toContainText('NaN')
})

test('an ingredient deleted in another window: what was typed stays, and the bench says what is gone', async ({
  page,
  context,
}) => {
  await page.goto('/larder/new')
  await page.getByLabel('Name', { exact: true }).fill('passing fancy')
  await page.getByRole('button', { name: 'Keep the ingredient' }).click()
  await expect(page.getByRole('link', { name: 'passing fancy' })).toBeVisible()
  await readText(page, `Fancy buns\n${claimed}\nMakes 4\n\n100 g passing fancy\n50 g buckwheat flour\n`)
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Fancy buns' })).toBeVisible()
  const product = page.url()
  await page.goto('/larder')
  await page.getByRole('link', { name: 'passing fancy' }).click()
  await page.getByRole('textbox', { name: 'Supplier', exact: true }).fill('Somewhere Else')

  const other = await context.newPage()
  await other.goto(page.url())
  await other.getByRole('button', { name: 'Take it out of the larder' }).click()
  await expect(other.getByText('passing fancy is out of the larder.')).toBeVisible()

  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'taken out of the larder in another window' })).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Supplier', exact: true })).toHaveValue('Somewhere Else')
  await page.goto(product)
  await expect(page.getByText('is no longer in the larder').first()).toBeVisible()
  await expect(page.getByRole('columnheader').filter({ hasText: 'dairy' })).toContainText('unproven')
})

test('two windows on one recipe: the second is told, and loses nothing', async ({ page, context }) => {
  await readText(page, 'Twice kept\nMakes 4\n\n100 g buckwheat flour\n')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await page.getByRole('link', { name: 'Edit the recipe' }).click()
  await page.waitForURL(/\/recipes\/twice-kept/)
  await expect(page.getByLabel('Pieces')).toHaveValue('4')
  const other = await context.newPage()
  await other.goto(page.url())
  await other.getByLabel('Pieces').fill('6')
  await other.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(other.getByLabel(/^Make/)).toHaveValue('6')
  await page.getByLabel('Pieces').fill('8')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(
    page.getByRole('alert').filter({ hasText: 'Somebody saved this recipe while you were editing' }),
  ).toBeVisible()
  await expect(page.getByLabel('Pieces')).toHaveValue('8')
  await page.getByRole('button', { name: 'Save mine over theirs' }).click()
  await expect(page.getByLabel(/^Make/)).toHaveValue('8')
})

test('nothing is changed by whoever is signed out, and what was typed is still there', async ({
  page,
  context,
  baseURL,
}) => {
  await readText(page, 'Nobody’s buns\n\n100 g buckwheat flour\n')
  await leave((await context.cookies()).find(one => one.name === 'tin_session')!.value)
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'You are signed out here' })).toBeVisible()
  await signIn(context, baseURL!, 'tobit')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Nobody’s buns' })).toBeVisible()
})

test('a batch that cannot be is refused, and the last good one stays in force', async ({ page }) => {
  await page.goto('/products/ginger-teff-loaf')
  const make = page.getByLabel(/^Make/)
  for (const [typed, said] of [
    ['-3', 'more than nothing'],
    ['many', 'Type a number'],
    ['1e9', 'over 1000 makings'],
    ['', 'Type a number'],
  ] as const) {
    await make.fill(typed)
    await expect(page.getByText(said)).toBeVisible()
    await expect(make).toHaveValue(typed)
    await expect(page.getByRole('row').filter({ hasText: 'teff flour' }).first()).toContainText('200 g')
  }
  await make.fill('6')
  await expect(page.getByRole('row').filter({ hasText: 'teff flour' }).first()).toContainText('100 g')
})

test('addresses that lead nowhere say so', async ({ page }) => {
  for (const at of ['/products/nothing', '/recipes/nothing', '/larder/nothing', '/nowhere']) {
    await page.goto(at)
    await expect(page.getByRole('heading', { name: 'There is nothing here.' })).toBeVisible()
  }
  expect((await page.request.get('/products/nothing/label.pdf')).status()).toBe(404)
  const wrong = await page.request.get('/products/ginger-teff-loaf/label.pdf?baked=yesterday')
  expect([wrong.status(), await wrong.text()]).toEqual([422, '“yesterday” is no day. Write it as 2026-11-24.'])
  for (const day of ['2026-02-31', '9999-12-31', ''])
    expect((await page.request.get(`/products/ginger-teff-loaf/label.pdf?baked=${day}`)).status(), day).toBe(422)
  expect((await page.request.get('/products/ginger-teff-loaf/label.pdf?copies=0')).status()).toBe(400)
})

test('a product’s absurd facts are refused on its sheet, stay typed, and break no other screen', async ({ page }) => {
  await page.goto('/products/blackcurrant-bun')
  await page.getByRole('tab', { name: /About/ }).click()
  for (const [label, typed, said] of [
    ['Keeps, days', '1e9', 'Ten years is the most'],
    ['Net weight of a pack, g', 'heavy', 'Say what one pack weighs'],
    ['Pieces in a pack', '0', 'Say how many pieces'],
    ['Bake loss, %', '-4', 'The loss is a share'],
  ] as const) {
    const field = page.getByLabel(label)
    await field.fill(typed)
    await expect(page.getByRole('alert').filter({ hasText: said })).toBeVisible()
    await field.press('Enter')
    await expect(field).toHaveValue(typed)
    await expect(page.locator('body')).not.toContainText('NaN')
    await field.press('Escape')
    await expect(page.getByRole('alert').filter({ hasText: said })).toHaveCount(0)
  }
  await expect(page.getByRole('status').filter({ hasText: 'Recipe draft' })).toContainText('saved')
  await page.goto('/recipes')
  await expect(page.getByRole('heading', { name: 'Recipes', exact: true })).toBeVisible()
})

test('ten thousand lines are more than a recipe: said at once, and the paste is still there', async ({ page }) => {
  const text = `Long list\n\n${Array.from({ length: 10_000 }, (_, at) => `${(at % 9) + 1} g x`).join('\n')}`
  await page.goto('/recipes/new')
  await page.getByLabel('The recipe as written').focus()
  await page.evaluate(pasted => {
    const data = new DataTransfer()
    data.setData('text', pasted)
    document.activeElement!.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    )
  }, text)
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByRole('alert').filter({ hasText: '10,000 lines were read: more than a recipe' })).toBeVisible()
  expect(await page.getByLabel('The recipe as written').inputValue()).toBe(text)
})

test('what nobody weighed is asked for where it is missing, in the measure that is written', async ({ page }) => {
  await readText(page, 'Unweighed buns\nMakes 4\n\n2 cups carob meal\n100 g light cane sugar')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await page.getByRole('button', { name: /^No weight of carob meal/ }).click()
  const asks = page.getByRole('dialog', { name: 'Weight of carob meal' })
  await expect(asks).toContainText('No weight per cup for carob meal.')
  for (const wrong of ['0', '-4', 'much', '1e9']) {
    await asks.getByLabel(/weighs, g/).fill(wrong)
    await asks.getByRole('button', { name: 'Keep this weight' }).click()
    await expect(asks.getByRole('alert')).toContainText('more than nothing')
    await expect(asks.getByLabel(/weighs, g/)).toHaveValue(wrong)
  }
  await asks.getByLabel(/weighs, g/).fill('103')
  await expect(page.getByRole('row').filter({ hasText: 'carob meal' }).first()).toContainText('≈ 206 g')
  await asks.getByRole('button', { name: 'Keep this weight' }).click()
  await expect(page.getByRole('status').filter({ hasText: /saved/ })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('row').filter({ hasText: 'carob meal' }).first()).toContainText('≈ 206 g')
  await expect(page.locator('body')).not.toContainText('NaN')
})
