// How long it keeps for each way of keeping it: how long it stays good, and apart from that how long it is safe, which a person says.
// What the recipe’s own words give is proposed; one row is printed.
'use client'
import { dateBorneBy } from '@fair-tin/core/label'
import { type KeepingPlace, type KeptSo, keepingPlaceName, keepingPlaces, type Recipe } from '@fair-tin/core/model'
import { readKeepingTable } from '@fair-tin/core/reading'
import { capital } from '@fair-tin/core/words'
import { useState } from 'react'
import { Choose } from '../../../ui/Choose'
import { TypedField } from '../typed/TypedField'
import type { LidProps } from './faces'
import { number } from './Gives'
import { putField, readField } from './productEdit'

/** Offered where nobody wrote how it is stored. */
const usualStorage: Record<KeepingPlace, string> = {
  room: 'Keep in a cool, dry place.',
  wrapped: 'Keep wrapped, in a cool, dry place.',
  cold: 'Keep refrigerated, at 5 °C or below.',
  frozen: 'Keep frozen, at −18 °C or below. Do not freeze again once thawed.',
  thawed: 'Thawed: keep refrigerated, and do not freeze again.',
}
const whether = { unsaid: 'nobody has said', asLongAsGood: 'it goes stale long before', days: 'it is safe for …' }

export function KeepingTable({
  product,
  recipe,
  hands,
}: Pick<LidProps, 'product' | 'hands'> & { recipe: Pick<Recipe, 'steps'> }) {
  const table = product.keeping ?? []
  const proposed = readKeepingTable(recipe.steps.map(one => one.text).join('\n'))
  const open = proposed.filter(one => !table.some(row => row.place === one.place))
  const rest = keepingPlaces.filter(place => !table.some(row => row.place === place))
  const put = (rows: KeptSo[]) =>
    hands.onEdit(
      putField(
        product,
        'keeping',
        rows.length === 0 ? null : keepingPlaces.flatMap(place => rows.find(one => one.place === place) ?? []),
      ),
    )
  return (
    <details className="mt-3" open={table.length > 0 || undefined}>
      <summary>Keeping table{table.length === 0 && ': how it keeps, kept one way or another'}</summary>
      <p className="mt-1 text-[13px] text-quiet">
        How long it stays good you find out by tasting. How long it is safe somebody competent says, and often a test:
        nothing is proposed for that.
      </p>
      <ul>
        {table.map(row => (
          <Row key={row.place} row={row} table={table} product={product} hands={hands} onPut={put} />
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        {open.map(one => (
          <button key={one.place} type="button" className="word-link" onClick={() => put([...table, one])}>
            The recipe says {keepingPlaceName[one.place]}: good for {one.good} {one.good === 1 ? 'day' : 'days'}. Take
            it
          </button>
        ))}
        {rest
          .filter(place => !open.some(one => one.place === place))
          .map(place => (
            <button key={place} type="button" className="word-link" onClick={() => put([...table, { place }])}>
              Add: {keepingPlaceName[place]}
            </button>
          ))}
      </div>
    </details>
  )
}

function Row({
  row,
  table,
  product,
  hands,
  onPut,
}: Pick<LidProps, 'product' | 'hands'> & { row: KeptSo; table: readonly KeptSo[]; onPut: (rows: KeptSo[]) => void }) {
  const name = keepingPlaceName[row.place]
  const withRow = (to: KeptSo | null): KeptSo[] => table.flatMap(one => (one === row ? (to ?? []) : one))
  const { good: _good, ...ungood } = row
  const { safe: _safe, ...unsafe } = row
  const { basis: _basis, ...baseless } = row
  const date = dateBorneBy(row)
  const isPrinted = product.keeps?.as === row.place
  /** She chose that it is safe for so many days, and has not said how many: nothing is proposed, nothing kept. */
  const [asked, setAsked] = useState(false)
  const hasDays = asked || typeof row.safe === 'number'
  const print = () =>
    'days' in date &&
    hands.onEdit(
      putField(product, 'keeps', {
        ...date,
        as: row.place,
        // what she wrote for that way stays
        storage: (isPrinted && product.keeps?.storage) || usualStorage[row.place],
      }),
    )
  return (
    <li className="border-b border-hair py-2 last:border-0">
      <div className="flex items-baseline gap-3">
        <b className="mr-auto">{capital(name)}</b>
        {isPrinted && <span className="text-[13px] text-quiet">printed</span>}
        <button
          type="button"
          className="word-link text-[13px]"
          aria-label={`Take out ${name}`}
          onClick={() => onPut(withRow(null))}
        >
          Take out
        </button>
      </div>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <TypedField
          label="Stays good, days"
          value={row.good === undefined ? '' : String(row.good)}
          hint="not known"
          hands={hands}
          read={typed =>
            readField(
              product,
              'keeping',
              withRow(typed.trim() === '' ? ungood : { ...row, good: number(typed) ?? Number.NaN }),
            )
          }
        />
        <div className="text-[13px] text-quiet">
          Can it harm before it looks it?
          <Choose
            label={`Can it harm before it looks it, kept ${name}`}
            value={hasDays ? 'days' : typeof row.safe === 'string' ? row.safe : 'unsaid'}
            options={Object.entries(whether).map(([value, label]) => ({ value, label }))}
            onChange={to => {
              setAsked(to === 'days')
              if (to === 'asLongAsGood') onPut(withRow({ ...row, safe: 'asLongAsGood' }))
              else if (row.safe === 'asLongAsGood' || to === 'unsaid') onPut(withRow(unsafe))
            }}
          />
        </div>
        {hasDays && (
          <TypedField
            label="Safe for, days"
            value={typeof row.safe === 'number' ? String(row.safe) : ''}
            hint="as somebody competent said"
            hands={hands}
            read={typed =>
              readField(
                product,
                'keeping',
                withRow(typed.trim() === '' ? unsafe : { ...row, safe: number(typed) ?? Number.NaN }),
              )
            }
          />
        )}
        {row.safe !== undefined && (
          <TypedField
            label="On what that rests"
            value={row.basis ?? ''}
            hint="the test or rule, and who said so"
            hands={hands}
            text
            wide={!hasDays}
            read={typed =>
              readField(product, 'keeping', withRow(typed.trim() === '' ? baseless : { ...row, basis: typed.trim() }))
            }
          />
        )}
      </div>
      {'open' in date ? (
        <p className="mt-1 text-[13px] text-unproven">{date.open}</p>
      ) : (
        (!isPrinted || product.keeps?.days !== date.days || product.keeps.mark !== date.mark) && (
          <button type="button" className="word-link mt-1" onClick={print}>
            Print this: {date.mark === 'useBy' ? 'use by' : 'best before'}, {date.days}{' '}
            {date.days === 1 ? 'day' : 'days'}
          </button>
        )
      )}
    </li>
  )
}
