// Coming in, changing places, what each part may do, and what is turned away.
import { foundBakery, makeLink, openSession, personAt, stays } from '@fair-tin/data'
import { type Browser, expect, type Page, test as plain } from '@playwright/test'
import { bakery, staff } from '../../demo/kitchen'
import { post, signIn, test } from './bench'

const [nell, tobit] = staff
const tap = async (page: Page, pin: string) => {
  for (const figure of pin) await page.getByRole('button', { name: figure, exact: true }).click()
  await page.getByRole('button', { name: 'Come in' }).click()
}
/** Taps a name; one tapped before the page was awake is tapped again. */
const take = (page: Page, name: RegExp) =>
  expect(async () => {
    await page.getByRole('button', { name }).click({ timeout: 2000 })
    await expect(page.getByLabel('PIN')).toBeVisible({ timeout: 1000 })
  }).toPass()
/** A window of its own, in which nobody is signed in. */
const stranger = async (browser: Browser, baseURL: string) =>
  (await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 }, locale: 'en-GB' })).newPage()
const listed = (page: Page, name: string) =>
  page.getByRole('region', { name: 'People', exact: true }).getByRole('listitem').filter({ hasText: name })
const founded = () => foundBakery('Quay Bakehouse', 'Orla Finch')

plain.describe('the door', () => {
  plain(
    'nobody sees a page or a row before they sign in, and then the page they asked for',
    async ({ page, baseURL }) => {
      for (const at of ['/', '/larder', '/kitchen/people', '/products/ginger-teff-loaf']) {
        await page.goto(at)
        await expect(page).toHaveURL(/\/sign-in\?to=/)
        await expect(page.getByText('Pennywhistle')).toHaveCount(0)
      }
      for (const at of [
        '/api/v1/books',
        '/api/v1/people',
        '/products/ginger-teff-loaf/label.pdf',
        '/api/v1/find?name=salt',
      ]) {
        const answer = await page.request.get(at, { maxRedirects: 0 })
        expect([401, 307], at).toContain(answer.status())
        // what was asked for is repeated, and nothing else said
        expect((await answer.text()).replaceAll(/ginger-teff-loaf/g, ''), at).not.toMatch(/teff|salt|Nell/i)
      }
      await page.goto('/larder?from=here')
      await page.getByLabel('E-mail').fill(nell!.email!)
      await page.getByLabel('Password').fill('not the password')
      await page.getByRole('button', { name: 'Sign in' }).click()
      await expect(page.getByRole('alert').filter({ hasText: 'do not belong together' })).toBeVisible()
      await expect(page.getByLabel('E-mail')).toHaveValue(nell!.email!)
      await page.getByLabel('Password').fill(nell!.password!)
      await page.getByRole('button', { name: 'Sign in' }).click()
      await expect(page).toHaveURL(`${baseURL}/larder?from=here`)
      await page.getByRole('button', { name: /^Nell Arrowby/ }).click()
      await page.getByRole('menuitem', { name: 'Sign out', exact: true }).click()
      await expect(page).toHaveURL(/\/sign-in/)
      await page.goto('/')
      await expect(page).toHaveURL(/\/sign-in/)
    },
  )

  plain('the first owner opens a bakery by a link, keeps the code, and comes in again by it', async ({ page }) => {
    const email = `orla-${crypto.randomUUID()}@quay.example`
    await page.goto(`/welcome/${await makeLink('first owner', {}, 1)}`)
    await page.getByLabel('What the bakery is called').fill('Orla’s Oven')
    await page.getByLabel('Your name').fill('Orla Finch')
    await page.getByLabel('E-mail').fill(email)
    await page.getByLabel('Password').fill('password1234')
    await page.getByRole('button', { name: 'Open the bakery' }).click()
    await expect(page.getByRole('alert').filter({ hasText: 'tried first' })).toBeVisible()
    await page.getByLabel('Password').fill('kettle harbour teff nine')
    await page.getByRole('button', { name: 'Open the bakery' }).click()
    await expect(page.getByRole('heading', { name: 'Print this, or write it down' })).toBeVisible()
    const code = await page.getByText(/^([2-9A-Z]{4}-){4}[2-9A-Z]{4}$/).innerText()
    await page.getByRole('button', { name: /I have it/ }).click()
    await expect(page.getByText('Orla’s Oven')).toBeVisible()
    // an empty bakery, and nothing of another one
    await page.goto('/larder')
    await expect(page.getByText('buckwheat')).toHaveCount(0)
    for (const at of ['/', '/recipes', '/orders', '/kitchen', '/kitchen/people', '/recipes/new']) {
      await page.goto(at)
      await expect(page.getByText('This page did not come')).toHaveCount(0)
    }
    await page.context().clearCookies()
    await page.goto('/sign-in')
    await page.getByRole('button', { name: 'I lost my password' }).click()
    await page.getByLabel('E-mail').fill(email)
    await page.getByLabel('Recovery code').fill(code.toLowerCase())
    await page.getByLabel('New password').fill('another kettle, another quay')
    await page.getByRole('button', { name: 'Set the new password' }).click()
    await page.getByRole('button', { name: /I have it/ }).click()
    await expect(page).toHaveURL(/\/sign-in$/)
    await page.getByLabel('E-mail').fill(email)
    await page.getByLabel('Password').fill('another kettle, another quay')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByText('Orla’s Oven')).toBeVisible()
  })

  plain('a link for one person is good once', async ({ page, browser, baseURL }) => {
    const key = await makeLink('sign in', { bakery: bakery.id, staff: nell!.id }, 1)
    // whatever only fetches the address uses nothing up
    expect((await page.request.get(`/welcome/${key}`)).status()).toBe(200)
    await page.goto(`/welcome/${key}`)
    await expect(page).toHaveURL(`${baseURL}/`)
    const other = await stranger(browser, baseURL!)
    for (const at of [key, 'no-such-link', 'x'.repeat(3000)]) {
      await other.goto(`/welcome/${at}`)
      await expect(other.getByRole('heading', { name: /leads nowhere/ })).toBeVisible()
    }
    await other.context().close()
  })
})

test('a tablet is let in, and people change places on it by name and PIN', async ({ browser, baseURL }, { retry }) => {
  const shelf = `Shelf by the door ${retry}`
  const page = await stranger(browser, baseURL!)
  await signIn(page.context(), baseURL!, 'nell')
  await page.goto('/kitchen/people')
  await page.getByLabel('Where this one stands').fill(shelf)
  await page.getByRole('button', { name: 'Make this browser a tablet' }).click()
  await expect(page.getByRole('heading', { name: 'Who is here?' })).toBeVisible()
  await take(page, /Tobit Fenn/)
  await tap(page, '1111')
  await expect(page.getByRole('alert').filter({ hasText: 'That is not the PIN' })).toBeVisible()
  await tap(page, tobit!.pin)
  await expect(page.getByRole('button', { name: /^Tobit Fenn, baker/ })).toBeVisible()
  // what is another's to do is refused, and says whose it is
  const refused = await post(page, '/api/v1/edits/kitchen/kitchen', { edits: [{}] })
  expect([refused.status(), (await refused.json()).problem]).toEqual([
    403,
    'To change the kitchen record is not for a baker here. Imke Larkin (signer) and Nell Arrowby (owner) can.',
  ])
  expect((await post(page, '/api/v1/people', { do: 'let go', id: 'nell' })).status()).toBe(403)
  await page.getByRole('button', { name: /^Tobit Fenn/ }).click()
  await page.getByRole('menuitem', { name: 'Change places' }).click()
  await take(page, /Imke Larkin/)
  await tap(page, staff[2]!.pin)
  await expect(page.getByRole('button', { name: /^Imke Larkin, signer/ })).toBeVisible()
  // the owner shuts it out, from anywhere
  const owner = await stranger(browser, baseURL!)
  await signIn(owner.context(), baseURL!, 'nell')
  await owner.goto('/kitchen/people')
  await owner.getByRole('listitem').filter({ hasText: shelf }).getByRole('button', { name: 'Shut it out' }).click()
  await expect(owner.getByText(`${shelf} is shut out.`)).toBeVisible()
  await page.goto('/larder')
  await expect(page).toHaveURL(/\/sign-in/)
  await page.context().close()
  await owner.context().close()
})

test('somebody new is taken on, given a password, and let go in the middle of their work', async ({
  browser,
  baseURL,
}) => {
  const { bakery: quay, staff: orla } = await founded()
  const owner = await stranger(browser, baseURL!)
  const key = await openSession({ bakery: quay, staff: orla }, stays.password)
  await owner.context().addCookies([{ name: 'tin_session', value: key, url: baseURL! }])
  await owner.goto('/kitchen/people')
  await owner.getByLabel('Somebody new').fill('Pim Rowe')
  await owner.getByRole('button', { name: 'Take them on' }).click()
  const row = listed(owner, 'Pim Rowe')
  await row.getByRole('button', { name: 'Change' }).click()
  await row.getByLabel('New PIN').fill('1234')
  await row.getByRole('button', { name: 'Set the PIN' }).click()
  await expect(owner.getByRole('alert').filter({ hasText: 'one of the first that is tried' })).toBeVisible()
  await row.getByRole('button', { name: 'Make a link for a password' }).click()
  const address = await owner.getByText(/\/welcome\//).innerText()
  const pim = await stranger(browser, baseURL!)
  await pim.goto(address)
  await expect(pim.getByRole('heading', { name: 'Welcome, Pim Rowe' })).toBeVisible()
  await pim.getByLabel('E-mail').fill(`pim-${crypto.randomUUID()}@quay.example`)
  await pim.getByLabel('Password').fill('kettle harbour teff nine')
  await pim.getByRole('button', { name: 'Make my account' }).click()
  await pim.getByRole('button', { name: /I have it/ }).click()
  await expect(pim).toHaveURL(`${baseURL}/`)
  await pim.goto('/recipes/new')
  await pim.getByLabel('The recipe as written').fill('Pim’s buns\n\n100 g teff flour')
  await pim.getByRole('button', { name: 'Read it' }).click()
  await expect(pim.getByRole('button', { name: 'Keep the recipe' })).toBeVisible()
  await row.getByRole('button', { name: 'Let go' }).click()
  await expect(row).toHaveCount(0)
  await pim.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(pim.getByRole('alert').filter({ hasText: 'You are signed out here' })).toBeVisible()
  await expect(pim.getByLabel('Name', { exact: true })).toHaveValue('Pim’s buns')
  // the last owner stays
  const own = listed(owner, '(you)')
  await own.getByRole('button', { name: 'Change' }).click()
  await owner.getByLabel('Part of Orla Finch').click()
  await owner.getByRole('option', { name: 'Baker' }).click()
  await expect(owner.getByRole('alert').filter({ hasText: 'Somebody has to own the bakery' })).toBeVisible()
  expect(await personAt(quay, orla)).toMatchObject({ role: 'owner' })
  await owner.context().close()
  await pim.context().close()
})

test('an inspector looks at everything, changes nothing, and only until the day', async ({
  browser,
  baseURL,
  page,
}) => {
  await page.goto('/kitchen/people')
  const name = `Ida Wren ${Date.now()}`
  await page.getByLabel('Somebody new').fill(name)
  await page.getByLabel('Their part').click()
  await page.getByRole('option', { name: 'Reader' }).click()
  await page.getByRole('button', { name: 'Take them on' }).click()
  const row = listed(page, name)
  await row.getByRole('button', { name: 'Change' }).click()
  await row.getByRole('button', { name: /Make a link to look/ }).click()
  const address = await page.getByText(/\/welcome\//).innerText()
  const ida = await stranger(browser, baseURL!)
  await ida.goto(address)
  await ida.getByRole('button', { name: 'Come in' }).click()
  await expect(ida).toHaveURL(`${baseURL}/`)
  await ida.goto('/products/ginger-teff-loaf')
  await expect(ida.getByText('teff flour').first()).toBeVisible()
  const refused = await post(ida, '/api/v1/parts', { part: 'short-pastry', grams: 100, reason: 'x' })
  expect([refused.status(), (await refused.json()).problem]).toEqual([
    403,
    expect.stringMatching(/^To change what is on the shelf is not for a reader here\./),
  ])
  await row.getByRole('button', { name: 'Take the look away' }).click()
  await expect(row).toHaveCount(0)
  await ida.goto('/larder')
  await expect(ida).toHaveURL(/\/sign-in/)
  await ida.goto(address)
  await expect(ida.getByRole('heading', { name: /leads nowhere/ })).toBeVisible()
  await ida.context().close()
})

test('prices are kept from a baker where the owner says so', async ({ browser, baseURL, page }) => {
  await page.goto('/kitchen/people')
  const name = `Sim Dale ${Date.now()}`
  await page.getByLabel('Somebody new').fill(name)
  await page.getByRole('button', { name: 'Take them on' }).click()
  const row = listed(page, name)
  await row.getByRole('button', { name: 'Change' }).click()
  await row.getByLabel('sees prices and costs').click()
  await expect(page.getByText(`${name} is changed.`)).toBeVisible()
  await row.getByRole('button', { name: 'Make a link for a password' }).click()
  const key = (await page.getByText(/\/welcome\//).innerText()).split('/').at(-1)!
  const { linkOf } = await import('@fair-tin/data')
  const link = (await linkOf(key))!
  const sim = await stranger(browser, baseURL!)
  const session = await openSession({ bakery: bakery.id, staff: link.staff }, stays.pin)
  await sim.context().addCookies([{ name: 'tin_session', value: session, url: baseURL! }])
  // Nell read it with its prices a moment ago
  await page.goto('/larder/teff-flour')
  await expect(page.getByText(/£\d/).first()).toBeVisible()
  for (const at of ['/larder/teff-flour', '/larder', '/products/ginger-teff-loaf']) {
    const html = await (await sim.request.get(at)).text()
    expect(html.match(/"packs\\*":\[\{.{0,60}/)?.[0], at).toBeUndefined()
  }
  await page.goto('/kitchen/people')
  await row.getByRole('button', { name: 'Change' }).click()
  await row.getByRole('button', { name: 'Let go' }).click()
  await sim.context().close()
})

test('on a shared tablet each finds what they left open, and nobody sends another’s changes', async ({
  page,
  baseURL,
}) => {
  const written = 'Tray for the harbour\n\n300 g teff flour'
  const card = page.getByLabel('The recipe as written')
  await page.goto('/recipes/new')
  await card.fill(written)
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByLabel('Name', { exact: true }).first()).toHaveValue('Tray for the harbour')
  await signIn(page.context(), baseURL!, 'tobit')
  await page.reload()
  await expect(card).toHaveValue('')
  await signIn(page.context(), baseURL!, 'nell')
  await page.reload()
  await expect(page.getByLabel('Name', { exact: true }).first()).toHaveValue('Tray for the harbour')
  await page.getByRole('button', { name: 'Keep the recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Tray for the harbour' })).toBeVisible()
  // somebody else came in while the bench stood open: the change waits for the one who made it
  await signIn(page.context(), baseURL!, 'tobit')
  await page.getByRole('button', { name: /^Amount of teff flour:/ }).click()
  await page.getByLabel('Amount of teff flour', { exact: true }).fill('330 g')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Somebody else is signed in here now.')).toBeVisible()
  await page.reload()
  const line = page.getByRole('region', { name: 'Ledger' }).getByRole('row').filter({ hasText: 'teff flour' }).first()
  await expect(line).toContainText('300 g')
  await signIn(page.context(), baseURL!, 'nell')
  await page.reload()
  await expect(line).toContainText('330 g')
  await expect(page.getByRole('status').filter({ hasText: /Recipe draft \d+, saved/ })).toBeVisible()
})

test('another site, another host, a form and a change without its token are turned away', async ({ page, baseURL }) => {
  await page.goto('/')
  const change = { part: 'short-pastry', grams: 100, reason: 'forged' }
  const key = (await page.context().cookies()).find(one => one.name === 'tin_session')!.value
  const forged = async (headers: Record<string, string>, body: string = JSON.stringify(change)) => {
    const answer = await fetch(`${baseURL}/api/v1/parts`, {
      method: 'POST',
      headers: { cookie: `tin_session=${key}`, 'content-type': 'application/json', ...headers },
      body,
    })
    return answer.status
  }
  expect(await forged({})).toBe(403)
  expect(await forged({ 'x-fair-tin-token': 'guessed' })).toBe(403)
  expect(await forged({ origin: 'http://evil.example' })).toBe(403)
  expect(await forged({ 'sec-fetch-site': 'same-site' })).toBe(403)
  expect(await forged({ 'content-type': 'application/x-www-form-urlencoded' }, 'part=short-pastry&grams=1')).toBe(415)
  expect(await forged({ 'content-type': 'text/plain' })).toBe(415)
  const answer = await page.request.get('/')
  const policy = answer.headers()['content-security-policy']!
  expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]+' 'strict-dynamic'/)
  expect(policy).not.toMatch(/script-src[^;]*'unsafe-inline'/)
  expect(policy).toContain("frame-ancestors 'none'")
  expect(answer.headers()['x-content-type-options']).toBe('nosniff')
  // each page has a nonce of its own
  expect((await page.request.get('/')).headers()['content-security-policy']).not.toBe(policy)
})

test('everything goes along in one file, and a fresh bakery is made from it', async ({ browser, baseURL, page }) => {
  const taken = await page.request.get('/kitchen/everything.zip')
  expect(taken.headers()['content-disposition']).toMatch(/attachment; filename="everything-\d{4}-\d\d-\d\d\.zip"/)
  const file = { name: 'everything.zip', mimeType: 'application/zip', buffer: await taken.body() }
  const tobitsPage = await stranger(browser, baseURL!)
  await signIn(tobitsPage.context(), baseURL!, 'tobit')
  expect((await tobitsPage.request.get('/kitchen/everything.zip')).status()).toBe(403)
  await tobitsPage.context().close()

  const { bakery: quay, staff: orla } = await founded()
  const owner = await stranger(browser, baseURL!)
  const key = await openSession({ bakery: quay, staff: orla }, stays.password)
  await owner.context().addCookies([{ name: 'tin_session', value: key, url: baseURL! }])
  await owner.goto('/kitchen/people')
  const bring = owner.getByLabel(/still empty: bring in/)
  await bring.setInputFiles({ ...file, buffer: file.buffer.subarray(0, 3000) })
  await expect(owner.getByRole('alert').filter({ hasText: 'or it is torn. Nothing was brought in' })).toBeVisible()
  await bring.setInputFiles(file)
  await expect(owner.getByText('The books of Pennywhistle Lane Bakehouse are here')).toBeVisible()
  await expect(bring).toHaveCount(0)
  await owner.goto('/products/ginger-teff-loaf')
  await expect(owner.getByRole('heading', { name: 'Ginger teff loaf' })).toBeVisible()
  await owner.goto('/larder/teff-flour')
  await expect(owner.getByLabel('Name', { exact: true })).toHaveValue('teff flour')
  await owner.context().close()
})
