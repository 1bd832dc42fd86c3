// A written amount, edited in place. What is typed is for the batch in view; the recipe keeps it for one making.
'use client'
import { type Written, writtenOf } from '@fair-tin/core/edit'
import type { Line } from '@fair-tin/core/model'
import { formCounted, partAmount } from '@fair-tin/core/reading'
import { memo, useMemo, useState } from 'react'
import { afterPaint } from '../../../ui/afterPaint'
import { readAmounts } from '../../reading/draft'
import { InPlace } from '../typed/InPlace'
import type { Hands, Reads } from '../typed/useTyped'
import type { WeighTyped } from './editing'

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
  /** While it is typed: what the line weighs so, at once; everything else on the bench follows a frame later. */
  onTyped?: WeighTyped
}

export const WrittenCell = memo(function WrittenCell({ line, name, text, factor, hands, onTyped }: Props) {
  const [later] = useState(afterPaint)
  const quick = useMemo<Hands>(
    () => ({
      ...hands,
      onPreview: edits => {
        onTyped?.(line.id, edits)
        later.drop()
        if (edits === null) hands.onPreview(null)
        else later.put(() => hands.onPreview(edits))
      },
    }),
    [hands, onTyped, line.id, later],
  )
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
      hands={quick}
      className="figure w-full text-right text-quiet"
      inputClass="figure text-right"
      // what is typed moves nothing around it, so the browser need not look
      boxClass="z-10 block h-[24px] min-w-24 [contain-intrinsic-width:8rem] [contain:size_layout] pointer-coarse:h-[44px]"
    >
      {text}
    </InPlace>
  )
})
