// The slice of the books that one product or recipe rests on, and what the rest of them shows about it. Judged by its slice it
// is judged as by the whole; and as long as nothing in it changes it is the very same slice, whatever else is changed.
import { contradicted } from '../allergen/onSite'
import { type FullCost, fullCostOf } from '../cost/fullCost'
import { byId } from '../model/byId'
import type { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import type { Recipe } from '../model/recipe'
import type { Elsewhere, Workbook } from '../model/workbook'
import { chosenResult } from '../nutrition/laboratory'
import { type Bill, billOf } from '../recipe/bill'
import { closureOf } from '../recipe/closure'
import { larderNames, namesWritten } from '../recipe/openFood'
import { keptBeside } from '../words/keptBeside'
import { rememberedByText } from '../words/remembered'
import { type Assessment, assess } from './assess'

/** The same facts are the very same object. */
const onSiteFrom = rememberedByText(text => JSON.parse(text) as Elsewhere['onSite'], 20_000_000)
const namesFrom = rememberedByText((text): string[] => text.split('\n'), 20_000_000)

const keepElsewhere = keptBeside<Workbook, Elsewhere>()
/** What all of the books show, for a slice of them to carry along. */
const elsewhereOf = (workbook: Workbook): Elsewhere =>
  keepElsewhere(workbook, 'all', [], () => {
    if (workbook.elsewhere) return workbook.elsewhere
    const allergens = new Set(workbook.kitchen.crossContact.map(one => one.allergen))
    const shown = [...allergens]
      .sort()
      .map(allergen => [allergen, contradicted(workbook, allergen)] as const)
      .filter(([, facts]) => facts.length > 0)
    return {
      onSite: onSiteFrom(JSON.stringify(Object.fromEntries(shown))),
      names: namesFrom(larderNames(workbook.ingredients).join('\n')),
    }
  })

const keepSlice = keptBeside<Recipe, Workbook>()
/** The slice of a recipe and of the products sold of it; `beside` are others that it is to hold too. */
function slice(
  workbook: Workbook,
  recipe: Recipe,
  products: readonly Product[],
  beside: readonly Product[] = [],
): Workbook {
  const wanted = [...products, ...beside].flatMap(one => [
    one.recipe,
    ...(one.highlighted ?? []),
    // what was analysed is named, also where it is in it no more
    ...(chosenResult(one)?.of ?? []),
  ])
  const { recipes, ingredients, met } = closureOf(workbook, recipe, wanted)
  const { kitchen, evidence, tests, today, rulesOn } = workbook
  const elsewhere = elsewhereOf(workbook)
  const damaged = (workbook.damaged ?? []).filter(one => met.has(one.id))
  const { onSite, names } = elsewhere
  const rests = [
    kitchen,
    evidence,
    tests,
    today,
    rulesOn,
    onSite,
    names,
    ...damaged,
    ...products,
    ...recipes,
    ...ingredients,
  ]
  return keepSlice(recipe, `${products[0]?.id ?? ''} ${rulesOn ?? ''}`, rests, () => ({
    products: [...products],
    recipes: [...recipes],
    ingredients: [...ingredients],
    kitchen,
    evidence,
    ...(tests === undefined ? {} : { tests }),
    today,
    ...(rulesOn === undefined ? {} : { rulesOn }),
    elsewhere,
    ...(damaged.length > 0 ? { damaged } : {}),
  }))
}

/** What the recipe rests on; the whole where there is no such recipe. */
export function sliceOfRecipe(workbook: Workbook, recipeId: string): Workbook {
  const recipe = byId(workbook.recipes).get(recipeId)
  return recipe ? slice(workbook, recipe, []) : workbook
}

/** What the product rests on; the whole where there is no such product, or no recipe of it. */
export function sliceOfProduct(workbook: Workbook, productId: string): Workbook {
  const product = byId(workbook.products).get(productId)
  const recipe = product && byId(workbook.recipes).get(product.recipe)
  return product && recipe ? slice(workbook, recipe, [product]) : workbook
}

const keepAssessment = keptBeside<Workbook, Assessment>()
/** The assessment of a product, of one making: worked out once, and again when anything that it rests on changes. */
export function assessed(workbook: Workbook, productId: string, market: MarketCode): Assessment {
  const of = sliceOfProduct(workbook, productId)
  return keepAssessment(of, `${productId} ${market}`, [], () => assess(of, productId, market))
}

const keepBill = keptBeside<Workbook, Bill>()
/** The bill of one making, worked out once in the same way. */
export function billed(workbook: Workbook, recipeId: string): Bill {
  const of = sliceOfRecipe(workbook, recipeId)
  return keepBill(of, recipeId, [], () => billOf(of, recipeId))
}

const keepCost = keptBeside<Workbook, FullCost>()
/** What one making of a product costs in full, with nothing on the shelf, worked out once in the same way. */
export function costed(workbook: Workbook, productId: string): FullCost {
  const of = sliceOfProduct(workbook, productId)
  return keepCost(of, productId, [], () => fullCostOf(of, productId))
}

/**
 * What a window needs to judge a product, and those `beside` it, before it knows the rest of the books: all that they rest on,
 * and of the rest what shows in them. Without its recipe it rests on what it highlights.
 */
export function carriedTo(workbook: Workbook, product: Product, beside: readonly Product[] = []): Workbook {
  const recipe = byId(workbook.recipes).get(product.recipe)
  const highlighted = ({ id }: { id: string }) => product.highlighted?.includes(id) ?? false
  const all = recipe
    ? slice(workbook, recipe, [product], beside)
    : {
        ...workbook,
        products: [product],
        recipes: workbook.recipes.filter(highlighted),
        ingredients: workbook.ingredients.filter(highlighted),
      }
  const { onSite, names } = elsewhereOf(workbook)
  return { ...all, elsewhere: { onSite, names: namesWritten(names, all.recipes) } }
}
