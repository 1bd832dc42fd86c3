// The faces of the lid: which there are, and what each is given to show.
import type { Assessment } from '@fair-tin/core/assess'
import type { RecipeEdit } from '@fair-tin/core/edit'
import type { RulePack } from '@fair-tin/core/market'
import type { Ingredient, MarketCode, Product, Recipe, Workbook } from '@fair-tin/core/model'
import type { Batch } from '../size/batch'
import type { Hands } from '../typed/useTyped'

const everyFace = ['label', 'cost', 'proof', 'method', 'batch', 'blend', 'about', 'nutrition', 'uses'] as const
export type LidFace = (typeof everyFace)[number]
export const productFaces: readonly LidFace[] = [
  'label',
  'cost',
  'proof',
  'method',
  'batch',
  'blend',
  'about',
  'nutrition',
]
/** A part has no label, price or claims of its own. */
export const partFaces: readonly LidFace[] = ['proof', 'method', 'batch', 'blend', 'uses']

/** On these the size of the batch changes nothing: they are given one making, and not drawn again while it is dragged. */
export const facesOfOneMaking: ReadonlySet<LidFace> = new Set(['label', 'proof', 'about', 'nutrition', 'uses'])

export interface LidProps {
  face: LidFace
  onTurn: (face: LidFace) => void
  assessment: Assessment
  workbook: Workbook
  /** As it was when the bench was opened. */
  atFirst: Workbook
  product: Product
  recipe: Recipe
  ingredients: Ingredient[]
  productId: string
  pieceName: string
  rules: RulePack
  market: MarketCode
  batch: Batch
  /** Grams of parts on the shelf. */
  stock: Readonly<Record<string, number>>
  onStock: (stock: Record<string, number>) => void
  /** Begins a trial with these edits, or does them to the one in hand. */
  onTry: (edits: RecipeEdit[], name: string) => void
  hands: Hands
  /** Of a part: the products it goes into. Null for a product. */
  goesInto: readonly Product[] | null
  /** May whoever is here see what things cost? What they may not see they do not set. */
  seesPrices: boolean
}
