// The rest of the demo larder: common things by invented suppliers, their measures and nutrition from the starter shelf.
import { type AllergenCode, daysAfter, type Evidence, type Ingredient, starterShelf } from '@fair-tin/core'
import { answered, certificate, natural, specification } from './facts'

type Carries = Partial<Record<AllergenCode, 'contains' | 'mayContain' | 'unknown'>>
interface Bought {
  /** As the starter shelf names it. */
  thing: string
  supplier: string
  article: string
  grams: number
  price: string
  carries?: Carries
  /** Days from today on which its specification ends; `none`: nothing on file; `nature`: it needs none. */
  proof?: number | 'none' | 'nature'
  change?: Partial<Ingredient>
}
const [mill, stores, dairyless, orchard, flavours, farm, nutloft] = [
  'Tarn Mill',
  'Harbour Stores',
  'Quayside Dairyless',
  'Orchard Row',
  'Spindrift Flavours',
  'Hob Farm',
  'The Nut Loft',
]
const almondTraces: Carries = { hazelnut: 'mayContain', walnut: 'mayContain', cashew: 'mayContain' }
const chocolate: Carries = { soy: 'contains', milk: 'mayContain', hazelnut: 'mayContain', almond: 'mayContain' }

const bought: Bought[] = [
  {
    thing: 'ground almonds',
    supplier: nutloft,
    article: 'NL-101',
    grams: 5000,
    price: '46.50',
    carries: { almond: 'contains', ...almondTraces },
  },
  {
    thing: 'ground hazelnuts',
    supplier: nutloft,
    article: 'NL-102',
    grams: 2500,
    price: '31.20',
    carries: { hazelnut: 'contains', almond: 'mayContain' },
  },
  {
    thing: 'white rice flour',
    supplier: mill,
    article: 'TM-117',
    grams: 10000,
    price: '15.80',
    change: { counterpart: { name: 'wheat flour', perKg: '0.85' } },
  },
  { thing: 'sorghum flour', supplier: mill, article: 'TM-221', grams: 5000, price: '16.90', proof: 18 },
  { thing: 'millet flour', supplier: mill, article: 'TM-223', grams: 5000, price: '14.70' },
  { thing: 'quinoa flour', supplier: mill, article: 'TM-240', grams: 2500, price: '19.95', proof: -14 },
  { thing: 'amaranth flour', supplier: mill, article: 'TM-241', grams: 2500, price: '18.40', proof: 'none' },
  { thing: 'polenta', supplier: mill, article: 'TM-130', grams: 5000, price: '9.85' },
  { thing: 'maize flour', supplier: mill, article: 'TM-131', grams: 5000, price: '8.90' },
  {
    thing: 'gram flour',
    supplier: stores,
    article: 'HS-2040',
    grams: 5000,
    price: '12.60',
    carries: { peanut: 'mayContain' },
  },
  {
    thing: 'coconut flour',
    supplier: stores,
    article: 'HS-2051',
    grams: 2500,
    price: '14.20',
    carries: { coconut: 'contains' },
  },
  { thing: 'chestnut flour', supplier: orchard, article: 'OR-31', grams: 2000, price: '23.80', proof: 25 },
  { thing: 'potato flour', supplier: mill, article: 'TM-340', grams: 3000, price: '9.10' },
  { thing: 'tiger nut flour', supplier: stores, article: 'HS-2066', grams: 2000, price: '21.50' },
  { thing: 'potato starch', supplier: mill, article: 'TM-331', grams: 5000, price: '10.40' },
  { thing: 'arrowroot', supplier: stores, article: 'HS-2071', grams: 1000, price: '9.60' },
  { thing: 'xanthan gum', supplier: stores, article: 'HS-3001', grams: 1000, price: '19.90' },
  { thing: 'guar gum', supplier: stores, article: 'HS-3002', grams: 1000, price: '11.80' },
  { thing: 'chia seeds', supplier: stores, article: 'HS-2210', grams: 2000, price: '13.90' },
  { thing: 'gelatine', supplier: stores, article: 'HS-3040', grams: 500, price: '10.75' },
  { thing: 'agar', supplier: stores, article: 'HS-3041', grams: 250, price: '13.30' },
  { thing: 'bicarbonate of soda', supplier: stores, article: 'HS-3011', grams: 2000, price: '5.20' },
  { thing: 'cream of tartar', supplier: stores, article: 'HS-3012', grams: 1000, price: '9.40', proof: 'none' },
  { thing: 'caster sugar', supplier: stores, article: 'HS-1101', grams: 10000, price: '11.20' },
  {
    thing: 'icing sugar',
    supplier: stores,
    article: 'HS-1104',
    grams: 3000,
    price: '4.95',
    // with maize starch in it
    change: { traits: { animal: [], sweetening: ['sugar'], grain: ['other'], refined: true, legume: false } },
  },
  { thing: 'light muscovado sugar', supplier: stores, article: 'HS-1112', grams: 3000, price: '6.30' },
  { thing: 'dark muscovado sugar', supplier: stores, article: 'HS-1113', grams: 3000, price: '6.40' },
  {
    thing: 'coconut sugar',
    supplier: stores,
    article: 'HS-1120',
    grams: 2000,
    price: '11.80',
    carries: { coconut: 'contains' },
  },
  { thing: 'golden syrup', supplier: stores, article: 'HS-1230', grams: 7260, price: '17.40' },
  {
    thing: 'black treacle',
    supplier: stores,
    article: 'HS-1231',
    grams: 7260,
    price: '18.90',
    carries: { sulphites: 'mayContain' },
  },
  { thing: 'maple syrup', supplier: stores, article: 'HS-1235', grams: 5280, price: '49.00' },
  { thing: 'honey', supplier: farm, article: 'HF-7', grams: 3180, price: '24.00', proof: 'nature' },
  { thing: 'agave syrup', supplier: stores, article: 'HS-1238', grams: 5600, price: '31.50' },
  { thing: 'erythritol', supplier: stores, article: 'HS-1301', grams: 5000, price: '27.50' },
  { thing: 'xylitol', supplier: stores, article: 'HS-1302', grams: 5000, price: '33.00' },
  { thing: 'sunflower oil', supplier: dairyless, article: 'QD-30', grams: 4600, price: '9.90' },
  { thing: 'olive oil', supplier: dairyless, article: 'QD-33', grams: 4580, price: '44.00' },
  {
    thing: 'cocoa butter',
    supplier: flavours,
    article: 'SF-70',
    grams: 1000,
    price: '24.60',
    carries: { milk: 'mayContain', soy: 'mayContain' },
  },
  {
    thing: 'almonds',
    supplier: nutloft,
    article: 'NL-110',
    grams: 5000,
    price: '42.00',
    carries: { almond: 'contains', ...almondTraces },
  },
  {
    thing: 'flaked almonds',
    supplier: nutloft,
    article: 'NL-111',
    grams: 2500,
    price: '25.40',
    carries: { almond: 'contains', ...almondTraces },
  },
  {
    thing: 'hazelnuts',
    supplier: nutloft,
    article: 'NL-120',
    grams: 2500,
    price: '28.90',
    carries: { hazelnut: 'contains', almond: 'mayContain' },
  },
  {
    thing: 'walnuts',
    supplier: nutloft,
    article: 'NL-130',
    grams: 2500,
    price: '26.10',
    carries: { walnut: 'contains', almond: 'mayContain' },
  },
  {
    thing: 'pecans',
    supplier: nutloft,
    article: 'NL-135',
    grams: 2000,
    price: '33.80',
    carries: { pecan: 'contains', walnut: 'mayContain' },
  },
  {
    thing: 'desiccated coconut',
    supplier: stores,
    article: 'HS-2055',
    grams: 2500,
    price: '13.10',
    carries: { coconut: 'contains', sulphites: 'mayContain' },
  },
  { thing: 'sunflower seeds', supplier: stores, article: 'HS-2200', grams: 5000, price: '14.90' },
  {
    thing: 'sesame seeds',
    supplier: stores,
    article: 'HS-2206',
    grams: 2500,
    price: '12.70',
    carries: { sesame: 'contains' },
  },
  {
    thing: 'poppy seeds',
    supplier: stores,
    article: 'HS-2207',
    grams: 2500,
    price: '14.30',
    carries: { sesame: 'mayContain' },
  },
  {
    thing: 'tahini',
    supplier: stores,
    article: 'HS-2260',
    grams: 3000,
    price: '22.50',
    carries: { sesame: 'contains', peanut: 'mayContain', pineNut: 'mayContain' },
  },
  { thing: 'apples', supplier: orchard, article: 'OR-1', grams: 10000, price: '16.50', proof: 'nature' },
  { thing: 'bananas', supplier: orchard, article: 'OR-2', grams: 5000, price: '7.20', proof: 'nature' },
  { thing: 'lemons', supplier: orchard, article: 'OR-4', grams: 5000, price: '12.40', proof: 'nature' },
  { thing: 'oranges', supplier: orchard, article: 'OR-5', grams: 5000, price: '10.20', proof: 'nature' },
  { thing: 'pears', supplier: orchard, article: 'OR-8', grams: 5000, price: '11.30', proof: 'nature' },
  { thing: 'raspberries', supplier: orchard, article: 'OR-11', grams: 2500, price: '18.90', proof: 'nature' },
  { thing: 'raisins', supplier: stores, article: 'HS-2401', grams: 5000, price: '15.60' },
  {
    thing: 'dried apricots',
    supplier: stores,
    article: 'HS-2410',
    grams: 3000,
    price: '21.90',
    carries: { sulphites: 'contains' },
  },
  { thing: 'pitted dates', supplier: stores, article: 'HS-2415', grams: 5000, price: '17.40' },
  { thing: 'beetroot', supplier: orchard, article: 'OR-20', grams: 5000, price: '6.90', proof: 'nature' },
  { thing: 'carrots', supplier: orchard, article: 'OR-21', grams: 10000, price: '8.40', proof: 'nature' },
  { thing: 'courgettes', supplier: orchard, article: 'OR-22', grams: 5000, price: '10.80', proof: 'nature' },
  {
    thing: 'almond drink',
    supplier: dairyless,
    article: 'QD-54',
    grams: 6120,
    price: '10.70',
    carries: { almond: 'contains', hazelnut: 'mayContain' },
  },
  {
    thing: 'soya drink',
    supplier: dairyless,
    article: 'QD-55',
    grams: 6180,
    price: '8.60',
    carries: { soy: 'contains' },
  },
  {
    thing: 'coconut milk',
    supplier: dairyless,
    article: 'QD-58',
    grams: 2400,
    price: '9.90',
    carries: { coconut: 'contains' },
  },
  {
    thing: 'cocoa powder',
    supplier: flavours,
    article: 'SF-60',
    grams: 2000,
    price: '23.40',
    carries: { milk: 'mayContain' },
  },
  {
    thing: 'dark chocolate drops',
    supplier: flavours,
    article: 'SF-64',
    grams: 5000,
    price: '52.00',
    carries: chocolate,
    proof: -9,
    // soya lecithin in it
    change: { traits: { sweetening: ['sugar'], grain: [], legume: true } },
  },
  { thing: 'ground cinnamon', supplier: flavours, article: 'SF-42', grams: 500, price: '7.90', proof: 12 },
  {
    thing: 'mixed spice',
    supplier: flavours,
    article: 'SF-45',
    grams: 500,
    price: '8.20',
    carries: { mustard: 'mayContain', celery: 'mayContain' },
  },
]

/** What is printed on a pack, where the thing is made of more than itself. */
const madeOf: Record<string, Ingredient['composition']> = {
  'icing sugar': [{ name: 'sugar' }, { name: 'maize starch' }],
  'dried apricots': [{ name: 'apricots' }, { name: 'sulphur dioxide', functionClass: 'preservative' }],
  'desiccated coconut': [{ name: 'coconut' }],
  'almond drink': [{ name: 'water' }, { name: 'almonds', percent: 2.3 }, { name: 'sea salt' }],
  'soya drink': [{ name: 'water' }, { name: 'soya beans', percent: 8 }],
  'coconut milk': [{ name: 'coconut extract', percent: 60 }, { name: 'water' }],
  'dark chocolate drops': [
    { name: 'cocoa mass' },
    { name: 'sugar' },
    { name: 'cocoa butter' },
    { name: 'soya lecithin', functionClass: 'emulsifier' },
  ],
  'mixed spice': [{ name: 'cinnamon' }, { name: 'coriander' }, { name: 'nutmeg' }, { name: 'clove' }],
}

/** Everything of the list, with six weeks of prices that moved. */
export function shelfIngredients(today: string): Ingredient[] {
  const day = (days: number) => daysAfter(today, days)
  return bought.map(({ thing, supplier, article, grams, price, carries = {}, proof = 180, change }, at) => {
    const shelf = starterShelf.find(one => one.ingredient.name === thing)?.ingredient
    if (!shelf) throw new Error(`There is no “${thing}” on the starter shelf.`)
    const id = thing.replace(/[^a-z0-9]+/gi, '-').toLowerCase()
    const paper = `${id}-spec`
    const known = typeof proof === 'number'
    const evidence: Evidence[] = known
      ? [
          specification(paper, `${article} issue ${(at % 4) + 1}`, day(proof - 365), day(proof)),
          ...(at % 9 === 4 ? [certificate(`${id}-gluten`, `gluten test ${article}`, day(-60), day(305))] : []),
        ]
      : []
    const earlier = (share: number) => (Math.round(Number(price) * share * 100) / 100).toFixed(2)
    return {
      ...shelf,
      id,
      supplier,
      article,
      composition: madeOf[thing] ?? [],
      allergens: proof === 'nature' ? natural() : known ? answered(paper, carries) : shelf.allergens,
      ...(known ? { gluten: { atMostMgPerKg: 5, evidence: paper } } : {}),
      packs: [
        { grams, price: earlier(0.93 + (at % 5) / 100), currency: 'GBP', from: day(-42) },
        { grams, price: earlier(0.97 + (at % 4) / 100), currency: 'GBP', from: day(-24) },
        { grams, price, currency: 'GBP', from: day(-6 - (at % 7)) },
      ],
      evidence,
      ...change,
    }
  })
}

/** Lots on the shelf: what came when, and by when it is to be used. */
export const deliveries = (today: string) => {
  const day = (days: number) => daysAfter(today, days)
  return [
    { ingredient: 'buckwheat-flour', lot: 'TM24-0611', received: day(-40), grams: 10_000, taken: 8400 },
    { ingredient: 'buckwheat-flour', lot: 'TM24-0702', received: day(-9), grams: 10_000, taken: 0 },
    { ingredient: 'brown-rice-flour', lot: 'TM24-0655', received: day(-21), grams: 10_000, taken: 3100 },
    { ingredient: 'teff-flour', lot: 'TM24-0690', received: day(-12), grams: 5000, taken: 1200 },
    { ingredient: 'plant-butter', lot: 'QD-8831', received: day(-14), grams: 4000, taken: 2600, useBy: day(5) },
    { ingredient: 'plant-butter', lot: 'QD-8902', received: day(-2), grams: 4000, taken: 0, useBy: day(33) },
    { ingredient: 'eggs', lot: 'HF-1120', received: day(-20), grams: 1800, taken: 1500, useBy: day(-1) },
    { ingredient: 'rice-drink', lot: 'QD-7710', received: day(-18), grams: 6180, taken: 2000, useBy: day(120) },
    { ingredient: 'damsons', lot: 'OR-44', received: day(-3), grams: 5000, taken: 1100, useBy: day(4) },
  ]
}
