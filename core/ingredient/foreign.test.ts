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
  it.each([
    ['milk', 'masło masła masłem maśle ser sera serem mleko mleka mlekiem śmietana śmietaną'],
    ['egg', 'jajo jaja jajem jajami jajko jajkiem jajek'],
    ['fish', 'ryba rybę rybą rybami'],
    ['milk', 'máslo másla máslem sýr sýra sýrem smetana smetanou'],
    ['oats', 'oves ovsa ovsem'],
    ['milk', 'сыр сыра сыром масло масла маслом молоко молоком сметаной сливками'],
    ['gluten', 'мука муки муку мукой борошно борошном'],
    ['milk', 'сиру сиром маслом сметаною вершками'],
    ['barley', 'солод солодом słód słodem mallas maltaan'],
    ['milk', 'kerman kermalla rahkaa voilla'],
  ])('%s is heard in every case of its word: %s', (code, words) => {
    for (const word of words.split(' ')) expect(named(word), word).toEqual([`${code} ${word}`])
  })
  it('a butter, milk or flour of plants is not heard as that of milk or wheat', () => {
    for (const text of [
      'masłem kakaowym',
      'mlekiem kokosowym',
      'kakaovým máslem',
      'растительным маслом',
      'масло подсолнечное',
      'какао-масло',
      'рисовой мукой',
      'рисовим борошном',
    ])
      for (const code of ['milk', 'gluten', 'wheat'])
        expect(
          named(text).map(one => one.split(' ')[0]),
          text,
        ).not.toContain(code)
  })
  it('stand where they are written, also beside letters that change their length', () => {
    for (const text of ['İ Milch', 'Sucre, LAIT entier']) {
      const [one] = mentions(text).filter(mention => mention.code === 'milk')
      expect(text.slice(one!.start, one!.end)).toBe(one!.word)
    }
  })
})
