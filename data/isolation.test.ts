// One bakery's queries neither see nor change another's rows: through every table and view, by hand-written SQL too.
import { createHash } from 'node:crypto'
import { type BenchEdit, inverse } from '@fair-tin/core/edit'
import { guessColumns } from '@fair-tin/core/exchange'
import { type Recipe, unknownIngredient } from '@fair-tin/core/model'
import { sealOf, toSign } from '@fair-tin/core/seal'
import postgres from 'postgres'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { atBench } from '../tests/fixtures/hands'
import {
  addBatch,
  addDelivery,
  addIngredient,
  addOrder,
  addProduct,
  addRecipe,
  columnsOf,
  editBench,
  fileType,
  findFile,
  findIngredient,
  holdLot,
  journalOf,
  keepCleaning,
  keepEntries,
  keepFile,
  keepPicture,
  keepPractice,
  keepTrial,
  keepVersion,
  listIngredients,
  listLots,
  listVersions,
  lockRecipe,
  movePart,
  once,
  papersKept,
  papersOf,
  printOf,
  putOff,
  rememberColumns,
  removeFile,
  removeIngredient,
  restoreIngredient,
  saveDayPlan,
  saveIngredient,
  signOff,
  takePrices,
  takePricesBack,
  takeStock,
} from './index'
import { type BakerySql, closePool } from './withBakery'
import { readWorkbook } from './workbook'

const mine = '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'
const theirs = '11111111-2222-4333-8444-555555555555'
const owner = postgres(process.env.FAIR_TIN_OWNER_DATABASE ?? expect.fail('FAIR_TIN_OWNER_DATABASE is not set'), {
  max: 1,
})
const names = async (kind: string) =>
  (
    await owner<
      { name: string }[]
    >`select table_name as name from information_schema.tables where table_schema = 'public' and table_type = ${kind} and table_name <> 'migration' order by 1`
  ).map(row => row.name)
/** One of each paper and lot the larder can hold. */
async function larderPapers(sql: BakerySql, ingredient: string): Promise<void> {
  await addDelivery(sql, `lot-${ingredient}`, ingredient, { lot: 'L1', received: '2026-11-01', grams: 1000 })
  await takeStock(sql, `lot-${ingredient}`, 200, 'a batch')
  await holdLot(sql, `lot-${ingredient}`, true, 'a letter came')
  await keepFile(sql, {
    id: `file-${ingredient}`,
    ingredient,
    evidence: 'e1',
    name: 'spec.pdf',
    type: 'application/pdf',
    bytes: new TextEncoder().encode('%PDF-1.7'),
  })
  await rememberColumns(sql, 'Tarn Mill', guessColumns(['Name', 'Pack', 'Price']))
}
/** One of each thing a bench keeps beside the recipe. */
async function benchPapers(sql: BakerySql, recipe: Recipe, product: string): Promise<void> {
  const { id: _, version: __, ...body } = recipe
  await keepTrial(sql, recipe.id, { id: `trial-${recipe.id}`, name: 'less sugar', notes: '', body, fresh: [] })
  await movePart(sql, `${recipe.id}-probe`, 1200, 'made')
  await once(sql, crypto.randomUUID(), product, async () => product)
  const book = await readWorkbook(sql, '2026-11-26')
  const papers = await papersOf(sql, ['salt', 'secret-flour'])
  expect(papers.map(one => one.print)).toContain(createHash('sha256').update('%PDF-1.7').digest('hex'))
  await signOff(sql, sealOf(book, toSign(book, product, 'uk')!, [], [], [...papers]))
  await putOff(sql, { key: `matter ${product}`, print: printOf('something'), until: '2099-01-01' })
  const id = `batch-${product}`
  await addBatch(sql, { id, day: '2026-11-26', product, name: product, pieces: 4, factor: 1, books: book })
  await keepEntries(sql, id, [
    { kind: 'noted', id: crypto.randomUUID(), at: '2026-11-26T08:00:00Z', text: 'less sugar', next: true },
  ])
  await keepCleaning(sql, crypto.randomUUID(), { equipment: 'mixer', did: 'tested', allergen: 'milk', found: false })
  const points = { width: 1, height: 1, bytes: new Uint8Array([1]) }
  await keepPicture(sql, { id: crypto.randomUUID(), kind: 'logo', name: 'quay.svg', type: 'image/png', ...points })
  await keepPractice(sql, { caught: ['ghee'], missed: [], needless: 0 })
  await saveDayPlan(sql, '2099-01-01', { begins: '05:30' }, 0)
  await addOrder(sql, `order-${product}`, { day: '2026-11-28', product, packs: 4, forWhom: 'the market stall' })
}
/** The door's: the application may not so much as look at them. See door.test.ts. */
const ofTheDoor = ['account', 'attempt', 'counter', 'device', 'link', 'membership', 'pin', 'session']
/** Of no bakery, and the same to all: when everything was copied last. Read, and never written. */
const ofTheDeployment = ['backup']
/** Read as their owner by the functions that open a session, and closed to everybody else. */
const readByTheDoor = ['bakery', 'staff']
const viewsOfTheDoor = ['device_here', 'member_here', 'pin_here', 'session_here']
let tables: string[] = []
let views: string[] = []

beforeAll(async () => {
  const [allTables, allViews] = await Promise.all([names('BASE TABLE'), names('VIEW')])
  expect(allTables).toEqual(expect.arrayContaining(ofTheDoor))
  expect(allViews).toEqual(expect.arrayContaining(viewsOfTheDoor))
  tables = allTables.filter(name => !ofTheDoor.includes(name) && !ofTheDeployment.includes(name))
  views = allViews.filter(name => !viewsOfTheDoor.includes(name))
  await owner.begin(async sql => {
    await sql`select set_config('fair_tin.bakery', ${theirs}, true), set_config('fair_tin.person', 'set-up', true)`
    await sql`insert into bakery values (${theirs}, 'Other Bakehouse') on conflict do nothing`
    await sql`insert into staff (bakery_id, id, name, role, signs_for) values (${theirs}, 'ulf', 'Ulf', 'signer', '{uk}') on conflict do nothing`
  })
  await atBench(
    theirs,
    async sql => {
      await addIngredient(sql, {
        ...unknownIngredient('secret-flour', 'secret flour'),
        packs: [{ grams: 1000, price: '2.50', currency: 'GBP', from: '2026-01-01' }],
      })
      const recipe: Recipe = { id: 'secret-loaf', version: 1, name: 'Secret loaf', lines: [], steps: [] }
      await addRecipe(sql, recipe)
      await keepVersion(sql, recipe, 'secret', '')
      await larderPapers(sql, 'secret-flour')
      await addProduct(sql, {
        id: 'secret-slice',
        name: 'Secret slice',
        recipe: recipe.id,
        netWeight: 50,
        pieces: 1,
        claims: [],
        markets: ['uk'],
        pricing: { by: 'margin', share: 0.6 },
      })
      await benchPapers(sql, recipe, 'secret-slice')
    },
    'ulf',
  )
  await atBench(
    mine,
    async sql => {
      await larderPapers(sql, 'salt')
      await benchPapers(sql, (await lockRecipe(sql, 'short-pastry'))!, 'rhubarb-tartlet')
    },
    'nell',
  )
})
afterAll(async () => {
  await closePool()
  await owner.end()
})

describe('isolation', () => {
  it('covers every table and view there is', () => {
    expect(tables).toEqual([
      'bakery',
      'bakery_stamp',
      'batch',
      'batch_books',
      'batch_entry',
      'cleaning_entry',
      'day_plan',
      'deed',
      'delivery',
      'evidence_file',
      'hold_entry',
      'ingredient',
      'journal',
      'kitchen',
      'kitchen_money',
      'order_line',
      'pack',
      'part_entry',
      'picture',
      'practice_entry',
      'price_list',
      'product',
      'product_money',
      'put_off',
      'recipe',
      'recipe_version',
      'seal',
      'sign_off',
      'staff',
      'stock_entry',
      'trial',
    ])
    expect(views).toEqual(['ingredient_in_force', 'part_stock', 'product_in_force', 'recipe_in_force', 'stock'])
  })
  it('is on and forced for every table, and every view asks as its user', async () => {
    const rows = await owner<
      { name: string; on: boolean; forced: boolean }[]
    >`select relname as name, relrowsecurity as on, relforcerowsecurity as forced from pg_class where relname in ${owner(tables)} and relkind = 'r'`
    for (const row of rows) expect(row).toMatchObject({ on: true, forced: !readByTheDoor.includes(row.name) })
    const options = await owner<
      { name: string; options: string[] | null }[]
    >`select relname as name, reloptions as options from pg_class where relname in ${owner(views)} and relkind = 'v'`
    for (const view of options) expect(view.options).toContain('security_invoker=true')
  })
  it('has bakery_id first in every primary key', async () => {
    const rows = await owner<
      { table: string; first: string }[]
    >`select c.relname as table, a.attname as first from pg_index i join pg_class c on c.oid = i.indrelid join pg_attribute a on a.attrelid = c.oid and a.attnum = i.indkey[0] where i.indisprimary and c.relname in ${owner(tables)}`
    expect(rows).toHaveLength(tables.length)
    for (const row of rows) expect(row.first, row.table).toBe('bakery_id')
  })
  it('can be spread over machines by bakery: it is in every key, every reference and every join', async () => {
    const keys = await owner<{ what: string; columns: string[] }[]>`
      select c.conrelid::regclass || ' ' || c.conname as what, array_agg(a.attname::text) as columns
      from pg_constraint c join pg_attribute a on a.attrelid = c.conrelid and a.attnum = any (c.conkey)
      where c.contype in ('p', 'u', 'f') and c.conrelid::regclass::text in ${owner(tables)} group by 1`
    const indexes = await owner<{ what: string; columns: string[] }[]>`
      select i.indexrelid::regclass::text as what, array_agg(a.attname::text) as columns
      from pg_index i join pg_attribute a on a.attrelid = i.indrelid and a.attnum = any (i.indkey::int2[])
      where i.indisunique and i.indrelid::regclass::text in ${owner(tables)} group by 1`
    expect(keys.length).toBeGreaterThan(tables.length)
    for (const { what, columns } of [...keys, ...indexes]) expect(columns, what).toContain('bakery_id')
    const texts = await owner<{ view: string; text: string }[]>`
      select c.relname as view, pg_get_viewdef(c.oid) as text from pg_class c where c.relkind = 'v' and c.relname in ${owner(views)}`
    for (const { view, text } of texts)
      expect(text.match(/bakery_id = |USING \(bakery_id/g)?.length ?? 0, view).toBeGreaterThanOrEqual(
        text.match(/\bJOIN\b/g)?.length ?? 0,
      )
    // what a policy lets through is of one bakery, whatever else it asks
    const policies = await owner<{ table: string; rule: string }[]>`
      select tablename as table, qual as rule from pg_policies where schemaname = 'public' and permissive = 'PERMISSIVE' and tablename in ${owner(tables)}`
    for (const { table, rule } of policies) expect(rule, table).toContain('current_bakery')
  })
  it('connects as a role that owns nothing and bypasses nothing', async () => {
    await atBench(mine, async sql => {
      const [role] = await sql<
        { super: boolean; bypass: boolean; owns: number }[]
      >`select rolsuper as super, rolbypassrls as bypass, (select count(*)::int from pg_class where relowner = r.oid) as owns from pg_roles r where rolname = current_user`
      expect(role).toEqual({ super: false, bypass: false, owns: 0 })
    })
  })
  it('shows no row of another bakery, without a where clause', async () => {
    for (const name of [...tables, ...views, ...viewsOfTheDoor]) {
      const seen = await atBench(mine, sql => sql<{ bakery_id: string }[]>`select bakery_id from ${sql(name)}`)
      if (!viewsOfTheDoor.includes(name)) expect(seen.length, name).toBeGreaterThan(0)
      expect(
        [...new Set(seen.map(row => row.bakery_id))].filter(one => one !== mine),
        name,
      ).toEqual([])
    }
    expect(await atBench(mine, sql => findIngredient(sql, 'secret-flour'))).toBeNull()
    expect((await atBench(theirs, listIngredients)).values).toHaveLength(1)
  })
  it('changes no row of another bakery, without a where clause', async () => {
    await atBench(mine, sql => sql`update ingredient set name = name`, 'nell')
    await atBench(mine, sql => sql`delete from pack where ingredient_id = 'secret-flour'`, 'nell')
    const flour = await atBench(theirs, sql => findIngredient(sql, 'secret-flour'))
    expect(flour).toMatchObject({ version: 1, packs: [{ price: '2.50' }] })
    await expect(
      atBench(
        mine,
        sql => sql`insert into ingredient (bakery_id, id, name, facts) values (${theirs}, 'x', 'x', '{}')`,
        'nell',
      ),
    ).rejects.toThrow(/row-level security/)
    await expect(
      atBench(mine, sql => sql`update ingredient set bakery_id = ${theirs} where id = 'salt'`, 'nell'),
    ).rejects.toThrow(/row-level security|foreign key/)
  })
  it('sees nothing at all without a bakery', async () => {
    const app = postgres(process.env.FAIR_TIN_DATABASE!, { max: 1 })
    for (const name of [...tables, ...views, ...viewsOfTheDoor])
      expect(await app`select * from ${app(name)}`, name).toHaveLength(0)
    await app.end()
  })
  it('keeps versions apart, numbered for each recipe, and never changes one', async () => {
    const loaf = (await atBench(theirs, sql => lockRecipe(sql, 'secret-loaf'), 'ulf'))!
    await atBench(theirs, sql => keepVersion(sql, loaf, 'second', 'why'), 'ulf')
    const kept = await atBench(theirs, sql => listVersions(sql, 'secret-loaf'))
    expect(kept.map(one => [one.number, one.name, one.keptBy])).toEqual([
      [2, 'second', 'Ulf'],
      [1, 'secret', 'Ulf'],
    ])
    expect(await atBench(mine, sql => listVersions(sql, 'secret-loaf'))).toEqual([])
    for (const change of ['update recipe_version set name = $1', 'delete from recipe_version where name <> $1'])
      await expect(atBench(theirs, sql => sql.unsafe(change, ['x']), 'ulf')).rejects.toThrow(/permission denied/)
  })
  it('refuses to nest', async () => {
    await expect(atBench(mine, () => atBench(theirs, sql => sql`select 1`))).rejects.toThrow(/already open/)
  })
})

describe('the journal', () => {
  it('keeps who, when, what before and after, for every change', async () => {
    await atBench(mine, sql => addIngredient(sql, unknownIngredient('carob', 'carob powder')), 'tobit')
    const carob = (await atBench(mine, sql => findIngredient(sql, 'carob')))!
    await atBench(mine, sql => saveIngredient(sql, { ...carob, supplier: 'Tarn Mill' }, carob.version!), 'nell')
    const entries = await atBench(mine, sql => journalOf(sql, 'ingredient', 'carob'))
    expect(entries.map(entry => [entry.person, entry.change])).toEqual([
      ['nell', 'update'],
      ['tobit', 'insert'],
    ])
    expect(entries[0]).toMatchObject({ before: { facts: {} }, after: { facts: { supplier: 'Tarn Mill' } } })
    expect(Math.abs(Date.now() - entries[0]!.at.getTime())).toBeLessThan(60_000)
  })
  it('refuses a change without a person', async () => {
    await expect(atBench(mine, sql => addIngredient(sql, unknownIngredient('nobody', 'nobody’s')))).rejects.toThrow(
      /who is at the bench/,
    )
  })
  it('can be neither changed nor emptied', async () => {
    await expect(atBench(mine, sql => sql`update journal set person = 'x'`, 'nell')).rejects.toThrow(
      /permission denied/,
    )
    await expect(atBench(mine, sql => sql`delete from journal`, 'nell')).rejects.toThrow(/permission denied/)
    await expect(atBench(mine, sql => sql`delete from ingredient`, 'nell')).rejects.toThrow(/permission denied/)
  })
})

describe('saving', () => {
  it('over an older version changes nothing and brings theirs back', async () => {
    const salt = (await atBench(mine, sql => findIngredient(sql, 'salt')))!
    const first = await atBench(mine, sql => saveIngredient(sql, { ...salt, supplier: 'First' }, salt.version!), 'nell')
    expect(first).toEqual({ saved: true, version: salt.version! + 1 })
    const second = await atBench(
      mine,
      sql => saveIngredient(sql, { ...salt, supplier: 'Second' }, salt.version!),
      'tobit',
    )
    expect(second).toMatchObject({
      saved: false,
      conflict: { version: salt.version! + 1, theirs: { supplier: 'First' } },
    })
    await atBench(mine, sql => saveIngredient(sql, salt, salt.version! + 1), 'nell')
    expect((await atBench(mine, sql => findIngredient(sql, 'salt')))!.packs).toEqual(salt.packs)
  })
  it('writes nothing it could not read back', async () => {
    await expect(
      atBench(mine, sql => addIngredient(sql, unknownIngredient('long', 'y'.repeat(300))), 'nell'),
    ).rejects.toThrow(/under 200 letters/)
    expect((await atBench(mine, listIngredients)).values.some(one => one.id === 'long')).toBe(false)
  })
  it('takes out and puts back, and says when it is gone', async () => {
    await atBench(mine, sql => addIngredient(sql, unknownIngredient('brief', 'brief thing')), 'nell')
    expect(await atBench(mine, sql => removeIngredient(sql, 'brief'), 'nell')).toBe(true)
    expect(await atBench(mine, sql => saveIngredient(sql, unknownIngredient('brief', 'x'), 1), 'nell')).toEqual({
      saved: false,
      conflict: 'removed',
    })
    expect(await atBench(mine, sql => restoreIngredient(sql, 'brief'), 'nell')).toBe(true)
    expect(await atBench(mine, sql => findIngredient(sql, 'brief'))).toMatchObject({
      name: 'brief thing',
      version: 3,
    })
  })
})

describe('edits from a bench', () => {
  it('go through once, however often they are sent, and are journalled under who made them', async () => {
    const edits: BenchEdit[] = [
      { kind: 'add', line: { id: 'x1', of: { ingredient: 'salt' }, amount: null, role: 'mix' }, after: null },
      { kind: 'tick', list: 'claims', item: 'paleo', to: true },
    ]
    const send = () => atBench(mine, sql => editBench(sql, { product: 'rhubarb-tartlet' }, edits), 'tobit')
    const [first, second] = [await send(), await send()]
    expect(second!.recipe).toEqual(first!.recipe)
    expect(second!.product.version).toBe(first!.product.version)
    const [entry] = await atBench(mine, sql => journalOf(sql, 'product', 'rhubarb-tartlet'))
    expect(entry).toMatchObject({ person: 'tobit', change: 'update' })
    await atBench(mine, sql => editBench(sql, { product: 'rhubarb-tartlet' }, edits.map(inverse).reverse()), 'tobit')
  })
  it('are taken or refused each by itself, with the reason', async () => {
    const chain = {
      kind: 'add',
      line: { id: 'round', of: { recipe: 'short-pastry' }, amount: null, role: 'mix' },
      after: null,
    }
    const read = await atBench(
      mine,
      sql =>
        editBench(sql, { part: 'short-pastry' }, [
          chain,
          { kind: 'notes', was: null, to: 'Rest it \0cold.' },
          { kind: 'tick', list: 'claims', item: 'vegan', to: true },
          { kind: 'knead' },
        ]),
      'nell',
    )
    expect(read!.recipe.notes).toBe('Rest it cold.')
    expect(read!.refused.map(one => one.why)).toEqual([
      expect.stringContaining('would contain itself'),
      expect.stringContaining('A part is not sold by itself'),
      expect.any(String),
    ])
    expect(read!.refused.map(one => (one.edit as { kind: string }).kind)).toEqual(['add', 'tick', 'knead'])
    await atBench(
      mine,
      sql => editBench(sql, { part: 'short-pastry' }, [{ kind: 'notes', was: 'Rest it cold.', to: null }]),
      'nell',
    )
  })
  it('never leave a product that cannot be read: a claim or a market nobody knows, a packing name too long', async () => {
    const product = { product: 'rhubarb-tartlet' } as const
    const bad = [
      { kind: 'tick', list: 'claims', item: 'chocolateFree', to: true },
      { kind: 'tick', list: 'markets', item: 'mars', to: true },
      { kind: 'product', field: 'packing', was: null, to: [{ name: 'x'.repeat(81), price: '0.10', per: 'pack' }] },
      { kind: 'product', field: 'netWeight', was: 1, to: -1 },
    ]
    const done = await atBench(mine, sql => editBench(sql, product, bad), 'nell')
    expect(done!.refused).toHaveLength(4)
    const { products, damaged } = await atBench(mine, sql => readWorkbook(sql, '2026-11-24'))
    expect(damaged).toBeUndefined()
    expect(products.some(one => one.id === product.product)).toBe(true)
  })
  it('of a product of another bakery find nothing', async () =>
    expect(await atBench(theirs, sql => editBench(sql, { product: 'rhubarb-tartlet' }, []), 'ulf')).toBeNull())
})

describe('the larder’s papers and lots', () => {
  it('keep what is left of a lot, in the order of use, and never take more than there is', async () => {
    await atBench(
      mine,
      async sql => {
        await addDelivery(sql, 'lot-late', 'salt', { lot: 'L3', received: '2026-11-03', grams: 500 })
        await addDelivery(sql, 'lot-soon', 'salt', {
          lot: 'L2',
          received: '2026-11-09',
          grams: 500,
          useBy: '2026-12-01',
        })
      },
      'nell',
    )
    const lots = await atBench(mine, sql => listLots(sql, 'salt'))
    expect(lots.map(one => [one.lot, one.left])).toEqual([
      ['L2', 500],
      ['L1', 800],
      ['L3', 500],
    ])
    const take = (grams: number) => atBench(mine, sql => takeStock(sql, 'lot-soon', grams, 'test'), 'nell')
    expect([await take(501), await take(500), await take(0.5)]).toEqual([false, true, false])
    await expect(atBench(mine, sql => sql`update delivery set grams = 1`, 'nell')).rejects.toThrow(/permission denied/)
    await expect(atBench(mine, sql => sql`delete from stock_entry`, 'nell')).rejects.toThrow(/permission denied/)
  })
  it('of one bakery are not another’s: its files, lots and columns', async () => {
    expect(await atBench(mine, sql => findFile(sql, 'file-secret-flour'))).toBeNull()
    expect((await atBench(theirs, sql => findFile(sql, 'file-secret-flour')))!.name).toBe('spec.pdf')
    expect(await atBench(mine, sql => listLots(sql, 'secret-flour'))).toEqual([])
    expect(await atBench(mine, sql => takeStock(sql, 'lot-secret-flour', 1, 'x'), 'nell')).toBe(false)
    expect(await atBench(mine, sql => columnsOf(sql, 'Tarn Mill'))).toMatchObject({ name: 0, pack: 1, price: 2 })
  })
  it('are taken out by the owner alone, and that they were there stays in the journal', async () => {
    const paper = {
      id: 'spec-to-go',
      ingredient: 'salt',
      evidence: 'e1',
      name: 'spec.pdf',
      type: 'application/pdf',
    } as const
    const bytes = new TextEncoder().encode('%PDF-1.7 old')
    await atBench(mine, sql => keepFile(sql, { ...paper, bytes }), 'tobit')
    expect(await atBench(mine, papersKept)).toBeGreaterThanOrEqual(bytes.length)
    // not by a baker, not from another bakery, and not twice
    expect(await atBench(mine, sql => removeFile(sql, paper.id), 'tobit')).toBeNull()
    expect(await atBench(theirs, sql => removeFile(sql, paper.id))).toBeNull()
    expect(await atBench(mine, sql => removeFile(sql, paper.id), 'nell')).toBe('salt')
    expect(await atBench(mine, sql => removeFile(sql, paper.id), 'nell')).toBeNull()
    expect(await atBench(mine, sql => findFile(sql, paper.id))).toBeNull()
    const [entry] = await atBench(
      mine,
      sql =>
        sql`select person, before from journal where kind = 'evidence_file' and change = 'delete' order by entry desc limit 1`,
    )
    expect(entry).toMatchObject({
      person: 'nell',
      before: { name: 'spec.pdf', print: createHash('sha256').update(bytes).digest('hex') },
    })
    expect(entry!.before).not.toHaveProperty('bytes')
  })
  it('know a file by its own bytes', () => {
    const bytes = (...all: number[]) => Uint8Array.from(all)
    expect(fileType(new TextEncoder().encode('%PDF-1.4 …'))).toBe('application/pdf')
    expect(fileType(bytes(0xff, 0xd8, 0xff, 0xe0))).toBe('image/jpeg')
    expect(fileType(new TextEncoder().encode('MZ this program'))).toBeNull()
    expect(fileType(new TextEncoder().encode('<svg onload=…'))).toBeNull()
    expect(fileType(bytes())).toBeNull()
  })
  it('take many prices at once, and the same ones only once', async () => {
    const pack = { grams: 25_000, price: '7.125', currency: 'GBP', from: '2026-10-01' }
    const changes = [{ ingredient: 'salt', name: 'salt', pack, row: 2 }]
    const take = () => atBench(mine, sql => takePrices(sql, changes), 'tobit')
    expect([await take(), await take()]).toEqual([changes, []])
    expect((await atBench(mine, sql => findIngredient(sql, 'salt')))!.packs).toContainEqual(pack)
    // one of them cannot be: none of them is
    const bad = [
      ...changes.map(one => ({ ...one, pack: { ...pack, price: '8.00' } })),
      { ...changes[0]!, ingredient: 'nobody' },
    ]
    await expect(atBench(mine, sql => takePrices(sql, bad), 'tobit')).rejects.toThrow(/foreign key/)
    expect((await atBench(mine, sql => findIngredient(sql, 'salt')))!.packs.map(one => one.price)).not.toContain('8.00')
    // taken out again, they are gone, and nothing else is
    const before = (await atBench(mine, sql => findIngredient(sql, 'salt')))!
    const back = () => atBench(mine, sql => takePricesBack(sql, changes), 'tobit')
    expect([await back(), await back()]).toEqual([1, 0])
    const after = (await atBench(mine, sql => findIngredient(sql, 'salt')))!
    expect(after.packs).toEqual(before.packs.filter(one => one.price !== pack.price))
    expect(after.version).toBe(before.version! + 1)
  })
})
