// npm run bench: the benches, each beside another way of doing the same work, on a throwaway cluster.
import { spawnSync } from 'node:child_process'
import { clusterHome, startCluster } from './cluster.mjs'
import { ensureDebian, ensureNode, root } from './install.mjs'

ensureDebian(['postgresql'], console.log)
ensureNode(console.log)
const cluster = await startCluster(clusterHome(`bench-${process.pid}`))
try {
  const run = spawnSync(process.execPath, ['--import', 'tsx', 'tests/bench/rollUp.ts'], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...cluster.env },
  })
  process.exitCode = run.status ?? 1
} finally {
  await cluster.stop()
  cluster.remove()
}
