// A day's bakes as the order needs them: what each carries and claims to be free of, and how long hands, oven and waiting take.
import { assessed } from '../assess/slice'
import { deniedBy } from '../claim/denied'
import { rulesOf } from '../market/market'
import { allergenCodes } from '../model/allergen'
import { byId } from '../model/byId'
import type { Product } from '../model/product'
import type { Recipe, Step } from '../model/recipe'
import { judgedOn, type Workbook } from '../model/workbook'
import { bakeOf } from '../recipe/bakeStep'
import { tinLoads } from '../recipe/loads'
import type { OrderBake } from './changeover'

export interface Asked {
  /** Of this entry of the day. */
  id: string
  product: string
  pieces: number
  /** Minutes from the beginning of the day; null: whenever. */
  due: number | null
}
export interface DayBake extends OrderBake {
  product: string
  name: string
  pieces: number
  /** Minutes between hands and oven, in the oven for one load, and after it. */
  rest: number
  oven: number
  after: number
  tins: number
  /** Minutes that somebody said; else what is usual was taken, and for what. */
  guessed: string[]
}

/** Hands on a bake where nobody said: mixing and filling, by common practice. */
const usualHands = 20
const usualLine = 0.5

const passive = (steps: readonly Step[], when: Step['when']) =>
  steps
    .filter(step => step.when === when && step.minutes && !step.work && step.celsius === undefined)
    .reduce((sum, step) => sum + (step.minutes!.to ?? step.minutes!.from), 0)

function handsOf(
  recipe: Recipe,
  workbook: Workbook,
  lines: number,
  pieces: number,
): { minutes: number; guessed: string[] } {
  const worked = recipe.steps.flatMap(step => (step.work ? [step.work] : []))
  const said = worked.reduce((sum, one) => sum + one.minutes * (one.per === 'piece' ? pieces : 1), 0)
  const line = workbook.kitchen.around?.weighLine
  return {
    minutes: (worked.length > 0 ? said : usualHands) + lines * (line ?? usualLine),
    guessed: [...(worked.length > 0 ? [] : ['hands-on work']), ...(line === undefined ? ['weighing'] : [])],
  }
}

function dayBake(workbook: Workbook, product: Product, recipe: Recipe, { id, pieces, due }: Asked): DayBake {
  const markets = product.markets.length > 0 ? product.markets : (['uk'] as const)
  const { bill } = assessed(workbook, product.id, markets[0]!)
  const tables = markets.map(market => assessed(workbook, product.id, market).allergens)
  const factor = recipe.pieces ? pieces / recipe.pieces : 1
  const { minutes: hands, guessed } = handsOf(recipe, workbook, bill.lines.length, pieces)
  const tins = Math.max(1, Math.ceil((recipe.tins ?? 1) * factor - 1e-9))
  const atOnce = Math.max(1, ...(workbook.kitchen.ovens ?? []).map(one => one.tins))
  const ovens = recipe.steps.filter(step => step.when === 'oven')
  const oven = ovens.reduce((sum, step) => sum + (step.minutes ? (step.minutes.to ?? step.minutes.from) : 0), 0)
  const rest = passive(recipe.steps, 'bench')
  const after = passive(recipe.steps, 'after')
  return {
    id,
    product: product.id,
    name: product.name,
    pieces,
    // what may be in it clings too, and what nobody knows may be anything; what one market takes for none another does not
    carries: allergenCodes.filter(code => tables.some(allergens => allergens[code].status !== 'free')),
    denies: [
      ...new Set(
        markets.flatMap(market =>
          product.claims.flatMap(claim => deniedBy(claim, rulesOf(market, judgedOn(workbook)))),
        ),
      ),
    ],
    celsius: bakeOf(recipe.steps).celsius ?? null,
    hands,
    rest,
    oven,
    after,
    tins,
    tail: rest + oven * (tinLoads(tins, atOnce)?.length ?? 1) + after,
    due,
    guessed: [...guessed, ...(ovens.some(step => !step.minutes) ? ['time in the oven'] : [])],
  }
}

/** Those whose product or recipe is gone are left out, and named. */
export function dayBakesOf(workbook: Workbook, asked: readonly Asked[]): { bakes: DayBake[]; gone: string[] } {
  const products = byId(workbook.products)
  const recipes = byId(workbook.recipes)
  const gone: string[] = []
  const bakes = asked.flatMap(one => {
    const product = products.get(one.product)
    const recipe = product && recipes.get(product.recipe)
    if (product && recipe) return [dayBake(workbook, product, recipe, one)]
    gone.push(product?.name ?? one.product)
    return []
  })
  return { bakes, gone }
}
