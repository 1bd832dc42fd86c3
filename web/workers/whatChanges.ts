// Off the main thread: what a change of one ingredient would do to every product.
import {
  type Books,
  type Catalogue,
  catalogueOf,
  cheapestThatKeeps,
  claimsThatChange,
  makingBooks,
  type ProductChange,
  whatChanges,
} from '@fair-tin/core/assess'
import type { Ingredient, Workbook } from '@fair-tin/core/model'
import { expose } from 'comlink'

let catalogue: Catalogue | null = null
/** Every claim judged once, for answering at once: made bit by bit while nothing is asked. */
let books: Books | null = null
let asked = 0
/** Milliseconds at a time, between which a question is heard. */
const bit = 20
function makeBooks(of: Catalogue): void {
  const { workbook } = of
  const making = makingBooks(workbook, [...new Set(workbook.products.flatMap(one => one.markets))])
  const more = () => {
    if (catalogue !== of) return
    const until = performance.now() + bit
    while (performance.now() < until) {
      const { done, value } = making.next()
      if (done) {
        books = value
        return
      }
    }
    setTimeout(more)
  }
  setTimeout(more, 1000)
}
/** So many products are looked through before anybody would notice. */
const few = 100

const changes = {
  /** The books as they stand; told once. */
  open(workbook: Workbook) {
    catalogue = catalogueOf(workbook)
    books = null
    if (workbook.products.length > few) makeBooks(catalogue)
  },
  /** `onClaims` is told first what becomes of the claims. Null where a newer question came meanwhile. */
  async ask(
    changed: Ingredient,
    onProgress?: (looked: number, all: number) => void,
    onClaims?: (changes: ProductChange[]) => void,
  ) {
    const mine = ++asked
    // lets a newer question in first
    await new Promise(resolve => setTimeout(resolve))
    if (!catalogue || mine !== asked) return null
    if (books) onClaims?.(claimsThatChange(books, changed))
    return whatChanges(catalogue, changed, (looked, all) => {
      onProgress?.(looked, all)
      return mine === asked
    })
  },
  cheapest(id: string) {
    return catalogue
      ? cheapestThatKeeps(catalogue, id).map(({ ingredient, ...rest }) => ({
          id: ingredient.id,
          name: ingredient.name,
          supplier: ingredient.supplier ?? '',
          ...rest,
        }))
      : []
  },
}
export type WhatChangesWorker = typeof changes
expose(changes)
