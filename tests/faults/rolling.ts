// Two processes behind one address and a pooler in transaction mode: each is stopped and started again in turn under changes,
// as a new build is brought in; then the way to the database is held shut for a while. Sessions hold, and nothing is lost.
import { freePort } from '../../scripts/cluster.mjs'
import { serve } from '../../scripts/serve.mjs'
import { poolerBefore, proxyBefore } from './front'
import { type Count, demoBakery, dist, handsAtWork, signedIn, wait } from './hands'

const pages = ['/', '/recipes', '/larder', '/kitchen', '/labels', '/orders']

export interface Rolled extends Count {
  /** Pages that were asked for meanwhile, and those that came otherwise than whole. */
  looked: number
  amiss: string[]
}

/** `rounds`: how often both are started again; `shut`: how often, and for how long, the database is out of reach. */
export async function rolling(rounds: number, shut: { times: number; ms: number }): Promise<Rolled> {
  const { env, stop } = await demoBakery('rolling')
  const pooler = await poolerBefore(env)
  const start = (port: number) => serve(port, dist, pooler.env)
  const ports = [await freePort(), await freePort()]
  const apps = await Promise.all(ports.map(start))
  const proxy = await proxyBefore(apps.map(one => one.address))
  const address = `http://127.0.0.1:${proxy.port}`
  try {
    const session = await signedIn(env.FAIR_TIN_DOOR_DATABASE!)
    const hands = handsAtWork(session, [address], 3)
    let looked = 0
    const amiss: string[] = []
    let going = true
    const looking = (async () => {
      while (going) {
        const page = pages[looked++ % pages.length]!
        const what = await session.look(address, page).then(
          async answer =>
            (await answer.text()).includes('</html>') && answer.status === 200 ? null : `${answer.status}`,
          error => String(error),
        )
        if (what !== null) amiss.push(`${page}: ${what}`)
        await wait(20)
      }
    })()
    await wait(1000)
    for (let round = 0; round < rounds; round++)
      for (const at of apps.keys()) {
        hands.fault()
        await apps[at]!.stop()
        apps[at] = await start(ports[at]!)
        await hands.well()
        // the one in front looks three times a second
        await wait(700)
      }
    going = false
    await looking
    for (let time = 0; time < shut.times; time++) {
      pooler.child.kill('SIGSTOP')
      await wait(shut.ms)
      pooler.child.kill('SIGCONT')
      hands.fault()
      await hands.well()
      await wait(300)
    }
    const count = await hands.count(env.FAIR_TIN_OWNER_DATABASE!)
    return { ...count, looked, amiss }
  } finally {
    await proxy.stop()
    await Promise.all(apps.map(one => one.stop()))
    await pooler.stop()
    await stop()
  }
}
