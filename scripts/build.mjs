// Builds the application when its sources changed since the last build.
import { spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { root } from './install.mjs'

const next = path.join(root, 'node_modules/next/dist/bin/next')

function* files(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (
      entry.name.startsWith('.next') ||
      entry.name === 'node_modules' ||
      /(\.test\.tsx?|\.tsbuildinfo|^next-env\.d\.ts)$/.test(entry.name)
    )
      continue
    const full = path.join(folder, entry.name)
    if (entry.isDirectory()) yield* files(full)
    else yield full
  }
}

function fingerprint() {
  const hash = createHash('sha256')
  for (const folder of ['core', 'data', 'web'])
    for (const file of [...files(path.join(root, folder))].sort())
      hash.update(path.relative(root, file)).update(readFileSync(file))
  return hash.update(readFileSync(path.join(root, 'package-lock.json'))).digest('hex')
}

/** Builds into web/`dist` unless the build there is of the same sources. Says the compiler's words and throws on failure. */
export async function ensureBuild(dist, say) {
  const stamp = path.join(root, 'web', dist, 'fair-tin-sources')
  const sources = fingerprint()
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === sources) return
  say('Building the application (about a minute) …')
  let said = ''
  const status = await new Promise(resolve => {
    const child = spawn(process.execPath, [next, 'build', 'web'], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, FAIR_TIN_DIST: dist, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
    })
    for (const stream of [child.stdout, child.stderr]) stream.on('data', chunk => (said += chunk))
    child.once('error', error => {
      said += error.message
      resolve(1)
    })
    const end = () => child.kill()
    process.once('exit', end)
    child.once('exit', status => {
      process.off('exit', end)
      resolve(status)
    })
  })
  if (status !== 0) {
    say(`The build failed:\n${said.trim().split('\n').slice(-40).join('\n')}`)
    throw new Error('The application could not be built.')
  }
  writeFileSync(stamp, sources)
}

/** Program and arguments that serve the build on a loopback port. */
export const serveCommand = port => [process.execPath, [next, 'start', 'web', '-p', String(port), '-H', '127.0.0.1']]
