// Who is let in, for how long, and that the database itself knows whose rows a session sees.

import { unknownIngredient } from '@fair-tin/core/model'
import postgres from 'postgres'
import { afterAll, describe, expect, it } from 'vitest'
import { bakery as demo, staff as demoStaff } from '../../demo/kitchen'
import { atBench, handsOf } from '../../tests/fixtures/hands'
import {
  addIngredient,
  addPerson,
  changePerson,
  findIngredient,
  type Hands,
  letPersonGo,
  listIngredients,
  listStaff,
  peopleAndPlaces,
  saveIngredient,
  whoIsHere,
  withBakery,
} from '../index'
import { fingerprint } from '../secret'
import { closePool } from '../withBakery'
import {
  changePassword,
  closeDoor,
  countChange,
  deviceOf,
  endDevice,
  endSessions,
  foundBakery,
  hasOwner,
  leave,
  letDeviceIn,
  linkOf,
  makeAccount,
  makeLink,
  NotLetIn,
  openSession,
  peopleAt,
  personAt,
  recover,
  rekeyed,
  sessionOf,
  setPin,
  signIn,
  stays,
  tryPin,
  useLink,
} from './index'

const owner = postgres(process.env.FAIR_TIN_OWNER_DATABASE ?? expect.fail('FAIR_TIN_OWNER_DATABASE is not set'), {
  max: 1,
})
const hex = (key: string) => fingerprint(key).toString('hex')
/** A bakery of its own for each test, with its owner. */
const founded = () => foundBakery('Quay Bakehouse', 'Orla')
const hands = (key: string, bakery: string): Hands => ({ session: hex(key), bakery, seesPrices: true })
const later = (bakery: string, minutes: number) =>
  owner`update session set seen_at = seen_at - make_interval(mins => ${minutes}), ends_at = ends_at - make_interval(mins => ${minutes})
    where bakery_id = ${bakery}`
const refused = (work: Promise<unknown>): Promise<NotLetIn> =>
  work.then(
    () => expect.fail('it was let in'),
    error => (error instanceof NotLetIn ? error : Promise.reject(error)),
  )
const unique = () => `${crypto.randomUUID()}@quay.example`
const password = 'kettle harbour teff nine'

afterAll(async () => {
  await closeDoor()
  await closePool()
  await owner.end()
})

describe('a session', () => {
  it('is its bakery, and no setting of the application makes it another', async () => {
    const { bakery, staff } = await founded()
    const key = await openSession({ bakery, staff }, stays.password)
    expect(await whoIsHere(hex(key))).toMatchObject({ id: staff, role: 'owner', bakery, bakeryName: 'Quay Bakehouse' })
    await withBakery(hands(key, bakery), async sql => {
      await addIngredient(sql, unknownIngredient('teff', 'teff'))
      await sql`select set_config('fair_tin.bakery', ${demo.id}, true), set_config('fair_tin.person', 'nell', true)`
      expect((await sql`select bakery_id from ingredient`).map(row => row.bakery_id)).toEqual([bakery])
      expect(await sql`select current_person() as person`).toMatchObject([{ person: staff }])
    })
    // naming another bakery for what is kept beside changes nothing of what is seen
    const seen = await withBakery(hands(key, demo.id), sql => sql`select id from ingredient`)
    expect(seen).toMatchObject([{ id: 'teff' }])
  })
  it('is not found out by the application, nor a door opened by it', async () => {
    const { bakery, staff } = await founded()
    const key = await openSession({ bakery, staff }, stays.password)
    for (const statement of [
      'select * from session',
      'select * from account',
      'select * from pin',
      'select * from link',
      'select * from device',
      'select * from membership',
      'select * from attempt',
      `select * from people_at('${demo.id}')`,
      `select * from bakeries_of('${demo.id}')`,
      `select found_bakery(gen_random_uuid(), 'x', 'x', 'x')`,
      `update session set staff_id = 'nell'`,
      'set role fair_tin_owner',
      'set role fair_tin_door',
      'alter table ingredient disable row level security',
      `insert into session (bakery_id, id) values ('${demo.id}', gen_random_uuid())`,
    ])
      await expect(
        withBakery(hands(key, bakery), sql => sql.unsafe(statement)),
        statement,
      ).rejects.toThrow(/permission denied|must be owner/)
  })
  it('whose key nobody has opens nothing', async () => {
    expect(await whoIsHere(hex('no such key'))).toBeNull()
    expect(await sessionOf('no such key')).toBeNull()
    expect(await withBakery(hands('no such key', demo.id), sql => sql`select id from ingredient`)).toHaveLength(0)
    expect(
      await withBakery({ session: '', bakery: demo.id, seesPrices: true }, sql => sql`select id from ingredient`),
    ).toHaveLength(0)
  })
  it.each([
    ['left unused too long', 12 * 60 + 1],
    ['grown too old', 7 * 24 * 60 + 1],
  ])('%s is over', async (_, minutes) => {
    const { bakery, staff } = await founded()
    const key = await openSession({ bakery, staff }, stays.password)
    await later(bakery, minutes)
    expect(await sessionOf(key)).toBeNull()
    expect(await whoIsHere(hex(key))).toBeNull()
  })
  it('that is used goes on, and gets another key; the old one is good for a minute', async () => {
    const { bakery, staff } = await founded()
    const key = await openSession({ bakery, staff }, stays.password)
    expect(await rekeyed(key)).toBeNull()
    await owner`update session set keyed_at = now() - interval '13 hours' where token_hash = ${fingerprint(key)}`
    const [next, second] = await Promise.all([rekeyed(key), rekeyed(key)])
    const fresh = next ?? second!
    expect([next, second].filter(Boolean)).toHaveLength(1)
    for (const one of [key, fresh]) expect(await whoIsHere(hex(one))).toMatchObject({ id: staff })
    await owner`update session set former_until = now() - interval '1 second' where token_hash = ${fingerprint(fresh)}`
    expect(await whoIsHere(hex(key))).toBeNull()
    expect(await whoIsHere(hex(fresh))).toMatchObject({ id: staff })
  })
  it('ends when it is left, and with all the others of that person', async () => {
    const { bakery, staff } = await founded()
    const keys = await Promise.all([1, 2, 3].map(() => openSession({ bakery, staff }, stays.password)))
    await leave(keys[0]!)
    expect(await sessionOf(keys[0]!)).toBeNull()
    const here = (await sessionOf(keys[1]!))!
    // in another bakery's name nothing ends
    expect(await endSessions(demo.id, { staff })).toBe(0)
    expect(await endSessions(bakery, { staff, but: here.id })).toBe(1)
    expect(await sessionOf(keys[1]!)).not.toBeNull()
    expect(await sessionOf(keys[2]!)).toBeNull()
  })
  it('of somebody who is let go sees nothing from that moment, in the middle of what they do', async () => {
    const { bakery, staff } = await founded()
    const boss = hands(await openSession({ bakery, staff }, stays.password), bakery)
    await withBakery(boss, sql =>
      addPerson(sql, { id: 'pim', name: 'Pim', role: 'baker', seesPrices: true, signsFor: [] }),
    )
    const key = await openSession({ bakery, staff: 'pim' }, stays.pin)
    await withBakery(hands(key, bakery), sql => addIngredient(sql, unknownIngredient('teff', 'teff')))
    expect(await withBakery(boss, sql => letPersonGo(sql, 'pim'))).toBe(true)
    expect(await whoIsHere(hex(key))).toBeNull()
    expect(await sessionOf(key)).toBeNull()
    await expect(
      withBakery(hands(key, bakery), async sql => {
        const flour = await findIngredient(sql, 'teff')
        expect(flour).toBeNull()
        await addIngredient(sql, unknownIngredient('rice', 'rice'))
      }),
    ).rejects.toThrow()
    expect((await withBakery(boss, listStaff)).map(one => one.name)).toEqual(['Orla'])
  })
})

describe('parts to play', () => {
  it('only an owner says who works here, and there is always one', async () => {
    const { bakery, staff } = await founded()
    const boss = hands(await openSession({ bakery, staff }, stays.password), bakery)
    const pim = { id: 'pim', name: 'Pim', role: 'signer', seesPrices: true, signsFor: ['uk'] } as const
    await withBakery(boss, sql => addPerson(sql, { ...pim, signsFor: ['uk'] }))
    const his = hands(await openSession({ bakery, staff: 'pim' }, stays.pin), bakery)
    await expect(withBakery(his, sql => addPerson(sql, { ...pim, id: 'x', signsFor: [] }))).rejects.toThrow(
      /row-level security/,
    )
    await withBakery(his, sql => changePerson(sql, { ...pim, role: 'owner', signsFor: [] }))
    expect(await withBakery(his, listStaff)).toContainEqual({ ...pim, signsFor: ['uk'] })
    const orla = { id: staff, name: 'Orla', seesPrices: true, signsFor: [] }
    expect(await withBakery(boss, sql => changePerson(sql, { ...orla, role: 'baker' }))).toBe(false)
    expect(await withBakery(boss, sql => letPersonGo(sql, staff))).toBe(false)
    await withBakery(boss, sql => changePerson(sql, { ...pim, role: 'owner', signsFor: [] }))
    expect(await withBakery(boss, sql => changePerson(sql, { ...orla, role: 'baker' }))).toBe(true)
  })
  it('a reader changes nothing', async () =>
    expect(atBench(demo.id, sql => addIngredient(sql, unknownIngredient('x', 'x')))).rejects.toThrow(
      /No change without a person/,
    ))
  it('prices are not seen by those the owner keeps them from, not even out of what was read before', async () => {
    const { bakery, staff } = await founded()
    const boss = hands(await openSession({ bakery, staff }, stays.password), bakery)
    const priced = {
      ...unknownIngredient('teff', 'teff'),
      packs: [{ grams: 500, price: '3.10', currency: 'GBP', from: '2026-01-01' }],
    }
    await withBakery(boss, async sql => {
      await addIngredient(sql, priced)
      await addPerson(sql, { id: 'pim', name: 'Pim', role: 'baker', seesPrices: false, signsFor: [] })
    })
    const his = { ...hands(await openSession({ bakery, staff: 'pim' }, stays.pin), bakery), seesPrices: false }
    expect((await withBakery(boss, listIngredients)).values[0]!.packs).toHaveLength(1)
    expect((await withBakery(his, listIngredients)).values[0]!.packs).toEqual([])
    expect(await withBakery(his, sql => sql`select 1 from pack`)).toHaveLength(0)
    // and what they change leaves the prices as they were
    await withBakery(his, sql => saveIngredient(sql, { ...priced, packs: [], notes: 'sieved' } as never, 1))
    expect((await withBakery(boss, sql => findIngredient(sql, 'teff')))!.packs).toHaveLength(1)
  })
})

describe('by e-mail and password', () => {
  it('comes in, into any bakery they work at, and by no other password', async () => {
    const [one, two] = [await founded(), await founded()]
    const email = unique()
    await makeAccount(email, password, one.bakery, one.staff)
    expect(await hasOwner()).toBe(true)
    const { account, bakeries } = await signIn(` ${email.toUpperCase()} `, password, 'a')
    expect(bakeries.map(one => one.bakery)).toEqual([one.bakery])
    await refused(makeAccount(email, password, two.bakery, two.staff))
    const wrong = await refused(signIn(email, 'kettle harbour teff ten', 'b'))
    expect((await refused(signIn(unique(), password, 'b'))).message).toBe(wrong.message)
    expect(account).toMatch(/^[0-9a-f-]{36}$/)
  })
  it('too many tries are not heard for a while, right or wrong', async () => {
    const { bakery, staff } = await founded()
    const email = unique()
    await makeAccount(email, password, bakery, staff)
    for (let at = 0; at < 10; at++) await refused(signIn(email, 'wrong', `somewhere ${email}`))
    const { message, wait } = await refused(signIn(email, password, `somewhere ${email}`))
    expect(message).toMatch(/Too many tries/)
    expect(wait).toBeGreaterThan(60)
    // whoever tries elsewhere keeps its owner out of nothing
    expect((await signIn(email, password, `at home ${email}`)).bakeries).toHaveLength(1)
  })
  it('too many from everywhere are not heard either', async () => {
    const { bakery, staff } = await founded()
    const email = unique()
    await makeAccount(email, password, bakery, staff)
    for (let at = 0; at < 25; at++) await refused(signIn(email, 'wrong', `somewhere ${at} ${email}`))
    expect((await refused(signIn(email, password, `else ${email}`))).message).toMatch(/Too many tries/)
  })
  it('whoever comes in rightly is never kept out for having come in often', async () => {
    const { bakery, staff } = await founded()
    const email = unique()
    await makeAccount(email, password, bakery, staff)
    for (let at = 0; at < 25; at++) await signIn(email, password, `one door ${email}`)
  })
  it('a lost password is replaced by the code, once, and everybody signed in with it is out', async () => {
    const { bakery, staff } = await founded()
    const email = unique()
    const code = await makeAccount(email, password, bakery, staff)
    const { account } = await signIn(email, password, email)
    const key = await openSession({ bakery, staff, account }, stays.password)
    await refused(recover(email, 'AAAA-AAAA-AAAA-AAAA-AAAA', 'another harbour kettle', email))
    expect((await refused(recover(email, code, 'short', email))).message).toMatch(/at least 12/)
    const next = await recover(email, code.toLowerCase(), 'another harbour kettle', email)
    expect(await sessionOf(key)).toBeNull()
    await refused(recover(email, code, 'a third harbour kettle', email))
    await signIn(email, 'another harbour kettle', email)
    expect(next).not.toBe(code)
  })
})

it('a password is changed by whoever knows it, and every session by the old one is over', async () => {
  const { bakery, staff } = await founded()
  const email = unique()
  await makeAccount(email, password, bakery, staff)
  const { account } = await signIn(email, password, email)
  const key = await openSession({ bakery, staff, account }, stays.password)
  expect((await refused(changePassword(account, 'not it at all', 'another harbour kettle'))).message).toMatch(
    /not your password/,
  )
  expect((await refused(changePassword(account, password, 'password1234'))).message).toMatch(/tried first/)
  expect(await sessionOf(key)).not.toBeNull()
  const code = await changePassword(account, password, 'another harbour kettle')
  expect(await sessionOf(key)).toBeNull()
  await refused(signIn(email, password, email))
  await signIn(email, 'another harbour kettle', email)
  await recover(email, code, 'a third harbour kettle', email)
})

describe('by PIN on a tablet', () => {
  it('waits longer after each wrong try, and locks after ten, whatever the process', async () => {
    const { bakery, staff } = await founded()
    await setPin(bakery, staff, '4712')
    await tryPin(bakery, staff, '4712')
    const waits: number[] = []
    for (let at = 0; at < 10; at++) {
      waits.push((await refused(tryPin(bakery, staff, '0815'))).wait)
      if (at === 4) {
        expect((await refused(tryPin(bakery, staff, '4712'))).message).toMatch(/^Wait \d+ seconds/)
        await closeDoor()
      }
      await owner`update pin set wait_until = null where bakery_id = ${bakery}`
    }
    expect(waits.slice(0, 9)).toEqual([0, 0, 2, 4, 8, 16, 32, 64, 128])
    expect((await refused(tryPin(bakery, staff, '4712'))).message).toMatch(/Locked/)
    await setPin(bakery, staff, '8093')
    await tryPin(bakery, staff, '8093')
  })
  it('more changes than any hand makes are not heard for the rest of a minute; another hand’s are', async () => {
    const [hand, address] = [crypto.randomUUID(), crypto.randomUUID()]
    expect(await countChange(hand, address)).toBeNull()
    // as many as there may be, counted by another process
    await owner`update attempt set points = 6000 where key = ${`hand:${hand}`}`
    const wait = await countChange(hand, address)
    expect(wait).toBeGreaterThan(0)
    expect(wait).toBeLessThanOrEqual(60)
    expect(await countChange(crypto.randomUUID(), address)).toBeNull()
  })
  it('a machine that tries all at once gets ten tries', async () => {
    const { bakery, staff } = await founded()
    await setPin(bakery, staff, '4712')
    const said = await Promise.all(
      Array.from({ length: 60 }, (_, at) => refused(tryPin(bakery, staff, String(5000 + at * 7)))),
    )
    expect(said.filter(({ message }) => /tries are left/.test(message)).length).toBeLessThan(10)
  })
  it('a device shows who works there, and ends with everybody on it', async () => {
    const { bakery, staff } = await founded()
    const key = await letDeviceIn(bakery, 'by the oven', staff)
    const device = (await deviceOf(key))!
    expect(device).toMatchObject({ bakery, name: 'by the oven' })
    expect(await peopleAt(bakery)).toEqual([{ id: staff, name: 'Orla', role: 'owner', hasPin: false }])
    const session = await openSession({ bakery, staff, device: device.id }, stays.pin)
    const boss = hands(await openSession({ bakery, staff }, stays.password, 'A browser'), bakery)
    const seen = await withBakery(boss, peopleAndPlaces)
    expect(seen.devices).toMatchObject([{ name: 'by the oven' }])
    expect(seen.sessions.map(one => [one.person, one.device, one.agent])).toEqual(
      expect.arrayContaining([
        ['Orla', 'by the oven', ''],
        ['Orla', null, 'A browser'],
      ]),
    )
    await endDevice(demo.id, device.id)
    expect(await deviceOf(key)).not.toBeNull()
    await endDevice(bakery, device.id)
    expect(await deviceOf(key)).toBeNull()
    expect(await whoIsHere(hex(session))).toBeNull()
  })
})

describe('a link', () => {
  it('is good once; two at once are not both let in', async () => {
    const { bakery, staff } = await founded()
    const key = await makeLink('sign in', { bakery, staff }, 1)
    expect(await linkOf(key)).toMatchObject({ kind: 'sign in', bakery, staff })
    const used = await Promise.all([useLink(key), useLink(key), useLink(key)])
    expect(used.filter(Boolean)).toHaveLength(1)
    expect(await linkOf(key)).toBeNull()
    expect(await personAt(bakery, staff)).toEqual({ name: 'Orla', role: 'owner', bakery: 'Quay Bakehouse' })
  })
  it('of a reader is good until its day', async () => {
    const { bakery, staff } = await founded()
    const key = await makeLink('look', { bakery, staff }, 48)
    expect(await useLink(key)).not.toBeNull()
    expect(await useLink(key)).not.toBeNull()
    await owner`update link set ends_at = now() - interval '1 second' where token_hash = ${fingerprint(key)}`
    expect(await useLink(key)).toBeNull()
  })
})

describe('the door', () => {
  it('sees nothing of the books', async () => {
    const sql = postgres(process.env.FAIR_TIN_DOOR_DATABASE!, { max: 1 })
    await handsOf(demo.id, 'nell')
    for (const table of ['ingredient', 'recipe', 'product', 'staff', 'bakery', 'journal', 'pack', 'evidence_file'])
      await expect(sql`select * from ${sql(table)}`, table).rejects.toThrow(/permission denied/)
    await sql.end()
  })
  it('the demo’s people have passwords and PINs that will do', async () => {
    expect(
      (await peopleAt(demo.id)).filter(one => demoStaff.some(({ id }) => id === one.id)).every(one => one.hasPin),
    ).toBe(true)
    for (const { id, pin } of demoStaff) await tryPin(demo.id, id, pin)
  })
})
