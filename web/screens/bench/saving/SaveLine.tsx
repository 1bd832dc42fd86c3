// Whether what is on the screen is saved, and the plain choice where two windows disagree.
'use client'
import { BenchEdit, type ProductField, productFields } from '@fair-tin/core/edit'
import { nameOfClaim, type Recipe } from '@fair-tin/core/model'
import { writtenAmount } from '@fair-tin/core/recipe'
import { capital, percent } from '@fair-tin/core/words'
import { useState } from 'react'
import type { Aside as SetAside } from './outbox'
import type { useBenchEdits } from './useBenchEdits'

type Edits = ReturnType<typeof useBenchEdits>

export function SaveLine({ edits }: { edits: Edits }) {
  const { pending, state, onlyHere, things } = edits
  const count = `${pending} ${pending === 1 ? 'change' : 'changes'}`
  return (
    <span role="status">
      {pending === 0 &&
        `Recipe draft ${things.recipe.version}, saved${edits.aside.length > 0 ? `, ${edits.aside.length} not taken` : ''}`}
      {pending > 0 && state.kind !== 'waiting' && `Saving ${count} …`}
      {pending > 0 && state.kind === 'waiting' && (
        <span className="text-unproven">
          {count} not saved yet. {state.why}{' '}
          {onlyHere
            ? 'This browser keeps nothing, so leave the window open.'
            : 'Kept in this browser until it goes through.'}{' '}
          <button type="button" className="word-link" onClick={() => void edits.retry()}>
            Try now
          </button>
          {state.signIn && !onlyHere && (
            <>
              {' '}
              <button type="button" className="word-link" onClick={() => window.location.reload()}>
                Sign in
              </button>
            </>
          )}
        </span>
      )}
    </span>
  )
}

const said = (edit: BenchEdit): string => {
  switch (edit.kind) {
    case 'written':
      return edit.to.amount ? writtenAmount(edit.to.amount) : 'no amount'
    case 'remove':
      return 'taking it out'
    case 'add':
    case 'move':
      return 'its place'
    case 'whole':
      return 'the kept version'
    case 'of':
      return 'another in its place'
    case 'notes':
      return 'your own'
    case 'steps':
    case 'answers':
      return 'your own'
    case 'afterBake':
    case 'sweetens':
    case 'goesAlong':
      return edit.to === null ? 'not said' : edit.to ? 'yes' : 'no'
    case 'weighed':
      return edit.to === 'bought' ? 'as bought' : 'as it is used'
    case 'retained':
      return edit.to === null ? 'not said' : percent(edit.to)
    case 'packs':
      return `${edit.to.at(-1)?.price ?? 'no price'}`
    case 'tick':
      return edit.list === 'claims' ? nameOfClaim(edit.item as never) : edit.item
    case 'product':
      return typeof edit.to === 'object' ? 'another' : String(edit.to ?? 'not said')
    default:
      return String(edit.to ?? 'not said')
  }
}
const fieldName: Partial<Record<string, string>> = {
  pieces: 'The number of pieces',
  bakeLoss: 'The bake loss',
  tins: 'The number of tins',
  gramsPerMl: 'What a cup of it weighs',
  name: 'The name',
  notes: 'The notes',
  steps: 'The method',
  answers: 'What is not in it',
  whole: 'The recipe',
  product: 'The product',
  tick: 'Claims and markets',
}
const productFieldName: Record<ProductField, string> = {
  name: 'The name',
  legalName: 'The name on a label',
  netWeight: 'The net weight of a pack',
  weightFollows: 'Whether the net weight follows the recipe',
  pieces: 'The pieces in a pack',
  pieceName: 'What a piece is called',
  category: 'The kind of bake',
  keeps: 'How it keeps',
  keeping: 'The keeping table',
  packing: 'What it is packed in',
  packsPerBox: 'The packs in a box',
  losses: 'The losses',
  pricing: 'How it is priced',
  prices: 'A price in force',
  tax: 'The tax',
  printNotices: 'What is printed of our notes',
  printFront: 'Whether the summary for the front is printed',
  origin: 'Where it was made',
  printPrice: 'Whether the price is printed',
  printIntake: 'Whether the reference intake is printed',
  glutenTest: 'The test of the finished food',
  laboratory: 'What laboratories found',
  gtin: 'The article number',
  squareCode: 'Whether a square code is printed',
  weighings: 'What packs weighed',
  soldAs: 'How it is sold',
  designs: 'The design of the label',
  withoutTable: 'Whether a nutrition table is printed',
  precautions: 'What was decided about warnings',
  translated: 'What stands in a second language',
}
/** What a change is about, as far as it can be told from what was sent. */
const fieldOf = (edit: { kind?: unknown; field?: unknown } | null): string | undefined =>
  edit?.kind === 'product' && productFields.includes(edit.field as ProductField)
    ? productFieldName[edit.field as ProductField]
    : fieldName[String(edit?.kind)]
const about = (edit: BenchEdit, recipe: Recipe, nameOf: (line: string) => string): string => {
  if (edit.kind === 'packs') return 'A price'
  if (edit.kind === 'add') return 'A new line'
  const named = fieldOf(edit)
  if (named) return named
  const line = edit.kind === 'remove' ? edit.line.id : 'line' in edit ? edit.line : ''
  return recipe.lines.some(one => one.id === line) ? nameOf(line) : 'A line that is gone'
}

export function Clashes({ edits, nameOf }: { edits: Edits; nameOf: (line: string) => string }) {
  if (edits.clashes.length === 0) return null
  return (
    <div role="alert" className="rounded-lg border-2 border-unproven bg-[#fdf7e8] px-3 py-2">
      {edits.clashes.map(clash => (
        <p key={JSON.stringify(clash.edit)}>
          <b>{about(clash.edit, edits.things.recipe, nameOf)}</b>: {clash.fact}; you wanted {said(clash.edit)}.{' '}
          {clash.anyway && (
            <button type="button" className="word-link mr-3" onClick={() => edits.settle(clash, true)}>
              Put mine in
            </button>
          )}
          <button type="button" className="word-link" onClick={() => edits.settle(clash, false)}>
            Leave theirs
          </button>
        </p>
      ))}
    </div>
  )
}

/** Changes that were not taken: what was wanted, why not, and what can be done. */
export function Asides({ edits, nameOf }: { edits: Edits; nameOf: (line: string) => string }) {
  if (edits.aside.length === 0) return null
  return (
    <div role="alert" className="rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
      {edits.aside.map((one, at) => (
        <OneAside key={at} one={one} edits={edits} nameOf={nameOf} />
      ))}
    </div>
  )
}

function OneAside({ one, edits, nameOf }: { one: SetAside; edits: Edits; nameOf: (line: string) => string }) {
  const edit = BenchEdit.safeParse(one.edit).data ?? null
  const raw = one.edit as { kind?: string; field?: string; to?: unknown; was?: unknown; item?: unknown } | null
  // what was typed as words or a number is put right where it stands
  const typed = typeof raw?.to === 'string' || typeof raw?.to === 'number' ? String(raw.to) : null
  const [text, setText] = useState(typed ?? '')
  const right =
    typed === null ? null : BenchEdit.safeParse({ ...raw, to: typeof raw?.to === 'number' ? Number(text) : text }).data
  const what = edit ? about(edit, edits.things.recipe, nameOf) : (fieldOf(raw) ?? 'A change')
  return (
    <div className="flex flex-wrap items-center gap-x-2">
      <span>
        <b>{what}</b> was not changed. {capital(one.why)}
        {typed === null && edit && <> You wanted {said(edit)}.</>}
        {typed === null && !edit && raw?.item !== undefined && <> You wanted {String(raw.item)}.</>}
      </span>
      {typed !== null && (
        <input
          className="field w-64"
          aria-label={`${what}, as you wanted it`}
          value={text}
          onChange={event => setText(event.target.value)}
        />
      )}
      {typed !== null ? (
        <button
          type="button"
          className="word-link"
          disabled={!right || text === typed}
          onClick={() => right && edits.settleAside(one, right)}
        >
          Put it right
        </button>
      ) : (
        edit && (
          <button type="button" className="word-link" onClick={() => edits.settleAside(one, edit)}>
            Try again
          </button>
        )
      )}
      <button type="button" className="word-link" onClick={() => edits.settleAside(one)}>
        Put it away
      </button>
    </div>
  )
}
