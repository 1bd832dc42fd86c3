// A clock moved, forward and back: that of the application's machine while the database keeps its own, and that of the database
// while the application keeps its own. Nothing is lost; whoever is signed in stays so, as long as the sessions' own clock lets them.
import { chmodSync, existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { ensureBuild } from '../../scripts/build.mjs'
import { freePort } from '../../scripts/cluster.mjs'
import { forServer, serve } from '../../scripts/serve.mjs'
import { type Count, demoBakery, dist, handsAtWork, quiet, signedIn, wait } from './hands'

const otherTime = path.join(import.meta.dirname, 'otherTime.mjs')

/** `moves`: by how many days each time; `days`: the day that the server took it to be then. */
export async function movedClock(moves: readonly number[]): Promise<Count & { days: string[] }> {
  const { env, stop } = await demoBakery('clock')
  const port = await freePort()
  const start = (by: number) =>
    serve(port, dist, {
      ...forServer(env),
      NODE_OPTIONS: `--import=${otherTime}`,
      OTHER_TIME: String(by * 86_400_000),
    })
  let app = await start(0)
  try {
    const session = await signedIn(env.FAIR_TIN_DOOR_DATABASE!)
    const hands = handsAtWork(session, [app.address], 3)
    const days: string[] = []
    for (const by of moves) {
      await wait(1000)
      await app.stop()
      app = await start(by)
      hands.fault()
      await hands.well()
      const today = await (await session.look(app.address, '/')).text()
      days.push(/(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day,? \d+ \w+/.exec(today)?.[0] ?? 'no day')
    }
    return { ...(await hands.count(env.FAIR_TIN_OWNER_DATABASE!)), days }
  } finally {
    await app.stop()
    await stop()
  }
}

/** Debian's faketime, laid under a program: its clock goes as a file says, while it runs. */
function fakeTime(): string | null {
  for (const folder of existsSync('/usr/lib') ? readdirSync('/usr/lib') : []) {
    const file = `/usr/lib/${folder}/faketime/libfaketime.so.1`
    if (existsSync(file)) return file
  }
  return null
}

/**
 * The same done to the database, under changes, by hours each time. `end`: how a change is answered when it is a year later there,
 * and no session of today's counts. Null where the library is not there.
 */
export async function movedDatabaseClock(hours: readonly number[]): Promise<(Count & { end: number }) | null> {
  const library = fakeTime()
  if (!library) return null
  await ensureBuild(dist, quiet)
  const folder = mkdtempSync(path.join(os.tmpdir(), 'fair-tin-clock-'))
  chmodSync(folder, 0o755)
  const file = path.join(folder, 'clock')
  const move = (by: number) => writeFileSync(file, `${by < 0 ? '-' : '+'}${Math.abs(by)}h`)
  move(0)
  const faked = {
    LD_PRELOAD: library,
    FAKETIME_TIMESTAMP_FILE: file,
    FAKETIME_NO_CACHE: '1',
    FAKETIME_DONT_FAKE_MONOTONIC: '1',
  }
  // the database takes them over as it starts; nothing that is started later does
  Object.assign(process.env, faked)
  const database = demoBakery('database-clock')
  const { env, stop } = await database.finally(() => {
    for (const name of Object.keys(faked)) delete process.env[name]
  })
  const app = await serve(await freePort(), dist, forServer(env))
  try {
    const session = await signedIn(env.FAIR_TIN_DOOR_DATABASE!)
    const hands = handsAtWork(session, [app.address], 3)
    for (const by of hours) {
      await wait(1000)
      move(by)
      hands.fault()
      await hands.well()
    }
    const count = await hands.count(env.FAIR_TIN_OWNER_DATABASE!)
    move(24 * 366)
    return { ...count, end: await session.change(app.address, crypto.randomUUID()) }
  } finally {
    await app.stop()
    await stop()
    rmSync(folder, { recursive: true, force: true })
  }
}
