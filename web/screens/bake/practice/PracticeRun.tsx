// The invented bake, on the very screens a real one is weighed out and baked on: each says what is seen there, and "Something changed" is
// where it is stopped. What is put down is the answer.
'use client'
import { carriesOf, methodOf } from '@fair-tin/core/batch'
import {
  answersBy,
  type Card,
  momentAtStep,
  type PracticeAnswer,
  practiceBatch,
  practiceLots,
} from '@fair-tin/core/practice'
import { type ReactNode, useMemo, useState } from 'react'
import { carriedWords } from '../carriedWords'
import { MethodRun } from '../method/MethodRun'
import { useTimers } from '../method/useTimers'
import { ScaleChooser } from '../scale/ScaleChooser'
import { useScale } from '../scale/useScale'
import type { RunningBatch } from '../useBatch'
import type { Lots } from '../weigh/useLots'
import { WeighOut } from '../weigh/WeighOut'
import { usePracticeBatch } from './usePracticeBatch'
import { WhatIsWrong } from './WhatIsWrong'

const stages = ['Method', 'Weigh out'] as const

export function PracticeRun({
  cards,
  answers,
  today,
  onAnswer,
  onEnd,
}: {
  cards: readonly Card[]
  answers: ReadonlyMap<string, PracticeAnswer>
  today: string
  /** About the moment of that id. */
  onAnswer: (moment: string, answer: PracticeAnswer) => void
  /** Before all of them are answered. */
  onEnd: () => void
}) {
  const batch = useMemo(() => practiceBatch(today), [today])
  const steps = useMemo(() => methodOf(batch), [batch])
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
  const timers = useTimers(running, steps, false)
  const scale = useScale(1, false)
  const [stage, setStage] = useState<(typeof stages)[number]>('Method')
  const [stopped, setStopped] = useState<Card | null>(null)
  const cardOf = (moment: string | undefined) => cards.find(one => one.moment.id === moment)
  const atPlace = (place: string) => running.state.items.find(one => one.key === place)
  const heard: RunningBatch = {
    ...running,
    put: put => {
      const said = answersBy(put, place => atPlace(place)?.ingredient ?? null)
      if (said && !answers.has(said.moment)) onAnswer(said.moment, said.answer)
      return running.put(put)
    },
  }
  const open = (of: (typeof stages)[number]) =>
    cards.filter(({ moment }) => !answers.has(moment.id) && (moment.line && !moment.at ? 'Weigh out' : 'Method') === of)
      .length
  /** `controls`: what is there to go on by; without any, a button stands for them. */
  const seen = (card: Card | undefined, controls: boolean): ReactNode => {
    if (!card) return null
    const answer = answers.get(card.moment.id)
    return (
      <section
        className="mt-1 mb-2 rounded-lg border-2 border-navy px-4 py-2 text-[20px] leading-snug"
        aria-label={`In front of you: ${card.moment.doing}`}
      >
        <span className="block text-[15px] text-quiet">In front of you</span>
        {card.fault?.sees ?? card.moment.sees}
        {stage === 'Method' && (
          <span className="mt-2 flex flex-wrap gap-2">
            {answer ? (
              <b className="text-[16px]">{answer.go ? 'You went on.' : 'You stopped here.'}</b>
            ) : (
              <>
                <button type="button" className="slab !min-h-[56px]" onClick={() => setStopped(card)}>
                  Something changed
                </button>
                {!controls && (
                  <button
                    type="button"
                    className="slab !min-h-[56px]"
                    onClick={() => onAnswer(card.moment.id, { go: true })}
                  >
                    Done
                  </button>
                )}
              </>
            )}
          </span>
        )}
      </section>
    )
  }
  if (stopped)
    return (
      <div className="pane flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto px-8 py-5">
        <h2 className="text-[30px] leading-tight text-ink">{stopped.moment.doing}</h2>
        <p className="max-w-3xl text-[22px] leading-snug">{stopped.fault?.sees ?? stopped.moment.sees}</p>
        <WhatIsWrong
          card={stopped}
          onLook={() => setStopped(null)}
          onSay={because => {
            setStopped(null)
            const item = running.state.items.find(one => one.ingredient === stopped.moment.id)
            // it is put away, and the right one goes in
            if (item)
              running.put({ kind: 'weighed', place: item.key, grams: item.target ?? 0, by: 'typed', why: 'stopped' })
            // what went in already is not taken back by seeing it later
            if (!answers.has(stopped.moment.id)) onAnswer(stopped.moment.id, { go: false, because })
          }}
        />
      </div>
    )
  return (
    <>
      <nav aria-label="Stages" className="flex gap-2">
        {stages.map(one => (
          <button
            key={one}
            type="button"
            aria-current={stage === one ? 'page' : undefined}
            className="slab !min-h-[52px] !px-4 !text-[17px] max-sm:flex-1"
            onClick={() => setStage(one)}
          >
            {one}
            <span className="font-text font-normal opacity-80">{open(one)} open</span>
          </button>
        ))}
      </nav>
      {stage === 'Weigh out' ? (
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
          onChanged={place => setStopped(cardOf(place === null ? undefined : atPlace(place)?.ingredient) ?? null)}
          atHand={item => seen(cardOf(item.ingredient), true)}
        />
      ) : (
        <MethodRun
          batch={batch}
          scales={[]}
          scale={scale}
          carried={item => carriedWords(carriesOf(batch, item, things))}
          steps={steps}
          timers={timers}
          running={heard}
          photographs={null}
          mayChange
          atHand={at => {
            if (at === 'tins' || at === 'share')
              return seen(
                cards.find(one => one.moment.at === at),
                true,
              )
            const moment = momentAtStep(at.key)
            return seen(
              moment?.at === undefined ? cardOf(moment?.id) : undefined,
              at.checks.length > 0 || at.step.minutes !== undefined,
            )
          }}
        />
      )}
      <footer className="flex flex-wrap items-center gap-3 text-[14px]">
        <ScaleChooser scale={scale} />
        <span className="min-w-0 flex-1 text-quiet">
          Do it where all is well; “Something changed” is where you stop. A fault that is passed over gets through.
        </span>
        <button type="button" className="do !min-h-[44px]" onClick={onEnd}>
          See what came of it
        </button>
      </footer>
    </>
  )
}
