// npm run faults: the application and PostgreSQL killed again and again under changes, each watched over and started again. Counts
// what was acknowledged and what is there: equal, and none twice. Prints how long it took until a change went through again.
//   -- --app 200 --database 100   how often each is killed (20 and 10 where nothing is said)
import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { closeDoor, openSession, sessionOf, stays } from '@fair-tin/data'
import postgres from 'postgres'
import { bakery } from '../../demo/kitchen'
import { ensureBuild } from '../../scripts/build.mjs'
import { clusterHome, freePort, startCluster } from '../../scripts/cluster.mjs'
import { keepRunning } from '../../scripts/keepRunning.mjs'
import { root } from '../../scripts/root.mjs'
import { forServer, serve } from '../../scripts/serve.mjs'
import { tokenHeader, tokenOf } from '../../web/door/cookies'

const { values } = parseArgs({
  options: { app: { type: 'string', default: '20' }, database: { type: 'string', default: '10' } },
})
const kills = { app: Number(values.app), database: Number(values.database) }
const quiet = () => {}
const wait = (ms: number) => new Promise(done => setTimeout(done, ms))

const home = clusterHome(`faults-${process.pid}`)
let port: number | undefined
const database = await keepRunning(
  'The database',
  async () => {
    const started = await startCluster(home, quiet, port)
    port = started.port
    return started
  },
  quiet,
)
const { env } = database.current!
Object.assign(process.env, env)
for (const script of ['demo/load.ts', 'demo/people.ts']) {
  const done = spawnSync(process.execPath, ['--import', 'tsx', script], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, ...env },
  })
  if (done.status !== 0) throw new Error(done.stderr)
}
await ensureBuild('.next-test', console.log)
// two processes of the application over one database; a change that finds one of them dead goes to the other
const apps = []
for (let at = 0; at < 2; at++) {
  const own = await freePort()
  apps.push(await keepRunning('The application', () => serve(own, '.next-test', forServer(env)), quiet))
}
const addresses = apps.map(app => app.current!.address)

const key = await openSession({ bakery: bakery.id, staff: 'nell' }, stays.password)
const token = tokenOf((await sessionOf(key))!.id)
await closeDoor()

const acknowledged = new Set<string>()
const sent = new Set<string>()
const gaps: number[] = []
let killedAt: number | null = null
let going = true
/** One change after the other, each sent again under the same id until it is acknowledged. */
async function change(): Promise<void> {
  while (going) {
    const id = crypto.randomUUID()
    sent.add(id)
    for (let tries = Math.floor(Math.random() * 2); ; tries++) {
      const status = await fetch(`${addresses[tries % 2]}/api/v1/parts`, {
        method: 'POST',
        headers: {
          cookie: `tin_session=${key}`,
          'content-type': 'application/json',
          'idempotency-key': id,
          [tokenHeader]: token,
        },
        body: JSON.stringify({ part: 'short-pastry', grams: 1, reason: id }),
        signal: AbortSignal.timeout(20_000),
      }).then(
        answer => answer.status,
        () => 0,
      )
      if (status === 200) {
        acknowledged.add(id)
        if (killedAt !== null) {
          gaps.push(performance.now() - killedAt)
          killedAt = null
        }
        break
      }
      if (status !== 0 && status < 500) throw new Error(`A change was answered with ${status}.`)
      await wait(50)
    }
  }
}
const hands = [1, 2, 3, 4].map(change)
const left = { ...kills }
while (left.app + left.database > 0) {
  await wait(400 + Math.random() * 800)
  const one = Math.random() * (left.app + left.database) < left.app ? 'app' : 'database'
  const pid =
    one === 'app'
      ? apps[left.app % 2]!.current?.pid
      : Number(readFileSync(path.join(home, 'data/postmaster.pid'), 'utf8').split('\n')[0])
  if (!pid) continue
  try {
    process.kill(pid, 'SIGKILL')
  } catch {
    continue
  }
  left[one]--
  killedAt ??= performance.now()
  // until it is back, so that each kill meets something alive
  for (let tries = 0; killedAt !== null && tries < 600; tries++) await wait(100)
}
going = false
await Promise.all(hands)

const owner = postgres(env.FAIR_TIN_OWNER_DATABASE, { max: 1 })
const there = await owner.begin(async sql => {
  await sql`select set_config('fair_tin.bakery', ${bakery.id}, true)`
  return sql<{ reason: string; times: number }[]>`
    select reason, count(*)::int as times from part_entry where reason in ${sql([...sent])} group by reason`
})
await owner.end()
const found = new Map(there.map(row => [row.reason, row.times]))
const lost = [...acknowledged].filter(id => !found.has(id)).length
const doubled = there.filter(row => row.times > 1).length
gaps.sort((a, b) => a - b)
const second = (ms = Number.NaN) => `${(ms / 1000).toFixed(1)} s`
console.log(
  `One of two application processes killed ${kills.app} times, the database ${kills.database} times: ${acknowledged.size} changes acknowledged, ${lost} lost, ${doubled} twice.`,
)
console.log(
  `Until a change went through again: ${second(gaps[Math.floor(gaps.length / 2)])} in the middle, ${second(gaps.at(-1))} at worst.`,
)
await Promise.all(apps.map(app => app.stop()))
await database.stop()
spawnSync('rm', ['-rf', home])
process.exit(lost + doubled === 0 ? 0 : 1)
