// One label: what changed since it was signed, what it says now, what stands before a signature, and who gave one.
'use client'
import { capital, fullList, spokenDay } from '@fair-tin/core/words'
import Link from 'next/link'
import { LabelSvg } from '../../../label/LabelSvg'
import { Caution } from '../../../ui/Caution'
import { Group, Scroller } from '../../../ui/Group'
import { VerdictMark } from '../../../ui/VerdictMark'
import { AlteredWords } from '../AlteredWords'
import { StateMark } from '../stateWords'
import { ClaimsRestOn } from './ClaimsRestOn'
import { Parts } from './Parts'
import { ReadOver } from './ReadOver'
import { TakeBack } from './TakeBack'
import type { LabelToSign } from './toSign'

export function SignLabel(props: LabelToSign) {
  const { product, title, caution, state, stale, now, signed, history } = props
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <div className="mr-auto min-w-0">
          <h1 className="text-[27px] leading-tight break-words">{product.name}</h1>
          <p className="text-quiet">
            {title} · <StateMark state={state} />
          </p>
        </div>
        <Link href="/labels" className="do">
          All labels
        </Link>
        <Link href={`/products/${product.id}`} className="do">
          To the bench
        </Link>
      </div>
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-3 overflow-auto lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)] lg:overflow-hidden">
        <Scroller label="The label">
          {stale && (
            <Group title="What changed since it was signed">
              <p role="alert" className="mb-1 text-breaks">
                {capital(fullList(stale.causes))}. Hold the printed labels.
              </p>
              <AlteredWords altered={stale.altered} was="Signed" now="Now" />
            </Group>
          )}
          {now === null ? (
            <p className="py-3">The product or its recipe was taken out. Nothing can be signed.</p>
          ) : state === 'signed' || state === 'open' ? (
            <Group
              title="As it is signed"
              note={
                state === 'signed'
                  ? 'This is what the label says now, too.'
                  : 'The label says the same now, yet something stands open: till it is settled nobody vouches for it, at the counter neither.'
              }
            >
              <Parts says={now.says} />
            </Group>
          ) : (
            <ReadOver {...props} now={now} />
          )}
        </Scroller>
        <Scroller label="Before and after">
          {now && now.hinders.length > 0 && (
            <Group
              title="Before it can be signed"
              note={`${now.hinders.length} in all. Each is mended on the bench or in the larder.`}
            >
              <ul>
                {now.hinders.map(({ what, weight, mend }) => (
                  <li key={what} className="flex gap-2 border-b border-hair/60 py-1 last:border-0">
                    <VerdictMark mark={weight ?? 'unproven'} />
                    <span>
                      {what} {mend && <span className="text-quiet">{mend}</span>}
                    </span>
                  </li>
                ))}
              </ul>
            </Group>
          )}
          {now && (
            <Group title="As it would print">
              {'tooMuch' in now.layout ? (
                <p className="text-unproven">{now.layout.tooMuch}</p>
              ) : (
                <LabelSvg layout={now.layout} />
              )}
            </Group>
          )}
          {now && now.claims.length > 0 && (
            <ClaimsRestOn files={props.files} claims={now.claims} product={product} market={props.market} />
          )}
          {signed && (
            <Group
              title="What stands signed"
              note={`As of ${spokenDay(signed.day)}, by the rules of ${signed.pack.asOf}, with ${signed.papers === 1 ? 'one paper' : `${signed.papers} papers`} on file.`}
            >
              {(stale || state === 'withdrawn') && <Parts says={signed.says} />}
              <details>
                <summary className="word-link">The places people forget, as they were answered</summary>
                <ul className="text-[14px]">
                  {[
                    ...signed.places.map(one => ({ asked: one.place as string, said: one.said })),
                    ...signed.answers,
                  ].map(one => (
                    <li key={one.asked}>
                      <span className="text-quiet">{capital(one.asked)}:</span> {one.said}
                    </li>
                  ))}
                </ul>
              </details>
            </Group>
          )}
          {history.length > 0 && (
            <Group title="Signatures">
              <ul>
                {history.map(one => (
                  <li key={one.number} className="border-b border-hair/60 py-1 last:border-0">
                    {one.deed === 'signed' ? 'Signed' : 'Taken back'} by {one.by}, {spokenDay(one.at.slice(0, 10))}.{' '}
                    {one.reason}
                    <span
                      className="block font-figure text-[12px] break-all text-quiet"
                      title="Fingerprint of what was signed"
                    >
                      {one.print.slice(0, 16)}
                      {one.readable ? '' : ', cannot be read any more: it vouches for nothing'}
                    </span>
                  </li>
                ))}
              </ul>
              {history[0]!.deed === 'signed' && props.mayHere && <TakeBack {...props} />}
            </Group>
          )}
          <p className="pt-2 text-[12.5px] text-quiet">
            {title} rules: {caution}
          </p>
          <Caution className="pt-2" />
        </Scroller>
      </div>
    </section>
  )
}
