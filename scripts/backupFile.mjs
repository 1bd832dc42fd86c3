// A copy of the whole database in one file: PostgreSQL's own dump, and beside it what it is of, so that nothing torn, changed or
// too new is ever restored. The file is a tar of `manifest.json` and `database.dump`.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { createReadStream, mkdtempSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import postgres from 'postgres'
import * as tar from 'tar'
import { postgresPrograms } from './cluster.mjs'
import { NotDone } from './notDone.mjs'
import { root } from './root.mjs'

export const format = 1
const names = ['manifest.json', 'database.dump']

async function sha256Of(file) {
  const hash = createHash('sha256')
  for await (const chunk of createReadStream(file)) hash.update(chunk)
  return hash.digest('hex')
}
/** The password never stands among the arguments, where every process can read it. */
function run(program, args, address) {
  const { hostname, port, username, password, pathname } = new URL(address)
  const done = spawnSync(`${postgresPrograms()}/${program}`, args, {
    encoding: 'utf8',
    maxBuffer: 1 << 26,
    env: {
      ...process.env,
      LC_ALL: 'C.UTF-8',
      PGHOST: hostname,
      PGPORT: port || '5432',
      PGUSER: decodeURIComponent(username),
      PGPASSWORD: decodeURIComponent(password),
      PGDATABASE: pathname.slice(1),
    },
  })
  if (done.error) throw done.error
  if (done.status !== 0) throw new NotDone(`${program} failed:\n${done.stderr.trim().split('\n').slice(-6).join('\n')}`)
}
/** Rows of each table, as one moment has them. */
async function rowsOf(sql) {
  const tables = await sql`select table_name as name from information_schema.tables
    where table_schema = 'public' and table_type = 'BASE TABLE' order by 1`
  const rows = {}
  for (const { name } of tables) rows[name] = Number((await sql`select count(*) as n from ${sql(name)}`)[0].n)
  return rows
}

/** Copies the database at `address` into `file`, as one moment has it. `address`: of a role that sees every row. Gives the manifest. */
export async function backUp(address, file) {
  const folder = mkdtempSync(path.join(path.dirname(path.resolve(file)), '.backup-'))
  const sql = postgres(address, { max: 1, onnotice: () => {} })
  try {
    const dump = path.join(folder, 'database.dump')
    const manifest = await sql.begin('isolation level repeatable read read only', async sql => {
      const [{ snapshot }] = await sql`select pg_export_snapshot() as snapshot`
      run('pg_dump', ['--format=custom', `--snapshot=${snapshot}`, '--schema=public', `--file=${dump}`], address)
      const [{ version }] = await sql`select current_setting('server_version') as version`
      return {
        format,
        made: new Date().toISOString(),
        fairTin: JSON.parse(readFileSync(path.join(root, 'package.json'), 'utf8')).version,
        postgresql: version,
        migrations: (await sql`select name, checksum from migration order by name`).map(row => ({ ...row })),
        rows: await rowsOf(sql),
      }
    })
    Object.assign(manifest, { bytes: statSync(dump).size, sha256: await sha256Of(dump) })
    writeFileSync(path.join(folder, 'manifest.json'), `${JSON.stringify(manifest, null, 2)}\n`)
    const whole = path.join(folder, 'whole')
    await tar.create({ cwd: folder, file: whole, portable: true }, names)
    // it is there whole, or not at all
    renameSync(whole, file)
    return manifest
  } finally {
    await sql.end()
    rmSync(folder, { recursive: true, force: true })
  }
}

/** Looks a file through before anything is done with it. `known`: checksums of the migrations this version has, by name. Throws NotDone. */
export async function lookThrough(file, folder, known) {
  const torn = `${file} is torn or no backup of Fair Tin. Nothing was restored: take another copy of it.`
  try {
    await tar.extract({ cwd: folder, file, strict: true, filter: name => names.includes(name) })
  } catch (error) {
    throw new NotDone(error.code === 'ENOENT' ? `There is no file ${file}.` : torn)
  }
  let manifest
  try {
    manifest = JSON.parse(readFileSync(path.join(folder, 'manifest.json'), 'utf8'))
  } catch {
    throw new NotDone(torn)
  }
  if (!(manifest.format <= format))
    throw new NotDone(`${file} was made by a newer Fair Tin. Nothing was restored: bring this one up to date first.`)
  const newer = manifest.migrations.find(({ name }) => !known.has(name))
  if (newer)
    throw new NotDone(
      `${file} was made by a newer Fair Tin: it has ${newer.name}, which this one does not know. Nothing was restored: bring this one up to date first.`,
    )
  const other = manifest.migrations.find(({ name, checksum }) => known.get(name) !== checksum)
  if (other) throw new NotDone(`${file} was made with another ${other.name} than this one has. Nothing was restored.`)
  const dump = path.join(folder, 'database.dump')
  const same = await sha256Of(dump).then(
    sum => sum === manifest.sha256,
    () => false,
  )
  if (!same) throw new NotDone(torn)
  return { manifest, dump }
}

/** Puts the copy into the empty database at `address`, whole or not at all, and counts every row. Throws NotDone. */
export async function restore(file, address, known) {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'fair-tin-restore-'))
  const sql = postgres(address, { max: 1, onnotice: () => {} })
  try {
    const { manifest, dump } = await lookThrough(file, folder, known)
    const [there] = await sql`select 1 from information_schema.tables where table_schema = 'public' limit 1`
    if (there)
      throw new NotDone(
        'The database is not empty. Nothing was restored: restore into an empty one, and see it is right first.',
      )
    // the dump brings the schema along, with who may use it
    await sql`drop schema if exists public`
    try {
      run(
        'pg_restore',
        [
          '--single-transaction',
          '--exit-on-error',
          '--no-owner',
          '--role=fair_tin_owner',
          `--dbname=${new URL(address).pathname.slice(1)}`,
          dump,
        ],
        address,
      )
    } catch (error) {
      await sql`create schema if not exists public authorization fair_tin_owner`
      throw error
    }
    const rows = await rowsOf(sql)
    const missing = Object.entries(manifest.rows).filter(([name, count]) => rows[name] !== count)
    if (missing.length > 0)
      throw new NotDone(
        `Restored, but not all of it: ${missing.map(([name]) => name).join(', ')} differ. Do not rely on it.`,
      )
    return manifest
  } finally {
    await sql.end()
    rmSync(folder, { recursive: true, force: true })
  }
}
