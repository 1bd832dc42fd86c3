import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readStatement } from './statement'
import { toldApart } from './toldApart'

/** What is said of a food, alone, in the ways of packs and letters. */
const said = {
  contains: [
    'contains #',
    'this product contains #',
    'made with #',
    'it has # in it',
    '# is an ingredient',
    'it is made from #',
  ],
  may: [
    'may contain #',
    'it may contain #',
    'packed where # is used',
    'made on a line with #',
    '# is present on site',
    'we cannot guarantee the absence of #',
    'not suitable for # allergy sufferers',
    '# is handled in the same factory',
    'not tested for #',
    'traces of # are possible',
    'could have traces of #',
    'made in a factory that handles #',
    'baked beside # cakes',
    'shares a line with #',
    'cross contact with # cannot be excluded',
    'the supplier cannot confirm that there is no #',
  ],
  absent: [
    'free from #',
    'contains no #',
    'no # is used',
    '# is not used in the recipe',
    '#-free recipe',
    'does not contain #',
    'made without #',
  ],
} as const
const joints =
  '. |; | and |, and | but |, but | – | - |, | however |, although | though | while | (| yet |\n| even though | because | as | so |, so '.split(
    '|',
  )
const foods = ['milk', 'egg', 'sesame', 'peanut', 'mustard', 'celery'] as const
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
const saying = fc
  .constantFrom(...(Object.keys(said) as (keyof typeof said)[]))
  .chain(what => fc.record({ what: fc.constant(what), words: fc.constantFrom<string>(...said[what]) }))
const joined = (first: string, joint: string, second: string) =>
  capital(first) + joint + (/^(?:\. |\n)$/.test(joint) ? capital(second) : second) + (joint === ' (' ? ')' : '')

describe('two things said in one breath', () => {
  const two = fc.record({
    before: fc.constantFrom('', 'Rice, sugar, salt. ', 'Vegan. '),
    first: saying,
    joint: fc.constantFrom(...joints),
    second: saying,
    named: fc.shuffledSubarray([...foods], { minLength: 2, maxLength: 2 }),
  })
  it('each is heard as it is heard alone', () => {
    fc.assert(
      fc.property(two, ({ before, first, joint, second, named: [one, other] }) => {
        const text = `${before}${joined(first.words.replace('#', one!), joint, second.words.replace('#', other!))}.`
        const { contains, mayContain } = readStatement(text)
        for (const [{ what }, food] of [
          [first, one],
          [second, other],
        ] as const) {
          const heard = [contains.includes(food as never), mayContain.includes(food as never)]
          expect(heard, `${text} → ${food}`).toEqual([what === 'contains', what === 'may'])
        }
      }),
      { numRuns: 1000 },
    )
  })
  it('every word of it stands in one of its parts', () => {
    const conjunctions = /\b(?:and|but|however|although|though|while|yet|even|because|as|so)\b/g
    const words = (text: string) =>
      text
        .toLowerCase()
        .replace(conjunctions, ' ')
        .match(/\p{L}+/gu)!
    fc.assert(
      fc.property(two, ({ first, joint, second, named: [one, other] }) => {
        const text = joined(first.words.replace('#', one!), joint, second.words.replace('#', other!))
        const told = words(toldApart(text).join(' '))
        for (const word of words(text)) expect(told, text).toContain(word)
      }),
    )
  })
})

describe('several foods in one breath', () => {
  const several = {
    contains: [
      ...said.contains.slice(0, 4),
      '# are ingredients',
      'allergens: #',
      'contains the following: #',
      'ingredients include #',
      'we use # in this recipe',
      '# present',
    ],
    may: [
      ...said.may.map(words => words.replace('# is', '# are')),
      'may contain traces of the following: #',
      'allergens on site: #',
      'also handled here: #',
      'possible cross contamination: #',
      'made in a kitchen with #',
      'avoid if allergic to #',
      'our other products contain #',
      'equipment is shared with #',
    ],
    absent: [
      'free from #',
      'contains no #',
      'no # are used',
      '# are not used in the recipe',
      'we do not use #',
      'this site does not handle #',
      'nothing here contains #',
    ],
  }
  const lists = [
    ', | and ',
    ', | or ',
    ', |, and ',
    ' / | / ',
    '/|/',
    ' & | & ',
    '; |; ',
    ' and | and ',
    ' • | • ',
    '\n|\n',
  ].map(one => one.split('|') as [string, string])
  it('none is lost, and none is said to be less than it is', () => {
    fc.assert(
      fc.property(
        fc
          .constantFrom(...(Object.keys(several) as (keyof typeof several)[]))
          .chain(what => fc.record({ what: fc.constant(what), words: fc.constantFrom(...several[what]) })),
        fc.constantFrom(...lists),
        fc.constantFrom('', 'Rice, sugar, salt. ', 'Vegan. '),
        fc.shuffledSubarray([...foods], { minLength: 1, maxLength: 4 }),
        ({ what, words }, [between, last], before, named) => {
          const list = [named.slice(0, -1).join(between), named.at(-1)!].filter(Boolean).join(last)
          const text = `${before}${capital(words.replace('#', list))}.`
          const { contains, mayContain } = readStatement(text)
          for (const food of named) {
            const heard = [contains.includes(food as never), mayContain.includes(food as never)]
            if (what === 'contains') expect(heard, `${text} → ${food}`).toEqual([true, false])
            if (what === 'may') expect(heard, `${text} → ${food}`).toContain(true)
            // what is denied in a list with strokes may be heard all the same: the safer side
            if (what === 'absent' && /[,a]/.test(between)) expect(heard, `${text} → ${food}`).toEqual([false, false])
          }
        },
      ),
      { numRuns: 1000 },
    )
  })
})

it.each([
  ['Peanuts are not used in this recipe but are present on site', ['Peanuts are present on site']],
  ['Made in a kitchen where nuts and milk are used', []],
  ['Milk and eggs are handled here', []],
  ['Suitable for vegans as milk and egg are not used', ['milk and egg are not used']],
  ['Almond flour (may contain shell; packed where sesame is handled)', ['packed where sesame is handled']],
  ['Filling (sugar, may contain nuts), rice flour', []],
])('%s', (sentence, told) => {
  const parts = toldApart(sentence)
  if (told.length === 0) expect(parts).toEqual([sentence])
  for (const one of told) expect(parts).toContain(one)
})

it.each([
  'Enthält Milch und kann Spuren von Erdnüssen enthalten.',
  'Contient du lait et peut contenir des arachides.',
  'Contiene leche y puede contener cacahuetes.',
  'Contiene latte e può contenere arachidi.',
  'Contém leite e pode conter amendoim.',
  'Bevat melk en kan sporen van pinda bevatten.',
  'Zawiera mleko i może zawierać orzeszki ziemne.',
  'Obsahuje mléko a může obsahovat arašídy.',
  'Innehåller mjölk och kan innehålla spår av jordnötter.',
  'Содержит молоко и может содержать арахис.',
])('in another tongue too: %s', text => {
  const { contains, mayContain } = readStatement(text)
  expect([contains, mayContain]).toEqual([['milk'], ['peanut']])
})
