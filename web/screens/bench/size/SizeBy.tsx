// Other ways to say how much: so heavy, into such tins, to use something up, for what is ordered.
'use client'
import {
  type Ingredient,
  type Product,
  type Recipe,
  type Tin,
  type TinCount,
  tinName,
  type Workbook,
} from '@fair-tin/core/model'
import type { BatchTarget, Bill, TinRule } from '@fair-tin/core/recipe'
import { commaDoubt, spokenDay, typedNumber } from '@fair-tin/core/words'
import type { Order } from '@fair-tin/data'
import { Popover } from 'radix-ui'
import { type ReactNode, useId, useState } from 'react'
import { Choose } from '../../../ui/Choose'
import { emptyTin, type TinDraft, TinFields, tinFrom } from '../../../ui/TinFields'
import { type Batch, batchFor, tinsOf } from './batch'

interface Props {
  batch: Batch
  onBatch: (batch: Batch) => void
  recipe: Recipe
  product: Product
  workbook: Workbook
  bill: Bill
  orders: readonly Order[]
  pieceName: string
}

const grams = (text: string): number => {
  const read = /^(?!-)(.+?)\s*(kg|g)?$/i.exec(text.trim())
  return read ? typedNumber(read[1]!) * (/kg/i.test(read[2] ?? '') ? 1000 : 1) : Number.NaN
}

export function SizeBy(props: Props) {
  return (
    <Popover.Root>
      <Popover.Trigger className="do !px-2.5">Size by …</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          aria-label="Size the batch"
          className="z-40 max-h-[82dvh] w-[min(94vw,430px)] overflow-auto rounded-lg border-2 border-navy bg-pane p-3 shadow-float"
        >
          <Sizes {...props} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

function Sizes(props: Props) {
  const { recipe, workbook, bill, onBatch } = props
  const [useUp, setUseUp] = useState('')
  const used = [
    ...new Set(bill.lines.filter(line => line.role !== 'beside' && line.grams > 0).map(line => line.ingredient)),
  ]
  const names = new Map<string, Ingredient>(workbook.ingredients.map(one => [one.id, one]))
  const read = (target: (grams: number) => BatchTarget) => (text: string) => {
    const weight = grams(text)
    if (Number.isNaN(weight)) return commaDoubt(text.replace(/\s*k?g\s*$/i, '')) || 'Type a weight: 1300 g, or 1.3 kg.'
    const next = batchFor(target(weight), recipe, workbook)
    if ('problem' in next) return next.problem
    onBatch(next)
    return ''
  }
  return (
    <>
      <Part title="By weight">
        <Typed label="Finished weight" hint="2.4 kg" read={read(weight => ({ grams: weight }))} />
      </Part>
      <Tins {...props} />
      <Part title="To use something up">
        <span className="mb-1.5 block w-60">
          <Choose
            label="Use up"
            value={useUp}
            placeholder="Which ingredient"
            options={used.map(id => ({ value: id, label: names.get(id)?.name ?? id }))}
            onChange={setUseUp}
          />
        </span>
        {useUp && (
          <Typed
            key={useUp}
            label={`All of it, ${names.get(useUp)?.name ?? useUp}`}
            hint="1.3 kg"
            read={read(weight => ({ useUp: { ingredient: useUp, grams: weight } }))}
          />
        )}
      </Part>
      <Orders {...props} />
    </>
  )
}

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className="border-b border-hair py-2 first:pt-0 last:border-0 last:pb-0">
    <h3 className="mb-1 text-[15px]">{title}</h3>
    {children}
  </section>
)

/** What is typed stays; the batch moves with every key that makes one. */
function Typed({ label, hint, read }: { label: string; hint: string; read: (text: string) => string }) {
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  const id = useId()
  return (
    <label className="block text-[13px] text-quiet">
      {label}
      <input
        className="field figure block max-w-40 text-ink"
        inputMode="decimal"
        value={text}
        maxLength={16}
        placeholder={hint}
        aria-invalid={problem !== '' || undefined}
        aria-describedby={id}
        onChange={event => {
          setText(event.target.value)
          setProblem(event.target.value.trim() === '' ? '' : read(event.target.value))
        }}
      />
      <span id={id} role="status" className="block text-breaks">
        {problem}
      </span>
    </label>
  )
}

const same = (a: Tin, b: Tin) => JSON.stringify(a) === JSON.stringify(b)

function Tins({ batch, onBatch, recipe, workbook }: Props) {
  const [other, setOther] = useState<TinDraft | null>(null)
  const [problem, setProblem] = useState('')
  const [mine, setMine] = useState<Tin[]>([])
  const into = tinsOf(batch, recipe)
  const house = [
    ...(recipe.tin ? [recipe.tin] : []),
    ...(workbook.kitchen.tins ?? []),
    ...mine,
    ...into.map(one => one.tin),
  ]
  const known = house.filter((tin, at) => house.findIndex(one => same(one, tin)) === at)
  if (!recipe.tin)
    return (
      <Part title="Into tins">
        <p className="text-quiet">
          Say under Batch which tin this recipe is written for: then it can go into any other.
        </p>
      </Part>
    )
  const put = (next: readonly TinCount[], rule: TinRule = batch.rule) => {
    const made = batchFor({ into: next, rule }, recipe, workbook)
    setProblem('problem' in made ? made.problem : '')
    if (!('problem' in made)) onBatch(made)
  }
  const options = known.map((tin, at) => ({ value: String(at), label: tinName(tin) }))
  return (
    <Part title="Into tins">
      {into.map((one, at) => (
        <div key={at} className="mb-1 flex items-center gap-1.5">
          <input
            aria-label={`How many, ${tinName(one.tin)}`}
            className="field figure !w-14 text-center"
            inputMode="numeric"
            value={one.count}
            maxLength={4}
            onChange={event => {
              const count = Number(event.target.value)
              if (Number.isInteger(count) && count > 0 && count <= 1000)
                put(into.map((row, place) => (place === at ? { ...row, count } : row)))
              else setProblem('Count whole tins, at least one.')
            }}
          />
          ×
          <span className="w-44">
            <Choose
              label={`Tin ${at + 1}`}
              value={String(known.findIndex(tin => same(tin, one.tin)))}
              options={options}
              onChange={choice =>
                put(into.map((row, place) => (place === at ? { ...row, tin: known[Number(choice)]! } : row)))
              }
            />
          </span>
          {into.length > 1 && (
            <button
              type="button"
              className="word-link"
              aria-label={`Without ${tinName(one.tin)}`}
              onClick={() => put(into.filter((_, place) => place !== at))}
            >
              without
            </button>
          )}
        </div>
      ))}
      <div className="flex flex-wrap gap-x-4">
        <button
          type="button"
          className="word-link"
          onClick={() =>
            put([...into, { tin: known.find(tin => !into.some(one => same(one.tin, tin))) ?? known[0]!, count: 1 }])
          }
        >
          And another
        </button>
        <button type="button" className="word-link" onClick={() => setOther(other ? null : emptyTin)}>
          A tin not in the list
        </button>
        {batch.into && (
          <button type="button" className="word-link" onClick={() => onBatch({ ...batch, into: null })}>
            Back to the recipe’s own
          </button>
        )}
      </div>
      {other && (
        <div className="mt-1.5 rounded-lg border border-hair p-2">
          <TinFields draft={other} onChange={setOther} label="the tin" />
          <button
            type="button"
            className="do mt-1.5"
            onClick={() => {
              const tin = tinFrom(other)
              if ('problem' in tin) return setProblem(tin.problem)
              setMine(before => [...before, tin])
              put([...into.slice(0, -1), { tin, count: into.at(-1)?.count ?? 1 }])
              setOther(null)
            }}
          >
            Take this tin
          </button>
        </div>
      )}
      <fieldset className="mt-1.5 flex flex-wrap gap-x-4">
        <legend className="sr-only">How they are filled</legend>
        {(['depth', 'fill'] as const).map(rule => (
          <label key={rule} className="flex items-center gap-1.5 pointer-coarse:min-h-[44px]">
            <input
              type="radio"
              name="tin-rule"
              className="accent-damson"
              checked={batch.rule === rule}
              onChange={() => put(into, rule)}
            />
            {rule === 'depth' ? 'to the same depth' : 'as full, by volume'}
          </label>
        ))}
      </fieldset>
      <p role="status" className="text-breaks">
        {problem}
      </p>
    </Part>
  )
}

function Orders({ orders, product, recipe, workbook, onBatch, pieceName }: Props) {
  const [problem, setProblem] = useState('')
  const days = new Map<string, number>()
  for (const order of orders)
    if (order.product === product.id) days.set(order.day, (days.get(order.day) ?? 0) + order.packs)
  return (
    <Part title="For what is ordered">
      {days.size === 0 && <p className="text-quiet">Nothing of it is ordered from today on.</p>}
      {[...days].map(([day, packs]) => {
        const pieces = packs * product.pieces
        return (
          <button
            key={day}
            type="button"
            className="block w-full rounded px-2 py-1 text-left hover:bg-navy hover:text-white pointer-coarse:py-3"
            onClick={() => {
              const next = batchFor({ pieces }, recipe, workbook)
              setProblem('problem' in next ? next.problem : '')
              if (!('problem' in next)) onBatch(next)
            }}
          >
            {spokenDay(day)}: {packs} {packs === 1 ? 'pack' : 'packs'}, {pieces} {pieceName}s
          </button>
        )
      })}
      <p role="status" className="text-breaks">
        {problem}
      </p>
    </Part>
  )
}
