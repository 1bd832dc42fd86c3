// How large a label's figures must be, by its market's letter rules.
import type { LetterRules } from '@fair-tin/core/market'

/** Height of the figures of the net quantity, mm: by what is in the pack in grams, or by the panel in mm² (the label stands for it). */
export function figureHeightBy(
  { quantity: { by, heights } }: LetterRules,
  grams: number,
  size: { width: number; height: number },
): number {
  const of = by === 'content' ? grams : size.width * size.height
  return heights.find(one => one.upTo === null || of <= one.upTo)!.mm
}
