// Reading a label over part by part, answering for the places people forget, and signing it; what was signed, and what changed since.
'use client'
import type { MarketCode } from '@fair-tin/core/model'
import type { ClaimProof, HiddenPlace, PlaceAnswer, PlaceFound, Said, Stale, Standing } from '@fair-tin/core/seal'
import { capital, fullList, spokenDay } from '@fair-tin/core/words'
import type { SignOff } from '@fair-tin/data'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useState, useTransition } from 'react'
import { toast } from 'sonner'
import { LabelSvg } from '../../label/LabelSvg'
import type { LabelLayout } from '../../label/layout'
import { Caution } from '../../ui/Caution'
import { Group, Scroller } from '../../ui/Group'
import { VerdictMark, verdictClass } from '../../ui/VerdictMark'
import { ask } from '../ask'
import { useDeed } from '../deed'
import { useLeftOpen } from '../useLeftOpen'
import { AlteredWords } from './AlteredWords'
import { StateMark, Words } from './stateWords'

interface Props {
  product: { id: string; name: string }
  market: MarketCode
  /** What the market is called, and how far its rules can be relied on. */
  title: string
  caution: string
  state: Standing
  stale: Stale | null
  /** Null where the product or its recipe is gone. */
  now: {
    says: Said[]
    print: string
    hinders: string[]
    places: PlaceFound[]
    questions: string[]
    claims: ClaimProof[]
    layout: LabelLayout | { tooMuch: string }
  } | null
  /** What stands signed, as it was. */
  signed: {
    says: Said[]
    places: PlaceAnswer[]
    answers: { asked: string; said: string }[]
    papers: number
    day: string
    pack: { version: number; asOf: string }
  } | null
  history: (SignOff & { readable: boolean })[]
  /** Papers on file, by ingredient and proof. */
  files: Readonly<Record<string, string>>
  mayHere: boolean
}
interface Form {
  read: string[]
  places: Partial<Record<HiddenPlace, string>>
  answers: Record<string, string>
}
const partName = (part: string) => capital(part)

export function SignLabel(props: Props) {
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
          {stale && <WhatChanged stale={stale} />}
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
            <Reading {...props} now={now} />
          )}
        </Scroller>
        <Scroller label="Before and after">
          {now && now.hinders.length > 0 && (
            <Group
              title="Before it can be signed"
              note={`${now.hinders.length} in all. Each is mended on the bench or in the larder.`}
            >
              <ul>
                {now.hinders.map(one => (
                  <li key={one} className="flex gap-2 border-b border-hair/60 py-1 last:border-0">
                    <VerdictMark mark="unproven" /> {one}
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
            <Proof files={props.files} claims={now.claims} product={product} market={props.market} />
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

/** Every claim with every component once, also and above all where it holds. */
function Proof({
  claims,
  product,
  market,
  files,
}: { claims: readonly ClaimProof[] } & Pick<Props, 'product' | 'market' | 'files'>) {
  return (
    <Group title="What the claims rest on">
      {claims.map(claim => (
        <details
          key={claim.claim}
          open={claim.verdict !== 'holds'}
          className="border-b border-hair/60 py-1.5 last:border-0"
        >
          <summary className="flex items-center gap-2 font-semibold">
            <VerdictMark mark={claim.verdict} /> {capital(claim.name)}{' '}
            <span className={verdictClass[claim.verdict]}>{claim.verdict}</span>
          </summary>
          <ul className="mt-1 space-y-1.5 text-[13.5px]">
            {[...claim.components, ...claim.kitchen].map(one => (
              <li key={`${one.path.join('/')} ${one.facts.join()}`} className="flex gap-2">
                <span className="pt-0.5">
                  <VerdictMark mark={one.verdict} size={13} />
                </span>
                <span>
                  <span className="block font-semibold">{one.path.join(' → ') || 'The whole'}</span>
                  {one.facts.join('; ')}.
                  {one.papers.map(paper => {
                    const file = files[`${one.of} ${paper.id}`]
                    return (
                      <span key={paper.id} className="block text-quiet">
                        {paper.words}
                        {file && (
                          <>
                            {' '}
                            <a className="word-link" href={`/api/v1/files/${file}`} target="_blank" rel="noreferrer">
                              Open the paper<span className="sr-only">: {paper.words}</span>
                            </a>
                          </>
                        )}
                      </span>
                    )
                  })}
                  {one.mends.map(mend => (
                    <span key={mend} className="block font-semibold">
                      {mend}
                    </span>
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </details>
      ))}
      <a className="word-link" href={`/labels/${product.id}/${market}/proof.pdf`} target="_blank" rel="noreferrer">
        The proof as PDF
      </a>
    </Group>
  )
}

const Parts = ({ says }: { says: readonly Said[] }) => (
  <dl>
    {says.map(one => (
      <div key={one.part} className="border-b border-hair/60 py-1.5 last:border-0">
        <dt className="text-[13px] text-quiet">{partName(one.part)}</dt>
        <dd>
          <Words>{one.words}</Words>
        </dd>
      </div>
    ))}
  </dl>
)

function WhatChanged({ stale }: { stale: Stale }) {
  return (
    <Group title="What changed since it was signed">
      <p role="alert" className="mb-1 text-breaks">
        {capital(fullList(stale.causes))}. Hold the printed labels.
      </p>
      <AlteredWords altered={stale.altered} was="Signed" now="Now" />
    </Group>
  )
}

function Reading({ product, market, now, signed, mayHere, title }: Props & { now: NonNullable<Props['now']> }) {
  const router = useRouter()
  const deed = useDeed()
  const [problem, setProblem] = useState('')
  const [busy, start] = useTransition()
  const before = new Map(signed?.places.map(one => [one.place, one.said]))
  const fresh = (): Form => ({
    read: [],
    places: Object.fromEntries(
      now.places.map(one => [
        one.place,
        before.get(one.place) ?? (one.lines.length > 0 ? `In the recipe: ${fullList(one.lines)}.` : ''),
      ]),
    ),
    answers: Object.fromEntries(signed?.answers.map(one => [one.asked, one.said]) ?? []),
  })
  const again = useCallback((left: unknown) => {
    const form = left as Partial<Form> | null
    return form && typeof form === 'object' && form.places && form.answers
      ? { read: [], places: form.places, answers: form.answers }
      : null
  }, [])
  const { form, put, forget } = useLeftOpen<Form>(`fair-tin-signing-${product.id}-${market}`, fresh, again)
  const unread = now.says.filter(one => !form.read.includes(one.part))
  const open = now.places.filter(one => (form.places[one.place] ?? '').trim().length < 2)
  const unsaid = now.questions.filter(one => (form.answers[one] ?? '').trim().length < 2)
  const ready = mayHere && now.hinders.length === 0 && unread.length + open.length + unsaid.length === 0
  const sign = () =>
    start(async () => {
      const said = await ask<{ print: string }>(
        '/api/v1/seals',
        {
          do: 'sign',
          product: product.id,
          market,
          read: now.print,
          places: now.places.map(one => ({ place: one.place, said: form.places[one.place] ?? '' })),
          answers: now.questions.map(asked => ({ asked, said: form.answers[asked] ?? '' })),
        },
        deed,
      )
      if ('problem' in said) {
        setProblem(said.problem)
        router.refresh()
        return
      }
      setProblem('')
      forget()
      toast(`${product.name} is signed for ${title}.`)
      router.refresh()
    })
  return (
    <>
      <Group title="Read it over" note="Each part by itself, as it will stand on the label. Emphasis is shown in bold.">
        <ol>
          {now.says.map(one => (
            <li
              key={one.part}
              className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-3 border-b border-hair/60 py-1.5 last:border-0"
            >
              <div>
                <p className="text-[13px] text-quiet">{partName(one.part)}</p>
                <Words>{one.words}</Words>
              </div>
              {form.read.includes(one.part) ? (
                <span className="inline-flex items-center gap-1 text-holds">
                  <VerdictMark mark="holds" /> read
                </span>
              ) : (
                <button
                  type="button"
                  className="do"
                  aria-label={`I have read: ${one.part}`}
                  onClick={() => put(form => ({ ...form, read: [...form.read, one.part] }))}
                >
                  I have read it
                </button>
              )}
            </li>
          ))}
        </ol>
      </Group>
      <Group
        title="The places people forget"
        note="Each answered with a line of the recipe or with what is so in the kitchen. It is kept with the signature."
      >
        <ul className="space-y-2">
          {now.places.map(one => (
            <li key={one.place}>
              <label className="block">
                <span className="block text-[13.5px]">{one.asks}</span>
                <input
                  className="field"
                  maxLength={500}
                  value={form.places[one.place] ?? ''}
                  onChange={event =>
                    put(form => ({ ...form, places: { ...form.places, [one.place]: event.target.value } }))
                  }
                />
              </label>
            </li>
          ))}
        </ul>
      </Group>
      {now.questions.length > 0 && (
        <Group title="Asked of someone competent" note="Fair Tin raises these and does not answer them.">
          <ul className="space-y-2">
            {now.questions.map(asked => (
              <li key={asked}>
                <label className="block">
                  <span className="block text-[13.5px]">{asked}</span>
                  <input
                    className="field"
                    maxLength={500}
                    value={form.answers[asked] ?? ''}
                    onChange={event =>
                      put(form => ({ ...form, answers: { ...form.answers, [asked]: event.target.value } }))
                    }
                  />
                </label>
              </li>
            ))}
          </ul>
        </Group>
      )}
      {problem && (
        <p role="alert" className="py-1 text-breaks">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-3 py-2">
        <button type="button" className="do do-first" disabled={!ready || busy} onClick={sign}>
          Sign off
        </button>
        <span role="status" className="text-[13.5px] text-quiet">
          {!mayHere
            ? 'You are not put down as competent for this market: the owner says who is, in Kitchen under People.'
            : now.hinders.length > 0
              ? 'It cannot be signed yet: see what stands before it.'
              : [
                  unread.length > 0 ? `${unread.length} to read` : '',
                  open.length + unsaid.length > 0 ? `${open.length + unsaid.length} to answer` : '',
                ]
                  .filter(Boolean)
                  .join(', ') || 'Signing says: I have read it, and it is so.'}
        </span>
      </div>
    </>
  )
}

function TakeBack({ product, market }: Props) {
  const router = useRouter()
  const deed = useDeed()
  const [reason, setReason] = useState<string | null>(null)
  const [problem, setProblem] = useState('')
  const [busy, start] = useTransition()
  if (reason === null)
    return (
      <button type="button" className="word-link" onClick={() => setReason('')}>
        Take the signature back
      </button>
    )
  return (
    <form
      className="mt-1"
      onSubmit={event => {
        event.preventDefault()
        start(async () => {
          const said = await ask<object>('/api/v1/seals', { do: 'withdraw', product: product.id, market, reason }, deed)
          if ('problem' in said) return setProblem(said.problem)
          setReason(null)
          router.refresh()
        })
      }}
    >
      <label className="block text-[13px] text-quiet">
        Why
        <input
          className="field text-ink"
          maxLength={500}
          value={reason}
          onChange={event => setReason(event.target.value)}
        />
      </label>
      {problem && (
        <p role="alert" className="text-breaks">
          {problem}
        </p>
      )}
      <div className="mt-1 flex gap-2">
        <button type="submit" className="do" disabled={busy}>
          Take it back
        </button>
        <button type="button" className="word-link" onClick={() => setReason(null)}>
          Leave it
        </button>
      </div>
    </form>
  )
}
