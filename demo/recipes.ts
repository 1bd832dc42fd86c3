// The demo bakery's recipes: a house flour blend used by two bakes, a pastry, and what is made of them.
import { type Line, type Recipe, readLine } from '@fair-tin/core'
import { bakes, parts } from './cards'

type Extra = Partial<Omit<Line, 'id' | 'of' | 'text'>>
/** A line as written, of an ingredient or ("part:id") a part. */
const line = (text: string, of: string, extra: Extra = {}): Omit<Line, 'id'> => {
  const read = readLine(text)
  return {
    of: of.startsWith('part:') ? { recipe: of.slice(5) } : { ingredient: of },
    text,
    amount: read.amount,
    ...(read.plus.length ? { plus: read.plus } : {}),
    ...(read.also.length ? { also: read.also } : {}),
    ...(read.prep ? { prep: read.prep } : {}),
    role: read.role,
    ...extra,
  }
}
const numbered = (lines: Omit<Line, 'id'>[]): Line[] => lines.map((one, at) => ({ id: `l${at + 1}`, ...one }))

const first: Recipe[] = [
  {
    id: 'house-flour-blend',
    version: 1,
    name: 'House flour blend',
    bakeLoss: 0,
    steps: [{ text: 'Weigh, sift together twice, box and label.', when: 'ahead' }],
    lines: numbered([
      line('1 kg buckwheat flour', 'buckwheat-flour'),
      line('800 g brown rice flour', 'brown-rice-flour'),
      line('400 g tapioca starch', 'tapioca-starch'),
    ]),
  },
  {
    id: 'damson-slice',
    version: 1,
    name: 'Damson & buckwheat slice',
    bakeLoss: 0.1,
    pieces: 48,
    tin: { shape: 'square', side: 20, depth: 5 },
    tins: 2,
    lines: numbered([
      line('540 g house flour blend', 'part:house-flour-blend', { heading: 'Base' }),
      ...[
        line('360 g plant butter, softened', 'plant-butter'),
        line('240 g light cane sugar', 'light-cane-sugar'),
        line('180 g ground sunflower seed', 'ground-sunflower'),
        line('5 tbsp ground linseed', 'linseed'),
        line('2½ tsp baking powder', 'baking-powder'),
        line('2 tsp vanilla paste', 'vanilla-paste'),
      ].map(one => ({ ...one, heading: 'Base' })),
      ...[
        line('1.1 kg damsons, stoned', 'damsons'),
        line('120 g date syrup', 'date-syrup'),
        line('5 tbsp cornflour', 'cornflour'),
      ].map(one => ({ ...one, heading: 'Damson filling' })),
      line('60 g pumpkin seeds for the top', 'pumpkin-seeds', { role: 'finish' }),
      line('4 sprays of release spray', 'release-spray', { amount: { value: 4, unit: 'each' }, role: 'release' }),
    ]),
    steps: [
      { text: 'Soften the plant butter at room temperature.', when: 'ahead', minutes: { from: 45, to: 60 } },
      { text: 'Heat the oven to 180 °C and spray the tins.', when: 'ahead', celsius: 180 },
      { text: 'Rub the butter into blend, sugar and seed; press two thirds into the tins.', when: 'bench' },
      { text: 'Simmer damsons, syrup and cornflour, cool, spread over and crumble the rest on top.', when: 'bench' },
      {
        text: 'Bake until golden at the edges.',
        when: 'oven',
        minutes: { firstLook: 35, from: 35, to: 40, turnAt: 20 },
        celsius: 180,
      },
      { text: 'Cool in the tins, then cut each into 24.', when: 'after', minutes: { from: 60 } },
    ],
  },
  {
    id: 'ginger-teff-loaf',
    version: 1,
    name: 'Ginger teff loaf',
    bakeLoss: 0.1,
    pieces: 12,
    tin: { shape: 'loaf', length: 23, width: 13, depth: 7 },
    tins: 1,
    spoon: 'metric',
    lines: numbered([
      line('300 g house flour blend', 'part:house-flour-blend'),
      line('200 g teff flour', 'teff-flour'),
      line('220 g light cane sugar', 'light-cane-sugar'),
      line('320 ml rice drink', 'rice-drink'),
      line('140 ml rapeseed oil', 'rapeseed-oil'),
      line('15 g psyllium husk', 'psyllium'),
      line('1 tbsp ground ginger', 'ground-ginger'),
      line('1 tbsp cider vinegar', 'cider-vinegar'),
      line('2 tsp baking powder', 'baking-powder'),
      line('½ tsp fine sea salt', 'salt'),
      line('5 g rapeseed oil, for greasing the tin', 'rapeseed-oil', { role: 'release' }),
    ]),
    steps: [
      { text: 'Heat the oven to 170 °C. Oil the tin.', when: 'ahead', celsius: 170 },
      { text: 'Whisk the wet into the dry and rest until it thickens.', when: 'bench', minutes: { from: 10 } },
      {
        text: 'Bake. A skewer misleads in so moist a crumb: use the core temperature.',
        when: 'oven',
        minutes: { firstLook: 50, from: 50, to: 60 },
        celsius: 170,
        coreCelsius: 93,
      },
      { text: 'Ten minutes in the tin, then the rack.', when: 'after', minutes: { from: 10 } },
    ],
  },
  {
    id: 'blackcurrant-bun',
    version: 1,
    name: 'Blackcurrant bun',
    bakeLoss: 0.12,
    pieces: 16,
    tin: { shape: 'cups', count: 16, volumeMl: 120 },
    tins: 1,
    lines: numbered([
      line('300 g rolled oats', 'oats'),
      line('260 g brown rice flour', 'brown-rice-flour'),
      line('3 large eggs', 'eggs'),
      line('150 g coconut oil, melted', 'coconut-oil'),
      line('160 g light cane sugar', 'light-cane-sugar'),
      line('200 ml rice drink', 'rice-drink'),
      line('1 tbsp baking powder', 'baking-powder'),
      line('220 g blackcurrants', 'blackcurrants'),
      line('8 g coconut oil, for the tins', 'coconut-oil', { role: 'release' }),
    ]),
    steps: [
      { text: 'Heat the oven to 190 °C.', when: 'ahead', celsius: 190 },
      { text: 'Soak the oats in the rice drink.', when: 'ahead', minutes: { from: 20 } },
      { text: 'Beat, fold in the fruit, divide.', when: 'bench' },
      {
        text: 'Bake until a skewer comes out clean.',
        when: 'oven',
        minutes: { firstLook: 20, from: 20, to: 24 },
        celsius: 190,
      },
    ],
  },
  {
    id: 'short-pastry',
    version: 1,
    name: 'Short pastry',
    bakeLoss: 0,
    lines: numbered([
      line('300 g brown rice flour', 'brown-rice-flour'),
      line('150 g tapioca starch', 'tapioca-starch'),
      line('220 g plant butter', 'plant-butter'),
      line('6 g psyllium husk', 'psyllium'),
      line('60 ml water', 'water'),
      line('1 large egg', 'eggs'),
    ]),
    steps: [{ text: 'Rub, bind, chill.', when: 'ahead', minutes: { from: 60 } }],
  },
  {
    id: 'rhubarb-tartlet',
    version: 1,
    name: 'Rhubarb custard tartlet',
    bakeLoss: 0.14,
    pieces: 12,
    tin: { shape: 'cups', count: 12, volumeMl: 170 },
    tins: 1,
    lines: numbered([
      line('600 g short pastry', 'part:short-pastry', { declareAs: 'compound' }),
      line('500 g rhubarb', 'rhubarb'),
      line('90 g date syrup', 'date-syrup'),
      line('3 large eggs', 'eggs'),
      line('250 ml rice drink', 'rice-drink'),
      line('25 g cornflour', 'cornflour'),
      line('10 g brown rice flour, for dusting the bench', 'brown-rice-flour', { role: 'release' }),
    ]),
    steps: [
      { text: 'Line the rings, bake blind.', when: 'ahead', minutes: { from: 15 }, celsius: 190 },
      {
        text: 'Fill and bake until the custard just sets.',
        when: 'oven',
        minutes: { firstLook: 22, from: 22, to: 28 },
        celsius: 160,
        coreCelsius: 82,
      },
    ],
  },
]

/** Hands-on minutes by what the step asks for, where nobody wrote them: the demo bakery timed itself once. */
const timed: [RegExp, NonNullable<Recipe['steps'][number]['work']>][] = [
  [/\bweigh\b|\bsift\b/i, { minutes: 6, per: 'batch' }],
  [/\bsoften\b|out of the cold|\bsoak\b|\bcook\b|\bboil\b|\btoast\b|\bmelt\b/i, { minutes: 2, per: 'batch' }],
  [/\bheat the oven\b|\bpreheat\b/i, { minutes: 1, per: 'batch' }],
  [/\broll(?: out| up)?\b|\bpress\b|\brub\b|\bline the\b/i, { minutes: 9, per: 'load' }],
  [/\bwhisk\b|\bcream\b|\bbeat\b|\bmix\b|\bmash\b|\bstir\b|\bfill\b|\bsimmer\b|\bfold\b/i, { minutes: 8, per: 'load' }],
  [/\bbake\b/i, { minutes: 2, per: 'load' }],
  [/\bcut\b|\bice\b|\bicing\b|\bstack\b|\bspoon\b/i, { minutes: 6, per: 'batch' }],
  [/\bcool\b|\btin\b|\btray\b|\brack\b|\bchill\b/i, { minutes: 1, per: 'batch' }],
]
const withWork = (recipe: Recipe): Recipe => ({
  ...recipe,
  steps: recipe.steps.map(step => {
    const work = timed.find(([words]) => words.test(step.text))?.[1]
    return step.work || !work ? step : { ...step, work }
  }),
})
/** What the bakery answered for: words of old cards that stand for something else. The treacle square’s butter is still open. */
const answered: Record<string, [word: string, said: string]> = {
  'damson-slice': ['butter', 'the plant butter is meant'],
  'lemon-polenta-traybake': ['butter', 'the plant butter or the coconut oil is meant'],
  'rhubarb-tartlet': ['custard', 'set with egg and rice drink: no milk in it'],
  'chestnut-cream': ['cream', 'of coconut milk: no cream in it'],
}
const withAnswers = (recipe: Recipe): Recipe => {
  const answer = answered[recipe.id]
  return answer
    ? { ...recipe, answers: [{ word: answer[0], said: answer[1], by: 'Nell Arrowby', on: '2026-11-02' }] }
    : recipe
}
export const recipes: Recipe[] = [...first, ...parts, ...bakes].map(withWork).map(withAnswers)

/** How the loaf was before, to be compared with; and a blend that one bake keeps to. */
const loaf = recipes.find(one => one.id === 'ginger-teff-loaf')!
const blend = recipes.find(one => one.id === 'house-flour-blend')!
export const keptVersions: { recipe: Recipe; name: string; reason: string }[] = [
  {
    name: 'with white rice',
    reason: 'lighter; the carrot slice was tried with it and keeps it',
    recipe: {
      ...blend,
      lines: blend.lines.map(one =>
        'ingredient' in one.of && one.of.ingredient === 'brown-rice-flour'
          ? { ...one, of: { ingredient: 'white-rice-flour' }, text: '800 g white rice flour' }
          : one,
      ),
    },
  },
  {
    name: 'as on the card',
    reason: 'a third more sugar, and no vinegar: it sank',
    recipe: {
      ...loaf,
      lines: loaf.lines
        .filter(one => !('ingredient' in one.of) || one.of.ingredient !== 'cider-vinegar')
        .map(one =>
          'ingredient' in one.of && one.of.ingredient === 'light-cane-sugar'
            ? { ...one, amount: { value: 290, unit: 'g' } }
            : one,
        ),
    },
  },
]
