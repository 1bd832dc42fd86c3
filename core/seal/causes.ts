// What altered a label since it was signed: of everything that was changed, what brings its words nearer to the signed ones when it
// alone is put back. The papers that were renewed meanwhile alter nothing, and are not blamed.
import { same } from '../edit/same'
import { rulesOf } from '../market/market'
import { byId } from '../model/byId'
import type { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import { judgedOn, type Workbook } from '../model/workbook'
import { restsOf } from './rests'
import { alteredIn, type Said } from './said'

/** How often a thing was saved is no fact of it; and a database gives its fields back in another order. */
const alike = (a: unknown, b: unknown): boolean => same(unversioned(a), unversioned(b))
const unversioned = (one: unknown): unknown => {
  if (typeof one !== 'object' || one === null || Array.isArray(one)) return one
  const { version: _, ...rest } = one as Record<string, unknown>
  return rest
}

/** As it was signed; see `Seal`. */
interface Signed {
  market: MarketCode
  pack: { version: number }
  says: readonly Said[]
  rests: Workbook
}
export interface Cause {
  /** In words: "plum: its facts changed". */
  says: string
  /** The ingredient whose facts changed, by id; absent where it is anything else. */
  ingredient?: string
}
interface Change extends Cause {
  /** The books with this as it was when it was signed. */
  putBack: (books: Workbook) => Workbook
}
type Listed = 'ingredients' | 'recipes' | 'products'
/** The rows of a list with one as it was: changed back, there again, or gone again. */
function withFormer<T extends { id: string }>(rows: readonly T[], id: string, was: T | undefined): T[] {
  const others = rows.flatMap(row => (row.id !== id ? [row] : was ? [was] : []))
  return was && !rows.some(row => row.id === id) ? [...others, was] : others
}
function changesIn(was: Workbook, is: Workbook): Change[] {
  const listed = (list: Listed, what: string): Change[] => {
    const [before, after] = [
      byId<{ id: string; name: string }>(was[list]),
      byId<{ id: string; name: string }>(is[list]),
    ]
    return [...new Set([...before.keys(), ...after.keys()])].flatMap(id => {
      const [old, next] = [before.get(id), after.get(id)]
      if (alike(old, next)) return []
      const told = !old ? 'is new in it' : !next ? 'is no longer in it' : `its ${what} changed`
      return [
        {
          says: `${(next ?? old)!.name}: ${told}`,
          ...(list === 'ingredients' ? { ingredient: id } : {}),
          putBack: books =>
            ({ ...books, [list]: withFormer<{ id: string }>(books[list], id, old) }) as unknown as Workbook,
        },
      ]
    })
  }
  return [
    ...listed('ingredients', 'facts'),
    ...listed('recipes', 'recipe'),
    ...listed('products', 'claims, weight or particulars'),
    ...(alike(was.kitchen, is.kitchen) && alike(was.evidence, is.evidence)
      ? []
      : [
          {
            says: 'the kitchen’s record changed',
            putBack: (books: Workbook) => ({ ...books, kitchen: was.kitchen, evidence: was.evidence }),
          },
        ]),
    ...(alike(was.tests ?? [], is.tests ?? [])
      ? []
      : [
          {
            says: 'what the last tests after cleaning found changed',
            putBack: ({ tests: _, ...books }: Workbook) => ({ ...books, ...(was.tests ? { tests: was.tests } : {}) }),
          },
        ]),
  ]
}

/** Words of each part and what each stands behind, whatever parts them. */
const wordsOf = (said: readonly Said[]) =>
  said.flatMap(({ part, words }) => {
    const all = words.toLowerCase().match(/[\p{L}\p{N}][\p{L}\p{N}.,-]*(?<![.,])/gu) ?? []
    return all.flatMap((word, at) => [`${part} ${word}`, `${part} ${all[at - 1] ?? ''} ${word}`])
  })
/** How many words one says and the other does not. */
function distance(one: readonly Said[], other: readonly Said[]): number {
  const left = wordsOf(other)
  let missing = 0
  for (const word of wordsOf(one)) {
    const at = left.indexOf(word)
    if (at >= 0) left.splice(at, 1)
    else missing++
  }
  return missing + left.length
}

/** `says`: what the label would say by other books; empty where there is no label by them. */
export function causesOf(
  signed: Signed,
  { product, now }: { product: Product; now: readonly Said[] },
  workbook: Workbook,
  says: (books: Workbook) => readonly Said[],
): readonly Cause[] {
  const is = restsOf(workbook, byId(workbook.products).get(product.id)!)
  const changes = changesIn(signed.rests, is)
  const pack = rulesOf(signed.market, judgedOn(workbook))
  const rules =
    pack.version === signed.pack.version ? [] : [{ says: `the rules of ${pack.title} are of ${pack.asOf} now` }]
  const ranOut = { says: 'a proof ran out as the days went by' }
  if (changes.length + rules.length === 0) return [ranOut]
  const far = distance(signed.says, now)
  const back = changes.map(one => says(one.putBack(is)))
  // one that explains all of it is the cause, whatever else was changed
  const alone = back.findIndex(said => alteredIn(signed.says, said).length === 0)
  if (alone >= 0) return [changes[alone]!]
  const causes = changes.filter((_, at) => distance(signed.says, back[at]!) < far)
  const without = says(causes.reduce((books, one) => one.putBack(books), is))
  if (causes.length > 0 && alteredIn(signed.says, without).length === 0) return causes
  // what is left is of the rules, or of the days: it would be so had nothing been changed
  const byItself = alteredIn(signed.says, says({ ...signed.rests, today: is.today })).length > 0
  const others = rules.length > 0 ? rules : byItself ? [ranOut] : []
  const found = [...causes, ...others]
  // each only together with others
  return found.length > 0 ? found : [...changes, ...rules]
}
