// Pictures against a real database: kept once, and taken out by an owner where nothing shows them.
import { afterAll, describe, expect, it } from 'vitest'
import {
  addPerson,
  closeDoor,
  closePool,
  findPicture,
  fingerprint,
  foundBakery,
  type Hands,
  keepPicture,
  openSession,
  removePicture,
  stays,
  withBakery,
} from './index'

afterAll(async () => {
  await closeDoor()
  await closePool()
})
const house = async () => {
  const { bakery, staff } = await foundBakery('Picture House', 'Orla')
  const hands = async (person: string): Promise<Hands> => {
    const key = await openSession({ bakery, staff: person }, stays.password)
    return { session: fingerprint(key).toString('hex'), bakery, seesPrices: true }
  }
  const owner = await hands(staff)
  await withBakery(owner, sql =>
    addPerson(sql, { id: 'tob', name: 'Tobit', role: 'baker', seesPrices: true, signsFor: [] }),
  )
  return { owner, baker: await hands('tob') }
}
const picture = (kind: 'logo' | 'photo') => ({
  id: crypto.randomUUID(),
  kind,
  name: 'a tin',
  type: 'image/png' as const,
  width: 1,
  height: 1,
  bytes: new Uint8Array([1, 2, 3]),
})

describe('a picture', () => {
  it('is taken out by an owner alone, and that it was there stays in the journal', async () => {
    const { owner, baker } = await house()
    const one = picture('logo')
    await withBakery(owner, sql => keepPicture(sql, one))
    expect(await withBakery(baker, sql => removePicture(sql, one.id))).toBe('gone')
    expect(await withBakery(owner, sql => findPicture(sql, one.id))).toMatchObject({ name: 'a tin' })
    expect(await withBakery(owner, sql => removePicture(sql, one.id))).toBe('removed')
    expect(await withBakery(owner, sql => findPicture(sql, one.id))).toBeNull()
    expect(await withBakery(owner, sql => removePicture(sql, one.id))).toBe('gone')
    const told = await withBakery(
      owner,
      sql => sql<{ change: string }[]>`select change from journal where kind = 'picture' order by entry`,
    )
    expect(told.map(row => row.change)).toEqual(['insert', 'delete'])
  })
  it('that stands on a design stays', async () => {
    const { owner } = await house()
    const one = picture('logo')
    await withBakery(owner, async sql => {
      await keepPicture(sql, one)
      await sql`update kitchen set body = jsonb_build_object('currency', 'GBP', 'crossContact', '[]'::jsonb, 'labelDesigns', ${sql.json([{ id: 'd', name: 'Kraft front', logo: { id: one.id } }])}::jsonb)`
      const [row] = await sql`select 1 from kitchen`
      if (!row)
        await sql`insert into kitchen (bakery_id, body, evidence) values (current_bakery(), ${sql.json({ currency: 'GBP', crossContact: [], labelDesigns: [{ id: 'd', name: 'Kraft front', logo: { id: one.id } }] })}, '[]')`
    })
    expect(await withBakery(owner, sql => removePicture(sql, one.id))).toMatchObject({
      shown: expect.stringContaining('Kraft front'),
    })
  })
})
