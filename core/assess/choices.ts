// "Butter or coconut oil": whatever may be used counts. A claim holds only if it holds with every one of them.
import { type ClaimResult, severity } from '../claim/verdict'
import { byId } from '../model/byId'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'
import { fromTheOutside } from '../recipe/part'

export interface Choice {
  /** The line it is a choice at, in the recipe that holds it. */
  line: string
  name: string
  /** The workbook with it in force there, made when it is asked for. */
  inForce: () => Workbook
}

/** Every other thing that may be used instead, one at a time, through every part of the recipe. */
export function choicesIn(workbook: Workbook, recipeId: string): Choice[] {
  const recipes = byId(workbook.recipes)
  const names = byId(workbook.ingredients)
  return fromTheOutside(recipes, recipeId).flatMap(id => {
    const recipe = recipes.get(id)
    return (recipe?.lines ?? []).flatMap(line =>
      'ingredient' in line.of && line.role !== 'beside'
        ? (line.alternatives ?? []).map(
            ({ ingredient }): Choice => ({
              line: line.id,
              name: names.get(ingredient)?.name ?? ingredient,
              inForce: () => {
                const lines = recipe!.lines.map(one => (one === line ? { ...line, of: { ingredient } } : one))
                return {
                  ...workbook,
                  recipes: workbook.recipes.map(one => (one === recipe ? { ...recipe, lines } : one)),
                }
              },
            }),
          )
        : [],
    )
  })
}

/** More choices than this are not judged one by one: that would keep a bench from moving, and proves nothing meanwhile. */
export const mostChoices = 24

/** The claims while more may be used instead than can be judged: unproven, unless they break already. */
export const tooManyChoices = (claims: readonly ClaimResult[], count: number): ClaimResult[] =>
  claims.map(claim => ({
    ...claim,
    verdict: claim.verdict === 'breaks' ? 'breaks' : 'unproven',
    because: [
      {
        path: [],
        fact: `${count} other things may be used instead, too many to judge each`,
        mend: 'Settle on one in most of these lines.',
      },
      ...(claim.verdict === 'holds' ? [] : claim.because),
    ],
  }))

/** The claims as judged, each no better than with any of the choices; what a choice adds is said by its name. */
export function withChoices(
  claims: readonly ClaimResult[],
  bill: Bill,
  choices: readonly { line: string; name: string; claims: readonly ClaimResult[] }[],
): ClaimResult[] {
  return claims.map((claim, at) => {
    let now = claim
    // the gravest last, so that its reasons come first
    const byWeight = [...choices].sort((a, b) => severity[a.claims[at]!.verdict] - severity[b.claims[at]!.verdict])
    for (const choice of byWeight) {
      const other = choice.claims[at]!
      if (severity[other.verdict] <= severity[claim.verdict]) continue
      const because = other.because
        .slice(0, 3)
        .map(reason => ({ ...reason, fact: `with ${choice.name} instead, which may be used: ${reason.fact}` }))
      now = {
        ...now,
        verdict: severity[other.verdict] > severity[now.verdict] ? other.verdict : now.verdict,
        // reasons that hold decide nothing any more
        because: [...because, ...(now.verdict === 'holds' ? [] : now.because)],
        marks: now.marks.map((mark, line) =>
          mark !== null && bill.lines[line]!.line === choice.line && severity[other.verdict] > severity[mark]
            ? other.verdict
            : mark,
        ),
        grounds: [
          ...now.grounds,
          ...because.map(reason => ({
            verdict: other.verdict,
            reason,
            at: bill.lines.findIndex(line => line.line === choice.line),
          })),
        ],
      }
    }
    return now
  })
}
