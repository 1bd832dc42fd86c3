// Whatever is sent to any page and route by somebody who is signed in: it is answered, in words, and never by a failure.
// FAIR_TIN_FUZZ says how many requests (1,200 where nothing is said); FAIR_TIN_SEED draws others.
import { readdirSync } from 'node:fs'
import http from 'node:http'
import path from 'node:path'
import { foundBakery, openSession, sessionOf, stays } from '@fair-tin/data'
import { expect, test } from '@playwright/test'
import fc from 'fast-check'
import { tokenHeader, tokenOf } from '../../web/door/cookies'

const app = path.join(import.meta.dirname, '../../web/app')
function* served(folder = app): Generator<string> {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (entry.isDirectory()) yield* served(path.join(folder, entry.name))
    else if (entry.name === 'page.tsx' || entry.name === 'route.ts') yield `/${path.relative(app, folder)}`
  }
}
interface Asked {
  method: string
  path: string
  headers: Record<string, string>
  body: Buffer | null
}
/** As it stands on the wire: no library puts right what is wrong with it. */
const send = (address: URL, { method, path, headers, body }: Asked): Promise<{ status: number; text: string }> =>
  new Promise((resolve, reject) => {
    const request = http.request(
      {
        host: address.hostname,
        port: address.port,
        method,
        path,
        headers: { ...headers, ...(body ? { 'content-length': String(body.length) } : {}) },
        timeout: 30_000,
      },
      response => {
        const chunks: Buffer[] = []
        response.on('data', chunk => chunks.push(chunk))
        response.on('end', () => resolve({ status: response.statusCode ?? 0, text: Buffer.concat(chunks).toString() }))
        response.on('error', reject)
      },
    )
    request.on('error', reject)
    request.on('timeout', () => request.destroy(new Error('no answer in 30 s')))
    request.end(body ?? undefined)
  })

const odd = fc.constantFrom(
  '%00',
  '%ff',
  '%',
  '%2e%2e%2f',
  '..',
  '.',
  '\u00e9',
  '%ED%A0%80',
  'a'.repeat(1500),
  '%F0%9F%A5%90',
  '__proto__',
  'constructor',
  '%22%3E',
  '%27;--',
  '0',
  '-1',
  'NaN',
  '1e999',
)
const piece = fc.oneof(odd, fc.webSegment(), fc.uuid())
const query = fc
  .array(
    fc.tuple(
      fc.constantFrom('id', 'kind', 'name', 'q', 'part', 'baked', 'copies', 'market', 'to', 'evidence', 'from'),
      piece,
    ),
    { maxLength: 4 },
  )
  .map(pairs => (pairs.length > 0 ? `?${pairs.map(([name, value]) => `${name}=${value}`).join('&')}` : ''))
const key = fc.oneof(
  fc.constantFrom(
    'edits',
    'kind',
    'id',
    'deed',
    'path',
    'from',
    'to',
    'do',
    'part',
    'grams',
    'reason',
    'name',
    'person',
    'pin',
    'lot',
    'rows',
    'supplier',
    'recipe',
    'body',
    'day',
    'product',
    'packs',
    '__proto__',
  ),
  fc.string(),
)
const leaf = fc.oneof(
  fc.string({ unit: 'binary' }),
  fc.constantFrom(
    'ingredient',
    'kitchen',
    'order',
    'add',
    'let go',
    'take',
    'teff-flour',
    '\ud800',
    '\u0000',
    '2026-02-30',
    'x'.repeat(20_000),
  ),
  fc.double(),
  fc.bigInt().map(Number),
  fc.boolean(),
  fc.constant(null),
  fc.uuid(),
)
const json = fc.letrec(tie => ({
  any: fc.oneof(
    { depthSize: 'small' },
    leaf,
    fc.array(tie('any'), { maxLength: 5 }),
    fc.dictionary(key, tie('any'), { maxKeys: 6 }),
  ),
})).any
const deep = fc.integer({ min: 100, max: 60_000 }).map(depth => '['.repeat(depth) + ']'.repeat(depth))
const body = fc.oneof(
  { weight: 6, arbitrary: json.map(value => Buffer.from(JSON.stringify(value) ?? '')) },
  {
    weight: 3,
    arbitrary: fc.dictionary(key, json, { minKeys: 2, maxKeys: 7 }).map(value => Buffer.from(JSON.stringify(value))),
  },
  { weight: 1, arbitrary: deep.map(text => Buffer.from(text)) },
  { weight: 1, arbitrary: fc.uint8Array({ maxLength: 400 }).map(bytes => Buffer.from(bytes)) },
)
const headerOf = fc.record(
  {
    'content-type': fc.constantFrom(
      'application/json',
      'text/plain',
      'multipart/form-data',
      'application/json; charset=utf-16',
      '',
    ),
    origin: fc.constantFrom('http://evil.example', 'null'),
    'idempotency-key': fc.oneof(fc.uuid(), fc.constantFrom('x', '')),
    'accept-language': fc.constantFrom('xx-invalid', '*'),
    'next-action': fc.constantFrom('x', '00112233445566778899aabbccddeeff0011223344'),
    rsc: fc.constant('1'),
    range: fc.constant('bytes=0-'),
  },
  { requiredKeys: [] },
)

/** Sent at once. */
const together = 11
const runs = Number(process.env.FAIR_TIN_FUZZ ?? 1200)
const seed = Number(process.env.FAIR_TIN_SEED ?? 20261126)
/** Drawn once and put together anew for each request: what draws them is slower than what answers. */
const pooled = <T>(of: fc.Arbitrary<T>): fc.Arbitrary<T> =>
  fc.constantFrom(...fc.sample(of, { numRuns: Math.min(runs, 3000), seed }))

test('no failure, whatever is sent to whichever page or route', async ({ baseURL }) => {
  // a long run by hand takes its time
  test.setTimeout(600_000 + runs * 100)
  const { bakery, staff } = await foundBakery('Fuzz Bakehouse', 'Orla Finch')
  const own = await openSession({ bakery, staff }, stays.password)
  const session = (await sessionOf(own))!
  const routes = [...served()]
  expect(routes.length).toBeGreaterThan(30)
  const asked = fc
    .tuple(
      fc.constantFrom(...routes),
      pooled(piece),
      pooled(query),
      fc.constantFrom('GET', 'POST', 'POST', 'POST', 'PUT', 'DELETE', 'HEAD'),
      pooled(headerOf),
      pooled(body),
      fc.integer({ min: 0, max: 4 }),
    )
    .map(
      ([at, id, query, method, more, body, plain]): Asked => ({
        method,
        path:
          encodeURI(at.replace(/\[\w+\]/, 'ID')).replace('ID', id.replaceAll(/[^\x21-\x7e]/g, encodeURIComponent)) +
          query.replaceAll(/[^\x21-\x7e]/g, encodeURIComponent),
        // most of them pass the gate
        headers: {
          cookie: `tin_session=${own}`,
          [tokenHeader]: tokenOf(session.id),
          'content-type': 'application/json',
          ...(plain === 0 ? more : {}),
        },
        body: method === 'GET' || method === 'HEAD' ? null : body,
      }),
    )
    // what ends the session is tried elsewhere
    .filter(({ body }) => !body?.includes('leave'))
  const address = new URL(baseURL!)
  const seen = new Map<number, number>()
  await fc.assert(
    fc.asyncProperty(fc.array(asked, { minLength: 1, maxLength: together, size: 'max' }), async all => {
      const answers = await Promise.all(all.map(one => send(address, one)))
      for (const [at, { status, text }] of answers.entries()) {
        const one = all[at]!
        seen.set(status, (seen.get(status) ?? 0) + 1)
        expect(
          status,
          `${one.method} ${one.path} ${one.body?.toString().slice(0, 300)}\n${text.slice(0, 300)}`,
        ).toBeLessThan(500)
        if (status >= 400 && ![404, 405].includes(status) && one.path.startsWith('/api/') && one.method === 'POST')
          expect(text).toMatch(/problem/)
      }
    }),
    // as many lists as make so many requests, at half of the longest each
    { numRuns: Math.ceil(runs / ((together + 1) / 2)), seed },
  )
  console.log(
    [...seen]
      .sort()
      .map(([status, count]) => `${status}: ${count}`)
      .join(', '),
  )
  // it still serves
  expect(
    (await send(address, { method: 'GET', path: '/larder', headers: { cookie: `tin_session=${own}` }, body: null }))
      .status,
  ).toBe(200)
})
