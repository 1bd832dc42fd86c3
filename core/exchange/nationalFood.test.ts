import { describe, expect, it } from 'vitest'
import { readNationalFoods } from './nationalFood'

const entry = (number: string, amount: number) => ({ nutrient: { number, name: 'x' }, amount })
const flour = {
  description: 'Flour, invented',
  foodNutrients: [
    entry('203', 10),
    entry('204', 2),
    entry('205', 70),
    entry('291', 6),
    entry('307', 3),
    entry('606', 0.4),
  ],
}
const read = (data: unknown) => {
  const said = readNationalFoods(JSON.stringify(data))
  return 'foods' in said ? said.foods : expect.fail(said.problem)
}

describe('national food data', () => {
  it('reads one food, a list, and a whole download alike', () => {
    for (const shape of [flour, [flour], { FoundationFoods: [flour] }])
      expect(read(shape)[0]).toMatchObject({ name: 'Flour, invented', nutrients: { protein: { value: 10 } } })
  })
  it('takes the fibre out of carbohydrate by difference', () =>
    expect(read(flour)[0]!.nutrients.carbohydrate).toMatchObject({ value: 64 }))
  it('leaves carbohydrate unknown where the fibre is: never 70, never 0', () => {
    const without = { ...flour, foodNutrients: flour.foodNutrients.filter(one => one.nutrient.number !== '291') }
    expect(read(without)[0]!.nutrients).not.toHaveProperty('carbohydrate')
    expect(read(without)[0]!.nutrients).not.toHaveProperty('sugars')
  })
  it('keeps a range where one is given', () =>
    expect(
      read({ ...flour, foodNutrients: [{ ...entry('204', 2), min: 1.5, max: 2.5 }] })[0]!.nutrients.fat,
    ).toMatchObject({ value: 2, low: 1.5, high: 2.5 }))
  it('says what it cannot read', () => {
    for (const text of ['', '{', '[]', '{"a":1}', '[{"description":"x"}]', 'PK\u0003'])
      expect(readNationalFoods(text), text).toHaveProperty('problem')
  })
})
