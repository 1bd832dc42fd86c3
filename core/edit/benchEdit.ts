// One change made on the bench: to the recipe, to the product, or to what something costs. Kept, merged and taken back alike.
import { z } from 'zod'
import { type Ingredient, Measure, Pack, unknownIngredient } from '../model/ingredient'
import { Product } from '../model/product'
import type { Recipe } from '../model/recipe'
import { applyEdit, type Clash, inverse as inverseOfRecipe, recipeEdits } from './recipeEdit'
import { same, withField } from './same'

/** What one bench edits. */
export interface BenchThings {
  product: Product
  recipe: Recipe
  /** The whole larder; only packs and measures are edited here. */
  ingredients: readonly Ingredient[]
}

export const productFields = [
  'name',
  'legalName',
  'netWeight',
  'weightFollows',
  'pieces',
  'pieceName',
  'category',
  'keeps',
  'keeping',
  'packing',
  'packsPerBox',
  'losses',
  'pricing',
  'prices',
  'tax',
  'printNotices',
  'printIntake',
  'printFront',
  'origin',
  'printPrice',
  'glutenTest',
  'laboratory',
  'gtin',
  'squareCode',
  'weighings',
  'soldAs',
  'withoutTable',
  'designs',
  'precautions',
  'translated',
] as const
export type ProductField = (typeof productFields)[number]
export const tickLists = ['claims', 'markets', 'highlighted'] as const

/** Why a value cannot stand in a field, in words for the baker; null where it can. */
export function refusedIn(field: ProductField, value: unknown): string | null {
  if (value === null) return ['name', 'netWeight', 'pieces'].includes(field) ? 'This cannot be left empty.' : null
  return Product.shape[field].safeParse(value).error?.issues[0]?.message ?? null
}

const productEdit = z
  .object({ kind: z.literal('product'), field: z.enum(productFields), was: z.unknown(), to: z.unknown() })
  .superRefine((edit, context) => {
    const refused = refusedIn(edit.field, edit.to)
    if (refused) context.addIssue({ code: 'custom', path: ['to'], message: refused })
  })

/** Ticks one entry of a list on or off: two windows that tick different ones both get their way. */
const tickEdit = z
  .object({ kind: z.literal('tick'), list: z.enum(tickLists), item: z.string().min(1).max(200), to: z.boolean() })
  .superRefine((edit, context) => {
    // what nobody knows can be ticked off, never on
    const known = Product.shape[edit.list].safeParse([edit.item]).success
    if (edit.to && !known)
      context.addIssue({
        code: 'custom',
        path: ['item'],
        message: `There is no ${edit.list === 'markets' ? 'market' : 'claim'} “${edit.item}”.`,
      })
  })

export const BenchEdit = z.discriminatedUnion('kind', [
  ...recipeEdits,
  productEdit,
  tickEdit,
  z.object({ kind: z.literal('packs'), ingredient: z.string().min(1), was: z.array(Pack), to: z.array(Pack) }),
  /** How an ingredient measures: what a cup or a piece of it weighs. */
  z.object({ kind: z.literal('measures'), ingredient: z.string().min(1), was: z.array(Measure), to: z.array(Measure) }),
])
export type BenchEdit = z.infer<typeof BenchEdit>
export type BenchClash = Clash<BenchEdit>

/** Applies one edit; doing it twice is the same as once. */
export function applyBenchEdit<T extends BenchThings>(
  things: T,
  edit: BenchEdit,
): { things: T } | { clash: BenchClash } {
  switch (edit.kind) {
    case 'product': {
      const now = things.product[edit.field] ?? null
      if (!same(now, edit.was) && !same(now, edit.to))
        return {
          clash: {
            edit,
            fact:
              now === null ? 'it is not said now' : `it is “${typeof now === 'object' ? 'something else' : now}” now`,
            anyway: { ...edit, was: now },
          },
        }
      return { things: { ...things, product: withField(things.product, edit.field, edit.to) } }
    }
    case 'tick': {
      const list: readonly string[] = things.product[edit.list] ?? []
      if (list.includes(edit.item) === edit.to) return { things }
      const next = edit.to ? [...list, edit.item] : list.filter(one => one !== edit.item)
      return { things: { ...things, product: { ...things.product, [edit.list]: next } } }
    }
    case 'packs':
    case 'measures': {
      const ingredient = things.ingredients.find(one => one.id === edit.ingredient)
      if (!ingredient) return { clash: { edit, fact: 'it is no longer in the larder' } }
      const now = ingredient[edit.kind]
      if (!same(now, edit.was) && !same(now, edit.to)) {
        const fact = edit.kind === 'packs' ? 'somebody wrote another price' : 'somebody weighed it otherwise'
        return { clash: { edit, fact, anyway: { ...edit, was: now } as BenchEdit } }
      }
      const changed = { ...ingredient, [edit.kind]: edit.to }
      return { things: { ...things, ingredients: things.ingredients.map(one => (one === ingredient ? changed : one)) } }
    }
    default: {
      const done = applyEdit(things.recipe, edit)
      return 'clash' in done ? { clash: done.clash } : { things: { ...things, recipe: done.recipe } }
    }
  }
}

/** All edits in order; those that clash are left out and told. */
export function applyBenchEdits<T extends BenchThings>(
  things: T,
  edits: readonly BenchEdit[],
): { things: T; clashes: BenchClash[] } {
  const clashes: BenchClash[] = []
  let now = things
  for (const edit of edits) {
    const done = applyBenchEdit(now, edit)
    if ('things' in done) now = done.things
    else clashes.push(done.clash)
  }
  return { things: now, clashes }
}

/** Things an edit brings that are new to the larder: of each, only the name is known. */
export function freshIn(edit: BenchEdit): Ingredient[] {
  if (edit.kind === 'whole') return (edit.fresh ?? []).map(one => unknownIngredient(one.id, one.name))
  return edit.kind === 'add' && edit.fresh && 'ingredient' in edit.line.of
    ? [unknownIngredient(edit.line.of.ingredient, edit.fresh)]
    : []
}

/** The edit that takes this one back: a new entry, never an erasure. */
export function inverse(edit: BenchEdit): BenchEdit {
  switch (edit.kind) {
    case 'product':
    case 'packs':
    case 'measures':
      return { ...edit, was: edit.to, to: edit.was } as BenchEdit
    case 'tick':
      return { ...edit, to: !edit.to }
    default:
      return inverseOfRecipe(edit)
  }
}
