// What needs someone today: sentences, each with the one thing to do.
import type { Matter } from '@fair-tin/core/assess'
import Link from 'next/link'
import { Caution } from '../../ui/Caution'
import { VerdictMark } from '../../ui/VerdictMark'
import { type Away, PutOffList } from './PutOffList'
import { PutOffMenu } from './PutOffMenu'

const counted = (count: number): string =>
  ['Nothing', 'One thing', 'Two things', 'Three things', 'Four things', 'Five things', 'Six things'][count] ??
  `${count} things`

export function Today({
  day,
  today,
  matters,
  putOff,
}: {
  /** In words, and ISO. */
  day: string
  today: string
  matters: Matter[]
  putOff: readonly Away[]
}) {
  const now = matters.filter(one => one.weight !== 'note')
  const later = matters.filter(one => one.weight === 'note')
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div>
        <h1 className="text-[27px] leading-tight">{day}</h1>
        <p className="text-[13px] text-quiet">
          {counted(now.length)} {now.length === 1 ? 'needs' : now.length === 0 ? 'needs' : 'need'} you
          {later.length > 0 ? ', the rest can wait.' : '.'}
        </p>
      </div>
      <div className="pane min-h-0 flex-1">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="h-full overflow-auto" tabIndex={0} aria-label="Matters">
          <Matters
            title="Needs you"
            today={today}
            matters={now}
            none="Nothing breaks, nothing is unproven, nothing ran out."
          />
          <Matters title="Can wait" today={today} matters={later} none="Nothing runs out in the next thirty days." />
          <PutOffList putOff={putOff} />
          <Caution className="px-4 py-3" />
        </section>
      </div>
    </section>
  )
}

function Matters({ title, today, matters, none }: { title: string; today: string; matters: Matter[]; none: string }) {
  return (
    <>
      <h2 className="border-b border-hair px-4 py-2.5 text-[15px]">{title}</h2>
      {matters.length === 0 && <p className="border-b border-hair px-4 py-3 text-quiet">{none}</p>}
      <ul>
        {matters.map(one => (
          <li
            key={one.key}
            className="flex items-start gap-3 border-b border-hair px-4 py-2.5 max-sm:flex-wrap max-sm:gap-y-0.5"
          >
            <span className="w-4 shrink-0 pt-1 text-center">
              {one.weight === 'note' ? (
                <span aria-hidden="true" className="inline-block h-[3px] w-[11px] rounded bg-navy align-middle" />
              ) : (
                <VerdictMark mark={one.weight} />
              )}
            </span>
            <span className="min-w-0 flex-1 max-sm:basis-[calc(100%-3rem)]">
              <b className="block">{one.what}</b>
              <span className="text-quiet">{one.detail}</span>
            </span>
            <Link href={one.at} className="word-link min-h-[24px] shrink-0 pointer-coarse:min-h-[44px]">
              {one.does}
              <span className="sr-only">: {one.what}</span>
            </Link>
            <PutOffMenu matter={one} today={today} />
          </li>
        ))}
      </ul>
    </>
  )
}
