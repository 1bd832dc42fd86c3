// How much of a blind set is read right, strictly: every word of the item, every number, every line; and which food was lost.
import { type Amount, type ReadLine, readLine, readRecipe, readStatement } from '@fair-tin/core'
import { openFoodIn } from '@fair-tin/core/recipe'
import { parseIngredient } from 'parse-ingredient'
import { inFull } from '../../core/ingredient/shorthand'
import { asWritten } from '../../core/words/replaced'
import type { SaidRecipe } from './firstRecipes'
import type { HeardCard, SaidLine, SaidStatement } from './tables'

/** One measure for what two people may write in two ways: grams, millilitres, pieces. A cup stays a cup. */
const inOne: Record<string, [number, string]> = {
  kg: [1000, 'g'],
  oz: [28.35, 'g'],
  lb: [453.6, 'g'],
  l: [1000, 'ml'],
  dl: [100, 'ml'],
  cl: [10, 'ml'],
  floz: [29.57, 'ml'],
  tbsp: [3, 'tsp'],
  pint: [568, 'ml'],
}
const sized = (value: number, unit: string) => {
  const [times, as] = inOne[unit] ?? [1, unit]
  return `${(value * times).toPrecision(3)} ${as}`
}
/** Said of the state a thing is in: with it or without, it is the same thing. */
const state = new Set('unwaxed free-range hot warm cold boiling frozen fresh ripe melted chopped'.split(' '))
/** "dbl crm" and "double cream" are one. */
const full = (text: string): string => inFull(asWritten(text)).text
const bag = (text: string) =>
  (
    full(text)
      .toLowerCase()
      .replace(/free range/g, 'free-range')
      .normalize('NFC')
      .match(/[\p{L}\p{N}’'-]+/gu) ?? []
  )
    .filter(word => !state.has(word))
    .filter(word => !['of', 'the', 'a', 'large', 'medium', 'small', 'de', 'di'].includes(word))
    .sort()
    .join(' ')
const summed = (amounts: readonly Amount[]) => {
  const [first] = amounts
  if (!first) return ''
  const same = amounts.every(one => (inOne[one.unit]?.[1] ?? one.unit) === (inOne[first.unit]?.[1] ?? first.unit))
  if (!same)
    return amounts.map(one => `${one.value < 0 ? '- ' : '+ '}${sized(Math.abs(one.value), one.unit)}`).join(' ')
  if (first.upTo !== undefined) return `${sized(first.value, first.unit)} ~ ${sized(first.upTo, first.unit)}`
  const as = inOne[first.unit]?.[1] ?? first.unit
  const all = amounts.reduce((sum, one) => sum + one.value * (inOne[one.unit]?.[0] ?? 1), 0)
  return `${all.toPrecision(3)} ${as}`
}
/** "0.25 cup + 1 tbsp", "2~3 tsp", "3 each large", "". */
function wantedAmount(text: string): Amount[] {
  if (text === '' || text === '~') return []
  return text.split(/ (?=[+-] )/).map(part => {
    const [sign, rest] = /^[+-] /.test(part) ? [part[0], part.slice(2)] : ['+', part]
    const [range = '', unit = 'each'] = rest.split(' ')
    const [value = 0, upTo] = range.split('~').map(Number)
    return {
      value: sign === '-' ? -value : value,
      ...(upTo === undefined ? {} : { upTo }),
      unit: unit as Amount['unit'],
    }
  })
}
const amountsOf = (read: Pick<ReadLine, 'amount' | 'plus' | 'also'>) => (read.amount ? [read.amount, ...read.plus] : [])
/** The amount as it leads, or as it is said again in brackets. */
const sameAmount = (read: Pick<ReadLine, 'amount' | 'plus' | 'also'>, wanted: string) => {
  const asked = summed(wantedAmount(wanted))
  return asked === summed(amountsOf(read)) || read.also.some(one => asked === summed([one]))
}

export const lineRight = (read: ReadLine, [, amount, item]: SaidLine) =>
  sameAmount(read, amount) && (bag(read.item) === bag(item) || bag(`${read.item} ${read.form ?? ''}`) === bag(item))
export function scoreLines(rows: readonly SaidLine[]) {
  const misses = rows.flatMap(row => {
    const read = readRecipe(`Ingredients\n${row[0]}\n1 g salt`).lines[0] ?? readLine(row[0])
    if (lineRight(read, row)) return []
    return [`${row[0]}  →  ${summed(amountsOf(read)) || '–'} | ${read.item}   (wanted ${row[1] || '–'} | ${row[2]})`]
  })
  const theirs = rows.filter(([text, amount, item]) => {
    const [read] = parseIngredient(text)
    const size = Number(amount.split(/[ ~]/)[0])
    return (
      read &&
      (amount === '' ? read.quantity === null : Math.abs((read.quantity ?? 0) - size) < 0.01) &&
      bag(read.description) === bag(item)
    )
  }).length
  return { of: rows.length, right: rows.length - misses.length, theirs, misses }
}

const groupOf: Record<string, readonly string[]> = {
  nuts: ['almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazilNut', 'pistachio', 'macadamia'],
  gluten: ['wheat', 'rye', 'barley', 'oats'],
}
const codes = (text: string) => text.split(' ').filter(Boolean)
/** Right: what is in it and what may be, no more and no less; a group is right as each of its kinds, or as one doubt. Lost: a code that is neither. */
export function scoreStatements(rows: readonly SaidStatement[]) {
  const misses: string[] = []
  const lost: string[] = []
  for (const row of rows) {
    const read = readStatement(row.text)
    const inIt = new Set<string>(read.contains)
    const may = new Set<string>(read.mayContain)
    // heard too: what is asked about, as a group or as what such a thing usually holds
    const asked = new Set<string>(read.groups.flatMap(group => group.codes))
    const heard = (set: Set<string>, code: string) =>
      groupOf[code]
        ? groupOf[code].every(kind => set.has(kind) || inIt.has(kind)) || groupOf[code].every(kind => asked.has(kind))
        : set.has(code) || asked.has(code)
    const wrong = [
      ...codes(row.contains)
        .filter(code => !heard(inIt, code))
        .map(code => `no ${code}`),
      ...codes(row.may)
        .filter(code => !heard(may, code))
        .map(code => `no may ${code}`),
    ]
    if (wrong.length > 0) lost.push(`${row.text}: ${wrong.join(', ')}`)
    const allowed = (text: string) => new Set(codes(text).flatMap(code => groupOf[code] ?? [code]))
    const extra = [
      ...[...inIt].filter(code => !allowed(row.contains).has(code)).map(code => `${code} too`),
      ...[...may].filter(code => !allowed(row.may).has(code)).map(code => `may ${code} too`),
    ]
    if (wrong.length + extra.length > 0) misses.push(`${row.text}  →  ${[...wrong, ...extra].join(', ')}`)
  }
  return { of: rows.length, right: rows.length - misses.length, lost, misses }
}
export function scoreRecipes(recipes: readonly SaidRecipe[]) {
  let right = 0
  let of = 0
  let whole = 0
  let facts = 0
  let factsOf = 0
  const misses: string[] = []
  const lost: string[] = []
  for (const recipe of recipes) {
    const read = readRecipe(recipe.text)
    const left = [...read.lines]
    const missed = recipe.lines.filter(wanted => {
      const at = wanted.startsWith('~') ? 2 : wanted.indexOf(' ', wanted.indexOf(' ') + 1) + 1
      const [amount, item] = [wanted.slice(0, at).trim(), wanted.slice(at)]
      const found = left.findIndex(line => sameAmount(line, amount) && bag(line.item) === bag(item))
      if (found >= 0) left.splice(found, 1)
      return found < 0
    })
    of += recipe.lines.length
    right += recipe.lines.length - missed.length
    const wrong: string[] = []
    const fact = (name: string, is: unknown, wanted: unknown) => {
      if (wanted === undefined) return
      factsOf++
      if (is === wanted) facts++
      else wrong.push(`${name} ${is}, not ${wanted}`)
    }
    fact('oven', read.ovenCelsius && Math.round(read.ovenCelsius), recipe.celsius)
    fact(
      'minutes',
      read.minutes && [read.minutes.from, read.minutes.to].filter(one => one !== undefined).join('~'),
      recipe.minutes,
    )
    fact('pieces', read.pieces, recipe.pieces)
    // Where a food may be heard: in a line, or where all open words are searched.
    const kept = [
      ...read.lines.map(line => [line.item, line.prep ?? '', ...line.alternatives].join(' ')),
      ...read.steps.map(step => step.text),
      ...read.unread,
      read.title,
    ]
      .join('\n')
      .toLowerCase()
    for (const food of [...recipe.also, ...missed.map(one => one.replace(/^~ |^\S+ \S+ /, ''))])
      if (
        !bag(food)
          .split(' ')
          .every(word => kept.includes(word.slice(0, 5)))
      )
        lost.push(`${recipe.text.split('\n')[0]}: ${food}`)
    if (missed.length + wrong.length === 0) whole++
    else
      misses.push(
        `${recipe.text.split('\n')[0]}: missed ${missed.join(' · ') || 'none'}${wrong.length > 0 ? `; ${wrong.join(', ')}` : ''}; beside them ${left.map(line => `${summed(amountsOf(line)) || '–'} ${line.item}`).join(' · ')}`,
      )
  }
  return { of, right, whole, recipes: recipes.length, facts, factsOf, lost, misses }
}

/** Foods of a card that no line is called by and no question names. Beginnings of words, as they are written in more than one way. */
export function lostIn({ text, foods }: HeardCard): string[] {
  const read = readRecipe(text)
  const lines = read.lines.map(({ item, amount, role, text, prep, heading }, at) => ({
    id: `line-${at}`,
    of: { ingredient: item },
    amount,
    role,
    text,
    ...(prep ? { prep } : {}),
    ...(heading ? { heading } : {}),
  }))
  const recipe = {
    id: 'card',
    version: 1,
    name: read.title,
    lines,
    steps: read.steps,
    notes: [...read.unread, ...read.untaken].join('\n'),
  }
  const names = read.lines.map(({ item }) => item)
  const asked = openFoodIn(recipe, { ingredients: names.map(name => ({ id: name, name })), recipes: [recipe] })
  const heard = [...names, ...read.lines.flatMap(one => one.alternatives), ...asked.map(one => full(one.word))]
    .join('\n')
    .toLowerCase()
  return foods.filter(
    food =>
      !full(food)
        .toLowerCase()
        .split(' ')
        .every(word => heard.includes(word.slice(0, 5))),
  )
}
