// What shows that an allergen is on the site after all: the larder, the recipes and the kitchen's own words. House rule,
// common practice: "not on site" is a statement about everything the bakery keeps, also what no product uses today.
import { groupMentions, mentions } from '../ingredient/lexicon'
import { type AllergenCode, allergenCodes, allergenName, glutenCereals } from '../model/allergen'
import type { Ingredient } from '../model/ingredient'
import { type CrossContact, controlName } from '../model/kitchen'
import type { Recipe } from '../model/recipe'
import type { OnSite, Workbook } from '../model/workbook'
import { openFact, openFoodIn } from '../recipe/openFood'
import { keptBeside } from '../words/keptBeside'
import { statusOf } from './rollUp'

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

const keepOfIngredient = keptBeside<Ingredient, readonly (readonly [AllergenCode, OnSite])[]>()
/** What one ingredient shows. */
function shownBy(ingredient: Ingredient, workbook: Workbook): readonly (readonly [AllergenCode, OnSite])[] {
  const { today, kitchen } = workbook
  return keepOfIngredient(ingredient, 'shows', [today, kitchen.freeByNature, kitchen.evidenceYears], () =>
    allergenCodes.flatMap(code => {
      const { status, conflict, fact } = statusOf(ingredient, code, workbook)
      if (status !== 'contains' && status !== 'mayContain' && !conflict) return []
      const { id, name } = ingredient
      return [
        [code, { kind: 'ingredient', id, name, fact: conflict ? `of ${name}: ${fact}` : `${name} ${fact}` }] as const,
      ]
    }),
  )
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
  larder: Shown
  /** The larder but for oats grown apart, which carry no gluten onto the site by themselves. */
  withoutPureOats: Shown
}
const keepOfLarder = keptBeside<readonly Ingredient[], Gathered>()
/** The larder is looked through once, however often a recipe is edited. */
function larderOf(workbook: Workbook): Gathered {
  const { ingredients, kitchen, today } = workbook
  return keepOfLarder(ingredients, 'shows', [today, kitchen.freeByNature, kitchen.evidenceYears], () => ({
    larder: gather(ingredients.flatMap(one => shownBy(one, workbook))),
    withoutPureOats: gather(
      ingredients.filter(one => one.oatsSpeciallyProduced !== true).flatMap(one => shownBy(one, workbook)),
    ),
  }))
}
const keepOfRecipes = keptBeside<readonly Recipe[], Shown>()
/** What the recipes write is held against names alone: another fact of the larder is no reason to read them all again. */
const recipesOf = (workbook: Workbook): Shown =>
  keepOfRecipes(workbook.recipes, 'show', [calledIn(workbook.ingredients), workbook.elsewhere], () =>
    gather(inRecipes(workbook)),
  )
const called = new WeakMap<readonly Ingredient[], string>()
/** What each thing in the larder is called, as one text. */
function calledIn(larder: readonly Ingredient[]): string {
  const known = called.get(larder)
  if (known !== undefined) return known
  const text = JSON.stringify(larder.map(({ id, name, standsFor, labelName }) => [id, name, standsFor, labelName]))
  called.set(larder, text)
  return text
}

/** Everything that shows the allergen to be on the site; for gluten, any cereal that carries it. Empty proves nothing. */
export function onSite(workbook: Workbook, allergen: CrossContact['allergen']): readonly OnSite[] {
  const own = shownWithin(workbook, allergen)
  const elsewhere = workbook.elsewhere?.onSite[allergen]
  if (!elsewhere) return own
  // what is carried along speaks for itself, in the place it has among the rest
  const carried = new Set([
    ...workbook.ingredients.map(one => `ingredient ${one.id}`),
    ...workbook.recipes.map(one => `recipe ${one.id}`),
    'kitchen kitchen',
  ])
  const said = new Map(own.map(one => [`${one.kind} ${one.id}`, one]))
  const all = elsewhere.flatMap(one => {
    const key = `${one.kind} ${one.id}`
    const now = carried.has(key) ? said.get(key) : one
    said.delete(key)
    return now ?? []
  })
  return [...all, ...said.values()]
}
function shownWithin(workbook: Workbook, allergen: CrossContact['allergen']): readonly OnSite[] {
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
      cereal === 'oats' ? (withoutPureOats.get(cereal) ?? []) : shownWithin(workbook, cereal),
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
