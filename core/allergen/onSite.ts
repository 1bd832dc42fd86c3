// What shows that an allergen is on the site after all: the larder, the recipes and the kitchen's own words. House rule,
// common practice: "not on site" is a statement about everything the bakery keeps, also what no product uses today.
import { groupMentions, mentions } from '../ingredient/lexicon'
import { type AllergenCode, allergenCodes, allergenName, glutenCereals } from '../model/allergen'
import type { Ingredient } from '../model/ingredient'
import { type CrossContact, controlName } from '../model/kitchen'
import type { Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { openFact, openFoodIn } from '../recipe/openFood'
import { statusOf } from './rollUp'

/** One thing that shows it: what is said of it, and where it stands. */
export interface OnSite {
  kind: 'ingredient' | 'recipe' | 'kitchen'
  id: string
  name: string
  /** "plant butter may contain milk". */
  fact: string
}

type Shown = ReadonlyMap<AllergenCode, readonly OnSite[]>
function gather(all: Iterable<readonly [AllergenCode, OnSite]>): Shown {
  const by = new Map<AllergenCode, OnSite[]>()
  for (const [code, one] of all) {
    const list = by.get(code)
    if (!list) by.set(code, [one])
    else if (!list.some(other => other.id === one.id && other.kind === one.kind)) list.push(one)
  }
  return by
}

function* inLarder(workbook: Workbook, ingredients: readonly Ingredient[]): Generator<readonly [AllergenCode, OnSite]> {
  for (const ingredient of ingredients)
    for (const code of allergenCodes) {
      const { status, conflict, fact } = statusOf(ingredient, code, workbook)
      if (status !== 'contains' && status !== 'mayContain' && !conflict) continue
      const { id, name } = ingredient
      yield [code, { kind: 'ingredient', id, name, fact: conflict ? `of ${name}: ${fact}` : `${name} ${fact}` }]
    }
}

function* inRecipes(workbook: Workbook): Generator<readonly [AllergenCode, OnSite]> {
  for (const recipe of workbook.recipes) {
    const { id, name } = recipe
    // what somebody answered for is not there
    for (const open of openFoodIn(recipe, workbook))
      for (const code of codesOf(open.word))
        yield [code, { kind: 'recipe', id, name, fact: `of ${name}: ${openFact(open)}` }]
  }
}
const codesOf = (word: string): AllergenCode[] => [
  ...mentions(word).map(one => one.code),
  ...groupMentions(word).flatMap(one => one.codes),
]

function inKitchen({ kitchen }: Workbook, code: AllergenCode): OnSite[] {
  const [id, name] = ['kitchen', 'the kitchen itself']
  return kitchen.crossContact.flatMap(({ allergen, control, equipment = '' }): OnSite[] => {
    if (allergen === code)
      return control === 'notOnSite'
        ? []
        : [{ kind: 'kitchen', id, name, fact: `another record says that it is ${controlName[control]}` }]
    const word = mentions(equipment).find(mention => mention.code === code)?.word
    return word ? [{ kind: 'kitchen', id, name, fact: `the record about “${equipment}” speaks of “${word}”` }] : []
  })
}

interface Gathered {
  within: Workbook
  larder: Shown
  /** The larder but for oats grown apart, which carry no gluten onto the site by themselves. */
  withoutPureOats: Shown
}
const larders = new WeakMap<readonly Ingredient[], Gathered>()
/** The larder is looked through once, however often a recipe is edited. */
function larderOf(workbook: Workbook): Gathered {
  const { ingredients, kitchen, today } = workbook
  const known = larders.get(ingredients)
  if (
    known?.within.today === today &&
    known.within.kitchen.freeByNature === kitchen.freeByNature &&
    known.within.kitchen.evidenceYears === kitchen.evidenceYears
  )
    return known
  const apart = ingredients.filter(one => one.oatsSpeciallyProduced !== true)
  const made = {
    within: workbook,
    larder: gather(inLarder(workbook, ingredients)),
    withoutPureOats: gather(inLarder(workbook, apart)),
  }
  larders.set(ingredients, made)
  return made
}
const methods = new WeakMap<readonly Recipe[], { ingredients: readonly Ingredient[]; shown: Shown }>()
function recipesOf(workbook: Workbook): Shown {
  const known = methods.get(workbook.recipes)
  if (known?.ingredients === workbook.ingredients) return known.shown
  const shown = gather(inRecipes(workbook))
  methods.set(workbook.recipes, { ingredients: workbook.ingredients, shown })
  return shown
}

/** Everything that shows the allergen to be on the site; for gluten, any cereal that carries it. Empty proves nothing. */
export function onSite(workbook: Workbook, allergen: CrossContact['allergen']): readonly OnSite[] {
  const { larder, withoutPureOats } = larderOf(workbook)
  if (allergen !== 'gluten')
    return [
      ...(larder.get(allergen) ?? []),
      ...(recipesOf(workbook).get(allergen) ?? []),
      ...inKitchen(workbook, allergen),
    ]
  const kinds = workbook.ingredients
    .filter(one => one.traits.grain?.includes('gluten') && !one.oatsSpeciallyProduced)
    .map(({ id, name }): OnSite => ({ kind: 'ingredient', id, name, fact: `the kind of ${name} says a gluten grain` }))
  const all = [
    ...glutenCereals.flatMap(cereal =>
      cereal === 'oats' ? (withoutPureOats.get(cereal) ?? []) : onSite(workbook, cereal),
    ),
    ...kinds,
  ]
  return all.filter((one, at) => all.findIndex(other => other.kind === one.kind && other.id === one.id) === at)
}

/** What contradicts the kitchen's records about it; nothing where none says "not on site". */
export const contradicted = (workbook: Workbook, allergen: CrossContact['allergen']): readonly OnSite[] =>
  workbook.kitchen.crossContact.some(one => one.allergen === allergen && one.control === 'notOnSite')
    ? onSite(workbook, allergen)
    : []

/** "milk is put down as not on site, yet plant butter may contain milk, and 2 more things show it". */
export function contradiction(allergen: CrossContact['allergen'], shown: readonly OnSite[]): string {
  const name = allergen === 'gluten' ? 'gluten' : allergenName[allergen]
  const more = shown.length - 1
  const others = more > 0 ? `, and ${more} more ${more > 1 ? 'things show' : 'thing shows'} it` : ''
  return `${name} is put down as ${controlName.notOnSite}, yet ${shown[0]!.fact}${others}`
}
