// Hands that change things without pause, and the count at the end: what was acknowledged is there, and nothing twice.
import { type ChildProcess, spawnSync } from 'node:child_process'
import { rmSync } from 'node:fs'
import { closeDoor, openSession, sessionOf, stays } from '@fair-tin/data'
import postgres from 'postgres'
import { bakery } from '../../demo/kitchen'
import { ensureBuild } from '../../scripts/build.mjs'
import { clusterHome, startCluster } from '../../scripts/cluster.mjs'
import { keepRunning } from '../../scripts/keepRunning.mjs'
import { root } from '../../scripts/root.mjs'
import { tokenHeader, tokenOf } from '../../web/door/cookies'

export const wait = (ms: number): Promise<void> => new Promise(done => setTimeout(done, ms))
export const quiet = (): void => {}
export const dist = process.env.FAIR_TIN_DIST ?? '.next-test'

/** A cluster of its own with the demo bakery, started again whenever it ends; `home` may be a disk that is already there. */
export async function demoBakery(name: string) {
  const home = clusterHome(`${name}-${process.pid}`)
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
  for (const script of ['demo/load.ts', 'demo/people.ts']) {
    const done = spawnSync(process.execPath, ['--import', 'tsx', script], {
      cwd: root,
      encoding: 'utf8',
      env: { ...process.env, ...env },
    })
    if (done.status !== 0) throw new Error(done.stderr)
  }
  await ensureBuild(dist, console.log)
  return {
    home,
    env,
    port: port!,
    async stop() {
      await database.stop()
      rmSync(home, { recursive: true, force: true })
    },
  }
}

/** A session of the owner, opened by the door of this database; `ask` sends a change with it. */
export async function signedIn(doorDatabase: string) {
  const before = process.env.FAIR_TIN_DOOR_DATABASE
  await closeDoor()
  process.env.FAIR_TIN_DOOR_DATABASE = doorDatabase
  const key = await openSession({ bakery: bakery.id, staff: 'nell' }, stays.password)
  const token = tokenOf((await sessionOf(key))!.id)
  await closeDoor()
  if (before !== undefined) process.env.FAIR_TIN_DOOR_DATABASE = before
  const cookie = `tin_session=${key}`
  return {
    /** The status; 0 where nothing came. */
    change: (address: string, deed: string): Promise<number> =>
      fetch(`${address}/api/v1/parts`, {
        method: 'POST',
        headers: { cookie, 'content-type': 'application/json', 'idempotency-key': deed, [tokenHeader]: token },
        body: JSON.stringify({ part: 'short-pastry', grams: 1, reason: deed }),
        signal: AbortSignal.timeout(20_000),
      })
        .then(async answer => {
          await answer.arrayBuffer()
          return answer.status
        })
        // cut off in the middle is not answered
        .catch(() => 0),
    look: (address: string, path: string): Promise<Response> =>
      fetch(`${address}${path}`, { headers: { cookie }, redirect: 'manual', signal: AbortSignal.timeout(20_000) }),
  }
}
type SignedIn = Awaited<ReturnType<typeof signedIn>>

export interface Count {
  acknowledged: number
  lost: number
  doubled: number
  /** How often one had to be sent again. */
  again: number
  /** From a fault to the next change that went through, ms, shortest first. */
  gaps: number[]
}

/** `many` hands at work: each change is sent under one id until it is acknowledged, to one address after the other. */
export function handsAtWork({ change }: SignedIn, addresses: readonly string[], many = 4) {
  const acknowledged = new Set<string>()
  const sent = new Set<string>()
  const gaps: number[] = []
  let again = 0
  let faultAt: number | null = null
  let going = true
  async function work(): Promise<void> {
    while (going) {
      const deed = crypto.randomUUID()
      sent.add(deed)
      for (let tries = Math.floor(Math.random() * addresses.length); ; tries++) {
        const status = await change(addresses[tries % addresses.length]!, deed)
        if (status === 200) break
        if (status !== 0 && status < 500) throw new Error(`A change was answered with ${status}.`)
        again++
        await wait(50)
      }
      acknowledged.add(deed)
      if (faultAt !== null) {
        gaps.push(performance.now() - faultAt)
        faultAt = null
      }
    }
  }
  const all = Promise.all(Array.from({ length: many }, work))
  return {
    sent,
    acknowledged: () => acknowledged.size,
    /** Something is done to them now: how long until a change goes through? */
    fault: () => {
      faultAt ??= performance.now()
    },
    /** Until a change went through since the last fault. */
    async well(most = 60_000): Promise<void> {
      for (let waited = 0; faultAt !== null && waited < most; waited += 100) await wait(100)
    },
    /** Ends the work and counts, over the database itself. */
    async count(ownerDatabase: string): Promise<Count> {
      going = false
      await all
      const owner = postgres(ownerDatabase, { max: 1 })
      const there = await owner.begin(async sql => {
        await sql`select set_config('fair_tin.bakery', ${bakery.id}, true)`
        return sql<{ reason: string; times: number }[]>`
          select reason, count(*)::int as times from part_entry where reason in ${sql([...sent])} group by reason`
      })
      await owner.end()
      const found = new Set(there.map(row => row.reason))
      return {
        acknowledged: acknowledged.size,
        lost: [...acknowledged].filter(id => !found.has(id)).length,
        doubled: there.filter(row => row.times > 1).length,
        again,
        gaps: gaps.sort((a, b) => a - b),
      }
    },
  }
}

const second = (ms = Number.NaN) => `${(ms / 1000).toFixed(1)} s`
/** Says what was counted; true where nothing is missing and nothing twice. */
export function told(what: string, { acknowledged, lost, doubled, again, gaps }: Count): boolean {
  console.log(`${what}: ${acknowledged} changes acknowledged, ${again} sent again, ${lost} lost, ${doubled} twice.`)
  if (gaps.length > 0)
    console.log(
      `  until a change went through again: ${second(gaps[Math.floor(gaps.length / 2)])} in the middle, ${second(gaps.at(-1))} at worst.`,
    )
  return acknowledged > 0 && lost === 0 && doubled === 0
}

/** Waits for a process to be gone. */
export const gone = (child: ChildProcess): Promise<void> =>
  child.exitCode !== null || child.signalCode !== null
    ? Promise.resolve()
    : new Promise(done => child.once('exit', () => done()))
