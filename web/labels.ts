// Every label as it stands: signed, out of date, taken back, never signed. For the station, its pages, Today and the counter.
import 'server-only'
import type { Matter } from '@fair-tin/core/assess'
import { rulesAsRead } from '@fair-tin/core/market'
import type { MarketCode, Workbook } from '@fair-tin/core/model'
import {
  rulesAhead,
  type Seal,
  type Stale,
  type Standing,
  standingOf,
  standings,
  type ToSign,
  toSign,
} from '@fair-tin/core/seal'
import { capital, fullList, spokenDay } from '@fair-tin/core/words'
import { type BakerySql, currentSignOffs, readWorkbook, type SignOff, sealsOf } from '@fair-tin/data'
import { today } from './bakery'

export interface LabelState {
  product: { id: string; name: string }
  market: MarketCode
  state: Standing
  /** What was signed last, or taken back. */
  last: SignOff | null
  seal: Seal | null
  stale: Stale | null
  now: ToSign | null
}

export function stateOf(
  workbook: Workbook,
  product: { id: string; name: string },
  market: MarketCode,
  last: SignOff | null,
  seal: Seal | null,
): LabelState {
  const now = toSign(workbook, product.id, market)
  const { standing: state, stale } = standingOf(last?.deed ?? null, seal, now, workbook)
  return { product, market, state, last, seal, stale, now }
}

/** Every product in every market it is sold in, and what is signed besides; what needs somebody first. `signedOnly`: of those alone. */
export async function labelStates(
  sql: BakerySql,
  signedOnly = false,
): Promise<{ workbook: Workbook; states: LabelState[] }> {
  const [workbook, signed] = await Promise.all([readWorkbook(sql, today()), currentSignOffs(sql)])
  const seals = await sealsOf(
    sql,
    signed.map(one => one.print),
  )
  const nameOf = new Map(workbook.products.map(one => [one.id, one.name]))
  const lastOf = new Map(signed.map(one => [`${one.product} ${one.market}`, one]))
  const wanted = new Map(
    [
      ...(signedOnly ? [] : workbook.products).flatMap(one => one.markets.map(market => ({ id: one.id, market }))),
      ...signed.map(one => ({ id: one.product, market: one.market })),
    ].map(one => [`${one.id} ${one.market}`, one]),
  )
  const states = [...wanted].map(([key, { id, market }]) => {
    const last = lastOf.get(key) ?? null
    const seal = last ? (seals.get(last.print) ?? null) : null
    return stateOf(workbook, { id, name: nameOf.get(id) ?? seal?.product.name ?? id }, market, last, seal)
  })
  return {
    workbook,
    states: states.sort(
      (a, b) =>
        standings.indexOf(a.state) - standings.indexOf(b.state) || a.product.name.localeCompare(b.product.name, 'en'),
    ),
  }
}

/** What is announced for a market and will reach a label: told when somebody must do something about it. */
export const aheadMatters = (workbook: Workbook, states: readonly LabelState[]): Matter[] =>
  // of what is signed: what was never signed has no label that would change
  rulesAhead(workbook, (product, market) =>
    states.some(one => one.product.id === product && one.market === market),
  ).flatMap(({ market, from, what, reaches }): Matter[] =>
    reaches.length === 0
      ? []
      : [
          {
            key: `rules ${market} ${from}`,
            weight: 'note',
            what: `From ${spokenDay(from)}, ${rulesAsRead(market).title}: ${what}. It reaches ${fullList(reaches.map(one => one.product.name))}.`,
            detail: 'Till then their labels stand as they are.',
            does: 'See what changes',
            at: '/labels#ahead',
          },
        ],
  )

/** Labels that are out of date, by what caused it: one new fact that reaches five labels is one matter. */
export function labelMatters(states: readonly LabelState[]): Matter[] {
  const byCause = new Map<string, LabelState[]>()
  for (const one of states)
    if (one.stale) {
      const cause = fullList(one.stale.causes)
      byCause.set(cause, [...(byCause.get(cause) ?? []), one])
    }
  const open = states.filter(one => one.state === 'open')
  const names = [...new Set(open.map(one => one.product.name))]
  const shaken: Matter[] =
    open.length === 0
      ? []
      : [
          {
            key: 'labels open',
            weight: 'unproven',
            what: `${names.length === 1 ? `The label of ${names[0]} says` : `The labels of ${fullList(names)} say`} what was signed, and nobody can vouch for it now.`,
            detail:
              'Something it rests on became unknown or unproven. The counter page says “ask us” till it is settled.',
            does: open.length === 1 ? 'See what stands open' : 'See them',
            at: open.length === 1 ? `/labels/${open[0]!.product.id}/${open[0]!.market}` : '/labels',
          },
        ]
  const outOfDate = [...byCause].map(([cause, of]): Matter => {
    const names = [...new Set(of.map(one => one.product.name))]
    const [ingredient, ...others] = new Set(of.flatMap(one => one.stale!.ingredients))
    // told of the ingredient already, what else did it is left to say
    const beside = of[0]!.stale!.besides
    const outOfDate = `${names.length === 1 ? `the label of ${names[0]} is` : `the labels of ${fullList(names)} are`} out of date.`
    return {
      key: `label ${cause}`,
      weight: 'breaks',
      what: `${capital(cause)}: ${outOfDate}`,
      ...(ingredient === undefined || others.length > 0
        ? {}
        : {
            cause: ingredient,
            afterCause: capital(beside.length === 0 ? outOfDate : `${fullList(beside)}, too: ${outOfDate}`),
          }),
      detail: 'What is printed says something else than what is in the food now. Hold the printed labels.',
      does: of.length === 1 ? 'Read what changed' : 'See them',
      at: of.length === 1 ? `/labels/${of[0]!.product.id}/${of[0]!.market}` : '/labels',
    }
  })
  return [...outOfDate, ...shaken]
}
