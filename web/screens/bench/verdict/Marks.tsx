// A mark opens to its reasons: their paths, the proof behind them, and the ways to mend, taken from there.
'use client'
import type { Swap } from '@fair-tin/core/assess'
import { type ClaimResult, type Mark, severity } from '@fair-tin/core/claim'
import { type ClaimCode, nameOfClaim } from '@fair-tin/core/model'
import Link from 'next/link'
import { Popover } from 'radix-ui'
import { memo, type RefObject } from 'react'
import { markWord, VerdictMark, verdictClass } from '../../../ui/VerdictMark'
import { ReasonList } from './ReasonList'

export interface OpenedMark {
  claim: ClaimCode
  /** Bill line; -1 for the kitchen. */
  at: number
  /** A place in the kitchen; null for a line. */
  place: string | null
  /** The line of this recipe that can be swapped; null where there is none. */
  line: string | null
  name: string
}
export type OpenMark = (opened: OpenedMark, anchor: HTMLElement) => void

const markTitle = (name: string, claim: ClaimCode, mark: Mark) => `${name}: ${nameOfClaim(claim)} ${markWord[mark]}`

/** All marks share one popover: a ledger of 400 lines has 1600 of them. One that says the same is not drawn again. */
export const MarkButton = memo(function MarkButton({
  name,
  claim,
  mark,
  at,
  place,
  line,
  onOpen,
}: OpenedMark & { mark: Mark; onOpen: OpenMark }) {
  return (
    <button
      type="button"
      aria-haspopup="dialog"
      aria-label={markTitle(name, claim, mark)}
      className="inline-flex size-[24px] items-center justify-center rounded hover:bg-hair/60 pointer-coarse:h-[44px] pointer-coarse:w-[44px] max-sm:w-[34px]!"
      onClick={event => onOpen({ name, claim, at, place, line }, event.currentTarget)}
    >
      <VerdictMark mark={mark} />
    </button>
  )
})

/** Where in the kitchen a reason belongs. */
export const placeOf = (ground: ClaimResult['grounds'][number]): string =>
  ground.reason.path.length > 1 ? ground.reason.path.at(-1)!.name : ''
/** The mark of one place of the kitchen; null where the claim asks nothing of it. */
export const kitchenMark = (claim: ClaimResult, place: string): Mark | null =>
  claim.kitchenGrounds
    .filter(ground => placeOf(ground) === place)
    .reduce<Mark | null>(
      (worst, { verdict }) => (worst === null || severity[verdict] > severity[worst] ? verdict : worst),
      null,
    )

export function MarkReasons({
  opened,
  anchor,
  claims,
  ingredientAt,
  swapsFor,
  onSwap,
  onClose,
}: {
  opened: OpenedMark | null
  anchor: RefObject<HTMLElement>
  claims: ClaimResult[]
  ingredientAt: (at: number) => string | null
  swapsFor: (claim: ClaimCode, line: string) => Swap[]
  onSwap: (line: string, swap: Swap) => void
  onClose: () => void
}) {
  const claim = opened && claims.find(one => one.claim === opened.claim)
  const mark = opened && claim && (opened.place === null ? claim.marks[opened.at] : kitchenMark(claim, opened.place))
  const needsMending = mark === 'breaks' || mark === 'unproven'
  const swaps = opened?.line && needsMending ? swapsFor(opened.claim, opened.line) : []
  const ingredient = opened && opened.place === null ? ingredientAt(opened.at) : null
  return (
    <Popover.Root open={Boolean(mark)} onOpenChange={open => !open && onClose()}>
      <Popover.Anchor virtualRef={anchor} />
      <Popover.Portal>
        {opened && claim && mark && (
          <Popover.Content
            aria-label={markTitle(opened.name, claim.claim, mark)}
            sideOffset={2}
            collisionPadding={8}
            onCloseAutoFocus={event => {
              event.preventDefault()
              anchor.current?.focus()
            }}
            className="z-50 max-h-[60dvh] w-96 max-w-[94vw] overflow-auto rounded-lg border-2 border-navy bg-pane p-3 shadow-float"
          >
            <p className="font-head font-bold">
              {opened.name}, {nameOfClaim(claim.claim)}: <span className={verdictClass[mark]}>{markWord[mark]}</span>
            </p>
            <ReasonList
              grounds={
                opened.place === null
                  ? claim.grounds.filter(ground => ground.at === opened.at)
                  : claim.kitchenGrounds.filter(ground => placeOf(ground) === opened.place)
              }
            />
            {claim.note && <p className="mt-1 text-[13px] text-quiet">{claim.note}</p>}
            <div className="mt-2 flex flex-col items-start gap-1 border-t border-hair pt-2">
              {swaps.map(swap => (
                <button
                  key={swap.ingredient}
                  type="button"
                  className="word-link min-h-[24px] pointer-coarse:min-h-[44px]"
                  onClick={() => onSwap(opened.line!, swap)}
                >
                  Use {swap.name} instead
                </button>
              ))}
              {swaps.length > 0 && (
                <span className="text-[13px] text-quiet">
                  With it the claim holds here. Whether it bakes alike is yours to judge.
                </span>
              )}
              {ingredient && (
                <Link className="word-link min-h-[24px] pointer-coarse:min-h-[44px]" href={`/larder/${ingredient}`}>
                  {needsMending ? 'Settle it in the larder' : 'See its sheet'}
                </Link>
              )}
              {opened.place !== null && (
                <Link className="word-link min-h-[24px] pointer-coarse:min-h-[44px]" href="/kitchen">
                  {needsMending ? 'Mend the record in Kitchen' : 'See the record in Kitchen'}
                </Link>
              )}
            </div>
          </Popover.Content>
        )}
      </Popover.Portal>
    </Popover.Root>
  )
}
