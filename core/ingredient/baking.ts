// What an ingredient does in a free-from bake: how a flour behaves, how much gum it brings, how it sweetens and binds.
// Common practice, no published source: advice to be tried, never a rule. What is not in the tables is not guessed.
import type { Component, Ingredient } from '../model/ingredient'

/** How a flour or starch behaves, each 0 to 1 against the others. */
export interface FlourWork {
  bulk: number
  absorbency: number
  lightness: number
  binding: number
}
export const flourWorks = ['bulk', 'absorbency', 'lightness', 'binding'] as const

export type FlourKind = 'grain' | 'starch' | 'nut' | 'legume' | 'coconut'
export const flourKindName: Record<FlourKind, string> = {
  grain: 'grain or root',
  starch: 'starch',
  nut: 'nut or seed meal',
  legume: 'legume flour',
  coconut: 'coconut flour',
}

/** name | kind | bulk absorbency lightness binding, tenths */
const flourRows = `
  buckwheat flour|grain|7 4 2 5
  brown rice flour|grain|8 3 3 1
  white rice flour|grain|7 3 5 1
  rice flour|grain|7 3 5 1
  sorghum flour|grain|9 4 2 2
  millet flour|grain|8 3 3 1
  teff flour|grain|8 6 1 4
  quinoa flour|grain|7 5 2 3
  amaranth flour|grain|6 5 2 4
  maize flour|grain|7 4 3 1
  polenta|grain|8 5 1 1
  oat flour|grain|8 5 2 4
  oats|grain|8 6 1 4
  rolled oats|grain|8 6 1 4
  chestnut flour|grain|7 4 3 2
  tiger nut flour|grain|7 4 2 2
  potato flour|grain|4 9 2 4
  plain flour blend|grain|6 3 5 2
  gram flour|legume|7 4 1 4
  soya flour|legume|6 6 1 4
  lupin flour|legume|6 6 1 4
  coconut flour|coconut|4 10 1 1
  ground almonds|nut|9 2 1 2
  ground hazelnuts|nut|9 2 1 2
  ground walnuts|nut|9 2 1 2
  ground sunflower seed|nut|8 3 1 2
  tapioca starch|starch|2 2 9 5
  potato starch|starch|2 3 9 2
  cornflour|starch|3 2 9 1
  maize starch|starch|3 2 9 1
  arrowroot|starch|2 2 9 3
  glutinous rice flour|starch|5 4 4 8`
const also: Record<string, string> = {
  'almond flour': 'ground almonds',
  'almond meal': 'ground almonds',
  'blanched almond flour': 'ground almonds',
  'tapioca flour': 'tapioca starch',
  cornstarch: 'cornflour',
  'corn starch': 'cornflour',
  'gluten-free plain flour': 'plain flour blend',
  'gluten-free flour': 'plain flour blend',
  'house flour blend': 'plain flour blend',
  'wholegrain rice flour': 'brown rice flour',
  'rice flour, white': 'white rice flour',
  'maize flour, fine': 'maize flour',
  'porridge oats': 'oats',
}
interface Flour {
  kind: FlourKind
  work: FlourWork
}
const flours = new Map<string, Flour>(
  flourRows
    .trim()
    .split('\n')
    .map(row => {
      const [name, kind, works] = row.trim().split('|') as [string, FlourKind, string]
      const [bulk, absorbency, lightness, binding] = works.split(' ').map(tenth => Number(tenth) / 10) as [
        number,
        number,
        number,
        number,
      ]
      return [name, { kind, work: { bulk, absorbency, lightness, binding } }]
    }),
)

export type SweetenerKind = 'sugar' | 'syrup' | 'fruit' | 'polyol' | 'rareSugar' | 'intense'
export const sweetenerKindName: Record<SweetenerKind, string> = {
  sugar: 'sugar',
  syrup: 'syrup',
  fruit: 'fruit that sweetens',
  polyol: 'polyol',
  rareSugar: 'rare sugar',
  intense: 'intense sweetener',
}

const gums = /\b(?:xanthan|guar gum|guar|locust bean gum|carob gum|tara gum|gellan)\b/i
const gumNumbers = /^E ?4(?:10|12|15|17|18)$/i
const binders: [string, RegExp][] = [
  ['psyllium', /\bpsyllium\b/i],
  ['ground seed', /\b(?:linseed|flax ?seeds?|chia)\b/i],
  ['egg', /\beggs?\b(?! replacer)|\begg (?:white|yolk)s?\b/i],
  ['gelatine', /\bgelatine?\b/i],
  ['agar', /\bagar\b/i],
  ['banana', /\bbananas?\b/i],
  ['dates', /\b(?:pitted |stoned )?dates\b|\bdate paste\b/i],
  ['fruit purée', /\b(?:purée|puree)\b/i],
]

export interface Baking {
  flour?: Flour
  /** Share of it that is gum; `unstated` where its composition names a gum without saying how much. */
  gum: number | 'unstated'
  /** What it binds with besides gum; null where it does not. */
  binder: string | null
  sweetener: SweetenerKind | null
  /** Share of water, worked out from what is known of its make-up; null where that is not known. */
  water: number | null
  fat: number | null
}

const plainName = (name: string) => name.toLowerCase().split(',')[0]!.trim()
function flourNamed(names: readonly string[]): Flour | undefined {
  for (const name of names) {
    for (const key of [name.toLowerCase().trim(), plainName(name)]) {
      const found = flours.get(also[key] ?? key)
      if (found) return found
    }
  }
  return undefined
}

/** A bought blend by its parts: only where every one has a percentage and is a flour or a gum. */
function blended(composition: readonly Component[] | undefined): Flour | undefined {
  if (!composition || composition.length < 2) return undefined
  let share = 0
  const work: FlourWork = { bulk: 0, absorbency: 0, lightness: 0, binding: 0 }
  for (const one of composition) {
    if (isGum(one)) continue
    const flour = flourNamed([one.name])
    if (!flour || one.percent === undefined) return undefined
    share += one.percent
    for (const key of flourWorks) work[key] += flour.work[key] * one.percent
  }
  if (!(share > 50)) return undefined
  for (const key of flourWorks) work[key] /= share
  return { kind: 'grain', work }
}
const isGum = (one: Pick<Component, 'name' | 'eNumber'>) => gums.test(one.name) || gumNumbers.test(one.eNumber ?? '')
function gumIn(composition: readonly Component[] | undefined): number | 'unstated' {
  let total = 0
  for (const one of composition ?? []) {
    if (!isGum(one)) continue
    if (one.percent === undefined) return 'unstated'
    total += one.percent / 100
  }
  return total
}

const shareOf = (ingredient: Ingredient, code: 'fat' | 'carbohydrate' | 'fibre' | 'protein') =>
  ingredient.nutrients[code]?.value

/** What is not fat, carbohydrate, fibre, protein or salt is water, as food tables have it; null where one is missing. */
function waterOf(ingredient: Ingredient): number | null {
  const stated = ingredient.nutrients.water?.value
  if (stated !== undefined) return stated / 100
  const parts = (['fat', 'carbohydrate', 'fibre', 'protein'] as const).map(code => shareOf(ingredient, code))
  if (parts.some(part => part === undefined)) return null
  const salt = ((ingredient.nutrients.sodiumMg?.value ?? 0) * 2.5) / 1000
  return Math.max(0, 100 - (parts as number[]).reduce((sum, part) => sum + part, 0) - salt) / 100
}

function sweetenerOf(ingredient: Ingredient): SweetenerKind | null {
  const kinds = ingredient.traits.sweetening ?? []
  if (kinds.includes('intense')) return 'intense'
  if (kinds.includes('rareSugar')) return 'rareSugar'
  if (kinds.includes('polyol')) return 'polyol'
  if (kinds.includes('syrup') || kinds.includes('juiceConcentrate')) return 'syrup'
  // chocolate has sugar in it; it is not a sweetener of the dough
  if (kinds.includes('sugar')) return (ingredient.nutrients.sugars?.value ?? 100) >= 70 ? 'sugar' : null
  if (kinds.includes('fruitPuree')) return 'fruit'
  if (/\b(?:dates|bananas?|raisins|sultanas|prunes|figs|apricots)\b/i.test(ingredient.name)) return 'fruit'
  return null
}

const memory = new WeakMap<Ingredient, Baking>()
/** What an ingredient does. Pure; by its names first, then by what it is made of. */
export function bakingOf(ingredient: Ingredient): Baking {
  const known = memory.get(ingredient)
  if (known) return known
  const names = [
    ingredient.name,
    ...(ingredient.standsFor ? [ingredient.standsFor] : []),
    ...(ingredient.labelName ? [ingredient.labelName] : []),
  ]
  const flour = blended(ingredient.composition) ?? flourNamed(names)
  const itself = names.some(name => gums.test(name)) || gumNumbers.test(ingredient.eNumber ?? '')
  const simple = (ingredient.composition?.length ?? 0) <= 1
  const binder = simple ? binders.find(([, pattern]) => names.some(name => pattern.test(name)))?.[0] : undefined
  const baking: Baking = {
    ...(flour ? { flour } : {}),
    gum: itself && simple ? 1 : gumIn(ingredient.composition),
    binder: binder ?? (ingredient.composition?.some(one => /\bpsyllium\b/i.test(one.name)) ? 'psyllium' : null),
    sweetener: sweetenerOf(ingredient),
    water: waterOf(ingredient),
    fat: ingredient.nutrients.fat === undefined ? null : ingredient.nutrients.fat.value / 100,
  }
  memory.set(ingredient, baking)
  return baking
}
