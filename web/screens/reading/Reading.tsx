// From pasted text, or a kept recipe, to a recipe that can be kept.
'use client'
import type { Recipe } from '@fair-tin/core/model'
import { spokenList } from '@fair-tin/core/words'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useMemo, useState, useTransition } from 'react'
import { toast } from 'sonner'
import { Choose } from '../../ui/Choose'
import { holdable } from '../../ui/holdable'
import { Overtaken } from '../../ui/Overtaken'
import { useDeed } from '../deed'
import { leaveHere, leftHere } from '../leftHere'
import type { Refusal } from '../outcome'
import { keepRecipe } from './actions'
import { draftField } from './DraftField'
import { broughtBy, Draft, type DraftLine, tinText } from './draft'
import { draftFromRecipe, draftLine } from './draftFrom'
import { headedAnew, madeApart, unanswered } from './draftHeadings'
import { questionsOf, withoutUnit } from './draftQuestions'
import { OpenInDraft } from './OpenInDraft'
import { PasteRecipe } from './PasteRecipe'
import { type Larder, ReadingTable } from './ReadingTable'
import { bakeText } from './recipeFrom'
import { SellIt } from './SellIt'
import { understand } from './understand'

const cups = [
  { value: 'us', label: 'US cup, 237 ml' },
  { value: 'usLegal', label: 'US legal cup, 240 ml' },
  { value: 'metric', label: 'metric cup, 250 ml' },
  { value: 'imperial', label: 'imperial cup, 284 ml' },
  { value: 'japanese', label: 'Japanese cup, 200 ml' },
]
const spoons = [
  { value: 'metric', label: 'metric spoon, 15 ml' },
  { value: 'us', label: 'US spoon, 14.8 ml' },
  { value: 'imperial', label: 'imperial spoon, 17.7 ml' },
  { value: 'au', label: 'Australian spoon, 20 ml' },
]

const shownAtTheField: ReadonlySet<string> = new Set([
  'name',
  'pieces',
  'bakeLoss',
  'tin',
  'oven',
  'minutes',
  'packGrams',
  'packPieces',
  'keepsDays',
  'keepsMark',
  'keepsStorage',
])

/** Kept in the browser until saved, so that a reload loses nothing. */
const shelf = (id: string | undefined) => `fair-tin-reading-${id ?? 'new'}`
export function Reading({
  larder,
  recipe,
  sold,
  person,
  today,
}: {
  larder: Larder
  recipe?: Recipe
  sold?: string | undefined
  /** Who answers here, and on which day. */
  person: string
  today: string
}) {
  const router = useRouter()
  const [text, setText] = useState('')
  const [draft, setDraft] = useState<Draft | null>(recipe ? draftFromRecipe(recipe) : null)
  const [added, setAdded] = useState('')
  const [problems, setProblems] = useState<Refusal[]>([])
  const [conflict, setConflict] = useState<{ version: number; theirs: Recipe } | null>(null)
  const [saving, start] = useTransition()
  const key = shelf(recipe?.id)

  useEffect(() => {
    const kept = leftHere(key) as { text: string; draft: Draft | null } | null
    if (typeof kept?.text !== 'string') return
    if (kept.draft && recipe && kept.draft.seen !== recipe.version) return
    setText(kept.text)
    // one kept by an older build may lack what this one needs: its text is still there to be read again
    const held = Draft.safeParse(kept.draft)
    if (held.success) setDraft(held.data)
  }, [key, recipe])
  const put = useCallback(
    (next: Draft | null, nextText: string) => {
      setDraft(next)
      setText(nextText)
      leaveHere(key, next || nextText ? { text: nextText, draft: next } : null)
    },
    [key],
  )
  const edit = useCallback(
    (change: (draft: Draft) => Draft) =>
      setDraft(before => {
        if (!before) return before
        const next = change(before)
        leaveHere(key, { text, draft: next })
        return next
      }),
    [key, text],
  )
  const onChange = useCallback(
    (line: string, change: Partial<DraftLine>) =>
      edit(now => ({ ...now, lines: now.lines.map(one => (one.key === line ? { ...one, ...change } : one)) })),
    [edit],
  )
  const onHeading = useCallback((from: string, to: string) => edit(now => headedAnew(now, from, to)), [edit])
  const onPart = useCallback(
    (heading: string) => {
      if (!draft) return
      const asked = unanswered(draft, heading)
      if (asked) return void toast(`Answer “${asked.text}” first: in a part of its own it would be out of sight.`)
      const before = draft
      edit(now => madeApart(now, heading, larder.parts))
      toast(`${heading} is a part of its own now.`, { action: { label: 'Undo', onClick: () => edit(() => before) } })
    },
    [edit, draft, larder.parts],
  )
  const onRemove = useCallback(
    (line: string) => {
      if (!draft) return
      const before = draft
      edit(now => ({ ...now, lines: now.lines.filter(one => one.key !== line) }))
      toast('Line removed.', { action: { label: 'Undo', onClick: () => edit(() => before) } })
    },
    [edit, draft],
  )

  const readIt = (written: string) => {
    const read = understand(written, larder)
    if ('problem' in read) return setProblems([{ path: 'text', message: read.problem }])
    setProblems([])
    put(read.draft, written)
  }
  const deed = useDeed()
  const keep = (over?: number) => {
    if (!draft) return
    start(async () => {
      const asked = holdable(over === undefined ? draft : { ...draft, seen: over })
      const outcome = await deed.outcome(id => keepRecipe(asked, id))
      if (!outcome)
        return setProblems([
          { path: '', message: 'The server did not answer. Everything is still here: try again in a moment.' },
        ])
      if (outcome.saved) {
        leaveHere(key, null)
        router.push(outcome.product ? `/products/${outcome.product}` : `/parts/${outcome.id}`)
        router.refresh()
        return
      }
      if ('conflict' in outcome) return setConflict(outcome.conflict)
      setProblems(outcome.problems)
    })
  }

  const bring = draft?.bring
  const here = useMemo<Larder>(
    () => ({
      ...larder,
      parts: [
        ...larder.parts,
        ...(bring ?? []).map(one => ({ id: broughtBy(one.key), name: `${one.draft.name}, comes with it` })),
      ],
    }),
    [larder, bring],
  )
  const refusals = useMemo(() => new Map(problems.map(problem => [problem.path, problem.message])), [problems])
  const atLines = problems.filter(problem => problem.path.startsWith('lines.')).length
  const general = [
    ...(atLines > 0
      ? [
          {
            path: '',
            message: `Nothing is kept yet: ${atLines === 1 ? 'one line wants' : `${atLines} lines want`} an answer first, marked below.`,
          },
        ]
      : []),
    ...problems.filter(problem => !problem.path.startsWith('lines.') && !shownAtTheField.has(problem.path)),
  ]

  if (!draft)
    return (
      <PasteRecipe
        text={text}
        wrong={refusals.has('text')}
        onText={next => put(null, next)}
        onRead={readIt}
        onProblem={message => setProblems([{ path: 'text', message }])}
      >
        <Problems list={general} />
      </PasteRecipe>
    )

  const bare = withoutUnit(draft)
  const unsure = draft.lines.filter(line => questionsOf(line).length > 0).length
  const fresh = new Set(draft.lines.flatMap(line => ('fresh' in line.of ? [line.of.fresh.toLowerCase()] : []))).size
  const field = draftField(draft, edit, refusals)
  const baked = bakeText(draft)
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2 max-md:overflow-auto">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">{recipe ? `Edit ${recipe.name}` : 'Read it over'}</h1>
        <p className="text-quiet" role="status">
          {draft.lines.length} {draft.lines.length === 1 ? 'line' : 'lines'}
          {unsure > 0 ? `, ${unsure} to look at` : ', all understood'}
          {fresh > 0 && `, ${fresh} new in the larder`}
          {draft.bring.length > 0 &&
            `, ${draft.bring.length} ${draft.bring.length === 1 ? 'part comes' : 'parts come'} with it`}
        </p>
      </div>
      <div className="flex flex-wrap items-start gap-2.5">
        {field('name', 'Name', 'min-w-52 flex-1')}
        {field('pieces', 'Pieces', 'w-20')}
        {field('bakeLoss', 'Bake loss %', 'w-24', '10')}
        <div className="flex w-44 flex-col text-[13px] text-quiet">
          Cups are
          <Choose label="Cup" value={draft.cup} options={cups} onChange={cup => edit(now => ({ ...now, cup }))} />
        </div>
        <div className="flex w-44 flex-col text-[13px] text-quiet">
          Spoons are
          <Choose
            label="Spoon"
            value={draft.spoon}
            options={spoons}
            placeholder="as the cup"
            onChange={spoon => edit(now => ({ ...now, spoon }))}
          />
        </div>
        {field('tin', 'Tin', 'w-36', '20 cm square', tinText(draft))}
        {field('oven', 'Oven', 'w-28', '180 °C', baked.oven)}
        {field('minutes', 'Minutes', 'w-24', '25–30', baked.minutes)}
      </div>
      <Problems list={general} />
      {bare.length > 0 && (
        <p className="text-[13.5px] text-unproven">
          {bare.length === 1 ? 'One number has' : `${bare.length} numbers have`} no unit (
          {spokenList(bare.map(line => line.text))}): read as grams, and what is poured as millilitres. Put right what
          is meant otherwise.
        </p>
      )}
      {conflict && (
        <Overtaken
          said={`Somebody saved this recipe while you were editing (version ${conflict.version}, ${conflict.theirs.lines.length} lines).`}
          onMine={() => {
            setConflict(null)
            keep(conflict.version)
          }}
          onTheirs={() => {
            setConflict(null)
            put(draftFromRecipe(conflict.theirs), '')
          }}
        />
      )}
      <div className="pane flex min-h-0 flex-1 flex-col max-md:flex-none">
        <section
          className="min-h-0 flex-1 overflow-auto max-md:overflow-visible"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard
          tabIndex={0}
          aria-label="Lines as read"
        >
          <ReadingTable
            lines={draft.lines}
            larder={here}
            onChange={onChange}
            onRemove={onRemove}
            onHeading={onHeading}
            onPart={onPart}
            refusals={refusals}
          />
          <form
            className="flex gap-2 p-3"
            onSubmit={event => {
              event.preventDefault()
              const rows = added
                .split('\n')
                .map(row => row.trim())
                .filter(Boolean)
              if (rows.length === 0) return
              edit(now => ({
                ...now,
                lines: [...now.lines, ...rows.map(row => draftLine(row, larder.ingredients, larder.parts))],
              }))
              setAdded('')
            }}
          >
            <input
              className="field max-w-md"
              aria-label="Add a line"
              placeholder="Add a line, as you would write it: 2 tbsp ground linseed"
              value={added}
              onChange={event => setAdded(event.target.value)}
              maxLength={300}
            />
            <button type="submit" className="do">
              Add the line
            </button>
          </form>
          <OpenInDraft draft={draft} larder={here} person={person} today={today} edit={edit} />
          <div className="grid gap-3 border-t border-hair p-3 md:grid-cols-2">
            <label className="flex flex-col text-[13px] text-quiet">
              Method, one step a row
              <textarea
                className="field min-h-32 text-[14px] leading-relaxed text-ink"
                value={draft.method}
                dir="auto"
                onChange={event => edit(now => ({ ...now, method: event.target.value }))}
              />
            </label>
            <label className="flex flex-col text-[13px] text-quiet">
              Notes: what was neither line nor step, and anything to remember
              <textarea
                className="field min-h-32 text-[14px] leading-relaxed text-ink"
                value={draft.notes}
                aria-invalid={refusals.has('notes') || undefined}
                dir="auto"
                onChange={event => edit(now => ({ ...now, notes: event.target.value }))}
              />
            </label>
          </div>
        </section>
      </div>
      {!sold && <SellIt draft={draft} edit={edit} field={field} markProblem={refusals.get('keepsMark')} />}
      <div className="flex flex-wrap items-end gap-3">
        <button type="button" className="do do-first" disabled={saving} onClick={() => keep()}>
          {saving ? 'Keeping …' : 'Keep the recipe'}
        </button>
        {recipe ? (
          <Link
            href={sold ? `/products/${sold}` : recipe ? `/parts/${recipe.id}` : '/recipes'}
            className="do"
            onClick={() => leaveHere(key, null)}
          >
            Leave it as it was
          </Link>
        ) : (
          <button type="button" className="do" onClick={() => put(null, text)}>
            Back to the text
          </button>
        )}
      </div>
    </section>
  )
}

function Problems({ list }: { list: readonly Refusal[] }) {
  if (list.length === 0) return null
  return (
    <div role="alert" className="rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
      {list.map(problem => (
        <p key={problem.path + problem.message}>{problem.message}</p>
      ))}
    </div>
  )
}
