// What an ingredient costs, changed where the cost stands: a new price from today, the old one kept beside it.
'use client'
import { packInForce } from '@fair-tin/core/cost'
import { type Ingredient, Pack } from '@fair-tin/core/model'
import { commaDoubt, money, moneySign, spokenDay, typedDecimal, typedNumber, weighed } from '@fair-tin/core/words'
import Link from 'next/link'
import { type RefObject, useState } from 'react'
import { AtAnchor } from '../../../ui/AtAnchor'
import type { Hands } from '../typed/useTyped'

/** The pack as typed, or why it cannot be one. */
export function readPack(grams: string, price: string, currency: string, today: string): Pack | { problem: string } {
  const doubt = commaDoubt(grams) || commaDoubt(price)
  if (doubt) return { problem: doubt }
  const pack = Pack.safeParse({
    grams: typedNumber(grams),
    price: typedDecimal(price) ?? price.trim(),
    currency,
    from: today,
  })
  if (pack.success) return pack.data
  const { path, message } = pack.error.issues[0]!
  return {
    problem: path[0] === 'grams' && Number.isNaN(typedNumber(grams)) ? 'Say what the pack weighs, in grams.' : message,
  }
}

export function PriceOf({
  ingredient,
  currency,
  today,
  anchor,
  hands,
  onClose,
}: {
  ingredient: Ingredient | null
  currency: string
  today: string
  anchor: RefObject<HTMLElement>
  hands: Hands
  onClose: () => void
}) {
  const close = () => {
    hands.onPreview(null)
    onClose()
  }
  return (
    <AtAnchor open={ingredient !== null} label={`Price of ${ingredient?.name ?? ''}`} anchor={anchor} onClose={close}>
      {ingredient && (
        <PriceForm
          key={ingredient.id}
          ingredient={ingredient}
          currency={currency}
          today={today}
          hands={hands}
          onClose={close}
        />
      )}
    </AtAnchor>
  )
}

function PriceForm({
  ingredient,
  currency,
  today,
  hands,
  onClose,
}: {
  ingredient: Ingredient
  currency: string
  today: string
  hands: Hands
  onClose: () => void
}) {
  // the ingredient itself carries the preview while typing: what stood there before is kept aside
  const [was] = useState(ingredient.packs)
  const inForce = packInForce({ ...ingredient, packs: was }, currency, today)
  const [grams, setGrams] = useState('unknown' in inForce ? '' : String(inForce.grams))
  const [price, setPrice] = useState('unknown' in inForce ? '' : inForce.price)
  const [problem, setProblem] = useState('')
  const editOf = (nextGrams: string, nextPrice: string) => {
    const pack = readPack(nextGrams, nextPrice, currency, today)
    if ('problem' in pack) return pack
    const to = [...was.filter(one => one.from !== today || one.currency !== currency), pack]
    return { kind: 'packs' as const, ingredient: ingredient.id, was, to }
  }
  const type = (nextGrams: string, nextPrice: string) => {
    setGrams(nextGrams)
    setPrice(nextPrice)
    const edit = editOf(nextGrams, nextPrice)
    setProblem('problem' in edit ? edit.problem : '')
    hands.onPreview('problem' in edit ? null : [edit])
  }
  const keep = () => {
    const edit = editOf(grams, price)
    if ('problem' in edit) return setProblem(edit.problem)
    const unchanged =
      !('unknown' in inForce) && inForce.grams === typedNumber(grams) && Number(inForce.price) === typedNumber(price)
    if (!unchanged) hands.onEdit(edit)
    onClose()
  }
  const perKilo = typedNumber(price) / (typedNumber(grams) / 1000)
  return (
    <form
      onSubmit={event => {
        event.preventDefault()
        keep()
      }}
    >
      <p className="font-head font-bold">{ingredient.name}</p>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <label className="text-[13px] text-quiet">
          A pack weighs, g
          <input
            className="field figure text-ink"
            inputMode="decimal"
            maxLength={20}
            value={grams}
            onChange={event => type(event.target.value, price)}
          />
        </label>
        <label className="text-[13px] text-quiet">
          It costs, {moneySign(currency)}
          <input
            className="field figure text-ink"
            inputMode="decimal"
            maxLength={20}
            value={price}
            onChange={event => type(grams, event.target.value)}
          />
        </label>
      </div>
      <p className="mt-1 text-[13px]" role={problem ? 'alert' : undefined}>
        {problem ? (
          <span className="text-breaks">{problem}</span>
        ) : (
          <>
            <b className="figure">{money(perKilo, currency)}</b> a kilogram as bought.{' '}
            {'unknown' in inForce
              ? `Now ${inForce.unknown}.`
              : `Now: ${weighed(inForce.grams)} for ${money(inForce.price, currency)} since ${spokenDay(inForce.from)}.`}
          </>
        )}
      </p>
      <div className="mt-2 flex items-center gap-3">
        <button type="submit" className="do do-first">
          Keep the price
        </button>
        <Link className="word-link" href={`/larder/${ingredient.id}`}>
          Open its sheet
        </Link>
      </div>
      <p className="mt-2 text-[12.5px] text-quiet">Holds from today, in every product that uses it.</p>
    </form>
  )
}
