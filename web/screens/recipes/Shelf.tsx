// The shelf: products and parts, each with its claims, cost, and what its label still needs.
import type { ClaimResult } from '@fair-tin/core/claim'
import { type Damaged, nameOfClaim } from '@fair-tin/core/model'
import Link from 'next/link'
import { VerdictMark, verdictClass } from '../../ui/VerdictMark'

export interface ShelfProduct {
  id: string
  name: string
  pieces: number | null
  pieceName: string
  perPiece: string
  atLeast: boolean
  claims: Pick<ClaimResult, 'claim' | 'verdict'>[]
  problems: number
}
export interface ShelfPart {
  id: string
  name: string
  makes: string
  /** Weight on the shelf; empty where none is known. */
  onShelf: string
  usedIn: string[]
}

export function Shelf({
  products,
  parts,
  damaged,
}: {
  products: ShelfProduct[]
  parts: ShelfPart[]
  damaged: readonly Damaged[]
}) {
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex items-end gap-3">
        <h1 className="mr-auto text-3xl">Recipes</h1>
        <Link href="/recipes/earnings" className="do">
          What earns
        </Link>
        <Link href="/recipes/new" className="do do-first">
          Paste a recipe
        </Link>
      </div>
      {damaged.map(one => (
        <p
          key={`${one.kind} ${one.id}`}
          className="flex gap-2 rounded border-2 border-breaks bg-breaks-wash px-3 py-1.5"
        >
          <VerdictMark mark="breaks" />
          <span>
            <b>{one.name}</b> is damaged and cannot be read.{' '}
            <Link href={`/${one.kind === 'product' ? 'products' : 'recipes'}/${one.id}`} className="word-link">
              See what can be done
            </Link>
          </span>
        </p>
      ))}
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-3 overflow-auto lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)] lg:overflow-hidden">
        <div className="pane min-h-0">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <section className="h-full overflow-auto" tabIndex={0} aria-label="Products">
            <h2 className="border-b border-hair px-4 py-2.5 text-[16px]">Products</h2>
            {products.length === 0 && (
              <p className="p-6 text-quiet">
                Nothing here yet.{' '}
                <Link href="/recipes/new" className="word-link">
                  Paste the first recipe
                </Link>
                , as you found it: the lines are read, and you are asked only where it is unsure.
              </p>
            )}
            <ul>
              {products.map(product => (
                <li key={product.id} className="relative border-b border-hair px-4 py-3 hover:bg-page">
                  <div className="flex flex-wrap items-baseline gap-x-3">
                    <Link
                      href={`/products/${product.id}`}
                      className="font-head text-[17px] font-bold text-navy after:absolute after:inset-0"
                    >
                      {product.name}
                    </Link>
                    <span className="ml-auto text-quiet">
                      {product.pieces === null ? 'pieces not said' : `${product.pieces} ${product.pieceName}s`}
                    </span>
                    <span className="w-44 text-right">
                      {product.perPiece === '' ? (
                        <span className="text-unproven">cost not known</span>
                      ) : (
                        <>
                          {product.atLeast && 'at least '}
                          <b className="figure">{product.perPiece}</b> of ingredients
                        </>
                      )}
                    </span>
                  </div>
                  <div className="mt-0.5 flex flex-wrap items-center gap-x-4 gap-y-0.5 text-[13.5px]">
                    {product.claims.map(claim => (
                      <span key={claim.claim} className="inline-flex items-center gap-1">
                        <VerdictMark mark={claim.verdict} size={12} /> {nameOfClaim(claim.claim)}{' '}
                        <span className={verdictClass[claim.verdict]}>{claim.verdict}</span>
                      </span>
                    ))}
                    <span className={`ml-auto ${product.problems > 0 ? 'text-unproven' : 'text-holds'}`}>
                      {product.problems === 0
                        ? 'nothing stands before the label'
                        : `${product.problems} ${product.problems === 1 ? 'thing' : 'things'} before the label`}
                    </span>
                  </div>
                </li>
              ))}
            </ul>
          </section>
        </div>
        <div className="pane min-h-0">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <section className="h-full overflow-auto" tabIndex={0} aria-label="Parts">
            <h2 className="border-b border-hair px-4 py-2.5 text-[16px]">Parts and unsold recipes</h2>
            {parts.length === 0 && (
              <p className="p-4 text-quiet">A blend, a base or an icing that other recipes use is kept here.</p>
            )}
            <ul>
              {parts.map(part => (
                <li key={part.id} className="relative border-b border-hair px-4 py-2.5 hover:bg-page">
                  <Link
                    href={`/parts/${part.id}`}
                    className="font-head text-[15px] font-bold text-navy after:absolute after:inset-0"
                  >
                    {part.name}
                  </Link>
                  <p className="text-[13.5px] text-quiet">
                    {part.makes}
                    {part.onShelf && (
                      <>
                        {' '}
                        · <b className="text-ink">{part.onShelf} on the shelf</b>
                      </>
                    )}
                    {part.usedIn.length > 0 ? ` · in ${part.usedIn.join(', ')}` : ' · not used yet'}
                  </p>
                </li>
              ))}
            </ul>
          </section>
        </div>
      </div>
    </section>
  )
}
