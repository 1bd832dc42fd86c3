// What a change does to a batch: to its claims, its allergens and the words of its label, market by market, before it goes in.
import { rulesAsRead, rulesOf } from '../market/market'
import type { Rounded, RulePack } from '../market/rulePack'
import { acceptable } from '../market/tolerance'
import { type AllergenCode, allergenCodes, allergenName } from '../model/allergen'
import type { Batch } from '../model/batch'
import { byId } from '../model/byId'
import { nameOfClaim } from '../model/claim'
import type { MarketCode } from '../model/market'
import { judgedOn } from '../model/workbook'
import { type Nutrition, saltOf } from '../nutrition/rollUp'
import { type Altered, alteredIn } from '../seal/said'
import { toSign } from '../seal/seal'
import { fullList } from '../words/listing'
import { asMade } from './asMade'
import type { KeptEntry } from './state'

export interface Effect {
  market: MarketCode
  /** Claims that were to hold and do not. */
  claims: { claim: string; now: 'unproven' | 'breaks'; because: string }[]
  /** Allergens that were not in it. */
  contains: AllergenCode[]
  mayContain: AllergenCode[]
  /** What the label would have to say instead. */
  altered: Altered[]
}

/** As the market's rows count it, per 100 g; null where it is not known. */
function rowValue(nutrient: Rounded, { per100g }: Nutrition): number | null {
  if (nutrient === 'salt') return per100g.sodiumMg ? saltOf(per100g.sodiumMg.value) : null
  if (nutrient !== 'totalCarbohydrate') return per100g[nutrient]?.value ?? null
  const { carbohydrate, fibre } = per100g
  return carbohydrate && fibre ? carbohydrate.value + fibre.value : null
}
/**
 * Is what was made still what the printed table says, by what the market allows around it? Per 100 g also where the table is of a
 * serving: what is allowed there is a share, and the same of both. Where the market names no figures, only the same words will do.
 */
function tableStillTrue(rules: RulePack, planned: Nutrition, made: Nutrition): boolean {
  const rows = Object.keys(rules.table.tolerances?.rows ?? {}) as Rounded[]
  return (
    rows.length > 0 &&
    rows.every(nutrient => {
      const [before, now] = [rowValue(nutrient, planned), rowValue(nutrient, made)]
      if (before === null) return now === null
      const may = acceptable(rules, nutrient, before)
      return now !== null && may !== null && now >= (may.low ?? 0) && now <= (may.high ?? Number.POSITIVE_INFINITY)
    })
  )
}

/** Only markets in which something is otherwise than planned. Empty where nothing of it shows. */
export function effectsOf(batch: Batch, kept: readonly KeptEntry[]): Effect[] {
  const made = asMade(batch, kept)
  if (made === batch.books) return []
  const { product } = batch
  const markets = byId(batch.books.products).get(product)?.markets ?? []
  return markets.flatMap((market): Effect[] => {
    const [before, after] = [toSign(batch.books, product, market), toSign(made, product, market)]
    if (!before || !after) return []
    const [planned, now] = [before.assessment, after.assessment]
    const held = new Map(planned.claims.map(one => [one.claim, one.verdict]))
    const claims = now.claims.flatMap(one =>
      held.get(one.claim) === 'holds' && one.verdict !== 'holds'
        ? [{ claim: nameOfClaim(one.claim), now: one.verdict, because: one.because[0]?.fact ?? '' }]
        : [],
    )
    const came = (status: 'contains' | 'mayContain') =>
      allergenCodes.filter(
        code =>
          now.allergens[code].status === status &&
          planned.allergens[code].status !== status &&
          !(status === 'mayContain' && planned.allergens[code].status === 'contains'),
      )
    const effect = {
      market,
      claims,
      contains: came('contains'),
      mayContain: came('mayContain'),
      altered: alteredIn(before.says, after.says).filter(
        one =>
          one.part !== 'nutrition' ||
          !tableStillTrue(rulesOf(market, judgedOn(batch.books)), planned.nutrition, now.nutrition),
      ),
    }
    const nothing = claims.length + effect.contains.length + effect.mayContain.length + effect.altered.length === 0
    return nothing ? [] : [effect]
  })
}

/** One market's effect in sentences, the most harmful first. */
export function effectWords({ market, claims, contains, mayContain, altered }: Effect): string[] {
  const { title } = rulesAsRead(market)
  const names = (codes: readonly AllergenCode[]) => fullList(codes.map(code => allergenName[code]))
  return [
    ...(contains.length > 0 ? [`${title}: it contains ${names(contains)} now.`] : []),
    ...(mayContain.length > 0 ? [`${title}: it may contain ${names(mayContain)} now.`] : []),
    ...claims.map(one =>
      `${title}: “${one.claim}” ${one.now === 'breaks' ? 'breaks' : 'is no longer proven'}. ${one.because}`.trim(),
    ),
    ...(altered.length > 0
      ? [`${title}: the label is wrong for this batch in its ${fullList(altered.map(one => one.part))}.`]
      : []),
  ]
}
