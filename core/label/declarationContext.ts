// What a declaration is made from: one product in one market, worked out as far as its claims.
import type { FindingTable } from '../allergen/rollUp'
import type { ClaimResult } from '../claim/verdict'
import type { RulePack } from '../market/rulePack'
import type { Product } from '../model/product'
import type { Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import type { Nutrition } from '../nutrition/rollUp'
import type { Bill } from '../recipe/bill'

export interface DeclarationContext {
  product: Product
  recipe: Recipe | undefined
  bill: Bill
  workbook: Workbook
  rules: RulePack
  found: FindingTable
  nutrition: Nutrition
  claims: ClaimResult[]
}
