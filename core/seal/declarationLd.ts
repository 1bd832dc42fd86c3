// A signed declaration as data others read: schema.org's Product with its NutritionInformation (https://schema.org/NutritionInformation),
// and the words of the label as they were signed. Values are those behind the label, per 100 g, in the units schema.org asks for.
import type { NutrientTable } from '../nutrition/rollUp'
import { toPlaces } from '../words/rounding'
import type { Seal } from './seal'

const inGrams = {
  fatContent: 'fat',
  saturatedFatContent: 'saturates',
  transFatContent: 'trans',
  carbohydrateContent: 'carbohydrate',
  sugarContent: 'sugars',
  fiberContent: 'fibre',
  proteinContent: 'protein',
} as const
const inMilligrams = { sodiumContent: 'sodiumMg', cholesterolContent: 'cholesterolMg' } as const

/** What is not known is left out, and never a 0. */
export function nutritionInformation(per100g: NutrientTable): Record<string, string> {
  const rows = (names: Readonly<Record<string, keyof NutrientTable>>, unit: string, places: number) =>
    Object.entries(names).flatMap(([name, code]) => {
      const range = per100g[code]
      return range ? [[name, `${toPlaces(range.value, places)} ${unit}`] as const] : []
    })
  const { energyKcal } = per100g
  return {
    '@type': 'NutritionInformation',
    servingSize: '100 g',
    ...(energyKcal ? { calories: `${toPlaces(energyKcal.value, 0)} calories` } : {}),
    ...Object.fromEntries([...rows(inGrams, 'g', 1), ...rows(inMilligrams, 'mg', 0)]),
  }
}

export interface DeclarationLd {
  '@type': 'Product'
  name: string
  description: string
  gtin13?: string
  nutrition: Record<string, string>
  additionalProperty: { '@type': 'PropertyValue'; name: string; value: string }[]
}
/** `names`: how the market calls an allergen. Every part that was signed is in it, word for word. */
export function declarationLd(
  seal: Seal,
  per100g: NutrientTable,
  names: (code: Seal['contains'][number]) => string,
  signed: { by: string; at: string },
): DeclarationLd {
  const gtin = seal.rests.products.find(one => one.id === seal.product.id)?.gtin
  const property = (name: string, value: string) => ({ '@type': 'PropertyValue' as const, name, value })
  return {
    '@type': 'Product',
    name: seal.product.name,
    description: seal.says.find(one => one.part === 'name')?.words ?? seal.product.name,
    ...(gtin ? { gtin13: gtin } : {}),
    nutrition: nutritionInformation(per100g),
    additionalProperty: [
      property('market', seal.market),
      property('contains', seal.contains.map(names).join(', ')),
      property('may contain', seal.mayContain.map(names).join(', ')),
      ...seal.says.map(one => property(one.part, one.words)),
      property('signed', `${signed.by}, ${signed.at.slice(0, 10)}`),
    ],
  }
}
