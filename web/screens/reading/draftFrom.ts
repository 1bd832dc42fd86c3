// What was written, or a kept recipe, or a file, as a draft: matched to the larder and to the recipes that are here.
import { claimsIn } from '@fair-tin/core/claim'
import type { RecipeFile } from '@fair-tin/core/exchange'
import { matchName, type Named } from '@fair-tin/core/ingredient'
import { type ClaimCode, type Line, partKey, type Recipe } from '@fair-tin/core/model'
import {
  lineOfOnePiece,
  massWordsOf,
  ofAllPieces,
  type ReadLine,
  type ReadRecipe,
  readLine,
} from '@fair-tin/core/reading'
import { bakeOf, heatText, isFrozen, minutesText, writtenOfPart, writtenSum } from '@fair-tin/core/recipe'
import { broughtBy, type Draft, type DraftLine, type DraftOfOne, freshKey } from './draft'
import { namesNone } from './draftQuestions'

const percentText = (share: number | undefined) => (share === undefined ? '' : String(Math.round(share * 1000) / 10))

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
  // what a count of a part counts is shown where it was written
  const { form, ...unformed } = read
  const amount =
    'recipe' in of && of.recipe !== undefined && form !== null
      ? writtenOfPart({ ...unformed, form, of: { recipe: of.recipe } })
      : writtenSum(read)
  return {
    key: freshKey(),
    text,
    amount,
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
    ...(read.doubt ? { doubt: { amount, ...read.doubt } } : {}),
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
  const said = bakeOf(read.steps)
  return {
    name: read.title,
    pieces: read.pieces === null ? '' : String(read.pieces),
    bakeLoss: '',
    // what a row by itself says of the bake, where no step does
    ...(said.celsius === undefined && read.ovenCelsius !== null
      ? { oven: heatText({ celsius: read.ovenCelsius, fan: read.fan }) }
      : {}),
    ...(!said.minutes && read.minutes ? { minutes: minutesText({ minutes: read.minutes }) } : {}),
    cup: 'us',
    spoon: 'metric',
    lines: read.lines.map(line => draftLine(line.text, larder, parts, line, read.pieces)),
    method: read.steps.map(step => step.text).join('\n'),
    notes: [...read.unread, ...read.untaken].join('\n'),
    kept,
    sell: true,
    packPieces: '1',
    packGrams: '',
    keepsDays: read.keeping ? String(read.keeping.days) : '',
    keepsMark: '',
    keepsStorage: read.keeping?.storage ?? '',
    claims: claimsOn(read),
    bring: [],
  }
}

/** Of a recipe that is no product by itself. */
export const notSold = {
  sell: false,
  packPieces: '1',
  packGrams: '',
  keepsDays: '',
  keepsMark: '' as const,
  keepsStorage: '',
  claims: [],
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
        amount: writtenOfPart(line),
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
    ...notSold,
  }
}
