// Installs what is missing: Debian packages and npm packages. Asks for nothing twice.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { postgresPrograms } from './cluster.mjs'
import { root } from './root.mjs'

export { root }

const there = {
  postgresql: () => postgresPrograms() !== null,
  chromium: () => existsSync('/usr/bin/chromium'),
  'poppler-utils': () => existsSync('/usr/bin/pdftotext'),
  haproxy: () => existsSync('/usr/sbin/haproxy'),
  pgbouncer: () => existsSync('/usr/sbin/pgbouncer'),
  faketime: () => existsSync('/usr/bin/faketime'),
}
const clusterConfig = '/etc/postgresql-common/createcluster.conf'

/** Makes sure of Debian packages; where it may not install them, says the one command that does, and stops (or goes on, where they need not be there). */
export function ensureDebian(packages, say, mustBe = true) {
  const end = () => mustBe && process.exit(1)
  const missing = packages.filter(name => !there[name]())
  if (missing.length === 0) return
  const root = process.getuid() === 0
  const sudo = !root && spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0
  const needed = ['--no-install-recommends', ...missing]
  if (!existsSync('/usr/bin/apt-get') || (!root && !sudo)) {
    say(
      `Missing: ${missing.join(', ')}. Install it once, then start again:\n\n  sudo apt-get install -y ${needed.join(' ')}\n`,
    )
    return end()
  }
  say(`Installing ${missing.join(', ')} from Debian …`)
  const as = (program, ...args) =>
    spawnSync(root ? program : 'sudo', root ? args : ['-n', 'DEBIAN_FRONTEND=noninteractive', program, ...args], {
      encoding: 'utf8',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    })
  const write = text =>
    spawnSync(
      root ? 'sh' : 'sudo',
      [...(root ? [] : ['-n', 'sh']), '-c', `mkdir -p /etc/postgresql-common && cat > ${clusterConfig}`],
      { input: text },
    )
  // Debian would start a cluster of its own with the package; this holds it back, and is put back after
  const before = existsSync(clusterConfig) ? readFileSync(clusterConfig, 'utf8') : null
  if (missing.includes('postgresql')) write(`${before ?? ''}\ncreate_main_cluster = false\n`)
  as('apt-get', 'update', '-qq')
  const done = as('apt-get', 'install', '-y', '-qq', '-o', 'Dpkg::Options::=--force-confold', ...needed)
  if (missing.includes('postgresql')) write(before ?? '')
  if (done.status !== 0 || packages.some(name => !there[name]())) {
    say(
      `apt-get could not install ${missing.join(', ')}:\n${(done.stderr || done.stdout || '').trim().split('\n').slice(-5).join('\n')}\nInstall it by hand, then start again.`,
    )
    end()
  }
}

/** `npm ci` where node_modules is missing or was made from another lock file. */
export function ensureNode(say) {
  const lock = createHash('sha256')
    .update(readFileSync(path.join(root, 'package-lock.json')))
    .digest('hex')
  const stamp = path.join(root, 'node_modules/.cache/fair-tin-lock')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  say('Installing npm packages …')
  const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { cwd: root, encoding: 'utf8' })
  if (done.status !== 0) {
    say(`npm ci failed:\n${(done.stderr || done.stdout).trim().split('\n').slice(-8).join('\n')}`)
    process.exit(1)
  }
  mkdirSync(path.dirname(stamp), { recursive: true })
  writeFileSync(stamp, lock)
}
