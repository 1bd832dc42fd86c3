import fc from 'fast-check'
import { expect, it } from 'vitest'
import { readRecipe } from './readRecipe'

const foods = ['rice flour', 'caster sugar', 'cream', 'dark chocolate', 'damsons', 'treacle', 'oats', 'ground almonds']
const things = fc.uniqueArray(fc.record({ food: fc.constantFrom(...foods), grams: fc.integer({ min: 1, max: 900 }) }), {
  minLength: 3,
  maxLength: 6,
  selector: one => one.food,
})
type Things = readonly { food: string; grams: number }[]
/** Ways to write a list down, as people and programs do. */
const ways: Record<string, (list: Things) => string> = {
  'field by field': list => list.map(({ food, grams }) => `- name: ${food}\n  amount: ${grams} g`).join('\n'),
  'field by field, amount first': list =>
    list.map(({ food, grams }) => `qty: ${grams}\nunit: g\nitem: ${food}`).join('\n'),
  'as records': list =>
    `[\n${list.map(({ food, grams }) => `  {\n    "ingredient": "${food}",\n    "grams": ${grams}\n  }`).join(',\n')}\n]`,
  'with arrows behind': list => list.map(({ food, grams }) => `${food} -> ${grams}g`).join('\n'),
  'with arrows before': list => list.map(({ food, grams }) => `${grams} g => ${food}`).join('\n'),
  'in brackets': list => list.map(({ food, grams }) => `${food} (${grams} g)`).join(', '),
  'joined by and': list => list.map(({ food, grams }) => `${food} ${grams} g`).join(' & '),
  'with nothing between': list => list.map(({ food, grams }) => `${food} ${grams}g`).join(' '),
  'counted in one row': list => list.map(({ food, grams }, at) => `(${at + 1}) ${grams} g ${food}`).join(' '),
  'counted, a row each': list => list.map(({ food, grams }, at) => `${at + 1}.) ${food} ${grams} g`).join('\n'),
  'with plus before each': list =>
    list.map(({ food, grams }, at) => `${at > 0 ? 'plus ' : ''}${grams} g ${food}`).join('\n'),
  'without a blank': list => list.map(({ food, grams }) => `${food}=${grams}g`).join(';'),
  'with commas and no blanks': list => list.map(({ food, grams }) => `${grams}g ${food}`).join(','),
  'with amounts first and nothing between': list => list.map(({ food, grams }) => `${grams} g ${food}`).join('   '),
  'between strokes the other way': list => list.map(({ food, grams }) => `${grams} g ${food}`).join('\\'),
  'in boxes in one row': list => list.map(({ food, grams }) => `[ ] ${grams} g ${food}`).join(' '),
  'with lines drawn': list => list.map(({ food, grams }) => `${food}_____${grams} g`).join('\n'),
  'with words marked': list => list.map(({ food, grams }) => `#${food} ${grams}g`).join(' '),
  'between bars without a blank': list => list.map(({ food, grams }) => `${food}|${grams}g`).join('\n'),
  'between bars, amount first': list => list.map(({ food, grams }) => `${grams} g|${food}`).join('\n'),
  quoted: list => `["${list.map(({ food, grams }) => `${grams} g ${food}`).join('", "')}"]`,
}
const lines = (text: string) => readRecipe(text).lines.map(line => [line.item, line.amount?.value])
it('field by field: what is told twice of a thing, or noted, is of that thing', () => {
  expect(lines('Slab\nitem: butter\nqty: 250 g\nweight: 0.25 kg\nitem: sugar\nqty: 100 g')).toEqual([
    ['butter', 250],
    ['sugar', 100],
  ])
  expect(lines('Slab\n- name: butter\n  amount: 250 g\n  note: soft\n- name: flour\n  amount: 100 g')).toEqual([
    ['butter', 250],
    ['flour', 100],
  ])
  expect(lines('Slab\nname: butter\nunit: g\nname: sugar\namount: 80\nunit: g\nname: eggs\namount: 3')).toEqual([
    ['butter', undefined],
    ['sugar', 80],
    ['eggs', 3],
  ])
})
it('what is told to be done stays one step, however many amounts are in it', () => {
  for (const step of [
    '2 minutes before the end add 50 g walnuts and 20 g sugar and 10 g butter',
    '3 times fold 200 g butter 100 g walnuts 80 g sugar through',
  ])
    expect(readRecipe(`Slab\n\nIngredients\n100 g oats\n\nMethod\n${step}`).steps.map(one => one.text)).toEqual([step])
})
it('one of the pairs without an amount is a line too', () => {
  expect(lines('Slab\nbutter (250 g), walnuts (optional), eggs (3)').map(([item]) => item)).toEqual([
    'butter',
    'walnuts',
    'eggs',
  ])
})
it.each(Object.entries(ways))('a list written %s is a line each', (_, way) => {
  fc.assert(
    fc.property(things, fc.boolean(), (list, headed) => {
      const text = `A damson slab\n\n${headed ? 'Ingredients\n' : ''}${way(list)}\n\nMethod\nMix it all and bake for 30 minutes.`
      const read = readRecipe(text).lines.map(line => [line.item, line.amount?.value])
      expect(read, text).toEqual(list.map(({ food, grams }) => [food, grams]))
    }),
    { numRuns: 60 },
  )
})
