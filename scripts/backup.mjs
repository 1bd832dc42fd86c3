// npm run backup -- FILE        a copy of everything in one file
//   -- FILE --try               and restores it into an empty database beside, counts every row, and throws that away
//   -- FOLDER --keep N          named by the hour, and of all that lie there the newest N stay
// Of the deployment whose FAIR_TIN_BACKUP_DATABASE is set, else of the demo.
import { existsSync, readdirSync, rmSync, statSync } from 'node:fs'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { adminAddress, clusterHome, startCluster } from './cluster.mjs'
import { ensureNode } from './install.mjs'
import { knownMigrations } from './knownMigrations.mjs'
import { NotDone } from './notDone.mjs'

ensureNode(console.log)
// what it needs from the registry is there from here on
const { default: postgres } = await import('postgres')
const { backUp, restore } = await import('./backupFile.mjs')

const use = 'Use: npm run backup -- FILE [--try], or npm run backup -- FOLDER --keep 14'
async function main() {
  const { values, positionals } = parseArgs({
    options: { try: { type: 'boolean' }, keep: { type: 'string' } },
    allowPositionals: true,
  })
  const [to] = positionals
  if (positionals.length !== 1) throw new NotDone(use)
  const keep = values.keep === undefined ? null : Number(values.keep)
  if (keep !== null && !(Number.isInteger(keep) && keep > 0))
    throw new NotDone(`“${values.keep}” is no number of copies. ${use}`)
  const intoFolder = existsSync(to) && statSync(to).isDirectory()
  if (keep !== null && !intoFolder) throw new NotDone(`There is no folder ${to}.`)
  const file = intoFolder
    ? path.join(to, `fair-tin-${new Date().toISOString().slice(0, 16).replace(/[T:]/g, '-')}.tar`)
    : to
  if (existsSync(file)) throw new NotDone(`${file} is there already. Nothing was written over.`)

  const { address, done } = await databaseToCopy()
  try {
    const manifest = await backUp(address, file)
    const rows = Object.values(manifest.rows).reduce((sum, count) => sum + count, 0)
    console.log(
      `${file}: ${Object.keys(manifest.rows).length} tables, ${rows} rows, ${(manifest.bytes / 1e6).toFixed(1)} MB.`,
    )
    if (values.try) {
      await tryOut(address, file)
      console.log('Tried: restored beside into an empty database, every row is there.')
    }
    await note(address, manifest, values.try ?? false)
    if (keep !== null)
      for (const name of readdirSync(to)
        .filter(name => /^fair-tin-[\d-]+\.tar$/.test(name))
        .sort()
        .slice(0, -keep)) {
        rmSync(path.join(to, name))
        console.log(`${name} is older than the newest ${keep}, and gone.`)
      }
  } finally {
    await done()
  }
}
async function databaseToCopy() {
  const set = process.env.FAIR_TIN_BACKUP_DATABASE
  if (set) return { address: set, done: async () => {} }
  const home = clusterHome('demo')
  const running = adminAddress(home)
  if (running) return { address: running, done: async () => {} }
  if (!existsSync(path.join(home, 'data/PG_VERSION')))
    throw new NotDone(
      'There is nothing to copy: FAIR_TIN_BACKUP_DATABASE is not set, and no demo was ever started here.',
    )
  const cluster = await startCluster(home)
  return { address: cluster.admin, done: cluster.stop }
}
async function tryOut(address, file) {
  const name = `fair_tin_tried_${process.pid}`
  const sql = postgres(address, { max: 1, onnotice: () => {} })
  const beside = new URL(address)
  beside.pathname = `/${name}`
  try {
    await sql.unsafe(`create database ${name} owner fair_tin_owner`)
    await restore(file, beside.href, knownMigrations())
  } finally {
    await sql.unsafe(`drop database if exists ${name} with (force)`)
    await sql.end()
  }
}
async function note(address, { made, bytes, sha256 }, tried) {
  const sql = postgres(address, { max: 1, onnotice: () => {} })
  await sql`insert into backup values (${made}, ${bytes}, ${sha256}, ${tried ? sql`now()` : null})`
  await sql.end()
}
try {
  await main()
} catch (error) {
  console.error(error instanceof NotDone || error.code?.startsWith?.('ERR_PARSE_ARGS') ? `${error.message}` : error)
  process.exit(1)
}
