// The sentences a label carries besides its list and its table, each where its market asks for it.

import { servedBeside } from '../allergen/beside'
import { isNutritionClaim } from '../claim/claim'
import { printedWith } from '../claim/houseRule'
import { additivesNamed, classedTexts, namesAdditive } from '../ingredient/additives'
import { roundedBy } from '../market/roundNutrient'
import type { RulePack } from '../market/rulePack'
import { referenceAmountOf, servingOf } from '../market/serving'
import type { AllergenCode } from '../model/allergen'
import { type ClaimCode, type NamedClaim, nameOfClaim } from '../model/claim'
import type { NutrientCode } from '../model/nutrient'
import { capital } from '../words/listing'
import { atMost } from '../words/rounding'
import { filled } from '../words/template'
import type { DeclarationContext } from './declarationContext'
import { declaredCodes, labelNameOf } from './emphasis'
import { joined, plain, type Run, strong } from './run'

interface Said {
  contains: readonly AllergenCode[]
  mayContain: readonly AllergenCode[]
  quid: readonly string[]
  /** Ingredients with a star in the list. */
  starred: ReadonlySet<string>
}

/** In the order they are printed: what it contains, what it may contain, shares, claims and what each claim brings along. */
export function statementsOf(context: DeclarationContext, { contains, mayContain, quid, starred }: Said): Run[][] {
  const { rules, claims } = context
  const holding = claims.filter(claim => claim.verdict === 'holds')
  const names = (codes: readonly AllergenCode[]) =>
    joined(
      codes.map(code => [strong(labelNameOf(code, rules))]),
      ', ',
    )
  const statements: Run[][] = []
  if (rules.containsStatement && contains.length > 0) {
    // the word is marked wherever it stands
    const summary = [
      ...new Set(contains.flatMap(code => rules.allergens.summaryNames[code] ?? [labelNameOf(code, rules)])),
    ]
    const named = joined(
      summary.map(name => [strong(starred.size > 0 && name === labelNameOf('wheat', rules) ? `${name}*` : name)]),
      ', ',
    )
    statements.push(joined([[strong(rules.containsStatement.lead)], named, [plain('.')]]))
  }
  if (mayContain.length > 0) statements.push(joined([[plain(rules.words.mayContain)], names(mayContain), [plain('.')]]))
  if (rules.second) {
    const { labelNames, contains: lead, mayContain: warning } = rules.second
    const inSecond = (codes: readonly AllergenCode[]) =>
      joined(
        codes.map(code => [strong(labelNames[code] ?? labelNameOf(code, rules))]),
        ', ',
      )
    if (contains.length > 0) statements.push(joined([[strong(lead)], inSecond(contains), [plain('.')]]))
    if (mayContain.length > 0) statements.push(joined([[plain(warning)], inSecond(mayContain), [plain('.')]]))
  }
  for (const text of quid) statements.push([plain(text)])
  for (const one of servedBeside(context.bill, context.workbook).filter(one => one.goesAlong)) {
    const declared = (codes: readonly AllergenCode[]) => codes.filter(code => declaredCodes(rules).includes(code))
    const inside = [
      ...(declared(one.contains).length > 0
        ? [[plain(`${rules.words.contains} `), ...names(declared(one.contains))]]
        : []),
      ...(declared(one.mayContain).length > 0
        ? [[plain(lowered(rules.words.mayContain)), ...names(declared(one.mayContain))]]
        : []),
    ]
    statements.push(
      joined([
        [plain(`${rules.words.servedWith}${one.name}`)],
        inside.length > 0 ? joined([[plain(' (')], joined(inside, '; '), [plain(')')]]) : [],
        [plain('.')],
      ]),
    )
  }
  // a note of the house’s own is told on the bench, and printed only where she chose it
  if (holding.length > 0)
    statements.push([plain(`${capital(holding.map(claim => printedClaim(claim.claim, rules)).join(', '))}.`)])
  for (const { claim } of holding) {
    const figure = printedWith(claim, context)
    if (figure) statements.push([plain(`${capital(printedClaim(claim, rules))}: ${figure}.`)])
  }
  if (context.product.printNotices)
    for (const note of new Set(holding.flatMap(claim => claim.note ?? []))) statements.push([plain(note)])
  for (const text of [...besideClaims(context), ...byContent(context)]) statements.push([plain(text)])
  const intake = context.product.printIntake ? rules.words.table.intake : null
  if (intake && rules.referenceIntake) statements.push([plain(intake.note)])
  if (starred.size > 0 && rules.statements.processedWheat)
    statements.push([plain(rules.statements.processedWheat.text)])
  return statements
}

const lowered = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** A claim as its market words it. */
export const printedClaim = (claim: ClaimCode, { words }: RulePack): string =>
  words.claims[claim as NamedClaim] ?? nameOfClaim(claim)

/** What a nutrition claim that holds must be printed with. */
function besideClaims({ claims, nutrition, rules, product }: DeclarationContext): string[] {
  const holding = claims.filter(claim => claim.verdict === 'holds' && isNutritionClaim(claim.claim))
  const about = (...named: string[]) => holding.some(claim => named.includes(claim.claim))
  const { naturallySweet, notLowCalorie, disclosure, fatBesideFibre } = rules.claims
  const said: string[] = []
  const { per100g } = nutrition
  if (about('noAddedSugar') && naturallySweet !== null && (per100g.sugars === undefined || per100g.sugars.value > 0))
    said.push(naturallySweet)
  const reference = referenceAmountOf(rules, product)
  const per = (code: NutrientCode, grams: number) => ((per100g[code]?.high ?? Number.POSITIVE_INFINITY) * grams) / 100
  if (about('sourceOfFibre', 'highFibre') && fatBesideFibre !== null) {
    const serving = servingOf(rules, product)
    const grams = 'grams' in serving ? serving.grams : 100
    const lean = reference !== null && atMost(per('fat', reference), fatBesideFibre.overPerReference)
    if (!lean && per100g.fat)
      said.push(
        filled(fatBesideFibre.text, {
          fat: `${roundedBy(rules, 'fat', (per100g.fat.value * grams) / 100)} g`,
        }),
      )
  }
  if (about('noAddedSugar', 'sugarFree') && notLowCalorie !== null) {
    const low = reference !== null && atMost(per('energyKcal', reference), notLowCalorie.lowKcalPerReference)
    if (!low) said.push(notLowCalorie.statement)
  }
  if (holding.length > 0 && disclosure !== null) {
    // what is not known is pointed to
    const serving = servingOf(rules, product)
    const bases = [
      ...(reference === null ? [100] : [reference]),
      ...(reference !== null && reference <= disclosure.smallReference ? [disclosure.per] : []),
      ...('grams' in serving ? [serving.grams] : []),
    ]
    const over = disclosure.over.filter(one => bases.some(grams => !atMost(per(one.nutrient, grams), one.limit)))
    if (over.length > 0) said.push(filled(disclosure.text, { nutrients: over.map(one => one.name).join(' and ') }))
  }
  return said
}

/** What sweetens it that is no sugar, by its kind or by name. */
function sweetenersIn({ workbook, bill }: DeclarationContext) {
  const used = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const ingredients = workbook.ingredients.filter(one => used.has(one.id))
  const kinds = new Set(ingredients.flatMap(one => one.traits.sweetening ?? []))
  const named = ingredients.some(one => {
    const texts = classedTexts(one)
    return additivesNamed(texts, 'sweetener').length > 0 || texts.some(text => sweetenerNumber.test(text))
  })
  return {
    ingredients,
    sweetener: kinds.has('polyol') || kinds.has('intense') || named,
    sugar: kinds.has('sugar') || kinds.has('syrup'),
  }
}
/** E 420, 421 and 950 to 969: Regulation (EC) 1333/2008, Annex II part B, from memory. */
const sweetenerNumber = /(?<![\p{L}\p{N}])e[ -]?(?:42[01]|95\d|96\d)(?!\d)/iu

/** "With sweetener(s)", by the name of the food; null where the market asks for none or there are none. */
export function sweetenersByName(context: DeclarationContext): string | null {
  const { sweeteners } = context.rules.statements
  if (sweeteners === null) return null
  const { sweetener, sugar } = sweetenersIn(context)
  return sweetener ? (sugar ? sweeteners.withSugar : sweeteners.alone) : null
}

export interface FrontSymbol {
  head: string
  /** What is high, by name. */
  nutrients: string[]
  foot: string
  /** The same in a sentence. */
  text: string
}
/** What is high in it by the market's front-of-pack rule: per serving, or per reference amount where that is more. Null: nothing is. */
export function frontSymbol({ rules, product, nutrition }: DeclarationContext): FrontSymbol | null {
  const rule = rules.statements.frontSymbol
  const serving = servingOf(rules, product)
  if (!rule || 'unknown' in serving) return null
  const reference = referenceAmountOf(rules, product)
  const grams = Math.max(serving.grams, reference ?? 0)
  const limit = reference !== null && reference <= rule.small.reference ? rule.small.percent : rule.percent
  const high = rule.of.filter(({ nutrient, day }) => {
    const value = nutrition.per100g[nutrient]?.value
    return value !== undefined && atMost(limit, (value * grams) / day)
  })
  const nutrients = high.map(one => one.name)
  return high.length === 0
    ? null
    : { ...rule.symbol, nutrients, text: filled(rule.text, { nutrients: nutrients.join(', ') }) }
}

/** What follows from what is in the food: polyols, aspartame, certain colours. */
function byContent(context: DeclarationContext): string[] {
  const { nutrition, rules } = context
  const texts = sweetenersIn(context).ingredients.flatMap(classedTexts)
  const symbol = frontSymbol(context)
  const said: string[] = symbol ? [symbol.text] : []
  const { laxative, phenylalanine, colours } = rules.statements
  if (laxative && (nutrition.per100g.polyols?.value ?? 0) > laxative.polyolsOverPercent) said.push(laxative.text)
  if (phenylalanine?.each.some(one => namesAdditive(texts, one))) said.push(phenylalanine.text)
  const coloured = (colours?.each ?? [])
    .filter(colour => namesAdditive(texts, colour))
    .map(({ names, eNumber }) => `${names[0]} (${eNumber})`)
  if (colours && coloured.length > 0) said.push(capital(filled(colours.text, { colours: coloured.join(', ') })))
  return said
}
