// The stamp against a real database: what a window has seen is never passed off as all there is.
import { readFileSync } from 'node:fs'
import postgres from 'postgres'
import { afterAll, describe, expect, it } from 'vitest'
import { atBench } from '../tests/fixtures/hands'
import { type BakerySql, closePool, readStamp, saveIngredient, stampGiven } from './index'
import { findIngredient } from './ingredients'

const bakery = '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'
const asNell = <T>(work: (sql: BakerySql) => Promise<T>) => atBench(bakery, work, 'nell')
const now = () => asNell(readStamp)
afterAll(closePool)

/** Notes on an ingredient of its own, so that no transaction waits for another's row. */
const note = async (sql: BakerySql, id: string, notes: string) => {
  const one = (await findIngredient(sql, id))!
  await saveIngredient(sql, { ...one, notes }, one.version!)
}

describe('the stamp', () => {
  it('rises by one with each change, however much it changes, and not with what changes nothing', async () => {
    const first = await now()
    await asNell(async sql => {
      await note(sql, 'salt', 'a')
      await note(sql, 'salt', 'b')
    })
    expect(await now()).toBe(first + 1)
    expect(await asNell(stampGiven)).toEqual({ before: first + 1, stamp: first + 1 })
    const given = await asNell(async sql => {
      await note(sql, 'salt', 'c')
      return stampGiven(sql)
    })
    expect(given).toEqual({ before: first + 1, stamp: first + 2 })
    expect(await now()).toBe(first + 2)
  })
  it('tells of a change that began earlier and was committed later', async () => {
    let go = () => {}
    const held = new Promise<void>(resolve => {
      go = resolve
    })
    let begun = () => {}
    const hasBegun = new Promise<void>(resolve => {
      begun = resolve
    })
    const slow = asNell(async sql => {
      await note(sql, 'salt', 'slow')
      begun()
      await held
    })
    await hasBegun
    await asNell(sql => note(sql, 'caster-sugar', 'quick'))
    const seen = await now()
    go()
    await slow
    expect(await now()).toBeGreaterThan(seen)
  })
  it('given to changes at once is another for each, without a gap, and none waits for ever', async () => {
    const first = await now()
    const given = await Promise.all(
      ['salt', 'caster-sugar', 'salt', 'caster-sugar'].map((id, at) =>
        asNell(async sql => {
          // two at one row wait for each other's commit, and so for their stamp
          await sql`select 1 from ingredient where id = ${id} for update`
          await note(sql, id, `at once ${at}`)
          return stampGiven(sql)
        }),
      ),
    )
    expect(given.map(one => one.stamp).sort((a, b) => a - b)).toEqual([1, 2, 3, 4].map(more => first + more))
    for (const one of given) expect(one.before).toBe(one.stamp - 1)
  })
  it('of what is not kept is not counted', async () => {
    const first = await now()
    await expect(
      asNell(async sql => {
        await note(sql, 'salt', 'lost')
        await stampGiven(sql)
        throw new Error('not kept')
      }),
    ).rejects.toThrow('not kept')
    expect(await now()).toBe(first)
  })
})

it('goes on from what there was in a database that is brought up to date', async () => {
  const owner = postgres(process.env.FAIR_TIN_OWNER_DATABASE!, { max: 1, onnotice: () => {} })
  const undone = new Error('undone')
  try {
    await owner
      .begin(async sql => {
        await sql`drop table bakery_stamp`
        await sql`drop function stamp_change cascade`
        await sql.unsafe(readFileSync(new URL('./migrations/0006_stamp.sql', import.meta.url), 'utf8'))
        await sql`select set_config('fair_tin.bakery', ${bakery}, true)`
        const [had] = await sql<{ newest: string }[]>`select max(entry) as newest from journal`
        expect(Number(had!.newest)).toBeGreaterThan(0)
        expect(await sql<{ stamp: string }[]>`select stamp from bakery_stamp`).toMatchObject([{ stamp: had!.newest }])
        // and the tables are closed again, to their owner too
        await sql`select set_config('fair_tin.bakery', '', true)`
        expect(await sql`select 1 from journal limit 1`).toHaveLength(0)
        throw undone
      })
      .catch(error => {
        if (error !== undone) throw error
      })
  } finally {
    await owner.end()
  }
})
