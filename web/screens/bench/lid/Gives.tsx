// What one making of a recipe gives, and what a cup of it weighs.
'use client'
import { millilitresOf } from '@fair-tin/core/measure'
import type { Recipe } from '@fair-tin/core/model'
import { toPlaces, typedNumber } from '@fair-tin/core/words'
import { TypedField } from '../typed/TypedField'
import type { Hands } from '../typed/useTyped'

export const number = (text: string) => (text.trim() === '' ? null : typedNumber(text))

/** How many pieces one making of the recipe gives. */
export function MakingGives({ recipe, hands, pieceName }: { recipe: Recipe; hands: Hands; pieceName: string }) {
  return (
    <TypedField
      label={`One making gives, ${pieceName}s`}
      value={recipe.pieces === undefined ? '' : String(recipe.pieces)}
      hint="not said"
      hands={hands}
      read={typed => {
        const to = number(typed)
        if (to !== null && !(to > 0 && to <= 1_000_000)) return { problem: 'Say how many pieces one making gives.' }
        return { edits: [{ kind: 'pieces', was: recipe.pieces ?? null, to }] }
      }}
    />
  )
}

/** What a cup of a part weighs, so that recipes may call for it in cups and spoons. */
export function CupWeighs({ recipe, hands }: { recipe: Recipe; hands: Hands }) {
  const cup = millilitresOf('cup', recipe)!
  return (
    <TypedField
      label={`A cup of it (${toPlaces(cup, 0)} ml) weighs, g`}
      value={recipe.gramsPerMl === undefined ? '' : String(toPlaces(recipe.gramsPerMl * cup, 1))}
      hint="not weighed"
      hands={hands}
      read={typed => {
        const grams = number(typed)
        if (grams !== null && !(grams > 0 && grams < 5000))
          return { problem: 'Say what one cup of it weighs, in grams.' }
        return {
          edits: [{ kind: 'gramsPerMl', was: recipe.gramsPerMl ?? null, to: grams === null ? null : grams / cup }],
        }
      }}
    />
  )
}
