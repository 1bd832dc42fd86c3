// The fourteen groups of Annex II to Regulation (EU) No 1169/2011 as each language edition names them, from memory; and how
// a pack there warns (common practice). Each name is to be heard, and each warning to be a warning.
import { readStatement } from '@fair-tin/core'
import { openFoodIn } from '@fair-tin/core/recipe'
import { expect, it } from 'vitest'

const order = 'wheat crustaceans egg fish peanut soy milk nuts celery mustard sesame sulphites lupin molluscs'.split(
  ' ',
)
/** The fourteen names in that order, a warning, and a denial; "%" is the name. */
const editions: Record<string, readonly [names: string, warning: string, denial: string]> = {
  English: [
    'wheat | crustaceans | eggs | fish | peanuts | soybeans | milk | nuts | celery | mustard | sesame seeds | sulphur dioxide | lupin | molluscs',
    'May contain %.',
    'Free from %.',
  ],
  German: [
    'Weizen | Krebstiere | Eier | Fische | Erdnüsse | Sojabohnen | Milch | Schalenfrüchte | Sellerie | Senf | Sesamsamen | Schwefeldioxid | Lupinen | Weichtiere',
    'Kann Spuren von % enthalten.',
    'Ohne %.',
  ],
  French: [
    'blé | crustacés | œufs | poissons | arachides | soja | lait | fruits à coque | céleri | moutarde | graines de sésame | anhydride sulfureux | lupin | mollusques',
    'Peut contenir des traces de %.',
    'Sans %.',
  ],
  Italian: [
    'grano | crostacei | uova | pesce | arachidi | soia | latte | frutta a guscio | sedano | senape | semi di sesamo | anidride solforosa | lupini | molluschi',
    'Può contenere tracce di %.',
    'Senza %.',
  ],
  Spanish: [
    'trigo | crustáceos | huevos | pescado | cacahuetes | soja | leche | frutos de cáscara | apio | mostaza | granos de sésamo | dióxido de azufre | altramuces | moluscos',
    'Puede contener trazas de %.',
    'Sin %.',
  ],
  Portuguese: [
    'trigo | crustáceos | ovos | peixes | amendoins | soja | leite | frutos de casca rija | aipo | mostarda | sementes de sésamo | dióxido de enxofre | tremoço | moluscos',
    'Pode conter vestígios de %.',
    'Sem %.',
  ],
  Dutch: [
    'tarwe | schaaldieren | eieren | vissen | pinda’s | soja | melk | noten | selderij | mosterd | sesamzaad | zwaveldioxide | lupine | weekdieren',
    'Kan sporen van % bevatten.',
    'Zonder %.',
  ],
  Polish: [
    'pszenica | skorupiaki | jaja | ryby | orzeszki ziemne | soja | mleko | orzechy | seler | gorczyca | nasiona sezamu | dwutlenek siarki | łubin | mięczaki',
    'Może zawierać %.',
    'Bez %.',
  ],
  Czech: [
    'pšenice | korýši | vejce | ryby | arašídy | sójové boby | mléko | skořápkové plody | celer | hořčice | sezamová semena | oxid siřičitý | vlčí bob | měkkýši',
    'Může obsahovat stopy %.',
    'Bez %.',
  ],
  Swedish: [
    'vete | kräftdjur | ägg | fisk | jordnötter | sojabönor | mjölk | nötter | selleri | senap | sesamfrön | svaveldioxid | lupin | blötdjur',
    'Kan innehålla spår av %.',
    'Utan %.',
  ],
  Danish: [
    'hvede | krebsdyr | æg | fisk | jordnødder | sojabønner | mælk | nødder | selleri | sennep | sesamfrø | svovldioxid | lupin | bløddyr',
    'Kan indeholde spor af %.',
    'Uden %.',
  ],
  Finnish: [
    'vehnä | äyriäiset | kananmunat | kalaa | maapähkinät | soijapavut | maito | pähkinät | selleri | sinappi | seesaminsiemenet | rikkidioksidi | lupiinit | nilviäiset',
    'Saattaa sisältää %.',
    'Ilman %.',
  ],
  Greek: [
    'σιτάρι | καρκινοειδή | αυγά | ψάρια | αραχίδες | σόγια | γάλα | καρποί με κέλυφος | σέλινο | σινάπι | σπόροι σησαμιού | διοξείδιο του θείου | λούπινο | μαλάκια',
    'Μπορεί να περιέχει ίχνη %.',
    'Χωρίς %.',
  ],
  Russian: [
    'пшеница | ракообразные | яйца | рыба | арахис | соя | молоко | орехи | сельдерей | горчица | кунжут | диоксид серы | люпин | моллюски',
    'Может содержать следы %.',
    'Без %.',
  ],
  Ukrainian: [
    'пшениця | ракоподібні | яйця | риба | арахіс | соя | молоко | горіхи | селера | гірчиця | кунжут | діоксид сірки | люпин | молюски',
    'Може містити сліди %.',
    'Без %.',
  ],
}
const nuts = ['almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazilNut', 'pistachio', 'macadamia']
const named = (names: string) => names.split(' | ')
const cases = Object.entries(editions).flatMap(([tongue, [names, warning, denial]]) =>
  named(names).map((name, at) => ({
    tongue,
    name,
    code: order[at]!,
    warning: warning.replace('%', name),
    denial: denial.replace('%', name),
  })),
)
/** Every code that is contained, or asked about as a kind of a group. */
const heard = (text: string) => {
  const { contains, groups } = readStatement(text)
  return [...contains, ...groups.flatMap(group => group.codes)] as string[]
}

it.each(Object.keys(editions))('%s names all fourteen', tongue =>
  expect(named(editions[tongue]![0])).toHaveLength(order.length),
)
it.each(cases)('$tongue: $name is heard in a list, and no other of the fourteen', ({ name, code }) => {
  const said = heard(`rice, sugar, ${name}, salt`)
  const own = code === 'nuts' ? nuts : [code]
  for (const one of own) expect(said).toContain(one)
  // a group may hold more than its kinds
  const others = code === 'nuts' ? ['milk', 'wheat', 'egg'] : [...order, ...nuts].filter(one => !own.includes(one))
  expect(said.filter(one => others.includes(one))).toEqual([])
})
it.each(cases)('$tongue: $warning', ({ warning, code }) => {
  const { contains, mayContain } = readStatement(`Rice, sugar. ${warning}`)
  expect(contains).toEqual([])
  const own: string[] = code === 'nuts' ? nuts : [code]
  for (const one of own) expect(mayContain).toContain(one)
  expect(mayContain.filter(one => !own.includes(one) && [...order, ...nuts].includes(one))).toEqual([])
})
it.each(cases)('$tongue: $denial is no proof, and contains nothing', ({ denial }) => {
  const { contains, mayContain, groups, unread } = readStatement(`Rice, sugar. ${denial}`)
  expect([contains, mayContain, groups]).toEqual([[], [], []])
  expect(unread.join(' ')).toContain(denial.split(' ')[0])
})
/** What a tin is strewn with and a base is made of: breadcrumbs, biscuits, puff pastry. Common practice, from memory. */
const bakes: Record<string, readonly string[]> = {
  German: ['Semmelbrösel', 'Semmelbröseln', 'Butterkekse', 'Blätterteig', 'Paniermehl', 'Löffelbiskuits'],
  French: ['chapelure', 'biscottes écrasées', 'pâte feuilletée', 'farine'],
  Italian: ['pangrattato', 'biscotti secchi', 'savoiardi', 'farina'],
  Spanish: ['pan rallado', 'galletas', 'hojaldre', 'harina'],
  Portuguese: ['farinha de rosca', 'bolachas', 'massa folhada', 'farinha'],
  Dutch: ['paneermeel', 'beschuit', 'bladerdeeg', 'koekjes', 'bloem'],
  Polish: ['bułka tarta', 'bułką tartą', 'herbatniki', 'ciasto francuskie'],
  Czech: ['strouhanka', 'strouhankou', 'piškoty', 'sušenky'],
  Swedish: ['ströbröd', 'digestivekex', 'smördeg'],
  'Danish and Norwegian': ['rasp', 'kiks', 'butterdeig', 'griljermel'],
  Finnish: ['korppujauhoja', 'keksejä', 'lehtitaikina'],
  Greek: ['φρυγανιά', 'μπισκότα', 'σφολιάτα'],
  Russian: ['панировочные сухари', 'печенье', 'мука'],
  Ukrainian: ['сухарі', 'печиво', 'борошно'],
}
it.each(Object.entries(bakes).flatMap(([tongue, words]) => words.map(word => [tongue, word] as const)))(
  '%s: “%s” is asked for its gluten, in a list and in a method',
  (_, word) => {
    expect(heard(`rice, ${word}, salt`)).toContain('wheat')
    const line = {
      id: 'a',
      of: { ingredient: 'rice' },
      amount: { value: 100, unit: 'g' as const },
      role: 'mix' as const,
    }
    const recipe = {
      id: 'loaf',
      version: 1,
      name: 'Loaf',
      lines: [line],
      steps: [{ text: `1. ${word}.`, when: 'bench' as const }],
    }
    expect(openFoodIn(recipe, { ingredients: [{ id: 'rice', name: 'rice' }], recipes: [recipe] })).toHaveLength(1)
  },
)
it.each(['harina de arroz', 'farinha de arroz', 'Maismehl', 'farine de riz'])('“%s” is no wheat', word =>
  expect(heard(`salt, ${word}`)).not.toContain('wheat'),
)
it('a tongue that is not known is said to be, and nothing is taken from it', () => {
  for (const text of ['米粉、砂糖、小麦粉、牛乳', 'unga wa ngano, sukari, mayai, maziwa'])
    expect(readStatement(text).doubts.join()).toContain('have it read by somebody who speaks it')
  expect(readStatement('Rice flour, sugar, salt, xanthan gum').doubts).toEqual([])
})
