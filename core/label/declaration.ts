// What a market requires to be said of a product, and what stands between it and a signature.

import { besideWarning, servedBeside } from '../allergen/beside'
import { type Warned, warnings, warnsOf } from '../allergen/precaution'
import { statusIn } from '../allergen/rollUp'
import type { RulePack } from '../market/rulePack'
import { dayIn, quantityIn } from '../market/wording'
import type { AllergenCode } from '../model/allergen'
import { byId } from '../model/byId'
import type { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import { judgedOn } from '../model/workbook'
import { daysAfter } from '../words/day'
import { toPlaces } from '../words/rounding'
import { filled } from '../words/template'
import { authorisationQuestions, otherQuestions } from './authorisation'
import type { DeclarationContext } from './declarationContext'
import { declaredCodes, labelNameOf } from './emphasis'
import { type FrontOfPack, frontOfPack } from './frontOfPack'
import { impossibleValues } from './impossible'
import { ingredientList, printedName } from './ingredientList'
import { type FactsPanel, nutritionFacts } from './nutritionFacts'
import { type NutritionTable, nutritionTable } from './nutritionTable'
import { originQuestions } from './origin'
import { pictureQuestions } from './ownWords'
import { printedPrice } from './printedPrice'
import type { Problem } from './problem'
import { problemsOf, sentence } from './problems'
import { quidOf } from './quid'
import { type Run, textOf } from './run'
import { withoutTable } from './sale'
import { type FrontSymbol, frontSymbol, printedClaim, statementsOf, sweetenersByName } from './statements'

export interface Declaration {
  market: MarketCode
  /** The ISO day whose rules it is made by. */
  day: string
  name: string
  ingredients: Run[]
  contains: string[]
  mayContain: string[]
  /** The same by code. */
  declared: { contains: readonly AllergenCode[]; mayContain: readonly AllergenCode[] }
  /** Of what is not in it: what the label warns of, and why; what is still to be decided. */
  warned: readonly Warned[]
  /** What is in it and need not be declared, each with why: exempt derivatives, sulphites under the limit. */
  leftOut: string[]
  /** The name and the list in the market's second language, as a person wrote them; null where none is asked or none is there. */
  second: { name: string; ingredients: string; storage: string | null } | null
  /** Stands with the name: "with sweetener(s)"; null where nothing is asked there. */
  byName: string | null
  /** May this be used at all? Raised for someone competent, and never answered here. */
  questions: string[]
  /** What customers are told of the claims that hold, and no law asks onto a label: house notices. */
  notices: string[]
  /** What is served beside, each with what it carries: told, and in the way of nothing. */
  beside: string[]
  statements: Run[][]
  table: NutritionTable
  /** The summary for the front, where the market has one and it is wanted. */
  front: FrontOfPack | null
  /** The symbol of what is high in it, where the market asks for one. */
  symbol: FrontSymbol | null
  /** What stands around the table, where the market has a panel of its own form. */
  panel: FactsPanel | null
  problems: Problem[]
  /** Claims that hold and may be printed. */
  claims: string[]
  /** What the rest of a label says. */
  particulars: {
    netQuantity: string
    netGrams: number
    /** "per slice (51 g)", and its halves. */
    serving: string
    servingHeads: [string, string]
    /** "12 portions of 92 g"; null where the market asks for none. */
    portions: string | null
    pieceGrams: number
    date: string | null
    storage: string | null
    operator: string | null
    /** "Made in Wales"; null where nobody said. */
    origin: string | null
    /** Of a pack, with what so many grams cost where the market asks for it; null where it stands on no label. */
    price: string | null
    /** Printed as bars. */
    gtin?: string
    lot: string
  }
}

/** "Best before 29 November 2026", for a product baked on an ISO day; null where nobody said how long it keeps. */
export const dateMark = (product: Product, baked: string, { words }: RulePack): string | null =>
  product.keeps
    ? `${product.keeps.mark === 'useBy' ? words.useBy : words.bestBefore} ${dayIn(words, daysAfter(baked, product.keeps.days))}`
    : null

export function declarationOf(context: DeclarationContext): Declaration {
  const { product, bill, workbook, rules, found, claims } = context
  const ingredients = byId(workbook.ingredients)
  const nameOf = (id: string) => printedName(ingredients.get(id)!)
  const quid = rules.quid.asked
    ? quidOf(product, bill, workbook, nameOf, rules.quid)
    : { shares: new Map<string, string>(), statements: [], problems: [] }
  const codes = declaredCodes(rules)
  const exemptOnly = (code: AllergenCode) =>
    found[code].some(one => one.exempt) && !found[code].some(one => one.status === 'contains')
  const contains = codes.filter(code => statusIn(found, code) === 'contains' && !exemptOnly(code))
  const mayContain = codes.filter(code => !contains.includes(code) && warnsOf(code, context))
  // what cannot be makes a table that cannot be
  const impossible = impossibleValues(bill, workbook)
  const given =
    impossible.length > 0
      ? { table: { missing: impossible }, panel: null, lacks: [] }
      : rules.table.kind === 'nutritionFacts'
        ? nutritionFacts(rules, context.nutrition, product)
        : { ...nutritionTable(rules, context.nutrition, product.printIntake, claims), panel: null }
  const without = withoutTable(product, rules, claims, workbook.kitchen, 'missing' in given.table)
  const { table, panel, lacks } =
    without && 'leftOut' in without
      ? { table: { missing: [], leftOut: `${without.leftOut} (${without.cite})` }, panel: null, lacks: [] }
      : given
  const holding = claims.filter(claim => claim.verdict === 'holds')
  const operator =
    rules.operator.within === null ? workbook.kitchen.operator : workbook.kitchen.operatorIn?.[rules.market]
  // only starch that is in this food, and freed of gluten by a test
  const starred = new Set(
    rules.statements.processedWheat !== null && holding.some(claim => claim.claim === 'glutenFree')
      ? bill.lines
          .filter(line => line.role !== 'beside')
          .map(line => ingredients.get(line.ingredient))
          .filter(one => one?.glutenRemoved && one.allergens.wheat?.status === 'contains')
          .map(one => one!.id)
      : [],
  )
  const ingredientRuns = ingredientList({ bill, workbook, rules, found, quid, starred })
  let problems: Problem[] | null = null
  const symbol = frontSymbol(context)
  const pieceGrams = product.netWeight / product.pieces
  const { perPiece, pieceWeight } = rules.words.table
  const servingHeads: [string, string] = [
    filled(perPiece, { piece: product.pieceName ?? 'piece' }),
    filled(pieceWeight, { n: toPlaces(pieceGrams, 0) }),
  ]
  return {
    market: rules.market,
    day: judgedOn(workbook),
    name: product.legalName ?? product.name,
    ingredients: ingredientRuns,
    second:
      rules.second && product.translated
        ? {
            name: product.translated.name,
            ingredients: product.translated.ingredients,
            storage: product.translated.storage || null,
          }
        : null,
    contains: contains.map(code => labelNameOf(code, rules)),
    mayContain: mayContain.map(code => labelNameOf(code, rules)),
    declared: { contains, mayContain },
    // worked out when it is looked at
    get warned() {
      return warnings(codes, contains, context)
    },
    byName: sweetenersByName(context),
    questions: [
      ...authorisationQuestions(bill, workbook, rules),
      ...otherQuestions(product, bill, workbook, rules),
      ...originQuestions(product, bill, workbook, rules),
      ...pictureQuestions(product, workbook.kitchen, rules.market),
      ...(without && 'leftOut' in without && symbol
        ? [
            `Must or may the symbol for what is high in it stand where the table is left out (${rules.title})? Ask someone competent (${rules.statements.frontSymbol!.cite}).`,
          ]
        : []),
    ],
    notices: product.printNotices ? [] : [...new Set(holding.flatMap(claim => claim.note ?? []))],
    beside: servedBeside(bill, workbook).map(besideWarning),
    leftOut: [
      ...new Set(
        [...codes, ...rules.list.alsoNamed].flatMap(code =>
          found[code].filter(one => one.exempt).map(one => sentence(one.reason.path.at(-1)?.name, one.reason.fact)),
        ),
      ),
    ],
    statements: statementsOf(context, { contains, mayContain, quid: quid.statements, starred }),
    table,
    front: 'rows' in table ? frontOfPack(rules, context.nutrition, product) : null,
    symbol,
    panel,
    claims: holding.map(claim => printedClaim(claim.claim, rules)),
    particulars: {
      netQuantity: quantityIn(rules.words, product.netWeight),
      netGrams: product.netWeight,
      serving: servingHeads.join(' '),
      servingHeads,
      portions:
        rules.words.table.portions === null || !('rows' in table)
          ? null
          : filled(rules.words.table.portions, {
              n: product.pieces,
              g: toPlaces(pieceGrams, 0),
              piece: product.pieceName ?? 'piece',
            }),
      pieceGrams,
      date: dateMark(product, workbook.today, rules),
      storage: product.keeps?.storage || null,
      operator: operator ? `${operator.name}, ${operator.address}` : null,
      origin: product.origin || null,
      price: printedPrice(product, workbook.kitchen.currency, rules),
      ...(product.gtin === undefined ? {} : { gtin: product.gtin }),
      lot: `L${workbook.today.slice(2).replaceAll('-', '')}`,
    },
    // worked out when they are looked at: a catalogue hardly looks
    get problems() {
      problems ??= problemsOf(context, table, lacks, quid.problems, codes, textOf(ingredientRuns))
      return problems
    },
  }
}
