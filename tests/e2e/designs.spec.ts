// A label arranged by hand: blocks moved by mouse and by keys, a logo that can do no harm, what does not fit said; printed in every form.
import { foundBakery, openSession, stays } from '@fair-tin/data'
import { PDFDocument } from 'pdf-lib'
import { PNG } from 'pngjs'
import { expect, readText, test } from './bench'

const svg = (inside: string) => ({
  name: 'quay.svg',
  mimeType: 'image/svg+xml',
  buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" width="40" height="20">${inside}</svg>`),
})

test('a label is arranged, takes a logo, refuses claims of its own, and prints in every form', async ({
  page,
  baseURL,
}) => {
  test.slow()
  const { bakery, staff } = await foundBakery('Design House', 'Orla Finch')
  const value = await openSession({ bakery, staff }, stays.password, 'a test')
  await page.context().addCookies([{ name: 'tin_session', value, url: baseURL!, httpOnly: true, sameSite: 'Lax' }])
  await readText(page, 'Quay bar\nMakes 4\n\n200 g water')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Quay bar' })).toBeVisible()
  const bench = page.url().split('?')[0]!

  await page.goto('/kitchen/label-designs')
  await page.getByRole('button', { name: 'Add a design' }).click()
  await page.getByLabel('What it is called').fill('Kraft front')
  const design = page.getByRole('group', { name: 'Kraft front' })
  await expect(design.getByRole('status')).toContainText('All of it fits')

  // by keys: half a millimetre a press, and with Shift its size
  const keeping = design.getByRole('button', { name: /^Date, lot and storage:/ })
  await keeping.focus()
  const before = (await keeping.getAttribute('aria-label'))!
  const [, left] = /: ([\d.]+) mm from the left/.exec(before)!
  await page.keyboard.press('ArrowLeft')
  await expect(keeping).toHaveAttribute('aria-label', new RegExp(`: ${Number(left) - 0.5} mm from the left`))
  await expect(design.getByRole('status')).toContainText('All of it fits')
  await page.keyboard.press('ArrowRight')

  // by mouse: over another block it is said, and not kept
  const business = design.getByRole('button', { name: /^Name and address of the business:/ })
  const box = (await keeping.boundingBox())!
  await page.mouse.move(box.x + 20, box.y + 10)
  await page.mouse.down()
  await page.mouse.move(box.x - 120, box.y - 10, { steps: 8 })
  await page.mouse.up()
  await expect(design.getByRole('status')).toContainText('lie over each other')
  await page.getByRole('button', { name: 'Keep the designs' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'lie over each other' })).toBeVisible()
  await page.mouse.move(box.x - 120, box.y - 10)
  await page.mouse.down()
  await page.mouse.move(box.x + 20, box.y + 10, { steps: 8 })
  await page.mouse.up()
  await expect(design.getByRole('status')).toContainText('All of it fits')
  await expect(business).toBeVisible()

  // too small for what it holds
  const list = design.getByRole('button', { name: /^List and statements:/ })
  await design.getByRole('button', { name: 'Measures of list and statements' }).click()
  const high = design.getByLabel('High, mm')
  const usual = await high.inputValue()
  await high.fill('2')
  await expect(design.getByRole('status')).toContainText('List and statements: its block is')
  await high.fill(usual)
  await expect(list).toHaveAttribute('aria-label', new RegExp(`${usual} mm`))

  // words of her own claim nothing
  await design.getByLabel('Own words; a claim is none of them').fill('Our vegan best')
  await expect(design.getByRole('status')).toContainText('Your own words claim “vegan”')
  await design.getByLabel('Own words; a claim is none of them').fill('Baked by the harbour.')

  // what would fetch or run is drawn as points, or not at all
  const take = design.locator('input[type=file]')
  await take.setInputFiles(svg('<image href="http://127.0.0.1:9/x.png" width="9" height="9"/>'))
  await expect(design.getByRole('alert')).toContainText('takes in another file')
  await take.setInputFiles({ name: 'quay.png', mimeType: 'image/png', buffer: Buffer.from('no picture') })
  await expect(design.getByRole('alert')).toContainText('is no PNG and no SVG')
  await take.setInputFiles(
    svg('<script>alert(1)</script><rect width="40" height="20" fill="#22375C" onload="alert(2)"/>'),
  )
  await expect(design.getByRole('button', { name: /^Logo:/ })).toBeVisible()
  await expect(design.getByRole('status')).toContainText('All of it fits')
  await page.getByRole('button', { name: 'Keep the designs' }).click()
  await expect(page.getByText('The label designs are kept.')).toBeVisible()
  await page.reload()
  const shown = page.getByRole('group', { name: 'Kraft front' }).locator('[data-label] image')
  const picture = await page.request.get((await shown.getAttribute('href'))!)
  expect(picture.headers()['content-type']).toBe('image/png')
  const points = PNG.sync.read(await picture.body())
  expect([points.width, points.height]).toEqual([1200, 600])
  expect([...points.data.subarray(0, 4)]).toEqual([0x22, 0x37, 0x5c, 255])

  // chosen on the bench it stays with the product
  await page.goto(`${bench}?lid=label`)
  const label = page.getByRole('tabpanel', { name: /Label/ })
  await label.getByRole('combobox', { name: 'Label size' }).click()
  await page.getByRole('option', { name: /Kraft front/ }).click()
  await expect(label.locator('[data-label] image')).toHaveCount(1)
  await expect(page.getByRole('status').filter({ hasText: /Recipe draft \d+, saved/ })).toBeVisible()
  const address = (await label.getByRole('link', { name: 'Label as PDF' }).getAttribute('href'))!
  const pdf = await PDFDocument.load(await (await page.request.get(address)).body())
  expect(pdf.getPage(0).getWidth()).toBeCloseTo((100 * 72) / 25.4, 3)
  const bled = await PDFDocument.load(
    await (
      await page.request.get((await label.getByRole('link', { name: /to cut away/ }).getAttribute('href'))!)
    ).body(),
  )
  expect(bled.getPage(0).getTrimBox().width).toBeCloseTo((100 * 72) / 25.4, 3)
  expect(bled.getPage(0).getBleedBox().width).toBeCloseTo((106 * 72) / 25.4, 3)
  const png = await page.request.get((await label.getByRole('link', { name: /^PNG/ }).getAttribute('href'))!)
  const drawn = PNG.sync.read(await png.body())
  expect(drawn.width).toBe(Math.round((100 / 25.4) * 300))
  // there is ink in it, and paper
  const dark = drawn.data.filter((part, at) => at % 4 === 0 && part < 100).length
  expect(dark).toBeGreaterThan(5000)
  expect(dark).toBeLessThan(drawn.width * drawn.height * 0.4)
  const zpl = await (
    await page.request.get((await label.getByRole('link', { name: /^ZPL, 300/ }).getAttribute('href'))!)
  ).text()
  expect(zpl).toMatch(/^\^XA\n\^PW1181\n\^LL1181\n\^FO0,0\^GFA,/)
  const alone = await (
    await page.request.get((await label.getByRole('link', { name: 'SVG' }).getAttribute('href'))!)
  ).text()
  expect(alone).toContain('data:image/png;base64,')
  expect(alone).not.toContain('<script')
})
