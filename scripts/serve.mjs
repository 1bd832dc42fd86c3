// Runs the built application on a loopback port until it is told to stop.
import { spawn, spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { serveCommand } from './build.mjs'
import { root } from './install.mjs'

/** What the server is told of the databases: never its owner's key. */
export const forServer = ({ FAIR_TIN_DATABASE, FAIR_TIN_DOOR_DATABASE }) => ({
  FAIR_TIN_DATABASE,
  FAIR_TIN_DOOR_DATABASE,
})

/**
 * The server never needs root: as root it runs as the system user `nobody`, if that one can read this clone; else as we are, and
 * that is said.
 */
function serverUser(dist) {
  if (process.getuid() !== 0) return {}
  const row = readFileSync('/etc/passwd', 'utf8')
    .split('\n')
    .find(line => line.startsWith('nobody:'))
  const [, , uid, gid] = row?.split(':').map(Number) ?? []
  // can they run this Node, and read what it serves?
  const look = `for (const file of process.argv.slice(1)) require('node:fs').accessSync(file)`
  const files = [path.join(root, 'web', dist, 'fair-tin-sources'), path.join(root, 'node_modules/next/package.json')]
  const can =
    uid !== undefined &&
    spawnSync(process.execPath, ['-e', look, ...files], { cwd: '/', uid, gid, stdio: 'ignore' }).status === 0
  if (can) return { uid, gid }
  console.log(
    `Nobody but root can read ${root} or run ${process.execPath}, so the server runs as root. Put both where others can.`,
  )
  return {}
}

/** Milliseconds a server has to finish what is running. */
const mostStopping = 15_000

/** Starts the server and waits until it answers. Gives the address and `stop`; `ended` settles when it goes by itself. `loud`: what it says goes on to our own output. */
export async function serve(port, dist, env, loud = Boolean(process.env.FAIR_TIN_LOUD)) {
  const [program, args] = serveCommand(port)
  const words = []
  const child = spawn(program, args, {
    cwd: root,
    ...serverUser(dist),
    stdio: ['ignore', 'pipe', 'pipe'],
    env: {
      ...process.env,
      FAIR_TIN_OWNER_DATABASE: '',
      ...env,
      FAIR_TIN_DIST: dist,
      NEXT_TELEMETRY_DISABLED: '1',
      NODE_ENV: 'production',
    },
  })
  const hear = chunk => {
    words.push(String(chunk))
    if (words.length > 200) words.shift()
    if (loud) process.stdout.write(chunk)
  }
  child.stdout.on('data', hear)
  child.stderr.on('data', hear)
  const ended = new Promise(resolve => child.once('exit', resolve))
  const stop = async () => {
    if (child.exitCode === null) child.kill('SIGTERM')
    // what runs is finished; whoever holds the line open longer than that is cut off
    const late = setTimeout(() => child.kill('SIGKILL'), mostStopping)
    await ended
    clearTimeout(late)
  }
  const address = `http://127.0.0.1:${port}`
  for (let tries = 0; tries < 150; tries++) {
    if (child.exitCode !== null) break
    const answer = await fetch(`${address}/ready`).catch(() => null)
    if (answer?.ok) return { address, pid: child.pid, ended, words, stop }
    await new Promise(resolve => setTimeout(resolve, 200))
  }
  child.kill('SIGKILL')
  throw new Error(`The application did not start:\n${words.join('').trim().split('\n').slice(-12).join('\n')}`)
}
