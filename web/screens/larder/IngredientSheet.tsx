// One ingredient: what it is, costs, weighs, carries, proves. Empty fields are unknown, and stay so.
'use client'
import { exemptForms } from '@fair-tin/core/allergen'
import { making, sheetEdits, takingOut } from '@fair-tin/core/edit'
import { kindConflict, kindFact, mentions, readStatement, spokenIn, whatProves } from '@fair-tin/core/ingredient'
import { marketsServed, rulesAsRead } from '@fair-tin/core/market'
import {
  type AllergenCode,
  animalTraits,
  evidenceKindName,
  evidenceKinds,
  type Ingredient,
  sweeteningTraits,
  type Workbook,
} from '@fair-tin/core/model'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useMemo, useRef, useState, useTransition } from 'react'
import { Choose } from '../../ui/Choose'
import { EvidenceRows } from '../../ui/EvidenceRows'
import { Group, Scroller } from '../../ui/Group'
import { idFrom } from '../idFrom'
import type { Refusal } from '../outcome'
import { SheetClashes } from '../SheetClashes'
import { SheetHistory } from '../SheetHistory'
import { useLeftOpen } from '../useLeftOpen'
import { type Sent, tellKept, useSheet } from '../useSheet'
import { AllergenFacts, proofOptions } from './AllergenFacts'
import { EvidenceFiles } from './EvidenceFiles'
import { Lots } from './Lots'
import { MadeOf } from './MadeOf'
import { NutritionFields } from './NutritionFields'
import { PackRows } from './PackRows'
import { Suppliers } from './PriceHistory'
import { ShelfPick } from './ShelfPick'
import { ingredientFrom, rebased, type Sheet, sheetOf, yesNoTraits } from './sheet'
import { Weighing } from './Weighing'
import { useWhatChanges, WhatChanges } from './WhatChanges'

const traitWords = { animal: animalTraits, sweetening: sweeteningTraits, grain: ['gluten', 'other'] } as const
const exemptKinds = marketsServed.flatMap(market => rulesAsRead(market).allergens.exempt)
const yesNoName = { refined: 'Refined', legume: 'A legume', alcohol: 'Holds alcohol' } as const
const traitQuestions = { animal: 'From animals', sweetening: 'Sweetens as', grain: 'A grain' } as const

export function IngredientSheet({
  ingredient,
  isNew,
  workbook,
  usedIn,
}: {
  ingredient: Ingredient
  isNew: boolean
  workbook: Workbook
  usedIn: { id: string; name: string }[]
}) {
  const router = useRouter()
  const { today } = workbook
  const { currency } = workbook.kitchen
  const again = useCallback(
    // what an older build kept may lack a field
    (left: unknown) => rebased({ ...sheetOf(ingredient), ...(left as Sheet) }, ingredient),
    [ingredient],
  )
  const {
    form: sheet,
    open,
    put: putSheet,
    forget,
  } = useLeftOpen<Sheet>(`fair-tin-sheet-${isNew ? 'new' : ingredient.id}`, () => sheetOf(ingredient), again)
  const put = (change: Partial<Sheet>) => putSheet(before => ({ ...before, ...change }))
  const [problems, setProblems] = useState<Refusal[]>([])
  const [asNew, setAsNew] = useState(isNew)
  const [saving, start] = useTransition()
  const refusal = (path: string) => problems.find(problem => problem.path === path)?.message
  const field = (
    path: string,
    value: string,
    onChange: (value: string) => void,
    label: string,
    more: { hint?: string; className?: string } = {},
  ) => (
    <label className={`flex flex-col text-[13px] text-quiet ${more.className ?? ''}`}>
      {label}
      <input
        className="field text-ink"
        value={value}
        placeholder={more.hint}
        aria-invalid={refusal(path) ? true : undefined}
        onChange={event => onChange(event.target.value)}
        maxLength={400}
      />
      {refusal(path) && <span className="text-breaks">{refusal(path)}</span>}
    </label>
  )
  const proofs = proofOptions(sheet)
  const changed = useMemo(() => {
    const built = ingredientFrom(sheet)
    return 'ingredient' in built ? built.ingredient : null
  }, [sheet])
  const spoken = useMemo(() => {
    const listed = sheet.madeOf === 'list' ? readStatement(sheet.statement) : null
    return new Map<AllergenCode, string>([
      ...(listed?.groups ?? [])
        .filter(({ codes }) => !codes.some(code => sheet.allergens[code].status === 'contains'))
        .flatMap(({ codes, word }) => codes.map(code => [code, word] as const)),
      ...mentions(`${sheet.name} . ${sheet.labelName} . ${sheet.notes} . ${listed ? sheet.statement : ''}`).map(
        one => [one.code, one.word] as const,
      ),
      ...(changed ? spokenIn(changed) : []),
    ])
  }, [changed, sheet.name, sheet.labelName, sheet.notes, sheet.madeOf, sheet.statement, sheet.allergens])
  const exemptHere = useMemo(
    () => new Map(changed ? exemptForms(changed, exemptKinds).map(one => [one.code, one.what] as const) : []),
    [changed],
  )
  const against = (kind: keyof Ingredient['traits']) => {
    const spoken = changed && kindConflict(changed, kind)
    return spoken && <p className="text-[13px] text-unproven">{kindFact(spoken)}.</p>
  }
  const { answer, progress, remote } = useWhatChanges(workbook, isNew ? null : changed)
  const [picking, setPicking] = useState<'shelf' | null>(null)

  const { clashes, send, takeBack, settle } = useSheet('ingredient')
  /** The same until it is kept, so that pressing twice makes one. */
  const newId = useRef<string | null>(null)
  const leave = (said: string, undo: (() => Promise<Sent>) | null) => {
    forget()
    tellKept(said, undo, () => router.refresh())
    router.push('/larder')
    router.refresh()
  }
  const keep = () => {
    const built = ingredientFrom(sheet)
    if ('problems' in built) return setProblems(built.problems)
    setProblems([])
    start(async () => {
      if (asNew) newId.current ??= idFrom(built.ingredient.name)
      const id = asNew ? newId.current! : sheet.id
      const edits = asNew ? [making(built.ingredient)] : sheetEdits('ingredient', sheet.before, built.ingredient)
      const sent = await send(id, edits)
      // what she sent first is kept: what she typed since is another
      if (!sent.kept && sent.problems.some(one => one.path === 'there')) newId.current = null
      if (!sent.kept) return setProblems(sent.problems)
      leave(`${built.ingredient.name} is kept.`, edits.length > 0 ? () => takeBack(id, edits) : null)
    })
  }
  const choose = (clash: (typeof clashes)[number], mine: boolean) =>
    start(async () => {
      const sent = await settle(sheet.id, clash, mine)
      if (!sent.kept) return setProblems(sent.problems)
      if (clashes.length === 1) leave(`${sheet.name} is kept.`, null)
    })
  const remove = () =>
    start(async () => {
      const sent = await send(sheet.id, [takingOut])
      if (!sent.kept) return setProblems(sent.problems)
      leave(`${sheet.name} is out of the larder.`, () => takeBack(sheet.id, [takingOut]))
    })
  const general = problems.filter(problem => ['', 'removed', 'there'].includes(problem.path))

  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">{isNew ? 'New ingredient' : ingredient.name}</h1>
        {open && !asNew && (
          <p role="status" className="text-unproven">
            What you changed here is not kept yet.
          </p>
        )}
        {usedIn.length > 0 && <p className="text-quiet">Used in {usedIn.map(one => one.name).join(', ')}</p>}
      </div>
      {(general.length > 0 || problems.length > general.length) && (
        <div role="alert" className="rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {general.map(problem => (
            <p key={problem.message}>{problem.message}</p>
          ))}
          {problems.length > general.length && (
            <p>
              Not kept yet:{' '}
              {problems
                .filter(problem => !general.includes(problem))
                .map(problem => problem.message)
                .join(' ')}
            </p>
          )}
          {problems.some(problem => problem.path === 'removed') && (
            <button
              type="button"
              className="word-link"
              onClick={() => {
                setAsNew(true)
                setProblems([])
              }}
            >
              Keep mine as a new ingredient
            </button>
          )}
        </div>
      )}
      <SheetClashes clashes={clashes} onMine={one => choose(one, true)} onTheirs={one => choose(one, false)} />
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-3 overflow-auto lg:grid-cols-2 lg:overflow-hidden">
        <Scroller label="Facts">
          <Group title="What it is">
            <div className="grid grid-cols-2 gap-2.5">
              {field('name', sheet.name, name => put({ name }), 'Name')}
              {field('supplier', sheet.supplier, supplier => put({ supplier }), 'Supplier')}
              {field('standsFor', sheet.standsFor, standsFor => put({ standsFor }), 'Also goes by', {
                hint: 'ground almonds',
              })}
              {field('labelName', sheet.labelName, labelName => put({ labelName }), 'Name on a label', {
                hint: 'as above',
              })}
              {field('article', sheet.article, article => put({ article }), 'The supplier’s number for it')}
              {field('notes', sheet.notes, notes => put({ notes }), 'Notes')}
              {field(
                'counterpart.name',
                sheet.counterpart,
                counterpart => put({ counterpart }),
                'The ordinary thing it stands in for',
                { hint: 'wheat flour' },
              )}
              {field(
                'counterpart.perKg',
                sheet.counterpartPerKg,
                counterpartPerKg => put({ counterpartPerKg }),
                `A kilogram of that costs, ${currency}`,
              )}
            </div>
            {isNew && (
              <button type="button" className="word-link mt-2" onClick={() => setPicking('shelf')}>
                Start from the starter shelf
              </button>
            )}
          </Group>
          <PackRows
            sheet={sheet}
            put={put}
            field={field}
            refusal={refusal}
            packs={changed?.packs ?? null}
            measures={changed?.measures ?? []}
            workbook={workbook}
            suppliers={isNew ? null : <Suppliers id={ingredient.id} remote={remote} currency={currency} />}
          />
          <Group title="How it measures" note="Empty is not known. A weight here replaces the typical value.">
            <div className="grid grid-cols-3 gap-2.5">
              {field('gramsPerCup', sheet.gramsPerCup, gramsPerCup => put({ gramsPerCup }), 'Grams in a US cup')}
              {field('gramsEach', sheet.gramsEach, gramsEach => put({ gramsEach }), 'Grams a piece')}
              {field('edible', sheet.edible, edible => put({ edible }), 'Edible share, %', { hint: '100' })}
            </div>
            <Weighing trials={sheet.trials} today={workbook.today} onTrials={trials => put({ trials })} onTake={put} />
          </Group>
          <Group title="What kind of thing" note="Say “none” where there is none; leave empty where nobody knows.">
            <div className="grid grid-cols-2 gap-2.5">
              {(['animal', 'sweetening', 'grain'] as const).map(kind => (
                <div key={kind}>
                  {field(
                    `traits.${kind}`,
                    sheet.traits[kind],
                    value => put({ traits: { ...sheet.traits, [kind]: value } }),
                    traitQuestions[kind],
                    { hint: `none, ${traitWords[kind].slice(0, 3).join(', ')} …` },
                  )}
                  <span className="text-[12px] text-quiet">none, {traitWords[kind].join(', ')}</span>
                  {against(kind)}
                </div>
              ))}
              {yesNoTraits.map(kind => (
                <div key={kind} className="text-[13px] text-quiet">
                  {yesNoName[kind]}
                  <Choose
                    label={yesNoName[kind]}
                    value={sheet.yesNo[kind] || '-'}
                    onChange={value =>
                      put({ yesNo: { ...sheet.yesNo, [kind]: value === '-' ? '' : (value as 'yes' | 'no') } })
                    }
                    options={[
                      { value: '-', label: 'not known' },
                      { value: 'yes', label: 'yes' },
                      { value: 'no', label: 'no' },
                    ]}
                  />
                  {against(kind)}
                </div>
              ))}
            </div>
          </Group>
          <NutritionFields sheet={sheet} put={put} field={field} />
        </Scroller>
        <Scroller label="What it carries, and the proof">
          <Group title="Proof on file">
            {sheet.evidence.length === 0 && (
              <p className="mb-2 text-unproven">
                Nothing on file. Without a document no absence claim can rest on this ingredient.
              </p>
            )}
            <EvidenceRows rows={sheet.evidence} onChange={evidence => put({ evidence })} refusal={refusal} />
            {!isNew && <EvidenceFiles ingredient={ingredient.id} rows={sheet.evidence} />}
            <details className="mt-2">
              <summary className="word-link min-h-[24px]">What each kind of proof may carry</summary>
              <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 text-[13.5px]">
                {evidenceKinds.map(kind => (
                  <div key={kind} className="contents">
                    <dt className="font-semibold">{evidenceKindName[kind]}</dt>
                    <dd className={whatProves[kind].absence ? '' : 'text-unproven'}>{whatProves[kind].words}</dd>
                  </div>
                ))}
              </dl>
            </details>
          </Group>
          <MadeOf sheet={sheet} put={put} refusal={refusal} />
          <Group title="Gluten">
            <div className="grid grid-cols-2 gap-2.5">
              {field('glutenFigure', sheet.glutenFigure, glutenFigure => put({ glutenFigure }), 'At most, mg/kg')}
              <div className="text-[13px] text-quiet">
                Says which document
                <Choose
                  label="Proof of the gluten figure"
                  value={sheet.glutenEvidence || '-'}
                  options={proofs}
                  onChange={value => put({ glutenEvidence: value === '-' ? '' : value })}
                />
              </div>
              <label className="flex items-center gap-2">
                <input
                  type="checkbox"
                  className="size-[24px] accent-damson"
                  checked={sheet.oatsPure}
                  onChange={event => put({ oatsPure: event.target.checked })}
                />{' '}
                Specially produced oats
              </label>
              {(sheet.glutenRemoved ||
                (['wheat', 'rye', 'barley'] as const).some(code => sheet.allergens[code].status === 'contains')) && (
                <label className="flex items-center gap-2 pb-1">
                  <input
                    type="checkbox"
                    className="size-[24px] accent-damson"
                    checked={sheet.glutenRemoved}
                    onChange={event => put({ glutenRemoved: event.target.checked })}
                  />{' '}
                  Its gluten was taken out, by a test
                </label>
              )}
            </div>
          </Group>
          <AllergenFacts sheet={sheet} put={put} spoken={spoken} refusal={refusal} exemptHere={exemptHere} />
          {!isNew && <Lots ingredient={ingredient.id} today={today} />}
          {!isNew && <SheetHistory kind="ingredient" id={ingredient.id} />}
        </Scroller>
      </div>
      <WhatChanges answer={answer} progress={progress} isNew={isNew} />
      {picking === 'shelf' && (
        <ShelfPick
          onClose={() => setPicking(null)}
          onPick={picked => {
            const { id: _, version: __, before: ___, packs: ____, evidence: _____, ...taken } = sheetOf(picked)
            put({ ...taken, before: { ...picked, id: 'new' } })
            setPicking(null)
          }}
        />
      )}
      <div className="flex flex-wrap gap-3">
        <button type="button" className="do do-first" disabled={saving} onClick={keep}>
          {saving ? 'Keeping …' : asNew ? 'Keep the ingredient' : 'Keep the changes'}
        </button>
        <Link href="/larder" className="do" onClick={forget}>
          Leave it as it was
        </Link>
        {!isNew && (
          <button type="button" className="word-link ml-auto" disabled={saving} onClick={remove}>
            Take it out of the larder
          </button>
        )}
      </div>
    </section>
  )
}
