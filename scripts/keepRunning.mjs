// Watches over a part of the whole: what ends by itself is started again, sooner at first and later if it keeps ending.

const shortest = 200
const longest = 3_000
/** A part that ran so long was well: the next end of it waits the shortest time again. */
const well = 5_000

/**
 * `start` gives `{ ended, stop }`, with `ended` a promise; it may throw, and is then tried again, except the first time.
 * `stop` of what is given ends it for good; `current` is what runs now, or null while it is being started.
 */
export async function keepRunning(name, start, say, wait = ms => new Promise(done => setTimeout(done, ms))) {
  let stopped = false
  let pause = shortest
  const kept = { current: await start(), stop }
  const watching = (async () => {
    while (!stopped) {
      const since = Date.now()
      await kept.current?.ended
      if (stopped) break
      kept.current = null
      pause = Date.now() - since > well ? shortest : pause
      say(`${name} ended by itself: starting it again.`)
      await wait(pause)
      pause = Math.min(longest, pause * 2)
      if (stopped) break
      kept.current = await start().catch(error => {
        say(`${name} does not start: ${error.message}`)
        return { ended: Promise.resolve(), stop: async () => {} }
      })
    }
  })()
  async function stop() {
    stopped = true
    await kept.current?.stop()
    await watching
    // what was being started when it was stopped
    await kept.current?.stop()
  }
  return kept
}
