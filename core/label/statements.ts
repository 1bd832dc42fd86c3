// The sentences a label carries besides its list and its table, each where its market asks for it.
import type { RulePack } from '../market/rulePack'
import { usReferenceAmount } from '../market/usServing'
import type { AllergenCode } from '../model/allergen'
import { type ClaimCode, type NamedClaim, nameOfClaim } from '../model/claim'
import type { Component } from '../model/ingredient'
import type { NutrientCode } from '../model/nutrient'
import { atMost } from '../words/rounding'
import type { DeclarationContext } from './declarationContext'
import { labelNameOf } from './emphasis'
import { joined, plain, type Run, strong } from './run'

const sentence = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`

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
  if (rules.containsStatement && contains.length > 0)
    statements.push(joined([[strong(rules.containsStatement.lead)], names(contains), [plain('.')]]))
  if (mayContain.length > 0) statements.push(joined([[plain('May contain ')], names(mayContain), [plain('.')]]))
  for (const text of quid) statements.push([plain(text)])
  if (holding.length > 0) {
    statements.push([plain(`${sentence(holding.map(claim => printedClaim(claim.claim, rules)).join(', '))}.`)])
    for (const note of new Set(holding.flatMap(claim => claim.note ?? []))) statements.push([plain(note)])
  }
  for (const text of [...besideClaims(context), ...(rules.europeanStatements ? european(context) : [])])
    statements.push([plain(text)])
  if (starred.size > 0 && rules.words.processedWheat) statements.push([plain(rules.words.processedWheat)])
  return statements
}

/** A claim as its market words it. */
export const printedClaim = (claim: ClaimCode, { words }: RulePack): string =>
  words.claims[claim as NamedClaim] ?? nameOfClaim(claim)

const nutrientClaims = new Set<string>([
  'sugarFree',
  'noAddedSugar',
  'lowSugar',
  'lowFat',
  'highFibre',
  'sourceOfFibre',
  'sourceOfProtein',
])

/** What a nutrition claim that holds must be printed with. */
function besideClaims({ claims, nutrition, rules, product }: DeclarationContext): string[] {
  const holding = claims.filter(claim => claim.verdict === 'holds' && nutrientClaims.has(claim.claim))
  const about = (...named: string[]) => holding.some(claim => named.includes(claim.claim))
  const { naturallySweet, notLowCalorie, disclosure } = rules.claims
  const said: string[] = []
  const { per100g } = nutrition
  if (about('noAddedSugar') && naturallySweet !== null && (per100g.sugars === undefined || per100g.sugars.value > 0))
    said.push(naturallySweet)
  const reference = product.category === undefined ? null : usReferenceAmount[product.category]
  const per = (code: NutrientCode, grams: number) => ((per100g[code]?.high ?? Number.POSITIVE_INFINITY) * grams) / 100
  if (about('noAddedSugar', 'sugarFree') && notLowCalorie !== null) {
    const low = reference !== null && atMost(per('energyKcal', reference), notLowCalorie.lowKcalPerReference)
    if (!low) said.push(notLowCalorie.statement)
  }
  if (holding.length > 0 && disclosure !== null) {
    // per reference amount, and per 50 g where that is 30 g or less; what is not known is pointed to
    const grams = reference === null ? 100 : reference <= 30 ? 50 : reference
    const over = (
      [
        ['fat', 'fat'],
        ['saturates', 'saturated fat'],
        ['cholesterolMg', 'cholesterol'],
        ['sodiumMg', 'sodium'],
      ] as const
    ).filter(([code]) => !atMost(per(code, grams), disclosure[code]))
    if (over.length > 0)
      said.push(`See nutrition information for ${over.map(([, name]) => name).join(' and ')} content.`)
  }
  return said
}

/** Regulation 1333/2008, Annex V: colours that need a warning, by E number and name. */
const colours: [RegExp, string][] = [
  [/\be ?102\b|tartrazine/i, 'tartrazine (E102)'],
  [/\be ?104\b|quinoline yellow/i, 'quinoline yellow (E104)'],
  [/\be ?110\b|sunset yellow/i, 'sunset yellow (E110)'],
  [/\be ?122\b|carmoisine/i, 'carmoisine (E122)'],
  [/\be ?124\b|ponceau/i, 'ponceau 4R (E124)'],
  [/\be ?129\b|allura red/i, 'allura red (E129)'],
]
const wordsOf = (components: readonly Component[] = []): string[] =>
  components.flatMap(one => [one.name, one.eNumber ?? '', ...wordsOf(one.components)])

/** Regulation (EU) 1169/2011, Annex III: sweeteners and polyols; and the colours above. */
function european({ workbook, bill, nutrition }: DeclarationContext): string[] {
  const used = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const ingredients = workbook.ingredients.filter(one => used.has(one.id))
  const sweetening = new Set(ingredients.flatMap(one => one.traits.sweetening ?? []))
  const said: string[] = []
  if (sweetening.has('polyol') || sweetening.has('intense'))
    said.push(
      sweetening.has('sugar') || sweetening.has('syrup') ? 'With sugar(s) and sweetener(s).' : 'With sweetener(s).',
    )
  if ((nutrition.per100g.polyols?.value ?? 0) > 10) said.push('Excessive consumption may produce laxative effects.')
  const words = ingredients
    .flatMap(one => [one.name, one.labelName ?? '', one.eNumber ?? '', ...wordsOf(one.composition)])
    .join('; ')
  const coloured = colours.filter(([pattern]) => pattern.test(words)).map(([, name]) => name)
  if (coloured.length > 0)
    said.push(`${sentence(coloured.join(', '))}: may have an adverse effect on activity and attention in children.`)
  return said
}
