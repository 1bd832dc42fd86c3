// npm run faults: everything that can go wrong around the application, done to it under changes; what was acknowledged must be
// there, and nothing twice. Prints what was counted, and fails where something is missing.
//   -- --only kills|rolling|disk|clock   one of them
//   -- --app 200 --database 100          how often each is killed (20 and 10 where nothing is said)
//   -- --rounds 5                        how often both processes are started again behind one address
import { parseArgs } from 'node:util'
import { ensureDebian } from '../../scripts/install.mjs'
import { movedClock, movedDatabaseClock } from './clock'
import { fullDisk } from './disk'
import { told } from './hands'
import { kills } from './kills'
import { rolling } from './rolling'

const { values } = parseArgs({
  options: {
    only: { type: 'string' },
    app: { type: 'string', default: '20' },
    database: { type: 'string', default: '10' },
    rounds: { type: 'string', default: '3' },
  },
})
ensureDebian(['postgresql', 'haproxy', 'pgbouncer'], console.log)
ensureDebian(['faketime'], console.log, false)
const faults: Record<string, () => Promise<boolean>> = {
  kills: () => kills({ app: Number(values.app), database: Number(values.database) }),
  async rolling() {
    const rounds = Number(values.rounds)
    const count = await rolling(rounds, { times: rounds, ms: 3000 })
    console.log(
      `  ${count.looked} pages meanwhile, ${count.amiss.length} not whole ${count.amiss.slice(0, 5).join('; ')}`,
    )
    return (
      told(`Both processes started again ${rounds} times behind HAProxy, PgBouncer stopped ${rounds} times`, count) &&
      count.amiss.length === 0
    )
  },
  async disk() {
    const count = await fullDisk(3)
    if (!count) console.log('A full disk: not tried, no disk of its own can be mounted here.')
    else console.log(`  while it was full a page was answered with ${[...new Set(count.whileFull)].join(', ')}`)
    return count === null || told('The disk full 3 times', count)
  },
  async clock() {
    const count = await movedClock([3, -3, 400, 0])
    console.log(`  the server took it to be ${count.days.join(', ')}`)
    const database = await movedDatabaseClock([1, -1, -72, 0])
    if (!database) console.log('The clock of the database: not tried, Debian’s faketime is not here.')
    else console.log(`  a year later by the database a change was answered with ${database.end}`)
    return (
      told('The clock moved 4 times', count) &&
      (database === null || (told('The clock of the database moved 4 times', database) && database.end === 401))
    )
  },
}
let good = true
for (const [name, fault] of Object.entries(faults))
  if (values.only === undefined || values.only === name) good = (await fault()) && good
process.exit(good ? 0 : 1)
