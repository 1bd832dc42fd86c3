// The whole assessment of one product in one market: bill, cost, allergens, claims, nutrition, declaration.
import { type AllergenTable, allergenTable, findingsOnDemand } from '../allergen/rollUp'
import { judge } from '../claim/claim'
import type { ClaimResult } from '../claim/verdict'
import { type Cost, costOf } from '../cost/cost'
import { type Declaration, declarationOf } from '../label/declaration'
import { rulesOf } from '../market/market'
import type { RulePack } from '../market/rulePack'
import { byId } from '../model/byId'
import type { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import type { Recipe } from '../model/recipe'
import { judgedOn, type Workbook } from '../model/workbook'
import { analysedOf } from '../nutrition/laboratory'
import { type Nutrition, nutritionOf } from '../nutrition/rollUp'
import { type Bill, billOf } from '../recipe/bill'
import { asPacked } from '../recipe/packWeight'
import { choicesIn, mostChoices, tooManyChoices, withChoices } from './choices'

export interface Assessment {
  bill: Bill
  cost: Cost
  allergens: AllergenTable
  claims: ClaimResult[]
  nutrition: Nutrition
  declaration: Declaration
  /** Pieces in the batch, or null where the recipe does not say and no weight is known. */
  pieces: number | null
}

/** A product judged with each line as it is written, whatever else may be used. */
function judged(workbook: Workbook, stored: Product, rules: RulePack, batch: { factor: number }) {
  const bill = billOf(workbook, stored.recipe, batch)
  const product = asPacked(stored, byId(workbook.recipes).get(stored.recipe), bill)
  const found = findingsOnDemand(bill, workbook, rules.allergens)
  const nutrition = nutritionOf(
    bill,
    workbook,
    rules,
    product.netWeight / product.pieces,
    analysedOf(product, bill, workbook),
  )
  const claims = product.claims.map(claim => judge(claim, { product, bill, workbook, rules, found, nutrition }))
  return { product, bill, found, nutrition, claims }
}

/**
 * Assesses a product for a batch of `factor` makings. What may be used instead of a line counts in the verdict of each claim,
 * unless it is asked for `asWritten`. Pure: the same on the server, in the browser and in a worker.
 * Throws RangeError for a product that is not in the workbook or a market without rules; all else becomes a finding.
 */
export function assess(
  workbook: Workbook,
  productId: string,
  market: MarketCode,
  batch: { factor: number } = { factor: 1 },
  asWritten = false,
): Assessment {
  const stored = byId(workbook.products).get(productId)
  if (!stored) throw new RangeError(`There is no product “${productId}”.`)
  const rules = rulesOf(market, judgedOn(workbook))
  const recipe = byId(workbook.recipes).get(stored.recipe)
  const { product, bill, found, nutrition, claims: own } = judged(workbook, stored, rules, batch)
  const pieces = piecesOf(recipe, bill, batch.factor, product.netWeight / product.pieces)
  const choices = asWritten ? [] : choicesIn(workbook, stored.recipe)
  const claims =
    choices.length > mostChoices
      ? tooManyChoices(own, choices.length)
      : withChoices(
          own,
          bill,
          choices.map(one => ({ ...one, claims: judged(one.inForce(), stored, rules, batch).claims })),
        )
  return {
    bill,
    pieces,
    nutrition,
    claims,
    allergens: allergenTable(found),
    cost: costOf(bill, workbook, pieces),
    declaration: declarationOf({ product, recipe, bill, workbook, rules, found, nutrition, claims }),
  }
}

/** Pieces in the batch: as the recipe says, else by weight; null where neither is known. */
export const piecesOf = (recipe: Recipe | undefined, bill: Bill, factor: number, pieceGrams: number): number | null =>
  recipe?.pieces
    ? recipe.pieces * factor
    : bill.finished > 0 && bill.unknown.length === 0
      ? bill.finished / pieceGrams
      : null

/**
 * The assessment of one making, for a batch of `factor` makings: only weights, cost and pieces differ, so only they are
 * worked out again. The same as `assess` with that batch.
 */
export function sizedTo(making: Assessment, workbook: Workbook, productId: string, factor: number): Assessment {
  const product = byId(workbook.products).get(productId)
  if (!product || factor === 1) return making
  const recipe = byId(workbook.recipes).get(product.recipe)
  const bill = billOf(workbook, product.recipe, { factor })
  const pieces = piecesOf(recipe, bill, factor, product.netWeight / product.pieces)
  return { ...making, bill, pieces, cost: costOf(bill, workbook, pieces) }
}
