// The bench alive: numbers move as she types, saves follow behind, and nothing is lost on the way.
import { readFile } from 'node:fs/promises'
import { inverseOfSheetEdit, making } from '@fair-tin/core/edit'
import { unknownIngredient } from '@fair-tin/core/model'
import { leave } from '@fair-tin/data'
import type { Page } from '@playwright/test'
import { claimed, expect, loseFirstAnswer, post, readText, signIn, test } from './bench'

const row = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Ledger' }).getByRole('row').filter({ hasText: name }).first()
const saved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: /Recipe draft \d+, saved/ })).toBeVisible()
/** It may have gone through by itself before anybody could press it. */
const tryNow = (page: Page) =>
  page
    .getByRole('button', { name: 'Try now' })
    .click({ timeout: 3000 })
    .catch(() => {})
/** A recipe of its own for each test, so that none moves another's numbers. */
async function freshBench(page: Page, name: string): Promise<string> {
  await readText(
    page,
    `${name}\n${claimed}\nMakes 10\n\n200 g buckwheat flour\n100 g light cane sugar\n1 tbsp rapeseed oil, for the tin\n`,
  )
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name })).toBeVisible()
  await saved(page)
  return page.url()
}
const openAmount = (page: Page, name: string) =>
  page.getByRole('button', { name: new RegExp(`^Amount of ${name}:`) }).click()

test('every key moves weight, cost and label before anything is saved', async ({ page }) => {
  await freshBench(page, 'Live buns')
  await openAmount(page, 'buckwheat flour')
  const cell = page.getByLabel('Amount of buckwheat flour', { exact: true })
  await cell.fill('2 kg')
  await expect(row(page, 'buckwheat flour')).toContainText('2.000 kg')
  await expect(row(page, 'buckwheat flour')).toContainText('4.52')
  await cell.press('Escape')
  await expect(row(page, 'buckwheat flour')).toContainText('200 g')
  await openAmount(page, 'buckwheat flour')
  await cell.fill('½ cup plus 2 tbsp')
  await cell.press('Enter')
  await expect(row(page, 'buckwheat flour')).toContainText('½ cup + 2 tbsp')
  await saved(page)
  await page.reload()
  await expect(row(page, 'buckwheat flour')).toContainText('½ cup + 2 tbsp')
})

test('an amount typed into a doubled batch is kept for one making', async ({ page }) => {
  await freshBench(page, 'Doubled buns')
  await page.getByRole('radio', { name: '×2' }).click()
  await openAmount(page, 'buckwheat flour')
  await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill('600 g')
  await page.keyboard.press('Enter')
  await expect(row(page, 'buckwheat flour')).toContainText('600 g')
  await page.getByRole('radio', { name: '×1' }).click()
  await expect(row(page, 'buckwheat flour')).toContainText('300 g')
})

test('what is no amount is said at the cell, stays typed, and shows no NaN', async ({ page }) => {
  await freshBench(page, 'Odd amounts')
  await openAmount(page, 'light cane sugar')
  const cell = page.getByLabel('Amount of light cane sugar', { exact: true })
  for (const [typed, said] of [
    ['lots', 'not an amount I can read'],
    ['1e9 kg', 'more than a kitchen can hold'],
    ['-3 g', 'less than nothing'],
    ['A whole page of text '.repeat(20), 'not an amount I can read'],
  ] as const) {
    await cell.fill(typed)
    await expect(page.getByRole('alert').filter({ hasText: said })).toBeVisible()
    await cell.press('Enter')
    await expect(cell).toHaveValue(typed.slice(0, 80))
    await expect(page.locator('body')).not.toContainText('NaN')
  }
  await cell.press('Escape')
  await expect(row(page, 'light cane sugar')).toContainText('100 g')
})

test('roles, order, taking out, adding and undo, by keyboard alone', async ({ page }) => {
  await freshBench(page, 'Keyboard buns')
  const flour = page.getByRole('button', { name: 'buckwheat flour', exact: true })
  await flour.focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'on top' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('row').filter({ hasText: 'Finish' })).toBeVisible()
  await page.keyboard.press('u')
  await expect(page.getByRole('row').filter({ hasText: 'Finish' })).toBeHidden()
  await page.keyboard.press('Shift+U')
  await expect(page.getByRole('row').filter({ hasText: 'Finish' })).toBeVisible()
  await flour.focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Take it out' }).focus()
  await page.keyboard.press('Enter')
  await expect(row(page, 'buckwheat flour')).toBeHidden()
  await page.getByRole('button', { name: 'Undo', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(row(page, 'buckwheat flour')).toBeVisible()
  await page.getByLabel('Add a line').focus()
  await page.keyboard.type('2 tbsp ground linseed')
  await page.keyboard.press('Enter')
  await expect(row(page, 'linseed, ground')).toContainText('≈ 14 g')
  await saved(page)
  await page.reload()
  await expect(row(page, 'linseed, ground')).toBeVisible()
})

test('several rows pasted are several lines; a new thing starts unknown', async ({ page }) => {
  await freshBench(page, 'Pasted buns')
  await page.getByLabel('Add a line').focus()
  await page.evaluate(() => {
    const data = new DataTransfer()
    data.setData('text', '30 g pumpkin seeds\n5 g moonflower dust\n')
    document.activeElement!.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    )
  })
  await expect(row(page, 'pumpkin seeds')).toContainText('30 g')
  await expect(row(page, 'moonflower dust')).toContainText('5.0 g')
  await expect(page.getByRole('columnheader').filter({ hasText: 'dairy' })).toContainText('unproven')
  await saved(page)
  await page.goto('/larder')
  await expect(page.getByRole('link', { name: 'moonflower dust' })).toBeVisible()
})

test('while the server is away an edit is kept, survives a reload, and goes through after', async ({
  page,
  context,
}) => {
  const address = await freshBench(page, 'Cut-off buns')
  await context.route('**/api/v1/**', route => route.abort())
  await openAmount(page, 'buckwheat flour')
  await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill('321 g')
  await page.keyboard.press('Enter')
  await expect(page.getByText('1 change not saved yet.')).toBeVisible()
  await page.goto(address)
  await expect(row(page, 'buckwheat flour')).toContainText('321 g')
  await expect(page.getByText('1 change not saved yet.')).toBeVisible()
  await context.unroute('**/api/v1/**')
  await tryNow(page)
  await saved(page)
  const other = await context.newPage()
  await other.goto(address)
  await expect(row(other, 'buckwheat flour')).toContainText('321 g')
})

test('what a closed window left unsaved is taken over; what it can undo waits for it', async ({ page, context }) => {
  const address = await freshBench(page, 'Left-behind buns')
  const write = async (amount: string) => {
    await openAmount(page, 'buckwheat flour')
    await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill(amount)
    await page.keyboard.press('Enter')
  }
  await write('321 g')
  await saved(page)
  await context.route('**/api/v1/**', route => route.abort())
  await write('322 g')
  await expect(page.getByText('1 change not saved yet.')).toBeVisible()
  await page.goto('about:blank')
  await context.unroute('**/api/v1/**')
  const other = await context.newPage()
  await other.goto(address)
  await expect(row(other, 'buckwheat flour')).toContainText('322 g')
  await saved(other)
  await expect(other.getByRole('button', { name: 'Undo', exact: true })).toBeHidden()
  // the window comes back: it may only have been loading again, and be slow to start
  await page.addInitScript(() => {
    const { locks } = navigator
    const ask = locks.request.bind(locks) as (...how: unknown[]) => Promise<unknown>
    locks.request = (async (...how: unknown[]) => {
      await new Promise(later => setTimeout(later, 1500))
      return ask(...how)
    }) as LockManager['request']
  })
  await page.goto(address)
  await expect(row(page, 'buckwheat flour')).toContainText('322 g')
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(row(page, 'buckwheat flour')).toContainText('321 g')
  await saved(page)
  await expect(page.getByText('you wanted')).toHaveCount(0)
})

test('two windows: other lines both count, one cell is a plain choice', async ({ page, context }) => {
  const address = await freshBench(page, 'Two-window buns')
  const other = await context.newPage()
  await other.goto(address)
  await saved(other)
  const write = async (on: Page, name: string, amount: string) => {
    await openAmount(on, name)
    await on.getByLabel(`Amount of ${name}`, { exact: true }).fill(amount)
    await on.keyboard.press('Enter')
    await saved(on)
  }
  await write(other, 'light cane sugar', '150 g')
  await write(page, 'buckwheat flour', '250 g')
  await expect(row(page, 'light cane sugar')).toContainText('150 g')
  await write(other, 'light cane sugar', '170 g')
  await openAmount(page, 'light cane sugar')
  await page.getByLabel('Amount of light cane sugar', { exact: true }).fill('190 g')
  await page.keyboard.press('Enter')
  const choice = page.getByRole('alert').filter({ hasText: 'somebody wrote another amount; you wanted 190 g' })
  await expect(choice).toBeVisible()
  await expect(row(page, 'light cane sugar')).toContainText('170 g')
  await choice.getByRole('button', { name: 'Put mine in' }).click()
  await expect(row(page, 'light cane sugar')).toContainText('190 g')
  await saved(page)
})

test('a browser that keeps nothing is told so, and the edit still goes through', async ({ page }) => {
  await page.addInitScript(() => Object.defineProperty(window, 'indexedDB', { get: () => undefined }))
  await freshBench(page, 'Storeless buns')
  await openAmount(page, 'buckwheat flour')
  await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill('222 g')
  await page.keyboard.press('Enter')
  await saved(page)
  await page.reload()
  await expect(row(page, 'buckwheat flour')).toContainText('222 g')
})

test('a line too long for a name is refused where it was typed, and the larder stays readable', async ({ page }) => {
  await freshBench(page, 'Long-worded buns')
  const long = 'wonderfully '.repeat(24)
  await page.getByLabel('Add a line').fill(long)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert').filter({ hasText: 'too long for a name' })).toBeVisible()
  await expect(page.getByLabel('Add a line')).toHaveValue(long)
  const forced = await post(page, '/api/v1/edits/product/ginger-teff-loaf', {
    edits: [
      {
        kind: 'add',
        after: null,
        fresh: long,
        line: { id: 'forced', of: { ingredient: 'forced' }, amount: null, role: 'mix' },
      },
    ],
  })
  expect(forced.status()).toBe(422)
  await page.goto('/larder')
  await expect(page.getByRole('heading', { name: 'Larder' })).toBeVisible()
})

test('lines written before the larder was read wait for it, and none is lost', async ({ page, context }) => {
  const address = await freshBench(page, 'Early buns')
  await context.route('**/api/v1/books', route => route.abort())
  await page.goto(address)
  const add = page.getByLabel('Add a line')
  for (const line of ['30 g caster sugar', '4 g salt']) {
    await add.fill(line)
    await add.press('Enter')
  }
  await expect(page.getByText(/The larder cannot be read now.*30 g caster sugar · 4 g salt/)).toBeVisible()
  await add.fill('half writ')
  await context.unroute('**/api/v1/books')
  const rows = page.getByRole('region', { name: 'Ledger' }).getByRole('row')
  await expect(rows.filter({ hasText: 'caster sugar' }).first()).toContainText('30 g')
  await expect(rows.filter({ hasText: 'salt' }).first()).toContainText('4 g')
  await expect(add).toHaveValue('half writ')
})

test('who is signed out elsewhere loses nothing, and it goes through when they sign in again', async ({
  page,
  context,
  baseURL,
}) => {
  const address = await freshBench(page, 'Stranger’s buns')
  await page.goto(address)
  const key = (await context.cookies()).find(one => one.name === 'tin_session')!.value
  await leave(key)
  await openAmount(page, 'buckwheat flour')
  await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill('999 g')
  await page.keyboard.press('Enter')
  await expect(page.getByText('1 change not saved yet. You are signed out here')).toBeVisible()
  // by another session, whose changes carry another token
  await signIn(context, baseURL!)
  await tryNow(page)
  await saved(page)
  await page.reload()
  await expect(row(page, 'buckwheat flour')).toContainText('999 g')
})

test('name, claims, price and pieces move the whole bench with each key', async ({ page }) => {
  await freshBench(page, 'Whole-bench buns')
  // a price, while it is typed: 200 g at 40.00 for 10 kg
  await page.getByRole('button', { name: 'Price of buckwheat flour' }).click()
  await page.getByLabel('It costs, £').fill('lots')
  await expect(page.getByRole('alert').filter({ hasText: 'Write a price as a number' })).toBeVisible()
  await page.getByLabel('It costs, £').fill('40.00')
  await expect(row(page, 'buckwheat flour')).toContainText('0.80')
  await page.keyboard.press('Escape')
  await expect(row(page, 'buckwheat flour')).toContainText('0.45')
  // the name, on the label as it is typed
  await page.getByRole('button', { name: /^Name of the product/ }).click()
  await page.getByLabel('Name of the product', { exact: true }).fill('Renamed buns')
  await expect(page.locator('svg[data-label]')).toContainText('Renamed buns')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /Renamed buns/ })).toBeVisible()
  // a claim, as a column of its own
  await page.getByRole('tab', { name: /About/ }).click()
  await page.getByLabel('egg-free', { exact: true }).uncheck()
  await expect(page.getByRole('columnheader').filter({ hasText: 'egg' })).toHaveCount(0)
  await page.getByLabel('no added sugars', { exact: true }).check()
  await expect(page.getByRole('columnheader').filter({ hasText: 'sugars' })).toContainText('breaks')
  // pieces: the cost of one follows
  await page.getByLabel(/One making gives/).fill('20')
  await expect(page.getByLabel(/^Make, /)).toHaveValue('20')
  await page.getByLabel(/One making gives/).fill('many')
  await expect(page.getByRole('alert').filter({ hasText: 'how many pieces' })).toBeVisible()
  await page.keyboard.press('Escape')
  await saved(page)
  await page.getByLabel('egg-free', { exact: true }).focus()
  await page.locator('body').click({ position: { x: 640, y: 5 } })
  await page.keyboard.press('u')
  await expect(page.getByRole('columnheader').filter({ hasText: 'sugars' })).toHaveCount(0)
  await saved(page)
  await page.reload()
  await expect(page.getByRole('heading', { name: /Renamed buns/ })).toBeVisible()
  await expect(page.getByRole('columnheader').filter({ hasText: 'egg' })).toHaveCount(0)
})

test('a mark that breaks offers what would mend it, taken from there; Alt and arrows move a line', async ({ page }) => {
  await readText(
    page,
    `Mended buns\n${claimed}\nMakes 10\n\n200 g buckwheat flour\n50 g pumpkin seeds\n4 g release spray, for the tin\n`,
  )
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await saved(page)
  await page.getByRole('button', { name: 'release spray: gluten-free breaks' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Use rapeseed oil instead' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('columnheader').filter({ hasText: 'gluten' })).toContainText('holds')
  await expect(row(page, 'rapeseed oil')).toContainText('4.0 g')
  const names = () => page.locator('tr[data-line] td:first-child > button').allTextContents()
  expect(await names()).toEqual(['buckwheat flour', 'pumpkin seeds', 'rapeseed oil'])
  await page.getByRole('button', { name: 'pumpkin seeds', exact: true }).focus()
  await page.keyboard.press('Alt+ArrowUp')
  await expect.poll(names).toEqual(['pumpkin seeds', 'buckwheat flour', 'rapeseed oil'])
  await page.keyboard.press('u')
  await expect.poll(names).toEqual(['buckwheat flour', 'pumpkin seeds', 'rapeseed oil'])
  await page.keyboard.press('u')
  await expect(page.getByRole('columnheader').filter({ hasText: 'gluten' })).toContainText('breaks')
})

test('lines are grouped, exchanged for another thing, and a part’s amount is edited in place', async ({ page }) => {
  await freshBench(page, 'Grouped buns')
  await page.getByLabel('Add a line').fill('300 g house flour blend')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'House flour blend', exact: true })).toBeVisible()
  await page.getByRole('button', { name: /^Amount of House flour blend:/ }).click()
  await page.getByLabel('Amount of House flour blend', { exact: true }).fill('600 g')
  await page.keyboard.press('Enter')
  await expect(row(page, 'brown rice flour')).toContainText('218 g')
  await page.getByRole('button', { name: 'light cane sugar', exact: true }).click()
  await page.getByLabel('Group', { exact: true }).fill('Syrup')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: /^Group Syrup/ })).toBeVisible()
  await page.getByRole('button', { name: 'light cane sugar', exact: true }).click()
  await page.getByRole('button', { name: 'Exchange for something else' }).click()
  await page.getByPlaceholder('Exchange for').fill('date syr')
  await page.keyboard.press('Enter')
  await expect(row(page, 'date syrup')).toContainText('100 g')
  await saved(page)
})

test('versions: kept with a name and a reason, compared, returned to', async ({ page }) => {
  await freshBench(page, 'Versioned buns')
  await page.keyboard.press('h')
  const dialog = page.getByRole('dialog', { name: /Versions of/ })
  await dialog.getByRole('button', { name: 'Keep this version' }).click()
  await expect(dialog.getByRole('alert')).toContainText('Give this version a name')
  await dialog.getByLabel('Keep the draft as').fill('first try')
  await dialog.getByLabel('Why').fill('as Gran wrote it')
  await dialog.getByRole('button', { name: 'Keep this version' }).click()
  await expect(dialog.getByRole('listitem').filter({ hasText: '1: first try' })).toContainText('as Gran wrote it')
  await page.keyboard.press('Escape')
  await openAmount(page, 'buckwheat flour')
  await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill('300 g')
  await page.keyboard.press('Enter')
  await page.getByLabel('Add a line').fill('60 g plant butter')
  await page.keyboard.press('Enter')
  await saved(page)
  await page.locator('body').click({ position: { x: 640, y: 5 } })
  await page.keyboard.press('h')
  await expect(dialog.getByRole('row').filter({ hasText: 'buckwheat flour' })).toContainText('200 g')
  await expect(dialog.getByRole('row').filter({ hasText: 'buckwheat flour' })).toContainText('300 g')
  await expect(dialog.getByRole('row').filter({ hasText: 'plant butter' })).toContainText('came')
  await expect(dialog.getByRole('row').filter({ hasText: 'dairy-free' })).toContainText('breaks')
  await expect(dialog.getByRole('row').filter({ hasText: 'a piece costs' })).toBeVisible()
  await dialog.getByRole('button', { name: 'Return to 1' }).click()
  await expect(row(page, 'buckwheat flour')).toContainText('200 g')
  await expect(row(page, 'plant butter')).toBeHidden()
  await saved(page)
  await page.keyboard.press('u')
  await expect(row(page, 'plant butter')).toBeVisible()
})

test('an ingredient taken out in another window is seen here, and its line can be mended', async ({
  page,
  context,
}) => {
  const address = await freshBench(page, 'Orphaned buns')
  await page.getByLabel('Add a line').fill('7 g fleeting fancy')
  await page.keyboard.press('Enter')
  await expect(row(page, 'fleeting fancy')).toBeVisible()
  await saved(page)
  const other = await context.newPage()
  await other.goto('/larder')
  // the list is as long as the tests before made it
  await other.getByLabel('Find in the larder').fill('fleeting')
  await other.getByRole('link', { name: 'fleeting fancy' }).click()
  await other.getByRole('button', { name: /^Take it out/ }).click()
  await expect(other.getByRole('heading', { name: 'Larder' })).toBeVisible()
  // the next save tells this window that the books moved on
  await openAmount(page, 'buckwheat flour')
  await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill('201 g')
  await page.keyboard.press('Enter')
  await expect(page.getByText('no longer in the larder').first()).toBeVisible()
  await page.getByRole('button', { name: '7 g fleeting fancy', exact: true }).click()
  await page.getByRole('button', { name: 'Take it out' }).click()
  await expect(page.getByText('no longer in the larder')).toHaveCount(0)
  expect(page.url()).toBe(address)
})

test('what is changed elsewhere reads a bench again only where it stands on it', async ({ page }) => {
  await freshBench(page, 'Undisturbed buns')
  const flour = page.getByLabel('Amount of buckwheat flour', { exact: true })
  const send = (id: string, edit: object) =>
    post(page, `/api/v1/edits/ingredient/${id}`, { edits: [{ deed: crypto.randomUUID(), ...edit }] })
  const readAgain: string[] = []
  page.on('request', request => {
    if (/\/products\/.*_rsc=/.test(request.url())) readAgain.push(request.url())
  })
  const far = unknownIngredient('nowhere-near', 'a thing that is nowhere near')
  expect(await (await send(far.id, making(far))).json()).toMatchObject({ clashes: [], refused: [] })
  const looked = page.waitForResponse('**/api/v1/stamp?*')
  await openAmount(page, 'buckwheat flour')
  await flour.fill('210 g')
  await page.keyboard.press('Enter')
  await saved(page)
  await looked
  expect(readAgain).toEqual([])
  // of what stands here, it does
  const milled = { at: ['notes'], was: null, to: 'Milled on stone.' }
  expect(await (await send('buckwheat-flour', milled)).json()).toMatchObject({ clashes: [], refused: [] })
  const again = page.waitForRequest(/\/products\/.*_rsc=/)
  await openAmount(page, 'buckwheat flour')
  await flour.fill('220 g')
  await page.keyboard.press('Enter')
  await again
  await saved(page)
  await expect(row(page, 'buckwheat flour')).toContainText('220 g')
  await send('buckwheat-flour', inverseOfSheetEdit(milled))
})

test('what was not understood is kept as notes; notes are written at the bench and undone', async ({ page }) => {
  await readText(page, 'Noted buns\n(for the harbour fair, two trays)\n\n200 g buckwheat flour\nMakes 4')
  await expect(page.getByLabel(/^Notes/)).toHaveValue('(for the harbour fair, two trays)')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await page.getByRole('tab', { name: 'Method' }).click()
  const notes = page.getByLabel('Notes', { exact: true })
  await expect(notes).toHaveValue('(for the harbour fair, two trays)')
  await notes.fill('')
  await notes.pressSequentially('Half the sugar next time.')
  await page.reload()
  await page.getByRole('tab', { name: 'Method' }).click()
  await expect(notes).toHaveValue('Half the sugar next time.')
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(notes).toHaveValue('(for the harbour fair, two trays)')
  await saved(page)
})

test('a clock that jumps loses nothing', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-24T10:00:00Z') })
  await freshBench(page, 'Jumping buns')
  await openAmount(page, 'buckwheat flour')
  await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill('240 g')
  await page.keyboard.press('Enter')
  await page.clock.setSystemTime(new Date('2019-01-01T00:00:00Z'))
  await page.clock.runFor(3000)
  await saved(page)
  await openAmount(page, 'buckwheat flour')
  await page.getByLabel('Amount of buckwheat flour', { exact: true }).fill('250 g')
  await page.keyboard.press('Enter')
  await page.clock.setSystemTime(new Date('2031-01-01T00:00:00Z'))
  await page.clock.runFor(3000)
  await saved(page)
  await page.reload()
  await expect(row(page, 'buckwheat flour')).toContainText('250 g')
})

test('the recipe goes out as a file, and the file is read back line for line', async ({ page }) => {
  await freshBench(page, 'Travelling buns')
  await page.getByRole('tab', { name: 'Method' }).click()
  const coming = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save the recipe as a file' }).click()
  const file = await readFile(await (await coming).path(), 'utf8')
  expect(JSON.parse(file)).toMatchObject({ '@type': 'Recipe', name: 'Travelling buns' })
  await readText(page, file)
  await expect(page.getByRole('status').filter({ hasText: '3 lines, all understood' })).toBeVisible()
  await expect(page.getByLabel('Name', { exact: true }).first()).toHaveValue('Travelling buns')
  expect((await page.request.get('/recipes/no-such-one/recipe.json')).status()).toBe(404)
})

test('notes typed while an answer is lost clash with nothing, and stand whole', async ({ page }) => {
  await readText(page, 'Once buns\nMakes 4\n\n200 g buckwheat flour')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page).toHaveURL(/\/products\/once-buns/)
  await loseFirstAnswer(page, '**/api/v1/edits/**')
  await page.getByRole('tab', { name: /^Method/ }).click()
  const said = 'Warm the tin first, then rest it for an hour.'
  await page.getByLabel('Notes', { exact: true }).pressSequentially(said, { delay: 40 })
  await expect(page.getByRole('status').filter({ hasText: /Recipe draft \d+, saved/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Put mine in' })).toHaveCount(0)
  await page.reload()
  await page.getByRole('tab', { name: /^Method/ }).click()
  await expect(page.getByLabel('Notes', { exact: true })).toHaveValue(said)
})
