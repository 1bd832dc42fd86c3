// npm run bench: the benches, each beside another way of doing the same work, on a throwaway cluster and a free port.
import { spawnSync } from 'node:child_process'
import path from 'node:path'
import { buildSync } from 'esbuild'
import { ensureBuild } from './build.mjs'
import { clusterHome, freePort, startCluster } from './cluster.mjs'
import { ensureDebian, ensureNode, root } from './install.mjs'
import { forServer, serve } from './serve.mjs'

ensureDebian(['postgresql', 'chromium'], console.log)
ensureNode(console.log)
const cluster = await startCluster(clusterHome(`bench-${process.pid}`))
/** As a build would run it: a loader that keeps every function's name would be timed along. */
const bundled = file => {
  const outfile = path.join(root, 'node_modules/.cache/fair-tin', `${path.basename(file, '.ts')}.mjs`)
  buildSync({
    entryPoints: [path.join(root, file)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    // what a script finds beside itself it finds there still
    define: { 'import.meta.dirname': JSON.stringify(import.meta.dirname) },
    alias: {
      '@fair-tin/core': path.join(root, 'core'),
      '@fair-tin/data': path.join(root, 'data'),
    },
  })
  return outfile
}
const run = (file, env = {}) => {
  const done = spawnSync(process.execPath, file.startsWith('tests') ? [bundled(file)] : ['--import', 'tsx', file], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...cluster.env, ...env },
  })
  if (done.status !== 0) process.exitCode = 1
}
let server
try {
  run('tests/bench/rollUp.ts')
  run('tests/bench/catalogue.ts')
  run('tests/bench/recheck.ts')
  run('tests/bench/simulate.ts')
  run('tests/bench/manyLabels.ts')
  run('tests/bench/batch.ts')
  run('tests/bench/plan.ts')
  run('demo/load.ts')
  run('demo/people.ts')
  await ensureBuild('.next-test', console.log)
  server = await serve(await freePort(), '.next-test', forServer(cluster.env))
  run('tests/bench/keystroke.ts', { FAIR_TIN_ADDRESS: server.address })
  run('tests/bench/frames.ts', { FAIR_TIN_ADDRESS: server.address })
  run('tests/bench/counter.ts', { FAIR_TIN_ADDRESS: server.address })
  run('tests/bench/growth.ts', { FAIR_TIN_ADDRESS: server.address })
} finally {
  await server?.stop()
  await cluster.stop()
  cluster.remove()
}
