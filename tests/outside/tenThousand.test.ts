// Ten thousand recipes whose truth is known: made by a small grammar of how people write, with noise of layout, spelling, tongue and
// order. Every food of the truth stands in a line, or is an open question of the recipe. No exception.
// Ways of writing are common practice, no published source; the recipes are invented.
import { type Ingredient, type Line, openFoodIn, type ReadRecipe, type Recipe, readRecipe } from '@fair-tin/core'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { sampleIngredient } from '../fixtures/sample'

const weighed =
  'rice flour | buckwheat flour | caster sugar | ground almonds | butter | dark chocolate | dates | walnuts | sesame seeds | cream cheese | desiccated coconut | gluten-free oats | peanut butter | cashews | soya yoghurt | tahini | honey | cornflour | mustard powder | lupin flour'.split(
    ' | ',
  )
const poured =
  'oat milk | sunflower oil | double cream | maple syrup | almond milk | buttermilk | apple juice | soya milk | rum'.split(
    ' | ',
  )
const counted = 'eggs | bananas | lemons | apples | egg whites | pears | figs'.split(' | ')
const elsewhere =
  'butter | walnuts | flaked almonds | icing sugar | cream | sesame seeds | milk | pecans | hazelnuts | cheese | yoghurt | egg | peanuts | pistachios | barley malt | white chocolate | honey'.split(
    ' | ',
  )
/** As it is written in other tongues, and the word that names it: the last. */
const foreign =
  '200 g Mandeln | 2 Eier | 100 ml Milch | 3 œufs | 50 g de beurre | 100 g de noisettes | 2 uova | 80 g di mandorle | 3 huevos | 100 g de nueces | 2 jajka | 100 g masła | 50 g pähkinöitä | 2 ägg | 100 г масла сливочного | 2 яйца | 1 EL Sesam'.split(
    ' | ',
  )
interface Piece {
  text: string
  foods: string[]
}
const amount = fc.constantFrom(
  ...'250 g | 250g | 8 oz | ½ cup | 1 1/2 cups | 2 tbsp | 2 heaped tablespoons | 3 tblspn | two hundred grams | 1/2 lb | 100 gms | 75 grammes | 2OO g | 1-2 tsp | about 120 g | 0,5 kg'.split(
    ' | ',
  ),
)
const volume = fc.constantFrom(
  ...'250 ml | 1 cup | 2 fl oz | 1/4 pint | 200 mils | 3 dl | a splash of | 15 cl | half a pint of | 4 tbsp'.split(
    ' | ',
  ),
)
const count = fc.constantFrom(...'2 | 3 large | two | a couple of | 4 ripe | 3 x | a dozen | 6 nos'.split(' | '))
const behind = fc.constantFrom(
  ...' | , chopped |  (see note) | , at room temperature | , plus extra to serve |  - the good sort | , divided |  (optional)'.split(
    ' | ',
  ),
)
const line = (amounts: fc.Arbitrary<string>, foods: readonly string[]): fc.Arbitrary<Piece> =>
  fc
    .tuple(amounts, fc.constantFrom(...foods), behind, fc.integer({ min: 0, max: 9 }))
    .map(([much, food, more, way]) => ({
      foods: [food],
      text:
        way < 5
          ? `${much} ${food}${more}`
          : way === 5
            ? `${food} - ${much}`
            : way === 6
              ? `${food}: ${much}`
              : way === 7
                ? `${much} of ${food}${more}`
                : way === 8
                  ? `${food} (${much})`
                  : `${food} ${much}`,
    }))
const two = fc
  .tuple(amount, fc.constantFrom(...weighed), amount, fc.constantFrom(...weighed))
  .map(([a, one, b, other]): Piece => ({ foods: [one, other], text: `${a} ${one}, ${b} ${other}` }))
const bare = fc.constantFrom(...elsewhere, ...weighed).map((food): Piece => ({ foods: [food], text: food }))
const tongue = fc
  .constantFrom(...foreign)
  .map((text): Piece => ({ text, foods: [text.toLowerCase().split(' ').at(-1)!] }))
const anyLine = fc.oneof(
  { weight: 5, arbitrary: line(amount, weighed) },
  { weight: 3, arbitrary: line(volume, poured) },
  { weight: 2, arbitrary: line(count, counted) },
  { weight: 1, arbitrary: two },
  { weight: 1, arbitrary: bare },
  { weight: 1, arbitrary: tongue },
)
const method = fc
  .tuple(
    fc.constantFrom(
      ...'Brush with #. | Scatter over the #. | Serve with #. | Grease the tin with #. | Roll the edge in # | Top with # and leave to set. | fold in # and bake at 180C for 25 min | Fold the rest in with some # | Drizzle # over. | Press # into each. | Finish: # on top | Lovely with # | Dip them in # | or use #'.split(
        ' | ',
      ),
    ),
    fc.constantFrom(...elsewhere),
  )
  .map(([frame, food]): Piece => ({ text: frame.replace('#', food), foods: [food] }))
const plainStep = fc
  .constantFrom(
    'Mix everything.',
    'Bake at 180C for 25 minutes.',
    'Heat the oven to 170°C fan.',
    'Cool in the tin.',
    'stir well',
  )
  .map((text): Piece => ({ text, foods: [] }))
const chaff = fc
  .constantFrom(
    ...' | Serves 8 | Share this page | ★★★★★ | Prep 20 min | ADVERTISEMENT | Makes 12 | doubles well!! | TOTAL | —'.split(
      ' | ',
    ),
  )
  .map((text): Piece => ({ text, foods: [] }))
const heading = fc
  .constantFrom('For the base', 'Filling:', 'TOPPING', 'To finish', 'For the top')
  .map((text): Piece => ({ text, foods: [] }))
const title = fc.oneof(
  fc.constantFrom('Nan’s traybake', 'SLICE', 'Friday loaf', 'Seeded bars').map((text): Piece => ({ text, foods: [] })),
  fc
    .constantFrom('walnuts', 'sesame seeds', 'hazelnuts', 'cheese')
    .map((food): Piece => ({ text: `Loaf with ${food}`, foods: [food] })),
)
const layout = fc.record({
  bullet: fc.constantFrom('', '- ', '• ', '* ', '☐ '),
  capitals: fc.boolean(),
  opening: fc.constantFrom('Ingredients', 'Ingredients:', '', 'You will need', 'INGREDIENTS'),
  closing: fc.constantFrom('Method', 'Method:', '', '\n', 'INSTRUCTIONS'),
  numbered: fc.boolean(),
  methodFirst: fc.boolean(),
})
const recipe = fc
  .tuple(
    title,
    fc.array(
      fc.oneof({ weight: 12, arbitrary: anyLine }, { weight: 1, arbitrary: chaff }, { weight: 1, arbitrary: heading }),
      { minLength: 2, maxLength: 8 },
    ),
    fc.array(fc.oneof(method, plainStep), { minLength: 1, maxLength: 4 }),
    layout,
  )
  .map(([name, list, steps, { bullet, capitals, opening, closing, numbered, methodFirst }]) => {
    const lines = [
      ...(opening ? [opening] : []),
      ...list.map(one => (one.text === '' ? '' : bullet + (capitals ? one.text.toUpperCase() : one.text))),
    ]
    const told = [
      ...(closing ? [closing] : []),
      ...steps.map((one, at) => (numbered ? `${at + 1}. ${one.text}` : one.text)),
    ]
    return {
      text: [
        name.text,
        '',
        ...(methodFirst && closing.startsWith('M') && opening ? [...told, '', ...lines] : [...lines, ...told]),
      ].join('\n'),
      foods: [name, ...list, ...steps].flatMap(one => one.foods),
    }
  })

/** The recipe as it would be kept, each line of a thing of its own name. */
function kept(read: ReadRecipe): { recipe: Recipe; ingredients: Ingredient[] } {
  const ingredients = read.lines.map((line, at) => sampleIngredient(`i${at}`, { name: line.item || 'nothing' }))
  const lines = read.lines.map(
    (line, at): Line => ({
      id: `l${at}`,
      of: { ingredient: `i${at}` },
      amount: line.amount,
      role: line.role,
      text: line.text,
      ...(line.heading ? { heading: line.heading } : {}),
      ...(line.prep ? { prep: line.prep } : {}),
    }),
  )
  return {
    recipe: { id: 'r', version: 1, name: read.title || 'x', lines, steps: read.steps, notes: read.unread.join('\n') },
    ingredients,
  }
}
const words = (text: string) => text.toLowerCase().match(/[\p{L}-]+/gu) ?? []

it('no food of ten thousand recipes is lost', () => {
  fc.assert(
    fc.property(recipe, ({ text, foods }) => {
      const read = readRecipe(text)
      const { recipe, ingredients } = kept(read)
      const open = openFoodIn(recipe, { ingredients, recipes: [recipe] }).map(one => one.word)
      const bag = (text: string) => words(text).map(word => word.replace(/s$/, ''))
      const lines = read.lines.flatMap(line => [`${line.item} ${line.form ?? ''}`, ...line.alternatives]).map(bag)
      const asked = open.map(bag)
      for (const food of foods) {
        const names = bag(food)
        // a line holds all its words; a question at least the one that names it: “almonds” of flaked almonds
        const isHeld =
          lines.some(one => names.every(word => one.includes(word))) ||
          asked.some(one => one.every(word => names.includes(word)) || names.every(word => one.includes(word)))
        expect(
          isHeld,
          `${food} of\n${text}\nlines: ${lines.map(one => one.join(' ')).join(' | ')}; asked: ${open.join(' | ')}`,
        ).toBe(true)
      }
    }),
    { numRuns: 10_000 },
  )
}, 600_000)
