// Two processes behind HAProxy, PgBouncer in transaction mode behind them: each started again under changes. `npm run faults` is
// the long form.
import { expect, test } from '@playwright/test'
import { frontIsHere } from '../faults/front'
import { rolling } from '../faults/rolling'

test('both processes are started again in turn, and the pooler is held: nothing is lost, nothing is there twice, every page comes whole', async () => {
  test.skip(!frontIsHere(), 'HAProxy and PgBouncer are not here and could not be installed')
  test.setTimeout(240_000)
  const { acknowledged, lost, doubled, looked, amiss } = await rolling(1, { times: 1, ms: 1500 })
  expect(amiss).toEqual([])
  expect({ lost, doubled }).toEqual({ lost: 0, doubled: 0 })
  expect(acknowledged).toBeGreaterThan(10)
  // how many it gets to see depends on how busy the machine is; each of them is whole
  expect(looked).toBeGreaterThan(2)
})
