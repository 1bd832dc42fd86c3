import { describe, expect, it } from 'vitest'
import { sampleIngredient } from '../../tests/fixtures/sample'
import { additiveClass, classedTexts, namesAdditive, withoutClass } from './additives'

describe('the class of an additive (Regulation (EU) 1169/2011, Annex VII part C, from memory)', () => {
  it.each([
    ['xanthan gum', 'thickener'],
    ['guar gum', 'thickener'],
    ['agar', 'gelling agent'],
    ['cream of tartar', 'raising agent'],
    ['bicarbonate of soda', 'raising agent'],
    ['sunflower lecithin', 'emulsifier'],
    ['citric acid', 'acid'],
    ['potassium sorbate', 'preservative'],
    ['erythritol', 'sweetener'],
    ['titanium dioxide', 'colour'],
  ])('%s: %s', (name, of) => expect(additiveClass(name)).toBe(of))
  it.each(['baking powder', 'gelatine', 'lemon juice', 'beetroot', 'psyllium husk', 'agar plates mix'])(
    '%s is a food, or not known',
    name => expect(additiveClass(name)).toBeUndefined(),
  )
  it('is asked of whatever has none: itself, inside its list, or only a number', () => {
    expect(withoutClass(sampleIngredient('xanthan gum'))).toEqual([{ name: 'xanthan gum', usual: 'thickener' }])
    expect(withoutClass(sampleIngredient('xanthan gum', { functionClass: 'thickener' }))).toEqual([])
    const spread = sampleIngredient('spread', {
      composition: [
        { name: 'sunflower oil' },
        { name: 'mix', components: [{ name: 'lecithins' }, { name: 'citric acid', functionClass: 'acid' }] },
        { name: 'E471', eNumber: 'E471' },
      ],
    })
    expect(withoutClass(spread)).toEqual([
      { name: 'lecithins', usual: 'emulsifier' },
      { name: 'E471', usual: undefined },
    ])
  })
})

describe('naming an additive', () => {
  const tartrazine = { eNumber: 'E102', names: ['tartrazine'] }
  it.each(['tartrazine', 'colour: E102', 'E 102', 'colours: 102, 133', 'colour (102)', 'e-102'])('%s names it', text =>
    expect(namesAdditive([text], tartrazine)).toBe(true),
  )
  it.each(['102 g of sugar', 'colour: E1020', 'sugar, 102', 'lot 102', 'colour: beetroot 102 %'])('%s does not', text =>
    expect(namesAdditive([text], tartrazine)).toBe(false),
  )
  it('stands with its class and its number, as a label would have it', () =>
    expect(
      classedTexts(
        sampleIngredient('sprinkles', {
          composition: [{ name: 'sugar' }, { name: 'tartrazine', functionClass: 'colour', eNumber: 'E102' }],
        }),
      ),
    ).toEqual(['sprinkles', 'sugar', 'colour: tartrazine (E102)']))
})
