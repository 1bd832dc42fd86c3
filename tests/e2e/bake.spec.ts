// A batch from its beginning to its record, at a tablet: weighed, changed, looked at, finished; and what stops it.
import { readFileSync } from 'node:fs'
import { daysAfter, spokenDay } from '@fair-tin/core/words'
import { foundBakery, openSession, stays } from '@fair-tin/data'
import type { Page } from '@playwright/test'
import { choose, expect, post, readText, test, typeDay } from './bench'

test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true })

/** A bakery of its own, with one product of three things; on its bench. Gives the product’s id. */
async function house(page: Page, baseURL: string, name: string, more = ''): Promise<string> {
  const { bakery, staff } = await foundBakery(name, 'Orla Finch')
  const value = await openSession({ bakery, staff }, stays.password, 'a test')
  await page.context().addCookies([{ name: 'tin_session', value, url: baseURL, httpOnly: true, sameSite: 'Lax' }])
  await readText(
    page,
    `Quay bar\nMakes 4\n\n${more}200 g rice flour\n100 g sunflower oil\n50 g caster sugar\n\nMethod\nRub in to breadcrumbs.\nBake for 20 to 25 minutes at 180 °C.`,
  )
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Quay bar' })).toBeVisible()
  return new URL(page.url()).pathname.split('/').at(-1)!
}
/** Begins a batch of eight, past what is asked about its label. */
async function begin(page: Page): Promise<void> {
  await page.goto('/bake')
  await choose(page, 'What is baked', 'Quay bar')
  await page.getByLabel('Pieces').fill('8')
  await page.getByRole('button', { name: 'Begin it' }).click()
  const asked = page.getByRole('dialog')
  await expect(asked.getByText('its label was never signed').first()).toBeVisible()
  await asked.getByRole('button', { name: 'Begin it' }).click()
  await expect(asked.getByRole('alert')).toContainText('Say why')
  await asked.getByLabel('It may be baked all the same, because').fill('a trial for the counter')
  await asked.getByRole('button', { name: 'Begin it' }).click()
  await page.waitForURL(/\/bake\/[^/?]+$/)
  await expect(page.getByRole('heading', { name: 'Quay bar' })).toBeVisible()
}
const digits = async (page: Page, grams: string) => {
  for (const digit of grams)
    await page.getByRole('group', { name: 'Grams' }).getByRole('button', { name: digit, exact: true }).tap()
}
const weighed = (page: Page) => page.getByRole('button', { name: 'Weighed, next' })
const record = (page: Page) => page.getByRole('region', { name: 'Record' })

test('a batch is weighed by knuckle, something is swapped with what it does said first, and finished into the records', async ({
  page,
  baseURL,
}) => {
  const product = await house(page, baseURL!, 'Batch House')
  await begin(page)
  // nothing, too little, too much: each with a way on
  await weighed(page).tap()
  await expect(page.getByText('Type what the scale shows')).toBeVisible()
  await digits(page, '390')
  await weighed(page).tap()
  await expect(page.getByRole('listitem').filter({ hasText: 'rice flour' }).locator('[aria-label="done"]')).toHaveCount(
    1,
  )
  await digits(page, '230')
  await weighed(page).tap()
  const off = page.getByRole('alertdialog')
  await expect(off).toContainText('30 g too much, 15 % over')
  await off.getByRole('button', { name: 'Make everything 15.0 % larger' }).tap()
  await expect(page.getByText('115 % of the plan')).toBeVisible()
  // what is in already is short of it now
  const flour = page.getByRole('listitem').filter({ hasText: 'rice flour' })
  await expect(flour).toContainText('390 g of 460 g')
  await flour.getByRole('button').tap()
  await digits(page, '70')
  await weighed(page).tap()
  await expect(flour.locator('[aria-label="done"]')).toHaveCount(1)
  // the sugar is another: what that does stands there before it is so
  const sugar = page.getByRole('listitem').filter({ hasText: 'caster sugar' })
  await sugar.getByRole('button').tap()
  await page.getByRole('button', { name: 'Something changed' }).tap()
  const changed = page.getByRole('dialog')
  await changed.getByLabel('What goes in instead').fill('sunf')
  await changed.getByRole('button', { name: 'sunflower oil' }).tap()
  await changed.getByRole('button', { name: 'It is so' }).tap()
  await expect(changed.getByRole('alert')).toContainText('Say why')
  await changed.getByLabel('Why').fill('no sugar left')
  await expect(changed.getByRole('region', { name: 'What it does' })).toContainText('The labels of this batch are held')
  await changed.getByRole('button', { name: 'It is so' }).tap()
  await expect(page.getByText(/Hold this batch/)).toBeVisible()
  await page.getByRole('button', { name: 'Method' }).tap()
  await page.getByRole('button', { name: 'like breadcrumbs: yes' }).tap()
  await page.getByRole('button', { name: 'It is in the oven' }).tap()
  await expect(page.getByRole('list', { name: 'Running' })).toContainText(/first look in \d+ min/)
  // where this page is closed the tablet's own calendar rings
  const [given] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Ring in the calendar too' }).tap(),
  ])
  expect(given.suggestedFilename()).toMatch(/\.ics$/)
  expect(readFileSync(await given.path(), 'utf8')).toMatch(/first look[\s\S]*BEGIN:VALARM/)
  await page.getByRole('button', { name: 'It is out' }).tap()
  await page.getByRole('button', { name: 'After', exact: true }).tap()
  await page.getByLabel('All of it, cooled, g').fill('1,080')
  await page.getByRole('button', { name: 'That came of it' }).tap()
  await expect(page.getByRole('alert').filter({ hasText: '1,080' })).toBeVisible()
  await page.getByLabel('All of it, cooled, g').fill('700')
  await page.getByLabel('Of them broken').fill('1')
  await page.getByRole('button', { name: 'That came of it' }).tap()
  await expect(page.getByText('7 pieces to sell')).toBeVisible()
  await page.getByLabel('Next time').fill('Less oil.')
  await page.getByRole('button', { name: 'Remember it' }).tap()
  await page.getByRole('button', { name: 'Record', exact: true }).tap()
  await expect(record(page)).toContainText('sunflower oil instead of caster sugar: no sugar left')
  // another tablet has it all, and a label of it is printed by nobody
  await page.reload()
  await page.getByRole('button', { name: 'Record', exact: true }).tap()
  await expect(record(page)).toContainText('Next time: Less oil.')
  const batch = new URL(page.url()).pathname.split('/').at(-1)!
  const label = await page.request.get(`/products/${product}/label.pdf?batch=${batch}&market=uk`)
  expect(label.status()).toBe(422)
  expect(await label.text()).toContain('is held')
  // struck, it is as planned: no longer held
  await page.getByRole('button', { name: /Strike: sunflower oil instead/ }).tap()
  await page.getByLabel('Why it does not count').fill('it was the sugar after all')
  await page.getByRole('button', { name: 'Strike it' }).tap()
  await expect(page.getByText(/Hold this batch/)).toBeHidden()
  await expect(record(page)).toContainText('Struck by Orla Finch: it was the sugar after all')
  await page.goto(`/records?product=${product}`)
  await expect(page.getByRole('row', { name: /Quay bar/ })).toContainText('7 of 8')
  // what was to be remembered opens by itself at the next bake
  await begin(page)
  await expect(page.getByText('Last time you wrote')).toBeVisible()
  await expect(page.getByText('Less oil.')).toBeVisible()
})

test('what is put down without network waits, survives a reload, and is kept once; two tablets come together', async ({
  page,
  context,
  baseURL,
}) => {
  await house(page, baseURL!, 'Dead Wi-Fi House')
  await begin(page)
  const other = await context.newPage()
  await other.goto(page.url())
  await expect(other.getByRole('heading', { name: 'Quay bar' })).toBeVisible()
  await context.route('**/api/v1/batches/**', route => route.abort())
  await digits(page, '400')
  await weighed(page).tap()
  await expect(page.getByText('1 on the way')).toBeVisible()
  await expect(page.getByText('goes through by itself')).toBeVisible()
  await page.reload()
  await expect(page.getByText('1 on the way')).toBeVisible()
  await context.unroute('**/api/v1/batches/**')
  await expect(page.getByText('1 on the way')).toBeHidden({ timeout: 20_000 })
  await expect(
    other.getByRole('listitem').filter({ hasText: 'rice flour' }).locator('[aria-label="done"]'),
  ).toHaveCount(1, { timeout: 20_000 })
  await other.getByRole('button', { name: 'Record', exact: true }).click()
  await expect(record(other).getByRole('listitem')).toHaveCount(1)
})

test('a lot that is held, past its date or of another thing is stopped with its reason; one held later holds the batch, and is traced', async ({
  page,
  baseURL,
}) => {
  await house(page, baseURL!, 'Lot House')
  const lots = (ingredient: string, body: unknown) => post(page, `/api/v1/ingredients/${ingredient}/lots`, body)
  const delivery = (lot: string, more = {}) => ({ delivery: { lot, received: '2026-11-01', grams: 1000, ...more } })
  const { found } = (await (await page.request.get('/api/v1/find?name=rice')).json()) as {
    found: { id: string; at?: string }[]
  }
  const books = (await (await page.request.get('/api/v1/books')).json()) as {
    ingredients: { id: string; name: string }[]
  }
  expect(found.length).toBeGreaterThan(0)
  const idOf = (name: string) => books.ingredients.find(one => one.name.includes(name))!.id
  const [flour, oil] = [idOf('rice'), idOf('oil')]
  expect((await lots(flour, delivery('RF-1'))).status()).toBe(200)
  expect((await lots(flour, delivery('RF-OLD', { useBy: '2026-11-02' }))).status()).toBe(200)
  expect((await lots(oil, delivery('SO-1'))).status()).toBe(200)
  await begin(page)
  await page.getByRole('button', { name: /Lot RF-1/ }).tap()
  const which = page.getByRole('dialog')
  for (const [code, said] of [
    ['RF-OLD', 'past its date'],
    ['SO-1', 'goes in here'],
    ['XX-9', 'No lot “XX-9” came here'],
  ] as const) {
    await which.getByLabel('Code on the pack').fill(code)
    await which.getByRole('button', { name: 'Look' }).tap()
    await expect(which.getByRole('alert')).toContainText(said)
  }
  await which.getByLabel('Code on the pack').fill('rf-1')
  await which.getByRole('button', { name: 'Look' }).tap()
  await expect(which).toBeHidden()
  await digits(page, '400')
  await weighed(page).tap()
  await expect(page.getByText('on the way')).toBeHidden()
  await expect(page.getByText(/Hold this batch/)).toBeHidden()
  const at = page.url()
  await page.goto(`/larder/${flour}`)
  const row = page.getByRole('main').getByRole('listitem').filter({ hasText: 'RF-1' })
  await expect(row).toContainText('600 g')
  await row.getByRole('button', { name: 'Hold it' }).click()
  await row.getByLabel('Why it may not be used').fill('recalled by its maker')
  await row.getByRole('button', { name: 'Hold it' }).last().click()
  await expect(row).toContainText('held: recalled by its maker')
  await page.goto(at)
  await expect(page.getByText(/Hold this batch/)).toBeVisible()
  await page.goto('/records/trace?code=rf-1')
  await expect(page.getByRole('row', { name: /Quay bar/ })).toContainText('400 g')
  await expect(page.getByText('Held: recalled by its maker')).toBeVisible()
  await page.goto('/')
  await expect(page.getByText(/of Quay bar is held/).first()).toBeVisible()
})

test('egg goes in by thirds, until the batter falls: what is left out is of this batch alone, and in its record', async ({
  page,
  baseURL,
}) => {
  await house(page, baseURL!, 'Third House', '150 g beaten egg\n')
  await begin(page)
  const line = page.getByRole('region', { name: 'This line' })
  await expect(line.getByRole('heading', { name: 'egg' })).toBeVisible()
  await line.getByRole('button', { name: 'Add it by thirds' }).tap()
  await expect(line).toContainText('First third: up to 100 g')
  await digits(page, '100')
  await weighed(page).tap()
  await expect(line).toContainText('Second third: up to 200 g')
  await digits(page, '98')
  await weighed(page).tap()
  await expect(line).toContainText('Last third: up to 300 g')
  await line.getByRole('button', { name: 'It falls: that is enough' }).tap()
  await expect(page.getByRole('listitem').filter({ hasText: 'egg' }).locator('[aria-label="done"]')).toHaveCount(1)
  await page.getByRole('button', { name: 'Record', exact: true }).tap()
  await expect(record(page)).toContainText('the batter falls')
})

test('the practice scale pours, is waited for, and a line cut off says so', async ({ page, baseURL }) => {
  await house(page, baseURL!, 'Scale House')
  await begin(page)
  await page.getByRole('combobox', { name: 'Scale' }).selectOption('practice')
  const pour = page.getByRole('button', { name: 'Pour', exact: true })
  await pour.dispatchEvent('pointerdown')
  await expect(page.getByText(/to go/)).toBeVisible()
  await weighed(page).tap()
  await expect(page.getByRole('alert').filter({ hasText: /not steady|not said/ })).toBeVisible()
  await pour.dispatchEvent('pointerup')
  await page.getByRole('button', { name: 'Pull its plug' }).tap()
  await expect(page.getByRole('status').filter({ hasText: 'does not answer' })).toBeVisible()
  await page.getByRole('combobox', { name: 'Scale' }).selectOption('typed')
  await digits(page, '400')
  await weighed(page).tap()
  await expect(page.getByRole('listitem').filter({ hasText: 'rice flour' }).locator('[aria-label="done"]')).toHaveCount(
    1,
  )
})

test('a whole batch is baked without network, over a reload of the page, and all of it is there afterwards', async ({
  page,
  context,
  baseURL,
}) => {
  await house(page, baseURL!, 'Cellar House')
  await begin(page)
  // opened once with network: then it is kept
  await page.evaluate(() => navigator.serviceWorker.ready)
  await page.reload()
  await expect
    .poll(() => page.evaluate(async () => (await (await caches.open('fair-tin bake')).keys()).length))
    .toBeGreaterThan(3)
  await digits(page, '400')
  await weighed(page).tap()
  await expect(page.getByText('on the way')).toBeHidden()
  await context.setOffline(true)
  await digits(page, '200')
  await weighed(page).tap()
  await expect(page.getByText('1 on the way')).toBeVisible()
  await page.reload()
  // what was sent before, and what was not, are both there
  const done = page.getByRole('region', { name: 'What is weighed' }).locator('[aria-label="done"]')
  await expect(done).toHaveCount(2)
  await digits(page, '100')
  await weighed(page).tap()
  await page.getByRole('button', { name: 'Method' }).tap()
  await page.getByRole('button', { name: 'It is in the oven' }).tap()
  await page.getByRole('button', { name: 'It is out' }).tap()
  await page.getByRole('button', { name: 'After', exact: true }).tap()
  await page.getByLabel('All of it, cooled, g').fill('640')
  await page.getByRole('button', { name: 'That came of it' }).tap()
  await expect(page.getByText('8 pieces to sell')).toBeVisible()
  await expect(page.getByText('5 on the way')).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText('on the way')).toBeHidden({ timeout: 20_000 })
  await page.goto(page.url().replace('/bake/', '/records/'))
  await expect(page.getByText('8 of 8 to sell')).toBeVisible()
  await expect(page.getByRole('row', { name: /rice flour/ })).toContainText('400 g')
})

test('the day is put in order with every clean and its reason, moved by hand with what that costs, and taken to a calendar', async ({
  page,
  context,
}) => {
  // what is set for a day stays: each run has its own
  const day = daysAfter('2027-02-01', Math.floor(Math.random() * 20_000))
  await page.goto('/orders')
  await typeDay(page, 'For the day', day)
  for (const name of ['Orange almond torte', 'Ginger teff loaf']) {
    await choose(page, 'What is ordered', name)
    await page.getByLabel('Packs', { exact: true }).fill('2')
    await page.getByRole('button', { name: 'Take the order' }).click()
    await expect(
      page.getByRole('region', { name: spokenDay(day) }).getByRole('link', { name, exact: true }),
    ).toBeVisible()
  }
  await page.goto(`/bake/plan?day=${day}`)
  const order = page.getByRole('region', { name: 'Order of work' })
  const first = order.getByRole('listitem').first()
  await expect(first).toContainText('Ginger teff loaf')
  await expect(order).toContainText('No order costs less')
  await order.getByRole('button', { name: 'Ginger teff loaf: later' }).click()
  await expect(page.getByRole('status')).toContainText(/Your order costs \d+ minutes more/)
  await expect(order).toContainText('Clean and test, 30 min. It claims to be free of egg from Orange almond torte.')
  // it is seen on another tablet, and what is set there is seen here
  await page.reload()
  await expect(first).toContainText('Orange almond torte')
  const other = await context.newPage()
  await other.goto(page.url())
  const there = other.getByRole('region', { name: 'Order of work' })
  await expect(there.getByRole('listitem').first()).toContainText('Orange almond torte')
  await there.getByLabel('Orange almond torte: who does it').selectOption({ index: 1 })
  const who = await there.getByLabel('Orange almond torte: who does it').inputValue()
  await expect(async () => {
    await page.evaluate(() => window.dispatchEvent(new Event('focus')))
    await expect(order.getByLabel('Orange almond torte: who does it')).toHaveValue(who, { timeout: 500 })
  }).toPass({ timeout: 15_000 })
  // without network it waits here, and goes when there is one
  await context.setOffline(true)
  await order.getByLabel('Ginger teff loaf: ready by').fill('11:30')
  await expect(page.getByText('Set on this tablet, and not on the others yet.')).toBeVisible()
  await context.setOffline(false)
  await page.evaluate(() => window.dispatchEvent(new Event('online')))
  await expect(page.getByText('Set on this tablet, and not on the others yet.')).toBeHidden()
  await other.reload()
  await expect(there.getByLabel('Ginger teff loaf: ready by')).toHaveValue('11:30')
  await other.close()
  const address = (await page.getByRole('link', { name: 'For a calendar' }).getAttribute('href'))!
  const calendar = await (await page.request.get(address)).text()
  expect(calendar).toContain('BEGIN:VCALENDAR')
  expect(calendar).toContain('Orange almond torte')
  for (const [wrong, status] of [
    [address.replace(day, '2027-02-30'), 400],
    [address.replace(day, daysAfter(day, 1)), 409],
    ['/bake/plan.ics', 400],
  ] as const)
    expect((await page.request.get(wrong)).status()).toBe(status)
  await page.getByRole('button', { name: 'Take the best order' }).click()
  await expect(first).toContainText('Ginger teff loaf')
})

test('practice draws faults, says what was caught and what got through, and keeps only that it was done', async ({
  page,
  baseURL,
}) => {
  await house(page, baseURL!, 'School House')
  await page.goto('/bake/practice')
  await expect(page.getByText('Nobody yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Begin' }).tap()
  // baked and weighed out on the screens that any bake is
  const method = page.getByRole('region', { name: 'Method' })
  const front = (doing: RegExp) => method.getByRole('region', { name: doing })
  const mixer = front(/The mixer is taken over/)
  await mixer.getByRole('button', { name: 'Something changed' }).tap()
  await page.getByRole('button', { name: 'None of these: look again' }).tap()
  await mixer.getByRole('button', { name: 'Done' }).tap()
  await expect(mixer).toContainText('You went on.')
  await method.getByRole('button', { name: 'Tin 1 ready?' }).tap()
  await expect(front(/tins are greased/)).toContainText('You went on.')
  await page.getByRole('button', { name: /^Weigh out 5 open/ }).tap()
  const line = page.getByRole('region', { name: 'This line' })
  await line.getByText('In front of you').waitFor()
  await page.getByRole('button', { name: 'Something changed' }).tap()
  await page.getByRole('button', { name: 'None of these: look again' }).tap()
  for (const [name, grams] of [
    ['Hard plant block', '360'],
    ['House flour blend', '420'],
    ['Rice bran', '20'],
    ['Oat drink, gluten-free', '300'],
    ['Dark chocolate', '200'],
  ] as const) {
    await page.getByRole('region', { name: 'What is weighed' }).getByRole('button', { name }).tap()
    await expect(line.getByRole('heading', { name })).toBeVisible()
    await expect(line).toContainText('In front of you')
    for (const digit of grams) await line.getByRole('button', { name: digit, exact: true }).tap()
    await page.getByRole('button', { name: 'Weighed, next' }).tap()
  }
  await page.getByRole('button', { name: /^Method 5 open/ }).tap()
  await method.getByRole('button', { name: 'smooth, no lumps: yes' }).tap()
  await method.getByRole('button', { name: 'Done', exact: true }).last().tap()
  await method.getByRole('button', { name: 'It is in the oven' }).tap()
  await method.getByRole('button', { name: 'It is out' }).tap()
  for (const doing of [/A pot goes/, /The labels go on/]) await front(doing).getByRole('button', { name: 'Done' }).tap()
  const came = page.getByRole('region', { name: 'What came of it' })
  await expect(came).toContainText(/0 of [3-6] caught/)
  await expect(came.getByText('It would have meant:').first()).toBeVisible()
  await expect(came.getByText('It is kept that you practised.')).toBeVisible()
  await page.reload()
  await expect(page.getByRole('region', { name: 'Who practised' })).toContainText(/Orla Finch, .*: 0 of [3-6] caught/)
  await page.goto('/records')
  await expect(page.getByText('Nothing was baked here yet.')).toBeVisible()
})

test('labels of a batch are printed on the practice printer over a jam and a lost line, counted against its packs, and thrown away when it is held', async ({
  page,
  baseURL,
}) => {
  const product = await house(page, baseURL!, 'Label House')
  await begin(page)
  const batch = new URL(page.url()).pathname.split('/').at(-1)!
  const put = (...entries: object[]) =>
    post(page, `/api/v1/batches/${batch}/entries`, {
      entries: entries.map(one => ({ id: crypto.randomUUID(), at: new Date().toISOString(), ...one })),
    })
  expect((await put({ kind: 'finished', grams: 640, pieces: 8, broken: 2, keptBack: 0 })).status()).toBe(200)
  await page.goto('/labels')
  await expect(page.getByRole('region', { name: 'Labels to print' })).toContainText('6 for Quay bar')
  await page.goto(`/records/${batch}`)
  const labels = page.getByRole('region', { name: 'Labels of this batch' })
  await expect(labels).toContainText('0 labels printed for 6 packs')
  await labels.getByRole('button', { name: 'Print here' }).first().tap()
  const printer = page.getByRole('dialog')
  await printer.getByRole('button', { name: 'Print', exact: true }).tap()
  await printer.getByRole('button', { name: 'Let it jam' }).tap()
  await printer.getByRole('button', { name: 'The torn one is out' }).tap()
  await printer.getByRole('button', { name: 'Pull its line' }).tap()
  await printer.getByRole('button', { name: 'The line is back' }).tap()
  await printer.getByRole('button', { name: 'No', exact: true }).tap()
  await printer.getByRole('button', { name: 'Put down what was printed' }).tap()
  await expect(labels).toContainText('6 labels printed for 6 packs, 1 torn')
  // the product is another by now: the batch bears the label of what it was
  const renamed = { deed: crypto.randomUUID(), kind: 'product', field: 'name', was: 'Quay bar', to: 'Pier bar' }
  expect((await post(page, `/api/v1/edits/product/${product}`, { edits: [renamed] })).status()).toBe(200)
  const printed = async (query: string) =>
    (await page.request.get(`/products/${product}/print?market=uk${query}`)).text()
  expect(await printed('')).toContain('Pier bar')
  expect(await printed(`&batch=${batch}`)).toContain('>Quay bar<')
  // somebody writes down what the probe showed
  await put({ kind: 'checked', what: 'core temperature', value: 80, unit: '°C', passed: false, critical: true })
  await page.reload()
  await expect(labels).toContainText('The batch is held: throw them all away')
  await expect(labels.getByRole('button', { name: 'Print here' })).toHaveCount(0)
  await labels.getByRole('button', { name: '6 are thrown away, counted' }).tap()
  await expect(labels).toContainText('0 labels printed')
})
