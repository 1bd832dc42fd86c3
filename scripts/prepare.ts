// Brings the database of a deployment up to date, and where nobody owns a bakery there yet, makes the link for its first owner.
// Prints JSON: the migrations that ran, and the link's key or null. Run by `npm start` before anything is served.
import path from 'node:path'
import { closeDoor, hasOwner, makeLink, migrate } from '@fair-tin/data'
import postgres from 'postgres'

const owner = postgres(process.env.FAIR_TIN_OWNER_DATABASE!, { max: 1, onnotice: () => {} })
try {
  const ran = await migrate(owner, path.join(import.meta.dirname, '../data/migrations'))
  // a bakery from before anybody signed in is taken over by its first owner; else they open one
  const [first] = await owner<{ bakery: string }[]>`select bakery_id as bakery from bakery order by bakery_id limit 1`
  const key = (await hasOwner()) ? null : await makeLink('first owner', first ?? {}, 24)
  console.log(JSON.stringify({ ran, key }))
} catch (error) {
  console.error(error instanceof Error ? error.message : error)
  process.exitCode = 1
} finally {
  await owner.end()
  await closeDoor()
}
