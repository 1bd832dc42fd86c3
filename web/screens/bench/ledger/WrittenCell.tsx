// A written amount, edited in place. What is typed is for the batch in view; the recipe keeps it for one making.
'use client'
import { type Written, writtenOf } from '@fair-tin/core/edit'
import type { Line } from '@fair-tin/core/model'
import { formCounted, partAmount } from '@fair-tin/core/reading'
import { memo } from 'react'
import { readAmounts } from '../../reading/draft'
import { InPlace } from '../typed/InPlace'
import type { Hands, Reads } from '../typed/useTyped'

function forOneMaking(read: Written, factor: number): Written {
  const one = (amount: NonNullable<Written['amount']>) => ({
    ...amount,
    value: amount.value / factor,
    ...(amount.upTo === undefined ? {} : { upTo: amount.upTo / factor }),
  })
  return { amount: read.amount && one(read.amount), plus: read.plus.map(one), also: read.also.map(one) }
}

interface Props {
  line: Line
  name: string
  /** The amount for the batch in view, as text. */
  text: string
  factor: number
  hands: Hands
}

export const WrittenCell = memo(function WrittenCell({ line, name, text, factor, hands }: Props) {
  const read: Reads = typed => {
    const counted = 'recipe' in line.of ? partAmount(typed) : null
    const said = readAmounts(counted?.text ?? typed)
    if ('problem' in said) return said
    const to = forOneMaking(said, factor)
    const form = (counted && to.amount?.unit === 'each' ? formCounted(counted.counts, line.form) : line.form) ?? null
    return {
      edits: [
        { kind: 'written', line: line.id, was: writtenOf(line), to },
        ...(form === (line.form ?? null)
          ? []
          : [{ kind: 'form' as const, line: line.id, was: line.form ?? null, to: form }]),
      ],
    }
  }
  const unsaid = line.amount === null
  return (
    <InPlace
      label={`Amount of ${name}`}
      text={unsaid ? '' : text}
      read={read}
      hands={hands}
      className="figure w-full text-right text-quiet"
      inputClass="figure text-right"
    >
      {text}
    </InPlace>
  )
})
