// How evenly pictures follow while something moves: a practice scale that speaks twenty times a second at the weigh-out, a block pulled
// over a label, each beside a bare page that writes a number twenty times a second. Prints frames and how many came late; judges nothing.
import { chromium, type Page } from '@playwright/test'
import { signInAt } from '../../scripts/signIn.mjs'

const address = process.env.FAIR_TIN_ADDRESS ?? 'http://127.0.0.1:3210'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] })
const context = await browser.newContext({ baseURL: address, viewport: { width: 1024, height: 768 } })
await context.addCookies([{ name: 'tin_session', value: await signInAt(address), url: address }])
const page = await context.newPage()

const seconds = 5
/** Milliseconds from frame to frame while `meanwhile` runs. */
async function frames(on: Page, meanwhile: () => Promise<void> = async () => {}): Promise<number[]> {
  await on.evaluate(() => {
    const gaps: number[] = []
    Object.assign(window, { gaps, watching: true })
    let last = performance.now()
    const next = () => {
      const now = performance.now()
      gaps.push(now - last)
      last = now
      if ((window as unknown as { watching: boolean }).watching) requestAnimationFrame(next)
    }
    requestAnimationFrame(next)
  })
  const until = Date.now() + seconds * 1000
  await meanwhile()
  await on.waitForTimeout(Math.max(0, until - Date.now()))
  return on.evaluate(() => {
    Object.assign(window, { watching: false })
    return (window as unknown as { gaps: number[] }).gaps
  })
}
/** A frame and a half of sixty a second. */
const late = (gaps: readonly number[]) => gaps.filter(one => one > 25).length
const perSecond = (gaps: readonly number[]) => (gaps.length / gaps.reduce((sum, one) => sum + one, 0)) * 1000
function say(what: string, gaps: readonly number[], bare: readonly number[]): void {
  const ratio = perSecond(gaps) / perSecond(bare)
  console.log(
    `${what.padEnd(26)} ${perSecond(gaps).toFixed(1)} frames a second (${ratio.toFixed(2)} of the bare page), ${late(gaps)} of ${gaps.length} late (bare: ${late(bare)} of ${bare.length})`,
  )
}

await page.setContent('<p id="n">0</p>')
await page.evaluate(() => {
  setInterval(() => {
    document.getElementById('n')!.textContent = String(Math.random())
  }, 50)
})
const bare = await frames(page)

await page.goto('/bake', { waitUntil: 'networkidle' })
await page.getByRole('combobox', { name: 'What is baked' }).click()
await page.getByRole('option', { name: 'Ginger teff loaf' }).first().click()
await page.getByRole('button', { name: 'Begin it' }).click()
const dialog = page.getByRole('dialog')
for (let asked = 0; asked < 3 && !/\/bake\/[^/?]+$/.test(page.url()); asked++) {
  await page.waitForTimeout(1500)
  if (await dialog.getByLabel('It may be baked all the same, because').isVisible())
    await dialog.getByLabel('It may be baked all the same, because').fill('a bench')
  const on = dialog.getByRole('button', { name: /^Begin/ })
  if (await on.isVisible()) await on.click()
}
await page.waitForURL(/\/bake\/[^/?]+$/)
await page.getByRole('combobox', { name: 'Scale' }).selectOption('practice')
const pour = page.getByRole('button', { name: /^Pour/ }).first()
await pour.hover()
await page.mouse.down()
say('a scale that pours', await frames(page), bare)
await page.mouse.up()

await page.goto('/kitchen/label-designs', { waitUntil: 'networkidle' })
await page.getByRole('button', { name: 'Add a design' }).click()
const block = (await page
  .getByRole('button', { name: /^Date, lot and storage:/ })
  .first()
  .boundingBox())!
await page.mouse.move(block.x + 20, block.y + 10)
await page.mouse.down()
say(
  'a block pulled over it',
  await frames(page, async () => {
    for (let at = 0; at < 150; at++) {
      await page.mouse.move(block.x + 20 - (at % 60), block.y + 10 - (at % 40))
      await page.waitForTimeout(20)
    }
  }),
  bare,
)
await page.mouse.up()
await browser.close()
