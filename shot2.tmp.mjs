import { chromium } from '@playwright/test'
import { signInAt } from './scripts/signIn.mjs'
const at = 'http://127.0.0.1:3299'
const key = await signInAt(at)
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })
await context.addCookies([{ name: 'tin_session', value: key, url: at }])
const page = await context.newPage()
page.on('pageerror', e => console.log('error', e.message))
await page.goto(at + '/labels#ahead'); await page.waitForTimeout(600)
await page.locator('#ahead').scrollIntoViewIfNeeded()
console.log(await page.locator('#ahead').innerText())
await page.goto(at + '/products/rhubarb-tartlet?lid=about'); await page.waitForTimeout(1500)
await page.getByText('Keeping table').click()
await page.getByText('Add: in the fridge').click()
await page.getByText('Add: frozen').click()
await page.waitForTimeout(400)
await page.getByText('Keeping table').scrollIntoViewIfNeeded()
await page.screenshot({ path: '/tmp/w/l2.png' })
await page.goto(at + '/products/damson-slice?lid=about'); await page.waitForTimeout(1200)
await page.getByLabel('Print the summary for the front').check(); await page.waitForTimeout(500)
await page.goto(at + '/products/damson-slice?lid=label'); await page.waitForTimeout(1500)
await page.screenshot({ path: '/tmp/w/l3.png' })
for (const [n, q] of [['fop', 'damson-slice/label.png?market=uk&perInch=203'], ['us', 'blackcurrant-bun/label.png?market=us&size=100x70&perInch=203'], ['us2','ginger-teff-loaf/label.png?market=us&perInch=203'], ['ca', 'ginger-teff-loaf/label.png?market=ca&perInch=203']]) {
  const r = await page.request.get(at + '/products/' + q)
  console.log(n, r.status(), r.headers()['content-type'], r.status() !== 200 ? await r.text() : '')
  if (r.status() === 200) (await import('node:fs')).writeFileSync(`/tmp/w/out-${n}.png`, await r.body())
}
await browser.close()
