// Runs the numbered migrations that have not run yet, in order, one transaction each. One starter at a time.
import { createHash } from 'node:crypto'
import { readdir, readFile } from 'node:fs/promises'
import path from 'node:path'
import type { Sql, TransactionSql } from 'postgres'

/** Waits until no other starter is at it; held until the transaction ends. */
const alone = (sql: TransactionSql) => sql`select pg_advisory_xact_lock(hashtextextended('fair-tin migrations', 0))`

/** In a transaction of its own, or as a part of the one that is open. */
const within = <T>(owner: Sql | TransactionSql, work: (sql: TransactionSql) => Promise<T>): Promise<T> =>
  ('savepoint' in owner ? owner.savepoint(work) : owner.begin(work)) as Promise<T>

/** Brings the database up to date; returns the names of what ran. Throws where a migration that ran has changed since. */
export async function migrate(owner: Sql | TransactionSql, folder: string): Promise<string[]> {
  await within(owner, async sql => {
    await alone(sql)
    await sql`create table if not exists migration (name text primary key, checksum text not null, ran_at timestamptz not null default now())`
  })
  const ran = new Map(
    (await owner<{ name: string; checksum: string }[]>`select name, checksum from migration`).map(row => [
      row.name,
      row.checksum,
    ]),
  )
  const names = (await readdir(folder)).filter(name => /^\d{4}_.+\.sql$/.test(name)).sort()
  const done: string[] = []
  for (const name of names) {
    const text = await readFile(path.join(folder, name), 'utf8')
    const checksum = createHash('sha256').update(text).digest('hex')
    const before = ran.get(name)
    if (before === checksum) continue
    if (before !== undefined)
      throw new Error(
        `Migration ${name} ran before with other contents. Write a new migration instead of changing an old one.`,
      )
    const didRun = await within(owner, async sql => {
      await alone(sql)
      // another starter may have run it while this one waited
      if ((await sql`select 1 from migration where name = ${name}`).length > 0) return false
      await sql.unsafe(text)
      await sql`insert into migration (name, checksum) values (${name}, ${checksum})`
      return true
    })
    if (didRun) done.push(name)
  }
  return done
}
