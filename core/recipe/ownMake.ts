// Is it what the recipe itself makes? "Cool the biscuits" tells of the biscuits in the oven; "roll in crushed biscuits" of others,
// which somebody has to buy or bake.
import { usuallyIn } from '../ingredient/usually'
import type { AllergenCode } from '../model/allergen'
import type { Recipe } from '../model/recipe'
import { stem } from '../words/stem'

/** What most bakes are called at some point of their method, whatever they are. */
const anyBake =
  /^(?:cakes?|sponges?|biscuits?|cookies?|brownies?|pastry|pastries|bread|buns?|rolls?|muffins?|scones?|toasts?|batter|breading|stuffing|doughnuts?|donuts?|pancakes?|waffles?|wafers?|flap ?jacks?|short ?breads?|pie crusts?|(?:tart(?:let)?|pastry|flan) (?:cases?|shells?)|dumplings?|crackers?|gingerbread|choux|strudel|[ée]clairs?|profiteroles?|custard|ganache|fudge|toffees?|nougat|pralin[eé]s?|cheesecakes?|tiramisu|baklava|butter ?creams?|florentines?|macarons?|mousses?|souffl[eé]s?|cr[eè]me (?:p[aâ]t(?:issi[eè]re)?|anglaise)|roux|b[eé]chamel|white sauce|streusels?|crumble topping|salted caramel|caramel sauce|sabayon|zabagli?one|pavlovas?|gelato|semifreddo|ice cream|cr[eê]pes?|blinis?|madeleines?|financiers?|dacquoises?|g[eé]noises?|joconde|trifle|clafoutis|quiches?|focaccias?|churros?|lemon curd|royal icing|granola|muesli|porridge|baguettes?|ciabattas?|sourdoughs?|biscotti|cantucci(?:ni)?|lebkuchen|blondies?|roulades?|turnovers?|tuiles?|brandy snaps?|palmiers?|parkins?|flat ?breads?|pasties|samosas?|popovers?|short ?crust|pizza (?:bases?|dough)|rotis?|chapatt?is?|parathas?|bannocks?|farls?|pikelets?|ginger ?snaps?|macaroons?|brittle|omelettes?|possets?|syllabubs?|blancmange|(?:rice|semolina|tapioca|steamed|suet) puddings?|chantilly|milk ?shakes?|caramels|viennese whirls?|tea ?loa(?:f|ves)|bread ?sticks?|florentine mix)$/i
/** "and toast": something done. */
const done = /^(?:toast|batter|cake)$/i
const thenDo = /\b(?:and|or|then|to)[ \t]+$/i
/** Before what comes from somewhere else. */
const fromElsewhere =
  /(?:^|[^\p{L}])(?:crushed|crumbled|crumbed|broken|left[- ]?over|stale|old|spare|whatever|bought|shop|ready[- ]made|blitzed|chopped|day[- ]old|of|with|or|and|in|on|some|few|more|extra|plus|using|used?|add|need|for|little|digestive|graham\p{L}*|rich tea|puff|shortcrust|short ?crust|filo)[ \t]+(?:(?!(?:the|this|that|these|those|your|each|every|all|both|its|their|a|an|\d+)[ \t-])\p{L}+[ \t-]+){0,2}$/iu
/** In a name too, right before the word: "Lamingtons: stale sponge, split". */
const stale =
  /(?:^|[^\p{L}])(?:crushed|crumbled|left[- ]?over|stale|bought|shop|ready[- ]made|blitzed|day[- ]old)[ \t]+$/iu
/** "Put 4 wheat biscuits in a bowl": so many, taken from somewhere. */
const takenSoMany =
  /(?:^|[^\p{L}])(?:put|take|soak|break|lay|use|crush|crumble|blitz|tip)[ \t]+\d+[ \t]+(?:\p{L}+[ \t-]+){0,3}$/iu
const goesOn = /^[ \t]+(?:from (?:the|a|an)|on top|over the top|alongside|beside|to serve)\b/i
/** Behind what was a bake before: crumbs of it. */
const crumbs = /^[ \t-]*(?:crumbs?|pieces?|chunks?|bits|off-?cuts?|trimmings|scraps|left-?overs?)\b/i
/** "a shortbread finger each": one for each of what is made. */
const oneFor = /\b(?:an?|half an?|one|two|three|\d+)[ \t]+(?:\p{L}+[ \t-]+)?$/iu
const forEach = /^(?:[ \t-]+\p{L}+){0,2}[ \t]+(?:each|apiece|per|on each|in each|for each)\b/iu
const definite = /\b(?:the|this|that|these|those|your|each|every|all|both|its|their)[ \t]+(?:\p{L}+[ \t-]+)?$/iu
/** In a name, before something that is in it: "loaf with jam". */
export const joins =
  /(?:\b(?:with|and|on|in|of|over|plus|topped|crusted)|[&+,(–—])[ \t]*(?:(?:puff|short ?crust|crushed|crumbled|digestive|graham)[ \t]+)?$/i

/** What it takes to make one, by what is usually in it first: something dry or eggs, something of milk or like it, nuts, eggs. */
const takes: readonly { first: AllergenCode; of: RegExp }[] = [
  {
    first: 'wheat',
    of: /flour|starch|meal|polenta|\boat|almond|nut\b|coconut|crumb|biscuit|blend|\bmix|rice|buckwheat|teff|sorghum|millet|quinoa|tapioca|arrowroot|psyllium|seed|date|egg|white|yolk|aquafaba|banana|puree/,
  },
  {
    first: 'milk',
    of: /butter|spread|marg|block|cream|milk|drink|cheese|quark|mascarpone|yog|ghee|\bfat\b|\boil|chocolate|choc\b|coconut|cashew|tofu/,
  },
  { first: 'almond', of: /nut|almond|pecan|pistach|cashew|macadamia|marzipan|seed/ },
  { first: 'egg', of: /egg|yolk|white|aquafaba|albumen|chickpea|flax|linseed/ },
]
/** Could it be made of things of these names? Where nothing of the kind is there, it comes from somewhere else. */
export function couldMake(food: string, names: Iterable<string>): boolean {
  const first = usuallyIn([{ name: food }])[0]?.codes[0]
  const need = takes.find(one => one.first === first)
  return !need || [...names].some(name => need.of.test(name))
}

const lastWord = (text: string): string =>
  stem(text.replace(/\([^)]*\)/g, '').match(/\p{L}+(?=[^\p{L}]*$)/u)?.[0] ?? '')

/** Where in a recipe something is written. */
export type Written = 'name' | 'notes' | 'heading' | 'line' | 'step'

/** For a recipe: whether a food made of others, as it stands in one of its texts, is what the recipe makes itself. */
export function whatItMakes(
  recipe: Pick<Recipe, 'name' | 'lines'>,
): (where: Written, text: string, food: { word: string; start: number; end: number }) => boolean {
  const makes = new Set([recipe.name, ...recipe.lines.map(one => one.heading ?? '')].map(lastWord).filter(Boolean))
  return (where, text, { word, start, end }) => {
    const [before, behind] = [text.slice(0, start), text.slice(end)]
    const kind = lastWord(word)
    if (where === 'name')
      return !joins.test(before) && !stale.test(before) && (anyBake.test(word) || lastWord(text) === kind)
    if (where === 'heading' && lastWord(text) === kind) return !joins.test(before)
    // "Kekse" of a recipe for Butterkekse
    if (!anyBake.test(word)) return [...makes].some(one => one === kind || (kind.length > 3 && one.endsWith(kind)))
    if (crumbs.test(behind)) return definite.test(before)
    if (done.test(word) && thenDo.test(before)) return true
    if (oneFor.test(before) && forEach.test(behind) && !makes.has(kind)) return false
    return (
      makes.has(kind) ||
      !(fromElsewhere.test(before) || takenSoMany.test(before) || (goesOn.test(behind) && !definite.test(before)))
    )
  }
}
