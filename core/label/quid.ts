// QUID: the share of an ingredient in the name or picture (Regulation (EU) 1169/2011, Art. 22 and Annex VIII).

import type { RulePack } from '../market/rulePack'
import { byId } from '../model/byId'
import type { Product } from '../model/product'
import type { Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import type { Bill, BillLine } from '../recipe/bill'
import { capital } from '../words/listing'
import { toPlaces } from '../words/rounding'
import { stems } from '../words/stem'
import { filled } from '../words/template'

export interface Quid {
  /** Printed share by the id of an ingredient or part, "45 %". Empty where shares must be said as weights. */
  shares: Map<string, string>
  /** "Prepared with 120 g of damsons per 100 g of finished product." where a share passes 100 %. */
  statements: string[]
  problems: { what: string; mend?: string }[]
}

const printed = (share: number): string => `${toPlaces(share * 100, share < 0.0095 ? 1 : 0)} %`

/** What only says in which form a thing goes in: ground almonds and flaked almonds are almonds. */
const formWords =
  /(?<![\p{L}])(?:ground|flaked|flakes|chopped|sliced|slices|whole|blanched|toasted|roasted|grated|fresh|frozen|pur[eé]ed?|pulp|pieces|stoned|pitted|halved|diced|meal|flour|paste|juice|zest|desiccated|shredded|stewed|cooked)(?![\p{L}])/giu
const thingOf = (name: string): string => stems(name.split(',')[0]!.replace(formWords, ' '), 3).sort().join(' ')

/** Every ingredient of the bill that is the same thing in another form, itself included. */
function formsOf(id: string, bill: Bill, workbook: Workbook): ReadonlySet<string> {
  const thing = thingOf(workbook.ingredients.find(one => one.id === id)?.name ?? id)
  const used = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const same = workbook.ingredients.filter(one => used.has(one.id) && thing !== '' && thingOf(one.name) === thing)
  return new Set([id, ...same.map(one => one.id)])
}

/** Grams as they went into the outermost bowl: of a part, what is left of it when it goes in. */
function ingoing(lines: readonly BillLine[], recipe: Recipe | undefined): number {
  const stays = 1 - (recipe?.bakeLoss ?? 0)
  return lines.reduce(
    (sum, line) => sum + (line.grams * line.retained * line.baked) / (line.afterBake || stays === 0 ? 1 : stays),
    0,
  )
}

/** Share of the finished food, for each highlighted ingredient and part; an ingredient in all its forms together. */
export function quidOf(
  product: Product,
  bill: Bill,
  workbook: Workbook,
  nameOf: (id: string) => string,
  rule: Pick<RulePack['quid'], 'overWhole' | 'ofPart'>,
): Quid {
  const quid: Quid = { shares: new Map(), statements: [], problems: [] }
  const known: { id: string; name: string; share: number; inList: boolean }[] = []
  const recipe = byId(workbook.recipes).get(product.recipe)
  const touching = bill.lines.filter(line => line.role !== 'beside')
  // one missing weight makes the finished weight, and so every share, wrong
  const weightMissing = touching.some(line => line.unweighed) || bill.gaps.some(gap => gap.kind === 'component')
  const counted = new Set<string>()
  for (const id of new Set(product.highlighted)) {
    const part = byId(workbook.ingredients).has(id) ? undefined : byId(workbook.recipes).get(id)
    const forms = formsOf(id, bill, workbook)
    const lines = part
      ? touching.filter(line => line.path.slice(1).some(step => step.id === id))
      : touching.filter(line => forms.has(line.ingredient))
    // what is highlighted may be gone from the larder
    const called = part?.name ?? byId(workbook.ingredients).get(id)?.name ?? id
    if (lines.length === 0) {
      quid.problems.push({
        what: `${called} is highlighted, but there is none in the recipe.`,
        mend: 'Take it off the list of highlighted ingredients, or add it.',
      })
    } else if (weightMissing || !(bill.finished > 0))
      quid.problems.push({
        what: `The share of ${byId(workbook.ingredients).has(id) ? nameOf(id) : called} (QUID) cannot be given while a weight is unknown.`,
        mend: 'Give every line a weight.',
      })
    else if (part)
      known.push({
        id,
        name: part.name,
        share: ingoing(lines, recipe) / bill.finished,
        inList: lines.every(line => line.compoundAt !== undefined && line.path[line.compoundAt]!.id === id),
      })
    else {
      // said once, at the form there is most of
      const heaviest = [...lines].sort((a, b) => b.grams - a.grams)[0]!.ingredient
      if (counted.has(heaviest)) continue
      counted.add(heaviest)
      const share = lines.reduce((sum, line) => sum + line.grams * line.retained, 0) / bill.finished
      known.push({ id: heaviest, name: nameOf(heaviest), share, inList: true })
    }
  }
  const sum = known.reduce((total, { share }) => total + share, 0)
  for (const { id, name, share, inList } of known)
    if (sum > 1) quid.statements.push(filled(rule.overWhole, { n: toPlaces(share * 100, 0), name }))
    else if (inList) quid.shares.set(id, printed(share))
    else quid.statements.push(filled(rule.ofPart, { share: printed(share), name: capital(name) }))
  return quid
}

/** Shorter words than this name nothing. */
const letters = 4

/** Highlighted or not, an ingredient whose name stands in the product's name needs its share. */
export function namedButNotHighlighted(product: Product, bill: Bill, workbook: Workbook): string[] {
  const words = new Set(stems(`${product.name} ${product.legalName ?? ''}`, letters))
  const used = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const covered = new Set(
    workbook.ingredients.filter(one => product.highlighted?.includes(one.id)).flatMap(one => stems(one.name, letters)),
  )
  const vague = new Set([
    'flour',
    'sugar',
    'free',
    'plain',
    'house',
    'slice',
    'cake',
    'seed',
    'light',
    'dark',
    'butter',
    'powder',
    'ground',
  ])
  return workbook.ingredients
    .filter(ingredient => used.has(ingredient.id) && !product.highlighted?.includes(ingredient.id))
    .filter(ingredient =>
      stems(ingredient.name, letters).some(stem => !vague.has(stem) && !covered.has(stem) && words.has(stem)),
    )
    .map(ingredient => ingredient.name)
}
