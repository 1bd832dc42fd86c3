// May a sweetener, a colour or a novel food be used in this food at all? That differs by market and changes: the question is
// raised with its source, and never answered here.
import { additivesNamed, classedTexts } from '../ingredient/additives'
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
      const own = new RegExp(`(?<![\\p{L}])(?:${names.join('|')})(?![\\p{L}])`, 'giu')
      const found = [
        ...(className ? additivesNamed(texts, className) : []),
        ...(names.length > 0 ? texts.flatMap(text => [...text.matchAll(own)].map(([word]) => word.toLowerCase())) : []),
      ]
      for (const name of new Set(found))
        asked.add(
          `${capital(name)}: may this ${what} be used in this food (${title})? Ask someone competent (${cite}).`,
        )
    }
  }
  return [...asked]
}
