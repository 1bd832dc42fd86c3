import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { compositionText } from '../label/ingredientList'
import { type AllergenCode, treeNuts } from '../model/allergen'
import type { Component } from '../model/ingredient'
import { readStatement } from './statement'

const nuts: AllergenCode[] = ['almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazilNut', 'pistachio', 'macadamia']
const cereals: AllergenCode[] = ['wheat', 'rye', 'barley', 'oats']
/** A statement as a supplier prints it, what it contains, and what it may. All invented. */
const printed: [string, AllergenCode[], AllergenCode[]][] = [
  ['Sugar, cocoa mass, cocoa butter, emulsifier: soya lecithin, vanilla.', ['soy'], []],
  [
    'Cocoa mass, sugar, cocoa butter, emulsifier (sunflower lecithin E322). May contain milk and nuts.',
    [],
    ['milk', ...nuts],
  ],
  ['Cocoa mass, sugar, emulsifier: lecithins (E322). Cocoa solids 70% minimum.', ['soy'], []],
  ['Ingredients: Maize starch, raising agents (disodium diphosphate, sodium bicarbonate).', [], []],
  [
    'Raising agents: E450(i), E500(ii); WHEAT flour (WHEAT flour, calcium carbonate, iron, niacin, thiamin).',
    ['wheat'],
    [],
  ],
  [
    'Rapeseed oil (38%), water, shea butter, cocoa butter, salt, emulsifier (mono- and diglycerides of fatty acids), natural flavouring, colour (carotenes).',
    [],
    [],
  ],
  [
    'Vegetable margarine [palm oil, rapeseed oil, water, salt, whey powder (milk)], sugar, egg white powder',
    ['milk', 'egg'],
    [],
  ],
  ['Icing sugar (sugar, maize starch). Free from gluten, milk, egg and nuts.', [], []],
  ['Rolled oats. Produced in a mill that also handles wheat and barley.', ['oats'], ['wheat', 'barley']],
  [
    'Buckwheat flour 100%. Packed in a facility that handles nuts, peanuts and sesame.',
    [],
    [...nuts, 'peanut', 'sesame'],
  ],
  ['Butternut squash, coconut cream, nutmeg, water chestnuts, creamed coconut.', ['coconut'], []],
  ['Oat drink (water, oats 10%), sunflower oil, calcium carbonate, vitamins (D2, B12)', ['oats'], []],
  ['Soya milk, sugar, sea salt, acidity regulator: potassium phosphates; stabiliser: gellan gum.', ['soy'], []],
  ['Water, almonds (2 %), sea salt, locust bean gum.', ['almond'], []],
  [
    'Marzipan (45%) (sugar, almonds, invert sugar syrup), dark chocolate [cocoa mass, sugar, cocoa butter, emulsifier: lecithins (soya)]',
    ['almond', 'soy'],
    [],
  ],
  ['Dates (95%), rice flour.', [], []],
  ['Dried apricots, preservative: sulphur dioxide.', ['sulphites'], []],
  ['Apricots, E220', ['sulphites'], []],
  ['Raisins, sunflower oil. May contain traces of sulphites.', [], ['sulphites']],
  ['Cream of tartar, corn starch, sodium bicarbonate.', [], []],
  ['Glucose syrup (from wheat), sugar, pork gelatine, citric acid, flavouring.', ['wheat'], []],
  ['Maltodextrin, lactic acid, calcium lactate, sodium stearoyl-2-lactylate.', [], []],
  ['Barley malt extract, sugar', ['barley'], []],
  ['Rice malt syrup.', [], []],
  ['Malted barley flour, yeast.', ['barley'], []],
  ['Spelt flour, semolina, bulgur, durum.', ['wheat'], []],
  ['Rice semolina, maize semolina.', [], []],
  ['Atta, maida, ghee, khoya, paneer, dahi.', ['wheat', 'milk'], []],
  ['Seitan, tamari, miso, tofu.', ['wheat', 'soy'], []],
  ['Tahini, halva, gomasio', ['sesame'], []],
  ['Gianduja 30% (sugar, cocoa butter), praline', ['hazelnut'], []],
  ['Peanut butter (peanuts, salt), coconut milk, almond butter.', ['peanut', 'coconut', 'almond'], []],
  ['Egg albumen powder, meringue pieces.', ['egg'], []],
  ['Eggplant, egg replacer (potato starch, tapioca).', [], []],
  ['Non-dairy creamer (glucose syrup, coconut oil, sodium caseinate, stabiliser: E340).', ['milk', 'coconut'], []],
  ['Dairy-free spread (rapeseed oil, water).', [], []],
  ['Milk-free chocolate drops (sugar, cocoa mass, cocoa butter).', [], []],
  ['Peanut-free trail mix: pumpkin seeds, raisins.', [], []],
  ['Worcester sauce (vinegar, molasses, anchovies, tamarind).', ['fish'], []],
  ['Vegetable bouillon: salt, celery, mustard seeds, lupin flour.', ['celery', 'mustard', 'lupin'], []],
  ['Oyster mushrooms, crab apple jelly.', [], []],
  ['Prawn crackers (tapioca starch, prawns), oyster sauce.', ['crustaceans', 'molluscs'], []],
  ['Sugar, wheat flour. Contains: wheat, milk, soya.', ['wheat', 'milk', 'soy'], []],
  ['Sugar, cocoa. CONTAINS MILK. MAY CONTAIN WHEAT, EGG AND NUTS', ['milk'], ['wheat', 'egg', ...nuts]],
  ['Sugar, palm oil. Allergen information: contains gluten (wheat) and milk.', ['wheat', 'milk'], []],
  ['Potato starch. May contain gluten.', [], cereals],
  [
    'Rice flour, tapioca starch. Not suitable for milk allergy sufferers due to the methods used in the manufacture of this product.',
    [],
    ['milk'],
  ],
  ['Dark chocolate: cocoa mass, sugar. We cannot guarantee that this is free of milk.', [], ['milk']],
  ['Sunflower seeds. Made on shared equipment with almonds and walnuts.', [], ['almond', 'walnut']],
  ['Pumpkin seeds. Traces of peanuts possible.', [], ['peanut']],
  [
    'Hazelnuts (13%), skimmed milk powder (8.7%), fat-reduced cocoa, emulsifier: lecithins [soya], vanillin.',
    ['hazelnut', 'milk', 'soy'],
    [],
  ],
  [
    'Sugar, whole egg powder, buttermilk powder, natural vanilla flavouring. Suitable for vegetarians.',
    ['egg', 'milk'],
    [],
  ],
  ['Coconut (desiccated), preservative (sodium metabisulphite).', ['coconut', 'sulphites'], []],
  [
    'Brazil nuts, pistachios, macadamia nuts, pecans, cashews, pine kernels.',
    ['brazilNut', 'pistachio', 'macadamia', 'pecan', 'cashew', 'pineNut'],
    [],
  ],
  ['Fruit: apples 60%, pears 20%, in varying proportions: plums, cherries.', [], []],
  ['Sugar; dried whey; lactose; natural colour (beetroot red, curcumin).', ['milk'], []],
  ['Emulsifiers: E471, E322 (soya), E476; colours: E160a, E100', ['soy'], []],
  ['Custard powder (cornflour, salt, colour: annatto norbixin)', [], []],
  [
    'Isomalt, maltitol syrup, lactitol, sweetener: sucralose. Excessive consumption may produce laxative effects.',
    [],
    [],
  ],
  ['Ground sweet chestnuts, chestnut puree.', [], []],
  ['Tiger nuts, tigernut milk.', [], []],
  ['Beurre, farine de blé, oeufs, noisettes, amandes, lait.', ['milk', 'wheat', 'egg', 'hazelnut', 'almond'], []],
  ['Vegan meringue (sugar, aquafaba), vegan butter (shea butter, rapeseed oil).', [], []],
  ['Gluten free oats. Contains oats.', ['oats'], []],
  ['Triticale flakes', ['wheat', 'rye'], []],
  ['Sugar\nwheat flour\nskimmed milk powder\nsalt', ['wheat', 'milk'], []],
  [
    'Rice flour, potato starch, xanthan gum.\nMay contain: soya, lupin.\nStore in a cool dry place.',
    [],
    ['soy', 'lupin'],
  ],
  [
    'Organic quinoa flakes* (100%). *Organically grown. Packed in an environment where nuts and sesame seeds are present.',
    [],
    [...nuts, 'sesame'],
  ],
  ['Egg free mayonnaise: rapeseed oil, water, vinegar, mustard.', ['mustard'], []],
  ['Plant based cream alternative (water, coconut fat, lentil protein).', ['coconut'], []],
  ['Flaked almonds. Nut shell may be present.', ['almond'], []],
  [
    'Vegetable oils (sunflower 60 %, rapeseed 40 % in varying proportions), water, emulsifiers (lecithins from soybeans, E471), vitamins A and D.',
    ['soy'],
    [],
  ],
  ['Chickpea flour (besan). Produced on equipment which also processes soya & mustard.', [], ['soy', 'mustard']],
  ['Lactose free milk, lactase', ['milk'], []],
  ['Potato starch, psyllium. Gluten-free. Produced in a dedicated nut-free bakery.', [], []],
  ['Rice crispies (rice, sugar, salt, barley malt flavouring)', ['barley'], []],
  ['Allergy advice: for allergens, see ingredients in bold. Rice, **sesame** seeds, oil', ['sesame'], []],
  [
    'Glucose syrup, sugar, skimmed sweetened condensed milk 12%, palm fat, invert sugar syrup, salt, flavouring.',
    ['milk'],
    [],
  ],
  [
    'Rice flour 45 %, potato starch, tapioca starch, thickener: hydroxypropyl methyl cellulose (E464), psyllium fibre',
    [],
    [],
  ],
  [
    'INGREDIENTS: ALMONDS 52%, SUGAR, GLUCOSE SYRUP, INVERTASE, PRESERVATIVE: POTASSIUM SORBATE. MAY CONTAIN TRACES OF OTHER NUTS.',
    ['almond'],
    nuts.filter(one => one !== 'almond'),
  ],
  [
    'Peanuts (97%), sea salt. Allergy advice: for allergens see ingredients in bold. Made in a nut-free factory.',
    ['peanut'],
    [],
  ],
  ['Dried apricots, rice flour, preservative: sulphur dioxide', ['sulphites'], []],
  ['Barley malt extract (barley, water)', ['barley'], []],
  ['Wheat free tamari (water, soya beans, salt, alcohol)', ['soy'], []],
  [
    'Hazelnut paste 13 %, skimmed milk powder 8,7 %, fat-reduced cocoa, emulsifier: lecithins [soya], vanillin',
    ['hazelnut', 'milk', 'soy'],
    [],
  ],
  ['Dextrose; maize starch; anti-caking agent: tricalcium phosphate', [], []],
  ['Coconut milk (60%), water, stabiliser (guar gum). Suitable for vegans.', ['coconut'], []],
  [
    'Cornflakes (maize, sugar, salt, barley malt flavouring), dark chocolate (cocoa mass, sugar, emulsifier: soya lecithins)',
    ['barley', 'soy'],
    [],
  ],
  ['Spelt flour (wholegrain). Not suitable for coeliacs.', ['wheat'], []],
  ['Butter (milk), sugar, free range whole egg, rice flour, xanthan gum', ['milk', 'egg'], []],
  ['Pea protein, rapeseed oil, methylcellulose, lupin flour, yeast extract (barley)', ['lupin', 'barley'], []],
  ['Mustard seed (mustard), cider vinegar, salt', ['mustard'], []],
  [
    'Contains: Soy. Manufactured on equipment that also processes tree nuts, wheat, egg and milk.',
    ['soy'],
    [...nuts, 'wheat', 'egg', 'milk'],
  ],
  ['Gluten free oats. May contain traces of soya.', ['oats'], ['soy']],
  [
    'Pecan halves. We cannot guarantee the absence of other nuts, peanuts or sesame.',
    ['pecan'],
    [...nuts.filter(one => one !== 'pecan'), 'peanut', 'sesame'],
  ],
  ['Semi-skimmed milk, milk proteins, lactase enzyme. Lactose free (<0.1 g/100 g).', ['milk'], []],
  ['Sugar, water, egg albumen powder, gelling agent (agar), citric acid', ['egg'], []],
  ['Sesame seed pulp (tahina) 100%', ['sesame'], []],
  [
    'Vegan white bar: cocoa butter, sugar, rice syrup powder, Bourbon vanilla extract. Made on lines where milk chocolate is made.',
    [],
    ['milk'],
  ],
  ['Soluble maize fibre, sweetener (erythritol), flavouring', [], []],
  [
    'Self-raising flour blend (rice, potato, tapioca, maize, buckwheat), raising agents (mono-calcium phosphate, sodium bicarbonate), thickener (xanthan gum). Does not contain wheat, gluten or milk.',
    [],
    [],
  ],
  ['Worcester sauce [vinegar, molasses, anchovies (fish), tamarind, onion]', ['fish'], []],
  [
    'Jam: plums, sugar, gelling agent: pectins. Packed in a bakery using eggs, milk, nuts and cereals containing gluten.',
    [],
    ['egg', 'milk', ...nuts, ...cereals],
  ],
  ['Cashew nuts 70 %, water, salt, cultures (may contain milk)', ['cashew'], ['milk']],
  ['Custard powder: cornflour, salt, colour (annatto norbixin), flavouring. No milk, no egg.', [], []],
  [
    'Digestive crumbs: wheat flour, palm oil, sugar, wholemeal wheat, oat bran, sodium bicarbonate',
    ['wheat', 'oats'],
    [],
  ],
  ['Marzipan flavoured icing (sugar, glucose, apricot kernels, palm oil, colour: curcumin)', ['almond'], []],
  [
    'Hydrolysed vegetable protein (soya, wheat), celeriac powder, sodium metabisulphite',
    ['soy', 'wheat', 'celery', 'sulphites'],
    [],
  ],
  ['Freeze-dried raspberries, maltodextrin (maize), pine kernels', ['pineNut'], []],
  ['Dairy free spread: sunflower oil 45%, water, palm oil, salt, natural flavouring, vitamins A and D', [], []],
  ['Egg free meringue powder (sugar, potato protein, thickener: cellulose gum)', [], []],
  ['Nut free granola clusters: oats, honey, sunflower seeds', ['oats'], []],
  ['Milk powder. Baked in a kitchen with no nuts.', ['milk'], []],
  ['Teff flour. Milled on equipment where wheat is also milled.', [], ['wheat']],
  ['Demerara sugar. Packed at a site free from peanuts and nuts.', [], []],
  [
    'Chocolate coating [sugar, vegetable fats (palm kernel, shea), whey powder, fat reduced cocoa, emulsifiers (E322 soya, E476)]',
    ['milk', 'soy'],
    [],
  ],
  ['Apple pieces (apple, sodium bisulphite E222, citric acid)', ['sulphites'], []],
  ['Rye sourdough (rye flour, water), sesame', ['rye', 'sesame'], []],
  ['Toasted pistachio kernels (may contain other nuts)', ['pistachio'], nuts.filter(one => one !== 'pistachio')],
  ['Halva (sesame paste, glucose syrup, soapwort root), pistachios 3%', ['sesame', 'pistachio'], []],
  ['Chickpea flour (besan). Processed in a unit that also processes mustard and peanuts.', [], ['mustard', 'peanut']],
  ['Ghee 100 %', ['milk'], []],
  ['Macadamia nut oil, refined', ['macadamia'], []],
  ['Malted millet flour, sorghum flour', [], []],
  ['Malt vinegar (barley), sugar', ['barley'], []],
  ['Butterscotch pieces: sugar, glucose syrup, butter, salt', ['milk'], []],
  ['Aquafaba (chickpeas, water), salt', [], []],
  ['Sunflower seeds, pumpkin seeds, golden linseed. Trace of peanut possible.', [], ['peanut']],
  ['Cream of coconut, sugar, polysorbate 60', ['coconut'], []],
  ['Wheat starch (gluten removed), maize flour', ['wheat'], []],
  ['Oatcakes: wholegrain oats (89%), palm oil, sea salt. Not suitable for milk allergy sufferers.', ['oats'], ['milk']],
  [
    'Nougat (honey, sugar, almonds 18%, egg white, wafer paper (potato starch, water, olive oil))',
    ['almond', 'egg'],
    [],
  ],
  ['Rice crispies: rice, sugar, salt, barley malt extract. Gluten free.', ['barley'], []],
  [
    'Lemon curd: sugar, pasteurised egg, butter (cow’s milk), lemon juice from concentrate, gelling agent: pectin',
    ['egg', 'milk'],
    [],
  ],
  ['Prawn crackers (tapioca, prawn 8 % (crustacean), sugar, salt)', ['crustaceans'], []],
  ['Yoghurt powder, strawberry powder', ['milk'], []],
  ['Vegetable suet: palm oil, sunflower oil, rice flour. No artificial colours.', [], []],
  ['Quinoa flakes; amaranth; may contain gluten', [], cereals],
  ['Sucre, farine de blé, beurre, oeufs', ['wheat', 'milk', 'egg'], []],
  ['Malted milk powder, sugar', ['milk', 'barley'], []],
  ['Malted sorghum flour', [], []],
  ['Malted milk biscuit crumbs, malted wheat', ['milk', 'barley', 'wheat'], []],
  ['Sugar. Packed in a facility that does not segregate peanuts.', [], ['peanut']],
  ['Sugar. Made where hazelnuts are roasted.', [], ['hazelnut']],
  ['Rice. Made on a line free from milk.', [], []],
]

const sorted = (codes: readonly string[]) => [...codes].sort()

describe('the allergens a statement speaks of', () => {
  it.each(printed)('%s', (text, contains, mayContain) => {
    const read = readStatement(text)
    expect({ contains: sorted(read.contains), mayContain: sorted(read.mayContain) }).toEqual({
      contains: sorted(contains),
      mayContain: sorted(mayContain),
    })
  })
  it('come with the word each was taken from', () =>
    expect(readStatement('Ghee, maida, sugar. May contain traces of nuts.').words).toMatchObject({
      milk: 'Ghee',
      wheat: 'maida',
      almond: 'nuts',
    }))
  it('show a warning that names nothing known, and take an endless one for a list', () => {
    expect(readStatement('Sugar. Packed in a factory with other products.').unread).toEqual([
      'Packed in a factory with other products.',
    ])
    expect(readStatement(`Sugar. ${'made in a mill on a line '.repeat(3000)} with milk.`).contains).toEqual(['milk'])
  })
  it('are never taken back by a promise of absence', () => {
    const { contains, mayContain, unread } = readStatement('Maize starch, sugar. Free from wheat and milk.')
    expect({ contains, mayContain, unread }).toEqual({
      contains: [],
      mayContain: [],
      unread: ['Free from wheat and milk.'],
    })
    expect(readStatement('Sugar, whole milk powder. Milk free.').contains).toEqual(['milk'])
  })
})

describe('the tree of a statement', () => {
  it('reads brackets, percentages, classes and E numbers', () => {
    const { components } = readStatement(
      'Ingredients: Rapeseed oil (38%), water, dark chocolate 20% (cocoa mass, sugar, emulsifier: soya lecithin), raising agents: E450, sodium bicarbonate; salt.',
    )
    expect(components).toEqual([
      { name: 'Rapeseed oil', percent: 38 },
      { name: 'water' },
      {
        name: 'dark chocolate',
        percent: 20,
        components: [{ name: 'cocoa mass' }, { name: 'sugar' }, { name: 'soya lecithin', functionClass: 'emulsifier' }],
      },
      { name: 'E450', eNumber: 'E450', functionClass: 'raising agent' },
      { name: 'sodium bicarbonate', functionClass: 'raising agent' },
      { name: 'salt' },
    ])
  })
  it.each<[string, Component[]]>([
    ['40 % sugar', [{ name: 'sugar', percent: 40 }]],
    ['sugar [min. 12.5%]', [{ name: 'sugar', percent: 12.5 }]],
    ['sugar 12,5 %, salt', [{ name: 'sugar', percent: 12.5 }, { name: 'salt' }]],
    [
      'sugar (at least 40%) (cane sugar, molasses)',
      [{ name: 'sugar', percent: 40, components: [{ name: 'cane sugar' }, { name: 'molasses' }] }],
    ],
    [
      'emulsifier (E322 (soya)), salt',
      [
        { name: 'E322', eNumber: 'E322', functionClass: 'emulsifier', components: [{ name: 'soya' }] },
        { name: 'salt' },
      ],
    ],
    ['E450(i)', [{ name: 'E450', eNumber: 'E450(i)' }]],
    ['sodium bicarbonate (E500(ii))', [{ name: 'sodium bicarbonate', eNumber: 'E500(ii)' }]],
    [
      'emulsifier: soya lecithin, salt and flavouring',
      [{ name: 'soya lecithin', functionClass: 'emulsifier' }, { name: 'salt' }, { name: 'flavouring' }],
    ],
    ['fruit (of which raspberries 60 %)', [{ name: 'fruit', components: [{ name: 'raspberries', percent: 60 }] }]],
    [
      'vegetable oils (palm, rapeseed) in varying proportions',
      [{ name: 'vegetable oils', components: [{ name: 'palm' }, { name: 'rapeseed' }] }],
    ],
    [
      'filling {jam [plums (50%), sugar], custard}',
      [
        {
          name: 'filling',
          components: [
            { name: 'jam', components: [{ name: 'plums', percent: 50 }, { name: 'sugar' }] },
            { name: 'custard' },
          ],
        },
      ],
    ],
  ])('%s', (text, expected) => expect(readStatement(text).components).toEqual(expected))
  it('reads back what it wrote', () => {
    const text = 'rapeseed oil (38 %), water, filling (sugar, egg white), emulsifiers: E471, soya lecithin'
    const once = readStatement(text).components
    expect(readStatement(compositionText(once)).components).toEqual(once)
  })
  it('is not swallowed by an open bracket, and says what cannot be right', () => {
    const open = readStatement('sugar, jam (plums, sugar, wheat flour, salt')
    expect(open.components.map(one => one.name)).toEqual(['sugar', 'jam'])
    expect([open.contains, open.doubts]).toEqual([
      ['wheat'],
      ['A bracket is opened and not closed: check where it ends.'],
    ])
    expect(readStatement('sugar), salt').doubts).toEqual(['A bracket is closed that was never opened.'])
    expect(readStatement('sugar 140 %, salt').doubts).toContain('“140 %” is more than the whole.')
    expect(readStatement('sugar 80 %, oil 60 %').doubts).toEqual(['The shares add up to 140 %.'])
  })
  it('takes nothing from nothing, and never throws', () => {
    expect(readStatement(' ').components).toEqual([])
    const odd = fc.string({ unit: fc.constantFrom(...'abE(1%),;:[]{}. \n&e-4'.split('')), maxLength: 60 })
    fc.assert(
      fc.property(odd, text => {
        expect(Array.isArray(readStatement(text).components)).toBe(true)
      }),
    )
  })
  it('naming one thing more never takes an allergen away', () => {
    const some = fc.subarray(['sugar', 'whole milk', 'wheat flour', 'cocoa butter', 'ground almonds', 'salt'], {
      minLength: 1,
    })
    fc.assert(
      fc.property(some, some, (a, b) => {
        const more = readStatement([...a, ...b].join(', ')).contains
        expect(readStatement(a.join(', ')).contains.filter(code => !more.includes(code))).toEqual([])
      }),
    )
  })
})

describe('a statement without end', () => {
  it('is left unread, at once; what it speaks of is proposed all the same', () => {
    for (const text of ['(may contain '.repeat(2000), 'sugar, '.repeat(4000)])
      expect(readStatement(text)).toMatchObject({ components: [], contains: [], mayContain: [], unread: [text.trim()] })
    const deep = readStatement(`${'('.repeat(25)}milk powder, hazelnuts${')'.repeat(25)}`)
    expect([...deep.contains].sort()).toEqual(['hazelnut', 'milk'])
    expect(deep.doubts[0]).toContain('too long, or has brackets too deep')
    expect(readStatement('a (b (c (d (milk))))').contains).toEqual(['milk'])
  })
})

describe('nuts of one kind', () => {
  it.each([
    ['May contain pecans and brazil nuts', ['pecan', 'brazilNut']],
    ['May contain cashew nuts', ['cashew']],
    ['May contain almonds and other nuts', [...treeNuts]],
    ['May contain hazel nuts and wal nuts', ['hazelnut', 'walnut']],
    // ground they are still nuts, and nobody says of which kind
    ['May contain ground nuts', [...treeNuts]],
    ['Sugar, cocoa. Made in a nut free factory on a line where almonds are roasted', ['almond']],
    ['Sugar, cocoa. Made in our nut free factory', []],
  ])('%s', (text, kinds) => expect(new Set(readStatement(text).mayContain)).toEqual(new Set(kinds)))
  it('what a law has to do with it makes no warning of a list', () =>
    expect(readStatement('Allergens, in line with Regulation 1169/2011: wheat, milk')).toMatchObject({
      contains: ['wheat', 'milk'],
      mayContain: [],
    }))
  it('what is said to be in the factory may be in the food', () =>
    expect(readStatement('Cocoa mass, sugar; allergens in the factory: milk, hazelnut')).toMatchObject({
      contains: [],
      mayContain: ['milk', 'hazelnut'],
    }))
})

describe('clauses parted by a sign', () => {
  it.each<[string, string[], string[]]>([
    ['Traces: celery, lupin / Contains: egg', ['egg'], ['celery', 'lupin']],
    ['Allergens: eggs, sesame | may contain celery', ['egg', 'sesame'], ['celery']],
    ['Semi skimmed UHT • may contain egg', ['milk'], ['egg']],
    ['Zucker, Eiweiß, Salz', ['egg'], []],
  ])('%s', (text, contains, mayContain) => {
    const read = readStatement(text)
    expect([[...read.contains].sort(), [...read.mayContain].sort()]).toEqual([contains, mayContain])
  })
})
