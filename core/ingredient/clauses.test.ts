import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { clausesOf } from './clauses'
import { readStatement } from './statement'
import { usuallyIn } from './usually'

const brief = (text: string) => {
  const { list, contains, may, other } = clausesOf(text)
  return { list, contains, may, other }
}
describe('clauses of a statement', () => {
  it.each<[string, Partial<ReturnType<typeof brief>>]>([
    [
      'Filling (sugar, may contain nuts), rice flour',
      { list: ['Filling (sugar), rice flour'], may: ['may contain nuts'] },
    ],
    ['Cultures (may contain milk), salt', { list: ['Cultures, salt'], may: ['may contain milk'] }],
    ['Rice, salt, may contain soya', { list: ['Rice, salt'], may: ['may contain soya'] }],
    ['Rice [oil; traces of egg], salt', { list: ['Rice [oil], salt'], may: ['traces of egg'] }],
    ['Milk: yes. Eggs: no.', { contains: ['Milk'], other: ['Eggs: no'], list: [] }],
    ['Soya: present; nuts: may contain; egg: absent', { contains: ['Soya'], may: ['nuts'], other: ['egg: absent'] }],
    ['Rice. Contains no milk, eggs or nuts.', { list: ['Rice.'], other: ['Contains no milk, eggs or nuts.'] }],
    ['This product contains nuts.', { contains: ['nuts.'], list: [] }],
    ['Allergens: none. Rice.', { other: ['Allergens: none'], list: ['Rice.'] }],
    ['Rice. Das Produkt kann Spuren von Soja enthalten.', { may: ['Das Produkt kann Spuren von Soja enthalten.'] }],
    ['Reis, Salz, kann Milch enthalten', { list: ['Reis, Salz'], may: ['kann Milch enthalten'] }],
    [
      'Unsuitable for nut allergy sufferers. Rice.',
      { may: ['Unsuitable for nut allergy sufferers.'], list: ['Rice.'] },
    ],
  ])('%s', (text, wanted) => expect(brief(text)).toMatchObject(wanted))
  it('a promise ends where the list goes on, and says so', () => {
    const { list, other, doubts } = clausesOf('Free from dairy, soya, peanut oil, sunflower oil, salt')
    expect([list, other]).toEqual([['peanut oil, sunflower oil, salt'], ['Free from dairy, soya']])
    expect(doubts[0]).toContain('read as ending before “peanut oil”')
    expect(clausesOf('Free from wheat, dairy and sugar.').doubts).toEqual([])
    // what people avoid may be promised; where a list follows it belongs to the list
    expect(clausesOf('Free from milk, sugar, hazelnut paste').list).toEqual(['sugar, hazelnut paste'])
  })
})

describe('what stands around a promise or a warning', () => {
  const contained = (text: string) => [...readStatement(text).contains].sort().join()
  const names = (text: string) => readStatement(text).components.map(one => one.name)
  const [things, denied] = [
    ['hazelnut paste', 'oat flakes', 'sesame bar', 'whey drink', 'almond spread'],
    ['milk', 'gluten', 'eggs', 'nuts', 'added sugar'],
  ]
  const promises = [
    '% free from #',
    '% without #',
    '% free of #. Store cool',
    'Sugar, salt. % free from #',
    '% free from # (water, salt)',
    'No added sugar %',
  ]
  it.each(promises)('%s: the thing itself is of the list', promise => {
    for (const thing of things)
      for (const what of denied) {
        // a sentence begins with a capital, as a thing behind “no added sugar” does not
        const named = promise.includes('. %') ? thing.charAt(0).toUpperCase() + thing.slice(1) : thing
        const text = promise.replace('%', named).replace('#', what)
        expect(contained(text), text).toBe(contained(thing))
        expect(names(text).join().toLowerCase(), text).toContain(thing)
      }
  })
  it.each([
    'Rice, may contain soya, %, sugar',
    'Rice (oil, may contain soya and other nuts, %), sugar',
    'Reis, kann Soja enthalten, %',
    'Ryż. Bez soi, %',
  ])('%s: the list goes on', list => {
    for (const thing of things) {
      const text = list.replace('%', thing)
      expect(contained(text), text).toBe(contained(thing))
      expect(JSON.stringify(readStatement(text).components), text).toContain(thing)
    }
  })
})

describe('a statement made of clauses', () => {
  const names = {
    milk: 'whey powder',
    soy: 'soya flour',
    egg: 'dried egg',
    sesame: 'sesame seeds',
    mustard: 'mustard flour',
    lupin: 'lupin flour',
  } as const
  type Code = keyof typeof names
  const codes = Object.keys(names) as Code[]
  const plain = ['sugar', 'rice flour', 'palm oil', 'salt', 'cocoa mass'] as const
  const some = fc.subarray(codes, { maxLength: 2 })
  const bracket = fc.record({
    inside: some,
    may: some,
    form: fc.constantFrom('may contain', 'may contain traces of', 'kann enthalten:'),
  })
  const statement = fc.record({
    list: fc.subarray(codes, { maxLength: 3 }),
    bracket: fc.option(bracket, { nil: undefined }),
    warned: some,
    warning: fc.constantFrom(
      'May contain %',
      'Made in a factory that handles %',
      'Peut contenir %',
      'Packed on a line where % is used',
      'Contains traces of %',
    ),
    absent: some,
    promise: fc.constantFrom('Free from %', 'Contains no %', 'Made without %', 'Does not contain %'),
    first: fc.boolean(),
    other: fc.constantFrom(...plain),
  })
  const bare: Record<Code, string> = {
    milk: 'milk',
    soy: 'soya',
    egg: 'eggs',
    sesame: 'sesame',
    mustard: 'mustard',
    lupin: 'lupin',
  }
  const joined = (list: readonly Code[]) => list.map(code => bare[code]).join(' and ')
  it('loses no allergen of any, and takes none from a promise', () => {
    fc.assert(
      fc.property(statement, ({ list, bracket, warned, warning, absent, promise, first, other }) => {
        const inner = bracket && [
          ...plain.slice(0, 1),
          ...bracket.inside.map(code => names[code]),
          ...(bracket.may.length > 0 ? [`${bracket.form} ${joined(bracket.may)}`] : []),
        ]
        const body = `${[other, ...list.map(code => names[code]), ...(inner ? [`filling (${inner.join(', ')})`] : []), 'water'].join(', ')}.`
        const promised = absent.length > 0 ? `${promise.replace('%', joined(absent))}.` : ''
        const text = [
          ...(first ? [promised] : []),
          body,
          ...(warned.length > 0 ? [`${warning.replace('%', joined(warned))}.`] : []),
          ...(first ? [] : [promised]),
        ]
          .filter(Boolean)
          .join(' ')
        const read = readStatement(text)
        const inIt = new Set<string>([...list, ...(bracket?.inside ?? [])])
        const may = new Set<string>([...warned, ...(bracket?.may ?? [])])
        expect(new Set(read.contains), text).toEqual(inIt)
        expect(new Set(read.mayContain), text).toEqual(new Set([...may].filter(code => !inIt.has(code))))
        // every word of the list stands in the tree
        const tree = JSON.stringify(read.components)
        for (const name of [other, 'water', ...list.map(code => names[code])]) expect(tree, text).toContain(name)
      }),
      { numRuns: 1000 },
    )
  })
})

describe('what is told beside the list', () => {
  const named = { milk: 'milk', egg: 'eggs', soy: 'soya', sesame: 'sesame', peanut: 'peanuts', mustard: 'mustard' }
  const codes = Object.keys(named) as (keyof typeof named)[]
  const heard = (text: string, code: string) => {
    const read = readStatement(text)
    return [...read.contains, ...read.mayContain, ...read.groups.flatMap(group => group.codes)].includes(code as never)
  }
  it('loses no allergen, in whatever words it stands', () => {
    const words =
      'our supplier once told us that the bags lie near a sack of and some in it with other from at they by mill'
    const filler = fc.array(fc.constantFrom(...words.split(' ')), { minLength: 1, maxLength: 6 })
    fc.assert(
      fc.property(filler, filler, fc.constantFrom(...codes), (before, behind, code) => {
        const told = `${before.join(' ')} ${named[code]} ${behind.join(' ')}.`
        expect(heard(`Rice flour, water. ${told[0]!.toUpperCase()}${told.slice(1)}`, code), told).toBe(true)
      }),
      { numRuns: 400 },
    )
  })
  it.each([
    ['Tahini: hulled sesame. Same equipment used for peanut butter.', 'peanut'],
    ['Sorghum flour. Site also stores mustard in a separate building.', 'mustard'],
    ['Seed mix: sunflower, linseed. We also pack peanuts here.', 'peanut'],
    ['Molasses. Caution: facility uses milk.', 'milk'],
    ['Oat flakes, produced to avoid cross contact with soya and milk.', 'soy'],
  ])('%s may hold %s', (text, code) => {
    expect(readStatement(text).mayContain).toContain(code)
    expect(readStatement(text).contains).not.toContain(code)
  })
  it('hears no warning in a promise, a measure or advice', () => {
    for (const text of [
      'Rice flour, water. Free from milk, egg and soya.',
      'Rice flour, water. Suitable for people who eat no milk.',
      'Rice flour, water. Milk below 1 mg/kg.',
      'Rice flour, water. Serve with milk or peanuts.',
    ])
      expect(readStatement(text).mayContain, text).toEqual([])
  })
  it('a table of answers between strokes', () =>
    expect(readStatement('Milk: Yes / Egg: No / Soya: handled on site')).toMatchObject({
      contains: ['milk'],
      mayContain: ['soy'],
    }))
})

describe('what a thing usually holds', () => {
  const asked = (name: string) =>
    usuallyIn([{ name }]).map(
      group => `${group.word}: ${group.codes.length > 3 ? group.codes.length : group.codes.join()}`,
    )
  it.each<[string, string[]]>([
    ['Breadcrumbs', ['Breadcrumbs: 4']],
    ['plain flour', ['plain flour: 4']],
    ['rice flour', []],
    ['gluten-free breadcrumbs', []],
    ['lecithins', ['lecithins: soy,egg']],
    ['sunflower lecithin', []],
    ['Emulgator: Lecithine', ['Emulgator: Lecithine: soy,egg']],
    ['Sonnenblumenlecithin', []],
    ['nougat', ['nougat: 8', 'nougat: egg']],
    ['satay paste', ['satay: peanut']],
    ['vegan custard', []],
    ['sugar', []],
    ['sugar-free biscuits', ['biscuits: 4', 'biscuits: milk', 'biscuits: egg']],
    ['gluten-free biscuits', ['biscuits: milk', 'biscuits: egg']],
  ])('%s', (name, wanted) => expect(asked(name).filter((one, at, all) => all.indexOf(one) === at)).toEqual(wanted))
  it('is settled by what it is made of', () => {
    expect(usuallyIn([{ name: 'breadcrumbs', components: [{ name: 'wheat flour' }, { name: 'salt' }] }])).toEqual([])
    expect(usuallyIn([{ name: 'topping', components: [{ name: 'brioche' }] }]).length).toBeGreaterThan(0)
  })
})

describe('a table of answers', () => {
  const answers = {
    contains: ['yes', 'YES', 'present', 'contains'],
    may: ['may contain', 'TRACE', 'possible', 'handled on site'],
    other: ['no', 'NO', 'absent', 'none'],
  } as const
  const said = fc.constantFrom('contains' as const, 'may' as const, 'other' as const)
  const rows = fc.uniqueArray(
    fc.record({
      name: fc.constantFrom('Milk', 'Egg', 'Soya', 'Peanut', 'Sesame', 'Mustard', 'Lupin', 'Celery', 'Almonds'),
      said,
      nth: fc.nat(3),
    }),
    { minLength: 2, maxLength: 9, selector: one => one.name },
  )
  it('says the same whatever parts its rows and its cells, and no answer runs into the next name', () => {
    fc.assert(
      fc.property(
        rows,
        fc.constantFrom(': ', ' - ', ' = ', ' – ', ' '),
        fc.constantFrom(', ', '; ', ' ', '  ', '\n', ' | ', ' / ', '. ', ' · ', '\t'),
        fc.constantFrom('', 'Allergens: '),
        (table, link, between, head) => {
          const text = head + table.map(one => `${one.name}${link}${answers[one.said][one.nth]}`).join(between)
          const read = readStatement(text)
          const codes = (names: string[]) => names.flatMap(name => readStatement(name).contains).sort()
          const named = (what: string) => codes(table.filter(one => one.said === what).map(one => one.name))
          expect([[...read.contains].sort(), [...read.mayContain].sort()], JSON.stringify(text)).toEqual([
            named('contains'),
            named('may'),
          ])
        },
      ),
      { numRuns: 500 },
    )
  })
})

describe('a sentence that says "not" and promises nothing', () => {
  const sentences = [
    'Not for # allergics.',
    'Not suitable for people with a # allergy.',
    'Avoid if you are allergic to #.',
    'We do not guarantee the absence of #.',
    'Not recommended for # allergy sufferers.',
    'Cross contact with # is controlled by cleaning.',
    'The same equipment processes #.',
    'It is not only # that is handled here.',
    'This site is not free from #.',
    'We use # and rice in this kitchen.',
    'Made beside # bars.',
    'Our kitchen handles #, salt and rice.',
    'Line shared with # products; cleaned down between runs.',
    'No guarantee of being # free.',
    'No guarantee that this is free from #.',
    'No promise of a #-free kitchen.',
    'There is no information about #.',
    'No data on #.',
    'There is no proof that it is free of #.',
    'Packed on line 2, which runs # on Tuesdays.',
    'The oven takes # bakes on Fridays.',
    'The mill does # in the mornings.',
  ]
  it.each(sentences)('%s is heard as a warning, alone, behind a promise and behind a list', sentence => {
    for (const [what, code] of [
      ['milk', 'milk'],
      ['peanuts', 'peanut'],
      ['sesame', 'sesame'],
      ['dairy', 'milk'],
      ['nut', 'walnut'],
      ['gluten', 'wheat'],
    ] as const)
      for (const before of ['', 'Vegan. ', 'Rice, sugar, salt. ', 'Gluten free. ']) {
        const text = before + sentence.replace('#', what)
        const read = readStatement(text)
        expect([...read.contains, ...read.mayContain, ...read.groups.flatMap(one => one.codes)], text).toContain(code)
        if (before !== '') expect(read.mayContain, text).toContain(code)
      }
  })
  it.each([
    '# are not used here.',
    'We never use #.',
    'No # are handled on this site.',
    '# are not an ingredient.',
    'Our kitchen does not bake with #.',
  ])('%s is a promise, and no warning', sentence => {
    for (const what of ['Peanuts', 'Eggs', 'Walnuts']) {
      const read = readStatement(`Rice, sugar, salt. ${sentence.replace('#', what)}`)
      expect([...read.contains, ...read.mayContain], what).toEqual([])
    }
  })
})

it('half a promise is none: of some, of once, of what is hoped or asked', () => {
  const said = [
    'None of our sites are free from #',
    'Not all of our lines are free from #',
    'Only the red line is #-free',
    'Hardly free from #',
    'Almost #-free',
    'Practically free from #',
    'Should be free from #',
    'Believed to be free from #',
    'We aim to bake without #',
    'Free from # as far as we know',
    'Free from # until May',
    'Was free from #',
    'No longer free from #',
    'Free from #?',
  ]
  for (const words of said)
    for (const [what, code] of [
      ['milk', 'milk'],
      ['sesame', 'sesame'],
      ['nuts', 'almond'],
    ] as const)
      for (const before of ['', 'Rice, sugar. ']) {
        const text = `${before}${words.replace('#', what)}${words.endsWith('?') ? '' : '.'}`
        expect(readStatement(text).mayContain, text).toContain(code)
      }
  for (const words of ['Naturally free from #', 'This batch was made without #', 'Completely #-free'])
    expect(readStatement(`Rice. ${words.replace('#', 'milk')}.`).mayContain, words).toEqual([])
})

it('what a promise takes out of itself is in it', () => {
  const things = [
    ['casein', 'milk'],
    ['dried egg', 'egg'],
    ['almonds', 'almond'],
  ] as const
  const promises = [
    'This is an allergen-free product (contains #)',
    'Suitable for vegetarians but not vegans: contains #',
    'Free of 14 allergens other than #',
    'Free from gluten, nuts and sesame except #.',
    'No allergens apart from #.',
    'Rice, sugar. Free from soya; contains #.',
  ]
  for (const [thing, code] of things)
    for (const promise of promises) {
      const text = promise.replace('#', thing)
      const { contains, mayContain } = readStatement(text)
      expect([...contains, ...mayContain], text).toContain(code)
    }
  expect(readStatement('Rice, sugar. Does not contain milk, and contains no eggs.').contains).toEqual([])
})

it('food in a bracket behind a no is not lost with it', () => {
  for (const between of ['  ', ', ', '; ', '\n']) {
    const text = ['Gluten: no (contains oats)', 'Milk: no (lactose)', 'Egg: no (egg free)', 'Soya: yes'].join(between)
    const { contains, mayContain } = readStatement(text)
    expect([...contains, ...mayContain].sort(), text).toEqual(expect.arrayContaining(['milk', 'oats', 'soy']))
    expect([...contains, ...mayContain], text).not.toContain('egg')
  }
})

it.each([
  ['Gluten: NO Oats: YES Milk', 'oats milk'],
  ['Peanuts: no Tree nuts: no Sesame: unknown', 'sesame'],
  ['Nut free: No Milk free: Yes', 'almond'],
  ['Milk free: no; egg free: yes', 'milk'],
  ['Nut free: unknown; milk free: yes', 'almond'],
  ['Nut free: yes (may hold almonds); milk free: yes', 'almond'],
  ['Nut free: yes (shared line) Milk free: yes', 'almond'],
  ['Milk: untested, Egg: tbc, Soya: no', 'milk egg'],
])('%s: an answer that nobody gave, or that is turned about, is heard', (text, codes) => {
  const { contains, mayContain } = readStatement(text)
  for (const code of codes.split(' ')) expect([...contains, ...mayContain], text).toContain(code)
})

it('what is denied of the product and done by the house is warned of, or stands whole to be read', () => {
  const promises = [
    'No dairy or egg goes into this product',
    'Free from milk and egg',
    'Milk free, egg free',
    'Contains no milk or egg',
    'Made without milk or egg',
    'Milk and egg: no',
  ]
  const joints = ['; ', '. ', ', but ', ' – ', ', although ', ' (', ' and ']
  const house = [
    'our bakery does use both',
    'our bakery uses them',
    'both are handled here',
    'they are used on site',
    'the kitchen stores both',
    'these are present on the line',
    'our site handles them',
    'we also bake with both',
    'it is made where both are used',
    'both may be present',
  ]
  for (const promise of promises)
    for (const joint of joints)
      for (const done of house) {
        const text = `${promise}${joint}${joint === '. ' ? done.replace(/^./, one => one.toUpperCase()) : done}${joint === ' (' ? ')' : ''}.`
        const { contains, mayContain, unread } = readStatement(text)
        const whole = unread.some(one => one.includes(done))
        if (!whole) expect([...contains, ...mayContain], text).toEqual(expect.arrayContaining(['milk', 'egg']))
      }
})

it.each([
  ['May be contaminated with peanuts. Sesame.', 'peanut', 'sesame'],
  ['Rice, sugar. Possible allergens: almond, pecan', 'almond pecan', ''],
  ['Riz, sucre. Présence éventuelle de lait, soja.', 'milk soy', ''],
  ['Reis, Zucker. Mögliche Spuren von Milch.', 'milk', ''],
  ['Riso, zucchero. Possibile presenza di sesamo.', 'sesame', ''],
  ['Arroz, azúcar. Posible presencia de leche.', 'milk', ''],
])('%s: what may be is no more than that', (text, may, contains) => {
  const said = readStatement(text)
  expect([said.mayContain.toSorted().join(' '), said.contains.join(' ')]).toEqual([may, contains])
})

it.each([
  'This cake is made with both butter and eggs in our kitchen, with care',
  'This bar is packed with either almonds or milk chocolate, as stock allows',
])('%s: food that is named in the sentence is no warning of another', text => {
  expect(readStatement(text).contains.length, JSON.stringify(readStatement(text))).toBeGreaterThan(0)
})

describe('what is in it stays in it', () => {
  const lists = [
    'Hazelnuts, milk powder',
    'Tree nuts (hazelnuts 5 %) & milk',
    'Contains: hazelnut, milk',
    'Milk. Hazelnut paste 40 %',
  ]
  const warnings = [
    'peanut cross contact possible',
    'may contain peanut',
    'peanut may be present',
    'made on a line that also handles peanut',
    'not suitable for peanut allergy',
    'risk of cross-contamination with peanut',
    'traces of peanut',
    'packed where peanut is packed',
    'we cannot guarantee it is peanut free',
  ]
  it.each(lists.flatMap(list => ['; ', '. ', ' - ', ' (', '\n'].map(joint => [list, joint] as const)))(
    'whatever warns behind it: %s%j',
    (list, joint) => {
      for (const warning of warnings) {
        const text = `${list}${joint}${joint === '. ' ? warning.replace(/^./, one => one.toUpperCase()) : warning}${joint === ' (' ? ')' : ''}.`
        const { contains, mayContain } = readStatement(text)
        expect(contains, text).toEqual(expect.arrayContaining(['hazelnut', 'milk']))
        expect([...contains, ...mayContain], text).toContain('peanut')
      }
    },
  )
  it('a day in May is a day', () => {
    for (const day of ['signed 3 May', 'since May 2026', 'reviewed in May', 'dated 21st of May', 'valid until May 5'])
      for (const text of [
        `Ingredients: rice flour, milk powder, salt. Specification ${day}.`,
        `Contains: milk. ${day.replace(/^./, one => one.toUpperCase())}.`,
      ]) {
        const { contains, mayContain, unread } = readStatement(text)
        expect([contains, mayContain], text).toEqual([['milk'], []])
        expect(unread.join(' ')).not.toContain('\u2060')
      }
    expect(readStatement('May contain milk. In May may contain egg.').mayContain.toSorted()).toEqual(['egg', 'milk'])
  })
  it('a statement of absence denies what it names, and what has a share behind it is in it', () => {
    const said = readStatement('Statement of absence: milk, egg, soya. Mustard seed in seasoning 0.2 %.')
    expect([said.contains, said.mayContain]).toEqual([['mustard'], []])
  })
})
