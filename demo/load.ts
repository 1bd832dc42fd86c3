// Loads the demo bakery into a new database. Run by the demo and test scripts after the migrations.
import path from 'node:path'
import { isFrozen } from '@fair-tin/core'
import {
  addBatch,
  addDelivery,
  addIngredient,
  addKitchen,
  addOrder,
  addProduct,
  addRecipe,
  asSetUp,
  keepCleaning,
  keepEntries,
  keepTrial,
  keepVersion,
  migrate,
  movePart,
  signOff,
  takeStock,
} from '@fair-tin/data'
import postgres, { type TransactionSql } from 'postgres'
import { demoBatches } from './batches'
import { orders, partEntries, trial } from './bench'
import { demoCleanings } from './cleanings'
import { bakery, staff } from './kitchen'
import { keptVersions } from './recipes'
import { deliveries } from './shelf'
import { signedLabels } from './signed'
import { demoWorkbook } from './workbook'

const ownerUrl = process.env.FAIR_TIN_OWNER_DATABASE
if (!ownerUrl) throw new Error('FAIR_TIN_OWNER_DATABASE is not set.')
const reset = process.argv.includes('--reset')
const today = new Date().toISOString().slice(0, 10)
const owner = postgres(ownerUrl, { max: 1, onnotice: () => {} })
/** All of it or nothing: where this is cut off, everything is as it was. */
const load = (sql: TransactionSql) =>
  asSetUp(sql, bakery.id, async sql => {
    await sql`insert into bakery values (${bakery.id}, ${bakery.name}) on conflict do nothing`
    for (const { id, name, role, signsFor } of staff)
      await sql`insert into staff (bakery_id, id, name, role, signs_for)
        values (${bakery.id}, ${id}, ${name}, ${role}, ${sql.array([...(signsFor ?? [])])}) on conflict do nothing`
    // a demo from before anybody had a part to play
    if ((await sql`select 1 from staff where role = 'owner' and left_at is null`).length === 0)
      for (const { id, role } of staff) await sql`update staff set role = ${role} where id = ${id}`
    if ((await sql`select 1 from kitchen`).length > 0) return null
    const workbook = demoWorkbook(today)
    await addKitchen(sql, workbook.kitchen, workbook.evidence)
    for (const ingredient of workbook.ingredients) await addIngredient(sql, ingredient)
    for (const recipe of workbook.recipes) if (!isFrozen(recipe)) await addRecipe(sql, recipe)
    for (const product of workbook.products) await addProduct(sql, product)
    await sql`select set_config('fair_tin.person', 'nell', true)`
    for (const kept of keptVersions) await keepVersion(sql, kept.recipe, kept.name, kept.reason)
    for (const { ingredient, taken, ...delivery } of deliveries(today)) {
      const id = `${ingredient}-${delivery.lot}`
      await addDelivery(sql, id, ingredient, delivery)
      if (taken > 0) await takeStock(sql, id, taken, 'bakes of the last weeks')
    }
    for (const { part, grams, reason } of partEntries) await movePart(sql, part, grams, reason)
    for (const [at, order] of orders(today).entries()) await addOrder(sql, `order-${at + 1}`, order)
    await keepTrial(sql, trial.recipe, trial)
    const lots = deliveries(today).map(({ ingredient, lot, received }) => ({
      id: `${ingredient}-${lot}`,
      ingredient,
      received,
    }))
    for (const { batch, by, entries } of demoBatches(workbook, lots)) {
      await sql`select set_config('fair_tin.person', ${by}, true)`
      await addBatch(sql, batch)
      for (const answer of (await keepEntries(sql, batch.id, entries))!)
        if (!answer.kept) throw new Error(`The demo’s batch ${batch.id}: ${answer.why}`)
    }
    for (const { seal, by, day } of signedLabels(today)) {
      await sql`select set_config('fair_tin.person', ${by}, true)`
      const print = await signOff(sql, seal)
      // it was signed on its day, and is only written down now
      await sql`update sign_off set kept_at = ${`${day}T15:20:00Z`} where print = ${print}`
    }
    for (const one of demoCleanings) await keepCleaning(sql, crypto.randomUUID(), one)
    return `${bakery.name} is in: ${workbook.products.length} products, ${workbook.recipes.length} recipes, ${workbook.ingredients.length} ingredients.`
  })
try {
  const said = await owner.begin(async sql => {
    // one loader at a time
    await sql`select pg_advisory_xact_lock(hashtextextended('fair-tin demo', 0))`
    if (reset) {
      await sql`drop schema public cascade`
      await sql`create schema public`
      await sql`grant usage on schema public to fair_tin_app`
    }
    const ran = await migrate(sql, path.join(import.meta.dirname, '../data/migrations'))
    return [ran.length > 0 ? `Database brought up to date: ${ran.join(', ')}.` : null, await load(sql)]
  })
  for (const words of said) if (words) console.log(words)
} finally {
  await owner.end()
}
