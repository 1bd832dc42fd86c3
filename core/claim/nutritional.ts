// Nutrition claims per 100 g, against the market's thresholds (EU and UK: Regulation (EC) 1924/2006, Annex).
import { atMost, toPlaces } from '../measure/rounding'
import { type NutrientCode, nutrientName } from '../nutrition/nutrient'
import type { NamedClaim } from '../workbook'
import { type ClaimContext, type ClaimResult, concluded, type Verdict } from './verdict'

/** A figure that cannot be given proves nothing. The high or low end is judged, whichever is worse for the claim. */
function figure(
  claim: NamedClaim,
  context: ClaimContext,
  needs: NutrientCode[],
  judge: (of: (code: NutrientCode, end: 'low' | 'high') => number) => { ok: boolean; fact: string },
): ClaimResult {
  const path = [{ id: 'nutrition', name: 'nutrition' }]
  const { per100g, gaps } = context.nutrition
  const missing = needs.filter(code => per100g[code] === undefined)
  if (missing.length > 0) {
    const fact = `${missing.map(code => nutrientName[code]).join(' and ')} not known for ${[...new Set(missing.flatMap(code => gaps[code] ?? []))].join(', ')}`
    return concluded(claim, context, [
      { verdict: 'unproven', at: -1, reason: { path, fact, mend: 'Add the missing values in the larder.' } },
    ])
  }
  const { ok, fact } = judge((code, end) => per100g[code]![end])
  const verdict: Verdict = ok ? 'holds' : 'breaks'
  return concluded(claim, context, [
    { verdict, at: -1, reason: { path, fact: `${fact} (${context.rules.claims.cite})` } },
  ])
}

const ceiling = (claim: NamedClaim, code: NutrientCode, limit: number, context: ClaimContext) =>
  figure(claim, context, [code], of => ({
    ok: atMost(of(code, 'high'), limit),
    fact: `${toPlaces(of(code, 'high'), 1)} g of ${nutrientName[code]} per 100 g, at most ${limit} allowed`,
  }))

const fibre = (claim: NamedClaim, grams: number, per100kcal: number, context: ClaimContext) =>
  figure(claim, context, ['fibre', 'energyKcal'], of => {
    const low = of('fibre', 'low')
    const perEnergy = of('energyKcal', 'high') > 0 ? (low / of('energyKcal', 'high')) * 100 : 0
    return {
      ok: atMost(grams, low) || atMost(per100kcal, perEnergy),
      fact: `${toPlaces(low, 1)} g of fibre per 100 g, ${toPlaces(perEnergy, 1)} g per 100 kcal; ${grams} or ${per100kcal} needed`,
    }
  })

export const nutritional: Partial<Record<NamedClaim, (context: ClaimContext) => ClaimResult>> = {
  lowFat: context => ceiling('lowFat', 'fat', context.rules.claims.lowFat, context),
  lowSugar: context => ceiling('lowSugar', 'sugars', context.rules.claims.lowSugar, context),
  sugarFree: context => ceiling('sugarFree', 'sugars', context.rules.claims.sugarFree, context),
  sourceOfFibre: context =>
    fibre('sourceOfFibre', context.rules.claims.fibre.source, context.rules.claims.fibre.sourcePer100kcal, context),
  highFibre: context =>
    fibre('highFibre', context.rules.claims.fibre.high, context.rules.claims.fibre.highPer100kcal, context),
  sourceOfProtein: context =>
    figure('sourceOfProtein', context, ['protein', 'energyKcal'], of => {
      const share = of('energyKcal', 'high') > 0 ? (of('protein', 'low') * 4) / of('energyKcal', 'high') : 0
      return {
        ok: atMost(context.rules.claims.protein.source, share),
        fact: `${toPlaces(share * 100, 0)} % of the energy is protein, ${context.rules.claims.protein.source * 100} % needed`,
      }
    }),
  keto: context =>
    concluded('keto', context, [
      {
        verdict: context.rules.claims.lowCarbohydrate === 'notPermitted' ? 'breaks' : 'unproven',
        at: -1,
        reason: {
          path: [],
          fact: 'this market permits no low-carbohydrate claim, so it cannot be printed',
          mend: 'Show the carbohydrate figure instead.',
        },
      },
    ]),
}
