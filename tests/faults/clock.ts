// The clock of the application's machine moved, forward and back, while the database keeps its own: who is signed in stays so, and
// nothing is lost.
import path from 'node:path'
import { freePort } from '../../scripts/cluster.mjs'
import { forServer, serve } from '../../scripts/serve.mjs'
import { type Count, demoBakery, dist, handsAtWork, signedIn, wait } from './hands'

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
