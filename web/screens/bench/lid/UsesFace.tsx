// A part's lid: what it goes into, and what has become of every claim there since the bench was opened.
'use client'
import { assess } from '@fair-tin/core/assess'
import type { ClaimResult } from '@fair-tin/core/claim'
import { firstMarketOf } from '@fair-tin/core/market'
import { nameOfClaim, type Product, type Workbook } from '@fair-tin/core/model'
import Link from 'next/link'
import { useDeferredValue, useMemo } from 'react'
import { Caution } from '../../../ui/Caution'
import { VerdictMark, verdictClass } from '../../../ui/VerdictMark'
import type { LidProps } from './faces'
import { CupWeighs, MakingGives } from './Gives'

/** More than these would be waited for: the rest is named without verdicts. */
const mostJudged = 60

const judged = (workbook: Workbook, products: readonly Product[]): Map<string, ClaimResult[]> => {
  const whole = { ...workbook, products: [...products] }
  return new Map(products.map(product => [product.id, assess(whole, product.id, firstMarketOf(product)).claims]))
}

export function UsesFace({ workbook, atFirst, goesInto, recipe, hands, pieceName }: LidProps) {
  const products = goesInto ?? []
  const looked = useMemo(() => products.slice(0, mostJudged), [products])
  const lately = useDeferredValue(workbook)
  const before = useMemo(() => judged(atFirst, looked), [atFirst, looked])
  const now = useMemo(() => (lately === atFirst ? before : judged(lately, looked)), [lately, atFirst, before, looked])
  const measured = (
    <div className="mb-3 grid grid-cols-2 gap-2.5">
      <MakingGives recipe={recipe} hands={hands} pieceName={pieceName} />
      <CupWeighs recipe={recipe} hands={hands} />
      <p className="col-span-2 text-[13px] text-quiet">
        With these, a recipe may call for it in pieces, cups and spoons as well as in grams or makings.
      </p>
    </div>
  )
  if (products.length === 0)
    return (
      <>
        {measured}
        <p className="text-quiet">It goes into nothing that is sold yet. Write its name as a line of another recipe.</p>
      </>
    )
  return (
    <>
      {measured}
      <p className="mb-1 text-[13px] text-quiet">
        What is changed here is changed in {products.length === 1 ? 'this' : `all ${products.length} of these`}. A bake
        that holds a frozen version of it stays as it is.
      </p>
      <ul>
        {products.map(product => (
          <li key={product.id} className="border-b border-hair py-1.5 last:border-0">
            <Link href={`/products/${product.id}`} className="font-head text-[15px] font-bold text-navy">
              {product.name}
            </Link>
            <span className="flex flex-wrap gap-x-4 gap-y-0.5 text-[13.5px]">
              {(now.get(product.id) ?? []).map(({ claim, verdict }, at) => {
                const was = before.get(product.id)?.[at]?.verdict
                return (
                  <span key={claim} className="inline-flex items-center gap-1">
                    <VerdictMark mark={verdict} size={12} /> {nameOfClaim(claim)}{' '}
                    <span className={verdictClass[verdict]}>{verdict}</span>
                    {was !== undefined && was !== verdict && <b>, was {was}</b>}
                  </span>
                )
              })}
            </span>
          </li>
        ))}
      </ul>
      <Caution className="mt-3" />
    </>
  )
}
