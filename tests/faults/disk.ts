// The disk the database stands on runs full under changes, and is given room again. Needs root, to have a small disk of its own.
import { spawnSync } from 'node:child_process'
import { closeSync, mkdirSync, openSync, rmSync, writeSync } from 'node:fs'
import path from 'node:path'
import { clusterHome, freePort } from '../../scripts/cluster.mjs'
import { keepRunning } from '../../scripts/keepRunning.mjs'
import { forServer, serve } from '../../scripts/serve.mjs'
import { type Count, demoBakery, dist, handsAtWork, quiet, signedIn, wait } from './hands'

const disk = (...args: string[]) => spawnSync(args[0]!, args.slice(1), { encoding: 'utf8' })

/** Fills what is left, to the last byte. */
function fill(file: string): void {
  const handle = openSync(file, 'w')
  for (const size of [1 << 20, 4096, 1]) {
    const block = Buffer.alloc(size)
    try {
      for (;;) writeSync(handle, block)
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'ENOSPC') throw error
    }
  }
  closeSync(handle)
}

/** `times`: how often it runs full. Null where no disk of its own can be had; `whileFull`: what was answered then. */
export async function fullDisk(times: number): Promise<(Count & { whileFull: string[] }) | null> {
  const home = clusterHome(`disk-${process.pid}`)
  mkdirSync(home, { recursive: true })
  const made = disk('mount', '-t', 'tmpfs', '-o', 'size=400m', 'tmpfs', home)
  if (made.status !== 0) {
    rmSync(home, { recursive: true, force: true })
    return null
  }
  const { env, stop } = await demoBakery('disk')
  const own = await freePort()
  const app = await keepRunning('The application', () => serve(own, dist, forServer(env)), quiet)
  const address = app.current!.address
  const session = await signedIn(env.FAIR_TIN_DOOR_DATABASE!)
  const hands = handsAtWork(session, [address], 3)
  const whileFull: string[] = []
  for (let time = 0; time < times; time++) {
    await wait(1500)
    const ballast = path.join(home, 'ballast')
    fill(ballast)
    const until = performance.now() + 5000
    while (performance.now() < until) {
      const answer = await session.look(address, '/larder').then(
        one => `${one.status}`,
        () => 'nothing',
      )
      whileFull.push(answer)
      await wait(500)
    }
    rmSync(ballast)
    hands.fault()
    await hands.well()
  }
  const count = await hands.count(env.FAIR_TIN_OWNER_DATABASE!)
  await app.stop()
  // its folder goes with its disk
  await stop().catch(() => {})
  disk('umount', home)
  rmSync(home, { recursive: true, force: true })
  return { ...count, whileFull }
}
