// What a change of facts or prices would do to every product, before it is saved: worked out only for what depends on it.
import { allergenStatusesOf, findingsOnDemand } from '../allergen/rollUp'
import { judge, restsOnNutrition } from '../claim/claim'
import { severity, type Verdict } from '../claim/verdict'
import { costOf } from '../cost/cost'
import { same } from '../edit/same'
import { compositionText, printedName } from '../label/ingredientList'
import { rulesOf } from '../market/market'
import { roundNutrient } from '../market/roundNutrient'
import { type AllergenCode, type AllergenStatus, allergenCodes, allergenName } from '../model/allergen'
import { byId } from '../model/byId'
import { type ClaimCode, nameOfClaim } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import type { MarketCode } from '../model/market'
import { mainNutrients, nutrientName } from '../model/nutrient'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import { nutritionOf } from '../nutrition/rollUp'
import { type Bill, billOf } from '../recipe/bill'
import type { Catalogue } from './catalogue'

/** Which sides of an ingredient differ: only those are worked out again. */
interface Aspects {
  cost: boolean
  proof: boolean
  nutrition: boolean
  list: boolean
  measures: boolean
}
function aspectsOf(before: Ingredient, after: Ingredient): Aspects {
  const differ = (...keys: (keyof Ingredient)[]) => keys.some(key => !same(before[key], after[key]))
  return {
    cost: differ('packs'),
    proof: differ(
      'allergens',
      'gluten',
      'traits',
      'evidence',
      'composition',
      'name',
      'labelName',
      'notes',
      'oatsSpeciallyProduced',
      'glutenRemoved',
      'exemptAllergens',
    ),
    nutrition: differ('nutrients', 'traits'),
    list: differ('name', 'labelName', 'composition', 'functionClass', 'eNumber'),
    measures: differ('measures'),
  }
}

/** What can be seen of a product from outside, as far as it was asked for. */
interface Brief {
  verdicts: Map<ClaimCode, Verdict>
  statuses: AllergenStatus[]
  perPiece: string
  costKnown: boolean
  printed: Map<string, string | null>
}

export interface ProductChange {
  product: string
  name: string
  market: MarketCode
  /** In words, the gravest first: "dairy-free breaks". */
  what: string[]
  /** A claim breaks, or is no longer proven. */
  grave: boolean
}

function briefOf(product: Product, market: MarketCode, bill: Bill, workbook: Workbook, asked: Aspects): Brief {
  const rules = rulesOf(market)
  const recipe = byId(workbook.recipes).get(product.recipe)
  const pieceGrams = product.netWeight / product.pieces
  const pieces = recipe?.pieces ?? (bill.finished > 0 && bill.gaps.length === 0 ? bill.finished / pieceGrams : null)
  // a change of nutrition alone leaves the other claims where they were
  const claims =
    asked.proof || asked.measures ? product.claims : asked.nutrition ? product.claims.filter(restsOnNutrition) : []
  const nutrition =
    asked.nutrition || asked.measures || claims.some(restsOnNutrition)
      ? nutritionOf(bill, workbook, rules, pieceGrams)
      : { per100g: {}, perPiece: {}, gaps: {} }
  const brief: Brief = { verdicts: new Map(), statuses: [], perPiece: '', costKnown: true, printed: new Map() }
  if (asked.proof || asked.measures) brief.statuses = allergenStatusesOf(bill, workbook, rules.allergens.exemptable)
  if (claims.length > 0) {
    const found = findingsOnDemand(bill, workbook, rules.allergens.exemptable)
    for (const claim of claims)
      brief.verdicts.set(claim, judge(claim, { product, bill, workbook, rules, found, nutrition }).verdict)
  }
  if (asked.cost || asked.measures) {
    const cost = costOf(bill, workbook, pieces)
    brief.perPiece = cost.perPiece
    brief.costKnown = cost.unknown.length === 0
  }
  if (asked.nutrition || asked.measures)
    for (const code of ['energyKcal', ...mainNutrients] as const) {
      const range = nutrition.per100g[code]
      brief.printed.set(nutrientName[code], range ? roundNutrient(market, code, range.value) : null)
    }
  return brief
}

const statusWord: Record<AllergenStatus, string> = {
  contains: 'contains',
  mayContain: 'may contain',
  unknown: 'is no longer known to be free of',
  free: 'is free of',
}
const money = (perPiece: string) => Number(perPiece).toFixed(2)

/**
 * Every product whose declaration, claims, nutrition or cost would differ with `changed` in place of the ingredient of
 * that id, in each market it is sold in. `onProgress` is told how many were looked at, and stops the work by giving false.
 */
export function whatChanges(
  { workbook, usersOf }: Catalogue,
  changed: Ingredient,
  onProgress: (looked: number, all: number) => boolean = () => true,
): ProductChange[] | null {
  const before = byId(workbook.ingredients).get(changed.id)
  if (!before) return []
  const aspects = aspectsOf(before, changed)
  if (!Object.values(aspects).some(Boolean)) return []
  const after: Workbook = {
    ...workbook,
    ingredients: workbook.ingredients.map(one => (one === before ? changed : one)),
  }
  const listedAs = (one: Ingredient) =>
    `${printedName(one)}${one.composition?.length ? ` (${compositionText(one.composition)})` : ''}`
  const products = byId(workbook.products)
  const users = usersOf.get(changed.id) ?? []
  const out: ProductChange[] = []
  const { currency } = workbook.kitchen
  for (const [at, id] of users.entries()) {
    if (at % 50 === 0 && !onProgress(at, users.length)) return null
    const product = products.get(id)!
    const bill = billOf(workbook, product.recipe)
    const next = aspects.measures || aspects.list ? billOf(after, product.recipe) : bill
    // only served beside it: it is in no label
    if (next.lines.every(line => line.ingredient !== changed.id || line.role === 'beside')) continue
    for (const market of product.markets) {
      const was = briefOf(product, market, bill, workbook, aspects)
      const is = briefOf(product, market, next, after, aspects)
      const what: [number, string][] = []
      for (const [claim, verdict] of is.verdicts) {
        const old = was.verdicts.get(claim)
        if (old !== undefined && old !== verdict)
          what.push([
            severity[verdict] - severity[old] > 0 ? 3 : 0,
            `${nameOfClaim(claim)} ${verdict === 'unproven' ? 'is unproven' : verdict}`,
          ])
      }
      for (let code = 0; code < is.statuses.length; code++)
        if (is.statuses[code] !== was.statuses[code])
          what.push([
            is.statuses[code] === 'free' ? 0 : 2,
            `${statusWord[is.statuses[code]!]} ${allergenName[allergenCodes[code] as AllergenCode]}`,
          ])
      if (aspects.list && listedAs(before) !== listedAs(changed)) what.push([1, 'its ingredient list reads otherwise'])
      for (const [nutrient, value] of is.printed) {
        const old = was.printed.get(nutrient)
        if (old !== value)
          what.push([value === null ? 2 : 0, `${nutrient} ${old ?? 'not known'} → ${value ?? 'not known'}`])
      }
      if (
        was.perPiece !== is.perPiece &&
        (money(was.perPiece) !== money(is.perPiece) || was.costKnown !== is.costKnown)
      )
        what.push([
          0,
          `a piece costs ${money(was.perPiece)} → ${is.costKnown ? '' : 'at least '}${money(is.perPiece)} ${currency}`,
        ])
      if (what.length > 0)
        out.push({
          product: id,
          name: product.name,
          market,
          grave: what.some(([weight]) => weight === 3),
          what: what.sort(([a], [b]) => b - a).map(([, text]) => text),
        })
    }
  }
  onProgress(users.length, users.length)
  return out.sort((a, b) => Number(b.grave) - Number(a.grave))
}
