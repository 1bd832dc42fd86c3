// The lid's product: its name, weight, keeping, claims and markets. Every key and tick moves the bench at once.
'use client'
import type { ProductField } from '@fair-tin/core/edit'
import { marketsServed, rulesAsRead } from '@fair-tin/core/market'
import {
  type ClaimCode,
  checkDigit,
  type Kitchen,
  namedClaims,
  nameOfClaim,
  type Product,
  productCategories,
  useOf,
} from '@fair-tin/core/model'
import { usualBakeLoss } from '@fair-tin/core/recipe'
import { percent } from '@fair-tin/core/words'
import { Choose } from '../../../ui/Choose'
import { TypedField } from '../typed/TypedField'
import type { Reads } from '../typed/useTyped'
import type { LidProps } from './faces'
import { MakingGives, number } from './Gives'
import { KeepingTable } from './KeepingTable'
import { OtherMarkets } from './OtherMarkets'
import { PacksWeighed } from './PacksWeighed'
import { putField, readField } from './productEdit'

export function AboutFace({ assessment, workbook, product, recipe, ingredients, hands, pieceName, rules }: LidProps) {
  const inRecipe = new Set(assessment.bill.lines.map(line => line.ingredient))
  const used = ingredients.filter(one => inRecipe.has(one.id) || product.highlighted?.includes(one.id))
  // a part in the name gets its share too
  const parts = workbook.recipes.filter(
    one => product.highlighted?.includes(one.id) || assessment.bill.parts.some(use => use.part === one.id),
  )
  const net = assessment.declaration.particulars.netGrams
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
        <TypedField
          label="Name"
          value={product.name}
          hands={hands}
          text
          wide
          read={typed => {
            const said = text('name')(typed)
            // a recipe that goes by the product's name keeps going by it
            return 'problem' in said || recipe.name !== product.name
              ? said
              : { edits: [...said.edits, { kind: 'name', was: recipe.name, to: typed.trim() }] }
          }}
        />
        <TypedField
          label="Name of the food, as the label must say it"
          value={product.legalName ?? ''}
          hint="as above"
          hands={hands}
          text
          wide
          read={text('legalName')}
        />
        <TypedField
          label="Net weight of a pack, g"
          value={String(net)}
          hands={hands}
          read={typed => {
            const said = reads('netWeight', number)(typed)
            // what she writes is fixed from then on
            return 'problem' in said || !product.weightFollows
              ? said
              : { edits: [...said.edits, putField(product, 'weightFollows', null)] }
          }}
        />
        <label className="flex items-center gap-2 self-end pb-1">
          <input
            type="checkbox"
            className="size-[24px] shrink-0 accent-damson"
            checked={product.weightFollows ?? false}
            onChange={event => {
              // let go of, it stays at what it came to last
              const follows = event.target.checked
              hands.onEdit(
                putField(product, 'weightFollows', follows || null),
                ...(follows || net === product.netWeight ? [] : [putField(product, 'netWeight', net)]),
              )
            }}
          />
          It follows the recipe
        </label>
        <TypedField
          label="Pieces in a pack"
          value={String(product.pieces)}
          hands={hands}
          read={reads('pieces', number)}
        />
        <TypedField
          label="A piece is called"
          value={product.pieceName ?? ''}
          hint="piece"
          hands={hands}
          text
          read={text('pieceName')}
        />
        <MakingGives recipe={recipe} hands={hands} pieceName={pieceName} />
        <TypedField
          label="Bake loss, %"
          value={recipe.bakeLoss === undefined ? '' : String(Math.round(recipe.bakeLoss * 1000) / 10)}
          hint="not known"
          hands={hands}
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
        <TypedField
          label="Article number (GTIN), printed as bars"
          value={product.gtin ?? ''}
          hint="none"
          hands={hands}
          read={typed => {
            const digits = typed.replace(/[\s-]/g, '')
            // of twelve the last is worked out
            return readField(
              product,
              'gtin',
              digits === '' ? null : /^\d{12}$/.test(digits) ? `${digits}${checkDigit(digits)}` : digits,
            )
          }}
        />
        {product.gtin !== undefined && (
          <label className="flex items-center gap-2 self-end pb-1">
            <input
              type="checkbox"
              className="size-[24px] shrink-0 accent-damson"
              checked={product.squareCode ?? false}
              onChange={event => hands.onEdit(putField(product, 'squareCode', event.target.checked || null))}
            />
            A square code too, with lot and date
          </label>
        )}
        {product.gtin !== undefined && useOf(product.gtin) !== 'everywhere' && (
          <p className="col-span-2 text-[13px] text-quiet">
            {useOf(product.gtin) === 'restricted'
              ? 'A number that begins so counts in your own shop, or where it was agreed, and nowhere else.'
              : 'A number that begins so is for use inside one company, and no till reads it elsewhere.'}
          </p>
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
        <TypedField
          label="Keeps, days"
          value={product.keeps ? String(keeps.days) : ''}
          hint="not said"
          hands={hands}
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
        <TypedField
          label="Storage, as printed"
          value={keeps.storage}
          hint="Keep in a cool, dry place."
          hands={hands}
          text
          wide
          read={typed =>
            product.keeps
              ? keeping(storage => ({ storage: storage.trim() }))(typed)
              : { problem: 'Say first for how many days it keeps.' }
          }
        />
      </div>
      <KeepingTable product={product} recipe={recipe} hands={hands} />
      <div className="mt-2.5 grid grid-cols-2 gap-2.5">
        <TypedField
          label="Where it was made, as printed"
          value={product.origin ?? ''}
          hint="not said"
          hands={hands}
          text
          wide
          read={text('origin')}
        />
      </div>
      <PrintPrice product={product} hands={hands} rules={rules} />
      {keeps.mark === 'useBy' && (
        <p className="mt-1 text-[13px] text-unproven">
          A use-by date is about safety: it needs someone competent and, often, a test.
        </p>
      )}
      <Boxes
        title="Claims to check and print"
        options={claimsOffered(workbook.kitchen, product).map(value => ({ value, label: nameOfClaim(value) }))}
        chosen={product.claims}
        onTick={(item, to) => tick('claims', item, to)}
      />
      <Print product={product} hands={hands} field="printNotices">
        Print our own notes on these claims too
      </Print>
      <Print product={product} hands={hands} field="printIntake">
        Print the share of a day’s reference intake (UK, EU)
      </Print>
      <Print product={product} hands={hands} field="printFront">
        Print the summary for the front of the pack (UK)
      </Print>
      <Boxes
        title="In the name or picture (QUID)"
        options={[...used, ...parts].map(one => ({ value: one.id, label: one.name }))}
        chosen={product.highlighted ?? []}
        onTick={(item, to) => tick('highlighted', item, to)}
      />
      <Boxes
        title="Sold in"
        options={marketsServed.map(value => ({ value, label: rulesAsRead(value).title }))}
        chosen={product.markets}
        onTick={(item, to) => tick('markets', item, to)}
      />
      <PacksWeighed product={product} rules={rules} hands={hands} workbook={workbook} net={net} />
      <OtherMarkets product={product} workbook={workbook} hands={hands} />
    </>
  )
}

/** Those with a rule of their own, those of the house, and what the product claims besides. */
const claimsOffered = ({ houseRules = [] }: Kitchen, { claims }: Product): ClaimCode[] => [
  ...new Set<ClaimCode>([...namedClaims, ...houseRules.map(one => one.claim), ...claims]),
]

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

/** The price in force of a pack, on the label of the market in view. */
function PrintPrice({ product, hands, rules }: Pick<LidProps, 'product' | 'hands' | 'rules'>) {
  const { printPrice = [], prices } = product
  const others = printPrice.filter(one => one !== rules.market)
  const isPrinted = others.length < printPrice.length
  return (
    <>
      <label className="mt-2 flex items-center gap-2">
        <input
          type="checkbox"
          className="size-[24px] accent-damson"
          checked={isPrinted}
          onChange={event => {
            const now = event.target.checked ? [...others, rules.market] : others
            hands.onEdit(putField(product, 'printPrice', now.length > 0 ? now : null))
          }}
        />
        Print the price of a pack
        {rules.prices.unit
          ? `, and of ${rules.prices.unit.grams === 1000 ? 'a kilogram' : `${rules.prices.unit.grams} g`}`
          : ''}{' '}
        ({rules.title})
      </label>
      {isPrinted && prices?.pack === undefined && (
        <p className="text-[13px] text-unproven">No price of a pack is in force yet: enter it under Cost.</p>
      )}
    </>
  )
}

/** Something more that is printed, where it is ticked. */
function Print({
  product,
  hands,
  field,
  children,
}: Pick<LidProps, 'product' | 'hands'> & { field: 'printNotices' | 'printIntake' | 'printFront'; children: string }) {
  return (
    <label className="mt-2 flex items-center gap-2">
      <input
        type="checkbox"
        className="size-[24px] accent-damson"
        checked={product[field] ?? false}
        onChange={event => hands.onEdit(putField(product, field, event.target.checked || null))}
      />
      {children}
    </label>
  )
}
