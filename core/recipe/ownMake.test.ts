import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe } from '../../tests/fixtures/sample'
import type { Recipe } from '../model/recipe'
import { openFoodIn } from './openFood'

const asked = (change: Partial<Recipe>, names: readonly string[] = ['rice']) => {
  const recipe = sampleRecipe(
    'it',
    names.map(name => sampleLine(name, 100)),
    { name: 'Loaf', ...change },
  )
  return openFoodIn(recipe, { ingredients: names.map(name => sampleIngredient(name)), recipes: [recipe] }).map(
    one => one.word,
  )
}
const told = (text: string): Partial<Recipe> => ({ steps: [{ text, when: 'bench' }] })

/** Foods that an eater must know of, as they are written; each of them made of others. */
const madeFoods =
  'crackers,digestives,shortbread,pastry,puff pastry,wafers,brioche,sponge fingers,noodles,pasta,pretzels,granola,flapjack,mincemeat,cookies,brownie pieces,trail mix,croutons,rusks,pie crust,cake crumbs,biscuits,croissants,panettone,nougat,fudge,toffee,praline,custard,lemon curd,breadcrumbs,beer,gelato,mousse,salted caramel,ciabatta,muesli,cornflakes,rice crispies,margarine,halva,panforte,biscotti,advocaat,hot chocolate powder,liquorice,dried apricots,meringue,ice cream'.split(
    ',',
  )
/** Others, that warn by their name or are food all the same. */
const foods =
  'wheat flour,semolina,rye bread,barley flakes,oats,egg white,milk,soft cheese,ghee,Brazil nuts,Brazil nut butter,walnut butter,pecans,peanuts,tahini,soya flour,lupin flour,mustard,fish gelatine,sulphites,honey,suet,rum,nutmeg,vanilla,cinnamon,salt,dates,passionfruit,sprinkles,jam,hundreds and thousands'.split(
    ',',
  )
const places: readonly ((food: string) => Partial<Recipe>)[] = [
  food => ({ name: `Loaf with ${food}` }),
  food => ({ name: `Damson & ${food} slice` }),
  food => ({ notes: `Gran used ${food} here.` }),
  food => ({ notes: `Swap for ${food} if you are short.` }),
  food => told(`Scatter with ${food} before baking.`),
  food => told(`Roll in crushed ${food}.`),
  food => told(`Brush the top with ${food} and cool.`),
  food => told(`Serve with ${food}.`),
  food => told(`Stir in a little ${food}.`),
  food => told(`Top with plums or ${food}, as you like.`),
  food => told(`Fold in the rest (or ${food}).`),
  food => told(`Line the tin and coat it with ${food}.`),
  food => told(`Chill; ${food} on top`),
  food => ({ lines: [sampleLine('rice', 100, { heading: `With ${food}` })] }),
  food => ({ lines: [sampleLine('rice', 100, { text: `100 g rice, rolled in ${food}` })] }),
]

describe('a food that is made of others', () => {
  it('is asked about wherever it is written to go in, as is any food', () => {
    fc.assert(
      fc.property(fc.constantFrom(...madeFoods, ...foods), fc.constantFrom(...places), (food, place) => {
        const words = food.toLowerCase().split(' ')
        expect(
          asked(place(food)).filter(one => words.some(word => one.includes(word.slice(0, 5)))),
          JSON.stringify(place(food)),
        ).not.toEqual([])
      }),
      { numRuns: 600 },
    )
  })
  it.each([
    [{ name: 'Ginger biscuits', ...told('Cool the biscuits, then sandwich the biscuits together.') }],
    [told('Cut into 12 biscuits and bake till the edges are brown.')],
    [told('Roll out the pastry, line the case with the pastry and trim.')],
    [told('Leave the cake in its tin; turn each sponge out on a rack.')],
    [told('Peel and toast, or toast in the oven.')],
    [told('Shape the dough into rolls. Divide among the cases.')],
    [told('Pour the batter in. A cake tester comes out clean.')],
    [{ lines: [sampleLine('rice', 100, { heading: 'For the shortbread' })], ...told('Press the shortbread down.') }],
    [{ name: 'Plum cheesecake pots' }],
    [{ name: 'Plum mousse', ...told('Spoon the mousse into pots; chill each mousse for an hour.') }],
    [told('Make a roux, let it cook, and thin the roux little by little.')],
    [told('Rub to a streusel. Press the streusel on and bake.')],
    [{ name: 'Date granola', ...told('Break the granola up when cold.') }],
  ] satisfies [Partial<Recipe>][])('is not asked about where it is what the recipe makes: %j', change =>
    expect(asked(change, ['rice', 'ground ginger', 'plums', 'dates', 'cheese'])).toEqual([]),
  )
  it('is asked about where the recipe has nothing to make it of', () => {
    const layered = told('Layer the sponge with custard, then buttercream; set the biscuits on top.')
    expect(asked(layered, ['plums', 'sugar'])).toEqual(['sponge', 'custard', 'buttercream', 'biscuits'])
    expect(asked(layered, ['plums', 'rice flour'])).toEqual(['custard', 'buttercream'])
    // custard warns of milk by its name
    expect(asked(layered, ['rice flour', 'egg', 'plant block'])).toEqual(['custard'])
  })
  it.each(['rice flour', 'oats'])('one for each, and what is left of another, is asked about beside %s', own => {
    for (const text of [
      'Lid: a shortbread finger each.',
      'Put half a biscuit on each.',
      'Two sponge fingers per glass.',
      'Bind whatever sponge is in the freezer.',
      'Fold in sponge offcuts.',
      'Scatter pastry scraps and biscuit trimmings.',
    ])
      expect(asked(told(text), [own, 'cream', 'egg']), text).not.toEqual([])
    expect(asked(told('Cut the sponge. Save the sponge offcuts.'), [own, 'cream', 'egg'])).toEqual([])
  })
  it('is answered by a line of its own', () =>
    expect(asked(told('Roll in crushed biscuits.'), ['oat biscuits'])).toEqual([]))
})
