// From ingredients to price, a step for each kind of cost of one sold piece: where each begins and ends.
import { type CostKind, costKinds, type FullCost } from '@fair-tin/core/cost'

export interface PriceStep {
  key: CostKind | 'left' | 'tax' | 'price'
  name: string
  from: number
  to: number
  /** It rests on something assumed. */
  estimate: boolean
}
export const kindName: Record<CostKind, string> = {
  ingredients: 'ingredients',
  leftOver: 'left over of parts',
  packing: 'packing',
  labour: 'labour',
  oven: 'oven',
  running: 'running costs',
  losses: 'for what is not sold',
}

/**
 * Steps of a piece in the kitchen's currency; the costs end at what a sold piece carries, then what is left, tax, and the
 * price as the customer pays it. `price`: of one piece, with its net and its tax; null where there is none.
 */
export function priceSteps(cost: FullCost, price: { net: number; tax: number; paid: number } | null): PriceStep[] {
  if (cost.made === null || cost.perPiece === null) return []
  const steps: PriceStep[] = []
  let at = 0
  const put = (key: PriceStep['key'], name: string, amount: number, estimate = false) => {
    steps.push({ key, name, from: at, to: at + amount, estimate })
    at += amount
  }
  for (const kind of costKinds) {
    if (kind === 'losses') continue
    for (const part of cost.parts)
      if (part.kind === kind && part.amount !== null)
        put(kind, kindName[kind], Number(part.amount) / cost.made, part.estimate)
  }
  const lost = Number(cost.perPiece) - at
  if (lost > 1e-6) put('losses', kindName.losses, lost)
  if (price) {
    const open = cost.unknown.length > 0
    const left = price.net - at
    // what is not known costs something too
    put('left', left < 0 ? (open ? 'loses at least' : 'it loses') : open ? 'left at most' : 'left to you', left)
    if (price.tax > 0) put('tax', 'tax', price.tax)
    steps.push({ key: 'price', name: 'price', from: 0, to: price.paid, estimate: false })
  }
  return steps
}
