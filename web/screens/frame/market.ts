// The market in view, as chosen in this window: known at once, before the server has heard of it.
'use client'
import type { MarketCode } from '@fair-tin/core/model'
import { useSyncExternalStore } from 'react'

let chosen: MarketCode | null = null
const listeners = new Set<() => void>()

export function chooseMarket(market: MarketCode): void {
  chosen = market
  for (const listener of listeners) listener()
}
const listen = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** The market chosen in this window, else the one the page was made for. */
export const useMarket = (served: MarketCode): MarketCode =>
  useSyncExternalStore(
    listen,
    () => chosen ?? served,
    () => served,
  )
