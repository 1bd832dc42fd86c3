// What a market requires to be said of a product, and what stands between it and a signature.

import { besideWarning, servedBeside } from '../allergen/beside'
import { contradictionMend, kitchenFindings } from '../allergen/crossContact'
import { contradicted, contradiction } from '../allergen/onSite'
import { rolledUp } from '../allergen/rollUp'
import { namesKind } from '../ingredient/lexicon'
import { textsOf } from '../ingredient/texts'
import type { RulePack } from '../market/rulePack'
import { dayIn, quantityIn } from '../market/wording'
import { type AllergenCode, allergenName, glutenCereals } from '../model/allergen'
import { byId } from '../model/byId'
import { nameOfClaim } from '../model/claim'
import type { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import { onlyInMethods } from '../recipe/onlyInMethod'
import { fromTheOutside } from '../recipe/part'
import { usualBakeLoss } from '../recipe/usualLoss'
import { daysAfter } from '../words/day'
import { capital } from '../words/listing'
import { percent, toPlaces } from '../words/rounding'
import { filled } from '../words/template'
import type { DeclarationContext } from './declarationContext'
import { declaredCodes, labelNameOf } from './emphasis'
import { ingredientList, printedName } from './ingredientList'
import { type FactsPanel, nutritionFacts } from './nutritionFacts'
import { type Lack, type NutritionTable, nutritionTable } from './nutritionTable'
import { namedButNotHighlighted, quidOf } from './quid'
import type { Run } from './run'
import { printedClaim, statementsOf } from './statements'

export interface Problem {
  /** Absent: it stands open. */
  weight?: 'breaks'
  what: string
  where?: string
  mend?: string
}
export interface Declaration {
  market: MarketCode
  name: string
  ingredients: Run[]
  contains: string[]
  mayContain: string[]
  /** What is in it and need not be declared, each with why: exempt derivatives, sulphites under the limit. */
  leftOut: string[]
  /** What customers are told of the claims that hold, and no law asks onto a label: house notices. */
  notices: string[]
  /** What is served beside, each with what it carries: told, and in the way of nothing. */
  beside: string[]
  statements: Run[][]
  table: NutritionTable
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
    pieceGrams: number
    date: string | null
    storage: string | null
    operator: string | null
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
    ? quidOf(product, bill, workbook, nameOf, rules.quid.overWhole)
    : { shares: new Map(), statements: [], problems: [] }
  const codes = declaredCodes(rules)
  const exemptOnly = (code: AllergenCode) =>
    found[code].some(one => one.exempt) && !found[code].some(one => one.status === 'contains')
  const contains = codes.filter(code => rolledUp(found[code]) === 'contains' && !exemptOnly(code))
  const shared = new Set(
    workbook.kitchen.crossContact.filter(record => record.control === 'shared').map(record => record.allergen),
  )
  const mayContain = codes.filter(
    code => !contains.includes(code) && (found[code].some(one => one.status === 'mayContain') || shared.has(code)),
  )
  const { table, panel, lacks } =
    rules.table.kind === 'nutritionFacts'
      ? nutritionFacts(rules, context.nutrition, product)
      : { ...nutritionTable(rules, context.nutrition), panel: null }
  const holding = claims.filter(claim => claim.verdict === 'holds')
  const { operator } = workbook.kitchen
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
  let problems: Problem[] | null = null
  const pieceGrams = product.netWeight / product.pieces
  const { perPiece, pieceWeight } = rules.words.table
  const servingHeads: [string, string] = [
    filled(perPiece, { piece: product.pieceName ?? 'piece' }),
    filled(pieceWeight, { n: toPlaces(pieceGrams, 0) }),
  ]
  return {
    market: rules.market,
    name: product.legalName ?? product.name,
    ingredients: ingredientList({ bill, workbook, rules, found, quid, starred }),
    contains: contains.map(code => labelNameOf(code, rules)),
    mayContain: mayContain.map(code => labelNameOf(code, rules)),
    notices: [...new Set(holding.flatMap(claim => claim.note ?? []))],
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
    panel,
    claims: holding.map(claim => printedClaim(claim.claim, rules)),
    particulars: {
      netQuantity: quantityIn(rules.words, product.netWeight),
      netGrams: product.netWeight,
      serving: servingHeads.join(' '),
      servingHeads,
      pieceGrams,
      date: dateMark(product, workbook.today, rules),
      storage: product.keeps?.storage || null,
      operator: operator ? `${operator.name}, ${operator.address}` : null,
      lot: `L${workbook.today.slice(2).replaceAll('-', '')}`,
    },
    // worked out when they are looked at: a catalogue hardly looks
    get problems() {
      problems ??= problemsOf(context, table, lacks, quid.problems, codes)
      return problems
    },
  }
}

/** "Rhubarb: no fat, salt." for those that lack the same; before it whatever else is missing. */
function missingByIngredient(missing: readonly string[], lacks: readonly Lack[]): string {
  const nutrientsOf = new Map<string, Set<string>>()
  for (const { nutrient, who } of lacks) {
    const names = who.join(', ')
    nutrientsOf.set(names, (nutrientsOf.get(names) ?? new Set()).add(nutrient))
  }
  return [
    ...(lacks.length === 0 ? missing : []),
    ...[...nutrientsOf].map(([names, nutrients]) => `${capital(names)}: no ${[...nutrients].join(', ')}.`),
  ].join(' ')
}

/** "Release spray: contains wheat." */
const sentence = (name: string | undefined, fact: string): string => {
  const text = name ? `${name}: ${fact}` : fact
  return `${capital(text)}.`
}
const listed = (names: readonly string[]): string =>
  names.length <= 4 ? names.join(', ') : `${names.slice(0, 4).join(', ')} and ${names.length - 4} more`

function problemsOf(
  context: DeclarationContext,
  table: NutritionTable,
  lacks: readonly Lack[],
  quidProblems: Problem[],
  codes: readonly AllergenCode[],
): Problem[] {
  const { product, recipe, bill, workbook, found, claims, rules } = context
  const problems: Problem[] = []
  const used = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const ingredients = workbook.ingredients.filter(ingredient => used.has(ingredient.id))
  if (!recipe) problems.push({ what: 'The recipe of this product is no longer there.', mend: 'Choose another recipe.' })
  else if (bill.lines.every(line => line.role === 'beside'))
    problems.push({ what: 'The recipe has no lines yet.', where: recipe.name, mend: 'Add what goes in.' })
  else if (recipe.bakeLoss === undefined) {
    const usual = usualBakeLoss(product.category)
    problems.push({
      what: 'How much it loses in the oven is not known, so neither is its finished weight, its table nor its shares.',
      where: recipe.name,
      mend: `Weigh a bake in and out. ${usual ? `Usual for its kind is ${percent(usual.low)} to ${percent(usual.high)}: taken over under About, it stands as an assumption. ` : ''}Say 0 if it is not baked.`,
    })
  }
  for (const claim of claims)
    if (claim.verdict !== 'holds') {
      const why = claim.because[0]
      const name = nameOfClaim(claim.claim)
      problems.push({
        what: `${capital(name)} ${claim.verdict === 'breaks' ? 'breaks' : 'is unproven'}${why ? `. ${sentence(why.path.at(-1)?.name, why.fact)}` : '.'}`,
        ...(claim.verdict === 'breaks' ? { weight: 'breaks' as const } : {}),
        ...(why?.mend ? { mend: why.mend } : {}),
        where: name,
      })
    }
  for (const gap of bill.gaps)
    problems.push({
      what: `${gap.path.at(-1)!.name}: ${gap.fact}.`,
      where: gap.path.at(-1)!.name,
      mend: gap.kind === 'amount' ? 'Give it a weight.' : 'Mend the recipe.',
    })
  if (recipe)
    for (const { word, in: where } of onlyInMethods(recipe, workbook))
      problems.push({
        what: `The method of ${where} speaks of “${word}”, and no line holds it.`,
        where,
        mend: 'Give what goes in, on or beside a line of its own, or write the step otherwise: only lines are checked.',
      })
  const conflicts = new Map<string, string>()
  for (const code of codes)
    for (const one of found[code]) if (one.conflict) conflicts.set(one.reason.path.at(-1)!.name, one.reason.fact)
  for (const [name, fact] of conflicts)
    problems.push({ what: `${name}: ${fact}.`, where: name, mend: 'Settle it in the larder.' })
  const open = new Set(
    codes.flatMap(code =>
      found[code].flatMap(one =>
        one.status === 'unknown' && !one.exempt ? (bill.lines[one.at]?.ingredient ?? []) : [],
      ),
    ),
  )
  const unsettled = ingredients.filter(ingredient => open.has(ingredient.id))
  if (unsettled.length > 0)
    problems.push({
      what: `Allergens are not settled for ${listed(unsettled.map(one => one.name))}.`,
      where: unsettled[0]!.name,
      mend: 'Unknown is not free: ask the suppliers, and put the answers in the larder.',
    })
  const ofNoKind = rules.allergens.groups
    .filter(group => group.byKind && (group.codes.includes('fish') || group.codes.includes('crustaceans')))
    .flatMap(group => group.codes.map(code => ({ code, group })))
    .flatMap(({ code, group }) =>
      ingredients
        .filter(one => one.allergens[code]?.status === 'contains' && !namesKind(textsOf(one), code))
        .map(one => ({ name: one.name, group: group.name })),
    )
  for (const { name, group } of ofNoKind)
    problems.push({
      what: `${capital(name)} contains ${group}, and this market wants its kind named.`,
      where: name,
      mend: 'Write the kind into its label name or its list in the larder: cod, prawns.',
    })
  // whether or not anything is claimed: an absence is read into what a label does not say
  const stale = new Map<string, string>()
  for (const code of codes)
    for (const one of found[code])
      if (one.status === 'free' && !one.proven && !stale.has(one.reason.path.at(-1)!.name))
        stale.set(one.reason.path.at(-1)!.name, one.reason.fact)
  if (stale.size > 0) {
    const [[who, fact]] = [...stale] as [[string, string]]
    problems.push({
      what: `Nothing in force proves what is put down for ${listed([...stale.keys()])}. ${sentence(who, fact)}`,
      where: who,
      mend: 'Ask the supplier for a current document, and put it in the larder.',
    })
  }
  const unassessed = codes.filter(
    code =>
      rolledUp(found[code]) !== 'contains' && !workbook.kitchen.crossContact.some(record => record.allergen === code),
  )
  if (unassessed.length > 0)
    problems.push({
      what: `The kitchen was never assessed for ${listed(unassessed.map(code => allergenName[code]))}.`,
      where: 'the kitchen itself',
      mend: 'Assess it under Kitchen: what it may add is unknown, and unknown is not free.',
    })
  for (const code of codes) {
    if (rolledUp(found[code]) === 'contains') continue
    const shown = contradicted(workbook, code)
    if (shown.length > 0)
      problems.push({
        what: `${capital(contradiction(code, shown))}.`,
        where: 'the kitchen itself',
        mend: contradictionMend,
      })
  }
  for (const id of fromTheOutside(byId(workbook.recipes), product.recipe))
    for (const line of byId(workbook.recipes).get(id)?.lines ?? []) {
      if (!line.alternatives?.length || !('ingredient' in line.of) || line.role === 'beside') continue
      const names = byId(workbook.ingredients)
      const all = [line.of.ingredient, ...line.alternatives.map(one => one.ingredient)]
      problems.push({
        what: `It is open which is used: ${all.map(one => names.get(one)?.name ?? one).join(' or ')}.`,
        where: byId(workbook.recipes).get(id)!.name,
        mend: 'Settle on one: a label can be of one recipe only.',
      })
    }
  const unlisted = ingredients.filter(ingredient => ingredient.composition === undefined)
  if (unlisted.length > 0)
    problems.push({
      what: `Nobody has said what these are made of: ${listed(unlisted.map(one => one.name))}.`,
      where: unlisted[0]!.name,
      mend: 'Enter the supplier’s list, or say that it is a single thing.',
    })
  if ('missing' in table)
    problems.push({
      what: `The nutrition table cannot be given. ${missingByIngredient(table.missing, lacks)}`,
      mend: 'Add the values in the larder.',
    })
  problems.push(...quidProblems)
  const named = rules.quid.asked ? namedButNotHighlighted(product, bill, workbook) : []
  if (named.length > 0)
    problems.push({
      what: `${listed(named)} ${named.length > 1 ? 'are' : 'is'} in the name, so the label needs the share (QUID).`,
      mend: 'Tick it under “In the name or picture”.',
    })
  const pieces = recipe?.pieces
  if (pieces && bill.finished > 0 && !bill.gaps.some(gap => gap.kind === 'amount')) {
    const baked = bill.finished / (pieces * bill.factor)
    const said = product.netWeight / product.pieces
    if (Math.abs(baked - said) > said * 0.05)
      problems.push({
        what: `A ${product.pieceName ?? 'piece'} comes out at ${toPlaces(baked, 0)} g, and the pack says ${toPlaces(said, 0)} g.`,
        mend: 'Weigh a few, then correct the net weight or the number of pieces.',
      })
  }
  if (!workbook.kitchen.operator)
    problems.push({ what: 'The label needs the name and address of the business.', mend: 'Enter them in Kitchen.' })
  if (!product.keeps)
    problems.push({
      what: 'There is no date mark and no storage advice.',
      mend: 'Say how long it keeps and how. A use-by date needs someone competent, and often a test.',
    })
  if (!product.markets.includes(rules.market))
    problems.push({
      what: `${product.name} is not put down for sale in this market (${rules.title}).`,
      mend: 'Add the market to the product.',
    })
  for (const record of workbook.kitchen.crossContact)
    if (
      record.control === 'cleaned' &&
      record.allergen !== 'gluten' &&
      codes.includes(record.allergen) &&
      rolledUp(found[record.allergen]) !== 'contains' &&
      !kitchenFindings(workbook, record.allergen).every(one => one.proven)
    )
      problems.push({
        what: `${record.equipment ?? 'The kitchen'} is cleaned of ${allergenName[record.allergen]} but not tested.`,
        mend: 'Decide, with someone competent, whether “may contain” is needed.',
      })
  const glutenInside = codes.some(code => glutenCereals.includes(code) && rolledUp(found[code]) === 'contains')
  if (
    !glutenInside &&
    workbook.kitchen.crossContact.some(record => record.allergen === 'gluten' && record.control === 'shared')
  )
    problems.push({
      what: 'The kitchen shares gluten, and no cereal is named.',
      mend: 'Put down which cereal is shared, so that the label can warn of it.',
    })
  return problems
}
