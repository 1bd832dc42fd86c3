// The weigh-out of the invented bake, on the very screen a real one is weighed out on: it says what stands ready at each line, and
// "Something changed" is where it is stopped.
'use client'
import type { Item } from '@fair-tin/core/batch'
import { type Card, type PracticeAnswer, practiceBatch, practiceLots } from '@fair-tin/core/practice'
import { useMemo, useState } from 'react'
import { ScaleChooser } from '../scale/ScaleChooser'
import { useScale } from '../scale/useScale'
import type { RunningBatch } from '../useBatch'
import type { Lots } from '../weigh/useLots'
import { WeighOut } from '../weigh/WeighOut'
import { usePracticeBatch } from './usePracticeBatch'
import { WhatIsWrong } from './WhatIsWrong'

export function PracticeWeighing({
  cards,
  today,
  onAnswer,
}: {
  cards: readonly Card[]
  today: string
  /** About the moment of that id. */
  onAnswer: (moment: string, answer: PracticeAnswer) => void
}) {
  const batch = useMemo(() => practiceBatch(today), [today])
  const things = useMemo(() => new Map(batch.books.ingredients.map(one => [one.id, one])), [batch])
  const lots = useMemo((): Lots => {
    const all = practiceLots(today)
    return {
      all,
      more: async () => {},
      byCode: async scanned => {
        const found = all.filter(one => one.lot.toLowerCase() === scanned.trim().toLowerCase())
        return found.length > 0 ? found : { problem: `No lot “${scanned}” came here. Look at the pack again.` }
      },
    }
  }, [today])
  const running = usePracticeBatch(batch)
  const scale = useScale(1, false)
  const [stopped, setStopped] = useState<Item | null>(null)
  const cardOf = (item: Item) => cards.find(one => one.moment.id === item.ingredient)
  const itemAt = (place: string | null) => running.state.items.find(one => one.key === place)
  // what is weighed was let go on
  const heard: RunningBatch = {
    ...running,
    put: put => {
      const item = put.kind === 'weighed' ? itemAt(put.place) : undefined
      if (item && item.weighed === 0) onAnswer(item.ingredient, { go: true })
      return running.put(put)
    },
  }
  const card = stopped && cardOf(stopped)
  if (stopped && card)
    return (
      <div className="pane flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto px-8 py-5">
        <h2 className="text-[30px] leading-tight text-ink">{stopped.name}</h2>
        <p className="max-w-3xl text-[22px] leading-snug">{card.fault?.sees ?? card.moment.sees}</p>
        <WhatIsWrong
          card={card}
          onLook={() => setStopped(null)}
          onSay={because => {
            setStopped(null)
            // it is put away, and the right one goes in
            running.put({
              kind: 'weighed',
              place: stopped.key,
              grams: stopped.target ?? 0,
              by: 'typed',
              why: 'stopped',
            })
            onAnswer(stopped.ingredient, { go: false, because })
          }}
        />
      </div>
    )
  return (
    <>
      <WeighOut
        batch={batch}
        running={heard}
        things={things}
        parts={{}}
        lots={lots}
        scale={scale}
        today={today}
        aloud={false}
        mayChange
        onChanged={place => setStopped(itemAt(place) ?? null)}
        atHand={item => {
          const own = cardOf(item)
          return (
            own && (
              <p className="mt-1 mb-2 rounded-lg border-2 border-navy px-4 py-2 text-[20px] leading-snug">
                <span className="block text-[15px] text-quiet">In front of you</span>
                {own.fault?.sees ?? own.moment.sees}
              </p>
            )
          )
        }}
      />
      <footer className="flex flex-wrap items-center gap-3 text-[14px]">
        <ScaleChooser scale={scale} />
        <span className="text-quiet">Weigh it where all is well; “Something changed” is where you stop.</span>
      </footer>
    </>
  )
}
