// npm run restore -- FILE: puts a copy back into an empty database, whole or not at all.
// Into the one FAIR_TIN_RESTORE_DATABASE names, else into a new demo cluster, where none is.
import { existsSync } from 'node:fs'
import path from 'node:path'
import { clusterHome, startCluster } from './cluster.mjs'
import { ensureDebian, ensureNode } from './install.mjs'
import { knownMigrations } from './knownMigrations.mjs'
import { NotDone } from './notDone.mjs'

async function main() {
  const [file, ...more] = process.argv.slice(2)
  if (!file || more.length > 0) throw new NotDone('Use: npm run restore -- FILE')
  if (!existsSync(file)) throw new NotDone(`There is no file ${file}.`)
  ensureDebian(['postgresql'], console.log)
  ensureNode(console.log)
  // what it needs from the registry is there from here on
  const { restore } = await import('./backupFile.mjs')
  const set = process.env.FAIR_TIN_RESTORE_DATABASE
  const home = clusterHome('demo')
  if (!set && existsSync(path.join(home, 'data/PG_VERSION')))
    throw new NotDone(
      `There is a database in ${home} already. Nothing was restored. Move that folder away, or set FAIR_TIN_DATA to another one.`,
    )
  const cluster = set ? null : await startCluster(home, console.log)
  try {
    const { made, rows } = await restore(file, set ?? cluster.admin, knownMigrations())
    console.log(
      `As it was on ${made}: ${Object.values(rows).reduce((sum, count) => sum + count, 0)} rows, each counted.`,
    )
    if (!set) console.log('Start it with: npm run demo')
  } catch (error) {
    if (cluster) {
      await cluster.stop()
      cluster.remove()
    }
    throw error
  }
  await cluster?.stop()
}
try {
  await main()
} catch (error) {
  console.error(error instanceof NotDone ? error.message : error)
  process.exit(1)
}
