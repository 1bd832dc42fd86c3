// Derivatives a market leaves out of its allergens: named kinds, with proof, never a flag alone.
import { proofOf, type YearsByKind } from '../ingredient/evidence'
import type { ExemptKind } from '../market/rulePack'
import { type AllergenCode, allergenCodes } from '../model/allergen'
import type { Component, Ingredient } from '../model/ingredient'

const namesIn = (components: readonly Component[] = []): string[] =>
  components.flatMap(one => [one.name, ...namesIn(one.components)])

/** The kind the ingredient, or something it is made of, goes by its own words; undefined where it is none of them. */
export const exemptKindOf = (
  ingredient: Ingredient,
  code: AllergenCode,
  kinds: readonly ExemptKind[],
): string | undefined => {
  // whole words: unrefined oil is not refined, and ginger is no gin
  const names = [ingredient.name, ingredient.labelName ?? '', ...namesIn(ingredient.composition)].map(
    name => new Set((name.toLowerCase().match(/\p{L}+/gu) ?? []).flatMap(word => [word, word.replace(/s$/, '')])),
  )
  return kinds
    .filter(kind => kind.codes.includes(code))
    .find(kind => kind.named.some(words => names.some(name => words.split(' ').every(word => name.has(word)))))?.what
}

/** Is what it contains of `code` exempt: put down so, of a kind the market names, with a document in force that says so? */
export function isExempt(
  ingredient: Ingredient,
  code: AllergenCode,
  kinds: readonly ExemptKind[],
  today: string,
  years: YearsByKind | undefined,
): boolean {
  return (
    ingredient.exemptAllergens?.includes(code) === true &&
    exemptKindOf(ingredient, code, kinds) !== undefined &&
    proofOf(ingredient.allergens[code]?.evidence, ingredient.evidence, today, years).proven
  )
}

/** Allergens it contains in a form one of the kinds names, and what that kind is called. */
export const exemptForms = (
  ingredient: Ingredient,
  kinds: readonly ExemptKind[],
): { code: AllergenCode; what: string }[] =>
  allergenCodes.flatMap(code => {
    const what = ingredient.allergens[code]?.status === 'contains' ? exemptKindOf(ingredient, code, kinds) : undefined
    return what === undefined ? [] : [{ code, what }]
  })
