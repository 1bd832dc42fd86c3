// What is known of a nutrient in one ingredient: as stated, or as it follows from what else is known of it. Nothing is guessed.
import type { Ingredient } from '../model/ingredient'
import type { NutrientCode, NutrientValue } from '../model/nutrient'

const follows = (value: number, from: string): NutrientValue => ({ value, source: `follows from ${from}` })

/**
 * Per 100 g, or undefined where nobody said and nothing tells. What follows: no cholesterol without anything animal
 * (plants make none to speak of: common practice), no trans fat and no saturates without fat, no added sugars in what
 * does not sweeten, and all the sugars of a sugar or syrup bought as a single thing are added ones.
 */
export function statedOf(ingredient: Ingredient, code: NutrientCode): NutrientValue | undefined {
  const stated = ingredient.nutrients[code]
  if (stated) return stated
  const { traits, nutrients } = ingredient
  switch (code) {
    case 'cholesterolMg':
      return traits.animal?.length === 0 ? follows(0, 'nothing in it being from an animal') : undefined
    case 'trans':
    case 'saturates':
      return nutrients.fat?.value === 0 && (nutrients.fat.high ?? 0) === 0
        ? follows(0, 'there being no fat')
        : undefined
    case 'addedSugars': {
      if (traits.sweetening === undefined) return undefined
      const sugars = traits.sweetening.some(kind => kind === 'sugar' || kind === 'syrup' || kind === 'juiceConcentrate')
      if (!sugars) return follows(0, 'it not sweetening')
      if (ingredient.composition?.length !== 0 || !nutrients.sugars) return undefined
      return { ...nutrients.sugars, source: 'all its sugars are added' }
    }
    default:
      return undefined
  }
}
