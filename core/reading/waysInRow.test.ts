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
  quoted: list => `["${list.map(({ food, grams }) => `${grams} g ${food}`).join('", "')}"]`,
}
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
