// One change to a recipe, as data: it can be kept until it is saved, merged with another window's, and taken back.
// Every edit says what it found (`was`), so that two windows either both get their way or are told plainly.
import { z } from 'zod'
import { Name } from '../model/ingredient'
import { Line, Recipe, Role, Step } from '../model/recipe'
import { Tin } from '../model/tin'
import { Amount } from '../model/unit'
import { same, withField } from './same'

/** The written amount of a line: all that belongs together. */
export const Written = z.object({ amount: Amount.nullable(), plus: z.array(Amount), also: z.array(Amount) })
export type Written = z.infer<typeof Written>

/** A recipe without its identity: what a kept version holds. */
export const RecipeBody = Recipe.omit({ id: true, version: true })
export type RecipeBody = z.infer<typeof RecipeBody>
export const bodyOf = ({ id: _, version: __, ...body }: Recipe): RecipeBody => body

const id = z.string().min(1)
const words = z.string().min(1).max(200).nullable()
/** One field of the recipe, and one of a line; null is “not said”. */
const recipeField = {
  name: Recipe.shape.name.nullable(),
  pieces: z.number().positive().max(1_000_000).nullable(),
  bakeLoss: z.number().min(0).lt(1).nullable(),
  tins: z.number().positive().max(10_000).nullable(),
  tin: Tin.nullable(),
  steps: z.array(Step).max(500).nullable(),
  bakeWeighed: Recipe.shape.bakeWeighed.unwrap().nullable(),
  notes: Recipe.shape.notes.unwrap().nullable(),
  gramsPerMl: Recipe.shape.gramsPerMl.unwrap().nullable(),
  answers: Recipe.shape.answers.unwrap().nullable(),
}
const lineField = {
  role: Role,
  prep: words,
  form: words,
  heading: words,
  of: Line.shape.of,
  alternatives: z
    .array(z.object({ ingredient: id }))
    .max(20)
    .nullable(),
  afterBake: z.boolean().nullable(),
  weighed: Line.shape.weighed.unwrap().nullable(),
  retained: z.number().min(0).max(1).nullable(),
  leavesNothing: id.nullable(),
  sweetens: z.boolean().nullable(),
  goesAlong: z.boolean().nullable(),
}
const ofRecipe = <K extends string, T extends z.ZodType>(kind: K, value: T) =>
  z.object({ kind: z.literal(kind), was: value, to: value })
const ofLine = <K extends string, T extends z.ZodType>(kind: K, value: T) =>
  z.object({ kind: z.literal(kind), line: id, was: value, to: value })

export const recipeEdits = [
  ofRecipe('name', recipeField.name),
  ofRecipe('pieces', recipeField.pieces),
  ofRecipe('bakeLoss', recipeField.bakeLoss),
  ofRecipe('tins', recipeField.tins),
  ofRecipe('tin', recipeField.tin),
  ofRecipe('steps', recipeField.steps),
  ofRecipe('bakeWeighed', recipeField.bakeWeighed),
  ofRecipe('notes', recipeField.notes),
  ofRecipe('gramsPerMl', recipeField.gramsPerMl),
  ofRecipe('answers', recipeField.answers),
  ofLine('role', lineField.role),
  ofLine('prep', lineField.prep),
  ofLine('form', lineField.form),
  ofLine('heading', lineField.heading),
  /** Another ingredient or part in the same place. */
  ofLine('of', lineField.of),
  ofLine('alternatives', lineField.alternatives),
  ofLine('afterBake', lineField.afterBake),
  ofLine('weighed', lineField.weighed),
  ofLine('retained', lineField.retained),
  ofLine('leavesNothing', lineField.leavesNothing),
  ofLine('sweetens', lineField.sweetens),
  ofLine('goesAlong', lineField.goesAlong),
  ofLine('written', Written),
  /** `after`: the line it stands behind; null for the first place. A thing new to the larder comes with its name. */
  z.object({ kind: z.literal('add'), line: Line, after: id.nullable(), fresh: Name.exactOptional() }),
  z.object({ kind: z.literal('remove'), line: Line, after: id.nullable() }),
  z.object({ kind: z.literal('move'), line: id, was: id.nullable(), to: id.nullable() }),
  /** The whole recipe at once: the return to a kept version, a trial taken into force. Things new to the larder come with their names. */
  ofRecipe('whole', RecipeBody).extend({
    fresh: z
      .array(z.object({ id, name: Name }))
      .max(200)
      .exactOptional(),
  }),
] as const
export const RecipeEdit = z.discriminatedUnion('kind', recipeEdits)
export type RecipeEdit = z.infer<typeof RecipeEdit>

/** What stands in the way of an edit: somebody else's value, or a line that is gone. */
export interface Clash<E = RecipeEdit> {
  edit: E
  /** In words: what is there now. */
  fact: string
  /** The edit that puts it through all the same, where that makes sense. */
  anyway?: E
}
export type Edited = { recipe: Recipe } | { clash: Clash }

export const writtenOf = (line: Pick<Line, 'amount' | 'plus' | 'also'>): Written => ({
  amount: line.amount,
  plus: line.plus ?? [],
  also: line.also ?? [],
})
/** The line before this one, or null for the first. */
export const before = (recipe: Recipe, line: string): string | null =>
  recipe.lines[recipe.lines.findIndex(one => one.id === line) - 1]?.id ?? null

function placed(lines: readonly Line[], line: Line, after: string | null): Line[] {
  const at = after === null ? 0 : lines.findIndex(one => one.id === after) + 1
  // what it stood behind is gone: the end is better than nowhere
  const place = after !== null && at === 0 ? lines.length : at
  return [...lines.slice(0, place), line, ...lines.slice(place)]
}
const withLine = (recipe: Recipe, changed: Line): Recipe => ({
  ...recipe,
  lines: recipe.lines.map(one => (one.id === changed.id ? changed : one)),
})
const elsewhere: Partial<Record<RecipeEdit['kind'], string>> = {
  written: 'somebody wrote another amount',
  role: 'somebody moved it elsewhere',
  heading: 'somebody put it into another group',
  of: 'somebody put something else in its place',
  whole: 'somebody changed the recipe meanwhile',
  steps: 'somebody wrote the method otherwise',
  notes: 'somebody wrote other notes',
  answers: 'somebody answered meanwhile',
}

/** Applies one edit. Doing it twice is the same as once, so a save whose answer was lost can simply be sent again. */
export function applyEdit(recipe: Recipe, edit: RecipeEdit): Edited {
  const clash = (now: unknown): Edited => ({
    clash: {
      edit,
      fact:
        elsewhere[edit.kind] ??
        (now === null ? 'it is not said now' : `it is “${typeof now === 'object' ? 'something else' : now}” now`),
      anyway: { ...edit, was: now } as RecipeEdit,
    },
  })
  switch (edit.kind) {
    case 'name':
    case 'bakeLoss':
    case 'pieces':
    case 'tins':
    case 'tin':
    case 'steps':
    case 'bakeWeighed':
    case 'notes':
    case 'gramsPerMl':
    case 'answers': {
      const now = recipe[edit.kind] ?? null
      return same(now, edit.was) || same(now, edit.to) ? { recipe: withField(recipe, edit.kind, edit.to) } : clash(now)
    }
    case 'whole': {
      const now = bodyOf(recipe)
      const { id, version } = recipe
      return same(now, edit.was) || same(now, edit.to) ? { recipe: { ...edit.to, id, version } } : clash(now)
    }
    case 'add':
      if (recipe.lines.some(line => line.id === edit.line.id)) return { recipe }
      return { recipe: { ...recipe, lines: placed(recipe.lines, edit.line, edit.after) } }
    case 'remove': {
      const now = recipe.lines.find(line => line.id === edit.line.id)
      if (!now) return { recipe }
      if (!same(now, edit.line))
        return { clash: { edit, fact: 'somebody changed this line meanwhile', anyway: { ...edit, line: now } } }
      return { recipe: { ...recipe, lines: recipe.lines.filter(line => line.id !== edit.line.id) } }
    }
    default: {
      const line = recipe.lines.find(one => one.id === edit.line)
      if (!line) return { clash: { edit, fact: 'the line is gone' } }
      if (edit.kind === 'move') {
        const others = recipe.lines.filter(one => one !== line)
        return { recipe: { ...recipe, lines: placed(others, line, edit.to) } }
      }
      if (edit.kind === 'written') {
        const now = writtenOf(line)
        if (!same(now, edit.was) && !same(now, edit.to)) return clash(now)
        const { plus: _, also: __, ...rest } = line
        return {
          recipe: withLine(recipe, {
            ...rest,
            amount: edit.to.amount,
            ...(edit.to.plus.length ? { plus: edit.to.plus } : {}),
            ...(edit.to.also.length ? { also: edit.to.also } : {}),
          }),
        }
      }
      const now = line[edit.kind] ?? null
      if (!same(now, edit.was) && !same(now, edit.to)) return clash(now)
      return { recipe: withLine(recipe, withField(line, edit.kind, edit.to)) }
    }
  }
}

/** The edit that takes this one back: a new entry, never an erasure. */
export function inverse(edit: RecipeEdit): RecipeEdit {
  switch (edit.kind) {
    case 'add':
      return { kind: 'remove', line: edit.line, after: edit.after }
    case 'remove':
      return { kind: 'add', line: edit.line, after: edit.after }
    default:
      return { ...edit, was: edit.to, to: edit.was } as RecipeEdit
  }
}
