// Two recipes of one product side by side: what is otherwise in claims, allergens, cost, nutrition, structure and lines.
'use client'
import { type Assessment, assess, compareAssessments } from '@fair-tin/core/assess'
import type { RecipeBody } from '@fair-tin/core/edit'
import {
  allergenName,
  allergenStatusName,
  type Line,
  type MarketCode,
  nameOfClaim,
  nutrientName,
  partKey,
  type Recipe,
  type Workbook,
} from '@fair-tin/core/model'
import { adviceOn, type ComparedRow, compareRecipes, doughOf } from '@fair-tin/core/recipe'
import { alteredIn, saidBy } from '@fair-tin/core/seal'
import { money, weighed } from '@fair-tin/core/words'
import { type ReactNode, useMemo } from 'react'
import { AlteredWords } from '../../labels/AlteredWords'
import { SmallLabel } from '../lid/SmallLabel'

const tone: Record<ComparedRow['kind'], string> = {
  same: 'text-quiet',
  changed: 'font-semibold',
  added: 'font-semibold text-holds',
  removed: 'font-semibold text-breaks',
}
const kindWord: Record<ComparedRow['kind'], string> = { same: '', changed: 'changed', added: 'came', removed: 'went' }

/** By today’s facts and prices. `workbook` holds whatever either uses. */
export function Comparison({
  workbook,
  recipe,
  productId,
  market,
  left,
  right,
}: {
  workbook: Workbook
  recipe: Recipe
  productId: string
  market: MarketCode
  left: RecipeBody
  right: RecipeBody
}) {
  const names = useMemo(
    () => new Map([...workbook.ingredients, ...workbook.recipes].map(one => [one.id, one.name])),
    [workbook.ingredients, workbook.recipes],
  )
  const rows = useMemo(
    () =>
      compareRecipes(left, right, (of: Line['of']) => {
        const id = 'recipe' in of ? partKey(of) : of.ingredient
        return names.get(id) ?? `${id}, no longer there`
      }),
    [left, right, names],
  )
  const moved = useMemo(
    () => movesBetween(workbook, recipe, productId, market, left, right),
    [workbook, recipe, productId, market, left, right],
  )
  const same = rows.filter(row => row.kind === 'same').length
  const changed = rows.filter(row => row.kind !== 'same')
  return (
    <>
      <Table
        caption="What it changes, by today’s facts and prices"
        empty="Claims, allergens, cost and nutrition are the same."
      >
        {moved.map(([what, x, y], at) => (
          <tr key={`${what} ${x} ${y} ${at}`} className="border-b border-hair/60">
            <td className="py-0.5 pr-3">{what}</td>
            <td className="pr-3">{x}</td>
            <td className="font-semibold">{y}</td>
          </tr>
        ))}
      </Table>
      <Table caption="Line by line" empty="Every line is the same.">
        {changed.map((row, at) => (
          <tr key={`${row.name} ${at}`} className="border-b border-hair/60 align-top">
            <td className={`py-0.5 pr-3 ${tone[row.kind]}`}>
              {row.name} <span className="text-[12.5px] font-normal text-quiet">{kindWord[row.kind]}</span>
            </td>
            <td className="pr-3">{row.before ?? ''}</td>
            <td>{row.after ?? ''}</td>
          </tr>
        ))}
      </Table>
      {changed.length > 0 && same > 0 && (
        <p className="text-[13px] text-quiet">
          {same} {same === 1 ? 'line is' : 'lines are'} the same.
        </p>
      )}
      <LabelsBeside {...{ workbook, recipe, productId, market, left, right }} />
    </>
  )
}

function judgedWith(
  workbook: Workbook,
  recipe: Recipe,
  productId: string,
  market: MarketCode,
  body: RecipeBody,
): Assessment {
  const as: Recipe = { ...body, id: recipe.id, version: recipe.version }
  const recipes = workbook.recipes.map(one => (one.id === recipe.id ? as : one))
  return assess({ ...workbook, recipes }, productId, market)
}

/** The two labels, and every word that is another. Nothing where they say the same. */
function LabelsBeside({ workbook, recipe, productId, market, left, right }: Parameters<typeof Comparison>[0]) {
  const [before, after] = useMemo(
    () => [left, right].map(body => judgedWith(workbook, recipe, productId, market, body)) as [Assessment, Assessment],
    [workbook, recipe, productId, market, left, right],
  )
  const product = workbook.products.find(one => one.id === productId)
  const altered = product ? alteredIn(saidBy(before, product), saidBy(after, product)) : []
  return (
    <>
      <h3 className="mt-3 text-[15px]">The label</h3>
      {altered.length === 0 ? (
        <p className="text-quiet">Its label says the same.</p>
      ) : (
        <>
          <div className="grid grid-cols-2 items-start gap-4 max-sm:grid-cols-1">
            <SmallLabel declaration={before.declaration} />
            <SmallLabel declaration={after.declaration} />
          </div>
          <AlteredWords altered={altered} was="Before" now="After" />
        </>
      )}
    </>
  )
}

/** What an eater, a buyer or a baker could notice between two recipes of a product: what, before, after. */
export function movesBetween(
  workbook: Workbook,
  recipe: Recipe,
  productId: string,
  market: MarketCode,
  left: RecipeBody,
  right: RecipeBody,
): [what: string, before: string, after: string][] {
  const [before, after] = [left, right].map(body => judgedWith(workbook, recipe, productId, market, body)) as [
    Assessment,
    Assessment,
  ]
  const changes = compareAssessments(before, after)
  const { currency } = workbook.kitchen
  const cost = (at: 0 | 1) =>
    changes.cost.perPiece[at] === null
      ? 'not known'
      : `${changes.cost.atLeast[at] ? 'at least ' : ''}${money(changes.cost.perPiece[at]!, currency)}`
  const [said, saidAfter] = [before, after].map(one =>
    adviceOn(doughOf(one.bill, workbook.ingredients)).map(advice => advice.what),
  ) as [string[], string[]]
  const rows: [string, string, string][] = [
    ...changes.claims.map((one): [string, string, string] => [
      nameOfClaim(one.claim),
      one.before ?? '',
      one.after ?? '',
    ]),
    ...changes.allergens.map((one): [string, string, string] => [
      allergenName[one.allergen],
      allergenStatusName[one.before],
      allergenStatusName[one.after],
    ]),
    ['a piece costs', cost(0), cost(1)],
    ['the batch weighs', weighed(changes.finished[0]), weighed(changes.finished[1])],
    ...said
      .filter(one => !saidAfter.includes(one))
      .map((one): [string, string, string] => ['rule of thumb', one, 'no longer said']),
    ...saidAfter.filter(one => !said.includes(one)).map((one): [string, string, string] => ['rule of thumb', '', one]),
    ...changes.nutrients.map((one): [string, string, string] => [
      `${nutrientName[one.nutrient]} per 100 g`,
      one.before ?? 'not known',
      one.after ?? 'not known',
    ]),
  ]
  return rows.filter(([, x, y]) => x !== y)
}

function Table({ caption, empty, children }: { caption: string; empty: string; children: ReactNode[] }) {
  return (
    <>
      <h3 className="mt-3 text-[15px]">{caption}</h3>
      {children.length === 0 ? (
        <p className="text-quiet">{empty}</p>
      ) : (
        <table className="w-full text-left" aria-label={caption}>
          <thead className="sr-only">
            <tr>
              <th>What</th>
              <th>Before</th>
              <th>After</th>
            </tr>
          </thead>
          <tbody>{children}</tbody>
        </table>
      )}
    </>
  )
}
