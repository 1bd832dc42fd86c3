// May a sweetener, a colour or a novel food be used in this food at all? That differs by market and changes: the question is
// raised with its source, and never answered here.
import { additivesNamed, classedTexts, namesBy } from '../ingredient/additives'
import type { RulePack } from '../market/rulePack'
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

const finders = new WeakMap<readonly string[], (text: string) => readonly string[]>()
function finder(names: readonly string[]): (text: string) => readonly string[] {
  const known = finders.get(names)
  if (known) return known
  const made =
    names.length > 0 ? namesBy(new RegExp(`(?<![\\p{L}])(?:${names.join('|')})(?![\\p{L}])`, 'giu')) : () => []
  finders.set(names, made)
  return made
}
