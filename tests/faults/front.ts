// What stands around two processes of the application on two machines: HAProxy in front, PgBouncer in transaction mode behind.
import { type ChildProcess, spawn } from 'node:child_process'
import { chownSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { freePort } from '../../scripts/cluster.mjs'
import { gone, wait } from './hands'

const programs = { haproxy: '/usr/sbin/haproxy', pgbouncer: '/usr/sbin/pgbouncer' }
export const frontIsHere = (): boolean => Object.values(programs).every(existsSync)

interface Part {
  child: ChildProcess
  port: number
  stop: () => Promise<void>
}
async function started(child: ChildProcess, port: number, folder: string): Promise<Part> {
  let said = ''
  for (const stream of [child.stdout, child.stderr]) stream?.on('data', chunk => (said += chunk))
  for (let tries = 0; tries < 50; tries++) {
    if (child.exitCode !== null) throw new Error(`${child.spawnfile} did not start:\n${said}`)
    // it answers anything at all, or drops what is no word of its own
    const up = await fetch(`http://127.0.0.1:${port}/`).then(
      () => true,
      error => error?.cause?.code !== 'ECONNREFUSED',
    )
    if (up) break
    await wait(100)
  }
  return {
    child,
    port,
    async stop() {
      child.kill('SIGKILL')
      await gone(child)
      rmSync(folder, { recursive: true, force: true })
    },
  }
}

/** HAProxy before the addresses: asks each whether it is ready, and sends a request elsewhere where one takes no connection. */
export async function proxyBefore(addresses: readonly string[]): Promise<Part> {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'fair-tin-front-'))
  const port = await freePort()
  const file = path.join(folder, 'haproxy.cfg')
  writeFileSync(
    file,
    [
      'defaults',
      '  mode http',
      '  timeout connect 2s',
      '  timeout client 30s',
      '  timeout server 30s',
      '  timeout check 5s',
      '  retries 3',
      '  option redispatch 1',
      '  option httpchk GET /ready',
      'listen tin',
      `  bind 127.0.0.1:${port}`,
      '  balance roundrobin',
      ...addresses.map((one, at) => `  server app${at} ${new URL(one).host} check inter 500 rise 1 fall 2`),
      '',
    ].join('\n'),
  )
  return started(spawn(programs.haproxy, ['-db', '-f', file], { stdio: ['ignore', 'pipe', 'pipe'] }), port, folder)
}

/** PgBouncer in transaction mode before the database of `env`; gives the same settings by way of it. */
export async function poolerBefore(
  env: Record<string, string | undefined>,
): Promise<Part & { env: Record<string, string> }> {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'fair-tin-pool-'))
  const port = await freePort()
  const names = ['FAIR_TIN_DATABASE', 'FAIR_TIN_DOOR_DATABASE'] as const
  const urls = names.map(name => new URL(env[name]!))
  const [users, settings] = [path.join(folder, 'users.txt'), path.join(folder, 'pgbouncer.ini')]
  writeFileSync(users, urls.map(url => `"${url.username}" "${decodeURIComponent(url.password)}"\n`).join(''))
  writeFileSync(
    settings,
    [
      '[databases]',
      `fair_tin = host=127.0.0.1 port=${urls[0]!.port} dbname=fair_tin`,
      '[pgbouncer]',
      'listen_addr = 127.0.0.1',
      `listen_port = ${port}`,
      'unix_socket_dir =',
      'pool_mode = transaction',
      'auth_type = scram-sha-256',
      `auth_file = ${users}`,
      'default_pool_size = 8',
      'max_client_conn = 200',
      '',
    ].join('\n'),
  )
  // it does not run as root
  const row =
    process.getuid?.() === 0
      ? readFileSync('/etc/passwd', 'utf8')
          .split('\n')
          .find(line => line.startsWith('postgres:'))
      : undefined
  const [, , uid, gid] = row?.split(':').map(Number) ?? []
  if (uid !== undefined && gid !== undefined) for (const one of [folder, users, settings]) chownSync(one, uid, gid)
  const part = await started(
    spawn(programs.pgbouncer, [settings], {
      stdio: ['ignore', 'pipe', 'pipe'],
      ...(uid !== undefined && gid !== undefined ? { uid, gid } : {}),
    }),
    port,
    folder,
  )
  const throughIt = (url: URL): string => {
    const other = new URL(url)
    other.port = String(port)
    return other.href
  }
  return {
    ...part,
    env: {
      ...Object.fromEntries(names.map((name, at) => [name, throughIt(urls[at]!)])),
      FAIR_TIN_POOLED: 'transaction',
    },
  }
}
