// A starter shelf: common things of a free-from bakery, with how they measure and what they typically hold.
// Weights and nutrition are typical values from memory of public food tables; every one is to be replaced by the supplier's.
// Allergens are unknown, but for what is in the nature of the thing: nobody's almond flour is free of almond.

import { typicalGramsPerMl } from '../measure/density'
import { type AllergenCode, allergenCodes } from '../model/allergen'
import { type Ingredient, type Traits, unknownIngredient } from '../model/ingredient'
import { additiveClass } from './additives'
import { isFreeByNature } from './nature'

export const shelfGroups = [
  'flours',
  'starches',
  'binders and raising',
  'sugars and syrups',
  'other sweeteners',
  'fats',
  'nuts and seeds',
  'fruit',
  'dried fruit',
  'vegetables',
  'milk, egg and their like',
  'chocolate and flavour',
] as const
export type ShelfGroup = (typeof shelfGroups)[number]

/** name | grams per US cup, where measure/density.ts has none | grams a piece | edible share | kind | contains by nature | fat saturates carbohydrate sugars fibre protein sodium mg */
const rows: Record<ShelfGroup, string> = {
  flours: `
    ground almonds||||plant|almond|51 4 7 4.5 11 21 1
    ground hazelnuts|92|||plant|hazelnut|61 4.5 7 4.3 9.7 15 1
    ground walnuts|85|||plant|walnut|65 6.1 7 2.6 6.7 15 2
    buckwheat flour||||plant||2.5 0.5 65 1.5 6 11.5 3
    brown rice flour||||cereal||2.8 0.6 74 0.7 3.5 7.2 5
    white rice flour||||cereal||1.4 0.4 78 0.1 2.4 6 0
    sorghum flour|127|||cereal||3.3 0.5 69 2 6.6 8.4 3
    millet flour|120|||cereal||4.2 0.5 72 1.7 3.5 10.8 4
    teff flour|150|||cereal||2.4 0.4 65 1.8 8 12.2 12
    quinoa flour|112|||plant||6 0.7 57 4 7 14 5
    amaranth flour|120|||plant||7 1.5 59 1.7 6.7 13.6 4
    maize flour|117|||cereal||3.9 0.5 70 0.6 7.3 6.9 5
    polenta||||cereal||1.5 0.2 76 0.6 3 8 2
    gram flour|92|||legume||6.7 0.7 47 10.8 10.8 22.4 64
    coconut flour||||plant|coconut|14 12 21 8 39 19 30
    chestnut flour|105|||plant||3.7 0.7 65 23 11 6 10
    potato flour|160|||plant||0.3 0.1 77 3.5 5.9 6.9 55
    soya flour|85|||legume|soy|20.6 3 19 7.5 9.6 37 13
    lupin flour|90|||legume|lupin|9.7 1.2 10 3 39 36 15
    oat flour|92|||gluten|oats|7 1.3 58 1 9 13 5
    tiger nut flour|120|||plant||24 4.5 43 20 25 5 20`,
  starches: `
    tapioca starch||||plant||0.1 0 87 0.2 0.9 0.2 4
    potato starch||||plant||0.1 0 83 0 0.3 0.1 5
    cornflour||||cereal||0.6 0.1 88 0 0.9 0.4 9
    arrowroot||||plant||0.1 0 85 0 3.4 0.3 2
    glutinous rice flour|150|||cereal||0.6 0.1 80 0.1 0.8 6 2`,
  'binders and raising': `
    psyllium husk|80|||plant||0.6 0.1 2 0 85 2 60
    xanthan gum|144|||plant||0 0 0 0 77 5 2900
    guar gum|140|||legume||0.5 0.1 0 0 80 4.5 60
    ground linseed||||plant||42 3.7 1.6 1.5 27 18 30
    chia seeds|170|||plant||31 3.3 8 0 34 17 16
    gelatine|150|||gelatine||0.1 0 0 0 0 86 200
    agar|80|||plant||0.3 0.1 5 0.3 75 2 100
    baking powder||||plant||0 0 30 0 0 0 10600
    bicarbonate of soda||||plant||0 0 0 0 0 0 27400
    cream of tartar|150|||plant||0 0 0 0 0.2 0 52
    fast-action dried yeast|150|||plant||7.6 1 15 0 27 40 51`,
  'sugars and syrups': `
    caster sugar||||sugar||0 0 100 100 0 0 1
    icing sugar||||sugar||0 0 99.5 99 0 0 2
    light muscovado sugar|210|||sugar||0 0 97 96 0 0.1 28
    dark muscovado sugar|210|||sugar||0 0 95 93 0 0.4 40
    demerara sugar|220|||sugar||0 0 99 99 0 0 5
    coconut sugar|155|||unrefined|coconut|0.5 0.3 92 85 1 1.5 120
    golden syrup||||syrup||0 0 79 76 0 0.3 270
    black treacle|335|||syrup||0 0 67 66 0 1.2 96
    maple syrup||||rawSyrup||0.1 0 67 60 0 0 12
    honey||||honey||0 0 81 80 0.2 0.4 10
    agave syrup||||rawSyrup||0.4 0 76 68 0.2 0.1 4
    raspberry jam|320|||||0.2 0 65 62 1 0.4 20
    orange marmalade|320|||||0.1 0 66 63 0.8 0.2 25
    apple sauce||||||0.1 0 12 11 1.2 0.2 3
    date syrup||||rawSyrup||0.2 0.1 72 66 2.5 1.4 20
    glucose syrup|330|||syrup||0 0 79 30 0 0 60
    rice syrup|330|||cerealSyrup||0.1 0 78 45 0 0.5 10
    jaggery|200|||unrefined||0.1 0 95 85 0 0.5 30`,
  'other sweeteners': `
    erythritol||||polyol||0 0 100 0 0 0 0
    xylitol|190|||polyol||0 0 100 0 0 0 0
    maltitol|190|||polyol||0 0 100 0 0 0 0
    allulose|190|||rare||0 0 100 0 0 0 0
    stevia drops|236|||intense||0 0 0 0 0 0 5`,
  fats: `
    butter||||milk|milk|82 52 0.6 0.6 0 0.6 600
    unsalted butter|227|||milk|milk|82 52 0.6 0.6 0 0.6 10
    ghee|205|||milk|milk|99.5 62 0 0 0 0 2
    plant butter||||refined||75 21 0.5 0.5 0 0.3 480
    sunflower oil||||refined||100 11 0 0 0 0 0
    rapeseed oil||||refined||100 6.6 0 0 0 0 0
    olive oil||||plant||100 14 0 0 0 0 2
    coconut oil||||plant|coconut|100 87 0 0 0 0 0
    cocoa butter|218|||plant||100 60 0 0 0 0 0
    lard|205|||meat||99 39 0 0 0 0 2`,
  'nuts and seeds': `
    almonds|143|1.2||plant|almond|50 3.8 9 4.4 12.5 21 1
    flaked almonds|92|||plant|almond|50 3.8 9 4.4 12.5 21 1
    hazelnuts|135|1.4||plant|hazelnut|61 4.5 7 4.3 9.7 15 0
    walnuts|117|4||plant|walnut|65 6.1 7 2.6 6.7 15 2
    pecans|109|3||plant|pecan|72 6.2 4.3 4 9.6 9.2 0
    pistachios|123|0.7||plant|pistachio|45 5.6 17 7.7 10.6 20 1
    cashews|137|1.6||plant|cashew|44 7.8 27 5.9 3.3 18 12
    macadamias|134|2.6||plant|macadamia|76 12 5.2 4.6 8.6 7.9 5
    Brazil nuts|133|5||plant|brazilNut|67 16 4.2 2.3 7.5 14 3
    pine nuts|135|||plant|pineNut|68 4.9 9.4 3.6 3.7 13.7 2
    peanuts|146|0.8||legume|peanut|49 6.8 8 4.7 8.5 26 18
    desiccated coconut||||plant|coconut|65 57 7.4 7.4 16 6.9 37
    sunflower seeds|140|||plant||51 4.5 11.5 2.6 8.6 20.8 9
    pumpkin seeds|130|||plant||46 8.5 10 1.3 6.5 30 7
    sesame seeds|144|||plant|sesame|50 7 11.7 0.3 11.8 17.7 11
    poppy seeds|141|||plant||42 4.5 8.6 3 19.5 18 26
    tahini|240|||plant|sesame|54 7.5 12 0.5 9.3 17 35
    peanut butter|258||||peanut|51 10 12 6.5 6 25 350
    almond butter|250||||almond|55 4.2 9 4.4 10 21 7
    hazelnut butter|250||||hazelnut|61 4.5 7 4.3 9.7 15 1
    cashew butter|256||||cashew|49 9.8 24 5.9 3 18 15`,
  fruit: `
    apples|110|150|0.87|fruit||0.2 0 11.4 10.4 2.4 0.3 1
    bananas|150|120|0.64|fruit||0.3 0.1 20.3 16 2.6 1.1 1
    blackcurrants|112||0.97|fruit||0.3 0 7.5 7.5 5 1.2 2
    blueberries|148|1.5||fruit||0.3 0 12.1 10 2.4 0.7 1
    cherries|154|8|0.88|fruit||0.2 0 13.9 12.8 2.1 1.1 0
    damsons|165|12|0.9|fruit||0.1 0 9.6 9.6 2.1 0.6 2
    lemons|212|100|0.64|fruit||0.3 0 6.5 2.5 2.8 1.1 2
    limes|200|67|0.6|fruit||0.2 0 7.7 1.7 2.8 0.7 2
    oranges|180|180|0.7|fruit||0.1 0 9.4 9.4 2.4 0.9 0
    pears|140|170|0.87|fruit||0.1 0 12.1 9.8 3.1 0.4 1
    pineapple|165|900|0.5|fruit||0.1 0 11.7 9.9 1.4 0.5 1
    plums|165|66|0.94|fruit||0.3 0 10 9.9 1.4 0.7 0
    raspberries|123|3||fruit||0.7 0 5.4 4.4 6.5 1.2 1
    rhubarb|122|80|0.87|fruit||0.2 0.1 2.7 1.1 1.8 0.9 4
    strawberries|144|14|0.95|fruit||0.3 0 5.7 4.9 2 0.7 1
    avocados|150|200|0.7|fruit||14.7 2.1 1.8 0.7 6.7 2 7
    blackberries|144|4||fruit||0.5 0 5.1 4.9 5.3 1.4 1
    peaches|154|150|0.9|fruit||0.3 0 8.4 8.4 1.5 0.9 0
    nectarines|143|140|0.92|fruit||0.3 0 8.9 7.9 1.7 1.1 0
    apricots|165|35|0.93|fruit||0.4 0 9.2 9.2 2 1.4 1
    mangoes|165|200|0.67|fruit||0.4 0.1 13.7 13.7 1.6 0.8 1
    grapes|151|5|0.96|fruit||0.2 0.1 17.2 15.5 0.9 0.7 2
    gooseberries|150|4|0.96|fruit||0.6 0 5.9 5.9 4.3 0.9 1
    kiwi fruit|180|69|0.87|fruit||0.5 0 11.7 9 3 1.1 3
    cranberries|100|1||fruit||0.1 0 8.4 4.3 3.6 0.5 2
    figs|149|50|0.98|fruit||0.3 0.1 16.3 16.3 2.9 0.8 1`,
  'dried fruit': `
    raisins||0.5||fruit||0.5 0.1 75 65 4 3.1 26
    sultanas||0.5||fruit||0.4 0.1 69 69 2 2.7 19
    currants|145|||fruit||0.3 0 70 67 6.8 4.1 8
    dried apricots|130|8|||sulphites?|0.5 0 55 53 7.3 3.4 10
    pitted dates|150|8||fruit||0.2 0 68 63 7 2.2 2
    prunes|170|9||fruit||0.4 0.1 57 38 7.1 2.2 2
    dried figs|150|15||fruit||0.9 0.1 54 48 9.8 3.3 10
    dried cranberries|120|||||1.1 0.1 77 72 5.3 0.2 5
    dried cherries|140|||||0.8 0.2 74 67 2.5 1.3 13
    mixed dried fruit|150|||||0.5 0.1 68 67 4 2.3 30
    mixed peel|150|||||0.3 0 59 59 4 0.3 280
    glacé cherries|200|5||||0.2 0 78 70 1 0.4 30`,
  vegetables: `
    carrots|110|75|0.87|plant||0.2 0 6.8 4.7 2.8 0.9 69
    courgettes|124|200|0.95|plant||0.3 0.1 2.2 2 1 1.2 8
    beetroot|136|85|0.8|plant||0.2 0 6.8 6.8 2.8 1.6 78
    pumpkin|116||0.7|plant||0.1 0.1 6 2.8 0.5 1 1
    sweet potatoes|133|130|0.84|plant||0.1 0 17.1 4.2 3 1.6 55`,
  'milk, egg and their like': `
    eggs|243|50||egg|egg|9.5 3.1 0.7 0.4 0 12.6 142
    egg whites|243|33||egg|egg|0.2 0 0.7 0.7 0 10.9 166
    egg yolks|243|17||egg|egg|26.5 9.6 3.6 0.6 0 15.9 48
    whole milk|244|||milk|milk|3.6 2.3 4.6 4.6 0 3.4 42
    buttermilk|245|||milk|milk|0.9 0.5 4.8 4.8 0 3.3 105
    double cream|238|||milk|milk|47.5 29.7 1.6 1.6 0 1.5 22
    plain yoghurt|245|||milk|milk|3.3 2.1 4.7 4.7 0 3.5 46
    cream cheese|230|||milk|milk|24 15 4 4 0 6 320
    whipping cream|232|||milk|milk|38 24 2.6 2.6 0 2 28
    single cream|240|||milk|milk|19 12 2.2 2.2 0 3.3 29
    soured cream|230|||milk|milk|20 12.5 3.8 3.8 0 2.9 41
    crème fraîche|230|||milk|milk|40 27 2.4 2.4 0 2.2 24
    Greek yoghurt|250|||milk|milk|10 6.8 4.8 4.5 0 5.7 66
    mascarpone|225|||milk|milk|44 30 4 4 0 4.5 50
    ricotta|246|||milk|milk|11 7 2 2 0 9.4 100
    condensed milk|306||||milk|9 5.6 56 56 0 8 110
    evaporated milk|252|||milk|milk|9 5.6 11 11 0 8.2 110
    oat drink||||gluten|oats|1.5 0.2 6.6 4 0.8 1 40
    rice drink||||cereal||1 0.1 9.5 4 0.3 0.2 40
    almond drink|240|||plant|almond|1.1 0.1 0.3 0 0.4 0.4 50
    soya drink||||legume|soy|1.8 0.3 0.6 0.5 0.5 3.3 40
    coconut milk||||plant|coconut|17 15 3 2 0 1.6 15
    coconut cream|240||||coconut|22 20 4 3 0 2 20
    coconut yoghurt|||||coconut|17 15 6 4 0.5 1.5 20
    soya yoghurt|245||||soy|2.3 0.4 2.1 2.1 1 4 50
    oat cream|240||||oats|13 1.5 6 3.5 0.8 1 50
    soya cream|240||||soy|17 2 2 1.6 1 3 40`,
  'chocolate and flavour': `
    cocoa powder||||plant||21 12.8 11.5 0.5 30 19.6 21
    dark chocolate 70 %|170|||sugarMix||42 24 34 28 11 8 10
    dark chocolate drops|170|||sugarMix||28 17 55 50 8 6 10
    vanilla extract||||alcohol||0.1 0 12.7 12.7 0 0.1 9
    ground cinnamon|125|||plant||1.2 0.3 28 2.2 53 4 10
    ground ginger|88|||plant||4.2 2.6 57 3.4 14 9 27
    mixed spice|110|||plant||9 3 45 3 25 6 40
    fine sea salt|288|||salt||0 0 0 0 0 0 39300
    cider vinegar||||plant||0 0 0.9 0.4 0 0 5
    water||||salt||0 0 0 0 0 0 0`,
}

const none: Traits = { animal: [], sweetening: [], grain: [], refined: false, legume: false, alcohol: false }
const kinds: Record<string, Traits> = {
  plant: none,
  refined: { ...none, refined: true },
  cereal: { ...none, grain: ['other'] },
  gluten: { ...none, grain: ['gluten'] },
  legume: { ...none, legume: true },
  fruit: { ...none, sweetening: ['wholeFruit'] },
  sugar: { ...none, sweetening: ['sugar'], refined: true },
  unrefined: { ...none, sweetening: ['sugar'], refined: false },
  syrup: { ...none, sweetening: ['syrup'], refined: true },
  cerealSyrup: { ...none, sweetening: ['syrup'], grain: ['other'], refined: true },
  rawSyrup: { ...none, sweetening: ['syrup'], refined: false },
  honey: { ...none, animal: ['honey'], sweetening: ['syrup'], refined: false },
  polyol: { ...none, sweetening: ['polyol'], refined: true },
  rare: { ...none, sweetening: ['rareSugar'], refined: true },
  intense: { ...none, sweetening: ['intense'], refined: true },
  sugarMix: { sweetening: ['sugar'], grain: [], legume: false },
  alcohol: { ...none, alcohol: true },
  milk: { ...none, animal: ['milk'] },
  egg: { ...none, animal: ['egg'] },
  gelatine: { ...none, animal: ['gelatine'] },
  meat: { ...none, animal: ['meat'] },
  salt: none,
}
const source = 'typical value, from memory: replace with your supplier’s'
const cupMl = 236.5882365

function fromRow(row: string): Ingredient {
  const [name, cup, piece, edible, kind, contains, figures] = row.trim().split('|') as [
    string,
    string,
    string,
    string,
    string,
    string,
    string,
  ]
  const [fat, saturates, carbohydrate, sugars, fibre, protein, sodiumMg] = figures.split(' ').map(Number)
  const known = { fat, saturates, carbohydrate, sugars, fibre, protein, sodiumMg }
  const polyol = kind === 'polyol' ? { polyols: 100, [name]: 100 } : {}
  const rare = kind === 'rare' ? { allulose: 100 } : {}
  const gramsPerMl = cup ? Number(cup) / cupMl : typicalGramsPerMl(name)
  const measure = {
    ...(gramsPerMl === null ? {} : { gramsPerMl }),
    ...(piece ? { each: { medium: Number(piece) } } : {}),
    ...(edible ? { ediblePart: Number(edible) } : {}),
  }
  const plain = unknownIngredient(`shelf-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`, name)
  // the list of natural things answers for every allergen but a thing's own; all else is for the supplier to answer
  const natural = isFreeByNature(plain)
  const own = contains.split(',').filter(one => one && !one.endsWith('?')) as AllergenCode[]
  return {
    ...plain,
    ...(natural || kind === 'fruit' ? { composition: [] } : {}),
    allergens: Object.fromEntries([
      ...(natural ? allergenCodes.map(code => [code, { status: 'free' }]) : []),
      ...own.map(code => [code, { status: 'contains' }]),
    ]),
    ...(additiveClass(name) ? { functionClass: additiveClass(name)! } : {}),
    traits: kinds[kind] ?? {},
    nutrients: Object.fromEntries(
      Object.entries({ ...known, ...polyol, ...rare }).map(([code, value]) => [code, { value, source }]),
    ),
    measures: Object.keys(measure).length > 0 ? [measure] : [],
  }
}

export interface ShelfThing {
  group: ShelfGroup
  ingredient: Ingredient
}
/** Everything on the starter shelf, by group. */
export const starterShelf: readonly ShelfThing[] = shelfGroups.flatMap(group =>
  rows[group]
    .split('\n')
    .filter(row => row.includes('|'))
    .map(row => ({ group, ingredient: fromRow(row) })),
)
