// The packs a thing is bought in, what they cost and since when, and how that moved.
'use client'
import type { Measure, Pack, Workbook } from '@fair-tin/core/model'
import type { ReactNode } from 'react'
import { DayField } from '../../ui/DayField'
import { Group } from '../../ui/Group'
import type { FieldOf } from './fieldOf'
import { PriceHistory } from './PriceHistory'
import type { Sheet } from './sheet'

export function PackRows({
  sheet,
  put,
  field,
  refusal,
  packs,
  measures,
  workbook,
  suppliers,
}: {
  sheet: Sheet
  put: (change: Partial<Sheet>) => void
  field: FieldOf
  refusal: (path: string) => string | undefined
  /** As they can be read; null while they cannot. */
  packs: Pack[] | null
  measures: Measure[]
  workbook: Workbook
  suppliers: ReactNode
}) {
  const { today } = workbook
  const { currency } = workbook.kitchen
  return (
    <Group title="Packs and price">
      {sheet.packs.map((pack, at) => (
        <div
          key={`pack-${at + 0}`}
          className="mb-1.5 grid grid-cols-[1fr_1fr_70px_136px_auto] items-end gap-2 max-sm:grid-cols-2 max-sm:border-b max-sm:border-hair max-sm:pb-2"
        >
          {field(
            `packs.${at}.grams`,
            pack.grams,
            grams => put({ packs: sheet.packs.map((one, index) => (index === at ? { ...one, grams } : one)) }),
            'Grams, as bought',
          )}
          {field(
            `packs.${at}.price`,
            pack.price,
            price => put({ packs: sheet.packs.map((one, index) => (index === at ? { ...one, price } : one)) }),
            'Price',
          )}
          {field(
            `packs.${at}.currency`,
            pack.currency,
            code => put({ packs: sheet.packs.map((one, index) => (index === at ? { ...one, currency: code } : one)) }),
            'Currency',
          )}
          <DayField
            label="From"
            value={pack.from}
            problem={refusal(`packs.${at}.from`)}
            onChange={from => put({ packs: sheet.packs.map((one, index) => (index === at ? { ...one, from } : one)) })}
          />
          <button
            type="button"
            className="word-link pb-1.5"
            onClick={() => put({ packs: sheet.packs.filter((_, index) => index !== at) })}
          >
            Remove
          </button>
        </div>
      ))}
      <button
        type="button"
        className="do"
        onClick={() => put({ packs: [...sheet.packs, { grams: '', price: '', currency, from: today }] })}
      >
        Add a price
      </button>
      {packs && (
        <PriceHistory
          packs={packs}
          kitchen={workbook.kitchen}
          today={today}
          gramsPerMl={measures.find(one => one.gramsPerMl !== undefined)?.gramsPerMl ?? null}
          gramsEach={measures.find(one => one.each)?.each?.medium ?? null}
        />
      )}
      {suppliers}
    </Group>
  )
}
