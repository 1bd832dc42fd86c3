// May a sweetener, a colour or a novel food be used in this food at all, and what else may a thing in it ask of the label? That differs by
// market and changes: the question is raised with its source, and never answered here.
import { additivesNamed, classedTexts, namesBy } from '../ingredient/additives'
import type { RulePack } from '../market/rulePack'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'
import { capital } from '../words/listing'

/** One question for each thing found; in the order of the larder. */
export function authorisationQuestions(bill: Bill, workbook: Workbook, { statements, title }: RulePack): string[] {
  const used = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const asked = new Set<string>()
  for (const ingredient of workbook.ingredients) {
    if (!used.has(ingredient.id)) continue
    const texts = classedTexts(ingredient)
    for (const { what, className, names, cite } of statements.authorisation) {
      const found = [...(className ? additivesNamed(texts, className) : []), ...texts.flatMap(finder(names))]
      for (const name of new Set(found))
        asked.add(
          `${capital(name)}: may this ${what} be used in this food (${title})? Ask someone competent (${cite}).`,
        )
    }
  }
  return [...asked]
}

/** What a thing in it, or how it is kept, may ask of the label beyond what is worked out here: each with its source, for somebody competent. */
export function otherQuestions(
  product: Pick<Product, 'name' | 'legalName' | 'keeps'>,
  bill: Bill,
  workbook: Workbook,
  { statements: { mayAsk, thawed } }: RulePack,
): string[] {
  const used = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const texts = workbook.ingredients.filter(one => used.has(one.id)).flatMap(classedTexts)
  const named = mayAsk.flatMap(({ names, what, cite }) =>
    [...new Set(texts.flatMap(finder(names)))].map(name => `${capital(name)}: ${what}? (${cite})`),
  )
  const says = (product.legalName ?? product.name).toLowerCase()
  return [
    ...named,
    ...(thawed && product.keeps?.as === 'thawed' && !says.includes(thawed.unless)
      ? [`${thawed.what}? (${thawed.cite})`]
      : []),
  ]
}

const finders = new WeakMap<readonly string[], (text: string) => readonly string[]>()
function finder(names: readonly string[]): (text: string) => readonly string[] {
  const known = finders.get(names)
  if (known) return known
  const made =
    names.length > 0 ? namesBy(new RegExp(`(?<![\\p{L}])(?:${names.join('|')})(?![\\p{L}])`, 'giu')) : () => []
  finders.set(names, made)
  return made
}
