import { chromium } from 'playwright-core'
import { signInAt } from './scripts/signIn.mjs'
const at = 'http://127.0.0.1:3299'
const key = await signInAt(at)
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const c = await b.newContext({ viewport: { width: 1280, height: 800 } })
await c.addCookies([{ name: 'tin_session', value: key, url: at }])
const p = await c.newPage()
p.on('console', m => m.type() === 'error' && console.log('console', m.text().slice(0, 200)))
for (const [name, path, act] of [
  ['today', '/', async () => { await p.getByRole('button', { name: /^Put off:/ }).first().click() }],
  ['claims', '/kitchen/claims'],
  ['ways', '/products/damson-slice?lid=proof', async () => { await p.getByRole('button', { name: 'Look for ways to mend' }).first().click(); await p.getByText('Least trouble first').first().waitFor({ timeout: 30000 }); }],
  ['five', '/products/ginger-teff-loaf?lid=label', async () => { await p.getByRole('button', { name: 'Beside another market' }).click(); await p.getByRole('combobox', { name: 'Beside which market' }).click(); await p.getByRole('option', { name: 'every other market' }).click(); await p.waitForTimeout(2500) }],
  ['draft', '/products/ginger-teff-loaf/print'],
  ['matrix', '/labels/matrix'],
].filter(([n]) => !process.argv[2] || process.argv[2].split(',').includes(n))) {
  await p.goto(at + path); await p.waitForTimeout(1500); await act?.(); await p.waitForTimeout(800)
  await p.screenshot({ path: `/tmp/w/${name}.png` })
}
await b.close()
