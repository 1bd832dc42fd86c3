// A recipe while it is being read: what was written, beside what was understood, still all text she may correct.

import { claimsIn } from '@fair-tin/core/claim'
import type { RecipeFile } from '@fair-tin/core/exchange'
import { matchName, mentions, type Named, starterShelf } from '@fair-tin/core/ingredient'
import {
  type Amount,
  ClaimCode,
  type Line,
  longestName,
  PartOf,
  partKey,
  type Recipe,
  type Role,
  type Step,
  tinName,
} from '@fair-tin/core/model'
import {
  lineOfOnePiece,
  massWordsOf,
  ofAllPieces,
  type ReadLine,
  type ReadRecipe,
  readLine,
  readStep,
  readTin,
} from '@fair-tin/core/reading'
import { isFrozen, type OpenFood, openFoodIn, writtenSum } from '@fair-tin/core/recipe'
import { commaDoubt, typedNumber } from '@fair-tin/core/words'
import { z } from 'zod'
import type { Refusal } from '../outcome'

const Kept = z.custom<Partial<Line>>(value => typeof value === 'object' && value !== null)
export const DraftLine = z.object({
  key: z.string(),
  /** As written. */
  text: z.string(),
  amount: z.string(),
  of: z.union([
    z.object({ ingredient: z.string() }),
    PartOf,
    z.object({ fresh: z.string(), shelf: z.string().optional() }),
  ]),
  /** The match is a guess until she says so. */
  asks: z.boolean(),
  prep: z.string(),
  role: z.enum(['mix', 'finish', 'release', 'drained', 'beside']),
  heading: z.string(),
  /** “Or coconut oil”: what else could stand here, matched to the larder where it is known. */
  alternatives: z.array(z.object({ name: z.string(), ingredient: z.string().optional() })),
  /** What its amount could mean otherwise, as it is asked until the amount is changed. */
  doubt: z.object({ amount: z.string(), question: z.string(), unit: z.boolean() }).optional(),
  /** Facts of an existing line that this table does not show, kept as they are. */
  kept: Kept,
})
export type DraftLine = z.infer<typeof DraftLine>

export const mostLines = 2000
const DraftOfOne = z.object({
  id: z.string().optional(),
  seen: z.number().optional(),
  name: z.string(),
  pieces: z.string(),
  bakeLoss: z.string(),
  /** The tin as she writes it; undefined while it is as read. */
  tin: z.string().optional(),
  cup: z.string(),
  spoon: z.string(),
  lines: z.array(DraftLine).max(mostLines),
  method: z.string(),
  /** What was neither line nor step, and anything else. */
  notes: z.string(),
  kept: z.custom<Partial<Recipe>>(value => typeof value === 'object' && value !== null),
  /** Sell it too, in packs of so many pieces. */
  sell: z.boolean(),
  packPieces: z.string(),
  packGrams: z.string(),
  /** What the product is to claim: read from the card, or chosen here. */
  claims: z.array(ClaimCode),
})
/** `bring`: parts that come with a file and are not here yet; lines call for them as "bring:key". */
export const Draft = DraftOfOne.extend({ bring: z.array(z.object({ key: z.string(), draft: DraftOfOne })).max(500) })
export type Draft = z.infer<typeof Draft>
type DraftOfOne = z.infer<typeof DraftOfOne>
export const broughtBy = (key: string): string => `bring:${key}`

/** Above this no kitchen here can make it: a slip of the finger. */
const tonne = 1_000_000
export interface ReadAmounts {
  amount: Amount | null
  plus: Amount[]
  also: Amount[]
}
/** An amount as typed, or why it cannot be one. Empty is allowed: no amount is known. */
export function readAmounts(text: string): ReadAmounts | { problem: string } {
  if (text.trim() === '') return { amount: null, plus: [], also: [] }
  const doubt = commaDoubt(text)
  if (doubt) return { problem: doubt }
  const read = readLine(`${text} thing`)
  if (read.item !== 'thing' || read.amount === null)
    return { problem: `“${text}” is not an amount I can read. Try 120 g, 1½ cups or 3 large.` }
  const all = [read.amount, ...read.also]
  if (all.some(amount => amount.value < 0)) return { problem: 'An amount cannot be less than nothing.' }
  if (all.some(amount => !Number.isFinite(amount.value) || Math.abs(amount.value) > tonne))
    return { problem: `“${text}” is more than a kitchen can hold. Check the number.` }
  return { amount: read.amount, plus: read.plus, also: read.also }
}

/** "any plant milk", "oil of choice": a kind of thing, and none of it. */
const namesNone = (text: string): boolean =>
  /\bany (?!more|way|left)\p{L}|\bof (?:your |own )?(?:choice|choosing)\b|\bof any (?:kind|sort)\b/iu.test(text)

const shelf: readonly Named[] = starterShelf.map(one => one.ingredient)
/** What the starter shelf has by that name, to begin a new ingredient from: its measures and kind; its allergens stay to be answered. */
export function onShelf(name: string): Named | null {
  const match = matchName(name, shelf)
  return match?.sure ? (shelf.find(one => one.id === match.id) ?? null) : null
}

/** What is unsure about a line, as questions; empty where nothing is. */
export function questionsOf(line: DraftLine): string[] {
  const questions: string[] = []
  const amounts = readAmounts(line.amount)
  if ('problem' in amounts) questions.push(amounts.problem)
  else if (amounts.amount === null && line.role !== 'beside')
    questions.push('How much? Without it neither cost nor nutrition can be worked out.')
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

const percentText = (share: number | undefined) => (share === undefined ? '' : String(Math.round(share * 1000) / 10))
let counter = 0
const freshKey = () => `n${Date.now().toString(36)}${(counter++).toString(36)}`

/** The reading of one written line, matched to the larder and to the bakery's own recipes. */
export function draftLine(
  text: string,
  larder: readonly Named[],
  parts: readonly Named[],
  given?: ReadLine & { heading: string | null },
  /** How many pieces the recipe makes, for what is written for each. */
  pieces: number | null = null,
): DraftLine {
  const onePiece = lineOfOnePiece(text)
  const asWritten = given ?? { ...readLine(text), heading: null }
  const read =
    onePiece === null
      ? asWritten
      : { ...asWritten, ...ofEachPiece(onePiece, pieces), role: asWritten.role, heading: asWritten.heading }
  // "pitted dates" may be bought so: then it is that, and not dates made ready
  const whole = read.prep ? matchName(`${read.prep} ${read.item}`, larder) : null
  const known = whole?.sure ? whole : matchName(read.item, larder)
  const part = matchName(read.item, parts)
  const of = part?.sure
    ? { recipe: part.id }
    : known?.sure
      ? { ingredient: known.id }
      : known
        ? { ingredient: known.id }
        : part
          ? { recipe: part.id }
          : { fresh: quietly(read.item) }
  const kept: Partial<Line> = massWordsOf(
    text,
    read,
    read.heading ?? '',
    larder.find(one => one.id === known?.id)?.name ?? '',
  )
  if (read.form) kept.form = read.form
  if (read.optional) kept.optional = true
  if (read.approximate) kept.approximate = true
  return {
    key: freshKey(),
    text,
    amount: writtenSum(read),
    of,
    asks: !(known?.sure || part?.sure) || namesNone(read.item),
    prep: read.prep ?? '',
    role: read.role,
    heading: read.heading ?? '',
    alternatives: read.alternatives.map(text => {
      const { item } = readLine(text)
      const other = matchName(item, larder)
      return { name: item, ...(other?.sure ? { ingredient: other.id } : {}) }
    }),
    ...(read.doubt ? { doubt: { amount: writtenSum(read), ...read.doubt } } : {}),
    kept,
  }
}

/** Words of a card that stand alone: longer rows tell of other things. */
const longestClaim = 80
/** The claims that its title and the words beside its lines make: "vegan, nut free". None is chosen that nobody wrote. */
const claimsOn = (read: ReadRecipe): ClaimCode[] => [
  ...new Set(
    [read.title, ...read.unread.filter(row => row.length <= longestClaim)].flatMap(claimsIn).map(one => one.claim),
  ),
]

/** What is written for one piece, for as many as there are; without an amount where nobody said how many. */
export function ofEachPiece(line: string, pieces: number | null): ReadLine {
  const one = readLine(line)
  return { ...one, amount: ofAllPieces(one.amount, pieces), plus: [], also: [] }
}

/** As a larder names things: "Rice flour" and "RICE FLOUR" small, "GF flour" as it is. */
const quietly = (item: string): string =>
  item === item.toUpperCase() && /\p{L}{4}/u.test(item)
    ? item.toLowerCase()
    : item.replace(/^\p{Lu}(?!\p{Lu})/u, first => first.toLowerCase())

export function draftFromReading(read: ReadRecipe, larder: readonly Named[], parts: readonly Named[]): Draft {
  const kept: Partial<Recipe> = {}
  if (read.tin) kept.tin = read.tin
  if (read.tins) kept.tins = read.tins
  return {
    name: read.title,
    pieces: read.pieces === null ? '' : String(read.pieces),
    bakeLoss: '',
    cup: 'us',
    spoon: 'metric',
    lines: read.lines.map(line => draftLine(line.text, larder, parts, line, read.pieces)),
    method: read.steps.map(step => step.text).join('\n'),
    notes: read.unread.join('\n'),
    kept,
    sell: true,
    packPieces: '1',
    packGrams: '',
    claims: claimsOn(read),
    bring: [],
  }
}

export const draftFromRecipe = (recipe: Recipe): Draft => ({ ...draftOfOne(recipe), bring: [] })

/**
 * A recipe out of a file of ours: each thing is matched by its name to what is here, as an id means nothing elsewhere.
 * Parts that are not here come along; a part frozen at a version comes along as a recipe of its own.
 */
export function draftFromFile(file: RecipeFile, larder: readonly Named[], parts: readonly Named[]): Draft {
  const byName = (name: string) => parts.find(one => one.name.toLowerCase() === name.toLowerCase())
  const come = file.parts.filter(one => isFrozen(one) || !byName(one.name))
  const settled = (recipe: Recipe): DraftOfOne => {
    const { id: _, seen: __, ...draft } = draftOfOne(recipe)
    const named = (id: string) => {
      const name = file.names[id] ?? id
      const match = matchName(name, larder)
      return { name, match: match?.sure ? match.id : undefined }
    }
    return {
      ...draft,
      sell: true,
      lines: draft.lines.map(line => {
        const { alternatives, ...kept } = line.kept
        const others = (alternatives ?? []).map(one => named(one.ingredient))
        const settledLine = {
          ...line,
          kept,
          alternatives: others.map(one => ({ name: one.name, ...(one.match ? { ingredient: one.match } : {}) })),
        }
        if ('recipe' in line.of) {
          const key = partKey(line.of)
          const part = file.parts.find(one => one.id === key)
          const here = part && !isFrozen(part) ? byName(part.name) : undefined
          return { ...settledLine, of: { recipe: here ? here.id : broughtBy(key) } }
        }
        if (!('ingredient' in line.of)) return settledLine
        const { name, match } = named(line.of.ingredient)
        return { ...settledLine, asks: match === undefined, of: match ? { ingredient: match } : { fresh: name } }
      }),
    }
  }
  return { ...settled(file.recipe), bring: come.map(one => ({ key: one.id, draft: settled(one) })) }
}

function draftOfOne(recipe: Recipe): DraftOfOne {
  const { id, version, name, pieces, bakeLoss, cup, spoon, lines, steps, ...kept } = recipe
  return {
    id,
    seen: version,
    name,
    pieces: pieces === undefined ? '' : String(pieces),
    bakeLoss: percentText(bakeLoss),
    cup: cup ?? 'us',
    spoon: spoon ?? '',
    lines: lines.map(line => {
      const { id: key, of, text, amount, plus, also, prep, role, heading, ...rest } = line
      return {
        key,
        text: text ?? '',
        amount: writtenSum({ amount, ...(plus ? { plus } : {}), ...(also ? { also } : {}) }),
        of,
        asks: false,
        prep: prep ?? '',
        role,
        heading: heading ?? '',
        alternatives: [],
        kept: rest,
      }
    }),
    method: steps.map(step => step.text).join('\n'),
    notes: recipe.notes ?? '',
    kept: { ...kept, steps },
    sell: false,
    packPieces: '1',
    packGrams: '',
    claims: [],
  }
}

const positive = (text: string): number | null => {
  const value = typedNumber(text)
  return Number.isFinite(value) && value > 0 && value <= tonne ? value : null
}

/** The draft as a recipe. `idOf` names the ingredient made for a new thing. Refusals name the field and what to do. */
export function recipeFrom(
  draft: DraftOfOne,
  id: string,
  idOf: (name: string) => string,
): { recipe: Recipe } | { problems: Refusal[] } {
  const problems: Refusal[] = []
  const name = draft.name.trim()
  if (name === '') problems.push({ path: 'name', message: 'Give the recipe a name.' })
  if (name.length > 200) problems.push({ path: 'name', message: 'Keep the name under 200 letters.' })
  const pieces = draft.pieces.trim() === '' ? undefined : positive(draft.pieces)
  if (pieces === null)
    problems.push({
      path: 'pieces',
      message: commaDoubt(draft.pieces) || 'Say how many pieces as a number above 0, or leave it empty.',
    })
  const loss = draft.bakeLoss.trim() === '' ? undefined : typedNumber(draft.bakeLoss)
  if (loss !== undefined && !(loss >= 0 && loss < 100))
    problems.push({
      path: 'bakeLoss',
      message: commaDoubt(draft.bakeLoss) || 'Bake loss is a percentage from 0 to under 100.',
    })
  if (draft.notes.trim().length > 20_000)
    problems.push({ path: 'notes', message: 'Keep the notes under 20,000 letters.' })
  if (draft.lines.length === 0) problems.push({ path: 'lines', message: 'Add at least one line: what goes in.' })
  const typed = draft.tin?.trim()
  const tin = typed ? readTin(typed) : null
  if (typed && !tin)
    problems.push({
      path: 'tin',
      message: `“${typed}” is no tin I can read. Write it as 20 cm square, 8 inch round, 23 x 33 cm or 2 lb loaf.`,
    })
  const lines: Line[] = []
  for (const line of draft.lines) {
    const amounts = readAmounts(line.amount)
    if ('problem' in amounts) {
      problems.push({ path: `lines.${line.key}.amount`, message: amounts.problem })
      continue
    }
    if ('fresh' in line.of && line.of.fresh.trim() === '') {
      problems.push({ path: `lines.${line.key}.of`, message: 'Say what it is.' })
      continue
    }
    if ('fresh' in line.of && line.of.fresh.trim().length > longestName) {
      problems.push({ path: `lines.${line.key}.of`, message: `Keep the name under ${longestName} letters.` })
      continue
    }
    if (line.asks && !('fresh' in line.of)) {
      problems.push({
        path: `lines.${line.key}.of`,
        message: `“${line.text}”: say Yes to what was found for it, or choose another. It is not taken unasked.`,
      })
      continue
    }
    if ('recipe' in line.of && line.of.recipe === id) {
      problems.push({
        path: `lines.${line.key}.of`,
        message: 'A recipe cannot be a part of itself. Choose another, or an ingredient.',
      })
      continue
    }
    lines.push({
      ...line.kept,
      id: line.key,
      of: 'fresh' in line.of ? { ingredient: idOf(line.of.fresh.trim()) } : line.of,
      amount: amounts.amount,
      role: line.role as Role,
      ...(line.text ? { text: line.text } : {}),
      ...(amounts.plus.length ? { plus: amounts.plus } : {}),
      ...(amounts.also.length ? { also: amounts.also } : {}),
      ...(line.prep.trim() ? { prep: line.prep.trim() } : {}),
      ...(line.heading.trim() ? { heading: line.heading.trim() } : {}),
      ...(line.alternatives.length
        ? { alternatives: line.alternatives.map(one => ({ ingredient: one.ingredient ?? idOf(one.name) })) }
        : {}),
    })
  }
  if (problems.length > 0) return { problems }
  const before = draft.kept.steps ?? []
  const steps: Step[] = draft.method
    .split('\n')
    .map(text => text.trim())
    .filter(Boolean)
    .map(text => before.find(step => step.text === text) ?? readStep(text))
  const { steps: _, notes: __, ...asKept } = draft.kept
  const { tin: ___, tins: ____, ...withoutTin } = asKept
  const kept =
    typed === undefined
      ? asKept
      : { ...withoutTin, ...(tin ? { tin: tin.tin, ...(tin.tins > 1 ? { tins: tin.tins } : {}) } : {}) }
  const notes = draft.notes.trim()
  return {
    recipe: {
      ...kept,
      id,
      version: draft.seen ?? 1,
      name,
      lines,
      steps,
      ...(notes ? { notes } : {}),
      ...(typeof pieces === 'number' ? { pieces } : {}),
      ...(loss === undefined ? {} : { bakeLoss: loss / 100 }),
      cup: draft.cup as NonNullable<Recipe['cup']>,
      ...(draft.spoon ? { spoon: draft.spoon as NonNullable<Recipe['spoon']> } : {}),
    },
  }
}

/** Lines whose numbers have no unit, read as what they most likely are and not touched since: said once for all. */
export const withoutUnit = (draft: Draft): DraftLine[] =>
  draft.lines.filter(({ doubt, amount }) => doubt?.unit && doubt.amount === amount)

/** Food that the draft speaks of and no line of it holds. */
export function openInDraft(
  draft: Draft,
  larder: { ingredients: readonly Named[]; parts: readonly Named[] },
): OpenFood[] {
  const fresh: Named[] = []
  const lines = draft.lines.map((line): Line => {
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
  })
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
      recipes: larder.parts.map(one => ({ ...bare, id: one.id, name: one.name })),
    },
  )
}

/** The tin as it is written now: hers, or as it was read. */
export const tinText = ({ tin, kept }: Draft): string =>
  tin ?? (kept.tin ? `${kept.tins && kept.tins > 1 ? `${kept.tins} × ` : ''}${tinName(kept.tin)}` : '')

/** The lines with one heading called otherwise; none where nothing is written. */
export const headedAnew = (draft: Draft, from: string, to: string): Draft => ({
  ...draft,
  lines: draft.lines.map(line => (line.heading === from ? { ...line, heading: to } : line)),
})
