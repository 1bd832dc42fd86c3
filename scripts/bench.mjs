// npm run bench: the benches, each beside another way of doing the same work, on a throwaway cluster and a free port.
import { spawnSync } from 'node:child_process'
import { ensureBuild } from './build.mjs'
import { clusterHome, freePort, startCluster } from './cluster.mjs'
import { ensureDebian, ensureNode, root } from './install.mjs'
import { serve } from './serve.mjs'

ensureDebian(['postgresql', 'chromium'], console.log)
ensureNode(console.log)
const cluster = await startCluster(clusterHome(`bench-${process.pid}`))
const run = (file, env = {}) => {
  const done = spawnSync(process.execPath, ['--import', 'tsx', file], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...cluster.env, ...env },
  })
  if (done.status !== 0) process.exitCode = 1
}
let server
try {
  run('tests/bench/rollUp.ts')
  run('demo/load.ts')
  ensureBuild('.next-test', console.log)
  server = await serve(await freePort(), '.next-test', { FAIR_TIN_DATABASE: cluster.env.FAIR_TIN_DATABASE })
  run('tests/bench/keystroke.ts', { FAIR_TIN_ADDRESS: server.address })
} finally {
  await server?.stop()
  await cluster.stop()
  cluster.remove()
}
