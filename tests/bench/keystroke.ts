// From a keystroke in an amount to its painted weight, in the browser: the largest demo product, and a 400-line recipe.
// Prints medians and 95th percentiles; judges nothing.
import { chromium, type Page } from '@playwright/test'
import { signInAt } from '../../scripts/signIn.mjs'

const address = process.env.FAIR_TIN_ADDRESS ?? 'http://127.0.0.1:3210'
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
})
const context = await browser.newContext({ baseURL: address, viewport: { width: 1280, height: 800 } })
await context.addCookies([{ name: 'tin_session', value: await signInAt(address), url: address }])
const page = await context.newPage()

/** From now on, milliseconds from each such event to the frame after the numbers moved are kept in the page. */
const listen = (event: string) =>
  page.evaluate(name => {
    const samples: number[] = []
    Object.assign(window, { samples })
    window.addEventListener(
      name,
      () => {
        const began = performance.now()
        requestAnimationFrame(() => {
          const painted = new MessageChannel()
          painted.port1.onmessage = () => samples.push(performance.now() - began)
          painted.port2.postMessage(0)
        })
      },
      true,
    )
  }, event)

/** Milliseconds between keys: one held down, and a quick typist. */
const [held, quick] = [15, 120]

/** Types so many keys into the field in focus; milliseconds from the input event to the frame after the numbers moved. */
async function typed(keys: number, pause = held): Promise<number[]> {
  await listen('input')
  for (let at = 0; at < keys; at++) {
    const key = at % 8 < 4 ? String((at % 9) + 1) : 'Backspace'
    await page.keyboard.press(at % 8 === 0 ? 'Home' : key)
    await page.waitForTimeout(pause)
  }
  return page.evaluate(() => (window as unknown as { samples: number[] }).samples)
}
async function measure(name: string, keys: number, pause = held): Promise<number[]> {
  await page
    .getByRole('button', { name: new RegExp(`^Amount of ${name}:`) })
    .first()
    .click()
  const samples = await typed(keys, pause)
  await page.keyboard.press('Escape')
  return samples
}
/** What this browser needs for a keystroke on a page with nothing but a field: the floor under all others. */
async function floor(keys: number, pause = held): Promise<number[]> {
  await page.setContent('<input autofocus aria-label="Nothing">')
  await page.getByLabel('Nothing').click()
  return typed(keys, pause)
}
const quantile = (samples: number[], share: number) =>
  [...samples].sort((a, b) => a - b)[Math.min(samples.length - 1, Math.floor(samples.length * share))]!
const say = (what: string, samples: number[]) =>
  console.log(
    `${what}: ${samples.length} samples, median ${quantile(samples, 0.5).toFixed(1)} ms, 95th percentile ${quantile(samples, 0.95).toFixed(1)} ms`,
  )

/** Drags the number of pieces so many pixels, a few at a time; milliseconds from each move to the frame after the numbers moved. */
async function dragged(moves: number): Promise<number[]> {
  await listen('pointermove')
  const box = (await page.getByLabel(/^Make, /).boundingBox())!
  await page.mouse.move(box.x + 10, box.y + 10)
  await page.mouse.down()
  for (let at = 1; at <= moves; at++) await page.mouse.move(box.x + 10 + at * 6, box.y + 10)
  await page.mouse.up()
  return page.evaluate(() => (window as unknown as { samples: number[] }).samples)
}

async function long(on: Page): Promise<void> {
  await on.goto('/recipes/new')
  const lines = Array.from(
    { length: 400 },
    (_, at) => `${at + 1} g ${['buckwheat flour', 'teff flour', 'light cane sugar', 'cornflour'][at % 4]}`,
  )
  await on.getByLabel('The recipe as written').fill(['Four hundred lines', 'Makes 10', '', ...lines].join('\n'))
  await on.getByRole('button', { name: 'Read it' }).click()
  await on.getByRole('button', { name: 'Keep the recipe' }).click()
  await on.getByRole('heading', { name: 'Four hundred lines' }).waitFor()
}

say('a bare field', await floor(250))
say('  typed quickly', await floor(80, quick))
await page.goto('/products/damson-slice', { waitUntil: 'networkidle' })
say('largest demo product', await measure('plant butter', 250))
say('  typed quickly', await measure('plant butter', 80, quick))
say('  the same, its batch dragged from 48 to 200 slices', await dragged(150))
await long(page)
say('400-line recipe', await measure('teff flour', 80))
await browser.close()
