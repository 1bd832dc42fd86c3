// WCAG 2.2 AA on every view, at desk, tablet and phone size; and the frame by keyboard.
import AxeBuilder from '@axe-core/playwright'
import { expect, readText, test } from './bench'

// each view stands by itself: both workers take from them
test.describe.configure({ mode: 'parallel' })

const views: [string, string][] = [
  ['shelf', '/recipes'],
  ['paste', '/recipes/new'],
  ['edit', '/recipes/damson-slice'],
  ['bench', '/products/damson-slice'],
  ['bench with a gap', '/products/rhubarb-tartlet'],
  ['part', '/parts/house-flour-blend'],
  ['larder', '/larder'],
  ['ingredient', '/larder/plant-butter'],
  ['new ingredient', '/larder/new'],
  ['kitchen', '/kitchen'],
  ['orders', '/orders'],
  ['what to buy', '/orders/shopping'],
  ['what earns', '/recipes/earnings'],
  ['today', '/'],
  ['price list', '/larder/prices'],
  ['print', '/products/ginger-teff-loaf/print'],
  ['label designs', '/kitchen/label-designs'],
  ['cleaning', '/bake/cleaning'],
  ['labels', '/labels'],
  ['signatures', '/records/signatures'],
  ['journal', '/records/journal'],
  ['trace', '/records/trace?code=none'],
  ['order of work', '/bake/plan'],
  ['not found', '/nowhere'],
]
const clean = async (page: import('@playwright/test').Page) => {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze()
  expect(
    violations.map(
      violation =>
        `${violation.id}: ${violation.nodes
          .map(node => node.html)
          .slice(0, 3)
          .join(' | ')}`,
    ),
  ).toEqual([])
}

for (const [name, at] of views)
  test(`axe finds nothing on ${name}`, async ({ page }) => {
    await page.goto(at)
    await expect(page.locator('h1, svg[data-label]').first()).toBeVisible()
    await clean(page)
  })

test('axe finds nothing on a reading', async ({ page }) => {
  await readText(page, 'Buns\n\n1 cup mesquite flour\nbutter, for greasing\n')
  await expect(page.getByText('Not in the larder yet.').first()).toBeVisible()
  await clean(page)
})

test('axe finds nothing on each face of the lid', async ({ page }) => {
  test.slow() // many views in one go
  await page.goto('/products/damson-slice')
  await expect(page.locator('h1')).toBeVisible()
  for (const key of ['2', '3', '4', '5', '6', '7']) {
    await page.keyboard.press(key)
    await clean(page)
  }
})

test('axe finds nothing on what opens from the bench', async ({ page }) => {
  test.slow() // many views in one go
  await page.goto('/products/damson-slice')
  await page.getByRole('button', { name: /^release spray: gluten-free/ }).click()
  await clean(page)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Beside another market' }).click()
  await clean(page)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'plant butter, softened' }).click()
  await clean(page)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Price of plant butter' }).click()
  await clean(page)
  await page.keyboard.press('Escape')
  await page.keyboard.press('h')
  await expect(page.getByRole('dialog', { name: /Versions of/ })).toBeVisible()
  await clean(page)
  await page.keyboard.press('Escape')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await clean(page)
})

for (const [name, size] of [
  ['tablet', { width: 1024, height: 768 }],
  ['phone', { width: 390, height: 844 }],
] as const)
  test(`nothing runs over the edge on a ${name}`, async ({ page }) => {
    await page.setViewportSize(size)
    for (const at of [
      '/recipes',
      '/products/damson-slice',
      '/larder',
      '/larder/plant-butter',
      '/recipes/damson-slice',
    ]) {
      await page.goto(at)
      await expect(page.locator('h1')).toBeVisible()
      expect(
        await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
        at,
      ).toBeLessThanOrEqual(0)
    }
  })

test('anything is found by any of its names, by keyboard', async ({ page }) => {
  await page.goto('/recipes')
  await expect(page.locator('h1')).toBeVisible()
  await page.keyboard.press('/')
  await page.getByPlaceholder('By any name it goes by').fill('ground linseed')
  await expect(page.getByRole('option', { name: /linseed, ground/ })).toBeVisible()
  await clean(page)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'linseed, ground' })).toBeVisible()
  await page.keyboard.press('/')
  await page.getByPlaceholder('By any name it goes by').fill('no such thing at all')
  await expect(page.getByText('Nothing by that name.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  // pressed before the answer came, and whatever was pointed at before it
  await page.keyboard.press('/')
  await page.getByPlaceholder('By any name it goes by').fill('slice')
  await expect(page.getByRole('option', { name: /damson .* slice/i }).first()).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.getByPlaceholder('By any name it goes by').fill('teff flour')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'teff flour', level: 1 })).toBeVisible()
})

test('the bench answers to its keys', async ({ page }) => {
  await page.goto('/products/ginger-teff-loaf')
  const row = page.getByRole('row').filter({ hasText: 'teff flour' }).first()
  await expect(row).toContainText('200 g')
  await page.keyboard.press(']')
  await expect(row).toContainText('400 g')
  await page.keyboard.press('[')
  await page.keyboard.press('[')
  await expect(row).toContainText('100 g')
  await page.keyboard.press('4')
  await expect(page.getByText('A skewer misleads in so moist a crumb')).toBeVisible()
  await page.keyboard.press('b')
  await page.keyboard.type('24')
  await expect(row).toContainText('400 g')
  await page.keyboard.press('Escape')
})

test('axe finds nothing on sizes, another blend and a trial', async ({ page }) => {
  test.slow() // four views in one go
  await page.goto('/products/damson-slice')
  await page.getByRole('button', { name: 'Size by …' }).click()
  await page.getByRole('button', { name: 'A tin not in the list' }).click()
  await clean(page)
  await page.keyboard.press('Escape')
  await page.getByRole('tab', { name: 'Blend' }).click()
  await page.getByRole('button', { name: 'Look for another blend' }).click()
  await clean(page)
  await page.keyboard.press('t')
  await clean(page)
  await page.getByRole('button', { name: 'Try something' }).click()
  await clean(page)
})
