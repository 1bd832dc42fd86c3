// The lid's product: its name, weight, keeping, claims and markets. Every key and tick moves the bench at once.
'use client'
import type { ProductField } from '@fair-tin/core/edit'
import { isServed, marketsServed, rulesOf } from '@fair-tin/core/market'
import { type ClaimCode, claimName, marketName, namedClaims, productCategories } from '@fair-tin/core/model'
import { usualBakeLoss } from '@fair-tin/core/recipe'
import { percent, typedNumber } from '@fair-tin/core/words'
import { Choose } from '../../ui/Choose'
import type { LidProps } from './Lid'
import { putField, readField } from './productEdit'
import { type Hands, type Reads, useTyped } from './useTyped'

const number = (text: string) => (text.trim() === '' ? null : typedNumber(text))

export function AboutFace({ assessment, workbook, product, recipe, ingredients, hands, pieceName }: LidProps) {
  const inRecipe = new Set(assessment.bill.lines.map(line => line.ingredient))
  const used = ingredients.filter(one => inRecipe.has(one.id) || product.highlighted?.includes(one.id))
  // a part in the name gets its share too
  const parts = workbook.recipes.filter(
    one => product.highlighted?.includes(one.id) || assessment.bill.parts.some(use => use.part === one.id),
  )
  const reads =
    (field: ProductField, value: (text: string) => unknown): Reads =>
    typed =>
      readField(product, field, value(typed))
  const text = (field: ProductField) => reads(field, typed => typed.trim() || null)
  const keeps = product.keeps ?? { days: 0, mark: 'bestBefore' as const, storage: '' }
  const keeping = (change: (typed: string) => Partial<typeof keeps>): Reads =>
    reads('keeps', typed => ({ ...keeps, ...change(typed) }))
  const tick = (list: 'claims' | 'markets' | 'highlighted', item: string, to: boolean) =>
    hands.onEdit({ kind: 'tick', list, item, to })
  return (
    <>
      <div className="grid grid-cols-2 gap-2.5">
        <Field
          label="Name"
          value={product.name}
          hands={hands}
          wide
          read={typed => {
            const said = text('name')(typed)
            // a recipe that goes by the product's name keeps going by it
            return 'problem' in said || recipe.name !== product.name
              ? said
              : { edits: [...said.edits, { kind: 'name', was: recipe.name, to: typed.trim() }] }
          }}
        />
        <Field
          label="Name of the food, as the label must say it"
          value={product.legalName ?? ''}
          hint="as above"
          hands={hands}
          wide
          read={text('legalName')}
        />
        <Field
          label="Net weight of a pack, g"
          value={String(product.netWeight)}
          hands={hands}
          decimal
          read={reads('netWeight', number)}
        />
        <Field
          label="Pieces in a pack"
          value={String(product.pieces)}
          hands={hands}
          decimal
          read={reads('pieces', number)}
        />
        <Field
          label="A piece is called"
          value={product.pieceName ?? ''}
          hint="piece"
          hands={hands}
          read={text('pieceName')}
        />
        <Field
          label={`One making gives, ${pieceName}s`}
          value={recipe.pieces === undefined ? '' : String(recipe.pieces)}
          hint="not said"
          hands={hands}
          decimal
          read={typed => {
            const to = number(typed)
            if (to !== null && !(to > 0 && to <= 1_000_000)) return { problem: 'Say how many pieces one making gives.' }
            return { edits: [{ kind: 'pieces', was: recipe.pieces ?? null, to }] }
          }}
        />
        <Field
          label="Bake loss, %"
          value={recipe.bakeLoss === undefined ? '' : String(Math.round(recipe.bakeLoss * 1000) / 10)}
          hint="not known"
          hands={hands}
          decimal
          read={typed => {
            const percent = number(typed)
            if (percent !== null && !(percent >= 0 && percent < 100))
              return { problem: 'The loss is a share of the weight: 0 to under 100 %.' }
            return {
              edits: [{ kind: 'bakeLoss', was: recipe.bakeLoss ?? null, to: percent === null ? null : percent / 100 }],
            }
          }}
        />
        {recipe.bakeLoss === undefined && usualBakeLoss(product.category) && (
          <button
            type="button"
            className="word-link self-end pb-1 text-left"
            onClick={() => hands.onEdit({ kind: 'bakeLoss', was: null, to: usualBakeLoss(product.category)!.share })}
          >
            Assume {percent(usualBakeLoss(product.category)!.share)}, usual for its kind
          </button>
        )}
        <div className="text-[13px] text-quiet">
          Kind of bake
          <Choose
            label="Kind of bake"
            value={product.category ?? ''}
            placeholder="not said"
            options={productCategories.map(one => ({ value: one.code, label: one.name }))}
            onChange={category => hands.onEdit(putField(product, 'category', category))}
          />
        </div>
        <Field
          label="Keeps, days"
          value={product.keeps ? String(keeps.days) : ''}
          hint="not said"
          hands={hands}
          decimal
          read={typed =>
            typed.trim() === ''
              ? { edits: [putField(product, 'keeps', null)] }
              : keeping(days => ({ days: number(days) ?? Number.NaN }))(typed)
          }
        />
        <div className="text-[13px] text-quiet">
          Date mark
          <Choose
            label="Date mark"
            value={keeps.mark}
            onChange={mark =>
              product.keeps &&
              hands.onEdit(putField(product, 'keeps', { ...keeps, mark: mark as 'bestBefore' | 'useBy' }))
            }
            options={[
              { value: 'bestBefore', label: 'best before' },
              { value: 'useBy', label: 'use by' },
            ]}
          />
        </div>
        <Field
          label="Storage, as printed"
          value={keeps.storage}
          hint="Keep in a cool, dry place."
          hands={hands}
          wide
          read={typed =>
            product.keeps
              ? keeping(storage => ({ storage: storage.trim() }))(typed)
              : { problem: 'Say first for how many days it keeps.' }
          }
        />
      </div>
      {keeps.mark === 'useBy' && (
        <p className="mt-1 text-[13px] text-unproven">
          A use-by date is about safety: it needs someone competent and, often, a test.
        </p>
      )}
      <Boxes
        title="Claims to check and print"
        options={namedClaims.map(value => ({ value: value as ClaimCode, label: claimName[value] }))}
        chosen={product.claims}
        onTick={(item, to) => tick('claims', item, to)}
      />
      <label className="mt-2 flex items-center gap-2">
        <input
          type="checkbox"
          className="size-[24px] accent-damson"
          checked={product.printNotices ?? false}
          onChange={event => hands.onEdit(putField(product, 'printNotices', event.target.checked || null))}
        />
        Print our own notes on these claims too
      </label>
      <Boxes
        title="In the name or picture (QUID)"
        options={[...used, ...parts].map(one => ({ value: one.id, label: one.name }))}
        chosen={product.highlighted ?? []}
        onTick={(item, to) => tick('highlighted', item, to)}
      />
      <Boxes
        title="Sold in"
        options={[
          ...marketsServed.map(value => ({ value, label: rulesOf(value).title })),
          // put down before its rules are here: it can be seen, and taken off
          ...product.markets
            .filter(market => !isServed(market))
            .map(value => ({ value, label: `${marketName[value]} (its rules are not here yet)` })),
        ]}
        chosen={product.markets}
        onTick={(item, to) => tick('markets', item, to)}
      />
    </>
  )
}

function Field({
  label,
  value,
  hint,
  read,
  hands,
  wide = false,
  decimal = false,
}: {
  label: string
  value: string
  hint?: string
  read: Reads
  hands: Hands
  wide?: boolean
  decimal?: boolean
}) {
  const { typed, problem, open, type, keep, cancel } = useTyped(read, hands, decimal)
  return (
    <label className={`flex flex-col text-[13px] text-quiet ${wide ? 'col-span-2' : ''}`}>
      {label}
      <input
        className="field text-ink"
        value={typed ?? value}
        placeholder={hint}
        inputMode={decimal ? 'decimal' : undefined}
        aria-invalid={problem !== '' || undefined}
        maxLength={300}
        onFocus={() => typed === null && open(value)}
        onChange={event => {
          if (typed === null) open(value)
          type(event.target.value)
        }}
        onBlur={keep}
        onKeyDown={event => {
          if (event.key === 'Enter') keep()
          if (event.key === 'Escape') cancel()
        }}
      />
      {problem && (
        <span role="alert" className="text-breaks">
          {problem}
        </span>
      )}
    </label>
  )
}

function Boxes({
  title,
  options,
  chosen,
  onTick,
}: {
  title: string
  options: readonly { value: string; label: string }[]
  chosen: readonly string[]
  onTick: (value: string, to: boolean) => void
}) {
  return (
    <fieldset className="mt-3">
      <legend className="text-[13px] text-quiet">{title}</legend>
      <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-1">
        {options.map(option => (
          <label key={option.value} className="flex min-h-[24px] items-center gap-1.5 pointer-coarse:min-h-[44px]">
            <input
              type="checkbox"
              className="size-[20px] shrink-0 accent-damson"
              checked={chosen.includes(option.value)}
              onChange={event => onTick(option.value, event.target.checked)}
            />{' '}
            {option.label}
          </label>
        ))}
      </div>
    </fieldset>
  )
}
