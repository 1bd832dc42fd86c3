// What the kitchen's hours, energy and rent come to is seen like a price: whoever is kept from prices neither reads nor changes it.
import { type BenchEdit, sheetEdits } from '@fair-tin/core/edit'
import { kitchenMoney, type Product } from '@fair-tin/core/model'
import { afterAll, describe, expect, it } from 'vitest'
import {
  addPerson,
  addProduct,
  addRecipe,
  bringEverything,
  closeDoor,
  closePool,
  editBench,
  editSheet,
  findKitchen,
  findProduct,
  fingerprint,
  foundBakery,
  type Hands,
  openSession,
  readWorkbook,
  sheetHistory,
  stays,
  takeEverything,
  withBakery,
} from './index'

afterAll(async () => {
  await closeDoor()
  await closePool()
})
const money = {
  labourPerHour: '14.50',
  energyPerKwh: '0.31',
  running: [{ name: 'Rent', perMonth: '900', key: 'batch' as const, monthly: 40 }],
}
const sheet = { currency: 'GBP' as const, crossContact: [], evidence: [] }
async function kitchenOfTwo(): Promise<{ owner: Hands; signer: Hands }> {
  const { bakery, staff } = await foundBakery('Lock Bakehouse', 'Orla')
  const hands = async (person: string, seesPrices: boolean): Promise<Hands> => {
    const key = await openSession({ bakery, staff: person }, stays.password)
    return { session: fingerprint(key).toString('hex'), bakery, seesPrices }
  }
  const owner = await hands(staff, true)
  await withBakery(owner, async sql => {
    await addPerson(sql, { id: 'sig', name: 'Sig', role: 'signer', seesPrices: false, signsFor: ['uk'] })
    await edit(sql, sheetEdits('kitchen', sheet, { ...sheet, ...money, operator: { name: 'Lock', address: 'Quay' } }))
  })
  return { owner, signer: await hands('sig', false) }
}
const edit = (sql: Parameters<typeof editSheet>[0], edits: ReturnType<typeof sheetEdits>) =>
  editSheet(
    sql,
    'kitchen',
    'kitchen',
    edits.map(one => ({ ...one, deed: crypto.randomUUID() })),
  )

describe('the kitchen’s money', () => {
  it('is read by whoever sees prices, and by no query of anybody else: not in the record, its history, the journal', async () => {
    const { owner, signer } = await kitchenOfTwo()
    expect((await withBakery(owner, findKitchen))!.kitchen).toMatchObject(money)
    const seen = await withBakery(signer, async sql => [
      (await findKitchen(sql))!.kitchen,
      await sheetHistory(sql, 'kitchen', 'kitchen'),
      await sql`select * from kitchen`,
      await sql`select * from kitchen_money`,
      await sql`select before, after from journal`,
      (await takeEverything(sql)).tables.kitchen,
    ])
    expect(JSON.stringify(seen)).toContain('Lock')
    for (const key of kitchenMoney) expect(JSON.stringify(seen)).not.toContain(key)
    const dearer = { at: ['energyPerKwh'], was: '0.31', to: '0.35' }
    await withBakery(owner, sql => edit(sql, [dearer]))
    const told = (hands: Hands) => withBakery(hands, sql => sheetHistory(sql, 'kitchen', 'kitchen'))
    expect((await told(owner)).flatMap(one => one.edits)).toContainEqual(dearer)
    expect(await told(signer)).toEqual([])
  })
  it('stays as it is whatever such a person changes; a change of it is refused in words, and the rest goes through', async () => {
    const { owner, signer } = await kitchenOfTwo()
    const done = await withBakery(signer, sql =>
      edit(sql, [
        { at: ['labourPerHour'], was: null, to: '1.00' },
        { at: ['leftOver'], was: null, to: 'charged' },
      ]),
    )
    expect(done.refused).toMatchObject([{ path: 'labourPerHour', why: expect.stringContaining('ask the owner') }])
    expect((await withBakery(owner, findKitchen))!.kitchen).toMatchObject({ ...money, leftOver: 'charged' })
    await expect(
      withBakery(
        signer,
        sql => sql`insert into kitchen_money (bakery_id, body) values (current_bakery(), '{}')
        on conflict (bakery_id) do update set body = '{}'`,
      ),
    ).rejects.toThrow()
  })
})

const slice: Product = {
  id: 'lock-slice',
  name: 'Lock slice',
  recipe: 'lock-slice',
  netWeight: 80,
  pieces: 1,
  claims: [],
  markets: ['uk'],
  prices: { pack: '4.20' },
  packing: [
    { name: 'glassine bag', price: '0.0761', per: 'pack' },
    { name: 'tray', price: '0.1861', per: 'box' },
  ],
  pricing: { by: 'margin', share: 0.6861, floorMargin: 0.5861 },
}
const deed = <T extends object>(edit: T) => ({ ...edit, deed: crypto.randomUUID() })
async function sliceOfTwo() {
  const two = await kitchenOfTwo()
  await withBakery(two.owner, async sql => {
    await addRecipe(sql, { id: 'lock-slice', version: 1, name: 'Lock slice', lines: [], steps: [] })
    await addProduct(sql, slice)
  })
  const change = (hands: Hands, ...edits: BenchEdit[]) =>
    withBakery(hands, sql => editBench(sql, { product: 'lock-slice' }, edits.map(deed)))
  return { ...two, change }
}

describe('how a product is priced, and what its packing costs', () => {
  it('is read by whoever sees prices, and by no query of anybody else; what the packing is, is', async () => {
    const { owner, signer, change } = await sliceOfTwo()
    const dearer = { by: 'margin' as const, share: 0.7861 }
    await change(owner, { kind: 'product', field: 'pricing', was: slice.pricing!, to: dearer })
    expect(await withBakery(owner, sql => findProduct(sql, 'lock-slice'))).toMatchObject({ ...slice, pricing: dearer })
    const seen = await withBakery(signer, async sql => [
      await findProduct(sql, 'lock-slice'),
      (await readWorkbook(sql, '2026-11-28')).products,
      await sql`select * from product`,
      await sql`select * from product_in_force`,
      await sql`select * from product_money`,
      await sql`select before, after from journal`,
      (await takeEverything(sql)).tables.product,
    ])
    const text = JSON.stringify(seen)
    expect(text).toContain('glassine bag')
    expect(text).toContain('4.20')
    for (const told of ['861', 'pricing', 'floorMargin']) expect(text).not.toContain(told)
  })
  it('stays as it is whatever such a person changes; a change of it is refused in words, and the rest goes through', async () => {
    const { owner, signer, change } = await sliceOfTwo()
    const bare = slice.packing!.map(({ price: _, ...one }) => one)
    const done = await change(
      signer,
      { kind: 'product', field: 'pieceName', was: null, to: 'wedge' },
      { kind: 'product', field: 'pricing', was: null, to: { by: 'margin', share: 0.1 } },
      { kind: 'product', field: 'packing', was: bare, to: [] },
    )
    expect(done!.refused.map(one => one.why)).toEqual(Array(2).fill(expect.stringContaining('ask the owner')))
    expect(await withBakery(owner, sql => findProduct(sql, 'lock-slice'))).toMatchObject({
      ...slice,
      pieceName: 'wedge',
    })
    const write = (hands: Hands) =>
      withBakery(hands, sql => sql`update product_money set body = '{}' where product_id = 'lock-slice' returning 1`)
    expect(await write(signer)).toHaveLength(0)
    await change(
      owner,
      { kind: 'product', field: 'pricing', was: slice.pricing!, to: null },
      { kind: 'product', field: 'packing', was: slice.packing!, to: null },
    )
    const { pricing: _, packing: __, ...rest } = slice
    expect(await withBakery(owner, sql => findProduct(sql, 'lock-slice'))).toEqual({
      ...rest,
      pieceName: 'wedge',
      version: 3,
    })
  })
  it('goes along with everything, digit by digit, and is apart again in the bakery made of it', async () => {
    const { owner } = await sliceOfTwo()
    const all = await withBakery(owner, takeEverything)
    const { bakery, staff } = await foundBakery('Weir Bakehouse', 'Ina')
    const key = await openSession({ bakery, staff }, stays.password)
    const ina: Hands = { session: fingerprint(key).toString('hex'), bakery, seesPrices: true }
    await withBakery(ina, sql => bringEverything(sql, { ...all, people: [] }, '2026-11-28'))
    expect(await withBakery(ina, sql => findProduct(sql, 'lock-slice'))).toMatchObject(slice)
    const apart = await withBakery(ina, sql => sql`select body from product union all select body from product_money`)
    expect(apart[0]).not.toHaveProperty('body.pricing')
    expect(apart[1]).toMatchObject({ body: { packing: slice.packing, pricing: slice.pricing } })
    expect((await withBakery(ina, takeEverything)).tables.product).toEqual(all.tables.product)
  })
})
