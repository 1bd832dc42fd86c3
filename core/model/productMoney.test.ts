import fc from 'fast-check'
import { expect, test } from 'vitest'
import { Product } from './product'
import { moneyOf, withoutMoney } from './productMoney'

const price = fc.integer({ min: 0, max: 99_999 }).map(pence => `${Math.floor(pence / 100)}.${pence % 100}7731`)
const product = fc.record(
  {
    id: fc.constant('damson-slice'),
    name: fc.constant('Damson slice'),
    recipe: fc.constant('damson-slice'),
    netWeight: fc.constant(80),
    pieces: fc.constant(1),
    claims: fc.constant([]),
    markets: fc.constant([]),
    packing: fc.array(fc.record({ name: fc.constantFrom('bag', 'tray'), price, per: fc.constant('pack' as const) })),
    pricing: fc.record({ by: fc.constant('margin' as const), share: fc.constant(0.617731) }),
    prices: fc.record({ pack: fc.constant('4.20') }),
  },
  { requiredKeys: ['id', 'name', 'recipe', 'netWeight', 'pieces', 'claims', 'markets'] },
)

test('what is left and the money laid over it are the whole; what is left is a product, names its packing, and tells no money', () => {
  fc.assert(
    fc.property(product, whole => {
      const rest = withoutMoney(whole)
      expect({ ...rest, ...moneyOf(whole) }).toEqual(whole)
      expect(Product.parse(rest)).toEqual(rest)
      expect(rest.packing?.map(one => one.name)).toEqual(whole.packing?.map(one => one.name))
      expect(JSON.stringify(rest)).not.toContain('7731')
    }),
  )
})
