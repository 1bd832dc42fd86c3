import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { normal, normalised } from './normal'

describe('one spelling', () => {
  it.each([
    ['two hundred and fifty grams of teff', '250 grams of teff'],
    ['a hundred and fifty grams', '150 grams'],
    ['one thousand two hundred ml', '1200 ml'],
    ['twenty-five minutes', '25 minutes'],
    ['two and a half cups', 'two and a half cups'],
    ['Four hundred lines', 'Four hundred lines'],
    ['11/2 cups oats', '1 1/2 cups oats'],
    ['11/2 inch tin', '11/2 inch tin'],
    ['2 thirds of a cup', '2/3 of a cup'],
    ['2OO g sugar', '200 g sugar'],
    ['l tsp salt', '1 tsp salt'],
    ['I cup oats', '1 cup oats'],
    ['I like cups', 'I like cups'],
    ['1 200 g fondant', '1200 g fondant'],
    ['1 400 g tin beans', '1 400 g tin beans'],
    ['3 tblspn oil', '3 tbsp oil'],
    ['2 EL Kakao', '2 tbsp Kakao'],
    ['1 gestr. TL Backpulver', '1 tsp Backpulver'],
    ['una pizca de sal', '1 pinch sal'],
    ['2 c. à soupe d’huile', '2 tbsp huile'],
    ['1 cc de cannelle', '1 tsp cannelle'],
    ['30 cc rum', '30 cc rum'],
    ['200 g de farine de riz', '200 g farine de riz'],
    ['2 ст. л. мёда', '2 tbsp мёда'],
    ['200 г муки', '200 g муки'],
    ['6 nos eggs', '6 eggs'],
    ['no eggs', 'no eggs'],
    ['a cup & a half of oats', 'a cup and a half of oats'],
    ['big pinch salt', 'a big pinch salt'],
    ['1 lg egg', '1 lg egg'],
    ['one and three quarter cups', 'one and three quarter cups'],
  ])('%s', (text, wanted) => expect(normal(text)).toBe(wanted))
  it('knows of every sign where it was written', () => {
    const words = fc.constantFrom(
      'two',
      'hundred',
      'and',
      '11/2',
      'cups',
      'EL',
      '2OO',
      'g',
      'de',
      'salt',
      ' ',
      '½',
      'l',
      '1',
      'a',
      '&',
      'half',
      'ст. л.',
      '\u00a0',
    )
    fc.assert(
      fc.property(
        fc.array(words, { maxLength: 12 }).map(parts => parts.join(' ')),
        text => {
          const { text: made, at } = normalised(text)
          expect(at.length).toBe(made.length + 1)
          expect(at.at(-1)).toBe(text.length)
          for (let i = 1; i < at.length; i++) expect(at[i]! >= at[i - 1]!).toBe(true)
          // what was written and is no number or unit stands there still
          for (const { 0: word } of text.matchAll(/salt/g)) expect(made).toContain(word)
        },
      ),
      { numRuns: 500 },
    )
  })
})

it('an amount that is said aloud is the number it says, before anything that is weighed (property)', () => {
  const ones = 'zero one two three four five six seven eight nine'.split(' ')
  const tens = 'zero ten twenty thirty forty fifty sixty seventy eighty ninety'.split(' ')
  const foods = ['butter', 'icing sugar', 'gluten free self raising flour', 'walnuts', 'milk']
  for (let hundreds = 1; hundreds < 10; hundreds++)
    for (let ten = 0; ten < 10; ten++)
      for (const [at, food] of foods.entries()) {
        const ways =
          ten === 0
            ? [`${ones[hundreds]} hundred`]
            : [`${ones[hundreds]} ${tens[ten]}`, `${ones[hundreds]} hundred and ${tens[ten]}`]
        const way = ways[at % ways.length]!
        for (const link of ['', 'of ', 'of the '])
          expect(normal(`then ${way} ${link}${food}`), way).toContain(`then ${hundreds * 100 + ten * 10} ${link}`)
      }
})
it.each(['Four hundred lines', 'one ninety minute programme', 'two twenty centimetre tins', 'The three fifty club'])(
  '%s says no weight of anything',
  text => expect(normal(text)).not.toMatch(/^\D*(?:350|400|220)\b/),
)

it.each([
  ["1'200 g Mehl", '1200 g'],
  ['12’500 ml Milch', '12500 ml'],
  ["5' 200 g", "5' 200 g"],
])('%s: a thousand is written so too', (text, says) => expect(normal(text)).toContain(says))
