// npm run demo: everything from a bare machine to the demo bakery in the browser.
//   -- --port N   another port than 3210      -- --reset   load the demo bakery anew (asks first; --yes does not)
import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { createInterface } from 'node:readline/promises'
import { parseArgs } from 'node:util'
import { ensureBuild } from './build.mjs'
import { clusterHome, portIsFree, startCluster } from './cluster.mjs'
import { ensureDebian, ensureNode, root } from './install.mjs'
import { keepRunning } from './keepRunning.mjs'
import { forServer, serve } from './serve.mjs'

const say = text => console.log(text)
const stopWith = text => {
  say(text)
  process.exit(1)
}
let options
try {
  options = parseArgs({
    options: { port: { type: 'string', default: '3210' }, reset: { type: 'boolean' }, yes: { type: 'boolean' } },
  }).values
} catch (error) {
  stopWith(`${error.message}\nUse: npm run demo -- [--port N] [--reset [--yes]]`)
}
const port = Number(options.port)
if (!Number.isInteger(port) || port < 1 || port > 65535)
  stopWith(`“${options.port}” is no port. Use a number, like: npm run demo -- --port 3211`)

const home = clusterHome('demo')
const lock = path.join(home, 'running')
if (existsSync(lock)) {
  const [pid, where] = readFileSync(lock, 'utf8').split(' ')
  const command = existsSync(`/proc/${pid}/cmdline`) ? readFileSync(`/proc/${pid}/cmdline`, 'utf8') : ''
  if (command.includes('demo.mjs') && Number(pid) !== process.pid)
    stopWith(`Fair Tin already runs at ${where} (process ${pid}). Open it there, or stop it with Ctrl-C first.`)
}
// what a killed run left behind is ours to end: told apart by the environment only we give it
const leftover = path.join(home, 'server')
if (existsSync(leftover)) {
  const pid = Number(readFileSync(leftover, 'utf8'))
  const environment = existsSync(`/proc/${pid}/environ`) ? readFileSync(`/proc/${pid}/environ`, 'utf8') : ''
  if (environment.includes('FAIR_TIN_DATABASE=')) {
    say('Ending the server of a run that was cut off …')
    process.kill(pid, 'SIGTERM')
    for (let tries = 0; tries < 50 && existsSync(`/proc/${pid}`); tries++)
      await new Promise(resolve => setTimeout(resolve, 100))
  }
  rmSync(leftover, { force: true })
}
if (!(await portIsFree(port)))
  stopWith(`Port ${port} is in use by something else. Try another one:\n\n  npm run demo -- --port ${port + 1}\n`)

if (options.reset && !options.yes) {
  if (!process.stdin.isTTY)
    stopWith('--reset throws away what was entered in the demo. To do so without being asked, add --yes.')
  const ask = createInterface({ input: process.stdin, output: process.stdout })
  const answer = await ask.question('Throw away everything entered in the demo bakery and load it anew? [y/N] ')
  ask.close()
  if (!/^y(es)?$/i.test(answer.trim())) stopWith('Nothing was changed.')
}

ensureDebian(['postgresql'], say)
ensureNode(say)
mkdirSync(home, { recursive: true })
writeFileSync(lock, `${process.pid} http://127.0.0.1:${port}`)

let cluster
let server
let stopping = false
async function stop(code, why) {
  if (stopping) return
  stopping = true
  if (why) say(why)
  await server?.stop()
  await cluster?.stop().catch(error => say(error.message))
  for (const file of [lock, leftover]) rmSync(file, { force: true })
  process.exit(code)
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => stop(0, '\nStopping …'))

try {
  await ensureBuild('.next', say)
  let same
  cluster = await keepRunning(
    'The database',
    async () => {
      const started = await startCluster(home, say, same)
      same = started.port
      return started
    },
    say,
  )
  const { env } = cluster.current
  const load = spawnSync(process.execPath, ['--import', 'tsx', 'demo/load.ts', ...(options.reset ? ['--reset'] : [])], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, ...env },
  })
  if (load.status !== 0)
    throw new Error(
      `The demo bakery could not be loaded:\n${load.stderr.trim().split('\n').slice(-8).join('\n')}\nTo start from nothing: npm run demo -- --reset`,
    )
  if (load.stdout.trim()) say(load.stdout.trim())
  server = await keepRunning(
    'The application',
    async () => {
      const started = await serve(port, '.next', forServer(env))
      writeFileSync(leftover, String(started.pid))
      return started
    },
    say,
  )
  const { address } = server.current
  const people = spawnSync(process.execPath, ['--import', 'tsx', 'demo/people.ts'], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, ...env },
  })
  if (people.status !== 0) throw new Error(`The demo's people could not be let in:\n${people.stderr.trim()}`)
  const { key, who } = JSON.parse(people.stdout)
  say(`\nFair Tin is at ${address}   (Ctrl-C stops it)\n`)
  say(`Come in as ${who[0].name}, its owner, by this link (once, within the hour):`)
  say(`  ${address}/welcome/${key}\n`)
  for (const { name, role, email, password, pin } of who)
    say(
      `  ${name}, ${role}: ${email ? `${email}, password “${password}”, ` : ''}PIN ${pin} on a tablet that was let in`,
    )
} catch (error) {
  await stop(1, error.message)
}
