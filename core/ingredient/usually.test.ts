// Foods that are made of others, and what is usually in them: written down from the trade before the list was looked at, so that
// what it does not know shows. Common practice, no published source.
import { describe, expect, it } from 'vitest'
import type { AllergenCode } from '../model/allergen'
import { unknownIngredient } from '../model/ingredient'
import type { Recipe } from '../model/recipe'
import { openFoodIn } from '../recipe/openFood'
import { groupMentions, mentions } from './lexicon'
import { spokenIn } from './spoken'
import { usuallyIn } from './usually'

const made: Partial<Record<AllergenCode, string>> = {
  wheat:
    'croutons|graham crackers|malted milk|panko|pumpernickel|puff pastry|ravioli|lasagne sheets|seitan|stuffing mix|tabbouleh|udon|wheatgerm|wonton wrappers|yeast extract|brewer’s yeast|stout|crispbread|cornflakes|rice crispies|muesli|granola|digestives|ginger nuts|shortbread|gravy granules|soy sauce|teriyaki|hoisin|baguette|ciabatta|sourdough|pita|pretzels|waffles|pancake mix|yorkshire pudding|gnocchi|roux|bechamel|white sauce|profiteroles|eclairs|crumpets|scones|battenberg|lebkuchen|baklava|kataifi|fideo|tempura batter|liquorice|genoise|madeleines|quiche|crêpes|trifle|christmas pudding|financiers|stollen|brioche',
  milk: 'creme patissiere|crème anglaise|custard|halloumi|pecorino|gouda|brie|evap|NFDM|SMP|milk chocolate|white chocolate|salted caramel|toffee|butterscotch|fudge|ganache|buttercream|gelato|kulfi|rasmalai|panna cotta|tiramisu|cheesecake|bechamel|tzatziki|raita|lassi|margarine|brioche|hot chocolate powder|coffee whitener|creamer|mousse|soufflé|quiche|trifle',
  egg: 'egg wash|meringue|mayonnaise|aioli|hollandaise|custard|lemon curd|royal icing|nougat|marshmallow fluff|sponge|ladyfingers|zabaglione|sabayon|advocaat|eggnog|livetin|vitellin|brioche|macarons|quiche|frittata|fresh pasta|pavlova|souffle|mousse|genoise|choux|challah|tartare sauce|ice cream|dacquoise|financiers',
  almond:
    'marzipan|frangipane|amaretti|amaretto|nougat|nougatine|nut butter|turron|baklava|pesto|florentines|macarons|dukkah|bakewell|orgeat|krokant|dacquoise|financiers|stollen|biscotti|cantuccini|marchpane|persipan|mincemeat|trail mix|muesli|granola|lebkuchen|halva|panforte|joconde',
  sesame: 'tahini|halva|za’atar|dukkah|hummus|gomashio|furikake|til oil|falafel|baba ganoush',
  soy: 'tofu|bean curd|yuba|kinako|miso|tamari|TVP|textured vegetable protein|hydrolysed vegetable protein|lecithin|teriyaki|hoisin',
  peanut: 'groundnut oil|arachis oil|satay|monkey nuts|goobers|PB',
  mustard: 'dijon|piccalilli|mayonnaise|aioli',
  fish: 'anchovies|worcester sauce|caesar dressing|nam pla|surimi|caviar|bonito|dashi|tapenade|kimchi',
  crustaceans: 'shrimp paste|belacan|glucosamine|chitosan|bisque|scampi|krill oil',
  molluscs: 'oyster sauce|squid ink|clam juice|escargots|abalone',
  sulphites:
    'wine|dried apricots|dried mango|golden sultanas|glacé cherries|mixed peel|wine vinegar|balsamic vinegar|cider',
  celery: 'celery salt|stock|bouillon|vegetable stock',
}
const rows = Object.entries(made).map(([code, words]) => [code as AllergenCode, words.split('|')] as const)
/** Heard: named, or asked about. */
const heard = (text: string): AllergenCode[] => [
  ...mentions(text).map(one => one.code),
  ...groupMentions(text).flatMap(one => one.codes),
  ...usuallyIn([{ name: text }]).flatMap(one => one.codes),
]
const kindOf: Partial<Record<AllergenCode, AllergenCode[]>> = {
  wheat: ['wheat', 'rye', 'barley', 'oats'],
  almond: ['almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazilNut', 'pistachio', 'macadamia'],
}
const speaksOf = (said: Iterable<AllergenCode>, code: AllergenCode) =>
  [...said].some(one => (kindOf[code] ?? [code]).includes(one))

describe('what is made of others', () => {
  it.each(rows)(
    'is never silent about %s: by its name, in a list, in capitals, with something before it',
    (code, words) => {
      for (const word of words) {
        const ways = [word, word.toUpperCase(), `Tarn Mill ${word}`, `${word}, 1 kg`, `some ${word}`]
        for (const way of ways) expect(speaksOf(heard(way), code), way).toBe(true)
        const article = { ...unknownIngredient('x', 'filling'), composition: [{ name: 'sugar' }, { name: word }] }
        expect(speaksOf(spokenIn(article).keys(), code), `made of ${word}`).toBe(true)
      }
    },
  )
  it('is asked about wherever a recipe speaks of it', () => {
    const recipe = (words: Partial<Recipe>): Recipe => ({
      id: 'r',
      version: 1,
      name: 'It',
      lines: [],
      steps: [],
      ...words,
    })
    // bought as they are, and no name of another food on the shelf
    const asked = (one: Recipe) => openFoodIn(one, { ingredients: [], recipes: [one] }).length > 0
    for (const [, words] of rows)
      for (const word of words) {
        expect(asked(recipe({ notes: `Goes well with ${word}.` })), `notes: ${word}`).toBe(true)
        expect(
          asked(recipe({ steps: [{ text: `Top with crushed ${word} and chill.`, when: 'after' }] } as Partial<Recipe>)),
          `step: ${word}`,
        ).toBe(true)
      }
  })
  it('is never silent about its flour for what else its name says is in it, or is not of animals', () => {
    for (const word of made.wheat!.split('|'))
      for (const said of ['almond', 'vegan', 'lemon', 'dairy-free'])
        expect(speaksOf(heard(`${said} ${word}`), 'wheat'), `${said} ${word}`).toBe(true)
    for (const name of ['almond mousse', 'coconut custard', 'rice soufflé', 'coconut ice cream'])
      expect(speaksOf(heard(name), 'egg'), name).toBe(true)
  })
  it.each([
    'rice',
    'corn',
    'oat',
    'tea',
    'coconut',
    'almond',
    'cashew',
    'ginger',
    'root',
    'sunflower',
    'organic',
    'ice',
  ])('what stands elsewhere in its name (%s) takes nothing back', other => {
    for (const [word, code] of [
      ['noodles', 'wheat'],
      ['crackers', 'wheat'],
      ['biscuits', 'wheat'],
      ['beer', 'wheat'],
      ['fudge', 'milk'],
      ['toffee', 'milk'],
      ['lecithin', 'soy'],
      ['glacé cherries', 'sulphites'],
    ] as const)
      for (const name of [`${word} with ${other}`, `${other} pudding with ${word}`, `${other} ${word}, plain ${word}`])
        expect(speaksOf(heard(name), code), name).toBe(true)
  })
  it('is another thing only for what stands in its place', () => {
    for (const name of ['coconut fudge', 'almond toffee', 'cashew cheesecake', 'oat mousse'])
      expect(speaksOf(heard(name), 'milk'), name).toBe(true)
    for (const name of [
      'flour and corn tortillas',
      'rice, graham crackers',
      'rice & graham crackers',
      'crackers, rice',
    ])
      expect(speaksOf(heard(name), 'wheat'), name).toBe(true)
    for (const name of ['ice cream cake', 'rice cookies', 'tea biscuits', 'coconut granola'])
      expect(speaksOf(heard(name), 'wheat'), name).toBe(true)
    for (const name of [
      'rice noodles',
      'buckwheat and rice crackers',
      'rice flour noodles',
      'noodles (rice)',
      'corn tortillas',
      'rice cakes',
    ])
      expect(speaksOf(heard(name), 'wheat'), name).toBe(false)
    for (const name of ['oat creamer', 'soya creamer', 'margarine (soya)'])
      expect(speaksOf(heard(name), 'milk'), name).toBe(false)
  })
  it('of plants holds neither milk nor egg', () => {
    for (const word of ['custard', 'mousse', 'gelato', 'ice cream', 'margarine', 'meringue', 'mayonnaise'])
      for (const code of ['milk', 'egg'] as const)
        expect(speaksOf(heard(`vegan ${word}`), code), `vegan ${word}`).toBe(false)
  })
  it('is not asked about what its name says is not in it', () => {
    for (const [name, code] of [
      ['gluten-free ciabatta', 'wheat'],
      ['egg-free mayonnaise', 'egg'],
      ['nut-free granola', 'almond'],
      ['unsulphured dried apricots', 'sulphites'],
    ] as const)
      expect(speaksOf(heard(name), code), name).toBe(false)
  })
})
