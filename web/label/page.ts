// What is placed on a label while it is being set. Millimetres; y from the top, texts by their baseline.

export interface PlacedText {
  x: number
  y: number
  text: string
  /** Of the em. */
  size: number
  bold: boolean
  /** White, on a dark field. */
  inverse?: true
}
export interface Page {
  texts: PlacedText[]
  rules: { x1: number; x2: number; y: number; weight: number }[]
  boxes: { x: number; y: number; width: number; height: number; weight: number }[]
  /** Dark, of codes. */
  fills: { x: number; y: number; width: number; height: number }[]
  /** Circles, by their middle. */
  rings: { x: number; y: number; r: number; weight: number }[]
  /** Pictures that are kept apart, by their id. */
  images: { id: string; x: number; y: number; width: number; height: number }[]
  /** Row labels of a table that had to be broken. */
  brokenLabels: number
  /** Something is wider than its column, so this page cannot be printed. */
  overrun: boolean
}
export const emptyPage = (): Page => ({
  texts: [],
  rules: [],
  boxes: [],
  fills: [],
  rings: [],
  images: [],
  brokenLabels: 0,
  overrun: false,
})
