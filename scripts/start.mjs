// npm start: serves the built application of a deployment, by settings from the environment. See docs/running.md.
import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import path from 'node:path'
import { portIsFree } from './cluster.mjs'
import { keepRunning } from './keepRunning.mjs'
import { root } from './root.mjs'
import { forServer, serve } from './serve.mjs'

const say = text => console.log(text)
const stopWith = text => {
  say(text)
  process.exit(1)
}
const needed = ['FAIR_TIN_DATABASE', 'FAIR_TIN_DOOR_DATABASE', 'FAIR_TIN_OWNER_DATABASE']
const missing = needed.filter(name => !process.env[name])
if (missing.length > 0)
  stopWith(`Not set: ${missing.join(', ')}. docs/running.md says what each is. To look around first: npm run demo`)
const port = Number(process.env.PORT ?? 3210)
if (!Number.isInteger(port) || port < 1 || port > 65535) stopWith(`PORT is “${process.env.PORT}”, and no port.`)
const address = process.env.FAIR_TIN_ADDRESS ?? `http://127.0.0.1:${port}`
if (!URL.canParse(address))
  stopWith(`FAIR_TIN_ADDRESS is “${address}”. Write the address people open, like https://tin.example`)
if (!existsSync(path.join(root, 'web/.next/fair-tin-sources'))) stopWith('Nothing is built yet: npm run build')

if (!(await portIsFree(port))) stopWith(`Port ${port} is in use by something else. Set PORT to another one.`)

const prepared = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts'], {
  cwd: root,
  encoding: 'utf8',
  env: process.env,
})
if (prepared.status !== 0)
  stopWith(`The database could not be brought up to date:\n${prepared.stderr.trim().split('\n').slice(-6).join('\n')}`)
const { ran, key } = JSON.parse(prepared.stdout)
if (ran.length > 0) say(`Database brought up to date: ${ran.join(', ')}.`)

const server = await keepRunning(
  'The application',
  () => serve(port, '.next', forServer(process.env), true),
  say,
).catch(error => stopWith(error.message))
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, async () => {
    await server.stop()
    process.exit(0)
  })
say(`Fair Tin is at ${address}`)
if (key)
  say(
    `\nNobody owns a bakery here yet. The first owner opens it by this link, within a day:\n  ${address}/welcome/${key}`,
  )
