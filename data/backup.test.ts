// A copy of everything, put back into an empty database: every row of every table byte for byte; nothing torn or newer is taken.
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import postgres, { type Sql } from 'postgres'
import * as tar from 'tar'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { bakery } from '../demo/kitchen'
import { backUp, restore } from '../scripts/backupFile.mjs'
import { knownMigrations } from '../scripts/knownMigrations.mjs'
import { NotDone } from '../scripts/notDone.mjs'

const address = process.env.FAIR_TIN_ADMIN_DATABASE ?? expect.fail('FAIR_TIN_ADMIN_DATABASE is not set')
const admin = postgres(address, { max: 1, onnotice: () => {} })
const folder = mkdtempSync(path.join(os.tmpdir(), 'fair-tin-backup-test-'))
const file = path.join(folder, 'all.tar')
const known = knownMigrations()
const made: string[] = []
async function emptyDatabase(): Promise<string> {
  const name = `backup_test_${process.pid}_${made.length}`
  await admin.unsafe(`create database ${name} owner fair_tin_owner`)
  made.push(name)
  const beside = new URL(address)
  beside.pathname = `/${name}`
  return beside.href
}
const on = async <T>(database: string, work: (sql: Sql) => Promise<T>): Promise<T> => {
  const sql = postgres(database, { max: 1, onnotice: () => {} })
  return work(sql).finally(() => sql.end())
}
/** Every row of every table as text, in order. */
const everything = (sql: Sql) =>
  sql.begin('isolation level repeatable read', async sql => {
    const tables = await sql<{ name: string }[]>`
      select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE' order by 1`
    const rows: Record<string, string[]> = {}
    for (const { name } of tables)
      rows[name] = (await sql<{ row: string }[]>`select t::text as row from ${sql(name)} t order by 1`).map(
        one => one.row,
      )
    return rows
  })
const refused = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => expect.fail('it was restored'),
    error => (error instanceof NotDone ? error.message : Promise.reject(error)),
  )
/** The file with something of it changed. */
async function changed(
  name: string,
  change: (manifest: Record<string, unknown>, dump: Buffer) => Buffer,
): Promise<string> {
  const inside = mkdtempSync(path.join(folder, 'changed-'))
  await tar.extract({ cwd: inside, file })
  const manifest = JSON.parse(readFileSync(path.join(inside, 'manifest.json'), 'utf8'))
  const dump = change(manifest, readFileSync(path.join(inside, 'database.dump')))
  writeFileSync(path.join(inside, 'manifest.json'), JSON.stringify(manifest))
  writeFileSync(path.join(inside, 'database.dump'), dump)
  const made = path.join(folder, name)
  await tar.create({ cwd: inside, file: made }, ['manifest.json', 'database.dump'])
  return made
}

let before: Record<string, string[]>
beforeAll(async () => {
  before = await everything(admin)
  await backUp(address, file)
})
afterAll(async () => {
  for (const name of made) await admin.unsafe(`drop database ${name} with (force)`)
  await admin.end()
  rmSync(folder, { recursive: true, force: true })
})

describe('a backup', () => {
  it('put back into an empty database is the same, row for row, and as closed as before', async () => {
    const database = await emptyDatabase()
    const manifest = await restore(file, database, known)
    const after = await on(database, everything)
    expect(Object.keys(after)).toEqual(Object.keys(before))
    for (const [table, rows] of Object.entries(before)) expect(after[table], table).toEqual(rows)
    expect(manifest.rows.ingredient).toBe(before.ingredient!.length)
    const closed = await on(
      database,
      sql =>
        sql`select relname from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace and relrowsecurity order by 1`,
    )
    expect(closed).toEqual(
      await admin`select relname from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace and relrowsecurity order by 1`,
    )
    // and the application sees nothing there without a session
    const app = new URL(process.env.FAIR_TIN_DATABASE!)
    app.pathname = new URL(database).pathname
    expect(await on(app.href, sql => sql`select 1 from ingredient`)).toHaveLength(0)
    const owner = new URL(process.env.FAIR_TIN_OWNER_DATABASE!)
    owner.pathname = app.pathname
    await on(owner.href, sql =>
      sql.begin(async sql => {
        await sql`select set_config('fair_tin.bakery', ${bakery.id}, true), set_config('fair_tin.person', 'set-up', true)`
        // the counters go on where they were
        await sql`update product set name = name where id = 'ginger-teff-loaf'`
      }),
    )
  })
  it('goes into no database that holds anything', async () =>
    expect(await refused(restore(file, address, known))).toMatch(/not empty/))
  it.each([
    ['cut short', () => writeFileSync(path.join(folder, 'torn.tar'), readFileSync(file).subarray(0, 5000)), 'torn.tar'],
    ['no backup at all', () => writeFileSync(path.join(folder, 'other.tar'), 'a shopping list'), 'other.tar'],
    ['empty', () => writeFileSync(path.join(folder, 'none.tar'), ''), 'none.tar'],
  ])('that is %s is not restored', async (_, make, name) => {
    make()
    expect(await refused(restore(path.join(folder, name), await emptyDatabase(), known))).toMatch(/torn or no backup/)
  })
  it('one letter of which changed is not restored', async () => {
    const other = await changed('changed.tar', (_, dump) => {
      dump[Math.floor(dump.length / 2)]! ^= 1
      return dump
    })
    expect(await refused(restore(other, await emptyDatabase(), known))).toMatch(/torn/)
  })
  it('of a newer version is not restored, nor one of other migrations', async () => {
    const database = await emptyDatabase()
    const format = await changed('format.tar', (manifest, dump) => {
      manifest.format = 99
      return dump
    })
    expect(await refused(restore(format, database, known))).toMatch(/newer Fair Tin/)
    const newer = await changed('newer.tar', (manifest, dump) => {
      manifest.migrations = [...(manifest.migrations as object[]), { name: '9999_later.sql', checksum: 'x' }]
      return dump
    })
    expect(await refused(restore(newer, database, known))).toMatch(/9999_later.sql, which this one does not know/)
    const other = await changed('other-migrations.tar', (manifest, dump) => {
      ;(manifest.migrations as { checksum: string }[])[0]!.checksum = 'x'
      return dump
    })
    expect(await refused(restore(other, database, known))).toMatch(/another 0001_bakery.sql/)
    expect(
      await on(database, sql => sql`select 1 from information_schema.tables where table_schema = 'public'`),
    ).toHaveLength(0)
  })
  it('leaves nothing half made where it fails', async () => {
    const gone = new URL(address)
    gone.pathname = '/no_such_database'
    await expect(backUp(gone.href, path.join(folder, 'never.tar'))).rejects.toThrow()
    expect(() => readFileSync(path.join(folder, 'never.tar'))).toThrow()
  })
})
