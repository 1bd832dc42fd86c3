// Changes of sheets against a real database: merged field by field, done once, told where they clash, taken back.
import { inverseOfSheetEdit, making, type SheetEdit, type SheetKind, sheetEdits, takingOut } from '@fair-tin/core/edit'
import { type Ingredient, unknownIngredient } from '@fair-tin/core/model'
import fc from 'fast-check'
import { afterAll, describe, expect, it } from 'vitest'
import { atBench } from '../tests/fixtures/hands'
import {
  type BakerySql,
  closePool,
  editSheet,
  findDayPlan,
  findIngredient,
  findKitchen,
  listOrders,
  sheetHistory,
} from './index'

const bakery = '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'
const as = <T>(person: string, work: (sql: BakerySql) => Promise<T>) => atBench(bakery, work, person)
const sent = (edits: readonly SheetEdit[]) => edits.map(one => ({ ...one, deed: crypto.randomUUID() }))
const edit = (kind: SheetKind, id: string, edits: readonly unknown[], person = 'nell') =>
  as(person, sql => editSheet(sql, kind, id, edits))
const quince = async (): Promise<string> => {
  const id = `quince-${crypto.randomUUID().slice(0, 8)}`
  const done = await edit('ingredient', id, sent([making(unknownIngredient(id, 'quince'))]))
  expect([done.refused, done.version]).toEqual([[], 1])
  return id
}
const standing = async (id: string): Promise<Ingredient> => (await as('nell', sql => findIngredient(sql, id)))!
afterAll(closePool)

describe('an ingredient', () => {
  it('changed in two windows at other fields is changed in both; at one field the second is told', async () => {
    const id = await quince()
    const base = await standing(id)
    const mine = { ...base, supplier: 'Miller & Sons', allergens: { milk: { status: 'free' as const } } }
    const theirs = { ...base, notes: 'soft', allergens: { milk: { status: 'contains' as const } } }
    await edit('ingredient', id, sent(sheetEdits('ingredient', base, theirs)))
    const done = await edit('ingredient', id, sent(sheetEdits('ingredient', base, mine)))
    expect(done.clashes).toMatchObject([
      { edit: { at: ['allergens', 'milk'], to: { status: 'free' } }, now: { status: 'contains' } },
    ])
    expect(await standing(id)).toMatchObject({
      supplier: 'Miller & Sons',
      notes: 'soft',
      allergens: { milk: { status: 'contains' } },
      version: 3,
    })
  })
  it('sent again, whole or in part, one after the other or at once, is changed once', async () => {
    const id = await quince()
    const edits = sent([
      { at: ['supplier'], was: null, to: 'Miller & Sons' },
      {
        at: ['packs', '1000 1.00 GBP 2026-01-01'],
        was: null,
        to: { grams: 1000, price: '1.00', currency: 'GBP', from: '2026-01-01' },
      },
    ])
    await Promise.all([edits, edits.slice(0, 1), edits.slice(1), edits].map(one => edit('ingredient', id, one)))
    // somebody changes it meanwhile: the late repeat does not put it back
    await edit('ingredient', id, sent([{ at: ['supplier'], was: 'Miller & Sons', to: 'nobody' }]))
    expect((await edit('ingredient', id, edits)).clashes).toEqual([])
    expect(await standing(id)).toMatchObject({ supplier: 'nobody', packs: [{ grams: 1000, price: '1.00' }] })
  })
  it('made twice under one id is one; taken out it takes no change, and can be put back', async () => {
    const id = `medlar-${crypto.randomUUID().slice(0, 8)}`
    const make = sent([making(unknownIngredient(id, 'medlar'))])
    await Promise.all([edit('ingredient', id, make), edit('ingredient', id, make)])
    expect((await edit('ingredient', id, sent([making(unknownIngredient(id, 'other'))]))).refused).toMatchObject([
      { path: 'there', why: expect.stringMatching(/^What you sent before is kept after all/) },
    ])
    await edit('ingredient', id, sent([takingOut]))
    const late = await edit('ingredient', id, sent([{ at: ['supplier'], was: null, to: 'late' }]))
    expect(late).toMatchObject({ sheet: null, refused: [{ path: 'removed' }] })
    const back = await edit(
      'ingredient',
      id,
      sent([inverseOfSheetEdit(takingOut), { at: ['supplier'], was: null, to: 'late' }]),
    )
    expect(back).toMatchObject({ refused: [], sheet: { supplier: 'late' } })
  })
  it('what is refused is not remembered, and keeps no other from going through', async () => {
    const id = await quince()
    const [bad, good] = sent([
      { at: ['name'], was: 'quince', to: '' },
      { at: ['supplier'], was: null, to: 'nobody' },
    ])
    const done = await edit('ingredient', id, [bad, { at: 'nonsense' }, good])
    expect(done.refused.map(one => one.path)).toEqual(['', 'name'])
    expect(done.sheet).toMatchObject({ name: 'quince', supplier: 'nobody' })
    expect((await edit('ingredient', id, [bad])).refused).toHaveLength(1)
  })
  it('is made under a name that is part of an address and no other page’s', async () => {
    for (const id of ['new', 'a/b', '../x', 'part@1', 'Ä', '-x', 'x'.repeat(90)]) {
      const done = await edit('ingredient', id, sent([making(unknownIngredient(id, 'medlar'))]))
      expect([id, done.refused.length, done.sheet]).toEqual([id, 1, null])
    }
  })
  it('is out or it is not: what says neither is refused', async () => {
    const id = await quince()
    for (const odd of [
      { at: ['removed'], was: null, to: 'yes' },
      { at: ['removed', 'x'], was: null, to: true },
      { at: ['__proto__'], was: null, to: {} },
      { at: ['packs', '__proto__'], was: null, to: { grams: 1 } },
    ]) {
      const done = await edit('ingredient', id, [{ ...odd, deed: crypto.randomUUID() }])
      expect([JSON.stringify(odd), done.refused.length]).toEqual([JSON.stringify(odd), 1])
    }
    expect(await standing(id)).toMatchObject({ name: 'quince', version: 1 })
  })
  it('any changes are told by its history, and taken back one by one bring it back', async () => {
    const field = fc.constantFrom('supplier', 'notes', 'labelName')
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(field, fc.constantFrom(null, 'a', 'b')), { minLength: 1, maxLength: 4 }),
        async changes => {
          const id = await quince()
          const first = await standing(id)
          let done = 0
          for (const [at, to] of changes) {
            const was = ((await standing(id))[at as 'supplier'] ?? null) as string | null
            if (was !== to) done++
            expect((await edit('ingredient', id, sent([{ at: [at], was, to }]), 'tobit')).clashes).toEqual([])
          }
          const history = await as('nell', sql => sheetHistory(sql, 'ingredient', id))
          expect(history).toHaveLength(done)
          for (const one of history) {
            expect(one.person).not.toBe('')
            const back = await edit('ingredient', id, sent([...one.edits].reverse().map(inverseOfSheetEdit)))
            expect([back.clashes, back.refused]).toEqual([[], []])
          }
          const { version: _, ...now } = await standing(id)
          const { version: __, ...then } = first
          expect(now).toEqual(then)
        },
      ),
      { numRuns: 12 },
    )
  })
})

describe('the kitchen and an order', () => {
  it('the kitchen can be neither taken out nor made anew', async () => {
    const out = await edit('kitchen', 'kitchen', sent([takingOut]))
    expect(out.refused).toMatchObject([{ why: 'A bakery has its kitchen: it cannot be taken out.' }])
    expect(
      (await edit('kitchen', 'kitchen', sent([making({ currency: 'EUR', crossContact: [], evidence: [] })]))).refused,
    ).toHaveLength(1)
  })
  it('an oven and a record of two windows both stand; taken back both are gone', async () => {
    const found = (await as('nell', findKitchen))!
    const base = { ...found.kitchen, evidence: found.evidence }
    const name = `Oven ${crypto.randomUUID().slice(0, 8)}`
    const oven = sheetEdits('kitchen', base, { ...base, ovens: [...(base.ovens ?? []), { name, tins: 2 }] })
    const record = sheetEdits('kitchen', base, {
      ...base,
      crossContact: [...base.crossContact, { allergen: 'milk', control: 'cleaned', equipment: name }],
    })
    expect([oven.length, record.length]).toEqual([1, 1])
    await Promise.all([edit('kitchen', 'kitchen', sent(oven)), edit('kitchen', 'kitchen', sent(record), 'tobit')])
    const both = (await as('nell', findKitchen))!.kitchen
    expect(both.ovens!.some(one => one.name === name)).toBe(true)
    expect(both.crossContact.some(one => one.equipment === name)).toBe(true)
    const [last] = await as('nell', sql => sheetHistory(sql, 'kitchen', 'kitchen'))
    expect([...oven, ...record].map(one => JSON.stringify(one.at))).toContain(JSON.stringify(last!.edits[0]!.at))
    for (const edits of [oven, record])
      expect((await edit('kitchen', 'kitchen', sent(edits.map(inverseOfSheetEdit)))).clashes).toEqual([])
    const after = (await as('nell', findKitchen))!
    expect({ ...after.kitchen, evidence: after.evidence }).toEqual(base)
  })
  it('an order is taken once, changed where nobody changed it, cancelled and put back', async () => {
    const id = crypto.randomUUID()
    const make = sent([making({ day: '2098-05-01', product: 'rhubarb-tartlet', packs: 3, forWhom: 'the quay café' })])
    await Promise.all([edit('order', id, make), edit('order', id, make)])
    const mine = async () => (await as('nell', sql => listOrders(sql, '2098-05-01'))).filter(one => one.id === id)
    expect(await mine()).toHaveLength(1)
    await edit('order', id, sent([{ at: ['packs'], was: 3, to: 5 }]))
    expect((await edit('order', id, sent([{ at: ['packs'], was: 3, to: 9 }]))).clashes).toMatchObject([{ now: 5 }])
    expect((await edit('order', id, sent([{ at: ['day'], was: null, to: '2098-05-02' }]))).refused).toHaveLength(1)
    expect((await edit('order', id, sent([{ at: ['packs'], was: 5, to: 0 }]))).refused).toHaveLength(1)
    expect(
      (
        await edit(
          'order',
          crypto.randomUUID(),
          sent([making({ day: '2098-05-01', product: 'no-such', packs: 3, forWhom: '' })]),
        )
      ).refused,
    ).toMatchObject([{ why: 'This product was taken out in another window. Choose another.' }])
    await edit('order', id, sent([takingOut]))
    expect([await mine(), (await edit('order', id, sent([{ at: ['packs'], was: 5, to: 6 }]))).refused.length]).toEqual([
      [],
      1,
    ])
    await edit('order', id, sent([inverseOfSheetEdit(takingOut)]))
    expect(await mine()).toMatchObject([{ packs: 5 }])
    expect((await as('nell', sql => sheetHistory(sql, 'order', id))).map(one => one.edits[0]!.at)).toEqual([
      ['removed'],
      ['removed'],
      ['packs'],
    ])
  })
})

describe('the plan of a day', () => {
  const planOf = async (day: string) => (await as('nell', sql => findDayPlan(sql, day)))!.plan
  it('is set on two tablets at once, each at what it changed; the same thing twice is told', async () => {
    const day = '2031-03-04'
    await edit('day', day, sent(sheetEdits('day', {}, { begins: '05:30', who: { a: 'Nell' } })))
    const done = await edit(
      'day',
      day,
      sent(sheetEdits('day', {}, { who: { a: 'Imke', b: 'Tobit' }, due: { a: '09:00' } })),
      'imke',
    )
    expect(done.clashes).toMatchObject([{ edit: { at: ['who', 'a'] }, now: 'Nell' }])
    expect(await planOf(day)).toEqual({ begins: '05:30', who: { a: 'Nell', b: 'Tobit' }, due: { a: '09:00' } })
    const [newest] = await as('nell', sql => sheetHistory(sql, 'day', day))
    expect(newest?.edits.map(one => one.at)).toEqual(
      expect.arrayContaining([
        ['due', 'a'],
        ['who', 'b'],
      ]),
    )
  })
  it('every day has one, a day that is none has none, and what is no time is refused by itself', async () => {
    expect(await planOf('2031-03-05')).toEqual({})
    expect(await as('nell', sql => findDayPlan(sql, 'Tuesday'))).toBeNull()
    expect((await edit('day', '2031-02-30', sent(sheetEdits('day', {}, { begins: '06:00' })))).refused).toHaveLength(1)
    const done = await edit('day', '2031-03-05', sent(sheetEdits('day', {}, { begins: '25:00', order: ['b', 'a'] })))
    expect(done.refused.map(one => one.path)).toEqual(['begins'])
    expect(await planOf('2031-03-05')).toEqual({ order: ['b', 'a'] })
  })
})
