import { describe, expect, it } from 'vitest'
import { foreignMentions } from './foreign'
import { mentions } from './lexicon'

const named = (text: string) => foreignMentions(text).map(one => `${one.named} ${one.word}`)
describe('words of other tongues', () => {
  it.each<[string, string[]]>([
    ['Magermilchpulver', ['milk Magermilchpulver']],
    ['Kokosmilch, Mandelmilch', []],
    ['Kakaobutter', []],
    ['Muskatnuss', []],
    ['noix de muscade, noix de coco', ['coconut coco']],
    ['noix', ['walnut noix']],
    ['farine de riz', []],
    ['grano saraceno', []],
    ['ohne Milch und Eier', []],
    ['glutenfri havre', ['oats havre']],
    ['ΓΑΛΑ', ['milk ΓΑΛΑ']],
    ['рисовая мука', []],
    ['мука пшеничная', ['wheat пшеничная']],
    ['мука, соль', ['gluten мука']],
  ])('%s', (text, wanted) => expect(named(text)).toEqual(wanted))
  it('short words that mean something else count only where their tongue is heard', () => {
    expect(named('a rug and a room')).toEqual([])
    expect(named('Ingredienser: rug, sukker')).toEqual(['rye rug'])
    expect(named('kala namak')).toEqual([])
    expect(named('Ainesosat: kala, suola')).toEqual(['fish kala'])
  })
  it('are not heard in English words that only begin alike', () => {
    const words =
      'paraffin paradise Maltese austere austerity pinole granola cocoa bovine nation natal Paris oregano serum seared sojourn amandine-free room rug kala orgeat? visual visible latter pannier burrow grandma nocturne voice ostrich museum panda fiscal'
    expect(named(words)).toEqual([])
  })
  it('stand where they are written, also beside letters that change their length', () => {
    for (const text of ['İ Milch', 'Sucre, LAIT entier']) {
      const [one] = mentions(text).filter(mention => mention.code === 'milk')
      expect(text.slice(one!.start, one!.end)).toBe(one!.word)
    }
  })
})
