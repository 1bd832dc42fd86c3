// Foods that are made of others and do not say which, in English: a row for what is usually in them. Common practice, no published
// source. In other tongues: madeAbroad.ts.
import { type AllergenCode, glutenCereals, treeNuts } from '../model/allergen'

type Group = readonly AllergenCode[]
export interface MadeFood {
  /** Regular expression source, whole words. */
  words: string
  groups: readonly Group[]
  /** Standing beside the word, it makes another thing of it that holds none of these: "rice noodles", "liquorice root". */
  but?: string
  /** Only as the whole name: "teff flour" names its kind. */
  whole?: true
}
const gluten = glutenCereals
const milk: Group = ['milk']
const egg: Group = ['egg']
const otherGrain =
  'rice|corn|maize|potato|tapioca|buckwheat|gram|chickpea|lentil|sorghum|teff|millet|quinoa|coconut|soya?|glass|konjac'
const withoutAnimals = 'vegan|plant|plant[- ]based|dairy[- ]free'
const ofPlants = `${withoutAnimals}|soya?|oat|coconut|rice|almond|cashew`
export const madeFoods: readonly MadeFood[] = [
  {
    words:
      'bread ?crumbs?|croutons?|bread|toast|pretzels?|batter|breading|stuffing|pitt?as?(?: breads?)?|naans?|bagels?|simits?|pumpernickel|baguettes?|ciabattas?|focaccias?|sourdoughs?(?! starter)|challah|crumpets?|tea ?cakes?|muffins?|buns?|bread rolls?|dumplings?|gnocchi|ravioli|lasagne? sheets?|wontons?(?: (?:wrappers?|skins?))?|kataifi|fideos?|churros?|streusels?|crumble topping|tabbouleh|gravy(?: (?:granules|powder|mix))?|yeast extract|brewer.?s yeast|corn ?flakes?|(?:rice|cereal) crispies|crisped rice|crisp ?breads?|rusks?|melba toasts?',
    groups: [gluten],
  },
  {
    words:
      'crackers?|wafers?|ice cream cones?|cornets?|noodles?|pasta|spaghetti|macaroni|vermicelli|cereals?|tortillas?|crisp cereal|puffed cereals?',
    but: otherGrain,
    groups: [gluten],
  },
  {
    words:
      'rotis?|chapatt?is?|parathas?|lavash|lavosh|flat ?breads?|pides?|khachapuri|mantou|(?:sandwich |wholemeal |white )?wraps|tagliatelle|fettuccine|linguine|penne|fusilli|rigatoni|farfalle|cannelloni|tortellini|pappardelle|fregola|ramen|udon|soba|orzo|gyozas?(?: (?:wrappers?|skins?))?|spring rolls?(?: wrappers?)?|samosas?|pasties|pizza (?:bases?|dough)',
    but: otherGrain,
    groups: [gluten],
  },
  {
    words:
      'parkins?|malt loa(?:f|ves)|tea ?loa(?:f|ves)|bara brith|(?:barm)?brack|bannocks?|farls?|stotties?|pikelets?|vol[- ]au[- ]vents?(?: cases?)?|bouch[eé]es?|(?:pie|cannoli) shells?|crostini|bread ?sticks?|short ?crust|turnovers?|sausage rolls?|(?:suet|steamed) puddings?|toad in the hole|crumb coating|(?:crumble|cobbler|scone|muffin|brownie|cookie|bread|batter|pancake|waffle|sponge) (?:mix|topping)|custard creams?|rich teas?|tuiles?|langues? de chat|brandy snaps?|palmiers?|rugelach|hamantaschen|kolaches?|pains? au chocolat|kugelhopf|gugelhupf|blondies?|ginger ?snaps?|roulades?|viennese whirls?|knafeh|kunafa|kanafeh|künefe|french toast|popovers?|scotch eggs?',
    groups: [gluten],
  },
  { words: 'muesli|granola', groups: [gluten] },
  { words: 'rolls|(?:bread|bridge|finger) roll', groups: [gluten] },
  { words: 'flap ?jacks?|oat ?cakes?|porridge', groups: [['oats']] },
  { words: 'muesli|granola', groups: [treeNuts], but: 'nut[- ]free' },
  { words: 'liquorice|licorice', but: 'root|extract|powder', groups: [gluten] },
  { words: 'mock duck', groups: [gluten] },
  { words: 'hoisin', groups: [gluten, ['soy']] },
  { words: 'beers?|ales?|stouts?|lagers?|porters?|malt drink', but: 'ginger|root', groups: [gluten] },
  {
    words:
      '(?:(?:plain|strong|white|brown|bread|cake|self[- ]raising|wholemeal|whole ?grain|ww|fortified|all[- ]purpose|00|patent|pastry) )*flour',
    whole: true,
    groups: [gluten],
  },
  {
    words:
      'biscuits?|cookies?|digestives?|short ?bread|short ?cakes?|ginger ?bread|ginger ?nuts?|lebkuchen|specul(?:oos|aas)|biscotti|cantucci|savoiardi|lady ?fingers?|sponge fingers?|(?<!\\b(?:rice|oat) ?)cakes?|sponges?|pastry|pastries|pie crusts?|(?:tart(?:let)?|pastry|flan|blind[- ]baked|bought|ready[- ]made) (?:cases?|shells?)|choux|strudel|[ée]clairs?|profiteroles?|brownies?|scones?|doughnuts?|donuts?|waffles?|pancakes?',
    but: 'decorations?|boards?',
    groups: [gluten, milk, egg],
  },
  {
    words:
      'brioches?|croissants?|panettone|stollen|babas?|yorkshire puddings?|quiches?|cr[eê]pes?|blinis?|trifle|genoises?|g[eé]noises?|madeleines?|battenberg|bakewells?|(?:christmas|bread|sponge|plum) pudding|linzer ?torten?|clafoutis|swiss roll',
    groups: [gluten, milk, egg],
  },
  { words: 'financiers?|joconde', groups: [gluten, ['almond'], egg] },
  { words: 'dacquoises?|panforte', groups: [treeNuts] },
  { words: 'dacquoises?|pavlovas?', groups: [egg] },
  {
    words: 'stollen|bakewells?|battenberg|biscotti|cantucci(?:ni)?|orgeat|persipan|marchpane|ricciarelli',
    groups: [['almond']],
  },
  { words: 'linzer ?torten?|lebkuchen|halva', but: 'sesame', groups: [treeNuts] },
  { words: 'nocino', groups: [['walnut']] },
  { words: 'baklava', groups: [gluten, treeNuts] },
  { words: 'mince ?meat', groups: [gluten, treeNuts] },
  { words: 'trail mix|fruit and nut mix', groups: [[...treeNuts, 'peanut']] },
  { words: 'nougat|turr[oó]n|torrone', groups: [treeNuts, egg] },
  {
    words:
      'pralin[eé]s?|gianduja|gianduia|krokant|nut (?:paste|butter|spread|mix)|choc(?:olate)? spread|rocher|florentines?',
    groups: [treeNuts],
  },
  { words: 'macarons?', groups: [['almond'], egg] },
  { words: 'pesto', groups: [milk, [...treeNuts, 'pineNut']] },
  { words: 'satay', groups: [['peanut']] },
  { words: 'dukkah|duqqa', groups: [treeNuts, ['sesame']] },
  { words: "za['’]?atar", groups: [['sesame']] },
  {
    words: '(?:\\p{L}+: )?l[eé]c[iy]th?in[\\p{L}]*',
    but: 'sunflower|sonnenblumen\\p{L}*|tournesol|girasole?|zonnebloem\\p{L}*|słonecznik\\p{L}*|raps|colza|koolzaad|rapeseed|canola',
    groups: [['soy', 'egg']],
  },
  {
    words:
      'butter ?creams?|toffees?|fudge|caramel sauce|salted caramel|butterscotch|white chocolate|ganache|cheesecake|tiramisu|cr[eè]me p[aâ]t(?:issi[eè]re)?|kulfi|semifreddo|rasmalai|alfredo|tzatziki|raita|mousses?|souffl[eé]s?|hot chocolate powder|drinking chocolate',
    but: withoutAnimals,
    groups: [milk],
  },
  // such a thing is named by what stands for its milk: "oat creamer", but "almond toffee" is toffee
  {
    words: 'custard(?! powder)|custard powder|gelato|(?:coffee |milk |tea )?(?:whitener|creamer)|margarine',
    but: ofPlants,
    groups: [milk],
  },
  { words: 'roux|b[eé]chamel|white sauce', groups: [gluten, milk] },
  {
    words:
      'marshmallow fluff|royal icing|advocaat|lemon curd|custard(?! powder)|cr[eè]me (?:p[aâ]t(?:issi[eè]re)?|anglaise)|mousses?|souffl[eé]s?|sabayon|zabagli?one|egg ?nog|hollandaise|aioli|frittatas?|tiramisu|challah|fresh pasta|tartare? sauce|remoulade|ice cream|gelato',
    but: 'vegan|plant|plant[- ]based|egg[- ]free',
    groups: [egg],
  },
  { words: 'mayonnaise|mayo|aioli|remoulade|piccalilli', groups: [['mustard']] },
  { words: 'shrimp paste|belacan|curry paste|bisque|scampi', groups: [['crustaceans']] },
  { words: 'kimchi|furikake|caesar dressing|tapenade|dashi', groups: [['fish']] },
  { words: 'furikake|baba ganoush|baba ghanoush|falafels?|gomashio', groups: [['sesame']] },
  {
    words:
      'junket|blancmange|(?:rice|semolina|tapioca|sago) puddings?|milk ?shakes?|malted (?:drink|milk)(?: powder)?|(?:whipped|dessert) toppings?|caramels|caramel (?:pieces|bits|chips)|chantilly|hot chocolate|cappuccino(?: mix)?|choc ?ices?|possets?|syllabubs?|banoffee|tres leches|rarebit|(?:white|wht|milk) choc(?! of)',
    but: ofPlants,
    groups: [milk],
  },
  {
    words:
      'omelettes?|b[eé]arnaise|carbonara|popovers?|french toast|scotch woodcock|marshmallow cr[eè]me|fresh (?:tagliatelle|ravioli|lasagne)|fondant fanc(?:y|ies)',
    but: 'vegan|plant|plant[- ]based|egg[- ]free',
    groups: [egg],
  },
  {
    words: 'romesco|florentine mix|(?<!(?:until|is|are|be|very|too|so|more|goes|turns?|becomes?|and) )brittle',
    groups: [[...treeNuts, 'peanut']],
  },
  { words: 'macaroons?', but: 'coconut', groups: [treeNuts] },
  { words: 'black bean sauce', groups: [['soy'], gluten] },
  { words: 'simsim|benne seeds?', groups: [['sesame']] },
  { words: 'bottarga|garum|taramasalata|nuoc mam', groups: [['fish']] },
  { words: 'mirepoix|soffritto', groups: [['celery']] },
  { words: 'snails?|cockles?', groups: [['molluscs']] },
  { words: 'stock|bouillon', groups: [['celery'], gluten] },
  { words: 'soy sauce|teriyaki', groups: [['soy'], gluten] },
  {
    words: '(?:textured |hydroly[sz]ed )?vegetable proteins?|tvp',
    groups: [['soy', 'wheat']],
  },
  {
    words:
      'wine|wine vinegar|balsamic vinegar|cider|perry|(?:tawny|ruby) port|port wine|marsala|sherry|madeira(?! cakes?)|champagne|cava|prosecco|vermouth|sauternes|muscat|mead',
    groups: [['sulphites']],
  },
  {
    words:
      '(?:dried|ready[- ]to[- ]eat) (?:apricots?|mango(?:e?s)?|pears?|apples?|peaches)|golden (?:sultanas?|raisins?)|(?:glac[eé]|maraschino|cocktail) cherr(?:y|ies)|(?:candied|mixed|crystallised) (?:peel|fruits?)',
    but: 'unsulph?f?ured|unsulph?f?ited|organic|sulph?f?(?:ur|ite)[- ]free',
    groups: [['sulphites']],
  },
]
