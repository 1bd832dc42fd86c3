// Cleaning and tests, written down as they are done. What a test finds counts at once: nothing is claimed over it till another finds
// nothing.
'use client'
import {
  allergenCodes,
  allergenName,
  CleaningDone,
  cleaningDeedName,
  cleaningDeeds,
  type LastTest,
} from '@fair-tin/core/model'
import { capital } from '@fair-tin/core/words'
import type { CleaningKept } from '@fair-tin/data'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useId, useState, useTransition } from 'react'
import { toast } from 'sonner'
import { Choose } from '../../../ui/Choose'
import { VerdictMark } from '../../../ui/VerdictMark'
import { ask } from '../../ask'
import { useDeed } from '../../deed'

const nameOf = (allergen: LastTest['allergen']) => (allergen === 'gluten' ? 'gluten' : allergenName[allergen])

export function Cleanings({
  cleanings,
  equipment: known,
  meant,
  zone,
  mayChange,
}: {
  cleanings: CleaningKept[]
  equipment: string[]
  /** What somebody came for. */
  meant: { equipment: string; allergen: string }
  zone: string
  mayChange: boolean
}) {
  const at = (iso: string) =>
    new Date(iso).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone: zone })
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-[27px] leading-tight">Cleaning and tests</h1>
        <Link href="/bake" className="do">
          Back to the bakes
        </Link>
      </div>
      {mayChange && <WriteDown known={known} meant={meant} />}
      <div className="pane flex min-h-0 flex-1 flex-col">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} aria-label="What was cleaned">
          {cleanings.length === 0 && (
            <p className="p-6 text-[16px] text-quiet">
              Nothing is written down yet. Each cleaning between two bakes stands here, and each test with what it
              found.
            </p>
          )}
          <ul>
            {cleanings.map(one => (
              <li
                key={one.id}
                className="flex flex-wrap items-baseline gap-x-4 border-b border-hair px-4 py-2 text-[16px]"
              >
                <span className="min-w-0 flex-1 break-words">
                  <b>{capital(one.equipment || 'the whole kitchen')}</b> {cleaningDeedName[one.did]}
                  {one.allergen && ` for ${nameOf(one.allergen)}: `}
                  {one.found !== undefined &&
                    (one.found ? (
                      <b className="text-breaks">
                        <VerdictMark mark="breaks" size={12} /> found
                      </b>
                    ) : (
                      <span className="text-holds">
                        <VerdictMark mark="holds" size={12} /> nothing found
                      </span>
                    ))}
                  {one.note && <span className="text-quiet">. {one.note}</span>}
                </span>
                <span className="text-[14px] text-quiet">
                  {at(one.at)}, {one.by}
                </span>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </section>
  )
}

function WriteDown({ known, meant }: { known: readonly string[]; meant: { equipment: string; allergen: string } }) {
  const router = useRouter()
  const list = useId()
  const deed = useDeed()
  const [equipment, setEquipment] = useState(meant.equipment)
  const [did, setDid] = useState<CleaningDone['did']>(meant.allergen ? 'tested' : 'wiped')
  const [allergen, setAllergen] = useState(meant.allergen)
  const [note, setNote] = useState('')
  const [problem, setProblem] = useState('')
  const [busy, start] = useTransition()
  const keep = (found?: boolean) => {
    const read = CleaningDone.safeParse({
      equipment,
      did,
      ...(did === 'tested' ? { ...(allergen ? { allergen } : {}), found } : {}),
      ...(note.trim() ? { note } : {}),
    })
    if (!read.success) return setProblem(read.error.issues[0]!.message)
    start(async () => {
      const said = await ask<{ cleanings: unknown }>('/api/v1/cleanings', { id: deed.id(), done: read.data }, deed)
      if ('problem' in said) return setProblem(said.problem)
      setProblem('')
      setNote('')
      toast(found ? 'Written down. Nothing is claimed over it till a test finds nothing: see Today.' : 'Written down.')
      router.refresh()
    })
  }
  return (
    <fieldset className="flex flex-wrap items-end gap-3 rounded-lg border-2 border-hair px-4 py-3" disabled={busy}>
      <legend className="font-head font-bold text-[15px] text-navy">Write it down</legend>
      <label className="min-w-52 flex-1 text-quiet">
        What; empty is the whole kitchen
        <input
          className="field !min-h-[50px] text-ink"
          list={list}
          maxLength={120}
          value={equipment}
          onChange={event => setEquipment(event.target.value)}
        />
        <datalist id={list}>
          {known.map(one => (
            <option key={one} value={one} />
          ))}
        </datalist>
      </label>
      {known.length > 0 && (
        <fieldset className="flex w-full flex-wrap gap-2">
          <legend className="sr-only">What, with one tap</legend>
          {['', ...known.slice(0, 8)].map(one => (
            <button
              key={one}
              type="button"
              aria-pressed={equipment === one}
              className={`slab !min-h-[50px] max-w-72 truncate !text-[17px] ${equipment === one ? 'slab-first' : ''}`}
              onClick={() => setEquipment(one)}
            >
              {capital(one || 'the whole kitchen')}
            </button>
          ))}
        </fieldset>
      )}
      <div className="flex gap-2">
        {cleaningDeeds.map(one => (
          <button
            key={one}
            type="button"
            aria-pressed={did === one}
            className={`slab !min-h-[50px] !text-[17px] ${did === one ? 'slab-first' : ''}`}
            onClick={() => setDid(one)}
          >
            {capital(cleaningDeedName[one])}
          </button>
        ))}
      </div>
      {did === 'tested' && (
        <div className="w-48 text-quiet">
          For
          <Choose
            label="Tested for"
            value={allergen}
            options={[
              { value: 'gluten', label: 'gluten' },
              ...allergenCodes.map(code => ({ value: code, label: allergenName[code] })),
            ]}
            onChange={setAllergen}
          />
        </div>
      )}
      <label className="min-w-52 flex-1 text-quiet">
        A remark: the kit, where, what was done
        <input
          className="field !min-h-[50px] text-ink"
          maxLength={500}
          value={note}
          onChange={event => setNote(event.target.value)}
        />
      </label>
      {did === 'tested' ? (
        <div className="flex gap-2">
          <button type="button" className="slab !min-h-[50px] !text-[17px]" onClick={() => keep(false)}>
            Nothing found
          </button>
          <button type="button" className="slab !min-h-[50px] !text-[17px]" onClick={() => keep(true)}>
            Found
          </button>
        </div>
      ) : (
        <button type="button" className="slab slab-first !min-h-[50px] !text-[17px]" onClick={() => keep()}>
          Write it down
        </button>
      )}
      {problem && (
        <p role="alert" className="w-full text-breaks">
          {problem}
        </p>
      )}
    </fieldset>
  )
}
