// What the kitchen's hours, energy and rent come to is seen like a price: whoever is kept from prices neither reads nor changes it.
import { sheetEdits } from '@fair-tin/core/edit'
import { kitchenMoney } from '@fair-tin/core/model'
import { afterAll, describe, expect, it } from 'vitest'
import {
  addPerson,
  closeDoor,
  closePool,
  editSheet,
  findKitchen,
  fingerprint,
  foundBakery,
  type Hands,
  openSession,
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
