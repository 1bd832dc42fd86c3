// Two versions of a recipe, line by line: what came, what went, what is otherwise.
import type { RecipeBody } from '../edit/recipeEdit'
import { type Line, partKey, roleName } from '../model/recipe'
import { tinName } from '../model/tin'
import { writtenSum } from './writtenAmount'

export interface Row {
  /** The line's thing, or what of the recipe it is about. */
  name: string
  kind: 'same' | 'changed' | 'added' | 'removed'
  /** In words; null where it is not there. */
  before: string | null
  after: string | null
}

const words = (line: Line): string =>
  [
    line.amount === null ? 'no amount' : writtenSum(line),
    line.role === 'mix' ? '' : roleName[line.role],
    line.prep ?? '',
    line.heading ? `in “${line.heading}”` : '',
  ]
    .filter(Boolean)
    .join(', ')
const thingOf = (line: Line): string => ('recipe' in line.of ? `part ${partKey(line.of)}` : line.of.ingredient)

/**
 * Every line of both, in the order of the later one, those that went at their old place; then what is said of the whole
 * recipe and is otherwise. Lines are matched by their id, else by their thing. `nameOf` names what a line is of.
 */
export function compareRecipes(before: RecipeBody, after: RecipeBody, nameOf: (of: Line['of']) => string): Row[] {
  const left = new Map(before.lines.map(line => [line.id, line]))
  const match = new Map<Line, Line>()
  for (const line of after.lines) {
    const same = left.get(line.id)
    if (same) match.set(line, same)
  }
  const taken = new Set(match.values())
  for (const line of after.lines) {
    if (match.has(line)) continue
    const alike = before.lines.find(one => !taken.has(one) && thingOf(one) === thingOf(line))
    if (!alike) continue
    taken.add(alike)
    match.set(line, alike)
  }
  const rows: Row[] = []
  const gone = before.lines.filter(line => !taken.has(line))
  const goneAfter = (line: Line | undefined) => {
    // those that went stand behind the line they stood behind
    const from = line ? before.lines.indexOf(line) + 1 : 0
    for (let at = from; at < before.lines.length && gone.includes(before.lines[at]!); at++) {
      const went = before.lines[at]!
      rows.push({ name: nameOf(went.of), kind: 'removed', before: words(went), after: null })
      gone.splice(gone.indexOf(went), 1)
    }
  }
  goneAfter(undefined)
  for (const line of after.lines) {
    const was = match.get(line)
    const swapped = was && thingOf(was) !== thingOf(line)
    const [x, y] = [was ? words(was) : null, words(line)]
    rows.push({
      name: nameOf(line.of),
      kind: !was ? 'added' : x === y && !swapped ? 'same' : 'changed',
      before: was && swapped ? `${nameOf(was.of)}, ${x}` : x,
      after: y,
    })
    if (was) goneAfter(was)
  }
  for (const went of gone) rows.push({ name: nameOf(went.of), kind: 'removed', before: words(went), after: null })
  const whole = (name: string, of: (body: RecipeBody) => string) => {
    const [x, y] = [of(before), of(after)]
    if (x !== y) rows.push({ name, kind: 'changed', before: x, after: y })
  }
  whole('Name', body => body.name)
  whole('Pieces', body => (body.pieces === undefined ? 'not said' : String(body.pieces)))
  whole('Bake loss', body => (body.bakeLoss === undefined ? 'not known' : `${Math.round(body.bakeLoss * 1000) / 10} %`))
  whole('Tin', body => (body.tin ? `${body.tins ?? 1} × ${tinName(body.tin)}` : 'not said'))
  whole('Method', body =>
    body.steps.length === 0 ? 'none' : body.steps.map((step, at) => `${at + 1}. ${step.text}`).join(' '),
  )
  return rows
}
