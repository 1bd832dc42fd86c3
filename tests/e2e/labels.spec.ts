// From a product nobody signed to a signature that stands, goes out of date by a supplier's change, and is given again; and what
// customers see of it.
import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import AxeBuilder from '@axe-core/playwright'
import { making } from '@fair-tin/core/edit'
import { allergenCodes } from '@fair-tin/core/model'
import { foundBakery, openSession, stays } from '@fair-tin/data'
import type { Page } from '@playwright/test'
import ExcelJS from 'exceljs'
import jsQR from 'jsqr'
import { PNG } from 'pngjs'
import { sampleIngredient } from '../fixtures/sample'
import { expect, post, readText, test } from './bench'

const none = { value: 0, source: 'invented' }
/** Everything known and proven, so that nothing stands before a signature. */
function proven(id: string, name: string) {
  const sample = sampleIngredient(id, { name })
  return {
    ...sample,
    nutrients: { polyols: none, allulose: none, alcohol: none, ...sample.nutrients },
    evidence: [{ ...sample.evidence[0]!, dated: '2026-06-01', expires: '2099-01-01' }],
  }
}
const come = async (page: Page, baseURL: string, bakery: string, staff: string) =>
  page.context().addCookies([
    {
      name: 'tin_session',
      value: await openSession({ bakery, staff }, stays.password, 'a test'),
      url: baseURL,
      httpOnly: true,
      sameSite: 'Lax',
    },
  ])
/** A bakery of its own, whose kitchen no other test changes; its owner is signed in. */
async function ownBakery(page: Page, baseURL: string): Promise<{ bakery: string; owner: string }> {
  const { bakery, staff: owner } = await foundBakery('Harbour Labels', 'Orla Finch')
  await come(page, baseURL, bakery, owner)
  const operator = { at: ['operator'], was: null, to: { name: 'Harbour Labels', address: '2 Quay Steps' } }
  const review = {
    id: 'review',
    kind: 'specification',
    reference: 'site review',
    dated: '2026-06-01',
    expires: '2099-01-01',
  }
  const assessed = [...allergenCodes, 'gluten'].map(allergen => ({
    at: ['crossContact', allergen],
    was: null,
    to: { allergen, control: 'separated', evidence: 'review' },
  }))
  const edits = [operator, { at: ['evidence', 'review'], was: null, to: review }, ...assessed]
  const done = await post(page, '/api/v1/edits/kitchen/kitchen', {
    edits: edits.map(one => ({ deed: crypto.randomUUID(), ...one })),
  })
  expect(await done.json()).toMatchObject({ clashes: [], refused: [] })
  return { bakery, owner }
}
/** Something of which only the name is known. */
async function unready(page: Page): Promise<string> {
  await readText(page, 'Riddle slab\nMakes 4\n\n100 g mystery powder')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Riddle slab' })).toBeVisible()
  return page.url().split('/').at(-1)!.split('?')[0]!
}
/** A product of its own, ready to be signed: its id. */
async function ready(page: Page, name: string, flour: string): Promise<string> {
  const id = flour.replaceAll(' ', '-')
  const made = await post(page, `/api/v1/edits/ingredient/${id}`, {
    edits: [{ deed: crypto.randomUUID(), ...making(proven(id, flour)) }],
  })
  expect(made.status()).toBe(200)
  await readText(page, `${name}\nMakes 10\n\n1000 g ${flour}\n`)
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name })).toBeVisible()
  const product = page.url().split('/').at(-1)!.split('?')[0]!
  const done = await post(page, `/api/v1/edits/product/${product}`, {
    edits: [
      {
        kind: 'product',
        field: 'keeps',
        was: null,
        to: { days: 5, mark: 'bestBefore', storage: 'Keep in its tin.' },
      },
      { kind: 'bakeLoss', was: null, to: 0.1 },
    ],
  })
  expect(await done.json()).toMatchObject({ clashes: [], refused: [] })
  return product
}
const signOff = (page: Page) => page.getByRole('button', { name: 'Sign off' })
async function readOver(page: Page) {
  const read = page.getByRole('button', { name: /^I have read/ })
  await expect(read.first()).toBeVisible()
  for (let left = await read.count(); left > 0; left--) await read.first().click()
  await expect(read).toHaveCount(0)
}
async function answerPlaces(page: Page) {
  const places = page.getByRole('region', { name: 'The label' }).getByRole('textbox')
  for (const one of await places.all()) await one.fill('Nothing of the kind is used.')
}

test('a label is read part by part and signed, goes out of date by what changed, and is signed again', async ({
  page,
  baseURL,
}, info) => {
  await ownBakery(page, baseURL!)
  const flour = 'moorland meal'
  const name = 'Signed slab'
  const product = await ready(page, name, flour)
  // nobody signed it: what is printed says so
  await page.goto(`/products/${product}/print?market=uk`)
  await expect(page.locator('[data-draft]')).toHaveCount(1)
  await page.goto(`/labels/${product}/uk`)
  await expect(page.getByText('never signed')).toBeVisible()
  await expect(signOff(page)).toBeDisabled()
  await readOver(page)
  await expect(signOff(page)).toBeDisabled()
  await answerPlaces(page)
  await signOff(page).click()
  await expect(page.getByText(`${name} is signed for United Kingdom.`)).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'Signed by Orla Finch' })).toBeVisible()
  // another price alters no word
  const change = (at: string[], was: unknown, to: unknown) =>
    post(page, `/api/v1/edits/ingredient/${flour.replaceAll(' ', '-')}`, {
      edits: [{ deed: crypto.randomUUID(), at, was, to }],
    })
  expect(await (await change(['supplier'], null, 'Quay Stores')).json()).toMatchObject({ clashes: [], refused: [] })
  await page.goto('/labels')
  const listed = page.getByRole('listitem').filter({ hasText: name })
  await expect(listed).toContainText('signed')
  await expect(listed).not.toContainText('out of date')
  // the supplier changes what is in it
  const free = { status: 'free', evidence: 'spec' }
  const said = await change(['allergens', 'soy'], free, { status: 'contains', evidence: 'spec' })
  expect(await said.json()).toMatchObject({ clashes: [], refused: [] })
  await page.goto('/')
  await expect(
    page.getByText(`${flour.replace('m', 'M')}: its facts changed: the label of ${name} is out of date.`, {
      exact: true,
    }),
  ).toBeVisible()
  await page.goto('/labels')
  await expect(listed).toContainText('out of date')
  await listed.getByRole('link').click()
  await expect(page.getByRole('alert').filter({ hasText: 'its facts changed. Hold the printed labels.' })).toBeVisible()
  const label = page.getByRole('region', { name: 'The label' })
  await expect(label.getByText('soya', { exact: true }).first()).toBeVisible()
  // what was answered for the places stands; the words are read again
  await readOver(page)
  await signOff(page).click()
  await expect(page.getByText(`${name} is signed for United Kingdom.`)).toBeVisible()
  await expect(page.getByText('What changed since it was signed')).toHaveCount(0)
  const matrix = await page.request.get('/labels/matrix.csv?market=uk')
  const row = (await matrix.text()).split('\r\n').find(line => line.startsWith(name))!
  expect(row.split(',').filter(cell => cell === 'contains')).toHaveLength(1)
  expect(row).toContain('Orla Finch')
  const book = new ExcelJS.Workbook()
  await book.xlsx.load((await (await page.request.get('/labels/matrix.xlsx?market=uk')).body()) as never)
  const written: string[][] = []
  book.worksheets[0]!.eachRow(one => written.push((one.values as unknown[]).slice(1).map(cell => String(cell ?? ''))))
  expect(written.find(cells => cells[0] === name)?.join(',')).toBe(row)
  const paper = info.outputPath('matrix.pdf')
  writeFileSync(paper, await (await page.request.get('/labels/matrix.pdf?market=uk')).body())
  const printed = execFileSync('pdftotext', ['-layout', paper, '-'], { encoding: 'utf8' })
  expect(printed).toContain(name)
  expect(printed).toContain('Orla Finch')
  // signed as it stands, it is printed without the mark of a draft
  await page.goto(`/products/${product}/print?market=uk`)
  await expect(page.locator('svg[data-label]')).toBeVisible()
  await expect(page.locator('[data-draft]')).toHaveCount(0)
  await page.goto(`/labels/${product}/uk`)
  // taken back, with a reason
  await page.getByRole('button', { name: 'Take the signature back' }).click()
  await page.getByLabel('Why').fill('The trial is over.')
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(page.getByText('taken back').first()).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'The trial is over.' })).toBeVisible()
})

test('nobody signs what they may not, what stands open, or other words than they read', async ({ page, baseURL }) => {
  const { bakery, owner } = await ownBakery(page, baseURL!)
  const product = await ready(page, 'Guarded slab', 'fellside meal')
  const riddle = await unready(page)
  const places = [
    'release',
    'dusting',
    'shared oil',
    'bags and moulds',
    'toppings',
    'decorations',
    'carriers',
    'alternatives',
    'beside',
    'wrapping',
  ].map(place => ({ place, said: 'Nothing of it.' }))
  const sign = (more: object) =>
    post(page, '/api/v1/seals', {
      do: 'sign',
      product,
      market: 'uk',
      read: 'no such words',
      places,
      answers: [],
      ...more,
    })
  const problem = async (more: object) => {
    const answer = await sign(more)
    return [answer.status(), ((await answer.json()) as { problem?: string }).problem]
  }
  expect(await problem({})).toEqual([409, 'The label changed while you read it. Read it again, then sign.'])
  expect((await problem({ product: riddle }))[1]).toMatch(/^It cannot be signed: /)
  expect((await problem({ product: 'no-such-one' }))[0]).toBe(410)
  expect((await problem({ places: [{ place: 'release', said: '' }] }))[0]).toBe(422)
  const baker = { id: 'bak', name: 'Bram Sedge', role: 'baker', seesPrices: false, signsFor: [] }
  expect((await post(page, '/api/v1/people', { do: 'add', person: baker })).status()).toBe(200)
  await come(page, baseURL!, bakery, 'bak')
  expect((await problem({}))[0]).toBe(403)
  await page.goto(`/labels/${product}/uk`)
  await expect(signOff(page)).toBeDisabled()
  await expect(page.getByText('You are not put down as competent for this market')).toBeVisible()
  // what he may not see he is not asked to set
  await page.goto(`/products/${product}?lid=cost`)
  await expect(page.getByText('How it is priced is for whoever may see prices')).toBeVisible()
  await expect(page.getByLabel('Priced by')).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Add a packing' })).toHaveCount(0)
  await come(page, baseURL!, bakery, owner)
})

test('the proof names each component once, on screen and as a PDF with its pages', async ({ page }) => {
  await page.goto('/labels/ginger-teff-loaf/uk')
  const proof = page.getByRole('group').filter({ hasText: 'Dairy-free' })
  await proof.locator('summary').click()
  await expect(proof.getByText('Tarn Mill').or(proof.getByText(/dated/).first()).first()).toBeVisible()
  const pdf = await page.request.get('/labels/ginger-teff-loaf/uk/proof.pdf')
  expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf'])
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
})

test('the counter page says what is signed to whoever has its address, small, without a script, and asks for no name', async ({
  page,
  browser,
  baseURL,
}) => {
  await ownBakery(page, baseURL!)
  const name = 'Window slab'
  const product = await ready(page, name, 'harbour meal')
  await unready(page)
  await page.goto(`/labels/${product}/uk`)
  await readOver(page)
  await answerPlaces(page)
  await signOff(page).click()
  await expect(page.getByText(`${name} is signed`)).toBeVisible()
  await page.goto('/labels')
  await page.getByRole('button', { name: /^Make (?:its|another) address/ }).click()
  const link = page.getByRole('link', { name: /\/counter\// })
  const address = (await link.getAttribute('href'))!
  // the code says the same, as another library reads it
  const { data, width, height } = PNG.sync.read(await page.getByAltText(/^Code that leads/).screenshot())
  expect(jsQR(new Uint8ClampedArray(data), width, height)?.data).toBe(address)
  const context = await browser.newContext({ javaScriptEnabled: false })
  const counter = await context.newPage()
  const answer = (await counter.goto(address))!
  expect(answer.status()).toBe(200)
  expect((await answer.body()).length).toBeLessThan(20_000)
  expect(await answer.text()).not.toContain('<script')
  expect(await context.cookies()).toEqual([])
  const slab = counter.getByRole('listitem').filter({ hasText: name })
  await expect(slab).toContainText('Contains none of the allergens a label must name.')
  await expect(counter.getByRole('listitem').filter({ hasText: 'Riddle slab' })).toContainText('Ask us.')
  // what became unknown since is vouched for by nobody, though the label says the same
  const wonder = (was: unknown, to: unknown) =>
    post(page, '/api/v1/edits/ingredient/harbour-meal', {
      edits: [{ deed: crypto.randomUUID(), at: ['allergens', 'milk'], was, to }],
    })
  const known = { status: 'free', evidence: 'spec' }
  expect((await wonder(known, { status: 'unknown' })).status()).toBe(200)
  await counter.reload()
  await expect(slab).toContainText('Ask us.')
  await page.reload()
  await expect(page.getByRole('listitem').filter({ hasText: name })).toContainText('signed, and open')
  expect((await wonder({ status: 'unknown' }, known)).status()).toBe(200)
  await counter.reload()
  await expect(slab).toContainText('Contains none')
  await counter.getByLabel('milk', { exact: true }).check()
  await counter.getByRole('button', { name: 'Show what suits' }).click()
  await expect(slab).toContainText('Suits: nothing you named is in it')
  await expect(counter.getByRole('listitem').filter({ hasText: 'Riddle slab' })).toContainText('Ask us:')
  await context.close()
  const seen = await (await browser.newContext()).newPage()
  await seen.goto(address)
  const { violations } = await new AxeBuilder({ page: seen }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze()
  expect(violations).toEqual([])
  // its address is no key to anything else
  await seen
    .context()
    .addCookies([{ name: 'tin_session', value: address.split('/').at(-1)!, url: new URL(address).origin }])
  await seen.goto(new URL('/larder', address).href)
  await expect(seen).toHaveURL(/\/sign-in/)
  await page.getByRole('button', { name: 'End it' }).click()
  await expect(page.getByRole('button', { name: 'Make its address' })).toBeVisible()
  expect((await page.request.get(address)).status()).toBe(404)
  // its reader let go by mistake: another address takes them on again
  await post(page, '/api/v1/people', { do: 'let go', id: 'counter' })
  expect((await post(page, '/api/v1/seals', { do: 'make counter' })).status()).toBe(200)
  await seen.context().close()
})
