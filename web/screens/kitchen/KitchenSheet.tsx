// The kitchen itself: who answers for the food, and for each allergen how it is kept out, with the proof.
'use client'
import { type KitchenSheet as Kitchen, sheetEdits } from '@fair-tin/core/edit'
import { goodForYears } from '@fair-tin/core/ingredient'
import { evidenceKindName, type OnSite } from '@fair-tin/core/model'
import { spokenDay } from '@fair-tin/core/words'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { type ReactNode, useCallback, useState, useTransition } from 'react'
import { EvidenceRows, evidenceOf } from '../../ui/EvidenceRows'
import { Scroller } from '../../ui/Group'
import type { Refusal } from '../outcome'
import { SheetClashes } from '../SheetClashes'
import { SheetHistory } from '../SheetHistory'
import { useLeftOpen } from '../useLeftOpen'
import { type Sent, tellKept, useSheet } from '../useSheet'
import { CrossContactTable } from './CrossContactTable'
import { agingKinds, type KitchenDraft, kitchenDraft, kitchenFrom, type LeftOpen, rebased } from './draft'
import { Equipment } from './Equipment'
import { KeepOrLeave } from './KeepOrLeave'
import { Money } from './Money'
import { Particulars } from './Particulars'

const shelf = 'fair-tin-kitchen'

export function KitchenSheet({
  kitchen,
  today,
  shown,
  copied,
  seesPrices,
}: {
  kitchen: Kitchen
  today: string
  /** By allergen: what shows that it is on the site. */
  shown: Record<string, readonly OnSite[]>
  /** When everything was copied last. */
  copied: ReactNode
  /** Whoever is kept from prices is kept from what work and rent come to. */
  seesPrices: boolean
}) {
  const router = useRouter()
  const again = useCallback(
    (left: unknown): LeftOpen => {
      const { draft, before } = left as LeftOpen
      // what an older build kept may lack a field
      return rebased({ draft: { ...kitchenDraft(kitchen), ...draft }, before }, kitchen)
    },
    [kitchen],
  )
  const {
    form,
    open,
    put: putForm,
    forget,
    setForm,
  } = useLeftOpen<LeftOpen>(shelf, () => ({ draft: kitchenDraft(kitchen), before: kitchen }), again)
  const { draft, before } = form
  const put = (change: Partial<KitchenDraft>) => putForm(form => ({ ...form, draft: { ...form.draft, ...change } }))
  const { clashes, send, takeBack, settle } = useSheet('kitchen')
  const [problems, setProblems] = useState<Refusal[]>([])
  const [wrong, setWrong] = useState<ReadonlyMap<string, string>>(new Map())
  const [saving, start] = useTransition()
  const refusal = (path: string) => problems.find(problem => problem.path === path)?.message
  const documents = draft.papers.filter(paper => paper.dated).map(paper => evidenceOf(paper, before.evidence))

  const kept = (undo: (() => Promise<Sent>) | null) => {
    forget()
    tellKept('The kitchen is kept. Every claim was checked again.', undo, () => router.refresh())
    router.refresh()
  }
  const keep = () => {
    const built = kitchenFrom(draft, before)
    setWrong('problems' in built ? built.wrong : new Map())
    setProblems('problems' in built ? built.problems : [])
    if ('problems' in built) return
    start(async () => {
      const edits = sheetEdits('kitchen', before, built.kitchen)
      const sent = await send('kitchen', edits)
      if (!sent.kept) return setProblems(sent.problems)
      kept(edits.length > 0 ? () => takeBack('kitchen', edits) : null)
    })
  }
  const choose = (clash: (typeof clashes)[number], mine: boolean) =>
    start(async () => {
      const sent = await settle('kitchen', clash, mine)
      if (!sent.kept) return setProblems(sent.problems)
      if (clashes.length === 1) kept(null)
    })

  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="text-3xl">Kitchen</h1>
        <div className="mr-auto">{copied}</div>
        <Link href="/kitchen/claims" className="word-link">
          Claims of the house
        </Link>
        <Link href="/kitchen/label-stock" className="word-link">
          Label stock
        </Link>
        <Link href="/kitchen/label-designs" className="word-link">
          Label designs
        </Link>
        <Link href="/kitchen/people" className="word-link">
          People and tablets
        </Link>
        <KeepOrLeave
          open={open}
          saving={saving}
          keeps="the changes"
          onKeep={keep}
          onLeave={() => {
            forget()
            setForm({ draft: kitchenDraft(kitchen), before: kitchen })
            setProblems([])
            setWrong(new Map())
          }}
        />
      </div>
      <SheetClashes clashes={clashes} onMine={one => choose(one, true)} onTheirs={one => choose(one, false)} />
      {problems.length > 0 && (
        <div role="alert" className="rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {[...new Set(problems.map(problem => problem.message))].map(message => (
            <p key={message}>{message}</p>
          ))}
        </div>
      )}
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-3 overflow-auto lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)] lg:overflow-hidden">
        <Scroller label="Cross-contact">
          <h2 className="text-base">How each allergen is kept out</h2>
          <p className="text-[13px] text-quiet">
            An allergen never assessed leaves every claim about it unproven. Cleaning without a test, and sharing, carry
            no claim.
          </p>
          <CrossContactTable
            rows={draft.rows}
            onChange={rows => put({ rows })}
            papers={draft.papers}
            documents={documents}
            evidenceYears={before.evidenceYears}
            today={today}
            shown={shown}
          />
        </Scroller>
        <Scroller label="Equipment, proof and particulars">
          <h2 className="text-base">What you weigh, mix and bake with</h2>
          <p className="mb-1.5 text-[13px] text-quiet">Every batch is rounded, filled and split to these.</p>
          <Equipment draft={draft.equipment} onChange={equipment => put({ equipment })} problems={wrong} />
          <h2 className="mt-4 text-base">What work, energy, rent and tax come to</h2>
          {seesPrices ? (
            <Money draft={draft.money} currency={draft.currency || 'your money'} onChange={money => put({ money })} />
          ) : (
            <p className="text-quiet">Prices are kept from you here, so this is too. The owner sees and changes it.</p>
          )}
          <h2 className="mt-4 text-base">The kitchen’s own proof</h2>
          {documents
            .filter(paper => paper.expires && paper.expires < today)
            .map(paper => (
              <p key={paper.id} className="text-unproven">
                {paper.reference} ran out on {spokenDay(paper.expires!)}.
              </p>
            ))}
          <div className="mt-1.5">
            <EvidenceRows rows={draft.papers} onChange={papers => put({ papers })} refusal={refusal} />
          </div>
          <h3 className="mt-3 text-[15px]">How long a paper without an end is good for, years</h3>
          <div className="mt-1 grid grid-cols-4 gap-2">
            {agingKinds.map(kind => (
              <label key={kind} className="text-[13px] text-quiet">
                {evidenceKindName[kind]}
                <input
                  className="field text-ink"
                  inputMode="decimal"
                  maxLength={4}
                  placeholder={String(goodForYears[kind])}
                  value={draft.years[kind] ?? ''}
                  onChange={event => put({ years: { ...draft.years, [kind]: event.target.value } })}
                />
              </label>
            ))}
          </div>
          <Particulars draft={draft} put={put} keptCurrency={before.currency} today={today} refusal={refusal} />
          <SheetHistory kind="kitchen" id="kitchen" />
        </Scroller>
      </div>
    </section>
  )
}
