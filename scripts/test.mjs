// npm test: types, lint, import rules, unit, outside checks, data, browser; on a throwaway cluster and free ports.
//   --quick: the part without database and browser. Ends with "N passed, N failed".
import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { ensureBuild } from './build.mjs'
import { clusterHome, freePort, startCluster } from './cluster.mjs'
import { ensureDebian, ensureNode, root } from './install.mjs'
import { forServer, serve } from './serve.mjs'

const quick = process.argv.includes('--quick')
const say = text => console.log(text)
const began = Date.now()
let passed = 0
let failed = 0

const bin = name => path.join(root, 'node_modules/.bin', name)
const run = (program, args, env = {}) =>
  new Promise(resolve => {
    let said = ''
    const child = spawn(program, args, {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    for (const stream of [child.stdout, child.stderr]) stream.on('data', chunk => (said += chunk))
    child.once('error', error => resolve({ ok: false, said: error.message }))
    child.once('exit', code => resolve({ ok: code === 0, said }))
  })
const seconds = from => `${((Date.now() - from) / 1000).toFixed(1)} s`

/** One check that either passes or fails. */
async function check(name, program, args) {
  const from = Date.now()
  const { ok, said } = await run(program, args)
  ok ? passed++ : failed++
  say(`${ok ? 'pass' : 'FAIL'}  ${name}  (${seconds(from)})`)
  if (!ok) say(said.trim())
}

const reports = mkdtempSync(path.join(os.tmpdir(), 'fair-tin-test-'))
/** A test runner with a JSON report: its tests are counted one by one. */
async function suite(name, program, args, env, count) {
  const from = Date.now()
  const report = path.join(reports, `${name.replaceAll(' ', '-')}.json`)
  const { ok, said } = await run(program, args(report), { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: report })
  let counts = { passed: 0, failed: 0 }
  try {
    counts = count(JSON.parse(readFileSync(report, 'utf8')))
  } catch {
    counts.failed = 1
  }
  // a runner that fails, or that ran nothing, is a failure even if it counted none
  if ((!ok || counts.passed === 0) && counts.failed === 0) counts.failed = 1
  passed += counts.passed
  failed += counts.failed
  say(
    `${counts.failed ? 'FAIL' : 'pass'}  ${name}: ${counts.passed} passed, ${counts.failed} failed  (${seconds(from)})`,
  )
  for (const title of counts.again ?? []) say(`      only at the second try: ${title}`)
  if (counts.failed || counts.again?.length) say(said.trim())
}
/** Titles of what passed only when it was tried again. */
const triedAgain = ({ suites = [], specs = [] }) => [
  ...specs.filter(spec => spec.tests.some(test => test.status === 'flaky')).map(spec => spec.title),
  ...suites.flatMap(triedAgain),
]
const vitest = (name, project, env) =>
  suite(
    name,
    bin('vitest'),
    report => [
      'run',
      '--project',
      project,
      // one database for all of them: its tests take turns
      ...(project === 'data' ? ['--no-file-parallelism'] : []),
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${report}`,
    ],
    env,
    json => ({
      passed: json.numPassedTests,
      failed: json.numFailedTests + json.numFailedTestSuites * (json.numFailedTests ? 0 : 1),
    }),
  )

if (!quick) {
  ensureDebian(['postgresql', 'chromium', 'poppler-utils'], say)
  // two processes behind one address are tried where these can be had
  ensureDebian(['haproxy', 'pgbouncer'], say, false)
}
ensureNode(say)
await Promise.all([
  check('lint', bin('biome'), ['ci', '.', '--error-on-warnings', '--colors=off']),
  check('types of core', bin('tsc'), ['-p', 'core']),
  check('types of web', bin('tsc'), ['-p', 'web']),
  check('types of the rest', bin('tsc'), ['-p', '.']),
  check('nothing unused', bin('knip'), ['--no-progress']),
  check('import rules', process.execPath, ['scripts/importRules.mjs']),
])
// while one waits for the disk the other works
const independent = (async () => {
  await vitest('unit tests', 'unit', {})
  await vitest('outside checks', 'outside', {})
})()
if (quick) await independent

if (!quick) {
  const home = clusterHome(`test-${process.pid}`)
  let cluster
  let server
  let cleaning = false
  const clean = async () => {
    if (cleaning) return
    cleaning = true
    await server?.stop()
    await cluster?.stop().catch(error => say(error.message))
    rmSync(home, { recursive: true, force: true })
  }
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => clean().then(() => process.exit(1)))
  try {
    cluster = await startCluster(home)
    const load = await run(process.execPath, ['--import', 'tsx', 'demo/load.ts'], cluster.env)
    const people = await run(process.execPath, ['--import', 'tsx', 'demo/people.ts'], cluster.env)
    load.ok &&= people.ok
    load.said += people.said
    load.ok ? passed++ : failed++
    say(`${load.ok ? 'pass' : 'FAIL'}  demo bakery loads`)
    if (!load.ok) say(load.said)
    await vitest('data tests', 'data', { ...cluster.env, FAIR_TIN_ADMIN_DATABASE: cluster.admin })
    await Promise.all([independent, ensureBuild('.next-test', say)])
    server = await serve(await freePort(), '.next-test', forServer(cluster.env))
    await suite(
      'browser tests',
      bin('playwright'),
      () => ['test', '--reporter=list,json'],
      { FAIR_TIN_ADDRESS: server.address, ...cluster.env },
      json => ({
        passed: json.stats.expected + json.stats.flaky,
        failed: json.stats.unexpected,
        again: triedAgain(json),
      }),
    )
  } catch (error) {
    failed++
    say(error.message)
  } finally {
    await independent
    await clean()
  }
}
rmSync(reports, { recursive: true, force: true })
say(`\n${seconds(began)}`)
say(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
