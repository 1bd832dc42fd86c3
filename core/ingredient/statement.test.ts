import { describe, expect, it } from 'vitest'
import { compositionText } from '../label/ingredientList'
import { readStatement } from './statement'

describe('readStatement', () => {
  it('reads brackets, percentages, classes and E numbers', () => {
    const { components } = readStatement(
      'Ingredients: Rapeseed oil (38%), water, dark chocolate 20% (cocoa mass, sugar, emulsifier: soya lecithin), raising agents: E450, sodium bicarbonate; salt.',
    )
    expect(components).toEqual([
      { name: 'Rapeseed oil', percent: 38 },
      { name: 'water' },
      {
        name: 'dark chocolate',
        percent: 20,
        components: [{ name: 'cocoa mass' }, { name: 'sugar' }, { name: 'soya lecithin', functionClass: 'emulsifier' }],
      },
      { name: 'E450', eNumber: 'E450', functionClass: 'raising agent' },
      { name: 'sodium bicarbonate', functionClass: 'raising agent' },
      { name: 'salt' },
    ])
  })
  it('tells what it contains from what it may contain, and believes no absence', () => {
    expect(
      readStatement('Sugar, whole milk powder, cocoa butter. May contain nuts: hazelnuts, almonds.'),
    ).toMatchObject({ contains: ['milk'], mayContain: ['hazelnut', 'almond'] })
    expect(readStatement('Rice flour. Contains: soya.').contains).toEqual(['soy'])
    expect(readStatement('Maize starch, free from wheat and milk.')).toMatchObject({ contains: [], mayContain: [] })
    expect(readStatement('Oat flakes. Produced in a bakery that handles sesame.')).toMatchObject({
      contains: ['oats'],
      mayContain: ['sesame'],
    })
  })
  it('reads back what it wrote', () => {
    const text = 'rapeseed oil (38 %), water, filling (sugar, egg white), emulsifiers: E471, soya lecithin'
    const once = readStatement(text).components
    expect(readStatement(compositionText(once)).components).toEqual(once)
  })
  it('takes nothing from nothing', () => expect(readStatement(' ').components).toEqual([]))
})
