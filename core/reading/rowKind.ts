// What a row of a recipe is, by itself: a heading, an amount, something to do, or what a page puts around a recipe.

import { mentions } from '../ingredient/lexicon'
import { readAmount } from '../measure/quantity'
import { capital } from '../words/listing'
import { clearDeed, startsDeed } from './deeds'
import { normal } from './normal'
import { groupWord, undecorated } from './opening'
import { readLine } from './readLine'
import { onlyTime, readMinutes, readOven } from './readStep'
import { roleIn } from './roleWords'
import { piecesInOtherTongues, tellsToDoInOtherTongues } from './tongues'

const ingredientsHeader =
  /^(?:ingredients?|zutaten|ingr[ée]dients|ingredienti|ingredientes|ingredi[ëe]nten|składniki|suroviny|ingredienser|ainekset|υλικά|συστατικά|ингредиенты|состав|продукты|інгредієнти|склад|you(?:'|’)?ll need|you will need|what you(?:(?:'|’)ll)? need|shopping list)\b[^.]{0,40}$/i
const methodHeader =
  /^(?:zubereitung|anleitung|préparation|preparation|réalisation|preparazione|procedimento|preparación|elaboración|preparação|modo de preparo|bereiding(?:swijze)?|przygotowanie|wykonanie|postup|gör så här|tillagning|fremgangsmåde|slik gjør du|valmistus|ohje|εκτέλεση|приготовление|приготування|method|directions?|instructions?|preparation|steps?|how to(?: make(?: it)?)?|to make|procedure|what to do|what you do|here(?:'|’)?s how)\s*[:–—-]?$/i
const notesHeader =
  /^(?:notes?|tips?|storage|nutrition(?:al)?(?: (?:information|facts))?|equipment|comments?)\s*[:–—-]?$/i
/** What a row that stands alone opens. */
export const opens = (row: string): 'ingredients' | 'method' | 'notes' | null =>
  ingredientsHeader.test(row)
    ? 'ingredients'
    : methodHeader.test(row)
      ? 'method'
      : notesHeader.test(row)
        ? 'notes'
        : null

/** "a pinch of salt" starts with an amount; "A family favourite." does not. */
export function startsLikeAmount(text: string): boolean {
  const plain = normal(undecorated(text))
  const read = readAmount(plain)
  // "Four hundred lines" and "Three grain loaf" are names, not pieces of something
  const inWords = read?.amount.unit === 'each' && !/\d/.test(plain.slice(0, plain.length - read.rest.length))
  if (/^-(?:ingredient|step|minute|bowl|layer)s?\b/i.test(read?.rest ?? '')) return false
  if (inWords && /^\s*(?:hundred|thousand|seed|grain|layer|cheese|pot|day)\b/i.test(read.rest)) return false
  return (
    read !== null &&
    !(read.amount.unit === 'each' && /^an? /i.test(plain) && (plain.length > 40 || /[.!?]$/.test(plain)))
  )
}
/** "Butter 100 g", "flour, 1½ cups": a name and how much of it, whatever the name might also tell somebody to do. */
export const isNameThenAmount = (row: string): boolean =>
  /^\p{L}[\p{L} '’()-]*[,:]? (?:about |approx\.? )?[\d½⅓⅔¼¾⅛][\d½⅓⅔¼¾⅛./ –-]* ?(?:k?g|grams?|ml|l|oz|lbs?|cups?|tsps?|tbsps?|teaspoons?|tablespoons?|[tT])\.?$/u.test(
    row,
  )
/** "butter 250", "eggs 2": a name and a bare number. */
export const isNameThenNumber = (row: string): boolean =>
  /^\p{L}[\p{L}\d '’()-]*,? (?:[x×] ?)?\d+(?:[.,/]\d+)?$/u.test(row)
/** "dates 175 g": weighed or measured, wherever in the row that stands. */
export const saysHowMuch = (row: string): boolean => {
  const { amount } = readLine(row)
  return amount !== null && (amount.unit !== 'each' || startsLikeAmount(row))
}

const groupAlone =
  /^(?:the )?(?:base|middle|bottom|fillings?|toppings?|icing|frosting|sauce|batter|sponge|crumble|glaze|crust|drizzle|dough|pastry|buttercream|loaf|cakes?|buns|muffins|(?:dry|wet)(?: ingredients| mix)?|(?:layer|tier|part|stage) (?:\d|one|two|three|four))(?: mix(?:ture)?)?$/i
/**
 * "For the base", "Filling:", "SAUCE": what it is called, where it opens a group of lines. `apart`: nothing stands right above it
 * that it could be one of; `gap`: a blank row does, and none stands below.
 */
export function groupNamed(row: string, next: string, apart: boolean, gap = false): string | null {
  if (row.length > 60 || next === '' || startsLikeAmount(row)) return null
  // bought pastry in the middle of a list is no heading
  const capitals = row === row.toUpperCase() && next !== next.toUpperCase() && row.split(' ').length <= 3
  const alone =
    (gap && groupWord.test(row) && row.split(' ').length <= 3) ||
    (apart && mentions(row).length === 0 && (groupAlone.test(row) || (capitals && groupWord.test(row)))) ||
    // "CUSTARD" behind a blank row, above what goes into it
    (gap && capitals && /^\p{Lu}[\p{Lu} &'’-]+$/u.test(row))
  const named = /^(?:(?:for|to make) (?:the )?(.{2,60}?)|(.{2,60}?)):?$/i.exec(row)
  if (!named) return null
  const heads =
    /:$/.test(row) ||
    (alone && saysHowMuch(next)) ||
    (/^for (?:the )?\w/i.test(row) && !/,/.test(row)) ||
    (/^to (?:finish|serve|decorate)\b/i.test(row) && row.split(' ').length <= 3)
  if (!heads) return null
  // "For the topping - 2 tbsp oats" is a line
  if ((!alone && /\d/.test(row) && readLine(row).amount !== null) || /:\s*\S/.test(row)) return null
  if (/^to serve\b/i.test(row) && !/:$/.test(row) && row.length > 12) return null
  const said = (named[1] ?? named[2])!.replace(/^the /i, '').trim()
  const name = said === said.toUpperCase() ? said.toLowerCase() : said
  return capital(name)
}
/** A heading of a group rather than the name of a recipe: "Biscuit base:". */
export const namesGroup = (row: string): boolean => /:$/.test(row) && groupWord.test(row.slice(0, -1).trim())

const yields =
  /\b(?:makes|serves|servings?|portions?|yields?|cuts into|gives|enough for)\b:?\s*(?:about |approx\.? )?(.+)$/i
const cutInto =
  /\b(?:cut(?:s|ting)? in(?:to)?|(?:roll|shape|divide|form|split)(?:ed)? (?:it |them |the dough |the mixture )?(?:in)?to) (?=(?:about |approx\.? )?(?:\d|[a-z]+ (?:equal )?(?:squares|bars|slices|fingers|wedges|pieces|portions|balls|buns|rounds|rolls)\b))(?:about |approx\.? )?(.+)$/i
/** "10 slices": nothing else, where no line of the recipe can stand. */
export const onlyPieces = (row: string): number | null => {
  const said = piecesAlone.exec(row) ?? /^\(?x ?(\d{1,3})\)?$/i.exec(row)
  return said && Number(said[1])
}
const piecesAlone =
  /^(?:about |approx\.? )?(\d{1,3}) (?:large |small |mini )?(?:slices|squares|bars|bits|fingers|wedges|pieces|portions|servings|biscuits|cookies|buns|muffins|cupcakes|scones|cakes|tarts|pots|cases)\.?$/i
/** "batch size: 1 full tray", "Course: dessert": what a card or a page says of a recipe, and never a thing that goes in. */
export const isField = (row: string): boolean =>
  /^(?:batch(?: size| yield)?|yield|portions?|date|ref(?:erence)?|code|version|issue|author|from|by|source|subject|sent|to|category|cuisine|course|difficulty|level|skill|equipment|allergens?|shelf life|cost|keywords?|diet)\s*[:=]\s*\S/i.test(
    row,
  )
/** Speaks of what the recipe makes, whether or not that is a number of pieces. */
export const speaksOfYield = (row: string): boolean => /^(?:makes|serves|servings?|yields?)\b/i.test(row)
/** How many pieces a row says the recipe makes; null where it says none. `whole`: that is what the row is about. */
export function piecesIn(row: string): { pieces: number; whole: boolean } | null {
  const abroad = piecesInOtherTongues(row)
  if (abroad !== null) return { pieces: abroad, whole: row.length < 60 }
  // "Scones x 8"
  const times = /^\p{L}[\p{L}\s'’&-]{2,50}?\s[x×] ?([4-9]|\d{2,3})(?: \([^\d)]*\))?$/u.exec(row)
  if (times) return { pieces: Number(times[1]), whole: false }
  // "Upside-down cake (tray, 30 portions)"
  const beside = /\((?:[^()]{0,40}[, ])?(\d{1,3}) (?:portions|ptns?|slices|pieces|servings|squares|bars)\)/i.exec(row)
  if (beside) return { pieces: Number(beside[1]), whole: false }
  // "... 40 mins. 12 bars. Fridge 3 days."
  const cases = /\b(?:in)?to (\d{1,2}) (?:(?:paper|muffin|cupcake|bun|cake) )?(?:cases|liners|holes|cups)\b/i.exec(row)
  if (cases) return { pieces: Number(cases[1]), whole: false }
  // "Yield 6.2 kg / 62 @ 100 g"
  const each = /\b(?:makes|yields?)\b[^@]{0,40}?(?<![\d.])(\d{1,4}) ?@ ?\d+(?:\.\d+)? ?k?g\b/i.exec(row)
  if (each) return { pieces: Number(each[1]), whole: true }
  const apart = row
    .split(/[.!]\s+/)
    .slice(1)
    .map(onlyPieces)
    .find(Boolean)
  if (apart) return { pieces: apart, whole: false }
  const said = yields.exec(row)
  const cut = said ? null : (cutInto.exec(row) ?? /\bcut (?:out )?(\d{1,2})(?=\s*(?:[.,;!]|$))/i.exec(row))
  // "makes 1 tray = 20 pieces", "makes 2 loaves (24 slices)"
  const written = normal(said?.[1] ?? cut?.[1] ?? '')
    .replace(
      /^(?:\d+|an?|one|two|three|four) (?:big |large |small )?(?:tray|tin|slab|batch|loaf|loave|cake)(?:e?s)?\s*(?:=|,|\(|or|of)\s*(?=\d)/i,
      '',
    )
    // "yield: 1 x 23cm / 12 ptn"
    .replace(/^\d+\s*x\s*\d+\s*(?:cm|in(?:ch)?)\b[^/|,]{0,20}[/|,=]\s*(?=\d)/i, '')
  // "makes 18 x 45 g"
  const read = readAmount(written.replace(/^(\d+)\s*x\s*\d+(?:\.\d+)?\s*k?g\b/i, '$1'))
  if (read?.amount.unit !== 'each' || !(read.amount.value > 0)) return null
  // "enough for two 9 inch shells"
  if (/^ ?\d+(?:\.\d+)? ?-?(?:inch|in|cm)\b/i.test(read.rest)) return null
  // "cut into 2 cm cubes" and "cut in half" are no yield
  if (
    cut &&
    (read.amount.value < 4 ||
      !/^ *(?:$|[.,;!&]|(?:and|then)\b|(?:equal )?(?:squares|bars|slices|fingers|wedges|pieces|portions|biscuits|balls|buns|rounds|rolls)\b)/i.test(
        read.rest,
      ))
  )
    return null
  const dozen = /^\s*doz(?:en|\.)?(?![\p{L}])/iu.test(read.rest) ? 12 : 1
  return { pieces: read.amount.value * dozen, whole: said !== null }
}

const numbered = /^(?:step\s*)?\d{1,2}[.):]\s+(?=\p{L})/iu

/** "2. Crush the biscuits and mix with the butter.": a step, and no second of anything. */
export function isNumberedStep(row: string, inMethod: boolean): boolean {
  const number = numbered.exec(row)
  if (!number) return false
  const said = row.slice(number[0].length)
  return (
    inMethod ||
    startsDeed.test(said) ||
    ovenFirst(said) ||
    (/[.!]$/.test(said) && said.split(' ').length >= 4 && !startsLikeAmount(said) && readLine(said).amount === null)
  )
}
/**
 * Steps with bare numbers, "1 Boil water": rows that count from one, and of which some only tell somebody to do something.
 * Three eggs below two lemons below one apple are no steps. The indexes of such rows.
 */
const countOf = /^\d+[.)]? /
export function countedSteps(rows: readonly string[]): Set<number> {
  const found = new Set<number>()
  for (let from = 0; from < rows.length; from++) {
    let length = 0
    while (new RegExp(`^${length + 1}(?:[.)])? \\p{Lu}`, 'u').test(rows[from + length] ?? '')) length++
    const run = rows.slice(from, from + length).map(row => row.replace(countOf, ''))
    const deeds = run.filter(row => clearDeed.test(row) || tellsToDo(row, true)).length
    if (length >= 3 && deeds * 3 >= length) for (let at = from; at < from + length; at++) found.add(at)
    from += Math.max(0, length - 1)
  }
  return found
}
/** "Two 7 inch tins. 170°C, 28 minutes. Sandwich with jam.": sentences that tell of heat and time are no line, however they begin. */
export const tellsOfBake = (row: string): boolean =>
  readOven(row) !== null && readMinutes(row) !== null && row.split(' ').length >= 6 && /[.!](?:\s+\p{Lu}|$)/u.test(row)
/** A row that begins with no amount tells somebody to do something. `amongLines`: it stands below ingredients, and what is two sentences is none of them. */
export function tellsToDo(given: string, amongLines: boolean): boolean {
  // "Topping: melt the oil, stir in the oats"
  const row = given.replace(/^[\p{L}\d][\p{L}\d ]{0,15}:\s+/u, '')
  // "Spread, for the tin" and "Serve with custard" are things that touch the food
  if (row.length <= 45 && roleIn(row) !== 'mix') return false
  const deed = startsDeed.test(row)
  return (
    tellsToDoInOtherTongues(row) ||
    (deed && (/[.!]$/.test(row) || row.length > 45)) ||
    // "Heat oven 180", "Oil a 900 g loaf tin"
    (clearDeed.test(row) &&
      /\b(?:oven|tins?|pan|bowl|trays?|dish|fridge|freezer|rack|mins?|minutes|hours?|hrs?)\b/i.test(row)) ||
    // "Cream 8 min", "boil till it parts"
    (deed && /\d ?(?:mins?|minutes|m|hrs?|hours?|secs?|seconds)\b/i.test(row)) ||
    (clearDeed.test(row) && /\b(?:until|till?|w\.)(?= )/i.test(row)) ||
    // "melt the chocolate, oil and syrup together"
    (clearDeed.test(row) && row.split(' ').length >= 4 && /\b(?:the|it|them|together|over)\b/i.test(row)) ||
    /^(?:oil|butter|grease|flour|spray|line|dust)(?: (?:and|&) (?:base[- ])?(?:line|flour))? (?:(?:an?|the|your|two|three)\b|\d(?=.*(?:tin|pan|tray|dish|mould|cm|in(?:ch)?\b)))/i.test(
      row,
    ) ||
    // "mix, press in, cut in 12"
    (clearDeed.test(row) &&
      row
        .split(/[,;]\s*/)
        .slice(1)
        .some(clause => clearDeed.test(clause))) ||
    (amongLines && tellsOfBake(row)) ||
    (amongLines && /[\p{L}\d)][.!]\s+\p{Lu}/u.test(row) && /[.!]$/.test(row) && row.split(' ').length >= 5)
  )
}
/**
 * Rows that stand together behind a gap, none of them saying how much and one of them a deed, a time or a heat: the method,
 * where nobody wrote "Method" above it.
 */
export const isMethodBlock = (block: readonly string[]): boolean =>
  block.length > 1 &&
  block.every(row => !/:$/.test(row) && !saysHowMuch(row) && readLine(row).role === 'mix') &&
  block.some(row => tellsToDo(row, true) || readOven(row) !== null)

/** "180C / 160C fan", "Gas 2, line the tin": the oven stands first. */
export const ovenFirst = (row: string): boolean =>
  /^(?:(?:(?:very )?(?:hot|moderate|cool|slow) )?oven\b|bak(?:e|ing)(?: at)?\b|gas\b|fan\b|\d{3}\s*(?:°|º|[cf]\b|fan\b|degrees?\b|-\s*\d{3}))/i.test(
    row,
  ) && readOven(row) !== null

/** "20 min prep", "2 h rest". */
const namedTime =
  /^\d{1,3}(?: ?[-–] ?\d{1,3})? ?(?:min(?:ute)?s?|h(?:rs?|ours?)?)\.? (?:prep(?:aration)?|bak(?:e|ing)|cook(?:ing)?|rest(?:ing)?|chill(?:ing)?|total|active|hands[- ]on|setting|rising|proving|in the oven)$/i
/** "12 cases, 20-22 min": several settings in one row, each by itself; null where anything else stands among them. */
export function settingsIn(row: string): string[] | null {
  const parts = row.split(/[,;]\s+|\s+[|/·•]\s+/)
  const isSetting = (part: string) =>
    onlyPieces(part) !== null ||
    onlyTime.test(part) ||
    namedTime.test(part) ||
    (ovenFirst(part) && part.length < 40 && !/[.!]\s+\p{Lu}/u.test(part)) ||
    speaksOfYield(part)
  return parts.length > 1 && parts.every(isSetting) ? parts : null
}

const noise = [
  // the foot of a table: a sum, and nothing that goes in
  /^(?:[\d.,]+ ?(?:k?g|ml|oz|lb)?,? )?(?:sub-?|grand )?total(?: (?:weight|mix|dough|batter|cost))?:?(?:[ ,]+[\d.,]+ ?(?:k?g|ml|oz|lb|%)?)*$/i,
  /^[^\p{L}\p{N}]*$/u,
  /^(?:jump to|print|pin|save|share|rate|email)(?: (?:the |this )?recipe)?$/i,
  /^(?:\d+(?:[./]\d)?\s?x\s*){2,}$/i,
  /^(?:us )?(?:customary|metric|imperial|cups?)(?:\s*[-–—|/]\s*(?:us )?(?:customary|metric|imperial|cups?))+$/i,
  /^[★☆⭐]|^\d(?:\.\d+)? (?:stars?|from \d+ (?:votes?|ratings?|reviews?))\b/iu,
  /^(?:total (?:flour|of flours?)|flours?,? (?:total|weight)|flours? in all)\b/i,
  /^(?:scale\b|cook mode|step \d{1,2}[.:]?$|prevent your screen)/i,
  /^(?:per \p{L}+(?: \d+ ?g)?|calories|energy|nutrition)\b.*\b(?:kcal|kj|protein|carb(?:s|ohydrates?)?)\b/iu,
]
/** What a page puts around a recipe, and would be read as a thing to eat. */
export const isNoise = (row: string): boolean => noise.some(pattern => pattern.test(row))

/** "all in grams": what numbers without a unit count, or null. */
export const unitOfAll = (row: string): 'g' | 'ml' | 'oz' | null => {
  const said =
    /^\(?(?:all|everything|weights?|amounts?|quantities|measures)\b[^.]{0,25}?\b(g|grams?|ml|oz|ounces)\)?\.?$/i.exec(
      row,
    )?.[1] ?? /^\(?(?:in )?(g|grams?|ml|ounces)\)?$/i.exec(row)?.[1]
  return said ? (/^g/i.test(said) ? 'g' : /^ml/i.test(said) ? 'ml' : 'oz') : null
}
