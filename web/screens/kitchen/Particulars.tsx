// What every label says of the business, and the money its prices are in.
'use client'
import { rulesAsRead } from '@fair-tin/core/market'
import { DayField } from '../../ui/DayField'
import { type KitchenDraft, newRate, type Rate } from './draft'

export function Particulars({
  draft,
  put,
  keptCurrency,
  today,
  refusal,
}: {
  draft: KitchenDraft
  put: (change: Partial<KitchenDraft>) => void
  keptCurrency: string
  today: string
  refusal: (path: string) => string | undefined
}) {
  const { currency } = draft
  const setRate = (key: string, change: Partial<Rate>) =>
    put({ rates: draft.rates.map(one => (one.key === key ? { ...one, ...change } : one)) })
  return (
    <>
      <h2 className="mt-4 text-base">On every label</h2>
      {(['name', 'address'] as const).map(field => (
        <label key={field} className="mt-1.5 flex flex-col text-[13px] text-quiet">
          {field === 'name' ? 'Name of the business' : 'Its address'}
          <input
            className="field text-ink"
            value={draft.operator[field]}
            maxLength={200}
            onChange={event => put({ operator: { ...draft.operator, [field]: event.target.value } })}
          />
        </label>
      ))}
      {draft.abroad.map(one =>
        (['name', 'address'] as const).map(field => (
          <label key={`${one.market} ${field}`} className="mt-1.5 flex flex-col text-[13px] text-quiet">
            {field === 'name' ? 'Name of the business' : 'Its address'} in {rulesAsRead(one.market).operator.within}
            <input
              className="field text-ink"
              value={one[field]}
              maxLength={200}
              onChange={event =>
                put({
                  abroad: draft.abroad.map(other =>
                    other.market === one.market ? { ...other, [field]: event.target.value } : other,
                  ),
                })
              }
            />
          </label>
        )),
      )}
      <label className="mt-1.5 flex w-40 flex-col text-[13px] text-quiet">
        Currency of its prices
        <input
          className="field text-ink"
          value={currency}
          maxLength={3}
          aria-invalid={refusal('currency') ? true : undefined}
          onChange={event => put({ currency: event.target.value })}
        />
      </label>
      {currency.trim().toUpperCase() !== keptCurrency && (
        <p role="status" className="text-unproven">
          What packing, work, energy, rent and your own prices come to stays as it is written: it is not converted from{' '}
          {keptCurrency}. Put each right.
        </p>
      )}
      <h3 className="mt-3 text-[15px]">Rates of other currencies</h3>
      <p className="text-[13px] text-quiet">
        What one of theirs is in {currency || 'yours'}. A price in another currency is unknown without one.
      </p>
      {draft.rates.map((one, at) => (
        <div key={one.key} className="mt-1 grid grid-cols-[70px_1fr_140px_auto] items-end gap-2">
          {(['currency', 'rate'] as const).map(name => (
            <label key={name} className="text-[13px] text-quiet">
              {name === 'currency' ? 'Currency' : `One is, ${currency}`}
              <input
                className="field text-ink"
                maxLength={name === 'currency' ? 3 : 12}
                value={one[name]}
                aria-invalid={refusal(`rates.${at}.${name}`) ? true : undefined}
                onChange={event => setRate(one.key, { [name]: event.target.value })}
              />
            </label>
          ))}
          <DayField
            label="From"
            value={one.from}
            problem={refusal(`rates.${at}.from`)}
            onChange={from => setRate(one.key, { from })}
          />
          <button
            type="button"
            className="word-link pb-1.5"
            onClick={() => put({ rates: draft.rates.filter(other => other.key !== one.key) })}
          >
            Remove
          </button>
        </div>
      ))}
      <button type="button" className="do mt-2" onClick={() => put({ rates: [...draft.rates, newRate(today)] })}>
        Add a rate
      </button>
    </>
  )
}
