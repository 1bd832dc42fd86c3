// Off the main thread: what a change of one ingredient would do to every product.
import { type Catalogue, catalogueOf, cheapestThatKeeps, whatChanges } from '@fair-tin/core/assess'
import type { Ingredient, Workbook } from '@fair-tin/core/model'
import { expose } from 'comlink'

let catalogue: Catalogue | null = null
let asked = 0

const changes = {
  /** The books as they stand; told once. */
  open(workbook: Workbook) {
    catalogue = catalogueOf(workbook)
  },
  /** Null where a newer question came meanwhile. */
  async ask(changed: Ingredient, onProgress?: (looked: number, all: number) => void) {
    const mine = ++asked
    // lets a newer question in first
    await new Promise(resolve => setTimeout(resolve))
    if (!catalogue || mine !== asked) return null
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
