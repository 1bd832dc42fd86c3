// Practice: an invented bake in which things go wrong on purpose. What was caught, what got through, what that would have meant, and why.
'use client'
import { type Debrief, debrief, drawPractice, type PracticeAnswer, practiceBake } from '@fair-tin/core/practice'
import { fullList, spokenDay } from '@fair-tin/core/words'
import type { Practised } from '@fair-tin/data'
import Link from 'next/link'
import { useMemo, useState } from 'react'
import { VerdictMark } from '../../../ui/VerdictMark'
import { ask } from '../../ask'
import { useDeed } from '../../deed'
import { PracticeRun } from './PracticeRun'

export function Practice({
  seed: first,
  done: read,
  today,
  zone,
}: {
  seed: number
  done: Practised[]
  today: string
  zone: string
}) {
  const [seed, setSeed] = useState(first)
  const [begun, setBegun] = useState(false)
  const [answers, setAnswers] = useState<ReadonlyMap<string, PracticeAnswer>>(new Map())
  const [ended, setEnded] = useState(false)
  const [done, setDone] = useState(read)
  const [problem, setProblem] = useState('')
  const [kept, setKept] = useState(false)
  const deed = useDeed()
  const cards = useMemo(() => drawPractice(seed), [seed])
  const open = !ended && cards.some(one => !answers.has(one.moment.id))
  const cameOf = (all: ReadonlyMap<string, PracticeAnswer>) =>
    debrief(
      cards,
      cards.map(one => all.get(one.moment.id)),
    )
  const keep = async (all: ReadonlyMap<string, PracticeAnswer>) => {
    const { caught, missed, needless } = cameOf(all)
    const said = await ask<{ done: Practised[] }>(
      '/api/v1/practice',
      { caught: caught.map(one => one.id), missed: missed.map(one => one.id), needless: needless.length },
      deed,
    )
    if ('problem' in said) setProblem(said.problem)
    else {
      setProblem('')
      setKept(true)
      setDone(said.done)
    }
  }
  const answer = (moment: string, one: PracticeAnswer) => {
    const all = new Map(answers).set(moment, one)
    setAnswers(all)
    if (all.size === cards.length) end(all)
  }
  const end = (all: ReadonlyMap<string, PracticeAnswer>) => {
    setEnded(true)
    void keep(all)
  }
  const again = () => {
    setSeed(Math.random())
    setAnswers(new Map())
    setEnded(false)
    setBegun(true)
    setKept(false)
    setProblem('')
  }
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <div className="mr-auto">
          <h1 className="text-[27px] leading-tight">Practice</h1>
          <p className="text-quiet">An invented bake. Nothing of it touches an order, a lot or a record of food.</p>
        </div>
        <Link href="/bake" className="do">
          Back to the bakes
        </Link>
      </div>
      {!begun ? (
        <div className="grid min-h-0 flex-1 grid-cols-2 gap-3 max-lg:grid-cols-1 max-lg:overflow-y-auto">
          <div className="pane flex flex-col gap-4 p-6 text-[18px]">
            <h2 className="text-[24px]">{practiceBake.name}</h2>
            <p>
              {practiceBake.pieces} pieces, sold as {fullList(practiceBake.claims)}. You weigh it out and bake it as you
              do any bake; at each place it says what is in front of you. A few of them have something wrong.
            </p>
            <p>Do what is to be done where all is well. Where it is not, “Something changed”, and say what it is.</p>
            <button type="button" className="slab slab-first" onClick={again}>
              Begin
            </button>
          </div>
          <DoneList done={done} today={today} zone={zone} />
        </div>
      ) : open ? (
        <PracticeRun
          key={seed}
          cards={cards}
          answers={answers}
          today={today}
          onAnswer={answer}
          onEnd={() => end(answers)}
        />
      ) : (
        <Came came={cameOf(answers)} problem={problem} kept={kept} onKeep={() => void keep(answers)} onAgain={again} />
      )}
    </section>
  )
}

function Came({
  came: { caught, missed, needless },
  problem,
  kept,
  onKeep,
  onAgain,
}: {
  came: Debrief
  problem: string
  kept: boolean
  onKeep: () => void
  onAgain: () => void
}) {
  return (
    <section
      className="pane min-h-0 flex-1 overflow-y-auto px-8 py-5 text-[17px]"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard
      tabIndex={0}
      aria-label="What came of it"
    >
      <h2 className="text-[26px]">
        {caught.length} of {caught.length + missed.length} caught
      </h2>
      {kept && <p role="status">It is kept that you practised.</p>}
      {problem && (
        <p role="alert" className="my-2 flex flex-wrap items-center gap-3 text-breaks">
          {problem}
          <button type="button" className="do" onClick={onKeep}>
            Keep it that you practised
          </button>
        </p>
      )}
      <ul className="mt-2">
        {missed.map(one => (
          <li key={one.id} className="border-t border-hair py-2">
            <p className="font-bold">
              <VerdictMark mark="breaks" /> Got through: {one.title}
            </p>
            <p>{one.sees}</p>
            <p>
              <b>It would have meant:</b> {one.meant}
            </p>
            <p className="text-quiet">{one.why}</p>
          </li>
        ))}
        {caught.map(one => (
          <li key={one.id} className="border-t border-hair py-2">
            <p className="font-bold">
              <VerdictMark mark="holds" /> Caught: {one.title}
            </p>
            <p className="text-quiet">{one.why}</p>
          </li>
        ))}
        {needless.map(one => (
          <li key={one.id} className="border-t border-hair py-2">
            <p className="font-bold">
              <VerdictMark mark="unproven" /> Stopped, and all was well: {one.doing}
            </p>
            <p className="text-quiet">{one.sees} Better stopped once too often than once too seldom.</p>
          </li>
        ))}
      </ul>
      <button type="button" className="slab mt-3" onClick={onAgain}>
        Once more, with others
      </button>
    </section>
  )
}

function DoneList({ done, today, zone }: { done: readonly Practised[]; today: string; zone: string }) {
  const dayOf = (at: string) => new Intl.DateTimeFormat('sv-SE', { timeZone: zone }).format(new Date(at))
  const people = [...new Set(done.map(one => one.person))]
  return (
    <section className="pane flex min-h-0 flex-col" aria-label="Who practised">
      <h2 className="border-b border-hair px-4 py-2 text-[17px]">Who practised, and when</h2>
      <ul className="min-h-0 flex-1 overflow-y-auto">
        {people.length === 0 && (
          <li className="p-4 text-quiet">
            Nobody yet. Once for whoever is new, and once a year for everybody, is a good custom.
          </li>
        )}
        {people.map(person => {
          const last = done.find(one => one.person === person)!
          const year = Date.parse(today) - Date.parse(dayOf(last.at)) > 365 * 86_400_000
          return (
            <li key={person} className="border-b border-hair/60 px-4 py-2">
              <b>{person}</b>, {spokenDay(dayOf(last.at))}: {last.caught.length} of{' '}
              {last.caught.length + last.missed.length} caught
              {year && <b className="text-unproven"> · over a year ago</b>}
            </li>
          )
        })}
      </ul>
    </section>
  )
}
