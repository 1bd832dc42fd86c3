// One change to a recipe, as data: it can be kept until it is saved, merged with another window's, and taken back.
// Every edit says what it found (`was`), so that two windows either both get their way or are told plainly.
import { z } from 'zod'
import { Name } from '../ingredient/ingredient'
import { Amount } from '../measure/unit'
import { Line, type Recipe, Role } from './recipe'

/** The written amount of a line: all that belongs together. */
export const Written = z.object({ amount: Amount.nullable(), plus: z.array(Amount), also: z.array(Amount) })
export type Written = z.infer<typeof Written>

const id = z.string().min(1)
export const Edit = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('written'), line: id, was: Written, to: Written }),
  z.object({ kind: z.literal('role'), line: id, was: Role, to: Role }),
  z.object({ kind: z.literal('prep'), line: id, was: z.string(), to: z.string() }),
  z.object({ kind: z.literal('bakeLoss'), was: z.number().nullable(), to: z.number().min(0).lt(1).nullable() }),
  z.object({ kind: z.literal('pieces'), was: z.number().nullable(), to: z.number().positive().nullable() }),
  /** `after`: the line it stands behind; null for the first place. A thing new to the larder comes with its name. */
  z.object({ kind: z.literal('add'), line: Line, after: id.nullable(), fresh: Name.exactOptional() }),
  z.object({ kind: z.literal('remove'), line: Line, after: id.nullable() }),
  z.object({ kind: z.literal('move'), line: id, was: id.nullable(), to: id.nullable() }),
])
export type Edit = z.infer<typeof Edit>

/** What stands in the way of an edit: somebody else's value, or a line that is gone. */
export interface Clash {
  edit: Edit
  /** In words: what is there now. */
  fact: string
  /** The edit that puts it through all the same, where that makes sense. */
  anyway?: Edit
}
export type Edited = { recipe: Recipe } | { clash: Clash }

export const writtenOf = (line: Pick<Line, 'amount' | 'plus' | 'also'>): Written => ({
  amount: line.amount,
  plus: line.plus ?? [],
  also: line.also ?? [],
})
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
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

/** Applies one edit. Doing it twice is the same as once, so a save whose answer was lost can simply be sent again. */
export function applyEdit(recipe: Recipe, edit: Edit): Edited {
  switch (edit.kind) {
    case 'bakeLoss':
    case 'pieces': {
      const now = recipe[edit.kind] ?? null
      if (now !== edit.was && now !== edit.to)
        return { clash: { edit, fact: `it is ${now ?? 'not said'} now`, anyway: { ...edit, was: now } as Edit } }
      const { [edit.kind]: _, ...rest } = recipe
      return { recipe: edit.to === null ? rest : { ...rest, [edit.kind]: edit.to } }
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
      if (edit.kind === 'move')
        return {
          recipe: {
            ...recipe,
            lines: placed(
              recipe.lines.filter(one => one !== line),
              line,
              edit.to,
            ),
          },
        }
      if (edit.kind === 'written') {
        const now = writtenOf(line)
        if (!same(now, edit.was) && !same(now, edit.to))
          return { clash: { edit, fact: 'somebody wrote another amount', anyway: { ...edit, was: now } } }
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
      if (edit.kind === 'role') {
        if (line.role !== edit.was && line.role !== edit.to)
          return { clash: { edit, fact: 'somebody moved it elsewhere', anyway: { ...edit, was: line.role } } }
        return { recipe: withLine(recipe, { ...line, role: edit.to }) }
      }
      const now = line.prep ?? ''
      if (now !== edit.was && now !== edit.to)
        return { clash: { edit, fact: `it says “${now}” now`, anyway: { ...edit, was: now } } }
      const { prep: _, ...rest } = line
      return { recipe: withLine(recipe, edit.to === '' ? rest : { ...rest, prep: edit.to }) }
    }
  }
}

/** All edits in order; those that clash are left out and told. */
export function applyEdits(recipe: Recipe, edits: readonly Edit[]): { recipe: Recipe; clashes: Clash[] } {
  const clashes: Clash[] = []
  let now = recipe
  for (const edit of edits) {
    const done = applyEdit(now, edit)
    if ('recipe' in done) now = done.recipe
    else clashes.push(done.clash)
  }
  return { recipe: now, clashes }
}

/** The edit that takes this one back: a new entry, never an erasure. */
export function inverse(edit: Edit): Edit {
  switch (edit.kind) {
    case 'add':
      return { kind: 'remove', line: edit.line, after: edit.after }
    case 'remove':
      return { kind: 'add', line: edit.line, after: edit.after }
    default:
      return { ...edit, was: edit.to, to: edit.was } as Edit
  }
}
