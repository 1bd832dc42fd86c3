// What an hour, a kilowatt-hour, the rent and the tax come to: settings of the kitchen that every cost rests on.
'use client'
import { marketsServed, rulesAsRead } from '@fair-tin/core/market'
import type { Around } from '@fair-tin/core/model'
import { usualCleaning } from '@fair-tin/core/plan'
import { Choose } from '../../ui/Choose'
import { type MoneyDraft, newRow } from './money'

const keys = [
  { value: 'labourHour', label: 'hours of work' },
  { value: 'ovenHour', label: 'oven hours' },
  { value: 'batch', label: 'batches' },
]
/** With what is usual, where nothing said is that. */
const aroundNames: readonly (readonly [keyof Around, string, usual?: number])[] = [
  ['weighLine', 'weighing a line, min'],
  ['changeover', 'changeover, min a batch'],
  ['packOne', 'packing one, min'],
  ['wipe', 'a wipe down, min', usualCleaning.wipe],
  ['wash', 'a wash, min', usualCleaning.wash],
  ['cleanAndTest', 'clean and test, min', usualCleaning.test],
]

export function Money({
  draft,
  currency,
  onChange,
}: {
  draft: MoneyDraft
  currency: string
  onChange: (next: MoneyDraft) => void
}) {
  const field = (label: string, value: string, put: (text: string) => void, wide = false, usual?: number) => (
    <label key={label} className={`text-[12.5px] text-quiet ${wide ? 'min-w-28 flex-1' : 'w-32'}`}>
      {label}
      <input
        className="field text-ink"
        inputMode={wide ? 'text' : 'decimal'}
        maxLength={wide ? 80 : 14}
        placeholder={usual === undefined ? undefined : `usually ${usual}`}
        value={value}
        onChange={event => put(event.target.value)}
      />
    </label>
  )
  return (
    <>
      <div className="flex flex-wrap items-end gap-2">
        {field(`an hour of work, ${currency}`, draft.labourPerHour, labourPerHour =>
          onChange({ ...draft, labourPerHour }),
        )}
        {field(`a kilowatt-hour, ${currency}`, draft.energyPerKwh, energyPerKwh =>
          onChange({ ...draft, energyPerKwh }),
        )}
        {aroundNames.map(([key, label, usual]) =>
          field(
            label,
            draft.around[key],
            text => onChange({ ...draft, around: { ...draft.around, [key]: text } }),
            false,
            usual,
          ),
        )}
      </div>
      <h3 className="mt-2 text-[15px]">Running costs</h3>
      {draft.running.map(row => {
        const put = (change: Partial<typeof row>) =>
          onChange({ ...draft, running: draft.running.map(one => (one.key === row.key ? { ...one, ...change } : one)) })
        return (
          <div key={row.key} className="mt-1 flex flex-wrap items-end gap-2">
            {field('name', row.name, name => put({ name }), true)}
            {field(`a month, ${currency}`, row.perMonth, perMonth => put({ perMonth }))}
            {field('shared over', row.monthly, monthly => put({ monthly }))}
            <span className="w-36">
              <Choose
                label={`${row.name || 'Running cost'} is shared by`}
                value={row.by}
                options={keys}
                onChange={by => put({ by: by as typeof row.by })}
              />
            </span>
            <button
              type="button"
              className="word-link pb-1.5"
              onClick={() => onChange({ ...draft, running: draft.running.filter(one => one.key !== row.key) })}
            >
              Remove
            </button>
          </div>
        )
      })}
      <button
        type="button"
        className="word-link mt-1"
        onClick={() =>
          onChange({
            ...draft,
            running: [...draft.running, { key: newRow(), name: '', perMonth: '', by: 'labourHour', monthly: '' }],
          })
        }
      >
        Add a running cost
      </button>
      <h3 className="mt-2 text-[15px]">What is left of a part made in bulk</h3>
      <span className="block w-64">
        <Choose
          label="What is left of a part made in bulk"
          value={draft.leftOver}
          options={[
            { value: 'stock', label: 'is stock for the next bake' },
            { value: 'charged', label: 'is charged to this batch' },
          ]}
          onChange={leftOver => onChange({ ...draft, leftOver: leftOver as MoneyDraft['leftOver'] })}
        />
      </span>
      <h3 className="mt-2 text-[15px]">Prices</h3>
      <div className="flex flex-wrap items-end gap-2">
        {field('go up to the next', draft.step, step => onChange({ ...draft, step }))}
        {field('less', draft.less, less => onChange({ ...draft, less }))}
      </div>
      <h3 className="mt-2 text-[15px]">Tax, as you were told it</h3>
      <p className="text-[13px] text-quiet">
        Nothing is assumed: ask your tax office what each product takes. A zero rate is a rate of 0.
      </p>
      {marketsServed.map(market => {
        const one = draft.taxes[market]!
        const name = rulesAsRead(market).title
        const put = (change: Partial<typeof one>) =>
          onChange({ ...draft, taxes: { ...draft.taxes, [market]: { ...one, ...change } } })
        return (
          <section key={market} className="mt-1.5" aria-label={`Tax in ${name}`}>
            <p className="font-semibold">{name}</p>
            <label className="flex items-center gap-1.5 pointer-coarse:min-h-[44px]">
              <input
                type="checkbox"
                className="accent-damson"
                checked={one.included}
                onChange={event => put({ included: event.target.checked })}
              />
              prices are said with the tax in them
            </label>
            {one.rates.map(rate => {
              const set = (change: Partial<typeof rate>) =>
                put({ rates: one.rates.map(other => (other.key === rate.key ? { ...other, ...change } : other)) })
              return (
                <div key={rate.key} className="mt-1 flex flex-wrap items-end gap-2">
                  {field('rate', rate.name, text => set({ name: text }), true)}
                  {field('per cent', rate.percent, percent => set({ percent }))}
                  <button
                    type="button"
                    className="word-link pb-1.5"
                    onClick={() => put({ rates: one.rates.filter(other => other.key !== rate.key) })}
                  >
                    Remove
                  </button>
                </div>
              )
            })}
            <button
              type="button"
              className="word-link"
              aria-label={`Add a rate of tax in ${name}`}
              onClick={() => put({ rates: [...one.rates, { key: newRow(), name: '', percent: '' }] })}
            >
              Add a rate
            </button>
          </section>
        )
      })}
    </>
  )
}
