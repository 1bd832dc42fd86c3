// A page with Nell at the bench, and small ways to do what every test does.
import { openSession, sessionOf, stays } from '@fair-tin/data'
import { type APIResponse, type BrowserContext, test as base, expect, type Page } from '@playwright/test'
import { bakery } from '../../demo/kitchen'
import { tokenHeader, tokenOf } from '../../web/door/cookies'

/** Signs somebody of the demo bakery in; gives the key. */
export async function signIn(context: BrowserContext, address: string, staff = 'nell'): Promise<string> {
  const key = await openSession({ bakery: bakery.id, staff }, stays.password, 'a test')
  await context.addCookies([{ name: 'tin_session', value: key, url: address, httpOnly: true, sameSite: 'Lax' }])
  return key
}
/** Sends a change as a page would, past every field that a page has. */
export async function post(page: Page, address: string, data: unknown): Promise<APIResponse> {
  const key = (await page.context().cookies()).find(one => one.name === 'tin_session')?.value ?? ''
  const session = await sessionOf(key)
  return page.request.post(address, { data, headers: session ? { [tokenHeader]: tokenOf(session.id) } : {} })
}

export const test = base.extend({
  page: async ({ page, baseURL }, use) => {
    await signIn(page.context(), baseURL!)
    const broken: string[] = []
    page.on('pageerror', error => broken.push(error.message))
    // what the page's own policy forbids is a fault too
    page.on('console', message => {
      if (/Content Security Policy/.test(message.text())) broken.push(message.text())
    })
    await use(page)
    // no test passes over an error in the browser
    expect(broken).toEqual([])
  },
})

export { expect }

/** Pastes a text on the reading screen and has it read. */
export async function readText(page: Page, text: string): Promise<void> {
  await page.goto('/recipes/new')
  await page.getByLabel('The recipe as written').fill(text)
  await page.getByRole('button', { name: 'Read it' }).click()
}
/** What a card may say under its title, for what is to be claimed. */
export const claimed = 'Gluten-free, dairy-free, egg-free, nut-free'
/** Chooses from one of the application's own lists. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).click()
  await page.getByRole('option', { name: option, exact: true }).click()
}
/** The server does the first such change, and its answer never comes back. */
export async function loseFirstAnswer(page: Page, address: string): Promise<void> {
  let lost = false
  await page.route(address, async route => {
    if (lost || route.request().method() !== 'POST') return route.continue()
    lost = true
    await route.fetch()
    await route.abort()
  })
}

/** Types a day into the field of that name, in the order of the bakery: day, month, year. */
export async function typeDay(page: Page, label: string, iso: string) {
  const [year, month, day] = iso.split('-')
  await page.getByRole('group', { name: label, exact: true }).getByRole('spinbutton').first().click()
  await page.keyboard.type(`${day}${month}${year}`)
}
