import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type ReadLine, readLine } from './readLine'
import { readRecipe } from './readRecipe'

const cases: [string, Partial<ReadLine>][] = [
  ['1) 100 g ground almonds', { amount: { value: 100, unit: 'g' }, item: 'ground almonds' }],
  ['2. 3 eggs', { amount: { value: 3, unit: 'each' }, item: 'eggs' }],
  ['400g tin of black beans', { amount: { value: 400, unit: 'g' }, item: 'black beans' }],
  ['4 sprays release spray', { amount: { value: 4, unit: 'each' }, item: 'release spray', role: 'release' }],
  ['4 x 5ml spoons ginger', { amount: { value: 20, unit: 'ml' }, item: 'ginger' }],
  ['1 x 20 cm pastry case', { amount: { value: 1, unit: 'each' }, item: 'pastry case', prep: '20 cm' }],
  [
    '1 small bunch of mint, leaves picked',
    { amount: { value: 1, unit: 'each', size: 'small' }, item: 'mint', form: 'bunch', prep: 'leaves picked' },
  ],
  ['the seeds of 1 vanilla pod', { amount: { value: 1, unit: 'each' }, item: 'vanilla pod', form: 'seeds' }],
  [
    '1 large ripe banana (about 120 g peeled)',
    {
      amount: { value: 1, unit: 'each', size: 'large' },
      also: [{ value: 120, unit: 'g' }],
      item: 'banana',
      prep: 'ripe',
    },
  ],
  ['plus extra sugar for sprinkling', { amount: null, item: 'sugar', role: 'finish' }],
  ['600 cream)', { amount: { value: 600, unit: 'each' }, item: 'cream' }],
  // what stands before the amount is no food
  ['zum Tunken: 200 g Zartbitterkuvertüre', { amount: { value: 200, unit: 'g' }, item: 'Zartbitterkuvertüre' }],
  ['smält 100 g smör', { amount: { value: 100, unit: 'g' }, item: 'smör', prep: 'smält' }],
  ['Tapioka 50 g starch', { amount: { value: 50, unit: 'g' }, item: 'Tapioka starch' }],
  ['psyllium 3 g soaked in water', { amount: { value: 3, unit: 'g' }, item: 'psyllium' }],
  ['1½ cups buckwheat flour', { amount: { value: 1.5, unit: 'cup' }, item: 'buckwheat flour' }],
  [
    '100 g / 3½ oz plant butter, softened',
    { amount: { value: 100, unit: 'g' }, also: [{ value: 3.5, unit: 'oz' }], item: 'plant butter', prep: 'softened' },
  ],
  [
    '225g/8oz dark chocolate',
    { amount: { value: 225, unit: 'g' }, also: [{ value: 8, unit: 'oz' }], item: 'dark chocolate' },
  ],
  [
    '½ cup (60 g) ground almonds',
    { amount: { value: 0.5, unit: 'cup' }, also: [{ value: 60, unit: 'g' }], item: 'ground almonds', form: 'ground' },
  ],
  ['rhubarb (180 g)', { amount: { value: 180, unit: 'g' }, item: 'rhubarb' }],
  ['3 large eggs', { amount: { value: 3, unit: 'each', size: 'large' }, item: 'eggs' }],
  ['2 egg yolks', { amount: { value: 2, unit: 'each' }, item: 'egg yolks', form: 'yolk' }],
  ['a pinch of salt', { amount: { value: 1, unit: 'pinch' }, item: 'salt' }],
  ['pinch of salt', { amount: { value: 1, unit: 'pinch' }, item: 'salt' }],
  ['a splash of oat drink', { amount: { value: 1, unit: 'splash' }, item: 'oat drink' }],
  ['2–3 tbsp date syrup', { amount: { value: 2, upTo: 3, unit: 'tbsp' }, item: 'date syrup' }],
  [
    '½ cup plus 2 tbsp sugar',
    { amount: { value: 0.5, unit: 'cup' }, plus: [{ value: 2, unit: 'tbsp' }], item: 'sugar' },
  ],
  [
    'half a cup and a third of a cup of sugar',
    { amount: { value: 0.5, unit: 'cup' }, plus: [{ value: 1 / 3, unit: 'cup' }], item: 'sugar' },
  ],
  [
    '1 lb 4 oz damsons, stoned',
    { amount: { value: 1, unit: 'lb' }, plus: [{ value: 4, unit: 'oz' }], item: 'damsons', prep: 'stoned' },
  ],
  [
    '1 cup less 1 tbsp oat flour',
    { amount: { value: 1, unit: 'cup' }, plus: [{ value: -1, unit: 'tbsp' }], item: 'oat flour' },
  ],
  ['Caster sugar: 90 g', { amount: { value: 90, unit: 'g' }, item: 'Caster sugar' }],
  ['boiling water, ½ cup', { amount: { value: 0.5, unit: 'cup' }, item: 'boiling water' }],
  ['zest of 2 limes', { amount: { value: 2, unit: 'each' }, item: 'limes', form: 'zest' }],
  ['juice of 1 lemon', { amount: { value: 1, unit: 'each' }, item: 'lemon', form: 'juice' }],
  ['100 g walnuts, finely chopped', { item: 'walnuts', prep: 'finely chopped', form: null }],
  ['2 ripe bananas, mashed', { amount: { value: 2, unit: 'each' }, item: 'bananas' }],
  ['butter, for greasing', { amount: null, item: 'butter', role: 'release' }],
  ['rice flour for dusting the tin', { item: 'rice flour', role: 'release' }],
  ['1 tbsp rapeseed oil, for the tin', { amount: { value: 1, unit: 'tbsp' }, item: 'rapeseed oil', role: 'release' }],
  ['icing sugar, for dusting', { item: 'icing sugar', role: 'finish' }],
  ['60 g pumpkin seeds for the top', { amount: { value: 60, unit: 'g' }, item: 'pumpkin seeds', role: 'finish' }],
  ['coconut yoghurt, to serve', { item: 'coconut yoghurt', role: 'beside' }],
  ['500 ml water for soaking', { item: 'water', role: 'drained' }],
  ['1 tsp vanilla extract (optional)', { item: 'vanilla extract', optional: true }],
  ['100 g butter or coconut oil', { item: 'butter', alternatives: ['coconut oil'] }],
  ['a handful of raisins', { amount: null, item: 'raisins', approximate: true }],
  ['about 200 g rhubarb', { amount: { value: 200, unit: 'g' }, item: 'rhubarb', approximate: true }],
  ['- 2 T cocoa', { amount: { value: 2, unit: 'tbsp' }, item: 'cocoa' }],
  ['🙂 3 eggs', { amount: { value: 3, unit: 'each' }, item: 'eggs' }],
  ['<li>120&nbsp;g oats</li>', { amount: { value: 120, unit: 'g' }, item: 'oats' }],
  ['Milk: 200 ml oat', { amount: { value: 200, unit: 'ml' }, item: 'Milk' }],
  ['For the base: 200 g oats', { amount: { value: 200, unit: 'g' }, item: 'oats', prep: 'For the base', role: 'mix' }],
  ['For the top: 20 g oats', { amount: { value: 20, unit: 'g' }, item: 'oats', prep: null, role: 'finish' }],
  ['For brushing: 1 egg', { amount: { value: 1, unit: 'each' }, item: 'egg', role: 'finish' }],
  ['2-1 cups flour', { amount: { value: 1, upTo: 2, unit: 'cup' }, item: 'flour' }],
  ['2 L eggs', { amount: { value: 2, unit: 'each', size: 'large' }, item: 'eggs' }],
  ['1/0 cup flour', { amount: null, item: '1/0 cup flour' }],
  ['1.5.5 kg flour', { amount: null, item: '1.5.5 kg flour' }],
  ['1e400 g sugar', { amount: null, item: '1e400 g sugar' }],
  ['-5 g salt', { amount: { value: -5, unit: 'g' }, item: 'salt' }],
  ['1e9 g sugar', { amount: { value: 1e9, unit: 'g' }, item: 'sugar' }],
]

describe('readLine', () => {
  it.each(cases)('%s', (text, wanted) => expect(readLine(text)).toMatchObject(wanted))

  it('keeps a line without end as its own name, before the test runs out of time', () => {
    for (const text of ['1'.repeat(200_000), '1 cup '.repeat(50_000), '(('.repeat(100_000)])
      expect(readLine(text)).toMatchObject({ amount: null, item: text.trim() })
    expect(readRecipe(`Buns\n\n200 g flour\n${'1 g each of a '.repeat(20_000)}`).lines.length).toBeGreaterThan(0)
  })
  it('never throws, and keeps what it cannot read as the item', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 120 }), text => {
        const read = readLine(text)
        expect(typeof read.item).toBe('string')
        if (read.amount) expect(Number.isNaN(read.amount.value)).toBe(false)
      }),
      { numRuns: 400 },
    )
    expect(readLine('שמן זית').item).toBe('שמן זית')
  })
  it('reads any plain weight of anything', () => {
    const things = fc.constantFrom('teff flour', 'brown rice flour', 'plums', 'cocoa powder', 'plant butter')
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9999 }),
        fc.constantFrom('g', 'kg', 'ml', 'tsp', 'tbsp'),
        things,
        (value, unit, thing) => {
          expect(readLine(`${value} ${unit} ${thing}`)).toMatchObject({
            amount: { value, unit },
            item: thing,
            role: 'mix',
          })
          expect(readLine(`${value}${unit} ${thing}`)).toMatchObject({ amount: { value, unit }, item: thing })
        },
      ),
    )
  })
})
