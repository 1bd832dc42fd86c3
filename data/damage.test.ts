// One row that cannot be read takes nothing else down: it is named, kept as it is, stands for nothing, and can be put back.

import { mattersToday } from '@fair-tin/core/assess'
import { type Damaged, damageOf } from '@fair-tin/core/model'
import postgres from 'postgres'
import { afterAll, beforeEach, describe, expect, it } from 'vitest'
import { atBench } from '../tests/fixtures/hands'
import { DamagedRow, editBench, findIngredient, migrate, putBack, readStamp, saveKitchen } from './index'
import { closePool } from './withBakery'
import { readWorkbook } from './workbook'

const mine = '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'
const owner = postgres(process.env.FAIR_TIN_OWNER_DATABASE ?? expect.fail('FAIR_TIN_OWNER_DATABASE is not set'), {
  max: 2,
  onnotice: () => {},
})
const workbook = () => atBench(mine, sql => readWorkbook(sql, '2026-11-24'))
/** Writes behind the application’s back, as another version of it might have. */
const spoil = (statement: string) =>
  owner.begin(async sql => {
    await sql`select set_config('fair_tin.bakery', ${mine}, true), set_config('fair_tin.person', 'set-up', true)`
    await sql.unsafe(statement)
  })
const spoiled: [Damaged['kind'], string, string][] = [
  [
    'product',
    'chestnut-roll',
    `update product set body = body || '{"claims": ["chocolateFree"]}' where id = 'chestnut-roll'`,
  ],
  ['recipe', 'short-pastry', `update recipe set body = body || '{"bakeLoss": 7}' where id = 'short-pastry'`],
  [
    'ingredient',
    'salt',
    `update ingredient set facts = facts || '{"allergens": {"milk": {"status": "maybe"}}}' where id = 'salt'`,
  ],
  ['kitchen', 'kitchen', `update kitchen set body = body || '{"currency": "pounds"}'`],
  ['kitchen', 'kitchen', `update kitchen_money set body = body || '{"labourPerHour": "plenty"}'`],
  [
    'product',
    'chestnut-roll',
    `insert into product_money values ('${mine}', 'chestnut-roll', '{"pricing": {"by": "whim"}}') on conflict (bakery_id, product_id) do update set body = excluded.body`,
  ],
]
afterAll(async () => {
  await closePool()
  await owner.end()
})

describe.each(spoiled)('a damaged %s', (kind, id, statement) => {
  beforeEach(() => spoil(statement))
  it('is named, and everything else is there as before; put back, it is read again', async () => {
    const hurt = await workbook()
    expect(hurt.damaged!.map(one => [one.kind, one.id])).toEqual([[kind, id]])
    expect(mattersToday(hurt)[0]).toMatchObject({ weight: 'breaks', what: expect.stringContaining('is damaged') })
    expect(await atBench(mine, sql => putBack(sql, kind, id), 'nell')).not.toBeNull()
    const whole = await workbook()
    expect(whole.damaged).toBeUndefined()
    expect([whole.products.length, whole.ingredients.length]).toEqual([
      hurt.products.length + (kind === 'product' ? 1 : 0),
      hurt.ingredients.length,
    ])
    expect(damageOf(whole, kind, id)).toBeUndefined()
  })
})

describe('what is damaged', () => {
  it('proves nothing: an ingredient is there with every fact unknown, a kitchen was never assessed', async () => {
    await spoil(spoiled[2]![2])
    await spoil(spoiled[3]![2])
    const hurt = await workbook()
    expect(hurt.ingredients.find(one => one.id === 'salt')).toMatchObject({ allergens: {}, traits: {}, packs: [] })
    expect(hurt.kitchen.crossContact).toEqual([])
    await expect(atBench(mine, sql => findIngredient(sql, 'salt'))).rejects.toBeInstanceOf(DamagedRow)
    await atBench(
      mine,
      async sql => {
        await putBack(sql, 'ingredient', 'salt')
        await putBack(sql, 'kitchen', 'kitchen')
      },
      'nell',
    )
  })
  it('is not changed by a bench, which says why', async () => {
    await spoil(spoiled[0]![2])
    await expect(atBench(mine, sql => editBench(sql, { product: 'chestnut-roll' }, []), 'nell')).rejects.toThrow(
      'is damaged and cannot be changed',
    )
    await atBench(mine, sql => putBack(sql, 'product', 'chestnut-roll'), 'nell')
  })
  it('is never written: a kitchen that could not be read back is refused', async () => {
    const { kitchen, evidence } = await workbook()
    await expect(
      atBench(mine, sql => saveKitchen(sql, { ...kitchen, currency: 'pounds' }, evidence, 1), 'nell'),
    ).rejects.toThrow()
  })
})

describe('text no database holds', () => {
  it('makes no query fail', async () =>
    expect(await atBench(mine, sql => findIngredient(sql, 'sa\0lt\ud800'))).toBeNull())
})

describe('the stamp and the migrations', () => {
  it('a stamp past what an integer holds is still read', async () => {
    await spoil(`update bakery_stamp set stamp = 3000000000`)
    expect(await atBench(mine, readStamp)).toBe(3_000_000_000)
  })
  it('two starters at once do not clash: each migration runs once', async () => {
    const { mkdtemp, rm, writeFile } = await import('node:fs/promises')
    const folder = await mkdtemp(`${(await import('node:os')).tmpdir()}/fair-tin-migrate-`)
    await writeFile(`${folder}/0901_probe.sql`, 'create table migrate_probe (id int); select pg_sleep(0.2);')
    const other = postgres(process.env.FAIR_TIN_OWNER_DATABASE!, { max: 1, onnotice: () => {} })
    try {
      const ran = await Promise.all([migrate(owner, folder), migrate(other, folder)])
      expect(ran.flat()).toEqual(['0901_probe.sql'])
    } finally {
      await owner`drop table if exists migrate_probe`
      await owner`delete from migration where name = '0901_probe.sql'`
      await other.end()
      await rm(folder, { recursive: true })
    }
  })
})
