// Nutrition claims against the market's thresholds, per 100 g or per reference amount.
// EU and UK: Regulation (EC) 1924/2006, Annex. US: 21 CFR 101.13, .54, .60, .62. Each threshold carries its citation.
import { kindConflict, kindFact, kindMend } from '../ingredient/kindWords'
import type { Limit } from '../market/rulePack'
import { referenceAmountOf, servingOf } from '../market/serving'
import { byId } from '../model/byId'
import type { NamedClaim } from '../model/claim'
import { type NutrientCode, nutrientName } from '../model/nutrient'
import { wayOf } from '../recipe/bill'
import { atMost, toPlaces } from '../words/rounding'
import { type ClaimContext, type ClaimResult, concluded, type Ground, type Verdict } from './verdict'

const path = [{ id: 'nutrition', name: 'nutrition' }]
const ground = (verdict: Verdict, fact: string, mend?: string): Ground => ({
  verdict,
  at: -1,
  reason: { path, fact, ...(mend ? { mend } : {}) },
})
const refused = (claim: NamedClaim, context: ClaimContext, verdict: Verdict, fact: string, mend: string) =>
  concluded(claim, context, [ground(verdict, fact, mend)])

const noSuchClaim = (claim: NamedClaim, context: ClaimContext) =>
  refused(
    claim,
    context,
    'breaks',
    `${context.rules.title} has no such claim, so it cannot be printed there`,
    'Leave it off in this market.',
  )

/** How far a value is from its limit: "1.9 g under it". */
function marginTo(limit: number, value: number): string {
  const away = Math.abs(value - limit)
  if (atMost(away, 0)) return 'just at it'
  return `${toPlaces(away, away < 0.095 ? 2 : 1)} g ${value < limit ? 'under' : 'over'} it`
}

/** Grams of a labelled serving; null where it cannot be told. */
function servingGrams({ rules, product }: ClaimContext): number | null {
  const serving = servingOf(rules, product)
  return 'grams' in serving ? serving.grams : null
}

/** Grams a limit is about: 100, a serving, or the reference amount of the kind of bake; null where that is not known. */
const basisOf = (per: Limit['per'], context: ClaimContext): number | null => {
  if (per === '100g') return 100
  if (per === 'serving') return servingGrams(context)
  return referenceAmountOf(context.rules, context.product)
}
const needsKind = (claim: NamedClaim, context: ClaimContext) =>
  refused(
    claim,
    context,
    'unproven',
    'this market judges the claim per reference amount, and the kind of bake is not said',
    'Say what kind of bake it is, under About.',
  )

/** A figure that cannot be given proves nothing. The high or low end is judged, whichever is worse for the claim. */
function figure(
  claim: NamedClaim,
  context: ClaimContext,
  needs: NutrientCode[],
  judge: (of: (code: NutrientCode, end: 'low' | 'high') => number) => Ground[],
): ClaimResult {
  const { per100g, gaps } = context.nutrition
  const missing = needs.filter(code => per100g[code] === undefined)
  if (missing.length === 0)
    return concluded(
      claim,
      context,
      judge((code, end) => per100g[code]![end]),
    )
  const who = [...new Set(missing.flatMap(code => gaps[code] ?? []))].join(', ')
  return refused(
    claim,
    context,
    'unproven',
    `${missing.map(code => nutrientName[code]).join(' and ')} not known for ${who}`,
    'Add the missing values in the larder.',
  )
}

function ceiling(
  claim: NamedClaim,
  code: NutrientCode,
  limit: Limit | null,
  context: ClaimContext,
  more: Ground[] = [],
): ClaimResult {
  if (limit === null) return noSuchClaim(claim, context)
  const basis = basisOf(limit.per, context)
  if (basis === null) return needsKind(claim, context)
  const within = (value: number) => (limit.below ? !atMost(limit.grams, value) : atMost(value, limit.grams))
  const serving = limit.perServingToo ? servingGrams(context) : null
  const bases = [
    ...new Set([
      basis,
      ...(limit.smallReferenceToo && basis <= 30 ? [50] : []),
      ...(serving === null ? [] : [serving]),
    ]),
  ]
  return figure(claim, context, [code], of => [
    ...bases.map(grams => {
      const value = (of(code, 'high') * grams) / 100
      const edge = limit.below ? `under ${limit.grams}` : `at most ${limit.grams}`
      return ground(
        within(value) ? 'holds' : 'breaks',
        `${toPlaces(value, 1)} g of ${nutrientName[code]} per ${Number(toPlaces(grams, 1))} g, ${edge} allowed (${limit.cite}); ${marginTo(limit.grams, value)}`,
      )
    }),
    ...more,
  ])
}

/** US: an ingredient that is a sugar, or is generally taken to hold sugars, breaks it whatever the figure. */
const sugarIngredients = (context: ClaimContext): Ground[] => {
  const ingredients = byId(context.workbook.ingredients)
  const { kinds } = context.rules.claims.addedSugars
  return context.bill.lines.flatMap((line, at): Ground[] => {
    if (line.role === 'beside') return []
    const ingredient = ingredients.get(line.ingredient)!
    const { sweetening } = ingredient.traits
    if (sweetening === undefined)
      return [
        {
          verdict: 'unproven',
          at,
          reason: { ...wayOf(line), fact: 'nobody has said whether it sweetens', mend: 'Say so in the larder.' },
        },
      ]
    const spoken = kindConflict(ingredient, 'sweetening')
    if (spoken) return [{ verdict: 'unproven', at, reason: { ...wayOf(line), fact: kindFact(spoken), mend: kindMend } }]
    return sweetening.some(kind => (kinds as readonly string[]).includes(kind))
      ? [{ verdict: 'breaks', at, reason: { ...wayOf(line), fact: 'it is a sugar, or is taken for one' } }]
      : []
  })
}

function fibre(claim: 'sourceOfFibre' | 'highFibre', context: ClaimContext): ClaimResult {
  const rule = context.rules.claims[claim]
  if (rule === null) return noSuchClaim(claim, context)
  const basis = basisOf(rule.per, context)
  if (basis === null) return needsKind(claim, context)
  return figure(claim, context, rule.per100kcal === undefined ? ['fibre'] : ['fibre', 'energyKcal'], of => {
    const amount = (of('fibre', 'low') * basis) / 100
    const perEnergy =
      rule.per100kcal !== undefined && of('energyKcal', 'high') > 0
        ? (of('fibre', 'low') / of('energyKcal', 'high')) * 100
        : null
    const ok = atMost(rule.grams, amount) || (perEnergy !== null && atMost(rule.per100kcal!, perEnergy))
    const energy = perEnergy === null ? '' : `, ${toPlaces(perEnergy, 1)} g per 100 kcal`
    const needed = perEnergy === null ? `${rule.grams}` : `${rule.grams} or ${rule.per100kcal}`
    return [
      ground(
        ok ? 'holds' : 'breaks',
        `${toPlaces(amount, 1)} g of fibre per ${basis} g${energy}; ${needed} needed (${rule.cite})${ok && !atMost(rule.grams, amount) ? '' : `; ${marginTo(rule.grams, amount)}`}`,
      ),
    ]
  })
}

/** On a food that is free of energy too: under so many kcal per the amount its limit is about. */
function freeOfEnergy(rule: Limit & { kcalBelow?: number }, context: ClaimContext): Ground[] {
  const basis = basisOf(rule.per, context)
  const kcal = context.nutrition.per100g.energyKcal
  if (rule.kcalBelow === undefined || basis === null) return []
  if (!kcal) return [ground('unproven', 'its energy is not known', 'Add the missing values in the larder.')]
  const value = (kcal.high * basis) / 100
  return [
    ground(
      atMost(rule.kcalBelow, value) ? 'breaks' : 'holds',
      `${toPlaces(value, 0)} kcal per ${Number(toPlaces(basis, 1))} g, under ${rule.kcalBelow} allowed beside it (${rule.cite})`,
    ),
  ]
}

function protein(context: ClaimContext): ClaimResult {
  const rule = context.rules.claims.sourceOfProtein
  if (rule === null)
    return refused(
      'sourceOfProtein',
      context,
      'unproven',
      'this market counts protein by its quality, which no composition tells',
      'Ask someone competent for the corrected amount.',
    )
  if ('gramsPerServing' in rule) {
    const grams = servingGrams(context)
    if (grams === null) return needsKind('sourceOfProtein', context)
    return figure('sourceOfProtein', context, ['protein'], of => {
      const amount = (of('protein', 'low') * grams) / 100
      const said = `${toPlaces(amount, 1)} g of protein per serving, ${rule.gramsPerServing} needed (${rule.cite}); ${marginTo(rule.gramsPerServing, amount)}`
      return [ground(atMost(rule.gramsPerServing, amount) ? 'holds' : 'breaks', said)]
    })
  }
  return figure('sourceOfProtein', context, ['protein', 'energyKcal'], of => {
    const energy = of('energyKcal', 'high')
    const share = energy > 0 ? (of('protein', 'low') * 4) / energy : 0
    return [
      ground(
        atMost(rule.share, share) ? 'holds' : 'breaks',
        `${toPlaces(share * 100, 0)} % of the energy is protein, ${rule.share * 100} % needed (${rule.cite}); ${toPlaces(Math.abs(share - rule.share) * 100, 1)} points ${share < rule.share ? 'under' : 'over'} it`,
      ),
    ]
  })
}

/** Claims about nutrients, each against its market's limit. */
export const nutritional = {
  lowFat: context => ceiling('lowFat', 'fat', context.rules.claims.lowFat, context),
  lowSugar: context => ceiling('lowSugar', 'sugars', context.rules.claims.lowSugar, context),
  sugarFree: context => {
    const rule = context.rules.claims.sugarFree
    return ceiling(
      'sugarFree',
      'sugars',
      rule,
      context,
      rule ? [...(rule.noSugarIngredient ? sugarIngredients(context) : []), ...freeOfEnergy(rule, context)] : [],
    )
  },
  sourceOfFibre: context => fibre('sourceOfFibre', context),
  highFibre: context => fibre('highFibre', context),
  sourceOfProtein: protein,
} satisfies Partial<Record<NamedClaim, (context: ClaimContext) => ClaimResult>>

/** Low carbohydrate by another name: no market here lets it hold. */
export const keto = (context: ClaimContext): ClaimResult =>
  context.rules.claims.lowCarbohydrate === 'notPermitted'
    ? refused(
        'keto',
        context,
        'breaks',
        'this market permits no low-carbohydrate claim, so it cannot be printed',
        'Show the carbohydrate figure instead.',
      )
    : refused(
        'keto',
        context,
        'unproven',
        'this market does not define it; say which way of counting is meant, and print the figure',
        'Show the carbohydrate figure instead.',
      )
