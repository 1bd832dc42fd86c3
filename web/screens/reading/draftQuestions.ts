// What is unsure about a draft: of each line, and food that it speaks of and no line holds.
import { matchName, mentions, type Named, starterShelf } from '@fair-tin/core/ingredient'
import type { Amount, Line, Role, Step } from '@fair-tin/core/model'
import { partAmount, readLine } from '@fair-tin/core/reading'
import { countsPieces, type OpenFood, openFoodIn } from '@fair-tin/core/recipe'
import { amountsOf, broughtBy, type Draft, type DraftLine } from './draft'

/** "any plant milk", "oil of choice": a kind of thing, and none of it. */
export const namesNone = (text: string): boolean =>
  /\bany (?!more|way|left)\p{L}|\bof (?:your |own )?(?:choice|choosing)\b|\bof any (?:kind|sort)\b/iu.test(text)

const shelf: readonly Named[] = starterShelf.map(one => one.ingredient)
/** What the starter shelf has by that name, to begin a new ingredient from: its measures and kind; its allergens stay to be answered. */
export function onShelf(name: string): Named | null {
  const match = matchName(name, shelf)
  return match?.sure ? (shelf.find(one => one.id === match.id) ?? null) : null
}

/** "12" of a part may be its pieces or whole makings of it. */
const countsUnsaid = ({ of, amount, kept }: DraftLine, read: Amount | null): boolean =>
  'recipe' in of &&
  read !== null &&
  read.unit === 'each' &&
  (read.upTo ?? read.value) > 1 &&
  partAmount(amount).counts === null &&
  !countsPieces(kept)

/** What is unsure about a line, as questions; empty where nothing is. */
export function questionsOf(line: DraftLine): string[] {
  const questions: string[] = []
  const amounts = amountsOf(line)
  if ('problem' in amounts) questions.push(amounts.problem)
  else if (amounts.amount === null && line.role !== 'beside')
    questions.push('How much? Without it neither cost nor nutrition can be worked out.')
  else if (countsUnsaid(line, amounts.amount))
    questions.push(`Whole makings of it? Write “${line.amount} pieces” or “${line.amount} makings”.`)
  if (line.doubt && !line.doubt.unit && line.doubt.amount === line.amount) questions.push(line.doubt.question)
  if (line.asks) questions.push('fresh' in line.of ? 'Not in the larder yet.' : 'Is this the right one?')
  for (const other of line.alternatives)
    if (other.ingredient === undefined)
      questions.push(`“Or ${other.name}”: not in the larder yet, so it proves nothing.`)
  if ((line.asks && namesNone(line.text)) || ('fresh' in line.of && namesNone(line.of.fresh)))
    questions.push('Name one: what goes in must be known.')
  const spoken = line.role === 'beside' ? [] : mentions(line.prep)
  if (spoken.length > 0) {
    const named = new Set(mentions(readLine(line.text).item).map(one => one.code))
    const hidden = spoken.find(one => !named.has(one.code))
    if (hidden) questions.push(`“${line.prep}” speaks of “${hidden.word}”: if it goes in, give it a line of its own.`)
  }
  return questions
}

/** Lines whose numbers have no unit, read as what they most likely are and not touched since: said once for all. */
export const withoutUnit = (draft: Draft): DraftLine[] =>
  draft.lines.filter(({ doubt, amount }) => doubt?.unit && doubt.amount === amount)

/** Food that the draft speaks of and no line of it holds. */
export function openInDraft(
  draft: Draft,
  larder: { ingredients: readonly Named[]; parts: readonly Named[] },
): readonly OpenFood[] {
  const fresh: Named[] = []
  const toLine = (line: DraftLine): Line => {
    if ('fresh' in line.of) fresh.push({ id: line.key, name: line.of.fresh })
    return {
      id: line.key,
      of: 'fresh' in line.of ? { ingredient: line.key } : line.of,
      amount: null,
      role: line.role as Role,
      text: line.text,
      ...(line.prep ? { prep: line.prep } : {}),
      ...(line.heading ? { heading: line.heading } : {}),
    }
  }
  const lines = draft.lines.map(toLine)
  const brought = draft.bring.map(one => ({
    version: 1,
    steps: [],
    id: broughtBy(one.key),
    name: one.draft.name,
    lines: one.draft.lines.map(toLine),
  }))
  const steps = draft.method.split('\n').map((text): Step => ({ text, when: 'bench' }))
  const { answers } = draft.kept
  const bare = { version: 1, lines: [], steps: [] }
  return openFoodIn(
    {
      ...bare,
      id: draft.id ?? 'draft',
      name: draft.name,
      lines,
      steps,
      notes: draft.notes,
      ...(answers ? { answers } : {}),
    },
    {
      ingredients: [...larder.ingredients, ...fresh].map(({ id, name, standsFor, labelName }) => ({
        id,
        name,
        ...(standsFor ? { standsFor } : {}),
        ...(labelName ? { labelName } : {}),
      })),
      recipes: [
        ...larder.parts
          .filter(one => !brought.some(other => other.id === one.id))
          .map(one => ({ ...bare, id: one.id, name: one.name })),
        ...brought,
      ],
    },
  )
}
