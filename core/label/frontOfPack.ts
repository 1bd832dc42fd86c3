// The summary on the front of a pack, where its market has one: what a portion holds, the share of a day, and whether it is low or high.
import { roundedBy } from '../market/roundNutrient'
import type { FrontRule, Rounded, RulePack } from '../market/rulePack'
import type { Product } from '../model/product'
import { type NutrientTable, type Nutrition, saltOf } from '../nutrition/rollUp'
import { atMost, toPlaces } from '../words/rounding'
import { filled } from '../words/template'

export interface FrontOfPack {
  /** "Each slice (51 g) holds". */
  lead: string
  /** `level`: null for energy, which is neither low nor high. */
  cells: { name: string; amounts: string[]; percent: string; level: string | null }[]
  notes: string[]
}

const amountOf = (nutrient: Rounded, of: NutrientTable): number | null =>
  nutrient === 'salt'
    ? of.sodiumMg
      ? saltOf(of.sodiumMg.value)
      : null
    : (of[nutrient as keyof NutrientTable]?.value ?? null)

/** Where it lies: what is over the limit per large portion is high whatever it is per 100 g. */
function levelOf(
  { lowUpTo, highOver, highPerPortionOver }: FrontRule['of'][number],
  { portionOver, words }: FrontRule,
  per100g: number,
  perPortion: number,
  portion: number,
): string {
  const largePortion = !atMost(portion, portionOver) && !atMost(perPortion, highPerPortionOver)
  if (!atMost(per100g, highOver) || largePortion) return words.high
  return atMost(per100g, lowUpTo) ? words.low : words.medium
}

/** Null where the market has none, nobody wants it, or a value of it is not known: then none of it is printed. */
export function frontOfPack(
  rules: RulePack,
  { per100g, perPiece }: Nutrition,
  product: Pick<Product, 'printFront' | 'pieceName' | 'netWeight' | 'pieces'>,
): FrontOfPack | null {
  const { front } = rules.table
  const intake = rules.referenceIntake
  if (!front || !intake || !product.printFront) return null
  const portion = product.netWeight / product.pieces
  const share = (nutrient: Rounded, value: number) => `${toPlaces((value / intake[nutrient]!) * 100, 0)}%`
  const [kj, kcal] = [perPiece.energyKj, perPiece.energyKcal]
  if (!kj || !kcal || !per100g.energyKj || !per100g.energyKcal) return null
  const energy = (of: NutrientTable) => [
    `${roundedBy(rules, 'energyKj', of.energyKj!.value)} kJ`,
    `${roundedBy(rules, 'energyKcal', of.energyKcal!.value)} kcal`,
  ]
  const cells: FrontOfPack['cells'] = [
    { name: front.words.energy, amounts: energy(perPiece), percent: share('energyKcal', kcal.value), level: null },
  ]
  for (const one of front.of) {
    const [hundred, piece] = [amountOf(one.nutrient, per100g), amountOf(one.nutrient, perPiece)]
    if (hundred === null || piece === null) return null
    cells.push({
      name: one.name,
      amounts: [`${roundedBy(rules, one.nutrient, piece)} g`],
      percent: share(one.nutrient, piece),
      level: levelOf(one, front, hundred, piece, portion),
    })
  }
  return {
    lead: filled(front.words.lead, { piece: product.pieceName ?? 'piece', g: toPlaces(portion, 0) }),
    cells,
    notes: [front.words.note, filled(front.words.per100g, { energy: energy(per100g).join(' / ') })],
  }
}
