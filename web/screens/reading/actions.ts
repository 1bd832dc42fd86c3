'use server'
// Keeps a recipe as read: new things go to the larder, the recipe is saved, and a product is made where she sells it.
import { starterShelf } from '@fair-tin/core/ingredient'
import { type Product, partKey, Recipe, unknownIngredient } from '@fair-tin/core/model'
import { billOf, packWeight } from '@fair-tin/core/recipe'
import { commaDoubt, typedNumber } from '@fair-tin/core/words'
import { addIngredient, addProduct, addRecipe, listProducts, readWorkbook, saveRecipe } from '@fair-tin/data'
import { marketInView, today } from '../../bakery'
import { idFrom } from '../idFrom'
import { type Outcome, refused } from '../outcome'
import { refusals, saving } from '../save'
import { broughtBy, Draft } from './draft'
import { readKeeps, recipeFrom } from './recipeFrom'

/** Where to go next: the product made or already sold from it, else the recipe. */
export async function keepRecipe(input: unknown, deed: string): Promise<Outcome<Recipe>> {
  const read = Draft.safeParse(input)
  if (!read.success) return refusals(read.error)
  const draft = read.data
  const market = await marketInView()
  return saving<Recipe>(
    'recipes',
    async sql => {
      let product: string | undefined
      const id = draft.id ?? idFrom(draft.name)
      const fresh = new Map<string, string>()
      const names = new Map<string, string>()
      const idOf = (name: string) => {
        const key = name.toLowerCase()
        const known = fresh.get(key) ?? idFrom(name)
        fresh.set(key, known)
        names.set(key, names.get(key) ?? name)
        return known
      }
      const brought = new Map(draft.bring.map(one => [broughtBy(one.key), idFrom(one.draft.name)]))
      /** Lines that call for a part that comes along call for it by its new id. */
      const settled = (recipe: Recipe): Recipe => ({
        ...recipe,
        lines: recipe.lines.map(line =>
          'recipe' in line.of && brought.has(line.of.recipe)
            ? { ...line, of: { recipe: brought.get(line.of.recipe)! } }
            : line,
        ),
      })
      const recipes: Recipe[] = []
      for (const [one, itsId] of [
        ...draft.bring.map(part => [part.draft, brought.get(broughtBy(part.key))!] as const),
        [draft, id] as const,
      ]) {
        const built = recipeFrom(one, itsId, idOf)
        if ('problems' in built)
          return {
            saved: false,
            problems: built.problems.map(problem =>
              one === draft ? problem : { path: '', message: `${one.name}, which comes with it: ${problem.message}` },
            ),
          }
        const checked = Recipe.safeParse(settled(built.recipe))
        if (!checked.success) return refusals(checked.error)
        recipes.push(checked.data)
      }
      const recipe = recipes.at(-1)!
      const parts = recipes.slice(0, -1)
      const workbook = await readWorkbook(sql, today())
      const gone = recipe.lines.find(
        line =>
          'recipe' in line.of &&
          ![...workbook.recipes, ...parts].some(one => 'recipe' in line.of && one.id === partKey(line.of)),
      )
      if (gone)
        return refused(
          `“${gone.text ?? 'A line'}” uses a recipe that is no longer there. Choose another.`,
          `lines.${gone.id}.of`,
        )
      for (const line of recipe.lines)
        if ('ingredient' in line.of) {
          const wanted = line.of.ingredient
          if (!workbook.ingredients.some(one => one.id === wanted) && ![...fresh.values()].includes(wanted))
            return refused(
              `“${line.text ?? 'A line'}” uses an ingredient that was taken out of the larder meanwhile. Choose another, or name it anew.`,
              `lines.${line.id}.of`,
            )
        }
      const after = { ...workbook, recipes: [...workbook.recipes.filter(one => one.id !== id), ...parts, recipe] }
      const circle = billOf(after, id).gaps.find(gap => gap.why === 'circle')
      if (circle)
        return refused(`${circle.path.at(-1)!.name} ${circle.fact}. A part cannot hold itself: choose another part.`)
      const shelved = new Map(
        [draft, ...draft.bring.map(part => part.draft)].flatMap(one =>
          one.lines.flatMap(({ of }) =>
            'fresh' in of && of.shelf ? [[of.fresh.toLowerCase(), of.shelf] as const] : [],
          ),
        ),
      )
      for (const [key, newId] of fresh) {
        const name = names.get(key) ?? key
        const shelf = starterShelf.find(one => one.ingredient.id === shelved.get(key))?.ingredient
        await addIngredient(sql, shelf ? { ...shelf, id: newId, name } : unknownIngredient(newId, name))
      }
      for (const part of parts) await addRecipe(sql, part)
      let version = 1
      if (draft.id === undefined) await addRecipe(sql, recipe)
      else {
        const saved = await saveRecipe(sql, recipe, draft.seen ?? 0)
        if (!saved.saved) {
          if (saved.conflict === 'removed')
            return refused(
              'This recipe was taken out in another window. Copy what you need, and paste it as a new one.',
            )
          return { saved: false, conflict: saved.conflict }
        }
        version = saved.version
      }
      if (draft.sell) {
        const grams = typedNumber(draft.packGrams)
        const packPieces = typedNumber(draft.packPieces)
        const follows = draft.packGrams.trim() === ''
        const doubt = commaDoubt(draft.packGrams) || commaDoubt(draft.packPieces)
        if (doubt) return refused(doubt, commaDoubt(draft.packGrams) ? 'packGrams' : 'packPieces')
        if (!(packPieces > 0)) return refused('Say how many pieces are in one pack.', 'packPieces')
        const keeps = readKeeps(draft)
        if (keeps && 'problem' in keeps) return refused(keeps.problem, keeps.path)
        const finished = billOf(
          {
            ...after,
            ingredients: [
              ...workbook.ingredients,
              ...[...fresh].map(([name, newId]) => unknownIngredient(newId, name)),
            ],
          },
          id,
        )
        if (!follows && !(grams > 0))
          return refused('Say what one pack weighs in grams, or leave it empty.', 'packGrams')
        const made: Product = {
          id: idFrom(draft.name),
          name: recipe.name,
          recipe: id,
          netWeight: follows ? (packWeight(packPieces, recipe, finished) ?? 100) : grams,
          ...(follows ? { weightFollows: true } : {}),
          pieces: packPieces,
          ...(keeps ? { keeps } : {}),
          claims: draft.claims,
          markets: [market],
        }
        await addProduct(sql, made)
        product = made.id
      } else product = (await listProducts(sql)).values.find(one => one.recipe === id)?.id
      return { saved: true, id, version, product }
    },
    { deed, asked: draft },
  )
}
