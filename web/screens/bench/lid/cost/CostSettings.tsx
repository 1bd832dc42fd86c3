// What the cost of a product rests on: the work of its steps, what it is packed in, what is lost. Kitchen-wide things stand under Kitchen.
'use client'
import type { ProductField } from '@fair-tin/core/edit'
import type { Losses, Packing, Step, Work } from '@fair-tin/core/model'
import { capital, fullList, moneySign, typedDecimal, typedNumber } from '@fair-tin/core/words'
import Link from 'next/link'
import { Choose } from '../../../../ui/Choose'
import { TypedField } from '../../typed/TypedField'
import type { LidProps } from '../faces'
import { putField, readField } from '../productEdit'

const workPer = [
  { value: 'batch', label: 'a batch' },
  { value: 'load', label: 'a mixer load' },
  { value: 'piece', label: 'a piece' },
]
const packedPer = [
  { value: 'piece', label: 'a piece' },
  { value: 'pack', label: 'a pack' },
  { value: 'box', label: 'a box' },
]
const lossNames: [keyof Losses, string][] = [
  ['trimmings', 'trimmed off, %'],
  ['breakages', 'broken, %'],
  ['unsold', 'not sold, %'],
]

export function CostSettings(props: LidProps) {
  const { product, recipe, hands, workbook, seesPrices } = props
  const put = (field: ProductField, to: unknown) => putField(product, field, to)
  const read = (field: ProductField, to: unknown) => readField(product, field, to)
  const stepsWith = (at: number, work: Work | null): Step[] =>
    recipe.steps.map((step, place) => {
      if (place !== at) return step
      const { work: _, ...rest } = step
      return work ? { ...rest, work } : rest
    })
  const workEdit = (at: number, work: Work | null) => ({
    kind: 'steps' as const,
    was: recipe.steps,
    to: stepsWith(at, work),
  })
  const packing = product.packing ?? []
  const packed = (at: number, change: Partial<Packing>) =>
    packing.map((one, place) => (place === at ? { ...one, ...change } : one))
  return (
    <>
      <h3 className="text-[14px]">Work, hands on</h3>
      {recipe.steps.length === 0 && (
        <p className="text-quiet">No method is written down yet. Add it under “Edit the recipe”.</p>
      )}
      <ul>
        {recipe.steps.map((step, at) => (
          <li key={`${at} ${step.text}`} className="border-b border-hair/60 py-1">
            <p className="text-[13.5px]">{step.text}</p>
            <div className="grid grid-cols-[5rem_5rem_1fr] items-end gap-1.5">
              <TypedField
                label="minutes"
                value={step.work ? String(step.work.minutes) : ''}
                hands={hands}
                read={text => {
                  if (text.trim() === '') return { edits: step.work ? [workEdit(at, null)] : [] }
                  const minutes = typedNumber(text)
                  if (!(minutes >= 0 && minutes <= 10_000)) return { problem: 'Say how many minutes, from none up.' }
                  return {
                    edits: [workEdit(at, { per: step.when === 'bench' ? 'load' : 'batch', ...step.work, minutes })],
                  }
                }}
              />
              <TypedField
                label="people"
                value={String(step.work?.people ?? 1)}
                hands={hands}
                read={text => {
                  const people = typedNumber(text)
                  if (!step.work) return { problem: 'Say the minutes first.' }
                  return Number.isInteger(people) && people >= 1 && people <= 50
                    ? { edits: [workEdit(at, { ...step.work, people })] }
                    : { problem: 'Count whole people, at least one.' }
                }}
              />
              {step.work && (
                <div className="text-[12.5px] text-quiet">
                  for
                  <Choose
                    label={`Work is for, step ${at + 1}`}
                    value={step.work.per}
                    options={workPer}
                    onChange={per => hands.onEdit(workEdit(at, { ...step.work!, per: per as Work['per'] }))}
                  />
                </div>
              )}
            </div>
          </li>
        ))}
      </ul>
      <h3 className="mt-2 text-[14px]">Packed in</h3>
      {seesPrices ? (
        <>
          {product.packing === undefined && (
            <p className="text-unproven">
              Nobody said.{' '}
              <button type="button" className="word-link" onClick={() => hands.onEdit(put('packing', []))}>
                It is not packed
              </button>
            </p>
          )}
          {packing.map((one, at) => (
            <div key={`${at}`} className="mb-1 grid grid-cols-[1fr_5rem_6.5rem_auto] items-end gap-1.5">
              <TypedField
                label="what"
                text
                value={one.name}
                hands={hands}
                read={text => read('packing', packed(at, { name: text }))}
              />
              <TypedField
                label={`one costs, ${moneySign(workbook.kitchen.currency)}`}
                value={one.price ?? ''}
                hands={hands}
                read={text => read('packing', packed(at, { price: typedDecimal(text) ?? text.trim() }))}
              />
              <div className="text-[12.5px] text-quiet">
                for
                <Choose
                  label={`${one.name} is for`}
                  value={one.per}
                  options={packedPer}
                  onChange={per => hands.onEdit(put('packing', packed(at, { per: per as Packing['per'] })))}
                />
              </div>
              <button
                type="button"
                className="word-link pb-1.5"
                aria-label={`Without ${one.name}`}
                onClick={() =>
                  hands.onEdit(
                    put(
                      'packing',
                      packing.filter((_, place) => place !== at),
                    ),
                  )
                }
              >
                without
              </button>
            </div>
          ))}
          <button
            type="button"
            className="word-link"
            onClick={() => hands.onEdit(put('packing', [...packing, { name: 'bag', price: '0.05', per: 'pack' }]))}
          >
            Add a packing
          </button>
        </>
      ) : (
        <p className="text-quiet">
          {packing.length > 0
            ? `${capital(fullList(packing.map(one => one.name)))}. Changed by whoever may see prices.`
            : 'Set by whoever may see prices.'}
        </p>
      )}
      <h3 className="mt-2 text-[14px]">Lost on the way</h3>
      <div className="grid grid-cols-3 gap-1.5">
        {lossNames.map(([key, label]) => (
          <TypedField
            key={key}
            label={label}
            value={product.losses?.[key] === undefined ? '' : String(Math.round(product.losses[key] * 10_000) / 100)}
            hands={hands}
            read={text => {
              const { [key]: _, ...others } = product.losses ?? {}
              return read('losses', text.trim() === '' ? others : { ...others, [key]: typedNumber(text) / 100 })
            }}
          />
        ))}
      </div>
      <p className="mt-2 text-[13px] text-quiet">
        What an hour of work, the oven, running costs and tax come to is set{' '}
        <Link href="/kitchen" className="word-link">
          under Kitchen
        </Link>
        .
      </p>
    </>
  )
}
