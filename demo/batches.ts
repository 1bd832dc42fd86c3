// What was baked in the demo kitchen lately: slices that went well, a loaf improvised with the wrong milk, a bake in the middle.
import { randomUUID } from 'node:crypto'
import { type Batch, type BatchEntry, batchState, daysAfter, methodOf, restsOf, type Workbook } from '@fair-tin/core'

export interface DemoBatch {
  batch: Omit<Batch, 'code'>
  by: string
  entries: BatchEntry[]
}
interface Bake {
  product: string
  daysAgo: number
  pieces: number
  by: string
  reason?: string
  /** How many lines are weighed; absent: all. */
  lines?: number
  /** Parts off the shelf. */
  shelf?: string[]
  /** What the oven took, and what came of it. */
  came?: { loss: number; pieces: number; broken?: number; keptBack?: number; ovenMinutes: number; waste?: string }
  more?: (place: (name: string) => string) => Record<string, unknown>[]
}

const bakes: Bake[] = [
  {
    product: 'damson-slice',
    daysAgo: 9,
    pieces: 48,
    by: 'nell',
    reason: 'the counter says what is in it; no pack is labelled yet',
    shelf: ['house-flour-blend'],
    came: { loss: 0.098, pieces: 48, broken: 1, ovenMinutes: 38 },
    more: () => [{ kind: 'noted', text: 'The back left corner browns first: turn at 18 minutes.', next: true }],
  },
  {
    product: 'damson-slice',
    daysAgo: 6,
    pieces: 24,
    by: 'tobit',
    reason: 'the counter says what is in it; no pack is labelled yet',
    shelf: ['house-flour-blend'],
    came: { loss: 0.112, pieces: 24, broken: 2, ovenMinutes: 41, waste: 'two corners stuck to the tin' },
  },
  {
    product: 'damson-slice',
    daysAgo: 2,
    pieces: 48,
    by: 'nell',
    reason: 'the counter says what is in it; no pack is labelled yet',
    shelf: ['house-flour-blend'],
    came: { loss: 0.103, pieces: 48, keptBack: 1, ovenMinutes: 37 },
    more: place => [
      { kind: 'amount', place: place('date syrup'), grams: 140, why: 'the damsons were sharp' },
      { kind: 'noted', text: '20 g more syrup with the late damsons; press the base harder.', next: true },
    ],
  },
  {
    product: 'ginger-teff-loaf',
    daysAgo: 1,
    pieces: 12,
    by: 'tobit',
    reason: 'for the café, sold from the counter',
    came: { loss: 0.104, pieces: 12, ovenMinutes: 58 },
    // the wrong milk: almond drink in a loaf that is sold as nut-free
    more: place => [{ kind: 'swapped', place: place('rice drink'), to: 'almond-drink', why: 'the rice drink ran out' }],
  },
  {
    product: 'seeded-shortbread',
    daysAgo: 0,
    pieces: 24,
    by: 'nell',
    reason: 'the counter says what is in it; no pack is labelled yet',
    lines: 3,
  },
]

/** Every batch with its entries, in the order they were baked; the first hour is eight in the morning. */
export function demoBatches(
  workbook: Workbook,
  lots: readonly { id: string; ingredient: string; received: string }[],
): DemoBatch[] {
  return bakes.map(({ product: id, daysAgo, pieces, by, reason, lines, shelf = [], came, more }): DemoBatch => {
    const product = workbook.products.find(one => one.id === id)!
    const recipe = workbook.recipes.find(one => one.id === product.recipe)!
    const day = daysAfter(workbook.today, -daysAgo)
    const batch = {
      id: `${id}-${daysAgo}`,
      code: 'x',
      day,
      product: id,
      name: product.name,
      pieces,
      factor: pieces / recipe.pieces!,
      ...(reason ? { reason } : {}),
      books: restsOf(workbook, product),
    }
    let minutes = 0
    const entry = (rest: Record<string, unknown>, after = 2) => {
      minutes += after
      const at = new Date(Date.parse(`${day}T08:00:00Z`) + minutes * 60_000).toISOString()
      return { id: randomUUID(), at, ...rest } as unknown as BatchEntry
    }
    const said = shelf.map(part => entry({ kind: 'shelf', part, from: true }))
    const begun = batchState(
      batch,
      said.map(one => ({ entry: one, by })),
    )
    const place = (name: string) => begun.items.find(one => one.name === name)!.key
    said.push(...(more?.(place) ?? []).filter(one => one.kind !== 'noted').map(one => entry(one)))
    const { items } = batchState(
      batch,
      said.map(one => ({ entry: one, by })),
    )
    const weighed = items.slice(0, lines ?? items.length).map((item, at) => {
      const target = item.target ?? 2
      // as a hand does it: a gram over here, one under there
      const off = target < 100 ? 0 : ((at % 3) - 1) * Math.min(3, target * 0.01)
      const lot = lots.find(one => one.ingredient === item.ingredient && one.received <= day)?.id
      return entry({
        kind: 'weighed',
        place: item.key,
        grams: Math.round((target + off) * 10) / 10,
        by: 'scale',
        ...(lot && !item.now ? { lot } : {}),
        ...(item.ofPart ? { part: item.ofPart } : {}),
      })
    })
    said.push(...weighed)
    if (came) {
      const oven = methodOf(batch).find(one => one.step.when === 'oven')!
      said.push(entry({ kind: 'timed', step: oven.key, did: 'in' }, 12))
      const core = oven.step.coreCelsius
      said.push(
        entry({ kind: 'timed', step: oven.key, did: 'looked' }, came.ovenMinutes - 3),
        ...(core === undefined
          ? []
          : [
              entry(
                {
                  kind: 'checked',
                  what: 'core temperature',
                  step: oven.key,
                  value: core + 1,
                  unit: '°C',
                  passed: true,
                  critical: true,
                },
                0,
              ),
            ]),
        entry({ kind: 'timed', step: oven.key, did: 'out' }, 3),
      )
      const before = Math.round(weighed.reduce((sum, one) => sum + (one.kind === 'weighed' ? one.grams : 0), 0))
      said.push(
        entry(
          {
            kind: 'finished',
            before,
            grams: Math.round(before * (1 - came.loss)),
            pieces: came.pieces,
            broken: came.broken ?? 0,
            keptBack: came.keptBack ?? 0,
            ...(came.waste ? { waste: came.waste } : {}),
          },
          60,
        ),
      )
    }
    said.push(...(more?.(place) ?? []).filter(one => one.kind === 'noted').map(one => entry(one)))
    const { code: _, ...rest } = batch
    return { batch: rest, by, entries: said }
  })
}
