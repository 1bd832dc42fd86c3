// How the product is priced: by margin, mark-up or food-cost share; its tax; the price in force, what it leaves, and the one asked for.
'use client'
import {
  costOfTier,
  type FullCost,
  isUnder,
  leaves,
  suggestedPrice,
  type Tier,
  taxOf,
  tiers,
} from '@fair-tin/core/cost'
import type { ProductField } from '@fair-tin/core/edit'
import type { Pricing } from '@fair-tin/core/model'
import { money, moneySign, percent, typedDecimal, typedNumber } from '@fair-tin/core/words'
import { Choose } from '../../../../ui/Choose'
import { TypedField } from '../../typed/TypedField'
import type { LidProps } from '../faces'
import { putField, readField } from '../productEdit'

const ways = [
  { value: 'margin', label: 'margin, of the net price' },
  { value: 'markUp', label: 'mark-up, of the cost' },
  { value: 'foodCost', label: 'food cost, of the net price' },
]
const tierName: Record<Tier, string> = { pack: 'A pack', box: 'A box', wholesale: 'Wholesale pack' }
const share = (text: string) => typedNumber(text) / 100
const shown = (value: number | undefined) => (value === undefined ? '' : String(Math.round(value * 10_000) / 100))

export function PriceSettings({ product, workbook, market, cost, hands, seesPrices }: LidProps & { cost: FullCost }) {
  const { kitchen } = workbook
  const pricing: Pricing | undefined = product.pricing
  const tax = taxOf(kitchen, product, market)
  const put = (field: ProductField, to: unknown) => putField(product, field, to)
  const read = (field: ProductField, to: unknown) => readField(product, field, to)
  const pricingWith = (change: (text: string) => Partial<Pricing>, without?: keyof Pricing) => (text: string) => {
    const base: Partial<Pricing> = { by: 'margin', ...pricing, ...(text.trim() === '' ? {} : change(text)) }
    if (text.trim() === '' && without) delete base[without]
    return read('pricing', base)
  }
  const rates = kitchen.taxes?.[market]?.rates ?? []
  return (
    <>
      <div className="grid grid-cols-2 items-end gap-2">
        {seesPrices ? (
          <>
            <div className="text-[12.5px] text-quiet">
              Priced by
              <Choose
                label="Priced by"
                value={pricing?.by ?? ''}
                options={ways}
                onChange={by => hands.onEdit(put('pricing', { share: 0.6, ...pricing, by }))}
              />
            </div>
            <TypedField
              label="share, %"
              value={shown(pricing?.share)}
              hands={hands}
              read={pricingWith(text => ({ share: share(text) }), 'share')}
            />
            <TypedField
              label="never under a margin of, %"
              value={shown(pricing?.floorMargin)}
              hands={hands}
              read={pricingWith(text => ({ floorMargin: share(text) }), 'floorMargin')}
            />
            <TypedField
              label="wholesale, % of the usual"
              value={shown(pricing?.wholesale)}
              hands={hands}
              read={pricingWith(text => ({ wholesale: share(text) }), 'wholesale')}
            />
          </>
        ) : (
          <p className="col-span-2 text-quiet">How it is priced is for whoever may see prices: ask the owner.</p>
        )}
        <div className="text-[12.5px] text-quiet">
          Tax here
          {rates.length > 0 ? (
            <Choose
              label="Tax here"
              value={product.tax?.[market] ?? ''}
              options={rates.map(one => ({ value: one.name, label: `${one.name}, ${one.percent} %` }))}
              onChange={name => hands.onEdit(put('tax', { ...product.tax, [market]: name }))}
            />
          ) : (
            <span className="block pb-1 text-unproven">No rates are set for this market. Set them under Kitchen.</span>
          )}
        </div>
        <TypedField
          label="packs in a box"
          value={product.packsPerBox === undefined ? '' : String(product.packsPerBox)}
          hands={hands}
          read={text => read('packsPerBox', text.trim() === '' ? null : typedNumber(text))}
        />
      </div>
      <table className="mt-2 w-full text-left">
        <thead className="text-[12.5px] text-quiet">
          <tr className="border-b border-hair align-bottom">
            <th className="font-normal">{kitchen.taxes?.[market]?.included ? 'tax in it' : 'before tax'}</th>
            <th className="font-normal">Asked for</th>
            <th className="font-normal">In force, {moneySign(cost.currency)}</th>
            <th className="text-right font-normal">Leaves</th>
          </tr>
        </thead>
        <tbody>
          {tiers.map(tier => {
            const asked = suggestedPrice(cost, product, kitchen, market, tier)
            const now = product.prices?.[tier]
            const carried = costOfTier(cost, tier)
            const left = now !== undefined && carried !== null && !('unknown' in tax) ? leaves(now, carried, tax) : null
            const under = left && pricing?.floorMargin !== undefined && isUnder(left.margin, pricing.floorMargin)
            return (
              <tr key={tier} className="border-b border-hair/60 align-middle">
                <th className="py-1 font-normal">{tierName[tier]}</th>
                <td>
                  {'unknown' in asked ? (
                    <span className="text-[12.5px] text-unproven">needs {asked.unknown}</span>
                  ) : (
                    <button
                      type="button"
                      className="word-link figure"
                      title="Take this price"
                      aria-label={`Take ${asked.price} for ${tierName[tier].toLowerCase()}`}
                      onClick={() => hands.onEdit(put('prices', { ...product.prices, [tier]: asked.price }))}
                    >
                      {money(asked.price, cost.currency)}
                    </button>
                  )}
                </td>
                <td className="w-20">
                  <TypedField
                    label={`Price of ${tierName[tier].toLowerCase()}`}
                    bare
                    value={now ?? ''}
                    hands={hands}
                    read={text => {
                      const { [tier]: _, ...others } = product.prices ?? {}
                      return read(
                        'prices',
                        text.trim() === '' ? others : { ...others, [tier]: typedDecimal(text) ?? text.trim() },
                      )
                    }}
                  />
                </td>
                <td className={`figure text-right ${under ? 'font-bold text-breaks' : ''}`}>
                  {left
                    ? `${cost.unknown.length > 0 ? 'at most ' : ''}${money(left.leaves, cost.currency)}${left.margin === null ? '' : ` · ${percent(left.margin)}`}`
                    : ''}
                  {under && <span className="block font-text text-[12.5px]">under your floor</span>}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      {cost.unknown.length > 0 && (
        <p className="mt-1 text-[13px] text-unproven">
          What is not known above is in no price: these are the least you can take.
        </p>
      )}
    </>
  )
}
