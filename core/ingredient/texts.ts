// Every text of an ingredient that may give something away: its names, its notes and what it is made of. What it stands for is
// not among them: date syrup stands for honey and holds none.
import type { Component, Ingredient } from '../model/ingredient'

// one text: what a number is made from stands beside it (“sunflower lecithin (E322)”)
const withNumber = (name: string, eNumber = '') => (eNumber ? `${name} (${eNumber})` : name)
const partTexts = (components: readonly Component[] = []): string[] =>
  components.flatMap(({ name, eNumber, components: inner }) => [withNumber(name, eNumber), ...partTexts(inner)])

export const textsOf = (ingredient: Ingredient): string[] =>
  [
    ingredient.name,
    withNumber(ingredient.labelName ?? ingredient.name, ingredient.eNumber),
    ingredient.notes ?? '',
    ...partTexts(ingredient.composition),
  ].filter(text => text !== '')
