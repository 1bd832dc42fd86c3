// Signing as the database holds it: who may, once, never changed, and told apart from what somebody wrote over it.
import { type MarketCode, unknownIngredient } from '@fair-tin/core/model'
import { type Seal, sealOf, toSign } from '@fair-tin/core/seal'
import postgres from 'postgres'
import { afterAll, describe, expect, it } from 'vitest'
import {
  addIngredient,
  addPerson,
  addProduct,
  addRecipe,
  counterOf,
  currentSignOffs,
  endCounter,
  foundBakery,
  lockSigning,
  makeCounter,
  openSession,
  printOfSeal,
  readWorkbook,
  sealsOf,
  signOff,
  signOffsOf,
  stays,
  withBakery,
  withdraw,
} from './index'
import { fingerprint } from './secret'
import { closePool } from './withBakery'

const owner = postgres(process.env.FAIR_TIN_OWNER_DATABASE ?? expect.fail('FAIR_TIN_OWNER_DATABASE is not set'), {
  max: 1,
})
afterAll(async () => {
  await closePool()
  await owner.end()
})
/** A bakery of its own, with one product and a person of each part. */
async function founded() {
  const { bakery, staff } = await foundBakery('Sealed Bakehouse', 'Orla')
  const key = await openSession({ bakery, staff }, stays.password)
  const as = async (person: string, seesPrices = true) => {
    const own = person === staff ? key : await openSession({ bakery, staff: person }, stays.password)
    return { session: fingerprint(own).toString('hex'), bakery, seesPrices }
  }
  const hands = await as(staff)
  await withBakery(hands, async sql => {
    await addPerson(sql, { id: 'sig', name: 'Sig', role: 'signer', seesPrices: false, signsFor: ['uk'] })
    await addPerson(sql, { id: 'bak', name: 'Bak', role: 'baker', seesPrices: false, signsFor: ['uk'] })
    await addIngredient(sql, unknownIngredient('plum', 'plum'))
    await addRecipe(sql, {
      id: 'pie',
      version: 1,
      name: 'Pie',
      steps: [],
      lines: [{ id: 'l', of: { ingredient: 'plum' }, amount: { value: 100, unit: 'g' }, role: 'mix' }],
    })
    await addProduct(sql, {
      id: 'pie',
      name: 'Pie',
      recipe: 'pie',
      netWeight: 100,
      pieces: 1,
      claims: [],
      markets: ['uk'],
    })
  })
  const seal = (market: MarketCode = 'uk') =>
    withBakery(hands, async sql => {
      const book = await readWorkbook(sql, '2026-11-26')
      return sealOf(book, toSign(book, 'pie', market)!, [], [], [])
    })
  return { bakery, staff, hands, as, seal }
}
const signs = (hands: Parameters<typeof withBakery>[0], seal: Seal) =>
  withBakery(hands, async sql => {
    await lockSigning(sql, seal.product.id, seal.market)
    return signOff(sql, seal)
  })

describe('a signature', () => {
  it('is kept by its fingerprint, told with who and when, and taken back with a reason', async () => {
    const { hands, as, seal } = await founded()
    const uk = await seal()
    const print = await signs(await as('sig'), uk)
    expect(print).toBe(printOfSeal(uk))
    const now = await withBakery(hands, currentSignOffs)
    expect(now).toMatchObject([{ product: 'pie', market: 'uk', print, deed: 'signed', by: 'Sig' }])
    expect((await withBakery(hands, sql => sealsOf(sql, [print]))).get(print)).toEqual(uk)
    expect(await withBakery(hands, sql => withdraw(sql, 'pie', 'uk', 'The supplier changed.'))).toBe(true)
    expect(await withBakery(hands, sql => withdraw(sql, 'pie', 'uk', 'Again.'))).toBe(false)
    expect((await withBakery(hands, sql => signOffsOf(sql, 'pie', 'uk'))).map(one => one.deed)).toEqual([
      'withdrawn',
      'signed',
    ])
    // the same state signed again is the same seal
    expect(await signs(hands, uk)).toBe(print)
    const [count] = await owner.begin(async sql => {
      await sql`select set_config('fair_tin.bakery', ${hands.bakery}, true)`
      return sql<{ many: number }[]>`select count(*)::int as many from seal`
    })
    expect(count!.many).toBe(1)
  })
  it('is given only by who may, for the market they may, whatever the application asks', async () => {
    const { as, seal, bakery, hands } = await founded()
    const uk = await seal()
    const eu = await seal('eu')
    await expect(signs(await as('bak'), uk)).rejects.toThrow(/row-level security/)
    await expect(signs(await as('sig'), eu)).rejects.toThrow(/row-level security/)
    await signs(await as('sig'), uk)
    // one who lost the right in between
    const sig = await as('sig')
    await withBakery(hands, sql => sql`update staff set signs_for = '{}' where id = 'sig'`)
    await expect(signs(sig, uk)).rejects.toThrow(/row-level security/)
    expect(bakery).toBe(hands.bakery)
  })
  it('is never changed or taken out', async () => {
    const { hands, seal } = await founded()
    await signs(hands, await seal())
    for (const deed of [
      (sql: Parameters<Parameters<typeof withBakery>[1]>[0]) => sql`update sign_off set reason = 'x'`,
      (sql: Parameters<Parameters<typeof withBakery>[1]>[0]) => sql`delete from sign_off`,
      (sql: Parameters<Parameters<typeof withBakery>[1]>[0]) => sql`update seal set body = '{}'`,
      (sql: Parameters<Parameters<typeof withBakery>[1]>[0]) => sql`delete from seal`,
    ])
      await expect(withBakery(hands, deed)).rejects.toThrow(/permission denied/)
  })
  it('whose frozen state somebody wrote over vouches for nothing', async () => {
    const { hands, seal } = await founded()
    const one = { ...(await seal()), answers: [{ asked: 'which print is this?', said: crypto.randomUUID() }] }
    const print = printOfSeal(one)
    await owner.begin(async sql => {
      await sql`select set_config('fair_tin.bakery', ${hands.bakery}, true), set_config('fair_tin.person', 'x', true)`
      await sql`insert into seal (bakery_id, print, body) values (${hands.bakery}, ${print}, ${sql.json({ ...one, contains: [], claims: ['vegan'] } as never)})`
    })
    expect(await withBakery(hands, sql => sealsOf(sql, [print]))).toEqual(new Map())
  })
  it('of two who sign at once both stand, one after the other', async () => {
    const { hands, as, seal } = await founded()
    const uk = await seal()
    const sig = await as('sig')
    await Promise.all([signs(hands, uk), signs(sig, uk), signs(hands, uk)])
    const all = await withBakery(hands, sql => signOffsOf(sql, 'pie', 'uk'))
    expect(new Set(all.map(one => one.number)).size).toBe(3)
  })
})

describe('a counter page’s address', () => {
  it('leads to its bakery until it is ended, and is the key of nothing', async () => {
    const { bakery, hands, staff } = await founded()
    await withBakery(hands, sql =>
      addPerson(sql, { id: 'counter', name: 'The counter page', role: 'reader', seesPrices: false, signsFor: [] }),
    )
    const address = await makeCounter(bakery, 'counter', staff)
    const counter = (await counterOf(address))!
    expect(counter.bakery).toBe(bakery)
    const reads = { session: counter.session, bakery, seesPrices: false }
    expect((await withBakery(reads, sql => readWorkbook(sql, '2026-11-26'))).products).toHaveLength(1)
    await expect(withBakery(reads, sql => addIngredient(sql, unknownIngredient('x', 'x')))).rejects.toThrow()
    // the address itself opens no session
    const asKey = { ...reads, session: fingerprint(address).toString('hex') }
    expect((await withBakery(asKey, sql => sql`select 1 from product`)).length).toBe(0)
    const another = await makeCounter(bakery, 'counter', staff)
    expect(await counterOf(address)).toBeNull()
    await endCounter(bakery)
    expect(await counterOf(another)).toBeNull()
    expect(await counterOf('guessed')).toBeNull()
  })
})
