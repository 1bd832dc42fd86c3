// Reading a label over part by part, answering for the places people forget, and signing it.
'use client'
import type { HiddenPlace } from '@fair-tin/core/seal'
import { capital, fullList } from '@fair-tin/core/words'
import { useRouter } from 'next/navigation'
import { useCallback, useState, useTransition } from 'react'
import { toast } from 'sonner'
import { Group } from '../../../ui/Group'
import { VerdictMark } from '../../../ui/VerdictMark'
import { ask } from '../../ask'
import { useDeed } from '../../deed'
import { useLeftOpen } from '../../useLeftOpen'
import { Words } from '../stateWords'
import type { LabelToSign } from './toSign'

interface Form {
  read: string[]
  places: Partial<Record<HiddenPlace, string>>
  answers: Record<string, string>
}

export function ReadOver({
  product,
  market,
  now,
  signed,
  mayHere,
  title,
}: LabelToSign & { now: NonNullable<LabelToSign['now']> }) {
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
                <p className="text-[13px] text-quiet">{capital(one.part)}</p>
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
