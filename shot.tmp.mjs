import { chromium } from '@playwright/test'
import { signInAt } from './scripts/signIn.mjs'

const at = 'http://127.0.0.1:3299'
const key = await signInAt(at)
const [path, out, w = 1280, h = 800, ...keys] = process.argv.slice(2)
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const context = await browser.newContext({ viewport: { width: +w, height: +h }, locale: 'en-GB', hasTouch: +w < 1100 })
await context.addCookies([{ name: 'tin_session', value: key, url: at }])
const page = await context.newPage()
page.on('console', m => m.type() === 'error' && console.log('console', m.text()))
page.on('pageerror', e => console.log('error', e.message))
await page.goto(at + path)
await page.waitForTimeout(1500)
for (const k of keys) {
  if (k.startsWith('click:')) await page.getByText(k.slice(6), { exact: false }).first().click()
  else if (k.startsWith('wait:')) await page.waitForTimeout(+k.slice(5))
  else if (k.startsWith('scroll:')) await page.getByText(k.slice(7)).first().scrollIntoViewIfNeeded()
  else await page.keyboard.press(k)
  await page.waitForTimeout(400)
}
await page.screenshot({ path: out })
await browser.close()
