// Food that is written somewhere in a recipe and is no line’s: in its name, its notes, a heading, a step of the method, or
// behind the name in a line’s own text (“rubbed with butter”).
// Lines are what is weighed, costed and checked; a word is not. So each is an open question until it is made a line, or somebody
// says that it is not in it. "Butter" is not answered by plant butter, nor "milk" by oat milk: only by the same thing.
import { kindWordsIn } from '../ingredient/kindWords'
import { groupMentions, mentions, soundsOnly } from '../ingredient/lexicon'
import { foundInFull } from '../ingredient/shorthand'
import { absent, blank } from '../ingredient/sober'
import { starterShelf } from '../ingredient/starterShelf'
import { alsoCalled } from '../ingredient/synonyms'
import { madeFoodsIn } from '../ingredient/usually'
import { treeNuts } from '../model/allergen'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import { partKey, type Recipe } from '../model/recipe'
import type { Elsewhere } from '../model/workbook'
import { keptBeside } from '../words/keptBeside'
import { rememberedByText } from '../words/remembered'
import { stem } from '../words/stem'
import { closureOf } from './closure'
import { couldMake, joins, type Written, whatItMakes } from './ownMake'

export interface OpenFood {
  where: Written
  /** Index of the step, or of the line that is written so or whose heading it is; 0 otherwise. */
  at: number
  /** As it is written. */
  word: string
}

interface Found {
  word: string
  start: number
  end: number
  /** Stems of its words. */
  stems: string
  /** By the words of the lexicon: an allergen, or a group of them. Then only the same word answers it. */
  strict: boolean
  /** A food made of others, which may be what the recipe itself makes: "pastry", "biscuits". */
  made: boolean
}

const wordsOf = (text: string): { word: string; start: number; end: number }[] =>
  [...text.matchAll(/\p{L}[\p{L}’']*/gu)].map(match => ({
    word: stem(match[0]),
    start: match.index,
    end: match.index + match[0].length,
  }))
const stemsOf = (text: string): string =>
  wordsOf(text)
    .map(one => one.word)
    .join(' ')

/** Said of any food: by themselves they name a thing to eat, whatever kind of it. */
const general =
  'flour|oil|fat|margarine|spread|sugar|syrup|chocolate|choc|couverture|kuvertüre|schokolade|chocolat|cioccolato|choklad|sjokolade|chokolade|czekolada|cobertura|chocolade|cocoa|seed|nut|starch|jam|marmalade|marzipan|treacle|molasses|spice|yeast|gum|custard powder|stock|vinegar|coffee|sprinkle|hundreds and thousands|hundreds thousand|salt|nutmeg|cinnamon|vanilla|clove|cardamom|allspice|mace|aniseed|saffron|matcha|passion fruit|passionfruit|angelica|rosemary|lavender|rose water|orange blossom|breadcrumb|biscuit crumb|liqueur|essence|extract|food colouring'
    .split('|')
    .map(stemsOf)

/** Never a question: in every kitchen, in every method, and nothing by itself. */
const idle = new Set(['water', 'ice', 'boiling water', 'tap water', 'cold water'])

type Called = Pick<Ingredient, 'id' | 'name' | 'standsFor' | 'labelName'>
/** What a recipe’s words are held against: the names of the larder, and the recipes its parts are. */
export interface Within {
  ingredients: readonly Called[]
  recipes: readonly Recipe[]
  /** Absent: the larder is all there is. */
  elsewhere?: Pick<Elsewhere, 'names'>
}

type Dictionary = ReadonlyMap<string, readonly string[]>
const plainName = (name: string | undefined) => stemsOf((name ?? '').split(/[,(]/)[0]!)
function into(made: Map<string, string[]>, names: Iterable<string>): Map<string, string[]> {
  for (const name of names) {
    if (name === '' || idle.has(name)) continue
    const first = name.split(' ', 1)[0]!
    const list = made.get(first)
    if (!list) made.set(first, [name])
    else if (!list.includes(name)) made.set(first, [...list, name])
  }
  return made
}
/** Names of the starter shelf, and words for food in general. */
const shelfNames = into(new Map(), [
  ...general,
  ...starterShelf.flatMap(({ ingredient }) => [ingredient.name, ...alsoCalled(ingredient.name)]).map(plainName),
])
/** Every name something in the larder goes by, in the stems of its words. */
export const larderNames = (ingredients: readonly Called[]): string[] =>
  [...new Set(ingredients.flatMap(one => [one.name, one.standsFor, one.labelName]).map(plainName))].sort()
/** Those of the shelf and these, by the stem of their first word: the same names make the very same dictionary. */
const dictionaryFrom = rememberedByText((names): Dictionary => into(new Map(shelfNames), names.split('\n')), 20_000_000)
const byNames = new WeakMap<readonly string[], { names: ReadonlySet<string>; dictionary: Dictionary }>()
function dictionaryOfNames(names: readonly string[]) {
  const before = byNames.get(names)
  if (before) return before
  const made = { names: new Set(names), dictionary: dictionaryFrom(names.join('\n')) }
  byNames.set(names, made)
  return made
}
const dictionaries = new WeakMap<readonly Called[], { elsewhere: readonly string[]; dictionary: Dictionary }>()
/** What a recipe’s words are held against, all of it one: the very same as long as the names of the larder are. */
export const heldAgainst = (workbook: Pick<Within, 'ingredients' | 'elsewhere'>): unknown => dictionaryOf(workbook)
function dictionaryOf({ ingredients, elsewhere }: Pick<Within, 'ingredients' | 'elsewhere'>): Dictionary {
  const others = elsewhere?.names ?? noNames
  const before = dictionaries.get(ingredients)
  if (before?.elsewhere === others) return before.dictionary
  const own = larderNames(ingredients)
  const rest = dictionaryOfNames(others)
  const dictionary = own.every(name => rest.names.has(name))
    ? rest.dictionary
    : dictionaryFrom([...new Set([...own, ...others])].sort().join('\n'))
  dictionaries.set(ingredients, { elsewhere: others, dictionary })
  return dictionary
}

/** "Cream the sugar and spread": something done, and no cream. */
const deeds = /^(?:cream|spread|sprinkle|spice|stock|extract|jam)$/i
const doing = /(?:^|[.;:,(]\s*|\b(?:and|then|or|to)\s+)$/i
/** Behind a deed stands what it is done to: "cream on top" is cream, and "spread over the base" is no spread. */
const alsoThing = /^(?:cream|spice|jam|stock|extract)$/i
const noObject =
  /^\s*(?:on|over|for|to|around|cheese|as|too|also|goes|is|are|has|instead|last|first|and|or)\b|^[ \t]*(?:$|[\n.,;:!)])/i
/** "a butter knife", "the milk pan": a tool. */
const tool = /^\s*(?:knife|dish|pan|jug|paper|cutter|thermometer|bowl|spoon|brush)\b/i

const finders = new WeakMap<Dictionary, (text: string) => readonly Found[]>()
/** What a text warns of, each with the whole phrase it is part of: "oat" of oat milk is oat milk, and no oats. */
function wholeMentions(text: string): Span[] {
  const phrases = soundsOnly(text)
  return mentions(text).map(one => phrases.find(({ start, end }) => start <= one.start && end >= one.end) ?? one)
}
/** Every food that a text names, each where it stands; a longer name goes before one inside it. */
function foodsIn(text: string, dictionary: Dictionary): readonly Found[] {
  const known = finders.get(dictionary)
  if (known) return known(text)
  const made = rememberedByText(of => foundInFull(of, full => find(full, dictionary)))
  finders.set(dictionary, made)
  return made(text)
}
/** What stands between two words of one name. */
const inOneName = /^[ \t\u00a0–-]{1,3}$/u
function find(text: string, dictionary: Dictionary): Found[] {
  const sober = text.replace(absent, blank)
  const all: Found[] = []
  const put = (start: number, end: number, strict: boolean, made = false) => {
    const word = text.slice(start, end)
    all.push({ word, start, end, strict, made, stems: stemsOf(word) })
  }
  for (const { start, end } of wholeMentions(text)) put(start, end, true)
  for (const { start, end } of groupMentions(text)) put(start, end, true)
  for (const { start, end } of madeFoodsIn(text)) put(start, end, false, true)
  for (const { start, end } of kindWordsIn(text)) put(start, end, false)
  const words = wordsOf(sober)
  for (const [at, { word, start }] of words.entries())
    for (const name of dictionary.get(word) ?? []) {
      const length = name.split(' ').length
      const slice = words.slice(at, at + length)
      if (
        slice.length === length &&
        slice.map(one => one.word).join(' ') === name &&
        // "oats", and in the next row "cream", are no oat cream
        slice.every((one, n) => n === 0 || inOneName.test(sober.slice(slice[n - 1]!.end, one.start)))
      )
        put(start, slice.at(-1)!.end, false)
    }
  const sounds = soundsOnly(text)
  const inside = (one: Span, other: Span) =>
    other.start <= one.start && other.end >= one.end && other.end - other.start > one.end - one.start
  // a little before it says whether it is a deed: the start of the text, or of a clause
  const before = (start: number) => (start > 20 ? `x${text.slice(start - 20, start)}` : text.slice(0, start))
  const named = all
    // "dairy-free butter" is no butter
    .filter(one => one.strict || !near(sounds, one).some(other => inside(one, other)))
    .filter(
      one =>
        !tool.test(text.slice(one.end, one.end + 20)) &&
        !(
          deeds.test(one.word) &&
          doing.test(before(one.start)) &&
          !(alsoThing.test(one.word) && noObject.test(text.slice(one.end, one.end + 20)))
        ),
    )
    .sort((a, b) => a.start - b.start || b.end - a.end)
  return named.filter(
    one =>
      !near(named, one).some(
        other =>
          other !== one &&
          (inside(one, other) || (other.strict && !one.strict && other.start <= one.start && other.end >= one.end)),
      ),
  )
}

interface Span {
  start: number
  end: number
}
/** No name of a food is longer, in letters. */
const longestFood = 200
/** Those of a list sorted by its starts that may lie around a span: not all of them, however many there are. */
function near<T extends Span>(sorted: readonly T[], { start }: Span): readonly T[] {
  const first = (least: number) => {
    let [low, high] = [0, sorted.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if (sorted[middle]!.start < least) low = middle + 1
      else high = middle
    }
    return low
  }
  return sorted.slice(first(start - longestFood), first(start + 1))
}

/** Of these names, in stems, those whose words are all written somewhere in one of the recipes. */
export function namesWritten(names: readonly string[], recipes: readonly Recipe[]): string[] {
  const written = new Set(
    recipes.flatMap(({ name, notes = '', lines, steps }) =>
      [
        name,
        notes,
        ...lines.flatMap(({ text = '', prep = '', heading = '' }) => [text, prep, heading]),
        ...steps.map(one => one.text),
      ].flatMap(text => wordsOf(text).map(one => one.word)),
    ),
  )
  return names.filter(name => name.split(' ').every(word => written.has(word)))
}

const noNames: readonly string[] = []
const noLarder = { ingredients: [] }
/** Does the text name anything to eat, by the lexicon or the starter shelf? */
export const speaksOfFood = (text: string): boolean =>
  foodsIn(text, dictionaryOf(noLarder)).some(one => !one.made || !ofNoRecipe('notes', text, one))
const ofNoRecipe = whatItMakes({ name: '', lines: [] })

const partsOfEgg = ['yolk', 'yolks', 'white', 'whites'].map(stemsOf)
/** What the lines answer for: every word for food in their names, through every part. */
interface Answers {
  /** Words an allergen goes by, as the lines name it. */
  words: ReadonlySet<string>
  /** Whole names, and every word of them. */
  names: ReadonlySet<string>
  inNames: ReadonlySet<string>
  /** Every word of the names of the house’s own parts. */
  ofParts: ReadonlySet<string>
  anyNut: boolean
  flourOnTin: boolean
  /** Something a tin is greased with. */
  fatOnTin: boolean
}

/** What a line is called as written: what stands behind it is more than its name. */
const headOf = (text: string): string =>
  text.split(/[,(;:]|\s[-–—+&]\s|(?<=\p{L})[/&](?=\p{L})|\s(?:or|with|plus|and|in)\s/iu)[0]!

/** `beside`: what is only served with it answers for the serving, and for nothing that is in it. */
function answersOf(recipe: Recipe, workbook: Within, dictionary: Dictionary, beside: boolean): Answers {
  const [words, names, inNames, ofParts] = [new Set<string>(), new Set<string>(), new Set<string>(), new Set<string>()]
  let [anyNut, flourOnTin, fatOnTin] = [false, false, false]
  const ingredients = byId(workbook.ingredients)
  const recipes = byId(workbook.recipes)
  const name = (text: string) => {
    const head = text.split(/[,(]/)[0]!
    const plain = stemsOf(head)
    names.add(plain)
    for (const word of plain.split(' ')) inNames.add(word)
    for (const { start, end } of wholeMentions(text)) words.add(stemsOf(text.slice(start, end)))
    for (const { code } of mentions(text)) {
      if (treeNuts.includes(code)) anyNut = true
      // the parts of an egg, whole eggs being there; what is buttered, where there is butter
      if (code === 'egg') for (const part of partsOfEgg) words.add(part)
    }
    if (words.has('butter')) words.add(stemsOf('buttered'))
    for (const group of groupMentions(text)) words.add(stemsOf(group.word))
    for (const one of foodsIn(text, dictionary)) if (!one.strict) names.add(one.stems)
  }
  const seen = new Set<string>()
  const walk = (of: Recipe) => {
    if (seen.has(of.id)) return
    seen.add(of.id)
    for (const line of of.lines) {
      if (of === recipe && (line.role === 'beside') !== beside) continue
      if (of !== recipe && !beside && line.role === 'beside') continue
      if ('recipe' in line.of) {
        const part = recipes.get(partKey(line.of))
        for (const { word } of wordsOf(part?.name ?? line.text ?? '')) ofParts.add(word)
        if (part) walk(part)
        continue
      }
      const ingredient = ingredients.get(line.of.ingredient)
      for (const text of [ingredient?.name, ingredient?.standsFor, ingredient?.labelName, headOf(line.text ?? '')])
        if (text) name(text)
      for (const other of ingredient ? alsoCalled(ingredient.name) : []) name(other)
      for (const other of line.alternatives ?? []) name(ingredients.get(other.ingredient)?.name ?? '')
      if (line.role === 'release' && /flour|starch|polenta|cocoa|sugar/i.test(`${ingredient?.name} ${line.text}`))
        flourOnTin = true
      if (line.role === 'release' && fat.test(`${ingredient?.name} ${ingredient?.standsFor ?? ''} ${line.text ?? ''}`))
        fatOnTin = true
    }
  }
  walk(recipe)
  return { words, names, inNames, ofParts, anyNut, flourOnTin, fatOnTin }
}

export const fat = /oil|butter|spray|margarine|fat\b|lard|ghee|shortening|spread|release|grease/i
/** "Grease the tin": with what, nobody says. */
const greasing =
  /\b(greas(?:e|ed|ing)|oil(?:ed|ing)|spray(?:ed|ing)?)\b(?! ?(?:bottle|gun|with water))(?=[^.;]{0,60}\b(?:tins?|pans?|trays?|sheets?|moulds?|molds?|dish(?:es)?|ramekins?|rings?|cases?|cups|base|sides|paper|parchment|it|them|well|lightly|lined?)\b)/i
const flouring =
  /\b(?:flour(?:ed|ing)?(?= (?:the|a|an|your|two|three|some|it|them|both|lightly|well|\d))|floured(?= \p{L})|(?:dust|coat|sprinkle)\w*\b[^.;]{0,40}\bflour)\b/iu

function isAnswered({ stems, word, strict }: Found, answers: Answers): boolean {
  if (answers.names.has(stems)) return true
  const words = stems.split(' ')
  if (words.every(one => answers.ofParts.has(one))) return true
  if (strict) return answers.words.has(stems) || (/^nuts?$/i.test(word) && answers.anyNut)
  // a grain, a fruit, a sugar by its plain word is whatever line is named so
  return words.length === 1 && answers.inNames.has(stems)
}

/** Is what it is greased with said in the same sentence? Then that is the food that is asked about. */
const greasedWith = (text: string, dictionary: Dictionary): boolean =>
  text.split(/[.;]/).some(sentence => {
    const deed = greasing.exec(sentence)
    return deed !== null && foodsIn(sentence.slice(deed.index), dictionary).some(one => fat.test(one.word))
  })

/** Before what is a name, so that its first word is read as no deed. */
const called = '· '
/** What a kitchen makes itself and calls so. */
const made = /^(?:syrup|jam|marmalade|spread)$/i
/** Speaks of what goes beside. */
const serves = /\b(?:serv(?:e|ed|ing)|alongside|on the side|accompany)\b/i

/**
 * Food written in the recipe itself that none of its lines holds, however deep, and nobody has answered for. `below`: everything
 * that its lines ask for, as it is now, where that is known already.
 */
export function openFoodIn(recipe: Recipe, workbook: Within, below?: readonly unknown[] | null): readonly OpenFood[] {
  const rests = [dictionaryOf(workbook), ...wordsIn(recipe), ...(below ?? namesBelow(recipe, workbook))]
  // an edit of an amount leaves the steps as they are: they stand for the recipe in all its states
  return keep(recipe.steps, recipe.id, rests, () => found(recipe, workbook))
}
const keep = keptBeside<Recipe['steps'], readonly OpenFood[]>()
/** All of a recipe that is words, or says what they are about. */
function wordsIn({ name, notes, answers, lines }: Recipe): unknown[] {
  const words: unknown[] = [name, notes, answers]
  for (const { of, role, text, prep, heading, alternatives } of lines)
    words.push('ingredient' in of ? of.ingredient : partKey(of), role, text, prep, heading, alternatives)
  return words
}
function namesBelow(recipe: Recipe, workbook: Within): unknown[] {
  const { recipes, ingredients } = closureOf(workbook, recipe)
  const parts = recipes.filter(one => one !== recipe)
  return [...parts, ...ingredients.flatMap(({ name, standsFor, labelName }) => [name, standsFor, labelName])]
}
function found(recipe: Recipe, workbook: Within): OpenFood[] {
  const texts: { where: Written; at: number; text: string; beside?: boolean }[] = [
    // a name tells nobody to do anything: “Cream loaf” is of cream
    { where: 'name', at: 0, text: `${called}${recipe.name}` },
    ...recipe.lines.map(({ heading }, at) => ({
      where: 'heading' as const,
      at,
      text: heading ? called + heading : '',
    })),
    ...recipe.lines.map(({ text = '', prep = '', role }, at) => ({
      where: 'line' as const,
      at,
      // its own name is what was chosen for it
      text: `${blank(headOf(text))}${text.slice(headOf(text).length)} . ${text.includes(prep) ? '' : prep}`,
      beside: role === 'beside',
    })),
    ...recipe.steps.map(({ text }, at) => ({ where: 'step' as const, at, text })),
    { where: 'notes', at: 0, text: recipe.notes ?? '' },
  ]
  const dictionary = dictionaryOf(workbook)
  const said = texts.filter(
    ({ where, text }) =>
      text !== '' &&
      (foodsIn(text, dictionary).length > 0 || (where === 'step' && (greasing.test(text) || flouring.test(text)))),
  )
  if (said.length === 0) return []
  const eaten = answersOf(recipe, workbook, dictionary, false)
  const served = answersOf(recipe, workbook, dictionary, true)
  const isOwn = whatItMakes(recipe)
  const answered = new Set((recipe.answers ?? []).map(one => stemsOf(one.word)))
  const seen = new Set<string>()
  const open: OpenFood[] = []
  const put = (where: Written, at: number, word: string) => {
    const key = stemsOf(word)
    if (seen.has(key) || answered.has(key)) return
    seen.add(key)
    open.push({ where, at, word: word.toLowerCase() })
  }
  for (const { where, at, text, beside } of said) {
    const serving = where === 'line' ? beside === true : where !== 'name' && serves.test(text)
    for (const one of foodsIn(text, dictionary)) {
      // "Date paste", "Lemon syrup" are what the recipe makes; "Chestnut cream" is asked about, as it warns of milk
      const itself =
        where === 'name' &&
        !one.strict &&
        !joins.test(text.slice(0, one.start)) &&
        text.slice(one.end).trim() === '' &&
        (one.start === called.length || made.test(one.word))
      const own = one.made && isOwn(where, text, one) && (where === 'name' || couldMake(one.word, eaten.names))
      if (!itself && !own && !isAnswered(one, eaten) && !(serving && isAnswered(one, served))) put(where, at, one.word)
    }
    if (where === 'step' && greasing.test(text) && !eaten.fatOnTin && !greasedWith(text, dictionary))
      put(where, at, 'grease')
    if (where === 'step' && flouring.test(text) && !eaten.flourOnTin) put(where, at, 'flour')
  }
  return open
}

const place: Record<Written, string> = {
  name: 'the name speaks',
  notes: 'the notes speak',
  heading: 'a heading speaks',
  line: 'a line speaks',
  step: 'the method speaks',
}
/** "the method speaks of “butter”, and no line holds it". */
export const openFact = ({ where, word }: OpenFood): string =>
  `${place[where]} of “${word}”, and no line ${where === 'line' ? 'is it' : 'holds it'}`
