// The database and the server stopped in the middle of an edit: the edit stays, and goes through when they are back. A row
// that was damaged takes nothing else down. On a cluster and a server of its own, since it spoils one and kills both.
import { spawn, spawnSync } from 'node:child_process'
import path from 'node:path'
import { closeDoor } from '@fair-tin/data'
import type { Page } from '@playwright/test'
import postgres from 'postgres'
import { bakery } from '../../demo/kitchen'
import { clusterHome, freePort, startCluster } from '../../scripts/cluster.mjs'
import { forServer, serve } from '../../scripts/serve.mjs'
import { expect, signIn, test } from './bench'

const root = path.join(import.meta.dirname, '../..')
const home = clusterHome(`outage-${process.pid}`)
type Cluster = Awaited<ReturnType<typeof startCluster>>
type Server = Awaited<ReturnType<typeof serve>>
let cluster: Cluster
let server: Server
let port: number
const start = () => serve(port, process.env.FAIR_TIN_DIST ?? '.next-test', forServer(cluster.env))

test.beforeAll(async () => {
  test.setTimeout(120_000)
  cluster = await startCluster(home)
  const loaded = spawnSync(process.execPath, ['--import', 'tsx', 'demo/load.ts'], {
    cwd: root,
    env: { ...process.env, ...cluster.env },
  })
  expect(String(loaded.stderr)).toBe('')
  // its people come in by its own door
  await closeDoor()
  process.env.FAIR_TIN_DOOR_DATABASE = cluster.env.FAIR_TIN_DOOR_DATABASE
  port = await freePort()
  server = await start()
})
const otherDoor = process.env.FAIR_TIN_DOOR_DATABASE
test.afterAll(async () => {
  await closeDoor()
  process.env.FAIR_TIN_DOOR_DATABASE = otherDoor
  await server?.stop()
  await cluster?.stop()
  cluster?.remove()
})

const amount = (page: Page) => page.getByRole('button', { name: /^Amount of teff flour:/ })
const write = async (page: Page, text: string) => {
  await amount(page).click()
  await page.getByLabel('Amount of teff flour', { exact: true }).fill(text)
  await page.keyboard.press('Enter')
}
const waiting = (page: Page) => page.getByText(/\d changes? not saved yet\./)
const saved = (page: Page) => page.getByRole('status').filter({ hasText: /Recipe draft \d+, saved/ })

test('a damaged product is named and can be put back, and all else works', async ({ page, context }) => {
  const owner = postgres(cluster.env.FAIR_TIN_OWNER_DATABASE!, { max: 1 })
  await owner.begin(async sql => {
    await sql`select set_config('fair_tin.bakery', bakery_id::text, true), set_config('fair_tin.person', 'set-up', true)
      from (values ('7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'::uuid)) one (bakery_id)`
    await sql`update product set body = body || '{"claims": ["chocolateFree"]}' where id = 'chestnut-roll'`
  })
  await owner.end()
  await signIn(context, server.address)
  await page.goto(`${server.address}/`)
  const matter = page.getByRole('listitem').filter({ hasText: 'is damaged and cannot be read' })
  await expect(matter).toContainText('Chestnut')
  for (const at of ['recipes', 'larder', 'orders', 'kitchen', 'products/ginger-teff-loaf'])
    expect((await page.request.get(`${server.address}/${at}`)).status(), at).toBe(200)
  await matter.getByRole('link', { name: /Put it right/ }).click()
  await expect(page.getByRole('heading', { name: /is damaged/ })).toBeVisible()
  await page.getByRole('button', { name: 'Put back how it last could be read' }).click()
  await expect(saved(page)).toBeVisible()
  await page.goto(`${server.address}/`)
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
  await expect(matter).toHaveCount(0)
})

test('both are killed under an edit, and it goes through after', async ({ page, context }) => {
  test.setTimeout(120_000)
  await signIn(context, server.address)
  await page.goto(`${server.address}/products/ginger-teff-loaf`)
  await expect(saved(page)).toBeVisible()

  process.kill(server.pid!, 'SIGKILL')
  await server.ended
  await write(page, '210 g')
  await expect(waiting(page)).toContainText('The server does not answer.')
  await expect(amount(page)).toContainText('210 g')
  server = await start()
  // it tries again by itself
  await expect(saved(page)).toBeVisible({ timeout: 30_000 })

  await cluster.stop()
  await write(page, '220 g')
  await expect(waiting(page)).toContainText('The database did not answer.')
  await write(page, '230 g')
  await expect(amount(page)).toContainText('230 g')
  cluster = await startCluster(home, () => {}, cluster.port)
  await expect(saved(page)).toBeVisible({ timeout: 30_000 })

  const other = await context.newPage()
  await other.goto(`${server.address}/products/ginger-teff-loaf`)
  await expect(amount(other)).toContainText('230 g')
  // undo reaches across the saves, and across a reload
  await page.reload()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(amount(page)).toContainText('220 g')
  await page.keyboard.press('u')
  await expect(amount(page)).toContainText('210 g')
  await expect(saved(page)).toBeVisible()
})

test('a load of the demo that is cut off leaves all of it or none, never half', async () => {
  const owner = postgres(cluster.env.FAIR_TIN_OWNER_DATABASE!, { max: 1, onnotice: () => {} })
  const whole = () =>
    owner.begin(async sql => {
      await sql`select set_config('fair_tin.bakery', ${bakery.id}, true)`
      const [row] =
        await sql`select (select count(*)::int from product) as products, (select count(*)::int from recipe) as recipes,
        (select count(*)::int from order_line) > 0 as orders, (select count(*)::int from trial) as trials, (select count(*)::int from migration) as migrations`
      return row
    })
  const before = await whole()
  expect(before).toMatchObject({ orders: true, trials: 1 })
  for (const ms of [300, 700, 1000, 1300, 1700]) {
    const loading = spawn(process.execPath, ['--import', 'tsx', 'demo/load.ts', '--reset'], {
      cwd: root,
      env: { ...process.env, ...cluster.env },
      stdio: 'ignore',
    })
    const ended = new Promise(done => loading.once('exit', done))
    await new Promise(done => setTimeout(done, ms))
    loading.kill('SIGKILL')
    await ended
    expect(await whole(), `cut off after ${ms} ms`).toEqual(before)
  }
  await owner.end()
})
