// npm run screenshots: a picture of each main view of the running demo, into docs/screenshots (or a folder named).
//   node scripts/screenshots.mjs [--to DIR] [--only NAME] [--at http://127.0.0.1:3210]
import { mkdirSync } from 'node:fs'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { chromium } from '@playwright/test'
import { root } from './install.mjs'
import { signInAt } from './signIn.mjs'

const { values } = parseArgs({
  options: {
    to: { type: 'string', default: path.join(root, 'docs/screenshots') },
    only: { type: 'string' },
    at: { type: 'string', default: 'http://127.0.0.1:3210' },
  },
})
mkdirSync(values.to, { recursive: true })

const notebook = `Apple & almond crumble cups
Makes 12 in a 12-cup muffin tin
Gran's card, the one with the butter stain.

For the base
1½ cups house flour blend
100 g / 3½ oz plant butter, softened, plus extra for greasing
2 large eggs
½ cup (50 g) ground almonds
a pinch of salt

For the filling
500 g apples, peeled and chopped
2-3 tbsp date syrup
a handful of raisins

To finish
30 g pumpkin seeds or flaked almonds
coconut yoghurt, to serve

Method
Heat the oven to 180°C.
Press the base into the cups, fill, and bake for 30-35 minutes.`

const desk = { width: 1280, height: 800 }
const tablet = { width: 1024, height: 768 }
const tomorrow = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10)
const views = [
  { name: 'labels', at: '/labels', size: desk },
  {
    name: 'sign-off',
    at: '/labels/apple-crumble-tart/uk',
    size: desk,
    act: page => page.getByRole('button', { name: 'I have read: name' }).click(),
  },
  { name: 'recipes', at: '/recipes', size: desk },
  { name: 'bench', at: '/products/damson-slice', size: desk },
  {
    name: 'ways',
    at: '/products/rhubarb-tartlet?lid=proof',
    size: desk,
    act: async page => {
      await page.getByRole('button', { name: 'Look for ways to mend' }).first().click()
      await page.getByText('Least trouble first').first().waitFor()
    },
  },
  {
    name: 'label-design',
    at: '/kitchen/label-designs?product=ginger-teff-loaf&market=uk',
    size: desk,
    act: async page => {
      await page.getByRole('button', { name: 'Add a design' }).click()
      await page.getByLabel('What it is called').fill('Quayside front')
      await page.getByRole('checkbox', { name: 'Article number and square code' }).check()
      await page
        .getByRole('status')
        .filter({ hasText: /fits|too/ })
        .waitFor()
    },
  },
  {
    name: 'bench-nutrition',
    at: '/products/ginger-teff-loaf?lid=nutrition',
    size: desk,
    act: page => page.getByText('Made up 10,000 times').waitFor(),
  },
  { name: 'orders', at: '/orders', size: desk },
  { name: 'bench-phone', at: '/products/damson-slice', size: { width: 390, height: 844 } },
  {
    name: 'reading',
    at: '/recipes/new',
    size: desk,
    act: async page => {
      await page.getByLabel('The recipe as written').fill(notebook)
      await page.getByRole('button', { name: 'Read it' }).click()
    },
  },
  { name: 'today', at: '/', size: desk },
  { name: 'larder', at: '/larder', size: desk },
  { name: 'kitchen', at: '/kitchen', size: desk },
  {
    name: 'ingredient',
    at: '/larder/plant-butter',
    size: desk,
    act: async page => {
      await page.getByLabel('Status for milk').click()
      await page.getByRole('option', { name: 'contains', exact: true }).click()
      await page.getByText(/products change/).waitFor()
      await page.getByText('What it is made of').scrollIntoViewIfNeeded()
    },
  },
  {
    name: 'markets',
    at: '/products/ginger-teff-loaf',
    size: desk,
    act: async page => {
      await page.getByRole('button', { name: 'Beside another market' }).click()
      await page.getByRole('combobox', { name: 'Beside which market' }).click()
      await page.getByRole('option', { name: 'every other market' }).click()
      await page.waitForTimeout(1500)
    },
  },
  {
    name: 'plan',
    at: `/bake/plan?day=${tomorrow}`,
    size: desk,
    act: page => page.getByText('No order costs less').waitFor(),
  },
  { name: 'bake', at: `/bake?day=${tomorrow}`, size: tablet },
  {
    name: 'weigh-out',
    at: '/bake/seeded-shortbread-0',
    size: tablet,
    act: async page => {
      await page.getByRole('listitem').filter({ hasText: 'hard plant block' }).getByRole('button').click()
      await page.getByRole('combobox', { name: 'Scale' }).selectOption('practice')
      await page.getByRole('button', { name: 'Pour', exact: true }).hover()
      await page.mouse.down()
      await page.waitForTimeout(2000)
      await page.mouse.up()
      await page.waitForTimeout(2000)
    },
  },
  { name: 'record', at: '/records/ginger-teff-loaf-1', size: desk },
]

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
})
const key = await signInAt(values.at)
for (const view of views) {
  if (values.only && !values.only.split(',').includes(view.name)) continue
  const context = await browser.newContext({ viewport: view.size, locale: 'en-GB', baseURL: values.at })
  await context.addCookies([{ name: 'tin_session', value: key, url: values.at }])
  const page = await context.newPage()
  await page.goto(view.at, { waitUntil: 'networkidle' })
  await page.evaluate(() => document.fonts.ready)
  await view.act?.(page)
  await page.waitForTimeout(300)
  await page.screenshot({ path: path.join(values.to, `${view.name}.png`) })
  await context.close()
  console.log(`${view.name}.png`)
}
await browser.close()
