// Another bakery's people, at every page and every route there is, with the ids of this one: they see nothing of it and move nothing.
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { fingerprint, foundBakery, openSession, readStamp, stays, whoIsHere, withBakery } from '@fair-tin/data'
import { expect, test as plain } from '@playwright/test'
import { bakery } from '../../demo/kitchen'
import { post } from './bench'

const app = path.join(import.meta.dirname, '../../web/app')
/** Every address served, as its folder is called. */
function* served(folder = app): Generator<{ at: string; file: string }> {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const full = path.join(folder, entry.name)
    if (entry.isDirectory()) yield* served(full)
    else if (entry.name === 'page.tsx' || entry.name === 'route.ts')
      yield { at: `/${path.relative(app, folder)}`, file: readFileSync(full, 'utf8') }
  }
}
const idOf = (at: string) =>
  /products/.test(at) ? 'ginger-teff-loaf' : /parts|recipes/.test(at) ? 'short-pastry' : 'teff-flour'
const addressOf = (at: string) => at.replace('[id]', idOf(at)).replace('[key]', 'no-such-key')
const ofTheDemo = /Pennywhistle|Arrowby|Tobit|Tarn Mill|teff|Rhubarb tartlet/i
/** What is said of a thing that is not there repeats its id, and no more. */
const withoutIds = (text: string) => text.replaceAll(/ginger-teff-loaf|short-pastry|teff-flour/g, '')

plain(
  'no page and no route gives anything of one bakery to another, by id, by cookie or by header',
  async ({ page, baseURL }) => {
    const { bakery: quay, staff } = await foundBakery('Quay Bakehouse', 'Orla Finch')
    const key = await openSession({ bakery: quay, staff }, stays.password)
    await page.context().addCookies([
      { name: 'tin_session', value: key, url: baseURL! },
      // names that meant something once, or might
      ...['bench', 'bakery', 'tin_bakery', 'staff'].map(name => ({
        name,
        value: name === 'bench' ? 'nell' : bakery.id,
        url: baseURL!,
      })),
    ])
    const nell = await openSession({ bakery: bakery.id, staff: 'nell' }, stays.password)
    const session = fingerprint(nell).toString('hex')
    const hands = { ...(await whoIsHere(session))!, session }
    const before = await withBakery(hands, readStamp)
    const headers = { 'x-fair-tin-bakery': bakery.id, 'x-bakery-id': bakery.id, 'x-forwarded-user': 'nell' }
    const all = [...served()]
    expect(all.length).toBeGreaterThan(25)
    for (const { at, file } of all) {
      const address = addressOf(at)
      for (const query of [
        '',
        `?bakery=${bakery.id}&bakery_id=${bakery.id}&id=${idOf(at)}&kind=ingredient&name=flour&q=flour&part=short-pastry`,
      ]) {
        const answer = await page.request.get(address + query, { headers })
        expect(answer.status(), address).toBeLessThan(500)
        if (!at.includes('foods'))
          expect(withoutIds(await answer.text()).match(ofTheDemo)?.[0], address + query).toBeUndefined()
      }
      if (!/export (?:async )?(?:function|const) POST|export \{[^}]*POST/.test(file) || at.endsWith('/door')) continue
      for (const body of [
        { edits: [{ kind: 'name', to: 'stolen', deed: crypto.randomUUID() }], bakery: bakery.id },
        {
          kind: 'ingredient',
          id: 'teff-flour',
          edits: [{ path: ['name'], from: 'it', to: 'stolen', deed: crypto.randomUUID() }],
        },
        { part: 'short-pastry', grams: 100, reason: 'stolen' },
        { do: 'let go', id: 'nell' },
        { do: 'set pin', id: 'nell', pin: '7391' },
        { name: 'stolen', reason: '', lot: 'x', delivery: 'teff-flour', grams: 1 },
      ]) {
        const answer = await post(page, address, body)
        expect(answer.status(), `${address} ${JSON.stringify(body)}`).toBeLessThan(500)
        expect(withoutIds(await answer.text()).match(ofTheDemo)?.[0], address).toBeUndefined()
      }
    }
    const changed = await withBakery(
      hands,
      sql => sql<{ person: string }[]>`
    select distinct person from journal where at > now() - interval '5 minutes'`,
    )
    expect(changed.map(one => one.person)).not.toContain(staff)
    expect(await withBakery(hands, sql => sql`select 1 from journal where after::text like '%stolen%'`)).toHaveLength(0)
    expect(before).toBeDefined()
  },
)
