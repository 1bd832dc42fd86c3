// How large a label's letters must be, by market. From memory of the texts named; verify before relying on it.
import type { MarketCode } from '@fair-tin/core/model'

export interface LetterRules {
  /** Of the smallest letters, mm. */
  smallestXHeight: number
  /** Height of the figures of the net quantity, mm. */
  quantityHeight: (grams: number, size: { width: number; height: number }) => number
  cite: string
}

/** Directive 76/211/EEC: by the net content in grams. */
export const quantityHeight = (grams: number): number => (grams <= 50 ? 2 : grams <= 200 ? 3 : grams <= 1000 ? 4 : 6)

// 0.9 mm is allowed where the pack's largest surface is under 80 cm²; the pack is not known here, so the larger rule holds
const europe: LetterRules = {
  smallestXHeight: 1.2,
  quantityHeight,
  cite: 'Regulation (EU) 1169/2011, Art. 13; Directive 76/211/EEC',
}

const inch = 25.4
/** 21 CFR 101.7(h): by the area of the panel in square inches; the label stands for the panel. */
const byPanel = (_: number, { width, height }: { width: number; height: number }): number => {
  const area = (width * height) / inch ** 2
  return (area <= 5 ? 1 / 16 : area <= 25 ? 1 / 8 : area <= 100 ? 3 / 16 : 1 / 4) * inch
}

const rules: Partial<Record<MarketCode, LetterRules>> = {
  us: { smallestXHeight: inch / 16, quantityHeight: byPanel, cite: '21 CFR 101.2(c), 101.7' },
}
export const letterRules = (market: MarketCode): LetterRules => rules[market] ?? europe
