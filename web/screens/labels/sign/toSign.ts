// What the page of one label holds: as it is now, as it is signed, and what became of it.
import type { Problem } from '@fair-tin/core/label'
import type { MarketCode } from '@fair-tin/core/model'
import type { ClaimProof, PlaceAnswer, PlaceFound, Said, Stale, Standing } from '@fair-tin/core/seal'
import type { SignOff } from '@fair-tin/data'
import type { LabelLayout } from '../../../label/layout'

export interface LabelToSign {
  product: { id: string; name: string }
  market: MarketCode
  /** What the market is called, and how far its rules can be relied on. */
  title: string
  caution: string
  state: Standing
  stale: Stale | null
  /** Null where the product or its recipe is gone. */
  now: {
    says: Said[]
    print: string
    hinders: Pick<Problem, 'what' | 'weight' | 'mend'>[]
    places: PlaceFound[]
    questions: string[]
    claims: ClaimProof[]
    layout: LabelLayout | { tooMuch: string }
  } | null
  /** What stands signed, as it was. */
  signed: {
    says: Said[]
    places: PlaceAnswer[]
    answers: { asked: string; said: string }[]
    papers: number
    day: string
    pack: { version: number; asOf: string }
  } | null
  history: (SignOff & { readable: boolean })[]
  /** Papers on file, by ingredient and proof. */
  files: Readonly<Record<string, string>>
  mayHere: boolean
}
