// What was signed at the demo bakery, each on its day and on what stood in the books then: two still so, one that a supplier
// has changed since, one whose proof ran out.
import { daysAfter, type Evidence, type MarketCode, type Workbook } from '@fair-tin/core'
import { type HiddenPlace, type Seal, sealOf, toSign, unanswered } from '@fair-tin/core/seal'
import { answered } from './facts'
import { demoWorkbook } from './workbook'

interface Signed {
  product: string
  market: MarketCode
  by: string
  /** Days before today. */
  ago: number
}
const signed: readonly Signed[] = [
  { product: 'blackcurrant-bun', market: 'uk', by: 'nell', ago: 58 },
  { product: 'apple-crumble-tart', market: 'uk', by: 'imke', ago: 36 },
  { product: 'ginger-teff-loaf', market: 'uk', by: 'imke', ago: 16 },
  { product: 'carrot-walnut-slice', market: 'uk', by: 'nell', ago: 9 },
]

const places: Record<HiddenPlace, string> = {
  release: 'The tins’ own paper and the oil of the recipe; the spray with wheat is kept for the damson slice.',
  dusting: 'Rice flour, from the tub with the green lid.',
  'shared oil': 'No fryer. Oil is poured from its own bottle.',
  'bags and moulds': 'Throw-away piping bags; the moulds are of this kitchen only.',
  toppings: 'What the recipe lists, from closed tubs.',
  decorations: 'None but what the recipe lists.',
  carriers: 'Ground spices without carrier, by the supplier’s specification.',
  alternatives: 'Nothing else is used; when something runs out it is not baked.',
  beside: 'Nothing is packed with it.',
  wrapping: 'Own racks and knives, new boxes.',
}
const asked = 'Looked at with the supplier’s papers; it is so.'

const dayMs = 86_400_000
/** Days that a paper counts. */
const term = ({ dated, expires }: Evidence): number =>
  dated && expires ? (Date.parse(expires) - Date.parse(dated)) / dayMs : 365
/** The paper that stood in its place on that day: of one that was still to come, the one before it. */
const onFile =
  (day: string) =>
  (paper: Evidence): Evidence => {
    if (paper.dated === undefined || paper.dated <= day) return paper
    const dated = daysAfter(paper.dated, -term(paper))
    return {
      ...paper,
      dated,
      ...(paper.reviewed === undefined ? {} : { reviewed: dated }),
      ...(paper.expires === undefined ? {} : { expires: paper.dated }),
    }
  }
/** The books as they stood on a day gone by: the plant butter was free of milk by the issue before. */
function booksOn(day: string, today: string): Workbook {
  const books = demoWorkbook(today)
  const ingredients = books.ingredients.map(one => ({
    ...one,
    ...(one.id === 'plant-butter' ? { allergens: answered('plant-butter-spec') } : {}),
    ...(one.evidence ? { evidence: one.evidence.map(onFile(day)) } : {}),
  }))
  return { ...books, today: day, ingredients, evidence: books.evidence.map(onFile(day)) }
}

/** Each with who signed and the day; throws where one could not have been signed so. */
export function signedLabels(today: string): { seal: Seal; by: string; day: string }[] {
  return signed.map(({ product, market, by, ago }) => {
    const books = booksOn(daysAfter(today, -ago), today)
    const label = toSign(books, product, market)
    if (!label) throw new Error(`The demo has no ${product}.`)
    const said = label.places.map(({ place }) => ({ place, said: places[place] }))
    const answers = label.assessment.declaration.questions.map(question => ({ asked: question, said: asked }))
    const left = [...label.hinders.map(one => one.what), ...unanswered(label, said, answers)]
    if (left.length > 0) throw new Error(`${product} could not be signed on ${books.today}: ${left.join(' ')}`)
    return { seal: sealOf(books, label, said, answers, []), by, day: books.today }
  })
}
