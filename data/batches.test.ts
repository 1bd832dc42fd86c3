// Batches against a real database: begun once, added to only, each entry once, and what was weighed comes off the shelf.
import { type BatchEntry, type CleaningDone, type EntryOf, unknownIngredient } from '@fair-tin/core/model'
import { restsOf } from '@fair-tin/core/seal'
import { afterAll, describe, expect, it } from 'vitest'
import { bakery } from '../demo/kitchen'
import { atBench } from '../tests/fixtures/hands'
import {
  addBatch,
  addDelivery,
  addIngredient,
  type BakerySql,
  batchesOf,
  closePool,
  entriesOf,
  findBatch,
  followParts,
  holdLot,
  journalLines,
  journalOf,
  keepCleaning,
  keepEntries,
  lastBatches,
  lastTests,
  listCleanings,
  listLots,
  lotsFor,
  lotsOfCode,
  movePart,
  partsOnShelf,
  removeIngredient,
  usesOfLot,
} from './index'
import { readWorkbook } from './workbook'

const day = '2031-03-04'
afterAll(closePool)
const here = <T>(work: (sql: BakerySql) => Promise<T>) => atBench(bakery.id, work, 'nell')
const entry = <K extends BatchEntry['kind']>(kind: K, rest: Omit<EntryOf<K>, 'kind' | 'id' | 'at'>) => ({
  kind,
  id: crypto.randomUUID(),
  at: `${day}T08:00:00Z`,
  ...rest,
})
async function begun(sql: BakerySql): Promise<string> {
  const book = await readWorkbook(sql, '2026-11-26')
  const product = book.products.find(one => one.id === 'ginger-teff-loaf')!
  const id = `probe-${crypto.randomUUID()}`
  await addBatch(sql, {
    id,
    day,
    product: product.id,
    name: product.name,
    pieces: 12,
    factor: 1,
    books: restsOf(book, product),
  })
  return id
}
async function lotOf(sql: BakerySql, grams: number): Promise<string> {
  const id = `lot-${crypto.randomUUID()}`
  await addDelivery(sql, id, 'teff-flour', { lot: id.slice(4, 16), received: '2026-11-01', grams })
  return id
}
const left = async (sql: BakerySql, lot: string) =>
  (await listLots(sql, 'teff-flour')).find(one => one.id === lot)!.left
const place = 'ginger-teff-loaf#2'

describe('a batch', () => {
  it('keeps its own books, shares them with a batch of the same state, and has a code of its day', async () => {
    const [one, other] = await here(async sql => [await begun(sql), await begun(sql)])
    const [first, second] = await here(async sql => [(await findBatch(sql, one!))!, (await findBatch(sql, other!))!])
    expect(second.code.startsWith('310304-')).toBe(true)
    expect(Number(second.code.split('-')[1])).toBe(Number(first.code.split('-')[1]) + 1)
    expect(first.books).toEqual(second.books)
    const [books] = await here(
      sql => sql<{ many: number }[]>`
      select count(distinct print)::int as many from batch where id in ${sql([one!, other!])}`,
    )
    expect(books!.many).toBe(1)
    // no price of anything goes along
    expect(first.books.ingredients.flatMap(thing => thing.packs)).toEqual([])
  })
  it('is one of two that were begun at the same time: each has a code of its own', async () => {
    const ids = await Promise.all([1, 2, 3, 4].map(() => here(begun)))
    const codes = await here(async sql =>
      (await batchesOf(sql, day)).filter(one => ids.includes(one.id)).map(one => one.code),
    )
    expect(new Set(codes).size).toBe(4)
  })
  it('takes each entry once however often it is sent, from two tablets at once, and refuses what cannot be read', async () => {
    const id = await here(begun)
    const note = entry('noted', { text: 'the oven door was open', next: false })
    await Promise.all([1, 2, 3].map(() => here(sql => keepEntries(sql, id, [note]))))
    const answers = await here(sql =>
      keepEntries(sql, id, [
        note,
        { kind: 'weighed', id: crypto.randomUUID() },
        entry('lost', { pieces: 0, why: 'x!' }),
      ]),
    )
    expect(answers!.map(one => one.kept)).toEqual([true, false, false])
    expect((await here(sql => entriesOf(sql, [id]))).get(id)!.map(one => one.entry)).toEqual([note])
    expect(await here(sql => keepEntries(sql, 'gone', [note]))).toBeNull()
  })
  it('takes what was weighed off its lot, no more than is there, and puts it back where that is struck', async () => {
    const [id, lot] = await here(async sql => [await begun(sql), await lotOf(sql, 300)])
    const [some, more] = [200, 200].map(grams => entry('weighed', { place, grams, by: 'scale', lot: lot! }))
    await here(sql => keepEntries(sql, id!, [some]))
    expect(await here(sql => left(sql, lot!))).toBe(100)
    await here(sql => keepEntries(sql, id!, [more, some]))
    expect(await here(sql => left(sql, lot!))).toBe(0)
    const strike = (of: string) => entry('struck', { of, why: 'the other lot' })
    await here(sql => keepEntries(sql, id!, [strike(some!.id)]))
    expect(await here(sql => left(sql, lot!))).toBe(200)
    const again = await here(sql => keepEntries(sql, id!, [strike(some!.id), strike(crypto.randomUUID())]))
    expect(again!.every(one => !one.kept)).toBe(true)
    expect(await here(sql => left(sql, lot!))).toBe(200)
  })
  it('takes from the same lots in whatever order two tablets send it, and neither waits for the other for ever', async () => {
    const [one, other, a, b] = await here(async sql => [
      await begun(sql),
      await begun(sql),
      await lotOf(sql, 900),
      await lotOf(sql, 900),
    ])
    const took = (lot: string) => entry('weighed', { place, grams: 10, by: 'scale', lot })
    await Promise.all(
      Array.from({ length: 8 }, (_, at) =>
        here(sql => keepEntries(sql, at % 2 ? one! : other!, (at % 2 ? [a!, b!] : [b!, a!]).map(took))),
      ),
    )
    expect(await here(sql => Promise.all([left(sql, a!), left(sql, b!)]))).toEqual([820, 820])
  })
  it('takes a part off the shelf of parts in the same way', async () => {
    const id = await here(async sql => {
      await movePart(sql, 'house-flour-blend', 500, 'made')
      return begun(sql)
    })
    const before = (await here(partsOnShelf))['house-flour-blend']!
    const took = entry('weighed', { place: 'ginger-teff-loaf#1', grams: 300, by: 'typed', part: 'house-flour-blend' })
    await here(sql => keepEntries(sql, id, [took]))
    expect((await here(partsOnShelf))['house-flour-blend']).toBe(before - 300)
    await here(sql => keepEntries(sql, id, [entry('struck', { of: took.id, why: 'made anew' })]))
    expect((await here(partsOnShelf))['house-flour-blend']).toBe(before)
    const left = entry('leftOver', { part: 'house-flour-blend', grams: 80 })
    await here(sql => keepEntries(sql, id, [left, left]))
    expect((await here(partsOnShelf))['house-flour-blend']).toBe(before + 80)
    const gone = await here(sql => keepEntries(sql, id, [entry('leftOver', { part: 'moon-blend', grams: 80 })]))
    expect(gone!.map(one => one.kept)).toEqual([false])
    // with almonds in it, it is no house blend
    const { books } = (await here(sql => findBatch(sql, id)))!
    const line = books.recipes.find(one => one.id === 'house-flour-blend')!.lines[0]!.id
    const improvised = entry('swapped', { place: `house-flour-blend#${line}`, to: 'ground-almonds', why: 'ran out' })
    const answers = await here(sql =>
      keepEntries(sql, id, [improvised, entry('leftOver', { part: 'house-flour-blend', grams: 50 })]),
    )
    expect(answers!.map(one => one.kept)).toEqual([true, false])
    expect((await here(partsOnShelf))['house-flour-blend']).toBe(before + 80)
  })
  it('freezes the facts of what came in by a change, without its price; what is not in the larder is refused', async () => {
    const id = await here(begun)
    const answers = await here(sql =>
      keepEntries(sql, id, [
        entry('swapped', { place, to: 'almond-drink', why: 'ran out' }),
        entry('added', { ingredient: 'moon-dust', grams: null, why: 'a splash' }),
      ]),
    )
    expect(answers!.map(one => one.kept)).toEqual([true, false])
    const [kept] = (await here(sql => entriesOf(sql, [id]))).get(id)!
    expect(kept!.thing).toMatchObject({ id: 'almond-drink', packs: [], allergens: { almond: { status: 'contains' } } })
    expect(kept!.by).toBe('Nell Arrowby')
    // taken out of the larder since, it went in all the same
    await here(async sql => {
      await addIngredient(sql, {
        ...unknownIngredient('brief-milk', 'brief milk'),
        allergens: { milk: { status: 'contains' } },
      })
      await removeIngredient(sql, 'brief-milk')
    })
    const late = entry('swapped', { place, to: 'brief-milk', why: 'the last of it' })
    expect((await here(sql => keepEntries(sql, id, [late])))!.map(one => one.kept)).toEqual([true])
    const all = (await here(sql => entriesOf(sql, [id]))).get(id)!
    expect(all.at(-1)!.thing).toMatchObject({ id: 'brief-milk', allergens: { milk: { status: 'contains' } } })
  })
  it('is never changed: neither it nor an entry of it; the journal says who', async () => {
    const id = await here(begun)
    for (const change of [
      `update batch set pieces = 1`,
      `delete from batch`,
      `update batch_entry set body = '{}'`,
      `delete from batch_entry`,
      `update batch_books set body = '{}'`,
      `delete from hold_entry`,
    ])
      await expect(here(sql => sql.unsafe(change))).rejects.toThrow(/permission denied/)
    expect((await here(sql => journalOf(sql, 'batch', id))).map(one => one.person)).toEqual(['nell'])
  })
  it('is open until it is finished, and again where that was struck', async () => {
    const id = await here(begun)
    const open = async () =>
      (await here(sql => lastBatches(sql, 'ginger-teff-loaf'))).find(one => one.id === id)!.finishedAt === null
    const end = entry('finished', { grams: 1100, pieces: 12, broken: 0, keptBack: 0 })
    await here(sql => keepEntries(sql, id, [end]))
    expect(await open()).toBe(false)
    await here(sql => keepEntries(sql, id, [entry('struck', { of: end.id, why: 'not yet' })]))
    expect(await open()).toBe(true)
  })
  it('holds a lot and lets it be used again, and finds every batch it went into', async () => {
    const [id, lot] = await here(async sql => [await begun(sql), await lotOf(sql, 300)])
    await here(sql => keepEntries(sql, id!, [entry('weighed', { place, grams: 100, by: 'scale', lot: lot! })]))
    const held = async () => (await here(sql => lotsFor(sql, [lot!], [])))[0]!.held
    expect(await held()).toBeUndefined()
    await here(sql => holdLot(sql, lot!, true, 'recalled by its maker'))
    expect(await held()).toBe('recalled by its maker')
    await here(sql => holdLot(sql, lot!, false, 'another lot was meant'))
    expect(await held()).toBeUndefined()
    expect(await here(sql => holdLot(sql, 'gone', true, 'x'))).toBe(false)
    expect((await here(sql => lotsOfCode(sql, lot!.slice(4, 16).toUpperCase()))).map(one => one.id)).toEqual([lot])
    expect(await here(sql => usesOfLot(sql, lot!))).toEqual([expect.objectContaining({ batch: id, grams: 100 })])
  })
  it('is found where a lot went into it by way of a part from the shelf, also over two batches; what is struck is not', async () => {
    const part = 'probe-part'
    const [first, second, third, before] = await here(async sql => [
      await begun(sql),
      await begun(sql),
      await begun(sql),
      await begun(sql),
    ])
    const taken = (grams: number) => entry('weighed', { place, grams, part, by: 'typed' })
    // taken before there was anything of it left
    await here(sql => keepEntries(sql, before!, [{ ...taken(5), at: new Date(Date.now() - 7_200_000).toISOString() }]))
    const slip = taken(20)
    await here(
      sql =>
        sql`insert into batch_entry (bakery_id, id, batch_id, body) values (current_bakery(), ${crypto.randomUUID()}, ${first!}, ${sql.json({ kind: 'leftOver', part, grams: 300, id: 'x', at: 'x' })})`,
    )
    await here(sql => keepEntries(sql, second!, [taken(100)]))
    await here(sql => keepEntries(sql, third!, [slip]))
    await here(sql => keepEntries(sql, third!, [entry('struck', { of: slip.id, why: 'wrong batch' })]))
    const found = await here(sql => followParts(sql, [{ batch: first! }], []))
    const reached = found.flatMap(one => one.uses.map(use => use.batch))
    expect(found.map(one => [one.part, one.how])).toEqual([[part, 'leftOver']])
    expect(reached).toContain(second)
    expect(reached).not.toContain(third)
    expect(reached).not.toContain(before)
    // put down without the network at seven, told at the end of the day: taken at nine, it may be in that
    const early = await here(begun)
    const [seven, nine] = [new Date(Date.now() - 3 * 3_600_000), new Date(Date.now() - 3_600_000)]
    const away = `probe-part-${crypto.randomUUID()}`
    await here(async sql => {
      await sql`insert into batch_entry (bakery_id, id, batch_id, kept_at, body) values
        (current_bakery(), ${crypto.randomUUID()}, ${second!}, ${nine}, ${sql.json({ ...taken(40), part: away, at: nine.toISOString() })}),
        (current_bakery(), ${crypto.randomUUID()}, ${early}, now(), ${sql.json({ kind: 'leftOver', part: away, grams: 300, id: 'x', at: seven.toISOString() })})`
    })
    const late = await here(sql => followParts(sql, [{ batch: early }], []))
    expect(late.flatMap(one => one.uses.map(use => use.batch))).toEqual([second])
    // put there by hand, it may be in whatever took of it since
    const since = new Date('2020-01-01')
    const byHand = await here(sql => followParts(sql, [], [{ part, at: since }]))
    expect(byHand.flatMap(one => one.uses.map(use => use.batch))).toEqual(expect.arrayContaining([second, before]))
  })
})

describe('what was cleaned', () => {
  it('is kept in order, and the last test of each place and allergen counts at once', async () => {
    const equipment = `probe mixer ${crypto.randomUUID().slice(0, 8)}`
    const put = (done: CleaningDone) => here(sql => keepCleaning(sql, crypto.randomUUID(), done))
    const last = async () => (await here(lastTests)).filter(one => one.equipment.toLowerCase() === equipment)
    await put({ equipment, did: 'washed' })
    expect(await last()).toEqual([])
    await put({ equipment, did: 'tested', allergen: 'milk', found: true, note: 'swab of the bowl' })
    await put({ equipment: equipment.toUpperCase(), did: 'tested', allergen: 'egg', found: false })
    expect((await last()).map(one => [one.allergen, one.found]).sort()).toEqual([
      ['egg', false],
      ['milk', true],
    ])
    const book = await here(sql => readWorkbook(sql, day))
    expect(book.tests!.some(one => one.equipment === equipment && one.found)).toBe(true)
    expect(await here(sql => readWorkbook(sql, day))).toBe(book)
    await put({ equipment: equipment.toUpperCase(), did: 'tested', allergen: 'milk', found: false })
    expect((await last()).every(one => !one.found)).toBe(true)
    const [newest] = await here(sql => listCleanings(sql, 1))
    expect(newest).toMatchObject({ did: 'tested', allergen: 'milk', found: false, by: expect.any(String) })
    await expect(put({ equipment, did: 'tested' } as never)).rejects.toThrow()
    await expect(here(sql => sql`update cleaning_entry set found = false`)).rejects.toThrow(/permission denied/)
  })
})

describe('the journal', () => {
  it('says who changed what and which fields of it, the newest first, page by page', async () => {
    // and taken again: what others count on stays as it was
    await here(sql => movePart(sql, 'short-pastry', -1, 'a probe'))
    await here(sql => movePart(sql, 'short-pastry', 1, 'a probe'))
    const lines = await here(sql => journalLines(sql, null, 3))
    expect(lines[0]).toMatchObject({ kind: 'part_entry', subject: 'short-pastry', change: 'insert', fields: [] })
    const [older] = await here(sql => journalLines(sql, lines[0]!.entry, 1))
    expect(older).toEqual(lines[1])
    expect(JSON.stringify(lines)).not.toContain('bakery_id')
  })
})
