// One of two application processes and PostgreSQL killed again and again under changes, each watched over and started again.
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { freePort } from '../../scripts/cluster.mjs'
import { keepRunning } from '../../scripts/keepRunning.mjs'
import { forServer, serve } from '../../scripts/serve.mjs'
import { demoBakery, dist, handsAtWork, quiet, signedIn, told, wait } from './hands'

export async function kills({ app, database }: { app: number; database: number }): Promise<boolean> {
  const { home, env, stop } = await demoBakery('faults')
  // a change that finds one of them dead goes to the other
  const apps = []
  for (let at = 0; at < 2; at++) {
    const own = await freePort()
    apps.push(await keepRunning('The application', () => serve(own, dist, forServer(env)), quiet))
  }
  const hands = handsAtWork(
    await signedIn(env.FAIR_TIN_DOOR_DATABASE!),
    apps.map(one => one.current!.address),
  )
  const left = { app, database }
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
    hands.fault()
    // until it is back, so that each kill meets something alive
    await hands.well()
  }
  const count = await hands.count(env.FAIR_TIN_OWNER_DATABASE!)
  await Promise.all(apps.map(one => one.stop()))
  await stop()
  return told(`One of two application processes killed ${app} times, the database ${database} times`, count)
}
