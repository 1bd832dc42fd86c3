// A table of foods with a column for each nutrient, as nutrients per 100 g. What is left empty stays unknown.
import type { NamedNutrients } from '@fair-tin/core/exchange'
import type { NutrientCode } from '@fair-tin/core/model'
import { readDecimal } from '@fair-tin/core/words'
import { cellsOf } from '../prices/cells'

const heads: [NutrientCode, RegExp][] = [
  ['energyKj', /energy.*kj|^kj/i],
  ['energyKcal', /energy.*kcal|^kcal|calories/i],
  ['saturates', /saturate|saturated/i],
  ['trans', /trans/i],
  ['fat', /^(?:total )?fat\b/i],
  ['addedSugars', /added sugar/i],
  ['sugars', /sugar/i],
  ['polyols', /polyol/i],
  ['fibre', /fib(?:re|er)/i],
  ['carbohydrate', /carbohydrate/i],
  ['protein', /protein/i],
  ['sodiumMg', /sodium|^na\b|salt/i],
  ['calciumMg', /calcium/i],
  ['ironMg', /iron/i],
  ['potassiumMg', /potassium/i],
  ['vitaminDMcg', /vitamin d/i],
  ['cholesterolMg', /cholesterol/i],
]

/** Salt is turned into sodium (÷ 2.5), sodium in grams into milligrams. */
export async function readNutritionTable(
  bytes: Uint8Array,
  file: string,
): Promise<{ foods: NamedNutrients[] } | { problem: string }> {
  const read = await cellsOf(bytes, file)
  if ('problem' in read) return read
  const [head, ...rows] = read.rows
  const columns: { at: number; code: NutrientCode; times: number }[] = []
  for (const [code, pattern] of heads) {
    const at = head!.findIndex((cell, index) => pattern.test(cell.trim()) && !columns.some(one => one.at === index))
    if (at < 0) continue
    const title = head![at]!
    const times = code !== 'sodiumMg' ? 1 : /salt/i.test(title) ? 400 : /mg/i.test(title) ? 1 : 1000
    columns.push({ at, code, times })
  }
  if (columns.length === 0)
    return { problem: `${file}: its first row names no nutrient I know (fat, carbohydrate, sugars, protein, salt …).` }
  const nameAt = Math.max(
    0,
    head!.findIndex((cell, at) => /name|food|description/i.test(cell) && !columns.some(one => one.at === at)),
  )
  const foods = rows.flatMap(row => {
    const name = (row[nameAt] ?? '').trim()
    if (name === '') return []
    const nutrients: NamedNutrients['nutrients'] = {}
    for (const { at, code, times } of columns) {
      const value = readDecimal(row[at] ?? '')
      if (value !== null)
        nutrients[code] = { value: Number((Number(value) * times).toPrecision(8)), source: `${file}, ${name}` }
    }
    return [{ name, nutrients }]
  })
  return foods.length > 0 ? { foods } : { problem: `${file} names no food in column ${nameAt + 1}.` }
}
