import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { marketsServed, rulesAsRead } from '../market/market'
import { allergenCodes, allergenName } from '../model/allergen'
import { type ClaimCode, namedClaims } from '../model/claim'
import { carbohydrateCounts, HouseRule, refusedKinds, ruledClaims } from '../model/houseRule'
import { animalTraits, type Ingredient, sweeteningTraits } from '../model/ingredient'
import type { MarketCode } from '../model/market'
import { severity, type Verdict } from './verdict'

const rule = (claim: ClaimCode, more: Partial<HouseRule>): HouseRule => ({ claim, words: [], kinds: [], ...more })
function judged(
  of: HouseRule | null,
  ingredients: Ingredient[],
  claim: ClaimCode = of!.claim,
  market: MarketCode = 'uk',
) {
  const book = sampleWorkbook(
    ingredients,
    [
      sampleRecipe(
        'top',
        ingredients.map((one, at) => sampleLine(one.id, 100, { id: `l${at}` })),
      ),
    ],
    { claims: [claim], markets: [market] },
  )
  const kitchen = { ...book.kitchen, ...(of ? { houseRules: [of] } : {}) }
  return assess({ ...book, kitchen }, 'cake', market).claims[0]!
}
const whole = (name: string, more: Partial<Ingredient> = {}) => sampleIngredient(name, { composition: [], ...more })
const flourless = rule('house:flourless', { words: ['flour', 'starch'], but: ['flour paper'] })

describe('a claim of the house', () => {
  it('without a rule is unproven, and says where one is made', () => {
    const result = judged(null, [whole('sugar')], 'house:clean')
    expect([result.verdict, result.because[0]?.mend]).toEqual([
      'unproven',
      expect.stringContaining('Claims of the house'),
    ])
  })
  it.each<[string, Ingredient, Verdict, string]>([
    ['a word in its name', whole('rice flour'), 'breaks', '“flour” stands in “rice flour”'],
    ['more than one of it', whole('two flours'), 'breaks', '“flours”'],
    [
      'a word in what it is made of',
      sampleIngredient('wafer', { composition: [{ name: 'potato starch' }] }),
      'breaks',
      '“starch”',
    ],
    ['a word within another', whole('cauliflourette'), 'holds', 'nothing stands against it'],
    ['a word that only sounds like it', whole('flour paper'), 'holds', 'nothing stands against it'],
    ['a word that is denied', whole('flour-free wafer'), 'holds', 'nothing stands against it'],
    ['another word that is denied', whole('no salt flour'), 'breaks', '“flour” stands in'],
    [
      'what it is made of is not written',
      sampleIngredient('wafer', {}),
      'unproven',
      'what it is made of is not written',
    ],
  ])('by words: %s', (_, ingredient, verdict, fact) => {
    const given = { ...ingredient }
    if (fact.includes('not written')) delete given.composition
    const result = judged(flourless, [given])
    expect(result.verdict).toBe(verdict)
    expect(result.grounds.map(one => one.reason.fact).join('; ')).toContain(fact)
    expect(result.note).toBe('Not defined in law: a house rule (nothing of “flour” and “starch”).')
  })
  it('by any kind: what is of it breaks, what nobody has said is unproven, all else holds', () => {
    const of: Record<(typeof refusedKinds)[number], Ingredient['traits']> = {
      grain: { grain: ['other'] },
      legume: { legume: true },
      alcohol: { alcohol: true },
      refinedSugar: { sweetening: ['sugar'], refined: true },
      ...Object.fromEntries(
        ['milk', 'egg', 'honey'].map(one => [one, { animal: [one as (typeof animalTraits)[number]] }]),
      ),
      ...Object.fromEntries(sweeteningTraits.map(one => [one, { sweetening: [one] }])),
    } as never
    for (const kind of refusedKinds) {
      const list = rule('house:ours', { kinds: [kind] })
      expect(
        judged(list, [whole('thing', { traits: { ...sampleIngredient('x').traits, ...of[kind] } })]).verdict,
        kind,
      ).toBe('breaks')
      expect(judged(list, [whole('thing', { traits: {} })]).verdict, kind).toBe('unproven')
      expect(judged(list, [whole('thing')]).verdict, kind).toBe('holds')
    }
  })
  it('replaces what schools differ in, and leaves out nothing that the name itself says', () => {
    const of = (more: Partial<Ingredient['traits']>) =>
      whole('thing', { traits: { ...sampleIngredient('x').traits, ...more } })
    const butter = of({ animal: ['milk'] })
    expect(judged(null, [butter], 'paleo').verdict).toBe('breaks')
    const ours = (claim: ClaimCode) => rule(claim, { words: ['stone'] })
    expect(judged(ours('paleo'), [butter]).verdict).toBe('holds')
    for (const claim of ['paleo', 'grainFree'] as const)
      expect(judged(ours(claim), [of({ grain: ['gluten'] })]).verdict, claim).toBe('breaks')
    expect(judged(ours('paleo'), [of({ legume: true })]).verdict).toBe('breaks')
    expect(judged(ours('refinedSugarFree'), [of({ sweetening: ['sugar'], refined: true })]).verdict).toBe('breaks')
    expect(judged(ours('vegan'), [butter]).verdict).toBe('breaks')
    const plain = whole('palm oil')
    expect(judged(null, [plain], 'vegan').verdict).toBe('holds')
    const stricter = judged(rule('vegan', { words: ['palm'] }), [plain])
    expect([stricter.verdict, stricter.note]).toEqual([
      'breaks',
      expect.stringContaining('The house asks more: nothing of “palm”.'),
    ])
    // what is asked of the whole food is asked of these too
    const sweet = rule('vegan', { carbohydrate: { counted: 'total', atMost: 1, per: '100g' } })
    expect(judged(sweet, [plain], 'vegan', 'us').verdict).toBe('breaks')
  })
  it('under whatever name, promises nothing of an allergen without the proof that any such claim needs', () => {
    const words = [...allergenCodes.map(code => allergenName[code]), 'gluten', 'nuts', 'dairy', 'lactose', 'lait', 'Ei']
    const made = fc.tuple(
      fc.constantFrom(...words),
      fc.constantFrom(
        ...['no X', 'X-free', 'X free', 'Xless', 'zero X', 'without any X', 'made with no X', 'non-X', 'never any X'],
        ...['sans X', 'ohne X', 'senza X', 'X zero', 'X safe', 'free from X', 'not a trace of X', '0 X', 'X-friendly'],
      ),
      fc.boolean(),
    )
    const unknown = whole('thing', { allergens: {}, gluten: { atMostMgPerKg: 90 } })
    fc.assert(
      fc.property(made, ([word, form, listed]) => {
        const name = form.replace('X', word)
        // put on the list or not: the list is not the proof
        const list = rule(`house:${name}`, {
          words: listed ? [word, ...name.split(/[ -]/)].filter(one => one.length > 1) : ['stone'],
        })
        expect(judged(list, [unknown]).verdict, name).not.toBe('holds')
      }),
      { numRuns: 400 },
    )
  })
  it.each([
    ...['allergen free', 'allergy friendly', 'free-from', 'coeliac friendly', 'suitable for vegans', 'plantbased'],
    ...[
      'zero sugar',
      'unsweetened',
      'fat free',
      'light',
      'diet',
      'low salt',
      'calorie free',
      'low carb',
      'animal free',
    ],
    ...['gluten free', 'no wheat', 'vegan style', 'low fat', 'no stones or bones', 'stoneless and boneless'],
  ])('lends no other name to what the law keeps, nor to more than its list: %s', name => {
    expect(judged(rule(`house:${name}`, { words: ['stone'] }), [whole('water')]).verdict).toBe('unproven')
  })
  it.each([
    ['no stones', { words: ['stone'] }],
    ['stoneless', { words: ['stones'] }],
    ['no white flour', { words: ['white flour'] }],
    ['no white sugar', { words: ['white sugar'] }],
    ['no alcohol', { kinds: ['alcohol' as const] }],
    ['clean', { words: ['palm'] }],
  ])('may be called what its list says: %s', (name, more) => {
    expect(judged(rule(`house:${name}`, more), [whole('water')]).verdict).toBe('holds')
  })
  it('that names an allergen is held to proof for every line and for the kitchen, as any such claim', () => {
    const list = rule('house:almond-free', { words: ['almond'] })
    const proven = { ...carrying('thing', 'almond', 'free'), composition: [] }
    expect(judged(list, [proven]).verdict).toBe('holds')
    expect(judged(list, [{ ...carrying('thing', 'almond', 'unknown'), composition: [] }]).verdict).toBe('unproven')
    const almonds = { ...carrying('thing', 'almond', 'contains'), composition: [] }
    expect(judged(list, [almonds]).verdict).toBe('breaks')
    expect(judged(list, [almonds]).kitchen).not.toBeNull()
  })
  it('about carbohydrate is counted by its formula at the worst end, printed with it, and refused where no market lets it stand', () => {
    const nutrients = (polyols: number) =>
      Object.fromEntries(
        Object.entries({
          carbohydrate: 20,
          fibre: 8,
          polyols,
          allulose: 3,
          fat: 0,
          saturates: 0,
          sugars: 3,
          protein: 0,
          sodiumMg: 0,
        }).map(([code, value]) => [code, { value, source: 'made up' }]),
      )
    const thing = whole('thing', { nutrients: nutrients(6) })
    for (const market of marketsServed)
      for (const counted of carbohydrateCounts)
        for (const atMost of [5, 15]) {
          const figure = { total: 28, lessFibre: 20, lessPolyols: 14, lessRareSugars: 11 }[counted]
          const of = rule('house:few carbs', { carbohydrate: { counted, atMost, per: '100g' } })
          const result = judged(of, [thing], of.claim, market)
          const permitted = rulesAsRead(market).claims.lowCarbohydrate !== 'notPermitted'
          expect(result.verdict, `${market} ${counted} ${atMost}`).toBe(
            permitted && figure <= atMost ? 'holds' : 'breaks',
          )
          expect(result.grounds.map(one => one.reason.fact).join()).toContain(`${figure}.0 g of carbohydrate with`)
        }
    const unsaid = whole('thing', { nutrients: {} })
    const of = rule('house:few carbs', { carbohydrate: { counted: 'total', atMost: 50, per: 'piece' } })
    expect(judged(of, [unsaid], of.claim, 'us').verdict).toBe('unproven')
  })
  it('grows no looser by a longer list, whatever is in the recipe', () => {
    const kinds = fc.uniqueArray(fc.constantFrom(...refusedKinds), { minLength: 1 })
    const words = fc.uniqueArray(fc.constantFrom('flour', 'palm', 'thing', 'stone'), { maxLength: 4 })
    const thing = fc
      .record(
        {
          animal: fc.subarray([...animalTraits]),
          sweetening: fc.subarray([...sweeteningTraits]),
          legume: fc.boolean(),
          alcohol: fc.boolean(),
          refined: fc.boolean(),
        },
        { requiredKeys: [] },
      )
      .map(traits => whole('thing', { traits }))
    fc.assert(
      fc.property(kinds, kinds, words, words, fc.array(thing, { minLength: 1, maxLength: 3 }), (a, b, v, w, things) => {
        const all = things.map((one, at) => ({ ...one, id: `t${at}` }))
        const short = judged(rule('house:ours', { kinds: a, words: v }), all)
        const long = judged(
          rule('house:ours', { kinds: [...new Set([...a, ...b])], words: [...new Set([...v, ...w])] }),
          all,
        )
        expect(severity[long.verdict]).toBeGreaterThanOrEqual(severity[short.verdict])
      }),
    )
  })
  it('says something, or is none', () => {
    expect(HouseRule.safeParse(rule('house:ours', {})).success).toBe(false)
    expect(HouseRule.safeParse(rule('house: ', { words: ['flour'] })).success).toBe(false)
    // a claim with a rule of its own takes no list; keto means nothing without a bound
    for (const claim of namedClaims)
      expect(HouseRule.safeParse(rule(claim, { words: ['flour'] })).success, claim).toBe(
        ruledClaims.includes(claim) && claim !== 'keto',
      )
  })
})
