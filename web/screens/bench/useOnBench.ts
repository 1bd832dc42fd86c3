// What stands on an open bench: the served books with what is edited, tried and typed laid over them, and the hands that change it.
'use client'
import { applyBenchEdits, type BenchEdit, type RecipeEdit } from '@fair-tin/core/edit'
import { type Product, type Recipe, unknownIngredient, type Workbook } from '@fair-tin/core/model'
import { useRouter } from 'next/navigation'
import { useCallback, useMemo, useRef, useState } from 'react'
import { toast } from 'sonner'
import { useBenchEdits } from './saving/useBenchEdits'
import { together, useBooks } from './saving/useBooks'
import { isRecipeEdit, useTrial } from './trial/useTrial'
import type { Hands } from './typed/useTyped'

interface Served {
  /** What the product rests on; the rest of the books is read once the bench stands. */
  served: Workbook
  /** How new that is. */
  stamp: number
  /** Alike as long as nothing changes that stands here, but the product and its recipe themselves. */
  rests: string
  product: Product
  /** Its recipe as the server keeps it. */
  kept: Recipe
  /** Whether a part stands on the bench instead of a product. */
  part: boolean
}

export function useOnBench({ served, stamp, rests, product: servedProduct, kept, part }: Served) {
  const router = useRouter()
  const readAgain = useCallback(() => router.refresh(), [router])
  const [moved, setMoved] = useState(stamp)
  const { books, trouble } = useBooks(Math.max(stamp, moved))
  const server = useMemo(
    () => ({ ...served, recipes: [...together(served.recipes, books?.recipes ?? [])] }),
    [served, books],
  )
  const serving = useMemo(
    () => ({ product: servedProduct, recipe: kept, ingredients: served.ingredients, stamp, rests }),
    [servedProduct, kept, served.ingredients, stamp, rests],
  )
  const edits = useBenchEdits(serving, part ? 'part' : 'product', readAgain, setMoved, books?.ingredients)
  const trying = useTrial(servedProduct.id)
  const { trial } = trying
  const [preview, setPreview] = useState<BenchEdit[] | null>(null)
  const [frozenHere, setFrozenHere] = useState<Recipe[]>([])
  const inForce = edits.things
  /** With what is tried, and without what is being typed. */
  const tried = useMemo(
    () =>
      trial
        ? {
            ...inForce,
            recipe: { ...trial.body, id: inForce.recipe.id, version: inForce.recipe.version },
            ingredients: [
              ...inForce.ingredients,
              ...trial.fresh
                .filter(one => !inForce.ingredients.some(known => known.id === one.id))
                .map(one => unknownIngredient(one.id, one.name)),
            ],
          }
        : inForce,
    [inForce, trial],
  )
  const { product, recipe, ingredients } = useMemo(
    () => (preview ? applyBenchEdits(tried, preview).things : tried),
    [tried, preview],
  )
  const workbook = useMemo<Workbook>(
    () => ({
      ...server,
      products: [product],
      recipes: [
        ...server.recipes.map(one => (one.id === recipe.id ? recipe : one)),
        ...frozenHere.filter(one => !server.recipes.some(known => known.id === one.id)),
      ],
      ingredients: [...ingredients],
    }),
    [server, product, recipe, ingredients, frozenHere],
  )
  const [atFirst] = useState(workbook)
  const { edit } = edits
  const { edit: editTrial, start: startTrial } = trying
  const act = (...deed: BenchEdit[]) => {
    if (deed.some(next => next.kind === 'remove')) toast('Line taken out. Undo with u.')
    if (!trial) return edit(...deed)
    const tried = deed.filter(isRecipeEdit)
    if (tried.length > 0) editTrial(inForce.recipe, tried)
    // product and prices are nobody's trial
    const others = deed.filter(one => !isRecipeEdit(one))
    if (others.length > 0) edit(...others)
  }
  const acting = useRef(act)
  acting.current = act
  /** The very same hands as long as the bench stands: a row that is not drawn again never edits what was in hand before. */
  const hands = useMemo<Hands>(() => ({ onPreview: setPreview, onEdit: (...deed) => acting.current(...deed) }), [])
  const onTry = useCallback(
    (deed: RecipeEdit[], name: string) =>
      trial ? editTrial(inForce.recipe, deed) : startTrial(inForce.recipe, { name }, deed),
    [trial, editTrial, startTrial, inForce.recipe],
  )
  const onFrozen = useCallback((one: Recipe) => setFrozenHere(before => [...before, one]), [])
  return {
    books,
    trouble,
    edits,
    trying,
    /** As it is kept, without what is tried and typed. */
    inForce,
    tried,
    product,
    recipe,
    workbook,
    atFirst,
    /** Every recipe as served. */
    recipes: server.recipes,
    hands,
    onTry,
    onFrozen,
  }
}
